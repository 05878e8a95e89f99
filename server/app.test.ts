import { copyTemplate } from '@heronstone/testing/templates.ts';
import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Group } from '@heronstone/core/model/change.ts';
import { emptyPlan, TABLE_NAMES, type Plan } from '@heronstone/core/model/plan.ts';
import { createApp } from './app.ts';
import { lock, openDatabase, type OpenDatabase } from './database.ts';
import { Store } from './store.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';

const root = mkdtempSync(join(tmpdir(), 'heronstone-app-'));
let open: OpenDatabase;
let store: Store;
let app: ReturnType<typeof createApp>;
const serve = (s: Store) =>
  createApp({ store: s, web: null, hosts: (host) => ['127.0.0.1', 'localhost'].includes(host) });

beforeAll(async () => {
  copyTemplate('empty', join(root, 'data'));
  open = await openDatabase(join(root, 'data'));
  store = new Store(open.db);
  app = serve(store);
});
afterAll(async () => {
  await open.close();
  rmSync(root, { recursive: true, force: true });
});

let n = 0;
const group = (changes: Group['changes'], more: Partial<Group> = {}): Group => ({
  id: `g${n++}`,
  name: 'A change',
  kind: 'do',
  target: null,
  changes,
  ...more,
});
const person = (id: string, stature = 1660) => ({ table: 'people' as const, id, set: { id, name: 'Maker', stature } });
async function begin(): Promise<string> {
  const id = `plan${n++}`;
  await request(app).post('/api/plans').send({ id }).expect(201);
  return id;
}
const change = (id: string, baseRevision: number, groups: Group[]) =>
  request(app).post(`/api/plans/${id}/changes`).send({ baseRevision, groups });

describe('plans', () => {
  test('a new plan is there, empty, at revision 1', async () => {
    const id = await begin();
    const { body } = await request(app).get(`/api/plans/${id}`).expect(200);
    expect(body).toMatchObject({ revision: 1, plan: { meta: { id, units: 'metric' }, units: {} } });
    expect((await request(app).get('/api/plans')).body.plans.map((p: { id: string }) => p.id)).toContain(id);
  });

  test('a new plan with a wrong field is refused with the field', async () => {
    const { body } = await request(app).post('/api/plans').send({ id: 'x y', ceiling: 20 }).expect(422);
    expect(body.error.findings.map((f: { path: string }) => f.path)).toEqual(
      expect.arrayContaining(['plan.id', 'plan.ceiling']),
    );
  });

  test('the demo goes in as a file, is stored in every table, and comes out of a database opened again exactly as it was', async () => {
    const demo = demoPlan();
    await request(app).post('/api/plans/import').type('text/plain').send(writePlanFile(demo)).expect(201);
    const { body } = await request(app).get('/api/plans/demo/file').expect(200);
    expect(body.format).toBe('heronstone-plan');
    // A second store has nothing in memory: what it reads comes from the tables.
    const fresh: Plan = (await new Store(open.db).read('demo'))!.plan;
    for (const table of TABLE_NAMES) expect(fresh[table]).toEqual(demo[table]);
    expect(fresh.meta).toEqual(demo.meta);
    await request(app).post('/api/plans/import').type('text/plain').send(writePlanFile(demo)).expect(409);
    await request(app).post('/api/plans/import?as=other').type('text/plain').send(writePlanFile(demo)).expect(201);
  });

  test('a broken file changes nothing', async () => {
    const before = (await request(app).get('/api/plans')).body.plans.length;
    const text = writePlanFile(emptyPlan({ id: 'broken' })).replace('"units": []', '"units": [{"id": "u"}]');
    const { body } = await request(app).post('/api/plans/import').type('text/plain').send(text).expect(422);
    expect(body.error.field).toMatch(/^units\.0\./);
    expect((await request(app).get('/api/plans')).body.plans).toHaveLength(before);
  });
});

describe('changes', () => {
  test('are written to table and journal with their inverse', async () => {
    const id = await begin();
    const { body } = await change(id, 1, [group([person('p')]), group([person('p', 1700)])]).expect(200);
    expect(body.revision).toBe(3);
    const { body: journal } = await request(app).get(`/api/plans/${id}/journal?since=1`).expect(200);
    expect(journal.entries.map((e: { inverse: unknown }) => e.inverse)).toEqual([
      [{ table: 'people', id: 'p', remove: true }],
      [{ table: 'people', id: 'p', set: { name: 'Maker', stature: 1660 } }],
    ]);
    expect((await new Store(open.db).read(id))!.plan.people.p!.stature).toBe(1700);
  });

  test('that are not valid are refused whole, with table, row and field', async () => {
    const id = await begin();
    const { body } = await change(id, 1, [group([person('p')]), group([person('q', 12)])]).expect(422);
    expect(body.error).toMatchObject({ code: 'invalid', field: 'people.q.stature' });
    expect((await request(app).get(`/api/plans/${id}`)).body).toMatchObject({ revision: 1, plan: { people: {} } });
  });

  test('on an old base get what they missed; sent again with the same id they are written once', async () => {
    const id = await begin();
    const mine = group([person('mine')]);
    await change(id, 1, [group([person('theirs')])]).expect(200);
    const { body } = await change(id, 1, [mine]).expect(409);
    expect(body.missed).toHaveLength(1);
    expect(body.missed[0].revision).toBe(2);
    await change(id, 2, [mine]).expect(200);
    // The answer was lost, so the window sends it once more from where it was.
    const again = await change(id, 2, [mine]).expect(200);
    expect(again.body).toMatchObject({ revision: 3, entries: [{ revision: 3 }] });
    expect((await request(app).get(`/api/plans/${id}/journal?since=0`)).body.entries).toHaveLength(3);
  });

  test('many at the same time are written one after the other; none is lost', async () => {
    const id = await begin();
    const sends = Array.from({ length: 12 }, (_, i) => async () => {
      let base = 1;
      const mine = group([person(`p${i}`)]);
      for (;;) {
        const { status, body } = await change(id, base, [mine]);
        if (status === 200) return;
        base = body.missed.at(-1).revision;
      }
    });
    await Promise.all(sends.map((send) => send()));
    expect(Object.keys((await new Store(open.db).read(id))!.plan.people)).toHaveLength(12);
  });

  test('5,000 supplies in one group', async () => {
    const id = await begin();
    const supply = {
      name: 'Thing',
      category: '',
      form: 'pieces',
      count: 1,
      length: 10,
      width: 10,
      thickness: 10,
      grammage: null,
      mass: null,
      orientations: ['flat'],
      goesBack: true,
      note: '',
    };
    const changes = Array.from({ length: 5000 }, (_, i) => ({
      table: 'supplies' as const,
      id: `s${i}`,
      set: { ...supply, id: `s${i}` },
    }));
    await change(id, 1, [group(changes)]).expect(200);
    expect(Object.keys((await new Store(open.db).read(id))!.plan.supplies)).toHaveLength(5000);
  });

  test.each([
    [{ baseRevision: 'x', groups: [] }, 'baseRevision'],
    [{ baseRevision: 1, groups: [] }, 'groups'],
    [
      { baseRevision: 1, groups: [{ id: 'a', name: 'b', changes: [{ table: 'kitchen', id: 'x', remove: true }] }] },
      'groups.0.changes.0',
    ],
  ])('a body that is no change is refused: %j', async (body, field) => {
    const id = await begin();
    const answer = await request(app).post(`/api/plans/${id}/changes`).send(body).expect(422);
    expect(answer.body.error.field).toMatch(new RegExp(`^${field}`));
  });
});

describe('events', () => {
  test('events of a plan that is not there are refused', async () => {
    await request(app).get('/api/plans/nothing/events').expect(404);
  });

  test('a journal asked for with nonsense names the field', async () => {
    const id = await begin();
    const { body } = await request(app).get(`/api/plans/${id}/journal?since=yesterday`).expect(400);
    expect(body.error).toMatchObject({ code: 'query', field: 'since' });
  });
});

describe('safety', () => {
  test('only its own host and origin are answered', async () => {
    expect((await request(app).get('/api/plans').set('Host', 'elsewhere.example')).body.error.code).toBe('host');
    expect(
      (await request(app).get('/api/plans').set('Host', '127.0.0.1:4747').set('Origin', 'http://elsewhere.example'))
        .body.error.code,
    ).toBe('origin');
    await request(app)
      .get('/api/plans')
      .set('Host', '127.0.0.1:4747')
      .set('Origin', 'http://127.0.0.1:4747')
      .expect(200);
  });

  test('a strict content security policy, errors as JSON, unknown plans and addresses', async () => {
    const answer = await request(app).get('/api/plans');
    expect(answer.headers['content-security-policy']).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect((await request(app).get('/api/plans/nothing').expect(404)).body.error.code).toBe('no-plan');
    expect((await request(app).get('/api/nothing').expect(404)).body.error.code).toBe('not-found');
    expect((await request(app).post('/api/plans').type('json').send('{').expect(400)).body.error.code).toBe('json');
  });

  test('too much at once is refused', async () => {
    const { body } = await request(app)
      .post('/api/plans')
      .send({ id: 'x', note: 'x'.repeat(33 * 1024 * 1024) })
      .expect(413);
    expect(body.error.message).toMatch(/more than 32 MB/);
  });
});

describe('the data directory', () => {
  test('a second process is refused while the first is open; a lock left behind is not in the way', async () => {
    await expect(openDatabase(join(root, 'data'))).rejects.toThrow(
      /Another Heronstone \(process \d+\) is using the data/,
    );
  });

  test('a lock that a killed process left behind is taken over', () => {
    const left = join(root, 'left');
    mkdirSync(left);
    writeFileSync(join(left, 'heronstone.lock'), '2147480000 12345\n');
    const release = lock(left);
    expect(existsSync(join(left, 'heronstone.lock'))).toBe(false);
    expect(readFileSync(join(left, 'lock.1', 'holder'), 'utf8')).toMatch(new RegExp(`^${process.pid} `));
    expect(() => lock(left)).toThrow(/Another Heronstone/);
    release();
    expect(() => lock(left)()).not.toThrow();
  });

  test('a number of a process used again by another is not taken for ours', () => {
    const again = join(root, 'again');
    mkdirSync(again);
    // This very process runs, but did not start at tick 1.
    writeFileSync(join(again, 'heronstone.lock'), `${process.pid} 1\n`);
    expect(() => lock(again)()).not.toThrow();
  });

  test('data of a newer program is refused and left as it is', async () => {
    const other = join(root, 'newer');
    copyTemplate('empty', other);
    const first = await openDatabase(other);
    await first.db.query("INSERT INTO migrations (number, name) VALUES (999, '999_future.sql')");
    await first.close();
    cpSync(other, join(root, 'copy'), { recursive: true });
    await expect(openDatabase(other)).rejects.toThrow(/written by a newer Heronstone \(step 999/);
    await expect(openDatabase(join(root, 'copy'))).rejects.toThrow(/newer/);
  });
});
