import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { alternativesFor, weight } from './alternatives.ts';
import { evaluate, type PlacementReport } from '../report/evaluate.ts';
import { explain, type Nearer } from './explain.ts';
import { applyChanges, remove, set, setMeta, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { SORTING } from '../model/sorting.ts';
import { solveAll, changesTo } from '../search/solve.ts';
import { sortingBy } from '../search/ways.ts';

const demo = demoPlan();
/** Moves for each part that make a plan good enough to be asked about. */
const MOVES = runs(60, 5000);
let kinds: Plan | null = null;
/** The demo sorted by kind. */
function byKind(): Plan {
  if (kinds) return kinds;
  const kind = having(demo, setMeta(demo, { sorting: sortingBy(demo, 'kind') }));
  return (kinds = having(kind, ...changesTo(kind, solveAll(kind, { seed: 1, moves: MOVES }))));
}
const having = (plan: Plan, ...changes: Change[]) => applyChanges(plan, changes).plan;

/** Everything that is planned with a cheaper place that a cause keeps it out of. */
function keptOut(plan: Plan, cause: Nearer['cause'], most: number, words = /./) {
  const report = evaluate(plan);
  const cases: Array<{ p: PlacementReport; nearer: Nearer }> = [];
  for (const p of Object.values(report.placements)) {
    if (p.arrangement === 'today' || p.fetchesPerWeek === 0 || cases.length >= most) continue;
    const nearer = explain(plan, report, p.id).nearer.find((n) => n.cause === cause && words.test(n.words));
    if (nearer) cases.push({ p, nearer });
  }
  return cases;
}
const alternative = (plan: Plan, p: { supply: string; count: number; id: string }, compartment: string) =>
  alternativesFor(plan, p.supply, p.count, p.id).find((a) => a.compartment === compartment)!;

describe('what would have to change for it to be nearer is true', () => {
  test('full: what is named is taken out, and the thing fits there and is cheaper', () => {
    const cases = keptOut(demo, 'full', runs(4, 12));
    expect(cases.length).toBeGreaterThan(2);
    let freed = 0;
    for (const { p, nearer } of cases) {
      const before = alternative(demo, p, nearer.compartment);
      expect(before.fits).toBeLessThan(p.count);
      if (before.displaces.length === 0) continue;
      freed++;
      for (const d of before.displaces) expect(demo.placements[d.placement]!.pinned).toBe(false);
      const emptied = having(demo, ...before.displaces.map((d) => remove('placements', d.placement)));
      const after = alternative(emptied, p, nearer.compartment);
      expect(after.fits).toBe(p.count);
      const here = alternative(emptied, p, p.compartment);
      expect(after.minutesPerWeek).toBeLessThan(here.minutesPerWeek);
      // The rank changes: the place stands among the next best now.
      const why = explain(emptied, evaluate(emptied), p.id);
      const full = why.nearer.filter((n) => n.cause === 'full' || n.cause === 'too small');
      expect(full.map((n) => n.compartment)).not.toContain(nearer.compartment);
    }
    expect(freed).toBeGreaterThan(0);
  });

  test('a rule: without it the place is open', () => {
    const [first] = keptOut(demo, 'rule', 1, /Apprentice/);
    const { p, nearer } = first!;
    const grown = having(demo, set('people', 'apprentice', { child: false }));
    expect(alternative(demo, p, nearer.compartment).barred?.code).toBe('child');
    expect(alternative(grown, p, nearer.compartment).barred).toBeNull();
    // And the solver makes use of it: the thing lies nearer, or something that pays more took its place.
    const few = withFewThings(grown, [p.supply]);
    const again = having(few, ...changesTo(few, solveAll(few, { seed: 1, moves: MOVES })));
    const seconds = (plan: Plan) =>
      Math.min(
        ...Object.values(evaluate(plan).placements)
          .filter((x) => x.supply === p.supply && x.arrangement === 'planned')
          .map((x) => x.secondsPerFetch),
      );
    expect(seconds(again)).toBeLessThan(seconds(demo));
  });

  longTest('too small: with so many millimetres more it fits', () => {
    const cases = keptOut(demo, 'too small', runs(3, 40), /mm too tall/).flatMap(({ p, nearer }) => {
      const [unit, slot] = nearer.compartment.split('/') as [string, string];
      const tier = /^[sd](\d+)$/.exec(slot);
      // Soft things are pressed a little, so that two millimetres are nothing to them.
      return tier && demo.units[unit]!.tiers.length > 0 && demo.supplies[p.supply]!.form !== 'soft'
        ? [{ p, nearer, unit, n: Number(tier[1]) - 1 }]
        : [];
    });
    expect(cases.length).toBeGreaterThan(0);
    for (const { p, nearer, unit, n } of cases) {
      const more = Number(/(\d+) mm too tall/.exec(nearer.words)![1]);
      const row = demo.units[unit]!;
      const with_ = (mm: number) => {
        const tiers = row.tiers.map((t, i) => (i === n ? t + mm : t));
        const plan = having(demo, set('units', unit, { tiers, height: row.height + mm }));
        return alternative(plan, p, nearer.compartment).fitsEmpty;
      };
      expect(with_(more)).toBeGreaterThan(0);
      expect(with_(more - 2)).toBe(0);
    }
  });

  longTest('the order: without a way of sorting nothing keeps it from the cheaper place', () => {
    const sorted = byKind();
    const [first] = ['home', 'name', 'order'].flatMap((cause) => keptOut(sorted, cause as 'home', 1));
    expect(first).toBeDefined();
    const { p, nearer } = first!;
    const free = having(sorted, setMeta(sorted, { sorting: { ...SORTING, way: 'quickest' } }));
    const why = explain(free, evaluate(free), p.id);
    expect(why.nearer.map((n) => n.compartment)).not.toContain(nearer.compartment);
    const open = alternative(free, p, nearer.compartment);
    expect([open.barred, open.fits >= p.count]).toEqual([null, true]);
    expect(open.minutesPerWeek).toBeLessThan(alternative(free, p, p.compartment).minutesPerWeek);
  });
});

test('things of its sort and its set are named, and no longer when they lie elsewhere', () => {
  const report = evaluate(demo);
  const p = Object.values(report.placements).find(
    (x) =>
      x.arrangement === 'planned' &&
      explain(demo, report, x.id).reasons.some((r) => /^Its home is .*: [3-9] of its/.test(r)),
  )!;
  const line = (plan: Plan) =>
    explain(plan, evaluate(plan), p.id).reasons.find((r) => r.startsWith('Its home is')) ?? '';
  const [, here] = /: (\d+) of its \d+ supplies/.exec(line(demo))!;
  const moved = having(demo, set('placements', p.id, { unit: 'landing-cupboard', slot: 's5', container: null }));
  const [, there] = /: (\d+) of its \d+ supplies/.exec(line(moved))!;
  expect(Number(here)).toBeGreaterThan(Number(there));
});

test('next best places are free, allowed, and cheapest first', () => {
  const report = evaluate(demo);
  for (const p of Object.values(report.placements)
    .filter((x) => x.arrangement === 'planned')
    .slice(0, runs(6, 40))) {
    const { nextBest } = explain(demo, report, p.id);
    for (const a of nextBest) {
      expect(a.fits).toBeGreaterThanOrEqual(p.count);
      expect(a.barred).toBeNull();
    }
    const cost = nextBest.map(weight);
    expect([...cost].sort((x, y) => x - y)).toEqual(cost);
  }
});

test('growth: a cheaper place with room only for what is to come says so, and takes it when nothing is kept free', () => {
  const cases = keptOut(demo, 'growth', runs(2, 12));
  for (const { p, nearer } of cases) {
    expect(nearer.words).toMatch(/nothing there could grow: 15 % of each place is kept free/);
    expect(alternative(demo, p, nearer.compartment).fits).toBeGreaterThanOrEqual(p.count);
    const free = having(demo, setMeta(demo, { roomToGrow: 0 }));
    expect(explain(free, evaluate(free), p.id).nearer.map((n) => `${n.compartment} ${n.cause}`)).not.toContain(
      `${nearer.compartment} growth`,
    );
  }
  expect(cases.length).toBeGreaterThan(0);
});

test('what keeps a thing out of a nearer place is a sentence', () => {
  const report = evaluate(demo);
  const said = Object.values(report.placements)
    .filter((p) => p.arrangement === 'planned')
    .slice(0, runs(20, 200))
    .flatMap((p) => explain(demo, report, p.id).nearer.map((n) => n.words));
  expect(said.length).toBeGreaterThan(10);
  expect(said.filter((w) => /\b(\w+) \1\b|it is (is|would|needs|does|may)|it \d|null|undefined/.test(w))).toEqual([]);
});

test('what does not fit is not said to be fetched by nobody', () => {
  const used = Object.values(evaluate(demo).placements).find(
    (p) => p.arrangement === 'planned' && p.fetchesPerWeek > 5,
  )!;
  const { supply } = demo.placements[used.id]!;
  const plan = having(demo, set('supplies', supply, { length: 2500, width: 900, thickness: 900 }));
  const { reasons } = explain(plan, evaluate(plan), used.id);
  expect(reasons).toContain('It does not fit here as it is, so nothing is fetched from here.');
  expect(reasons.filter((r) => r.startsWith('Nobody fetches it'))).toEqual([]);
});

test('the next best places say by how much the whole week changes, as it does when one moves it there', () => {
  const report = evaluate(demo);
  const some = Object.values(report.placements).filter((p) => p.arrangement === 'planned' && p.fetchesPerWeek > 1);
  for (const p of some.filter((_, i) => i % runs(12, 2) === 0))
    for (const next of explain(demo, report, p.id).nextBest) {
      const { unit, slot, container } = report.compartments.find((c) => c.id === next.compartment)!;
      const moved = having(demo, set('placements', p.id, { unit, slot, container, orientation: null, part: null }));
      expect(evaluate(moved).week.planned.minutes - report.week.planned.minutes).toBeCloseTo(next.week, 6);
    }
});
