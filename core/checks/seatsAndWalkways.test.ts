import { boxUnit, having, rectangle, roomOf, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { set } from '../model/change.ts';
import { freeHeight, lowest, tooLowToWalk } from '../room/overhead.ts';
import { checkRoom } from './roomErrors.ts';
import { floorOf } from '../room/floor.ts';
import { pathsFrom } from '../geometry/path.ts';
import { checkSeats, checkWalkways, rollBack, ROLL_BACK, WHEELCHAIR_ROUTE } from './seatsAndWalkways.ts';
import { signedArea } from '../geometry/geometry.ts';

const room = rectangle(4000, 3000);
const codes = (list: ReadonlyArray<{ code: string }>) => list.map((f) => f.code);

describe('seats', () => {
  test('roll back over 600 x 600 behind the body, whichever way it looks', () => {
    for (const facing of [0, 90, 200])
      expect(signedArea(rollBack({ x: 1000, y: 1000, facing }))).toBeCloseTo(ROLL_BACK.deep * ROLL_BACK.wide, 3);
  });

  test.each([
    [600, false],
    [599, true],
  ])('%i mm to the wall behind: finding %s', (free, found) => {
    const plan = having(room, ...seatRows('s', 2000, 3000 - free));
    expect(codes(checkSeats(plan)).includes('seat cannot roll back')).toBe(found);
    if (found) expect(checkSeats(plan)[0]!.by).toBe(1);
  });

  test('what hangs from the edge of its table is above the legs, or beside the seat', () => {
    const hanging = (bottom: number, width: number, seat: number) =>
      having(
        room,
        unitRow(boxUnit('t', 2000, 600, 1400, 600, { kind: 'table', height: 740 })),
        unitRow(
          boxUnit('h', 0, 0, width, 60, { kind: 'rail', height: 740 - bottom, bottom, host: 't', hostSlot: 'edge' }),
        ),
        ...seatRows('s', seat, 1000, { unit: 't', posture: 'seated', seatHeight: 450 }),
      );
    const said = (...of: Parameters<typeof hanging>) => codes(checkSeats(hanging(...of))).includes('legs meet it');
    expect([said(440, 900, 2000), said(639, 900, 2000), said(640, 900, 2000)]).toEqual([true, true, false]);
    expect(said(440, 200, 2450)).toBe(false);
  });

  test('what is behind is named with its millimetres; its own table and what rolls are not', () => {
    const seat = seatRows('s', 2000, 1000, { unit: 't' });
    const plan = having(
      room,
      unitRow(boxUnit('t', 2000, 600, 1400, 600, { kind: 'table' })),
      unitRow(boxUnit('b', 2000, 1750, 800, 400)),
      ...seat,
    );
    expect(checkSeats(plan)).toMatchObject([
      { code: 'seat cannot roll back', by: 50, message: expect.stringContaining('Box b') },
    ]);
    const rolls = having(plan, set('units', 'b', { wheels: true }));
    expect(checkSeats(rolls)).toEqual([]);
  });

  test.each([
    [1200, false],
    [1199, true],
  ])('two seats back to back, %i mm apart: finding %s', (apart, found) => {
    const plan = having(room, ...seatRows('a', 2000, 800), ...seatRows('b', 2000, 800 + apart, { facing: 180 }));
    const own = checkSeats(plan).filter((f) => f.code === 'seats back to back');
    expect(own.length > 0).toBe(found);
    if (found) expect(own[0]!.by).toBe(1);
  });

  test('one person has one seat at a time: no finding', () => {
    const plan = having(
      room,
      ...seatRows('a', 2000, 800),
      ...seatRows('b', 2000, 1500, { facing: 180, person: 'a-person' }),
    );
    expect(codes(checkSeats(plan))).not.toContain('seats back to back');
  });
});

test('a table that another stands over is no place to work, a higher one than the other is', () => {
  const [low, high] = [
    boxUnit('low', 2000, 600, 1400, 600, { kind: 'table', height: 740, board: 30 }),
    boxUnit('high', 2000, 700, 1400, 600, { kind: 'table', height: 930, board: 30 }),
  ];
  const at = (unit: string) => having(room, unitRow(low), unitRow(high), ...seatRows('s', 2000, 1500, { unit }));
  expect(checkSeats(at('low')).find((f) => f.code === 'top covered')).toMatchObject({ by: 500 });
  expect(codes(checkSeats(at('high')))).not.toContain('top covered');
});

describe('walkways', () => {
  /** Two boxes against the walls leave a gap in the middle; behind it stands a shelf. */
  const gapped = (gap: number, walkway = 750) =>
    having(
      rectangle(4000, 3000, { walkway }),
      unitRow(boxUnit('n', 1500, (1500 - gap / 2) / 2, 400, 1500 - gap / 2)),
      unitRow(boxUnit('z', 1500, 3000 - (1500 - gap / 2) / 2, 400, 1500 - gap / 2)),
      unitRow(boxUnit('shelf', 150, 1500, 800, 300, { turn: 270 })),
      ...seatRows('s', 3000, 1500),
    );

  test.each([
    [600, 600, false],
    [599, 600, true],
    [750, 750, false],
    [749, 750, true],
    [915, 915, false],
    [914, 915, true],
  ])('a gap of %i where %i are wanted: finding %s', (gap, wanted, found) => {
    const own = checkWalkways(gapped(gap, wanted)).filter((f) => f.targets[0]?.id === 'shelf');
    expect(own.length > 0).toBe(found);
    if (found) expect(own[0]).toMatchObject({ by: 1, message: expect.stringContaining(`narrows to ${gap} mm`) });
  });

  test('a way that is wanted in inches and is just short of it is measured, too', () => {
    const own = checkWalkways(gapped(500.5, 501.65)).filter((f) => f.targets[0]?.id === 'shelf');
    expect(own).toMatchObject([{ message: expect.stringContaining('narrows to 500 mm') }]);
  });

  test('a wheelchair asks for 915 mm whatever is typed (2010 ADA Standards, 403.5.1)', () => {
    const plan = having(gapped(WHEELCHAIR_ROUTE - 1, 600), set('people', 's-person', { wheelchair: true }));
    expect(checkWalkways(plan).find((f) => f.targets[0]?.id === 'shelf')).toMatchObject({ by: 1 });
    const wide = having(gapped(WHEELCHAIR_ROUTE, 600), set('people', 's-person', { wheelchair: true }));
    expect(checkWalkways(wide).filter((f) => f.targets[0]?.id === 'shelf')).toEqual([]);
  });
});

describe('slopes and beams', () => {
  const attic = having(
    room,
    set('overheads', 'slope', { id: 'slope', name: 'The slope', kind: 'slope', corner: 'c3', low: 1000, run: 1500 }),
    set('overheads', 'beam', {
      id: 'beam',
      name: 'The beam',
      kind: 'beam',
      corner: null,
      low: 2100,
      x: 3000,
      y: 1500,
      width: 200,
      depth: 3000,
    }),
  );

  test('the height free rises from the knee wall to the ceiling in a straight line', () => {
    const at = (x: number) => freeHeight(attic, { x, y: 1500 });
    expect(at(0)).toBeCloseTo(1000, 9);
    expect(at(750)).toBeCloseTo(1750, 9);
    expect(at(1500)).toBe(2500);
    expect(at(3000)).toBe(2100);
    expect(at(3101)).toBe(2500);
  });

  test('a unit under the slope is as high as it may be, and one millimetre more is too high', () => {
    const shelf = (height: number) => having(attic, unitRow(boxUnit('u', 600, 1000, 400, 300, { height })));
    expect(lowest(attic, [{ x: 400, y: 1000 }]).height).toBeCloseTo(1400, 9);
    expect(codes(checkRoom(shelf(1401)))).not.toContain('taller than room');
    const high = checkRoom(shelf(1403)).find((f) => f.code === 'taller than room')!;
    expect(high).toMatchObject({ by: 3, message: expect.stringContaining('The slope') });
  });

  test('a head under the slope is found', () => {
    const seat = having(attic, ...seatRows('s', 300, 1500, { posture: 'standing' }));
    expect(checkSeats(seat).find((f) => f.code === 'head room')).toMatchObject({ by: 400 });
    expect(codes(checkSeats(having(attic, ...seatRows('s', 1800, 1500, { posture: 'standing' }))))).not.toContain(
      'head room',
    );
  });

  test('nobody walks where it is lower than 1300 mm', () => {
    expect(tooLowToWalk(attic)).toHaveLength(1);
    // 1300 mm are reached 300 mm from the wall: (1300 - 1000) / (2500 - 1000) of 1500.
    expect(Math.max(...tooLowToWalk(attic)[0]!.map((p) => p.x))).toBeCloseTo(300, 6);
    const floor = floorOf(attic);
    const path = pathsFrom(floor, { x: 2000, y: 1500 }, [{ x: 200, y: 1500 }])[0];
    expect(path).toBe('the goal is outside the room or inside furniture');
  });

  test('a higher ceiling makes the slope steeper, and the ways follow at once', () => {
    const plan = having(
      attic,
      ...seatRows('s', 2000, 1500),
      unitRow(boxUnit('u', 3900, 1500, 400, 200, { turn: 90, bottom: 1100, height: 300 })),
    );
    const first = evaluate(plan);
    const higher = evaluate({ ...plan, meta: { ...plan.meta, ceiling: 4000 } });
    expect(first.compartments).toHaveLength(1);
    // 1300 mm are reached sooner: (1300 - 1000) / (4000 - 1000) of 1500 mm.
    expect(
      Math.max(...tooLowToWalk({ ...plan, meta: { ...plan.meta, ceiling: 4000 } })[0]!.map((p) => p.x)),
    ).toBeCloseTo(150, 6);
    expect(higher.compartments[0]!.reach.s!.walk).toBeCloseTo(first.compartments[0]!.reach.s!.walk, 6);
  });

  test('a slope without a wall is refused with the field', () => {
    expect(() =>
      having(room, set('overheads', 'o', { id: 'o', name: 'x', kind: 'slope', corner: null, low: 1000, run: 900 })),
    ).toThrow('A slope begins at a wall');
  });
});

test('a bay and a U have the areas that one works out by hand', () => {
  // A rectangle 3000 x 2500 with a bay 1200/600 wide and 500 deep on its south side; a U of two arms 1000 x 2000 on a bar 3000 x 1000.
  const bay = roomOf([
    [0, 0],
    [3000, 0],
    [3000, 2500],
    [2100, 2500],
    [1800, 3000],
    [1200, 3000],
    [900, 2500],
    [0, 2500],
  ]);
  const u = roomOf([
    [0, 0],
    [1000, 0],
    [1000, 2000],
    [2000, 2000],
    [2000, 0],
    [3000, 0],
    [3000, 3000],
    [0, 3000],
  ]);
  const area = (plan: typeof bay) => signedArea(Object.values(plan.corners)) / 1e6;
  expect(area(bay)).toBeCloseTo(7.5 + ((1.2 + 0.6) / 2) * 0.5, 9);
  expect(area(u)).toBeCloseTo(2 * 2 + 3, 9);
  expect(codes(checkRoom(bay))).toEqual([]);
  expect(codes(checkRoom(u))).toEqual([]);
});
