/** What is worked out once from a plan and used by everything that computes: compartments, ways to them, who uses what. */
import { groupBy } from '../model/groups.ts';
import { withTrueTops } from '../room/tops.ts';
import { allCompartments, type Compartment } from '../furniture/compartments.ts';
import { containerCompartments, containersByPlace, standContainers, type Standing } from '../fit/containers.ts';
import { type Approach } from '../fetch/approach.ts';
import { constantsOf, PUBLISHED, type Constants } from '../model/constants.ts';
import {
  byName,
  type Activity,
  type Arrangement,
  type Person,
  type Placement,
  type Plan,
  type Station,
} from '../model/plan.ts';
import { SCENE, stage } from '../model/reads.ts';
import { type Obstacles } from '../reach/around.ts';
import { type Sight } from '../reach/seen.ts';
import { settledUnits, standing } from '../room/standing.ts';
import { walksOf, type Walks } from '../room/walks.ts';
import { insideOrder } from './insideOrder.ts';
import { seatKey } from './seatKey.ts';
import { Seats, type Seat } from './seats.ts';

/** One use of a supply: how often a week, from where. */
export interface WeeklyUse {
  activity: string;
  station: string;
  /** Who fetches. */
  person: string;
  /** Key of the ways that count: the station, who is there when it is not its own person, the carts that have rolled up, the kits that were fetched. */
  seat: string;
  fetches: number;
}

export interface Scene {
  plan: Plan;
  stations: Station[];
  /** Every person at every station, and those with carts and kits, by key. */
  seats: ReadonlyMap<string, Seat>;
  /** With the maker's changes. */
  constants: Constants;
  /** Openings of furniture, then the containers in them. */
  compartments: Compartment[];
  compartment: ReadonlyMap<string, Compartment>;
  /** Where containers stand, by arrangement and compartment. */
  standing: Readonly<Record<Arrangement, ReadonlyMap<string, readonly Standing[]>>>;
  /** ways.get(seat).get(compartment); a seat is a station, or a station with carts and kits beside it */
  approaches: ReadonlyMap<string, ReadonlyMap<string, Approach>>;
  walks: Walks;
  /** What somebody at a seat sees of a compartment: sights.get(seat).get(compartment) */
  sights: ReadonlyMap<string, ReadonlyMap<string, Sight>>;
  /** What stands round the seats, for hands and eyes. */
  obstacles: Obstacles;
  /** Compartments that nobody can walk to or reach from a seat. */
  shut: ReadonlySet<string>;
  /** Uses a week of a supply; empty for one that nobody uses. */
  uses: ReadonlyMap<string, readonly WeeklyUse[]>;
}

const NO_USES: readonly WeeklyUse[] = [];

/** The stations at which an activity is done: its main one and those that serve it besides; a week is shared evenly between them. */
export function seatsOf(plan: Plan, activity: Activity, otherwise?: string): string[] {
  const more = Object.values(plan.helpers).flatMap((h) =>
    h.activity === activity.id && h.station !== null ? [h.station] : [],
  );
  const all = [...new Set([...(activity.station === null ? [] : [activity.station]), ...more])];
  return all.length > 0 ? all : otherwise === undefined ? [] : [otherwise];
}

/** Carts that serve an activity and have a place beside a station. */
export function cartsAt(plan: Plan, activity: string, station: string): string[] {
  const carts = Object.values(plan.helpers).flatMap((h) =>
    h.activity === activity && h.cart !== null ? [h.cart] : [],
  );
  return carts.filter((cart) => Object.values(plan.spots).some((s) => s.unit === cart && s.station === station)).sort();
}

/** Boxes of the kits that serve an activity: fetched once a session, they stand open at the seat. */
function kitBoxes(plan: Plan, activity: string): string[] {
  return Object.values(plan.helpers)
    .flatMap((h) => (h.activity === activity && h.kit !== null ? (plan.kits[h.kit]?.box ?? []) : []))
    .sort();
}

/** Who does an activity at a station. */
function doer(plan: Plan, activity: Activity, station: Station): Person {
  return plan.people[activity.person ?? station.person]!;
}

const built = stage(SCENE, buildScene);
let last: Scene | null = null;

/** The scene of a plan. What lies where, and what the things are, makes no difference to it, so moving things does not build it again. */
export function sceneOf(plan: Plan): Scene {
  if (last?.plan === plan) return last;
  last = { ...built(plan), plan };
  return last;
}

function buildScene(plan: Plan): Scene {
  const stations = byName(plan.stations);
  const units = settledUnits(plan);
  const constants = constantsOf(plan.meta.constants);
  const openings = withTrueTops(plan, units, allCompartments({ units })).map((c) =>
    constants === PUBLISHED ? c : { ...c, inside: { ...c.inside }, constants },
  );
  const boxes = containerCompartments(plan, new Map(openings.map((c) => [c.id, c])));
  const compartments = [...openings, ...boxes];
  const walks = withBoxes(walksOf(standing(plan), openings), boxes);
  const all = new Seats(plan, units, openings, boxes, walks);
  for (const station of stations) {
    all.add(station, plan.people[station.person]!);
    for (const person of byName(plan.people)) all.add(station, person);
  }
  const { approaches } = all;
  const uses = new Map<string, WeeklyUse[]>();
  for (const use of Object.values(plan.uses)) {
    const activity = plan.activities[use.activity]!;
    const at = seatsOf(plan, activity, stations[0]?.id);
    const fetches = (use.fetches * activity.sessionsPerWeek) / Math.max(1, at.length);
    if (fetches <= 0) continue;
    const list = uses.get(use.supply) ?? [];
    for (const id of at) {
      const station = plan.stations[id];
      if (!station) continue;
      const person = doer(plan, activity, station);
      const carts = cartsAt(plan, activity.id, id);
      const boxes = kitBoxes(plan, activity.id);
      if (carts.length + boxes.length > 0) all.addWith(station, person, carts, boxes);
      list.push({
        activity: use.activity,
        station: id,
        person: person.id,
        seat: seatKey(station, person.id, [...carts, ...boxes]),
        fetches,
      });
    }
    uses.set(use.supply, list);
  }
  const shut = new Set(
    compartments
      .filter(
        (c) =>
          stations.length > 0 &&
          stations.every((s) => {
            const [walk, way] = [walks.get(s.id)!.get(c.id)!, approaches.get(s.id)!.get(c.id)!];
            return (walk.reason !== null || (walk.over === true && way.beyond !== null)) && way.ripple > 3;
          }),
      )
      .map((c) => c.id),
  );
  const compartment = new Map(compartments.map((c) => [c.id, c]));
  return {
    plan,
    stations,
    seats: all.seats,
    constants,
    compartments,
    compartment,
    standing: { today: standingOf(plan, compartment, 'today'), planned: standingOf(plan, compartment, 'planned') },
    approaches,
    walks,
    sights: all.sights,
    obstacles: all.obstacles,
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

/** The station at which a supply is used most; null for one that nobody uses. */
export function mainStationOf(scene: Scene, supply: string): string | null {
  let most: WeeklyUse | null = null;
  for (const use of usesOf(scene, supply)) if (!most || use.fetches > most.fetches) most = use;
  return most?.station ?? null;
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

/** Placements of an arrangement by compartment, in the order that the maker wants inside a place, as they lie from left to right. */
export function contentsOf(scene: Scene, arrangement: Arrangement): Map<string, Placement[]> {
  const rows = Object.values(scene.plan.placements);
  const contents = groupBy(rows, (p) => (p.arrangement === arrangement ? compartmentId(p) : undefined));
  const order = asChosen(scene);
  for (const list of contents.values()) list.sort(order);
  return contents;
}

/** The order in which what lies in one place chooses its room there. */
export function asChosen(scene: Scene): (a: Placement, b: Placement) => number {
  const often = new Map<string, number>();
  const fetches = (id: string) => {
    let n = often.get(id);
    if (n === undefined) often.set(id, (n = fetchesAWeek(scene, id)));
    return n;
  };
  return (a, b) =>
    insideOrder(scene.plan, a.supply, b.supply) || fetches(b.supply) - fetches(a.supply) || (a.id < b.id ? -1 : 1);
}
