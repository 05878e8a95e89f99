import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { applyChanges, remove } from '../model/change.ts';
import { emptyPlan, PLAN_VERSION, type Plan } from '../model/plan.ts';
import { planFileJsonSchema, readPlanFile, writePlanFile } from './planFile.ts';

const findings = (text: string) => {
  const read = readPlanFile(text);
  if (read.ok) throw new Error('It was read.');
  return read.findings;
};
const file = (change: (data: Record<string, unknown>) => void) => {
  const data = JSON.parse(writePlanFile(emptyPlan({ id: 'x' }))) as Record<string, unknown>;
  change(data);
  return JSON.stringify(data);
};

test('property: what is written is read back as it was', () => {
  fc.assert(
    fc.property(randomPlan(10), (plan) => {
      expect(readPlanFile(writePlanFile(plan))).toEqual({ ok: true, plan, pictures: {} });
    }),
    { numRuns: runs(30) },
  );
});

test.each([
  ['half a file', '{"format": "heronstone-plan", "version"', '', /not JSON/],
  ['a foreign JSON file', '{"layers": []}', 'format', /not a Heronstone plan/],
  ['a list', '[]', 'format', /not a Heronstone plan/],
  ['a newer version', file((d) => (d.version = PLAN_VERSION + 1)), 'version', /newer Heronstone \(version \d+/],
  ['an unknown field', file((d) => (d.extra = 1)), '', /only known fields \(not extra\)/],
  ['a missing table', file((d) => delete d.units), 'units', /units/],
  [
    'an absurd ceiling',
    file((d) => ((d.plan as { ceiling: number }).ceiling = -3)),
    'plan.ceiling',
    /between 1500 and 8000 mm/,
  ],
])('%s is refused with path and reason', (_, text, path, message) => {
  const [first] = findings(text);
  expect(first!.path).toBe(path);
  expect(first!.message).toMatch(message);
});

test('a file of version 1, before there were modes, kits and types of one’s own, is read with what was usual', () => {
  const read = readPlanFile(
    file((d) => {
      d.version = 1;
      for (const table of ['overheads', 'areas', 'spots', 'kits', 'helpers', 'relations', 'types', 'elsewheres'])
        delete d[table];
      d.people = [{ id: 'p', name: 'Maker', stature: 1700 }];
      const size = { x: 0, y: 0, turn: 0, width: 400, depth: 300, height: 700, bottom: 0, board: 3, columns: 1 };
      const inside = { tiers: [100], insideWidth: null, insideDepth: null, storeDepth: 0, labelled: false };
      d.units = [{ id: 'k', name: 'Cart', kind: 'cart', ...size, ...inside }];
    }),
  );
  if (!read.ok) throw new Error(read.findings[0]!.message);
  expect(read.plan.units.k).toMatchObject({ wheels: true, owned: true, host: null });
  expect(read.plan.areas).toEqual({});
  const measured = { eye: null, shoulder: null, elbow: null, knuckle: null, knee: null, grip: null, overhead: null };
  const may = { hand: 'right', wheelchair: false, child: false, steps: true, lifts: null };
  expect(read.plan.people.p).toEqual({ id: 'p', name: 'Maker', stature: 1700, ...may, ...measured });
  expect(read.plan.meta.constants).toEqual({});
});

test('an id that is used twice, and a reference to nothing', () => {
  const person = { id: 'p', name: 'Maker', stature: 1700 };
  expect(findings(file((d) => (d.people = [person, person])))[0]).toMatchObject({ path: 'people.1.id', value: 'p' });
  expect(findings(file((d) => (d.uses = [{ id: 'u', supply: 's', activity: 'a', fetches: 1 }])))[0]).toMatchObject({
    path: 'uses.u.supply',
    value: 's',
  });
});

test('docs/plan.schema.json is the schema of this program', () => {
  const kept: unknown = JSON.parse(readFileSync(new URL('../../docs/plan.schema.json', import.meta.url), 'utf8'));
  expect(kept).toEqual(JSON.parse(JSON.stringify(planFileJsonSchema())));
});

test('before version 13 what had no place today was hunted for, and still is; a plan without today hunts for nothing', () => {
  const older = (plan: Plan) => {
    const data = JSON.parse(writePlanFile(plan)) as { version: number; supplies: Array<Record<string, unknown>> };
    for (const s of data.supplies) for (const field of ['hunted', 'sizeFrom', 'countFrom']) delete s[field];
    const read = readPlanFile(JSON.stringify({ ...data, version: 12 }));
    if (!read.ok) throw new Error(read.findings[0]!.message);
    return Object.values(read.plan.supplies)
      .filter((s) => s.hunted)
      .map((s) => s.id)
      .sort();
  };
  const demo = demoPlan();
  expect(older(demo)).toEqual(
    Object.values(demo.supplies)
      .filter((s) => s.hunted)
      .map((s) => s.id)
      .sort(),
  );
  const today = Object.values(demo.placements).filter((p) => p.arrangement === 'today');
  const never = applyChanges(
    demo,
    today.map((p) => remove('placements', p.id)),
  ).plan;
  expect(older(never)).toEqual([]);
});
