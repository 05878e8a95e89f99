/** Plane geometry in millimetres: x to the east, y to the south, angles clockwise in degrees. */

export interface Point {
  x: number;
  y: number;
}

export const subtract = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
/** Distance of two points, mm. */
export const distance = (a: Point, b: Point): number => Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2);

/** Turns a point clockwise (as seen from above) about the origin by degrees. Right angles come out exact. */
export function turned(p: Point, degrees: number): Point {
  const [sin, cos] = sinCos(degrees);
  return { x: p.x * cos - p.y * sin, y: p.x * sin + p.y * cos };
}

/** Sine and cosine of an angle in degrees, exact at multiples of 90. */
export function sinCos(degrees: number): [number, number] {
  const quarter = degrees / 90;
  if (Number.isInteger(quarter)) {
    return (
      [
        [0, 1],
        [1, 0],
        [0, -1],
        [-1, 0],
      ] as [number, number][]
    )[((quarter % 4) + 4) % 4]!;
  }
  const radians = (degrees * Math.PI) / 180;
  return [Math.sin(radians), Math.cos(radians)];
}

/** Smallest difference of two directions, 0 to 180 degrees. */
export function angleBetween(a: number, b: number): number {
  const difference = Math.abs(a - b) % 360;
  return difference > 180 ? 360 - difference : difference;
}

/** Direction of b seen from a, degrees clockwise from north. */
export function bearing(a: Point, b: Point): number {
  return ((Math.atan2(b.x - a.x, a.y - b.y) * 180) / Math.PI + 360) % 360;
}

/** Area within a closed outline, mm2; positive when it runs clockwise on the drawing (shoelace formula). */
export function signedArea(outline: readonly Point[]): number {
  let twice = 0;
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    twice += a.x * b.y - b.x * a.y;
  });
  return twice / 2;
}

/** Whether a point lies inside a closed outline or within `slack` mm of its edge. */
export function inside(p: Point, outline: readonly Point[], slack = 0): boolean {
  let within = false;
  for (let i = 0; i < outline.length; i++) {
    const a = outline[i]!;
    const b = outline[(i + 1) % outline.length]!;
    if (slack > 0 && distanceToSegment(p, a, b) <= slack) return true;
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) within = !within;
  }
  return within;
}

/** Distance of a point from a segment, mm. */
export function distanceToSegment(p: Point, a: Point, b: Point): number {
  const ab = subtract(b, a);
  const squared = dot(ab, ab);
  const t = squared === 0 ? 0 : Math.min(1, Math.max(0, dot(subtract(p, a), ab) / squared));
  return distance(p, { x: a.x + ab.x * t, y: a.y + ab.y * t });
}

/** How far the farthest of some points stands outside an outline, mm; 0 when all are inside. */
export function standsOut(points: readonly Point[], outline: readonly Point[]): number {
  let worst = 0;
  for (const p of points) {
    if (inside(p, outline)) continue;
    const nearest = Math.min(...outline.map((a, i) => distanceToSegment(p, a, outline[(i + 1) % outline.length]!)));
    worst = Math.max(worst, nearest);
  }
  return worst;
}

/**
 * How far a convex shape reaches through the outline of a room: its own corners outside, or a corner of the room (of an L,
 * of a chimney breast) inside it, mm. 0 when it stands inside.
 */
export function outOfRoom(shape: readonly Point[], outline: readonly Point[]): number {
  let worst = standsOut(shape, outline);
  for (const corner of outline) {
    if (!inside(corner, shape)) continue;
    const depth = Math.min(...shape.map((a, i) => distanceToSegment(corner, a, shape[(i + 1) % shape.length]!)));
    worst = Math.max(worst, depth);
  }
  return worst;
}

/**
 * How deep two convex shapes overlap: the shortest way, mm, by which one would have to be slid to part them
 * (separating axis theorem). 0 when they only touch.
 */
export function overlapDepth(a: readonly Point[], b: readonly Point[]): number {
  let least = Infinity;
  for (const shape of [a, b]) {
    for (let i = 0; i < shape.length; i++) {
      const edge = subtract(shape[(i + 1) % shape.length]!, shape[i]!);
      const size = Math.hypot(edge.x, edge.y);
      if (size === 0) continue;
      const axis = { x: -edge.y / size, y: edge.x / size };
      const [aLow, aHigh] = extent(a, axis);
      const [bLow, bHigh] = extent(b, axis);
      const depth = Math.min(aHigh - bLow, bHigh - aLow);
      if (depth <= 0) return 0;
      least = Math.min(least, depth);
    }
  }
  return least;
}

function extent(shape: readonly Point[], axis: Point): [number, number] {
  let [low, high] = [Infinity, -Infinity];
  for (const p of shape) {
    const along = dot(p, axis);
    low = Math.min(low, along);
    high = Math.max(high, along);
  }
  return [low, high];
}
