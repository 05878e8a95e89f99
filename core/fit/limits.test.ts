/** Deep, narrow bins: what would lie at their bottom is neither seen nor reached. */
import { thing } from '@heronstone/testing/thing.ts';
import { fit } from './fit.ts';

const bin = (height: number, side = 290) => ({
  access: 'open' as const,
  walls: 'all' as const,
  inside: { width: side, depth: side, height },
});

test.each([
  ['buttons', thing({ form: 'loose', count: 500, length: 15, width: 15, thickness: 4 }), false],
  ['short boxes', thing({ count: 4, length: 130, width: 120, thickness: 60 }), false],
  ['rolls', thing({ form: 'rolls', count: 6, length: 600, width: 60, thickness: 60 }), true],
  ['long rules', thing({ form: 'long', count: 3, length: 650, width: 40, thickness: 3 }), true],
  ['yarn', thing({ form: 'soft', count: 10, length: 150, width: 80, thickness: 80 }), true],
])('%s in a bin of 700 mm: %s', (_, supply, fits) => {
  const found = fit(supply, supply.count, bin(700), 290, null);
  expect(found.count > 0).toBe(fits);
  if (!fits) expect(found.reason).toMatch(/bottom of a deep bin/);
  // In a low or a wide one everything is seen.
  expect(fit(supply, 1, bin(340), 290, null).count === 1 || supply.length > 340).toBe(true);
  expect(fit(supply, supply.count, bin(700, 700), 700, null).reason ?? '').not.toMatch(/deep bin/);
});
