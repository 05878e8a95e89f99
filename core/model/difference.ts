/** What tells one plan from another, row by row. */
import { TABLE_NAMES, type Plan, type TableName } from './plan.ts';
import { rowsPatch, withRowsPatch, type RowsPatch } from './rowsPatch.ts';

export interface PlanDifference {
  meta: Plan['meta'] | null;
  tables: Partial<Record<TableName, RowsPatch>>;
}

/** Plans share what is the same (see applyChanges), so that only what is another object is looked at. */
export function differenceOf(before: Plan, after: Plan): PlanDifference {
  const difference: PlanDifference = { meta: before.meta === after.meta ? null : after.meta, tables: {} };
  for (const table of TABLE_NAMES) {
    const patch = rowsPatch(before[table], after[table]);
    if (patch) difference.tables[table] = patch;
  }
  return difference;
}

/** The plan with a difference: what differenceOf(plan, x) says, made to plan, is x. */
export function withDifference(plan: Plan, { meta, tables }: PlanDifference): Plan {
  const next: Record<string, unknown> = { ...plan, meta: meta ?? plan.meta };
  for (const [table, patch] of Object.entries(tables) as Array<[TableName, RowsPatch]>)
    next[table] = withRowsPatch(plan[table], patch);
  return next as unknown as Plan;
}
