/** The sentence that says why a week is another one, on the demo. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { having } from '@heronstone/testing/rooms.ts';
import { remove, set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { evaluate } from './evaluate.ts';
import { whyChanged } from './whyChanged.ts';

const demo = withFewThings(demoPlan(), ['markers'], 3);
const told = (plan: Plan) => ({ plan, report: evaluate(plan) });
const before = told(demo);
const why = (...changes: Parameters<typeof having>[1][]) => whyChanged(before, told(having(demo, ...changes)));
const activity = Object.keys(demo.activities)[0]!;

test('five more things that have no place are looked for each time', () => {
  const added = Array.from({ length: 5 }, (_, i) => [
    set('supplies', `new${i}`, thing({ id: `new${i}`, name: `New ${i}`, length: 100, width: 50, thickness: 20 })),
    set('uses', `use${i}`, { id: `use${i}`, supply: `new${i}`, activity, fetches: 2 }),
  ]).flat();
  expect(why(...added)).toMatch(
    /^The week goes from \d+\.\d to \d+\.\d min: 5 more things have no place yet and are looked for each time\.$/,
  );
});

test('what is fetched more often is named', () => {
  const use = Object.values(demo.uses).find((u) => u.supply === 'markers')!;
  expect(why(set('uses', use.id, { fetches: use.fetches * 3 }))).toContain('Markers');
  expect(why(set('uses', use.id, { fetches: use.fetches * 3 }))).toMatch(/fetched more often\.$/);
});

test('what was taken away is named, and nothing is said where the week is the same', () => {
  const rows = Object.values(demo.placements).filter((p) => p.supply === 'markers' && p.arrangement === 'planned');
  expect(why(...rows.map((p) => remove('placements', p.id)))).toMatch(
    /1 more thing has no place yet and is looked for/,
  );
  expect(why(set('supplies', 'markers', { note: 'mine' }))).toBe('');
});
