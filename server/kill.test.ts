/** A write that was answered is there after kill -9. The server runs as its own process and is killed in the middle of writing. */
import { longTest } from '@heronstone/testing/longTest.ts';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = mkdtempSync(join(tmpdir(), 'heronstone-kill-'));
const cwd = fileURLToPath(new URL('..', import.meta.url));
afterAll(() => rmSync(root, { recursive: true, force: true }));

interface Running {
  process: ChildProcess;
  address: string;
}

function start(data: string): Promise<Running> {
  const child = spawn(process.execPath, ['server/built.mjs', '--data', data, '--port', '0', '--no-web'], {
    cwd,
    env: { ...process.env, NODE_OPTIONS: '' },
  });
  return new Promise((done, fail) => {
    let text = '';
    const hear = (chunk: Buffer) => {
      text += chunk.toString();
      const address = /ready at (\S+)/.exec(text)?.[1];
      if (address) done({ process: child, address });
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('exit', (code) => fail(Object.assign(new Error(text), { code })));
  });
}

const post = (address: string, path: string, body: unknown) =>
  fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
const ended = (child: ChildProcess) =>
  new Promise((done) => (child.exitCode !== null || child.signalCode !== null ? done(null) : child.once('exit', done)));

longTest(
  'of servers started at once on one directory exactly one gets it, and what it answered is there afterwards',
  async () => {
    const data = join(root, 'at once');
    copyTemplate('empty', data);
    const many = runs(2, 6);
    for (let round = 0; round < runs(2, 20); round++) {
      // The lock that the round before left behind is taken over by one of them.
      const started = await Promise.allSettled(Array.from({ length: many }, () => start(data)));
      const ready = started.flatMap((s) => (s.status === 'fulfilled' ? [s.value] : []));
      expect(ready).toHaveLength(1);
      for (const s of started)
        if (s.status === 'rejected') expect(String((s.reason as Error).message)).toContain('is using the data');
      const [{ address, process: child }] = ready as [Running];
      const answer = await post(address, '/api/plans', { id: `at-once-${round}` });
      expect(answer.status).toBe(201);
      child.kill('SIGKILL');
      await ended(child);
    }
    const last = await start(data);
    const { plans } = (await (await fetch(`${last.address}/api/plans`)).json()) as { plans: Array<{ id: string }> };
    expect(plans.map((p) => p.id)).toEqual(Array.from({ length: runs(2, 20) }, (_, i) => `at-once-${i}`));
    last.process.kill('SIGTERM');
    await ended(last.process);
  },
  600_000,
);

test('the journal holds every answered write after each kill, whole, and a second server is refused', async () => {
  const data = join(root, 'data');
  copyTemplate('empty', data);
  let server = await start(data);
  await expect(start(data)).rejects.toMatchObject({ code: 1, message: expect.stringContaining('is using the data') });
  await post(server.address, '/api/plans', { id: 'k' });

  const answered = new Set<string>();
  let next = 0;
  for (let round = 0; round < runs(2, 5); round++) {
    const stopAt = 8 + round * 7;
    const { address, process: child } = server;
    // Three write without pause, each on what it heard last; in the middle the server is killed.
    let written = 0;
    const writer = async () => {
      let revision = 1;
      for (;;) {
        const id = `w${next++}`;
        const rows = Array.from({ length: 40 }, (_, k) => ({
          table: 'people',
          id: `${id}-${k}`,
          set: { id: `${id}-${k}`, name: 'Maker', stature: 1700 },
        }));
        for (;;) {
          const sending = post(address, '/api/plans/k/changes', {
            baseRevision: revision,
            groups: [{ id, name: id, changes: rows }],
          });
          if (written++ === stopAt * 3) setTimeout(() => child.kill('SIGKILL'), round * 3);
          const answer = await sending.catch(() => null);
          if (!answer) return;
          const body = (await answer.json().catch(() => null)) as {
            revision?: number;
            missed?: Array<{ revision: number }>;
          } | null;
          if (!body?.revision || ![200, 409].includes(answer.status)) return;
          if (answer.ok) {
            answered.add(id);
            revision = body.revision;
            break;
          }
          // Others wrote in between: once more, from there.
          revision = body.revision;
        }
      }
    };
    await Promise.all([writer(), writer(), writer()]);
    await ended(child);

    server = await start(data);
    const [journal, plan] = (await Promise.all(
      ['journal?since=0&most=5000', ''].map(async (path) =>
        (await fetch(`${server.address}/api/plans/k/${path}`)).json(),
      ),
    )) as [
      { entries: Array<{ revision: number; group: { id: string; changes: unknown[] } }> },
      { plan: { people: Record<string, unknown> }; revision: number },
    ];
    const kept = journal.entries.map((e) => e.group.id);
    for (const id of answered) expect(kept).toContain(id);
    // At most the writes that were under way are there without having been answered; and each is there whole.
    expect(kept.length).toBeLessThanOrEqual(answered.size + 1 + 3 * (round + 1));
    expect(Object.keys(plan.plan.people)).toHaveLength((kept.length - 1) * 40);
    expect(journal.entries.map((e) => e.revision)).toEqual(kept.map((_, i) => i + 1));
  }
  expect(answered.size).toBeGreaterThan(runs(15, 60));
  server.process.kill('SIGTERM');
  await ended(server.process);
  expect(server.process.exitCode).toBe(0);
}, 180_000);
