/** What one click adds, in empty rooms of several forms: every type of the library stands free and in sight, without an error. */
import fc from 'fast-check';
import { UNIT_TYPES } from '@heronstone/library/units.ts';
import { having, rectangle } from '@heronstone/testing/rooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { footprint } from '../furniture/footprint.ts';
import { overlapDepth } from '../geometry/geometry.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { newUnit, seatBefore } from './newUnit.ts';

const add = (plan: Plan, title: string) => {
  const type = UNIT_TYPES.find((t) => t.title === title)!;
  let n = 0;
  const { unit, changes } = newUnit(
    plan,
    type.shape,
    type.group === 'On the wall and the door',
    () => `${type.shape.kind.replace(/ /g, '-')}-${title.length}-${n++}`,
  );
  return { plan: having(plan, ...changes), unit };
};
const tables = UNIT_TYPES.filter((t) => t.shape.kind === 'table' && t.shape.bottom === 0);
const rest = UNIT_TYPES.filter(
  (t) => !['table', 'seat'].includes(t.shape.kind) && t.shape.bottom === 0 && t.group !== 'Into a cube opening',
);

describe.each([
  ['metric', rectangle(3000, 2600)],
  ['feet and inches', rectangle(3048, 3658)],
  ['a large room', rectangle(6000, 5000)],
])('%s', (name, room) => {
  const plan = having(
    room,
    ...(name === 'metric' ? [] : [{ table: 'meta' as const, id: room.meta.id, set: { units: 'imperial' } }]),
  );

  // In a large room there is room for everything: one table is enough.
  test.each((name === 'a large room' ? tables.slice(0, 1) : tables).map((t) => t.title))(
    '%s first, then any other piece: no error, nothing walled in, nothing hidden',
    (table) => {
      const first = add(plan, table);
      expect(evaluate(first.plan).findings.filter((f) => f.severity === 'error')).toEqual([]);
      // After the first table every other piece, in the small room; else a bookcase and every nth of them.
      const at = tables.findIndex((t) => t.title === table);
      const all = at === 0 && name === 'metric';
      for (const type of rest.filter((t, i) => all || t.title === 'Bookcase' || i % tables.length === at)) {
        const next = add(first.plan, type.title);
        const { findings } = evaluate(next.plan);
        expect([type.title, findings.filter((f) => f.severity === 'error').map((f) => f.message)]).toEqual([
          type.title,
          [],
        ]);
        expect([type.title, findings.filter((f) => /walled in/.test(f.message)).map((f) => f.message)]).toEqual([
          type.title,
          [],
        ]);
        // Seen from above, the two stand side by side.
        expect(overlapDepth(footprint(first.unit), footprint(next.unit))).toBeLessThanOrEqual(0.5);
      }
    },
  );
});

const room = fc.record({
  wide: fc.integer({ min: 2600, max: 5000 }),
  deep: fc.integer({ min: 2600, max: 4600 }),
  door: fc.record({ wall: fc.integer({ min: 0, max: 3 }), offset: fc.integer({ min: 60, max: 900 }) }),
  titles: fc.uniqueArray(fc.constantFrom(...rest.map((t) => t.title)), { minLength: 2, maxLength: 4 }),
});
test('property: a table and pieces of the library, one after another in a room with a door: none takes the way, the seat or the drawers of another', () => {
  let worse = 0;
  let rooms = 0;
  fc.assert(
    fc.property(room, ({ wide, deep, door, titles }) => {
      let plan = having(rectangle(wide, deep), {
        table: 'openings',
        id: 'door',
        set: {
          ...{ id: 'door', kind: 'door', corner: `c${door.wall}`, offset: door.offset, width: 760, height: 2000 },
          ...{ sill: 0, hinge: 'left', swing: 'in' },
        },
      });
      for (const title of ['Work table', ...titles]) plan = add(plan, title).plan;
      const found = evaluate(plan).findings.filter((f) => f.by !== undefined || f.severity === 'error');
      rooms++;
      if (found.length > 0) worse++;
    }),
    { numRuns: runs(8, 2000) },
  );
  // A room can be too small for what is put into it; most are not.
  expect(worse / rooms).toBeLessThan(0.1);
});

test('a seat that the maker adds has a way out, too', () => {
  const { plan, unit } = add(rectangle(3000, 2600), 'Work table');
  let n = 0;
  const two = having(plan, ...seatBefore(plan, unit, () => `s${n++}`));
  expect(Object.keys(two.stations)).toHaveLength(2);
  expect(Object.keys(two.people)).toHaveLength(1);
});

test('before there are walls pieces stand beside each other', () => {
  let plan = emptyPlan({ id: 'p' });
  const units = ['Work table', 'Bookcase'].map((title) => {
    const next = add(plan, title);
    plan = next.plan;
    return next.unit;
  });
  expect(overlapDepth(footprint(units[0]!), footprint(units[1]!))).toBeLessThanOrEqual(0);
});
