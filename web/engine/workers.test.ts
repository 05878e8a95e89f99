/** The workers as the window sees them: through messages, everything copied on its way. */
import { readFileSync } from 'node:fs';
import { proxy, wrap, type Endpoint, type Remote } from 'comlink';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import { samePlan } from '@heronstone/core/model/plan.ts';
import { differenceOf } from '@heronstone/core/model/difference.ts';
import { patched } from '@heronstone/core/report/patch.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import type { EngineWorker } from './engine.worker.ts';
import type { SolverWorker, Filling } from './solver.worker.ts';

/** Loads a worker with a message channel as its own side. @returns the window's side */
async function started<T>(load: () => Promise<unknown>): Promise<Remote<T>> {
  const { port1, port2 } = new MessageChannel();
  Object.assign(globalThis, {
    addEventListener: port2.addEventListener.bind(port2),
    removeEventListener: port2.removeEventListener.bind(port2),
    postMessage: port2.postMessage.bind(port2),
  });
  await load();
  port2.start();
  return wrap<T>(port1 as unknown as Endpoint);
}

const read = readPlanFile(readFileSync(new URL('../../demo/plan.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error('The demo plan cannot be read.');
const demo = read.plan;

describe('the engine', () => {
  let engine: Remote<EngineWorker>;
  beforeAll(async () => {
    engine = await started<EngineWorker>(() => import('./engine.worker.ts'));
  });

  test('asked before there is a plan it says so', async () => {
    await expect(engine.balance()).rejects.toThrow('No plan yet.');
  });

  test('the Report is that of core, also after a change; questions are about the plan it has', async () => {
    const report = patched(null, await engine.open(demo));
    expect(report.week).toEqual(evaluate(demo).week);
    const changed = applyChanges(demo, [set('supplies', 'markers', { name: 'Brush pens', count: 12 })]).plan;
    const patch = await engine.apply(differenceOf(demo, changed));
    expect(patched(report, patch)).toEqual(evaluate(changed));
    expect(JSON.stringify(patch).length).toBeLessThan(JSON.stringify(report).length / 2);
    expect((await engine.find('brush pens', 'planned'))[0]?.name).toBe('Brush pens');
    expect((await engine.labelSheet('planned', labelling())).ok).toBe(true);
  });

  test('what is loaded later answers, too: a table, a drawing, a PDF', async () => {
    await engine.open(demo);
    const table = await engine.readCsv('name,count,size\nPens,3,140 x 12 mm\n', 'metric', undefined, true);
    expect(table.supplies.map((s) => s.draft.name)).toEqual(['Pens']);
    expect((await engine.drawing('above', 'dxf', 20, '', null)).text).toContain('SECTION');
  });
});

describe('the searches', () => {
  let solver: Remote<SolverWorker>;
  beforeAll(async () => {
    solver = await started<SolverWorker>(() => import('./solver.worker.ts'));
  });

  test('a filling says how far it is, and cancelled it ends with the best it has', async () => {
    const seen: Filling[] = [];
    const found = await solver.solve(
      demo,
      1,
      { kind: 'room' },
      null,
      proxy((filling: Filling) => {
        seen.push(filling);
        if (filling.phase === 'improving') void solver.cancel();
      }),
    );
    expect(found.ended).toBe('stopped');
    expect(seen.length).toBeGreaterThan(0);
    for (const { share } of seen) expect(share >= 0 && share <= 1).toBe(true);
    const after = applyChanges(demo, found.changes).plan;
    expect(samePlan(after, demo)).toBe(false);
    expect(evaluate(after).errors).toBe(0);
  });
});

function labelling() {
  const { paper, labelWidth, labelHeight, labelling: on } = demo.meta;
  return { paper, width: labelWidth, height: labelHeight, address: '', labelling: on, skip: 0, changed: false };
}

test('a DXF whose reader does not come to an end is given up with a reason, and the reader is ended', async () => {
  let ended = 0;
  Object.assign(globalThis, {
    Worker: class {
      addEventListener() {}
      removeEventListener() {}
      postMessage() {}
      start() {}
      terminate() {
        ended++;
      }
    },
  });
  const { readDxf } = await import('./client.ts');
  ended = 0;
  const read = await readDxf('0\nSECTION', undefined, 1000);
  expect(read).toEqual({
    ok: false,
    message:
      'This DXF could not be read within 1 s; a line of it may be damaged. Save it again as text DXF, with the walls only.',
  });
  expect(ended).toBe(1);
});
