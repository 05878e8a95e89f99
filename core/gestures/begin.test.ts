import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { applyChanges } from '../model/change.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { ALONG, craftChanges, personChanges, roomChanges, seatChanges, SIDES, type FirstRoom } from './begin.ts';
import { furnishRoom, type Furnished, type Wanted } from './furnishRoom.ts';

let n = 0;
const newId = () => `b${n++}`;
const after = (plan: Plan, changes: Parameters<typeof applyChanges>[1]) => applyChanges(plan, changes).plan;
const ROOM: FirstRoom = {
  ...{ wide: 3657.6, deep: 3048, ceiling: 2438.4 },
  door: { side: 'near', along: 'first' },
  window: { side: 'far', along: 'middle' },
};
const roomOf = (room: Partial<FirstRoom> = {}) => {
  const plan = emptyPlan({ id: 'p', units: 'imperial' });
  return after(plan, roomChanges(plan, { ...ROOM, ...room }, newId));
};
const piece = (title: string): Wanted => {
  const { shape, group } = unitTypes('imperial').find((t) => t.title === title)!;
  return { shape, onWall: group === 'On the wall and the door' };
};
function furnished(plan: Plan, wanted: readonly Wanted[], seed = 1): Furnished & { plan: Plan } {
  const run = furnishRoom(plan, wanted, newId, seed);
  let step = run.next();
  while (!step.done) step = run.next();
  return { ...step.value, plan: after(plan, step.value.changes) };
}
/** Overlaps, pieces outside, fronts that cannot be walked to or opened. */
const errors = (plan: Plan) =>
  evaluate(plan)
    .findings.filter((f) => f.severity === 'error')
    .map((f) => f.message);

test('a first room has its walls, a door near the left and a window in the middle of the far wall', () => {
  const plan = roomOf();
  expect(Object.keys(plan.corners)).toHaveLength(4);
  const [door, window] = ['door', 'window'].map((k) => Object.values(plan.openings).find((o) => o.kind === k)!);
  // The near wall runs from right to left: its left end is its last.
  expect(door!.width).toBe(762);
  expect(door!.offset).toBeCloseTo(3657.6 - 762 - 101.6, 1);
  expect(window!.offset).toBeCloseTo((3657.6 - 914.4) / 2, 1);
  expect(evaluate(plan).errors).toBe(0);
});

test('usual pieces stand along the walls, the table with a seat, nothing in the way of anything', () => {
  const titles = ['Work table', 'Slim drawer unit', 'Bookcase', 'Cube shelf', 'Three-tier cart', 'Pegboard'];
  const { plan, left } = furnished(roomOf(), titles.map(piece));
  expect(left).toEqual([]);
  expect(Object.keys(plan.units)).toHaveLength(6);
  expect(Object.keys(plan.stations)).toHaveLength(1);
  expect(errors(plan)).toEqual([]);
});

test('two tables have two seats, and crafts are done at them in turn; a person has the height that was said', () => {
  let { plan } = furnished(
    roomOf({ wide: 4572, deep: 3657.6 }),
    ['Work table', 'Standing worktop', 'Bookcase'].map(piece),
  );
  plan = after(plan, craftChanges(plan, ['Sewing', 'Quilting'], newId));
  plan = after(plan, [...personChanges(plan, 1650, 'left', newId), ...seatChanges(plan)]);
  expect(Object.keys(plan.stations)).toHaveLength(2);
  expect(new Set(Object.values(plan.activities).map((a) => a.station)).size).toBe(2);
  expect(Object.values(plan.people)).toMatchObject([{ stature: 1650, hand: 'left' }]);
  expect(craftChanges(plan, ['sewing'], newId)).toEqual([]);
});

test('what finds no room is left out and named, and the rest can still be walked to', () => {
  const many = [...Array.from({ length: 9 }, () => piece('Bookcase')), piece('Work table')];
  const { plan, left } = furnished(roomOf({ wide: 2438.4, deep: 2438.4 }), many);
  expect(left.length).toBeGreaterThan(0);
  expect(left.length + Object.keys(plan.units).length).toBe(10);
  expect(errors(plan)).toEqual([]);
});

test('property: whatever is asked for, nothing overlaps and every front can be walked to', () => {
  const floor = ['Work table', 'Slim drawer unit', 'Bookcase', 'Cube shelf', 'Low cube shelf', 'Three-tier cart'];
  const hung = ['Pegboard', 'Wall shelf', 'Wide drawer unit', 'Tall cabinet with doors', 'Folding table on wheels'];
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...floor, ...hung), { minLength: 1, maxLength: 7 }),
      fc.integer({ min: 7, max: 16 }),
      fc.integer({ min: 7, max: 14 }),
      fc.constantFrom(...SIDES),
      fc.constantFrom(...SIDES),
      fc.constantFrom(...ALONG),
      (titles, wide, deep, doorSide, windowSide, along) => {
        const room = roomOf({
          ...{ wide: wide * 304.8, deep: deep * 304.8 },
          door: { side: doorSide, along },
          window: windowSide === doorSide ? null : { side: windowSide, along: 'middle' },
        });
        const before = new Set(errors(room));
        const { plan, left } = furnished(room, titles.map(piece));
        expect(left.length + Object.keys(plan.units).length).toBe(titles.length);
        expect(errors(plan).filter((m) => !before.has(m))).toEqual([]);
      },
    ),
    { numRuns: runs(12) },
  );
});
