/** Moving by hand: the same changes whether by drag, menu or keyboard. */
import { remove, set, type Change } from '@heronstone/core/model/change.ts';
import { compartmentId } from '@heronstone/core/scene.ts';
import { commit, newId, notice, select, setArrangement, useStore } from '../../state/store.ts';

/** What is being moved: a placement, or a number of a supply that has none. */
export interface Moving {
  supply: string;
  placement: string | null;
  count: number;
}

/**
 * Moves to a compartment; what does not fit there stays where it was (or without a place).
 * @param fits how many fit, when known; all are moved when not
 */
export function moveSupply(moving: Moving, compartment: string, fits = moving.count): boolean {
  const { plan, report } = useStore.getState();
  const supply = plan?.supplies[moving.supply];
  const target = report?.compartments.find((c) => c.id === compartment);
  if (!plan || !supply || !target) return false;
  const from = moving.placement ? plan.placements[moving.placement] : undefined;
  if (from && compartmentId(from) === compartment) return false;
  const count = Math.min(moving.count, fits);
  if (count < 1) {
    notice(`${supply.name}: none fits in ${target.name}.`, 'error');
    return false;
  }
  const already = Object.values(plan.placements).find(
    (p) => p.arrangement === 'planned' && p.supply === supply.id && compartmentId(p) === target.id,
  );
  const place = { unit: target.unit, slot: target.slot, container: target.container };
  const changes: Change[] = [];
  let landed: string;
  if (already) {
    landed = already.id;
    changes.push(set('placements', already.id, { count: already.count + count }));
  } else if (from && count === from.count) {
    landed = from.id;
    changes.push(set('placements', from.id, { ...place, orientation: null, locked: false }));
  } else {
    landed = newId();
    changes.push(
      set('placements', landed, {
        id: landed,
        arrangement: 'planned',
        supply: supply.id,
        ...place,
        count,
        orientation: null,
        locked: false,
      }),
    );
  }
  if (from && landed !== from.id)
    changes.push(
      count === from.count ? remove('placements', from.id) : set('placements', from.id, { count: from.count - count }),
    );
  const done = commit(`Move ${count} ${supply.name} to ${target.name}`, changes);
  if (done) {
    setArrangement('planned');
    select({ kind: 'placement', id: landed });
    notice(
      count < moving.count
        ? `${count} of ${moving.count} ${supply.name} fit in ${target.name}; the others stay where they were.`
        : `${supply.name} moved to ${target.name}.`,
    );
  }
  return done;
}

/** Keeps a placement where it is, or lets it go again. */
export function toggleLock(id: string): void {
  const { plan } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return;
  const { name } = plan.supplies[placement.supply]!;
  commit(placement.locked ? `Let ${name} be moved` : `Keep ${name} here`, [
    set('placements', id, { locked: !placement.locked }),
  ]);
}

/** Takes a placement out of the plan; the supply is without a place then. */
export function takeOut(id: string): void {
  const { plan } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return;
  if (commit(`Take out ${plan.supplies[placement.supply]!.name}`, [remove('placements', id)]))
    select({ kind: 'compartment', id: compartmentId(placement) });
}
