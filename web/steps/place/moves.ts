/** Moving by hand: the same changes whether by drag, menu or keyboard. */
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { remove, set, type Change } from '@heronstone/core/model/change.ts';
import { moveContents, swapContents, type Opening } from '@heronstone/core/gestures/byHand.ts';
import { compartmentId } from '@heronstone/core/scene/scene.ts';
import type { Contents, Moving } from '../../state/held.ts';
import { withFigures } from '../../state/figures.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, select, setArrangement, useStore } from '../../state/state.ts';

/** The changes when all of an opening is dropped on another: an empty one takes it, a full one is swapped with it. */
export function contentsChanges(from: Opening, to: Opening): Change[] {
  const { plan, report } = useStore.getState();
  const target = report?.compartments.find((c) => c.unit === to.unit && c.slot === to.slot && c.container === null);
  if (!plan || !target || (from.unit === to.unit && from.slot === to.slot)) return [];
  const some = target.contents.planned.length > 0 || target.holds.planned.length > 0;
  return some ? swapContents(plan, from, to) : moveContents(plan, from, to);
}

export function moveAll({ opening, name }: Contents, to: Opening & { name: string }): void {
  const changes = contentsChanges(opening, to);
  if (changes.length > 0 && commit(`${name} and ${to.name} swapped`, changes)) {
    setArrangement('planned');
    select({ kind: 'compartment', id: `${to.unit}/${to.slot}` });
    notice(`What was planned for ${name} is in ${to.name} now.`);
  }
}

/** Says that a supply shall never lie where it lies, and takes it out from there. */
export function neverHere(id: string): boolean {
  const { plan, report } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return false;
  const { supply, unit, slot } = placement;
  const never = newId();
  return commit(`${plan.supplies[supply]!.name} never in ${report?.placements[id]?.place ?? unit}`, [
    set('bans', never, { id: never, supply, unit, slot }),
    remove('placements', id),
  ]);
}

/**
 * Moves to a compartment; what does not fit there stays where it was (or not placed yet).
 * @param fits how many fit, when known; all are moved when not
 */
export function moveSupply(moving: Moving, compartment: string, fits = moving.count): boolean {
  const { plan, report } = useStore.getState();
  const supply = plan?.supplies[moving.supply];
  const target = placeOf(report, compartment);
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
    changes.push(set('placements', from.id, { ...place, orientation: null, part: null, pinned: false }));
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
        pinned: false,
      }),
    );
  }
  if (from && landed !== from.id)
    changes.push(
      count === from.count ? remove('placements', from.id) : set('placements', from.id, { count: from.count - count }),
    );
  const done = commit(`Move ${count} ${supply.name} to ${target.name}`, changes);
  const step = useStore.getState().lastStep?.id ?? null;
  // What is said and shown of it waits for its figures: where it lay is not shown once more.
  if (done)
    withFigures(() => {
      setArrangement('planned');
      select({ kind: 'placement', id: landed });
      notice(
        count < moving.count
          ? `${count} of ${moving.count} ${supply.name} fit in ${target.name}; the others stay where they were.`
          : `${supply.name} moved to ${target.name}.`,
        'note',
        step,
      );
    });
  return done;
}

/** Keeps a placement where it is, or lets it go again. */
export function toggleLock(id: string): void {
  const { plan } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return;
  const { name } = plan.supplies[placement.supply]!;
  commit(placement.pinned ? `Let ${name} be moved` : `Keep ${name} here`, [
    set('placements', id, { pinned: !placement.pinned }),
  ]);
}

/** Says that what lies there is spare, or that it is not. */
export function toggleSpare(id: string): void {
  const { plan } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return;
  const { name } = plan.supplies[placement.supply]!;
  commit(placement.spare ? `${name}: not spares` : `${name}: spares`, [
    set('placements', id, { spare: !placement.spare }),
  ]);
}

/** Takes a placement out of the plan; the supply is not placed yet then. */
export function takeOut(id: string): void {
  const { plan } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return;
  if (commit(`Take out ${plan.supplies[placement.supply]!.name}`, [remove('placements', id)]))
    select({ kind: 'compartment', id: compartmentId(placement) });
}
