/**
 * A body at its work place. Segment lengths are shares of standing height (Drillis & Contini 1966, in Winter,
 * Biomechanics and Motor Control of Human Movement; values from memory, model/constants); what was measured on the
 * person goes before.
 */
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Person, Station } from '../model/plan.ts';
import { turned, type Point } from '../geometry/geometry.ts';

/** Sitting height as a share of standing height (as above). */
export const SITTING_HEIGHT = 0.52;

export type Measured = 'eye' | 'shoulder' | 'elbow' | 'knuckle' | 'knee' | 'grip' | 'overhead';
/** A person as far as the size of the body goes. */
export type Sized = Pick<Person, 'stature'> & Partial<Pick<Person, Measured | 'hand'>>;

/** Heights over the floor (mm) and arm lengths (mm) of a person in a posture. */
export interface Body {
  stature: number;
  shoulder: number;
  elbow: number;
  eye: number;
  /** Standing heights that bound the height bands. */
  knee: number;
  knuckle: number;
  standingShoulder: number;
  overhead: number;
  grip: number;
  forearmZone: number;
  halfBreadth: number;
  /** The side of the hand that is used first: 1 right, -1 left. */
  side: 1 | -1;
}

/**
 * A person's body, standing or on a seat.
 * @param seat height of the seat, mm, or null when standing
 */
export function bodyOf(person: Sized, seat: number | null, constants: Constants = PUBLISHED): Body {
  const { stature } = person;
  const own = (part: Measured) => person[part] ?? constants[part] * stature;
  const standing = { eye: own('eye'), shoulder: own('shoulder'), elbow: own('elbow') };
  // Seated: what was measured standing shifts the seated height by as much as it is off its share.
  const above = (part: 'eye' | 'shoulder' | 'elbow', share: number) =>
    seat! + share * stature + (standing[part] - constants[part] * stature);
  const grip = own('grip');
  return {
    stature,
    shoulder: seat === null ? standing.shoulder : above('shoulder', constants.seatedShoulder),
    elbow: seat === null ? standing.elbow : above('elbow', constants.seatedElbow),
    eye: seat === null ? standing.eye : above('eye', constants.seatedEye),
    knee: own('knee'),
    knuckle: own('knuckle'),
    standingShoulder: standing.shoulder,
    overhead:
      person.overhead ?? (person.shoulder || person.grip ? standing.shoulder + grip : constants.overhead * stature),
    grip,
    forearmZone: (constants.forearm / constants.grip) * grip,
    halfBreadth: constants.halfBreadth * stature,
    side: person.hand === 'left' ? -1 : 1,
  };
}

/** How much a measured part of a body may differ from its usual share of the height. Common practice, no source. */
const OFF = 0.25;
/** The limits of the schema of a plan, mm. */
const LIMITS: Readonly<Record<Measured, readonly [least: number, most: number]>> = {
  overhead: [500, 2900],
  eye: [300, 2300],
  shoulder: [300, 2100],
  elbow: [200, 1800],
  knuckle: [150, 1500],
  knee: [100, 1000],
  grip: [150, 1200],
};

/** Between what a part of a body of some height is believed: no arm is longer than its body. @param share of the height, as is usual */
export function plausible(part: Measured, stature: number, share: number): { least: number; most: number } {
  const [least, most] = LIMITS[part];
  return {
    least: Math.round(Math.max(least, (1 - OFF) * share * stature)),
    most: Math.round(Math.min(most, (1 + OFF) * share * stature)),
  };
}

/** The body at a station. */
export function bodyAt(
  station: Pick<Station, 'posture' | 'seatHeight'>,
  person: Sized,
  constants: Constants = PUBLISHED,
): Body {
  return bodyOf(person, station.posture === 'seated' ? station.seatHeight : null, constants);
}

/** Left and right shoulder from above, for somebody at `at` who looks towards `facing` (degrees from north). */
export function shoulders(at: Point, facing: number, halfBreadth: number): [Point, Point] {
  const side = turned({ x: halfBreadth, y: 0 }, facing);
  return [
    { x: at.x - side.x, y: at.y - side.y },
    { x: at.x + side.x, y: at.y + side.y },
  ];
}

export type HeightBand = 'floor' | 'low' | 'easy' | 'high' | 'steps';

/** The height band in which a height over the floor lies for a standing person, mm. */
export function heightBand(z: number, body: Body): HeightBand {
  if (z < body.knee) return 'floor';
  if (z < body.knuckle) return 'low';
  if (z <= body.standingShoulder) return 'easy';
  return z <= body.overhead ? 'high' : 'steps';
}

export type Ripple = 1 | 2 | 3 | 4 | 5 | 6;
export const RIPPLE_WORD: Readonly<Record<Ripple, string>> = {
  1: "Within hand's reach",
  2: "Arm's length",
  3: 'Swivel',
  4: 'Stand up',
  5: 'Walk',
  6: 'Elsewhere',
};

/** Length of a pace, mm: the MTM pace of 34 in, or half the standing height where that is less. */
export function pace(stature: number, constants: Constants = PUBLISHED): number {
  return Math.min(constants.pace, stature / 2);
}

/** A point with its height over the floor, mm. */
export type Point3 = Point & { z: number };

/** What stands round somebody: whether a hand gets straight from one point to another, and a body over the floor. */
export interface Around {
  hand: (from: Point3, to: Point3) => boolean;
  body: (from: Point, to: Point) => boolean;
  /**
   * Where somebody at a point has to be for what is opened not to come over their legs or body: the point itself when it
   * does not, null when there is no such point near. Nothing does when not given.
   */
  clearOf?: (at: Point) => Point | null;
}
/** Nothing in the way. */
export const OPEN_SPACE: Around = { hand: () => true, body: () => true };

/**
 * How far in front of the body axis a hand reaches at a height, mm, for somebody who has turned to face it;
 * negative infinity where the height itself is out of reach.
 */
export function levelReach(body: Body, z: number): number {
  const squared = body.grip ** 2 - (z - body.shoulder) ** 2 - body.halfBreadth ** 2;
  return squared < 0 ? -Infinity : Math.sqrt(squared);
}
