import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import type { Unit } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';

/** What the seat in the middle of a room, facing north, sees of the first place of a unit. */
function seen(unit: Unit, ...more: Unit[]) {
  const plan = having(rectangle(4000, 4000), unitRow(unit), ...more.map(unitRow), ...seatRows('s', 2000, 2200));
  const scene = sceneOf(plan);
  return scene.sights.get('s')!.get(scene.compartments.find((c) => c.unit === unit.id)!.id)!;
}
const shelf = (x: number, y: number, more: Partial<Unit> = {}) =>
  boxUnit('u', x, y, 600, 300, { tiers: [600], ...more });

test('an open shelf that one faces shows its things', () => {
  expect(seen(shelf(2000, 150)).state).toBe('things');
});

test('behind the back, from the side, from behind: nothing', () => {
  expect(seen(shelf(2000, 3850, { turn: 180 }))).toEqual({ state: 'nothing', words: 'behind the back' });
  expect(seen(shelf(2000, 1200, { turn: 180 }))).toEqual({ state: 'nothing', words: 'seen from behind or the side' });
  expect(seen(shelf(250, 1900)).state).not.toBe('things');
});

test('a closed front shows at most its label', () => {
  expect(seen(shelf(2000, 150, { kind: 'drawer unit' }))).toEqual({ state: 'front', words: 'in a closed drawer' });
  expect(seen(shelf(2000, 150, { doors: 'pair' }))).toEqual({ state: 'front', words: 'behind a door' });
  expect(seen(shelf(2000, 150, { kind: 'trunk', tiers: [] }))).toEqual({ state: 'front', words: 'under a lid' });
});

test('a thing in front hides it, a low one does not', () => {
  const before = (height: number) => boxUnit('before', 2000, 900, 1200, 200, { height });
  expect(seen(shelf(2000, 150), before(1500))).toEqual({ state: 'nothing', words: 'hidden by Box before' });
  expect(seen(shelf(2000, 150, { bottom: 900 }), before(300)).state).toBe('things');
});

test('what lies on a top above the eye is not seen, below it it is', () => {
  const top = (height: number) =>
    boxUnit('u', 2000, 300, 600, 500, { kind: 'table', height, board: 28, storeDepth: 200, tiers: [] });
  expect(seen(top(740)).state).toBe('things');
  expect(seen(top(1500)).state).toBe('front');
});
