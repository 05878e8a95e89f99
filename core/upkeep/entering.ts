/** When something new comes in: whether its kind has room left, and the new bin. And opening a spare, which puts it on the reorder list. */
import { set, type Change } from '../model/change.ts';
import type { Report } from '../report/evaluate.ts';
import type { Plan } from '../model/plan.ts';
import { goesAway } from '../cost/rules.ts';

/**
 * Places of a kind of thing when none of them has room left: then one must go for one that comes (domain: "if it does not
 * fit the drawer, nothing more is bought").
 * @returns names of the full places; empty when there is room, or the kind has no place yet
 */
export function fullPlacesOf(plan: Plan, report: Report, kind: string): string[] {
  if (kind === '') return [];
  const own = report.compartments.filter((c) =>
    c.contents.today.some((id) => {
      const supply = plan.supplies[report.placements[id]!.supply]!;
      return supply.category.toLowerCase() === kind.toLowerCase() && !goesAway(plan, supply);
    }),
  );
  const full = own.filter((c) => c.fill.today.state === 'full' || c.fill.today.state === 'over');
  return own.length > 0 && full.length === own.length ? full.map((c) => c.name) : [];
}

/**
 * A spare is opened: it is working stock now, and the thing is to be reordered from here on.
 * @throws Error when there are no spares
 */
export function openSpare(plan: Plan, supply: string): Change[] {
  const own = plan.supplies[supply]!;
  if (own.backstock === 0) throw new Error(`There are no spares of ${own.name}.`);
  return [
    set('supplies', supply, { backstock: own.backstock - 1, reorderAt: Math.max(own.reorderAt ?? 0, own.count) }),
  ];
}
