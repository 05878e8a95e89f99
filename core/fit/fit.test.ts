import { runs } from '@heronstone/testing/runs.ts';
import { holds } from '@heronstone/testing/holds.ts';
import fc from 'fast-check';
import { supplyRow } from '@heronstone/testing/randomPlan.ts';
import { SUPPLY_DEFAULTS, type Supply } from '../model/plan.ts';
import { chooseLie, fit, lieWords, massEach, volume } from './fit.ts';
import { posesOf, LOOSE_FILL, stripWidth } from './poses.ts';

const base: Supply = {
  id: 's',
  name: 'Thing',
  category: '',
  form: 'pieces',
  count: 1,
  length: 140,
  width: 12,
  thickness: 12,
  grammage: null,
  mass: 14,
  orientations: ['flat', 'edge', 'end'],
  goesBack: true,
  note: '',
  ...SUPPLY_DEFAULTS,
};
const drawer = (width: number, depth: number, height: number) => ({
  access: 'drawer' as const,
  walls: 'all' as const,
  inside: { width, depth, height },
});
const flat = { orientations: ['flat' as const] };

describe('pieces', () => {
  test('84 markers lying flat in a shallow drawer: by hand 3 rows x 25 columns in one layer', () => {
    const found = fit({ ...base, ...flat, count: 84 }, 84, drawer(310, 438, 30));
    // Across the width 12 mm each: 25 columns; into the depth 140 mm: 3 rows; one layer of 12 in the 20 mm under the frame.
    expect(found.count).toBe(75);
    expect(found.lie).toMatchObject({ across: 12, into: 140, rows: 3, layers: 1 });
    expect(lieWords(base, found.lie!, found.count)).toBe('lying flat, one layer');
  });

  test('a piece that is too tall on edge says by how much', () => {
    const found = fit(
      { ...base, length: 200, width: 80, thickness: 30, orientations: ['edge'] },
      1,
      drawer(310, 438, 70),
    );
    expect(found).toMatchObject({ count: 0, possible: false, reason: '20 mm too tall on edge' });
  });

  test('what is left of the width decides, and is named', () => {
    const found = fit({ ...base, length: 300, width: 100, thickness: 50, ...flat }, 1, drawer(310, 438, 70), 90);
    expect(found).toMatchObject({ count: 0, possible: true, reason: 'needs 100 mm of width, only 90 mm is free' });
  });

  test('an orientation that is not allowed does not fit', () => {
    expect(fit({ ...base, ...flat }, 1, drawer(310, 438, 200), 310, 'end').count).toBe(0);
  });

  test('pieces on end do not stand on each other, blocks do', () => {
    const high = (length: number) =>
      posesOf({ ...base, length, width: 40, thickness: 40, orientations: ['end'] }, holds('drawer', 300, 300, 400)).map(
        (l) => l.layers,
      );
    expect(new Set(high(90))).toEqual(new Set([1]));
    expect(new Set(high(50))).toEqual(new Set([4]));
  });
});

describe('sheets', () => {
  const paper: Supply = {
    ...base,
    form: 'sheets',
    length: 297,
    width: 210,
    thickness: 0.27,
    grammage: 220,
    mass: null,
    count: 250,
  };
  test('a stack is count x thickness high', () => {
    const found = fit({ ...paper, ...flat }, 250, drawer(310, 438, 80));
    expect(found.count).toBe(250);
    expect(found.lie!.up).toBeCloseTo(67.5, 9);
  });

  test('250 sheets of 0.27 mm do not go in one stack of 60 mm; two stacks of 210 need 420 of width', () => {
    expect(fit({ ...paper, ...flat }, 250, drawer(310, 300, 70)).count).toBe(222);
    expect(fit({ ...paper, ...flat }, 250, drawer(430, 300, 70)).count).toBe(250);
  });

  test('upright they take their thickness of width', () => {
    const found = fit({ ...paper, orientations: ['edge'] }, 100, holds('box', 330, 380, 330));
    expect(found.count).toBe(100);
    expect(found.width).toBeCloseTo(27, 9);
    // On a shelf they would bend and slide down.
    expect(fit({ ...paper, orientations: ['edge'] }, 100, holds('open', 330, 380, 330))).toMatchObject({
      count: 0,
      reason: expect.stringMatching(/^would bend and slide down/) as string,
    });
  });

  test('mass of a sheet is area x grammage: A4 at 80 g/m² has 4.99 g', () => {
    expect(massEach({ ...paper, grammage: 80 })).toBeCloseTo(4.9896, 9);
    expect(massEach({ ...base, mass: null })).toBeNull();
  });
});

test('loose things fill their strip to 60 %', () => {
  const beads: Supply = { ...base, form: 'loose', length: 10, width: 10, thickness: 5, count: 1000 };
  const found = fit(beads, 1000, drawer(300, 100, 60));
  const strip = found.width * 100 * 50;
  expect(500 * 1000).toBeLessThanOrEqual(strip * LOOSE_FILL + 1);
  expect(found.width).toBeCloseTo(500_000 / LOOSE_FILL / 5000);
  expect(fit(beads, 500, { access: 'peg', walls: 'none', inside: { width: 800, depth: 20, height: 600 } }).count).toBe(
    0,
  );
});

test('hung things take their outline and a finger gap on the board', () => {
  const board = { access: 'peg' as const, walls: 'none' as const, inside: { width: 800, depth: 20, height: 600 } };
  const scissors: Supply = { ...base, length: 240, width: 90, thickness: 20, orientations: ['end'] };
  const found = fit(scissors, 4, board);
  expect(found.lie).toMatchObject({ layers: 2, perColumn: 2 });
  // 90 mm and a finger gap of 20, to the next hook at 125.
  expect(found.width).toBe(2 * 125);
  expect(fit({ ...scissors, thickness: 130, width: 130 }, 1, board).count).toBe(0);
});

test('property: what fits lies inside, never more than is free, and more room never holds less', () => {
  const sides = fc.integer({ min: 30, max: 900 });
  fc.assert(
    fc.property(
      supplyRow,
      sides,
      sides,
      sides,
      fc.constantFrom('open' as const, 'drawer' as const, 'lid' as const, 'peg' as const),
      fc.integer({ min: 0, max: 300 }),
      (row, width, depth, height, access, more) => {
        const supply = { ...row, id: 's' };
        const place = holds(access, width, depth, height);
        const found = fit(supply, supply.count, place);
        expect(found.count).toBeLessThanOrEqual(supply.count);
        expect(found.width).toBeLessThanOrEqual(width + 1e-6);
        if (found.lie) {
          const { across, into, up, rows, layers } = found.lie;
          expect(stripWidth(found.lie, found.count)).toBeCloseTo(found.width, 9);
          expect(across).toBeLessThanOrEqual(width);
          if (access !== 'peg') expect(into * rows).toBeLessThanOrEqual(depth + 1e-6);
          if (supply.form === 'pieces') expect(up * layers).toBeLessThanOrEqual(height + 1e-6);
          // The volume of what lies there is not more than the strip that it is given.
          if (access !== 'peg')
            expect(volume(supply, found.count)).toBeLessThanOrEqual((found.width * depth * height) / 1e6 + 1e-6);
        } else expect(found.reason).toBeTruthy();
        expect(fit(supply, supply.count, place, width + more).count).toBeGreaterThanOrEqual(found.count);
        expect(chooseLie(posesOf(supply, place), supply.count, width)?.count ?? 0).toBe(found.count);
      },
    ),
    { numRuns: runs(150) },
  );
});
