import { demoPlan } from '@heronstone/testing/demo.ts';
import { applyChanges, set } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { homeElsewhere, homeWhy } from './homeWhy.ts';

const demo = demoPlan();
const report = evaluate(demo);

test('the next best places hold all of what lies together of a home, and take the minutes that they say', () => {
  const some = report.homes.filter((h) => h.runs.planned.length > 0 && h.supplies.length > 1).slice(0, 6);
  let seen = 0;
  for (const home of some) {
    const found = homeElsewhere(demo, report, home);
    expect([...found].sort((a, b) => a.minutes - b.minutes)).toEqual(found);
    for (const at of found.filter((f) => f.instead.length === 0)) {
      const { unit, slot, container } = report.compartments.find((c) => c.id === at.compartment)!;
      const rows = Object.values(report.placements).filter(
        (p) => p.arrangement === 'planned' && p.spare === home.spares && home.supplies.includes(p.supply),
      );
      const runs = home.runs.planned.map((run) => rows.filter((p) => run.includes(p.compartment)));
      const main = runs.reduce((a, b) => (b.length > a.length ? b : a));
      const moved = applyChanges(
        demo,
        main.map((p) => set('placements', p.id, { unit, slot, container, orientation: null, part: null })),
      ).plan;
      expect(evaluate(moved).errors).toBe(report.errors);
      seen++;
    }
  }
  expect(seen).toBeGreaterThan(0);
});

test('it is said in sentences; a home that lies nowhere has none', () => {
  const [home] = report.homes.filter((h) => h.runs.planned.length > 0 && h.supplies.length > 1);
  const words = homeWhy(demo, report, home!.id);
  expect(words.length).toBeGreaterThan(0);
  for (const w of words)
    expect(w).toMatch(/^(In .+ it would take (the same|[\d.]+ min (more|less)) a week.*\.|No other .+)$/);
  expect(homeWhy(demo, report, 'nothing')).toEqual([]);
});
