/** What goes back, what is used up, and how fast: three facts, kept apart. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { shareOf } from '../cost/stock.ts';
import { upgradeFile } from '../formats/upgrade.ts';
import { set } from '../model/change.ts';
import type { Supply } from '../model/plan.ts';
import { SupplySchema } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { isUsedUp, usedByAFetch, usualUse } from './usedUp.ts';

test('a tool goes back, a sheet is used up by one fetch, a bottle of glue by many', () => {
  expect(usualUse({ form: 'pieces', category: 'tools' })).toEqual({ goesBack: true, lasts: null });
  expect(usualUse({ form: 'sheets', category: 'card and paper' })).toEqual({ goesBack: false, lasts: null });
  expect(usualUse({ form: 'bottles', category: 'glue' })).toEqual({ goesBack: true, lasts: 40 });
  expect(usualUse({ form: 'rolls', category: '' }).goesBack).toBe(true);
  // A roll of paper, a bottle of beads: the form says that it goes back, whatever the kind is used up by.
  for (const category of ['papers', 'card and paper', 'packing', 'patterns'])
    expect([category, usualUse({ form: 'rolls', category })]).toEqual([category, { goesBack: true, lasts: 20 }]);
  for (const category of ['beads', 'wood', 'papers'])
    expect([category, usualUse({ form: 'bottles', category })]).toEqual([category, { goesBack: true, lasts: 40 }]);
  expect(usualUse({ form: 'rolls', category: 'threads' }).lasts).toBe(30);
  expect(usualUse({ form: 'soft', category: 'yarn' }).lasts).toBe(6);
  expect(
    [
      { goesBack: true, lasts: null },
      { goesBack: true, lasts: 40 },
      { goesBack: false, lasts: null },
    ].map(isUsedUp),
  ).toEqual([false, true, true]);
  expect(
    [
      { goesBack: true, lasts: null },
      { goesBack: true, lasts: 40 },
      { goesBack: false, lasts: null },
    ].map(usedByAFetch),
  ).toEqual([0, 1 / 40, 1]);
});

test('the demo uses up less than a bottle of glue a week, and brings each back', () => {
  const demo = demoPlan();
  const report = evaluate(demo);
  const glue = Object.values(demo.supplies).filter((s) => s.category === 'glue' && s.form === 'bottles');
  expect(glue.length).toBeGreaterThan(2);
  for (const s of glue) expect(s).toMatchObject({ goesBack: true, lasts: 40 });
  const fetched = glue.reduce((sum, s) => sum + report.supplies[s.id]!.fetchesPerWeek, 0);
  const used = glue.reduce((sum, s) => sum + report.supplies[s.id]!.usedPerWeek, 0);
  expect(used).toBeCloseTo(fetched / 40, 9);
  expect(used).toBeLessThan(1);
});

test('what goes back costs its way back, however fast it is used up', () => {
  const room = (more: Partial<Supply>) =>
    evaluate(
      having(
        rectangle(4000, 4000),
        unitRow(boxUnit('shelf', 2000, 200, 800, 300, { tiers: [400] })),
        ...seatRows('s', 2000, 2500),
        set('activities', 'a', { id: 'a', name: 'Making', sessionsPerWeek: 2, minutes: 60, station: 's' }),
        set('supplies', 't', {
          ...thing({ id: 't', form: 'bottles', length: 150, width: 60, thickness: 60, orientations: ['end'] }),
          ...more,
        }),
        set('uses', 'u', { id: 'u', supply: 't', activity: 'a', fetches: 5 }),
        set('placements', 'p', {
          ...{ id: 'p', arrangement: 'planned', supply: 't', unit: 'shelf', slot: 's1', container: null, count: 1 },
          ...{ orientation: null, pinned: false, spare: false, part: null, returns: null },
        }),
      ),
    ).week.planned.fetching;
  const [once, tool, lasting] = [
    room({ goesBack: false }),
    room({ goesBack: true }),
    room({ goesBack: true, lasts: 40 }),
  ];
  expect(lasting).toBeCloseTo(tool, 9);
  expect(tool).toBeGreaterThan(1.6 * once);
});

test('spares of what lasts are fetched once in so many more fetches', () => {
  const supply = { count: 10, goesBack: true, lasts: 20 };
  // Four at work: they last for 80 fetches, then the spares are fetched once.
  expect(shareOf(supply, { count: 6, spare: true }, 6)).toBeCloseTo(1 / 80, 9);
  expect(shareOf({ ...supply, lasts: null }, { count: 6, spare: true }, 6)).toBe(0);
  // What is fetched does not vanish when all of it is called spare.
  const all = supply.count;
  expect(shareOf(supply, { count: all, spare: true }, all)).toBe(1);
  expect(shareOf(supply, { count: all / 2, spare: true }, all)).toBe(0.5);
});

test('what does not go back cannot last for many fetches: said at its field', () => {
  const row = { ...thing({}), goesBack: false, lasts: 20 };
  expect(SupplySchema.safeParse(row).error!.issues).toEqual([
    expect.objectContaining({ path: ['lasts'], message: expect.stringContaining('used up by one fetch') as string }),
  ]);
});

test('older files: rolls, bottles and soft things that were used up go back from then on', () => {
  const rows = [
    { id: 'a', form: 'bottles', goesBack: false, count: 1 },
    { id: 'b', form: 'sheets', goesBack: false, count: 1 },
    { id: 'c', form: 'rolls', goesBack: true, count: 1 },
  ];
  expect(upgradeFile({ supplies: rows, placements: [] }, 13).supplies).toEqual([
    { ...rows[0], goesBack: true, lasts: 40 },
    rows[1],
    rows[2],
  ]);
});
