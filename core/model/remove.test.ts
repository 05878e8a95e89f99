/** What removing a row of each kind takes along, in a plan that has rows of every kind. */
import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { readPlanFile } from '../formats/planFile.ts';
import { applyChanges, danglingReferences, removeWithDependents, set, type Change } from './change.ts';
import { REFERENCES, samePlan, TABLE_NAMES, TABLES, type Plan, type TableName } from './plan.ts';

const read = readPlanFile(
  gunzipSync(readFileSync(new URL('../../testing/fixtures/version6/plan.json.gz', import.meta.url))).toString('utf8'),
);
if (!read.ok) throw new Error(read.findings[0]!.message);
// A file of version 6 has neither places that are kept for something nor zones and homes yet.
const [unit, other] = Object.keys(read.plan.units) as [string, string];
const [seat, seat2] = Object.keys(read.plan.stations) as [string, string];
const box = Object.values(read.plan.containers)[0]!;
const wish = { firm: true, side: 'between' as const, station: seat, other: seat2 };
const plan = applyChanges(read.plan, [
  set('zones', 'z', { id: 'z', name: 'Sewing', letter: 'A', order: 0 }),
  set('zones', 'z2', { id: 'z2', name: 'Paper', letter: 'B', order: 1 }),
  set('allotments', 'a1', { id: 'a1', unit, slot: '', container: null, as: 'zone', zone: 'z', firm: true }),
  set('allotments', 'a2', { id: 'a2', unit: box.unit, slot: box.slot, container: box.id, as: 'storage', zone: null }),
  set('homes', 'h', { id: 'h', name: 'Notions', zone: 'z', unit: other, ...wish }),
  set('aparts', 'p', { id: 'p', things: ['new', 'used'], why: '' }),
  set('activities', Object.keys(read.plan.activities)[0]!, { zone: 'z' }),
  set('supplies', Object.keys(read.plan.supplies)[0]!, { home: 'h' }),
  ...[
    ...Object.values(read.plan.containers)
      .slice(0, 3)
      .map((c) => ({ unit: c.unit, slot: c.slot, container: c.id })),
    ...Object.values(read.plan.units)
      .slice(0, 3)
      .map((u) => ({ unit: u.id, slot: 's1', container: null })),
  ].map((place, i) =>
    set('keeps', `keep-${i}`, { id: `keep-${i}`, ...place, for: 'empty', things: [], lines: null, litres: null }),
  ),
]).plan;
const having = (...changes: Change[]) => applyChanges(plan, changes).plan;
const without = (from: Plan, table: TableName, id: string) =>
  applyChanges(from, removeWithDependents(from, table, id)).plan;
/** Tables that lost rows besides the one that was removed. */
const lost = (before: Plan, after: Plan, table: TableName) =>
  TABLE_NAMES.filter((t) => {
    const gone = Object.keys(before[t]).filter((id) => !after[t][id]).length;
    return gone > (t === table ? 1 : 0);
  });

/** What may go along with a row of each table; everything else stays. */
const TAKES: Readonly<Record<TableName, readonly TableName[]>> = {
  corners: ['openings', 'fixtures', 'overheads'],
  openings: [],
  fixtures: [],
  overheads: [],
  areas: [],
  elsewheres: [],
  types: [],
  people: ['wishes'],
  wishes: [],
  units: [
    'areas',
    'spots',
    'helpers',
    'containers',
    'placements',
    'photos',
    'timings',
    'bans',
    'keeps',
    'labels',
    'allotments',
  ],
  stations: ['spots', 'helpers', 'timings'],
  spots: [],
  activities: ['helpers', 'relations', 'uses'],
  kits: ['helpers'],
  helpers: [],
  relations: [],
  supplies: ['uses', 'placements', 'photos', 'wishes', 'bans', 'pulls', 'logs'],
  uses: [],
  boxtypes: [],
  containers: ['keeps', 'labels', 'allotments'],
  zones: ['allotments'],
  allotments: [],
  homes: [],
  aparts: [],
  placements: [],
  photos: [],
  timings: [],
  bans: [],
  keeps: [],
  labels: [],
  seasons: [],
  projects: ['pulls'],
  pulls: [],
  logs: [],
  sittings: [],
};

test.each(TABLE_NAMES)(
  'a row of %s: it goes with what belongs to it, nothing points to nothing, undo brings all back',
  (table) => {
    const ids = Object.keys(plan[table]);
    expect(ids.length).toBeGreaterThan(0);
    const step = Math.ceil(ids.length / 12);
    for (const id of ids.filter((_, i) => i % step === 0)) {
      const { plan: after, inverse } = applyChanges(plan, removeWithDependents(plan, table, id));
      expect(after[table][id]).toBeUndefined();
      expect(danglingReferences(after)).toEqual([]);
      expect(TAKES[table]).toEqual(expect.arrayContaining(lost(plan, after, table)));
      expect(samePlan(applyChanges(after, inverse).plan, plan)).toBe(true);
    }
  },
);

test('the activities, timings and table of a person survive; the seat is somebody else’s', () => {
  const all = having(...Object.keys(plan.activities).map((id) => set('activities', id, { person: 'maker' })));
  const after = without(all, 'people', 'maker');
  expect(Object.keys(after.activities)).toEqual(Object.keys(plan.activities));
  expect(Object.keys(after.uses)).toEqual(Object.keys(plan.uses));
  for (const a of Object.values(after.activities)) expect(a.person).toBeNull();
  expect(Object.keys(after.stations)).toEqual(Object.keys(plan.stations));
  for (const s of Object.values(after.stations)) expect(s.person).toBe('apprentice');
  expect(without(plan, 'people', 'apprentice').timings.t1).toMatchObject({ person: null, seconds: 9.5 });
  // Only the last person takes the seats along, and the activities are still there.
  const nobody = without(after, 'people', 'apprentice');
  expect(Object.keys(nobody.stations)).toEqual([]);
  expect(Object.keys(nobody.activities)).toEqual(Object.keys(plan.activities));
});

test('what is in a container that is removed stays in its place, with the box that stood in it and its label', () => {
  const [outer, inner] = Object.values(plan.containers);
  const { unit, slot } = outer!;
  const nested = having(
    set('containers', inner!.id, { arrangement: outer!.arrangement, unit, slot, parent: outer!.id }),
    set('labels', 'own', { id: 'own', unit, slot, container: outer!.id, since: '2026-01-01', sides: ['front'] }),
  );
  const inside = Object.values(nested.placements).filter((p) => p.container === outer!.id);
  const after = without(nested, 'containers', outer!.id);
  for (const p of inside) expect(after.placements[p.id]).toEqual({ ...p, container: null });
  expect(after.containers[inner!.id]).toMatchObject({ parent: null, unit, slot });
  const labelled = Object.values(nested.labels).some((l) => l.container === null && l.unit === unit && l.slot === slot);
  expect(after.labels.own?.container).toBe(labelled ? undefined : null);
  const twice = applyChanges(nested, [
    set('labels', 'place', { id: 'place', unit, slot, container: null, since: '2026-01-01', sides: ['front'] }),
  ]).plan;
  expect(without(twice, 'containers', outer!.id).labels.own).toBeUndefined();
});

test('a unit that goes is no new bin and no home any more; a station that goes is in no way of sorting', () => {
  const placement = Object.values(plan.placements).find((p) => p.unit !== 'cart')!;
  const home = { unit: 'cart', slot: 't1', container: null, x: null, y: null, turned: false, orientation: null };
  const away = having(set('placements', placement.id, { returns: home }));
  expect(away.meta.upkeep.newBin?.unit).toBe('cart');
  const after = without(away, 'units', 'cart');
  expect(after.meta.upkeep.newBin).toBeNull();
  expect(after.placements[placement.id]!.returns).toBeNull();
  expect(plan.meta.sorting.mixtures).toHaveLength(1);
  expect(without(plan, 'stations', 'seat-bench').meta.sorting.mixtures).toEqual([]);
});

test('every reference is one of a table that is there, and every field that is an id of another row is one', () => {
  for (const { to } of REFERENCES) expect(TABLE_NAMES).toContain(to);
  const columns = new Set(REFERENCES.map((r) => r.column));
  for (const table of TABLE_NAMES)
    for (const column of Object.keys(TABLES[table].shape))
      if (columns.has(column))
        expect([table, column, REFERENCES.some((r) => r.table === table && r.column === column)]).toEqual([
          table,
          column,
          true,
        ]);
});
