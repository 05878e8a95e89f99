/** One change each that might help: what it is called, which rows it changes, what it costs. advise.ts finds out how much. */
import { type Plan } from '../../model/plan.ts';
import type { Idea, UnitType } from './idea.ts';
import { lids, labels, locks } from './boxIdeas.ts';
import { shelves } from './shelfIdeas.ts';
import { carts, seats, swaps } from './standingIdeas.ts';
import { duplicates, backstock, out } from './supplyIdeas.ts';
import { given, merged, unusedTables } from './zoneIdeas.ts';
import { more } from './furnitureIdeas.ts';

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
