/** The assignment problem and an answer in the making: what each place holds, and what one item more or less costs. */

/** How much over a capacity is no more than rounding. */
export const NOISE = 1e-9;

export interface Problem {
  items: number;
  places: number;
  /** Cost of an item in a place, row by row; Infinity where it may not lie. */
  cost: Float64Array;
  /** Room that it takes there, row by row. */
  size: Float64Array;
  capacity: Float64Array;
  /** Cost of leaving an item out. */
  without: Float64Array;
  /** Crowding: in a place with n > 1 lines each fetch costs (n + 1) / 2 looks. Fetches of each item; 0 for none. */
  traffic: Float64Array;
  /** What an item adds to the lines that are looked through: 1, or 0 for what is seen at once. */
  line: Float64Array;
  look: number;
  /** Lines and fetches of what lies in a place already. */
  lines: Float64Array;
  fetches: Float64Array;
  /** Items of the same group may not share a place; -1 for none. */
  group: Int32Array;
  /** What it costs when two items do not lie in the same place; half of it in another place of the same unit. */
  pairs: ReadonlyArray<readonly [a: number, b: number, cost: number]>;
  /** Piece of furniture of each place. */
  unit: Int32Array;
  /** Sort of each item, -1 for none; what each further unit of a sort, and each further sort of a place, costs. */
  sort: Int32Array;
  home: number;
  mixed: number;
  /** What of each sort lies in places already: sort and place. */
  lying: ReadonlyArray<readonly [sort: number, place: number]>;
}

/** A problem without crowding, groups, pairs and sorts. */
export function plainProblem(
  rows: Pick<Problem, 'items' | 'places' | 'cost' | 'size' | 'capacity' | 'without'>,
): Problem {
  return {
    ...rows,
    traffic: new Float64Array(rows.items),
    line: new Float64Array(rows.items).fill(1),
    look: 0,
    lines: new Float64Array(rows.places),
    fetches: new Float64Array(rows.places),
    group: new Int32Array(rows.items).fill(-1),
    pairs: [],
    unit: Int32Array.from({ length: rows.places }, (_, j) => j),
    sort: new Int32Array(rows.items).fill(-1),
    home: 0,
    mixed: 0,
    lying: [],
  };
}

/** Cost of a pair in two places; -1 for left out. */
function pairCost(p: Problem, a: number, b: number, cost: number): number {
  if (a < 0 || b < 0) return cost;
  return a === b ? 0 : p.unit[a] === p.unit[b] ? cost / 2 : cost;
}

/** How many of each sort lie in each unit and each place, and what that costs. */
class Sorts {
  private readonly p: Problem;
  private readonly inUnit: Int32Array;
  private readonly inPlace: Int32Array;
  /** Units of a sort, and sorts of a place. */
  private readonly units: Int32Array;
  private readonly mixtures: Int32Array;
  private readonly on: boolean;

  constructor(p: Problem) {
    this.p = p;
    this.on = p.home > 0 || p.mixed > 0;
    const all = [...p.sort, ...p.lying.map(([s]) => s)];
    const sorts = this.on ? all.reduce((a, b) => Math.max(a, b), -1) + 1 : 0;
    const units = p.unit.reduce((a, b) => Math.max(a, b), -1) + 1;
    this.inUnit = new Int32Array(sorts * units);
    this.inPlace = new Int32Array(sorts * p.places);
    this.units = new Int32Array(sorts);
    this.mixtures = new Int32Array(p.places);
    this.width = units;
    for (const [s, j] of p.lying) this.count(s, j, 1);
  }
  private readonly width: number;

  added(s: number, j: number): number {
    if (!this.on || s < 0) return 0;
    const { p } = this;
    let sum = 0;
    if (this.units[s]! > 0 && this.inUnit[s * this.width + p.unit[j]!] === 0) sum += p.home;
    if (this.mixtures[j]! > 0 && this.inPlace[s * p.places + j] === 0) sum += p.mixed;
    return sum;
  }

  count(s: number, j: number, by: 1 | -1): void {
    if (!this.on || s < 0) return;
    const { p } = this;
    const u = s * this.width + p.unit[j]!;
    const at = s * p.places + j;
    const [hadUnit, hadPlace] = [this.inUnit[u]! > 0, this.inPlace[at]! > 0];
    this.inUnit[u]! += by;
    this.inPlace[at]! += by;
    if (this.inUnit[u]! > 0 !== hadUnit) this.units[s]! += by;
    if (this.inPlace[at]! > 0 !== hadPlace) this.mixtures[j]! += by;
  }

  /** What all of it costs. */
  total(): number {
    const further = (list: Int32Array) => list.reduce((sum, n) => sum + Math.max(0, n - 1), 0);
    return this.p.home * further(this.units) + this.p.mixed * further(this.mixtures);
  }
}

/** An answer in the making, with what each place holds. */
export class State {
  readonly at: Int32Array;
  readonly left: Float64Array;
  readonly lines: Float64Array;
  readonly fetches: Float64Array;
  readonly there: number[][];
  readonly partners: ReadonlyArray<ReadonlyArray<readonly [number, number]>>;
  readonly p: Problem;
  private readonly sorts: Sorts;

  constructor(p: Problem) {
    this.p = p;
    this.at = new Int32Array(p.items).fill(-1);
    this.left = Float64Array.from(p.capacity);
    this.lines = Float64Array.from(p.lines);
    this.fetches = Float64Array.from(p.fetches);
    this.there = Array.from({ length: p.places }, () => []);
    const partners: Array<Array<readonly [number, number]>> = Array.from({ length: p.items }, () => []);
    for (const [a, b, cost] of p.pairs) {
      partners[a]!.push([b, cost]);
      partners[b]!.push([a, cost]);
    }
    this.partners = partners;
    this.sorts = new Sorts(p);
  }

  private crowd(fetches: number, lines: number): number {
    return lines > 1 ? (fetches * (lines + 1) * this.p.look) / 2 : 0;
  }

  /** Cost of an item in a place with what is there now, without it. */
  added(i: number, j: number): number {
    const { p } = this;
    if (j < 0) {
      let sum = p.without[i]!;
      for (const [, cost] of this.partners[i]!) sum += cost;
      return sum;
    }
    let sum = p.cost[i * p.places + j]!;
    if (p.look > 0) {
      const [f, n] = [this.fetches[j]!, this.lines[j]!];
      sum += this.crowd(f + p.traffic[i]!, n + p.line[i]!) - this.crowd(f, n);
    }
    if (p.pairs.length > 0) for (const [k, cost] of this.partners[i]!) sum += pairCost(p, this.at[k]!, j, cost);
    return sum + this.sorts.added(p.sort[i]!, j);
  }

  /** Whether an item has room in a place, more being taken out of it, and nothing of its group lies there. */
  fits(i: number, j: number, more = 0): boolean {
    const { p } = this;
    if (p.size[i * p.places + j]! > this.left[j]! + more + NOISE || p.cost[i * p.places + j] === Infinity) return false;
    const g = p.group[i]!;
    return g < 0 || this.there[j]!.every((k) => p.group[k] !== g);
  }

  put(i: number, j: number): void {
    this.at[i] = j;
    if (j < 0) return;
    const { p } = this;
    this.left[j]! -= p.size[i * p.places + j]!;
    this.lines[j]! += p.line[i]!;
    this.fetches[j]! += p.traffic[i]!;
    this.there[j]!.push(i);
    this.sorts.count(p.sort[i]!, j, 1);
  }

  take(i: number): void {
    const j = this.at[i]!;
    this.at[i] = -1;
    if (j < 0) return;
    const { p } = this;
    this.left[j]! += p.size[i * p.places + j]!;
    this.lines[j]! -= p.line[i]!;
    this.fetches[j]! -= p.traffic[i]!;
    const list = this.there[j]!;
    list[list.indexOf(i)] = list[list.length - 1]!;
    list.pop();
    this.sorts.count(p.sort[i]!, j, -1);
  }
}

/** The cost of an answer, from nothing. */
export function costOf(p: Problem, at: ArrayLike<number>): number {
  let sum = 0;
  const lines = Float64Array.from(p.lines);
  const fetches = Float64Array.from(p.fetches);
  for (let i = 0; i < p.items; i++) {
    const j = at[i]!;
    if (j < 0) sum += p.without[i]!;
    else {
      sum += p.cost[i * p.places + j]!;
      lines[j]! += p.line[i]!;
      fetches[j]! += p.traffic[i]!;
    }
  }
  for (let j = 0; j < p.places; j++) {
    const crowd = (f: number, n: number) => (n > 1 ? (f * (n + 1) * p.look) / 2 : 0);
    sum += crowd(fetches[j]!, lines[j]!) - crowd(p.fetches[j]!, p.lines[j]!);
  }
  for (const [a, b, cost] of p.pairs) sum += pairCost(p, at[a]!, at[b]!, cost);
  const sorts = new Sorts({ ...p, lying: [] });
  for (const [s, j] of p.lying) sorts.count(s, j, 1);
  const before = sorts.total();
  for (let i = 0; i < p.items; i++) if (at[i]! >= 0) sorts.count(p.sort[i]!, at[i]!, 1);
  return sum + sorts.total() - before;
}
