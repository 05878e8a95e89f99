/** Ideas about supplies: a second one at another station, spares apart, out of the room. */
import { isUsedUp } from '../../fit/usedUp.ts';
import { volume } from '../../fit/fit.ts';
import { remove, set } from '../../model/change.ts';
import { byName, type Plan } from '../../model/plan.ts';
import { fetchesAWeek, sceneOf, usesOf } from '../../scene/scene.ts';
import type { Idea } from './idea.ts';
import { MOST } from './idea.ts';

/** A second one of a tool that is used at two places. */
export function duplicates(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  return byName(plan.supplies)
    .filter((s) => !isUsedUp(s) && new Set(usesOf(scene, s.id).map((u) => u.station)).size > 1)
    .sort((a, b) => fetchesAWeek(scene, b.id) - fetchesAWeek(scene, a.id))
    .slice(0, MOST)
    .map((s) => {
      const stations = new Map<string, number>();
      for (const u of usesOf(scene, s.id)) stations.set(u.station, (stations.get(u.station) ?? 0) + u.fetches);
      const [, second] = [...stations].sort((a, b) => b[1] - a[1]) as [unknown, [string, number]];
      const id = `${s.id.slice(0, 50)}-second`;
      const moved = Object.values(plan.uses).filter(
        (u) => u.supply === s.id && plan.activities[u.activity]?.station === second[0],
      );
      return {
        id: `duplicate ${s.id}`,
        kind: 'duplicate' as const,
        title: `A second “${s.name}” for ${plan.stations[second[0]]!.name}`,
        changes: [
          set('supplies', id, {
            ...s,
            id,
            name: `${s.name}, second`.slice(0, 120),
            count: 1,
            backstock: 0,
            reorderAt: null,
          }),
          ...moved.map((u) => set('uses', u.id, { supply: id })),
        ],
        price: null,
        basis: 'planned' as const,
      };
    })
    .filter((idea) => idea.changes.length > 1);
}

/** Most of a large stock that is used up kept as spares, far away. */
export function backstock(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  return byName(plan.supplies)
    .filter((s) => isUsedUp(s) && s.backstock === 0 && s.count >= 20 && fetchesAWeek(scene, s.id) > 0)
    .sort((a, b) => volume(b, b.count) - volume(a, a.count))
    .slice(0, MOST)
    .map((s) => {
      const spares = Math.floor(s.count * 0.7);
      return {
        id: `backstock ${s.id}`,
        kind: 'backstock' as const,
        title: `Keep ${spares} of ${s.count} ${s.name} as spares, out of the way`,
        changes: [set('supplies', s.id, { backstock: spares })],
        price: 0,
        basis: 'planned' as const,
      };
    });
}

/** Bulky things that are hardly used, out of the room. */
export function out(plan: Plan): Idea[] {
  const scene = sceneOf(plan);
  const elsewhere = Object.values(plan.units).find((u) => u.elsewhere !== null);
  return byName(plan.supplies)
    .filter((s) => s.decision === null || s.decision === 'keep' || s.decision === 'undecided')
    .filter((s) => fetchesAWeek(scene, s.id) <= 0.5)
    .sort((a, b) => volume(b, b.count) - volume(a, a.count))
    .slice(0, MOST)
    .map((s) => ({
      id: `out ${s.id}`,
      kind: 'out' as const,
      title: elsewhere
        ? `Move ${s.name} out to ${plan.elsewheres[elsewhere.elsewhere!]!.name}`
        : `Give ${s.name} a place outside the room, or away`,
      changes: [
        set('supplies', s.id, { decision: elsewhere ? 'elsewhere' : 'give away' }),
        ...Object.values(plan.placements)
          .filter((p) => p.supply === s.id && p.arrangement === 'planned' && p.pinned)
          .map((p) => remove('placements', p.id)),
      ],
      price: 0,
      basis: 'planned' as const,
    }));
}
