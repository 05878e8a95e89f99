/** The two workers: one answers questions about the plan as it is, one searches for a better one. */
import { proxy, wrap, type Remote } from 'comlink';
import type { Plan } from '@heronstone/core/model/plan.ts';
import type { Progress } from '@heronstone/core/place/solve.ts';
import type { EngineWorker } from '../workers/engine.worker.ts';
import type { SolverWorker } from '../workers/solver.worker.ts';

export const engine: Remote<EngineWorker> = wrap<EngineWorker>(
  new Worker(new URL('../workers/engine.worker.ts', import.meta.url), { type: 'module' }),
);

let solver: { worker: Worker; remote: Remote<SolverWorker> } | null = null;

/**
 * Fills the compartments in the background; cancelled, it answers with the best so far.
 * @param onlyNew what is planned already stays where it is
 */
export async function solveInWorker(
  plan: Plan,
  seed: number,
  onlyNew: boolean,
  onProgress: (progress: Progress) => void,
) {
  solver ??= ((worker) => ({ worker, remote: wrap<SolverWorker>(worker) }))(
    new Worker(new URL('../workers/solver.worker.ts', import.meta.url), { type: 'module' }),
  );
  return solver.remote.solve(plan, seed, onlyNew, proxy(onProgress));
}

/** Stops a search; it ends with the best it has. */
export function cancelSolve(): void {
  void solver?.remote.cancel();
}
