/**
 * Walking the walls with a tape: length, turn, length, turn. Real tapes do not close; this says by how much, spreads a
 * small error over the walls, and says which wall is the likely culprit.
 */
import { dot, sinCos, subtract, type Point } from './geometry.ts';

export interface Leg {
  /** As taped, mm. */
  length: number;
  /** Turn at the end of this wall before the next one, degrees; 90 is a turn to the right (an ordinary corner). */
  turn: number;
}

/** A distance measured across the room, from the start of one wall to the start of another. */
export interface Diagonal {
  from: number;
  to: number;
  length: number;
}

export interface Traverse {
  /** Corners as taped, beginning at 0, 0 and running east; one for the start of each wall. */
  points: Point[];
  /** Where the last wall ends, which should be 0, 0. */
  end: Point;
  /** Closing error, mm. */
  error: number;
  /** Perimeter over closing error, the "1 in n" of surveyors; Infinity when it closes. */
  oneIn: number;
  /** How much the turns are off from a full circle, degrees. */
  turnError: number;
  /** Corners with the error spread over the walls by their length (compass rule). */
  adjusted: Point[];
  /** Walls (by index) whose length explains the error, likeliest first, with the length that would. */
  culprits: Array<{ leg: number; length: number }>;
}

/** An error in this direction or straight against it, within this many degrees, points to a wall. */
const ALONG = 20;
/** A diagonal that agrees within this clears the walls that it spans, mm. */
const AGREES = 15;

/**
 * Works out a traverse.
 * Spreading: compass rule (Bowditch 1808), as in Ghilani & Wolf, Elementary Surveying: each corner moves against the
 * closing error by the share of the perimeter walked so far.
 */
export function traverse(legs: readonly Leg[], diagonals: readonly Diagonal[] = []): Traverse {
  const points: Point[] = [];
  let [at, heading]: [Point, number] = [{ x: 0, y: 0 }, 0];
  const directions: Point[] = [];
  for (const leg of legs) {
    points.push(at);
    const [sin, cos] = sinCos(heading);
    directions.push({ x: cos, y: sin });
    at = { x: at.x + cos * leg.length, y: at.y + sin * leg.length };
    heading += leg.turn;
  }
  const error = Math.hypot(at.x, at.y);
  const perimeter = legs.reduce((sum, leg) => sum + leg.length, 0);
  let walked = 0;
  const adjusted = points.map((p, i) => {
    const share = perimeter === 0 ? 0 : walked / perimeter;
    walked += legs[i]!.length;
    return { x: p.x - at.x * share, y: p.y - at.y * share };
  });
  return {
    points,
    end: at,
    error,
    oneIn: error < 1e-9 ? Infinity : perimeter / error,
    turnError: heading - 360,
    adjusted,
    culprits: error < 0.5 ? [] : likely(legs, directions, points, at, error, diagonals),
  };
}

function likely(
  legs: readonly Leg[],
  directions: readonly Point[],
  points: readonly Point[],
  end: Point,
  error: number,
  diagonals: readonly Diagonal[],
): Traverse['culprits'] {
  const cleared = new Set<number>();
  for (const d of diagonals) {
    const [low, high] = [Math.min(d.from, d.to), Math.max(d.from, d.to)];
    const [a, b] = [points[low], points[high]];
    if (!a || !b) continue;
    const agrees = Math.abs(Math.hypot(a.x - b.x, a.y - b.y) - d.length) <= AGREES;
    // A diagonal that agrees clears the walls between its ends; one that does not clears the others.
    legs.forEach((_, i) => {
      if ((i >= low && i < high) === agrees) cleared.add(i);
    });
  }
  return legs
    .map((leg, i) => {
      const along = dot(end, directions[i]!);
      return { leg: i, length: leg.length - along, off: Math.acos(Math.min(1, Math.abs(along) / error)) };
    })
    .filter((c) => !cleared.has(c.leg) && (c.off * 180) / Math.PI <= ALONG && c.length > 0)
    .sort((a, b) => a.off - b.off || legs[b.leg]!.length - legs[a.leg]!.length)
    .map(({ leg, length }) => ({ leg, length }));
}

/** Where an outline crosses itself: the two walls (by index) and the point; null when it does not. */
export function selfCrossing(outline: readonly Point[]): { a: number; b: number; at: Point } | null {
  const n = outline.length;
  for (let a = 0; a < n; a++) {
    for (let b = a + 2; b < n; b++) {
      if (a === 0 && b === n - 1) continue;
      const [p, q, r, s] = [outline[a]!, outline[(a + 1) % n]!, outline[b]!, outline[(b + 1) % n]!];
      const [d, e] = [subtract(q, p), subtract(s, r)];
      const cross = d.x * e.y - d.y * e.x;
      if (Math.abs(cross) < 1e-9) continue;
      const from = subtract(r, p);
      const t = (from.x * e.y - from.y * e.x) / cross;
      const u = (from.x * d.y - from.y * d.x) / cross;
      if (t >= 0 && t <= 1 && u >= 0 && u <= 1) return { a, b, at: { x: p.x + d.x * t, y: p.y + d.y * t } };
    }
  }
  return null;
}
