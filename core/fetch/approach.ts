/** The way between a station and a compartment, for a person: going there, opening, closing, coming back. */
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
  type Around,
  type Body,
  type HeightBand,
  type Ripple,
  type Sized,
} from '../reach/body.ts';
import { EASY, LEAST_ROLL, quarters, reached, type Reached } from './reached.ts';
import { angleBetween, bearing, distance, type Point } from '../geometry/geometry.ts';
import { element, type Element, type ElementKind } from './elements.ts';

/** What every fetch between a station and a compartment has in common, whatever is fetched, in the order in which it is done. */
export interface Approach {
  station: string;
  compartment: string;
  ripple: Ripple;
  band: HeightBand;
  /** One way, mm; 0 when nobody gets up. */
  walk: number;
  go: Element[];
  open: Element[];
  close: Element[];
  come: Element[];
  /** Length of the reach of the hand, mm. */
  reach: number;
  /** How far one leans over what stands before it, mm. */
  lean: number;
  /** Whether one bends down or to the side without getting up. */
  bends: boolean;
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
  /** The way over the free floor, from the station to where one stands before it. */
  path?: readonly Point[];
  /** Free height there, mm: under a slope one stoops. */
  headroom?: number;
  /** Seconds to another room in which it is, one way; null when it is in this room. */
  away?: number | null;
  around?: Around;
  /** It stands behind the door of the room, which is shut first. */
  behindDoor?: boolean;
  /** Something stands right before it, and one reaches over that. */
  over?: boolean;
  constants?: Constants;
}

/** A door before a place swings as far as 24 in of its arc, mm. */
const SWING = 609.6;

/** What is opened before a hand gets in, and shut after: a drawer by its own depth. */
function openingOf(c: Pick<Compartment, 'access' | 'leaf' | 'inside'>): [ElementKind, ElementKind, number] | null {
  if (c.access === 'drawer' || c.access === 'pull-out') return ['open drawer', 'close drawer', c.inside.depth];
  if (c.access === 'lid') return ['open lid', 'close lid', 1];
  return c.access === 'door' || c.leaf ? ['open door', 'close door', SWING] : null;
}

type Make = (kind: ElementKind, quantity?: number) => Element;

/** Turning the body: nothing up to 45 degrees, else a case of turn body for each quarter. @param stands whether both feet come down before what is next */
function turning(of: Make, degrees: number, stands: boolean): Element[] {
  const more = quarters(degrees) - 1;
  if (more < 0) return [];
  if (!stands) return [of('turn', more + 1)];
  return [...(more > 0 ? [of('turn', more)] : []), of('turn round')];
}

/** The way between a station and a compartment, for a person. */
export function approachOf(
  station: Station,
  person: Sized & { wheelchair?: boolean },
  compartment: Compartment,
  circumstances: Circumstances = {},
): Approach {
  const { walk = distance(station, compartment.stand), away = null } = circumstances;
  const { around = OPEN_SPACE, behindDoor = false, constants: k = PUBLISHED } = circumstances;
  const of: Make = (kind, quantity = 1) => element(kind, quantity, k);
  const body = bodyAt(station, person, k);
  const target = compartment.access3;
  const rolls = person.wheelchair === true;
  const near: Reached =
    away === null
      ? reached(station, body, target, walk, k, around, !rolls)
      : { ripple: 6, turn: 0, roll: 0, trunk: 'upright', reach: 0 };
  const ripple = rolls && near.ripple === 4 ? 5 : near.ripple;
  const band = rolls ? wheelchairBand(target.z) : heightBand(target.z, body);
  const opening = openingOf(compartment);
  const way =
    ripple <= 3
      ? withoutGettingUp(of, station, near, rolls)
      : gettingUp(of, station, person, body, compartment, band, walk, circumstances);
  const standingEye = bodyOf(person, null, k).eye;
  return {
    station: station.id,
    compartment: compartment.id,
    ripple,
    band,
    walk: ripple <= 3 || away !== null ? 0 : walk,
    go: [...way.go, ...(behindDoor && ripple > 2 ? [of('shut the room door')] : []), ...way.down],
    open: opening ? [of(opening[0], opening[2])] : [],
    close: opening ? [of(opening[1], opening[2])] : [],
    come: [...way.up, ...(behindDoor && ripple > 2 ? [of('open the room door')] : []), ...way.come],
    reach: way.reach,
    lean: way.lean,
    bends: ripple <= 3 && near.trunk === 'bend',
    beyond: way.beyond,
    // Over the rim of a drawer above the eye the hand feels for what it cannot see.
    blind:
      (compartment.access === 'drawer' || compartment.access === 'pull-out') &&
      target.z > (ripple <= 3 ? body.eye : standingEye),
    constants: k,
  };
}

/** Going there and coming back, with what is done with the body at the place in between: down and up again. */
interface Way {
  go: Element[];
  down: Element[];
  up: Element[];
  come: Element[];
  reach: number;
  lean: number;
  beyond: string | null;
}

function withoutGettingUp(of: Make, station: Station, { turn, roll, trunk, reach }: Reached, rolls: boolean): Way {
  const none = { go: [], down: [], up: [], come: [], lean: 0, beyond: null };
  const turns = turning(of, turn, false);
  // Somebody who stands takes a step; a seat rolls.
  const step =
    roll > LEAST_ROLL ? [station.posture === 'seated' || rolls ? of('roll', roll) : of('walk round furniture')] : [];
  const bend = trunk === 'bend';
  return {
    ...none,
    go: [...turns, ...step],
    down: bend ? [of('bend')] : [],
    up: bend ? [of('straighten')] : [],
    come: [...step, ...turns],
    reach,
  };
}

function gettingUp(
  of: Make,
  station: Station,
  person: Sized & { wheelchair?: boolean },
  body: Body,
  compartment: Compartment,
  band: HeightBand,
  walk: number,
  {
    path,
    headroom = Infinity,
    away = null,
    around = OPEN_SPACE,
    over = false,
    constants: k = PUBLISHED,
  }: Circumstances,
): Way {
  const target = compartment.access3;
  const rolls = person.wheelchair === true;
  const standing = bodyOf(person, null, k);
  const sits = station.posture === 'seated' && !rolls;
  const at = path?.at(-1);
  // Between furniture a pace takes longer.
  const pacing = path ? 'walk round furniture' : 'walk';
  const walking = away === null ? of(pacing, Math.max(1, walk / pace(person.stature, k))) : of('go elsewhere', away);
  const points = path && distance(path[0]!, path.at(-1)!) > 1 ? path : [station, compartment.stand];
  const [out, last] = [bearing(points[0]!, points[1]!), bearing(points.at(-2)!, points.at(-1)!)];
  const front = bearing(at ?? compartment.stand, target);
  const leaves = turning(of, angleBetween(out, station.facing), false);
  const faces = away === null ? turning(of, angleBetween(front, last), true) : [];
  const sets = away === null ? turning(of, angleBetween(last + 180, front), false) : [];
  const arrives = turning(of, angleBetween(out + 180, station.facing), true);
  let [lean, beyond]: [number, string | null] = [0, null];
  if (at && away === null && band !== 'steps') {
    // Below the shoulder the trunk follows the arm; above it the arm alone has to reach.
    const up = target.z > standing.standingShoulder || rolls;
    lean = Math.max(
      0,
      distance(at, target) - (up ? Math.max(0, levelReach(rolls ? body : standing, target.z)) : standing.grip),
    );
    if (lean < 50) lean = 0;
    const shoulder = { ...at, z: rolls ? body.shoulder : standing.standingShoulder };
    if (over && !around.hand(shoulder, target)) beyond = 'something stands before it, too high to reach over';
    else if (lean > k.lean) beyond = `${Math.round(lean)} mm farther than a hand gets from where one can stand`;
  }
  const bent: [Element[], Element[]] = [[of('bend')], [of('straighten')]];
  const stoops = away === null && headroom < person.stature && (band === 'easy' || band === 'high');
  const [down, up]: [Element[], Element[]] =
    // Nobody bends, kneels or climbs in a wheelchair; what is out of reach is a finding (room/wheelchair).
    rolls
      ? [[], []]
      : band === 'steps'
        ? onSteps(of, k)
        : band === 'floor'
          ? [[of('kneel')], [of('rise')]]
          : stoops || band === 'low' || lean > 0
            ? bent
            : [[], []];
  return {
    go: [...(sits ? [of('push the chair back'), of('stand up')] : []), ...leaves, walking, ...faces],
    down,
    up,
    come: [...sets, walking, ...arrives, ...(sits ? [of('sit down'), of('draw the chair up')] : [])],
    reach: band === 'high' ? standing.grip : standing.grip * EASY,
    lean,
    beyond,
  };
}

/** Getting up on steps and down again: by their motions, or by the time that the maker gave. */
function onSteps(of: Make, k: Constants): [Element[], Element[]] {
  if (k.steps > 0) return [[of('use the steps')], []];
  return [
    [of('get the steps'), of('climb', k.treads)],
    [of('climb down', k.treads), of('put the steps away')],
  ];
}

/**
 * The way into a container: that to the place where it stands, and its lid. Out of an opening that one looks into from
 * the front, a box is first taken out, unless it runs like a drawer or one gets in over its edge.
 */
export function intoContainer(
  way: Approach,
  box: Pick<Compartment, 'id' | 'access' | 'inside'>,
  held: { pulled: boolean; height: number; snaps: boolean; opening: Pick<Compartment, 'access' | 'inside'> },
): Approach {
  const of = (kind: ElementKind, quantity = 1) => element(kind, quantity, way.constants);
  const { opening } = held;
  const snaps = (kind: ElementKind) => (held.snaps ? [of(kind, SNAPS)] : []);
  const shelf = opening.access === 'open' || opening.access === 'door';
  const tight = shelf && opening.inside.height - held.height < HAND_OVER;
  const first: [Element, Element] | null = held.pulled
    ? [of('open drawer', box.inside.depth), of('close drawer', box.inside.depth)]
    : tight
      ? [of('take out'), of('put back')]
      : null;
  const lid = box.access === 'lid';
  return {
    ...way,
    compartment: box.id,
    open: [...way.open, ...(first ? [first[0]] : []), ...(lid ? [...snaps('undo the snaps'), of('open lid')] : [])],
    close: [...(lid ? [of('close lid'), ...snaps('snap it shut')] : []), ...(first ? [first[1]] : []), ...way.close],
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
