/** Starts the real server as a process of its own, on a copy of a prepared data directory. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { test as base } from '@playwright/test';

const root = fileURLToPath(new URL('..', import.meta.url));

export class TestServer {
  address = '';
  port = 0;
  private child: ChildProcess | null = null;
  readonly data: string;

  constructor(template: 'empty' | 'demo') {
    this.data = mkdtempSync(join(tmpdir(), 'heronstone-e2e-'));
    copyTemplate(template, this.data);
  }

  /** Starts (again, on the same port). */
  async start(): Promise<void> {
    const child = spawn(
      process.execPath,
      ['--import', 'tsx', 'server/main.ts', '--data', this.data, '--port', String(this.port)],
      { cwd: root },
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

/** A test with a server of its own: `template` says on which data. */
export const test = base.extend<{ template: 'empty' | 'demo'; server: TestServer }>({
  template: ['demo', { option: true }],
  server: async ({ template }, use) => {
    const server = new TestServer(template);
    await server.start();
    await use(server);
    await server.remove();
  },
});
export { expect } from '@playwright/test';
