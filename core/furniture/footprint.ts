/** Where a unit stands: its footprint from above and the heights between which it is solid. */
import type { Unit } from '../model/plan.ts';
import { turned, type Point } from '../geometry/geometry.ts';

type Stand = Pick<Unit, 'x' | 'y' | 'turn' | 'width' | 'depth'>;

/**
 * A point of a unit in room coordinates.
 * @param across mm from its left side, as one faces its front
 * @param out mm from its back towards the front (may lie beyond the front: an open drawer)
 */
export function inRoom(unit: Stand, across: number, out: number): Point {
  const offset = turned({ x: across - unit.width / 2, y: out - unit.depth / 2 }, unit.turn);
  return { x: unit.x + offset.x, y: unit.y + offset.y };
}

/**
 * Width of the front of a corner cabinet, mm. It stands with its back corner in the corner of the room: from above a square
 * with its front corner cut off, `width` across the corner and `depth` from the corner to the front.
 */
export function cornerFront(unit: Pick<Unit, 'width' | 'depth'>): number {
  return 2 * (unit.width - unit.depth);
}

/** Sides of the shape that stands for a round thing. */
const ROUND = 16;

/** The corners of the footprint, clockwise from above; of a box four, starting at the back left. */
export function footprint(unit: Stand & { kind?: Unit['kind'] }): Point[] {
  const { width, depth } = unit;
  if (unit.kind === 'corner cabinet') {
    const front = cornerFront(unit);
    if (front > 0 && front < width) {
      const side = (width - front) / 2;
      return [
        inRoom(unit, width / 2, 0),
        inRoom(unit, width, width / 2),
        inRoom(unit, width - side, depth),
        inRoom(unit, side, depth),
        inRoom(unit, 0, width / 2),
      ];
    }
  }
  if (unit.kind === 'carousel')
    return Array.from({ length: ROUND }, (_, i) => {
      const angle = (2 * Math.PI * i) / ROUND;
      return inRoom(unit, (width / 2) * (1 + Math.cos(angle)), (depth / 2) * (1 + Math.sin(angle)));
    });
  return [
    inRoom(unit, 0, 0),
    inRoom(unit, unit.width, 0),
    inRoom(unit, unit.width, unit.depth),
    inRoom(unit, 0, unit.depth),
  ];
}

/** Heights over the floor between which a unit is in the way, mm. Under a table top other things may stand. */
export function solidSpan(unit: Pick<Unit, 'kind' | 'bottom' | 'height' | 'board'>): { bottom: number; top: number } {
  const top = unit.bottom + unit.height;
  return unit.kind === 'table' ? { bottom: top - Math.max(unit.board, 1), top } : { bottom: unit.bottom, top };
}

/** A unit moved so that its back stands against a wall (used by "put it against the wall" and by snapping). */
export function centreFrom(unit: Stand, backLeft: Point): Point {
  const now = inRoom(unit, 0, 0);
  return { x: unit.x + backLeft.x - now.x, y: unit.y + backLeft.y - now.y };
}
