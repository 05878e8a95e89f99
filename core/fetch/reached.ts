/** How a place is reached from a seat or from where one stands to work: at once, leaning, turning, rolling, bending down; or not. */
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Station } from '../model/plan.ts';
import { element, type ElementKind } from './elements.ts';
import { bearing, distance, turned, type Point } from '../geometry/geometry.ts';
import { OPEN_SPACE, pace, shoulders, type Around, type Body, type Point3, type Ripple } from '../reach/body.ts';

export interface Reached {
  ripple: Ripple;
  /** What is done before the hand gets there without getting up; zero and none where nothing is. */
  turn: number;
  /** mm */
  roll: number;
  /** A lean is in the reach itself; a bend down or to the side is a bend and an arise. */
  trunk: 'upright' | 'lean' | 'bend';
  /** How far the hand goes then, mm; 0 for who gets up. */
  reach: number;
}

/** How far the trunk follows a reach without a bend of its own, degrees. MTM-1 counts it in the length of the reach (from memory). */
const LEAN = 30;
/** Steps in which bends are tried, degrees. */
const STEP = 5;
/** The share of the arm's length that one reaches once one has turned, and the least reach, mm. Common practice, no source. */
export const EASY = 0.75;
const LEAST_REACH = 150;
/** Less than that nobody rolls or steps, mm. */
export const LEAST_ROLL = 50;

/**
 * Quarter turns of the body: none up to 45 degrees, one up to 90 (MTM-1, from memory); beyond a half more for each begun 45 degrees,
 * so that a place at 93 degrees is not twice as far round as one at 90.
 */
export function quarters(degrees: number): number {
  return degrees <= 45 + NOISE ? 0 : Math.max(1, Math.ceil((degrees - NOISE) / 45) / 2);
}
const NOISE = 1e-6;

/** Shoulders, forwards of the seat and over the floor, for a trunk that leans by an angle about the hip, degrees. */
function leaned(body: Body, seat: number, degrees: number): { forward: number; height: number } {
  const [trunk, angle] = [body.shoulder - seat, (degrees * Math.PI) / 180];
  return { forward: trunk * Math.sin(angle), height: seat + trunk * Math.cos(angle) };
}

/** From the first hand, at rest in front of its elbow, to the target, mm. */
function restToTarget(station: Pick<Station, 'x' | 'y' | 'facing'>, body: Body, target: Point3): number {
  const hand = turned({ x: body.side * body.halfBreadth, y: -body.forearmZone }, station.facing);
  const rest = { x: station.x + hand.x, y: station.y + hand.y };
  return Math.hypot(target.x - rest.x, target.y - rest.y, target.z - body.elbow);
}

/** What the way of reaching takes there and back, s, by the published times: it chooses and is no time of a fetch. */
function takes(how: Reached): number {
  const once = (kind: ElementKind, quantity = 1) => (quantity > 0 ? element(kind, quantity).seconds : 0);
  return (
    2 * once('turn', quarters(how.turn)) +
    2 * once('roll', how.roll > LEAST_ROLL ? how.roll : 0) +
    (how.trunk === 'bend' ? once('bend') + once('straighten') : 0) +
    once('reach', how.reach) +
    once('move', how.reach)
  );
}

/**
 * @param station where one sits or stands @param seat height of the seat, mm; null for somebody who stands
 * @param target access point in the room, mm, with its height z
 * @param walk walking distance to where one stands to reach into it, mm
 * @param around what is in the way of a hand, and of a seat that rolls; what opens over the sitter
 * @param mayBend false for somebody in a wheelchair
 */
export function reached(
  station: Pick<Station, 'x' | 'y' | 'facing'> & Partial<Pick<Station, 'posture' | 'seat' | 'seatHeight'>>,
  body: Body,
  target: Point3,
  walk: number,
  constants: Constants = PUBLISHED,
  around: Around = OPEN_SPACE,
  mayBend = true,
): Reached {
  const to = bearing(station, target);
  const off = Math.abs(((to - station.facing + 540) % 360) - 180);
  const level = Math.hypot(target.x - station.x, target.y - station.y);
  const arms = shoulders(station, station.facing, body.halfBreadth);
  const inFront = level < 1 || off <= constants.side;
  // Before something that would open over the sitter one rolls or steps back first.
  const base = around.clearOf ? around.clearOf(station) : station;
  const swept = base !== station;
  const at = (ripple: Ripple): Reached => ({
    ripple,
    ...{ turn: 0, roll: 0, trunk: 'upright' },
    reach: ripple <= 2 ? restToTarget(station, body, target) : 0,
  });
  const from = (p: Point, z: number, most: number) =>
    Math.hypot(target.x - p.x, target.y - p.y, target.z - z) <= most && around.hand({ ...p, z }, target);
  if (!swept) {
    if (inFront && target.z >= body.elbow - 150 && target.z <= body.shoulder) {
      if (arms.some((s) => from(s, body.elbow, body.forearmZone))) return at(1);
    }
    if (inFront && arms.some((s) => from(s, body.shoulder, body.grip))) return at(2);
  }
  // A chair or stool that does not turn has to be left for what lies behind it.
  const seated = station.posture === 'seated';
  const turns = !seated || (station.seat ?? 'swivel') === 'swivel';
  const seat = seated && mayBend && station.seatHeight !== undefined ? station.seatHeight : null;
  const start = base ?? station;
  const [far, back] = [distance(start, target), distance(start, station)];
  let best: { seconds: number; how: Reached } | null = null;
  const may = (degrees: number, turn: boolean, trunk: Reached['trunk'], mayRoll: boolean) => {
    const bent = seat === null || degrees === 0 ? { forward: 0, height: body.shoulder } : leaned(body, seat, degrees);
    const rise = target.z - bent.height;
    const squared = body.grip ** 2 - rise ** 2 - (turn ? body.halfBreadth ** 2 : 0);
    if (squared < 0) return;
    const closer = Math.max(0, far - bent.forward - Math.sqrt(squared));
    const roll = closer + back;
    if (roll > (mayRoll ? constants.swivelStep : 1e-6)) return;
    // Without turning or rolling the hand goes all the way from where it rests.
    const still = roll <= LEAST_ROLL && trunk !== 'bend' && !(turn && quarters(off) > 0);
    const reach = still
      ? restToTarget(station, body, target)
      : Math.max(LEAST_REACH, body.grip * EASY) + (trunk === 'lean' ? bent.forward : 0);
    const how: Reached = { ripple: 3, turn: turn ? off : 0, roll, trunk, reach };
    const seconds = takes(how);
    if (best && best.seconds <= seconds) return;
    const now = along(start, target, closer);
    if (closer >= 1 && around.clearOf && around.clearOf(now) !== now) return;
    if (roll >= 1 && !(around.body(station, start) && around.body(start, now))) return;
    const there = far < 1 ? now : along(now, target, bent.forward);
    const facing = bearing(now, target);
    const hands = degrees === 0 ? shoulders(now, facing, body.halfBreadth) : [there];
    if (degrees > 0 && !around.hand({ ...now, z: body.shoulder }, { ...there, z: bent.height })) return;
    if (!hands.some((s) => around.hand({ ...s, z: bent.height }, target))) return;
    best = { seconds, how };
  };
  if (base && turns) may(0, true, 'upright', true);
  if (base && seat !== null) {
    for (let degrees = STEP; degrees <= LEAN; degrees += STEP) {
      if (inFront) may(degrees, false, 'lean', false);
      if (turns) may(degrees, true, 'lean', true);
    }
    // One bends down for what lies low; for what is far off at a good height one rolls nearer or gets up.
    const low = target.z < body.elbow - 150;
    for (let degrees = LEAN + STEP; low && degrees <= constants.seatedBend; degrees += STEP) {
      if (inFront && degrees <= constants.sideBend) may(degrees, false, 'bend', false);
      if (turns) may(degrees, true, 'bend', true);
    }
  }
  if (best) return (best as { how: Reached }).how;
  return at(walk <= 2 * pace(body.stature, constants) ? 4 : 5);
}

function along(from: Point, to: Point, mm: number): Point {
  const far = distance(from, to);
  const share = far < 1 ? 0 : Math.min(1, mm / far);
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
}

/** The ripple of an access point for somebody at a station; see reached. */
export function rippleOf(...of: Parameters<typeof reached>): Ripple {
  return reached(...of).ripple;
}
