import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { unitShape } from '@heronstone/testing/randomPlan.ts';
import type { Unit } from '../model/plan.ts';
import { compartmentsOf, litresIn, tiersHeight } from './compartments.ts';
import { tierFindings } from './inside.ts';
import { checkFurniture } from '../checks/fixToWall.ts';
import { emptyPlan, STANDING_DEFAULTS, UNIT_DEFAULTS } from '../model/plan.ts';

const at = { id: 'u', name: 'Unit', x: 0, y: 0, turn: 0 };
const drawers: Unit = {
  ...UNIT_DEFAULTS,
  ...STANDING_DEFAULTS,
  ...at,
  kind: 'drawer unit',
  width: 360,
  depth: 480,
  height: 700,
  bottom: 0,
  board: 12,
  columns: 1,
  tiers: [60, 60, 110, 150, 170],
  insideWidth: null,
  insideDepth: null,
  storeDepth: 0,
  labelled: false,
};

test('drawers are counted from the top, slim inside, and taken hold of above the middle of the pulled-out drawer', () => {
  const list = compartmentsOf(drawers);
  expect(list.map((c) => c.slot)).toEqual(['d1', 'd2', 'd3', 'd4', 'd5']);
  expect(list[0]!.inside).toEqual({ width: 360 - 24 - 26, depth: 480 - 12 - 30, height: 60 });
  expect(list[0]!.access3).toMatchObject({ x: 0, y: 240 + 219 });
  expect(list[0]!.access3.z).toBe(688);
  expect(list.every((c, i) => i === 0 || c.front.top <= list[i - 1]!.front.bottom + 1e-6)).toBe(true);
});

test('measured inside sizes replace the computed ones', () => {
  expect(compartmentsOf({ ...drawers, insideWidth: 300, insideDepth: 400 })[2]!.inside).toEqual({
    width: 300,
    depth: 400,
    height: 110,
  });
});

test('a cube shelf of 2 x 4 has eight openings of 330 mm', () => {
  const list = compartmentsOf({
    ...drawers,
    kind: 'cube shelf',
    width: 714,
    depth: 380,
    height: 1410,
    board: 18,
    columns: 2,
    tiers: [330, 330, 330, 330],
  });
  expect(list).toHaveLength(8);
  expect(list.every((c) => c.inside.width === 330 && c.inside.height === 330 && c.inside.depth === 380)).toBe(true);
  expect(list[7]!.name).toBe('Unit, column 2, row 4');
  expect(list[7]!.front.bottom).toBeCloseTo(18, 6);
});

test('drawers that do not add up are named with what would be right', () => {
  expect(tiersHeight(drawers)).toBe(550 + 5 * 12 + 24);
  expect(tierFindings({ ...drawers, height: 600 }, 'metric')).toMatchObject([
    { path: 'units.u.tiers', by: 34, message: expect.stringContaining('need 634 mm') },
  ]);
  expect(tierFindings({ ...drawers, tiers: [] }, 'metric')).toMatchObject([{ expected: 'at least one inside height' }]);
  expect(tierFindings({ ...drawers, insideWidth: 400 }, 'metric')).toMatchObject([{ path: 'units.u.insideWidth' }]);
  expect(tierFindings({ ...drawers, kind: 'cart', board: 3, height: 600, tiers: [120, 260] }, 'metric')).toEqual([]);
  expect(tierFindings({ ...drawers, kind: 'cart', board: 3, height: 600, tiers: [120, 302] }, 'metric')).toMatchObject([
    { path: 'units.u.tiers', by: 2 },
  ]);
});

test('tall units are to be fixed to the wall: 690 mm with drawers, 1200 mm without', () => {
  const plan = (unit: Unit) => ({ ...emptyPlan({ id: 'p' }), units: { u: unit } });
  expect(checkFurniture(plan({ ...drawers, height: 690 }))).toEqual([]);
  expect(checkFurniture(plan({ ...drawers, height: 691 }))).toHaveLength(1);
  expect(checkFurniture(plan({ ...drawers, kind: 'bookcase', height: 1200 }))).toEqual([]);
  expect(checkFurniture(plan({ ...drawers, kind: 'bookcase', height: 1201 }))).toHaveLength(1);
});

test('property: the compartments of any unit lie within it, do not overlap, and hold less than its outside', () => {
  fc.assert(
    fc.property(unitShape, fc.integer({ min: 0, max: 3 }), (shape, quarter) => {
      const unit: Unit = { ...at, ...shape, turn: quarter * 90 };
      const list = compartmentsOf(unit);
      expect(tierFindings(unit, 'metric')).toEqual([]);
      expect(list.length).toBeGreaterThan(0);
      const open = ['table', 'wall shelf', 'pegboard', 'rail', 'rack'].includes(unit.kind);
      for (const [i, c] of list.entries()) {
        expect(c.inside.width).toBeLessThanOrEqual(unit.width);
        expect(c.inside.depth).toBeLessThanOrEqual(unit.depth);
        expect(c.front.left).toBeGreaterThanOrEqual(-1e-6);
        expect(c.front.right).toBeLessThanOrEqual(unit.width + 1e-6);
        if (!open) expect(c.front.bottom).toBeGreaterThanOrEqual(unit.bottom - 1e-6);
        for (const d of list.slice(i + 1)) {
          const across = Math.min(c.front.right, d.front.right) - Math.max(c.front.left, d.front.left);
          const up = Math.min(c.front.top, d.front.top) - Math.max(c.front.bottom, d.front.bottom);
          expect(Math.min(across, up)).toBeLessThanOrEqual(1e-6);
        }
      }
      if (!open) expect(litresIn(list)).toBeLessThanOrEqual((unit.width * unit.depth * unit.height) / 1e6 + 1e-6);
    }),
    { numRuns: runs(150) },
  );
});
