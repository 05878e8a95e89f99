/** Words of the zones step. */
import type { SortingWay } from '@heronstone/core/model/sorting.ts';

export const SORTED_BY: Readonly<Record<SortingWay, string>> = {
  home: 'by kind and zone',
  quickest: 'not sorted: each thing lies where it is quickest',
  activity: 'by activity',
  kind: 'by kind',
  colour: 'by colour',
  collection: 'by maker or collection',
  theme: 'by theme',
  alphabet: 'alphabetical',
  size: 'by size',
};
