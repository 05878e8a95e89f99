/** Today and the plan count the same things and the same fetches; what is in one of them only is said apart. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { applyChanges, removeWithDependents, set, type Change } from '../model/change.ts';
import type { Arrangement, Plan, Supply } from '../model/plan.ts';
import { comparedPlans } from './todayVsPlan.ts';
import { evaluate, type Report } from './evaluate.ts';

/** What the two weeks have in common and apart is all of each of them, and the parts are the whole. */
function addsUp(report: Report): void {
  const { compared, week } = report;
  for (const a of ['today', 'planned'] as const) {
    expect(compared[a] + compared.apart.leaving[a] + compared.apart.notNoted[a]).toBeCloseTo(week[a].minutes, 9);
    expect(Object.values(compared.parts).reduce((sum, p) => sum + p[a], 0)).toBeCloseTo(compared[a], 9);
  }
}

const place = (id: string, supply: string, arrangement: Arrangement, unit: string, slot = 's1'): Change =>
  set('placements', id, {
    ...{ id, arrangement, supply, unit, slot, container: null, count: 1 },
    ...{ orientation: null, pinned: false, spare: false, part: null },
  } as never);

/** Five things in one cupboard, used alike; today and planned in the same places. */
function five(...more: Change[]): Plan {
  return having(
    rectangle(4000, 4000),
    unitRow(boxUnit('shelf', 2000, 200, 800, 300, { tiers: [400, 400, 400] })),
    ...seatRows('s', 2000, 2500),
    set('activities', 'a', {
      ...{ id: 'a', name: 'Making', sessionsPerWeek: 3, minutes: 60, station: 's' },
    } as never),
    ...[1, 2, 3, 4, 5].flatMap((n) => [
      set('supplies', `t${n}`, { ...thing({ id: `t${n}`, name: `Thing ${n}` }) } as never),
      set('uses', `u${n}`, { id: `u${n}`, supply: `t${n}`, activity: 'a', fetches: 4 }),
      place(`t${n}-today`, `t${n}`, 'today', 'shelf', `s${1 + (n % 3)}`),
    ]),
    ...more,
  );
}

test('what goes elsewhere is not saved: the same things are compared, the rest is said apart', () => {
  const gone = ['t1', 't2', 't3'].map((id) => set('supplies', id, { decision: 'elsewhere' } as Partial<Supply>));
  const planned = ['t4', 't5'].map((id) => place(`${id}-plan`, id, 'planned', 'shelf', id === 't4' ? 's2' : 's3'));
  const report = evaluate(five(...gone, ...planned));
  addsUp(report);
  const { compared, week } = report;
  // Two things stay, and lie in the same places: nothing is saved, though the week of the plan is much shorter.
  expect(compared).toMatchObject({ supplies: 2, left: 0, whole: false, fetches: 24 });
  expect(compared.apart.leaving).toMatchObject({ supplies: 3, planned: 0 });
  expect(compared.apart.leaving.today).toBeGreaterThan(0.5 * week.today.minutes);
  expect(compared.planned).toBeLessThanOrEqual(compared.today + 1e-9);
  expect(compared.planned).toBeGreaterThan(0.9 * compared.today);
});

test('out of season, and kept out of the room: the same, and what stays is compared', () => {
  const season = ['t2', 't5'].map((id) => set('supplies', id, { decision: 'seasonal' } as Partial<Supply>));
  const planned = ['t1', 't3', 't4'].map((id) => place(`${id}-plan`, id, 'planned', 'shelf', 's1'));
  const report = evaluate(five(...season, ...planned));
  addsUp(report);
  expect(report.compared).toMatchObject({ supplies: 3, whole: false, fetches: 36 });
  expect(report.compared.apart.leaving).toMatchObject({ supplies: 2, planned: 0 });
});

test('of what is noted in part the same part counts in both', () => {
  const report = evaluate(
    five(
      set('supplies', 't1', { count: 2 } as Partial<Supply>),
      ...[1, 2, 3, 4, 5].map((n) => place(`t${n}-plan`, `t${n}`, 'planned', 'shelf', `s${1 + (n % 3)}`)),
      set('placements', 't1-plan', { count: 2 }),
    ),
  );
  addsUp(report);
  expect(report.compared).toMatchObject({ supplies: 5, left: 0, whole: false });
  // Ten fetches a week for each of four, half of twelve for the one that is half noted.
  expect(report.compared.fetches).toBeCloseTo(4 * 12 + 6, 9);
  expect(report.compared.apart.notNoted.planned).toBeGreaterThan(0);
});

test('every fetch of the plan is made or hunted for, once: what only fits in part is not counted twice', () => {
  const demo = demoPlan();
  const crowded = applyChanges(demo, [
    ...Object.values(demo.placements)
      .filter((p) => p.arrangement === 'planned')
      .slice(0, 25)
      .map((p) => set('placements', p.id, { unit: 'peg', slot: 'peg', container: null, part: null } as never)),
  ]).plan;
  for (const plan of [demo, crowded]) {
    const report = evaluate(plan);
    addsUp(report);
    for (const a of ['today', 'planned'] as const)
      for (const row of report.week[a].supplies)
        expect(row.fetches).toBeCloseTo(report.supplies[row.supply]!.fetchesPerWeek, 6);
    expect(report.week.planned.supplies.filter((r) => r.fetches > 0)).toHaveLength(
      Object.values(report.supplies).filter((s) => s.fetchesPerWeek > 0).length,
    );
  }
});

test('two plans: what both fetch, what only one does, and the difference by its parts', () => {
  const demo = demoPlan();
  const some = Object.values(demo.supplies).slice(0, 6);
  let fewer = demo;
  for (const s of some) fewer = applyChanges(fewer, removeWithDependents(fewer, 'supplies', s.id)).plan;
  const [a, b] = [evaluate(demo).week.planned, evaluate(fewer).week.planned];
  const both = comparedPlans(
    a,
    b,
    (id) => demo.supplies[id]!.name,
    (id) => fewer.supplies[id]!.name,
  );
  expect(both.only.b.supplies).toEqual([]);
  expect(both.only.a.supplies).toEqual(some.map((s) => s.name).sort((x, y) => x.localeCompare(y, 'en')));
  expect(both.fetches.a).toBeCloseTo(both.fetches.b, 9);
  expect(both.minutes.a + both.only.a.minutes).toBeCloseTo(a.minutes, 9);
  expect(both.minutes.b).toBeCloseTo(b.minutes, 9);
  const parts = Object.values(both.difference).reduce((sum, x) => sum + x, 0);
  expect(parts).toBeCloseTo(both.minutes.b - both.minutes.a, 9);
});
