/** Thin: reads a foreign DXF, in a worker of its own, since one that is broken in the right way can keep a reader busy for ever. */
import { expose } from 'comlink';
import { readDxf } from '@heronstone/core/formats/dxf.ts';

const worker = { readDxf };

export type DxfWorker = typeof worker;
expose(worker);
