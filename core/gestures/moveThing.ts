/** Moving by hand from place to place: the same changes whether by drag, menu or keyboard. */
import { remove, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import type { CompartmentReport, Report } from '../report/report.ts';
import { compartmentId } from '../scene/scene.ts';
import { moveContents, swapContents, type Opening } from './byHand.ts';

/** What is being moved: a placement, or a number of a supply that has none. */
export interface Moving {
  supply: string;
  placement: string | null;
  count: number;
}

/** The changes, the placement in which the things are then, and how many were moved. */
export interface Moved {
  changes: Change[];
  landed: string;
  count: number;
}

/**
 * Moves to a place as many as fit; the rest stays where it was, or not placed yet.
 * @param fits how many fit there
 * @returns null when there is nothing to be moved: none fits, or they are there already
 */
export function moveThing(
  plan: Plan,
  moving: Moving,
  to: Pick<CompartmentReport, 'id' | 'unit' | 'slot' | 'container'>,
  fits: number,
  newId: () => string,
): Moved | null {
  const from = moving.placement === null ? undefined : plan.placements[moving.placement];
  const count = Math.min(moving.count, fits);
  if (count < 1 || (from && compartmentId(from) === to.id)) return null;
  const there = Object.values(plan.placements).find(
    (p) => p.arrangement === 'planned' && p.supply === moving.supply && compartmentId(p) === to.id,
  );
  const whole = from !== undefined && count === from.count;
  const place = { unit: to.unit, slot: to.slot, container: to.container };
  const fresh = { ...place, orientation: null, pinned: false };
  const landed = there?.id ?? (whole ? from.id : newId());
  const changes = [
    there
      ? set('placements', landed, { count: there.count + count })
      : whole
        ? set('placements', landed, { ...fresh, part: null })
        : set('placements', landed, { ...fresh, id: landed, arrangement: 'planned', supply: moving.supply, count }),
  ];
  if (from && landed !== from.id)
    changes.push(whole ? remove('placements', from.id) : set('placements', from.id, { count: from.count - count }));
  return { changes, landed, count };
}

/** The changes when all of an opening is dropped on another: an empty one takes it, a full one is swapped with it. */
export function contentsChanges(plan: Plan, report: Report, from: Opening, to: Opening): Change[] {
  const target = report.compartments.find((c) => c.unit === to.unit && c.slot === to.slot && c.container === null);
  if (!target || (from.unit === to.unit && from.slot === to.slot)) return [];
  const some = target.contents.planned.length > 0 || target.holds.planned.length > 0;
  return some ? swapContents(plan, from, to) : moveContents(plan, from, to);
}

/** Says that a supply shall never lie where a placement has it, and takes it out from there. */
export function neverThere(plan: Plan, placement: string, newId: () => string): Change[] {
  const { supply, unit, slot } = plan.placements[placement]!;
  const ban = newId();
  return [set('bans', ban, { id: ban, supply, unit, slot }), remove('placements', placement)];
}
