/** Something the program has to say about a plan: an error (must be mended) or a caution (should be looked at). */
import type { z } from 'zod';
import type { TableName } from './plan.ts';
import type { Unfit } from './text.ts';

/** A row of the plan, or the plan itself. */
export interface Target {
  table: TableName | 'meta';
  id: string;
}

export interface Finding {
  /** Stable word for tests and links, for example "overlap". */
  code: string;
  severity: 'error' | 'caution';
  /** Where, as a path in the plan: "units.u3.height". */
  path: string;
  value?: unknown;
  /** What would be right; said of every error. */
  expected?: string;
  /** One sentence for a person, naming the thing and the field. */
  message: string;
  /** What it is about: the row that is at fault first, then what else takes part. */
  targets: readonly Target[];
  /** By how much it is off, mm, where that makes sense. */
  by?: number;
  /** The mode of the room in which it holds; without it, every day. */
  mode?: string;
  /** The maker knows of it. */
  accepted?: true;
}

/** What a finding says besides where it is. @param by is rounded up to whole mm */
export interface Said {
  message: string;
  value?: unknown;
  expected?: string;
  by?: number;
  /** What else takes part. */
  also?: readonly Target[];
  /** All that it is about, where that is not the row of its path. */
  targets?: readonly Target[];
  mode?: string;
}

/** A finding about the field at a path, "table.id.field": its row is the first of its targets. */
export function found(severity: Finding['severity'], code: string, path: string, said: Said): Finding {
  const { by, also = [], targets, ...rest } = said;
  const [table, id] = path.split('.') as [TableName, string];
  const rounded = by ? { by: Math.ceil(by - 1e-6) } : {};
  return { code, severity, path, ...rest, targets: targets ?? [{ table, id }, ...also], ...rounded };
}

export const caution = (code: string, path: string, said: Said): Finding => found('caution', code, path, said);
/** An error says what would be right. */
export const error = (code: string, path: string, said: Said & { expected: string }): Finding =>
  found('error', code, path, said);

/** A finding without its figures: the same one as long as it is about the same things. */
export const keyOf = (f: Finding): string =>
  [f.code, f.path, f.mode ?? '', ...f.targets.map((t) => `${t.table}/${t.id}`)].join(' ').slice(0, 400);

/** What the walk through data from outside found, as a finding. */
export function unfitFinding({ path, expected }: Unfit): Finding {
  const where = path.join('.');
  return {
    code: 'unfit',
    severity: 'error',
    path: where,
    expected,
    message: `${where || 'The file'}: ${expected}`,
    targets: [],
  };
}

/** Turns what Zod found into findings, each with path, value and what would be right. */
export function findingsFromZod(error: z.ZodError, base: readonly string[] = []): Finding[] {
  return error.issues.map((issue) => {
    const path = [...base, ...issue.path.map(String)];
    const value = (issue as { input?: unknown }).input;
    const expected =
      issue.code === 'unrecognized_keys' ? `only known fields (not ${issue.keys.join(', ')})` : issue.message;
    const where = path.join('.');
    const table = base[0] as TableName | 'meta' | undefined;
    return {
      code: 'schema',
      severity: 'error',
      path: where,
      ...(value === undefined ? {} : { value }),
      expected,
      message: `${where || 'The file'}: ${expected}`,
      targets: table && base[1] ? [{ table, id: base[1] }] : [],
    };
  });
}

/** Whether a finding is about a row, as the one at fault or as one that takes part. */
export const isAbout = (f: Pick<Finding, 'targets'>, table: Target['table'], id: string): boolean =>
  f.targets.some((t) => t.table === table && t.id === id);
