import { KINDS } from '@heronstone/library/usualSizes.ts';
import { linesOf, thingsIn } from './list.ts';
import { readLine } from './read.ts';

test('a list from anywhere is cut into things', () => {
  expect(
    linesOf('Top drawer:\n- 12 markers\n• 3 scissors\n\n1. glue gun\n2) 40 glue sticks\n[x] tape\r\nribbon\t25', KINDS),
  ).toEqual(['12 markers', '3 scissors', 'glue gun', '40 glue sticks', 'tape', 'ribbon, 25']);
});

test.each([
  ['12 markers, 3 scissors, a glue gun', 3],
  ['scissors, rulers, glue', 3],
  ['glue gun + 40 glue sticks', 2],
  ['2 rulers and 3 pencils', 2],
  ['12 markers, 2 scissors', 2],
  ['thread, 24', 1],
  ['ribbon, 25 spools, 7/8 in wide', 1],
  ['glitter, 18 jars', 1],
  ['silk flowers, 30 stems', 1],
  ['scissors, fabric', 1],
  ['paint, acrylic, white', 1],
  ['1,200 sheets paper A4 80 gsm', 1],
  ['hooks and eyes', 1],
  ['84 markers 140 x 12, painting 6x', 1],
  ['gizmo, thing', 1],
])('%s names %d', (line, many) => expect(thingsIn(line, KINDS)).toHaveLength(many));

test('a run of blanks is one; what is too long stays whole, and its reader says so', () => {
  expect(linesOf(`pens${' '.repeat(20_000)}, 3 rulers`, KINDS)).toEqual(['pens', '3 rulers']);
  const long = `12 markers, ${'pens and '.repeat(5_000)}`.trim();
  expect(linesOf(long, KINDS)).toEqual([long]);
  expect(readLine(long, 'metric').problems[0]).toMatch(/at most 400 characters/);
  const list = Array.from({ length: 200 }, (_, i) => `${i + 2} markers`).join(', ');
  expect(linesOf(`${list}, 3 scissors`, KINDS).join(', ')).toBe(`${list}, 3 scissors`);
});
