/** The six evenings: three in feet and inches, three in centimetres. */
import { CLOTH_IN_FEET } from './clothInFeet.ts';
import type { Evening } from './evening.ts';
import { HAND_IN_METRIC } from './handInMetric.ts';
import { MIXED_IN_METRIC } from './mixedInMetric.ts';
import { PAINT_IN_METRIC } from './paintInMetric.ts';
import { PAPER_IN_FEET } from './paperInFeet.ts';
import { SMALL_IN_FEET } from './smallInFeet.ts';

export const EVENINGS: readonly Evening[] = [
  PAPER_IN_FEET,
  CLOTH_IN_FEET,
  SMALL_IN_FEET,
  MIXED_IN_METRIC,
  PAINT_IN_METRIC,
  HAND_IN_METRIC,
];
