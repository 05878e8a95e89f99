/** A Report as the parts in which it is not the Report of before: little to send where little has changed. */
import { rowsPatch, withRowsPatch, type RowsPatch } from '../model/rowsPatch.ts';
import type { Report } from './report.ts';

/** Parts that are many rows, or one for each arrangement, of which only some change. */
const ROWS = [
  'units',
  'placements',
  'supplies',
  'containers',
  'week',
  'order',
  'worst',
  'strain',
] as const satisfies ReadonlyArray<keyof Report>;
type RowPart = (typeof ROWS)[number];

/** Parts that are long lists, of which most stays: taken from the list of before, a run of them, or new. */
const LISTS = ['findings', 'cuts'] as const satisfies ReadonlyArray<keyof Report>;
type ListPart = (typeof LISTS)[number];
type Taken = [from: number, count: number] | { is: unknown };

export interface ReportPatch {
  /** Parts that are another object. */
  parts: Partial<Report>;
  rows: Partial<Record<RowPart, RowsPatch>>;
  lists: Partial<Record<ListPart, Taken[]>>;
  /** Compartments that are another object, by their place in the list; null when the list is another one (then it is a part). */
  compartments: Record<number, Report['compartments'][number]> | null;
}

const isRows = (key: keyof Report): key is RowPart => (ROWS as readonly string[]).includes(key);
const isList = (key: keyof Report): key is ListPart => (LISTS as readonly string[]).includes(key);

function takenFrom(before: readonly unknown[], after: readonly unknown[]): Taken[] {
  const at = new Map(before.map((x, i) => [x, i]));
  const taken: Taken[] = [];
  for (const x of after) {
    const i = at.get(x);
    const last = taken.at(-1);
    if (i === undefined) taken.push({ is: x });
    else if (Array.isArray(last) && last[0] + last[1] === i) last[1]++;
    else taken.push([i, 1]);
  }
  return taken;
}

/** What is to be said to who has the Report of before. Reports share what is the same (see evaluator). */
export function patchOf(before: Report | null, after: Report): ReportPatch {
  const patch: ReportPatch = { parts: {}, rows: {}, lists: {}, compartments: null };
  if (!before) return { ...patch, parts: after };
  for (const key of Object.keys(after) as Array<keyof Report>) {
    if (after[key] === before[key]) continue;
    if (key === 'compartments' && sameIds(before.compartments, after.compartments)) {
      patch.compartments = {};
      after.compartments.forEach((c, i) => {
        if (c !== before.compartments[i]) patch.compartments![i] = c;
      });
    } else if (isRows(key)) {
      // Another object that says the same is handed on as no change.
      patch.rows[key] = rowsPatch(before[key], after[key]) ?? { set: {}, gone: [], order: null };
    } else if (isList(key)) patch.lists[key] = takenFrom(before[key], after[key]);
    else Object.assign(patch.parts, { [key]: after[key] });
  }
  return patch;
}

const sameIds = (a: Report['compartments'], b: Report['compartments']) =>
  a.length === b.length && a.every((c, i) => c.id === b[i]!.id);

/** The Report of before with a patch; the same object when nothing has changed. */
export function patched(before: Report | null, { parts, rows, lists, compartments }: ReportPatch): Report {
  if (!before) return parts as Report;
  const keys = Object.keys(rows) as RowPart[];
  const longs = Object.keys(lists) as ListPart[];
  if (Object.keys(parts).length + keys.length + longs.length === 0 && compartments === null) return before;
  const next: Record<string, unknown> = { ...before, ...parts };
  for (const key of keys) next[key] = withRowsPatch(before[key], rows[key]!);
  for (const key of longs)
    next[key] = lists[key]!.flatMap((t): unknown[] =>
      Array.isArray(t) ? before[key].slice(t[0], t[0] + t[1]) : [t.is],
    );
  if (compartments) next.compartments = before.compartments.map((c, i) => compartments[i] ?? c);
  return next as unknown as Report;
}
