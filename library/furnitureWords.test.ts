import { furnitureIn, meansFurniture, meansSeat } from './furnitureWords.ts';
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

test('a line of furniture is read as people type it', () => {
  const titles = UNIT_TYPES.map((t) => t.title);
  const read = (text: string) => [...furnitureIn(text, titles).found];
  expect(read('table, 2 bookcases and a pegboard')).toEqual([
    ['Work table', 1],
    ['Bookcase', 2],
    ['Pegboard', 1],
  ]);
  expect(read('4 carts; cube shelf, desk, three drawers')).toEqual([
    ['Three-tier cart', 4],
    ['Cube shelf', 1],
    ['Work table', 1],
    ['Slim drawer unit', 3],
  ]);
  expect(read('ironing table, craft desk')).toEqual([['Work table', 2]]);
  expect(furnitureIn('spaceship, cart', titles).unknown).toEqual(['spaceship']);
});

test('what is typed begins a word: a lamp is no clamp, a bin no cabinet', () => {
  expect(found('lamp').filter((t) => /clamp/i.test(t))).toEqual([]);
  expect(found('bin').filter((t) => /cabinet/i.test(t))).toEqual([]);
  expect(found('cab')).toContain('Tall cabinet with doors');
  expect(found('work-table')).toEqual(found('work table'));
});
