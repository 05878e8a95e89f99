/**
 * A time study: real fetches timed with a stopwatch, and the maker's own factors for the kinds of motion fitted to them
 * by least squares. Few timings say little, so fewer factors are fitted, or none.
 */
import { Matrix, SVD } from 'ml-matrix';
import { constantsOf, type ChangedConstants, type ConstantKey } from '../model/constants.ts';
import type { Plan, Timing } from '../model/plan.ts';
import { sceneOf, type Scene } from '../scene/scene.ts';
import { seatKey } from '../scene/seatKey.ts';
import { lookupIn } from '../cost/cost.ts';
import { byMotion, MOTIONS, totalSeconds, type Element, type Motion } from '../fetch/elements.ts';
import { ALONE, fetchElements, returnElements } from '../fetch/fetch.ts';

/** The fewest timings. */
export const LEAST_TIMINGS = 6;
/** The fewest timings for each factor. */
const PER_FACTOR = 3;
/** How well the kinds of motion must be told apart: smallest over largest singular value. */
const CONDITION = 0.02;

/** One timing beside what the model says. */
export interface Timed {
  id: string;
  /** What the stopwatch said, and the model before and after fitting, s. */
  seconds: number;
  before: number;
  after: number;
  motions: Record<Motion, number>;
}

export type Study =
  | { ok: false; reason: string; timed: Timed[]; need: number }
  | {
      ok: true;
      /** Factors on the times as they are now; only those of motions that the timings tell apart. */
      factors: Partial<Record<Motion, number>>;
      /** All motions by one factor, since the timings do not tell them apart. */
      together: boolean;
      timed: Timed[];
      /** Root mean square of what the model is off, s. */
      before: number;
      after: number;
    };

/** Seconds by motion of what was timed, or null when its place is gone. */
export function elementsOfTiming(scene: Scene, timing: Timing): Element[] | null {
  const { plan } = scene;
  const station = plan.stations[timing.station];
  const opening = `${timing.unit}/${timing.slot}`;
  const compartment = scene.compartment.get(timing.container === null ? opening : `${opening}#${timing.container}`);
  if (!station || !compartment) return null;
  const way = scene.approaches.get(seatKey(station, timing.person ?? station.person))?.get(compartment.id);
  if (!way) return null;
  const supply = timing.supply === null ? undefined : plan.supplies[timing.supply];
  const lines = Object.values(plan.placements).filter(
    (p) =>
      p.arrangement === 'today' && p.unit === timing.unit && p.slot === timing.slot && p.container === timing.container,
  ).length;
  const find = supply ? lookupIn(scene, supply, compartment, { lines: Math.max(1, lines), share: 0 }, 'today') : ALONE;
  return [...fetchElements(way, find), ...(timing.back ? returnElements(way, find) : [])];
}

/** Fits the timings of a plan. */
export function timeStudy(plan: Plan): Study {
  const scene = sceneOf(plan);
  const timed = Object.values(plan.timings).flatMap((t): Timed[] => {
    const elements = elementsOfTiming(scene, t);
    if (!elements) return [];
    const model = totalSeconds(elements);
    return [{ id: t.id, seconds: t.seconds, before: model, after: model, motions: byMotion(elements) }];
  });
  return fitFactors(timed);
}

/** Least squares of factors by motion on timings. @param timed with their seconds by motion as the model has them */
export function fitFactors(timed: readonly Timed[]): Study {
  const list = [...timed];
  if (list.length < LEAST_TIMINGS)
    return {
      ok: false,
      reason: `${list.length === 0 ? 'Nothing was' : list.length === 1 ? 'One fetch was' : `${list.length} fetches were`} timed; ${LEAST_TIMINGS} at least say something.`,
      timed: list,
      need: LEAST_TIMINGS - list.length,
    };
  // The kinds of motion that make up most of the seconds, as many as there are timings for.
  const weight = (m: Motion) => list.reduce((sum, t) => sum + t.motions[m], 0);
  let kinds = [...MOTIONS]
    .filter((m) => weight(m) > 0)
    .sort((a, b) => weight(b) - weight(a))
    .slice(0, Math.max(1, Math.floor(list.length / PER_FACTOR)));
  for (; kinds.length > 1; kinds = kinds.slice(0, -1)) {
    const factors = solve(list, kinds);
    if (factors?.every((f) => f >= 0.1 && f <= 10)) return result(list, kinds, factors, false);
  }
  const all = list.reduce((sum, t) => sum + t.before * t.before, 0);
  const one = list.reduce((sum, t) => sum + t.before * t.seconds, 0) / all;
  if (!(one >= 0.1 && one <= 10))
    return {
      ok: false,
      reason: 'The times are more than ten times off; was the stopwatch started and stopped with the fetch?',
      timed: list,
      need: 0,
    };
  return result(
    list,
    [...MOTIONS],
    MOTIONS.map(() => one),
    true,
  );
}

/** Factors of the motions, those of the others staying 1; null when the timings do not tell them apart. */
function solve(list: readonly Timed[], kinds: readonly Motion[]): number[] | null {
  const others = (t: Timed) => t.before - kinds.reduce((sum, m) => sum + t.motions[m], 0);
  const rows = new Matrix(list.map((t) => kinds.map((m) => t.motions[m])));
  const svd = new SVD(rows, { autoTranspose: true });
  const [largest, smallest] = [svd.diagonal[0]!, svd.diagonal[kinds.length - 1]!];
  if (!(smallest > CONDITION * largest)) return null;
  return svd.solve(Matrix.columnVector(list.map((t) => t.seconds - others(t)))).to1DArray();
}

function result(
  list: readonly Timed[],
  kinds: readonly Motion[],
  factors: readonly number[],
  together: boolean,
): Study {
  const factor = Object.fromEntries(kinds.map((m, i) => [m, factors[i]!])) as Partial<Record<Motion, number>>;
  const timed = list.map((t) => ({
    ...t,
    after: MOTIONS.reduce((sum, m) => sum + t.motions[m] * (factor[m] ?? 1), 0),
  }));
  const off = (which: 'before' | 'after') =>
    Math.sqrt(timed.reduce((sum, t) => sum + (t[which] - t.seconds) ** 2, 0) / timed.length);
  return { ok: true, factors: factor, together, timed, before: off('before'), after: off('after') };
}

/** The constants with fitted factors kept: they multiply what the maker has already. */
export function keepFactors(changed: ChangedConstants, factors: Partial<Record<Motion, number>>): ChangedConstants {
  const now = constantsOf(changed);
  const kept: Partial<Record<ConstantKey, number>> = { ...changed };
  for (const m of MOTIONS) {
    const f = factors[m];
    if (f !== undefined) kept[m] = Math.min(10, Math.max(0.1, Math.round(now[m] * f * 1000) / 1000));
  }
  return kept;
}
