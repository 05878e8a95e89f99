/** Things banded together: a bundle of several lies as one thing. */
import { isRound } from '../fit/forms.ts';
import { set, type Change } from '../model/change.ts';
import type { Plan, Supply } from '../model/plan.ts';

/**
 * Diameter of the smallest circle round n equal circles, by their diameter. Graham, Lubachevsky, Nurmela & Östergård, Dense
 * packings of congruent circles in a circle, Discrete Mathematics 181 (1998) (values from memory, to three places).
 */
const ROUND_N: readonly number[] = [
  ...[
    1, 2, 2.155, 2.414, 2.701, 3, 3, 3.304, 3.613, 3.813, 3.924, 4.03, 4.236, 4.328, 4.521, 4.615, 4.792, 4.863, 4.863,
  ],
];
/** Share of a large circle that bands of many round things fill. Common practice, no source. */
const MANY = 0.78;

/** How many times as thick as one a bundle of round things is. */
const bundleRatio = (n: number): number => ROUND_N[n - 1] ?? Math.sqrt(n / MANY);

/** The most things in one bundle. */
export const MOST_IN_BUNDLE = 200;

/** Whether things can be banded together: rolls, and long or stiff pieces of which there are several. */
export const mayBeBundled = (s: Pick<Supply, 'form' | 'count'>): boolean =>
  s.count > 1 && (s.form === 'rolls' || s.form === 'long' || s.form === 'pieces' || s.form === 'sheets');

/** What a line becomes when it is banded in bundles of a size: a number of bundles, each with its sizes. */
export function bundled(supply: Supply, per: number): Partial<Supply> {
  const count = Math.ceil(supply.count / per);
  const backstock = Math.min(count, Math.floor(supply.backstock / per));
  const reorderAt = supply.reorderAt === null ? null : Math.ceil(supply.reorderAt / per);
  const mass = supply.mass === null ? null : supply.mass * per;
  const common = { count, backstock, reorderAt, mass, parts: per, name: `${supply.name}, ${per} in a band` };
  if (isRound(supply.form)) {
    const width = Math.round(supply.width * bundleRatio(per) * 10) / 10;
    return { ...common, width, thickness: width };
  }
  // Sheets become packs.
  const form = supply.form === 'sheets' ? ('set' as const) : supply.form;
  return { ...common, form, thickness: Math.round(supply.thickness * per * 100) / 100, grammage: null };
}

/** Changes that band a line together, where it lies, too. */
export function bundleChanges(plan: Pick<Plan, 'placements'>, supply: Supply, per: number): Change[] {
  return [
    set('supplies', supply.id, bundled(supply, per)),
    ...Object.values(plan.placements)
      .filter((p) => p.supply === supply.id)
      .map((p) => set('placements', p.id, { count: Math.ceil(p.count / per) })),
  ];
}
