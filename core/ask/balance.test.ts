import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, remove, set } from '../model/change.ts';
import { changesTo, solveAll } from '../search/solve.ts';
import { balanceOf, classOf } from './balance.ts';

const demo = withFewThings(
  demoPlan(),
  [
    'acrylics-bottled',
    'card-a4-coloured',
    'coping-saw',
    'dowels-900-mm',
    'gouges',
    'rags',
    'screw-eyes-small',
    'sewing-machine',
    'sheets-a2',
  ],
  3,
);

test('the planted shortage of the demo is named: 0.25 m² of flat shelf for A2 sheets', () => {
  const { words, classes } = balanceOf(demo);
  const flat = classes.find((c) => c.class === 'flat and large')!;
  // 30 sheets of 0.25 mm in one stack: 594 x 420 mm.
  expect(flat.short).toBeCloseTo(0.594 * 0.42, 9);
  expect(flat.missing).toMatchObject([{ supply: 'sheets-a2', count: 30, places: 0 }]);
  expect(words).toMatch(/^Short of 0\.25 m² of flat shelf for Sheets A2; .* % to spare/);
  // And nothing else is short.
  expect(classes.filter((c) => c.short > 0)).toHaveLength(1);
});

test('it stays short however it is placed, and a shelf that is large enough fixes it', () => {
  expect(evaluate(demo).supplies['sheets-a2']!.without.planned).toBe(30);
  const shelf = applyChanges(demo, [
    set('units', 'plans', {
      ...demo.units.books!,
      id: 'plans',
      name: 'Plan chest',
      width: 700,
      depth: 500,
      tiers: [60],
      height: 100,
      elsewhere: 'landing',
    }),
  ]).plan;
  expect(balanceOf(shelf).classes.every((c) => c.short === 0)).toBe(true);
});

test('what is given away asks for no room; without furniture nothing is compared', () => {
  const given = applyChanges(demo, [set('supplies', 'sheets-a2', { decision: 'give away' })]).plan;
  expect(balanceOf(given).words).not.toMatch(/Short/);
  expect(balanceOf(given).lines).toBe(balanceOf(demo).lines - 1);
  const bare = {
    ...demo,
    units: {},
    stations: {},
    placements: {},
    containers: {},
    areas: {},
    spots: {},
    helpers: {},
    kits: {},
  };
  expect(balanceOf(bare).words).toMatch(/no storage furniture yet/);
});

test('classes of common things', () => {
  const of = (id: string) => classOf(demo.supplies[id]!);
  expect(
    [
      'sheets-a2',
      'card-a4-coloured',
      'dowels-900-mm',
      'gouges',
      'rags',
      'sewing-machine',
      'coping-saw',
      'acrylics-bottled',
      'screw-eyes-small',
    ].map(of),
  ).toEqual([
    'flat and large',
    'upright slots',
    'long',
    'shallow drawer',
    'deep bin',
    'machine',
    'hung',
    'shallow drawer',
    'shallow drawer',
  ]);
});

test('property: what the balance finds no place for, no plan has a place for; shares stay between 0 and 1', () => {
  fc.assert(
    fc.property(randomPlan(15), (random) => {
      const plan = { ...random, placements: {}, containers: {} };
      const balance = balanceOf(plan);
      for (const c of balance.classes) {
        expect(c.spare === null || (c.spare >= -1e-9 && c.spare <= 1 + 1e-9)).toBe(true);
        expect(c.short).toBeGreaterThanOrEqual(0);
      }
      const nowhere = balance.classes.flatMap((c) => c.missing.filter((m) => m.places === 0).map((m) => m.supply));
      if (nowhere.length === 0) return;
      const report = evaluate(applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1 }))).plan);
      for (const id of nowhere) expect(report.supplies[id]!.without.planned).toBe(plan.supplies[id]!.count);
    }),
    { numRuns: runs(8, 800) },
  );
});

test('an empty place for a supply that was there does not count twice', () => {
  const without = applyChanges(
    demo,
    Object.keys(demo.placements).map((id) => remove('placements', id)),
  ).plan;
  expect(balanceOf(without)).toEqual(balanceOf(demo));
});
