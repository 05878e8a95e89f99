import { applyChanges, set } from '../model/change.ts';
import {
  emptyPlan,
  STANDING_DEFAULTS,
  UNIT_DEFAULTS,
  type Fixture,
  type Opening,
  type Plan,
  type Unit,
} from '../model/plan.ts';
import { signedArea } from '../geometry/geometry.ts';
import { CLEAR, doorSweep, KEEP_CLEAR } from '../room/doorSweep.ts';
import { checkClearance } from '../checks/clearance.ts';
import { freeBefore } from '../room/free.ts';
import { evaluate } from '../report/evaluate.ts';
import { mendsOf } from '../ask/fixes/lookForFixes.ts';
import { makeOutline } from '../room/outline.ts';
import { wallsOf } from '../room/walls.ts';

let n = 0;
const empty = applyChanges(
  emptyPlan({ id: 'r' }),
  makeOutline(
    [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 3000 },
      { x: 0, y: 3000 },
    ],
    [],
    () => `c${n++}`,
  ),
).plan;
const drawers = (more: Partial<Unit> = {}): Unit => ({
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  id: 'd',
  name: 'Drawers',
  kind: 'drawer unit',
  x: 1000,
  y: 240,
  turn: 0,
  width: 400,
  depth: 480,
  height: 650,
  bottom: 0,
  board: 12,
  columns: 1,
  tiers: [100, 100],
  insideWidth: null,
  insideDepth: 440,
  storeDepth: 0,
  labelled: false,
  ...more,
});
const box = (more: Partial<Unit> = {}): Unit => ({
  ...drawers(),
  id: 'b',
  name: 'Box',
  kind: 'trunk',
  tiers: [],
  insideDepth: null,
  width: 400,
  depth: 400,
  x: 1000,
  y: 2800,
  ...more,
});
const withUnits = (...units: Unit[]): Plan =>
  applyChanges(
    empty,
    units.map((u) => set('units', u.id, u)),
  ).plan;
const codes = (plan: Plan) => checkClearance(plan).map((f) => `${f.code} ${f.targets[0]!.id}`);
const needs = 440 + CLEAR.person / 2;

describe('fronts', () => {
  test('free space before a front is measured to units and walls, whatever way it is turned', () => {
    const plan = withUnits(drawers(), box({ y: 1480 + 200 }));
    expect(freeBefore(plan.units.d!, plan, { bottom: 0, top: 600 }, 5000)).toBeCloseTo(1000, 6);
    expect(freeBefore(plan.units.d!, plan, { bottom: 700, top: 900 }, 5000)).toBeCloseTo(3000 - 480, 6);
    const turned = withUnits(drawers({ x: 240, y: 1500, turn: 270 }));
    expect(freeBefore(turned.units.d!, turned, { bottom: 0, top: 600 }, 5000)).toBeCloseTo(4000 - 480, 6);
  });

  test('a drawer that is one millimetre short is named with the millimetre; one that just opens is not', () => {
    const short = checkClearance(withUnits(drawers(), box({ y: 480 + 439 + 200 })));
    expect(short[0]).toMatchObject({
      code: 'cannot open',
      by: 1,
      message: 'Drawers, drawer 1 opens 439 mm of 440 mm: it falls 1 mm short.',
    });
    expect(codes(withUnits(drawers(), box({ y: 480 + 440 + 200 })))).not.toContain('cannot open d');
  });

  test.each([
    [needs, false],
    [needs - 1, true],
  ])('%d mm for a person to open a drawer: finding %p', (free, found) => {
    expect(codes(withUnits(drawers(), box({ y: 480 + free + 200 }))).includes('no room before it d')).toBe(found);
  });

  test.each([
    [CLEAR.person, false],
    [CLEAR.person - 1, true],
  ])('%d mm before a bookcase: finding %p', (free, found) => {
    const bookcase = drawers({ kind: 'bookcase', tiers: [200, 200], insideDepth: null, board: 18 });
    expect(codes(withUnits(bookcase, box({ y: 480 + free + 200 }))).includes('no room before it d')).toBe(found);
  });

  test('a table top is no obstacle to a drawer below it', () => {
    const table = box({ kind: 'table', width: 1400, depth: 700, height: 760, board: 30, y: 1000 });
    expect(codes(withUnits(drawers(), table)).filter((c) => c.endsWith(' d'))).toEqual([]);
  });
});

describe('doors', () => {
  const door: Opening = {
    id: 'o',
    kind: 'door',
    corner: 'c2',
    offset: 100,
    width: 800,
    height: 2000,
    sill: 0,
    hinge: 'left',
    swing: 'in',
    keepClear: null,
  };
  const withDoor = (unit: Unit, more: Partial<Opening> = {}) =>
    applyChanges(withUnits(unit), [set('openings', 'o', { ...door, ...more })]).plan;

  test('sweeps a quarter of a circle into the room from its hinge', () => {
    const wall = wallsOf(empty)[2]!;
    const sweep = doorSweep(door, wall);
    expect(Math.abs(signedArea(sweep)) / ((Math.PI * 800 ** 2) / 4)).toBeCloseTo(1, 2);
    expect(
      sweep.every((p) => p.y <= 3000 + 1e-6 && p.y >= 2200 - 1e-6 && p.x <= 3900 + 1e-6 && p.x >= 3100 - 1e-6),
    ).toBe(true);
    expect(doorSweep({ ...door, swing: 'out' }, wall)).toEqual([]);
  });

  test('meets a unit one millimetre into its swing, not beside it, and not when hinged on the other side', () => {
    const at = (into: number) => box({ x: 3900 - 200, y: 2200 - 200 + into });
    expect(codes(withDoor(at(2)))).toContain('door meets it b');
    expect(codes(withDoor(at(-1)))).not.toContain('door meets it b');
    expect(codes(withDoor(at(60), { swing: 'out' }))).not.toContain('door meets it b');
  });

  test('the offered slide fixes it and makes nothing else', () => {
    const plan = withDoor(box({ x: 3800, y: 2050 }));
    const finding = checkClearance(plan).find((f) => f.code === 'door meets it')!;
    const mend = mendsOf(plan, evaluate(plan).findings, finding, () => 'id')[0]!;
    expect(mend.words).toMatch(/^Slide it \d+ mm to the (north|west)$/);
    const mended = applyChanges(plan, mend.changes).plan;
    const to = mended.units.b!;
    expect(checkClearance(mended).filter((f) => f.code === 'door meets it')).toEqual([]);
    // Ten millimetres less would not have done.
    const less = { x: to.x - Math.sign(to.x - 3800) * 10, y: to.y - Math.sign(to.y - 2050) * 10 };
    expect(
      checkClearance(applyChanges(plan, [set('units', 'b', less)]).plan).some((f) => f.code === 'door meets it'),
    ).toBe(true);
  });
});

describe('what is on the walls', () => {
  const fixture = (kind: Fixture['kind'], more: Partial<Fixture> = {}): Fixture => ({
    id: 'f',
    kind,
    corner: 'c0',
    offset: 900,
    width: 200,
    height: 100,
    depth: 80,
    bottom: 300,
    name: '',
    outlets: 2,
    keepClear: null,
    ...more,
  });
  const withFixture = (f: Fixture, unit: Unit) => applyChanges(withUnits(unit), [set('fixtures', 'f', f)]).plan;

  test('a socket behind a unit is covered; one above or beside it is not', () => {
    const unit = box({ y: 200 });
    expect(codes(withFixture(fixture('socket'), unit))).toContain('socket covered b');
    expect(codes(withFixture(fixture('socket', { bottom: 1100 }), unit))).not.toContain('socket covered b');
    expect(codes(withFixture(fixture('socket', { offset: 1210 }), unit))).not.toContain('socket covered b');
    expect(codes(withFixture(fixture('socket'), box({ y: 200 + KEEP_CLEAR.socket })))).not.toContain(
      'socket covered b',
    );
  });

  test('a heater wants free depth before it, to the millimetre', () => {
    const need = 80 + KEEP_CLEAR.heater;
    expect(codes(withFixture(fixture('heater'), box({ y: need + 200 })))).not.toContain('heater covered b');
    expect(
      checkClearance(withFixture(fixture('heater'), box({ y: need - 1 + 200 }))).find(
        (f) => f.code === 'heater covered',
      ),
    ).toMatchObject({ by: 1 });
  });

  test('a fuse board wants the floor before it clear even of low things, and says who decides', () => {
    const board = fixture('fuse board', { bottom: 1500, height: 400 });
    const low = (y: number) => box({ height: 200, y });
    expect(
      checkClearance(withFixture(board, low(KEEP_CLEAR['fuse board'] - 1 + 200))).find(
        (f) => f.code === 'fuse board not clear',
      ),
    ).toMatchObject({ by: 1, message: expect.stringContaining('Local code') });
    expect(codes(withFixture(board, low(KEEP_CLEAR['fuse board'] + 200)))).not.toContain('fuse board not clear b');
  });
});
