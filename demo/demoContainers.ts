/** The containers of the demo: a few that stand about today, and what is planned: bins for the cube shelf, a box to lock blades away in. */
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Container } from '@heronstone/core/model/plan.ts';
import { CONTAINER_TYPES } from '@heronstone/library/containerTypes.ts';

type At = Pick<Container, 'arrangement' | 'unit' | 'slot'> & Partial<Container>;

function box(title: string, id: string, name: string, at: At): Change {
  const { shape } = CONTAINER_TYPES.find((t) => t.shape.name === title)!;
  return set('containers', id, {
    owned: true,
    labelled: false,
    parent: null,
    x: null,
    y: null,
    turned: false,
    ...shape,
    id,
    name,
    ...at,
  });
}

export function boxes(): Change[] {
  return [
    box('Screw box, 12 parts', 'screwbox', 'Screw box', { arrangement: 'today', unit: 'shelfW', slot: 's1' }),
    box('Shoe box, clear', 'shoebox', 'Shoe box', { arrangement: 'today', unit: 'books', slot: 's3' }),
    box('Screw box, 12 parts', 'screws', 'Screw box', { arrangement: 'planned', unit: 'slim', slot: 'd5' }),
    box('Screw box, 12 parts', 'blades', 'Blade box', {
      arrangement: 'planned',
      unit: 'locked',
      slot: 's2',
      owned: false,
    }),
    box('Cube bin, half width', 'bin-left', 'Left bin', {
      arrangement: 'planned',
      unit: 'cubes',
      slot: 'c1r1',
      owned: false,
      x: 0,
      y: 0,
    }),
    box('Cube bin, half width', 'bin-right', 'Right bin', {
      arrangement: 'planned',
      unit: 'cubes',
      slot: 'c1r1',
      owned: false,
      x: 162,
      y: 0,
    }),
  ];
}
