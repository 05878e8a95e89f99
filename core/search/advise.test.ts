import { demoPlan } from '@heronstone/testing/demo.ts';
import { keepZones } from '../gestures/zoneGestures.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { UNIT_TYPES } from '@heronstone/library/units.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import { roomFindings } from '../checks/roomFindings.ts';
import { advise, adviseAll, ownOf } from './advise.ts';
import { IDEA_KINDS } from './ideas/idea.ts';
import { ideasFor } from './ideas/ideas.ts';
import { sampleRoom } from '../../demo/sampleRooms.ts';
import { changesTo, solveAll } from './solve.ts';

const demo = demoPlan();
const ideas = ideasFor(demo, UNIT_TYPES);
/** A few kinds of furniture are enough to see what is said of them. */
const some = new Set(Object.keys(demo.supplies).filter((_, i) => i % runs(16, 1) === 0));
const keep = <T extends { supply: string }>(rows: Readonly<Record<string, T>>) =>
  Object.fromEntries(Object.entries(rows).filter(([, row]) => some.has(row.supply)));
/** A part of what is owned is enough for the figures. */
const smaller: typeof demo = {
  ...demo,
  supplies: Object.fromEntries(Object.entries(demo.supplies).filter(([id]) => some.has(id))),
  ...{ uses: keep(demo.uses), placements: keep(demo.placements), pulls: keep(demo.pulls), logs: {} },
};
const types = UNIT_TYPES.slice(0, runs(1, UNIT_TYPES.length));

test('ideas of every kind for the demo, each with a name of its own', () => {
  const kinds = new Set(ideas.map((i) => i.kind));
  // No seat of the demo can be turned: each is at a table. It has no zones and homes of its own; filling again and pairs are made when they are tried.
  const not = IDEA_KINDS.filter((k) => !kinds.has(k));
  expect(not.filter((k) => k !== 'unused')).toEqual(['again', 'seat', 'zone', 'home', 'pair']);
  expect(new Set(ideas.map((i) => i.id)).size).toBe(ideas.length);
});

test('every idea can be made, and none puts more in the way than there is', () => {
  const faults = (plan: typeof demo) =>
    roomFindings(plan).filter((f) => f.code !== 'fix to the wall' && f.code !== 'not carried in').length;
  const before = faults(demo);
  for (const idea of ideas) {
    const after = applyChanges(demo, idea.changes).plan;
    expect([idea.title, faults(after) <= before]).toEqual([idea.title, true]);
  }
});

test('a seat that is not at a table can be turned', () => {
  const free = applyChanges(demo, [set('stations', 'stand-bench', { unit: null })]).plan;
  expect(ideasFor(free, []).filter((i) => i.kind === 'seat').length).toBeGreaterThan(0);
});

test('what is said to be saved is what the report of the changed plan has; most comes first', () => {
  const all = adviseAll(smaller, { seed: 1, types, moves: runs(4, 60) });
  expect(all.length).toBeGreaterThan(5);
  expect([...all].sort((a, b) => b.saves - a.saves)).toEqual(all);
  for (const help of all.filter((_, i) => i % runs(4, 1) === 0)) {
    const after = evaluate(applyChanges(smaller, help.changes).plan);
    expect(after.errors).toBe(0);
    expect(after.week[help.basis].minutes).toBeCloseTo(help.minutes, 6);
    // Against the plan in hand: who follows it has those minutes.
    expect(evaluate(smaller).week[help.basis].minutes - help.minutes).toBeCloseTo(help.saves, 6);
    if (help.price !== null && ownOf(help) > 0) expect(help.moneyAMinute).toBeCloseTo(help.price / ownOf(help), 9);
    else expect(help.moneyAMinute === null || help.moneyAMinute === 0).toBe(true);
  }
  const base = evaluate(smaller).week.planned.minutes;
  const best = all.find((h) => h.basis === 'planned')!;
  expect(best.minutes).toBeLessThan(base);
});

longTest.each(['cards', 'yarn', 'quilts'])('who follows any advice for %s has the minutes that it promised', (key) => {
  const empty = sampleRoom(key);
  const plan = applyChanges(empty, changesTo(empty, solveAll(empty, { seed: 1 }))).plan;
  const before = evaluate(plan).week;
  for (const help of adviseAll(plan, { seed: 1, types: UNIT_TYPES.slice(0, 4), moves: 100 })) {
    const after = evaluate(applyChanges(plan, help.changes).plan).week[help.basis].minutes;
    expect([help.title, before[help.basis].minutes - after]).toEqual([help.title, expect.closeTo(help.saves, 6)]);
  }
});

longTest('it shows what it found so far, and stops when it is asked to', () => {
  let n = 0;
  const run = advise(smaller, { seed: 1, types, moves: 20, stop: () => n >= 3 });
  let step = run.next();
  while (!step.done) {
    n++;
    expect(step.value.of).toBe(ideasFor(smaller, types).length);
    step = run.next();
  }
  expect(n).toBe(3);
});

test('zones: a piece in the wrong zone is offered to the other one, small homes as one, a desk at which nothing is done', () => {
  const table = Object.values(demo.units).find((u) => u.kind === 'table' && u.id === 'sewtable')!;
  const home = { zone: 'zone-sewing', set: false, inside: [], unit: null, slot: '', firm: false };
  const more = { side: null, station: null, other: null };
  const plan = applyChanges(demo, [
    ...keepZones(evaluate(demo)),
    set('allotments', 'a', {
      id: 'a',
      unit: 'slim',
      slot: '',
      container: null,
      as: 'zone',
      zone: 'zone-sewing',
      firm: true,
    }),
    set('homes', 'h1', { id: 'h1', name: 'Pins', ...home, ...more }),
    set('homes', 'h2', { id: 'h2', name: 'Needles', ...home, ...more }),
    set('supplies', 'pins', { home: 'h1' }),
    set('supplies', 'needles', { home: 'h2' }),
    set('units', 'spare', { ...table, id: 'spare', name: 'Second desk', x: 2400, y: 1500 }),
  ]).plan;
  const ideas = ideasFor(plan, []);
  const titles = (kind: string) => ideas.filter((i) => i.kind === kind).map((i) => i.title);
  expect(titles('zone')).toEqual([expect.stringMatching(/^Give Slim drawers to [AB] · /)]);
  expect(titles('home')).toEqual(['Needles and Pins as one home']);
  expect(titles('unused')).toEqual(['Nothing is done at Second desk: what if it went']);
  const gone = ideas.find((i) => i.kind === 'unused')!;
  expect(applyChanges(plan, gone.changes).plan.units.spare).toBeUndefined();
});
