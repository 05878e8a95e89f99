/** What is added by one click: a unit where there is room for it, a seat before a table. */
import { inRoom } from '../furniture/footprint.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import { onRule } from '../model/measure.ts';
import { byName, STANDING_DEFAULTS, type Plan, type Shape, type Unit } from '../model/plan.ts';
import { ROLL_BACK } from '../checks/seatsAndWalkways.ts';
import type { Rest } from '../room/snap.ts';
import { spotOnTable } from '../room/spot.ts';
import { goodSpot } from './goodSpot.ts';

/** How a type stands: on the floor or a table, on a wall, in an opening of another piece, on the edge of a table, on the leaf of a door. */
export type Standing = 'floor' | 'wall' | 'insert' | 'edge' | 'door';

/** How far the middle of a body is from the edge of the table at which it sits, mm. Common practice, no source. */
const FROM_EDGE = 300;

/** A top as high as this is worked at standing, mm: elbow height of most people. Common practice, no source. */
const STANDING_TOP = 850;

/** A name that no unit has. */
export function freeName(plan: Plan, name: string): string {
  const names = new Set(Object.values(plan.units).map((u) => u.name));
  if (!names.has(name)) return name;
  let n = 2;
  while (names.has(`${name} ${n}`)) n++;
  return `${name} ${n}`;
}

/**
 * A unit of a type where there is room for it: on a table what stands on tables, else along a wall. The first table of a room
 * brings its seat along.
 * @param onWall whether it hangs on a wall or a door
 * @returns worse: how many faults more there are in the room with it
 */
export function newUnit(
  plan: Plan,
  shape: Shape,
  onWall: boolean,
  newId: () => string,
  stop?: () => boolean,
): { unit: Unit; changes: Change[]; worse: number } {
  const standsOn = shape.bottom > 0 && !onWall && shape.kind !== 'table';
  const named = { ...STANDING_DEFAULTS, id: newId(), ...shape, name: freeName(plan, shape.name) };
  const onTable = shape.bottom > 0 && !onWall ? spotOnTable(named, plan) : null;
  // Without room on a table it stands on the floor, not in the air.
  const row = standsOn && onTable === null ? { ...named, bottom: 0 } : named;
  const withSeat = shape.kind === 'table' && onTable === null && Object.keys(plan.stations).length === 0;
  const made = (rest: Rest) => {
    const unit: Unit = { ...row, ...rest };
    return { unit, changes: [set('units', unit.id, unit), ...(withSeat ? seatBefore(plan, unit, newId) : [])] };
  };
  const trial = (rest: Rest) => applyChanges(plan, made(rest).changes).plan;
  const before = withSeat ? FROM_EDGE + ROLL_BACK.deep : undefined;
  const { at, worse } = onTable
    ? { at: onTable, worse: 0 }
    : goodSpot(row, plan, trial, { before, ...(stop ? { stop } : {}) });
  return { ...made(at), worse };
}

/** How far apart two sitters at one table are at the least, mm: shoulder room. Common practice, no source. */
const SIDE_BY_SIDE = 500;
/** From the end of a table to the middle of a sitter, mm. */
const FROM_END = 300;

/**
 * A seat before the front of a table; the first one brings its person along. A further one sits beside those that are there.
 * @returns nothing for a table outside the room, and for one at which there is no room for another
 */
export function seatBefore(plan: Plan, table: Unit, newId: () => string): Change[] {
  if (table.elsewhere !== null) return [];
  const taken = Object.values(plan.stations).filter((s) => s.unit === table.id);
  const at = [table.width / 2, FROM_END, table.width - FROM_END]
    .map((across) => inRoom(table, across, table.depth + FROM_EDGE))
    .find((p) => taken.every((s) => Math.hypot(s.x - p.x, s.y - p.y) >= SIDE_BY_SIDE));
  if (!at) return [];
  const id = newId();
  const person = byName(plan.people)[0];
  const personId = person?.id ?? newId();
  const station = {
    id,
    name: taken.length === 0 ? table.name : `${table.name}, seat ${taken.length + 1}`,
    unit: table.id,
    person: personId,
    x: onRule(Math.round(at.x), plan.meta.units, 16),
    y: onRule(Math.round(at.y), plan.meta.units, 16),
    facing: (table.turn + 360) % 360,
    posture: table.bottom + table.height >= STANDING_TOP ? ('standing' as const) : ('seated' as const),
    seatHeight: Math.max(
      300,
      Math.min(800, onRule(Math.round(table.bottom + table.height - 290), plan.meta.units, 16)),
    ),
  };
  const changes: Change[] = person ? [] : [set('people', personId, { id: personId, name: 'Me', stature: 1700 })];
  return [...changes, set('stations', id, station)];
}

/** A seat in a chair of its own, facing as it does: an armchair to knit in. */
export function seatIn(plan: Plan, chair: Unit, newId: () => string): Change[] {
  const id = newId();
  const person = byName(plan.people)[0];
  const personId = person?.id ?? newId();
  // The body is at the front edge, from where it reaches and gets up.
  const at = inRoom(chair, chair.width / 2, chair.depth + FRONT_EDGE);
  const station = {
    ...{ id, name: chair.name, unit: chair.id, person: personId, posture: 'seated' as const, seat: 'chair' as const },
    ...{ x: onRule(at.x, plan.meta.units, 16), y: onRule(at.y, plan.meta.units, 16) },
    ...{ facing: Math.round((chair.turn + 180) % 360), seatHeight: onRule(420, plan.meta.units, 16) },
  };
  const changes: Change[] = person ? [] : [set('people', personId, { id: personId, name: 'Me', stature: 1700 })];
  return [...changes, set('stations', id, station)];
}

/** How far before the seat of a chair the middle of the body is taken to be, mm. */
const FRONT_EDGE = 60;
