import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { evaluate } from '../report/evaluate.ts';
import { alternativesFor } from '../ask/alternatives.ts';
import { applyChanges, set } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { goesAway, leavesTheRoom, mayLieIn } from './rules.ts';
import { changesTo, solveAll } from '../search/solve.ts';
import { fitsTightly } from '../fit/tighten.ts';

const demo = demoPlan();

test('what is given away lies nowhere; what is seasonal or elsewhere lies in furniture elsewhere; the rest anywhere', () => {
  const places = sceneOf(demo).compartments;
  const homes = (decision: 'give away' | 'seasonal' | 'elsewhere' | 'keep' | null) =>
    places.filter((c) => mayLieIn(demo, { decision }, c)).map((c) => c.unit);
  expect(homes('give away')).toEqual([]);
  expect(new Set(homes('seasonal'))).toEqual(new Set(['landing-cupboard']));
  expect(homes('elsewhere')).toEqual(homes('seasonal'));
  expect(homes(null)).toEqual(homes('keep'));
  expect(homes(null)).toHaveLength(places.length);
  expect([leavesTheRoom({ decision: 'seasonal' }), leavesTheRoom({ decision: 'keep' })]).toEqual([true, false]);
});

test('without furniture elsewhere what goes elsewhere is gone, and misses no place', () => {
  const room = {
    ...demo,
    units: Object.fromEntries(Object.entries(demo.units).filter(([, u]) => u.elsewhere === null)),
  };
  expect(goesAway(room, { decision: 'elsewhere' })).toBe(true);
  expect(goesAway(demo, { decision: 'elsewhere' })).toBe(false);
  expect(goesAway(room, { decision: 'keep' })).toBe(false);
});

test('places offered for a thing that goes elsewhere are elsewhere', () => {
  const away = applyChanges(demo, [set('supplies', 'markers', { decision: 'elsewhere' })]).plan;
  const offered = alternativesFor(away, 'markers', 84, null).map((a) => a.compartment.split('/')[0]);
  expect(new Set(offered)).toEqual(new Set(['landing-cupboard']));
});

test('the second look finds room where strips find none, and keeps the room to grow', () => {
  const thing = (id: string, size: number) => ({
    ...demo.supplies.markers!,
    id,
    form: 'pieces' as const,
    count: 1,
    length: size,
    width: size,
    thickness: 40,
    orientations: ['flat' as const],
  });
  const drawer = { access: 'drawer' as const, walls: 'all' as const, inside: { width: 320, depth: 320, height: 60 } };
  const there = ['a', 'b', 'c'].map((id) => ({ supply: thing(id, 150), count: 1, only: null }));
  expect(fitsTightly(drawer, there, thing('d', 150), 1, [], 0)).toBe('flat');
  // Of a single thing no more are expected; of eight, one more would not fit.
  expect(fitsTightly(drawer, there, thing('d', 150), 1, [], 0.15)).toBe('flat');
  const eight = { ...thing('d', 75), count: 8, orientations: ['flat' as const], thickness: 20 };
  expect(fitsTightly(drawer, there, eight, 8, [], 0)).toBe('flat');
  expect(fitsTightly(drawer, there, eight, 8, [], 0.15)).toBeNull();
  expect(fitsTightly(drawer, there, thing('d', 200), 1, [], 0)).toBeNull();
});

test('the demo, placed again, uses containers that are planned and leaves today’s alone', () => {
  const few = withFewThings(demo);
  const bare = {
    ...few,
    placements: Object.fromEntries(Object.entries(few.placements).filter(([, p]) => p.arrangement === 'today')),
  };
  const solution = solveAll(bare, { seed: 2, moves: 15 });
  const placed = applyChanges(bare, changesTo(bare, solution)).plan;
  const used = new Set(solution.placements.flatMap((p) => (p.container === null ? [] : [p.container])));
  for (const id of used) expect(demo.containers[id]!.arrangement).toBe('planned');
  expect(used.size).toBeGreaterThan(0);
  expect(evaluate(placed).errors).toBe(0);
});
