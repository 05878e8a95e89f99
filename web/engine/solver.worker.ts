/** Thin: runs the searches of core in slices, so that a cancel is heard in between, and posts back what was found so far. */
import { expose } from 'comlink';
import { nanoid } from 'nanoid';
import type { Change } from '@heronstone/core/model/change.ts';
import type { Placement, Plan } from '@heronstone/core/model/plan.ts';
import type { SortingWay } from '@heronstone/core/model/sorting.ts';
import { furnishRoom, type Wanted } from '@heronstone/core/gestures/furnishRoom.ts';
import { orderCurve } from '@heronstone/core/search/orderCurve.ts';
import { advise, type Advising } from '@heronstone/core/search/advise.ts';
import type { Progress } from '@heronstone/core/search/options.ts';
import { changesTo, solve } from '@heronstone/core/search/solve.ts';
import { optionsFor, type Task } from '@heronstone/core/search/tasks.ts';
import { compareWays, type Sorted } from '@heronstone/core/search/ways.ts';
import { propose, type Proposing } from '@heronstone/core/search/furniture/propose.ts';
import { proposeUnits } from '@heronstone/core/search/zones/proposeUnits.ts';
import { settledBy } from '@heronstone/library/setUp.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';

/** How long a slice may take before messages are looked at, and how often the best so far is posted, ms. */
const SLICE = 40;
const SHOWN = 350;
let cancelled = false;

/** How far a filling is; the changes that would make the best so far the plan's own, where it is better than before. */
export type Filling = Omit<Progress, 'best'> & { changes: Change[] | null };

/** Runs a search to its end. */
async function drive<S, R>(run: Generator<S, R>, onStep: (step: S) => void): Promise<R> {
  cancelled = false;
  let since = performance.now();
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
    if (performance.now() - since < SLICE) continue;
    onStep(step.value);
    await new Promise((resume) => setTimeout(resume, 0));
    since = performance.now();
  }
}
const stop = () => cancelled;

const worker = {
  /**
   * Cancelled, the best so far is the answer.
   * @param start placements of a search that was broken off, to begin from
   */
  async solve(
    plan: Plan,
    seed: number,
    task: Task,
    start: Placement[] | null,
    onProgress: (progress: Filling) => void,
  ) {
    let [shown, least] = [-Infinity, Infinity];
    const options = { seed, stop, ...optionsFor(plan, task), ...(start ? { start } : {}) };
    const solution = await drive(solve(plan, options), ({ best, ...progress }) => {
      const { seconds, out, phase } = progress;
      const cost = phase === 'placing' ? Infinity : seconds + out * 1e6;
      const now = performance.now();
      const better = cost < least - 1 && now - shown > SHOWN;
      if (better) [shown, least] = [now, cost];
      onProgress({ ...progress, changes: better ? changesTo(plan, { placements: best() }) : null });
    });
    return { ...solution, changes: changesTo(plan, solution) };
  },
  async ways(
    plan: Plan,
    seed: number,
    ways: SortingWay[],
    onProgress: (p: { share: number; found: Sorted[] }) => void,
  ) {
    return drive(compareWays(plan, { seed, ways, stop }), onProgress);
  },
  async curve(plan: Plan, seed: number, onProgress: (p: { share: number }) => void) {
    return drive(orderCurve(plan, { seed, stop }), onProgress);
  },
  async advise(plan: Plan, seed: number, onProgress: (p: Advising) => void) {
    return drive(advise(plan, { seed, types: unitTypes(plan.meta.units), stop }), onProgress);
  },
  async arrange(plan: Plan, seed: number, onProgress: (p: Proposing) => void) {
    return drive(propose(plan, { seed, stop }), onProgress);
  },
  /** Where the pieces of a new room stand. */
  async furnish(plan: Plan, seed: number, wanted: Wanted[], onProgress: (p: { share: number }) => void) {
    return drive(furnishRoom(plan, wanted, nanoid, seed, settledBy(nanoid)), onProgress);
  },
  giving(plan: Plan, seed: number) {
    return proposeUnits(plan, seed);
  },
  cancel() {
    cancelled = true;
  },
};

export type SolverWorker = typeof worker;
expose(worker);
