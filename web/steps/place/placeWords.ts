import { tenths } from '@heronstone/core/model/measure.ts';
import type { Alternative } from '@heronstone/core/ask/alternatives.ts';

/** "all fit", "3 of 8 fit", "full", or why not. */
export function fitWords(a: Alternative, count: number): string {
  if (a.fits >= count) return 'all fit';
  if (a.fits > 0) return `${a.fits} of ${count} fit`;
  return a.fitsEmpty > 0 ? 'full' : (a.reason ?? 'does not fit');
}

/** "+1.2", "−0.3", "0.0" for what rounds to nothing. */
export function signed(value: number): string {
  const words = tenths(Math.abs(value));
  return words === '0.0' ? words : `${value > 0 ? '+' : '−'}${words}`;
}
