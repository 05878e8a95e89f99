/**
 * What order costs. The room is filled by seconds alone, as the yardstick, and by homes at one price of a torn home after another;
 * each answer is settled and has the minutes of the Report, and of those that cost little enough the tidiest is taken.
 */
import { assign, movesFor, type Annealing, type Answer } from './assign.ts';
import { costOf, type Problem } from './assignment.ts';
import { homesToRuns, wholeWhereFree } from './homesToRuns.ts';

/** By how much the minutes may be above those of the quickest plan, as a share. */
const MAY_COST = 0.08;
/**
 * The first price of a torn home that is tried, the most, and by how much the next is lower as long as everything costs too much: in
 * steps, since from a tidy answer it goes better to a quicker one than the other way round. Found by trying.
 */
const PRICES = { first: 0.85, most: 6, lower: 0.38 } as const;
/**
 * In how many steps it is looked for: the most, and how many lines are gone through in all of them; the fewest, too, for a room that
 * is sorted in another way than by homes: that way is what the maker asked for, whatever it costs.
 */
const STEPS = { most: 6, least: 2, lines: 1200 } as const;
const stepsFor = ({ items }: Problem) => Math.max(STEPS.least, Math.min(STEPS.most, Math.floor(STEPS.lines / items)));
/** The prices that are all tried, the dearest first, where the whole curve is asked for. */
const CURVE: readonly number[] = [6, 2.5, 1.2, 0.6, 0.3, 0.12];
/**
 * How hot single things begin to move when homes have their runs, the share of the moves that they have, and how many there are at
 * the most in all; less from price to price.
 */
const SETTLING = { heat: 2, share: 0.5, most: 400_000 } as const;
const NEXT = { heat: 0.6, share: 0.25, most: 150_000 } as const;

/** What of the weight of a place that cannot be named stays where order is cheap, as a share. Found by trying. */
const NAMED = 0.25;

/** How much above what it may cost an answer is in the search's own reckoning that is not even settled. */
const FAR_TOO_LONG = 0.03;

/** An answer that was settled. */
export interface Settled {
  /** Minutes a week by the Report. */
  minutes: number;
  /** How many things have no place. */
  out: number;
  /** Lines that lie apart from most of their home, and what places that cannot be named weigh as such lines. */
  torn: number;
}

/** A point of the curve: the price of a torn home, 0 for the quickest plan, and what it comes to. */
export interface Point<S extends Settled> {
  price: number;
  settled: S;
}

/** Where a search is: with an answer in the making, or, without one, where an answer is being settled. */
export type Looked = Annealing | { share: number; best: null };

/**
 * @param plain the problem where nothing but the time counts
 * @param curve whether the answer at every price is settled
 * @param byHomes whether the room is sorted by homes, and as tidy as may be is looked for closely
 * @param settled settles an answer to a problem
 * @returns the quickest answer and the one that is as tidy as may be
 */
export function* tidiest<S extends Settled>(
  p: Problem,
  plain: Problem,
  seed: number,
  start: ArrayLike<number>,
  { moves, byHomes, curve = false }: { moves: number | undefined; byHomes: boolean; curve?: boolean },
  settled: (answer: ArrayLike<number>, problem: Problem) => Generator<undefined, S>,
): Generator<Looked, { quickest: Point<S>; chosen: Point<S>; points: Array<Point<S>> }> {
  const steps = curve ? CURVE.length : byHomes ? stepsFor(p) : STEPS.least;
  const points: Array<Point<S>> = [];
  const share = 1 / (steps + 3);
  const quick: Answer = yield* stretch(assign(plain, seed, start, moves ?? movesFor(plain)), 0, 2 * share);
  const quickest = { price: 0, settled: yield* quietly(settled(quick.at, plain), 2 * share) };
  const most = quickest.settled.minutes * (1 + MAY_COST);
  const limit = timeOf(p, quick.at) * (1 + MAY_COST + FAR_TOO_LONG);
  const fine = ({ settled: s }: Point<S>) => s.out <= quickest.settled.out && s.minutes <= most;
  let best: Point<S> | null = null;
  let [dear, cheap]: [number, number | null] = [PRICES.most, null];
  let from: Int32Array | null = null;
  for (let n = 0; n < steps; n++) {
    const price: number = curve ? CURVE[n]! : n === 0 ? PRICES.first : nextPrice(dear, cheap);
    const priced = pricedAt(p, price);
    const done = (2.5 + n) * share;
    const { heat, share: part, most: all } = n === 0 ? SETTLING : NEXT;
    const each = Math.ceil(Math.min((moves ?? movesFor(p)) * part, all / Math.max(1, p.items)));
    const laid: Answer = yield* stretch(homesToRuns(priced, seed + n, from), done, share / 2);
    const single: Answer = yield* stretch(assign(priced, seed + n, laid.at, each, heat), done + share / 2, share / 2);
    const at: Int32Array = wholeWhereFree(priced, single.at);
    // What takes far too long is not settled, unless nothing else comes.
    const settles: boolean = curve || timeOf(p, at) <= limit || (!best && n + 1 === steps);
    const point: Point<S> | null = settles
      ? { price, settled: yield* quietly(settled(at, priced), done + share) }
      : null;
    if (point) points.push(point);
    if (point && (!best || isBetter(point, best, fine))) best = point;
    if (point && fine(point)) cheap = price;
    else dear = price;
    from = at;
  }
  return { quickest, chosen: best!, points: [quickest, ...points.reverse()] };
}

/** @param dear what costs too much, or the most @param cheap what costs little enough; null as long as nothing does */
const nextPrice = (dear: number, cheap: number | null): number =>
  cheap === null ? dear * PRICES.lower : Math.sqrt(dear * cheap);

/** Seconds a week of an answer in time alone: homes, sets and wishes left out, and what has no place. */
function timeOf(p: Problem, at: ArrayLike<number>): number {
  let sum = costOf({ ...p, naming: null, pairs: [], kin: [], without: new Float64Array(p.items) }, at);
  if (p.wish) for (let i = 0; i < p.items; i++) if (at[i]! >= 0) sum -= p.wish[i * p.places + at[i]!]!;
  return sum;
}

/** What a torn line weighs where every answer costs too much, minutes a week. Our constant, no source. */
const TORN = 0.1;

/** Of two that cost little enough the tidier one; else the one with a place for more, or that takes less time and tears less. */
function isBetter<S extends Settled>(a: Point<S>, b: Point<S>, fine: (p: Point<S>) => boolean): boolean {
  if (fine(a) !== fine(b)) return fine(a);
  if (fine(a)) return a.settled.torn < b.settled.torn;
  const weigh = ({ settled: s }: Point<S>) => s.minutes + TORN * s.torn;
  return a.settled.out !== b.settled.out ? a.settled.out < b.settled.out : weigh(a) < weigh(b);
}

/** A problem at a price: torn and mixed homes weigh that many times as much; a place that nobody can name at most what it weighs. */
function pricedAt(p: Problem, price: number): Problem {
  const { naming } = p;
  if (!naming) return p;
  return {
    ...p,
    kin: p.kin.map(([a, b, cost]) => [a, b, cost * price] as const),
    naming: {
      ...naming,
      torn: naming.torn * price,
      far: naming.far * price,
      run: naming.run * price,
      place: naming.place * price,
      mixed: naming.mixed.map((x) => x * Math.min(1, price)),
      strangers: naming.strangers * Math.min(1, price),
      tangled: naming.tangled * (NAMED + (1 - NAMED) * Math.min(1, price)),
    },
  };
}

/** A search as a part of a longer one. */
function* stretch(run: Generator<Annealing, Answer>, from: number, share: number): Generator<Looked, Answer> {
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return step.value;
    yield { ...step.value, share: from + share * step.value.share };
  }
}

/** @param share how far the whole search is meanwhile */
export function* quietly<T>(run: Generator<undefined, T>, share = 1): Generator<Looked, T> {
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return step.value;
    yield { share, best: null };
  }
}
