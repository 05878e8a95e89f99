/** A place of a Report by its id, found at once however many there are. */
import { once } from '../model/memo.ts';
import type { CompartmentReport, Report } from './report.ts';

const byId = once((compartments: readonly CompartmentReport[]) => new Map(compartments.map((c) => [c.id, c])));

/** @returns undefined when there is no Report yet, no id, or no such place */
export function placeOf(
  report: Pick<Report, 'compartments'> | null | undefined,
  id: string | null | undefined,
): CompartmentReport | undefined {
  if (!report || id === null || id === undefined) return undefined;
  return byId(report.compartments).get(id);
}
