/** The scenario of the demo, planned: what was wrong with it on purpose is mended, and every way of sorting is another room. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { evaluate, type Report } from '../report/evaluate.ts';
import { fit } from '../fit/fit.ts';
import { applyChanges, setMeta } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { compartmentId, sceneOf } from '../scene/scene.ts';
import { orderOf } from '../cost/sortingCost.ts';
import { compareAllWays, sortingBy, takeWay } from './ways.ts';

const demo = demoPlan();
const report = evaluate(demo);
const planned = (r: Report, supply: string) =>
  Object.values(r.placements).filter((p) => p.arrangement === 'planned' && p.supply === supply && !p.spare);

test('the plan takes at least 40 % fewer minutes a week than today', () => {
  const { today, planned: plan } = report.week;
  expect(1 - plan.minutes / today.minutes).toBeGreaterThanOrEqual(0.4);
});

test('all is placed but what fits nowhere, not even alone', () => {
  const without = Object.values(demo.supplies).filter((s) => report.supplies[s.id]!.without.planned > 0);
  expect(without.map((s) => s.id)).toEqual(['sheets-a2']);
  for (const s of without)
    for (const c of sceneOf(demo).compartments) expect(fit(s, 1, c, c.inside.width, null).count).toBe(0);
});

test('the sewing machine stands on its own table, and the scroll saw on the bench where one carves', () => {
  const at = (supply: string) =>
    Object.values(demo.placements)
      .filter((p) => p.arrangement === 'planned' && p.supply === supply)
      .map((p) => `${p.unit} ${p.slot}`);
  expect(at('sewing-machine')).toEqual(['sewtable top']);
  expect(at('scroll-saw')).toEqual(['bench top']);
});

describe('what is wrong today is mended', () => {
  const today = (supply: string) =>
    Object.values(report.placements).filter((p) => p.arrangement === 'today' && p.supply === supply);

  test('no rule is broken, and no penalty is left but for tools that get hot and have no room by a socket', () => {
    expect(report.week.today.penalties).toBeGreaterThan(0);
    const left = Object.values(report.placements).flatMap((p) => (p.arrangement === 'planned' ? p.penalties : []));
    expect(left.filter((p) => p.code !== 'socket')).toEqual([]);
    expect(report.week.planned.penalties).toBeLessThan(1);
    const barred = (arrangement: string) =>
      Object.values(report.placements).filter((p) => p.arrangement === arrangement && p.barred !== null);
    expect(barred('today').length).toBeGreaterThan(3);
    expect(barred('planned')).toEqual([]);
  });

  test.each(['gouges', 'rags', 'fabric-scissors', 'small-scissors', 'ink-pads'])('%s are fetched sooner', (supply) => {
    const seconds = (list: ReturnType<typeof today>) => Math.max(...list.map((p) => p.secondsPerFetch));
    expect(today(supply).length).toBeGreaterThan(0);
    expect(seconds(planned(report, supply))).toBeLessThan(seconds(today(supply)));
  });

  test('nothing is overfull, and what stands too high or does not fit today fits', () => {
    const over = (arrangement: 'today' | 'planned') =>
      report.compartments.filter((c) => c.fill[arrangement].state === 'over').length;
    expect(over('today')).toBeGreaterThanOrEqual(4);
    expect(over('planned')).toBe(0);
    for (const supply of ['sewing-machine', 'scroll-saw', 'dowels-900-mm', 'tissue-paper', 'finished-marionettes']) {
      const list = planned(report, supply);
      expect([supply, list.length > 0, list.every((p) => p.fits === p.count)]).toEqual([supply, true, true]);
    }
    expect(report.findings.filter((f) => f.code === 'does not fit' && /_p\d+/.test(f.path))).toEqual([]);
  });
});

longTest('ways of sorting are so many rooms, each the best kept by its own measure', () => {
  const ways = (['activity', 'colour', 'kind', 'alphabet', 'size'] as const).slice(0, runs(3, 5));
  const found = compareAllWays(demo, { seed: 1, ways });
  const rooms = found.map((w) => applyChanges(demo, takeWay(demo, w)).plan);
  const homes = rooms.map((room) => {
    const at = new Map<string, string>();
    for (const p of Object.values(room.placements))
      if (p.arrangement === 'planned' && !p.spare) at.set(p.supply, compartmentId(p));
    return at;
  });
  homes.forEach((a, i) =>
    homes.slice(i + 1).forEach((b) => {
      const moved = [...a].filter(([supply, at]) => b.get(supply) !== at).length;
      expect(moved / a.size).toBeGreaterThan(0.4);
    }),
  );
  const weight = (room: Plan, way: (typeof ways)[number]) => {
    const judged = applyChanges(room, [setMeta(room, { sorting: sortingBy(room, way) })]).plan;
    return orderOf(
      sceneOf(judged),
      Object.values(room.placements).filter((p) => p.arrangement === 'planned'),
    ).minutes;
  };
  ways.forEach((way, i) => {
    const own = weight(rooms[i]!, way);
    for (const [j, room] of rooms.entries()) if (j !== i) expect(own).toBeLessThan(weight(room, way));
    // Each is a whole plan: as much has a place, and it beats today.
    expect(found[i]!.figures.without).toBe(1);
    expect(found[i]!.figures.minutes).toBeLessThan(0.7 * report.week.today.minutes);
  });
});
