/**
 * Better places that only an exact layout sees: the search reckons with strips side by side, the Report lays things behind and
 * beside each other, and has more time for what lies under or behind others. Here both look at a place in the same way.
 */
import { State, type Problem } from './assignment.ts';
import type { Filling, Left, Part } from './filling.ts';
import { inARow } from './runOrder.ts';
import type { ReportCost } from './reportCost.ts';

/** The most layouts that are tried. */
const TRIES = 400;
/** Less than that is no gain, s a week. */
const LEAST = 0.05;
/** With at most this many parts times places, all pairs of parts change places; how often all of it is gone through. */
const FEW = 300;
const ROUNDS = 4;
/** With few parts, moves are tried, too, that cost at most this much more by the search's own reckoning, s a week: the Report may see it otherwise. */
const SLACK = 60;
/** Where something is that has no place. */
const OUT = -1;

type Move = readonly [item: number, to: number];

/** Two answers in the making that are one: what all of it costs, and the seconds of it that are a matter of the places alone. */
class Both {
  readonly all: State;
  private readonly time: State;

  constructor(p: Problem) {
    this.all = new State(p);
    const { wish } = p;
    const cost = wish ? p.cost.map((c, k) => c - wish[k]!) : p.cost;
    this.time = new State({ ...p, cost, naming: null, pairs: [], kin: [], without: new Float64Array(p.items) });
  }
  at(i: number): number {
    return this.all.at[i]!;
  }
  put(i: number, j: number): void {
    this.all.put(i, j);
    this.time.put(i, j);
  }
  /** @returns what items would cost more elsewhere: all of it, and of that the seconds */
  change(moves: readonly Move[]): { all: number; time: number } {
    const from = moves.map(([i]) => this.at(i));
    let [all, time] = [0, 0];
    for (const [i] of moves) {
      const j = this.at(i);
      this.all.take(i);
      this.time.take(i);
      all -= this.all.added(i, j);
      time -= this.time.added(i, j);
    }
    for (const [i, to] of moves) {
      all += this.all.added(i, to);
      time += this.time.added(i, to);
      this.put(i, to);
    }
    for (const [i] of moves) {
      this.all.take(i);
      this.time.take(i);
    }
    moves.forEach(([i], n) => this.put(i, from[n]!));
    return { all, time };
  }
  do(moves: readonly Move[]): void {
    for (const [i] of moves) {
      this.all.take(i);
      this.time.take(i);
    }
    for (const [i, to] of moves) this.put(i, to);
  }
}

/**
 * Moves parts, the costliest first, to places where all costs less and they lie by an exact layout; few parts change places, too,
 * also with what has no place.
 * @param itemOf the item of the problem that a thing is, each once
 * @param goOn whether another layout may be tried
 * @returns what has no place
 */
export function* improveExact(
  search: Filling,
  problem: Problem,
  itemOf: (thing: Left) => number | undefined,
  unplaced: readonly Left[],
  reported: ReportCost,
  goOn: () => boolean,
): Generator<undefined, Left[]> {
  const { scene } = search;
  const state = new Both(problem);
  const items = new Map<number, Part | Left>();
  const others: Left[] = [];
  for (const part of [...search.parts, ...unplaced]) {
    const i = itemOf(part);
    const at: number = 'at' in part ? (part as Part).at : OUT;
    if (i !== undefined) {
      state.put(i, at);
      items.set(i, part);
    } else if (at === OUT) others.push(part);
  }
  let tries = 0;
  const own = (i: number, j: number) => (j === OUT ? problem.without[i]! : problem.cost[i * problem.places + j]!);
  const rows = inARow(search);
  const order = [...items.keys()]
    .filter((i) => !rows.has(items.get(i)!.supply.id))
    .sort((a, b) => own(b, state.at(b)) - own(a, state.at(a)));
  const open = (i: number, j: number) =>
    j === OUT ||
    (own(i, j) < Infinity &&
      !search.fitter.limited(j) &&
      !isKeptFrom(state.all, i, j) &&
      !search.besideOther(items.get(i)!.supply, j));
  /** The seconds a week of each place as it is, by the Report. */
  const known = new Map<number, number | null>();
  const secondsIn = (at: number) => {
    let now = known.get(at);
    if (now === undefined) known.set(at, (now = reported.seconds(at, lying(search, at))));
    return now;
  };
  /** Makes moves if an exact layout has room for them and the Report has less for all of it then. */
  const bring = (moves: readonly Move[], change: { all: number; time: number }): boolean => {
    if (tries++ >= TRIES || !goOn()) return false;
    const goes = new Map(moves.map(([i, to]) => [items.get(i)!, to]));
    const there = [...new Set(moves.flatMap(([i, to]) => [state.at(i), to]))].filter((at) => at !== OUT);
    const made: Array<readonly [before: Part | Left, now: Part]> = [];
    // What the Report has for these places beside what the search reckons with, before and after.
    let seconds = 0;
    for (const at of there) {
      const came = [...goes].flatMap(([thing, to]) => (to === at ? [{ thing, only: null }] : []));
      const stays = lying(search, at).filter(({ thing }) => !goes.has(thing));
      const before = secondsIn(at);
      // As they lie, then in any way.
      let things = [...stays, ...came];
      let ways = reported.ways(at, things);
      if (!ways && came.length > 0) {
        things = things.map(({ thing }) => ({ thing, only: null }));
        ways = reported.ways(at, things);
      }
      if (!ways || before === null) return false;
      const laid = things.map(({ thing }, i) => ({ thing, only: ways[i]!.orientation }));
      const after = reported.seconds(at, laid);
      if (after === null) return false;
      seconds += after - before;
      if (came.length === 0) continue;
      for (const [n, { thing }] of things.entries()) {
        const { supply, spare, count } = thing;
        made.push([thing, { supply, spare, count, at, lie: ways[n]!, width: 0 }]);
      }
    }
    if (change.all - change.time + seconds > -LEAST) return false;
    for (const [thing] of made) if ('at' in thing) search.drop(thing);
    for (const [thing, to] of goes) if (to === OUT && 'at' in thing) search.drop(thing);
    for (const [, now] of made) search.put(now);
    const renewed = new Map<Part | Left, Part>(made);
    for (const [i, thing] of items) if (renewed.has(thing)) items.set(i, renewed.get(thing)!);
    for (const [i, to] of moves) {
      const { supply, spare, count } = items.get(i)!;
      if (to === OUT) items.set(i, { supply, spare, count });
    }
    state.do(moves);
    for (const at of there) known.delete(at);
    return true;
  };
  const few = order.length * scene.compartments.length <= FEW;
  const promising = few ? SLACK : -LEAST;
  for (let round = 0, better = true; better && round < ROUNDS; round++) {
    better = false;
    for (const i of order) {
      yield;
      if (tries >= TRIES || !goOn()) break;
      // What has no place was tried everywhere before.
      if (state.at(i) === OUT && !few) continue;
      const cheaper = scene.compartments
        .flatMap((_, j) => {
          const moves: Move[] = [[i, j]];
          return j !== state.at(i) && open(i, j) ? [{ moves, change: state.change(moves) }] : [];
        })
        .filter(({ change }) => change.all < promising)
        .sort((a, b) => a.change.all - b.change.all);
      if (cheaper.some(({ moves, change }) => bring(moves, change))) better = true;
    }
    if (!few) break;
    for (const [n, i] of order.entries())
      for (const k of order.slice(n + 1)) {
        const [a, b] = [state.at(i), state.at(k)];
        if (a === b || tries >= TRIES || !goOn()) continue;
        const moves: Move[] = [
          [i, b],
          [k, a],
        ];
        if (!open(i, b) || !open(k, a)) continue;
        const change = state.change(moves);
        if (change.all < promising && bring(moves, change)) better = true;
      }
  }
  return [...others, ...[...items].flatMap(([i, thing]) => (state.at(i) === OUT ? [thing] : []))];
}

/** What lies in a place, as it lies. */
const lying = (search: Filling, at: number) =>
  search.parts.flatMap((p) => (p.at === at ? [{ thing: p, only: p.lie.orientation }] : []));

/** Whether something lies in a place from which an item is kept. */
function isKeptFrom({ p, there }: State, i: number, j: number): boolean {
  const not = p.conflicts.get(i);
  return there[j]!.some((k) => p.group[k] === p.group[i] || not?.has(k));
}
