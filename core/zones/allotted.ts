/** To whom places are given: to zones, to storage, or to nobody. What is said of a single place goes before what is said of its unit. */
import { groupBy } from '../model/groups.ts';
import { once } from '../model/memo.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Allotment, Plan } from '../model/plan.ts';

export interface Allotted {
  as: Allotment['as'];
  /** Zones that share it; empty for storage and for an open place. */
  zones: readonly string[];
  firm: boolean;
}

const OPEN: Allotted = { as: 'open', zones: [], firm: false };
const key = (unit: string, slot: string, container: string | null) => `${unit}/${slot}#${container ?? ''}`;

const byPlace = once((allotments: Plan['allotments']): ReadonlyMap<string, Allotted> => {
  const rows = groupBy(Object.values(allotments), (a) => key(a.unit, a.slot, a.container));
  return new Map(
    [...rows].map(([at, list]) => {
      const shared = list.filter((a) => a.zone !== null);
      // A place that is given to zones is theirs, whatever else was said of it.
      const of = shared.length > 0 ? shared : list;
      const zones = of.flatMap((a) => a.zone ?? []).sort();
      return [at, { as: of[0]!.as, zones, firm: of.some((a) => a.firm) }];
    }),
  );
});

/** To whom a place is given: its own word, else that of the opening it stands in, else that of its unit. */
export function allottedTo(
  plan: Pick<Plan, 'allotments'>,
  c: Pick<Compartment, 'unit' | 'slot' | 'container'>,
): Allotted {
  const all = byPlace(plan.allotments);
  if (all.size === 0) return OPEN;
  return (
    (c.container === null ? undefined : all.get(key(c.unit, c.slot, c.container))) ??
    all.get(key(c.unit, c.slot, null)) ??
    all.get(key(c.unit, '', null)) ??
    OPEN
  );
}
