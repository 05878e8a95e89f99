/** One change each that might help: what it is called, which rows it changes, what it costs. advise.ts finds out how much. */
import { type Plan } from '../../model/plan.ts';
import type { Idea, UnitType } from './idea.ts';
import { lids, labels, locks } from './boxes.ts';
import { shelves } from './shelves.ts';
import { carts, seats, swaps } from './standing.ts';
import { duplicates, backstock, out } from './supplies.ts';
import { given, merged, unusedTables } from './zones.ts';
import { more } from './furniture.ts';

/** All ideas for a plan, kind by kind. @param types furniture that may be added */
export function ideasFor(plan: Plan, types: readonly UnitType[]): Idea[] {
  return [
    ...lids(plan),
    ...labels(plan),
    ...locks(plan),
    ...shelves(plan),
    ...carts(plan),
    ...seats(plan),
    ...swaps(plan),
    ...duplicates(plan),
    ...backstock(plan),
    ...out(plan),
    ...given(plan),
    ...merged(plan),
    ...unusedTables(plan),
    ...more(plan, types),
  ];
}
