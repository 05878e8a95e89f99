/** How the minutes of a week spread over the supplies: a few things that cost most of it, and a long tail. */

export interface Spread {
  /** Minutes a week of the 1, 2, 3 … costliest supplies together. */
  upTo: number[];
  /** How many supplies make up half of the minutes; 0 when there are none. */
  half: number;
}

/** @param week whose supplies stand with their minutes, in any order */
export function spreadOf(week: { supplies: ReadonlyArray<{ minutes: number }> }): Spread {
  let sum = 0;
  const upTo = week.supplies
    .map((s) => s.minutes)
    .filter((minutes) => minutes > 0)
    .sort((a, b) => b - a)
    .map((minutes) => (sum += minutes));
  return { upTo, half: sum > 0 ? upTo.findIndex((minutes) => minutes >= sum / 2 - 1e-9) + 1 : 0 };
}
