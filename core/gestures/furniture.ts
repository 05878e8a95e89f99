/** What moving and turning furniture by hand changes: what stands on a piece and its seats go along, and a mode has spots of its own. */
import { set, type Change } from '../model/change.ts';
import type { Plan, Station, Unit } from '../model/plan.ts';
import { footprint } from '../furniture/footprint.ts';
import { STEP } from '../model/measure.ts';
import { isLoose, shiftUnits } from '../room/arrange.ts';
import { snapUnit, type Rest } from '../room/snap.ts';
import { inMode, ridersOf, seatsAt } from '../room/standing.ts';
import { outlineOf } from '../room/walls.ts';

const tidy = (mm: number) => Math.round(mm * 10) / 10;

/** The row that says where a unit stands in a mode: its spot then, or the unit itself. */
function restOf(plan: Plan, id: string, mode: string): { table: 'spots' | 'units'; id: string; rest: Rest } {
  const spot = mode === '' ? undefined : Object.values(plan.spots).find((s) => s.unit === id && s.mode === mode);
  const row = spot ?? plan.units[id]!;
  return { table: spot ? 'spots' : 'units', id: row.id, rest: { x: row.x, y: row.y, turn: row.turn } };
}

/**
 * Changes that put one unit down, turned, with what stands on it, and its seats, turning about its middle. A unit that has a spot of its
 * own in the mode stands elsewhere then only: the spot changes, and what stands on it follows by itself.
 */
function putDown(plan: Plan, unit: Unit, to: Rest, mode: string): Change[] {
  const { table, id, rest } = restOf(plan, unit.id, mode);
  const changes: Change[] = [set(table, id, { x: tidy(to.x), y: tidy(to.y), turn: to.turn })];
  if (table === 'spots') return changes;
  const by = to.turn - rest.turn;
  const [cos, sin] = [Math.cos((by * Math.PI) / 180), Math.sin((by * Math.PI) / 180)];
  const along = (at: { x: number; y: number }) => {
    const [dx, dy] = [at.x - rest.x, at.y - rest.y];
    return { x: tidy(to.x + dx * cos - dy * sin), y: tidy(to.y + dx * sin + dy * cos) };
  };
  for (const rider of ridersOf(plan, unit))
    changes.push(set('units', rider.id, { ...along(rider), turn: (rider.turn + by + 720) % 360 }));
  for (const seat of [unit, ...ridersOf(plan, unit)].flatMap((u) => seatsAt(plan, u.id)))
    changes.push(set('stations', seat.id, { ...along(seat), facing: (seat.facing + by + 720) % 360 }));
  return changes;
}

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
  const moved = putDown(plan, unit, end, mode);
  const taken = new Set(moved.map((c) => c.id));
  const others = also.filter((other) => other !== id && !taken.has(other));
  return [...moved, ...shiftUnits(plan, others, end.x - rest.x, end.y - rest.y, mode).filter((c) => !taken.has(c.id))];
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
