/** A plan with one more piece of furniture in the middle of nowhere, for tests. */
import { applyChanges, set } from '@heronstone/core/model/change.ts';
import { STANDING_DEFAULTS, UNIT_DEFAULTS, type Plan, type Unit } from '@heronstone/core/model/plan.ts';

/** @param more its kind and sizes at the least */
export const addedUnit = (
  plan: Plan,
  id: string,
  more: Partial<Unit> & Pick<Unit, 'kind' | 'width' | 'depth' | 'height'>,
): Plan =>
  applyChanges(plan, [
    set('units', id, { ...UNIT_DEFAULTS, ...STANDING_DEFAULTS, id, name: id, x: 1200, y: 1200, turn: 0, ...more }),
  ]).plan;
