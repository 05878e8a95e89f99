/** Sheets of several lines on each other, as people keep them. */
import fc from 'fast-check';
import { holds } from '@heronstone/testing/holds.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { Fitter } from './feasible.ts';
import { layOut } from './layOut.ts';
import type { Compartment } from '../furniture/compartments.ts';

const colour = (id: string, count = 25, more = {}) =>
  thing({ id, form: 'sheets', count, length: 297, width: 210, thickness: 0.27, ...more });
const item = (supply: ReturnType<typeof thing>) => ({ supply, count: supply.count, only: null });

test('five colours of 25 sheets make one pile of 34 mm in a drawer in which they do not lie side by side', () => {
  const drawer = holds('drawer', 320, 330, 60);
  const { laid, share } = layOut(
    drawer,
    ['a', 'b', 'c', 'd', 'e'].map((id) => item(colour(id))),
    [],
    0,
  );
  expect(laid.map((l) => l.fits)).toEqual([25, 25, 25, 25, 25]);
  expect(share).toBeLessThanOrEqual(1);
  const height = Math.max(...laid.map((l) => l.pile!.below + l.lie!.up));
  expect(height).toBeCloseTo(5 * 25 * 0.27, 6);
  // What is given first is used most, and lies on top.
  expect(laid[0]!.pile!.above).toBe(0);
  expect(laid[4]!.pile!.below).toBe(0);
});

test('a larger sheet does not lie on a smaller one, and what is higher than it may be makes a second pile', () => {
  const drawer = holds('drawer', 340, 330, 100);
  const small = colour('small', 25, { length: 148, width: 105 });
  const { laid } = layOut(drawer, [item(colour('big')), item(small), item(colour('other', 30))], [], 0);
  const at = (i: number) => laid[i]!.pile?.below ?? -1;
  expect(at(1)).toBeGreaterThan(Math.max(at(0), at(2)));
  const many = layOut(drawer, [item(colour('a', 300)), item(colour('b', 300))], [], 0);
  expect(many.laid.some((l) => l.fits < 300)).toBe(true);
});

test('in a paper slot the search gives each line the share of the height that is its own, and it can be laid out', () => {
  const slot = { ...holds('open', 320, 330, 24), id: 's', slot: 's1' } as unknown as Compartment;
  const fitter = new Fitter([slot], 0);
  const whole = fitter.into(colour('a'), 25, 0, 0)!;
  expect(whole.count).toBe(25);
  expect(whole.width).toBeLessThan(slot.inside.width / 2);
  // Nothing else lies beside paper in its slot.
  expect(fitter.into(thing({ id: 'k', length: 60, width: 20, thickness: 5 }), 1, 0, whole.width)).toBeNull();
});

test('whatever sheets the search puts into a slot lie there in one pile that is no higher than the slot allows', () => {
  const sheets = fc.record({
    count: fc.integer({ min: 1, max: 60 }),
    length: fc.integer({ min: 60, max: 330 }),
    width: fc.integer({ min: 50, max: 300 }),
    thickness: fc.double({ min: 0.08, max: 1.2, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.array(sheets, { minLength: 1, maxLength: 8 }),
      fc.integer({ min: 15, max: 60 }),
      fc.constantFrom(0, 0.15),
      (list, height, grow) => {
        const slot = { ...holds('open', 320, 330, height), id: 's', slot: 's1' } as unknown as Compartment;
        const fitter = new Fitter([slot], grow);
        const inside: ReturnType<typeof item>[] = [];
        let taken = 0;
        list.forEach((more, i) => {
          const supply = thing({ id: `s${i}`, form: 'sheets', ...more });
          const fits = fitter.into(supply, supply.count, 0, taken);
          if (fits?.count !== supply.count) return;
          taken += fits.width;
          inside.push(item(supply));
        });
        expect(taken).toBeLessThanOrEqual(slot.inside.width + 1e-6);
        const { laid, share } = layOut(slot, inside, [], 0);
        laid.forEach((l, i) => expect(l.fits).toBe(inside[i]!.count));
        expect(share).toBeLessThanOrEqual(1 + 1e-9);
        for (const l of laid)
          if (l.pile) expect(l.pile.below + l.lie!.up + l.pile.above).toBeLessThanOrEqual(0.75 * height + 1e-6);
      },
    ),
    { numRuns: runs(150) },
  );
});
