/** The room open to the home: codes, sessions that outlive a restart, and every route tried by every kind of guest in every spelling. */
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request as ask } from 'node:http';
import { request as askSecurely } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { set } from '@heronstone/core/model/change.ts';
import { emptyPlan } from '@heronstone/core/model/plan.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { openDatabase, type OpenDatabase } from './database.ts';
import { Feed } from './feed.ts';
import { Guests } from './guests.ts';
import { routesOf, type Route } from './routes.ts';
import { Share } from './share.ts';
import { Store } from './store.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-share-'));
let open: OpenDatabase;
let store: Store;
let feed: Feed;
let share: Share;
let now = Date.parse('2027-03-01T12:00:00Z');
const made: Share[] = [];
let host = 10;
/** Sharing on an address of this machine that no other test uses. */
function newShare(): Share {
  const next = new Share({
    host: `127.0.0.${host++}`,
    guests: new Guests(open.db),
    feed,
    store,
    web: null,
    now: () => now,
  });
  made.push(next);
  return next;
}

beforeAll(async () => {
  copyTemplate('empty', join(root, 'data'));
  open = await openDatabase(join(root, 'data'));
  store = new Store(open.db);
  feed = new Feed();
  await store.create(demoPlan(), 'test');
  for (const id of ['other', 'import', 'restore', 'share']) await store.create(emptyPlan({ id }), 'test');
});
beforeEach(() => {
  share = newShare();
});
afterEach(async () => {
  await share.stop();
});
afterAll(async () => {
  for (const s of made) await s.close();
  await open.close();
  rmSync(root, { recursive: true, force: true });
});

interface Answer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  text: string;
}
/** Asks with the address written exactly as it is given: fetch would tidy it up. */
function raw(
  address: string,
  method: string,
  path: string,
  headers: Record<string, string> = {},
  body = '',
): Promise<Answer> {
  const { hostname, port } = new URL(address);
  return new Promise((done, fail) => {
    const sent = ask(
      { hostname, port, method, path, headers, agent: false, localAddress: headers.from },
      (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => {
          text += chunk.toString();
          // A stream of events goes on for ever; its first words are enough.
          if (response.headers['content-type']?.includes('event-stream')) response.destroy();
        });
        response.on('close', () => done({ status: response.statusCode!, headers: response.headers, text }));
      },
    );
    sent.on('error', fail);
    sent.end(body);
  });
}
const pair = (address: string, code: string, from = '') =>
  raw(
    address,
    'POST',
    '/pair',
    { 'Content-Type': 'application/x-www-form-urlencoded', ...(from ? { from } : {}) },
    `code=${code}`,
  );
const cookieOf = (answer: Answer) => answer.headers['set-cookie']![0]!.split(';')[0]!;
async function letIn(may: 'read' | 'edit', plan = 'demo') {
  const { address, code } = await share.invite(plan, may);
  const answer = await pair(address!, code!);
  expect(answer.status).toBe(303);
  return { address: address!, headers: { cookie: cookieOf(answer) } };
}

test('off until it is switched on; a code lets one device in, once', async () => {
  expect(share.state()).toMatchObject({ on: false, code: null, guests: [] });
  const { address, code, link } = await share.invite('demo', 'edit');
  expect(link).toBe(`${address}/pair?code=${code}`);
  // Before it is let in, nothing but the page for the code answers.
  expect((await raw(address!, 'GET', '/api/plans')).status).toBe(401);
  expect((await raw(address!, 'GET', '/plan/demo/find')).headers.location).toBe('/pair');
  expect((await raw(address!, 'GET', `/pair?code=${code}`)).text).toContain(`value="${code}"`);
  expect((await pair(address!, 'WRONG234')).status).toBe(403);
  const letIn = await pair(address!, code!.toLowerCase());
  expect([letIn.status, letIn.headers.location]).toEqual([303, '/plan/demo/find']);
  expect((await pair(address!, code!)).status).toBe(403);
  const headers = { cookie: cookieOf(letIn) };
  const plans = await raw(address!, 'GET', '/api/plans', headers);
  expect((JSON.parse(plans.text) as { plans: Array<{ id: string }> }).plans.map((p) => p.id)).toEqual(['demo']);
  expect(JSON.parse((await raw(address!, 'GET', '/api/session', headers)).text)).toMatchObject({
    may: 'edit',
    plan: 'demo',
  });
});

test('with a certificate and its key the home is served over HTTPS alone, and the session never travels without', async () => {
  // Made for these tests, for no address of anybody.
  const [cert, key] = ['cert', 'key'].map((part) =>
    readFileSync(new URL(`../testing/fixtures/tls-${part}.pem`, import.meta.url), 'utf8'),
  ) as [string, string];
  const secure = new Share({
    host: '127.0.0.9',
    guests: new Guests(open.db),
    feed,
    store,
    web: null,
    now: () => now,
    tls: { cert, key },
  });
  made.push(secure);
  const { address, code } = await secure.invite('demo', 'read');
  expect(address).toMatch(/^https:/);
  const { hostname, port } = new URL(address!);
  const securely = (method: string, path: string, headers: Record<string, string> = {}, body = '') =>
    new Promise<{ status: number; cookie: string; text: string }>((done, fail) => {
      const sent = askSecurely({ hostname, port, method, path, headers, ca: cert, agent: false }, (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString()));
        response.on('end', () =>
          done({
            status: response.statusCode!,
            cookie: response.headers['set-cookie']?.[0] ?? '',
            text,
          }),
        );
      });
      sent.on('error', fail);
      sent.end(body);
    });
  const form = { 'Content-Type': 'application/x-www-form-urlencoded' };
  const entered = await securely('POST', '/pair', form, `code=${code}`);
  expect(entered.status).toBe(303);
  expect(entered.cookie).toContain('; Secure');
  const session = await securely('GET', '/api/session', { cookie: entered.cookie.split(';')[0]! });
  expect(JSON.parse(session.text)).toMatchObject({ may: 'read', plan: 'demo' });
  await expect(raw(`http://${hostname}:${port}`, 'GET', '/api/session')).rejects.toThrow();
  await secure.stop();
});

test('five wrong codes shut out the device from which they came, and nobody else; after ten minutes a code is too old', async () => {
  const { address, code } = await share.invite('demo', 'edit');
  for (let i = 0; i < 5; i++) expect((await pair(address!, 'AAAAAAAA', '127.0.0.200')).status).toBe(403);
  expect((await pair(address!, code!, '127.0.0.200')).text).toContain('Too many wrong codes');
  expect((await pair(address!, code!, '127.0.0.201')).status).toBe(303);
  const old = await share.invite('demo', 'edit');
  now += 10 * 60_000;
  expect(share.state().code).toBeNull();
  expect((await pair(old.address!, old.code!)).status).toBe(403);
});

test('a session outlives a restart, hashed, and ends by its date, by the maker, or with sharing', async () => {
  const first = await letIn('edit');
  const stored = await open.db.query<{ secret: Uint8Array }>('SELECT secret FROM guests');
  expect(Buffer.from(stored.rows[0]!.secret).toString('base64url')).not.toContain(first.headers.cookie.split('=')[1]!);
  await share.close();
  share = newShare();
  await share.resume();
  const { address } = share.state();
  expect((await raw(address!, 'GET', '/api/plans/demo', first.headers)).status).toBe(200);
  now += 31 * 24 * 3_600_000;
  expect((await raw(address!, 'GET', '/api/plans/demo', first.headers)).status).toBe(401);
  expect(share.state().guests).toEqual([]);
  const second = await letIn('edit');
  await share.stop();
  share = newShare();
  await share.resume();
  expect(share.state()).toMatchObject({ on: false, guests: [] });
  await share.invite('demo', 'edit');
  expect((await raw(share.state().address!, 'GET', '/api/plans/demo', second.headers)).status).toBe(401);
});

test('the page that is open asks for the code itself; the session before it is over', async () => {
  const { address, headers } = await letIn('edit');
  const { code } = await share.invite('demo', 'edit');
  const json = { 'Content-Type': 'application/json', ...headers };
  const wrong = await raw(address, 'POST', '/api/pair', json, '{"code":"AAAAAAAA"}');
  expect([wrong.status, JSON.parse(wrong.text)]).toMatchObject([403, { error: { code: 'code', field: 'code' } }]);
  const right = await raw(address, 'POST', '/api/pair', json, JSON.stringify({ code }));
  expect([right.status, JSON.parse(right.text)]).toMatchObject([201, { plan: 'demo', may: 'edit' }]);
  expect((await raw(address, 'GET', '/api/session', headers)).status).toBe(401);
  expect((await raw(address, 'GET', '/api/session', { cookie: cookieOf(right) })).status).toBe(200);
});

test('the line of a guest who is sent out is ended', async () => {
  const { address, headers } = await letIn('read');
  const { hostname, port } = new URL(address);
  const ended = new Promise<string>((done, fail) => {
    let text = '';
    const sent = ask({ hostname, port, path: '/api/plans/demo/events', headers, agent: false }, (response) => {
      response.on('data', (chunk: Buffer) => {
        text += chunk.toString();
        if (text.includes('event: revision')) void share.sendOut(share.state().guests[0]!.id);
      });
      response.on('end', () => done(text));
    });
    sent.on('error', fail);
    sent.end();
  });
  expect(await ended).toContain('event: revision');
});

describe('every route, by every kind of guest, in every spelling', () => {
  /** Ways to write the same address. */
  const SPELLINGS: Readonly<Record<string, (path: string) => string>> = {
    plain: (p) => p,
    'in capitals': (p) => p.replace('/api', '/API'),
    'all in capitals': (p) => p.toUpperCase(),
    'with a slash at the end': (p) => `${p}/`,
    'with two slashes': (p) => p.replace('/api/', '/api//'),
    'with two slashes first': (p) => `/${p}`,
    'with letters as numbers': (p) => p.replace('/api', '/%61pi'),
    'with a dot': (p) => p.replace('/api/', '/api/./'),
    'with a way up': (p) => p.replace('/api/', '/api/plans/demo/../../'),
    'with a slash as a number': (p) => p.replace('/api/', '/api%2F'),
    'with a backslash': (p) => p.replace('/api/', '/api\\'),
    'with a question': (p) => `${p}?id=demo&plan=demo`,
  };
  const routes: Route[] = routesOf({ store: null as never, feed: null as never, share: null });
  /** What an answer to somebody who was not let through may hold: an error, the page for the code, nothing. */
  const isClosed = (a: Answer) =>
    [303, 400, 401, 403, 404, 405].includes(a.status) &&
    !/"meta"|"plans"|"code":"[2-9A-Z]{8}"|heronstone-backup/.test(a.text);

  test('the list holds every route of the app, and no two that are the same', () => {
    expect(routes.length).toBeGreaterThan(15);
    expect(new Set(routes.map((r) => `${r.method} ${r.path}`)).size).toBe(routes.length);
    for (const r of routes) if (r.method !== 'get') expect([r.path, r.guests]).not.toEqual([r.path, 'look']);
  });

  test.each(['stranger', 'read', 'edit'] as const)('a guest: %s', async (kind) => {
    const { address, headers } = await letIn(kind === 'edit' ? 'edit' : 'read');
    const sent: Record<string, string> = {
      'Content-Type': 'application/json',
      ...(kind === 'stranger' ? {} : headers),
    };
    const before = { revision: (await store.read('demo'))!.revision, plans: (await store.list()).length };
    for (const { method, path, guests } of routes) {
      for (const [how, spell] of Object.entries(SPELLINGS)) {
        for (const plan of ['demo', 'other', 'import', 'restore', 'share', 'DEMO']) {
          if (!path.includes(':id') && plan !== 'demo') continue;
          const there = path
            .replace(':id', plan)
            .replace(':picture', 'p')
            .replace(':when', '2027-01-01')
            .replace(':guest', 'g');
          const answer = await raw(address, method.toUpperCase(), spell(there), sent, method === 'get' ? '' : '{}');
          const open =
            kind !== 'stranger' && plan === 'demo' && (guests === 'look' || (guests === 'change' && kind === 'edit'));
          const what = `${kind}: ${method} ${spell(there)} (${how}): ${answer.status} ${answer.text.slice(0, 80)}`;
          if (!open && !isClosed(answer)) throw new Error(what);
          // Only its own plan's own routes are open, and they are: the door is no wall.
          if (open && how === 'plain' && [401, 403].includes(answer.status)) throw new Error(what);
          if (/at \S+ \(|node_modules|\/server\//.test(answer.text)) throw new Error(`A stack or a path: ${what}`);
        }
      }
    }
    expect({ revision: (await store.read('demo'))!.revision, plans: (await store.list()).length }).toEqual(before);
    expect(share.state().guests).toHaveLength(1);
  });

  test('who may look changes nothing; who may change does', async () => {
    const { revision } = (await store.read('demo'))!;
    const body = (id: string) =>
      JSON.stringify({
        baseRevision: revision,
        groups: [{ id, name: 'From the phone', changes: [set('supplies', 'gouges', { count: 11 })] }],
      });
    const look = await letIn('read');
    const json = (headers: Record<string, string>) => ({ 'Content-Type': 'application/json', ...headers });
    const refused = await raw(look.address, 'POST', '/api/plans/demo/changes', json(look.headers), body('a'));
    expect([refused.status, JSON.parse(refused.text)]).toMatchObject([403, { error: { code: 'read-only' } }]);
    const change = await letIn('edit');
    expect((await raw(change.address, 'POST', '/api/plans/demo/changes', json(change.headers), body('b'))).status).toBe(
      200,
    );
  });

  test('errors of the page for the code hold neither stacks nor paths', async () => {
    const { address } = await share.invite('demo', 'read');
    const form = { 'Content-Type': 'application/x-www-form-urlencoded' };
    const answers = await Promise.all([
      raw(address!, 'POST', '/pair', form, `code=${'x'.repeat(5000)}`),
      raw(address!, 'POST', '/pair', { ...form, 'Content-Encoding': 'gzip' }, 'no gzip'),
      raw(address!, 'POST', '/pair', { 'Content-Type': 'application/x-www-form-urlencoded; charset=odd' }, 'code=A'),
      raw(address!, 'GET', '/pair?code=%E0%A4%A'),
      raw(address!, 'GET', '/%'),
      raw(address!, 'POST', '/api/pair', { 'Content-Type': 'application/json' }, '{'),
    ]);
    for (const a of answers) {
      expect(a.text).not.toMatch(/at \S+ \(|node_modules|\/server\//);
      expect(a.status).toBeLessThan(500);
    }
  });
});
