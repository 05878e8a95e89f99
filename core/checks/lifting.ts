/**
 * The revised NIOSH lifting equation (Waters, Putz-Anderson, Garg & Fine 1993; NIOSH 94-110): what healthy adults lift
 * now and then in good conditions. Guidance, not medical advice.
 */
import { PUBLISHED, type Constants } from '../model/constants.ts';

export interface Lift {
  /** Distance of the hands from the ankles, cm. */
  h: number;
  /** Height of the hands over the floor, cm. */
  v: number;
  /** How far up or down, cm. */
  d: number;
  /** Degrees turned away from straight ahead. */
  a: number;
  /** How well it can be held. */
  grip: 'good' | 'fair' | 'poor';
  /** Frequency multiplier; 1 for at most one lift in five minutes in an hour of work. */
  fm?: number;
}

/** The multipliers of the equation, each 0 to 1. */
export interface Multipliers {
  hm: number;
  vm: number;
  dm: number;
  am: number;
  fm: number;
  cm: number;
}

/** @throws never; beyond the limits of the equation (63 cm, 175 cm, 135 degrees) a multiplier is 0 */
export function multipliers({ h, v, d, a, grip, fm = 1 }: Lift): Multipliers {
  return {
    hm: h > 63 ? 0 : 25 / Math.max(25, h),
    vm: v < 0 || v > 175 ? 0 : 1 - 0.003 * Math.abs(v - 75),
    dm: d > 175 ? 0 : 0.82 + 4.5 / Math.max(25, d),
    am: a > 135 ? 0 : 1 - 0.0032 * a,
    fm,
    cm: grip === 'good' ? 1 : grip === 'fair' ? (v < 75 ? 0.95 : 1) : 0.9,
  };
}

/** Recommended weight limit, kg. */
export function weightLimit(lift: Lift, constants: Constants = PUBLISHED): number {
  const { hm, vm, dm, am, fm, cm } = multipliers(lift);
  return constants.lift * hm * vm * dm * am * fm * cm;
}

/** The lifting index: mass over the recommended limit; above 1 some people are at risk, above 3 many. Infinite beyond the limits. */
export function liftingIndex(mass: number, lift: Lift, constants: Constants = PUBLISHED): number {
  const limit = weightLimit(lift, constants);
  return limit > 0 ? mass / limit : Infinity;
}

/**
 * A thing lifted out of a place onto a table, or put back: the worse of both ends.
 * @param thing its depth from front to back, mm; the hands hold it at its lower third
 * @param from height of what it stands on, mm
 * @param to height of the table, mm
 */
export function liftOut(
  mass: number,
  thing: { depth: number; height: number },
  from: number,
  to: number,
  constants: Constants = PUBLISHED,
): { index: number; limit: number; at: 'where it stands' | 'the table'; lift: Lift } {
  const hands = thing.height / 3;
  const lift = (z: number): Lift => {
    const v = (z + hands) / 10;
    // Distance of the hands from the ankles, by the depth of the thing (NIOSH 94-110).
    const h = (v >= 25 ? 20 : 25) + thing.depth / 20;
    return { h, v, d: Math.abs(to - from) / 10, a: 0, grip: 'fair' };
  };
  const [start, end] = [lift(from), lift(to)];
  const [a, b] = [liftingIndex(mass, start, constants), liftingIndex(mass, end, constants)];
  return a >= b
    ? { index: a, limit: weightLimit(start, constants), at: 'where it stands', lift: start }
    : { index: b, limit: weightLimit(end, constants), at: 'the table', lift: end };
}
