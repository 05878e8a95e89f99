/** Random plans for property tests: a room, some units along its walls, a seat, supplies with uses, some placed and locked. */
import fc from 'fast-check';
import { applyChanges, set, type Change } from '../model/change.ts';
import { emptyPlan, type Plan, type Supply, type Unit } from '../model/plan.ts';
import { compartmentsOf } from '../furniture/compartments.ts';
import { freeSpot } from '../room/spot.ts';

const plain = {
  bottom: 0,
  board: 16,
  columns: 1,
  tiers: [] as number[],
  insideWidth: null,
  insideDepth: null,
  storeDepth: 0,
  labelled: false,
};

type Shape = Omit<Unit, 'id' | 'name' | 'x' | 'y' | 'turn'>;

const heights = (least: number, most: number, max: number) =>
  fc.array(fc.integer({ min: least, max: most }), { minLength: 1, maxLength: max });

/** A unit of any kind whose parts add up. */
export const unitShape: fc.Arbitrary<Shape> = fc.oneof(
  fc
    .record({
      tiers: heights(40, 200, 8),
      width: fc.integer({ min: 250, max: 900 }),
      depth: fc.integer({ min: 300, max: 600 }),
    })
    .map(({ tiers, width, depth }): Shape => ({
      ...plain,
      kind: 'drawer unit',
      width,
      depth,
      tiers,
      board: 12,
      height: tiers.reduce((a, b) => a + b + 12, 24),
    })),
  fc
    .record({ columns: fc.integer({ min: 1, max: 4 }), tiers: heights(200, 400, 4) })
    .map(({ columns, tiers }): Shape => ({
      ...plain,
      kind: 'cube shelf',
      columns,
      tiers,
      width: columns * 330 + (columns + 1) * 16,
      depth: 380,
      height: tiers.reduce((a, b) => a + b + 16, 16),
    })),
  fc
    .record({ tiers: heights(150, 400, 5), width: fc.integer({ min: 400, max: 1200 }) })
    .map(({ tiers, width }): Shape => ({
      ...plain,
      kind: 'bookcase',
      width,
      depth: 280,
      tiers,
      height: tiers.reduce((a, b) => a + b + 16, 16),
    })),
  fc.constant<Shape>({ ...plain, kind: 'table', width: 1400, depth: 600, height: 740, board: 28, storeDepth: 150 }),
  fc.constant<Shape>({ ...plain, kind: 'pegboard', width: 800, depth: 20, height: 600, bottom: 1100, board: 0 }),
  fc.constant<Shape>({ ...plain, kind: 'cart', width: 450, depth: 350, height: 780, board: 3, tiers: [120, 230, 240] }),
  fc.constant<Shape>({ ...plain, kind: 'wall shelf', width: 800, depth: 200, height: 20, bottom: 1500, tiers: [300] }),
  fc.constant<Shape>({ ...plain, kind: 'trunk', width: 800, depth: 420, height: 450, board: 12 }),
);

/** A supply of any form, from a bead to a trunkful. */
export const supplyRow: fc.Arbitrary<Omit<Supply, 'id'>> = fc
  .record({
    form: fc.constantFrom('sheets' as const, 'pieces' as const, 'loose' as const),
    count: fc.integer({ min: 1, max: 200 }),
    length: fc.integer({ min: 5, max: 700 }),
    width: fc.integer({ min: 3, max: 400 }),
    thickness: fc.integer({ min: 1, max: 200 }),
    goesBack: fc.boolean(),
    orientations: fc.subarray(['flat' as const, 'edge' as const, 'end' as const], { minLength: 1 }),
  })
  .map((s) => {
    const small =
      s.form === 'loose'
        ? { length: Math.min(s.length, 40), width: Math.min(s.width, 40), thickness: Math.min(s.thickness, 40) }
        : {};
    const thin = s.form === 'sheets' ? { thickness: (25 + s.thickness) / 500 } : {};
    return {
      ...s,
      ...small,
      ...thin,
      name: 'Thing',
      category: '',
      grammage: s.form === 'sheets' ? 120 : null,
      mass: s.form === 'sheets' ? null : 50,
      note: '',
    };
  });

/** A whole plan; every reference holds, units stand where there is room for them. */
export const randomPlan = (supplies = 25): fc.Arbitrary<Plan> =>
  fc
    .record({
      room: fc.record({ x: fc.integer({ min: 2400, max: 6000 }), y: fc.integer({ min: 2400, max: 6000 }) }),
      units: fc.array(unitShape, { minLength: 1, maxLength: 6 }),
      supplies: fc.array(fc.tuple(supplyRow, fc.double({ min: 0, max: 20, noNaN: true })), {
        minLength: 1,
        maxLength: supplies,
      }),
      locks: fc.array(fc.tuple(fc.nat(), fc.nat(), fc.integer({ min: 1, max: 5 })), { maxLength: 4 }),
      grow: fc.constantFrom(0, 0.1, 0.25),
    })
    .map(({ room, units, supplies: rows, locks, grow }) => {
      let plan = emptyPlan({ id: 'random', roomToGrow: grow, ceiling: 3200 });
      const corners = [
        [0, 0],
        [room.x, 0],
        [room.x, room.y],
        [0, room.y],
      ] as const;
      plan = applyChanges(
        plan,
        corners.map(([x, y], order) =>
          set('corners', `c${order}`, { id: `c${order}`, order, x, y, wall: `Wall ${order}` }),
        ),
      ).plan;
      units.forEach((shape, i) => {
        const unit = { ...shape, id: `u${i}`, name: `Unit ${i}` };
        plan = applyChanges(plan, [set('units', unit.id, { ...unit, ...freeSpot(unit, plan) })]).plan;
      });
      const changes: Change[] = [
        set('people', 'p', { id: 'p', name: 'Maker', stature: 1700 }),
        set('stations', 's', {
          id: 's',
          name: 'Seat',
          unit: null,
          person: 'p',
          x: room.x / 2,
          y: room.y / 2,
          facing: 0,
          posture: 'seated',
          seatHeight: 450,
        }),
        set('activities', 'a', { id: 'a', name: 'Work', sessionsPerWeek: 2, minutes: 60, station: 's' }),
      ];
      rows.forEach(([row, fetches], i) => {
        changes.push(set('supplies', `x${i}`, { ...row, id: `x${i}`, name: `Thing ${i}` }));
        changes.push(set('uses', `y${i}`, { id: `y${i}`, supply: `x${i}`, activity: 'a', fetches }));
      });
      const places = Object.values(plan.units).flatMap(compartmentsOf);
      const left = rows.map(([row]) => row.count);
      locks.forEach(([s, c, count], i) => {
        const supply = s % rows.length;
        const place = places[c % places.length];
        if (!place || left[supply]! < count) return;
        left[supply]! -= count;
        changes.push(
          set('placements', `lock${i}`, {
            id: `lock${i}`,
            arrangement: 'planned',
            supply: `x${supply}`,
            unit: place.unit,
            slot: place.slot,
            count,
            orientation: null,
            locked: true,
          }),
        );
      });
      return applyChanges(plan, changes).plan;
    });
