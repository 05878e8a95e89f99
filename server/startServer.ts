/** Starts the server on a data directory. Used by `npm start`, `npm run demo` and the tests. */
import { createServer, type Server } from 'node:http';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app.ts';
import { makeSureOfRoom, openDatabase } from './database.ts';
import { keepCopy } from './backup.ts';
import { Feed } from './feed.ts';
import { Guests } from './guests.ts';
import { Share } from './share.ts';
import { Store } from './store.ts';

export interface RunningServer {
  address: string;
  store: Store;
  close: () => Promise<void>;
}

export interface ServerOptions {
  data: string;
  host?: string;
  /** 0 or a taken port means any free one. */
  port?: number;
  web?: string | null;
  /** Where other devices of the home are served once sharing is switched on; all addresses when nothing is said. */
  shareHost?: string;
  /** Certificate and key (PEM) for those devices: with them they are served over HTTPS. */
  tls?: { cert: string; key: string } | null;
  /** When the copy of the day is made, ms after the start, so that starting does not wait for it. */
  copyAfter?: number;
  tell?: (message: string) => void;
  report?: (cause: unknown) => void;
}

export const DEFAULT_PORT = 4747;

/** Where data lives when nobody says otherwise: the system's folder for a user's application data. */
export function defaultData(which: 'own' | 'demo', env: NodeJS.ProcessEnv = process.env): string {
  const base =
    process.platform === 'win32'
      ? (env.APPDATA ?? join(homedir(), 'AppData', 'Roaming'))
      : (env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'));
  return join(base, 'heronstone', which);
}

/** Opens the data and listens. @throws DataError when the data cannot be used */
export async function startServer({
  data,
  host = '127.0.0.1',
  port = DEFAULT_PORT,
  web = null,
  shareHost = '0.0.0.0',
  tls = null,
  copyAfter = 20_000,
  tell = () => {},
  report,
}: ServerOptions): Promise<RunningServer> {
  const { db, close } = await openDatabase(data, tell);
  const makeSure = () => makeSureOfRoom(data);
  const store = new Store(db, makeSure);
  await store.clearRemoved().catch((cause: unknown) => report?.(cause));
  const own = new Set([host, '127.0.0.1', 'localhost']);
  const feed = new Feed();
  const share = new Share({
    host: shareHost,
    guests: new Guests(db, makeSure),
    feed,
    store,
    web,
    tls,
    ...(report ? { report } : {}),
  });
  const app = createApp({
    store,
    web,
    hosts: (name) => own.has(name) || share.answersTo(name),
    feed,
    share,
    ...(report ? { report } : {}),
  });
  const copy = () => keepCopy(store, data, new Date()).catch((cause: unknown) => report?.(cause));
  // One dated copy a day, for as long as it runs.
  const daily = setInterval(() => void copy(), 3_600_000);
  daily.unref();
  const server = createServer(app);
  // Whoever computes for a while keeps the connection: it would else be closed just when it is used again.
  server.keepAliveTimeout = 10 * 60_000;
  await listen(server, port, host);
  await share.resume().catch((cause: unknown) => {
    report?.(cause);
    tell('The room could not be opened to the home again; switch sharing on in the menu.');
  });
  const first = setTimeout(() => void copy(), copyAfter);
  first.unref();
  const { port: actual } = server.address() as { port: number };
  return {
    address: `http://${host}:${actual}`,
    store,
    close: async () => {
      clearInterval(daily);
      clearTimeout(first);
      await share.close();
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
      await close();
    },
  };
}

function listen(server: Server, port: number, host: string): Promise<void> {
  return new Promise((done, fail) => {
    server.once('error', (cause: NodeJS.ErrnoException) => {
      if (cause.code === 'EADDRINUSE' && port !== 0) listen(server, 0, host).then(done, fail);
      else fail(cause);
    });
    server.listen(port, host, done);
  });
}
