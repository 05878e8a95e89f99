/** Ideas about zones and homes: a piece of furniture for another zone, a home together with what it is used with, a desk that could go. */
import { removeWithDependents, set } from '../../model/change.ts';
import { byName, type Allotment, type Plan } from '../../model/plan.ts';
import { sceneOf, seatsOf } from '../../scene/scene.ts';
import { homesOf } from '../../zones/homes.ts';
import { proposeUnits } from '../zones/proposeUnits.ts';
import { MOST, type Idea } from './idea.ts';

/** Each piece that is given to a zone, given to the zone that a proposal would give it to. */
export function given(plan: Plan): Idea[] {
  const rows = Object.values(plan.allotments).filter((a) => a.slot === '' && a.as === 'zone');
  if (rows.length === 0) return [];
  // As if nothing were firm: it is an idea, and the maker decides.
  const loose: Plan = {
    ...plan,
    allotments: Object.fromEntries(Object.values(plan.allotments).map((a) => [a.id, { ...a, firm: false }])),
  };
  const wanted = new Map(proposeUnits(loose, 1)[0]!.of.map((o) => [o.unit, o.zone]));
  return rows
    .flatMap((a: Allotment): Idea[] => {
      const zone = wanted.get(a.unit);
      if (zone == null || zone === a.zone || !plan.zones[zone]) return [];
      const { letter, name } = plan.zones[zone];
      return [
        {
          id: `give ${a.unit}`,
          kind: 'zone' as const,
          title: `Give ${plan.units[a.unit]!.name} to ${letter} · ${name}`,
          price: 0,
          basis: 'planned' as const,
          changes: [set('allotments', a.id, { zone })],
        },
      ];
    })
    .slice(0, MOST);
}

/** Two of the maker's own small homes of one zone as one. */
export function merged(plan: Plan): Idea[] {
  const { all } = homesOf(sceneOf(plan));
  const small = all.filter((h) => h.row !== null && !h.set && h.supplies.length > 0 && h.supplies.length <= 3);
  return small
    .flatMap((a, i) =>
      small.slice(i + 1).flatMap((b): Idea[] =>
        a.zone === b.zone
          ? [
              {
                id: `merge ${a.id} ${b.id}`,
                kind: 'home' as const,
                title: `${a.name} and ${b.name} as one home`,
                price: 0,
                basis: 'planned' as const,
                changes: b.supplies.map((s) => set('supplies', s, { home: a.row!.id })),
              },
            ]
          : [],
      ),
    )
    .slice(0, MOST);
}

const serves = (plan: Plan, unit: string): boolean =>
  Object.values(plan.spots).some((s) => s.unit === unit) ||
  Object.values(plan.areas).some((a) => a.unit === unit) ||
  Object.values(plan.helpers).some((h) => h.cart === unit);

/** A table at which nothing is done, with its seat: what if it went. */
export function unusedTables(plan: Plan): Idea[] {
  const used = new Set(Object.values(plan.activities).flatMap((a) => seatsOf(plan, a)));
  return (
    byName(plan.units)
      // What is folded out for guests, or rolls to other work, is there for more than a seat.
      .filter((u) => u.kind === 'table' && u.elsewhere === null && !u.pinned && !serves(plan, u.id))
      .filter((u) => {
        const seats = Object.values(plan.stations).filter((s) => s.unit === u.id);
        return seats.every((s) => !used.has(s.id)) && !Object.values(plan.units).some((o) => o.host === u.id);
      })
      .map((u) => {
        const seats = Object.values(plan.stations).filter((s) => s.unit === u.id);
        return {
          id: `without ${u.id}`,
          kind: 'unused' as const,
          title: `Nothing is done at ${u.name}: what if it went`,
          price: 0,
          basis: 'planned' as const,
          changes: [
            ...removeWithDependents(plan, 'units', u.id),
            ...seats.flatMap((s) => removeWithDependents(plan, 'stations', s.id)),
          ],
        };
      })
      .slice(0, MOST)
  );
}
