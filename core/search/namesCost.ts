/**
 * What the names cost: the room is filled by homes, and once more by seconds alone as the yardstick. Where names cost more than
 * they may, they weigh less, until they do not; a place that nobody could name weighs what it weighs.
 */
import { assign, movesFor, type Annealing, type Answer } from './assign.ts';
import { costOf, type Problem } from './assignment.ts';

/** By how much the minutes may be above those of the quickest plan, as a share: under 5 %, since what is laid exactly costs more. */
const MAY_COST = 0.035;
/** How hot a search with another weight begins: it goes on from a good answer. */
const HEAT = 1;
const HEAT_NEAR = 0.3;
/** The first weight that is tried when they cost too much, how it falls from one to the next, and how often it is tried. */
const FIRST = 0.5;
const FALLS = 0.4;
const TRIES = 5;
/** How often what cannot be named is looked at again, and how much more it weighs then. */
const UNTANGLED = 2;
const HARDER = 4;

export interface NamedAnswer extends Answer {
  /** Seconds a week of the answer and of the quickest one that was found, in time alone; null where it was not looked for. */
  times: { named: number; quickest: number } | null;
  /** The problem with names weighing what they did where the answer was found. */
  weighed: Problem;
}

/** Seconds a week of an answer in time alone: homes, sets and wishes left out, and what has no place. */
function timeOf(p: Problem, at: ArrayLike<number>): number {
  let sum = costOf({ ...p, naming: null, pairs: [], without: new Float64Array(p.items) }, at);
  if (p.wish) for (let i = 0; i < p.items; i++) if (at[i]! >= 0) sum -= p.wish[i * p.places + at[i]!]!;
  return sum;
}
const outOf = (at: ArrayLike<number>) => Array.from(at).reduce((n, j) => n + (j < 0 ? 1 : 0), 0);

/**
 * Searches like `assign`, homes included, and holds them to what they may cost.
 * @returns the answer, with the yardstick
 */
export function* assignByHomes(
  p: Problem,
  seed: number,
  start: ArrayLike<number> | null,
  tries?: number,
): Generator<Annealing, NamedAnswer> {
  const moves = tries ?? movesFor(p);
  if (!p.naming) return { ...(yield* assign(p, seed, start, moves)), times: null, weighed: p };
  let best: Answer = yield* stretch(assign(p, seed, start, moves), 0, 0.4);
  const shownMeanwhile = { cost: best.cost, best: best.at };
  const quick = yield* stretch(assign({ ...p, naming: null }, seed, start, moves), 0.4, 0.3, shownMeanwhile);
  const quickest = Math.min(timeOf(p, quick.at), outOf(best.at) === outOf(quick.at) ? timeOf(p, best.at) : Infinity);
  const fine = (at: ArrayLike<number>) => outOf(at) > outOf(quick.at) || timeOf(p, at) <= quickest * (1 + MAY_COST);
  // Half the weight as long as they cost too much, then between the last two weights: the best of those that cost little enough.
  let good: Answer | null = fine(best.at) ? best : null;
  let weighs = good ? 1 : 0;
  let [weight, heavy, light] = [FIRST, 1, 0];
  for (let n = 0; n < TRIES && heavy - light > 1e-3; n++) {
    if (good === best && n === 0) break;
    const shown = { cost: costOf(p, (good ?? best).at), best: (good ?? best).at };
    const own = n === TRIES - 1 && !good ? 0 : weight;
    const [from, heat] = good ? [good.at, HEAT_NEAR] : [best.at, HEAT];
    const run = assign(lightened(p, own), seed + n, from, Math.ceil(moves / 2), heat);
    const lighter = yield* stretch(run, 0.7 + (0.3 * n) / TRIES, 0.3 / TRIES, shown);
    if (fine(lighter.at)) {
      light = own;
      if (!good || costOf(p, lighter.at) < costOf(p, good.at)) [good, weighs] = [lighter, own];
    } else {
      heavy = own;
      if (timeOf(p, lighter.at) < timeOf(p, best.at)) best = lighter;
    }
    weight = good ? (heavy + light) / 2 : own * FALLS;
  }
  best = good ?? best;
  // A place that nobody could name is looked at once more, with names that weigh more than all else.
  for (let n = 0; n < UNTANGLED && tanglesOf(p, best.at) > 0; n++) {
    const shown = { cost: costOf(p, best.at), best: best.at };
    const harder = lightened(p, light > 0 ? light : FIRST * FALLS, HARDER);
    const other = yield* stretch(assign(harder, seed + TRIES + n, best.at, Math.ceil(moves / 2), HEAT), 1, 0, shown);
    const within = timeOf(p, other.at) <= Math.max(timeOf(p, best.at), quickest * (1 + MAY_COST));
    if (outOf(other.at) <= outOf(best.at) && within && tanglesOf(p, other.at) < tanglesOf(p, best.at)) best = other;
  }
  const times = { named: timeOf(p, best.at), quickest };
  return { at: best.at, cost: costOf(p, best.at), times, weighed: lightened(p, weighs) };
}

/** By how many homes and kinds places hold too many to be named, weighed. */
function tanglesOf(p: Problem, at: ArrayLike<number>): number {
  const bare = lightened({ ...p, pairs: [] }, 0);
  return costOf(bare, at) - costOf({ ...bare, naming: null }, at);
}

/** A problem in which torn and mixed homes weigh less, and what cannot be named more. */
function lightened(p: Problem, weight: number, tangled = 1): Problem {
  const { naming } = p;
  if (!naming) return p;
  return {
    ...p,
    naming: {
      ...naming,
      run: naming.run * weight,
      furniture: naming.furniture * weight,
      place: naming.place * weight,
      mixed: naming.mixed.map((x) => x * weight),
      strangers: naming.strangers * weight,
      tangled: naming.tangled * tangled,
    },
  };
}

/** A search as a part of a longer one. @param shown what is best meanwhile, where that is not what this one finds */
function* stretch(
  run: Generator<Annealing, Answer>,
  from: number,
  share: number,
  shown?: Pick<Annealing, 'cost' | 'best'>,
): Generator<Annealing, Answer> {
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return step.value;
    yield { ...step.value, share: from + share * step.value.share, ...shown };
  }
}
