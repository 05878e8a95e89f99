import { readFileSync } from 'node:fs';
import { evaluate } from '@heronstone/core/evaluate.ts';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { buildDemo } from './build.ts';

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
