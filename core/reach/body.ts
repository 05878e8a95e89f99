/**
 * A body at its work place. Segment lengths are shares of standing height:
 * Drillis & Contini 1966, reproduced in Winter, Biomechanics and Motor Control of Human Movement (values from memory).
 */
import type { Person, Station } from '../model/plan.ts';
import { bearing, turned, type Point } from '../room/geometry.ts';

/** Shares of standing height. */
export const SEGMENT = {
  eye: 0.936,
  shoulder: 0.818,
  elbow: 0.63,
  hip: 0.53,
  knee: 0.285,
  knuckle: 0.432,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  sittingHeight: 0.52,
  halfShoulderBreadth: 0.129,
  /** Derived: shoulder to grip (upper arm + forearm + half a hand). */
  grip: 0.386,
  /** Derived: elbow to grip. */
  forearmZone: 0.2,
  /** Derived: shoulder height plus grip length, standing. */
  overheadGrip: 1.204,
  /** Derived, above the seat. */
  seatedShoulder: 0.338,
  seatedElbow: 0.15,
  seatedEye: 0.456,
} as const;

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
}

/**
 * A person's body, standing or on a seat.
 * @param stature standing height, mm
 * @param seat height of the seat, mm, or null when standing
 */
export function bodyOf(stature: number, seat: number | null): Body {
  const share = (part: keyof typeof SEGMENT) => SEGMENT[part] * stature;
  return {
    stature,
    shoulder: seat === null ? share('shoulder') : seat + share('seatedShoulder'),
    elbow: seat === null ? share('elbow') : seat + share('seatedElbow'),
    eye: seat === null ? share('eye') : seat + share('seatedEye'),
    knee: share('knee'),
    knuckle: share('knuckle'),
    standingShoulder: share('shoulder'),
    overhead: share('overheadGrip'),
    grip: share('grip'),
    forearmZone: share('forearmZone'),
    halfBreadth: share('halfShoulderBreadth'),
  };
}

/** The body at a station. */
export function bodyAt(station: Pick<Station, 'posture' | 'seatHeight'>, person: Pick<Person, 'stature'>): Body {
  return bodyOf(person.stature, station.posture === 'seated' ? station.seatHeight : null);
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

/** How far to the side a hand works without turning the seat, degrees to either side. */
const SIDE = 100;
/** How far one rolls or steps after turning, mm. */
export const SWIVEL_STEP = 600;

export type Ripple = 1 | 2 | 3 | 4 | 5 | 6;
export const RIPPLE_WORD: Readonly<Record<Ripple, string>> = {
  1: 'In hand',
  2: "Arm's length",
  3: 'Swivel',
  4: 'Up',
  5: 'Walk',
  6: 'Elsewhere',
};

/** Length of a pace, mm: the MTM pace of 34 in, or half the standing height where that is less. */
export function pace(stature: number): number {
  return Math.min(864, stature / 2);
}

/**
 * The ripple of an access point for somebody at a station.
 * @param target access point in the room, mm, with its height z
 * @param walk walking distance to where one stands to reach into it, mm
 */
export function rippleOf(
  station: Pick<Station, 'x' | 'y' | 'facing'> & Partial<Pick<Station, 'posture' | 'seat'>>,
  body: Body,
  target: Point & { z: number },
  walk: number,
): Ripple {
  const off = Math.abs(((bearing(station, target) - station.facing + 540) % 360) - 180);
  const level = Math.hypot(target.x - station.x, target.y - station.y);
  const arms = shoulders(station, station.facing, body.halfBreadth);
  const inFront = level < 1 || off <= SIDE;
  if (inFront && target.z >= body.elbow - 150 && target.z <= body.shoulder) {
    const fromElbow = Math.min(...arms.map((s) => Math.hypot(target.x - s.x, target.y - s.y, target.z - body.elbow)));
    if (fromElbow <= body.forearmZone) return 1;
  }
  if (inFront) {
    const fromShoulder = Math.min(
      ...arms.map((s) => Math.hypot(target.x - s.x, target.y - s.y, target.z - body.shoulder)),
    );
    if (fromShoulder <= body.grip) return 2;
  }
  // A chair or stool that does not turn has to be left for what lies behind it.
  const turns = station.posture !== 'seated' || (station.seat ?? 'swivel') === 'swivel';
  if (turns && level <= levelReach(body, target.z) + SWIVEL_STEP) return 3;
  return walk <= 2 * pace(body.stature) ? 4 : 5;
}

/**
 * How far in front of the body axis a hand reaches at a height, mm, for somebody who has turned to face it;
 * negative infinity where the height itself is out of reach.
 */
export function levelReach(body: Body, z: number): number {
  const squared = body.grip ** 2 - (z - body.shoulder) ** 2 - body.halfBreadth ** 2;
  return squared < 0 ? -Infinity : Math.sqrt(squared);
}
