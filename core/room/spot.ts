/** A place for a new unit: the first free stretch of wall from the first corner on. */
import { footprint, inRoom, solidSpan } from '../furniture/footprint.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { CLEAR } from './clearance.ts';
import { freeBefore } from './free.ts';
import { outOfRoom, overlapDepth, type Point } from '../geometry/geometry.ts';
import type { Rest } from './snap.ts';
import { standing } from './standing.ts';
import { outlineOf, wallsOf } from './walls.ts';

type Shaped = Omit<Unit, 'x' | 'y' | 'turn'>;

/** Steps in which walls are tried, mm. */
const STEP = 50;

/**
 * Where a unit can stand with its back to a wall, clear of other units, doors and windows that it would cover.
 * @returns the first free place going round the room with room for a person before it; without one, the first free place;
 *   the middle of the room when there is none
 */
export function freeSpot(unit: Shaped, plan: Plan): Rest {
  const outline = outlineOf(plan);
  if (unit.kind === 'corner cabinet') {
    const corner = freeCorner(unit, plan);
    if (corner) return corner;
  }
  const here = standing(plan);
  let tight: Rest | null = null;
  for (const wall of wallsOf(plan)) {
    const openings = Object.values(plan.openings).filter(
      (o) => o.corner === wall.id && o.sill < unit.bottom + unit.height,
    );
    for (let start = 0; start + unit.width <= wall.length + 0.5; start += STEP) {
      if (openings.some((o) => start < o.offset + o.width && start + unit.width > o.offset)) continue;
      const [along, out] = [start + unit.width / 2, unit.depth / 2];
      const at = {
        x: wall.from.x + wall.along.x * along + wall.inward.x * out,
        y: wall.from.y + wall.along.y * along + wall.inward.y * out,
        turn: wall.turn,
      };
      if (!stands({ ...unit, ...at }, plan)) continue;
      const rest = { x: tidy(at.x), y: tidy(at.y), turn: at.turn };
      const span = { bottom: unit.bottom, top: unit.bottom + unit.height };
      if (freeBefore({ ...unit, ...rest }, here, span, CLEAR.person) >= CLEAR.person) return rest;
      tight ??= rest;
    }
  }
  if (tight) return tight;
  const middle = outline.reduce((sum, p) => ({ x: sum.x + p.x / outline.length, y: sum.y + p.y / outline.length }), {
    x: 0,
    y: 0,
  });
  return { x: Math.round(middle.x), y: Math.round(middle.y), turn: 0 };
}

const tidy = (mm: number) => Math.round(mm * 10) / 10;

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
  const walls = wallsOf(plan);
  for (const [i, wall] of walls.entries()) {
    const before = walls.at(i - 1)!;
    if (Math.abs(wall.along.x * before.inward.x + wall.along.y * before.inward.y - 1) > 1e-6) continue;
    const into: Point = { x: wall.along.x + wall.inward.x, y: wall.along.y + wall.inward.y };
    const turn = ((Math.atan2(-into.x, into.y) * 180) / Math.PI + 360) % 360;
    const apex = inRoom({ ...unit, x: 0, y: 0, turn }, unit.width / 2, 0);
    const at = { x: wall.from.x - apex.x, y: wall.from.y - apex.y, turn };
    if (stands({ ...unit, ...at }, plan)) return { x: tidy(at.x), y: tidy(at.y), turn };
  }
  return null;
}

/** A place on a table for what stands on tables: along its back edge, clear of what stands there. Null without one. */
export function spotOnTable(unit: Shaped, plan: Plan): (Rest & { bottom: number }) | null {
  const here = standing(plan);
  for (const table of Object.values(here.units).filter((u) => u.kind === 'table' && u.bottom < 300)) {
    const bottom = table.bottom + table.height;
    for (let start = 0; start + unit.width <= table.width; start += STEP) {
      const at = inRoom(table, start + unit.width / 2, unit.depth / 2);
      const rest = { x: tidy(at.x), y: tidy(at.y), turn: table.turn, bottom };
      if (unit.depth <= table.depth && stands({ ...unit, ...rest }, plan)) return rest;
    }
  }
  return null;
}
