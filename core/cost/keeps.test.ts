/** What a place is kept for holds for the search and is said where it is broken by hand. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, removeWithDependents, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { heldDifferently } from '../report/heldDifferently.ts';
import { changesTo, solveAll } from '../search/solve.ts';

const demo = demoPlan();
const keep = (unit: string, slot: string, more: object): Change =>
  set('keeps', `${unit}-${slot}`, {
    id: `${unit}-${slot}`,
    unit,
    slot,
    container: null,
    things: [],
    lines: null,
    litres: null,
    ...more,
  });
const filled = (plan: Plan) => applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1, moves: 8 }))).plan;
const linesIn = (plan: Plan, unit: string, slot: string) =>
  Object.values(plan.placements).filter(
    (p) => p.arrangement === 'planned' && p.unit === unit && p.slot === slot && p.container === null,
  );

test('filled again, a place kept empty is empty, one kept for paper has paper only, odds and ends stay within their bound', () => {
  const paper = Object.keys(demo.supplies).filter((id) => demo.supplies[id]!.category === 'card and paper');
  const plan = filled(
    applyChanges(withFewThings(demo, paper), [
      keep('tall', 'd5', { for: 'empty' }),
      keep('tall', 'd1', { for: 'these', things: ['Card and Paper'] }),
      keep('books', 's3', { for: 'odds', lines: 2 }),
      keep('books', 's2', { for: 'odds', litres: 3 }),
    ]).plan,
  );
  expect(linesIn(plan, 'tall', 'd5')).toEqual([]);
  expect(linesIn(plan, 'tall', 'd1').length).toBeGreaterThan(0);
  for (const p of linesIn(plan, 'tall', 'd1')) expect(plan.supplies[p.supply]!.category).toBe('card and paper');
  expect(linesIn(plan, 'books', 's3').length).toBeLessThanOrEqual(2);
  const codes = evaluate(plan).findings.map((f) => f.code);
  expect(codes).not.toContain('kept for others');
  expect(codes).not.toContain('too many odds and ends');
});

test('by hand it may be broken, and is said; a bound that is exceeded names its field', () => {
  const [first] = linesIn(demo, 'books', 's4');
  const plan = applyChanges(demo, [
    keep('books', 's4', { for: 'clear' }),
    keep('books', 's3', { for: 'odds', lines: 1 }),
  ]).plan;
  const { findings } = evaluate(plan);
  expect(findings.find((f) => f.code === 'kept for others')).toMatchObject({ targets: [{ table: 'placements' }] });
  expect(findings.find((f) => f.path === `placements.${first!.id}.slot`)?.message).toMatch(/kept clear to work on/);
  expect(findings.find((f) => f.code === 'too many odds and ends')).toMatchObject({ path: 'keeps.books-s3.lines' });
});

test('a place that is not there any more says so, and what it was kept for goes with its furniture', () => {
  const kept = applyChanges(demo, [keep('tall', 'd9', { for: 'empty' })]).plan;
  const gone = applyChanges(kept, [set('units', 'tall', { tiers: [60] })]).plan;
  expect(evaluate(gone).findings.map((f) => f.message)).toContainEqual(expect.stringMatching(/kept for empty/));
  expect(applyChanges(kept, removeWithDependents(kept, 'units', 'tall')).plan.keeps).toEqual({});
});

test('a plan of before says once how many places hold less, and why', () => {
  const old = applyChanges(demo, [
    { table: 'meta', id: demo.meta.id, set: { rules: 0 } },
    ...Object.values(demo.placements)
      .filter((p) => p.arrangement === 'planned' && p.supply === 'markers')
      .map((p) => set('placements', p.id, { unit: 'shelfW', slot: 's1', container: null, orientation: null })),
  ]).plan;
  expect(heldDifferently(old, evaluate(old))).toMatch(/^\d+ places? holds? less than before, .*\(\d+\)/);
  expect(heldDifferently(demo, evaluate(demo))).toBeNull();
});
