import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import { fullPlacesOf, openSpare } from './entering.ts';
import { reviewOf } from './review.ts';

const demo = withFewThings(demoPlan(), ['sanding-sheets-fine'], 3);

test('a kind is full when none of its places has room; with one free place it is not', () => {
  const report = evaluate(demo);
  // Whatever is said to be full is.
  const kinds = [...new Set(Object.values(demo.supplies).map((s) => s.category))];
  const full = kinds.filter((k) => fullPlacesOf(demo, report, k).length > 0);
  for (const kind of full)
    for (const name of fullPlacesOf(demo, report, kind)) {
      const place = report.compartments.find((c) => c.name === name)!;
      expect(['full', 'over']).toContain(place.fill.today.state);
    }
  // One line that fills its only place to the brim.
  const whole = demoPlan();
  const stuffed = evaluate(whole);
  const [place] = stuffed.compartments.filter((c) => c.fill.today.state === 'over');
  const id = place!.contents.today[0]!;
  const { supply } = stuffed.placements[id]!;
  const alone = applyChanges(whole, [set('supplies', supply, { category: 'crown jewels' })]).plan;
  expect(fullPlacesOf(alone, evaluate(alone), 'Crown Jewels')).toEqual([place!.name]);
  expect(fullPlacesOf(demo, report, 'nothing of that kind')).toEqual([]);
  expect(fullPlacesOf(demo, report, '')).toEqual([]);
});

test('opening a spare puts the thing on the reorder list', () => {
  const plan = applyChanges(demo, openSpare(demo, 'sanding-sheets-fine')).plan;
  expect(plan.supplies['sanding-sheets-fine']!.backstock).toBe(demo.supplies['sanding-sheets-fine']!.backstock - 1);
  const lines = reviewOf(plan, evaluate(plan), '2026-11-25').filter((l) => l.kind === 'reorder');
  expect(lines.map((l) => l.id)).toContain('sanding-sheets-fine');
  const none = Object.values(demo.supplies).find((s) => s.backstock === 0)!;
  expect(() => openSpare(demo, none.id)).toThrow(/no spares of/);
});
