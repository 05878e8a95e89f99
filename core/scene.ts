/** What is worked out once from a plan and used by everything that computes: compartments, ways to them, who uses what. */
import { allCompartments, type Compartment } from './furniture/compartments.ts';
import { containerCompartments, containersByPlace, standContainers, type Standing } from './furniture/containers.ts';
import { intoContainer, wayOf, type Way } from './fetch/fetch.ts';
import { byName, type Activity, type Arrangement, type Placement, type Plan, type Station } from './model/plan.ts';
import { freeHeight } from './room/overhead.ts';
import { atSpots, settledUnits, standing } from './room/standing.ts';
import { walksOf, type Walks } from './room/walks.ts';

/** One use of a supply: how often a week, from where. */
export interface WeeklyUse {
  activity: string;
  station: string;
  /** Key of the ways that count: the station, with the carts that have rolled up to it. */
  seat: string;
  fetches: number;
}

export interface Scene {
  plan: Plan;
  stations: Station[];
  /** Openings of furniture, then the containers in them. */
  compartments: Compartment[];
  compartment: ReadonlyMap<string, Compartment>;
  /** Where containers stand, by arrangement and compartment. */
  standing: Readonly<Record<Arrangement, ReadonlyMap<string, readonly Standing[]>>>;
  /** ways.get(seat).get(compartment); a seat is a station, or a station with carts beside it */
  ways: ReadonlyMap<string, ReadonlyMap<string, Way>>;
  walks: Walks;
  /** Compartments that nobody can walk to or reach from a seat. */
  shut: ReadonlySet<string>;
  /** Uses a week of a supply; empty for one that nobody uses. */
  uses: ReadonlyMap<string, readonly WeeklyUse[]>;
}

const NO_USES: readonly WeeklyUse[] = [];

/** The stations at which an activity is done: its main one and those that serve it besides; a week is shared evenly between them. */
export function seatsOf(plan: Plan, activity: Activity, otherwise?: string): string[] {
  const more = Object.values(plan.hosts).flatMap((h) =>
    h.activity === activity.id && h.station !== null ? [h.station] : [],
  );
  const all = [...new Set([...(activity.station === null ? [] : [activity.station]), ...more])];
  return all.length > 0 ? all : otherwise === undefined ? [] : [otherwise];
}

/** Carts that serve an activity and have a place beside a station. */
export function cartsAt(plan: Plan, activity: string, station: string): string[] {
  const carts = Object.values(plan.hosts).flatMap((h) => (h.activity === activity && h.cart !== null ? [h.cart] : []));
  return carts.filter((cart) => Object.values(plan.spots).some((s) => s.unit === cart && s.station === station)).sort();
}

/** Ways from a station when carts have rolled up to it: they stand at their places beside it, reached in a straight line. */
function withCarts(
  plan: Plan,
  base: ReadonlyMap<string, Way>,
  stationId: string,
  carts: readonly string[],
): Map<string, Way> {
  const station = plan.stations[stationId]!;
  const moved = standing(atSpots(plan, (s) => s.station === stationId && carts.includes(s.unit)));
  const ways = new Map(base);
  for (const c of allCompartments(moved)) {
    const now = moved.units[c.unit]!;
    const parked = plan.units[c.unit]!;
    if (now.x !== parked.x || now.y !== parked.y || now.turn !== parked.turn)
      ways.set(c.id, wayOf(station, plan.people[station.person]!, c));
  }
  return ways;
}

/** Builds the scene of a plan. */
export function sceneOf(plan: Plan): Scene {
  const stations = byName(plan.stations);
  const units = settledUnits(plan);
  const openings = allCompartments({ units });
  const boxes = containerCompartments(plan, new Map(openings.map((c) => [c.id, c])));
  const compartments = [...openings, ...boxes];
  const walks = withBoxes(walksOf(standing(plan), openings), boxes);
  const away = (c: Compartment) => {
    const { elsewhere } = units[c.unit]!;
    return elsewhere === null ? null : plan.elsewheres[elsewhere]!.seconds;
  };
  const ways = new Map<string, Map<string, Way>>(
    stations.map((station) => {
      const person = plan.people[station.person]!;
      return [
        station.id,
        new Map(
          openings.map((c) => [
            c.id,
            wayOf(station, person, c, walks.get(station.id)!.get(c.id)!.length, away(c), freeHeight(plan, c.stand)),
          ]),
        ),
      ] as const;
    }),
  );
  for (const of of ways.values()) intoBoxes(of, boxes);
  const uses = new Map<string, WeeklyUse[]>();
  for (const use of Object.values(plan.uses)) {
    const activity = plan.activities[use.activity]!;
    const at = seatsOf(plan, activity, stations[0]?.id);
    const fetches = (use.fetches * activity.sessionsPerWeek) / Math.max(1, at.length);
    if (fetches <= 0) continue;
    const list = uses.get(use.supply) ?? [];
    for (const station of at) {
      const carts = cartsAt(plan, activity.id, station);
      const seat = [station, ...carts].join('+');
      if (carts.length > 0 && !ways.has(seat)) {
        const rolled = withCarts(plan, ways.get(station)!, station, carts);
        intoBoxes(rolled, boxes);
        ways.set(seat, rolled);
      }
      list.push({ activity: use.activity, station, seat, fetches });
    }
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
  const compartment = new Map(compartments.map((c) => [c.id, c]));
  return {
    plan,
    stations,
    compartments,
    compartment,
    standing: { today: standingOf(plan, compartment, 'today'), planned: standingOf(plan, compartment, 'planned') },
    ways,
    walks,
    shut,
    uses,
  };
}

/** The opening of furniture in which a compartment is, itself or the one its container stands in. */
export function openingOf(compartment: string): string {
  const at = compartment.indexOf('#');
  return at < 0 ? compartment : compartment.slice(0, at);
}

/** Walks to containers are those to the openings in which they are. */
function withBoxes(walks: Walks, boxes: readonly Compartment[]): Walks {
  if (boxes.length === 0) return walks;
  return new Map(
    [...walks].map(([seat, to]) => [
      seat,
      new Map([...to, ...boxes.map((b) => [b.id, to.get(openingOf(b.id))!] as const)]),
    ]),
  );
}

/** Adds the ways into containers: those of the places where they stand, and the lid. */
function intoBoxes(ways: Map<string, Way>, boxes: readonly Compartment[]): void {
  for (const box of boxes) ways.set(box.id, intoContainer(ways.get(box.within!)!, box));
}

function standingOf(
  plan: Plan,
  compartments: ReadonlyMap<string, Compartment>,
  arrangement: Arrangement,
): Map<string, readonly Standing[]> {
  const result = new Map<string, readonly Standing[]>();
  for (const [at, list] of containersByPlace(plan, arrangement)) {
    const place = compartments.get(at);
    if (place) result.set(at, standContainers(list, place, plan.meta.units));
  }
  return result;
}

export function usesOf(scene: Scene, supply: string): readonly WeeklyUse[] {
  return scene.uses.get(supply) ?? NO_USES;
}

/** Fetches a week of a supply over all activities. */
export function fetchesAWeek(scene: Scene, supply: string): number {
  return usesOf(scene, supply).reduce((sum, use) => sum + use.fetches, 0);
}

/** Id of the compartment of a placement: an opening, or the container in it. */
export function compartmentId(placement: Pick<Placement, 'unit' | 'slot' | 'container'>): string {
  const opening = `${placement.unit}/${placement.slot}`;
  return placement.container === null ? opening : `${opening}#${placement.container}`;
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
