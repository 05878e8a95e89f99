import { demoPlan } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import ICAL from 'ical.js';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { samePlan, type Plan } from '../model/plan.ts';
import { addMonths, occasionsOf, writeCalendar } from './calendar.ts';
import { reviewOf, REVIEWS } from './review.ts';
import { inSeason, seasonRound } from './seasons.ts';
import { dayAfter, daysBetween, logLine, monthsBetween, usedOf } from '../model/log.ts';

const demo = demoPlan();
/** The day of the demo. */
const TODAY = '2026-11-25';

const season = { id: 'w', name: 'winter fairs', from: '11-15', until: '01-10', unit: 'landing-cupboard', slot: 's1' };
const wintry = applyChanges(demo, [
  set('seasons', 'w', season),
  ...['fair-boxes-folded', 'stage-lamps', 'ribbon-rolls', 'screw-eyes-small'].map((id) =>
    set('supplies', id, { season: 'winter fairs' }),
  ),
]).plan;

test('days and months', () => {
  expect(monthsBetween('2026-03-31', '2027-03-30')).toBe(11);
  expect(monthsBetween('2026-03-31', '2027-03-31')).toBe(12);
  expect(daysBetween('2027-02-27', '2027-03-01')).toBe(2);
  expect(dayAfter('2027-12-31', 1)).toBe('2028-01-01');
  expect(addMonths('2027-08-31', 6)).toBe('2028-02-29');
  expect(inSeason(season, '2027-12-24')).toBe(true);
  expect(inSeason(season, '2027-01-10')).toBe(true);
  expect(inSeason(season, '2027-06-01')).toBe(false);
});

test('a season goes out and comes in again to the same room, boxes and all', () => {
  const out = seasonRound(wintry, 'w', 'out');
  expect(out.lines.length).toBeGreaterThan(2);
  const away = applyChanges(wintry, out.changes).plan;
  for (const p of Object.values(away.placements))
    if (away.supplies[p.supply]!.season === season.name) expect(`${p.unit}/${p.slot}`).toBe('landing-cupboard/s1');
  const back = seasonRound(away, 'w', 'in');
  expect(back.lost).toEqual([]);
  const again = applyChanges(away, back.changes).plan;
  expect(samePlan(again, wintry)).toBe(true);
  expect(evaluate(again)).toEqual(evaluate(wintry));
  const nowhere = applyChanges(wintry, [set('seasons', 'w', { unit: null, slot: '' })]).plan;
  expect(() => seasonRound(nowhere, 'w', 'out')).toThrow(/Choose a place in which the things of winter fairs/);
});

test('the calendar is read back by a calendar parser: titles, days, all-day, repetition', () => {
  const plan = applyChanges(wintry, [
    set('labels', 'l1', { id: 'l1', unit: 'slim', slot: 'd1', since: '2027-03-01', sides: ['front'] }),
    set('projects', 'p1', { id: 'p1', name: 'Wolf, marionette', due: '2027-05-02' }),
    setMeta(demo, { upkeep: { ...demo.meta.upkeep, purged: '2026-12-01' } }),
  ]).plan;
  const calendar = new ICAL.Component(ICAL.parse(writeCalendar(plan, TODAY, '2027-03-20T10:00:00Z')));
  const events = calendar.getAllSubcomponents('vevent').map((v) => new ICAL.Event(v));
  const wanted = occasionsOf(plan, TODAY);
  expect(events.map((e) => [e.startDate.toString().slice(0, 10), e.summary])).toEqual(
    wanted.map((o) => [o.day, o.title]),
  );
  expect(events.every((e) => e.startDate.isDate)).toBe(true);
  const swap = events.find((e) => e.summary === 'winter fairs: bring its things in')!;
  const times = swap.iterator();
  expect([times.next(), times.next()].map((t) => t!.toString().slice(0, 10))).toEqual(['2027-11-15', '2028-11-15']);
  expect(events.find((e) => e.summary === 'Wolf, marionette')!.isRecurring()).toBe(false);
  expect(events.some((e) => e.summary.startsWith('Trial labels') && e.startDate.toString() === '2027-04-12')).toBe(
    true,
  );
  expect(calendar.getFirstPropertyValue('version')).toBe('2.0');
});

test('the log counts uses, and the last day of any', () => {
  const plan = applyChanges(demo, [
    logLine('a', '2027-01-02', { supply: 'gouges', kind: 'used' }),
    logLine('b', '2027-02-02', { supply: 'gouges', kind: 'used' }),
    logLine('c', '2027-02-09', { supply: 'gouges', kind: 'looked first', unit: 'trunk', slot: 'box' }),
  ]).plan;
  const before = usedOf(demo).get('gouges')?.times ?? 0;
  expect(usedOf(plan).get('gouges')!.times).toBe(before + 2);
});

test('the year of the demo gives every review list something true, and its proposals can be made', () => {
  const report = evaluate(demo);
  const lines = reviewOf(demo, report, TODAY);
  for (const kind of REVIEWS) expect([kind, lines.filter((l) => l.kind === kind).length > 0]).toEqual([kind, true]);
  // One of each list; all lines in the long run.
  const looked = lines.filter((line, i) => runs(0, 1) > 0 || lines.findIndex((l) => l.kind === line.kind) === i);
  for (const line of looked)
    for (const p of line.proposals) {
      const after = applyChanges(demo, p.changes).plan;
      // A proposal that changes the plan itself takes its line off the list; one that only seeks a place does so afterwards.
      if (!p.thenPlace || line.kind === 'reorder' || line.kind === 'new' || line.kind === 'undecided')
        expect([line.kind, line.id, p.words, has(after, line.kind, line.id)]).toEqual([
          line.kind,
          line.id,
          p.words,
          false,
        ]);
    }
});

const has = (plan: Plan, kind: string, id: string) =>
  reviewOf(plan, evaluate(plan), TODAY).some((l) => l.kind === kind && l.id === id);
