/** Runs of homes that are counted while things move, beside the same counted from nothing. */
import { runs as numRuns } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { Counts } from './counts.ts';
import { HomeRuns, NONE, type Tearing } from './homeRuns.ts';

const PLACES = 9;
/** Places in three rows of three, each beside the next of its row and of its column. */
const near = Array.from({ length: PLACES }, (_, j) =>
  [j % 3 > 0 ? j - 1 : -1, j % 3 < 2 ? j + 1 : -1, j - 3, j + 3].filter((k) => k >= 0 && k < PLACES),
);
const prices: Tearing = {
  weight: Float64Array.of(1, 5),
  ownNames: Int32Array.of(2, 0),
  ...{ torn: 3, far: 7, nameless: 11, run: 13, place: 0.5 },
};

/** The same price, by flooding from each place. @param items how many of the home lie in each place */
function fromNothing(h: number, items: readonly number[]): number {
  const seen = new Set<number>();
  const flood = (j: number): number => {
    if (seen.has(j) || items[j] === 0) return 0;
    seen.add(j);
    return items[j]! + near[j]!.reduce((sum, k) => sum + flood(k), 0);
  };
  const lines = items
    .map((_, j) => flood(j))
    .filter((n) => n > 0)
    .sort((a, b) => b - a);
  if (seen.size < 2) return 0;
  const away = lines.slice(1).reduce((sum, n) => sum + n, 0);
  const called = lines.filter((n) => n > prices.ownNames[h]!).length;
  const named = prices.nameless * Math.max(0, called - 1);
  const torn = prices.torn * away + prices.far * (away - (lines[1] ?? 0));
  return prices.weight[h]! * (torn + named + prices.run * (lines.length - 1) + prices.place * (seen.size - 1));
}

test('property: what a home costs after any moves, and with one item more and one less, is what it costs from nothing', () => {
  const place = fc.nat(PLACES - 1);
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(1), place, place), { maxLength: 40 }), (moves) => {
      const counts = new Counts(2, PLACES);
      const runs = new HomeRuns(prices, near, 2, counts);
      const items = [0, 1].map(() => Array.from({ length: PLACES }, () => 0));
      for (const [h, more, less] of moves) {
        const own = items[h]!;
        const gone = own[less]! > 0 && less !== more ? less : NONE;
        const then = own.map((n, j) => n + (j === more ? 1 : 0) - (j === gone ? 1 : 0));
        expect(runs.with(h, more, gone)).toBeCloseTo(fromNothing(h, then), 9);
        expect(runs.now(h)).toBeCloseTo(fromNothing(h, own), 9);
        // Things come more often than they go, so that homes grow.
        const by = gone !== NONE && own[more]! > 1 ? -1 : 1;
        const at = by > 0 ? more : gone;
        own[at]! += by;
        runs.count(h, at, by, counts.add(h, at, by));
      }
      expect(runs.total()).toBeCloseTo(fromNothing(0, items[0]!) + fromNothing(1, items[1]!), 9);
    }),
    { numRuns: numRuns(300, 20_000) },
  );
});
