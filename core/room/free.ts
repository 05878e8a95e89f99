/** What is free before a front: shared by all checks of room to move. */
import { footprint, inRoom, solidSpan } from '../furniture/footprint.ts';
import { once } from '../model/memo.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { dot, subtract, type Point } from '../geometry/geometry.ts';
import { outlineOf, type Wall } from './walls.ts';

/** Differences smaller than this are measuring noise, mm. */
export const NOISE = 0.5;

export interface Box {
  unit: Unit;
  feet: Point[];
  bottom: number;
  top: number;
}

export const boxOf: (unit: Unit) => Box = once((unit) => ({ unit, feet: footprint(unit), ...solidSpan(unit) }));

/** How much of a height span a box is in, mm; 0 or less when it is above or below. */
export const inSpan = (box: { bottom: number; top: number }, span: { bottom: number; top: number }): number =>
  Math.min(box.top, span.top) - Math.max(box.bottom, span.bottom);

/** Whether two units belong together: an insert and its shelf, two inserts of one shelf. */
export function together(a: Unit, b: Unit): boolean {
  return a.id === b.id || a.host === b.id || b.host === a.id || (a.host !== null && a.host === b.host);
}

/** A point at a wall: mm along it and out into the room. */
export function atWall(wall: Wall, along: number, out: number): Point {
  return {
    x: wall.from.x + wall.along.x * along + wall.inward.x * out,
    y: wall.from.y + wall.along.y * along + wall.inward.y * out,
  };
}

/** A rectangle at a wall, as a closed outline. */
export function strip(wall: Wall, from: number, to: number, out: number): Point[] {
  return [atWall(wall, from, 0), atWall(wall, to, 0), atWall(wall, to, out), atWall(wall, from, out)];
}

/**
 * How far a front as wide as the unit can move out before it meets something, mm.
 * @param from heights over the floor between which it must be free
 * @param across the part of the front that moves, mm from its left side; all of it when not given
 */
export function freeBefore(
  unit: Unit,
  plan: Plan,
  from: { bottom: number; top: number },
  most: number,
  across: { left: number; right: number } = { left: 0, right: unit.width },
): number {
  const outline = outlineOf(plan);
  const others = Object.values(plan.units)
    .filter((u) => !together(u, unit))
    .map(boxOf)
    .filter((b) => inSpan(b, from) > 1);
  const [left, right] = [inRoom(unit, across.left + 1, unit.depth), inRoom(unit, across.right - 1, unit.depth)];
  const out = subtract(inRoom(unit, 0, unit.depth + 1), inRoom(unit, 0, unit.depth));
  let free = most;
  const walls = outline.map((a, i): Point[] => [a, outline[(i + 1) % outline.length]!]);
  for (const shape of [...others.map((b) => b.feet), ...walls])
    free = Math.min(free, firstMeeting(left, right, out, shape));
  return Math.max(0, free);
}

/** How far a segment can slide along a unit direction before it meets a shape, mm; Infinity when it never does. */
function firstMeeting(left: Point, right: Point, out: Point, shape: readonly Point[]): number {
  const across = { x: -out.y, y: out.x };
  const [a, b] = [dot(left, across), dot(right, across)].sort((p, q) => p - q) as [number, number];
  const start = dot(left, out);
  let least = Infinity;
  const edges = shape.length > 2 ? shape.length : 1;
  for (let i = 0; i < edges; i++) {
    const [p, q] = [shape[i]!, shape[(i + 1) % shape.length]!];
    const [pa, qa] = [dot(p, across), dot(q, across)];
    const [po, qo] = [dot(p, out) - start, dot(q, out) - start];
    // The part of the edge that lies in the band swept by the segment.
    for (const t of [0, 1, (a - pa) / (qa - pa), (b - pa) / (qa - pa)]) {
      if (!(t >= 0 && t <= 1)) continue;
      const at = pa + (qa - pa) * t;
      const far = po + (qo - po) * t;
      if (at > a - 1e-6 && at < b + 1e-6 && far > -NOISE) least = Math.min(least, far);
    }
  }
  return least;
}
