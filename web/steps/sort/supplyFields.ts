/** Which fields a supply has, by its form, in the order in which one measures. */
import { differs } from '@heronstone/core/fit/alike.ts';
import { FORM_FACTS, isRound } from '@heronstone/core/fit/forms.ts';
import { DECISIONS, STANDS, TRAITS, type Form, type Supply } from '@heronstone/core/model/plan.ts';
import type { FieldSpec } from '../../parts/RowForm.tsx';

/** Forms that lie on each other. */
const STACKED: ReadonlySet<Form> = new Set(['sheets', 'pieces', 'long', 'rolls', 'bottles', 'set']);

/** Forms for which it matters which end is up. */
const MAY_STAND: ReadonlySet<Form> = new Set(['pieces', 'long', 'bottles', 'set', 'hung']);

export function fieldsOf(supply: Supply): ReadonlyArray<FieldSpec<Supply>> {
  const { form } = supply;
  const [length, width, thickness] = FORM_FACTS[form].sizes;
  return [
    { kind: 'text', field: 'name', label: 'Name' },
    { kind: 'number', field: 'count', label: 'Count', least: 1, most: 1_000_000, whole: true },
    { kind: 'text', field: 'category', label: 'Kind', empty: true },
    { kind: 'length', field: 'length', label: length, least: 0.1, most: 6000 },
    { kind: 'length', field: 'width', label: width, least: 0.1, most: 6000 },
    ...(isRound(form)
      ? []
      : [{ kind: 'length', field: 'thickness', label: thickness, least: 0.01, most: 3000 } as const]),
    form === 'sheets'
      ? ({
          kind: 'optional',
          field: 'grammage',
          label: 'Weight of a sheet',
          otherwise: 'not known',
          least: 5,
          most: 5000,
          measure: 'paper',
        } as const)
      : ({
          kind: 'optional',
          field: 'mass',
          label: 'Weight of one',
          otherwise: 'not known',
          least: 0,
          most: 200_000,
          measure: 'mass',
        } as const),
    ...(form === 'set'
      ? [
          {
            kind: 'optional',
            field: 'parts',
            label: 'Pieces in it',
            otherwise: 'not counted',
            least: 1,
            most: 100_000,
            measure: 'number',
          } as const,
        ]
      : []),
    ...(STACKED.has(form)
      ? [
          {
            kind: 'optional',
            field: 'stack',
            label: 'Stacked up to',
            otherwise: 'as usual',
            least: 1,
            most: 10_000,
            measure: 'number',
          } as const,
        ]
      : []),
    ...(supply.count > 1 && form !== 'machine'
      ? [
          {
            kind: 'choice',
            field: 'alike',
            label: 'When you fetch one',
            wide: true,
            options: [
              ['', differs(supply) ? 'as usual: a certain one' : 'as usual: any of them'],
              ['alike', 'any of them will do'],
              ['different', 'a certain one is wanted'],
            ],
          } as const,
        ]
      : []),
    ...(MAY_STAND.has(form)
      ? [
          {
            kind: 'choice',
            field: 'stands',
            label: 'Put back',
            wide: true,
            options: [['', 'any way up'], ...STANDS.map((s) => [s, s] as const)],
          } as const,
        ]
      : []),
    ...(form === 'soft'
      ? [
          {
            kind: 'number',
            field: 'squeeze',
            label: 'Squashes to',
            least: 0.1,
            most: 1,
            hint: 'of its loose size; 1 for not at all',
          } as const,
        ]
      : []),
    ...(form === 'machine'
      ? ([
          { kind: 'length', field: 'workFront', label: 'Needs in front', least: 0, most: 3000 },
          { kind: 'length', field: 'workBack', label: 'Needs behind', least: 0, most: 3000 },
          { kind: 'length', field: 'workAbove', label: 'Needs above', least: 0, most: 3000 },
        ] as const)
      : []),
  ];
}

/** What one says of a supply later, if at all. */
export const MORE_FIELDS: ReadonlyArray<FieldSpec<Supply>> = [
  { kind: 'number', field: 'backstock', label: 'Spares', least: 0, most: 1_000_000, whole: true },
  { kind: 'number', field: 'toBuy', label: 'Still to buy', least: 0, most: 1_000_000, whole: true },
  {
    kind: 'optional',
    field: 'reorderAt',
    label: 'Reorder at',
    otherwise: 'never',
    least: 0,
    most: 1_000_000,
    measure: 'number',
  },
  { kind: 'many', field: 'traits', label: 'Cautions', options: TRAITS },
  { kind: 'text', field: 'colour', label: 'Colour', empty: true },
  { kind: 'text', field: 'collection', label: 'Collection', empty: true },
  { kind: 'text', field: 'theme', label: 'Theme', empty: true },
  { kind: 'text', field: 'together', label: 'Belongs together as', empty: true },
  { kind: 'text', field: 'season', label: 'Season', empty: true },
  {
    kind: 'choice',
    field: 'decision',
    label: 'Decision',
    options: [['', 'open'], ...DECISIONS.map((d) => [d, d] as const)],
  },
  { kind: 'text', field: 'note', label: 'Note', empty: true },
];
