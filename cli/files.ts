/** Reading and writing files for the command line, with messages for a person. */
import { readFileSync, writeFileSync } from 'node:fs';
import { readPlanFile, type Pictures } from '@heronstone/core/formats/planFile.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';

/** Wrong use of the command line: exit 2. */
export class UsageError extends Error {}

/** A plan (or table) with errors: exit 1, the errors as JSON. */
export class PlanErrors extends Error {
  readonly findings: ReadonlyArray<Partial<Finding>>;
  constructor(findings: ReadonlyArray<Partial<Finding>>) {
    super('The plan has errors.');
    this.findings = findings;
  }
}

/** Reads a text file; "-" is standard input. @throws UsageError when it cannot be read */
export function readText(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (cause) {
    throw new UsageError(
      `${file} cannot be read: ${(cause as NodeJS.ErrnoException).code === 'ENOENT' ? 'there is no such file' : (cause as Error).message}.`,
    );
  }
}

/** Writes a file. @throws UsageError when it cannot be written */
export function writeFile(file: string, content: string | Uint8Array): void {
  try {
    writeFileSync(file, content);
  } catch (cause) {
    throw new UsageError(`${file} cannot be written: ${(cause as Error).message}.`);
  }
}

/** Reads a plan file with its photographs. @throws PlanErrors with path, value and what would be right */
export function readWhole(file: string): { plan: Plan; pictures: Pictures } {
  const read = readPlanFile(readText(file));
  if (!read.ok) throw new PlanErrors(read.findings);
  return read;
}

/** Reads the plan of a plan file. @throws PlanErrors with path, value and what would be right */
export function readPlan(file: string): Plan {
  return readWhole(file).plan;
}

/** The units of an option, with commas between their ids; undefined where none is named. @throws UsageError for one that is not in the plan */
export function unitsOf(plan: Plan, list: string | undefined): string[] | undefined {
  const units = list?.split(',').map((id) => id.trim());
  const unknown = units?.find((id) => !plan.units[id]);
  if (unknown !== undefined)
    throw new UsageError(`There is no unit “${unknown}”; there are ${Object.keys(plan.units).join(', ') || 'none'}.`);
  return units;
}
