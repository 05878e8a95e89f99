/** Plays an evening through setup, as its maker would: the answers one after the other, then the first plan. */
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { setUp } from '@heronstone/library/setUp.ts';
import { thingsOf, type Evening } from './evening.ts';

export interface Played {
  plan: Plan;
  /** Supply that each typed line became; missing where none did. */
  supplies: ReadonlyMap<string, string>;
  /** What each typed line is kept in by its words; missing for none. */
  holders: ReadonlyMap<string, string>;
  /** Supplies of which setup asks what they are for. */
  unsure: ReadonlySet<string>;
  furniture: { left: string[]; unknown: string[] };
}

/** @param fill whether the first plan is made, too */
export function play(evening: Evening, fill = true): Played {
  let n = 0;
  const newId = () => `n${n++}`;
  const { plan, things, left, unknown } = setUp(
    {
      units: evening.units,
      crafts: evening.crafts,
      room: evening.room,
      furniture: evening.furniture,
      things: thingsOf(evening)
        .map((t) => t.typed)
        .join('\n'),
    },
    newId,
  );
  const used = new Set(Object.values(plan.uses).map((u) => u.supply));
  const kept = things.flatMap(({ line, supply, holder }) => (supply ? [{ line, supply, holder }] : []));
  return {
    plan: fill ? applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1 }))).plan : plan,
    supplies: new Map(kept.map(({ line, supply }) => [line, supply])),
    holders: new Map(kept.flatMap(({ line, holder }) => (holder === null ? [] : [[line, holder]]))),
    unsure: new Set(kept.flatMap(({ supply }) => (used.has(supply) ? [] : [supply]))),
    furniture: { left: left.map((l) => `${l.name}: ${l.reason}`), unknown: unknown.map((u) => u.typed) },
  };
}
