/** Furniture to zones: against HiGHS, against all answers on small ones, and what is fixed stays. */
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import highsLoader from 'highs';
import { givingInstance } from '@heronstone/testing/givings.ts';
import { giveUnits, givingCost, givingLp, type GivingProblem } from './giveUnits.ts';

test('within 1 % of HiGHS on instances of 20 units x 6 zones, and never below it', async () => {
  const highs = await highsLoader();
  for (let seed = 1; seed <= runs(1, 10); seed++) {
    const p = givingInstance(20, 6, seed);
    const { cost, of } = giveUnits(p, 1);
    expect(givingCost(p, of)).toBeCloseTo(cost, 6);
    const { ObjectiveValue, Status } = highs.solve(givingLp(p), { time_limit: 120 });
    expect(Status).toBe('Optimal');
    expect(cost).toBeGreaterThanOrEqual(ObjectiveValue - 1e-3);
    expect(cost).toBeLessThanOrEqual(ObjectiveValue * 1.01);
  }
}, 120_000);

test('property: small ones are the best of all; what is fixed stays; missing and given add up', () => {
  let [best, all] = [0, 0];
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 1, max: 3 }),
      fc.nat(1e6),
      fc.boolean(),
      (u, z, seed, fix) => {
        const p: GivingProblem = givingInstance(u, z, seed);
        if (fix) p.fixed[0] = seed % z;
        const found = giveUnits(p, 1);
        if (fix) expect(found.of[0]).toBe(seed % z);
        let least = Infinity;
        const of = new Int32Array(u);
        const go = (n: number) => {
          if (n === u) {
            least = Math.min(least, givingCost(p, of));
            return;
          }
          for (let k = p.fixed[n]! >= 0 ? p.fixed[n]! : -1; k < (p.fixed[n]! >= 0 ? p.fixed[n]! + 1 : z); k++) {
            of[n] = k;
            go(n + 1);
          }
        };
        go(0);
        all++;
        expect(found.cost).toBeGreaterThanOrEqual(least - 1e-6);
        if (found.cost <= least + 1e-6) best++;
        found.missing.forEach((m, at) => expect(m).toBeLessThanOrEqual(p.asks[at]! + 1e-9));
      },
    ),
    { numRuns: runs(60, 1000) },
  );
  expect(best / all).toBeGreaterThanOrEqual(0.95);
});
