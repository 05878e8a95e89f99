/** A database and a backup that the program of plan version 6 wrote open with everything in them. */
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { copyTemplate } from '@heronstone/testing/templates.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges, danglingReferences } from '@heronstone/core/model/change.ts';
import { samePlan, TABLE_NAMES, TABLES, type Plan } from '@heronstone/core/model/plan.ts';
import { readBackup } from './backup.ts';
import { migrate, openDatabase } from './database.ts';
import { Store } from './store.ts';

const fixtures = fileURLToPath(new URL('../testing/fixtures/version6/', import.meta.url));
const root = mkdtempSync(join(tmpdir(), 'heronstone-version6-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));

type Row = Record<string, unknown>;
const dump = JSON.parse(gunzipSync(readFileSync(join(fixtures, 'database.json.gz'))).toString('utf8')) as Record<
  string,
  Row[]
>;
const read = readPlanFile(gunzipSync(readFileSync(join(fixtures, 'plan.json.gz'))).toString('utf8'));
if (!read.ok) throw new Error(read.findings[0]!.message);
const expected = read.plan;

/** Brings a database to where it was after the first n migrations, and puts rows into it. */
async function begin(db: PGlite, steps: number, rows: Readonly<Record<string, Row[]>>): Promise<void> {
  const sql = fileURLToPath(new URL('sql/', import.meta.url));
  await db.exec(
    'CREATE TABLE migrations (number integer PRIMARY KEY, name text NOT NULL, at timestamptz NOT NULL DEFAULT now())',
  );
  for (const file of readdirSync(sql).sort().slice(0, steps)) {
    await db.exec(readFileSync(join(sql, file), 'utf8'));
    await db.query('INSERT INTO migrations (number, name) VALUES ($1, $2)', [Number(file.slice(0, 3)), file]);
  }
  const { rows: columns } = await db.query<{ table: string; column: string }>(
    `SELECT table_name AS table, column_name AS column FROM information_schema.columns WHERE table_schema = 'public'`,
  );
  await db.transaction(async (tx) => {
    for (const [table, list] of Object.entries(rows)) {
      const names = columns.filter((c) => c.table === table).map((c) => `"${c.column}"`);
      if (names.length > 0)
        await tx.query(
          `INSERT INTO ${table} (${names.join(', ')}) SELECT ${names.join(', ')} FROM json_populate_recordset(NULL::${table}, $1::json)`,
          [JSON.stringify(list)],
        );
    }
  });
}

test('a database of version 6 opens with the same plan, Report, journal and pictures', async () => {
  const data = join(root, 'six');
  copyTemplate('bare', data);
  const before = await PGlite.create(join(data, 'db'));
  const { migrations: _, ...rows } = dump;
  await begin(before, 7, rows);
  await before.close();
  const { db, close } = await openDatabase(data);
  const store = new Store(db);
  const { plan, revision } = (await store.read('version6'))!;
  expect(samePlan(inOrder(plan), expected)).toBe(true);
  expect(evaluate(plan).week.planned.minutes).toBeCloseTo(evaluate(expected).week.planned.minutes, 9);
  expect(Object.keys(await store.pictures(plan))).toEqual(['ph']);
  // The journal leads back step by step, in the words of today.
  const journal = await store.journal('version6', 0);
  expect(journal.at(-1)!.revision).toBe(revision);
  let back: Plan = plan;
  for (const entry of [...journal].reverse()) back = applyChanges(back, entry.inverse).plan;
  expect(Object.keys(back.bans)).toEqual([]);
  expect(Object.values(back.units).some((u) => u.pinned)).toBe(false);
  // And it is written like any other.
  const placement = Object.values(plan.placements)[0]!;
  const group = { id: 'later', name: 'Later', kind: 'do' as const, target: null };
  await store.change(
    'version6',
    { revision, epoch: null },
    [{ ...group, changes: [{ table: 'placements', id: placement.id, set: { pinned: true } }] }],
    'test',
  );
  await close();
});

test('a backup of version 6 is read with its journal', () => {
  const [backed] = readBackup(readFileSync(join(fixtures, 'backup.heronbackup'))).plans;
  expect(samePlan(backed!.plan, expected)).toBe(true);
  const tables = new Set(backed!.journal.flatMap((e) => e.group.changes.map((c) => c.table)));
  expect([...tables].filter((t) => t !== 'meta' && !TABLE_NAMES.includes(t as never))).toEqual([]);
});

/** What even the first version could hold: rows of its tables with the kinds and forms that it knew. */
function firstRows(): Record<string, Row[]> {
  const in_ = (values: readonly string[]) => (value: unknown) => values.includes(value as string);
  const rows = (table: string, keep: (row: Row) => boolean = () => true) => dump[table]!.filter(keep);
  const kind = in_(['table', 'drawer unit', 'cube shelf', 'bookcase', 'wall shelf', 'cart', 'pegboard', 'trunk']);
  const units = rows('units', (u) => kind(u.kind) && u.host === null && u.elsewhere === null);
  const supplies = rows('supplies', (s) => in_(['sheets', 'pieces', 'loose'])(s.form));
  const has = (list: Row[]) => in_(list.map((r) => r.id as string));
  return {
    plans: rows('plans'),
    corners: rows('corners'),
    openings: rows('openings', (o) => in_(['in', 'out', 'none'])(o.swing)),
    fixtures: rows('fixtures', (f) => in_(['socket', 'heater', 'fuse board'])(f.kind)),
    people: rows('people'),
    units,
    stations: rows('stations', (s) => s.unit === null || has(units)(s.unit)),
    activities: rows('activities').map((a) => ({ ...a, station: null, person: null })),
    supplies,
    uses: rows('uses', (u) => has(supplies)(u.supply)),
    placements: rows('placements', (p) => has(supplies)(p.supply) && has(units)(p.unit) && p.container === null),
    journal: rows('journal', (j) => Number(j.revision) < 3),
  };
}

const steps = [1, 4, 2, 3, 5, 6].slice(0, runs(1, 6));
test.each(steps)('a database after step %i is brought along with all its rows', async (steps) => {
  const rows = firstRows();
  const data = join(root, `step ${steps}`);
  copyTemplate('bare', data);
  const db = await PGlite.create(join(data, 'db'));
  await begin(db, steps, rows);
  await migrate(db, 'memory');
  const { plan } = (await new Store(db).read('version6'))!;
  for (const table of ['corners', 'units', 'supplies', 'uses', 'placements', 'stations'] as const)
    expect([table, Object.keys(plan[table]).sort()]).toEqual([table, rows[table]!.map((r) => r.id).sort()]);
  for (const table of TABLE_NAMES)
    for (const row of Object.values(plan[table])) expect(TABLES[table].safeParse(row).error?.issues).toBeUndefined();
  expect(danglingReferences(plan)).toEqual([]);
  expect(evaluate(plan).compartments.length).toBeGreaterThan(20);
  await db.close();
});

/** With the fields in the order of their schemas, as a file has them. */
function inOrder(plan: Plan): Plan {
  const sorted = TABLE_NAMES.map((table) => [
    table,
    Object.fromEntries(
      Object.values(plan[table] as Record<string, { id: string }>).map((row) => [row.id, TABLES[table].parse(row)]),
    ),
  ]);
  return { ...Object.fromEntries(sorted), meta: plan.meta } as Plan;
}
