/** The plan file: our own documented JSON (docs/plan.schema.json). Lengths in mm, masses in g. */
import { z } from 'zod';
import { danglingReferences } from '../model/change.ts';
import { findingsFromZod, unfitFinding, type Finding } from '../model/finding.ts';
import { unfit } from '../model/text.ts';
import { id } from '../model/fields.ts';
import { upgradeFile } from './upgrade.ts';
import { MetaSchema, PLAN_VERSION, TABLES, TABLE_NAMES, type Plan } from '../model/plan.ts';

const FORMAT = 'heronstone-plan';

const tables = Object.fromEntries(TABLE_NAMES.map((table) => [table, z.array(TABLES[table])])) as unknown as {
  [T in keyof typeof TABLES]: z.ZodArray<(typeof TABLES)[T]>;
};

/** Schema of the whole file. */
const PlanFileSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.number().int().min(1).max(PLAN_VERSION),
  plan: MetaSchema,
  ...tables,
  pictures: z
    .record(id, z.strictObject({ type: z.enum(['image/jpeg', 'image/png', 'image/webp']), data: z.base64() }))
    .default({}),
});

/** The pictures of photographs by id, as base64. */
export type Pictures = Record<string, { type: string; data: string }>;

export type PlanFileResult = { ok: true; plan: Plan; pictures: Pictures } | { ok: false; findings: Finding[] };

function refuse(path: string, value: unknown, expected: string, message: string): PlanFileResult {
  return { ok: false, findings: [{ code: 'file', severity: 'error', path, value, expected, message, targets: [] }] };
}

/**
 * Reads a plan file whole, or says what is wrong with it; never half.
 * @param text the JSON text
 */
export function readPlanFile(text: string): PlanFileResult {
  let data: unknown;
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (cause) {
    return refuse(
      '',
      undefined,
      'a JSON file',
      `This is not a plan file: it is not JSON (${cause instanceof Error ? cause.message : 'unreadable'}).`,
    );
  }
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== FORMAT) {
    return refuse(
      'format',
      (data as { format?: unknown } | null)?.format,
      `"${FORMAT}"`,
      `This is not a Heronstone plan: its field “format” is not “${FORMAT}”.`,
    );
  }
  const odd = unfit(data);
  if (odd) return { ok: false, findings: [unfitFinding(odd)] };
  const { version } = data as { version?: unknown };
  if (typeof version === 'number' && version > PLAN_VERSION) {
    return refuse(
      'version',
      version,
      `${PLAN_VERSION} or lower`,
      `This plan was written by a newer Heronstone (version ${version} of the file; this program reads up to ${PLAN_VERSION}). Update the program, then open it again.`,
    );
  }
  const older = typeof version === 'number' && Number.isInteger(version) ? version : PLAN_VERSION;
  const parsed = PlanFileSchema.safeParse(upgradeFile(data as Record<string, unknown>, older), { reportInput: true });
  if (!parsed.success) return { ok: false, findings: findingsFromZod(parsed.error) };
  const plan: Record<string, unknown> = { meta: parsed.data.plan };
  const findings: Finding[] = [];
  for (const table of TABLE_NAMES) {
    const rows: Record<string, unknown> = {};
    parsed.data[table].forEach((row, i) => {
      if (Object.hasOwn(rows, row.id))
        findings.push({
          code: 'file',
          severity: 'error',
          path: `${table}.${i}.id`,
          value: row.id,
          expected: 'an id that is used once',
          message: `${table}.${i}.id: “${row.id}” is used twice.`,
          targets: [{ table, id: row.id }],
        });
      rows[row.id] = row;
    });
    plan[table] = rows;
  }
  if (findings.length === 0) findings.push(...danglingReferences(plan as Plan));
  return findings.length > 0
    ? { ok: false, findings }
    : { ok: true, plan: plan as Plan, pictures: parsed.data.pictures };
}

/** The fields of a row in the order of its schema. */
function inOrder(row: object, shape: object): object {
  return Object.fromEntries(Object.keys(shape).map((field) => [field, (row as Record<string, unknown>)[field]]));
}

/** Writes a plan as a file: tables, rows and fields always in the same order, so that two files can be compared. */
export function writePlanFile(plan: Plan, pictures: Pictures = {}): string {
  const file: Record<string, unknown> = {
    format: FORMAT,
    version: PLAN_VERSION,
    plan: inOrder(plan.meta, MetaSchema.shape),
  };
  for (const table of TABLE_NAMES) {
    file[table] = Object.values(plan[table] as Record<string, { id: string }>)
      .sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0))
      // Through its schema, so that fields within fields have their order, too (the database has its own).
      .map((row) => TABLES[table].parse(row));
  }
  if (Object.keys(pictures).length > 0)
    file.pictures = Object.fromEntries(Object.entries(pictures).sort(([a], [b]) => (a < b ? -1 : 1)));
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** JSON Schema of the plan file, for docs/plan.schema.json. */
export function planFileJsonSchema(): unknown {
  return {
    title: 'Heronstone plan file',
    description: 'Lengths in mm, masses in g, angles in degrees clockwise.',
    ...z.toJSONSchema(PlanFileSchema, { io: 'input' }),
  };
}
