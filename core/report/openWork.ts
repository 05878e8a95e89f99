/** What a person would still have to see to, step by step. */
import type { Finding } from '../model/finding.ts';
import { type Plan } from '../model/plan.ts';
import type { WorkStep, SupplyReport } from './report.ts';

import { reportedArrangement } from './week.ts';

/** Things that a person would still have to see to, step by step. */
export function openWork(
  plan: Plan,
  findings: readonly Finding[],
  supplies: Record<string, SupplyReport>,
  moves: number,
): Record<WorkStep, number> {
  const wrong = (tables: readonly string[]) =>
    findings.filter((f) => f.severity === 'error' && tables.includes(f.targets[0]?.table ?? '')).length;
  const rows = Object.values(supplies);
  return {
    measure:
      (Object.keys(plan.corners).length < 3 ? 1 : 0) + wrong(['corners', 'openings', 'fixtures', 'overheads', 'areas']),
    activities: Object.values(plan.activities).filter((a) => a.station === null).length,
    sort: Object.values(plan.supplies).filter((s) => s.form === 'sheets' && s.grammage === null && s.mass === null)
      .length,
    furnish:
      wrong(['units', 'stations']) +
      (Object.keys(plan.units).length > 0 && Object.keys(plan.stations).length === 0 ? 1 : 0),
    zones: 0,
    place: rows.filter((s) => s.without.planned > 0).length,
    move: reportedArrangement(plan) === 'planned' ? moves : 0,
    label: 0,
    find: 0,
    keep: rows.filter((s) => s.reorder && plan.supplies[s.id]!.decision !== 'give away').length,
  };
}
