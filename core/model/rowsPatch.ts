/** What tells one set of rows from another: little to send where little has changed, and rows that stay keep their identity. */

type Rows = Readonly<Record<string, unknown>>;

export interface RowsPatch {
  /** Rows that are new or other. */
  set: Record<string, unknown>;
  gone: string[];
  /** The order of all rows, where it is not that of before with new ones at the end. */
  order: string[] | null;
}

/** @returns null where nothing is other; what is the same object is not looked at */
export function rowsPatch(before: Rows, after: Rows): RowsPatch | null {
  if (before === after) return null;
  const set: RowsPatch['set'] = {};
  for (const id in after) if (before[id] !== after[id]) set[id] = after[id];
  const [old, ids] = [Object.keys(before), Object.keys(after)];
  const gone = old.filter((id) => !Object.hasOwn(after, id));
  const next = [...old.filter((id) => Object.hasOwn(after, id)), ...ids.filter((id) => !Object.hasOwn(before, id))];
  const order = ids.every((id, i) => id === next[i]) ? null : ids;
  return gone.length > 0 || order || Object.keys(set).length > 0 ? { set, gone, order } : null;
}

/** The rows with a patch: what rowsPatch(rows, x) says, made to rows, is x. */
export function withRowsPatch(rows: Rows, { set, gone, order }: RowsPatch): Record<string, unknown> {
  const next: Record<string, unknown> = { ...rows, ...set };
  for (const id of gone) delete next[id];
  return order ? Object.fromEntries(order.map((id) => [id, next[id]])) : next;
}
