/** What moving by hand changes, on the demo. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { having } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { placeOf } from '../report/placeOf.ts';
import { contentsChanges, moveThing, neverThere } from './moveThing.ts';

const demo = withFewThings(demoPlan(), [], 3);
const report = evaluate(demo);
const row = Object.values(demo.placements).find((p) => p.arrangement === 'planned' && p.count >= 4)!;
const moving = { supply: row.supply, placement: row.id, count: row.count };
const target = report.compartments.find(
  (c) => c.contents.planned.length === 0 && c.container === null && c.unit !== row.unit,
)!;
const planned = (plan: typeof demo) =>
  Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && p.supply === row.supply);
const total = (plan: typeof demo) => planned(plan).reduce((sum, p) => sum + p.count, 0);
let n = 0;
const newId = () => `new${n++}`;

test('all of it goes along with its row; where only some fit, the others stay', () => {
  const all = moveThing(demo, moving, target, row.count, newId)!;
  expect(all).toMatchObject({ landed: row.id, count: row.count });
  expect(having(demo, ...all.changes).placements[row.id]).toMatchObject({ unit: target.unit, slot: target.slot });
  const some = moveThing(demo, moving, target, row.count - 1, newId)!;
  const after = having(demo, ...some.changes);
  expect(after.placements[row.id]!.count).toBe(1);
  expect(after.placements[some.landed]).toMatchObject({ unit: target.unit, count: row.count - 1 });
  expect(total(after)).toBe(total(demo));
});

test('where none fits, or it lies there already, nothing is moved', () => {
  expect(moveThing(demo, moving, target, 0, newId)).toBeNull();
  const here = placeOf(report, report.placements[row.id]!.compartment)!;
  expect(moveThing(demo, moving, here, row.count, newId)).toBeNull();
});

test('what lies there already is joined', () => {
  const split = having(demo, ...moveThing(demo, moving, target, 2, newId)!.changes);
  const joined = having(split, ...moveThing(split, { ...moving, count: row.count - 2 }, target, 99, newId)!.changes);
  expect(planned(joined).filter((p) => p.unit === target.unit && p.slot === target.slot)).toHaveLength(1);
  expect(total(joined)).toBe(total(demo));
});

test('an empty place takes all of another, a full one is swapped; never is taken out and banned', () => {
  const from = report.compartments.find((c) => c.contents.planned.length > 1 && c.container === null)!;
  const emptied = having(demo, ...contentsChanges(demo, report, from, target));
  const inside = (plan: typeof demo, c: { unit: string; slot: string }) =>
    Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && p.unit === c.unit && p.slot === c.slot);
  expect(inside(emptied, from)).toEqual([]);
  expect(inside(emptied, target)).toHaveLength(inside(demo, from).length);
  expect(contentsChanges(demo, report, from, from)).toEqual([]);
  const banned = having(demo, ...neverThere(demo, row.id, newId));
  expect(banned.placements[row.id]).toBeUndefined();
  expect(Object.values(banned.bans).some((b) => b.supply === row.supply && b.unit === row.unit)).toBe(true);
});
