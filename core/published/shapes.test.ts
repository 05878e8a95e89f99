/** Circles in a rectangle and rectangles in a rectangle against published results. */
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { rectangleFits, slantOf } from '../geometry/diagonal.ts';
import { fit } from '../fit/fit.ts';
import { layOut } from '../fit/layOut.ts';
import { piecesIn } from '../fit/pieces.ts';
import { SUPPLY_DEFAULTS, type Supply } from '../model/plan.ts';

const jar = (diameter: number, count = 10_000): Supply => ({
  ...SUPPLY_DEFAULTS,
  id: 'jar',
  name: 'Jar',
  category: '',
  form: 'bottles',
  count,
  length: 50,
  width: diameter,
  thickness: diameter,
  grammage: null,
  mass: null,
  orientations: ['end'],
  goesBack: true,
  note: '',
});
const floor = (width: number, depth: number) => ({
  access: 'drawer' as const,
  walls: 'all' as const,
  inside: { width, depth, height: 80 },
});
/** How many circles the fit puts into a rectangle. */
const circlesIn = (width: number, depth: number, diameter: number) =>
  fit(jar(diameter), 10_000, floor(width, depth)).count;

/**
 * Largest radius of n equal circles in a unit square: E. Specht, "The best known packings of equal circles in a square"
 * (table; the first ten proved by several authors, 16, 25 and 36 by Wengerodt and by Kirchner & Wengerodt). Values from
 * memory to six places.
 */
const RADIUS: ReadonlyArray<readonly [n: number, radius: number]> = [
  [1, 0.5],
  [2, 0.292893],
  [3, 0.254333],
  [4, 0.25],
  [5, 0.207107],
  [6, 0.187681],
  [7, 0.174458],
  [8, 0.170541],
  [9, 0.166667],
  [10, 0.148204],
  [16, 0.125],
  [25, 0.1],
  [36, 0.083333],
];

test.each(RADIUS)('%d circles in a square: never more than the best known', (n, radius) => {
  // A hair larger than the best known radius: n circles cannot fit.
  expect(circlesIn(1000, 1000, 2000 * radius * 1.0001)).toBeLessThan(n);
});

test.each(RADIUS.filter(([n]) => [1, 2, 4, 5, 9, 16, 25, 36].includes(n)))(
  '%d circles in a square: a pattern of square or staggered rows reaches the best known',
  (n, radius) => {
    expect(circlesIn(1000, 1000, 2000 * radius * 0.9999)).toBe(n);
  },
);

test('jars of 60 mm in a drawer 330 x 430: staggered rows beat square ones', () => {
  // Columns of 7 and 6 by turns, 51.5 mm apart: (330 - 60) / 51.5 + 1 = 6 columns, 3 x 7 + 3 x 6.
  expect(circlesIn(330, 430, 60)).toBe(39);
  expect(Math.floor(330 / 60) * Math.floor(430 / 60)).toBe(35);
});

test('property: as they are drawn, circles lie inside and do not overlap, as many as are said to fit', () => {
  const side = fc.integer({ min: 60, max: 500 });
  fc.assert(
    fc.property(side, side, fc.double({ min: 8, max: 90, noNaN: true }), (width, depth, diameter) => {
      const count = Math.min(150, circlesIn(width, depth, diameter));
      if (count === 0) return;
      const { laid } = layOut(floor(width, depth), [{ supply: jar(diameter, count), count, only: null }], [], 0);
      expect(laid[0]!.fits).toBe(count);
      const centres = piecesIn(laid[0]!, 200)!.map((m) => ({ x: m.x + m.w / 2, y: m.y + m.d / 2 }));
      expect(centres).toHaveLength(count);
      const inside = centres.every((a) => Math.min(a.x, a.y, width - a.x, depth - a.y) >= diameter / 2 - 1e-5);
      const apart = centres.every((a, i) =>
        centres.slice(0, i).every((b) => Math.hypot(a.x - b.x, a.y - b.y) >= diameter - 1e-5),
      );
      expect({ inside, apart }).toEqual({ inside: true, apart: true });
    }),
    { numRuns: runs(150) },
  );
});

// Carver 1957, "The Rectangle in a Rectangle" (as in the plan's methods).
test('a steel rule of 600 x 30 fits slanting in 500 x 400, not in 500 x 380', () => {
  expect(rectangleFits(600, 30, 500, 400)).toBe(true);
  expect(rectangleFits(600, 30, 500, 380)).toBe(false);
});

test('property: where it fits slanting, its corners lie inside at the angle given; a little more never fits less', () => {
  const side = fc.integer({ min: 20, max: 900 });
  fc.assert(
    fc.property(side, fc.integer({ min: 1, max: 200 }), side, side, (p, q, a, b) => {
      const angle = slantOf(p, q, a, b);
      expect(rectangleFits(p, q, a, b)).toBe(angle !== null);
      if (angle === null) return;
      const t = (angle * Math.PI) / 180;
      const [long, short] = [Math.max(p, q), Math.min(p, q)];
      expect(long * Math.cos(t) + short * Math.sin(t)).toBeLessThanOrEqual(Math.max(a, b) + 1e-6);
      expect(long * Math.sin(t) + short * Math.cos(t)).toBeLessThanOrEqual(Math.min(a, b) + 1e-6);
      expect(rectangleFits(p, q, a + 1, b + 1)).toBe(true);
    }),
    { numRuns: runs(150) },
  );
});
