/** A fetch from a station to a compartment and back, as a list of elements (methods.md 2). Walking is along the shortest way over the free floor. */
import type { Compartment } from '../furniture/compartments.ts';
import type { Person, Station } from '../model/plan.ts';
import {
  bodyAt,
  bodyOf,
  heightBand,
  levelReach,
  pace,
  rippleOf,
  type Body,
  type HeightBand,
  type Ripple,
} from '../reach/body.ts';
import { angleBetween, bearing, distance } from '../room/geometry.ts';
import { element, totalSeconds, type Element } from './elements.ts';

/** What every fetch between a station and a compartment has in common, whatever is fetched. */
export interface Way {
  station: string;
  compartment: string;
  ripple: Ripple;
  band: HeightBand;
  /** One way, mm; 0 when nobody gets up. */
  walk: number;
  /** Going there and opening. */
  there: Element[];
  /** Closing and coming back. */
  back: Element[];
  /** Length of the reach of the hand, mm. */
  reach: number;
}

/** How the thing lies, as far as finding and grasping it goes. */
export interface Finding {
  /** Lines of supplies in the same compartment, this one included. */
  lines: number;
  /** Whether a label or a look tells what is inside before opening. */
  known: boolean;
  /** Closed compartments of the same unit that look alike, this one included; opened half of them on average when not known. */
  alike: number;
  loose: boolean;
  /** Things moved aside to get at it, on average: what a compartment that is over full costs. */
  aside: number;
}

/**
 * The way between a station and a compartment.
 * @param walk how far one walks to stand before it, mm; without it, the straight line
 * @param headroom free height where one stands before it, mm: under a slope one stoops
 * @param away seconds to another room in which it is, one way; null when it is in this room
 */
export function wayOf(
  station: Station,
  person: Pick<Person, 'stature'> & Partial<Pick<Person, 'wheelchair'>>,
  compartment: Compartment,
  walk = distance(station, compartment.stand),
  away: number | null = null,
  headroom = Infinity,
): Way {
  const body = bodyAt(station, person);
  const target = compartment.access3;
  const rolls = person.wheelchair === true;
  const near = away === null ? rippleOf(station, body, target, walk) : 6;
  const ripple = rolls && near === 4 ? 5 : near;
  const band = rolls ? wheelchairBand(target.z) : heightBand(target.z, body);
  const there: Element[] = [];
  const back: Element[] = [];
  const off = angleBetween(bearing(station, target), station.facing);
  let reach: number;
  if (ripple <= 2) {
    reach = restToTarget(station, body, target);
  } else if (ripple === 3) {
    there.push(element(off > 45 ? 'turn round' : 'turn'));
    back.push(element(off > 45 ? 'turn round' : 'turn'));
    const roll = Math.max(0, distance(station, target) - levelReach(body, target.z));
    if (roll > 50) {
      there.push(element('roll', roll));
      back.push(element('roll', roll));
    }
    reach = Math.max(150, body.grip * 0.75);
  } else {
    const standing = bodyOf(person.stature, null);
    const sits = station.posture === 'seated' && !rolls;
    const go =
      away === null ? element('walk', Math.max(1, walk / pace(person.stature))) : element('go elsewhere', away);
    if (sits) there.push(element('stand up'));
    there.push(element(off > 45 ? 'turn round' : 'turn'), go);
    back.push(element('turn'), go);
    if (sits) back.push(element('sit down'));
    if (rolls) {
      // Nobody bends, kneels or climbs in a wheelchair; what is out of reach is a finding (room/wheelchair).
    } else if (away === null && headroom < person.stature && (band === 'easy' || band === 'high')) {
      there.push(element('bend'));
      back.unshift(element('straighten'));
    } else if (band === 'low') {
      there.push(element('bend'));
      back.unshift(element('straighten'));
    } else if (band === 'floor') {
      there.push(element('kneel'));
      back.unshift(element('rise'));
    } else if (band === 'steps') there.push(element('step up'));
    reach = band === 'high' ? standing.grip : standing.grip * 0.75;
  }
  if (compartment.access === 'drawer' || compartment.access === 'pull-out') {
    there.push(element('open drawer'));
    back.unshift(element('close drawer'));
  } else if (compartment.access === 'door') {
    there.push(element('open door'));
    back.unshift(element('close door'));
  } else if (compartment.access === 'lid') {
    there.push(element('open lid'));
    back.unshift(element('close lid'));
  }
  return {
    station: station.id,
    compartment: compartment.id,
    ripple,
    band,
    walk: ripple <= 3 || away !== null ? 0 : walk,
    there,
    back,
    reach,
  };
}

/** The way into a container: that to the place where it stands, and its lid. */
export function intoContainer(way: Way, box: Pick<Compartment, 'id' | 'access'>): Way {
  const lid = box.access === 'lid';
  return {
    ...way,
    compartment: box.id,
    there: lid ? [...way.there, element('open lid')] : way.there,
    back: lid ? [element('close lid'), ...way.back] : way.back,
  };
}

/** Reach limits from a wheelchair: 380 to 1220 mm over the floor (2010 ADA Standards, 308.2.1 and 308.3.1). */
function wheelchairBand(z: number): HeightBand {
  return z > 1220 ? 'steps' : z < 380 ? 'floor' : 'easy';
}

/** From the hand at rest in front of the elbow to the target, mm. */
function restToTarget(station: Station, body: Body, target: { x: number; y: number; z: number }): number {
  const radians = (station.facing * Math.PI) / 180;
  const rest = {
    x: station.x + Math.sin(radians) * body.forearmZone,
    y: station.y - Math.cos(radians) * body.forearmZone,
  };
  return Math.hypot(target.x - rest.x, target.y - rest.y, target.z - body.elbow);
}

const SHUT: Partial<Record<Element['kind'], Element['kind']>> = {
  'open drawer': 'close drawer',
  'open door': 'close door',
  'open lid': 'close lid',
};

/** Elements of going, finding, taking and bringing one thing. */
export function fetchElements(way: Way, find: Finding): Element[] {
  const search: Element[] = [];
  if (!find.known && find.alike > 1) {
    // Half of the look-alikes are opened in vain on average: (n - 1) / 2.
    const vain = (find.alike - 1) / 2;
    const opens = way.there.filter((e) => e.kind.startsWith('open'));
    for (const kind of opens.length > 0
      ? ([opens[0]!.kind, 'look', SHUT[opens[0]!.kind] ?? 'close drawer'] as const)
      : (['look'] as const)) {
      const one = element(kind);
      search.push({ ...one, quantity: vain, seconds: one.seconds * vain });
    }
  }
  return [
    element('look'),
    ...search,
    ...way.there,
    // Looked through one by one, the right line turns up half-way on average: (n + 1) / 2.
    ...(find.lines > 1 ? [element('search', (find.lines + 1) / 2)] : []),
    ...(find.aside > 0 ? [element('move aside', find.aside)] : []),
    element('reach', way.reach),
    element(find.loose ? 'pick from a jumble' : 'grasp'),
    element('move', way.reach),
    ...way.back,
    element('put down'),
  ];
}

/** Elements of putting it back: the same way, without looking for it. */
export function returnElements(way: Way): Element[] {
  return [
    element('look'),
    element('grasp'),
    ...way.there,
    element('move', way.reach),
    element('put down'),
    element('reach', way.reach),
    ...way.back,
  ];
}

/** Seconds of one fetch, with the return trip where the thing goes back. */
export function fetchSeconds(way: Way, find: Finding, goesBack: boolean): number {
  return totalSeconds(fetchElements(way, find)) + (goesBack ? totalSeconds(returnElements(way)) : 0);
}
