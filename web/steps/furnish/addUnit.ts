/** A click in the library: the unit is added where there is room for it, and chosen. */
import { newUnit } from '@heronstone/core/gestures/newUnit.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import type { UnitType } from '@heronstone/library/units.ts';
import { commit, newId, select } from '../../state/store.ts';

/** Adds a unit of a type, or of a shape of the maker's own. */
export function addUnit(
  plan: Plan,
  { shape, group }: Pick<UnitType, 'shape'> & Partial<Pick<UnitType, 'group'>>,
): void {
  const { unit, changes } = newUnit(plan, shape, group === 'On the wall and the door', newId);
  if (commit(`Add ${unit.name}`, changes)) select({ kind: 'unit', id: unit.id });
}
