/** The server as a process: `node server/built.mjs [--demo] [--data DIR] [--port N] [--host H] [--cert FILE --key FILE] [--fresh] [--restore FILE]`. */
import { readFileSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import pino from 'pino';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { journal } from '../demo/year.ts';
import { BackupError, readBackup } from './backup.ts';
import { DataError, startAfresh } from './database.ts';
import { DEFAULT_PORT, defaultData, startServer } from './startServer.ts';

const { values } = parseArgs({
  options: {
    demo: { type: 'boolean' },
    fresh: { type: 'boolean' },
    restore: { type: 'string' },
    data: { type: 'string' },
    port: { type: 'string' },
    host: { type: 'string' },
    cert: { type: 'string' },
    key: { type: 'string' },
    'no-web': { type: 'boolean' },
  },
});
const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' });
const data = values.data ?? defaultData(values.demo ? 'demo' : 'own');
const port = values.port === undefined ? DEFAULT_PORT : Number(values.port);
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`--port is a number from 0 to 65535, not “${values.port}”.`);
  process.exit(2);
}

try {
  if (values.demo && values.fresh && values.data === undefined) rmSync(data, { recursive: true, force: true });
  const { cert, key } = values;
  if ((cert === undefined) !== (key === undefined))
    throw new DataError('unreadable', '--cert and --key belong together: a certificate and its key, as PEM files.');
  const backup = values.restore === undefined ? null : readBackup(readFileSync(values.restore));
  if (backup) await startAfresh(data, new Date().toISOString().slice(0, 10));
  const server = await startServer({
    tls: cert && key ? { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') } : null,
    data,
    port,
    ...(values.host ? { host: values.host } : {}),
    web: values['no-web'] ? null : fileURLToPath(new URL('../web/dist', import.meta.url)),
    tell: (message) => console.log(message),
    report: (cause) => log.error(cause),
  });
  if (backup) {
    await server.store.restore(backup.plans);
    console.log(`Restored ${backup.plans.length} plans from ${values.restore}.`);
  } else if (values.demo && (await server.store.list()).length === 0) {
    const demo = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
    if (!demo.ok) throw new Error(demo.findings[0]?.message);
    const entries = journal(demo.plan);
    const revision = entries.at(-1)!.revision;
    await server.store.restore([{ plan: demo.plan, pictures: demo.pictures, revision, journal: entries }]);
  }
  console.log(`Heronstone is ready at ${server.address}`);
  console.log(`Its data is in ${data}. Ctrl+C stops it.`);
  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    server.close().then(
      () => process.exit(0),
      (cause: unknown) => {
        log.error(cause);
        process.exit(1);
      },
    );
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, stop);
} catch (cause) {
  console.error(cause instanceof DataError || cause instanceof BackupError ? cause.message : cause);
  process.exit(1);
}
