import { thing } from '@heronstone/testing/thing.ts';
import { bundleChanges, bundled, mayBeBundled } from './bundle.ts';

// Circles round two, three, four and seven circles can be worked out by hand.
test.each([
  [2, 2],
  [3, 1 + 2 / Math.sqrt(3)],
  [4, 1 + Math.SQRT2],
  [7, 3],
])('%d rolls in a band are %d times as thick as one', (n, ratio) => {
  const rolls = thing({ form: 'rolls', count: 28, length: 300, width: 50, thickness: 50, backstock: 14, reorderAt: 7 });
  const after = bundled(rolls, n);
  expect(after.width! / 50).toBeCloseTo(ratio, 2);
  expect(after.count).toBe(Math.ceil(28 / n));
  expect(after.backstock).toBe(Math.floor(14 / n));
  expect(after.reorderAt).toBe(Math.ceil(7 / n));
});

test('sheets become packs; what lies somewhere is counted in bundles, too; a single thing is no bundle', () => {
  const card = thing({
    id: 'card',
    form: 'sheets',
    count: 100,
    length: 297,
    width: 210,
    thickness: 0.3,
    grammage: 240,
  });
  expect(bundled(card, 25)).toMatchObject({ form: 'set', count: 4, thickness: 7.5, parts: 25 });
  const placements = { p: { id: 'p', supply: 'card', count: 60 }, q: { id: 'q', supply: 'other', count: 60 } };
  const changes = bundleChanges({ placements } as unknown as Parameters<typeof bundleChanges>[0], card, 25);
  expect(changes).toContainEqual({ table: 'placements', id: 'p', set: { count: 3 } });
  expect(changes.some((c) => c.id === 'q')).toBe(false);
  expect(mayBeBundled(thing({ count: 1 }))).toBe(false);
});
