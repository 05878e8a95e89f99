import { runs } from '@heronstone/testing/runs.ts';
import { standing } from '../room/standing.ts';
import fc from 'fast-check';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { randomPlan, unitShape } from '@heronstone/testing/randomPlan.ts';
import { footprint, inRoom } from '../furniture/footprint.ts';
import { applyChanges, set } from '../model/change.ts';
import { emptyPlan, STANDING_DEFAULTS, UNIT_DEFAULTS, type Opening, type Plan, type Unit } from '../model/plan.ts';
import { checkRoom } from './roomErrors.ts';
import { overlapDepth, standsOut } from '../geometry/geometry.ts';
import { snapUnit } from '../room/snap.ts';
import { freeSpot } from '../room/spot.ts';
import { floorArea, outlineOf, stripSpan, wallsOf } from '../room/walls.ts';

const corners = (points: ReadonlyArray<readonly [number, number]>) =>
  points.map(([x, y], order) => set('corners', `c${order}`, { id: `c${order}`, order, x, y, wall: `Wall ${order}` }));
const room = (
  points: ReadonlyArray<readonly [number, number]> = [
    [0, 0],
    [3450, 0],
    [3450, 2950],
    [0, 2950],
  ],
): Plan => applyChanges(emptyPlan({ id: 'r', ceiling: 2380 }), corners(points)).plan;
const box = (more: Partial<Unit> = {}): Unit => ({
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  id: 'u',
  name: 'Box',
  kind: 'trunk',
  x: 1000,
  y: 1000,
  turn: 0,
  width: 800,
  depth: 400,
  height: 450,
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
const opening = (more: Partial<Opening> = {}): Opening => ({
  id: 'o',
  kind: 'window',
  corner: 'c0',
  offset: 500,
  width: 1200,
  height: 1100,
  sill: 900,
  hinge: 'left',
  swing: 'none',
  keepClear: null,
  ...more,
});
const withUnits = (...units: Unit[]) =>
  applyChanges(
    room(),
    units.map((u) => set('units', u.id, u)),
  ).plan;
const codes = (plan: Plan) => checkRoom(plan).map((f) => f.code);

describe('walls', () => {
  test('run clockwise, face inward and follow each other in the strip', () => {
    const walls = wallsOf(room());
    expect(walls.map((w) => w.length)).toEqual([3450, 2950, 3450, 2950]);
    expect(walls.map((w) => w.inward)).toEqual([
      { x: 0, y: 1 },
      { x: -1, y: 0 },
      { x: 0, y: -1 },
      { x: 1, y: 0 },
    ]);
    expect(walls.map((w) => w.start)).toEqual([0, 3450, 6400, 9850]);
    expect(walls.map((w) => w.turn)).toEqual([0, 90, 180, 270]);
  });

  test('area of a rectangle and of an L by hand', () => {
    expect(floorArea(room())).toBeCloseTo(3.45 * 2.95, 9);
    expect(
      floorArea(
        room([
          [0, 0],
          [4000, 0],
          [4000, 2000],
          [2000, 2000],
          [2000, 3000],
          [0, 3000],
        ]),
      ),
    ).toBeCloseTo(10, 9);
  });

  test('a unit with its back to the east wall shows on that wall, left and right as one faces it', () => {
    const unit = box({ turn: 90, x: 3450 - 200, y: 700 });
    const span = stripSpan(unit, wallsOf(room()))!;
    expect(span).toEqual({ wall: 'c1', left: 3450 + 300, right: 3450 + 1100, gap: 0, facesRoom: true });
    // Its left side as one faces its front is nearer to the corner where the wall starts.
    expect(inRoom(unit, 0, 400).y).toBeLessThan(inRoom(unit, 800, 400).y);
  });
});

describe('what is wrong with a room', () => {
  test.each<[string, Partial<Opening>, string]>([
    ['a window wider than its wall', { width: 3451.5 }, 'wider than wall'],
    ['a window past the end of its wall', { offset: 2300 }, 'off the wall'],
    ['a window above the ceiling', { height: 1482 }, 'above ceiling'],
  ])('%s', (_, more, code) => {
    const plan = applyChanges(room(), [set('openings', 'o', opening(more))]).plan;
    expect(codes(plan)).toEqual([code]);
    expect(checkRoom(plan)[0]!.path).toMatch(/^openings\.o\./);
  });

  test('a window that just fits is fine', () => {
    expect(codes(applyChanges(room(), [set('openings', 'o', opening({ offset: 2250 }))]).plan)).toEqual([]);
  });

  test('two openings on top of each other', () => {
    const plan = applyChanges(room(), [
      set('openings', 'o', opening()),
      set('openings', 'o2', opening({ id: 'o2', offset: 1600 })),
    ]).plan;
    expect(checkRoom(plan)).toMatchObject([{ code: 'openings overlap', by: 100 }]);
  });

  test('two tables overlap by what has to be slid, not by the thickness of their tops; what hangs may be lifted', () => {
    const table: Partial<Unit> = { kind: 'table', tiers: [], height: 740, board: 30 };
    const plan = having(
      rectangle(4000, 3000),
      unitRow(boxUnit('a', 1000, 400, 1200, 700, table)),
      unitRow(boxUnit('b', 2000, 500, 1200, 700, table)),
    );
    // 600 + 600 - 1,000 mm beside each other, 700 - 100 mm behind.
    expect(checkRoom(plan)).toMatchObject([{ code: 'overlap', by: 200 }]);
    // A board from 700 mm on hangs 40 mm into a cupboard of 740 mm.
    const hung = having(
      rectangle(4000, 3000),
      unitRow(boxUnit('a', 1000, 200, 1200, 400, { height: 740 })),
      unitRow(boxUnit('b', 1000, 100, 800, 200, { kind: 'cabinet', height: 600, bottom: 700 })),
    );
    expect(checkRoom(hung).find((f) => f.code === 'overlap')).toMatchObject({ by: 40 });
  });

  test('a unit taller than the room, outside it, and two in the same place', () => {
    expect(codes(withUnits(box({ height: 2382 })))).toEqual(['taller than room']);
    expect(codes(withUnits(box({ height: 2380 })))).toEqual([]);
    expect(checkRoom(withUnits(box({ x: 300 })))).toMatchObject([{ code: 'outside room', by: 100, path: 'units.u.x' }]);
    expect(checkRoom(withUnits(box(), box({ id: 'v', name: 'Other', x: 1738 })))).toMatchObject([
      { code: 'overlap', by: 62 },
    ]);
  });

  test('a drawer unit may stand under a table top, a taller one may not', () => {
    const table = box({
      id: 't',
      name: 'Table',
      kind: 'table',
      width: 1600,
      depth: 600,
      height: 760,
      board: 40,
      storeDepth: 100,
    });
    expect(codes(withUnits(table, box({ height: 720 })))).toEqual([]);
    expect(codes(withUnits(table, box({ height: 722 })))).toEqual(['too tall to stand under']);
  });

  test('an outline of too little floor or the wrong way round', () => {
    expect(
      codes(
        room([
          [0, 0],
          [0, 2000],
          [2000, 2000],
          [2000, 0],
        ]),
      ),
    ).toEqual(['outline']);
  });
});

describe('placing furniture', () => {
  test('a unit near a wall stands flush with it and turns its back to it', () => {
    const rest = snapUnit(box({ x: 3200, y: 1500, turn: 0 }), room(), 40);
    expect(rest).toEqual({ x: 3250, y: 1500, turn: 90 });
  });

  test('a unit near a neighbour stands flush with it', () => {
    const plan = withUnits(box({ id: 'n', name: 'Neighbour', x: 400, y: 200 }));
    expect(snapUnit(box({ x: 1215, y: 215 }), plan, 40)).toEqual({ x: 1200, y: 200, turn: 0 });
  });

  test('away from everything it stays where it is', () => {
    expect(snapUnit(box({ x: 1700, y: 1500 }), room(), 40)).toEqual({ x: 1700, y: 1500, turn: 0 });
  });

  test('property: a free spot is inside the room and overlaps nothing, or is the middle of the room', () => {
    fc.assert(
      fc.property(randomPlan(1), unitShape, (plan, shape) => {
        const unit = { ...shape, id: 'new', name: 'New' };
        const at = freeSpot(unit, plan);
        const feet = footprint({ ...unit, ...at });
        const outline = outlineOf(plan);
        const middle = Math.abs(at.x - outline[2]!.x / 2) <= 1 && Math.abs(at.y - outline[2]!.y / 2) <= 1;
        if (middle) return;
        expect(standsOut(feet, outline)).toBeLessThanOrEqual(0.5);
        for (const other of Object.values(standing(plan).units)) {
          const apart =
            other.bottom >= unit.bottom + unit.height ||
            unit.bottom >= other.bottom + other.height ||
            other.kind === 'table' ||
            unit.kind === 'table';
          if (!apart) expect(overlapDepth(feet, footprint(other))).toBeLessThanOrEqual(0.5);
        }
      }),
      { numRuns: runs(60) },
    );
  });
});
