/** Moving by hand, each gesture as one step that is said. What changes is worked out in core/gestures/moveThing.ts. */
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { remove, set } from '@heronstone/core/model/change.ts';
import type { Opening } from '@heronstone/core/gestures/byHand.ts';
import { contentsChanges, moveThing, neverThere, type Moving } from '@heronstone/core/gestures/moveThing.ts';
import { compartmentId } from '@heronstone/core/scene/scene.ts';
import { engine } from '../../engine/client.ts';
import type { Contents } from '../../state/held.ts';
import { withFigures } from '../../state/figures.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, select, setArrangement, useStore } from '../../state/state.ts';

/** A placement of the plan that is open, with what lies there and where; null when it is gone. */
function placementOf(id: string) {
  const { plan, report } = useStore.getState();
  const placement = plan?.placements[id];
  if (!plan || !placement) return null;
  return { plan, placement, name: plan.supplies[placement.supply]!.name, place: report?.placements[id]?.place };
}

export function moveAll({ opening, name }: Contents, to: Opening & { name: string }): void {
  const { plan, report } = useStore.getState();
  const changes = plan && report ? contentsChanges(plan, report, opening, to) : [];
  if (changes.length > 0 && commit(`${name} and ${to.name} swapped`, changes)) {
    setArrangement('planned');
    select({ kind: 'compartment', id: `${to.unit}/${to.slot}` });
    notice(`What was planned for ${name} is in ${to.name} now.`);
  }
}

/** Says that a supply shall never lie where it lies, and takes it out from there. */
export function neverHere(id: string): boolean {
  const at = placementOf(id);
  return at !== null && commit(`${at.name} never in ${at.place ?? at.placement.unit}`, neverThere(at.plan, id, newId));
}

/** Drops a supply on a place: where it is not known yet how many fit, that is looked at first. @param fits how many fit */
export async function dropSupply(moving: Moving, compartment: string, fits: number | undefined): Promise<boolean> {
  if (fits !== undefined) return moveSupply(moving, compartment, fits);
  const places = await engine.alternatives(moving.supply, moving.count, moving.placement, 'planned');
  return moveSupply(moving, compartment, places.find((a) => a.compartment === compartment)?.fits ?? 0);
}

/**
 * Moves to a compartment; what does not fit there stays where it was (or not placed yet).
 * @param fits how many fit
 */
export function moveSupply(moving: Moving, compartment: string, fits: number): boolean {
  const { plan, report } = useStore.getState();
  const name = plan?.supplies[moving.supply]?.name;
  const target = placeOf(report, compartment);
  if (!plan || !target || name === undefined) return false;
  const moved = moveThing(plan, moving, target, fits, newId);
  if (!moved) {
    if (fits < 1) notice(`${name}: none fits in ${target.name}.`, 'error');
    return false;
  }
  const done = commit(`Move ${moved.count} ${name} to ${target.name}`, moved.changes);
  const step = useStore.getState().lastStep?.id ?? null;
  // What is said and shown of it waits for its figures: where it lay is not shown once more.
  if (done)
    withFigures(() => {
      setArrangement('planned');
      select({ kind: 'placement', id: moved.landed });
      notice(
        moved.count < moving.count
          ? `${moved.count} of ${moving.count} ${name} fit in ${target.name}; the others stay where they were.`
          : `${name} moved to ${target.name}.`,
        'note',
        step,
      );
    });
  return done;
}

/** Keeps a placement where it is, or lets it go again. */
export function toggleLock(id: string): void {
  const at = placementOf(id);
  if (at)
    commit(at.placement.pinned ? `Let ${at.name} be moved` : `Keep ${at.name} here`, [
      set('placements', id, { pinned: !at.placement.pinned }),
    ]);
}

/** Says that what lies there is spare, or that it is not. */
export function toggleSpare(id: string): void {
  const at = placementOf(id);
  if (at)
    commit(at.placement.spare ? `${at.name}: not spares` : `${at.name}: spares`, [
      set('placements', id, { spare: !at.placement.spare }),
    ]);
}

/** Takes a placement out of the plan; the supply is not placed yet then. */
export function takeOut(id: string): void {
  const at = placementOf(id);
  if (at && commit(`Take out ${at.name}`, [remove('placements', id)]))
    select({ kind: 'compartment', id: compartmentId(at.placement) });
}
