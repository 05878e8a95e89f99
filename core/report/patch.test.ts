/** Plans and Reports sent as what has changed come out as they were. */
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { wishfulPlan } from '@heronstone/testing/wishfulPlan.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, ChangeError, removeWithDependents, set, setMeta, type Change } from '../model/change.ts';
import { differenceOf, withDifference } from '../model/difference.ts';
import { FIGURES, FOR_PEOPLE, ROOM, sameFor, SCENE, UNREAD, type Reads } from '../model/reads.ts';
import { TABLE_NAMES, type Plan, type TableName } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';
import { evaluate, evaluator, type Report } from './evaluate.ts';
import { patched, patchOf } from './patch.ts';
import { roomFindings } from '../checks/roomFindings.ts';
import { checkNeeds } from '../checks/workNeeds.ts';
import { relationsOf } from '../checks/relations.ts';

const demo = withFewThings(demoPlan(), [], 3);
const afresh = (plan: Plan) => evaluate(structuredClone(plan));
/** As a message carries it. */
const sent = <T>(x: T): T => structuredClone(x);

const TABLES_USED = TABLE_NAMES.filter((t) => Object.keys(demo[t]).length > 0);
/** One change of any kind: a row gone, a number or word of a row changed, one of the plan's own fields. */
function changed(plan: Plan, which: number, where: number, how: number): Plan {
  const table = TABLES_USED[which % TABLES_USED.length]!;
  const ids = Object.keys(plan[table]);
  const id = ids[where % Math.max(1, ids.length)];
  let changes: Change[];
  if (how % 9 === 0) changes = [setMeta(plan, { labelWidth: 30 + (where % 60), note: `n${where}` })];
  else if (id === undefined) return plan;
  else if (how % 9 === 1) changes = removeWithDependents(plan, table, id);
  else {
    const row = plan[table][id] as unknown as Record<string, unknown>;
    const fields = Object.keys(row).filter((f) => typeof row[f] === 'number' || f === 'note');
    const field = fields[how % Math.max(1, fields.length)];
    if (field === undefined) return plan;
    const value = typeof row[field] === 'number' ? row[field] + (how % 3) - 1 : `note ${how}`;
    changes = [{ table, id, set: { [field]: value } }];
  }
  try {
    return applyChanges(plan, changes).plan;
  } catch (cause) {
    if (cause instanceof ChangeError) return plan;
    throw cause;
  }
}
const steps = fc.array(fc.tuple(fc.nat(500), fc.nat(5000), fc.nat(500)), { minLength: 1, maxLength: 6 });

test('property: a replica that is told differences has the plan, and its Report, told as patches, is that of a full evaluation', () => {
  fc.assert(
    fc.property(fc.oneof(fc.constant(demo), randomPlan(), wishfulPlan()), steps, (start, list) => {
      const next = evaluator();
      let [here, there] = [start, sent(start)];
      let worked: Report = next(there);
      let shown = patched(null, sent(patchOf(null, worked)));
      for (const step of list) {
        const after = changed(here, ...step);
        there = withDifference(there, sent(differenceOf(here, after)));
        here = after;
        expect(there).toEqual(here);
        for (const table of TABLE_NAMES) expect(Object.keys(there[table])).toEqual(Object.keys(here[table]));
        const report = next(there);
        shown = patched(shown, sent(patchOf(worked, report)));
        worked = report;
      }
      expect(shown).toEqual(afresh(here));
      expect(Object.keys(shown.placements)).toEqual(Object.keys(worked.placements));
    }),
    { numRuns: runs(4, 240) },
  );
});

test('a note, the size of a label, the name of the plan, a line in the log: no figure is touched, nothing is computed', () => {
  const next = evaluator();
  const before = next(demo);
  const supply = Object.keys(demo.supplies)[0]!;
  for (const change of [
    set('supplies', supply, { note: 'On the left' }),
    setMeta(demo, { labelWidth: 44, name: 'Other', note: 'Cold floor', paper: 'letter' }),
    { table: 'logs', id: Object.keys(demo.logs)[0] ?? 'l', remove: true as const },
  ])
    expect(next(applyChanges(demo, [change]).plan)).toBe(before);
});

test('what a changed supply does not touch stays the same object', () => {
  const next = evaluator();
  const before = next(demo);
  const id = Object.values(demo.placements).find((p) => p.arrangement === 'planned')!.supply;
  const after = next(applyChanges(demo, [set('supplies', id, { mass: 70 })]).plan);
  const same = Object.keys(after.placements).filter((p) => after.placements[p] === before.placements[p]);
  expect(same.length).toBeGreaterThan(Object.keys(after.placements).length * 0.7);
  expect(after.compartments.filter((c, i) => c === before.compartments[i]).length).toBeGreaterThan(40);
});

describe('a stage reads no more than it says', () => {
  /** A plan that fails where something is read that is not in the list. */
  function guarded(plan: Plan, reads: Reads): Plan {
    const may = new Set<string>(reads.tables);
    const rowOf = (table: TableName, row: object) =>
      new Proxy(row, {
        get(target, field) {
          if (FOR_PEOPLE.has(String(field))) throw new Error(`${table}.${String(field)} is read`);
          return Reflect.get(target, field);
        },
      });
    const meta = new Proxy(plan.meta, {
      get(target, field) {
        if (typeof field === 'string' && !(reads.meta as readonly string[]).includes(field) && field !== 'toJSON')
          throw new Error(`meta.${field} is read`);
        return Reflect.get(target, field);
      },
    });
    // Whoever passes a plan on touches its tables; who reads one looks at its rows.
    const closed = (table: TableName) =>
      new Proxy(
        {},
        {
          get: (_, id) => {
            throw new Error(`${table}.${String(id)} is read`);
          },
          ownKeys: () => {
            throw new Error(`the rows of ${table} are read`);
          },
        },
      );
    const tables = Object.fromEntries(
      TABLE_NAMES.map((table) => [
        table,
        may.has(table)
          ? Object.fromEntries(Object.entries(plan[table]).map(([id, row]) => [id, rowOf(table, row as object)]))
          : closed(table),
      ]),
    );
    return { meta, ...tables } as unknown as Plan;
  }
  const stages: Array<[string, Reads, (plan: Plan) => unknown]> = [
    ['the room', ROOM, roomFindings],
    ['the scene', SCENE, sceneOf],
    ['needs', SCENE, checkNeeds],
    ['relations', SCENE, relationsOf],
    ['the Report', FIGURES, evaluate],
  ];
  test.each(stages)('%s', (_name, reads, work) => {
    work(guarded(demo, reads));
    fc.assert(
      fc.property(fc.oneof(randomPlan(), wishfulPlan()), (plan) => void work(guarded(plan, reads))),
      { numRuns: runs(4, 240) },
    );
  });

  test('and is done again when something changes that it reads', () => {
    expect(UNREAD).toEqual(expect.arrayContaining(['photos', 'labels', 'logs', 'sittings', 'timings']));
    for (const table of FIGURES.tables) {
      const [id] = Object.keys(demo[table]);
      if (id === undefined) continue;
      const gone = { ...demo, [table]: Object.fromEntries(Object.entries(demo[table]).slice(1)) };
      expect([table, sameFor(FIGURES, demo, gone)]).toEqual([table, false]);
    }
    for (const table of UNREAD) expect(sameFor(FIGURES, demo, { ...demo, [table]: {} })).toBe(true);
  });
});
