/** A week in the room: minutes by activity, supply, place and kind of motion, and what is worst; for an arrangement. */
import { MOTIONS, noMotion, type Motion } from '../fetch/elements.ts';
import { goesAway } from '../cost/rules.ts';
import type { Arrangement, Plan } from '../model/plan.ts';
import { dangersOf } from '../cost/wishes.ts';
import type {
  ActivityWeek,
  Compared,
  PlacementReport,
  Strain,
  SupplyReport,
  Week,
  Worst,
  WorstLists,
} from './report.ts';
import type { Setup } from './setup.ts';
import type { Scene } from '../scene/scene.ts';

/** Minutes and seconds of a week, summed from what each placement says. */
export function weekOf(
  scene: Scene,
  placements: readonly PlacementReport[],
  supplies: Readonly<Record<string, SupplyReport>>,
  arrangement: Arrangement,
  setups: readonly Setup[],
): Week {
  const { plan } = scene;
  const motions = noMotion();
  const activities = new Map<string, ActivityWeek>();
  const places = new Map<string, number>();
  const bySupply = new Map<string, number>();
  let [fetching, penalties, placed, ups, metres] = [0, 0, 0, 0, 0];
  const of = (id: string): ActivityWeek => {
    let row = activities.get(id);
    if (!row) {
      row = { activity: id, minutes: 0, fetches: 0, setup: 0, total: 0, motions: noMotion(), perSession: noSession() };
      activities.set(id, row);
    }
    return row;
  };
  for (const p of placements) {
    if (p.arrangement !== arrangement) continue;
    fetching += p.minutesPerWeek;
    penalties += p.penaltyMinutes;
    placed++;
    places.set(p.compartment, (places.get(p.compartment) ?? 0) + p.minutesPerWeek);
    bySupply.set(p.supply, (bySupply.get(p.supply) ?? 0) + p.minutesPerWeek);
    for (const use of p.from) {
      const row = of(use.activity);
      row.minutes += (use.seconds * use.fetches) / 60;
      row.fetches += use.fetches;
      for (const m of MOTIONS) {
        if (use.motions[m] === 0) continue;
        const minutes = (use.motions[m] * use.fetches) / 60;
        motions[m] += minutes;
        row.motions[m] += minutes;
      }
      ups += use.times.ups * use.fetches;
      metres += (use.times.walk * use.fetches) / 1000;
      const sessions = plan.activities[use.activity]!.sessionsPerWeek;
      const share = sessions > 0 ? use.fetches / sessions : 0;
      row.perSession.ups += use.times.ups * share;
      row.perSession.bends += use.times.bends * share;
      row.perSession.steps += use.times.steps * share;
      row.perSession.metres += (use.times.walk * share) / 1000;
    }
  }
  let setup = 0;
  for (const s of setups) {
    const minutes = (s.seconds * s.times) / 60;
    setup += minutes;
    of(s.activity).setup += minutes;
    for (const m of MOTIONS) motions[m] += (s.motions[m] * s.times) / 60;
  }
  for (const row of activities.values()) row.total = row.minutes + row.setup;
  let [hunting, without, notNoted] = [0, 0, 0];
  for (const supply of Object.values(supplies)) {
    if (supply.without[arrangement] === 0) continue;
    if (isNotNoted(plan, supply, arrangement)) notNoted++;
    else without++;
    hunting += huntingOf(scene, supply, arrangement);
  }
  const most = <T extends { minutes: number }>(rows: T[]) => rows.sort((a, b) => b.minutes - a.minutes);
  return {
    fetching,
    hunting,
    penalties,
    setup,
    minutes: fetching + hunting + penalties + setup,
    placed,
    without,
    notNoted,
    motions,
    ups,
    metres,
    activities: most([...activities.values()]),
    places: most([...places].map(([compartment, minutes]) => ({ compartment, minutes }))),
    supplies: most([...bySupply].map(([supply, minutes]) => ({ supply, minutes }))),
  };
}

/** Whether nobody has said yet where a thing is today, or the rest of it: not the same as having no place. */
const isNotNoted = (plan: Plan, supply: SupplyReport, arrangement: Arrangement): boolean =>
  arrangement === 'today' && !plan.supplies[supply.id]!.hunted;

/** Minutes a week in which what has no place is hunted for. */
export function huntingOf(scene: Scene, supply: SupplyReport, arrangement: Arrangement): number {
  if (isNotNoted(scene.plan, supply, arrangement)) return 0;
  const share = supply.without[arrangement] / scene.plan.supplies[supply.id]!.count;
  return (supply.fetchesPerWeek * share * scene.constants.hunt) / 60;
}

/**
 * The week of the same supplies today and as planned: of those whose place is noted today, or that are known to have
 * none; what the plan has no place for is hunted for in it. When that is all of them, it is the whole week, else carts and ways between
 * stations are left out of both.
 */
export function comparedWeeks(
  scene: Scene,
  placements: readonly PlacementReport[],
  supplies: Readonly<Record<string, SupplyReport>>,
  weeks: Readonly<Record<Arrangement, Week>>,
): Compared {
  const { plan } = scene;
  const today = new Set(placements.flatMap((p) => (p.arrangement === 'today' ? [p.supply] : [])));
  const rows = Object.values(supplies);
  const same = rows.filter((s) => today.has(s.id) || plan.supplies[s.id]!.hunted);
  const left = rows.length - same.length;
  if (left === 0) return { supplies: rows.length, left, today: weeks.today.minutes, planned: weeks.planned.minutes };
  const chosen = new Set(same.map((s) => s.id));
  const sum = (arrangement: Arrangement) =>
    placements
      .filter((p) => p.arrangement === arrangement && chosen.has(p.supply))
      .reduce((minutes, p) => minutes + p.minutesPerWeek + p.penaltyMinutes, 0) +
    same.reduce((minutes, s) => minutes + huntingOf(scene, s, arrangement), 0);
  return { supplies: same.length, left, today: sum('today'), planned: sum('planned') };
}

const noSession = () => ({ ups: 0, bends: 0, steps: 0, metres: 0 });

/** How many a list names at most. */
const WORST = 10;

/** The worst of an arrangement: what takes longest, what is heavy where it stands, what a child gets at, what nobody sees. */
export function worstOf(
  scene: Scene,
  placements: readonly PlacementReport[],
  strain: Strain,
  arrangement: Arrangement,
): WorstLists {
  const { plan } = scene;
  const own = placements.filter((p) => p.arrangement === arrangement);
  const name = (p: PlacementReport) => plan.supplies[p.supply]!.name;
  const top = <T extends Omit<Worst, 'words'>>(rows: T[]) =>
    rows.sort((a, b) => b.figure - a.figure || (a.placement < b.placement ? -1 : 1)).slice(0, WORST);
  return {
    slow: top(
      own
        .filter((p) => p.minutesPerWeek > 0)
        .map((p) => ({ p, placement: p.id, figure: p.minutesPerWeek + p.penaltyMinutes })),
    ).map(({ p, placement, figure }) => ({
      placement,
      figure,
      words: `${name(p)}: ${p.secondsPerFetch.toFixed(1)} s each time, ${oftenWords(p.fetchesPerWeek)}, ${p.place}`,
    })),
    heavy: top(
      strain.lifts
        .filter((l) => l.placement !== null)
        .map((l) => ({ placement: l.placement!, figure: l.index, words: l.words })),
    ),
    child: top(
      own.flatMap((p) =>
        goesAway(plan, plan.supplies[p.supply]!)
          ? []
          : dangersOf(scene, plan.supplies[p.supply]!, scene.compartment.get(p.compartment)!).map(({ person, by }) => ({
              placement: p.id,
              figure: by,
              words: `${name(p)} in ${p.place}, within reach of ${person.name}`,
            })),
      ),
    ),
    unseen: top(
      own
        .filter((p) => p.unseenFetches > 0)
        .map((p) => ({
          placement: p.id,
          figure: p.unseenFetches,
          words: `${name(p)} in ${p.place}: ${p.sight?.words ?? 'out of sight'}`,
        })),
    ),
  };
}

function oftenWords(fetches: number): string {
  const n = fetches >= 10 ? Math.round(fetches) : Number(fetches.toFixed(1));
  return n === 1 ? 'once a week' : `${n} times a week`;
}

/** Whether anything is planned; findings speak of the plan then, else of today. */
export function reportedArrangement(plan: Plan): Arrangement {
  return Object.values(plan.placements).some((p) => p.arrangement === 'planned') ? 'planned' : 'today';
}

/** Share of a week's motions by kind, for charts: minutes, largest first. */
export function motionRows(motions: Readonly<Record<Motion, number>>): Array<{ motion: Motion; minutes: number }> {
  return MOTIONS.map((motion) => ({ motion, minutes: motions[motion] })).sort((a, b) => b.minutes - a.minutes);
}
