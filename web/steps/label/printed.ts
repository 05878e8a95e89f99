/** Labels that were printed: what stood on them is kept with the place, so that only changes are printed again. */
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { labelRow, type Label } from '@heronstone/core/formats/labels.ts';
import { settleParts } from '@heronstone/core/gestures/settleParts.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { today } from '../../state/today.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';

/** The id of a new label of a place. */
export const labelId = (unit: string, slot: string, container: string | null) =>
  `label-${unit}-${slot}${container === null ? '' : `-${container}`}`.slice(0, 64);

/** A place that has no label yet begins its trial with the first print. */
export function markPrinted(plan: Plan, labels: readonly Label[], report: Report): Change[] {
  const done = new Set<string>();
  // What stands on a label stays where it says: the parts of divided places are settled with it.
  const settled = [...new Set(labels.map((l) => l.compartment))].flatMap((id) => settleParts(plan, report, id));
  const rows = labels.flatMap((l): Change[] => {
    if (done.has(l.compartment)) return [];
    done.add(l.compartment);
    const row = labelRow(plan, l.compartment);
    const printed = l.says;
    if (row) return row.printed === printed ? [] : [set('labels', row.id, { printed })];
    const c = placeOf(report, l.compartment)!;
    const id = labelId(c.unit, c.slot, c.container);
    return [
      set('labels', id, {
        id,
        unit: c.unit,
        slot: c.slot,
        container: c.container,
        state: 'trial',
        since: today(),
        sides: ['front'],
        printed,
      }),
    ];
  });
  return [...rows, ...settled];
}
