/** The assignment search beside HiGHS: how good, how long, and how both grow. Ratios of one run. */
import highsLoader from 'highs';
import { belongingInstance, exhaustive, roomInstance } from '@heronstone/testing/assignments.ts';
import { assign, assignAll, type Answer } from '@heronstone/core/search/assign.ts';
import type { Problem } from '@heronstone/core/search/assignment.ts';
import { lowerBound } from '@heronstone/core/search/prices.ts';
import { lpText } from './lp.ts';

interface Solved {
  Status: string;
  ObjectiveValue: number;
}
const clock = () => performance.now() / 1000;

/** @param seconds HiGHS is stopped then; whole false solves the relaxation */
async function byHighs(p: Problem, whole: boolean, seconds: number, gap = 0) {
  // A fresh one each time: after a time limit its memory is not to be trusted.
  const highs = await highsLoader();
  const text = lpText(p, whole);
  const start = clock();
  try {
    const { Status, ObjectiveValue } = highs.solve(text, {
      time_limit: seconds,
      ...(whole ? { mip_rel_gap: gap } : {}),
    }) as unknown as Solved;
    return { status: Status, cost: ObjectiveValue, seconds: clock() - start };
  } catch {
    return { status: 'failed', cost: Infinity, seconds: clock() - start };
  }
}

function ours(p: Problem, seconds: number): { answer: Answer; seconds: number } {
  const start = clock();
  const run = assign(p, 1);
  for (;;) {
    const step = run.next();
    if (step.done) return { answer: step.value, seconds: clock() - start };
    const { best, cost } = step.value;
    if (clock() - start > seconds) return { answer: { at: best, cost }, seconds: clock() - start };
  }
}

const worst = (list: number[]) => Math.max(...list);
const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;

/** @param count instances of each size */
export async function benchAssign(count = 10): Promise<void> {
  const small: Array<Record<string, string>> = [];
  const [gaps, times]: [number[], number[]] = [[], []];
  for (let seed = 1; seed <= count; seed++) {
    const p = roomInstance(150, 120, seed);
    const exact = await byHighs(p, true, 120, 0.005);
    // A little less than a tenth: the search is looked at only now and then.
    const own = ours(p, 0.095 * exact.seconds);
    const relaxed = await byHighs(p, false, 60);
    gaps.push(own.answer.cost / exact.cost - 1);
    times.push(own.seconds / exact.seconds);
    small.push({
      instance: `150 x 120, seed ${seed}`,
      'ours / HiGHS (0.5 % gap)': (own.answer.cost / exact.cost).toFixed(4),
      'our time / its time': (own.seconds / exact.seconds).toFixed(3),
      'ours / relaxation': (own.answer.cost / relaxed.cost).toFixed(4),
      'our bound / relaxation': (lowerBound(p, own.answer.cost) / relaxed.cost).toFixed(4),
      'HiGHS said': `${exact.status}, ${exact.seconds.toFixed(1)} s`,
    });
  }
  console.table(small);
  console.log(
    `150 x 120: worst ${(100 * worst(gaps)).toFixed(2)} %, mean ${(100 * mean(gaps)).toFixed(2)} % above HiGHS; at most ${worst(times).toFixed(3)} of its time`,
  );
  const large: Array<Record<string, string>> = [];
  for (let seed = 1; seed <= count; seed++) {
    const p = roomInstance(400, 200, 100 + seed);
    const own = ours(p, 5);
    const relaxed = await byHighs(p, false, 60);
    const whole = await byHighs(p, true, 60, 0);
    large.push({
      instance: `400 x 200, seed ${100 + seed}`,
      'ours / its incumbent after 60 s': Number.isFinite(whole.cost)
        ? (own.answer.cost / whole.cost).toFixed(4)
        : 'it has none',
      'ours / relaxation': (own.answer.cost / relaxed.cost).toFixed(4),
      '(here: our s, HiGHS said)': `${own.seconds.toFixed(1)}, ${whole.status}`,
    });
  }
  console.table(large);
}

/** How long to within 2 % of the final value, as the number of supplies doubles. */
export function benchAssignGrowth(): void {
  const rows: Array<Record<string, string>> = [];
  let before = 0;
  for (const [items, places] of [
    [375, 75],
    [750, 150],
    [1500, 300],
    [3000, 600],
  ] as const) {
    const p = roomInstance(items, places, 7);
    const start = clock();
    const trace: Array<[seconds: number, cost: number]> = [];
    const run = assign(p, 1);
    let last = 0;
    for (;;) {
      const step = run.next();
      const cost = step.value.cost;
      trace.push([clock() - start, cost]);
      last = cost;
      if (step.done) break;
    }
    const near = trace.find(([, cost]) => cost <= last * 1.02)![0];
    rows.push({
      'supplies x places': `${items} x ${places}`,
      'within 2 % / half the size': before ? (near / before).toFixed(2) : '',
      'start / final cost': (trace[0]![1] / last).toFixed(3),
      'final / our bound': (last / lowerBound(p, last)).toFixed(4),
      '(here: s to 2 %, to the end)': `${near.toFixed(1)}, ${trace.at(-1)![0].toFixed(1)}`,
    });
    before = near;
  }
  console.table(rows);
}

/** With crowding, pairs and sorts: how often the search finds the best of all assignments of small instances. */
export function benchAssignPairs(count = 60): void {
  let [same, over] = [0, 0];
  for (let seed = 1; seed <= count; seed++) {
    const wish = {
      items: 6 + (seed % 2),
      places: 3 + (seed % 2),
      seed,
      look: 0.26,
      paired: true,
      sorted: seed % 2 === 0,
    };
    const p = belongingInstance(wish);
    const best = exhaustive(p);
    const { cost } = assignAll(p, 1);
    if (cost <= best + 1e-6) same++;
    over = Math.max(over, cost / best - 1);
  }
  console.table([
    {
      instances: `${count} of 6 or 7 things x 3 or 4 places, pairs and sorts on`,
      'best of all assignments': `${same} of ${count}`,
      'worst above it': `${(100 * over).toFixed(2)} %`,
    },
  ]);
}
