/**
 * Opening one plan to a phone or another device in the same home. Off until it is switched on; then a second address is
 * served, on which nothing answers but the page for the code. A code lets one device in, once, for ten minutes; its session
 * lasts until it is ended or sharing is switched off. What a session may see is its plan and nothing else.
 */
import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import { networkInterfaces } from 'node:os';
import express, { type Express, type Request } from 'express';
import helmet from 'helmet';
import type { Store } from './store.ts';

/** Letters and digits that are not mistaken for each other. */
const LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const CODE_LENGTH = 8;
/** How long a code lets somebody in, ms; and after how many wrong ones it is void. */
const CODE_LASTS = 10 * 60_000;
const WRONG = 5;
const COOKIE = 'heron_guest';
const SHARE_PORT = 4748;

export type May = 'read' | 'edit';
interface Invitation {
  code: string;
  plan: string;
  may: May;
  until: number;
  wrong: number;
}
interface Guest {
  id: string;
  secret: Buffer;
  plan: string;
  may: May;
  name: string;
  since: string;
}

const hash = (text: string) => createHash('sha256').update(text).digest();

export class Share {
  private readonly host: string;
  private readonly now: () => number;
  private server: Server | null = null;
  private app: Express | null = null;
  private invitation: Invitation | null = null;
  private guests: Guest[] = [];
  constructor(host: string, now: () => number = Date.now) {
    this.host = host;
    this.now = now;
  }

  /** Whether a host name is one of this machine's on which it is shared just now. */
  answersTo(host: string): boolean {
    return this.server !== null && this.addresses().includes(host);
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
      guests: this.guests.map(({ id, plan, may, name, since }) => ({ id, plan, may, name, since })),
    };
  }

  /** Says what is served to those who were let in. */
  serve(inner: Express, store: Store): void {
    this.app = this.outer(inner, store);
  }

  /** Switches sharing on, when it is off, and makes a new code; the one before it is void. */
  async invite(plan: string, may: May) {
    if (!this.server) {
      const server = createServer(this.app!);
      await listenOn(server, SHARE_PORT, this.host);
      this.server = server;
    }
    const code = Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
    this.invitation = { code, plan, may, until: this.now() + CODE_LASTS, wrong: 0 };
    return this.state();
  }

  sendOut(id: string): void {
    this.guests = this.guests.filter((g) => g.id !== id);
  }

  /** Switches sharing off: nothing is served there any more, and all sessions are over. */
  async stop(): Promise<void> {
    this.invitation = null;
    this.guests = [];
    const { server } = this;
    this.server = null;
    if (!server) return;
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
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
    return `http://${this.addresses()[0] ?? '127.0.0.1'}:${port}`;
  }

  /** @returns the secret of the new session, or null for a wrong, used or expired code */
  private pair(code: string, name: string): string | null {
    const { invitation } = this;
    if (!invitation || invitation.until <= this.now()) return null;
    if (!timingSafeEqual(hash(code.trim().toUpperCase()), hash(invitation.code))) {
      if (++invitation.wrong >= WRONG) this.invitation = null;
      return null;
    }
    this.invitation = null;
    const secret = randomBytes(32).toString('base64url');
    const { plan, may } = invitation;
    const since = new Date(this.now()).toISOString();
    this.guests.push({ id: randomBytes(6).toString('hex'), secret: hash(secret), plan, may, name, since });
    return secret;
  }

  private guestOf(request: Request): Guest | undefined {
    const cookie = (request.headers.cookie ?? '').split(/; */).find((c) => c.startsWith(`${COOKIE}=`));
    if (!cookie) return undefined;
    const secret = hash(cookie.slice(COOKIE.length + 1));
    return this.guests.find((g) => timingSafeEqual(g.secret, secret));
  }

  private outer(inner: Express, store: Store): Express {
    const app = express();
    app.disable('x-powered-by');
    app.use(
      helmet({
        strictTransportSecurity: false,
        crossOriginOpenerPolicy: false,
        originAgentCluster: false,
        contentSecurityPolicy: false,
      }),
    );
    app.use((request, response, next) => {
      const host = (request.headers.host ?? '').replace(/:\d+$/, '');
      const { origin } = request.headers;
      const foreign = origin !== undefined && origin !== 'null' && origin !== `http://${request.headers.host}`;
      if (!this.answersTo(host) || foreign)
        return void refuse(response, 403, 'host', 'This server does not answer here.');
      next();
    });
    app.get('/pair', (request, response) => {
      const code = typeof request.query.code === 'string' ? request.query.code : '';
      response.type('html').set('Content-Security-Policy', PAGE_POLICY).send(page(code, ''));
    });
    app.post('/pair', express.urlencoded({ extended: false, limit: '2kb' }), (request, response) => {
      const body = (request.body ?? {}) as { code?: unknown };
      const secret = this.pair(typeof body.code === 'string' ? body.code : '', deviceOf(request));
      if (secret === null) {
        response
          .status(403)
          .type('html')
          .set('Content-Security-Policy', PAGE_POLICY)
          .send(page('', 'This code is wrong, was used already, or is too old. Ask for a new one.'));
        return;
      }
      const guest = this.guests.at(-1)!;
      response
        .set('Set-Cookie', `${COOKIE}=${secret}; HttpOnly; SameSite=Strict; Path=/`)
        .redirect(303, `/plan/${guest.plan}/find`);
    });
    app.use((request, response, next) => {
      const guest = this.guestOf(request);
      if (!guest) {
        if (request.path.startsWith('/api'))
          refuse(response, 401, 'pair', 'This device was not let in, or its session was ended.');
        else response.redirect(303, '/pair');
        return;
      }
      if (!request.path.startsWith('/api'))
        return void (request.method === 'GET' ? next() : refuse(response, 404, 'not-found', 'There is nothing here.'));
      if (request.path === '/api/session') return void response.json({ may: guest.may, plan: guest.plan });
      const own = `/api/plans/${guest.plan}`;
      if (request.path === '/api/plans' && request.method === 'GET')
        return void store.list().then((all) => response.json({ plans: all.filter((p) => p.id === guest.plan) }), next);
      if (request.path !== own && !request.path.startsWith(`${own}/`))
        return void refuse(response, 403, 'not-shared', 'Only the plan that was shared is to be had here.');
      if (guest.may === 'read' && request.method !== 'GET')
        return void refuse(response, 403, 'read-only', 'This device may look, but not change anything.');
      next();
    });
    app.use(inner);
    return app;
  }
}

function refuse(response: express.Response, status: number, code: string, message: string): void {
  response.status(status).json({ error: { code, message } });
}

const deviceOf = (request: Request) =>
  /iPhone|Android|Mobile/i.test(request.headers['user-agent'] ?? '') ? 'A phone' : 'Another device';

const escape = (words: string) => words.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const PAGE_POLICY =
  "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

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
