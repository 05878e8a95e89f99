/** What a body sees of the floor: solids, the squares in which they lie, and straight ways that keep their distance from them. */
import { distanceToSegment, inside, type Point } from './geometry.ts';

/** Rounding noise, mm. */
export const NOISE = 1e-6;

/** Something a body cannot walk through: a closed convex outline, or one wall; with its box, so that far ones are passed over quickly. */
export interface Solid {
  points: readonly Point[];
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  /** The last question for which it was looked at: a long one lies in many squares. */
  asked: number;
}

/** A point round a corner, with the directions in which the outline of a body's centre comes to it and leaves it. */
export interface Node extends Point {
  into: Point;
  out: Point;
}

export interface Floor {
  readonly outline: readonly Point[];
  readonly solids: readonly Solid[];
  readonly nodes: readonly Node[];
  /** The nodes as numbers in a row, six for each (place, into, out), since all pairs of them are looked at. */
  readonly flat: Float64Array;
  /** Half the width of the body for which it is free, mm. */
  readonly body: number;
  /** Which solids are near which part of the floor. */
  readonly cells: Cells;
  /** For each node where a shortest way may go on from it; filled in when first needed. */
  readonly onward: Map<number, Onward>;
  /** For goals that are clear of everything, by their place: the nodes from which a shortest way may come. */
  readonly toGoal: Map<string, Onward>;
  /** For goals that are near to something, by their place: the nodes that see them, with their distance. */
  readonly ends: Map<string, ReadonlyArray<readonly [node: number, far: number]>>;
}

/** Nodes to which a way may go on: how far they are, and whether they are in sight (0 not looked at, 1 yes, 2 no). */
export interface Onward {
  nodes: number[];
  far: number[];
  sight: Uint8Array;
}

/** Twice the area of the triangle a, b, c; positive when it turns clockwise on the drawing. */
export function turn(a: Point, b: Point, c: Point): number {
  return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
}

/**
 * Whether a straight way in a direction touches the corner of a node without cutting into it. Shortest ways bend only
 * round corners, so other ways between two nodes are never part of one.
 */
export function touching(flat: Float64Array, at: number, dx: number, dy: number): boolean {
  const a = flat[at + 2]! * dy - flat[at + 3]! * dx;
  const b = flat[at + 4]! * dy - flat[at + 5]! * dx;
  // Rounding noise: a micrometre over the room.
  return (a >= -1e-3 && b <= 1e-3) || (a <= 1e-3 && b >= -1e-3);
}

/** The floor in squares, each with the solids that are nearer to it than a body is wide. */
export interface Cells {
  left: number;
  top: number;
  across: number;
  down: number;
  solids: ReadonlyArray<readonly Solid[]>;
}
/** Side of a square, mm. */
export const CELL = 400;
const NO_SOLIDS: readonly Solid[] = [];
let questions = 0;
/** A number for a question about solids, so that each is looked at once. */
export const nextQuestion = (): number => ++questions;

export function cellsOf(outline: readonly Point[], solids: readonly Solid[], body: number): Cells {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const across = Math.max(1, Math.ceil((Math.max(...xs) - left) / CELL));
  const down = Math.max(1, Math.ceil((Math.max(...ys) - top) / CELL));
  const list: Solid[][] = Array.from({ length: across * down }, () => []);
  const clamp = (n: number, most: number) => Math.min(most - 1, Math.max(0, Math.floor(n)));
  // Ways are looked at in steps of half a square; what they cut between two steps is at most a quarter of one away.
  const keep = body + CELL / 4 + 1;
  for (const s of solids) {
    for (let i = clamp((s.x0 - keep - left) / CELL, across); i <= clamp((s.x1 + keep - left) / CELL, across); i++)
      for (let j = clamp((s.y0 - keep - top) / CELL, down); j <= clamp((s.y1 + keep - top) / CELL, down); j++) {
        const middle = { x: left + (i + 0.5) * CELL, y: top + (j + 0.5) * CELL };
        if (distanceBetween(middle, middle, s.points) <= keep + CELL * Math.SQRT1_2) list[j * across + i]!.push(s);
      }
  }
  return { left, top, across, down, solids: list };
}

/**
 * Whether a test holds for all solids near a straight way; squares are visited from a to b, so that what is in the way is
 * met early. What lies outside the squares is near no solid but the walls, which are asked there too.
 */
function everyNear(floor: Floor, a: Point, b: Point, test: (s: Solid) => boolean): boolean {
  const { left, top, across, down, solids } = floor.cells;
  const steps = Math.max(1, Math.ceil((Math.hypot(b.x - a.x, b.y - a.y) / CELL) * 2));
  let [last, before] = [-1, -1];
  const question = nextQuestion();
  for (let k = 0; k <= steps; k++) {
    const i = Math.floor((a.x + ((b.x - a.x) * k) / steps - left) / CELL);
    const j = Math.floor((a.y + ((b.y - a.y) * k) / steps - top) / CELL);
    const at = i < 0 || j < 0 || i >= across || j >= down ? -1 : j * across + i;
    if (at === last || at === before) continue;
    [before, last] = [last, at];
    for (const s of at < 0 ? NO_SOLIDS : solids[at]!) {
      if (s.asked === question) continue;
      s.asked = question;
      if (!test(s)) return false;
    }
  }
  return true;
}

/** Whether the way from a to b keeps a distance from a solid. */
export function clearOf(a: Point, b: Point, s: Solid, keep: number): boolean {
  if (
    s.x0 - keep > Math.max(a.x, b.x) ||
    s.x1 + keep < Math.min(a.x, b.x) ||
    s.y0 - keep > Math.max(a.y, b.y) ||
    s.y1 + keep < Math.min(a.y, b.y)
  )
    return true;
  // All of it lies to one side of the way, far enough off: most solids are done with here.
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const size = Math.sqrt(dx * dx + dy * dy);
  if (size > 0) {
    let [low, high] = [Infinity, -Infinity];
    for (const p of s.points) {
      const off = ((p.y - a.y) * dx - (p.x - a.x) * dy) / size;
      if (off < low) low = off;
      if (off > high) high = off;
    }
    if (low >= keep - NOISE || high <= NOISE - keep) return true;
  }
  return distanceBetween(a, b, s.points) >= keep - NOISE;
}

/** Distance of a straight way from a solid, mm; 0 when it touches or crosses it. */
export function distanceBetween(a: Point, b: Point, solid: readonly Point[]): number {
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

/** The distances that the ends of a way keep by themselves from what they are near to; see `straight`. */
export function nearOf(floor: Floor, end: Point): Map<Solid, number> {
  const near = new Map<Solid, number>();
  for (const s of floor.solids) {
    if (
      s.x0 - floor.body > end.x ||
      s.x1 + floor.body < end.x ||
      s.y0 - floor.body > end.y ||
      s.y1 + floor.body < end.y
    )
      continue;
    const d = distanceBetween(end, end, s.points);
    if (d < floor.body) near.set(s, d);
  }
  return near;
}

/**
 * Whether a body goes straight from a to b. An end that is itself nearer to something than a body is wide (a seat pushed
 * under its table, a place before a drawer) may stay as near as it is, but not nearer, and never through.
 */
export function straight(floor: Floor, a: Point, b: Point, ends: ReadonlyArray<ReadonlyMap<Solid, number>>): boolean {
  return everyNear(floor, a, b, (s) => {
    let keep = floor.body;
    for (const near of ends) keep = Math.min(keep, near.get(s) ?? keep);
    return clearOf(a, b, s, keep) && (keep === floor.body || distanceBetween(a, b, s.points) > 0);
  });
}
