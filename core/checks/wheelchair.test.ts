/** Each row of the 2010 ADA Standards, one millimetre either side. */
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { ADA, checkWheelchair, largestCircle } from './wheelchair.ts';

const rolls = { wheelchair: true };
const codes = (plan: Plan) => checkWheelchair(plan).map((f) => f.code);
const room = (x: number, y: number, ...units: Unit[]) =>
  having(rectangle(x, y), ...units.map(unitRow), ...seatRows('s', x / 2, y / 2, {}, rolls));

test('without a wheelchair nothing is asked for', () => {
  expect(checkWheelchair(having(rectangle(1200, 1200), ...seatRows('s', 600, 600)))).toEqual([]);
});

test.each([
  [1525, false],
  [1524, true],
])('304.3.1: a turning circle of 1525 in a room %i wide: finding %s', (wide, found) => {
  expect(codes(room(wide, 4000)).includes('no turning circle')).toBe(found);
  if (found) expect(checkWheelchair(room(wide, 4000))[0]!.by).toBe(1);
});

test('the largest circle lies between furniture and the walls: half of what is left of the room', () => {
  const left = having(rectangle(3000, 3000), unitRow(boxUnit('u', 1500, 400, 3000, 800)));
  expect(largestCircle(left).radius).toBeCloseTo(1100, 0);
});

test.each([
  [1220, false],
  [1219, true],
])('305.3: clear floor 760 x 1220 before a unit, %i mm deep: finding %s', (free, found) => {
  const shelf = boxUnit('u', 2000, 150, 760, 300, { tiers: [500], height: 700 });
  const block = boxUnit('b', 2000, 300 + free + 200, 900, 400, { turn: 180 });
  const own = checkWheelchair(room(4000, 6000, shelf, block)).filter(
    (f) => f.code === 'no clear floor' && f.targets[0]?.id === 'u',
  );
  expect(own.length > 0).toBe(found);
  if (found) expect(own[0]!.by).toBe(1);
});

test('305.3: what stands beside the 760 mm does not matter, what reaches into them does', () => {
  const shelf = boxUnit('u', 2000, 150, 760, 300);
  const beside = (gap: number) => boxUnit('b', 2000 + 380 + gap + 300, 900, 600, 400);
  expect(
    checkWheelchair(room(4000, 6000, shelf, beside(0))).filter(
      (f) => f.targets[0]?.id === 'u' && f.code === 'no clear floor',
    ),
  ).toEqual([]);
  expect(
    checkWheelchair(room(4000, 6000, shelf, beside(-1))).filter(
      (f) => f.targets[0]?.id === 'u' && f.code === 'no clear floor',
    ),
  ).toHaveLength(1);
});

describe('at a table', () => {
  const at = (height: number, board: number, ...others: Unit[]) =>
    having(
      rectangle(4000, 4000),
      unitRow(boxUnit('t', 2000, 400, 1600, 700, { kind: 'table', height, board, tiers: [] })),
      ...others.map(unitRow),
      ...seatRows('s', 2000, 900, { unit: 't' }, rolls),
    );
  test.each([
    [685, false],
    [684, true],
  ])('306.3: knees %i mm high: finding %s', (under, found) => {
    expect(codes(at(under + 30, 30)).includes('no room for knees')).toBe(found);
  });
  test.each([
    [760, false],
    [759, true],
  ])('306.3: knees %i mm wide between two drawer units: finding %s', (wide, found) => {
    const [left, right] = [
      boxUnit('l', 2000 - wide / 2 - 150, 400, 300, 600, { height: 600 }),
      boxUnit('r', 2000 + wide / 2 + 150, 400, 300, 600, { height: 600 }),
    ];
    const own = checkWheelchair(at(760, 30, left, right)).filter((f) => f.code === 'no room for knees');
    expect(own.length > 0).toBe(found);
    if (found) expect(own[0]!.by).toBe(1);
  });
  test.each([
    [710, false],
    [709, true],
    [865, false],
    [866, true],
  ])('902.3: a work surface %i mm high: finding %s', (height, found) => {
    const own = checkWheelchair(at(height, 5)).filter((f) => f.code === 'surface height');
    expect(own.length > 0).toBe(found);
    if (found) expect(own[0]!.by).toBe(1);
  });
});

test.each([
  [380, false],
  [379, true],
  [1220, false],
  [1221, true],
])('308.2.1 and 308.3.1: a place %i mm over the floor: finding %s', (z, found) => {
  const shelf = boxUnit('u', 2000, 150, 800, 300, { kind: 'wall shelf', height: 20, bottom: z - 120, tiers: [200] });
  // The hand goes in at the middle of the clear height over the board.
  const own = checkWheelchair(room(4000, 4000, shelf)).filter((f) => f.code === 'out of reach');
  expect(own.length > 0).toBe(found);
  if (found) expect(own[0]!.by).toBe(1);
});

test('the table of rows is that of the Standards', () => {
  expect(ADA).toEqual({
    turning: 1525,
    clearFloor: { wide: 760, deep: 1220 },
    knees: { high: 685, wide: 760 },
    surface: { low: 710, high: 865 },
    reach: { low: 380, high: 1220 },
  });
});
