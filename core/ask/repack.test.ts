import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { applyChanges } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { packChanges, packed, repacked, type Pack } from './repack.ts';

const demo = withFewThings(demoPlan(), [], 3);
const packOf = ({ form, count, length, width, thickness, squeeze }: Pack): Pack => ({
  ...{ form, count, length, width, thickness, squeeze },
});

test('loose in one bag instead of twelve packs: the weight stays, spares and the reorder point go along', () => {
  const packs = thing({ form: 'set', count: 12, length: 120, width: 90, thickness: 20, parts: 30 });
  const owned = { ...packs, mass: 40, backstock: 5, reorderAt: 3 };
  const bag = packed(owned, { ...packOf(owned), form: 'soft', count: 1, length: 200, width: 150, thickness: 40 });
  expect(bag).toMatchObject({ form: 'soft', count: 1, mass: 480, backstock: 0, reorderAt: 1, parts: null });
  // And cut apart again into twice as many.
  const halves = packed(owned, { ...packOf(owned), count: 24, thickness: 10 });
  expect(halves).toMatchObject({ count: 24, mass: 20, backstock: 10, reorderAt: 6, parts: 30 });
});

test('sheets keep what a square metre weighs; packs of them weigh what the sheets did', () => {
  const card = thing({ form: 'sheets', count: 100, length: 300, width: 200, thickness: 0.3, grammage: 250 });
  const four = packed(card, { ...packOf(card), form: 'set', count: 4, thickness: 7.5 });
  expect(four).toMatchObject({ grammage: null, parts: 25 });
  expect(four.mass! * 4).toBeCloseTo(0.3 * 0.2 * 250 * 100, 6);
  const cut = packed(card, { ...packOf(card), count: 200, length: 150 });
  expect(cut).toMatchObject({ grammage: 250, mass: null });
});

test('all that lies somewhere still lies there, counted again, in any number of packs', () => {
  const split = Object.values(demo.supplies).filter(
    (s) => Object.values(demo.placements).filter((p) => p.supply === s.id && p.arrangement === 'planned').length > 0,
  );
  for (const supply of split.slice(0, 12))
    for (const count of [1, 3, supply.count * 2]) {
      const after = applyChanges(demo, packChanges(demo, supply, { ...packOf(supply), count })).plan;
      for (const arrangement of ['today', 'planned'] as const) {
        const sum = (plan: typeof demo) =>
          Object.values(plan.placements)
            .filter((p) => p.supply === supply.id && p.arrangement === arrangement)
            .reduce((n, p) => n + p.count, 0);
        expect(sum(after)).toBe(Math.round((sum(demo) * count) / supply.count));
      }
      expect(after.supplies[supply.id]!.count).toBe(count);
    }
});

test('both stand side by side: its own place first, and the figures are those of the Report when it is packed so', () => {
  const supply = Object.values(demo.supplies).find((s) => s.form === 'soft' && s.count > 1)!;
  const pack = { ...packOf(supply), squeeze: supply.squeeze / 2 };
  const found = repacked(demo, supply, pack, 'planned');
  expect(found.places[0]!.now.own).toBe(true);
  expect(found.litres.now).toBeCloseTo(evaluate(demo).supplies[supply.id]!.litres, 9);
  const after = evaluate(applyChanges(demo, packChanges(demo, supply, pack)).plan);
  expect(found.litres.then).toBeCloseTo(after.supplies[supply.id]!.litres, 9);
  expect(found.litres.then).toBeCloseTo(found.litres.now / 2, 9);
  for (const { now, then } of found.places) expect(then.most).toBeGreaterThanOrEqual(now.most);
});
