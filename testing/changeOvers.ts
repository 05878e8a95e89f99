/** Small rooms with random todays and plans, for properties of the move. Without an outline, so that they are quick. */
import fc from 'fast-check';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import {
  emptyPlan,
  STANDING_DEFAULTS,
  SUPPLY_DEFAULTS,
  UNIT_DEFAULTS,
  type Plan,
} from '@heronstone/core/model/plan.ts';

const base = applyChanges(emptyPlan({ id: 'change' }), [
  set('people', 'ann', { id: 'ann', name: 'Maker', stature: 1700 }),
  ...['left', 'right'].map((id, i) =>
    set('units', id, {
      ...UNIT_DEFAULTS,
      ...STANDING_DEFAULTS,
      ...{ id, name: id, kind: 'drawer unit', width: 360, depth: 480, height: 700, tiers: [90, 90, 120] },
      ...{ x: 400 + i * 900, y: 300, turn: 0 },
    }),
  ),
  set('units', 'shelf', {
    ...UNIT_DEFAULTS,
    ...STANDING_DEFAULTS,
    ...{ id: 'shelf', name: 'shelf', kind: 'bookcase', width: 800, depth: 300, height: 1200, tiers: [300, 300] },
    ...{ x: 2200, y: 300, turn: 0 },
  }),
  set('stations', 'seat', {
    ...{ id: 'seat', name: 'Seat', unit: null, person: 'ann', x: 900, y: 1500, facing: 0, posture: 'seated' },
    seatHeight: 450,
  }),
]).plan;

const PLACES = ['left/d1', 'left/d2', 'left/d3', 'right/d1', 'right/d2', 'right/d3', 'shelf/s1', 'shelf/s2'];

const part = fc.record({
  place: fc.nat({ max: 7 }),
  box: fc.nat({ max: 5 }),
  count: fc.integer({ min: 1, max: 12 }),
  spare: fc.boolean(),
});
const supply = fc.record({
  size: fc.tuple(fc.integer({ min: 20, max: 160 }), fc.integer({ min: 20, max: 120 }), fc.integer({ min: 5, max: 70 })),
  today: fc.array(part, { maxLength: 2 }),
  planned: fc.array(part, { maxLength: 2 }),
  away: fc.nat({ max: 11 }),
});
const box = fc.record({
  today: fc.integer({ min: -1, max: 7 }),
  planned: fc.integer({ min: -1, max: 7 }),
  kind: fc.nat({ max: 1 }),
  owned: fc.boolean(),
});

/** A plan with a today and a plan that may have little to do with each other: boxes move, are new or go, drawers change as a whole. */
export const beforeAndAfter: fc.Arbitrary<Plan> = fc
  .record({
    supplies: fc.array(supply, { minLength: 2, maxLength: 9 }),
    boxes: fc.array(box, { maxLength: 3 }),
    swap: fc.nat({ max: 5 }),
  })
  .map(({ supplies, boxes, swap }) => {
    const changes: Change[] = [];
    const at = (place: number) => {
      const [unit, slot] = PLACES[place]!.split('/') as [string, string];
      return { unit, slot };
    };
    boxes.forEach((b, i) => {
      for (const arrangement of ['today', 'planned'] as const) {
        if (b[arrangement] < 0) continue;
        const id = `${arrangement === 'today' ? 'now' : 'then'}${i}`;
        const [width, depth, height] = b.kind === 0 ? [120, 160, 60] : [150, 200, 80];
        changes.push(
          set('containers', id, {
            ...{
              id,
              name: `Box ${i}`,
              kind: 'box',
              width,
              depth,
              height,
              lid: 'none',
              pulled: false,
              seeThrough: false,
            },
            ...{ insideWidth: width - 4, insideDepth: depth - 4, insideHeight: height - 4, price: null, mass: null },
            ...{ arrangement, ...at(b[arrangement]), owned: b.owned || arrangement === 'today' },
          }),
        );
      }
    });
    supplies.forEach((s, i) => {
      const id = `s${i}`;
      const sum = (rows: typeof s.today) => rows.reduce((n, p) => n + p.count, 0);
      // One in six is a drawer that goes over as a whole: all of it to the drawer beside.
      const swapped = swap === 0 && i < 4;
      const rows = {
        today: swapped ? [{ place: i < 2 ? 0 : 3, box: 5, count: 2, spare: false }] : s.today,
        planned: swapped ? [{ place: i < 2 ? 3 : 0, box: 5, count: 2, spare: false }] : s.planned,
      };
      const count = Math.max(1, sum(rows.today), sum(rows.planned));
      const [length, width, thickness] = [...s.size].sort((a, b) => b - a);
      changes.push(
        set('supplies', id, {
          ...SUPPLY_DEFAULTS,
          ...{ id, name: `Thing ${i}`, category: 'Things', form: 'pieces', count, length, width, thickness },
          ...{ grammage: null, mass: 20, orientations: ['flat', 'edge', 'end'], goesBack: true, note: '' },
          decision: s.away === 0 && !swapped ? 'give away' : null,
        }),
      );
      for (const arrangement of ['today', 'planned'] as const) {
        if (arrangement === 'planned' && s.away === 0 && !swapped) continue;
        // Spares lie apart.
        const alone = (place: number) => rows[arrangement].filter((q) => q.place === place).length === 1;
        rows[arrangement].forEach((p, k) => {
          const home = boxes[p.box];
          const boxed = home && home[arrangement] >= 0 && !(swap === 0 && p.place < 6);
          const container = boxed ? `${arrangement === 'today' ? 'now' : 'then'}${p.box}` : null;
          const row = `${id}-${arrangement}-${k}`;
          const place = boxed ? home[arrangement] : swap === 0 && !swapped ? 6 + (p.place % 2) : p.place;
          changes.push(
            set('placements', row, {
              ...{ id: row, arrangement, supply: id, ...at(place), container, count: p.count, orientation: null },
              ...{
                pinned: false,
                spare: p.spare && k > 0 && arrangement === 'planned' && swap !== 0 && !boxed && alone(p.place),
              },
            }),
          );
        });
      }
    });
    return applyChanges(base, changes).plan;
  });
