import { longTest } from '@heronstone/testing/longTest.ts';
import { createHash } from 'node:crypto';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { keptCopies, readBackup, writeBackup } from './backup.ts';
import { startServer, type RunningServer } from './startServer.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-doing-'));
let first: RunningServer;
let second: RunningServer;
const demo = demoPlan();
/** One red pixel. */
const PICTURE = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==';
const ask = (server: RunningServer, path: string, init: RequestInit = {}) => fetch(`${server.address}${path}`, init);
let n = 0;
async function change(name: string, ...changes: Change[]): Promise<void> {
  const { revision } = (await first.store.read('demo'))!;
  await first.store.change(
    'demo',
    { revision, epoch: null },
    [{ id: `g${++n}`, name, changes, kind: 'do', target: null }],
    'test',
  );
}

const inOrder = (plan: Plan) => {
  const read = readPlanFile(writePlanFile(plan));
  if (!read.ok) throw new Error(read.findings[0]!.message);
  return read.plan;
};

beforeAll(async () => {
  for (const name of ['one', 'two']) copyTemplate('empty', join(root, name));
  first = await startServer({ data: join(root, 'one'), port: 0, shareHost: '127.0.0.2' });
  second = await startServer({ data: join(root, 'two'), port: 0, shareHost: '127.0.0.3' });
  await first.store.create(demo, 'test');
  await first.store.keepPicture('demo', 'pic1', 'image/png', Buffer.from(PICTURE, 'base64'));
  await change(
    'Add a photograph',
    set('photos', 'pic1', { id: 'pic1', supply: 'gouges', type: 'image/png', width: 1, height: 1, taken: null }),
  );
  await change('Rename', set('supplies', 'gouges', { name: 'Gouges and sweeps' }));
});
afterAll(async () => {
  await first.close();
  await second.close();
  rmSync(root, { recursive: true, force: true });
});

describe('backup', () => {
  test('restored elsewhere: the same plan, report, photographs and journal, after a preview', async () => {
    const bytes = Buffer.from(await (await ask(first, '/api/backup')).arrayBuffer());
    const preview = (await (await ask(second, '/api/restore/preview', { method: 'POST', body: bytes })).json()) as {
      plans: Array<Record<string, unknown>>;
    };
    expect(preview.plans).toEqual([
      expect.objectContaining({ id: 'demo', photographs: 1, steps: 3, revision: 3, replaces: null }),
    ]);
    expect(await second.store.list()).toEqual([]);
    expect((await ask(second, '/api/restore', { method: 'POST', body: bytes })).status).toBe(200);
    const [a, b] = [(await first.store.read('demo'))!, (await second.store.read('demo'))!];
    expect(writePlanFile(b.plan)).toBe(writePlanFile(a.plan));
    // Through the file, which has the rows in one order.
    expect(evaluate(inOrder(b.plan))).toEqual(evaluate(inOrder(a.plan)));
    expect(await second.store.journal('demo', 0)).toEqual(await first.store.journal('demo', 0));
    expect(await second.store.pictures(b.plan)).toEqual(await first.store.pictures(a.plan));
    // Into a directory that has the plan: it is replaced by what was backed up.
    await change('Later', set('supplies', 'gouges', { count: 99 }));
    const again = (await (await ask(first, '/api/restore/preview', { method: 'POST', body: bytes })).json()) as {
      plans: Array<{ replaces: { revision: number } }>;
    };
    expect(again.plans[0]!.replaces.revision).toBe(4);
    await ask(first, '/api/restore', { method: 'POST', body: bytes });
    expect((await first.store.read('demo'))!.revision).toBe(3);
    await change('Goes on', set('supplies', 'gouges', { count: 12 }));
  });

  test('a damaged backup changes nothing and says so', async () => {
    const bytes = await writeBackup(first.store, new Date());
    const before = await first.store.journal('demo', 0);
    const flipped = Buffer.from(bytes);
    flipped[Math.floor(flipped.length / 2)]! ^= 0xff;
    const inner = JSON.parse(gunzipSync(bytes).toString()) as { content: string; sum: string };
    const forged = gzipSync(JSON.stringify({ ...inner, content: inner.content.replace('Gouges and', 'Gouges or') }));
    for (const bad of [flipped, bytes.subarray(0, bytes.length - 40), Buffer.from('hello'), Buffer.alloc(0), forged]) {
      const answer = await ask(first, '/api/restore', { method: 'POST', body: new Uint8Array(bad) });
      expect(answer.status).toBe(422);
      const { error } = (await answer.json()) as { error: { message: string; field: string } };
      expect(error.message).toMatch(/Nothing was changed/);
      expect(error.field).toBe('file');
    }
    expect(await first.store.journal('demo', 0)).toEqual(before);
    expect(() => readBackup(forged)).toThrow(/not what was written/);
  });

  test('a revision that no plan can have is refused, and hides no other plan where it got in before', async () => {
    const inner = JSON.parse(gunzipSync(await writeBackup(first.store, new Date())).toString()) as { content: string };
    const content = inner.content.replaceAll(/"revision":\d+/g, '"revision":9007199254740991');
    const sum = createHash('sha256').update(content).digest('hex');
    const bad = gzipSync(JSON.stringify({ ...inner, content, sum }));
    const answer = await ask(first, '/api/restore', { method: 'POST', body: new Uint8Array(bad) });
    expect(answer.status).toBe(422);
    expect(((await answer.json()) as { error: { message: string } }).error.message).toMatch(
      /revision is not as it should be/,
    );
    // As an earlier program let it in.
    const other = { ...demo, meta: { ...demo.meta, id: 'other', name: 'Other' } };
    const entry = (await first.store.journal('demo', 0))[0]!;
    const revision = Number.MAX_SAFE_INTEGER + 1;
    await second.store.restore([{ plan: other, pictures: {}, revision, journal: [{ ...entry, revision }] }]);
    const list = await ask(second, '/api/plans');
    expect([list.status, ((await list.json()) as { plans: unknown[] }).plans.length]).toEqual([200, 2]);
    expect((await ask(second, '/api/plans/other', { method: 'DELETE' })).status).toBe(200);
    expect((await second.store.list()).map((p) => p.id)).toEqual(['demo']);
  });

  test('a removed plan is nowhere to be seen, and can be brought back whole', async () => {
    const before = (await first.store.read('demo'))!;
    expect((await ask(first, '/api/plans/demo', { method: 'DELETE' })).status).toBe(200);
    expect((await ask(first, '/api/plans/demo', { method: 'DELETE' })).status).toBe(404);
    expect((await ask(first, '/api/plans/demo')).status).toBe(404);
    expect(await first.store.list()).toEqual([]);
    expect((await ask(first, '/api/plans/demo/bring-back', { method: 'POST' })).status).toBe(200);
    expect((await ask(first, '/api/plans/demo/bring-back', { method: 'POST' })).status).toBe(404);
    expect(inOrder((await first.store.read('demo'))!.plan)).toEqual(inOrder(before.plan));
  });

  longTest('dated copies are kept in a sensible number', async () => {
    const days = Array.from({ length: 400 }, (_, i) => new Date(Date.UTC(2026, 0, 1 + i)).toISOString().slice(0, 10));
    const kept = keptCopies(days);
    expect(kept.has(days.at(-1)!)).toBe(true);
    expect(kept.size).toBeGreaterThanOrEqual(15);
    expect(kept.size).toBeLessThanOrEqual(23);
    await first.close();
    first = await startServer({ data: join(root, 'one'), port: 0, shareHost: '127.0.0.2', copyAfter: 0 });
    const day = `${new Date().toISOString().slice(0, 10)}.heronbackup`;
    for (let i = 0; i < 100 && !existsSync(join(root, 'one', 'copies', day)); i++)
      await new Promise((done) => setTimeout(done, 100));
    const copies = readdirSync(join(root, 'one', 'copies'));
    expect(copies).toEqual([day]);
  });
});

test('the plan as it was is had from the journal', async () => {
  const entries = await first.store.journal('demo', 0);
  const old = (await (await ask(first, `/api/plans/demo/at/${encodeURIComponent(entries[1]!.at)}`)).json()) as {
    plan: typeof demo;
  };
  expect(old.plan.supplies.gouges!.name).toBe('Gouges');
  expect((await ask(first, '/api/plans/demo/at/yesterday')).status).toBe(400);
});
