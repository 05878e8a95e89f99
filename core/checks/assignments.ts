/** Random instances of the kind that rooms make: few and wide places near, many far, things of all sizes. */
import type { Problem } from '../place/assignment.ts';
import { plainProblem } from '../place/assignment.ts';
import { seeded } from '../place/seeded.ts';

/**
 * Supplies are used from one or two of four seats, some very often; places lie about a room of 6 x 5 m and take things
 * side by side. All fit in about four fifths of the room.
 */
export function roomInstance(items: number, places: number, seed: number): Problem {
  const random = seeded(seed);
  const between = (a: number, b: number) => a + random() * (b - a);
  const seats = Array.from({ length: 4 }, () => [between(0, 6), between(0, 5)] as const);
  const at = Array.from({ length: places }, () => ({ x: between(0, 6), y: between(0, 5), extra: between(0, 6) }));
  const capacity = Float64Array.from({ length: places }, () => between(280, 800));
  const width = Array.from({ length: items }, () => 30 + 270 * random() ** 2);
  const room = capacity.reduce((a, b) => a + b, 0);
  const scale = (0.8 * room) / width.reduce((a, b) => a + b, 0);
  const cost = new Float64Array(items * places);
  const size = new Float64Array(items * places);
  const without = new Float64Array(items);
  for (let i = 0; i < items; i++) {
    const uses = [seats[Math.floor(random() * 4)]!, ...(random() < 0.3 ? [seats[Math.floor(random() * 4)]!] : [])];
    const fetches = 24 * random() ** 3 + 0.2;
    for (let j = 0; j < places; j++) {
      const far = uses.reduce((sum, [x, y]) => sum + Math.hypot(at[j]!.x - x, at[j]!.y - y), 0) / uses.length;
      // A turn, paces there and back, and what the place itself takes to open.
      cost[i * places + j] = fetches * (2 + 2.4 * far + at[j]!.extra);
      // Lying one way or the other; some do not fit at all.
      const wide = Math.min(width[i]! * scale, 700) * between(0.8, 1.25);
      size[i * places + j] = wide;
      if (random() < 0.1) cost[i * places + j] = Infinity;
    }
    without[i] = fetches * 60 + 200;
  }
  return plainProblem({ items, places, cost, size, capacity, without });
}
