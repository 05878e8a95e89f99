/** The HTTP side: what is answered under which name of the machine, and the built interface. No computation of its own. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express, type Request, type RequestHandler } from 'express';
import helmet from 'helmet';
import { errors, HttpError } from './errors.ts';
import { Feed } from './feed.ts';
import { BODIES, routesOf, type Asker, type Route, type Served } from './routes.ts';

interface AppOptions extends Pick<Served, 'store'> {
  feed?: Feed;
  /** Opening the room to other devices; null where that is not to be had. */
  share?: Served['share'];
  /** Folder of the built interface, or null (development). */
  web: string | null;
  /** Whether the server may be asked under a host name. */
  hosts: (host: string) => boolean;
  /** Called for errors that are not the client's. */
  report?: (cause: unknown) => void;
}

/** Express with what both apps have: no stack in any answer, safe headers, only the names and pages that are ours. */
export function bareApp(hosts: (host: string) => boolean, scheme: 'http' | 'https' = 'http'): Express {
  const app = express();
  app.disable('x-powered-by');
  // What Express itself answers then holds neither stacks nor paths.
  app.set('env', 'production');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // What no plan takes less than is worked out by WebAssembly that ships with the page.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
        },
      },
      strictTransportSecurity: false,
      // A form of ours names the page from which it was sent, so that others are known.
      referrerPolicy: { policy: 'same-origin' },
      // Browsers take these two into account on encrypted lines only, and warn elsewhere.
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  );
  app.use((request, _response, next) => {
    const host = (request.headers.host ?? '').replace(/:\d+$/, '');
    if (!hosts(host))
      throw new HttpError(403, 'host', `This server does not answer for the host “${host.slice(0, 80)}”.`);
    const { origin } = request.headers;
    if (origin !== undefined && origin !== `${scheme}://${request.headers.host}`)
      throw new HttpError(403, 'origin', 'Requests from other pages are not answered.');
    next();
  });
  app.use('/api', (_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  return app;
}

/**
 * Answers the routes of the list, and nothing else under /api.
 * @param askerOf who asks
 * @param may whether the asker may use a route at all, before its body is read; it throws when not
 */
export function serveRoutes(
  app: Express,
  served: Served,
  askerOf: (request: Request) => Asker,
  may: (asker: Asker, guests: Route['guests'], plan: string | undefined) => void = () => {},
): void {
  for (const { method, path, guests, body, answer } of routesOf(served)) {
    const check: RequestHandler = (request, _response, next) => {
      const id = request.params.id;
      may(askerOf(request), guests, typeof id === 'string' ? id : undefined);
      next();
    };
    app[method](path, check, ...(body ? [BODIES[body]] : []), (request, response) =>
      answer(request, response, askerOf(request)),
    );
  }
  app.use('/api', nothingHere);
}

/** The last answer. */
export const nothingHere: RequestHandler = () => {
  throw new HttpError(404, 'not-found', 'There is nothing under this address.');
};

/** The built interface: its files, and its one page for every other address. */
export function serveWeb(app: Express, web: string | null): void {
  if (!web || !existsSync(join(web, 'index.html'))) return;
  app.use(
    express.static(web, {
      index: false,
      maxAge: 0,
      // The names of these say what is in them.
      setHeaders: (response, path) => {
        if (path.includes(`${join('dist', 'assets')}`))
          response.setHeader('Cache-Control', 'max-age=31536000, immutable');
      },
    }),
  );
  app.get('/{*path}', (_request, response) =>
    response.sendFile('index.html', { root: web, headers: { 'Cache-Control': 'no-store' } }),
  );
}

/** The app of this machine, which may do everything. */
export function createApp({
  store,
  web,
  hosts,
  feed = new Feed(),
  share = null,
  report = () => {},
}: AppOptions): Express {
  const app = bareApp(hosts);
  serveRoutes(app, { store, feed, share }, () => null);
  serveWeb(app, web);
  app.use(nothingHere);
  app.use(errors(report));
  return app;
}
