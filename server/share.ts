/**
 * Opening one plan to a phone or another device in the same home. Off until it is switched on; then a second address is
 * served, on which nothing answers but the page for the code. A code lets one device in, once, for ten minutes; its session
 * lasts for a month, until it is ended or sharing is switched off, also when the server is started again in between. What a
 * session may ask is said route by route in routes.ts, and always about its own plan.
 */
import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { networkInterfaces } from 'node:os';
import express, { type Express, type Request, type Response } from 'express';
import { bareApp, nothingHere, serveRoutes, serveWeb } from './app.ts';
import { errors, HttpError } from './errors.ts';
import type { Feed } from './feed.ts';
import type { Guest, Guests, May } from './guests.ts';
import type { Sharing } from './routes.ts';
import type { Store } from './store.ts';

/** Letters and digits that are not mistaken for each other. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const CODE_LENGTH = 8;
/** How long a code lets somebody in, ms. */
const CODE_LASTS = 10 * 60_000;
/** After this many wrong codes a device is not heard for as long as a code lasts; others are. */
const WRONG = 5;
/** How many devices are remembered for that. */
const REMEMBERED = 1000;
/** How long a session lasts, ms. */
const SESSION_LASTS = 30 * 24 * 3_600_000;
const COOKIE = 'heron_guest';
const SHARE_PORT = 4748;

interface Invitation {
  code: string;
  plan: string;
  may: May;
  until: number;
}

const hash = (text: string) => createHash('sha256').update(text).digest();

interface ShareOptions {
  /** The address that is listened at; 0.0.0.0 for all of this machine. */
  host: string;
  guests: Guests;
  feed: Feed;
  store: Store;
  web: string | null;
  /** Certificate and key (PEM): with them the second address is served over HTTPS. */
  tls?: { cert: string; key: string } | null;
  /** ms */
  now?: () => number;
  report?: (cause: unknown) => void;
}

export class Share implements Sharing {
  private readonly host: string;
  private readonly guests: Guests;
  private readonly feed: Feed;
  private readonly now: () => number;
  private readonly tls: { cert: string; key: string } | null;
  private readonly app: Express;
  private server: Server | null = null;
  private invitation: Invitation | null = null;
  /** Wrong codes by device. */
  private readonly wrong = new Map<string, { count: number; until: number }>();

  constructor({ host, guests, feed, store, web, tls = null, now = Date.now, report = () => {} }: ShareOptions) {
    this.host = host;
    this.guests = guests;
    this.feed = feed;
    this.now = now;
    this.tls = tls;
    this.app = this.guestApp(store, web, report);
  }

  /** Whether a host name is one of this machine's on which it is shared just now. */
  answersTo(host: string): boolean {
    return this.server !== null && this.addresses().includes(host);
  }

  /** Whether a guest's session goes on. */
  isIn(guest: string): boolean {
    return this.server !== null && this.guests.list(this.now()).some((g) => g.id === guest);
  }

  /** What the maker sees: whether it is on, under which address, and who was let in. */
  state() {
    const valid = this.invitation && this.invitation.until > this.now() ? this.invitation : null;
    return {
      on: this.server !== null,
      address: this.address(),
      code: valid?.code ?? null,
      link: valid ? `${this.address()}/pair?code=${valid.code}` : null,
      until: valid ? new Date(valid.until).toISOString() : null,
      guests: this.guests
        .list(this.now())
        .map(({ id, plan, may, name, since, until }) => ({ id, plan, may, name, since, until })),
    };
  }

  /** Opens the room again where it was open when the server stopped. */
  async resume(): Promise<void> {
    const port = await this.guests.load();
    if (port !== null) await this.listen(port);
  }

  /** Switches sharing on, when it is off, and makes a new code; the one before it is void. */
  async invite(plan: string, may: May) {
    if (!this.server) await this.guests.open(await this.listen(SHARE_PORT));
    const code = Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
    this.invitation = { code, plan, may, until: this.now() + CODE_LASTS };
    this.wrong.clear();
    return this.state();
  }

  /** Ends a session, and what it listens to. */
  async sendOut(id: string): Promise<void> {
    await this.guests.remove(id);
    this.feed.end(id);
  }

  /** Switches sharing off: nothing is served there any more, and all sessions are over. */
  async stop(): Promise<void> {
    this.invitation = null;
    await this.guests.open(null);
    await this.close();
  }

  /** Serves nothing more; who was let in stays so. */
  async close(): Promise<void> {
    this.feed.end();
    const { server } = this;
    this.server = null;
    if (!server) return;
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  }

  /** @returns the port */
  private async listen(port: number): Promise<number> {
    const server = this.tls ? createSecureServer(this.tls, this.app) : createServer(this.app);
    await listenOn(server, port, this.host);
    this.server = server;
    return (server.address() as { port: number }).port;
  }

  private addresses(): string[] {
    if (this.host !== '0.0.0.0') return [this.host];
    return Object.values(networkInterfaces()).flatMap((list) =>
      (list ?? []).flatMap((i) => (i.family === 'IPv4' && !i.internal ? [i.address] : [])),
    );
  }

  private address(): string | null {
    if (!this.server) return null;
    const { port } = this.server.address() as { port: number };
    return `http${this.tls ? 's' : ''}://${this.addresses()[0] ?? '127.0.0.1'}:${port}`;
  }

  /**
   * Lets a device in.
   * @returns the secret of its new session with the guest, or what it is told
   */
  private async pair(request: Request, code: string): Promise<{ secret: string; guest: Guest } | string> {
    const device = request.socket.remoteAddress ?? '';
    const before = this.wrong.get(device);
    const tries = before && before.until > this.now() ? before.count : 0;
    if (tries >= WRONG) return 'Too many wrong codes came from this device. Ask for a new one.';
    const { invitation } = this;
    const right =
      invitation !== null &&
      invitation.until > this.now() &&
      timingSafeEqual(hash(code.trim().toUpperCase()), hash(invitation.code));
    if (!right) {
      if (this.wrong.size >= REMEMBERED) this.wrong.delete(this.wrong.keys().next().value!);
      this.wrong.set(device, { count: tries + 1, until: this.now() + CODE_LASTS });
      return 'This code is wrong, was used already, or is too old. Ask for a new one.';
    }
    this.invitation = null;
    const known = this.guestOf(request);
    if (known) await this.sendOut(known.id);
    const secret = randomBytes(32).toString('base64url');
    const { plan, may } = invitation;
    const guest: Guest = {
      id: randomBytes(6).toString('hex'),
      secret: hash(secret),
      plan,
      may,
      name: deviceOf(request),
      since: new Date(this.now()).toISOString(),
      until: new Date(this.now() + SESSION_LASTS).toISOString(),
    };
    await this.guests.add(guest);
    return { secret, guest };
  }

  private guestOf(request: Request): Guest | null {
    const cookie = (request.headers.cookie ?? '').split(/; */).find((c) => c.startsWith(`${COOKIE}=`));
    if (!cookie) return null;
    const secret = hash(cookie.slice(COOKIE.length + 1));
    return this.guests.list(this.now()).find((g) => timingSafeEqual(g.secret, secret)) ?? null;
  }

  private setCookie(response: Response, secret: string): Response {
    const lasts = Math.round(SESSION_LASTS / 1000);
    const secure = this.tls ? '; Secure' : '';
    return response.set(
      'Set-Cookie',
      `${COOKIE}=${secret}; HttpOnly; SameSite=Strict; Path=/; Max-Age=${lasts}${secure}`,
    );
  }

  /** The app of the second address. */
  private guestApp(store: Store, web: string | null, report: (cause: unknown) => void): Express {
    const app = bareApp((host) => this.answersTo(host), this.tls ? 'https' : 'http');
    app.get('/pair', (request, response) => {
      sendPage(response, 200, typeof request.query.code === 'string' ? request.query.code : '', '');
    });
    app.post('/pair', express.urlencoded({ extended: false, limit: '2kb' }), async (request, response) => {
      const paired = await this.pair(request, codeOf(request));
      if (typeof paired === 'string') return sendPage(response, 403, '', paired);
      this.setCookie(response, paired.secret).redirect(303, `/plan/${paired.guest.plan}/find`);
    });
    // The page of a plan that was open when its session ended asks for the code itself, and keeps what it has.
    app.post('/api/pair', express.json({ limit: '2kb' }), async (request, response) => {
      const paired = await this.pair(request, codeOf(request));
      if (typeof paired === 'string') throw new HttpError(403, 'code', paired, 'code');
      const { plan, may, until } = paired.guest;
      this.setCookie(response, paired.secret).status(201).json({ plan, may, until });
    });
    serveRoutes(
      app,
      { store, feed: this.feed, share: this },
      (request) => this.guestOf(request),
      (guest, guests, plan) => {
        if (!guest) throw new HttpError(401, 'pair', 'This device was not let in, or its session has ended.');
        if (guests === 'none')
          throw new HttpError(403, 'not-shared', 'Only the plan that was shared is to be had here.');
        if (plan !== undefined && plan !== guest.plan)
          throw new HttpError(403, 'not-shared', 'Only the plan that was shared is to be had here.');
        if (guests === 'change' && guest.may === 'read')
          throw new HttpError(403, 'read-only', 'This device may look, but not change anything.');
      },
    );
    app.use((request, response, next) => {
      if (request.method !== 'GET') throw new HttpError(404, 'not-found', 'There is nothing here.');
      // The page itself holds no data; whoever was let in before keeps it open, and is asked for the code there.
      if (this.guestOf(request) || hasCookie(request) || /^\/(assets\/|sw\.js|workbox-)/.test(request.path)) next();
      else response.redirect(303, '/pair');
    });
    serveWeb(app, web);
    app.use(nothingHere);
    app.use(errors(report));
    return app;
  }
}

const codeOf = (request: Request): string => {
  const { code } = (request.body ?? {}) as { code?: unknown };
  return typeof code === 'string' ? code.slice(0, 64) : '';
};
const hasCookie = (request: Request) => (request.headers.cookie ?? '').includes(`${COOKIE}=`);
const deviceOf = (request: Request) =>
  /iPhone|Android|Mobile/i.test(request.headers['user-agent'] ?? '') ? 'A phone' : 'Another device';

const escape = (words: string) => words.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const PAGE_POLICY =
  "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

function sendPage(response: Response, status: number, code: string, problem: string): void {
  response.status(status).type('html').set('Content-Security-Policy', PAGE_POLICY).send(page(code, problem));
}

function page(code: string, problem: string): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><title>Heronstone</title>
<style>body{font:18px/1.5 system-ui,sans-serif;margin:2rem;color:#20303c;background:#f6f2ea;max-width:24rem}input,button{font:inherit;padding:.7rem 1rem;border-radius:.7rem;border:1px solid #a9b4ba;width:100%;box-sizing:border-box;margin-top:.6rem}button{background:#9c4a2c;color:#fff;border:0}p[role=alert]{color:#9c4a2c;font-weight:bold}</style></head>
<body><h1>Open the room here</h1><p>The code stands on the screen at which sharing was switched on.</p>${problem ? `<p role="alert">${escape(problem)}</p>` : ''}
<form method="post" action="/pair"><label>Code<input name="code" value="${escape(code)}" autocomplete="off" autocapitalize="characters" required maxlength="12"></label><button>Open it</button></form></body></html>`;
}

function listenOn(server: Server, port: number, host: string): Promise<void> {
  return new Promise((done, fail) => {
    server.once('error', (cause: NodeJS.ErrnoException) => {
      if (cause.code === 'EADDRINUSE' && port !== 0) listenOn(server, 0, host).then(done, fail);
      else fail(cause);
    });
    server.listen(port, host, done);
  });
}
