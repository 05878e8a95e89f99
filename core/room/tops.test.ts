/** The true room on tops: what hangs over them, what stands on them, slopes and the ceiling. */
import fc from 'fast-check';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { set } from '../model/change.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';

const top = (plan: Plan, unit: string) => sceneOf(plan).compartment.get(`${unit}/top`)!;
const chest = (more: Partial<Unit> = {}) =>
  unitRow(boxUnit('chest', 1000, 240, 800, 480, { kind: 'drawer unit', height: 900, storeDepth: 480, ...more }));
const room = rectangle(4000, 3000, { ceiling: 2400 });

test('on a chest of drawers things stand as high as they may, over its whole top; without its depth it has no top', () => {
  expect(top(having(room, chest()), 'chest').inside).toEqual({ width: 800, depth: 480, height: 900 });
  expect(top(having(room, chest({ storeDepth: 0 })), 'chest')).toBeUndefined();
  expect(top(having(room, chest()), 'chest')).toMatchObject({ access: 'open', walls: 'none' });
});

test('a wall shelf over it, a slope and the ceiling bound the height; a board on the wall behind it does not', () => {
  const shelf = unitRow(
    boxUnit('shelf', 1000, 120, 800, 240, { kind: 'wall shelf', bottom: 1250, height: 25, tiers: [250] }),
  );
  expect(top(having(room, chest(), shelf), 'chest').inside.height).toBe(350);
  const board = unitRow(
    boxUnit('board', 1000, 10, 800, 20, { kind: 'pegboard', bottom: 1000, height: 600, tiers: [] }),
  );
  expect(top(having(room, chest(), board), 'chest').inside.height).toBe(900);
  expect(top(having(room, chest({ height: 2150 })), 'chest').inside.height).toBe(250);
  const slope = set('overheads', 's', {
    id: 's',
    kind: 'slope',
    name: 'Slope',
    corner: 'c0',
    run: 1000,
    low: 1100,
    x: 0,
    y: 0,
    turn: 0,
    width: 1,
    depth: 1,
  });
  expect(top(having(room, chest(), slope), 'chest').inside.height).toBe(200);
});

test('what stands on it leaves the widest stretch beside it', () => {
  const caddy = (x: number) =>
    unitRow(boxUnit(`on${x}`, x, 240, 200, 300, { kind: 'caddy', bottom: 900, height: 200, columns: 2 }));
  // It stands from 100 to 300 mm of the 800.
  const plan = having(room, chest(), caddy(800));
  expect(top(plan, 'chest').inside.width).toBeCloseTo(500, 6);
  expect(top(plan, 'chest').front.left).toBeCloseTo(300, 6);
  // The same when all of it is turned.
  const turned = having(
    room,
    chest({ x: 2000, y: 1500, turn: 90 }),
    unitRow(boxUnit('on', 2000, 1300, 300, 200, { kind: 'caddy', bottom: 900, height: 200 })),
  );
  expect(top(turned, 'chest').inside.width).toBeCloseTo(500, 6);
});

test('property: the place on a top is never wider, deeper or higher than what is free there', () => {
  const thing = fc.record({
    x: fc.integer({ min: 500, max: 1500 }),
    bottom: fc.constantFrom(900, 1100, 1400, 2000),
    width: fc.integer({ min: 100, max: 600 }),
    depth: fc.integer({ min: 60, max: 400 }),
  });
  fc.assert(
    fc.property(fc.array(thing, { maxLength: 4 }), (things) => {
      const plan = having(
        room,
        chest(),
        ...things.map((t, i) =>
          unitRow(boxUnit(`t${i}`, t.x, 240, t.width, t.depth, { bottom: t.bottom, height: 100 })),
        ),
      );
      const { inside, front } = top(plan, 'chest');
      expect([inside.width <= 800, inside.depth, inside.height <= 900]).toEqual([true, 480, true]);
      for (const t of things) {
        const [left, right] = [t.x - t.width / 2 - 600, t.x + t.width / 2 - 600];
        const across = Math.min(right, front.right) - Math.max(left, front.left);
        if (across <= 51 || inside.width <= 1) continue;
        // What is over the place hangs higher than it reaches.
        expect(t.bottom - 900).toBeGreaterThanOrEqual(inside.height - 1e-6);
      }
    }),
    { numRuns: runs(100) },
  );
});
