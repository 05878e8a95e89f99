/** The demo's bad habits are in the lists of the worst, and mending each lowers the figure that names it. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { byMotion, MOTIONS } from '../fetch/elements.ts';
import { evaluate } from './evaluate.ts';
import { applyChanges, remove, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import type { WorstLists } from './report.ts';
import { motionRows } from './week.ts';

const demo = demoPlan();
/** Today alone: findings speak of today as long as nothing is planned. */
const today = applyChanges(
  demo,
  Object.values(demo.placements)
    .filter((p) => p.arrangement === 'planned')
    .map((p) => remove('placements', p.id)),
).plan;
const report = evaluate(today);
const having = (plan: Plan, ...changes: Change[]) => evaluate(applyChanges(plan, changes).plan);

describe('bad habits', () => {
  const figure = (worst: WorstLists, list: keyof WorstLists, id: string) =>
    worst[list].find((w) => w.placement === id)?.figure ?? 0;
  const cases: Array<[string, keyof WorstLists, string, Change]> = [
    [
      'the most used tool behind the door',
      'slow',
      'gouges_t1',
      set('placements', 'gouges_t1', { unit: 'peg', slot: 'peg' }),
    ],
    [
      'the heavy machine on the top shelf',
      'heavy',
      'sewing-machine_t1',
      set('placements', 'sewing-machine_t1', { unit: 'trunk', slot: 'box' }),
    ],
    ['varnish in the reach of a child', 'child', 'varnish-clear_t1', set('units', 'books', { keyLocked: true })],
    ['pads in view of nobody', 'unseen', 'ink-pads_t1', set('placements', 'ink-pads_t1', { unit: 'peg', slot: 'peg' })],
  ];
  test.each(cases)('%s is among the worst, and mended its figure is lower', (_, list, id, mend) => {
    const before = figure(report.worst.today, list, id);
    expect(before).toBeGreaterThan(0);
    expect(report.worst.today[list].length).toBeLessThanOrEqual(10);
    const after = having(today, mend);
    expect(figure(after.worst.today, list, id)).toBeLessThan(before);
  });

  test('the most used tool is among the first three of the list of minutes, and its fetch shuts the door first', () => {
    expect(report.worst.today.slow.slice(0, 3).map((w) => w.placement)).toContain('gouges_t1');
    const use = report.placements.gouges_t1!.from[0]!;
    expect(use.motions.opening).toBeGreaterThan(
      report.placements['limewood-blanks-small_t1']!.from[0]!.motions.opening,
    );
  });

  test('a label in view is enough to be seen', () => {
    const labelled = having(today, set('units', 'slim', { labelled: true }));
    expect(report.placements['ink-pads_t1']!.unseenFetches).toBeGreaterThan(0);
    expect(labelled.placements['ink-pads_t1']!.unseenFetches).toBe(0);
  });

  test('each is a finding, with what to defer to', () => {
    const of = (code: string) => report.findings.filter((f) => f.code === code);
    expect(of('in reach of a child').map((f) => f.targets[0]?.id)).toContain('varnish-clear_t1');
    expect(of('heavy lift').map((f) => f.targets[0]?.id)).toContain('sewing-machine_t1');
    expect(of('heavy lift')[0]!.message).toMatch(/not medical advice/);
    expect(of('shelf sags').map((f) => f.targets[0]?.id)).toContain('shelfE');
  });
});

describe('a week', () => {
  const { week, units } = evaluate(demo);
  test.each(['today', 'planned'] as const)('%s: the parts add up, by whatever they are cut', (arrangement) => {
    const w = week[arrangement];
    const sum = (list: number[]) => list.reduce((a, b) => a + b, 0);
    expect(w.fetching + w.hunting + w.penalties + w.setup).toBeCloseTo(w.minutes, 9);
    expect(sum(Object.values(w.motions))).toBeCloseTo(w.fetching + w.setup, 6);
    expect(sum(w.activities.map((a) => a.minutes))).toBeCloseTo(w.fetching, 6);
    expect(sum(w.activities.map((a) => a.setup))).toBeCloseTo(w.setup, 6);
    expect(sum(w.activities.map((a) => a.hunting))).toBeCloseTo(w.hunting, 6);
    expect(sum(w.activities.map((a) => a.penalties))).toBeCloseTo(w.penalties, 6);
    // Every minute of the week is in the row of an activity.
    expect(sum(w.activities.map((a) => a.total))).toBeCloseTo(w.minutes, 6);
    expect(sum(w.places.map((p) => p.minutes))).toBeCloseTo(w.fetching, 6);
    expect(sum(Object.values(units).map((u) => u.minutes[arrangement]))).toBeCloseTo(w.fetching, 6);
    expect(sum(w.supplies.map((s) => s.minutes))).toBeCloseTo(w.fetching, 6);
    expect(motionRows(w.motions).map((r) => r.minutes)).toEqual(Object.values(w.motions).sort((a, b) => b - a));
  });

  test('what is not noted is not hunted for, and today is compared on what is noted', () => {
    const whole = evaluate(demo);
    expect(whole.compared).toMatchObject({ supplies: Object.keys(demo.supplies).length, left: 0, whole: true });
    expect(whole.compared.today).toBeCloseTo(whole.week.today.minutes, 9);
    expect(whole.compared.planned).toBeCloseTo(whole.week.planned.minutes, 9);
    const some = Object.values(demo.placements).filter((p) => p.arrangement === 'today');
    const gone = some.slice(0, 100).map((p) => remove('placements', p.id));
    const few = having(demo, ...gone);
    expect(few.week.today.hunting).toBeCloseTo(whole.week.today.hunting, 9);
    expect(few.week.today.notNoted).toBeGreaterThan(80);
    expect(few.compared.left).toBeGreaterThan(80);
    expect(few.compared.planned).toBeLessThan(whole.compared.planned);
    const hunted = having(demo, ...gone, set('supplies', some[0]!.supply, { hunted: true }));
    expect(hunted.week.today.hunting).toBeGreaterThanOrEqual(few.week.today.hunting);
    expect(hunted.week.today.notNoted).toBe(few.week.today.notNoted - 1);
  });

  test('getting up costs stand and sit and the chair moved twice, each time; setting up adds its own', () => {
    const w = week.today;
    const setups = report.setups.reduce((sum, s) => sum + (s.motions.rising * s.times) / 60, 0);
    expect(w.motions.rising - setups).toBeCloseTo((w.ups * (13.4 + 43.4 + 34.7 + 15.4) * 0.036) / 60, 6);
    expect(w.metres).toBeGreaterThan(500);
  });

  test('a session says how often one gets up and bends', () => {
    const carving = week.today.activities.find((a) => a.activity === 'carving')!;
    expect(carving.perSession.ups).toBeGreaterThan(10);
    expect(carving.perSession.bends).toBeGreaterThan(1);
    expect(carving.perSession.metres).toBeGreaterThan(10);
  });

  test('every element belongs to one motion', () => {
    const motions = byMotion([
      { kind: 'walk', quantity: 2, seconds: 3 },
      { kind: 'look', quantity: 1, seconds: 1 },
    ]);
    expect(motions).toEqual({ ...Object.fromEntries(MOTIONS.map((m) => [m, 0])), walking: 3, looking: 1 });
  });

  test('who does an activity makes a difference', () => {
    const child = having(demo, set('activities', 'theatre', { person: 'apprentice' }));
    expect(child.placements['ink-pads_t1']!.from.find((u) => u.activity === 'theatre')).toMatchObject({
      person: 'apprentice',
      seat: 'stand-bench@apprentice',
    });
    expect(child.week.today.minutes).not.toBe(week.today.minutes);
  });
});

describe('people', () => {
  test('a wish to reach, a limit to lift and no steps are findings', () => {
    const found = having(
      today,
      set('wishes', 'w1', { id: 'w1', person: 'apprentice', supply: 'sewing-machine', wish: 'should reach' }),
      set('people', 'maker', { lifts: 5000, steps: false, stature: 1300 }),
      set('people', 'apprentice', { stature: 1100 }),
    ).findings;
    const codes = (code: string) => found.filter((f) => f.code === code).map((f) => f.targets[0]?.id);
    expect(codes('out of reach')).toContain('sewing-machine_t1');
    expect(codes('not to be lifted')).toContain('sewing-machine_t1');
    expect(codes('needs steps')).toContain('sewing-machine_t1');
  });

  test('what is locked away is out of the reach of a child, and of who should reach it', () => {
    const locked = having(
      today,
      set('units', 'books', { keyLocked: true }),
      set('wishes', 'w1', { id: 'w1', person: 'apprentice', supply: 'varnish-clear', wish: 'should reach' }),
    );
    expect(locked.findings.find((f) => f.code === 'out of reach')?.message).toMatch(/locked away/);
    expect(locked.worst.today.child.some((w) => w.placement === 'lead-weights_t1')).toBe(false);
  });
});
