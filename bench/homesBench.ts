/** Filling by homes: how soon it is near where it ends, how that grows, how far homes in runs are from their bound, and furniture to zones beside HiGHS. */
import highsLoader from 'highs';
import { toEnd } from '@heronstone/core/model/groups.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { assign } from '@heronstone/core/search/assign.ts';
import { costOf } from '@heronstone/core/search/assignment.ts';
import { begin } from '@heronstone/core/search/begin.ts';
import { homesToRuns } from '@heronstone/core/search/homesToRuns.ts';
import { inFewParts } from '@heronstone/core/search/pieces.ts';
import { lowerBound } from '@heronstone/core/search/prices.ts';
import { problemOf } from '@heronstone/core/search/problem.ts';
import { solve } from '@heronstone/core/search/solve.ts';
import { giveUnits, givingLp } from '@heronstone/core/search/zones/giveUnits.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
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

/**
 * Homes to runs, and things in them, beside the bound that prices of room prove (Lagrange multipliers; crowding, order and pairs left
 * out, so that no answer costs less): on the demo and on a large room. What the answer leaves out may stay out for nothing in both.
 */
export function benchRuns(): void {
  const rooms: ReadonlyArray<readonly [string, Plan]> = [
    ['the demo', demoPlan()],
    ['1000 x 300', largePlan(1000, 300, 1)],
  ];
  const rows = rooms.flatMap(([room, plan]) => {
    const { search, pinned, unplaced } = toEnd(begin(plan, { seed: 1 }));
    const { problem } = problemOf(search, pinned, inFewParts(search, unplaced));
    const runs = toEnd(homesToRuns(problem, 1));
    const things = toEnd(assign(problem, 1, runs.at));
    return Object.entries({ 'homes to runs': runs.at, 'things in them': things.at }).map(([phase, at]) => {
      const free = { ...problem, without: problem.without.map((seconds, i) => (at[i]! < 0 ? 0 : seconds)) };
      const cost = costOf(free, at);
      const bound = lowerBound(free, cost);
      const time = costOf({ ...free, naming: null, pairs: [], kin: [] }, at);
      return {
        ...{ room, phase, 'left out': at.filter((j) => j < 0).length },
        'cost / bound': (cost / bound).toFixed(3),
        'the gap': `${(100 * (1 - bound / cost)).toFixed(1)} %`,
        'of it names, sets and kinds': `${((100 * (cost - time)) / cost).toFixed(1)} %`,
      };
    });
  });
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
