/** The real server for the stories: one for many, or a process of its own on a copy of a prepared data directory. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { startServer, type RunningServer } from '@heronstone/server/startServer.ts';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { test as base } from '@playwright/test';

const root = fileURLToPath(new URL('..', import.meta.url));

type Template = 'empty' | 'demo';

export class TestServer {
  address = '';
  port = 0;
  private child: ChildProcess | null = null;
  readonly data: string;

  constructor(template: Template) {
    this.data = mkdtempSync(join(tmpdir(), 'heronstone-e2e-'));
    copyTemplate(template, this.data);
  }

  /** Starts (again, on the same port). */
  async start(): Promise<void> {
    // The database is started often and used little here: its code is not optimised.
    const child = spawn(
      process.execPath,
      ['--liftoff-only', 'server/built.mjs', '--data', this.data, '--port', String(this.port)],
      {
        cwd: root,
      },
    );
    this.child = child;
    let text = '';
    this.address = await new Promise<string>((done, fail) => {
      const hear = (chunk: Buffer) => {
        text += chunk.toString();
        const address = /ready at (\S+)/.exec(text)?.[1];
        if (address) done(address);
      };
      child.stdout!.on('data', hear);
      child.stderr!.on('data', hear);
      child.on('exit', () => fail(new Error(text)));
    });
    this.port = Number(new URL(this.address).port);
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const child = this.child;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await gone;
    this.child = null;
  }

  async remove(): Promise<void> {
    await this.stop();
    rmSync(this.data, { recursive: true, force: true });
  }
}

/** One server for all stories of a worker that do not stop it: in this process, emptied and filled anew before each. */
class SharedServer {
  readonly address: string;
  private readonly running: RunningServer;
  private readonly data: string;
  private constructor(running: RunningServer, data: string) {
    this.running = running;
    this.data = data;
    this.address = running.address;
  }

  static async start(): Promise<SharedServer> {
    const data = mkdtempSync(join(tmpdir(), 'heronstone-e2e-'));
    copyTemplate('empty', data);
    const web = join(root, 'web', 'dist');
    return new SharedServer(await startServer({ data, web, port: 0, copyAfter: 3_600_000 }), data);
  }

  async fill(template: Template): Promise<void> {
    const { store } = this.running;
    for (const { id } of await store.list()) await store.remove(id);
    if (template === 'demo') await store.create(demo(), 'demo');
  }

  async stop(): Promise<void> {
    await this.running.close();
    rmSync(this.data, { recursive: true, force: true });
  }
}

function demo(): Plan {
  const read = readPlanFile(readFileSync(join(root, 'demo', 'plan.json'), 'utf8'));
  if (!read.ok) throw new Error(read.findings[0]?.message);
  return read.plan;
}

/** A test with a server on an empty directory or on the demo: `own` for a process of its own, which it may stop and start. */
export const test = base.extend<
  { template: Template; server: { address: string }; own: TestServer },
  { shared: SharedServer }
>({
  template: ['demo', { option: true }],
  shared: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const server = await SharedServer.start();
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  server: async ({ template, shared }, use) => {
    await shared.fill(template);
    await use(shared);
  },
  own: async ({ template }, use) => {
    const server = new TestServer(template);
    await server.start();
    await use(server);
    await server.remove();
  },
});
export { expect } from '@playwright/test';
