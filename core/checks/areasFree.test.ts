import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { areaOutline } from '../room/areas.ts';
import { checkAreas } from '../checks/areasFree.ts';
import { checkCarryIn, standUpHeight, tooLargeFor } from './carryIn.ts';
import { checkClearance } from '../checks/clearance.ts';
import { mendsOf } from '../ask/fixes/lookForFixes.ts';
import { checkSeats } from './seatsAndWalkways.ts';
import { inMode, ridersOf, settledUnits, standing } from '../room/standing.ts';

const bed = (more: object = {}) =>
  set('areas', 'bed', {
    id: 'bed',
    name: 'the bed',
    mode: 'guest',
    x: 2000,
    y: 2000,
    width: 1000,
    depth: 1900,
    height: 900,
    ...more,
  });
const room = having(rectangle(4000, 4000), bed());
const newId = () => 'spot';
const place = ({ x, y, turn }: { x: number; y: number; turn: number }) => ({ x, y, turn });
const found = (plan: Plan) => checkAreas(plan).map((f) => `${f.code} ${f.targets[0]!.id}`);

test('a unit one millimetre in the area is found with its millimetre, one that touches is not, and what hangs above is not', () => {
  const at = (x: number, more: object = {}) => having(room, unitRow(boxUnit('u', x, 2000, 400, 400, more)));
  expect(found(at(1301))).toEqual(['in the way u']);
  expect(checkAreas(at(1301))).toMatchObject([{ by: 1, mode: 'guest' }]);
  expect(found(at(1300))).toEqual([]);
  expect(found(at(2000, { bottom: 900 }))).toEqual([]);
  expect(found(at(2000, { bottom: 898 }))).toEqual(['in the way u']);
});

test('the area of a folding bed goes where the bed goes', () => {
  const plan = having(
    rectangle(4000, 4000),
    unitRow(boxUnit('b', 3800, 2000, 800, 400, { turn: 90 })),
    bed({ unit: 'b', x: 0, y: 800 }),
  );
  const [a, , c] = areaOutline(plan.areas.bed!, plan.units);
  // Turned to open to the west, it reaches 1900 mm from 150 mm behind the middle of the folded bed.
  expect(Math.min(a!.x, c!.x)).toBeCloseTo(3800 - 800 - 950, 6);
  expect(Math.max(a!.x, c!.x)).toBeCloseTo(3800 - 800 + 950, 6);
  // The bed itself is not in its own way.
  expect(found(plan)).toEqual([]);
});

test('what is on wheels is offered a parking place in that mode, and the offer fixes it', () => {
  const plan = having(
    room,
    unitRow(boxUnit('cart', 2000, 2000, 450, 350, { kind: 'cart', wheels: true, height: 780, board: 3 })),
  );
  const [finding] = checkAreas(plan);
  expect(finding!.message).toContain('must be rolled away');
  const mend = mendsOf(plan, evaluate(plan).findings, finding!, newId)[0]!;
  expect(mend.changes).toMatchObject([{ table: 'spots', id: 'spot', set: { unit: 'cart', mode: 'guest' } }]);
  const mended = having(plan, ...mend.changes);
  expect(checkAreas(mended)).toEqual([]);
  // Every day it stands where it stood.
  expect(standing(mended).units.cart).toMatchObject({ x: 2000, y: 2000 });
  expect(inMode(mended, 'guest').units.cart).toMatchObject(place(mended.spots.spot!));
  expect(evaluate(mended).modes).toMatchObject([{ mode: 'guest', rolls: [{ unit: 'cart' }] }]);
});

test('what is not on wheels is offered the smallest slide', () => {
  const plan = having(room, unitRow(boxUnit('u', 1350, 2000, 400, 400)));
  const mend = mendsOf(plan, evaluate(plan).findings, checkAreas(plan)[0]!, newId)[0]!;
  expect(mend).toMatchObject({ by: 50, words: 'Slide it 50 mm to the west' });
  expect(checkAreas(having(plan, ...mend.changes))).toEqual([]);
});

test('a seat that cannot roll back and an area in the swing of the door are offered their slides, too', () => {
  const seat = having(rectangle(4000, 3000), ...seatRows('s', 2000, 2450));
  const [finding] = checkSeats(seat);
  const mend = mendsOf(seat, evaluate(seat).findings, finding!, newId)[0]!;
  expect(mend).toMatchObject({ by: 50, words: 'Slide it 50 mm to the north', changes: [{ table: 'stations' }] });
  expect(checkSeats(having(seat, ...mend.changes))).toEqual([]);
  const out = having(rectangle(4000, 4000), bed({ x: 480 }));
  const area = mendsOf(out, evaluate(out).findings, checkAreas(out)[0]!, newId)[0]!;
  expect(area).toMatchObject({ by: 20, words: 'Slide it 20 mm to the east', changes: [{ table: 'areas' }] });
  expect(checkAreas(having(out, ...area.changes))).toEqual([]);
});

test('a locked unit is not offered a move', () => {
  const plan = having(room, unitRow(boxUnit('u', 1350, 2000, 400, 400, { pinned: true })));
  expect(mendsOf(plan, evaluate(plan).findings, checkAreas(plan)[0]!, newId)).toEqual([]);
});

test('the door must open beside the bed, and the bed must lie in the room', () => {
  const door = set('openings', 'd', {
    id: 'd',
    kind: 'door',
    corner: 'c3',
    offset: 1500,
    width: 800,
    height: 2000,
    sill: 0,
    hinge: 'left',
    swing: 'in',
  });
  expect(found(having(room, bed({ x: 1200 }), door))).toContain('door meets area bed');
  expect(found(having(room, bed({ x: 400 })))).toContain('area outside room bed');
});

test('a machine at work: its space on the table must be free of what stands or hangs there', () => {
  const table = unitRow(boxUnit('t', 2000, 300, 1600, 600, { kind: 'table', height: 740, tiers: [] }));
  const machine = set('areas', 'm', {
    id: 'm',
    name: 'the machine',
    unit: 't',
    x: 0,
    y: 0,
    width: 600,
    depth: 600,
    bottom: 741,
    height: 400,
  });
  const shelf = (bottom: number) =>
    unitRow(boxUnit('s', 2000, 100, 800, 200, { kind: 'wall shelf', height: 20, bottom }));
  const plan = having(rectangle(4000, 4000), table, machine);
  expect(found(having(plan, shelf(1141)))).toEqual([]);
  expect(found(having(plan, shelf(1100)))).toEqual(['in the way s']);
});

describe('standing', () => {
  test('what stands on a unit moves along; what is elsewhere is not in the room', () => {
    const plan = having(
      rectangle(4000, 4000),
      set('elsewheres', 'e', { id: 'e', name: 'Cellar', seconds: 60 }),
      unitRow(boxUnit('t', 2000, 2000, 1000, 600)),
      unitRow(boxUnit('on', 2100, 2000, 300, 300, { bottom: 700, height: 200 })),
      unitRow(boxUnit('top', 2100, 2000, 100, 100, { bottom: 900, height: 200 })),
      unitRow(boxUnit('far', 2000, 2000, 300, 300, { elsewhere: 'e' })),
    );
    expect(ridersOf(plan, plan.units.t!).map((u) => u.id)).toEqual(['on', 'top']);
    expect(Object.keys(standing(plan).units)).toEqual(['t', 'on', 'top']);
    expect(Object.keys(settledUnits(plan))).toHaveLength(4);
    // Worked out once: the ways that are remembered by the table of units stay valid.
    expect(standing(plan).units).toBe(standing(plan).units);
  });
});

describe('opening', () => {
  const room = rectangle(4000, 3000);
  const cupboard = (more: object = {}) =>
    unitRow(boxUnit('u', 2000, 200, 600, 400, { doors: 'left', tiers: [500], ...more }));
  test.each([
    [600, false],
    [599, true],
  ])('a door 564 mm wide behind a box %i mm away is free to open, with a person in front: finding %s', (gap, any) => {
    const plan = having(room, cupboard(), unitRow(boxUnit('b', 2000, 400 + gap + 200, 600, 400, { turn: 180 })));
    expect(checkClearance(plan).some((f) => f.targets[0]?.id === 'u')).toBe(any);
  });
  test('a leaf that meets something beside it says by how much; sliding doors meet nothing', () => {
    const post = unitRow(boxUnit('p', 2000, 700, 100, 100, { kind: 'cart', board: 3, tiers: [50] }));
    expect(checkClearance(having(room, cupboard(), post)).find((f) => f.targets[0]?.id === 'u')).toMatchObject({
      code: 'cannot open',
      message: expect.stringContaining('Box p'),
    });
    expect(
      checkClearance(having(room, cupboard({ doors: 'sliding' }), post)).filter((f) => f.code === 'cannot open'),
    ).toEqual([]);
  });
  test('a lid needs the height of its depth above it', () => {
    const trunk = unitRow(boxUnit('u', 2000, 210, 800, 420, { kind: 'trunk', height: 450, tiers: [] }));
    const shelf = (bottom: number) =>
      unitRow(boxUnit('s', 2000, 100, 800, 200, { kind: 'wall shelf', height: 20, bottom }));
    expect(checkClearance(having(room, trunk, shelf(870))).filter((f) => f.code === 'cannot open')).toEqual([]);
    expect(checkClearance(having(room, trunk, shelf(860))).find((f) => f.code === 'cannot open')).toMatchObject({
      by: 10,
    });
  });
  test.each([
    [880, false],
    [879, true],
  ])('two opposite drawer units %i mm apart, drawers of 440: finding %s', (gap, any) => {
    const drawers = (id: string, y: number, turn: number) =>
      unitRow(boxUnit(id, 2000, y, 400, 480, { kind: 'drawer unit', insideDepth: 440, turn, board: 12, tiers: [100] }));
    const plan = having(rectangle(4000, 480 * 2 + gap), drawers('a', 240, 0), drawers('b', 480 + gap + 240, 180));
    const meets = checkClearance(plan).filter((f) => f.code === 'open into each other');
    expect(meets.length > 0).toBe(any);
    if (any) expect(meets[0]!.by).toBe(1);
  });
  test('a window that opens into the room meets what stands before it at its height only', () => {
    const window = set('openings', 'w', {
      id: 'w',
      kind: 'window',
      corner: 'c0',
      offset: 1600,
      width: 800,
      height: 1000,
      sill: 900,
      hinge: 'left',
      swing: 'in',
    });
    expect(checkClearance(having(room, window, cupboard({ height: 900 }))).map((f) => f.code)).not.toContain(
      'window meets it',
    );
    expect(checkClearance(having(room, window, cupboard({ height: 901 }))).map((f) => f.code)).toContain(
      'window meets it',
    );
  });
  test('the depth kept clear can be typed', () => {
    const vent = (keepClear: number | null) =>
      set('fixtures', 'v', {
        id: 'v',
        kind: 'vent',
        corner: 'c0',
        offset: 1900,
        width: 200,
        height: 200,
        depth: 0,
        bottom: 200,
        keepClear,
      });
    const away = unitRow(boxUnit('b', 2000, 400, 400, 400));
    expect(checkClearance(having(room, vent(null), away)).map((f) => f.code)).not.toContain('vent covered');
    expect(checkClearance(having(room, vent(201), away)).find((f) => f.code === 'vent covered')).toMatchObject({
      by: 1,
    });
  });
});

describe('carrying in', () => {
  test('a box passes a door turned any way; a millimetre too much is a millimetre', () => {
    expect(tooLargeFor({ width: 800, depth: 400, height: 1900 }, { width: 760, height: 2000 })).toBe(0);
    expect(tooLargeFor({ width: 2100, depth: 761, height: 2001 }, { width: 760, height: 2000 })).toBe(1);
    expect(standUpHeight({ width: 800, depth: 300, height: 400 })).toBe(500);
  });
  test('only what is wanted is carried in, and what is tilted up needs its diagonal', () => {
    const plan = (more: object) =>
      having(
        rectangle(4000, 3000, { ceiling: 2000 }),
        unitRow(boxUnit('u', 1000, 200, 800, 400, { height: 1970, ...more })),
      );
    expect(checkCarryIn(plan({}))).toEqual([]);
    expect(checkCarryIn(plan({ owned: false }))).toMatchObject([{ code: 'cannot be stood up', by: 11 }]);
    expect(checkCarryIn(plan({ owned: false, height: 1959 }))).toEqual([]);
  });
});
