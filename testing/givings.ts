/** Made-up problems of giving furniture to zones. */
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import type { GivingProblem } from '@heronstone/core/search/zones/giveUnits.ts';

/** Four forms of place; about as much room as is asked for. */
export function givingInstance(units: number, zones: number, seed: number): GivingProblem {
  const random = seeded(seed);
  const forms = 4;
  const asks = Float64Array.from({ length: zones * forms }, () => (random() < 0.3 ? 0 : 5 + 60 * random()));
  const each = (1.6 * asks.reduce((a, b) => a + b, 0)) / units / forms / 0.6;
  return {
    ...{ units, zones, forms, asks },
    room: Float64Array.from({ length: units * forms }, () => (random() < 0.4 ? 0 : each * (0.4 + 1.2 * random()))),
    cost: Float64Array.from({ length: units * zones * forms }, () => 1 + 9 * random()),
    short: new Float64Array(zones * forms).fill(30),
    fixed: new Int32Array(units).fill(-1),
  };
}
