/** A disk that is full: nothing is lost, what is wrong is said, and with room again it goes on. A small disk in memory stands for it. */
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Group } from '@heronstone/core/model/change.ts';
import { emptyPlan } from '@heronstone/core/model/plan.ts';
import { startServer, type RunningServer } from './startServer.ts';

const disk = mkdtempSync(join(tmpdir(), 'heronstone-full-'));
let server: RunningServer;
/** Whether this account may mount; where it may not, this test cannot be made. */
let mounted = false;
beforeAll(async () => {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=160m', 'tmpfs', disk], { stdio: 'pipe' });
    mounted = true;
  } catch (cause) {
    console.warn(`No small disk could be mounted, so that a full one is not tried: ${String(cause)}`);
    return;
  }
  copyTemplate('empty', join(disk, 'data'));
  server = await startServer({ data: join(disk, 'data'), port: 0 });
  await server.store.create(emptyPlan({ id: 'p' }), 'test');
});
afterAll(async () => {
  await server?.close();
  if (mounted) execFileSync('umount', [disk]);
  rmSync(disk, { recursive: true, force: true });
});

const group = (id: string): Group => ({
  id,
  name: id,
  kind: 'do',
  target: null,
  changes: [{ table: 'people', id, set: { id, name: 'Maker', stature: 1700 } }],
});
const send = async (baseRevision: number, id: string) => {
  const answer = await fetch(`${server.address}/api/plans/p/changes`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ baseRevision, groups: [group(id)] }),
  });
  return { status: answer.status, body: (await answer.json()) as { error?: { code: string; message: string } } };
};

test('a full disk', async () => {
  if (!mounted) return;
  expect((await send(1, 'before')).status).toBe(200);
  const { bavail, bsize } = statfsSync(disk);
  writeFileSync(join(disk, 'ballast'), Buffer.alloc(bavail * bsize - 2 ** 20));
  const refused = await send(2, 'while');
  expect([refused.status, refused.body.error!.code]).toEqual([507, 'full']);
  expect(refused.body.error!.message).toMatch(/disk with the data is full.*not lost/);
  // It still answers what it has.
  const read = (await (await fetch(`${server.address}/api/plans/p`)).json()) as { revision: number };
  expect(read.revision).toBe(2);
  rmSync(join(disk, 'ballast'));
  expect((await send(2, 'while')).status).toBe(200);
  expect(Object.keys((await server.store.read('p'))!.plan.people)).toEqual(['before', 'while']);
});
