import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { spreadOf } from './spread.ts';

const week = (...minutes: number[]) => ({ supplies: minutes.map((m, i) => ({ supply: `s${i}`, minutes: m })) });

test('the costliest first, added up, and how many make up half', () => {
  expect(spreadOf(week(2, 10, 0, 5, 3))).toEqual({ upTo: [10, 15, 18, 20], half: 1 });
  expect(spreadOf(week(4, 4, 4))).toEqual({ upTo: [4, 8, 12], half: 2 });
  expect(spreadOf(week())).toEqual({ upTo: [], half: 0 });
  expect(spreadOf(week(0, 0))).toEqual({ upTo: [], half: 0 });
});

test('property: it rises ever more slowly to the whole, and half is the fewest that make up half', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { maxLength: 40 }), (minutes) => {
      const { upTo, half } = spreadOf(week(...minutes));
      const all = minutes.reduce((a, b) => a + b, 0);
      expect(upTo.at(-1) ?? 0).toBe(all);
      const steps = upTo.map((m, i) => m - (upTo[i - 1] ?? 0));
      expect([...steps].sort((a, b) => b - a)).toEqual(steps);
      if (half > 0) {
        expect(upTo[half - 1]! * 2).toBeGreaterThanOrEqual(all);
        expect((upTo[half - 2] ?? 0) * 2).toBeLessThan(all);
      }
    }),
    { numRuns: runs(100) },
  );
});
