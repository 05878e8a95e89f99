import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { rowsOf, wholeInRows } from './rows.ts';

test('four walls are parted in the middle', () => {
  expect(rowsOf([4000, 3000, 4000, 3000], 2)).toEqual([
    { from: 0, to: 7000 },
    { from: 7000, to: 14_000 },
  ]);
  expect(rowsOf([4000], 3)).toEqual([{ from: 0, to: 4000 }]);
});

test('the rows follow each other, begin and end at walls, and no other parting has a shorter longest row', () => {
  const lengths = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 7 });
  fc.assert(
    fc.property(lengths, fc.integer({ min: 1, max: 3 }), (walls, count) => {
      const rows = rowsOf(walls, count);
      expect([rows[0]!.from, rows.at(-1)!.to]).toEqual([0, walls.reduce((a, b) => a + b)]);
      rows.slice(1).forEach((r, i) => expect(r.from).toBe(rows[i]!.to));
      // All ways to part them, by the places where a row ends.
      const longest = (from: number, left: number): number => {
        const all = (to: number) => walls.slice(from, to).reduce((a, b) => a + b, 0);
        if (left === 1 || from === walls.length - 1) return all(walls.length);
        const ends = Array.from({ length: walls.length - from - 1 }, (_, i) => from + 1 + i);
        return Math.min(all(walls.length), ...ends.map((to) => Math.max(all(to), longest(to, left - 1))));
      };
      expect(Math.max(...rows.map((r) => r.to - r.from))).toBe(longest(0, count));
    }),
    { numRuns: runs(200) },
  );
});

test('a high frame takes more rows than a low one', () => {
  const walls = [4000, 3000, 4000, 3000];
  expect(wholeInRows(walls, 2500, 30, { wide: 1500, tall: 200 }).rows).toHaveLength(1);
  expect(wholeInRows(walls, 2500, 30, { wide: 1500, tall: 900 }).rows).toHaveLength(2);
});
