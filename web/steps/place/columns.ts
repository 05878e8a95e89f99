/** The columns of a comparison of plans: title, figure, digits after the point. */
import type { Compared } from '@heronstone/core/report/compare.ts';

export const COLUMNS: ReadonlyArray<readonly [string, (f: Compared) => number, number]> = [
  ['minutes', (f) => f.minutes, 1],
  ['bends', (f) => f.bends, 0],
  ['metres', (f) => f.metres, 0],
  ['litres', (f) => f.litres, 0],
  ['no place', (f) => f.without, 0],
  ['can be named, %', (f) => 100 * f.named, 0],
  ['homes per kind', (f) => f.homesOfAKind, 1],
  ['collections torn', (f) => f.collectionsTorn, 0],
  ['moves', (f) => f.moves, 0],
];
