/** The columns of a comparison of plans: title, figure, digits after the point. */
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import type { Compared } from '@heronstone/core/report/planVsPlan.ts';

type Column = readonly [title: string, of: (f: Compared) => number, digits: number];

const WALKED: Readonly<Record<'metric' | 'imperial', readonly [Column, Column]>> = {
  metric: [
    ['metres', (f) => f.metres, 0],
    ['litres', (f) => f.litres, 0],
  ],
  imperial: [
    ['feet', (f) => f.metres * 3.28084, 0],
    ['quarts', (f) => f.litres * 1.05669, 0],
  ],
};

export const columnsIn = (system: UnitSystem): readonly Column[] => [
  ['minutes', (f) => f.minutes, 1],
  ['bends', (f) => f.bends, 0],
  ...WALKED[system === 'imperial' ? 'imperial' : 'metric'],
  ['no place', (f) => f.without, 0],
  ['lies together, %', (f) => 100 * f.together, 0],
  ['places named, %', (f) => 100 * f.named, 0],
  ['collections torn', (f) => f.collectionsTorn, 0],
  ['moves', (f) => f.moves, 0],
];
