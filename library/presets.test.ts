/** Every piece of the library by its preset, in the three systems: it stands where such a piece stands, and holds what it is named for. */
import { addPieces } from '@heronstone/core/gestures/addPieces.ts';
import { posesOf } from '@heronstone/core/fit/poses.ts';
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import { UNIT_SYSTEMS, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { emptyPlan, type Plan, type Supply } from '@heronstone/core/model/plan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { roomChanges } from '@heronstone/core/gestures/begin.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { unitTypes } from './inInches.ts';
import { KNOWN } from './known.ts';
import { standingOf, type UnitType } from './units.ts';

let n = 0;
const newId = () => `p${n++}`;
const roomIn = (units: UnitSystem): Plan => {
  const plan = emptyPlan({ id: 'p', units });
  const room = { wide: 4267.2, deep: 3657.6, ceiling: 2438.4, window: null };
  return applyChanges(plan, roomChanges(plan, { ...room, door: { side: 'near', along: 'first' } }, newId)).plan;
};
const added = (plan: Plan, type: UnitType): { plan: Plan; id: string } => {
  const { id, changes } = addPieces(plan, type.shape, {
    ...{ standing: standingOf(type), many: 1, newId },
    unfolds: type.unfolds,
  });
  return { id, plan: applyChanges(plan, changes).plan };
};
const typeOf = (units: UnitSystem, title: string) => unitTypes(units).find((t) => t.title === title)!;

/** Pieces, and what they are named for, as a maker types it. */
const HOLDS: ReadonlyArray<readonly [title: string, metric: string, imperial: string]> = [
  ['Marker rack', 'alcohol marker', 'alcohol marker'],
  ['Pad rack', 'ink pad', 'ink pad'],
  ['Thread rack', 'spool of thread', 'spool of thread'],
  ['Rail with rods', 'wrapping paper roll', 'wrapping paper roll'],
  ['Flat drawers', 'drawing paper A2', 'drawing paper 17 x 22'],
  ['Paper rack', 'paper A4', 'paper letter'],
  ['Ledge rack', 'bottle of acrylic paint', 'bottle of acrylic paint'],
  ['Tall bin', 'dowel', 'dowel'],
  ['Under-desk drawers', 'box file', 'box file'],
  ['Hanging files', 'hanging folder', 'hanging folder'],
  ['Leaning rack', 'canvas board 50 x 40 cm', 'canvas board 50 x 40 cm'],
];

describe.each(UNIT_SYSTEMS)('in %s', (units) => {
  test.each(HOLDS)('a %s holds a %s', (title, metric, imperial) => {
    const thing = units === 'imperial' ? imperial : metric;
    const draft = readLine(thing, units, [], KNOWN.kinds).draft!;
    const supply: Supply = { ...draft, id: 's', count: 1 };
    const { plan, id } = added(roomIn(units), typeOf(units, title));
    const places = sceneOf(plan).compartments.filter((c) => c.unit === id);
    expect([title, thing, places.some((c) => posesOf(supply, c).length > 0)]).toEqual([title, thing, true]);
  });

  test('paper slots of a cube take 12 x 12 in sheets, and a binder stands in a cube', () => {
    const withCubes = added(roomIn(units), typeOf(units, 'Cube shelf'));
    const slots = added(withCubes.plan, typeOf(units, 'Paper slots'));
    expect(slots.plan.units[slots.id]!.host).toBe(withCubes.id);
    const sheet = { ...readLine('cardstock 12 x 12 in', units, [], KNOWN.kinds).draft!, id: 's', count: 10 };
    const into = sceneOf(slots.plan).compartments.filter((c) => c.unit === slots.id);
    expect(into.some((c) => posesOf(sheet, c).length > 0)).toBe(true);
  });

  test('every type, into an empty room and onto a table: nothing hangs in the air, overlaps or is through a wall', () => {
    for (const type of unitTypes(units)) {
      const table = added(roomIn(units), typeOf(units, 'Work table')).plan;
      const cubes = added(table, typeOf(units, 'Cube shelf')).plan;
      for (const room of [roomIn(units), cubes]) {
        if (type.group === 'Into a cube opening' && room !== cubes) continue;
        const { plan, id } = added(room, type);
        const found = evaluate(plan).findings.filter(
          (f) => (f.severity === 'error' || f.code === 'hangs in the air') && f.targets.some((t) => t.id === id),
        );
        expect([type.title, found.map((f) => f.message)]).toEqual([type.title, []]);
      }
    }
  });

  test('a clamp is on the edge of a table, a rack on the door that is wide enough for it', () => {
    const table = added(roomIn(units), typeOf(units, 'Work table'));
    const clamp = added(table.plan, typeOf(units, 'Edge clamp'));
    expect(clamp.plan.units[clamp.id]).toMatchObject({ host: table.id, hostSlot: 'edge' });
    const rack = added(roomIn(units), typeOf(units, 'Door-back rack'));
    expect(rack.plan.units[rack.id]!.onDoor).not.toBeNull();
  });
});

test('a thing that nothing holds is said to hang in the air; on the floor, a wall or a table it does not', () => {
  const room = roomIn('metric');
  const { shape } = typeOf('metric', 'Tool caddy');
  const findings = (x: number, y: number, bottom: number) =>
    evaluate(
      applyChanges(room, [set('units', 'u', { ...shape, id: 'u', x, y, turn: 0, bottom, name: 'Caddy' })]).plan,
    ).findings.filter((f) => f.code === 'hangs in the air');
  expect(findings(2000, 1800, 740)).toMatchObject([
    { severity: 'caution', message: expect.stringMatching(/at 740 mm/) },
  ]);
  expect(findings(2000, 1800, 0)).toEqual([]);
  expect(findings(2000, 90, 740)).toEqual([]);
});
