/** What is worked out once from a plan and used by everything that computes: compartments, ways to them, who uses what. */
import { allCompartments, type Compartment } from './furniture/compartments.ts';
import { wayOf, type Way } from './fetch/fetch.ts';
import { byName, type Arrangement, type Placement, type Plan, type Station } from './model/plan.ts';
import { walksOf, type Walks } from './room/walks.ts';

/** One use of a supply: how often a week, from where. */
export interface WeeklyUse {
  activity: string;
  station: string;
  fetches: number;
}

export interface Scene {
  plan: Plan;
  stations: Station[];
  compartments: Compartment[];
  compartment: ReadonlyMap<string, Compartment>;
  /** ways.get(station).get(compartment) */
  ways: ReadonlyMap<string, ReadonlyMap<string, Way>>;
  walks: Walks;
  /** Compartments that nobody can walk to or reach from a seat. */
  shut: ReadonlySet<string>;
  /** Uses a week of a supply; empty for one that nobody uses. */
  uses: ReadonlyMap<string, readonly WeeklyUse[]>;
}

const NO_USES: readonly WeeklyUse[] = [];

/** Builds the scene of a plan. */
export function sceneOf(plan: Plan): Scene {
  const stations = byName(plan.stations);
  const compartments = allCompartments(plan);
  const walks = walksOf(plan, compartments);
  const ways = new Map(
    stations.map((station) => {
      const person = plan.people[station.person]!;
      return [
        station.id,
        new Map(compartments.map((c) => [c.id, wayOf(station, person, c, walks.get(station.id)!.get(c.id)!.length)])),
      ] as const;
    }),
  );
  const uses = new Map<string, WeeklyUse[]>();
  for (const use of Object.values(plan.uses)) {
    const activity = plan.activities[use.activity]!;
    const station = activity.station ?? stations[0]?.id;
    const fetches = use.fetches * activity.sessionsPerWeek;
    if (!station || fetches <= 0) continue;
    const list = uses.get(use.supply) ?? [];
    list.push({ activity: use.activity, station, fetches });
    uses.set(use.supply, list);
  }
  const shut = new Set(
    compartments
      .filter(
        (c) =>
          stations.length > 0 &&
          stations.every((s) => walks.get(s.id)!.get(c.id)!.reason !== null && ways.get(s.id)!.get(c.id)!.ripple > 3),
      )
      .map((c) => c.id),
  );
  return {
    plan,
    stations,
    compartments,
    compartment: new Map(compartments.map((c) => [c.id, c])),
    ways,
    walks,
    shut,
    uses,
  };
}

export function usesOf(scene: Scene, supply: string): readonly WeeklyUse[] {
  return scene.uses.get(supply) ?? NO_USES;
}

/** Fetches a week of a supply over all activities. */
export function fetchesAWeek(scene: Scene, supply: string): number {
  return usesOf(scene, supply).reduce((sum, use) => sum + use.fetches, 0);
}

/** Id of the compartment of a placement. */
export function compartmentId(placement: Pick<Placement, 'unit' | 'slot'>): string {
  return `${placement.unit}/${placement.slot}`;
}

/** Placements of an arrangement by compartment, most used first, as they lie from left to right. */
export function contentsOf(scene: Scene, arrangement: Arrangement): Map<string, Placement[]> {
  const contents = new Map<string, Placement[]>();
  for (const placement of Object.values(scene.plan.placements)) {
    if (placement.arrangement !== arrangement) continue;
    const key = compartmentId(placement);
    const list = contents.get(key);
    if (list) list.push(placement);
    else contents.set(key, [placement]);
  }
  for (const list of contents.values()) {
    const often = new Map(list.map((p) => [p.id, fetchesAWeek(scene, p.supply)]));
    list.sort((a, b) => often.get(b.id)! - often.get(a.id)! || (a.id < b.id ? -1 : 1));
  }
  return contents;
}
