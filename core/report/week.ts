/** A week in the room: minutes by activity, supply, place and kind of motion, and what is worst; for an arrangement. */
import { MOTIONS, noMotion, type Motion } from '../fetch/elements.ts';
import { goesAway } from '../cost/rules.ts';
import type { Arrangement, Plan } from '../model/plan.ts';
import { dangersOf } from '../cost/wishes.ts';
import type {
  ActivityWeek,
  PlacementReport,
  Strain,
  SupplyReport,
  SupplyWeek,
  Week,
  Worst,
  WorstLists,
} from './report.ts';
import type { Setup } from './setupTime.ts';
import { usesOf, type Scene } from '../scene/scene.ts';

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
  const bySupply = new Map<string, SupplyWeek>();
  const ofSupply = (id: string): SupplyWeek => {
    let row = bySupply.get(id);
    if (!row) bySupply.set(id, (row = { supply: id, fetches: 0, minutes: 0, hunting: 0, penalties: 0 }));
    return row;
  };
  let [fetching, penalties, placed, ups, metres] = [0, 0, 0, 0, 0];
  const of = (id: string): ActivityWeek => {
    let row = activities.get(id);
    if (!row) {
      row = {
        activity: id,
        ...{ minutes: 0, fetches: 0, setup: 0, hunting: 0, penalties: 0, total: 0 },
        ...{ motions: noMotion(), perSession: noSession() },
      };
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
    const own = ofSupply(p.supply);
    own.minutes += p.minutesPerWeek;
    own.penalties += p.penaltyMinutes;
    if (!p.spare) own.fetches += p.fetchesPerWeek;
    for (const use of p.from) {
      const row = of(use.activity);
      row.penalties += (use.penalty * use.fetches) / 60;
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
  let [hunting, without, notNoted] = [0, 0, 0];
  for (const supply of Object.values(supplies)) {
    if (supply.without[arrangement] === 0) continue;
    if (isNotNoted(plan, supply, arrangement)) notNoted++;
    else without++;
    const share = huntedShare(scene, supply, arrangement);
    if (share <= 0) continue;
    const own = ofSupply(supply.id);
    for (const use of usesOf(scene, supply.id)) {
      const minutes = (use.fetches * share * scene.constants.hunt) / 60;
      of(use.activity).hunting += minutes;
      own.hunting += minutes;
      own.fetches += use.fetches * share;
      hunting += minutes;
    }
  }
  for (const row of activities.values()) row.total = row.minutes + row.setup + row.hunting + row.penalties;
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
    supplies: most([...bySupply.values()]),
  };
}

/** Whether nobody has said yet where a thing is today, or the rest of it: not the same as having no place. */
const isNotNoted = (plan: Plan, supply: SupplyReport, arrangement: Arrangement): boolean =>
  arrangement === 'today' && !plan.supplies[supply.id]!.hunted;

/** What share of a supply's fetches is hunted for. */
function huntedShare(scene: Scene, supply: SupplyReport, arrangement: Arrangement): number {
  return isNotNoted(scene.plan, supply, arrangement) ? 0 : supply.missing[arrangement];
}

/** Minutes a week in which what has no place is hunted for. */
export function huntingOf(scene: Scene, supply: SupplyReport, arrangement: Arrangement): number {
  return (supply.fetchesPerWeek * huntedShare(scene, supply, arrangement) * scene.constants.hunt) / 60;
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
