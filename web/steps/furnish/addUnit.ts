/** A click in the library: the unit is added where there is room for it, an insert into a free opening, and chosen. */
import { newInsert } from '@heronstone/core/gestures/sameAgain.ts';
import { newUnit } from '@heronstone/core/gestures/newUnit.ts';
import { applyChanges, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import type { UnitType } from '@heronstone/library/units.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, select } from '../../state/state.ts';

/** Adds a unit of a type, or of a shape of the maker's own; several as one step. */
export function addUnit(
  plan: Plan,
  { shape, group }: Pick<UnitType, 'shape'> & Partial<Pick<UnitType, 'group'>>,
  many = 1,
): void {
  if (many > 1) {
    addSeveral(plan, { shape, group }, many);
    return;
  }
  const insert = group === 'Into a cube opening' ? newInsert(plan, shape, newId) : null;
  const { unit, changes } = insert ?? newUnit(plan, shape, group === 'On the wall and the door', newId);
  if (!commit(`Add ${unit.name}`, changes)) return;
  select({ kind: 'unit', id: unit.id });
  const host = unit.host === null ? undefined : plan.units[unit.host];
  if (host) notice(`${unit.name} stands in ${host.name}.`);
}

/** Several of a type: each where there is room for it beside those before. */
function addSeveral(
  plan: Plan,
  { shape, group }: { shape: UnitType['shape']; group: UnitType['group'] | undefined },
  many: number,
): void {
  const changes: Change[] = [];
  let room = plan;
  let last = '';
  for (let n = 0; n < many; n++) {
    const insert = group === 'Into a cube opening' ? newInsert(room, shape, newId) : null;
    const made = insert ?? newUnit(room, shape, group === 'On the wall and the door', newId);
    changes.push(...made.changes);
    room = applyChanges(room, made.changes).plan;
    last = made.unit.id;
  }
  if (commit(`Add ${many} of ${shape.name}`, changes)) select({ kind: 'unit', id: last });
}
