/**
 * What the names cost: the room is filled by homes, and once more by seconds alone as the yardstick. Where names cost more than
 * they may, they weigh less, until they do not; a place that nobody could name weighs what it weighs.
 */
import { assign, type Annealing, type Answer } from './assign.ts';
import { costOf, type Problem } from './assignment.ts';

/** By how much the minutes may be above those of the quickest plan, as a share. */
export const NAMES_MAY_COST = 0.05;
/** What is aimed at, since what is laid exactly in the end costs a little more. */
const AIM = 0.045;
/** How much torn and mixed homes weigh, one after another. */
const HEAT = 1;
const WEIGHTS = [0.6, 0.4, 0.25, 0.12, 0] as const;

export interface NamedAnswer extends Answer {
  /** Seconds a week of the quickest answer that was found, homes left out; null where it was not looked for. */
  quickest: number | null;
}

/** Seconds a week of an answer in time alone: homes, sets and wishes left out, and what has no place. */
export function timeOf(p: Problem, at: ArrayLike<number>): number {
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
  moves?: number,
): Generator<Annealing, NamedAnswer> {
  if (!p.naming) return { ...(yield* assign(p, seed, start, moves)), quickest: null };
  let best: Answer = yield* stretch(assign(p, seed, start, moves), 0, 0.4);
  const bound = { cost: best.cost, best: best.at };
  const quick = yield* stretch(assign({ ...p, naming: null }, seed, start, moves), 0.4, 0.3, bound);
  const quickest = Math.min(timeOf(p, quick.at), outOf(best.at) === outOf(quick.at) ? timeOf(p, best.at) : Infinity);
  const fine = (at: ArrayLike<number>) => outOf(at) > outOf(quick.at) || timeOf(p, at) <= quickest * (1 + AIM);
  for (const [n, weight] of WEIGHTS.entries()) {
    if (fine(best.at)) break;
    const shown = { cost: costOf(p, best.at), best: best.at };
    const lighter = yield* stretch(
      assign(lightened(p, weight), seed, best.at, moves, HEAT),
      0.7 + 0.06 * n,
      0.06,
      shown,
    );
    if (timeOf(p, lighter.at) < timeOf(p, best.at)) best = lighter;
  }
  return { at: best.at, cost: costOf(p, best.at), quickest };
}

/** A problem in which torn and mixed homes weigh less. */
function lightened(p: Problem, weight: number): Problem {
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
