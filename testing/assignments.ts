/** Random instances of the kind that rooms make: few and wide places near, many far, things of all sizes. */
import { costOf, plainProblem, type Problem } from '@heronstone/core/search/assignment.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';

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

/** A small instance with everything that costs: crowding, groups, pairs, sorts and furniture. */
export function belongingInstance(wish: {
  items: number;
  places: number;
  seed: number;
  look: number;
  paired: boolean;
  sorted: boolean;
}): Problem {
  const { items, places, seed, look, paired, sorted } = wish;
  const group = new Int32Array(items).fill(-1);
  if (items > 2) group[0] = group[1] = 7;
  const pairs: Array<readonly [number, number, number]> =
    paired && items > 2
      ? [
          [0, items - 1, 35],
          [1, 2, 12],
        ]
      : [];
  return {
    ...roomInstance(items, places, seed),
    look,
    traffic: Float64Array.from({ length: items }, (_, i) => 1 + ((seed + i * 7) % 20)),
    line: new Float64Array(items).fill(1),
    lines: Float64Array.from({ length: places }, (_, j) => j % 2),
    group,
    pairs,
    unit: Int32Array.from({ length: places }, (_, j) => Math.floor(j / 2)),
    near: Array.from({ length: places }, (_, j) => [j ^ 1].filter((k) => k < places)),
    out: Uint8Array.from({ length: places }, (_, j) => (sorted && j === places - 1 ? 1 : 0)),
    naming: sorted
      ? {
          home: Int32Array.from({ length: items }, (_, i) => ((seed + i) % 4) - 1),
          zone: Int32Array.from({ length: items }, (_, i) => ((seed + i) % 3) - 1),
          strangers: 15,
          label: Int32Array.from({ length: items }, (_, i) => ((seed + i) % 4) - 1),
          weight: Float64Array.from([1, 4, 1]),
          ownNames: Int32Array.from([2, 0, 2]),
          ...{ torn: 12, far: 20, nameless: 60, run: 20, place: 5, mixed: new Float64Array(places).fill(20) },
          ...{ tangled: 300, homesInPlace: 2, linesOnTable: 2 },
          lying: [{ home: 1, zone: 0, label: 1, place: 0 }],
        }
      : null,
  };
}

/** The cost of the best of all assignments. */
export function exhaustive(p: Problem): number {
  let best = Infinity;
  const at = new Int32Array(p.items).fill(-1);
  const left = Float64Array.from(p.capacity);
  const go = (i: number) => {
    if (i === p.items) {
      best = Math.min(best, costOf(p, at));
      return;
    }
    at[i] = -1;
    go(i + 1);
    for (let j = 0; j < p.places; j++) {
      const k = i * p.places + j;
      if (p.cost[k] === Infinity || p.size[k]! > left[j]! + 1e-9) continue;
      if (p.group[i]! >= 0 && at.subarray(0, i).some((x, b) => x === j && p.group[b] === p.group[i])) continue;
      at[i] = j;
      left[j]! -= p.size[k]!;
      go(i + 1);
      left[j]! += p.size[k]!;
      at[i] = -1;
    }
  };
  go(0);
  return best;
}
