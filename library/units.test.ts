import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import {
  ContainerShapeSchema,
  emptyPlan,
  STANDING_DEFAULTS,
  UNIT_KINDS,
  type Unit,
} from '@heronstone/core/model/plan.ts';
import { compartmentsOf, litresIn } from '@heronstone/core/furniture/compartments.ts';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { tierFindings } from '@heronstone/core/furniture/inside.ts';
import { openedOf } from '@heronstone/core/furniture/opened.ts';
import { signedArea } from '@heronstone/core/geometry/geometry.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { freeSpot, spotOnTable } from '@heronstone/core/room/spot.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { containerTypes, unitTypes } from './inInches.ts';
import { CONTAINER_TYPES } from './containerTypes.ts';
import { GROUPS, UNIT_TYPES, type UnitType } from './units.ts';

let n = 0;
const room = applyChanges(
  emptyPlan({ id: 'r' }),
  makeOutline(
    [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 4000 },
      { x: 0, y: 4000 },
    ],
    [],
    () => `c${n++}`,
  ),
).plan;
const unitOf = (type: UnitType, id = 'u'): Unit => ({
  ...STANDING_DEFAULTS,
  ...type.shape,
  id,
  x: 0,
  y: 0,
  turn: 0,
});
const named = (title: string) => UNIT_TYPES.find((t) => t.title === title)!;
const litresOf = (unit: Unit) => litresIn(compartmentsOf(unit));
const boxLitres = (unit: Unit) => (Math.abs(signedArea(footprint(unit))) * unit.height) / 1e6;
/** Kinds whose things stand or hang outside the unit's own box. */
const OPEN = new Set(['table', 'wall shelf', 'pegboard', 'rail', 'rack', 'cart']);

test('there are at least thirty types, of each kind one, no name twice, a group for each', () => {
  expect(UNIT_TYPES.length).toBeGreaterThanOrEqual(30);
  expect(new Set(UNIT_TYPES.map((t) => t.shape.kind))).toEqual(new Set(UNIT_KINDS));
  expect(new Set(UNIT_TYPES.map((t) => t.title)).size).toBe(UNIT_TYPES.length);
  expect(new Set(UNIT_TYPES.map((t) => t.group))).toEqual(new Set(GROUPS));
});

const IN_BOTH = [
  ...UNIT_TYPES.map((t) => [t.title, t] as const),
  ...unitTypes('imperial').map((t) => [`${t.title}, in inches`, t] as const),
];

test.each(IN_BOTH)('%s: adds up inside, can be placed, opens, and its places add up', (_, type) => {
  const unit = unitOf(type);
  expect(tierFindings(unit, 'metric')).toEqual([]);
  const withTable = applyChanges(room, [
    set('units', 't', { ...unitOf(named('Side table'), 't'), x: 2000, y: 2000 }),
  ]).plan;
  const onTable =
    type.shape.bottom > 0 && type.group !== 'On the wall and the door' ? spotOnTable(unit, withTable) : null;
  const spot = onTable ?? freeSpot(unit, withTable);
  const report = evaluate(applyChanges(withTable, [set('units', 'u', { ...unit, ...spot })]).plan);
  expect(report.findings.filter((f) => f.severity === 'error')).toEqual([]);
  // A chair or a bed holds nothing.
  if (unit.kind !== 'seat') expect(report.units.u!.litres).toBeGreaterThan(0.3);
  // The litres of the report are the sum of the places, and these fit into the unit.
  const placed = { ...unit, ...spot };
  expect(report.units.u!.litres).toBeCloseTo(litresOf(placed), 9);
  if (!OPEN.has(unit.kind)) expect(litresOf(placed)).toBeLessThanOrEqual(boxLitres(placed) + 1e-6);
  // Every closed place has something drawn open, with an area.
  const opened = openedOf(placed);
  for (const c of compartmentsOf(placed).filter(
    (c) => c.access === 'drawer' || c.access === 'pull-out' || c.access === 'lid',
  ))
    expect(opened.some((o) => o.slot === c.slot)).toBe(true);
  if (compartmentsOf(placed).some((c) => c.access === 'door') && unit.doors !== 'sliding')
    expect(opened.some((o) => o.kind === 'door')).toBe(true);
  for (const o of opened) expect(signedArea(o.shape)).toBeGreaterThan(100);
});

test('property: scaled in width and depth, every type keeps its places within its box and opens without negative parts', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...UNIT_TYPES),
      fc.integer({ min: 0, max: 400 }),
      fc.integer({ min: 0, max: 200 }),
      fc.integer({ min: 0, max: 359 }),
      (type, wider, deeper, turn) => {
        const unit = unitOf(type);
        const grown: Unit = {
          ...unit,
          turn,
          width: unit.width + (unit.kind === 'corner cabinet' ? 0 : wider),
          depth: unit.depth + (unit.kind === 'corner cabinet' ? 0 : unit.kind === 'carousel' ? wider : deeper),
          bays: unit.bays.map((b) => ({ ...b, width: b.width + wider / unit.bays.length })),
        };
        expect(tierFindings(grown, 'metric')).toEqual([]);
        if (!OPEN.has(unit.kind)) expect(litresOf(grown)).toBeLessThanOrEqual(boxLitres(grown) + 1e-6);
        if (unit.kind === 'cabinet') {
          // Open cells hold all of their opening; drawers less by runners and bases.
          const whole =
            grown.bays.flatMap((b) => b.cells.map((c) => b.width * c.height * grown.depth)).reduce((a, b) => a + b, 0) /
            1e6;
          expect(litresOf(grown)).toBeLessThanOrEqual(whole + 1e-6);
        }
        expect(openedOf(grown).every((o) => o.out > 0 && signedArea(o.shape) > 0)).toBe(true);
      },
    ),
    { numRuns: runs(150) },
  );
});

test('figures people go by: cube openings of 330 mm, slim drawers about 360 x 480 and 700 high, a cart about 780 high (common practice, no source)', () => {
  const cube = compartmentsOf(unitOf(named('Cube shelf')));
  expect(cube.filter((c) => c.slot !== 'top').every((c) => c.inside.width === 330 && c.inside.height === 330)).toBe(
    true,
  );
  expect(named('Slim drawer unit').shape).toMatchObject({ width: 360, depth: 480, height: 700 });
  expect(named('Three-tier cart').shape).toMatchObject({ height: 780, width: 450, depth: 350, wheels: true });
  const slots = compartmentsOf(unitOf(named('Paper slots')));
  expect(slots).toHaveLength(12);
  expect(slots.every((c) => c.inside.width >= 305 && Math.abs(c.inside.height - 24) < 1)).toBe(true);
});

test.each(UNIT_TYPES.filter((t) => t.group === 'Into a cube opening').map((t) => [t.title, t] as const))(
  '%s: stands in a cube opening, takes its place and moves with the shelf',
  (_, type) => {
    const cubes = { ...unitOf(named('Cube shelf'), 'cubes'), x: 2000, y: 190 };
    const plan = applyChanges(room, [
      set('units', 'cubes', cubes),
      set('units', 'u', { ...unitOf(type), host: 'cubes', hostSlot: 'c2r3' }),
    ]).plan;
    const report = evaluate(plan);
    expect(report.findings.filter((f) => f.severity === 'error')).toEqual([]);
    expect(report.compartments.some((c) => c.id === 'cubes/c2r3')).toBe(false);
    const own = report.compartments.filter((c) => c.unit === 'u');
    expect(own.every((c) => c.front.bottom >= 366 - 1 && c.front.top <= 366 + 330 + 1)).toBe(true);
    const moved = evaluate(applyChanges(plan, [set('units', 'cubes', { x: 3000 })]).plan);
    expect(moved.compartments.find((c) => c.unit === 'u')!.access3.x - own[0]!.access3.x).toBeCloseTo(1000, 6);
  },
);

test('in inches every size is a round one, and a table is 60 x 30 x 29', () => {
  const round = (mm: number, part: number) => Math.abs(mm / 25.4 / part - Math.round(mm / 25.4 / part)) < 1e-6;
  for (const { title, shape, hint } of unitTypes('imperial')) {
    const sizes = [shape.width, shape.depth, shape.height, shape.bottom, shape.storeDepth, ...shape.tiers];
    // Cells made to measure are said in sixteenths.
    expect([title, sizes.filter((mm) => !round(mm, shape.asOne ? 1 / 16 : 1 / 4))]).toEqual([title, []]);
    expect([
      title,
      shape.bays.flatMap((b) => [b.width, ...b.cells.map((c) => c.height)]).filter((mm) => !round(mm, 1 / 8)),
    ]).toEqual([title, []]);
    expect(`${hint} ${shape.name}`).not.toMatch(/\d (?:mm|cm|ml|l|kg)\b/);
  }
  for (const { shape } of containerTypes('imperial')) {
    const outside = [shape.width, shape.depth, shape.height];
    expect([shape.name, outside.filter((mm) => !round(mm, 1 / 8))]).toEqual([shape.name, []]);
    expect(ContainerShapeSchema.safeParse(shape).error?.issues).toBeUndefined();
    expect(shape.name).not.toMatch(/\d (?:mm|cm|ml|l)\b|A[45]/);
  }
  expect(containerTypes('imperial')).toHaveLength(CONTAINER_TYPES.length);
  const table = unitTypes('imperial').find((t) => t.title === 'Work table')!.shape;
  expect([table.width, table.depth, table.height]).toEqual([1524, 762, 736.6]);
});
