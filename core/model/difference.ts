/** What tells one plan from another, row by row: little to send where little has changed, and rows that stay keep their identity. */
import { TABLE_NAMES, type Plan, type TableName } from './plan.ts';

type Rows = Readonly<Record<string, unknown>>;

interface TableDifference {
  /** Rows that are new or other. */
  set: Record<string, unknown>;
  gone: string[];
  /** The order of all rows, where it is not that of before with new ones at the end. */
  order: string[] | null;
}

export interface PlanDifference {
  meta: Plan['meta'] | null;
  tables: Partial<Record<TableName, TableDifference>>;
}

/** Plans share what is the same (see applyChanges), so that only what is another object is looked at. */
export function differenceOf(before: Plan, after: Plan): PlanDifference {
  const difference: PlanDifference = { meta: before.meta === after.meta ? null : after.meta, tables: {} };
  for (const table of TABLE_NAMES) {
    const [a, b] = [before[table] as Rows, after[table] as Rows];
    if (a === b) continue;
    const set: TableDifference['set'] = {};
    for (const id in b) if (a[id] !== b[id]) set[id] = b[id];
    const gone = Object.keys(a).filter((id) => !Object.hasOwn(b, id));
    const ids = Object.keys(b);
    const next = [...Object.keys(a).filter((id) => Object.hasOwn(b, id)), ...ids.filter((id) => !Object.hasOwn(a, id))];
    const order = ids.every((id, i) => id === next[i]) ? null : ids;
    if (gone.length > 0 || order || Object.keys(set).length > 0) difference.tables[table] = { set, gone, order };
  }
  return difference;
}

/** The plan with a difference: what differenceOf(plan, x) says, made to plan, is x. */
export function withDifference(plan: Plan, { meta, tables }: PlanDifference): Plan {
  const next: Record<string, unknown> = { ...plan, meta: meta ?? plan.meta };
  for (const [table, { set, gone, order }] of Object.entries(tables) as Array<[TableName, TableDifference]>) {
    const rows: Record<string, unknown> = { ...plan[table], ...set };
    for (const id of gone) delete rows[id];
    next[table] = order ? Object.fromEntries(order.map((id) => [id, rows[id]])) : rows;
  }
  return next as unknown as Plan;
}
