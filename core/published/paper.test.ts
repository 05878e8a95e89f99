/** Paper against published values. */
import { ENVELOPE_SIZES, grammageOf, SHEET_SIZES, sheetMass } from '../fit/sheets.ts';

describe('grammage of American basis weights', () => {
  // Source: the definition (500 sheets of the basic size), as in TAPPI T 410; rounded values as printed in paper handbooks (values from memory).
  test.each([
    [80, 'cover', 216],
    [110, 'cover', 297],
    [65, 'cover', 176],
    [110, 'index', 199],
    [20, 'bond', 75],
    [24, 'bond', 90],
    [80, 'text', 118],
    // Of mills' tables of equivalent weights, from memory: tag, bristol, offset (as text), watercolour 140 lb.
    [100, 'tag', 163],
    [150, 'tag', 244],
    [100, 'bristol', 219],
    [67, 'bristol', 147],
    [60, 'text', 89],
    [70, 'text', 104],
    [140, 'index', 253],
    [90, 'index', 163],
    [100, 'cover', 270],
  ] as const)('%d lb %s is %d g/m²', (pounds, basis, wanted) => {
    expect(Math.abs(grammageOf(pounds, basis) - wanted)).toBeLessThanOrEqual(1);
  });

  test('a ream of 20 lb bond, 17 x 22 in, weighs twenty pounds', () => {
    const sheet = sheetMass(17 * 25.4, 22 * 25.4, grammageOf(20, 'bond'));
    expect((500 * sheet) / 453.59237).toBeCloseTo(20, 6);
  });
});

describe('sheet sizes', () => {
  // Source: ISO 216:2007, A series: A0 has 1 m² and sides 1 : √2; each next size halves the longer side, rounded down to whole mm.
  test('the A series follows its own rule', () => {
    expect((SHEET_SIZES.a0![0] * SHEET_SIZES.a0![1]) / 1e6).toBeCloseTo(1, 2);
    for (let n = 0; n < 7; n++) {
      const [long, short] = SHEET_SIZES[`a${n}`]!;
      expect(SHEET_SIZES[`a${n + 1}`]).toEqual([short, Math.floor(long / 2)]);
      expect(long / short).toBeCloseTo(Math.SQRT2, 1);
    }
  });

  // Source: ISO 269:1985, envelopes.
  test('the B series: the geometric mean of two A sizes; SRA3 holds A3 with a margin', () => {
    for (const n of [4, 5, 6]) {
      const [[a], [b]] = [SHEET_SIZES[`a${n}`]!, SHEET_SIZES[`a${n - 1}`]!];
      expect(Math.abs(SHEET_SIZES[`b${n}`]![0] - Math.sqrt(a * b))).toBeLessThan(1.5);
    }
    expect(SHEET_SIZES.sra3![0]).toBeGreaterThan(SHEET_SIZES.a3![0]);
  });

  test('an A6 envelope is not an A6 sheet, but takes one; #10 takes a letter folded in three', () => {
    expect(ENVELOPE_SIZES.a6!.map((mm) => mm / 25.4)).toEqual([6.5, 4.75]);
    const holds = (envelope: readonly [number, number], [a, b]: readonly [number, number]) =>
      envelope[0] >= a && envelope[1] >= b;
    expect(holds(ENVELOPE_SIZES.a6!, SHEET_SIZES.a6!)).toBe(true);
    expect(holds(ENVELOPE_SIZES['#10']!, [8.5 * 25.4, (11 / 3) * 25.4])).toBe(true);
    expect(holds(ENVELOPE_SIZES.a9!, [8.5 * 25.4, 5.5 * 25.4])).toBe(true);
  });

  test('envelopes C5, C6 and DL', () => {
    expect([ENVELOPE_SIZES.c5, ENVELOPE_SIZES.c6, ENVELOPE_SIZES.dl]).toEqual([
      [229, 162],
      [162, 114],
      [220, 110],
    ]);
  });

  // Source: ANSI/ASME Y14.1 for letter; A2 and A7 envelopes: common practice, no source.
  test('letter and the A2 and A7 envelopes, with the cards they are made for', () => {
    expect(SHEET_SIZES.letter!.map((s) => Math.round(s * 10) / 10)).toEqual([279.4, 215.9]);
    const holds = (envelope: readonly [number, number], a: number, b: number) =>
      envelope[0] >= a * 25.4 && envelope[1] >= b * 25.4;
    expect(holds(ENVELOPE_SIZES.a2!, 5.5, 4.25)).toBe(true);
    expect(holds(ENVELOPE_SIZES.a7!, 7, 5)).toBe(true);
    expect(holds(ENVELOPE_SIZES.a2!, 7, 5)).toBe(false);
  });

  // Source: arithmetic; the usual figure for a sheet of A4 copy paper is 5 g.
  test('500 sheets of A4 at 80 g/m² weigh 2.5 kg', () => {
    expect(500 * sheetMass(297, 210, 80)).toBeCloseTo(2495, 0);
  });
});
