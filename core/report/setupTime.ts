/**
 * What setting up costs: rolling carts to the work and back, fetching kits from their place and putting them back, and going to
 * the other stations at which an activity is done and back within a session.
 */
import type { Plan } from '../model/plan.ts';
import { standsIn } from '../fit/containers.ts';
import { pace } from '../reach/body.ts';
import { distance } from '../geometry/geometry.ts';
import { cartsAt, seatsOf, type Scene } from '../scene/scene.ts';
import type { Constants } from '../model/constants.ts';
import { byMotion, element, totalSeconds, type Element, type Motion } from '../fetch/elements.ts';
import { ALONE, fetchElements, returnElements } from '../fetch/fetch.ts';

export interface Setup {
  activity: string;
  station: string;
  /** A cart, a kit, or the other station. */
  what: string;
  /** Seconds for getting it and bringing it back, once. */
  seconds: number;
  motions: Record<Motion, number>;
  /** How often a week. */
  times: number;
}

/** Every setting up in an ordinary week. */
export function setupsOf(scene: Scene): Setup[] {
  const { plan } = scene;
  return Object.values(plan.activities).flatMap((activity) => {
    const seats = seatsOf(plan, activity);
    const times = activity.sessionsPerWeek / Math.max(1, seats.length);
    return seats.flatMap((station): Setup[] => {
      const carts = cartsAt(plan, activity.id, station).map((cart) => ({
        what: cart,
        elements: rollElements(plan, station, cart, scene.constants),
      }));
      const kits = Object.values(plan.helpers).flatMap((h) => {
        const kit = h.activity === activity.id && h.kit !== null ? plan.kits[h.kit]! : undefined;
        const box = kit?.box == null ? undefined : plan.containers[kit.box];
        const home = scene.compartment.get(box ? standsIn(plan, box) : `${kit?.unit}/${kit?.slot}`);
        const way = home ? scene.approaches.get(station)?.get(home.id) : undefined;
        return kit && way
          ? [
              {
                what: kit.id,
                elements: [...fetchElements(way, ALONE), ...returnElements(way)],
              },
            ]
          : [];
      });
      // The main station is the first: from there one goes to each of the others, once a session, and back.
      const moves =
        station === seats[0] || !plan.stations[seats[0]!]
          ? []
          : [{ what: station, elements: betweenStations(scene, seats[0]!, station), times: activity.sessionsPerWeek }];
      return [...carts, ...kits, ...moves].map(({ what, elements, ...own }) => ({
        activity: activity.id,
        station,
        what,
        seconds: totalSeconds(elements),
        motions: byMotion(elements),
        times,
        ...own,
      }));
    });
  });
}

/** Going from one seat to another and back: getting up and sitting down where one sits, and the way over the free floor. */
function betweenStations(scene: Scene, from: string, to: string): Element[] {
  const { plan, constants } = scene;
  const [a, b] = [plan.stations[from]!, plan.stations[to]!];
  if (distance(a, b) < 1) return [];
  const table = b.unit === null ? undefined : scene.walks.get(from)?.get(`${b.unit}/top`);
  const way = table?.path?.length ?? distance(a, b);
  const paces = (2 * way) / pace(plan.people[a.person]!.stature, constants);
  const seated = [a, b].filter((s) => s.posture === 'seated').length;
  return [...gettingUp(constants, seated), ...turns(constants, 2), element(pacing(plan), paces, constants)];
}

/** Going to a parked cart, rolling it up, rolling it back, and coming back: four times the way, and two grasps. */
function rollElements(plan: Plan, station: string, cart: string, constants: Constants): Element[] {
  const seat = plan.stations[station]!;
  const parked = plan.units[cart]!;
  const spot = Object.values(plan.spots).find((s) => s.unit === cart && s.station === station)!;
  const far = Math.max(0, distance(seat, parked) - 400) + distance(parked, spot);
  if (distance(parked, spot) < 1) return [];
  const person = plan.people[seat.person]!;
  const paces = (2 * far) / pace(person.stature, constants);
  return [
    ...gettingUp(constants, seat.posture === 'seated' && !person.wheelchair ? 2 : 0),
    ...turns(constants, 4),
    element(pacing(plan), paces, constants),
    element('grasp', 2, constants),
    element('put down', 2, constants),
  ];
}

/** Between furniture a pace takes longer. */
const pacing = (plan: Plan) => (Object.keys(plan.corners).length >= 3 ? 'walk round furniture' : 'walk');

/** Getting up and sitting down again a number of times, the chair moved. */
function gettingUp(constants: Constants, many: number): Element[] {
  const kinds = ['push the chair back', 'stand up', 'sit down', 'draw the chair up'] as const;
  return many === 0 ? [] : kinds.map((kind) => element(kind, many, constants));
}

/** Turning to go and turning where one arrives, for a number of ways. */
const turns = (constants: Constants, ways: number): Element[] => [
  element('turn', ways, constants),
  element('turn round', ways, constants),
];
