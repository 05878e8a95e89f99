/** The parts in which things lie, written down: so that a label, a page number, a name of a cell stay true. */
import { set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import type { Report } from '../report/report.ts';

/**
 * Changes that give each planned thing in a divided place the part in which it lies now.
 * @param compartment only what lies in this place; all places when it is not given
 */
export function settleParts(
  plan: Pick<Plan, 'placements'>,
  report: Pick<Report, 'placements'>,
  compartment?: string,
): Change[] {
  return Object.values(report.placements).flatMap((p) => {
    const row = plan.placements[p.id];
    const first = p.parts[0];
    if (!row || first === undefined || row.part === first + 1 || row.arrangement !== 'planned') return [];
    return compartment === undefined || p.compartment === compartment
      ? [set('placements', p.id, { part: first + 1 })]
      : [];
  });
}
