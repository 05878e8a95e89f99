import { applyChanges, set } from '../model/change.ts';
import { cornersInOrder, emptyPlan } from '../model/plan.ts';
import { makeOutline, removeCorner, splitWall, wallNames } from './outline.ts';
import { traverse } from '../geometry/traverse.ts';
import { gapTo, wallGaps } from './gaps.ts';
import { facedWall, floorArea, wallsOf } from './walls.ts';
import { checkRoom } from '../checks/roomErrors.ts';

let n = 0;
const newId = () => `n${n++}`;
const rectangle = [
  { x: 0, y: 0 },
  { x: 4000, y: 0 },
  { x: 4000, y: 3000 },
  { x: 0, y: 3000 },
];
const plan = applyChanges(emptyPlan({ id: 'p' }), makeOutline(rectangle, [4000, 3000, 4000, 3000], newId)).plan;
const [first] = cornersInOrder(plan);
const furnished = applyChanges(plan, [
  set('openings', 'near', {
    id: 'near',
    kind: 'window',
    corner: first!.id,
    offset: 300,
    width: 900,
    height: 1000,
    sill: 900,
    hinge: 'left',
    swing: 'none',
  }),
  set('openings', 'far', {
    id: 'far',
    kind: 'window',
    corner: first!.id,
    offset: 2600,
    width: 900,
    height: 1000,
    sill: 900,
    hinge: 'left',
    swing: 'none',
  }),
]).plan;

test('walls are named by where they face, and numbered when several do', () => {
  expect(wallsOf(plan).map((w) => w.name)).toEqual(['North wall', 'East wall', 'South wall', 'West wall']);
  expect(
    wallNames([
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 2, y: -1 },
      { x: 3, y: -1 },
      { x: 3, y: 5 },
      { x: 0, y: 5 },
    ]),
  ).toEqual(['North wall 1', 'West wall 1', 'North wall 2', 'East wall', 'South wall', 'West wall 2']);
});

test('a corner in the middle of a wall takes the farther window along, and out again brings all back', () => {
  const split = applyChanges(furnished, splitWall(furnished, first!.id, 'mid')).plan;
  expect(wallsOf(split).map((w) => w.length)).toEqual([2000, 2000, 3000, 4000, 3000]);
  expect(split.openings.far).toMatchObject({ corner: 'mid', offset: 600 });
  expect(split.openings.near).toMatchObject({ corner: first!.id, offset: 300 });
  const back = applyChanges(split, removeCorner(split, 'mid')).plan;
  expect(back.openings).toEqual(furnished.openings);
  expect(floorArea(back)).toBe(12);
});

test('three corners stay', () => {
  const three = applyChanges(emptyPlan({ id: 'q' }), makeOutline(rectangle.slice(0, 3), [], newId)).plan;
  expect(removeCorner(three, Object.keys(three.corners)[0]!)).toEqual([]);
});

test('what was taped is kept when the error is spread', () => {
  const legs = [4025, 3000, 4000, 3000].map((length) => ({ length, turn: 90 }));
  const walk = traverse(legs);
  const made = applyChanges(
    emptyPlan({ id: 'w' }),
    makeOutline(
      walk.adjusted,
      legs.map((l) => l.length),
      newId,
    ),
  ).plan;
  expect(cornersInOrder(made).map((c) => c.taped)).toEqual([4025, 3000, 4000, 3000]);
  expect(wallsOf(made)[0]!.length).toBeCloseTo(4025 - (25 * 4025) / 14025, 0);
});

test('an outline that crosses itself is an error that names both walls and the point', () => {
  const crossed = applyChanges(
    emptyPlan({ id: 'x' }),
    makeOutline(
      [
        { x: 0, y: 0 },
        { x: 4000, y: 0 },
        { x: 4000, y: 3000 },
        { x: 2000, y: 3000 },
        { x: 2000, y: -500 },
        { x: 0, y: 3000 },
      ],
      [],
      newId,
    ),
  ).plan;
  expect(checkRoom(crossed)[0]).toMatchObject({ code: 'crossing', severity: 'error' });
  expect(checkRoom(crossed)[0]!.message).toContain('2,000 mm east and 0 mm south');
});

test('a unit across an inner corner of the room stands through a wall, though its own corners are inside', () => {
  const ell = applyChanges(
    emptyPlan({ id: 'l' }),
    makeOutline(
      [
        { x: 0, y: 0 },
        { x: 4000, y: 0 },
        { x: 4000, y: 2000 },
        { x: 2000, y: 2000 },
        { x: 2000, y: 4000 },
        { x: 0, y: 4000 },
      ],
      [],
      newId,
    ),
  ).plan;
  const unit = {
    id: 'u',
    name: 'Box',
    kind: 'trunk' as const,
    x: 2000,
    y: 2000,
    turn: 45,
    width: 400,
    depth: 1800,
    height: 500,
    bottom: 0,
    board: 10,
    columns: 1,
    tiers: [],
    insideWidth: null,
    insideDepth: null,
    storeDepth: 0,
    labelled: false,
  };
  const across = applyChanges(ell, [set('units', 'u', unit)]).plan;
  expect(checkRoom(across)[0]).toMatchObject({ code: 'outside room', by: 200 });
  const beside = applyChanges(ell, [set('units', 'u', { ...unit, x: 1800, y: 1800 })]).plan;
  expect(checkRoom(beside)).toEqual([]);
});

test('the wall that one looks at is the first straight ahead, not one that faces the same way elsewhere', () => {
  const points = [
    [0, 0],
    [1500, 0],
    [1500, -600],
    [2400, -600],
    [2400, 0],
    [3400, 0],
    [3400, 3000],
    [0, 3000],
  ].map(([x, y]) => ({ x: x!, y: y! }));
  const walls = wallsOf(applyChanges(emptyPlan({ id: 'a' }), makeOutline(points, [], newId)).plan);
  expect(facedWall({ x: 900, y: 1500 }, 270, walls)).toBe(walls[7]);
  expect(facedWall({ x: 2000, y: 1500 }, 0, walls)).toBe(walls[2]);
  expect(facedWall({ x: 2000, y: -300 }, 270, walls)).toBe(walls[1]);
});

test('distances are measured to the walls that a unit faces, not to those round the corner', () => {
  const points = [
    [0, 0],
    [1500, 0],
    [1500, -600],
    [2400, -600],
    [2400, 0],
    [3400, 0],
    [3400, 3000],
    [0, 3000],
  ].map(([x, y]) => ({ x: x!, y: y! }));
  const walls = wallsOf(applyChanges(emptyPlan({ id: 'a' }), makeOutline(points, [], newId)).plan);
  const unit = { x: 3000, y: 1200, turn: 90, width: 1000, depth: 400 };
  expect(gapTo(unit, walls, 'north')).toBe(700);
  expect(gapTo(unit, walls, 'west')).toBe(2800);
  expect(gapTo({ ...unit, x: 2000, y: 1200 }, walls, 'north')).toBe(1300);
  expect(wallGaps(unit, walls).map((g) => Math.round(g.gap))).toEqual([200, 700, 1300, 2800]);
  expect(gapTo({ ...unit, x: 150 }, walls, 'west')).toBe(-50);
});
