/** A place of a Report by its id, found at once however many there are. */
import type { CompartmentReport, Report } from './report.ts';

const known = new WeakMap<readonly CompartmentReport[], ReadonlyMap<string, CompartmentReport>>();

/** @returns undefined when there is no Report yet, no id, or no such place */
export function placeOf(
  report: Pick<Report, 'compartments'> | null | undefined,
  id: string | null | undefined,
): CompartmentReport | undefined {
  if (!report || id === null || id === undefined) return undefined;
  const { compartments } = report;
  let byId = known.get(compartments);
  if (!byId) known.set(compartments, (byId = new Map(compartments.map((c) => [c.id, c]))));
  return byId.get(id);
}
