/** What lies in a place with all the containers in it. */
import { placeOf } from './placeOf.ts';
import type { Arrangement } from '../model/plan.ts';
import type { CompartmentReport, Report } from './report.ts';

/** Ids of the placements in a compartment and in the containers that stand in it, and in those. */
export function allIn(
  report: Pick<Report, 'compartments' | 'containers'>,
  c: CompartmentReport,
  arrangement: Arrangement,
): string[] {
  const boxes = c.holds[arrangement].flatMap((id) => {
    const place = report.containers[id]?.place;
    const inner = placeOf(report, place);
    return inner ? allIn(report, inner, arrangement) : [];
  });
  return [...c.contents[arrangement], ...boxes];
}
