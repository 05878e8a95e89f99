/** The assignment problem and an answer in the making: what each place holds, and what one item more or less costs. */
import { SearchTime, type Sought } from './searchTimeMoves.ts';
import { Names, type Naming } from './naming.ts';

/** How much over a capacity is no more than rounding. */
export const NOISE = 1e-9;

export interface Problem extends Sought {
  items: number;
  /** Cost of an item in a place, row by row; Infinity where it may not lie. */
  cost: Float64Array;
  /** The same with places in which only an exact layout may have room for an item. */
  exactly: Float64Array;
  /** What of a cost is no time but the weight of a wish, row by row; null where all of it is time. */
  wish: Float64Array | null;
  /** Room that it takes there, row by row. */
  size: Float64Array;
  capacity: Float64Array;
  /** Cost of leaving an item out. */
  without: Float64Array;
  /** Items of the same group may not share a place; -1 for none. */
  group: Int32Array;
  /** What it costs when two items do not lie in the same place; half of it in another place of the same unit, a quarter in the next. */
  pairs: ReadonlyArray<readonly [a: number, b: number, cost: number]>;
  /** The same for things of one kind in different homes. */
  kin: Problem['pairs'];
  /** Piece of furniture of each place. */
  unit: Int32Array;
  /** Neighbours of each place. */
  near: ReadonlyArray<readonly number[]>;
  /** Homes of the items; null where nothing but the time counts. */
  naming: Naming | null;
  /** Items with which an item may not share a place; empty where none is. */
  conflicts: ReadonlyMap<number, ReadonlySet<number>>;
}

/** A problem without crowding, groups, pairs and homes. */
export function plainProblem(
  rows: Pick<Problem, 'items' | 'places' | 'cost' | 'size' | 'capacity' | 'without'>,
): Problem {
  return {
    ...rows,
    exactly: rows.cost,
    wish: null,
    traffic: new Float64Array(rows.items),
    line: new Float64Array(rows.items).fill(1),
    look: 0,
    home: Int32Array.from({ length: rows.items }, (_, i) => i),
    homeLines: new Float64Array(rows.items).fill(1),
    out: new Uint8Array(rows.places),
    lines: new Float64Array(rows.places),
    lying: [],
    group: new Int32Array(rows.items).fill(-1),
    pairs: [],
    kin: [],
    unit: Int32Array.from({ length: rows.places }, (_, j) => j),
    near: Array.from({ length: rows.places }, () => []),
    naming: null,
    conflicts: new Map(),
  };
}

/** Cost of a pair in two places; -1 for left out. */
function pairCost(p: Problem, a: number, b: number, cost: number): number {
  if (a < 0 || b < 0) return cost;
  if (a === b) return 0;
  return p.unit[a] !== p.unit[b] ? cost : p.near[a]!.includes(b) ? cost / 4 : cost / 2;
}

/** An answer in the making, with what each place holds. */
export class State {
  readonly at: Int32Array;
  readonly left: Float64Array;
  readonly there: number[][];
  readonly partners: ReadonlyArray<ReadonlyArray<readonly [number, number]>>;
  readonly p: Problem;
  readonly names: Names | null;
  /** Less than that an item costs nowhere. */
  readonly cheapest: Float64Array;
  private readonly looking: SearchTime;

  constructor(p: Problem) {
    this.p = p;
    this.at = new Int32Array(p.items).fill(-1);
    this.left = Float64Array.from(p.capacity);
    this.looking = new SearchTime(p);
    this.there = Array.from({ length: p.places }, () => []);
    const partners: Array<Array<readonly [number, number]>> = Array.from({ length: p.items }, () => []);
    for (const [a, b, cost] of [...p.pairs, ...p.kin]) {
      partners[a]!.push([b, cost]);
      partners[b]!.push([a, cost]);
    }
    this.partners = partners;
    this.names = p.naming ? new Names(p.naming, p.near, p.out) : null;
    this.cheapest = Float64Array.from({ length: p.items }, (_, i) => {
      let least = p.without[i]!;
      for (let j = 0; j < p.places; j++) least = Math.min(least, this.least(i, j));
      return least;
    });
  }

  /**
   * Cost of an item in a place with what is there now, without it.
   * @param from where it still lies, if it does; the same place tells what it costs there
   */
  added(i: number, j: number, from = -1): number {
    const { p } = this;
    if (j < 0) {
      let sum = p.without[i]!;
      for (const [, cost] of this.partners[i]!) sum += cost;
      return sum;
    }
    let sum = p.cost[i * p.places + j]! + this.looking.added(i, j, from === j);
    for (const [k, cost] of this.partners[i]!) sum += pairCost(p, this.at[k]!, j, cost);
    return this.names ? sum + this.names.added(i, j, from) : sum;
  }

  /** What an item costs where it is. */
  here(i: number): number {
    const j = this.at[i]!;
    return this.added(i, j, j);
  }

  /** Less than that it never costs in a place. */
  least(i: number, j: number): number {
    const own = this.p.cost[i * this.p.places + j]!;
    return this.names ? own + this.names.least(i) : own;
  }

  /** Whether an item has room in a place, more being taken out of it, and nothing of its group lies there. */
  fits(i: number, j: number, more = 0): boolean {
    const { p } = this;
    if (p.size[i * p.places + j]! > this.left[j]! + more + NOISE || p.cost[i * p.places + j] === Infinity) return false;
    const g = p.group[i]!;
    if (g >= 0 && this.there[j]!.some((k) => p.group[k] === g)) return false;
    const not = p.conflicts.size === 0 ? undefined : p.conflicts.get(i);
    return not === undefined || this.there[j]!.every((k) => !not.has(k));
  }

  put(i: number, j: number): void {
    this.at[i] = j;
    if (j < 0) return;
    const { p } = this;
    this.left[j]! -= p.size[i * p.places + j]!;
    this.looking.put(i, j, 1);
    this.there[j]!.push(i);
    this.names?.put(i, j, 1);
  }

  take(i: number): void {
    const j = this.at[i]!;
    this.at[i] = -1;
    if (j < 0) return;
    const { p } = this;
    this.left[j]! += p.size[i * p.places + j]!;
    this.looking.put(i, j, -1);
    const list = this.there[j]!;
    list[list.indexOf(i)] = list[list.length - 1]!;
    list.pop();
    this.names?.put(i, j, -1);
  }
}

/** The cost of an answer, from nothing. */
export function costOf(p: Problem, at: ArrayLike<number>): number {
  let sum = 0;
  const looking = new SearchTime(p);
  const lookedBefore = looking.total();
  for (let i = 0; i < p.items; i++) {
    const j = at[i]!;
    if (j < 0) sum += p.without[i]!;
    else {
      sum += p.cost[i * p.places + j]!;
      looking.put(i, j, 1);
    }
  }
  sum += looking.total() - lookedBefore;
  for (const [a, b, cost] of [...p.pairs, ...p.kin]) sum += pairCost(p, at[a]!, at[b]!, cost);
  if (!p.naming) return sum;
  const names = new Names(p.naming, p.near, p.out);
  const before = names.total();
  for (let i = 0; i < p.items; i++) if (at[i]! >= 0) names.put(i, at[i]!, 1);
  return sum + names.total() - before;
}
