/** Words of a line for how a thing lies or stands, and for sheets that are a part of whole ones. */
import type { Orientation, Supply } from '../model/plan.ts';
import { STANDS } from '../model/supply.ts';
import type { Rest, Sizes } from './readMeasures.ts';

/** Half and quarter sheets, as they are called. */
export type Share = 'Half' | 'Quarter';

/** Takes "half sheets of" out. */
export function takeShare(rest: Rest): Share | null {
  const found = rest.take(/(?<![\w-])(half|quarter)[\s-]+(?:sheets?|pages?)(?:\s+of)?(?![\w-])/i);
  return found ? (/^h/i.test(found[1]!) ? 'Half' : 'Quarter') : null;
}

/** The outline of a part of a sheet: a half is cut across its longer side, a quarter across both. */
export function shareOfSheet(sizes: Sizes, share: Share): void {
  const [a, b] = [...sizes.plain].sort((x, y) => y - x);
  if (a === undefined || b === undefined || sizes.plain.length !== 2) return;
  sizes.plain = share === 'Half' ? [Math.max(b, a / 2), Math.min(b, a / 2)] : [a / 2, b / 2];
}

const STANDING = new RegExp(String.raw`(?:^|[\s,;(])(${STANDS.join('|')})(?=$|[\s,;)])`, 'i');
const LYING: ReadonlyArray<readonly [RegExp, Orientation]> = [
  [/(?:,\s*|\b(?:stored?|kept|standing)\s+)on end\b/i, 'end'],
  [/(?:,\s*|\b(?:stored?|kept|standing)\s+)on edge\b/i, 'edge'],
  [/(?:,\s*|\b(?:stored?|kept|lying)\s+)flat\b/i, 'flat'],
];

/** Takes "tips down", "stored flat" and the like out. "Banded" and "rolled up" are how it comes; nothing depends on them. */
export function takePoses(rest: Rest, supply: Partial<Supply>): void {
  const found = rest.take(STANDING);
  if (found) supply.stands = found[1]!.toLowerCase() as Supply['stands'];
  for (const [words, way] of LYING) if (rest.take(words)) supply.orientations = [way];
  rest.take(/,?\s*\b(?:banded|rolled up)\b/i);
}
