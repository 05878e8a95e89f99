/** Paper as people type it: weights in pounds and grams wherever they stand, envelopes, sizes by name, what is weighed. */
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { readPaper } from '../fit/paperWeight.ts';
import type { UnitSystem } from '../model/measure.ts';
import { readLine } from './read.ts';

const read = (line: string, system: UnitSystem = 'metric') => readLine(line, system, [], KINDS);
const inch = 25.4;

// Grammage by hand: pounds x 453.592 / (500 x basic area in m²).
test.each([
  ['50 sheets 80 lb cover letter', 216],
  ['80 lb cover, letter, 50 sheets', 216],
  ['letter cardstock 110 lb index 100 sheets', 199],
  ['110 lb index cards 100', 199],
  ['tag board 150 lb 12x18 20 sheets', 244],
  ['bristol 100 lb 9x12 20 sheets', 219],
  ['140 lb watercolor paper 9x12 12 sheets', 298],
  ['offset paper 60 lb 11x17 100 sheets', 89],
  ['text paper 70 lb letter 200', 104],
  ['20 lb bond letter 500 sheets', 75],
  ['watercolour paper 300 g A4 20 sheets', 300],
  ['A4 card 220 g 100 sheets', 220],
  ['8.5 x 11 80# cover 25', 216],
  ['500 g of A4 copy paper 80 gsm', 80],
])('%s: %d g/m²', (line, grammage) => {
  for (const system of ['metric', 'imperial'] as const) {
    const { draft, problems } = read(line, system);
    expect(problems).toEqual([]);
    expect(Math.abs(draft!.grammage! - grammage)).toBeLessThanOrEqual(1);
    expect(draft!.form).toBe('sheets');
  }
});

test.each([
  ['50 A6 envelopes', [6.5 * inch, 4.75 * inch]],
  ['50 A6 sheets', [148, 105]],
  ['100 #10 envelopes', [9.5 * inch, 4.125 * inch]],
  ['25 A9 envelopes', [8.75 * inch, 5.75 * inch]],
  ['100 sheets B5 paper', [250, 176]],
  ['50 SRA3 160 gsm', [450, 320]],
  ['100 sheets ledger paper', [17 * inch, 11 * inch]],
  ['100 executive paper', [10.5 * inch, 7.25 * inch]],
] as const)('%s: its size by its name', (line, [long, short]) => {
  const { draft } = read(line);
  expect([draft!.length, draft!.width]).toEqual([expect.closeTo(long, 2), expect.closeTo(short, 2)]);
  expect(draft!.name).not.toMatch(/\d/);
});

test('an envelope has two layers, seams and a flap: thicker and heavier than its sheet', () => {
  const { draft, assumed } = read('A2 envelopes 20 80 lb text');
  // 118 g/m², 0.145 mm a sheet; 146 x 111 mm.
  expect(draft!.thickness / 0.145).toBeGreaterThan(2.2);
  expect(draft!.mass! / (0.146 * 0.111 * 118)).toBeGreaterThan(2.1);
  expect(assumed).toContain('two layers, seams and a flap each');
});

test('110 lb card may be cover or index: cover is taken, and it is said what index would be', () => {
  expect(read('100 sheets of 110 lb card stock, letter').doubts.join()).toMatch(/297 g\/m²; as index it is 199/);
  expect(read('65 lb card 12x12 40').doubts).toEqual([]);
});

test('what is weighed becomes a count by its size; what is long is not thick', () => {
  // A glass bead of 6 mm: 113 mm³ of 2.5 g/cm³ are 0.28 g.
  const beads = read('500 g of beads 6 mm').draft!;
  expect(Math.abs(beads.count / (500 / 0.283) - 1)).toBeLessThan(0.1);
  expect([beads.length, beads.width, beads.thickness]).toEqual([6, 6, 6]);
  const ribbon = read('1.5 m ribbon 25 mm wide').draft!;
  expect(ribbon).toMatchObject({ form: 'rolls', length: 25 });
  expect(read('500 sheets A4 paper 2.5 kg').draft!.grammage).toBe(80);
  expect(read('200 sheets A4 card 250 gsm 1 kg').doubts.join()).toMatch(/weigh about 3.1 kg/);
});

test('in a field pounds need the kind of paper; it is said what each would be', () => {
  expect(readPaper('80 lb cover', 'metric')).toEqual({ ok: true, value: 216.33 });
  expect(readPaper('140 lb watercolor', 'imperial')).toEqual({ ok: true, value: 298.27 });
  expect(readPaper('300 g', 'imperial')).toEqual({ ok: true, value: 300 });
  for (const [text, system] of [
    ['80 lb', 'metric'],
    ['80', 'imperial'],
  ] as const)
    expect(readPaper(text, system)).toEqual({
      ok: false,
      message: expect.stringMatching(/^80 lb of what paper\? As cover it is 216 g\/m², as text 118\. Type for example/),
    });
});
