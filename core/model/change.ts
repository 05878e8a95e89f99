/**
 * Changes: the only way a plan becomes another plan. A group of changes is what a person did in one gesture;
 * it has a name to read ("Move 84 markers to Desk, drawer 2") and an exact inverse.
 */
import { z } from 'zod';
import { isWordOfTheLanguage, unfit } from './text.ts';
import { MetaSchema, REFERENCES, TABLES, TABLE_NAMES, type Plan, type Rows, type TableName } from './plan.ts';
import { error, findingsFromZod, unfitFinding, type Finding } from './finding.ts';

const rowId = z
  .string()
  .min(1)
  .max(64)
  .refine((text) => !isWordOfTheLanguage(text), 'An id is not a word of the programming language.');

export const ChangeSchema = z.union([
  z.strictObject({
    table: z.enum(['meta', ...TABLE_NAMES] as [string, ...string[]]),
    id: rowId,
    /** Columns to set; a row that is not there yet needs all of them. */
    set: z.record(z.string(), z.unknown()),
  }),
  z.strictObject({
    table: z.enum(TABLE_NAMES as [string, ...string[]]),
    id: rowId,
    remove: z.literal(true),
  }),
]);
export type Change = z.infer<typeof ChangeSchema>;

export const GroupSchema = z.strictObject({
  id: z.string().min(1).max(64),
  /** What a person reads in the log book. */
  name: z.string().min(1).max(300).regex(/\S/, 'A change has a name that can be read.'),
  changes: z.array(ChangeSchema).min(1).max(200_000),
  /** An undo or redo names the group it takes back or brings again. */
  kind: z.enum(['do', 'undo', 'redo']).default('do'),
  target: z.string().max(64).nullable().default(null),
});
export type Group = z.infer<typeof GroupSchema>;

/** One line of the journal, as the server keeps and sends it. */
export interface JournalEntry {
  revision: number;
  group: Group;
  inverse: Change[];
  /** ISO 8601. */
  at: string;
  /** Which window did it. */
  by: string;
}

/** Thrown when a change cannot be applied; carries findings that name table, field and what would be right. */
export class ChangeError extends Error {
  readonly findings: Finding[];
  constructor(findings: Finding[]) {
    super(findings.map((f) => f.message).join(' '));
    this.name = 'ChangeError';
    this.findings = findings;
  }
}

/** Sets a row (typed shorthand). */
export function set<T extends TableName>(table: T, id: string, columns: Partial<Rows[T]>): Change {
  return { table, id, set: columns };
}

/** Removes a row. */
export function remove(table: TableName, id: string): Change {
  return { table, id, remove: true };
}

/** Sets columns of the plan itself. */
export function setMeta(plan: Plan, columns: Partial<Plan['meta']>): Change {
  return { table: 'meta', id: plan.meta.id, set: columns };
}

/**
 * Applies changes and works out their inverse.
 * @returns the new plan (tables that were not touched are the same objects) and the changes that lead back, in order.
 * @throws ChangeError when a row would break its schema or refer to a row that is not there; the plan is as before.
 */
export function applyChanges(plan: Plan, changes: readonly Change[]): { plan: Plan; inverse: Change[] } {
  const next: Record<string, unknown> = { ...plan };
  const copied = new Set<string>();
  const inverse: Change[] = [];
  const findings: Finding[] = [];
  for (const change of changes) {
    const odd = 'set' in change ? unfit(change.set, [change.table, change.id]) : null;
    if (odd) {
      findings.push(unfitFinding(odd));
      continue;
    }
    if (change.table === 'meta') {
      if (!('set' in change)) continue;
      const before = next.meta as Record<string, unknown>;
      const after = MetaSchema.safeParse({ ...before, ...change.set, id: before.id }, { reportInput: true });
      if (!after.success) findings.push(...findingsFromZod(after.error, ['meta']));
      else {
        inverse.unshift({ table: 'meta', id: change.id, set: pick(before, Object.keys(change.set)) });
        next.meta = after.data;
      }
      continue;
    }
    const table = change.table as TableName;
    if (!copied.has(table)) {
      next[table] = { ...(next[table] as object) };
      copied.add(table);
    }
    const rows = next[table] as Record<string, Record<string, unknown>>;
    const before = Object.hasOwn(rows, change.id) ? rows[change.id] : undefined;
    if ('remove' in change) {
      if (!before) continue; // removed already, in another window perhaps
      delete rows[change.id];
      inverse.unshift({ table, id: change.id, set: before });
      continue;
    }
    const after = TABLES[table].safeParse({ ...before, ...change.set, id: change.id }, { reportInput: true });
    if (!after.success) {
      findings.push(...findingsFromZod(after.error, [table, change.id]));
      continue;
    }
    rows[change.id] = after.data;
    inverse.unshift(
      before
        ? { table, id: change.id, set: pick(before, Object.keys(change.set)) }
        : { table, id: change.id, remove: true },
    );
  }
  if (findings.length > 0) throw new ChangeError(findings);
  const result = next as unknown as Plan;
  const dangling = danglingReferences(result, copied);
  if (dangling.length > 0) throw new ChangeError(dangling);
  return { plan: result, inverse };
}

function pick(row: Record<string, unknown>, columns: string[]): Record<string, unknown> {
  return Object.fromEntries(columns.filter((column) => column !== 'id').map((column) => [column, row[column]]));
}

/**
 * References to rows that are not there.
 * @param touched when given, only references from or to these tables are looked at.
 */
export function danglingReferences(plan: Plan, touched?: ReadonlySet<string>): Finding[] {
  const findings: Finding[] = [];
  for (const { table, column, to } of REFERENCES) {
    if (touched && !touched.has(table) && !touched.has(to)) continue;
    const rows = plan[table] as Readonly<Record<string, Record<string, unknown>>>;
    for (const key in rows) {
      const value = rows[key]![column];
      if (value === null || Object.hasOwn(plan[to], value as string)) continue;
      findings.push(
        error('reference', `${table}.${key}.${column}`, {
          value,
          expected: `the id of one of the ${to}`,
          message: `${table}.${key}.${column}: there is no “${String(value)}” among the ${to}.`,
        }),
      );
    }
  }
  return findings;
}

/**
 * Changes that remove a row, so that one undo brings everything back. What belongs to it goes along; what can be without it
 * stays (see `whenGone` of each reference); a station whose person goes is another person's.
 */
export function removeWithDependents(plan: Plan, table: TableName, id: string): Change[] {
  const changes = [...removal(plan, table, id), ...withoutMentions(plan, table, id)];
  const gone = new Set(changes.flatMap((c) => ('remove' in c ? [`${c.table} ${c.id}`] : [])));
  const said = new Set<string>();
  return changes.filter((c) => {
    const key = `${c.table} ${c.id}`;
    if ('set' in c) return !gone.has(key);
    if (said.has(key)) return false;
    said.add(key);
    return true;
  });
}

function removal(plan: Plan, table: TableName, id: string): Change[] {
  const changes = homesWithout(plan, table, id);
  for (const { table: from, column, to, whenGone } of REFERENCES) {
    if (to !== table) continue;
    const rows = plan[from] as Readonly<Record<string, Record<string, unknown>>>;
    const next = whenGone === 'passed on' ? nextOf(plan, table, id) : null;
    for (const key in rows) {
      if (rows[key]![column] !== id || (from === table && key === id)) continue;
      if (whenGone === 'goes along' || (whenGone === 'passed on' && next === null) || twiceLabelled(plan, from, key))
        changes.push(...removal(plan, from, key));
      else changes.push({ table: from, id: key, set: { [column]: next } });
    }
  }
  changes.push(remove(table, id));
  return changes;
}

/** Another row of a table, the first by name. */
function nextOf(plan: Plan, table: TableName, id: string): string | null {
  const others = Object.values(plan[table] as Readonly<Record<string, { id: string; name?: string }>>).filter(
    (row) => row.id !== id,
  );
  others.sort((a, b) => (a.name ?? '').localeCompare(b.name ?? '', 'en') || (a.id < b.id ? -1 : 1));
  return others[0]?.id ?? null;
}

/** A label whose container goes is one of the place; where the place has one of its own, it goes along. */
function twiceLabelled(plan: Plan, table: TableName, id: string): boolean {
  const label = table === 'labels' ? plan.labels[id] : undefined;
  return (
    label !== undefined &&
    Object.values(plan.labels).some((l) => l.container === null && l.unit === label.unit && l.slot === label.slot)
  );
}

/** A home that was wanted where a row goes: its wish goes along, and the home stays. */
function homesWithout(plan: Plan, table: TableName, id: string): Change[] {
  return Object.values(plan.homes).flatMap((home): Change[] => {
    if (table === 'units' && home.unit === id)
      return [{ table: 'homes', id: home.id, set: { unit: null, slot: '', firm: false } }];
    if (table === 'stations' && (home.station === id || home.other === id))
      return [{ table: 'homes', id: home.id, set: { side: null, station: null, other: null } }];
    return [];
  });
}

/** What is said of a row within a field of others: homes out of season, the new bin, parts that are sorted in their own way. */
function withoutMentions(plan: Plan, table: TableName, id: string): Change[] {
  const changes: Change[] = [];
  if (table === 'units' || table === 'containers')
    for (const rows of ['placements', 'containers'] as const)
      for (const row of Object.values<Plan['placements'][string] | Plan['containers'][string]>(plan[rows]))
        if (row.returns && (table === 'units' ? row.returns.unit : row.returns.container) === id)
          changes.push({
            table: rows,
            id: row.id,
            set: { returns: table === 'units' ? null : { ...row.returns, container: null } },
          });
  const { upkeep, sorting } = plan.meta;
  if (table === 'units' && upkeep.newBin?.unit === id)
    changes.push(setMeta(plan, { upkeep: { ...upkeep, newBin: null } }));
  if (table === 'stations' && sorting.mixtures.some((m) => m.station === id))
    changes.push(
      setMeta(plan, { sorting: { ...sorting, mixtures: sorting.mixtures.filter((m) => m.station !== id) } }),
    );
  return changes;
}
