/**
 * Fills the compartments, in three phases: homes to runs (homesToRuns.ts), things in their runs (assign.ts), and settling by the
 * Report (settle.ts), at the price of order that costs little enough (curve.ts). Same plan and seed, same result.
 */
import { toEnd } from '../model/groups.ts';
import { applyChanges, remove, set, setMeta, type Change } from '../model/change.ts';
import type { Placement, Plan } from '../model/plan.ts';
import { evaluator } from '../report/evaluate.ts';
import { asPlacements, total } from './asPlacements.ts';
import { assign, type Annealing, type Answer } from './assign.ts';
import type { Problem } from './assignment.ts';
import { begin } from './begin.ts';
import { quietly, tidiest, type Looked, type Settled } from './curve.ts';
import type { Left } from './filling.ts';
import { inFewParts } from './pieces.ts';
import type { Progress, Solution, SolveOptions } from './options.ts';
import { leftOut, problemOf } from './problem.ts';
import { partsAt, settle } from './settle.ts';

/** How hot a search begins that has a good start. */
const WARM = 0.3;

/** Exact layouts that are still tried for what has no place when a search was stopped: about half a second. */
const LAYOUTS_WHEN_STOPPED = 60;

/** How many torn lines a place that cannot be named weighs as much as. Our constant, no source. */
const NAMELESS = 5;

/** A filling that was settled. */
interface Filled extends Settled {
  placements: Placement[];
  unplaced: readonly Left[];
  seconds: number;
}

/**
 * Solves a plan. A generator, so that a worker can report progress and be stopped between steps.
 * Locked placements of the plan stay as they are and take their room; all others are planned again.
 */
export function* solve(plan: Plan, options: SolveOptions): Generator<Progress, Solution> {
  const begun = yield* begin(plan, options);
  const { search, pinned } = begun;
  const { scene } = search;
  const warm = options.start !== undefined || options.only !== undefined;
  // A part of a room is planned beside the rest as it is: only the whole has a yardstick.
  const whole = !warm && options.keep === undefined && options.not === undefined;
  const unplaced = warm ? begun.unplaced : inFewParts(search, begun.unplaced);
  const { problem, quick, parts } = problemOf(search, pinned, unplaced, warm ? scene.constants.disturb : 0);
  const start = Int32Array.from(parts, (part) => part.at);
  let tries = 0;
  const goOn = () => !options.stop?.() || tries++ < LAYOUTS_WHEN_STOPPED;
  const settling = { search, pinned, parts, whole, goOn };
  const reported = evaluator();
  const filled = function* (answer: ArrayLike<number>, at: Problem): Generator<undefined, Filled> {
    const left = yield* settle(settling, answer, at);
    const placements = [...pinned, ...asPlacements(scene, search.parts, pinned)];
    const { week, order, names } = reported(applyChanges(plan, changesTo(plan, { placements })).plan);
    return {
      ...{ placements, unplaced: left, seconds: total(search, left), out: left.length },
      ...{
        minutes: week.planned.minutes,
        torn: order.planned.torn + NAMELESS * (names.planned.places - names.planned.placesNamed),
      },
    };
  };
  const shown = ({ share, cost, best }: Annealing): Progress => {
    const without = parts.filter((_, i) => best[i]! < 0);
    return {
      ...{ phase: 'improving', share, out: without.length },
      seconds: cost - without.reduce((sum, part) => sum + leftOut(part), 0),
      best: () => [...pinned, ...asPlacements(scene, partsAt(search, parts, best).placed, pinned)],
    };
  };
  const byHomes = plan.meta.sorting.way === 'home';
  const run: Generator<Looked, Found> =
    whole && problem.naming
      ? tidiest(
          problem,
          quick,
          options.seed,
          start,
          { moves: options.moves, byHomes, curve: options.curve === true },
          filled,
        )
      : once(assign(problem, options.seed, start, options.moves, ...(warm ? [WARM] : [])), (at) => filled(at, problem));
  let last: Progress | null = null;
  let best: Int32Array = start;
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return solution(step.value, 'nothing better found');
    if (step.value.best) {
      best = step.value.best;
      last = shown(step.value);
    }
    if (last) yield { ...last, share: step.value.share };
    if (options.stop?.()) return solution({ chosen: { settled: toEnd(filled(best, problem)) } }, 'stopped');
  }
}

/** What a search found: the filling, and the quickest one where there is that yardstick. */
type Found = { chosen: { settled: Filled }; quickest?: { settled: Filled }; points?: Array<{ settled: Filled }> };

function* once(
  run: Generator<Annealing, Answer>,
  settled: (answer: ArrayLike<number>) => Generator<undefined, Filled>,
): Generator<Looked, Found> {
  const { at } = yield* run;
  return { chosen: { settled: yield* quietly(settled(at)) } };
}

function solution({ chosen, quickest, points = [] }: Found, ended: Solution['ended']): Solution {
  const { placements, unplaced, seconds, minutes } = chosen.settled;
  const left = new Map<string, number>();
  for (const { supply, count } of unplaced) left.set(supply.id, (left.get(supply.id) ?? 0) + count);
  return {
    ...{ placements, seconds, ended },
    unplaced: [...left].map(([supply, count]) => ({ supply, count })),
    namesCost: costOfNames(minutes, quickest?.settled.minutes ?? 0),
    points: points.map((p) => ({ placements: p.settled.placements, chosen: p.settled === chosen.settled })),
  };
}

/** @param quickest minutes a week; where hardly anything is fetched there is nothing to compare */
function costOfNames(minutes: number, quickest: number): Solution['namesCost'] {
  if (quickest < 1 / 60) return null;
  const more = minutes - quickest;
  return {
    minutes: Math.round(100 * more) / 100,
    share: Math.min(1000, Math.round((1e4 * more) / quickest) / 1e4),
  };
}

/** Runs the solver to its end. */
export function solveAll(plan: Plan, options: SolveOptions): Solution {
  return toEnd(solve(plan, options));
}

/** The changes that make a solution the plan's own: only rows that differ. */
export function changesTo(
  plan: Plan,
  solution: Pick<Solution, 'placements'> & Partial<Pick<Solution, 'namesCost'>>,
): Change[] {
  const wanted = new Map(solution.placements.map((p) => [p.id, p]));
  const changes: Change[] = [];
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'planned' && !wanted.has(p.id)) changes.push(remove('placements', p.id));
  }
  for (const p of solution.placements) {
    if (JSON.stringify(plan.placements[p.id]) !== JSON.stringify(p)) changes.push(set('placements', p.id, p));
  }
  const { namesCost } = solution;
  if (namesCost && JSON.stringify(namesCost) !== JSON.stringify(plan.meta.namesCost))
    changes.push(setMeta(plan, { namesCost }));
  return changes;
}
