/** The demo as it is kept in demo/plan.json; to make it again takes seconds, and demo/build.test.ts looks whether it would be the same. */
import { readFileSync } from 'node:fs';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';

/** @returns a plan of its own each time */
export function demoPlan(): Plan {
  const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(`The demo cannot be read: ${read.findings[0]?.message}`);
  return read.plan;
}
