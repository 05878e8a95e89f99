/** How many have room in a place: one rule for how many and for where each lies, whatever is owned. */
import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { fit } from './fit.ts';
import { layOut } from './layOut.ts';
import type { Holds } from './limits.ts';

const integerIn = (min: number, max: number) => fc.integer({ min, max });

describe('how many have room', () => {
  const shelf: Holds = { inside: { width: 760, depth: 300, height: 300 }, access: 'open', walls: 'sides' };

  test('skeins by volume, the same rule for how many and for where each lies', () => {
    // In rows by hand 4 x 3 x 3 = 36; pressed to four fifths 45.
    const skeins = (count: number) =>
      thing({ form: 'soft', length: 180, width: 80, thickness: 80, squeeze: 0.8, count });
    for (const count of [10, 26, 36, 45]) {
      const own = skeins(count);
      expect(fit(own, count, shelf).count).toBe(count);
      expect(layOut(shelf, [{ supply: own, count, only: null }], [], 0).laid[0]!.fits).toBe(count);
    }
    const many = skeins(200);
    expect(fit(many, 200, shelf).count).toBeGreaterThanOrEqual(45);
    expect(fit(many, 200, shelf).count).toBeLessThan(50);
  });

  test('is the same however many are owned, in anything with walls', () => {
    fc.assert(
      fc.property(
        fc.tuple(integerIn(120, 330), integerIn(90, 240), integerIn(8, 40)),
        fc.tuple(integerIn(300, 800), integerIn(250, 500), integerIn(60, 320)),
        ([length, width, thickness], [w, d, h]) => {
          const drawer: Holds = { inside: { width: w, depth: d, height: h }, access: 'drawer', walls: 'all' };
          const of = (count: number) =>
            fit(thing({ form: 'pieces', length, width, thickness, count }), count, drawer).count;
          const most = of(10_000);
          for (const count of [1, 2, 7, most, most + 1, 2 * most]) expect(of(count)).toBe(Math.min(count, most));
        },
      ),
      { numRuns: runs(60) },
    );
  });

  test('sheets of several lines lie on each other as many as still have room', () => {
    const sheets = (id: string, length: number, width: number, count: number) => ({
      supply: thing({ id, form: 'sheets', length, width, thickness: 0.3, count }),
      ...{ count, only: null },
    });
    const tray: Holds = { inside: { width: 330, depth: 330, height: 100 }, access: 'drawer', walls: 'all' };
    const large = [sheets('a', 305, 305, 150), sheets('b', 297, 210, 110), sheets('c', 152, 152, 100)];
    const [a, b, c] = layOut(tray, large, [], 0).laid.map((l) => l.fits);
    expect([a, b]).toEqual([150, 110]);
    expect(c).toBeGreaterThanOrEqual(40);
    const slot: Holds = { inside: { width: 330, depth: 330, height: 60 }, access: 'open', walls: 'sides' };
    const equal = ['a', 'b', 'c'].map((id) => sheets(id, 305, 305, 60));
    expect(layOut(slot, equal, [], 0).laid.map((l) => l.fits)).toEqual([60, 60, 30]);
  });
});
