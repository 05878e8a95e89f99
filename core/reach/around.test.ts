import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';
import { inTheWay, lengthInside, openLeaves, prismsOf, reachesOver, throughWall } from './around.ts';

const NO = new Set<string>();
const cube = {
  unit: 'c',
  name: 'Cube',
  bottom: 0,
  top: 1000,
  shape: [
    [0, 0],
    [1000, 0],
    [1000, 1000],
    [0, 1000],
  ].map(([x, y]) => ({ x: x!, y: y! })),
};

test('the length of a line inside a prism, by hand', () => {
  const at = (x: number, y: number, z: number) => ({ x, y, z });
  expect(lengthInside(at(-500, 500, 500), at(1500, 500, 500), cube)).toBeCloseTo(1000, 9);
  // Slanting down into it through the top: half of the way is above.
  expect(lengthInside(at(500, 500, 1500), at(500, 500, 500), cube)).toBeCloseTo(500, 9);
  expect(lengthInside(at(-500, -500, 500), at(1500, 1500, 500), cube)).toBeCloseTo(1000 * Math.SQRT2, 6);
  expect(lengthInside(at(-500, 500, 1001), at(1500, 500, 1001), cube)).toBe(0);
  expect(lengthInside(at(-500, 1200, 500), at(1500, 1200, 500), cube)).toBe(0);
});

test('a hand round an edge is not stopped, a whole board is', () => {
  const edge = { x: -10, y: 500, z: 995 };
  expect(inTheWay(edge, { x: 18, y: 500, z: 995 }, [cube], NO)).toBeNull();
  expect(inTheWay(edge, { x: 500, y: 500, z: 995 }, [cube], NO)?.name).toBe('Cube');
  expect(inTheWay(edge, { x: 500, y: 500, z: 995 }, [cube], new Set(['c']))).toBeNull();
  const top = { ...cube, bottom: 720, top: 748 };
  expect(inTheWay({ x: 500, y: 100, z: 1000 }, { x: 500, y: 700, z: 400 }, [top], NO)).not.toBeNull();
});

test('walls are in the way, what hangs on them is not', () => {
  const room = rectangle(3000, 3000);
  const outline = Object.values(room.corners).map(({ x, y }) => ({ x, y }));
  expect(throughWall({ x: 1500, y: 500 }, { x: 1500, y: -400 }, outline)).toBe(true);
  expect(throughWall({ x: 1500, y: 500 }, { x: 1500, y: 2 }, outline)).toBe(false);
});

/** A seat at a table 1400 x 700 that faces north, with more in the room. */
const atTable = (...units: Array<Parameters<typeof boxUnit>>): Plan =>
  having(
    rectangle(4000, 4000),
    unitRow(boxUnit('table', 2000, 1350, 1400, 700, { kind: 'table', height: 740, board: 28, tiers: [] })),
    ...units.map((u) => unitRow(boxUnit(...u))),
    ...seatRows('s', 2000, 1800, { unit: 'table' }),
  );
const ripple = (plan: Plan, id: string) => sceneOf(plan).approaches.get('s')!.get(id)!.ripple;

test('what lies under the table top behind its edge is not in reach of the arm, on top of it it is', () => {
  const under = atTable(['under', 2000, 1350, 300, 300, { height: 500, tiers: [400] }]);
  const on = atTable(['on', 2000, 1350, 300, 300, { height: 300, bottom: 740, tiers: [200] }]);
  expect(ripple(on, 'on/s1')).toBe(2);
  expect(ripple(under, 'under/s1')).toBeGreaterThan(3);
});

test('nobody rolls through the table at which they sit to a board on the wall behind it', () => {
  const board = (y: number): Plan =>
    having(
      rectangle(4000, 4000),
      unitRow(boxUnit('table', 2000, 600, 1400, 1000, { kind: 'table', height: 740, board: 28, tiers: [] })),
      unitRow(boxUnit('board', 2000, y, 800, 20, { kind: 'pegboard', bottom: 1000, height: 400, tiers: [] })),
      ...seatRows('s', 2000, 1200, { unit: 'table' }),
    );
  const at = (plan: Plan) => sceneOf(plan).approaches.get('s')!.get('board/peg')!;
  expect(at(board(20)).go.map((e) => e.kind)).not.toContain('roll');
  expect(at(board(20)).ripple).toBeGreaterThan(3);
  expect(at(board(700)).ripple).toBeLessThanOrEqual(3);
});

test('a thing in front hides what is behind it from the hand', () => {
  const behind: Parameters<typeof boxUnit> = ['back', 2000, 1150, 300, 200, { height: 260, bottom: 740, tiers: [200] }];
  expect(ripple(atTable(behind), 'back/s1')).toBe(2);
  const front: Parameters<typeof boxUnit> = [
    'front',
    2000,
    1450,
    1200,
    200,
    { height: 450, bottom: 740, tiers: [200] },
  ];
  expect(ripple(atTable(behind, front), 'back/s1')).toBeGreaterThan(2);
});

test('a door that opens between the hand and the place makes one go round it', () => {
  const cupboard = (doors: 'left' | 'right') =>
    atTable(['cup', 2450, 1200, 400, 300, { height: 300, bottom: 740, tiers: [250], doors }]);
  // The seat is to the left of the cupboard (as one faces it): hinged on that side, the leaf swings between.
  const [open, shut] = [ripple(cupboard('right'), 'cup/s1'), ripple(cupboard('left'), 'cup/s1')];
  expect(open).toBe(2);
  expect(shut).toBeGreaterThan(open);
  expect(openLeaves(cupboard('left').units.cup!)).toHaveLength(1);
});

test('a table stands as its top, a cupboard whole, a rail not at all', () => {
  const plan = atTable(
    ['rail', 500, 500, 600, 300, { kind: 'rail', height: 1600, tiers: [] }],
    ['box', 3500, 500, 300, 300],
  );
  expect(prismsOf(plan).map((p) => [p.unit, p.bottom])).toEqual([
    ['table', 712],
    ['box', 0],
  ]);
});

test('over a worktop the shelf is as far as the front edge of the top', () => {
  const plan = having(
    rectangle(4000, 4000),
    unitRow(boxUnit('top', 2000, 325, 1400, 650, { kind: 'table', height: 740, board: 28, tiers: [] })),
    unitRow(boxUnit('shelf', 2000, 100, 800, 200, { kind: 'wall shelf', bottom: 1100, height: 20, tiers: [300] })),
    ...seatRows('s', 2000, 1500),
  );
  const scene = sceneOf(plan);
  const c = scene.compartment.get('shelf/s1')!;
  // Its front is 200 from the wall, the edge of the top 650: 450 to reach over.
  expect(reachesOver(c, scene.obstacles)).toBeCloseTo(650 - c.access3.y, 6);
  expect(reachesOver(scene.compartment.get('top/top') ?? c, scene.obstacles)).toBeGreaterThan(0);
  const low = having(plan, set('units', 'top', { height: 450 }));
  expect(reachesOver(c, sceneOf(low).obstacles)).toBe(0);
});

test('one leans over what stands before a place; farther than that no hand gets', () => {
  const over = (deep: number) =>
    sceneOf(
      having(
        rectangle(4000, 4000),
        unitRow(boxUnit('top', 2000, deep / 2, 1400, deep, { kind: 'table', height: 740, board: 28, tiers: [] })),
        unitRow(boxUnit('shelf', 2000, 100, 800, 200, { kind: 'wall shelf', bottom: 1100, height: 20, tiers: [300] })),
        ...seatRows('s', 2000, 3200),
      ),
    )
      .approaches.get('s')!
      .get('shelf/s1')!;
  expect(over(500)).toMatchObject({ lean: 0, beyond: null });
  const lean = over(800);
  expect(lean.lean).toBeGreaterThan(50);
  expect(lean.go.map((e) => e.kind)).toContain('bend');
  expect(over(1400).beyond).toMatch(/farther than a hand gets/);
});

test('a drawer or a door that opens over the sitter is not at arm’s length: one rolls back first', () => {
  const at = (x: number, y: number, more: object) => {
    const plan = having(
      rectangle(4000, 4000),
      unitRow(boxUnit('u', x, y, 500, 300, { kind: 'bookcase', tiers: [300], bottom: 700, height: 340, ...more })),
      ...seatRows('s', 2000, 2000),
    );
    return sceneOf(plan).approaches.get('s')!.get('u/s1')!;
  };
  // Its front 350 before the sitter: open, it is at arm's length; a door of 464 swings through him.
  expect(at(2000, 1500, {}).ripple).toBe(2);
  const door = at(2000, 1500, { doors: 'left' });
  expect(door.ripple).toBeGreaterThan(2);
  if (door.ripple === 3) expect(door.go.map((e) => e.kind)).toContain('roll');
});
