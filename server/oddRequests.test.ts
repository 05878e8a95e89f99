/** Data that nobody types and somebody sends: each gets an error that names the field, never a 500 or a stack, and nothing is written. */
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { createApp } from './app.ts';
import { readBackup, writeBackup } from './backup.ts';
import { openDatabase, type OpenDatabase } from './database.ts';
import { Store } from './store.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-odd-'));
let open: OpenDatabase;
let store: Store;
let app: ReturnType<typeof createApp>;
const reported: unknown[] = [];
beforeAll(async () => {
  copyTemplate('empty', join(root, 'data'));
  open = await openDatabase(join(root, 'data'));
  store = new Store(open.db);
  await store.create(demoPlan(), 'test');
  app = createApp({
    store,
    web: null,
    hosts: (host) => host === '127.0.0.1',
    report: (cause) => reported.push(cause),
  });
});
afterEach(async () => {
  expect((await store.read('demo'))!.revision).toBe(1);
  expect(reported).toEqual([]);
});
afterAll(async () => {
  await open.close();
  rmSync(root, { recursive: true, force: true });
});

const gouges = (set: unknown) => ({ table: 'supplies', id: 'gouges', set });
/** A body of changes, as the text that is sent. */
const body = (change: string, name = '"Odd"') =>
  `{"baseRevision":1,"groups":[{"id":"odd","name":${name},"changes":[${change}]}]}`;
const send = (text: string) => request(app).post('/api/plans/demo/changes').type('json').send(text);
const STACK = /at \S+ \(|node_modules|\/server\//;

test.each<[string, string, RegExp]>([
  ['half an emoji in a name', JSON.stringify(gouges({ name: '\uD83D' })), /name: text without half an emoji/],
  ['NUL in a name', JSON.stringify(gouges({ name: 'a\u0000b' })), /name: text without half an emoji/],
  ['half an emoji as a field', JSON.stringify(gouges({ '\uDE00': 1 })), /names of fields that can be written/],
  ['a word of the language as an id', '{"table":"people","id":"constructor","set":{"name":"A","stature":1700}}', /id/],
  ['the same, to be removed', '{"table":"people","id":"__proto__","remove":true}', /id/],
  [
    'a reference to a word of the language',
    JSON.stringify({ table: 'uses', id: 'odd', set: { supply: 'constructor', activity: '__proto__', fetches: 1 } }),
    /supply|activity/,
  ],
  [
    'a field that is a word of the language',
    '{"table":"supplies","id":"gouges","set":{"__proto__":{"name":"x"},"count":0}}',
    /count/,
  ],
  [
    'very deep',
    `{"table":"supplies","id":"gouges","set":{"note":${'['.repeat(30_000)}${']'.repeat(30_000)}}}`,
    /levels/,
  ],
])('%s', async (_what, change, expected) => {
  const answer = await send(body(change)).expect(422);
  expect(answer.body.error.message).toMatch(expected);
  expect(answer.text).not.toMatch(STACK);
});

test('a name of a change that nobody can read', async () => {
  for (const name of ['"\\uFEFF"', '" "', '"\\uD83D"']) {
    const answer = await send(body(JSON.stringify(gouges({ count: 3 })), name)).expect(422);
    expect(answer.body.error.field).toBe('groups.0.name');
  }
});

test('a backup in which such a name was written before is read again', async () => {
  await store.create({ ...demoPlan(), meta: { ...demoPlan().meta, id: 'other' } }, 'test');
  const group = { id: 'x', name: '\uFEFF', changes: [gouges({ count: 3 })], kind: 'do' as const, target: null };
  await store.change('other', { revision: 1, epoch: null }, [group as never], 'test');
  const { plans } = readBackup(await writeBackup(store, new Date('2027-03-01T12:00:00Z')));
  expect(plans.find((p) => p.plan.meta.id === 'other')!.journal.at(-1)!.group.id).toBe('x');
});

test('addresses that are no addresses, and bodies that are none', async () => {
  for (const path of ['/api/plans/%E0%A4%A', '/api/plans/%', '/api/plans/demo/pictures/%ZZ', '/%']) {
    const answer = await request(app).get(path);
    expect([path, answer.status]).toEqual([path, path === '/%' ? 404 : 400]);
    expect(answer.text).not.toMatch(STACK);
  }
  for (const path of ['/api/plans/constructor', '/api/plans/__proto__']) await request(app).get(path).expect(404);
  const deep = `${'['.repeat(100_000)}${']'.repeat(100_000)}`;
  for (const text of [deep, `{"id":${deep}}`]) {
    const answer = await request(app).post('/api/plans').type('json').send(text);
    expect([400, 422]).toContain(answer.status);
    expect(answer.text).not.toMatch(STACK);
  }
  await request(app).post('/api/plans').type('json').set('Content-Encoding', 'br').send('no brotli').expect(400);
});

test('a plan with an odd id, and a file with odd things in it', async () => {
  for (const id of ['constructor', '__proto__', 'a b', '\uD83D'])
    expect((await request(app).post('/api/plans').send({ id }).expect(422)).body.error.field).toMatch(/id/);
  const good = writePlanFile(demoPlan());
  for (const [from, to] of [
    ['"id": "gouges"', '"id": "constructor"'],
    ['"name": "Gouges', '"name": "\\uD83D'],
    ['"supply": "gouges"', '"supply": "toString"'],
  ] as const) {
    expect(good).toContain(from);
    const answer = await request(app).post('/api/plans/import?as=new').type('text/plain').send(good.replace(from, to));
    expect(answer.status).toBe(422);
    expect(answer.text).not.toMatch(STACK);
  }
  const deep = good.replace('"note": ""', `"note": ${'['.repeat(50_000)}${']'.repeat(50_000)}`);
  await request(app).post('/api/plans/import').type('text/plain').send(deep).expect(422);
});

test('a plan made twice is refused, the first stays', async () => {
  await request(app).post('/api/plans').send({ id: 'twice', name: 'First' }).expect(201);
  await request(app).post('/api/plans').send({ id: 'twice', name: 'Second' }).expect(409);
  expect((await store.read('twice'))!.plan.meta.name).toBe('First');
});
