/** A place for a new unit: the first free stretch of wall from the first corner on. */
import { footprint, inRoom, solidSpan } from '../furniture/footprint.ts';
import { onRule, type UnitSystem } from '../model/measure.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { CLEAR } from '../room/doorSweep.ts';
import { freeBefore } from './free.ts';
import { outOfRoom, overlapDepth, type Point } from '../geometry/geometry.ts';
import type { Rest } from './snap.ts';
import { standing } from './standing.ts';
import { outlineOf, wallsOf } from './walls.ts';

type Shaped = Omit<Unit, 'x' | 'y' | 'turn'>;

/** Steps in which walls are tried: 5 cm, or 2 in. */
const stepIn = (system: UnitSystem): number => (system === 'imperial' ? 50.8 : 50);

/**
 * Where a unit can stand with its back to a wall, clear of other units, doors and windows that it would cover, and seen from
 * above.
 * @param before room that is wanted before it, mm
 * @returns the first free place going round the room with that room before it; without one, the first free place; one away
 *   from the walls when there is none; beside the others when the room has no walls yet
 */
export function freeSpot(unit: Shaped, plan: Plan, before: number = CLEAR.person): Rest {
  const first = freeSpots(unit, plan, before).next().value as FreeSpot;
  return first.roomy ?? first.tight;
}

/** A place that is free: with the room wanted before it, or without. */
type FreeSpot = { roomy: Rest; tight?: undefined } | { roomy?: undefined; tight: Rest };

/** All free places going round the room, those with room before them first, then those without, then one away from the walls. */
export function* freeSpots(unit: Shaped, plan: Plan, before: number = CLEAR.person): Generator<FreeSpot> {
  const { units: system } = plan.meta;
  const outline = outlineOf(plan);
  if (outline.length < 3) {
    yield { roomy: besideAll(unit, plan) };
    return;
  }
  if (unit.kind === 'corner cabinet') {
    const corner = freeCorner(unit, plan);
    if (corner) yield { roomy: corner };
  }
  const here = standing(plan);
  const tight: Rest[] = [];
  for (const wall of wallsOf(plan)) {
    const openings = Object.values(plan.openings).filter(
      (o) => o.corner === wall.id && o.sill < unit.bottom + unit.height,
    );
    for (let start = 0; start + unit.width <= wall.length + 0.5; start += stepIn(system)) {
      if (openings.some((o) => start < o.offset + o.width && start + unit.width > o.offset)) continue;
      const [along, out] = [start + unit.width / 2, unit.depth / 2];
      const at = {
        x: wall.from.x + wall.along.x * along + wall.inward.x * out,
        y: wall.from.y + wall.along.y * along + wall.inward.y * out,
        turn: wall.turn,
      };
      if (!stands({ ...unit, ...at }, plan)) continue;
      const rest = { x: onRule(at.x, system), y: onRule(at.y, system), turn: at.turn };
      if (isUnder({ ...unit, ...rest }, plan)) continue;
      const span = { bottom: unit.bottom, top: unit.bottom + unit.height };
      if (freeBefore({ ...unit, ...rest }, here, span, before) >= before) yield { roomy: rest };
      else tight.push(rest);
    }
  }
  for (const rest of tight) yield { tight: rest };
  yield { tight: onTheFloor(unit, plan) };
}

/** A free place away from the walls, as near to the middle as there is one; else the middle. */
function onTheFloor(unit: Shaped, plan: Plan): Rest {
  const { units: system } = plan.meta;
  const step = stepIn(system);
  const outline = outlineOf(plan);
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const middle = {
    x: Math.round(xs.reduce((sum, x) => sum + x, 0) / xs.length),
    y: Math.round(ys.reduce((sum, y) => sum + y, 0) / ys.length),
    turn: 0,
  };
  let [nearest, far]: [Rest, number] = [middle, Infinity];
  for (let x = Math.min(...xs); x <= Math.max(...xs); x += 2 * step)
    for (let y = Math.min(...ys); y <= Math.max(...ys); y += 2 * step)
      for (const turn of [0, 90]) {
        const away = Math.hypot(x - middle.x, y - middle.y);
        const at = { x: onRule(x, system), y: onRule(y, system), turn };
        if (away < far && stands({ ...unit, ...at }, plan) && !isUnder({ ...unit, ...at }, plan))
          [nearest, far] = [at, away];
      }
  return nearest;
}

/** Without walls: to the right of all that is there. */
function besideAll(unit: Shaped, plan: Plan): Rest {
  const { units: system } = plan.meta;
  const step = stepIn(system);
  const right = Math.max(0, ...Object.values(standing(plan).units).flatMap((u) => footprint(u).map((p) => p.x)));
  return { x: onRule(right + 2 * step + unit.width / 2, system), y: onRule(unit.depth / 2, system), turn: 0 };
}

/** Whether a unit would be hidden from above, under a table, say. */
function isUnder(unit: Shaped & Rest, plan: Plan): boolean {
  const feet = footprint(unit);
  return Object.values(standing(plan).units).some(
    (other) =>
      other.id !== unit.id &&
      other.bottom + other.height > unit.bottom + unit.height &&
      overlapDepth(footprint(other), feet) > 0.5,
  );
}

/** Whether a unit stands there inside the room and through nothing. */
export function stands(unit: Shaped & Rest, plan: Plan): boolean {
  const feet = footprint(unit);
  if (outOfRoom(feet, outlineOf(plan)) > 0.5) return false;
  const span = solidSpan(unit);
  return Object.values(standing(plan).units).every((other) => {
    if (other.id === unit.id) return true;
    const theirs = solidSpan(other);
    return (
      Math.min(theirs.top, span.top) <= Math.max(theirs.bottom, span.bottom) ||
      overlapDepth(footprint(other), feet) <= 0.5
    );
  });
}

/** A corner cabinet with its back corner in the first free corner of 90 degrees. */
function freeCorner(unit: Shaped, plan: Plan): Rest | null {
  const { units: system } = plan.meta;
  const walls = wallsOf(plan);
  for (const [i, wall] of walls.entries()) {
    const before = walls.at(i - 1)!;
    if (Math.abs(wall.along.x * before.inward.x + wall.along.y * before.inward.y - 1) > 1e-6) continue;
    const into: Point = { x: wall.along.x + wall.inward.x, y: wall.along.y + wall.inward.y };
    const turn = ((Math.atan2(-into.x, into.y) * 180) / Math.PI + 360) % 360;
    const apex = inRoom({ ...unit, x: 0, y: 0, turn }, unit.width / 2, 0);
    const at = { x: wall.from.x - apex.x, y: wall.from.y - apex.y, turn };
    const placed = { ...unit, ...at };
    if (stands(placed, plan) && !isUnder(placed, plan))
      return { x: onRule(at.x, system), y: onRule(at.y, system), turn };
  }
  return null;
}

/** A place on a table for what stands on tables: along its back edge, clear of what stands there. Null without one. */
export function spotOnTable(unit: Shaped, plan: Plan): (Rest & { bottom: number }) | null {
  const { units: system } = plan.meta;
  const here = standing(plan);
  for (const table of Object.values(here.units).filter((u) => u.kind === 'table' && u.bottom < 300)) {
    const bottom = table.bottom + table.height;
    for (let start = 0; start + unit.width <= table.width; start += stepIn(system)) {
      const at = inRoom(table, start + unit.width / 2, unit.depth / 2);
      const rest = { x: onRule(at.x, system), y: onRule(at.y, system), turn: table.turn, bottom };
      if (unit.depth <= table.depth && stands({ ...unit, ...rest }, plan)) return rest;
    }
  }
  return null;
}
