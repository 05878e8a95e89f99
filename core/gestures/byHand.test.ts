import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { sceneOf, mainStationOf } from '../scene/scene.ts';
import { tryOut } from '../ask/tryOut.ts';
import { mergeZone, moveContents, swapContents } from './byHand.ts';

const demo = withFewThings(demoPlan(), [], 3);
const inside = (plan: Plan, unit: string, slot: string) =>
  Object.values(plan.placements)
    .filter((p) => p.arrangement === 'planned' && p.unit === unit && p.slot === slot)
    .map((p) => `${p.supply} ${p.count} ${p.container ?? ''}`)
    .sort();
const [a, b] = [
  { unit: 'books', slot: 's1' },
  { unit: 'books', slot: 's3' },
];
const boxed = Object.values(demo.containers).find((c) => c.arrangement === 'planned')!;

test('two places change all that is planned in them, containers too; twice is as it was', () => {
  const withBox = { unit: boxed.unit, slot: boxed.slot };
  const swapped = applyChanges(demo, swapContents(demo, withBox, b)).plan;
  expect(inside(swapped, b.unit, b.slot)).toEqual(inside(demo, withBox.unit, withBox.slot));
  expect(inside(swapped, withBox.unit, withBox.slot)).toEqual(inside(demo, b.unit, b.slot));
  expect(swapped.containers[boxed.id]).toMatchObject(b);
  const back = applyChanges(swapped, swapContents(swapped, withBox, b)).plan;
  expect(inside(back, b.unit, b.slot)).toEqual(inside(demo, b.unit, b.slot));
  expect(swapContents(demo, a, a)).toEqual([]);
});

test('trying it out says the minutes that the report then has, and what no longer fits', () => {
  const report = evaluate(demo);
  const changes = moveContents(demo, b, { unit: 'slim', slot: 'd1' });
  const effect = tryOut(demo, report, changes, 'planned');
  const after = evaluate(applyChanges(demo, changes).plan);
  expect(effect.minutes).toBeCloseTo(after.week.planned.minutes - report.week.planned.minutes, 9);
  expect(effect.cramped.length).toBeGreaterThan(0);
  for (const words of effect.cramped) expect(words).toMatch(/: \d+ of \d+ fit in Slim drawers, drawer 1$/);
});

test('a zone of another plan is taken over: its things lie as they do there, the others stay', () => {
  const station = 'seat-bench';
  const scene = sceneOf(demo);
  const zone = new Set(Object.keys(demo.supplies).filter((id) => mainStationOf(scene, id) === station));
  const moved = Object.values(demo.placements).filter((p) => p.arrangement === 'planned' && zone.has(p.supply))[0]!;
  const away = Object.values(demo.placements).filter((p) => p.arrangement === 'planned' && !zone.has(p.supply))[0]!;
  const other = applyChanges(demo, [
    set('placements', moved.id, { unit: 'landing-cupboard', slot: 's2', container: null }),
    set('placements', away.id, { unit: 'landing-cupboard', slot: 's3', container: null }),
  ]).plan;
  const { changes, left } = mergeZone(demo, other, station);
  const merged = applyChanges(demo, changes).plan;
  expect(left).toEqual([]);
  expect(merged.placements[moved.id]).toMatchObject({ unit: 'landing-cupboard', slot: 's2' });
  expect(merged.placements[away.id]).toEqual(demo.placements[away.id]);
  const counts = (plan: Plan) =>
    Object.keys(demo.supplies).map((id) =>
      Object.values(plan.placements)
        .filter((p) => p.arrangement === 'planned' && p.supply === id)
        .reduce((sum, p) => sum + p.count, 0),
    );
  expect(counts(merged)).toEqual(counts(demo));
});

test('what lies in furniture that this plan does not have keeps its place, and is named', () => {
  const station = 'seat-bench';
  const scene = sceneOf(demo);
  const p = Object.values(demo.placements).find(
    (x) => x.arrangement === 'planned' && mainStationOf(scene, x.supply) === station,
  )!;
  const other = applyChanges(demo, [
    set('units', 'new', { ...demo.units.books!, id: 'new', name: 'New bookcase' }),
    set('placements', p.id, { unit: 'new', slot: 's1', container: null }),
  ]).plan;
  const { changes, left } = mergeZone(demo, other, station);
  expect(left).toEqual([p.supply]);
  expect(applyChanges(demo, changes).plan.placements[p.id]).toEqual(demo.placements[p.id]);
});
