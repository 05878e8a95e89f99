import { readFileSync } from 'node:fs';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { samePlan } from '@heronstone/core/model/plan.ts';
import { buildDemo } from './build.ts';
import { journal } from './year.ts';

const demo = buildDemo();

test('demo/plan.json is what build.ts makes (npm run demo-plan)', () => {
  expect(readFileSync(new URL('plan.json', import.meta.url), 'utf8')).toBe(writePlanFile(demo));
});

test('it is as large as its README says, without errors', () => {
  expect(Object.keys(demo.supplies)).toHaveLength(145);
  expect(Object.keys(demo.activities)).toHaveLength(7);
  expect(Object.keys(demo.units)).toHaveLength(14);
  expect(evaluate(demo).errors).toBe(0);
});

test('every supply is used by something, and most lie somewhere today', () => {
  const used = new Set(Object.values(demo.uses).map((u) => u.supply));
  expect(Object.keys(demo.supplies).filter((id) => !used.has(id))).toEqual([]);
  const today = new Set(
    Object.values(demo.placements)
      .filter((p) => p.arrangement === 'today')
      .map((p) => p.supply),
  );
  expect(today.size).toBe(141);
});

test('the log book of the year leads back, step by step, to a room that costs more', () => {
  const end = demo;
  const entries = journal(end);
  expect(entries.map((e) => e.at)).toEqual([...entries.map((e) => e.at)].sort());
  let plan = end;
  for (const e of [...entries].reverse()) plan = applyChanges(plan, e.inverse).plan;
  expect(evaluate(plan).week.today.minutes).toBeGreaterThan(evaluate(end).week.today.minutes + 3);
  for (const e of entries) plan = applyChanges(plan, e.group.changes).plan;
  expect(samePlan(plan, end)).toBe(true);
});
