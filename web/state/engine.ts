/** The workers: one answers questions about the plan as it is, one searches for better ones, one knows how good one can be. */
import { wrap, type Remote } from 'comlink';
import type { BoundWorker } from '../workers/bound.worker.ts';
import type { EngineWorker } from '../workers/engine.worker.ts';
import type { SolverWorker } from '../workers/solver.worker.ts';

export const engine: Remote<EngineWorker> = wrap<EngineWorker>(
  new Worker(new URL('../workers/engine.worker.ts', import.meta.url), { type: 'module' }),
);

let solverMade: Remote<SolverWorker> | null = null;
/** Made when it is first wanted. */
export function solver(): Remote<SolverWorker> {
  solverMade ??= wrap<SolverWorker>(
    new Worker(new URL('../workers/solver.worker.ts', import.meta.url), { type: 'module' }),
  );
  return solverMade;
}

let bounderMade: Remote<BoundWorker> | null = null;
export function bounder(): Remote<BoundWorker> {
  bounderMade ??= wrap<BoundWorker>(
    new Worker(new URL('../workers/bound.worker.ts', import.meta.url), { type: 'module' }),
  );
  return bounderMade;
}
