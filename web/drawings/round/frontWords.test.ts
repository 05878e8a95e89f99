/** What is written on fronts of every size, and what a screen reader says of them. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { allLines, layFront, namedBy, oneLine, spokenFront } from './frontWords.ts';

const report = evaluate(demoPlan());
const place = report.compartments.find((c) => c.contents.planned.length > 2)!;

test('a name is said once, and an empty place is empty once', () => {
  const named = namedBy({ ...place, canBeNamed: { today: false, planned: true } }, 'planned', 'Glue\nTape');
  const spoken = spokenFront(place, named, 'planned', undefined, null);
  expect(spoken).toMatch(new RegExp(`^${place.name}: 2 supplies, Glue, home: `));
  expect(spokenFront(place, namedBy(place, 'planned', ''), 'planned', undefined, null)).toBe(`${place.name}: empty`);
});

test('a front with room for one line has its home or its first thing, one with more all of them', () => {
  expect(oneLine({ contents: ['Glue', 'Tape'], home: '' })).toBe('Glue +1');
  expect(oneLine({ contents: ['Glue', 'Tape'], home: 'Sticky things' })).toBe('Sticky things');
  expect(oneLine({ contents: [], home: '' })).toBe('empty');
  expect(allLines({ contents: ['Glue'], home: 'Glue' })).toEqual(['Glue']);
});

test.each([
  [5, 5],
  [20, 300],
  [60, 12],
  [400, 400],
  [400, 20],
])('a front of %d x %d mm is laid out, coloured by a number or not', (width, height) => {
  const named = { contents: ['Alcohol markers', 'Brush pens', 'Fine liners', 'Chalk'], home: 'Pens' };
  for (const px of [0.3, 2, 20])
    for (const [tinted, heat] of [
      [false, null],
      [true, null],
      [true, { share: 0.5, words: '12.5 minutes a week', short: '12' }],
    ] as const) {
      const { lines, size } = layFront({ x: 0, y: 0, width, height }, named, tinted, heat as never, px);
      expect(lines.length).toBeGreaterThan(0);
      expect(size).toBeLessThanOrEqual(11.5 * px);
      if (lines.length > 1) expect(lines.at(-1)).toMatch(/^(\+\d|and \d+ more|\S)/);
    }
});
