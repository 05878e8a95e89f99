import { applyChanges, set } from '@heronstone/core/model/change.ts';
import { emptyPlan, UNIT_KINDS } from '@heronstone/core/model/plan.ts';
import { compartmentsOf, tierFindings } from '@heronstone/core/furniture/compartments.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { freeSpot } from '@heronstone/core/room/spot.ts';
import { evaluate } from '@heronstone/core/evaluate.ts';
import { UNIT_TYPES } from './units.ts';

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

test('there is at least one of each kind', () => {
  expect(new Set(UNIT_TYPES.map((t) => t.shape.kind))).toEqual(new Set(UNIT_KINDS));
});

test.each(UNIT_TYPES.map((t) => [t.title, t] as const))(
  '%s: adds up inside, stands in a room without a finding, and holds something',
  (_, type) => {
    const unit = { ...type.shape, id: 'u', x: 0, y: 0, turn: 0 };
    expect(tierFindings(unit, 'metric')).toEqual([]);
    const placed = applyChanges(room, [set('units', 'u', { ...unit, ...freeSpot(unit, room) })]).plan;
    const report = evaluate(placed);
    expect(report.findings.filter((f) => f.code !== 'fix to the wall')).toEqual([]);
    expect(report.compartments.length).toBeGreaterThan(0);
    expect(report.units.u!.litres).toBeGreaterThan(5);
    expect(report.units.u!.span).toMatchObject({ gap: 0, facesRoom: true });
  },
);

test('figures people go by: cube openings of 330 mm, slim drawers about 360 x 480 and 700 high, a cart about 780 high (common practice, no source)', () => {
  const shape = (title: string) => UNIT_TYPES.find((t) => t.title === title)!.shape;
  const cube = compartmentsOf({ ...shape('Cube shelf'), id: 'u', x: 0, y: 0, turn: 0 });
  expect(cube.every((c) => c.inside.width === 330 && c.inside.height === 330)).toBe(true);
  expect(shape('Slim drawer unit')).toMatchObject({ width: 360, depth: 480, height: 700 });
  expect(shape('Three-tier cart')).toMatchObject({ height: 780, width: 450, depth: 350 });
});
