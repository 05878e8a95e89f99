/** Thin: runs the solver in slices, so that a cancel is heard in between. */
import { expose } from 'comlink';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { changesTo, solve, type Progress } from '@heronstone/core/place/solve.ts';

/** How long a slice may take before messages are looked at, ms. */
const SLICE = 40;
let cancelled = false;

const worker = {
  /** @param onlyNew what is planned already stays; cancelled, the best so far is kept */
  async solve(plan: Plan, seed: number, onlyNew: boolean, onProgress: (progress: Progress) => void) {
    cancelled = false;
    const run = solve(plan, { seed, stop: () => cancelled, ...(onlyNew ? { keep: () => true } : {}) });
    let since = performance.now();
    for (;;) {
      const step = run.next();
      if (step.done)
        return {
          changes: changesTo(plan, step.value),
          unplaced: step.value.unplaced,
          seconds: step.value.seconds,
          ended: step.value.ended,
        };
      if (performance.now() - since < SLICE) continue;
      onProgress(step.value);
      await new Promise((resume) => setTimeout(resume, 0));
      since = performance.now();
    }
  },
  cancel() {
    cancelled = true;
  },
};

export type SolverWorker = typeof worker;
expose(worker);
