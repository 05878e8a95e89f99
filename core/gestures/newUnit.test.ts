/** What one click adds, in empty rooms of several forms: every type of the library stands free and in sight, without an error. */
import { UNIT_TYPES } from '@heronstone/library/units.ts';
import { having, rectangle } from '@heronstone/testing/rooms.ts';
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
  (t) => t.shape.kind !== 'table' && t.shape.bottom === 0 && t.group !== 'Into a cube opening',
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

  test.each(tables.map((t) => t.title))(
    '%s first, then any other piece: no error, nothing walled in, nothing hidden',
    (table) => {
      const first = add(plan, table);
      expect(evaluate(first.plan).findings.filter((f) => f.severity === 'error')).toEqual([]);
      for (const type of rest) {
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
