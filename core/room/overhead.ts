/** How high the room is at each place: the ceiling, less slopes along walls, beams and soffits. */
import { inRoom } from '../furniture/footprint.ts';
import type { Overhead, Plan } from '../model/plan.ts';
import { dot, inside, overlapDepth, subtract, type Point } from '../geometry/geometry.ts';
import { wallsOf, type Wall } from './walls.ts';

type Ceiling = Pick<Plan, 'meta' | 'corners' | 'overheads'>;

/** Below this height nobody walks, not even stooping, mm. Common practice, no source. */
const WALK_UNDER = 1300;

/** A slope as a height over the distance from its wall. */
function slopeAt(o: Overhead, wall: Wall, ceiling: number, p: Point): number {
  const from = Math.max(0, dot(subtract(p, wall.from), wall.inward));
  return from >= o.run ? ceiling : o.low + ((ceiling - o.low) * from) / o.run;
}

/** Outline of a beam or soffit from above. */
export function beamOutline(o: Pick<Overhead, 'x' | 'y' | 'turn' | 'width' | 'depth'>): Point[] {
  return [inRoom(o, 0, 0), inRoom(o, o.width, 0), inRoom(o, o.width, o.depth), inRoom(o, 0, o.depth)];
}

/** Height free over a point of the floor, mm. */
export function freeHeight(plan: Ceiling, p: Point): number {
  return lowest(plan, [p]).height;
}

/**
 * The lowest height over a shape (its corners are enough for slopes; beams by overlap), mm, with what hangs there.
 * @param shape a point, or a convex outline
 */
export function lowest(plan: Ceiling, shape: readonly Point[]): { height: number; under: Overhead | null } {
  const { ceiling } = plan.meta;
  let best: { height: number; under: Overhead | null } = { height: ceiling, under: null };
  const overheads = Object.values(plan.overheads);
  if (overheads.length === 0) return best;
  const walls = wallsOf(plan);
  for (const o of overheads) {
    let height = ceiling;
    if (o.kind === 'slope') {
      const wall = walls.find((w) => w.id === o.corner);
      if (wall) height = Math.min(...shape.map((p) => slopeAt(o, wall, ceiling, p)));
    } else {
      const beam = beamOutline(o);
      const meets = shape.length > 2 ? overlapDepth(shape, beam) > 0.5 : shape.some((p) => inside(p, beam));
      if (meets) height = Math.min(ceiling, o.low);
    }
    if (height < best.height) best = { height, under: o };
  }
  return best;
}

/** Floor under slopes where nobody walks, as outlines. */
export function tooLowToWalk(plan: Ceiling): Point[][] {
  const walls = wallsOf(plan);
  return Object.values(plan.overheads).flatMap((o): Point[][] => {
    if (o.kind !== 'slope') return o.low < WALK_UNDER ? [beamOutline(o)] : [];
    const wall = walls.find((w) => w.id === o.corner);
    const { ceiling } = plan.meta;
    if (!wall || o.low >= WALK_UNDER || ceiling <= o.low) return [];
    const deep = Math.min(o.run, (o.run * (WALK_UNDER - o.low)) / (ceiling - o.low));
    const on = (p: Point, out: number) => ({ x: p.x + wall.inward.x * out, y: p.y + wall.inward.y * out });
    return [[wall.from, wall.to, on(wall.to, deep), on(wall.from, deep)]];
  });
}

/** Height of the free wall face at a distance along a wall, as points for drawing: where slopes of this and the next walls cut it. */
export function wallTop(plan: Ceiling, wall: Wall, steps = 24): Array<{ along: number; height: number }> {
  const at = (along: number) => ({ x: wall.from.x + wall.along.x * along, y: wall.from.y + wall.along.y * along });
  return Array.from({ length: steps + 1 }, (_, i) => {
    const along = (wall.length * i) / steps;
    return { along, height: freeHeight(plan, at(along)) };
  });
}
