import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { applyChanges } from '../model/change.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { ALONG, craftChanges, personChanges, roomChanges, SIDES, type FirstRoom } from './begin.ts';
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
  const { shape, group, unfolds } = unitTypes('imperial').find((t) => t.title === title)!;
  const manner = group === 'On the wall and the door' ? 'wall' : title === 'Under-desk drawers' ? 'under' : 'floor';
  return { shape, manner, ...(unfolds ? { unfolds } : {}), ...(title === 'Armchair' ? { sits: true } : {}) };
};
function furnished(
  plan: Plan,
  wanted: readonly Wanted[],
  seed = 1,
  tries = 4,
): Furnished & { plan: Plan; rooms: Furnished[] } {
  const run = furnishRoom(plan, wanted, newId, seed, () => [], tries);
  let step = run.next();
  while (!step.done) step = run.next();
  const [best] = step.value;
  return { ...best!, plan: after(plan, best!.changes), rooms: step.value };
}
/** Cautions that no furnished room has: fronts that do not open, doors that meet a piece. */
const NEVER = ['cannot open', 'no room before it', 'door meets it', 'door blocked', 'seat cannot roll back'];
const blocked = (plan: Plan) =>
  evaluate(plan)
    .findings.filter((f) => NEVER.includes(f.code))
    .map((f) => f.message);
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

test('two tables have two seats; a person has the height that was said', () => {
  let { plan } = furnished(
    roomOf({ wide: 4572, deep: 3657.6 }),
    ['Work table', 'Standing worktop', 'Bookcase'].map(piece),
  );
  plan = after(plan, craftChanges(plan, ['Sewing', 'Quilting'], newId));
  plan = after(plan, personChanges(plan, 1650, 'left', newId));
  expect(Object.keys(plan.stations)).toHaveLength(2);
  expect(Object.values(plan.people)).toMatchObject([{ stature: 1650, hand: 'left' }]);
  expect(craftChanges(plan, ['sewing'], newId)).toEqual([]);
});

test('drawers and a cart stand within a swivel of the seat, desk drawers under the desk, an armchair is a seat', () => {
  const titles = ['Work table', 'Under-desk drawers', 'Slim drawer unit', 'Three-tier cart', 'Bookcase', 'Armchair'];
  const { plan, left } = furnished(roomOf({ wide: 4000, deep: 3600 }), titles.map(piece));
  expect(left).toEqual([]);
  expect(Object.keys(plan.stations)).toHaveLength(2);
  const { compartments } = evaluate(plan);
  const near = (kind: string) =>
    compartments.filter((c) => plan.units[c.unit]!.kind === kind && Object.values(c.reach).some((r) => r.ripple <= 3))
      .length / compartments.filter((c) => plan.units[c.unit]!.kind === kind).length;
  expect(near('drawer unit')).toBeGreaterThanOrEqual(0.5);
  expect(near('cart')).toBeGreaterThanOrEqual(0.5);
  expect([errors(plan), blocked(plan)]).toEqual([[], []]);
});

test('what folds out keeps the floor before it free in its mode; the next best rooms come with the best', () => {
  const { plan, rooms } = furnished(
    roomOf({ wide: 4572, deep: 4267.2 }),
    ['Work table', 'Sofa bed', 'Cube shelf'].map(piece),
  );
  expect(Object.values(plan.areas)).toMatchObject([{ mode: 'bed out', unit: expect.any(String) }]);
  expect(evaluate(plan).modes.map((m) => m.mode)).toContain('bed out');
  expect(rooms.length).toBeGreaterThan(1);
  expect(rooms.map((r) => r.minutes + 4 * r.faults + 60 * r.left.length)).toEqual(
    rooms.map((r) => r.minutes + 4 * r.faults + 60 * r.left.length).sort((a, b) => a - b),
  );
});

test('what finds no room is left out and named, and the rest can still be walked to', () => {
  const many = [...Array.from({ length: 9 }, () => piece('Bookcase')), piece('Work table')];
  const { plan, left } = furnished(roomOf({ wide: 2438.4, deep: 2438.4 }), many);
  expect(left.length).toBeGreaterThan(0);
  for (const l of left) expect(l.reason).not.toBe('');
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
        const before = new Set([...errors(room), ...blocked(room)]);
        const { plan, left } = furnished(room, titles.map(piece), 1, 1);
        expect(left.length + Object.keys(plan.units).length).toBe(titles.length);
        expect([...errors(plan), ...blocked(plan)].filter((m) => !before.has(m))).toEqual([]);
      },
    ),
    { numRuns: runs(12) },
  );
});
