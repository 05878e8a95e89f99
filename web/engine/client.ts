/** The workers: one answers questions about the plan as it is, one searches for better ones, one knows how good one can be. */
import { wrap, type Remote } from 'comlink';
import type { DxfResult, DXF_UNITS } from '@heronstone/core/formats/dxf.ts';
import type { BoundWorker } from './bound.worker.ts';
import type { DxfWorker } from './dxf.worker.ts';
import type { EngineWorker } from './engine.worker.ts';
import type { SolverWorker } from './solver.worker.ts';

let made: { worker: Worker; remote: Remote<EngineWorker> } | null = null;

function current(): Remote<EngineWorker> {
  if (!made) {
    const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
    made = { worker, remote: wrap<EngineWorker>(worker) };
  }
  return made.remote;
}

/** The engine that runs just now; it may have been started again since it was asked last. */
export const engine = new Proxy({} as Remote<EngineWorker>, {
  get: (_, question) => (current() as unknown as Record<PropertyKey, unknown>)[question],
});

/** Ends the engine; the next question starts another, which knows no plan. */
export function restartEngine(): void {
  made?.worker.terminate();
  made = null;
}

let solverMade: Remote<SolverWorker> | null = null;
/** Made when it is first wanted. */
export function solver(): Remote<SolverWorker> {
  solverMade ??= wrap<SolverWorker>(new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' }));
  return solverMade;
}

let bounderMade: Remote<BoundWorker> | null = null;
export function bounder(): Remote<BoundWorker> {
  bounderMade ??= wrap<BoundWorker>(new Worker(new URL('./bound.worker.ts', import.meta.url), { type: 'module' }));
  return bounderMade;
}

/** How long a drawing may be read, ms: an architect's whole floor takes a second. */
const DXF_LASTS = 20_000;

/** Reads a DXF in a worker of its own, which is ended when it takes too long. */
export function readDxf(text: string, unit?: keyof typeof DXF_UNITS, lasts = DXF_LASTS): Promise<DxfResult> {
  const worker = new Worker(new URL('./dxf.worker.ts', import.meta.url), { type: 'module' });
  const late = new Promise<DxfResult>((done) =>
    setTimeout(
      () =>
        done({
          ok: false,
          message: `This DXF could not be read within ${Math.round(lasts / 1000)} s; a line of it may be damaged. Save it anew as text DXF, with the walls only.`,
        }),
      lasts,
    ),
  );
  const broken = new Promise<DxfResult>((done) =>
    worker.addEventListener('error', (event) =>
      done({ ok: false, message: `This DXF cannot be read: ${event.message || 'the reader stopped'}.` }),
    ),
  );
  return Promise.race([wrap<DxfWorker>(worker).readDxf(text, unit), late, broken]).finally(() => worker.terminate());
}
