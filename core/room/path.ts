/**
 * Shortest ways over the free floor, any angle: a body of half width 250 mm keeps that far from walls and furniture.
 * The nodes are points round the corners that stand out into the room; two are joined when a body can go straight from
 * one to the other; the shortest way along such edges is found by Dijkstra's rule (visibility graph, Lozano-Pérez & Wesley 1979).
 */
import { footprint } from '../furniture/footprint.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { distance, distanceToSegment, dot, inside, signedArea, subtract, type Point } from './geometry.ts';
import { outlineOf } from './walls.ts';

/** Half the width of a body that walks, mm (methods.md 2). */
export const BODY = 250;
/** What begins higher than this is walked under or beside (wall shelves, pegboards), mm. */
const OVERHEAD = 1000;
/** Points round a corner of 90 degrees; with them a rounded corner is off by less than 1.3 % of its arc. */
const STEP = Math.PI / 8;
/** Rounding noise, mm. */
const NOISE = 1e-6;

/** Something a body cannot walk through: a closed convex outline, or one wall. */
type Solid = readonly Point[];

export interface Floor {
  readonly outline: readonly Point[];
  readonly solids: readonly Solid[];
  readonly nodes: readonly Point[];
  /** For each node: the nodes it sees, with their distance. Filled in when first needed. */
  readonly seen: Array<ReadonlyArray<readonly [number, number]> | undefined>;
}

/** Whether a unit is in the way of somebody who walks. */
export function blocksWalking(unit: Pick<Unit, 'bottom'>): boolean {
  return unit.bottom < OVERHEAD;
}

/** The free floor of a room with what stands on it. */
export function floorOf(plan: Pick<Plan, 'corners' | 'units'>): Floor {
  const outline = outlineOf(plan);
  const walls: Solid[] = outline.map((a, i) => [a, outline[(i + 1) % outline.length]!]);
  const furniture: Solid[] = Object.values(plan.units)
    .filter(blocksWalking)
    .map((u) => footprint(u));
  const solids = [...walls, ...furniture];
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
    .flatMap(roundCorner)
    .filter((node) => inside(node, outline) && solids.every((s) => clearOf(node, node, s, BODY)));
  return { outline, solids, nodes, seen: new Array(nodes.length) };
}

/** Twice the area of the triangle a, b, c; positive when it turns clockwise on the drawing. */
function turn(a: Point, b: Point, c: Point): number {
  return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
}

/** Points round a convex corner, far enough out that straight lines between neighbours keep the body's distance. */
function roundCorner({ p, before, after }: { p: Point; before: Point; after: Point }): Point[] {
  // Outward normals of the two edges of a clockwise shape (on the drawing, y down).
  const from = Math.atan2(-(p.x - before.x), p.y - before.y);
  const to = Math.atan2(-(after.x - p.x), after.y - p.y);
  const sweep = (((to - from) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  if (sweep < 1e-9 || sweep > Math.PI) return [];
  const parts = Math.max(1, Math.ceil(sweep / STEP));
  const radius = (BODY + 1e-3) / Math.cos(sweep / parts / 2);
  return Array.from({ length: parts }, (_, i) => {
    const angle = from + (sweep * (i + 0.5)) / parts;
    return { x: p.x + Math.cos(angle) * radius, y: p.y + Math.sin(angle) * radius };
  });
}

/** Whether the way from a to b keeps a distance from a solid. */
function clearOf(a: Point, b: Point, solid: Solid, keep: number): boolean {
  const [left, right] = a.x < b.x ? [a.x, b.x] : [b.x, a.x];
  const [top, bottom] = a.y < b.y ? [a.y, b.y] : [b.y, a.y];
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const p of solid) {
    x0 = Math.min(x0, p.x);
    x1 = Math.max(x1, p.x);
    y0 = Math.min(y0, p.y);
    y1 = Math.max(y1, p.y);
  }
  if (x0 - keep > right || x1 + keep < left || y0 - keep > bottom || y1 + keep < top) return true;
  return distanceBetween(a, b, solid) >= keep - NOISE;
}

/** Distance of a straight way from a solid, mm; 0 when it touches or crosses it. */
export function distanceBetween(a: Point, b: Point, solid: Solid): number {
  if (solid.length > 2 && (inside(a, solid) || inside(b, solid))) return 0;
  let least = Infinity;
  const edges = solid.length > 2 ? solid.length : 1;
  for (let i = 0; i < edges; i++) {
    const [c, d] = [solid[i]!, solid[(i + 1) % solid.length]!];
    if (crosses(a, b, c, d)) return 0;
    least = Math.min(
      least,
      distanceToSegment(a, c, d),
      distanceToSegment(b, c, d),
      distanceToSegment(c, a, b),
      distanceToSegment(d, a, b),
    );
  }
  return least;
}

function crosses(a: Point, b: Point, c: Point, d: Point): boolean {
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
}

/**
 * Whether a body goes straight from a to b. An end that is itself nearer to something than a body is wide (a seat pushed
 * under its table, a place before a drawer) may stay as near as it is, but not nearer, and never through.
 */
function straight(floor: Floor, a: Point, b: Point, ends: readonly Point[]): boolean {
  return floor.solids.every((solid) => {
    const own = ends.map((end) => distanceBetween(end, end, solid)).filter((d) => d < BODY);
    return clearOf(a, b, solid, Math.min(BODY, ...own)) && (own.length === 0 || distanceBetween(a, b, solid) > 0);
  });
}

function seenFrom(floor: Floor, i: number): ReadonlyArray<readonly [number, number]> {
  floor.seen[i] ??= floor.nodes.flatMap((node, j) =>
    j !== i && straight(floor, floor.nodes[i]!, node, []) ? [[j, distance(floor.nodes[i]!, node)] as const] : [],
  );
  return floor.seen[i];
}

export interface Path {
  /** mm */
  length: number;
  /** From start to goal. */
  points: Point[];
}

/** Why there is no way, for a person. */
export type NoPath =
  | 'the start is outside the room or inside furniture'
  | 'the goal is outside the room or inside furniture'
  | 'walled in: there is no way wide enough for a body';

/**
 * Shortest ways from one start to many goals.
 * @returns for each goal a path, or why there is none
 */
export function pathsFrom(floor: Floor, start: Point, goals: readonly Point[]): Array<Path | NoPath> {
  const stands = (p: Point) => inside(p, floor.outline) && floor.solids.every((s) => distanceBetween(p, p, s) > NOISE);
  if (!stands(start)) return goals.map(() => 'the start is outside the room or inside furniture');
  const count = floor.nodes.length;
  const best = new Float64Array(count).fill(Infinity);
  const before = new Int32Array(count).fill(-1);
  const done = new Uint8Array(count);
  floor.nodes.forEach((node, i) => {
    if (straight(floor, start, node, [start])) best[i] = distance(start, node);
  });
  for (;;) {
    let next = -1;
    for (let i = 0; i < count; i++) if (!done[i] && best[i]! < (next < 0 ? Infinity : best[next]!)) next = i;
    if (next < 0) break;
    done[next] = 1;
    for (const [j, far] of seenFrom(floor, next)) {
      if (best[next]! + far < best[j]! - NOISE) {
        best[j] = best[next]! + far;
        before[j] = next;
      }
    }
  }
  return goals.map((goal): Path | NoPath => {
    if (!stands(goal)) return 'the goal is outside the room or inside furniture';
    if (straight(floor, start, goal, [start, goal])) return { length: distance(start, goal), points: [start, goal] };
    // The nearest nodes first: most goals are seen from one of the first few.
    const order = [...best.keys()]
      .filter((i) => best[i]! < Infinity)
      .sort((a, b) => best[a]! + distance(floor.nodes[a]!, goal) - best[b]! - distance(floor.nodes[b]!, goal));
    const last = order.find((i) => straight(floor, floor.nodes[i]!, goal, [goal]));
    if (last === undefined) return 'walled in: there is no way wide enough for a body';
    const points = [goal];
    for (let i = last; i >= 0; i = before[i]!) points.unshift(floor.nodes[i]!);
    return { length: best[last]! + distance(floor.nodes[last]!, goal), points: [start, ...points] };
  });
}

/**
 * Where one stands before the front of a unit: as far out as wanted; nearer when something is in the way, and farther
 * when it hangs over a table.
 * @param hangs whether the unit hangs on the wall, so that something may stand below it
 */
export function standBefore(floor: Floor, front: Point, wanted: Point, hangs: boolean): Point {
  const out = subtract(wanted, front);
  for (const share of hangs ? [1, 0.8, 0.6, 0.4, 1.3, 1.6, 1.9, 2.2] : [1, 0.8, 0.6, 0.4]) {
    const at = { x: front.x + out.x * share, y: front.y + out.y * share };
    if (
      inside(at, floor.outline) &&
      floor.solids.every((s) => distanceBetween(at, at, s) > Math.min(60, Math.sqrt(dot(out, out)) * 0.3))
    )
      return at;
  }
  return wanted;
}
