/** Two plans (or two arrangements) side by side: what each costs in a week, and what it asks of body and room. */
import type { Arrangement, Plan } from '../model/plan.ts';
import type { Report } from './report.ts';

export interface Compared {
  /** Minutes a week, all together and fetching alone. */
  minutes: number;
  fetching: number;
  /** Looking for things with no home, penalties, getting ready. */
  hunting: number;
  penalties: number;
  setup: number;
  /** In a week: times of getting up, bends and kneels, metres walked. */
  ups: number;
  bends: number;
  metres: number;
  /** Lines placed, and lines of which something has no place. */
  placed: number;
  without: number;
  /** Lines that lie in more than one place. */
  split: number;
  /** Litres of supplies that have a place. */
  litres: number;
  /** Share of places that can be named, and of lines whose home lies in one run, 0 to 1; sets that are torn; kinds in several pieces of furniture. */
  named: number;
  together: number;
  setsTorn: number;
  kindsTorn: number;
  /** Collections of several kinds that do not lie in one run. */
  collectionsTorn: number;
  /** Runs of places beyond the first in which a home of the plan's way lies, over all homes; minutes that the order weighs. */
  furtherHomes: number;
  orderMinutes: number;
  /** Supplies that lie elsewhere than today. */
  moves: number;
}

/** The figures of one arrangement of a plan, each from its report. */
export function figuresOf(plan: Plan, report: Report, arrangement: Arrangement): Compared {
  const week = report.week[arrangement];
  const places = new Map<string, number>();
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== arrangement) continue;
    places.set(p.supply, (places.get(p.supply) ?? 0) + 1);
  }
  let litres = 0;
  for (const [id, { without, litres: all }] of Object.entries(report.supplies)) {
    const { count } = plan.supplies[id]!;
    if (places.has(id)) litres += (all * Math.max(0, count - without[arrangement])) / count;
  }
  const order = report.order[arrangement];
  const names = report.names[arrangement];
  return {
    minutes: week.minutes,
    fetching: week.fetching,
    hunting: week.hunting,
    penalties: week.penalties,
    setup: week.setup,
    ups: week.ups,
    bends: week.activities.reduce(
      (sum, a) => sum + a.perSession.bends * (plan.activities[a.activity]?.sessionsPerWeek ?? 0),
      0,
    ),
    metres: week.metres,
    placed: week.placed,
    without: week.without,
    split: [...places.values()].filter((n) => n > 1).length,
    litres,
    named: names.places === 0 ? 1 : names.placesNamed / names.places,
    together: names.lines === 0 ? 1 : names.linesTogether / names.lines,
    setsTorn: names.setsSplit.length,
    kindsTorn: names.kindsSplit.length,
    collectionsTorn: names.collections.filter((c) => c.runs.length > 1).length,
    furtherHomes: order.furtherHomes,
    orderMinutes: order.minutes,
    moves: arrangement === 'planned' ? report.moves : 0,
  };
}

/** Differences of two sets of figures: the second less the first. */
export function differenceOf(a: Compared, b: Compared): Compared {
  return Object.fromEntries(
    (Object.keys(a) as Array<keyof Compared>).map((key) => [key, b[key] - a[key]]),
  ) as unknown as Compared;
}
