import { runs } from '@heronstone/testing/runs.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import fc from 'fast-check';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { evaluate } from '../report/evaluate.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { applyChanges, set } from '../model/change.ts';
import { solveAll } from '../search/solve.ts';
import { duplicatesIn, floorFor, freeFloor, purgeOf } from './purge.ts';

const demo = demoPlan();
const decide = (id: string, decision: 'give away' | 'elsewhere' | 'seasonal' | 'keep') =>
  applyChanges(demo, [set('supplies', id, { decision })]).plan;

test('litres and shelf metres of what leaves the room, worked out by hand', () => {
  const before = purgeOf(demo).totals;
  // 24 boxes of 320 x 240 x 5 mm are 9.2 litres; a shelf metre 300 deep and high is 90 litres.
  const after = purgeOf(decide('fair-boxes-folded', 'give away')).totals;
  expect(after.litres - before.litres).toBeCloseTo(24 * 0.32 * 0.24 * 0.005 * 1000, 9);
  expect(after.shelfMetres).toBeCloseTo(after.litres / 90, 9);
  expect(after.lines['give away']).toBe(1);
  expect(purgeOf(decide('fair-boxes-folded', 'keep')).totals.litres).toBe(before.litres);
});

test('kilograms that leave: sheets by their grammage, the rest as weighed, and what is not known is counted', () => {
  const felt: Supply = {
    ...demo.supplies['fair-boxes-folded']!,
    id: 'felt',
    name: 'Felt sheets',
    form: 'sheets',
    count: 60,
    length: 300,
    width: 200,
    grammage: 150,
    mass: null,
    decision: 'give away',
  };
  const only = (...rows: Supply[]) => ({ ...demo, supplies: Object.fromEntries(rows.map((r) => [r.id, r])) });
  // 60 sheets of 0.3 x 0.2 m at 150 g/m2 are 540 g.
  expect(purgeOf(only(felt)).totals).toMatchObject({ grams: 540, notWeighed: 0 });
  const heavy: Supply = { ...felt, id: 'irons', form: 'pieces', grammage: null, mass: 700, count: 2 };
  const unknown = { ...heavy, id: 'blocks', mass: null };
  expect(purgeOf(only(felt, heavy, unknown)).totals).toMatchObject({ grams: 1940, notWeighed: 1 });
  expect(purgeOf(only({ ...felt, decision: null })).totals.grams).toBe(0);
});

test('what is given away is not placed; what goes elsewhere lies elsewhere; taking it back brings all back', () => {
  const few = (plan: Plan) => withFewThings(plan, ['markers', 'ink-pads']);
  const given = decide('markers', 'give away');
  expect(solveAll(few(given), { seed: 1, moves: 10 }).placements.filter((p) => p.supply === 'markers')).toEqual([]);
  expect(evaluate({ ...given, placements: {} }).supplies.markers!.without.planned).toBe(0);
  const away = decide('ink-pads', 'elsewhere');
  const place = solveAll(few(away), { seed: 1, moves: 10 }).placements.find((p) => p.supply === 'ink-pads')!;
  expect(away.units[place.unit]!.elsewhere).toBe('landing');
  expect(applyChanges(given, [set('supplies', 'markers', { decision: null })]).plan.supplies).toEqual(demo.supplies);
});

test('the floor: room less furniture, and a third of it to stand on', () => {
  const standing = Object.values(demo.units).filter((u) => u.elsewhere === null && u.host === null && u.bottom < 300);
  const taken = standing.reduce((sum, u) => sum + (u.width * u.depth) / 1e6, 0);
  expect(freeFloor(demo)).toBeCloseTo((3.45 * 2.95 + 0.9 * 0.6 - taken) * 0.7, 6);
  // 84 markers of 12 mm in piles 150 high: seven piles of twelve.
  expect(floorFor(demo.supplies.markers!)).toBeCloseTo((7 * 140 * 12) / 1e6, 9);
});

test('property: rounds hold every line once, in kinds, none larger than the floor but for a single line', () => {
  fc.assert(
    fc.property(randomPlan(40), (plan) => {
      const { rounds, floor } = purgeOf(plan);
      const all = rounds.flatMap((r) => r.supplies);
      expect(all.sort()).toEqual(Object.keys(plan.supplies).sort());
      for (const r of rounds) expect(r.supplies.length === 1 || r.area <= floor + 1e-9).toBe(true);
    }),
    { numRuns: runs(20, 800) },
  );
});

test('the same thing twice is noticed by its words and size, not by its place in the list', () => {
  const base = demo.supplies.markers!;
  const rows = [
    base,
    { ...base, id: 'b', name: 'marker ', length: 145 },
    { ...base, id: 'c', name: 'Markers', length: 300 },
    { ...base, id: 'd', name: 'Blue markers' },
  ];
  expect(duplicatesIn(rows)).toEqual([['markers', 'b']]);
  expect(
    duplicatesIn([
      { ...base, name: 'Paint brushes, fine' },
      { ...base, id: 'e', name: 'fine paint brush' },
    ]),
  ).toHaveLength(0);
  expect(
    duplicatesIn([
      { ...base, name: 'Paint brushes, fine' },
      { ...base, id: 'e', name: 'fine paint brushes' },
    ]),
  ).toHaveLength(1);
});
