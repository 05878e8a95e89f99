/** Doors, windows and what is fixed to a wall, moved by hand: along their wall, or over to another one. */
import { onRule } from '../model/measure.ts';
import { set, type Change } from '../model/change.ts';
import { dot, subtract, type Point } from '../geometry/geometry.ts';
import type { Plan } from '../model/plan.ts';
import { wallsOf, type Wall } from '../room/walls.ts';

export type OnWall = 'openings' | 'fixtures';

/** A thing is pulled over to another wall when the hand is this much nearer to it, mm. */
const OVER = 250;

/** How far a point is from a wall, mm. */
function away(wall: Wall, at: Point): number {
  const from = subtract(at, wall.from);
  const along = Math.max(0, Math.min(wall.length, dot(from, wall.along)));
  return Math.hypot(from.x - wall.along.x * along, from.y - wall.along.y * along);
}

/** Where along its wall a point is, mm from the wall's start. */
export function alongWall(plan: Plan, wall: string, at: Point): number {
  const own = wallsOf(plan).find((w) => w.id === wall);
  return own ? dot(subtract(at, own.from), own.along) : 0;
}

/**
 * Changes that move an opening or a fixture to where the hand is.
 * @param at the hand, mm
 * @param grip how far from the thing's start along the wall the hand took hold of it, mm
 * @returns whole mm, on the wall in full; none when it is as wide as no wall, or nothing changes
 */
export function slideOnWall(plan: Plan, table: OnWall, id: string, at: Point, grip: number): Change[] {
  const thing = plan[table][id];
  if (!thing) return [];
  const walls = wallsOf(plan);
  const own = walls.find((w) => w.id === thing.corner);
  if (!own) return [];
  const nearest = walls.filter((w) => w.length >= thing.width).sort((a, b) => away(a, at) - away(b, at))[0];
  if (!nearest) return [];
  const wall = own.length < thing.width || away(own, at) - away(nearest, at) > OVER ? nearest : own;
  const free = wall.length - thing.width;
  const along = Math.max(0, Math.min(free, dot(subtract(at, wall.from), wall.along) - grip));
  const offset = onRule(Math.round(along), plan.meta.units, 16);
  if (wall.id === thing.corner && offset === thing.offset) return [];
  return [set(table, id, { corner: wall.id, offset })];
}

/** The same by a step of a key, mm along the wall. */
export function stepOnWall(plan: Plan, table: OnWall, id: string, by: number): Change[] {
  const thing = plan[table][id];
  const wall = wallsOf(plan).find((w) => w.id === thing?.corner);
  if (!thing || !wall) return [];
  const offset = Math.max(0, Math.min(wall.length - thing.width, thing.offset + by));
  return offset === thing.offset ? [] : [set(table, id, { offset })];
}
