/** A fetch from a station to a compartment and back, as a list of elements (methods.md 2). Walking is along the shortest way over the free floor. */
import type { Compartment } from '../furniture/compartments.ts';
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Station } from '../model/plan.ts';
import {
  bodyAt,
  bodyOf,
  heightBand,
  levelReach,
  OPEN_SPACE,
  pace,
  rippleOf,
  type Around,
  type Body,
  type HeightBand,
  type Ripple,
  type Sized,
} from '../reach/body.ts';
import { angleBetween, bearing, distance, turned, type Point } from '../geometry/geometry.ts';
import type { Digging } from '../fit/digging.ts';
import { element, totalSeconds, type Element, type ElementKind } from './elements.ts';

/** What every fetch between a station and a compartment has in common, whatever is fetched. */
export interface Approach {
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
  /** How far one leans over what stands before it, mm. */
  lean: number;
  /** Why the hand does not get there at all, in words; null when it does. */
  beyond: string | null;
  /** Whether it is a drawer whose rim is above the eye: one feels for what is in it. */
  blind: boolean;
  /** With which its seconds were made. */
  constants: Constants;
}

/** Where a compartment is and what is around it, as far as the plan tells. */
export interface Circumstances {
  /** How far one walks to stand before it, mm; the straight line when not given. */
  walk?: number;
  /** Where one stands then. */
  at?: Point;
  /** Free height there, mm: under a slope one stoops. */
  headroom?: number;
  /** Seconds to another room in which it is, one way; null when it is in this room. */
  away?: number | null;
  around?: Around;
  /** It stands behind the door of the room, which is shut first. */
  behindDoor?: boolean;
  constants?: Constants;
}

/** How the thing lies, as far as finding and grasping it goes. */
export interface Lookup {
  /** Lines of supplies in the same compartment, this one included. */
  lines: number;
  /** Whether a label or a look tells what is inside before opening. */
  known: boolean;
  /** Closed compartments of the same unit that look alike, this one included; opened half of them on average when not known. */
  alike: number;
  loose: boolean;
  /** What it takes to find one among others of its line, by how they lie; nothing when not given. */
  digging?: Digging;
  /** Its home is not sorted: so many looks more, and it is picked out of a jumble. */
  heap?: number;
  /** Things moved aside to get at it, on average: what a compartment that is overfull costs. */
  aside: number;
  /** A machine that is used where it stands: one goes there and comes back, and carries nothing. */
  inPlace?: boolean;
}

/** What is opened before a hand gets in, and shut after. */
const OPENING: Partial<Record<Compartment['access'], [ElementKind, ElementKind]>> = {
  drawer: ['open drawer', 'close drawer'],
  'pull-out': ['open drawer', 'close drawer'],
  door: ['open door', 'close door'],
  lid: ['open lid', 'close lid'],
};

/** Found at once: labelled or in view, alone in its place. */
export const ALONE: Lookup = { lines: 1, known: true, alike: 1, loose: false, aside: 0 };

/** The way between a station and a compartment, for a person. */
export function approachOf(
  station: Station,
  person: Sized & { wheelchair?: boolean },
  compartment: Compartment,
  circumstances: Circumstances = {},
): Approach {
  const { walk = distance(station, compartment.stand), at, headroom = Infinity, away = null } = circumstances;
  const { around = OPEN_SPACE, behindDoor = false, constants: k = PUBLISHED } = circumstances;
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, k);
  const body = bodyAt(station, person, k);
  const target = compartment.access3;
  const rolls = person.wheelchair === true;
  const near = away === null ? rippleOf(station, body, target, walk, k, around) : 6;
  const ripple = rolls && near === 4 ? 5 : near;
  const band = rolls ? wheelchairBand(target.z) : heightBand(target.z, body);
  const there: Element[] = [];
  const back: Element[] = [];
  const turn = of(angleBetween(bearing(station, target), station.facing) > 45 ? 'turn round' : 'turn');
  let reach: number;
  let lean = 0;
  let beyond: string | null = null;
  if (ripple <= 2) {
    reach = restToTarget(station, body, target);
  } else if (ripple === 3) {
    there.push(turn);
    back.push(turn);
    const roll = Math.max(0, distance(station, target) - levelReach(body, target.z));
    if (roll > 50) {
      // Somebody who stands takes a step; a seat rolls.
      const step = station.posture === 'seated' || rolls ? of('roll', roll) : of('walk');
      there.push(step);
      back.push(step);
    }
    reach = Math.max(150, body.grip * 0.75);
  } else {
    const standing = bodyOf(person, null, k);
    const sits = station.posture === 'seated' && !rolls;
    const go = away === null ? of('walk', Math.max(1, walk / pace(person.stature, k))) : of('go elsewhere', away);
    if (sits) there.push(of('stand up'));
    there.push(turn, go);
    back.push(turn, go);
    if (sits) back.push(of('sit down'));
    const bends = (kind: 'bend' | 'kneel') => {
      there.push(of(kind));
      back.unshift(of(kind === 'bend' ? 'straighten' : 'rise'));
    };
    if (at && away === null && band !== 'steps') {
      // Below the shoulder the trunk follows the arm; above it the arm alone has to reach.
      const up = target.z > standing.standingShoulder || rolls;
      lean = Math.max(
        0,
        distance(at, target) - (up ? Math.max(0, levelReach(rolls ? body : standing, target.z)) : standing.grip),
      );
      if (lean < 50) lean = 0;
      if (lean > k.lean) beyond = `${Math.round(lean)} mm farther than a hand gets from where one can stand`;
    }
    if (rolls) {
      // Nobody bends, kneels or climbs in a wheelchair; what is out of reach is a finding (room/wheelchair).
    } else if (away === null && headroom < person.stature && (band === 'easy' || band === 'high')) bends('bend');
    else if (band === 'low') bends('bend');
    else if (band === 'floor') bends('kneel');
    else if (band === 'steps') there.push(of('step up'));
    else if (lean > 0) bends('bend');
    reach = band === 'high' ? standing.grip : standing.grip * 0.75;
  }
  if (behindDoor && ripple > 2) {
    there.push(of('shut the room door'));
    back.unshift(of('open the room door'));
  }
  // Over the rim of a drawer above the eye the hand feels for what it cannot see.
  const standingEye = bodyOf(person, null, k).eye;
  const blind =
    (compartment.access === 'drawer' || compartment.access === 'pull-out') &&
    target.z > (ripple <= 3 ? body.eye : standingEye);
  const opening = OPENING[compartment.access] ?? (compartment.leaf ? OPENING.door : undefined);
  if (opening) {
    there.push(of(opening[0]));
    back.unshift(of(opening[1]));
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
    lean,
    beyond,
    blind,
    constants: k,
  };
}

/**
 * The way into a container: that to the place where it stands, and its lid. Out of an opening that one looks into from
 * the front, a box is first taken out, unless it runs like a drawer or one gets in over its edge.
 */
export function intoContainer(
  way: Approach,
  box: Pick<Compartment, 'id' | 'access'>,
  held: { pulled: boolean; height: number; snaps: boolean; opening: Pick<Compartment, 'access' | 'inside'> },
): Approach {
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, way.constants);
  const { opening } = held;
  const snaps = (kind: ElementKind) => (held.snaps ? [of(kind, SNAPS)] : []);
  const shelf = opening.access === 'open' || opening.access === 'door';
  const tight = shelf && opening.inside.height - held.height < HAND_OVER;
  const first = held.pulled ? OPENING.drawer! : tight ? (['take out', 'put back'] as const) : null;
  const lid = box.access === 'lid' ? OPENING.lid! : null;
  return {
    ...way,
    compartment: box.id,
    there: [...way.there, ...(first ? [of(first[0])] : []), ...(lid ? [...snaps('undo the snaps'), of(lid[0])] : [])],
    back: [...(lid ? [of(lid[1]), ...snaps('snap it shut')] : []), ...(first ? [of(first[1])] : []), ...way.back],
  };
}

/** Snaps of a lid. Common practice, no source. */
const SNAPS = 2;
/** Room over the edge of a box through which a hand gets in, mm. Common practice, no source. */
const HAND_OVER = 150;

/** Reach limits from a wheelchair: 380 to 1220 mm over the floor (2010 ADA Standards, 308.2.1 and 308.3.1). */
function wheelchairBand(z: number): HeightBand {
  return z > 1220 ? 'steps' : z < 380 ? 'floor' : 'easy';
}

/** From the first hand, at rest in front of its elbow, to the target, mm. */
function restToTarget(station: Station, body: Body, target: { x: number; y: number; z: number }): number {
  const hand = turned({ x: body.side * body.halfBreadth, y: -body.forearmZone }, station.facing);
  const rest = { x: station.x + hand.x, y: station.y + hand.y };
  return Math.hypot(target.x - rest.x, target.y - rest.y, target.z - body.elbow);
}

const SHUT: Partial<Record<Element['kind'], Element['kind']>> = {
  'open drawer': 'close drawer',
  'open door': 'close door',
  'open lid': 'close lid',
  'take out': 'put back',
};

/** Finding one among its neighbours, and lifting off what lies on it. */
export function diggingElements(dig: Digging | undefined, constants: Constants): Element[] {
  if (!dig) return [];
  const of = (kind: ElementKind, quantity: number) => (quantity > 0 ? [element(kind, quantity, constants)] : []);
  return [
    ...of('look over', dig.travel),
    ...of('search', dig.looks),
    ...of('flick through', dig.flicks),
    ...of('lift off', dig.lifts),
  ];
}

/** Elements of going, finding, taking and bringing one thing; of what is used in place, of going there and coming back. */
export function fetchElements(way: Approach, find: Lookup): Element[] {
  if (find.inPlace) return [element('look', 1, way.constants), ...way.there, ...way.back];
  const search: Element[] = [];
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, way.constants);
  if (!find.known && find.alike > 1) {
    // Half of the look-alikes are opened in vain on average: (n - 1) / 2.
    const vain = (find.alike - 1) / 2;
    const opens = way.there.filter((e) => e.kind in SHUT);
    for (const kind of opens.length > 0
      ? ([opens[0]!.kind, 'look', SHUT[opens[0]!.kind] ?? 'close drawer'] as const)
      : (['look'] as const)) {
      const one = of(kind);
      search.push({ ...one, quantity: vain, seconds: one.seconds * vain });
    }
  }
  // Looked through one by one, the right line turns up half-way on average: (n + 1) / 2.
  const looks = (find.lines > 1 ? (find.lines + 1) / 2 : 0) + (find.heap ?? 0);
  return [
    of('look'),
    ...search,
    ...way.there,
    ...(looks > 0 ? [of('search', looks)] : []),
    ...(find.aside > 0 ? [of('move aside', find.aside)] : []),
    ...diggingElements(find.digging, way.constants),
    of('reach', way.reach),
    of(find.loose || find.heap !== undefined || find.digging?.jumble || way.blind ? 'pick from a jumble' : 'grasp'),
    of('move', way.reach),
    ...way.back,
    of('put down'),
  ];
}

/** Elements of putting it back: the same way, without looking for it; what is used in place is left there. */
export function returnElements(way: Approach, find: Pick<Lookup, 'inPlace'> = {}): Element[] {
  if (find.inPlace) return [];
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, way.constants);
  return [
    of('look'),
    of('grasp'),
    ...way.there,
    of('move', way.reach),
    of('put down'),
    of('reach', way.reach),
    ...way.back,
  ];
}

/** Seconds of one fetch, with the return trip where the thing goes back. */
export function fetchSeconds(way: Approach, find: Lookup, goesBack: boolean): number {
  return totalSeconds(fetchElements(way, find)) + (goesBack ? totalSeconds(returnElements(way, find)) : 0);
}
