/** The real server for the stories: one for many, or a process of its own on a copy of a prepared data directory. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request as httpRequest } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
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

/**
 * Asks a server over a connection of its own: one that is kept open would be closed by the server while a test works something
 * out, and be found broken by the next question.
 * @throws Error with what the server said, unless it answered well
 */
export function ask(address: string, method: string, path: string, text?: string): Promise<string> {
  return new Promise((done, fail) => {
    const headers = text === undefined ? {} : { 'content-type': 'text/plain' };
    const request = httpRequest(`${address}${path}`, { method, headers, agent: false }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => {
        const body = Buffer.concat(parts).toString();
        if ((response.statusCode ?? 500) < 300) done(body);
        else fail(new Error(`${method} ${path}: ${response.statusCode} ${body}`));
      });
    });
    request.on('error', fail);
    request.end(text);
  });
}

/**
 * One server for all stories of a worker that do not stop it, emptied and filled again before each. It is a process of its own: a
 * story that works something out itself holds up no connection.
 */
class SharedServer {
  private readonly server = new TestServer('empty');
  get address(): string {
    return this.server.address;
  }

  static async start(): Promise<SharedServer> {
    const shared = new SharedServer();
    await shared.server.start();
    return shared;
  }

  async fill(template: Template): Promise<void> {
    const { plans } = JSON.parse(await ask(this.address, 'GET', '/api/plans')) as { plans: Array<{ id: string }> };
    for (const { id } of plans) await ask(this.address, 'DELETE', `/api/plans/${id}`);
    if (template === 'demo') await ask(this.address, 'POST', '/api/plans/import', DEMO);
  }

  stop(): Promise<void> {
    return this.server.remove();
  }
}

const DEMO = readFileSync(join(root, 'demo', 'plan.json'), 'utf8');

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
