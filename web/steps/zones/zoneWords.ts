/** Words of the zones step. */
import type { SortingWay } from '@heronstone/core/model/sorting.ts';
import type { ASKED_SIDES } from '@heronstone/core/model/plan.ts';

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

export const SIDE_WORDS: Readonly<Record<(typeof ASKED_SIDES)[number], string>> = {
  left: 'to the left of the seat',
  right: 'to the right of the seat',
  before: 'in front of the seat',
  behind: 'behind the seat',
  between: 'between two stations',
  'near the door': 'near the door',
};
