import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { applyChanges, set } from '../model/change.ts';
import { emptyPlan, STANDING_DEFAULTS, UNIT_DEFAULTS, type Plan, type Unit } from '../model/plan.ts';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { distance, type Point } from './geometry.ts';
import { BODY, floorOf } from '../room/floor.ts';
import { pathsFrom, standBefore, type Path } from './path.ts';
import { distanceBetween } from './sight.ts';

type Corners = ReadonlyArray<readonly [number, number]>;
const box = (id: string, x: number, y: number, width: number, depth: number, more: Partial<Unit> = {}): Unit => ({
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  id,
  name: id,
  kind: 'trunk',
  x,
  y,
  turn: 0,
  width,
  depth,
  height: 700,
  bottom: 0,
  board: 12,
  columns: 1,
  tiers: [],
  insideWidth: null,
  insideDepth: null,
  storeDepth: 0,
  labelled: false,
  ...more,
});
function room(corners: Corners, ...units: Unit[]): Plan {
  const walls = corners.map(([x, y], order) =>
    set('corners', `c${order}`, { id: `c${order}`, order, x, y, wall: `Wall ${order}` }),
  );
  return applyChanges(emptyPlan({ id: 'r' }), [...walls, ...units.map((u) => set('units', u.id, u))]).plan;
}
const square: Corners = [
  [0, 0],
  [4000, 0],
  [4000, 4000],
  [0, 4000],
];
const go = (plan: Plan, from: Point, to: Point) => pathsFrom(floorOf(plan), from, [to])[0]!;
const length = (plan: Plan, from: Point, to: Point) => {
  const path = go(plan, from, to);
  if (typeof path === 'string') throw new Error(path);
  return path.length;
};
/** Shortest way round one corner that is kept at the body's distance: tangent, arc, tangent. Plane geometry. */
function roundOne(from: Point, corner: Point, to: Point, angle: number): number {
  const [a, b] = [distance(from, corner), distance(corner, to)];
  return (
    Math.sqrt(a * a - BODY * BODY) +
    Math.sqrt(b * b - BODY * BODY) +
    BODY * (angle - Math.acos(BODY / a) - Math.acos(BODY / b))
  );
}

describe('ways in constructed rooms agree with geometry', () => {
  test('1. an empty room: the straight line', () => {
    expect(length(room(square), { x: 500, y: 500 }, { x: 3500, y: 2500 })).toBeCloseTo(Math.hypot(3000, 2000), 6);
  });

  test('2. round the inner corner of an L', () => {
    const ell: Corners = [
      [0, 0],
      [4000, 0],
      [4000, 2000],
      [2000, 2000],
      [2000, 4000],
      [0, 4000],
    ];
    const [from, to, corner] = [
      { x: 3500, y: 1000 },
      { x: 1000, y: 3500 },
      { x: 2000, y: 2000 },
    ];
    // The angle at the corner, on the side of the floor.
    const angle = 2 * Math.PI - (Math.PI / 2 + 2 * Math.atan2(1000, 1500));
    const wanted = roundOne(from, corner, to, angle);
    expect(length(room(ell), from, to)).toBeGreaterThanOrEqual(wanted - 1e-6);
    expect(length(room(ell), from, to)).toBeLessThan(wanted * 1.002);
  });

  test('3. round a cupboard that stands against a wall: two corners, by symmetry', () => {
    const plan = room(square, box('u', 2000, 3000, 1000, 2000));
    const [from, to] = [
      { x: 1000, y: 3500 },
      { x: 3000, y: 3500 },
    ];
    // Half the way: to the corner (1500, 2000), tangent and arc up to the top, then straight to the middle.
    const a = distance(from, { x: 1500, y: 2000 });
    const tangent = Math.sqrt(a * a - BODY * BODY);
    // The heading turns from just beside the corner to straight along the top.
    const arc = BODY * (Math.PI / 2 - Math.atan2(500, 1500) + Math.asin(BODY / a));
    const wanted = 2 * (tangent + arc + 500);
    expect(length(plan, from, to)).toBeGreaterThan(wanted * 0.999);
    expect(length(plan, from, to)).toBeLessThan(wanted * 1.003);
  });

  test('4. grazing a corner at exactly the distance of a body is straight; a millimetre nearer goes round', () => {
    const plan = room(square, box('u', 2000, 500, 1000, 1000));
    const graze = 1000 + BODY;
    expect(length(plan, { x: 500, y: graze }, { x: 3500, y: graze })).toBeCloseTo(3000, 6);
    expect(length(plan, { x: 500, y: graze - 1 }, { x: 3500, y: graze - 1 })).toBeGreaterThan(3000);
    expect(length(plan, { x: 500, y: graze - 1 }, { x: 3500, y: graze - 1 })).toBeLessThan(3001);
  });

  test.each([
    [2 * BODY + 1, true],
    [2 * BODY - 1, false],
  ])('5. and 6. a gap of %d mm between two cupboards: %p', (gap, passes) => {
    const wide = (4000 - gap) / 2;
    const plan = room(square, box('a', wide / 2, 2000, wide, 400), box('b', 4000 - wide / 2, 2000, wide, 400));
    const path = go(plan, { x: 2000, y: 500 }, { x: 2000, y: 3500 });
    if (passes) expect((path as Path).length).toBeCloseTo(3000, 3);
    else expect(path).toBe('walled in: there is no way wide enough for a body');
  });

  test('7. a station walled in by four units', () => {
    const ring = [
      box('n', 2000, 1200, 2000, 300),
      box('s', 2000, 2800, 2000, 300),
      box('w', 1150, 2000, 300, 1400),
      box('e', 2850, 2000, 300, 1400),
    ];
    expect(go(room(square, ...ring), { x: 2000, y: 2000 }, { x: 300, y: 300 })).toMatch(/walled in/);
  });

  test('8. a seat pushed up to its table may leave it, but not through it', () => {
    const plan = room(square, box('t', 2000, 500, 1600, 600, { kind: 'table' }));
    const seat = { x: 2000, y: 900 };
    expect(length(plan, seat, { x: 2000, y: 3000 })).toBeCloseTo(2100, 6);
    const behind = length(plan, seat, { x: 500, y: 300 });
    expect(behind).toBeGreaterThan(Math.hypot(1500, 600));
    const path = go(plan, seat, { x: 3500, y: 300 }) as Path;
    const feet = [
      [1200, 200],
      [2800, 200],
      [2800, 800],
      [1200, 800],
    ].map(([x, y]) => ({ x: x!, y: y! }));
    path.points.slice(1).forEach((p, i) => expect(distanceBetween(path.points[i]!, p, feet)).toBeGreaterThan(0));
  });

  test('9. through no closed wall: the two arms of a U', () => {
    const u: Corners = [
      [0, 0],
      [1200, 0],
      [1200, 3000],
      [1600, 3000],
      [1600, 0],
      [2800, 0],
      [2800, 4000],
      [0, 4000],
    ];
    const [from, to] = [
      { x: 600, y: 500 },
      { x: 2200, y: 500 },
    ];
    const walked = length(room(u), from, to);
    // Down one arm and up the other, round both corners of the middle wall, which are 400 mm apart.
    const a = distance(from, { x: 1200, y: 3000 });
    const half =
      Math.sqrt(a * a - BODY * BODY) + BODY * (Math.PI / 2 - Math.atan2(600, 2500) + Math.asin(BODY / a)) + 200;
    expect(Math.abs(walked / (2 * half) - 1)).toBeLessThan(0.003);
    expect(walked).toBeGreaterThan(5000);
  });

  test('10. outside the room, or inside furniture, is said', () => {
    const plan = room(square, box('u', 2000, 2000, 500, 500));
    expect(go(plan, { x: -10, y: 5 }, { x: 500, y: 500 })).toMatch(/the start is outside/);
    expect(go(plan, { x: 500, y: 500 }, { x: 2000, y: 2000 })).toMatch(
      /the goal is outside the room or inside furniture/,
    );
  });
});

test('what hangs on the wall is walked under; what stands is not', () => {
  const shelf = box('u', 2000, 2000, 2500, 300, { bottom: 1500, height: 20 });
  expect(length(room(square, shelf), { x: 2000, y: 500 }, { x: 2000, y: 3500 })).toBeCloseTo(3000, 6);
  expect(length(room(square, { ...shelf, bottom: 0 }), { x: 2000, y: 500 }, { x: 2000, y: 3500 })).toBeGreaterThan(
    3000 * 1.05,
  );
});

test('one stands nearer when there is no room, and farther before something over a table', () => {
  const narrow = floorOf(room(square, box('u', 2000, 2000, 800, 400), box('v', 2000, 2600, 800, 200)));
  const near = standBefore(narrow, { x: 2000, y: 2200 }, { x: 2000, y: 2600 }, false);
  expect(near.y).toBeLessThan(2400);
  const over = floorOf(room(square, box('t', 2000, 300, 1600, 600)));
  expect(standBefore(over, { x: 2000, y: 20 }, { x: 2000, y: 420 }, true).y).toBeGreaterThan(600);
});

test('property: no way cuts a solid or comes nearer to it than a body, none is shorter than the straight line, and back is as far as there', () => {
  const at = fc.record({ x: fc.integer({ min: 300, max: 3700 }), y: fc.integer({ min: 300, max: 3700 }) });
  const units = fc.array(
    fc.tuple(
      at,
      fc.integer({ min: 200, max: 1500 }),
      fc.integer({ min: 200, max: 900 }),
      fc.integer({ min: 0, max: 359 }),
    ),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(units, at, at, (list, from, to) => {
      const plan = room(square, ...list.map(([p, w, d, turn], i) => box(`u${i}`, p.x, p.y, w, d, { turn })));
      const floor = floorOf(plan);
      const path = pathsFrom(floor, from, [to])[0]!;
      const back = pathsFrom(floor, to, [from])[0]!;
      expect(typeof path).toBe(typeof back);
      if (typeof path === 'string') return;
      expect((back as Path).length).toBeCloseTo(path.length, 3);
      expect(path.length).toBeGreaterThanOrEqual(distance(from, to) - 1e-6);
      let sum = 0;
      path.points.slice(1).forEach((p, i) => {
        const [a, first, last] = [path.points[i]!, i === 0, i === path.points.length - 2];
        sum += distance(a, p);
        for (const { points: solid } of floor.solids) {
          const ends = [...(first ? [from] : []), ...(last ? [to] : [])].map((end) => distanceBetween(end, end, solid));
          const gap = distanceBetween(a, p, solid);
          expect(gap).toBeGreaterThan(0);
          expect(gap).toBeGreaterThanOrEqual(Math.min(BODY, ...ends) - 1e-3);
        }
      });
      expect(sum).toBeCloseTo(path.length, 6);
    }),
    { numRuns: runs(150) },
  );
});

test('property: leaving out ways that bend the wrong way loses no shortest way', () => {
  fc.assert(
    fc.property(
      randomPlan(1),
      fc.array(fc.tuple(fc.integer({ min: 100, max: 5000 }), fc.integer({ min: 100, max: 5000 })), {
        minLength: 4,
        maxLength: 4,
      }),
      (plan, at) => {
        const floor = floorOf(plan);
        const goals = at.map(([x, y]) => ({ x, y }));
        const length = (p: Path | string) => (typeof p === 'string' ? p : Math.round(p.length * 100) / 100);
        const { s } = plan.stations;
        expect(pathsFrom(floor, s!, goals).map(length)).toEqual(pathsFrom(floor, s!, goals, false).map(length));
      },
    ),
    { numRuns: runs(150) },
  );
});

test('property: another piece of furniture never makes a way shorter', () => {
  fc.assert(
    fc.property(randomPlan(1), (plan) => {
      const ids = Object.keys(plan.units);
      const fewer = { ...plan, units: Object.fromEntries(ids.slice(1).map((id) => [id, plan.units[id]!])) };
      const { s } = plan.stations;
      const goals = [
        { x: 500, y: 500 },
        { x: 1200, y: 2000 },
        { x: 2000, y: 900 },
      ];
      const [all, some] = [pathsFrom(floorOf(plan), s!, goals), pathsFrom(floorOf(fewer), s!, goals)];
      goals.forEach((_, i) => {
        const [a, b] = [all[i]!, some[i]!];
        // Off by no more than the corners that are cut by straight lines.
        if (typeof a !== 'string' && typeof b !== 'string')
          expect(a.length).toBeGreaterThanOrEqual(b.length * 0.995 - 1);
      });
    }),
    { numRuns: runs(60) },
  );
});
