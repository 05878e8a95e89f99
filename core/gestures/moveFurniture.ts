/** What moving and turning furniture by hand changes: what stands on a piece and its seats go along, and a mode has spots of its own. */
import { removeWithDependents, set, type Change } from '../model/change.ts';
import type { Plan, Station, Unit } from '../model/plan.ts';
import { footprint } from '../furniture/footprint.ts';
import { STEP } from '../model/measure.ts';
import { isLoose, shiftUnits } from '../room/arrange.ts';
import { eachOnce, putDown, restOf } from '../room/putDown.ts';
import { snapUnit } from '../room/snap.ts';
import { inMode, seatsAt } from '../room/standing.ts';
import { outlineOf } from '../room/walls.ts';

/**
 * Where a unit is set down so that it is a whole number of the maker's steps from the west and the north of the room.
 * @param at middle of the unit under the hand, mm
 * @returns its middle, mm
 */
export function onGrid(plan: Plan, unit: Unit, at: { x: number; y: number }): { x: number; y: number } {
  const grid = STEP[plan.meta.units];
  const corners = outlineOf(plan);
  if (corners.length === 0) return at;
  const shape = footprint({ ...unit, ...at });
  const whole = (room: number, edge: number) => Math.round((edge - room) / grid) * grid - (edge - room);
  return {
    x: at.x + whole(Math.min(...corners.map((p) => p.x)), Math.min(...shape.map((p) => p.x))),
    y: at.y + whole(Math.min(...corners.map((p) => p.y)), Math.min(...shape.map((p) => p.y))),
  };
}

/**
 * Changes that drag a unit, and with it the others that are chosen. Locked units and inserts stay where they are.
 * @param also other chosen units; they keep their distance to the first, and are not turned
 * @param to where the hand has the middle of the unit, mm
 * @param mode the mode in which the room is looked at; '' is every day
 * @param within how near a wall or neighbour must be to pull, mm; null for neither that nor whole steps
 */
export function dragUnits(
  plan: Plan,
  id: string,
  also: readonly string[],
  to: { x: number; y: number },
  mode: string,
  within: number | null,
): Change[] {
  const unit = plan.units[id];
  if (!unit || !isLoose(unit)) return [];
  const { rest } = restOf(plan, id, mode);
  const { turn } = rest;
  const end =
    within === null
      ? { x: Math.round(to.x), y: Math.round(to.y), turn }
      : snapUnit({ ...unit, ...onGrid(plan, { ...unit, turn }, to), turn }, inMode(plan, mode), within);
  return eachOnce([...putDown(plan, unit, end, mode), ...shiftUnits(plan, also, end.x - rest.x, end.y - rest.y, mode)]);
}

/** Changes for a typed position or turn, which stays as typed; what stands on the unit, and its seats, go along. */
export function placeAt(plan: Plan, id: string, columns: Partial<Pick<Unit, 'x' | 'y' | 'turn'>>): Change[] {
  const unit = plan.units[id]!;
  const along = putDown(plan, unit, { x: unit.x, y: unit.y, turn: unit.turn, ...columns }, '');
  return [set('units', id, columns), ...along.filter((c) => c.id !== id)];
}

/** Changes that turn a unit about its middle; none for one that is locked or stands in another. */
export function turnUnit(plan: Plan, id: string, by: number, mode = ''): Change[] {
  const unit = plan.units[id];
  if (!unit || !isLoose(unit)) return [];
  const { rest } = restOf(plan, id, mode);
  return putDown(plan, unit, { ...rest, turn: (rest.turn + by + 720) % 360 }, mode);
}

/** The seats at a unit at which nothing is done: without the unit nobody would miss them. */
export function idleSeatsOf(plan: Plan, unit: string): Station[] {
  const used = new Set(Object.values(plan.activities).map((a) => a.station));
  return seatsAt(plan, unit).filter((seat) => !used.has(seat.id));
}

/** Changes that take a piece to a place elsewhere; the seats at it go along, and what is done there looks for another. */
export const takeElsewhere = (plan: Plan, unit: string, place: string): Change[] => [
  set('units', unit, { host: null, hostSlot: '', onDoor: null, elsewhere: place }),
  ...seatsAt(plan, unit).flatMap((seat) => removeWithDependents(plan, 'stations', seat.id)),
];
