/** The workers: one answers questions about the plan as it is, one searches for better ones, one knows how good one can be. */
import { wrap } from 'comlink';
import type { DxfResult, DXF_UNITS } from '@heronstone/core/formats/dxf.ts';
import type { BoundWorker } from './bound.worker.ts';
import type { DxfWorker } from './dxf.worker.ts';
import type { EngineWorker } from './engine.worker.ts';
import { Line } from './workerLine.ts';
import type { SolverWorker } from './solver.worker.ts';

/** How long a question may take, ms: most take some milliseconds. */
const LIMIT = 20_000;
/** Those that take longer in a large room: a whole evaluation, a PDF, a search for places. */
const LONGER: Readonly<Record<string, number>> = {
  open: 60_000,
  apply: 60_000,
  figures: 60_000,
  addPieces: 60_000,
  mends: 120_000,
  placeNew: 120_000,
  labelsPdf: 60_000,
  doorSheets: 60_000,
  binder: 120_000,
  changeOver: 60_000,
};

export const engineLine = new Line<EngineWorker>({
  start: () => new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' }),
  limitOf: (question) => LONGER[question] ?? LIMIT,
});
/** The engine that runs just now; it may have been started again since it was asked last. */
export const engine = engineLine.ask;

/** The searches say how far they are and can be stopped, so they may take as long as they like. */
export const solverLine = new Line<SolverWorker>({
  start: () => new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' }),
  limitOf: (question) => (question === 'giving' ? LONGER.placeNew! : Infinity),
});
export const solver = solverLine.ask;

const bounderLine = new Line<BoundWorker>({
  start: () => new Worker(new URL('./bound.worker.ts', import.meta.url), { type: 'module' }),
  limitOf: () => 300_000,
});
export const bounder = bounderLine.ask;

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
          message: `This DXF could not be read within ${Math.round(lasts / 1000)} s; a line of it may be damaged. Save it again as text DXF, with the walls only.`,
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
