/**
 * First phase: homes to runs. All of a home is laid as one, from a place on into its neighbours, and homes that stand in each
 * other's way are taken out and laid again, as long as that pays: a large neighbourhood search (Shaw 1998; Ropke & Pisinger 2006)
 * cooled like annealing. Anytime: a generator that always has a whole answer. Same seed, same result.
 */
import { seeded } from '../geometry/seeded.ts';
import { groupBy } from '../model/groups.ts';
import type { Annealing, Answer } from './assign.ts';
import { costOf, NOISE, State, type Problem } from './assignment.ts';

/** How many places a home is tried from, cheapest first; how many homes are taken out at once. */
const STARTS = 14;
const TAKEN = 4;
/** How many of its cheapest places are looked at for what has no room in the run of its home. */
const SINGLE = 30;
/** Heat at the beginning and in the end, s a week. */
const HEAT = { first: 60, near: 15, last: 0.5 } as const;
/** The share of the rounds when it begins from an answer. */
const FROM_ONE = 0.4;
/** What it counts against a place to begin from, for each thing that cannot lie there, s a week. */
const CANNOT = 60;

/** How often homes are taken out and laid again: the fewest, the most, and what it is by how large homes are. Found by trying. */
const ROUNDS = { least: 60, most: 1000, all: 480_000 } as const;

/** The items of a home, and the places from which to lay it, best first. */
interface Group {
  items: number[];
  starts: Int32Array;
}

class Runs {
  readonly groups: Group[];
  /** The group of each item. */
  readonly groupOf: Int32Array;
  /** Cheapest places of each item. */
  private readonly cheapest: Int32Array[];
  readonly state: State;
  private readonly p: Problem;

  constructor(p: Problem) {
    this.p = p;
    this.state = new State(p);
    const sum = (i: number) => p.traffic[i]! + 1e-3 * p.size[i * p.places]!;
    const homes = groupBy(
      Array.from({ length: p.items }, (_, i) => i),
      (i) => {
        const home = p.naming?.home[i] ?? -1;
        return home < 0 ? `item ${i}` : `home ${home}`;
      },
    );
    this.groups = [...homes.values()].map((items) => ({
      items: items.sort((a, b) => sum(b) - sum(a) || a - b),
      starts: this.startsOf(items),
    }));
    this.groupOf = new Int32Array(p.items);
    for (const [n, g] of this.groups.entries()) for (const i of g.items) this.groupOf[i] = n;
    this.cheapest = Array.from({ length: p.items }, (_, i) => this.startsOf([i]).subarray(0, SINGLE));
  }

  /** Places from which to lay items: where they cost least in all, as if there were room for them. */
  private startsOf(items: readonly number[]): Int32Array {
    const { p } = this;
    const cost = new Float64Array(p.places);
    const may: number[] = [];
    for (let j = 0; j < p.places; j++) {
      let can = 0;
      for (const i of items) {
        const own = p.cost[i * p.places + j]!;
        if (own < Infinity && p.size[i * p.places + j]! <= p.capacity[j]!) [can, cost[j]] = [can + 1, cost[j]! + own];
        else cost[j]! += CANNOT + p.traffic[i]!;
      }
      if (can > 0) may.push(j);
    }
    return Int32Array.from(may.sort((a, b) => cost[a]! - cost[b]! || a - b));
  }

  /** The cheapest of some places in which an item has room; -1 for none. */
  private best(i: number, places: Iterable<number>): number {
    let [to, least] = [-1, Infinity];
    for (const j of places) {
      if (!this.state.fits(i, j)) continue;
      const cost = this.state.added(i, j);
      if (cost < least) [to, least] = [j, cost];
    }
    return to;
  }

  /**
   * Lays all of a group from a place on: what has no room there in the next place of the run, and then wherever it costs least.
   * @param most gives up when it costs more
   * @returns what it costs
   */
  lay({ items }: Group, start: number, most = Infinity): number {
    const run = start < 0 ? [] : [start];
    let cost = 0;
    const left: number[] = [];
    for (const i of items) {
      let to = this.best(i, run);
      if (to < 0) {
        to = this.best(i, this.beside(run));
        if (to >= 0) run.push(to);
      }
      if (to < 0) left.push(i);
      else cost += this.put(i, to);
      if (cost > most) return Infinity;
    }
    for (const i of left) {
      cost += this.put(i, this.best(i, this.cheapest[i]!));
      if (cost > most) return Infinity;
    }
    return cost;
  }

  /** @returns what it costs */
  private put(i: number, j: number): number {
    const cost = this.state.added(i, j);
    this.state.put(i, j);
    return cost;
  }

  /** The places next to those of a run. */
  private beside(run: readonly number[]): number[] {
    const next: number[] = [];
    for (const j of run) for (const k of this.p.near[j]!) if (!run.includes(k) && !next.includes(k)) next.push(k);
    return next;
  }

  take({ items }: Group): number {
    const { state } = this;
    let was = 0;
    for (const i of items) {
      const j = state.at[i]!;
      state.take(i);
      was += state.added(i, j);
    }
    return was;
  }

  /** Lays a group where all of it costs least. @returns what it costs */
  layBest(g: Group): number {
    let [from, least] = [-1, Infinity];
    let tried = 0;
    for (const start of g.starts) {
      if (!g.items.some((i) => this.state.fits(i, start))) continue;
      const cost = this.lay(g, start, least);
      for (const i of g.items) this.state.take(i);
      if (cost < least) [from, least] = [start, cost];
      if (++tried >= STARTS) break;
    }
    return from < 0 ? this.lay(g, g.starts[0] ?? -1) : this.lay(g, from);
  }

  /** The groups that lie in a place, and then in those beside it. */
  near(start: number): Set<Group> {
    const found = new Set<Group>();
    for (const j of [start, ...this.p.near[start]!])
      for (const i of this.state.there[j]!) found.add(this.groups[this.groupOf[i]!]!);
    return found;
  }
}

/**
 * @param start an answer to begin from, or null
 * @param rounds how often homes are taken out and laid again
 */
export function* homesToRuns(
  p: Problem,
  seed: number,
  start: ArrayLike<number> | null = null,
  rounds?: number,
): Generator<Annealing, Answer> {
  const runs = new Runs(p);
  const { state, groups } = runs;
  const random = seeded(seed);
  const often = Math.round((ROUNDS.all * groups.length) / Math.max(1, p.items) ** 2);
  const all = rounds ?? Math.max(ROUNDS.least, Math.min(ROUNDS.most, often)) * (start ? FROM_ONE : 1);
  const first = start ? HEAT.near : HEAT.first;
  if (start) {
    for (let i = 0; i < p.items; i++) if (start[i]! >= 0 && state.fits(i, start[i]!)) state.put(i, start[i]!);
  } else {
    const weight = (g: Group) => g.items.reduce((n, i) => n + p.traffic[i]!, 0);
    for (const g of [...groups].sort((a, b) => weight(b) - weight(a))) runs.layBest(g);
  }
  const best = Int32Array.from(state.at);
  let now = costOf(p, state.at);
  let least = now;
  const some = groups.filter((g) => g.starts.length > 0);
  const cooling = Math.pow(HEAT.last / first, 1 / Math.max(1, all));
  let heat: number = first;
  yield { share: 0, cost: least, best };
  for (let round = 0; some.length > 0 && round < all; round++, heat *= cooling) {
    const g = some[Math.floor(random() * some.length)]!;
    const from = g.starts[Math.floor(random() ** 2 * g.starts.length)]!;
    const others = [...runs.near(from)].filter((o) => o !== g).slice(0, TAKEN - 1);
    const before = [g, ...others].flatMap(({ items }) => items.map((i) => [i, state.at[i]!] as const));
    let change = 0;
    for (const o of [g, ...others]) change -= runs.take(o);
    change += random() < 0.5 ? runs.lay(g, from) : runs.layBest(g);
    // In another order each time: who comes first chooses.
    for (const o of shuffled(others, random)) change += runs.layBest(o);
    if (change > 0 && random() >= Math.exp(-change / heat)) {
      for (const [i] of before) state.take(i);
      for (const [i, j] of before) state.put(i, j);
      continue;
    }
    now += change;
    if (now < least - NOISE) {
      least = now;
      best.set(state.at);
    }
    if (round % 50 === 49) {
      now = costOf(p, state.at); // no drift
      yield { share: round / all, cost: least, best };
    }
  }
  return { at: best, cost: costOf(p, best) };
}

/** How often all homes are gone through in the end. */
const PASSES = 4;

/** Lays each home again as a whole, as long as a run with room for it costs less. @returns the better answer */
export function wholeWhereFree(p: Problem, answer: ArrayLike<number>): Int32Array {
  const runs = new Runs(p);
  const { state, groups } = runs;
  for (let i = 0; i < p.items; i++) if (answer[i]! >= 0 && state.fits(i, answer[i]!)) state.put(i, answer[i]!);
  for (let pass = 0, better = true; better && pass < PASSES; pass++) {
    better = false;
    for (const g of groups) {
      const before = g.items.map((i) => state.at[i]!);
      const was = runs.take(g);
      if (runs.layBest(g) < was - NOISE) {
        better = true;
        continue;
      }
      for (const i of g.items) state.take(i);
      g.items.forEach((i, n) => state.put(i, before[n]!));
    }
  }
  return Int32Array.from(state.at);
}

function shuffled<T>(list: readonly T[], random: () => number): T[] {
  return list
    .map((x) => [random(), x] as const)
    .sort((a, b) => a[0] - b[0])
    .map(([, x]) => x);
}
