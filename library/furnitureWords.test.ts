import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { meansFurniture, meansSeat } from './furnitureWords.ts';
import { furnitureIn } from './saidFurniture.ts';
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

const read = (text: string) => furnitureIn(text).map((p) => [p.title, p.count, p.name]);

test('a line of furniture is read as people type it', () => {
  expect(read('table, 2 bookcases and a pegboard')).toEqual([
    ['Work table', 1, 'Table'],
    ['Bookcase', 2, 'Bookcase'],
    ['Pegboard', 1, 'Pegboard'],
  ]);
  expect(read('4 carts; cube shelf, desk, three drawers').map(([title, n]) => [title, n])).toEqual([
    ['Three-tier cart', 4],
    ['Cube shelf', 1],
    ['Work table', 1],
    ['Slim drawer unit', 3],
  ]);
  expect(read('ironing table, craft desk, dresser, bed, daybed, sofa, chair').map(([title]) => title)).toEqual([
    ...['Ironing board', 'Work table', 'Wide drawer unit', 'Bed', 'Daybed', 'Sofa', 'Chair'],
  ]);
});

test.each([
  ['ink pad rack', 'Pad rack'],
  ['countertop', 'Standing worktop'],
  ['thread rack', 'Thread rack'],
  ['paper trays', 'Paper rack'],
  ['closet', 'Tall cabinet with doors'],
  ['bins under the table', 'Open bin'],
  ['chest of drawers', 'Wide drawer unit'],
  ['cutting table', 'Standing worktop'],
  ['an old wooden workbench', 'Work table'],
])('“%s” is a %s', (typed, title) => {
  expect(furnitureIn(typed).map((p) => [p.title, p.count])).toEqual([[title, 1]]);
});

test('numbers are of the piece or of what it has, as a person means them', () => {
  const [cubes] = furnitureIn('8 cube shelf');
  expect(cubes).toMatchObject({ title: 'Cube shelf', count: 1, cells: { columns: 2, rows: 4 } });
  expect(furnitureIn('cube shelf 2x4')[0]).toMatchObject({ count: 1, cells: { columns: 2, rows: 4 } });
  expect(furnitureIn('12 drawer tower')[0]).toMatchObject({ title: 'Tall drawer unit', count: 1, tiers: 12 });
  expect(furnitureIn('3 drawer carts')[0]).toMatchObject({ title: 'Drawer cart', count: 3 });
  expect(furnitureIn('4 tier cart')[0]).toMatchObject({ title: 'Four-tier cart', count: 1 });
  expect(furnitureIn('desk with two drawers on each side')).toMatchObject([
    { title: 'Work table', count: 1, name: 'Desk' },
    { title: 'Under-desk drawers', count: 2, tiers: 2 },
  ]);
  expect(furnitureIn('desk 2 m, small counter 4 x 3 ft')).toMatchObject([
    { title: 'Work table', size: { wide: 2, deep: null, unit: 'm' } },
    { title: 'Standing worktop', size: { wide: 4, deep: 3, unit: 'ft' } },
  ]);
  expect(furnitureIn('In another room: a cupboard')[0]).toMatchObject({ elsewhere: 'another room', count: 1 });
  expect(furnitureIn('closet in the hall')[0]).toMatchObject({ title: 'Tall cabinet with doors', elsewhere: 'hall' });
});

test('what nothing is called is kept, with the three that are most like it', () => {
  const [ship, cart] = furnitureIn('spaceship, cart');
  expect(ship).toMatchObject({ typed: 'spaceship', title: null });
  expect(ship!.nearest).toHaveLength(3);
  expect(cart!.title).toBe('Three-tier cart');
  expect(furnitureIn('ribbon thingie')[0]!.nearest).toContain('Rail with rods');
});

test('property: every word of a list ends up in a piece, and every title is one of the library', () => {
  const titles = new Set(UNIT_TYPES.map((t) => t.title));
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...titles, 'spaceship', 'my old thing'), { maxLength: 6 }), (names) => {
      const pieces = furnitureIn(names.join(', '));
      expect(pieces.map((p) => p.typed)).toEqual(expect.arrayContaining(names));
      for (const p of pieces) expect(p.title === null || titles.has(p.title)).toBe(true);
    }),
    { numRuns: runs(40) },
  );
});

test('what is typed begins a word: a lamp is no clamp, a bin no cabinet', () => {
  expect(found('lamp').filter((t) => /clamp/i.test(t))).toEqual([]);
  expect(found('bin').filter((t) => /cabinet/i.test(t))).toEqual([]);
  expect(found('cab')).toContain('Tall cabinet with doors');
  expect(found('work-table')).toEqual(found('work table'));
});
