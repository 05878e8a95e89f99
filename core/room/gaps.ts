/** How far a unit is from the walls that its sides face: what one would measure with a tape. */
import { footprint } from '../furniture/footprint.ts';
import type { Unit } from '../model/plan.ts';
import { dot, subtract, type Point } from '../geometry/geometry.ts';
import type { Wall } from './walls.ts';

export interface Gap {
  wall: Wall;
  /** mm; negative when it stands through the wall. */
  gap: number;
  /** Ends of the measure: on the unit and on the wall. */
  from: Point;
  to: Point;
}

/** Gaps to all walls on which the measure falls, nearest first. */
export function wallGaps(unit: Pick<Unit, 'x' | 'y' | 'turn' | 'width' | 'depth'>, walls: readonly Wall[]): Gap[] {
  const feet = footprint(unit);
  return walls
    .flatMap((wall): Gap[] => {
      const off = feet.map((p) => ({ p, d: dot(subtract(p, wall.from), wall.inward) }));
      const gap = Math.min(...off.map((o) => o.d));
      const face = off.filter((o) => o.d - gap < 1).map((o) => o.p);
      const from = {
        x: face.reduce((sum, p) => sum + p.x, 0) / face.length,
        y: face.reduce((sum, p) => sum + p.y, 0) / face.length,
      };
      const foot = dot(subtract(from, wall.from), wall.along);
      if (foot < 0 || foot > wall.length || gap < -Math.max(unit.width, unit.depth)) return [];
      return [{ wall, gap, from, to: { x: from.x - wall.inward.x * gap, y: from.y - wall.inward.y * gap } }];
    })
    .sort((a, b) => Math.abs(a.gap) - Math.abs(b.gap));
}

/** The gap to the wall on a side of the unit, for typing: 'west' is the wall to its left on the drawing. Null where there is none. */
export function gapTo(
  unit: Parameters<typeof wallGaps>[0],
  walls: readonly Wall[],
  side: 'west' | 'north',
): number | null {
  const inward = side === 'west' ? { x: 1, y: 0 } : { x: 0, y: 1 };
  return wallGaps(unit, walls).find((g) => dot(g.wall.inward, inward) > 0.99)?.gap ?? null;
}
