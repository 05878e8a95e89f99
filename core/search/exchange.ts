/**
 * Letting many things change places at once: of every place one thing is taken, and all that were taken are put back the
 * cheapest way, at most one into each place. That is a linear assignment (shortest augmenting paths: Jonker & Volgenant
 * 1987), so it finds the best of all rings and chains of exchanges among them; a very large neighbourhood in the sense of
 * Ahuja, Ergun, Orlin & Punnen (2002).
 */
import type { State } from './assignment.ts';

/** How many places take part at the most: the time grows with their third power. */
const MOST = 120;

/** What an assignment came to: the column of each row, -1 for none. */
export function assignRows(
  rows: number,
  columns: number,
  cost: ArrayLike<number>,
  without: ArrayLike<number>,
): Int32Array {
  const u = new Float64Array(rows);
  const v = new Float64Array(columns);
  const rowOf = new Int32Array(columns).fill(-1);
  const columnOf = new Int32Array(rows).fill(-1);
  const far = new Float64Array(columns);
  const from = new Int32Array(columns);
  const seen = new Uint8Array(columns);
  for (let start = 0; start < rows; start++) {
    far.fill(Infinity);
    seen.fill(0);
    let row = start;
    let reached = 0;
    // The best way so far to leave a row not placed yet.
    let [out, outFar] = [-1, Infinity];
    let end = -1;
    const order: number[] = [];
    for (;;) {
      const leave = reached + without[row]! - u[row]!;
      if (leave < outFar) [out, outFar] = [row, leave];
      let [next, least] = [-1, Infinity];
      const base = row * columns;
      for (let j = 0; j < columns; j++) {
        if (seen[j]) continue;
        const c = cost[base + j]!;
        if (c < Infinity) {
          const d = reached + c - u[row]! - v[j]!;
          if (d < far[j]!) {
            far[j] = d;
            from[j] = row;
          }
        }
        if (far[j]! < least) {
          least = far[j]!;
          next = j;
        }
      }
      if (next < 0 || least >= outFar) {
        reached = outFar;
        break;
      }
      seen[next] = 1;
      order.push(next);
      reached = least;
      if (rowOf[next]! < 0) {
        end = next;
        break;
      }
      row = rowOf[next]!;
    }
    // New prices: what was reached on the way is as dear as the way to it.
    u[start]! += reached;
    for (const j of order) {
      if (j === end) continue;
      const d = reached - far[j]!;
      v[j]! -= d;
      u[rowOf[j]!]! += d;
    }
    if (end >= 0) turn(end, from, rowOf, columnOf, start);
    else {
      // A row on the way gives up its place, and those before it move up.
      const freed = columnOf[out]!;
      columnOf[out] = -1;
      if (out !== start) {
        rowOf[freed] = -1;
        turn(freed, from, rowOf, columnOf, start);
      }
    }
  }
  return columnOf;
}

/** Gives every row on a way the column after it. */
function turn(end: number, from: Int32Array, rowOf: Int32Array, columnOf: Int32Array, start: number): void {
  for (let j = end; ;) {
    const i = from[j]!;
    const before = columnOf[i]!;
    rowOf[j] = i;
    columnOf[i] = j;
    if (i === start) return;
    j = before;
  }
}

/**
 * Takes one thing out of every place (or of some, where there are many), and what is left out, and puts all back the cheapest way.
 * Where things belong together the sum is not exact, so that the caller looks at the whole cost.
 * @returns the things that were taken and where each was
 */
export function exchange(state: State, random: () => number): { taken: number[]; were: number[] } {
  const { p } = state;
  const places = Array.from({ length: p.places }, (_, j) => j);
  for (let n = 0; n < Math.min(MOST, p.places); n++) {
    const k = n + Math.floor(random() * (p.places - n));
    [places[n], places[k]] = [places[k]!, places[n]!];
  }
  places.length = Math.min(MOST, p.places);
  const taken: number[] = [];
  for (const j of places) {
    const there = state.there[j]!;
    if (there.length > 0) taken.push(there[Math.floor(random() * there.length)]!);
  }
  for (let i = 0; i < p.items && taken.length < 2 * MOST; i++) if (state.at[i]! < 0) taken.push(i);
  const were = taken.map((i) => state.at[i]!);
  for (const i of taken) state.take(i);
  const cost = new Float64Array(taken.length * places.length);
  const without = new Float64Array(taken.length);
  taken.forEach((i, row) => {
    without[row] = state.added(i, -1);
    places.forEach((j, n) => {
      cost[row * places.length + n] = state.fits(i, j) ? state.added(i, j) : Infinity;
    });
  });
  const to = assignRows(taken.length, places.length, cost, without);
  taken.forEach((i, row) => state.put(i, to[row]! < 0 ? -1 : places[to[row]!]!));
  return { taken, were };
}
