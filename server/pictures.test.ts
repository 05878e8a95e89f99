import { copyTemplate } from '@heronstone/testing/templates.ts';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { createApp } from './app.ts';
import { openDatabase, type OpenDatabase } from './database.ts';
import { Store } from './store.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-pictures-'));
let open: OpenDatabase;
let app: ReturnType<typeof createApp>;
beforeAll(async () => {
  copyTemplate('empty', join(root, 'data'));
  open = await openDatabase(join(root, 'data'));
  app = createApp({ store: new Store(open.db), web: null, hosts: (host) => ['127.0.0.1', 'localhost'].includes(host) });
});
afterAll(async () => {
  await open.close();
  rmSync(root, { recursive: true, force: true });
});

/** One pixel, as small as a PNG gets. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
const photo = { supply: null, unit: null, slot: '', type: 'image/png', width: 1, height: 1, taken: null, caption: '' };

test('a picture is kept and given back; its photograph comes along in the plan file and out of it again', async () => {
  await request(app).post('/api/plans').send({ id: 'p' }).expect(201);
  const kept = await request(app)
    .put('/api/plans/p/pictures/pic')
    .set('Content-Type', 'image/png')
    .send(PNG)
    .expect(201);
  expect(kept.body).toEqual({ type: 'image/png' });
  const got = await request(app).get('/api/plans/p/pictures/pic').expect(200);
  expect(got.headers['content-type']).toBe('image/png');
  expect(Buffer.compare(got.body as Buffer, PNG)).toBe(0);
  const supply = {
    id: 's',
    name: 'Pens',
    category: '',
    form: 'pieces',
    count: 1,
    length: 140,
    width: 12,
    thickness: 12,
    grammage: null,
    mass: null,
    orientations: ['flat'],
    goesBack: true,
    note: '',
  };
  await request(app)
    .post('/api/plans/p/changes')
    .send({
      baseRevision: 1,
      groups: [
        {
          id: 'g',
          name: 'Add',
          changes: [
            { table: 'supplies', id: 's', set: supply },
            { table: 'photos', id: 'pic', set: { ...photo, id: 'pic', supply: 's' } },
          ],
        },
      ],
    })
    .expect(200);
  const { text } = await request(app)
    .get('/api/plans/p/file')
    .buffer(true)
    .parse((r, done) => {
      let all = '';
      r.on('data', (c) => (all += c));
      r.on('end', () => done(null, all));
    })
    .then((r) => ({ text: r.body as string }));
  const file = readPlanFile(text);
  if (!file.ok) throw new Error('It cannot be read.');
  expect(Object.keys(file.pictures)).toEqual(['pic']);
  await request(app).post('/api/plans/import?as=again').set('Content-Type', 'text/plain').send(text).expect(201);
  const again = await request(app).get('/api/plans/again/pictures/pic').expect(200);
  expect(Buffer.compare(again.body as Buffer, PNG)).toBe(0);
});

test('what is no picture, or too large, or of no plan, is refused with the field; nothing is kept', async () => {
  await request(app).post('/api/plans').send({ id: 'q' }).expect(201);
  const put = (body: Buffer, plan = 'q') =>
    request(app).put(`/api/plans/${plan}/pictures/x`).set('Content-Type', 'image/jpeg').send(body);
  const text = await put(Buffer.from('this is a letter')).expect(415);
  expect(text.body.error).toMatchObject({
    code: 'picture',
    field: 'photo',
    message: expect.stringMatching(/JPEG, PNG or WebP/),
  });
  const large = await put(Buffer.concat([PNG, Buffer.alloc(40_000_000)])).expect(413);
  expect(large.body.error).toMatchObject({
    field: 'photo',
    message: 'A photograph has at most 12 MB. Take a smaller one.',
  });
  await put(PNG, 'nowhere').expect(404);
  await request(app).get('/api/plans/q/pictures/x').expect(404);
});
