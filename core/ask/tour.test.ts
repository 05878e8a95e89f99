import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import highsLoader from 'highs';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { seeded } from '../geometry/seeded.ts';
import { lookupIn } from '../cost/cost.ts';
import { fetchSeconds } from '../fetch/fetch.ts';
import { evaluate } from '../report/evaluate.ts';
import { sceneOf } from '../scene/scene.ts';
import { EXACT_STOPS, pullTour, roundLength, shortestRound } from './tour.ts';

type Matrix = number[][];
function places(n: number, seed: number): Matrix {
  const random = seeded(seed);
  const at = Array.from({ length: n }, () => [random() * 5000, random() * 4000] as const);
  return at.map(([x, y]) => at.map(([u, v]) => Math.hypot(x - u, y - v)));
}

/** The length of the best of all orders. */
function ofAllOrders(far: Matrix): number {
  let best = Infinity;
  const go = (order: number[], left: number[]) => {
    if (left.length === 0) best = Math.min(best, roundLength(order, far));
    for (const next of left)
      go(
        [...order, next],
        left.filter((x) => x !== next),
      );
  };
  go(
    [],
    far.slice(1).map((_, i) => i + 1),
  );
  return best;
}

test('property: small rounds are the shortest of all orders', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 8 }), fc.nat(100_000), (n, seed) => {
      const far = places(n, seed);
      const order = shortestRound(far);
      expect([...order].sort((a, b) => a - b)).toEqual(far.slice(1).map((_, i) => i + 1));
      expect(roundLength(order, far)).toBeCloseTo(ofAllOrders(far), 6);
    }),
    { numRuns: runs(60) },
  );
});

/** The optimum by HiGHS (package highs): a pair of ways at every place, rounds that leave some out cut off one by one. */
async function optimum(far: Matrix): Promise<number> {
  const highs = await highsLoader();
  const n = far.length;
  const pairs = Array.from({ length: n }, (_, i) => Array.from({ length: i }, (_2, j) => [j, i] as const)).flat();
  const name = (i: number, j: number) => `x${Math.min(i, j)}_${Math.max(i, j)}`;
  const cuts: string[] = [];
  for (;;) {
    const degree = far.map(
      (_, i) =>
        `d${i}: ${pairs
          .filter((p) => p.includes(i))
          .map((p) => name(...p))
          .join(' + ')} = 2`,
    );
    const model = `Minimize\n obj: ${pairs.map(([i, j]) => `${far[i]![j]!.toFixed(4)} ${name(i, j)}`).join(' + ')}\nSubject To\n ${[...degree, ...cuts].join('\n ')}\nBinary\n ${pairs.map((p) => name(...p)).join(' ')}\nEnd`;
    const solved = highs.solve(model) as unknown as {
      Status: string;
      ObjectiveValue: number;
      Columns: Record<string, { Primal: number }>;
    };
    expect(solved.Status).toBe('Optimal');
    const chosen = pairs.filter((p) => solved.Columns[name(...p)]!.Primal > 0.5);
    const group = far.map((_, i) => i);
    const of = (i: number): number => (group[i] === i ? i : of(group[i]!));
    for (const [i, j] of chosen) group[of(i)] = of(j);
    const parts = new Map<number, number[]>();
    far.forEach((_, i) => parts.set(of(i), [...(parts.get(of(i)) ?? []), i]));
    if (parts.size === 1) return solved.ObjectiveValue;
    for (const part of parts.values())
      cuts.push(
        `c${cuts.length}: ${pairs
          .filter((p) => part.includes(p[0]) && part.includes(p[1]))
          .map((p) => name(...p))
          .join(' + ')} <= ${part.length - 1}`,
      );
  }
}

test('larger rounds are at most 3 % above the optimum by HiGHS, and on average less than 1 %', async () => {
  const over: number[] = [];
  for (const [n, seed] of [
    [14, 1],
    [16, 2],
    [18, 3],
    [22, 5],
    [20, 4],
    [26, 6],
    [30, 7],
  ].slice(0, runs(4, 7)) as Array<[number, number]>) {
    const far = places(n, seed);
    expect(n - 1).toBeGreaterThan(EXACT_STOPS);
    over.push(roundLength(shortestRound(far), far) / (await optimum(far)) - 1);
  }
  for (const share of over) {
    expect(share).toBeGreaterThan(-1e-4);
    expect(share).toBeLessThan(0.03);
  }
  expect(over.reduce((a, b) => a + b, 0) / over.length).toBeLessThan(0.01);
}, 120_000);

test('HiGHS agrees with looking at all orders', async () => {
  const far = places(8, 11);
  expect(await optimum(far)).toBeCloseTo(ofAllOrders(far), 1);
});

describe('the pull list of an activity in the demo', () => {
  const demo = demoPlan();
  const scene = sceneOf(demo);
  test.each(['today', 'planned'] as const)('%s: everything once, and quicker than one by one', (arrangement) => {
    const tour = pullTour(scene, 'carving', arrangement)!;
    const all = [...tour.stops, ...tour.atHand].flatMap((s) => s.supplies);
    const used = Object.values(demo.uses).filter((u) => u.activity === 'carving').length;
    expect(new Set(all).size).toBe(all.length);
    expect(all.length + tour.without.length).toBe(used);
    expect(tour.seconds).toBeLessThan(tour.singly);
    expect(tour.length).toBeGreaterThan(0);
  });
  test('one by one counts crowding as the week does', () => {
    const report = evaluate(demo);
    const tour = pullTour(scene, 'carving', 'today')!;
    const all = new Set([...tour.stops, ...tour.atHand].flatMap((s) => s.supplies));
    const seen = new Set<string>();
    let seconds = 0;
    for (const p of Object.values(demo.placements)) {
      if (p.arrangement !== 'today' || !all.has(p.supply) || seen.has(p.supply)) continue;
      seen.add(p.supply);
      const { compartment, crowd } = report.placements[p.id]!;
      const place = scene.compartment.get(compartment)!;
      const find = lookupIn(scene, demo.supplies[p.supply]!, place, crowd, 'today');
      seconds += fetchSeconds(scene.approaches.get(tour.station)!.get(compartment)!, find, false);
    }
    expect(tour.singly).toBeCloseTo(seconds, 6);
  });
  test('no station, no round', () => expect(pullTour(scene, 'nothing', 'today')).toBeNull());
});
