/** The free floor of a room: what stands on it, and the points round its corners. */
import { onLeaf } from '../furniture/mounts.ts';
import { footprint } from '../furniture/footprint.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { inside, signedArea, type Point } from '../geometry/geometry.ts';
import { tooLowToWalk } from './overhead.ts';
import { cellsOf, clearOf, NOISE, turn, type Floor, type Node, type Solid } from '../geometry/sight.ts';
import { outlineOf } from './walls.ts';

/** Half the width of a body that walks, mm. */
export const BODY = 250;
/** What begins higher than this is walked under or beside (wall shelves, pegboards), mm. */
const OVERHEAD = 1000;
/** Points round a corner of 90 degrees; with them a rounded corner is off by less than 1.3 % of its arc. */
const STEP = Math.PI / 8;

/** Whether a unit is in the way of somebody who walks. */
export function blocksWalking(unit: Pick<Unit, 'bottom' | 'hostSlot' | 'onDoor'>): boolean {
  return unit.bottom < OVERHEAD && !onLeaf(unit);
}

/** What does not stand on the floor is reached over what is below it: a board over a counter, a box on a table. */
const OFF_THE_FLOOR = 300;
/** Whether one may have to stand farther off to reach a unit, since something stands below or before it. */
export function reachedOver(unit: Pick<Unit, 'bottom' | 'hostSlot' | 'onDoor'>): boolean {
  return !blocksWalking(unit) || unit.bottom > OFF_THE_FLOOR;
}

function solid(points: readonly Point[]): Solid {
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  return { points, x0: Math.min(...xs), x1: Math.max(...xs), y0: Math.min(...ys), y1: Math.max(...ys), asked: 0 };
}

/**
 * The free floor of a room with what stands on it and what hangs too low to walk under.
 * @param body half the width of who or what goes there, mm
 */
export function floorOf(
  plan: Pick<Plan, 'corners' | 'units'> & Partial<Pick<Plan, 'meta' | 'overheads'>>,
  body: number = BODY,
): Floor {
  const outline = outlineOf(plan);
  const walls = outline.map((a, i) => [a, outline[(i + 1) % outline.length]!]);
  const { meta, overheads } = plan;
  const low = meta && overheads ? tooLowToWalk({ ...plan, meta, overheads }) : [];
  const furniture = [
    ...Object.values(plan.units)
      .filter(blocksWalking)
      .map((u) => footprint(u)),
    ...low,
  ];
  const solids = [...walls, ...furniture].map(solid);
  const corners = [
    ...furniture.flatMap((shape) =>
      shape.map((p, i) => ({ p, before: shape.at(i - 1)!, after: shape[(i + 1) % shape.length]! })),
    ),
    // Corners of the room that stand out into it (a chimney breast, the inner corner of an L), seen from the floor's side.
    ...outline
      .map((p, i) => ({ p, before: outline[(i + 1) % outline.length]!, after: outline.at(i - 1)! }))
      .filter(({ p, before, after }) => turn(before, p, after) > NOISE && signedArea(outline) > 0),
  ];
  const nodes = corners
    .flatMap((corner) => roundCorner(corner, body))
    .filter((node) => inside(node, outline) && solids.every((s) => clearOf(node, node, s, body)));
  const flat = new Float64Array(nodes.flatMap((n) => [n.x, n.y, n.into.x, n.into.y, n.out.x, n.out.y]));
  return {
    outline,
    solids,
    nodes,
    flat,
    body,
    cells: cellsOf(outline, solids, body),
    onward: new Map(),
    toGoal: new Map(),
    ends: new Map(),
  };
}

/** Points round a convex corner, far enough out that straight lines between neighbours keep the body's distance. */
function roundCorner({ p, before, after }: { p: Point; before: Point; after: Point }, body: number): Node[] {
  // Outward normals of the two edges of a clockwise shape (on the drawing, y down).
  const from = Math.atan2(-(p.x - before.x), p.y - before.y);
  const to = Math.atan2(-(after.x - p.x), after.y - p.y);
  const sweep = (((to - from) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  if (sweep < 1e-9 || sweep > Math.PI) return [];
  const parts = Math.max(1, Math.ceil(sweep / STEP));
  const radius = (body + 1e-3) / Math.cos(sweep / parts / 2);
  // Edges of the rounded outline stand square to the normals at their middles.
  const along = (i: number): Point => {
    const normal = from + (sweep * i) / parts;
    return { x: -Math.sin(normal), y: Math.cos(normal) };
  };
  return Array.from({ length: parts }, (_, i) => {
    const angle = from + (sweep * (i + 0.5)) / parts;
    return { x: p.x + Math.cos(angle) * radius, y: p.y + Math.sin(angle) * radius, into: along(i), out: along(i + 1) };
  });
}
