import { meansFurniture, meansSeat } from './furnitureWords.ts';
import { UNIT_TYPES } from './units.ts';

const found = (typed: string) =>
  UNIT_TYPES.filter((t) => meansFurniture(typed, `${t.title} ${t.hint} ${t.group}`)).map((t) => t.title);

test.each(['sewing', 'dresser', 'desk', 'closet', 'wardrobe', 'trolley', 'cupboard', 'cubbies', 'hooks', 'basket'])(
  'something is found for “%s”',
  (word) => {
    expect(found(word)).not.toEqual([]);
  },
);

test('a dresser is drawers, a sewing table a table; nothing in particular finds all', () => {
  expect(found('dresser')).toContain('Wide drawer unit');
  expect(found('Sewing')).toContain('Work table');
  expect(found(' ')).toHaveLength(UNIT_TYPES.length);
  expect(found('aquarium')).toEqual([]);
});

test('a chair is a seat', () => {
  expect([meansSeat('chair'), meansSeat('Chairs'), meansSeat('cart'), meansSeat('')]).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
