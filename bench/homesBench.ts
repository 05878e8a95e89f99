/** Filling by homes: how soon it is near where it ends, how that grows, and furniture to zones beside HiGHS. */
import highsLoader from 'highs';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { solve } from '@heronstone/core/search/solve.ts';
import { giveUnits, givingLp } from '@heronstone/core/search/zones/giveUnits.ts';
import { givingInstance } from '@heronstone/testing/givings.ts';
import { largePlan } from '@heronstone/testing/largePlan.ts';

/** Minutes with homes and all; the time until they are within 3 % of where the search ends. */
export function benchHomes(): void {
  const rows: Array<Record<string, string>> = [];
  let before: { all: number; near: number } | null = null;
  for (const [supplies, places] of [
    [125, 38],
    [250, 75],
    [500, 150],
    [1000, 300],
  ] as const) {
    const plan = largePlan(supplies, places, 1);
    sceneOf(plan);
    const start = performance.now();
    const seen: Array<{ at: number; seconds: number; out: number }> = [];
    for (const { phase, seconds, out } of solve(plan, { seed: 1 }))
      if (phase === 'improving') seen.push({ at: performance.now() - start, seconds, out });
    const all = performance.now() - start;
    // The last that the search itself says; what is laid exactly after it has another sum.
    const end = seen.findLast((s) => s.seconds > 0)!;
    const near = seen.find((s) => s.out <= end.out && s.seconds <= 1.03 * Math.min(...seen.map((x) => x.seconds)))!.at;
    rows.push({
      'supplies x places': `${supplies} x ${places}`,
      'within 3 % / all of the search': (near / all).toFixed(2),
      'within 3 %, beside half the size': before ? (near / before.near).toFixed(2) : '',
      'all of it, beside half the size': before ? (all / before.all).toFixed(2) : '',
      '(here, s: first plan, within 3 %, all)': [seen[0]!.at, near, all].map((ms) => (ms / 1000).toFixed(1)).join(', '),
    });
    before = { all, near };
  }
  console.table(rows);
}

/** Ten instances of 20 pieces and 6 zones. */
export async function benchGiving(): Promise<void> {
  const highs = await highsLoader();
  const rows: Array<Record<string, string>> = [];
  let [ours, its] = [0, 0];
  giveUnits(givingInstance(20, 6, 99), 1); // the code is warm, as HiGHS's is
  for (let seed = 1; seed <= 10; seed++) {
    const p = givingInstance(20, 6, seed);
    let start = performance.now();
    const { cost } = giveUnits(p, 1);
    const own = performance.now() - start;
    start = performance.now();
    const { ObjectiveValue } = highs.solve(givingLp(p), { time_limit: 120 });
    const theirs = performance.now() - start;
    [ours, its] = [ours + own, its + theirs];
    rows.push({
      seed: String(seed),
      'ours / HiGHS': (cost / ObjectiveValue).toFixed(4),
      'our time / its time': (own / theirs).toFixed(3),
    });
  }
  rows.push({ seed: 'all', 'ours / HiGHS': '', 'our time / its time': (ours / its).toFixed(3) });
  console.table(rows);
}
