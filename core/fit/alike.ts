/** Whether the things of one line are alike, so that any one will do, or each different, so that one is wanted. */
import { isUsedUp } from './usedUp.ts';
import type { Supply } from '../model/plan.ts';

/** Kinds of which one is wanted, by its colour, size or pattern, though they are used up. Common practice, no source. */
const DIFFERENT = new Set(
  [
    [
      'inks',
      'pens',
      'paints',
      'powders',
      'chalks',
      'stamps',
      'stencils',
      'dies',
      'patterns',
      'books',
      'albums',
      'moulds',
    ],
    [
      'thread',
      'yarn',
      'wigs and yarn',
      'fabric',
      'vinyl',
      'trims',
      'tapes',
      'stickers',
      'clay',
      'projects',
      'seasonal',
    ],
    ['beads', 'wire', 'cords and wire', 'finished work', 'wrap', 'canvas'],
  ].flat(),
);
/** Kinds of which any one will do though it goes back. Common practice, no source. */
const ALIKE = new Set([
  ...['glue', 'adhesives', 'safety', 'packing', 'cleaning', 'abrasives', 'blanks', 'wax', 'wood', 'lights', 'solvents'],
  ...['solvents and sprays', 'blades', 'small parts', 'plates', 'envelopes', 'press', 'display', 'pulp and paste'],
]);

/**
 * Whether a certain one of a line is wanted when one is fetched: what its maker says, else by its kind. Sheets and small loose
 * things of one line are alike; tools and other things that go back differ from each other, what is used up does not, unless
 * the kind says otherwise.
 */
export function differs(supply: Pick<Supply, 'alike' | 'form' | 'category' | 'goesBack' | 'lasts' | 'count'>): boolean {
  if (supply.count === 1) return false;
  if (supply.alike !== null) return supply.alike === 'different';
  if (supply.form === 'sheets' || supply.form === 'loose' || supply.form === 'machine') return false;
  const kind = supply.category.trim().toLowerCase();
  if (DIFFERENT.has(kind)) return true;
  return !ALIKE.has(kind) && !isUsedUp(supply);
}
