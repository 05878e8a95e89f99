/** The log of use: how often and when last a thing was used, and one tap as changes. */
import { addDays, differenceInCalendarDays, differenceInMonths, format, parseISO } from 'date-fns';
import { set, type Change } from './change.ts';
import type { Log, Plan } from './plan.ts';

export interface Used {
  times: number;
  first: string | null;
  last: string | null;
}

/** Uses of every supply that has any; the day that somebody typed counts, too. Days as 2027-03-31. */
export function usedOf(plan: Pick<Plan, 'logs' | 'supplies'>): Map<string, Used> {
  const all = new Map<string, Used>();
  const note = (supply: string, day: string, times: number) => {
    const u = all.get(supply) ?? { times: 0, first: null, last: null };
    all.set(supply, {
      times: u.times + times,
      first: u.first === null || day < u.first ? day : u.first,
      last: u.last === null || day > u.last ? day : u.last,
    });
  };
  for (const log of Object.values(plan.logs)) if (log.kind === 'used') note(log.supply, log.day, 1);
  for (const s of Object.values(plan.supplies)) if (s.lastUsed !== null) note(s.id, s.lastUsed, 0);
  return all;
}

/** Whole months between two days. */
export const monthsBetween = (from: string, to: string) => differenceInMonths(parseISO(to), parseISO(from));

/** Days between two days. */
export const daysBetween = (from: string, to: string) => differenceInCalendarDays(parseISO(to), parseISO(from));

/** The date a number of days later. */
export const dayAfter = (day: string, days: number) => format(addDays(parseISO(day), days), 'yyyy-MM-dd');

/** One line of the log. */
export function logLine(id: string, day: string, line: Pick<Log, 'supply' | 'kind'> & Partial<Log>): Change {
  return set('logs', id, { count: 1, unit: null, slot: '', project: null, ...line, id, day });
}
