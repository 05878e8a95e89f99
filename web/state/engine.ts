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

/** Fills the compartments in the background. @returns the placements, or null when cancelled */
export async function solveInWorker(plan: Plan, seed: number, onProgress: (progress: Progress) => void) {
  solver ??= ((worker) => ({ worker, remote: wrap<SolverWorker>(worker) }))(
    new Worker(new URL('../workers/solver.worker.ts', import.meta.url), { type: 'module' }),
  );
  return solver.remote.solve(plan, seed, proxy(onProgress));
}

/** Stops a search; its promise ends with null. */
export function cancelSolve(): void {
  void solver?.remote.cancel();
}
