/** Why the minutes of a week are others than before a step, in one sentence: figures that wander without a reason are not believed. */
import { howMany, tenths } from '../model/measure.ts';
import type { Plan } from '../model/plan.ts';
import type { Report, Week, WeekPart } from './report.ts';
import { reportedArrangement } from './week.ts';

/** A change smaller than this is not seen in the figures, minutes a week. */
const UNSEEN = 0.05;

const PARTS: readonly WeekPart[] = ['fetching', 'hunting', 'penalties', 'setup'];

interface Told {
  plan: Plan;
  report: Report;
}

/**
 * @returns "The week goes from 33.0 to 43.2 min: 5 things have no place yet and are looked for each time."; '' where the week
 *   is the same, or nothing was placed before
 */
export function whyChanged(before: Told, after: Told): string {
  const arrangement = reportedArrangement(after.plan);
  const [was, is] = [before.report.week[arrangement], after.report.week[arrangement]];
  if (was.placed === 0 || Math.abs(is.minutes - was.minutes) < UNSEEN) return '';
  const of = (part: WeekPart) => Math.abs(is[part] - was[part]);
  const most = [...PARTS].sort((a, b) => of(b) - of(a))[0]!;
  return `The week goes from ${tenths(was.minutes)} to ${tenths(is.minutes)} min: ${reasons[most](was, is, before, after)}.`;
}

const reasons: Readonly<Record<WeekPart, (was: Week, is: Week, before: Told, after: Told) => string>> = {
  hunting: (was, is) => {
    const more = is.without - was.without;
    if (more > 0)
      return `${howMany(more, 'more thing')} ${more === 1 ? 'has no place yet and is' : 'have no place yet and are'} looked for each time`;
    if (more < 0) return `${howMany(-more, 'thing')} fewer ${more === -1 ? 'has' : 'have'} no place`;
    return is.hunting > was.hunting
      ? 'what has no place is wanted more often'
      : 'what has no place is wanted less often';
  },
  penalties: (was, is) =>
    is.penalties > was.penalties
      ? 'something is heavy, hot, in the sun or within a child’s reach where it lies now'
      : 'less is heavy, hot, in the sun or within a child’s reach',
  setup: (was, is) =>
    `there is ${is.setup > was.setup ? 'more' : 'less'} rolling up, fetching of kits and going between seats`,
  fetching: fetchingReason,
};

/** What is fetched more or less often, or takes longer: the thing whose minutes changed most, and how many others did. */
function fetchingReason(was: Week, is: Week, before: Told, after: Told): string {
  const nothing = { minutes: 0, fetches: 0 };
  const [old, now] = [was, is].map((week) => new Map(week.supplies.map((s) => [s.supply, s])));
  const changes = [...new Set([...old!.keys(), ...now!.keys()])]
    .map((id) => {
      const [a, b] = [old!.get(id) ?? nothing, now!.get(id) ?? nothing];
      return { id, minutes: b.minutes - a.minutes, fetches: b.fetches - a.fetches };
    })
    .filter((c) => Math.abs(c.minutes) >= UNSEEN)
    .sort((a, b) => Math.abs(b.minutes) - Math.abs(a.minutes));
  const [most] = changes;
  if (!most) return 'many things lie a little nearer or farther';
  const name = (after.plan.supplies[most.id] ?? before.plan.supplies[most.id])?.name ?? most.id;
  const several = changes.length > 1;
  const what = several ? `${name} and ${howMany(changes.length - 1, 'other')}` : name;
  if (Math.abs(most.fetches) > 1e-6)
    return `${what} ${several ? 'are' : 'is'} fetched ${most.fetches > 0 ? 'more' : 'less'} often`;
  return `${what} ${several ? 'take' : 'takes'} ${most.minutes > 0 ? 'longer' : 'less time'} to fetch`;
}
