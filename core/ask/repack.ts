/** A line packed another way (loose in bags, in its packs, squashed, in sets): the room and the seconds of both, side by side. */
import { isRound, usualOrientations } from '../fit/forms.ts';
import { massEach, volume } from '../fit/fit.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Arrangement, Plan, Supply } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';
import { roomEverywhere, type Room } from './capacity.ts';

/** What packing changes: into how many, of which form and sizes (mm), and what soft things are squashed to. */
export type Pack = Pick<Supply, 'form' | 'count' | 'length' | 'width' | 'thickness' | 'squeeze'>;

/** What a line is when it is packed so: what it weighs in all stays the same, spares and the reorder point go along. */
export function packed(supply: Supply, pack: Pack): Supply {
  const share = pack.count / supply.count;
  const each = massEach(supply);
  return {
    ...supply,
    ...pack,
    thickness: isRound(pack.form) ? Math.min(3000, pack.width) : pack.thickness,
    grammage: pack.form === 'sheets' ? supply.grammage : null,
    mass:
      pack.form === 'sheets' && supply.grammage !== null
        ? null
        : each === null
          ? null
          : Math.min(200_000, each / share),
    parts: pack.form === 'set' ? (supply.form === 'set' ? supply.parts : Math.max(1, Math.round(1 / share))) : null,
    orientations: pack.form === supply.form ? supply.orientations : usualOrientations(pack.form),
    backstock: Math.min(pack.count, Math.floor(supply.backstock * share)),
    reorderAt: supply.reorderAt === null ? null : Math.ceil(supply.reorderAt * share),
    // How many may lie on each other was said of the old packs.
    stack: pack.form === supply.form ? supply.stack : null,
    stands: pack.form === supply.form ? supply.stands : null,
  };
}

/** Changes that pack a line so; what lies somewhere is counted again, so that all of it still lies where it lay. */
export function packChanges(plan: Pick<Plan, 'placements'>, supply: Supply, pack: Pack): Change[] {
  const after = packed(supply, pack);
  const changes: Change[] = [set('supplies', supply.id, after)];
  if (after.count === supply.count && after.form === supply.form) return changes;
  for (const arrangement of ['planned', 'today', 'staged'] as const) {
    const own = Object.values(plan.placements).filter((p) => p.supply === supply.id && p.arrangement === arrangement);
    let [before, sofar] = [0, 0];
    for (const p of own) {
      before += p.count;
      const upTo = Math.min(after.count, Math.round((before * after.count) / supply.count));
      const count = upTo - sofar;
      sofar = upTo;
      changes.push(
        count < 1
          ? { table: 'placements', id: p.id, remove: true }
          : set('placements', p.id, { count, orientation: null, part: null }),
      );
    }
  }
  return changes;
}

export interface Repacked {
  /** Litres of all of it, as in the Report. */
  litres: { now: number; then: number };
  /** The places in which it lies, then those that are quickest either way; how it is there now, and how it would be. */
  places: Array<{ now: Room; then: Room }>;
}

/** How a line is and would be in its own places and in the quickest others. @param most the most places */
export function repacked(plan: Plan, supply: Supply, pack: Pack, arrangement: Arrangement, most = 6): Repacked {
  const after = applyChanges(plan, packChanges(plan, supply, pack)).plan;
  const then = new Map(
    roomEverywhere(sceneOf(after), after.supplies[supply.id]!, arrangement).map((r) => [r.compartment, r]),
  );
  const quickest = (r: Room) => Math.min(r.seconds ?? Infinity, then.get(r.compartment)?.seconds ?? Infinity);
  const places = roomEverywhere(sceneOf(plan), supply, arrangement)
    .filter((now) => then.has(now.compartment) && (now.own || now.most > 0 || then.get(now.compartment)!.most > 0))
    .sort((a, b) => Number(b.own) - Number(a.own) || quickest(a) - quickest(b) || a.place.localeCompare(b.place, 'en'))
    .slice(0, most)
    .map((now) => ({ now, then: then.get(now.compartment)! }));
  return {
    litres: { now: volume(supply, supply.count), then: volume(after.supplies[supply.id]!, pack.count) },
    places,
  };
}
