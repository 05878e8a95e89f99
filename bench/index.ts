/** npm run bench: ratios measured in one run, never absolute times as a promise. */
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { changesTo, solve, solveAll } from '@heronstone/core/search/solve.ts';
import { benchAssign, benchAssignGrowth, benchAssignPairs } from './assignBench.ts';
import { benchBound } from './boundBench.ts';
import { benchFind } from './findBench.ts';
import { benchGiving, benchHomes, benchRuns } from './homesBench.ts';
import { benchPacking } from './packing.ts';
import { benchPaths } from './paths.ts';
import { benchWindow } from './window.ts';
import { largePlan } from '@heronstone/testing/largePlan.ts';

/** `npm run bench -- window` looks at the window only. */
if (process.argv[2] === 'window') {
  await benchWindow();
  process.exit(0);
}
/** `npm run bench -- bound` looks at the bound only. */
if (process.argv[2] === 'bound') {
  await benchBound();
  process.exit(0);
}
/** `npm run bench -- homes` looks at homes and zones only. */
if (process.argv[2] === 'homes') {
  benchHomes();
  benchRuns();
  await benchGiving();
  process.exit(0);
}
/** `npm run bench -- assign 3` compares with HiGHS only, three instances of each size. */
if (process.argv[2] === 'assign') {
  await benchAssign(Number(process.argv[3] ?? 10));
  process.exit(0);
}

const ms = (work: () => unknown, times = 1): number => {
  const runs = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return runs[Math.floor(runs.length / 2)]!;
};
const rows: Array<Record<string, string>> = [];

const sizes = [
  [250, 75],
  [500, 150],
  [1000, 300],
] as const;
let before: { solve: number; evaluate: number } | null = null;
for (const [supplies, compartments] of sizes) {
  const plan = largePlan(supplies, compartments, 1);
  let start = 0;
  let first = 0;
  const startAt = performance.now();
  for (const step of solve(plan, { seed: 1 })) {
    if (step.phase === 'improving' && first === 0) [first, start] = [performance.now() - startAt, step.seconds];
  }
  const solving = performance.now() - startAt;
  const solution = solveAll(plan, { seed: 1 });
  const placed = applyChanges(plan, changesTo(plan, solution)).plan;
  evaluate(placed);
  const evaluating = ms(() => evaluate(placed), 5);
  rows.push({
    'supplies x compartments': `${supplies} x ${compartments}`,
    'cost after improving / after the cube-per-order start': (solution.seconds / start).toFixed(3),
    'time of the start / of the whole search': (first / solving).toFixed(2),
    'search time / half the size': before ? (solving / before.solve).toFixed(1) : '',
    'evaluate time / half the size': before ? (evaluating / before.evaluate).toFixed(1) : '',
    'evaluate / search': (evaluating / solving).toFixed(4),
    '(here: search ms, evaluate ms)': `${solving.toFixed(0)}, ${evaluating.toFixed(0)}`,
  });
  before = { solve: solving, evaluate: evaluating };
}
console.table(rows);
await benchWindow();
benchHomes();
benchRuns();
await benchGiving();
benchPacking();
benchPaths();
benchFind();
benchAssignPairs();
benchAssignGrowth();
// The comparison with HiGHS takes about a quarter of an hour; `npm run bench -- 3` looks at three instances of each size.
await benchAssign(Number(process.argv[2] ?? 10));
