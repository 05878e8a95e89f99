/** The walls of a room, from its corners; and the room unrolled into one long strip. */
import { cornersInOrder, type Corner, type Plan, type Unit } from '../model/plan.ts';
import { angleBetween, distance, dot, signedArea, sinCos, subtract, type Point } from '../geometry/geometry.ts';

export interface Wall {
  /** Id of the corner at which it starts. */
  id: string;
  name: string;
  from: Point;
  to: Point;
  /** mm */
  length: number;
  /** Direction in which it runs, as a unit vector; `inward` points into the room. */
  along: Point;
  inward: Point;
  /** Turn in degrees of a unit that stands with its back to this wall. */
  turn: number;
  /** Where it starts in the strip that unrolls the room, mm. */
  start: number;
}

/** The walls in the order in which somebody inside sees them from left to right. Empty without a room. */
export function wallsOf(plan: Pick<Plan, 'corners'>): Wall[] {
  const corners = cornersInOrder(plan);
  if (corners.length < 3) return [];
  let start = 0;
  return corners.map((corner: Corner, i) => {
    const next = corners[(i + 1) % corners.length]!;
    const length = distance(corner, next);
    const along = length === 0 ? { x: 1, y: 0 } : { x: (next.x - corner.x) / length, y: (next.y - corner.y) / length };
    const wall: Wall = {
      id: corner.id,
      name: corner.wall,
      from: { x: corner.x, y: corner.y },
      to: { x: next.x, y: next.y },
      length,
      along,
      inward: { x: -along.y || 0, y: along.x || 0 },
      turn: ((Math.atan2(along.y, along.x) * 180) / Math.PI + 360) % 360,
      start,
    };
    start += length;
    return wall;
  });
}

/** The outline of the room, clockwise from above. */
export function outlineOf(plan: Pick<Plan, 'corners'>): Point[] {
  return cornersInOrder(plan).map(({ x, y }) => ({ x, y }));
}

/** Floor area in m2. */
export function floorArea(plan: Pick<Plan, 'corners'>): number {
  return Math.abs(signedArea(outlineOf(plan))) / 1e6;
}

/** By how much the walls as taped do not close, mm; null unless every wall was taped. Directions are those of the drawn walls. */
export function closingError(plan: Pick<Plan, 'corners'>): number | null {
  const walls = wallsOf(plan);
  if (walls.length === 0 || walls.some((w) => plan.corners[w.id]!.taped === null)) return null;
  const end = walls.reduce(
    (sum, w) => ({
      x: sum.x + w.along.x * plan.corners[w.id]!.taped!,
      y: sum.y + w.along.y * plan.corners[w.id]!.taped!,
    }),
    { x: 0, y: 0 },
  );
  return Math.hypot(end.x, end.y);
}

/** Where a unit shows in the strip of unrolled walls: it stands before the wall that its back is nearest to. */
export interface StripSpan {
  wall: string;
  /** mm along the strip: left and right edge of its front. */
  left: number;
  right: number;
  /** Distance of its back from the wall, mm. */
  gap: number;
  /** Whether it has its back to this wall, so that its fronts can be drawn; else only its outline shows. */
  facesRoom: boolean;
}

/**
 * Where a unit stands in the strip.
 * @returns null without walls.
 */
export function stripSpan(
  unit: Pick<Unit, 'x' | 'y' | 'turn' | 'width' | 'depth'>,
  walls: readonly Wall[],
): StripSpan | null {
  let best: { wall: Wall; gap: number; off: number } | null = null;
  for (const wall of walls) {
    const toCentre = subtract(unit, wall.from);
    const along = dot(toCentre, wall.along);
    const gap = dot(toCentre, wall.inward) - unit.depth / 2;
    if (gap < -unit.depth || along < -unit.width / 2 || along > wall.length + unit.width / 2) continue;
    const off = angleBetween(unit.turn, wall.turn);
    if (!best || off - best.off < -20 || (Math.abs(off - best.off) <= 20 && gap < best.gap)) best = { wall, gap, off };
  }
  if (!best) return null;
  const { wall, off } = best;
  const centre = dot(subtract(unit, wall.from), wall.along);
  const radians = (off * Math.PI) / 180;
  const half = (Math.abs(Math.cos(radians)) * unit.width + Math.abs(Math.sin(radians)) * unit.depth) / 2;
  return {
    wall: wall.id,
    left: wall.start + centre - half,
    right: wall.start + centre + half,
    gap: Math.max(0, best.gap),
    facesRoom: off < 30,
  };
}

/** The wall that somebody looks at: the first one straight ahead. Falls back on the first wall (a seat outside the room). */
export function facedWall(from: Point, facing: number, walls: readonly Wall[]): Wall | undefined {
  const [sin, cos] = sinCos(facing);
  const ahead = { x: sin, y: -cos };
  let best: { wall: Wall; far: number } | null = null;
  for (const wall of walls) {
    // Walls are looked at from inside: against the direction in which they face.
    const towards = -dot(ahead, wall.inward);
    if (towards < 1e-9) continue;
    const far = dot(subtract(from, wall.from), wall.inward) / towards;
    const along = dot(subtract({ x: from.x + ahead.x * far, y: from.y + ahead.y * far }, wall.from), wall.along);
    if (far < 0 || along < -1 || along > wall.length + 1) continue;
    if (!best || far < best.far) best = { wall, far };
  }
  return best?.wall ?? walls[0];
}
