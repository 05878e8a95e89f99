/**
 * Assigning things to places of limited room at the least cost: the generalised assignment problem, with what crowding
 * costs and with pair costs. By simulated annealing (Kirkpatrick, Gelatt & Vecchi 1983) over moves, swaps and ejections
 * from a start by regret, then descent. Anytime: a generator that always has a whole answer. Same seed, same result.
 */
import { toEnd } from '../model/groups.ts';
import { better } from './exact.ts';
import { costOf, NOISE, State, type Problem } from './assignment.ts';
import { minus, NEAR, tryMove } from './moves.ts';
import { pricesOf } from './prices.ts';
import { mapFor, remembered } from '../model/memo.ts';
import { seeded } from '../geometry/seeded.ts';

export interface Answer {
  /** Place of each item; -1 for left out. */
  at: Int32Array;
  cost: number;
}

/** Moves tried for each item: for each place, up to a most. The time of the whole search grows with the number of items. */
const MOVES = { each: 60, most: 7000 } as const;
/** Where homes count: the fewest and the most for each item, and how many in all between them. */
const WITH_HOMES = { least: 1000, all: 750_000, most: 16_000 } as const;
export function movesFor(p: Problem): number {
  if (!p.naming) return Math.min(MOVES.most, MOVES.each * p.places);
  const { least, all, most } = WITH_HOMES;
  return Math.max(least, Math.min(most, Math.round(all / Math.max(1, p.items))));
}
/**
 * How hot a search begins, as a multiple of what a middling worsening costs, and its parts: the share of the moves, and how
 * hot each begins beside the first; the later ones go on from the best. Found by trying on the instances of the bench.
 */
const HEAT = 4;
const PHASES: ReadonlyArray<readonly [share: number, heat: number]> = [
  [0.4, 1],
  [0.2, 0.4],
  [0.2, 0.25],
  [0.2, 0.15],
];
/** Of more things than that, where homes count, no two are swapped in the end. */
const SWAPPED = 300;
/** A swap that costs this much more is not looked at, whatever belongs together, s a week. */
const SWAPS = 30;
/** How many of its cheapest places each thing is tried in, in the end, where homes count. */
const LOOKS = 60;
/** How many of the cheapest places with room are compared in a start. */
const FEW = 20;
/** Rounds in which prices are found before a search, and how many looks at a cost that takes at the most. */
const PRICING = { rounds: 300, looks: 1.2e8 } as const;
/** Share of the moves that go to where something lies that belongs with it, where anything does. */
const TO_MATES = 0.2;

/** What all would cost with room for everything. */
function cheapest(p: Problem): number {
  let sum = 0;
  for (let i = 0; i < p.items; i++) {
    let least = p.without[i]!;
    for (let k = i * p.places; k < (i + 1) * p.places; k++) least = Math.min(least, p.cost[k]!);
    sum += least;
  }
  return sum;
}

const byCosts = mapFor<Float64Array, Int32Array[]>();

/** Places of each item, cheapest first by cost and the price of the room there; found once for problems with the same costs. */
const nearest = (p: Problem): Int32Array[] => remembered(byCosts(p.cost), 'nearest', () => rankedPlaces(p));

function rankedPlaces(p: Problem): Int32Array[] {
  // A guess of what it comes to: every thing at its cheapest, and half as much again.
  const guess = 1.5 * cheapest(p);
  const rounds = Math.max(40, Math.min(PRICING.rounds, Math.floor(PRICING.looks / (p.items * p.places))));
  const { prices } = pricesOf(p, guess, rounds);
  const priced = new Float64Array(p.places);
  return Array.from({ length: p.items }, (_, i) => {
    const may: number[] = [];
    for (let j = 0, k = i * p.places; j < p.places; j++, k++) {
      if (p.cost[k] === Infinity || p.size[k]! > p.capacity[j]!) continue;
      priced[j] = p.cost[k]! + prices[j]! * p.size[k]!;
      may.push(j);
    }
    return Int32Array.from(may).sort((x, y) => priced[x]! - priced[y]! || x - y);
  });
}

/** Starts by regret: who would lose most by not having its best place chooses first. */
function construct(state: State, near: readonly Int32Array[], fixed: ArrayLike<number> | null): void {
  const { p } = state;
  let open: number[] = [];
  for (let i = 0; i < p.items; i++) {
    const j = fixed?.[i] ?? -1;
    if (j >= 0 && state.fits(i, j)) state.put(i, j);
    else open.push(i);
  }
  // Regret is looked at again only for those whose best place has just lost room.
  const bestOf = new Int32Array(p.items);
  const regretOf = new Float64Array(p.items);
  const look = (i: number) => {
    let [first, second, j] = [Infinity, Infinity, -1];
    let seen = 0;
    for (const at of near[i]!) {
      if (!state.fits(i, at)) continue;
      const cost = state.added(i, at);
      if (cost < first) [second, first, j] = [first, cost, at];
      else if (cost < second) second = cost;
      if (++seen >= FEW) break;
    }
    bestOf[i] = j;
    regretOf[i] = j < 0 ? -1 : Math.min(second, state.added(i, -1)) - first;
  };
  for (const i of open) look(i);
  while (open.length > 0) {
    let next = open[0]!;
    for (const i of open) if (regretOf[i]! > regretOf[next]!) next = i;
    const j = bestOf[next]!;
    if (j >= 0 && !state.fits(next, j)) {
      look(next);
      continue;
    }
    open = open.filter((i) => i !== next);
    if (j < 0) continue;
    state.put(next, j);
    for (const i of open) if (bestOf[i] === j) look(i);
  }
}

/** How far one step of a search is, for whoever shows it. */
export interface Annealing {
  share: number;
  cost: number;
  /** The best answer so far; it goes on changing while the search goes on. */
  best: Int32Array;
}

/**
 * Searches. Yields now and then; the caller may stop and take `best`.
 * @param start an answer to begin from, or null
 * @param heating how hot it begins, in middling worsenings; little of it stays near a good start
 * @returns the best answer found
 */
export function* assign(
  p: Problem,
  seed: number,
  start: ArrayLike<number> | null = null,
  moves = movesFor(p),
  heating = HEAT,
): Generator<Annealing, Answer> {
  const state = new State(p);
  const near = nearest(p);
  construct(state, near, start);
  let now = costOf(p, state.at);
  const best = Int32Array.from(state.at);
  let least = now;
  const keep = () => {
    if (now < least - NOISE) {
      least = now;
      best.set(state.at);
    }
  };
  yield { share: 0, cost: least, best };
  const random = seeded(seed);
  const total = moves * p.items;
  const middling = heatOf(state, near, random) * heating;
  // Heat is cooled to a thousandth in each part.
  const begin = (part: number) => {
    const [share, hot] = PHASES[part]!;
    return { heat: middling * hot, cooling: Math.pow(1e-3, 1 / Math.max(1, share * total)), moves: share * total };
  };
  let part = 0;
  let { heat, cooling, moves: until } = begin(part);
  const movable: number[] = [];
  for (let i = 0; i < p.items; i++) if (near[i]!.length > 0) movable.push(i);
  const mates = matesOf(p, state);
  const every = 20_000;
  for (let step = 0; movable.length > 0 && step < total; step++, heat *= cooling) {
    const i = movable[Math.floor(random() * movable.length)]!;
    const list = near[i]!;
    const wide = random() < 0.1 ? list.length : Math.min(list.length, NEAR);
    // The nearest most often.
    let j = list[Math.floor(random() ** 2 * wide)]!;
    if (mates && random() < TO_MATES) j = besideMate(state, mates, i, random) ?? j;
    now += tryMove(state, near, i, j, heat, random);
    if (now < least - NOISE) keep();
    if (step >= until && part + 1 < PHASES.length) {
      const next = begin(++part);
      [heat, cooling] = [next.heat, next.cooling];
      until += next.moves;
      takeOver(state, best);
      now = least;
    }
    if (step % every === every - 1) {
      now = costOf(p, state.at); // no drift
      yield { share: step / total, cost: least, best };
    }
  }
  // Down from the best to where nothing single helps.
  takeOver(state, best);
  descend(state, near);
  now = costOf(p, state.at);
  keep();
  const at = better(p, best, costOf(p, best)) ?? best;
  return { at, cost: costOf(p, at) };
}

/** Puts everything where an answer has it. */
function takeOver(state: State, answer: Int32Array): void {
  for (let i = 0; i < answer.length; i++) state.take(i);
  for (let i = 0; i < answer.length; i++) state.put(i, answer[i]!);
}

/** Items that belong with each item, as pairs or as one home; null where nothing belongs together. */
function matesOf(p: Problem, state: State): ReadonlyArray<readonly number[]> | null {
  if (p.pairs.length + p.kin.length === 0 && !p.naming) return null;
  const byHome = new Map<number, number[]>();
  p.naming?.home.forEach((h, i) => {
    const list = byHome.get(h);
    if (list) list.push(i);
    else if (h >= 0) byHome.set(h, [i]);
  });
  return Array.from({ length: p.items }, (_, i) => [
    ...state.partners[i]!.map(([k]) => k),
    ...((p.naming && byHome.get(p.naming.home[i]!)) ?? []),
  ]);
}

/** The place of something that belongs with an item, or another place in the same unit. */
function besideMate(
  state: State,
  mates: ReadonlyArray<readonly number[]>,
  i: number,
  random: () => number,
): number | null {
  const { p } = state;
  const own = mates[i]!;
  if (own.length === 0) return null;
  const at = state.at[own[Math.floor(random() * own.length)]!]!;
  if (at < 0) return null;
  if (random() < 0.5) return p.cost[i * p.places + at]! < Infinity ? at : null;
  // Places of a unit follow each other.
  const j = Math.max(0, Math.min(p.places - 1, at + Math.floor(random() * 7) - 3));
  return p.unit[j] === p.unit[at] && p.cost[i * p.places + j]! < Infinity ? j : null;
}

/** The middle of what a few random worsenings cost. */
function heatOf(state: State, near: readonly Int32Array[], random: () => number): number {
  const worse: number[] = [];
  const { p } = state;
  for (let t = 0; t < 2000 && worse.length < 300; t++) {
    const i = Math.floor(random() * p.items);
    const list = near[i];
    if (!list || list.length < 2) continue;
    const j = list[Math.floor(random() * Math.min(list.length, NEAR))]!;
    const d = p.cost[i * p.places + j]! - p.cost[i * p.places + list[0]!]!;
    if (d > 0) worse.push(d);
  }
  worse.sort((a, b) => a - b);
  return worse[Math.floor(worse.length / 2)] ?? 1;
}

/** Moves and swaps as long as one helps. */
function descend(state: State, near: readonly Int32Array[]): void {
  const { p } = state;
  // With homes in many places each look takes long.
  const looks = p.naming ? LOOKS : p.places;
  const swaps = !p.naming || p.items <= SWAPPED;
  for (let round = 0, better = true; better && round < (p.naming ? 4 : 50); round++) {
    better = false;
    for (let i = 0; i < p.items; i++) {
      const from = state.at[i]!;
      const before = minus(state, i);
      let [to, least] = [from, before - 1e-7];
      for (const j of near[i]!.subarray(0, looks)) {
        if (j === from || p.cost[i * p.places + j]! >= least || !state.fits(i, j)) continue;
        const cost = state.added(i, j);
        if (cost < least) [to, least] = [j, cost];
      }
      state.put(i, to);
      if (to !== from) better = true;
      else if (swaps && swapOne(state, i)) better = true;
    }
  }
}

/** The first swap of an item with another that helps. */
function swapOne(state: State, i: number): boolean {
  const { p } = state;
  const from = state.at[i]!;
  if (from < 0) return false;
  const plain = p.look === 0 && p.pairs.length + p.kin.length === 0 && !p.naming;
  for (let k = 0; k < p.items; k++) {
    const to = state.at[k]!;
    if (to < 0 || to === from) continue;
    const rough =
      p.cost[i * p.places + to]! +
      p.cost[k * p.places + from]! -
      p.cost[i * p.places + from]! -
      p.cost[k * p.places + to]!;
    if (!(rough < 0) && plain) continue;
    if (!(rough < SWAPS)) continue;
    const before = minus(state, i) + minus(state, k);
    if (state.fits(i, to)) {
      const a = state.added(i, to);
      state.put(i, to);
      if (state.fits(k, from)) {
        const d = a + state.added(k, from) - before;
        if (d < -1e-7) {
          state.put(k, from);
          return true;
        }
      }
      state.take(i);
    }
    state.put(k, to);
    state.put(i, from);
  }
  return false;
}

/** Runs a search to its end. */
export function assignAll(p: Problem, seed: number, start: ArrayLike<number> | null = null, moves?: number): Answer {
  return toEnd(assign(p, seed, start, moves));
}
