/**
 * Two weeks held against each other for the same things and the same fetches. What is in one of them only is said apart, so
 * that a difference can be explained to the last tenth.
 */
import { goesAway } from '../cost/rules.ts';
import type { Scene } from '../scene/scene.ts';
import { ARRANGEMENTS, type Compared, type SupplyWeek, type Week, type WeekPart } from './report.ts';

const PARTS = ['fetching', 'hunting', 'penalties', 'setup'] as const;
const nothing = () => ({ today: 0, planned: 0 });
const minutesOf = (row: SupplyWeek) => row.minutes + row.hunting + row.penalties;

/**
 * Today and the plan, for what is noted today, or known to have no home, and stays in the room. Of what is noted in part the same
 * part counts in both. Getting ready is the same in both and counts in both.
 */
export function comparedWeeks(
  scene: Scene,
  notedToday: ReadonlyMap<string, number>,
  weeks: Readonly<Record<'today' | 'planned', Week>>,
): Compared {
  const { plan } = scene;
  const parts = Object.fromEntries(PARTS.map((part) => [part, nothing()])) as Compared['parts'];
  const apart: Compared['apart'] = {
    leaving: { supplies: 0, ...nothing() },
    notNoted: { supplies: 0, ...nothing() },
  };
  let [supplies, fetches] = [0, 0];
  const rows = {
    today: new Map(weeks.today.supplies.map((r) => [r.supply, r])),
    planned: new Map(weeks.planned.supplies.map((r) => [r.supply, r])),
  };
  for (const supply of Object.values(plan.supplies)) {
    const leaves = goesAway(plan, supply);
    const noted = supply.hunted ? 1 : Math.min(1, (notedToday.get(supply.id) ?? 0) / supply.count);
    if (leaves) apart.leaving.supplies++;
    else if (noted > 0) supplies++;
    if (!leaves && noted === 0) apart.notNoted.supplies++;
    for (const arrangement of ARRANGEMENTS) {
      const row = rows[arrangement].get(supply.id);
      if (!row) continue;
      if (leaves) {
        apart.leaving[arrangement] += minutesOf(row);
        continue;
      }
      const share = arrangement === 'today' ? 1 : noted;
      parts.fetching[arrangement] += share * row.minutes;
      parts.hunting[arrangement] += share * row.hunting;
      parts.penalties[arrangement] += share * row.penalties;
      apart.notNoted[arrangement] += (1 - share) * minutesOf(row);
      if (arrangement === 'today') fetches += row.fetches;
    }
  }
  const whole = apart.leaving.supplies === 0 && apart.notNoted.supplies === 0 && apart.notNoted.planned < 1e-9;
  for (const arrangement of ARRANGEMENTS) parts.setup[arrangement] = weeks[arrangement].setup;
  const sum = (arrangement: 'today' | 'planned') =>
    PARTS.reduce((minutes, part) => minutes + parts[part][arrangement], 0);
  return {
    supplies,
    whole,
    left: apart.notNoted.supplies,
    fetches,
    today: sum('today'),
    planned: sum('planned'),
    parts,
    apart,
  };
}

/** What is the same in two weeks, of two plans, and what is in one of them only; the second less the first by its parts. */
export interface ComparedPlans {
  /** Supplies with the same id that both fetch or hunt for. */
  supplies: number;
  fetches: { a: number; b: number };
  minutes: { a: number; b: number };
  difference: Record<WeekPart, number>;
  only: { a: { supplies: string[]; minutes: number }; b: { supplies: string[]; minutes: number } };
}

/** @param nameA name of a supply of the first week by its id, and of the second */
export function comparedPlans(
  a: Week,
  b: Week,
  nameA: (id: string) => string,
  nameB: (id: string) => string,
): ComparedPlans {
  const [rowsA, rowsB] = [a, b].map((w) => new Map(w.supplies.map((r) => [r.supply, r]))) as [
    Map<string, SupplyWeek>,
    Map<string, SupplyWeek>,
  ];
  const both = [...rowsA.keys()].filter((id) => rowsB.has(id));
  const sum = (rows: Map<string, SupplyWeek>, of: (row: SupplyWeek) => number) =>
    both.reduce((total, id) => total + of(rows.get(id)!), 0);
  const less = (of: (row: SupplyWeek) => number) => sum(rowsB, of) - sum(rowsA, of);
  const only = (rows: Map<string, SupplyWeek>, others: Map<string, SupplyWeek>, name: (id: string) => string) => {
    const own = [...rows.values()].filter((r) => !others.has(r.supply));
    return {
      supplies: own.map((r) => name(r.supply)).sort((x, y) => x.localeCompare(y, 'en')),
      minutes: own.reduce((total, r) => total + minutesOf(r), 0),
    };
  };
  return {
    supplies: both.length,
    fetches: { a: sum(rowsA, (r) => r.fetches), b: sum(rowsB, (r) => r.fetches) },
    minutes: { a: sum(rowsA, minutesOf) + a.setup, b: sum(rowsB, minutesOf) + b.setup },
    difference: {
      fetching: less((r) => r.minutes),
      hunting: less((r) => r.hunting),
      penalties: less((r) => r.penalties),
      setup: b.setup - a.setup,
    },
    only: { a: only(rowsA, rowsB, nameA), b: only(rowsB, rowsA, nameB) },
  };
}
