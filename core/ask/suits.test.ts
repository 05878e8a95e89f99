import { CONTAINER_TYPES } from '@heronstone/library/containerTypes.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { suits } from './suits.ts';

const named = (name: string) => CONTAINER_TYPES.find((t) => t.shape.name === name)!.shape;

test.each([
  ['a machine in a box', thing({ form: 'machine', length: 300, width: 200, thickness: 150 }), 'Archive box', false],
  ['a pot in a jar', thing({ form: 'bottles', length: 60, width: 40, thickness: 40 }), 'Jar, 1 l', false],
  ['pots in a tray', thing({ form: 'bottles', length: 60, width: 40, thickness: 40 }), 'Large organiser', true],
  ['glitter in a flip-top pot', thing({ form: 'loose', name: 'Glitter, silver' }), 'Flip-top pot', false],
  ['glitter in a wide jar', thing({ form: 'loose', name: 'Glitter, silver' }), 'Jar, 500 ml', true],
  ['beads in a flip-top pot', thing({ form: 'loose', name: 'Seed beads' }), 'Flip-top pot', true],
  ['small stamps in a yarn basket', thing({ length: 40, width: 40, thickness: 25 }), 'Yarn basket', false],
  ['skeins in a yarn basket', thing({ form: 'soft', length: 200, width: 80, thickness: 80 }), 'Yarn basket', true],
  ['brushes in a cup', thing({ form: 'long', length: 200, width: 10, thickness: 10 }), 'Cup for brushes', true],
  ['blocks in a cup', thing({ length: 80, width: 60, thickness: 25 }), 'Cup for brushes', false],
  ['markers in a binder', thing({ length: 140, width: 15, thickness: 15 }), 'Binder, two ring', false],
] as const)('%s', (_, supply, container, fits) => {
  expect(suits(supply, named(container))).toBe(fits);
});
