/** A supply for tests of how things lie, in a line. */
import { SUPPLY_DEFAULTS, type Supply } from '@heronstone/core/model/plan.ts';

/** A stiff thing of 100 × 80 × 20 mm that goes back; more says what else it is. */
export const thing = (more: Partial<Supply>): Supply => ({
  id: 's',
  name: 'Thing',
  category: '',
  form: 'pieces',
  count: 1,
  length: 100,
  width: 80,
  thickness: 20,
  grammage: null,
  mass: null,
  orientations: ['flat', 'edge', 'end'],
  goesBack: true,
  note: '',
  ...SUPPLY_DEFAULTS,
  ...more,
});
