/** What must hold in any room: turned, mirrored, with a taller person, a place farther on, a door before it. */
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import type { Approach } from '../fetch/approach.ts';
import { fetchElements, returnElements, ALONE } from '../fetch/fetch.ts';
import { totalSeconds } from '../fetch/elements.ts';
import { set, type Change } from '../model/change.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { turned } from '../geometry/geometry.ts';
import { evaluate } from '../report/evaluate.ts';
import { sceneOf } from '../scene/scene.ts';

const seconds = (way: Approach) => totalSeconds([...fetchElements(way, ALONE), ...returnElements(way)]);

const KINDS = ['bookcase', 'drawer unit', 'cube shelf', 'wall shelf', 'trunk'] as const;
const furniture: fc.Arbitrary<Unit[]> = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...KINDS),
      x: fc.integer({ min: 400, max: 4600 }),
      y: fc.integer({ min: 400, max: 3600 }),
      turn: fc.constantFrom(0, 90, 180, 270),
      width: fc.integer({ min: 350, max: 900 }),
      depth: fc.integer({ min: 250, max: 500 }),
      height: fc.integer({ min: 500, max: 1900 }),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map((list) =>
    list.map(({ kind, x, y, turn, width, depth, height }, i) =>
      boxUnit(`u${i}`, x, y, width, depth, {
        kind,
        turn,
        height: kind === 'wall shelf' ? 20 : height,
        bottom: kind === 'wall shelf' ? 1200 : 0,
        tiers: kind === 'trunk' ? [] : [200, 200],
        columns: 1,
      }),
    ),
  );
const seat = fc.record({
  x: fc.integer({ min: 300, max: 4700 }),
  y: fc.integer({ min: 300, max: 3700 }),
  facing: fc.constantFrom(0, 45, 90, 200, 300),
  posture: fc.constantFrom('seated' as const, 'standing' as const),
});
const stature = fc.integer({ min: 1200, max: 1950 });

function room(
  units: readonly Unit[],
  at: { x: number; y: number; facing: number; posture: 'seated' | 'standing' },
  tall: number,
  hand: 'left' | 'right' = 'right',
): Plan {
  return having(
    rectangle(5000, 4000),
    ...units.map(unitRow),
    ...seatRows('s', at.x, at.y, at, { stature: tall, hand }),
  );
}
/** Figures of all ways from the seat, rounded where only the last digits may differ. */
const figures = (plan: Plan) =>
  Object.fromEntries(
    [...sceneOf(plan).approaches.get('s')!].map(([id, w]) => [
      id,
      [w.ripple, w.band, Math.round(w.walk), Math.round(seconds(w) * 1000) / 1000],
    ]),
  );

test('turning the whole room changes nothing', () => {
  fc.assert(
    fc.property(furniture, seat, stature, fc.constantFrom(90, 180, 270), (units, at, tall, by) => {
      const plan = room(units, at, tall);
      const about = <T extends { x: number; y: number }>(p: T) => turned({ x: p.x, y: p.y }, by);
      const changes: Change[] = [
        ...Object.values(plan.corners).map((c) => set('corners', c.id, about(c))),
        ...Object.values(plan.units).map((u) => set('units', u.id, { ...about(u), turn: (u.turn + by) % 360 })),
        set('stations', 's', { ...about(at), facing: (at.facing + by) % 360 }),
      ];
      expect(figures(having(plan, ...changes))).toEqual(figures(plan));
    }),
    { numRuns: runs(60) },
  );
});

test('the mirror image with the other hand is the same', () => {
  fc.assert(
    fc.property(furniture, seat, stature, (units, at, tall) => {
      const plan = room(units, at, tall);
      const mirrored = room(
        units.map((u) => ({ ...u, x: 5000 - u.x, turn: (360 - u.turn) % 360 })),
        { ...at, x: 5000 - at.x, facing: (360 - at.facing) % 360 },
        tall,
        'left',
      );
      expect(figures(mirrored)).toEqual(figures(plan));
    }),
    { numRuns: runs(60) },
  );
});

test('a taller person never loses overhead reach', () => {
  fc.assert(
    fc.property(furniture, seat, stature, fc.integer({ min: 1, max: 300 }), (units, at, tall, more) => {
      const band = (h: number) =>
        [...sceneOf(room(units, at, h)).approaches.get('s')!].filter(([, w]) => w.band === 'steps').map(([id]) => id);
      const before = new Set(band(tall));
      for (const id of band(tall + more)) expect(before.has(id)).toBe(true);
    }),
    { numRuns: runs(60) },
  );
});

test('a door, a drawer or a lid before a place never makes it faster', () => {
  fc.assert(
    fc.property(furniture, seat, stature, (units, at, tall) => {
      const open = units.map((u) => ({ ...u, kind: 'bookcase' as const, tiers: [200, 200] }));
      const shut = open.map((u) => ({ ...u, doors: 'left' as const }));
      const [a, b] = [room(open, at, tall), room(shut, at, tall)].map((p) => sceneOf(p).approaches.get('s')!);
      for (const [id, way] of a!) expect(seconds(b!.get(id)!)).toBeGreaterThanOrEqual(seconds(way) - 1e-9);
    }),
    { numRuns: runs(60) },
  );
});

test('farther along the same way, at the same height, is never faster', () => {
  fc.assert(
    fc.property(
      seat,
      stature,
      fc.constantFrom(...KINDS),
      fc.integer({ min: 500, max: 3600 }),
      fc.integer({ min: 1, max: 700 }),
      fc.integer({ min: 0, max: 1500 }),
      (at, tall, kind, far, more, bottom) => {
        // A hall in which the seat looks along its length, with nothing but the unit.
        const hall = (distance: number) =>
          sceneOf(
            having(
              rectangle(3000, 12000),
              unitRow(
                boxUnit('u', 1500, 10500 - distance, 500, 300, {
                  kind,
                  bottom,
                  height: kind === 'wall shelf' ? 20 : 500,
                  tiers: kind === 'trunk' ? [] : [200],
                }),
              ),
              ...seatRows('s', 1500, 10500, { facing: at.facing, posture: at.posture }, { stature: tall }),
            ),
          )
            .approaches.get('s')!
            .get(
              kind === 'trunk' ? 'u/box' : kind === 'cube shelf' ? 'u/c1r1' : kind === 'drawer unit' ? 'u/d1' : 'u/s1',
            )!;
        const [near, further] = [hall(far + 150), hall(far + 150 + more)];
        expect(further.ripple).toBeGreaterThanOrEqual(near.ripple);
        expect(seconds(further)).toBeGreaterThanOrEqual(seconds(near) - 1e-9);
      },
    ),
    { numRuns: runs(150) },
  );
});

test('a factor of two on walking doubles the walking of every place and nothing else', () => {
  fc.assert(
    fc.property(furniture, seat, stature, (units, at, tall) => {
      const plan = room(units, at, tall);
      const slow = having(plan, { table: 'meta', id: plan.meta.id, set: { constants: { walking: 2 } } });
      const [a, b] = [sceneOf(plan).approaches.get('s')!, sceneOf(slow).approaches.get('s')!];
      for (const [id, way] of a) {
        const walking = [...way.go, ...way.come]
          .filter((e) => ['walk', 'walk round furniture', 'turn', 'turn round', 'roll'].includes(e.kind))
          .reduce((sum, e) => sum + e.seconds, 0);
        expect(seconds(b.get(id)!)).toBeCloseTo(seconds(way) + 2 * walking, 6);
      }
      expect(evaluate(slow).compartments.length).toBe(evaluate(plan).compartments.length);
    }),
    { numRuns: runs(20) },
  );
});
