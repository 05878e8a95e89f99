/** Random plans for property tests: a room, some units along its walls, a seat, supplies with uses, some placed and locked. */
import fc from 'fast-check';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import {
  DIVISIONS,
  emptyPlan,
  FORMS,
  STANDING_DEFAULTS,
  SUPPLY_DEFAULTS,
  UNIT_DEFAULTS,
  type Plan,
  type Supply,
  type Unit,
} from '@heronstone/core/model/plan.ts';
import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { freeSpot } from '@heronstone/core/room/spot.ts';

const plain = { ...UNIT_DEFAULTS, ...STANDING_DEFAULTS, board: 16 };

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
  fc
    .array(
      fc.record({
        width: fc.integer({ min: 120, max: 600 }),
        cells: fc.array(
          fc.record({
            height: fc.integer({ min: 60, max: 400 }),
            access: fc.constantFrom('open' as const, 'drawer' as const, 'door' as const, 'pull-out' as const),
          }),
          { minLength: 1, maxLength: 5 },
        ),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .chain((bays) =>
      fc.constantFrom('none' as const, 'left' as const, 'pair' as const, 'sliding' as const).map((doors): Shape => ({
        ...plain,
        kind: 'cabinet',
        bays,
        doors,
        width: bays.reduce((sum, b) => sum + b.width + 16, 16),
        depth: 420,
        height: Math.max(...bays.map((b) => b.cells.reduce((sum, c) => sum + c.height + 16, 16))),
      })),
    ),
  fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 2, max: 8 })).map(([columns, rows]): Shape => ({
    ...plain,
    ...{ kind: 'cube shelf', asOne: true, board: 3, columns, depth: 150, bottom: 1000 },
    width: columns * 104 + 3,
    height: rows * 43 + 3,
    tiers: Array.from({ length: rows }, () => 40),
  })),
  fc.constant<Shape>({ ...plain, kind: 'table', width: 1200, depth: 700, height: 740, board: 28, underDepth: 300 }),
  fc.constant<Shape>({ ...plain, kind: 'rail', width: 900, depth: 60, height: 300, bottom: 1150, board: 0 }),
  fc.constant<Shape>({
    ...plain,
    kind: 'rack',
    width: 450,
    depth: 120,
    height: 1500,
    bottom: 250,
    board: 3,
    tiers: [200, 200, 200, 200, 200],
  }),
  fc.integer({ min: 2, max: 8 }).map((columns): Shape => ({
    ...plain,
    kind: 'carousel',
    width: 320,
    depth: 320,
    height: 320,
    columns,
    board: 6,
    tiers: [150, 150],
  })),
  fc
    .integer({ min: 1, max: 5 })
    .map((columns): Shape => ({ ...plain, kind: 'caddy', width: 330, depth: 180, height: 200, columns, board: 4 })),
  fc.integer({ min: 1000, max: 1400 }).map((width): Shape => ({
    ...plain,
    kind: 'corner cabinet',
    width,
    depth: width * 0.7,
    height: 860,
    doors: 'left',
    tiers: [380, 380],
  })),
);

/** A supply of any form, from a bead to a trunkful. */
export const supplyRow: fc.Arbitrary<Omit<Supply, 'id'>> = fc
  .record({
    form: fc.constantFrom(...FORMS),
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
    const round = s.form === 'rolls' || s.form === 'bottles' ? { thickness: s.width } : {};
    return {
      ...s,
      ...small,
      ...thin,
      ...round,
      ...SUPPLY_DEFAULTS,
      name: 'Thing',
      category: '',
      grammage: s.form === 'sheets' ? 120 : null,
      mass: s.form === 'sheets' ? null : 50,
      note: '',
      squeeze: s.form === 'soft' ? 0.8 : 1,
      traits: s.goesBack ? [] : (['keep upright', 'fragile'] as const).slice(0, s.count % 3),
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
      more: fc.record({
        slope: fc.boolean(),
        area: fc.boolean(),
        away: fc.boolean(),
        wheelchair: fc.boolean(),
        second: fc.boolean(),
        boxes: fc.array(
          fc.tuple(fc.nat(), fc.integer({ min: 40, max: 200 }), fc.integer({ min: 40, max: 200 }), fc.boolean()),
          { maxLength: 3 },
        ),
        walkway: fc.constantFrom(600, 750, 915),
      }),
    })
    .map(({ room, units, supplies: rows, locks, grow, more }) => {
      let plan = emptyPlan({ id: 'random', roomToGrow: grow, ceiling: 3200, walkway: more.walkway });
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
            pinned: true,
          }),
        );
      });
      more.boxes.forEach(([c, w, d, lid], i) => {
        const place = places[c % Math.max(1, places.length)];
        // Nothing stands in what is divided; containers.test.ts and checkContainers look at that.
        if (!place || place.parts) return;
        changes.push(
          set('containers', `box${i}`, {
            id: `box${i}`,
            name: `Box ${i}`,
            kind: 'box',
            width: w,
            depth: d,
            height: 60,
            insideWidth: w - 4,
            insideDepth: d - 4,
            insideHeight: 56,
            lid: lid ? 'on' : 'none',
            ...(w % 3 === 0 ? { divided: DIVISIONS[d % DIVISIONS.length], across: 2, along: 1 + (d % 3) } : {}),
            pulled: lid,
            seeThrough: !lid,
            price: 3,
            mass: null,
            arrangement: 'planned',
            unit: place.unit,
            slot: place.slot,
          }),
        );
      });
      return applyChanges(plan, [...changes, ...extras(plan, more)]).plan;
    });

/** What else a room may have: a slope, an area for guests with a cart that rolls away, a place elsewhere, a second activity. */
function extras(
  plan: Plan,
  more: { slope: boolean; area: boolean; away: boolean; wheelchair: boolean; second: boolean },
): Change[] {
  const changes: Change[] = [];
  const cart = Object.values(plan.units).find((u) => u.kind === 'cart');
  if (more.slope)
    changes.push(set('overheads', 'o', { id: 'o', name: 'Slope', kind: 'slope', corner: 'c0', low: 2600, run: 800 }));
  if (more.area) {
    changes.push(
      set('areas', 'bed', {
        id: 'bed',
        name: 'the bed',
        mode: 'guest',
        x: 1000,
        y: 1200,
        width: 900,
        depth: 1900,
        height: 900,
      }),
    );
    if (cart) {
      changes.push(set('units', cart.id, { wheels: true }));
      changes.push(set('spots', 'away', { id: 'away', unit: cart.id, mode: 'guest', x: 2000, y: 300, turn: 0 }));
      changes.push(set('spots', 'up', { id: 'up', unit: cart.id, station: 's', x: 1600, y: 1600, turn: 0 }));
      changes.push(set('helpers', 'h', { id: 'h', activity: 'a', cart: cart.id }));
    }
  }
  const last = Object.values(plan.units).at(-1);
  if (more.away && last && Object.keys(plan.units).length > 1) {
    changes.push(set('elsewheres', 'e', { id: 'e', name: 'Cellar', seconds: 30, conditions: ['damp'] }));
    changes.push(set('units', last.id, { elsewhere: 'e' }));
  }
  if (more.wheelchair) changes.push(set('people', 'p', { wheelchair: true }));
  if (more.second) {
    changes.push(
      set('activities', 'b', {
        id: 'b',
        name: 'Painting',
        sessionsPerWeek: 1,
        minutes: 30,
        station: 's',
        gives: ['dust'],
      }),
    );
    changes.push(set('activities', 'a', { needs: ['clean air', 'water', 'daylight'], sockets: 2, surfaceWidth: 900 }));
    changes.push(
      set('kits', 'k', {
        id: 'k',
        name: 'Kit',
        width: 300,
        depth: 200,
        height: 150,
        unit: last?.id ?? null,
        slot: 'd1',
      }),
    );
    changes.push(set('helpers', 'hk', { id: 'hk', activity: 'b', kit: 'k' }));
  }
  return changes;
}
