/**
 * Which piece of furniture for which zone: what a zone asks for, by form, is put into the pieces that are given to it, the
 * quickest to reach first; what finds no room counts dearly. A facility location problem with single sourcing of pieces, solved
 * by local search over the pieces (moves and swaps) from several starts, each answer valued exactly.
 */
import { seeded } from '../../geometry/seeded.ts';

export interface GivingProblem {
  units: number;
  zones: number;
  forms: number;
  /** Room of each unit by form: room[u * forms + f]. */
  room: Float64Array;
  /** What each zone asks for by form: asks[z * forms + f]. */
  asks: Float64Array;
  /** Cost of one of what is asked for in a unit: cost[(z * units + u) * forms + f]. */
  cost: Float64Array;
  /** Cost of one that finds no room, by zone and form. */
  short: Float64Array;
  /** A zone that a unit must have, -1 where it is free; storage is no zone: units that no zone takes are left over. */
  fixed: Int32Array;
}

export interface Giving {
  /** Zone of each unit; -1 for left over. */
  of: Int32Array;
  cost: number;
  /** What finds no room, by zone and form. */
  missing: Float64Array;
}

/** For each zone and form the units with room for it, the cheapest first; one that costs more than to go without is not used. */
function ordersOf(p: GivingProblem): Int32Array[] {
  return Array.from({ length: p.zones * p.forms }, (_, at) => {
    const [z, f] = [Math.floor(at / p.forms), at % p.forms];
    if (p.asks[at]! <= 0) return new Int32Array(0);
    const cost = (u: number) => p.cost[(z * p.units + u) * p.forms + f]!;
    const may: number[] = [];
    for (let u = 0; u < p.units; u++) if (p.room[u * p.forms + f]! > 0 && cost(u) < p.short[at]!) may.push(u);
    return Int32Array.from(may.sort((x, y) => cost(x) - cost(y) || x - y));
  });
}

/** The cost of a zone with the units that it has, exactly: each form is filled from the cheapest unit on. */
function zoneCost(
  p: GivingProblem,
  orders: readonly Int32Array[],
  z: number,
  of: ArrayLike<number>,
  missing?: Float64Array,
) {
  let sum = 0;
  const { forms, units, asks, room, cost, short } = p;
  for (let f = 0; f < forms; f++) {
    const at = z * forms + f;
    let left = asks[at]!;
    const order = orders[at]!;
    for (let k = 0; k < order.length && left > 1e-12; k++) {
      const u = order[k]!;
      if (of[u] !== z) continue;
      const taken = Math.min(left, room[u * forms + f]!);
      sum += taken * cost[(z * units + u) * forms + f]!;
      left -= taken;
    }
    sum += left * short[at]!;
    if (missing) missing[at] = left;
  }
  return sum;
}

/** The cost of an answer, from nothing. */
export function givingCost(p: GivingProblem, of: ArrayLike<number>): number {
  let sum = 0;
  const orders = ordersOf(p);
  for (let z = 0; z < p.zones; z++) sum += zoneCost(p, orders, z, of);
  return sum;
}

/** Starts of the search, and rounds of kicks from each. */
const STARTS = 4;
const KICKS = 10;

/** The best giving that is found. Same problem and seed, same result. */
export function giveUnits(p: GivingProblem, seed: number): Giving {
  const random = seeded(seed);
  const orders = ordersOf(p);
  let best: Int32Array | null = null;
  let least = Infinity;
  for (let start = 0; start < STARTS; start++) {
    let of = beginning(p, orders, start, random);
    let cost = descend(p, orders, of);
    for (let kick = 0; kick < KICKS; kick++) {
      const other = Int32Array.from(of);
      for (let n = 0; n < 2 + Math.floor(random() * 2); n++) {
        const u = Math.floor(random() * p.units);
        if (p.fixed[u]! < 0) other[u] = Math.floor(random() * (p.zones + 1)) - 1;
      }
      const its = descend(p, orders, other);
      if (its < cost - 1e-9) [of, cost] = [other, its];
    }
    if (cost < least - 1e-9) [best, least] = [of, cost];
  }
  const of = best ?? Int32Array.from(p.fixed);
  const missing = new Float64Array(p.zones * p.forms);
  for (let z = 0; z < p.zones; z++) zoneCost(p, orders, z, of, missing);
  return { of, cost: least, missing };
}

/** Each unit to the zone to which it is worth most by itself; later starts by chance. */
function beginning(p: GivingProblem, orders: readonly Int32Array[], start: number, random: () => number): Int32Array {
  const of = Int32Array.from(p.fixed);
  const free: number[] = [];
  for (let u = 0; u < p.units; u++) if (p.fixed[u]! < 0) free.push(u);
  if (start > 1) {
    for (const u of free) of[u] = Math.floor(random() * p.zones);
    return of;
  }
  // Greedily: again and again the unit and zone that gain most.
  const gain = (u: number, z: number) => {
    const before = zoneCost(p, orders, z, of);
    of[u] = z;
    const after = zoneCost(p, orders, z, of);
    of[u] = -1;
    return before - after;
  };
  const left = new Set(free);
  while (left.size > 0) {
    let [most, at, to] = [1e-9, -1, -1];
    for (const u of left)
      for (let z = 0; z < p.zones; z++) {
        const g = gain(u, z) * (start === 1 ? 0.8 + 0.4 * random() : 1);
        if (g > most) [most, at, to] = [g, u, z];
      }
    if (at < 0) break;
    of[at] = to;
    left.delete(at);
  }
  return of;
}

/** Moves and swaps as long as one helps. @returns the cost */
function descend(p: GivingProblem, orders: readonly Int32Array[], of: Int32Array): number {
  const costs = Float64Array.from({ length: p.zones }, (_, z) => zoneCost(p, orders, z, of));
  const costOf = (z: number) => (z < 0 ? 0 : zoneCost(p, orders, z, of));
  for (let better = true; better;) {
    better = false;
    for (let u = 0; u < p.units; u++) {
      if (p.fixed[u]! >= 0) continue;
      const from = of[u]!;
      of[u] = -1;
      const without = from < 0 ? 0 : costs[from]! - costOf(from);
      let [gain, to] = [1e-9, from];
      for (let z = -1; z < p.zones; z++) {
        if (z === from) continue;
        of[u] = z;
        const g = without + (z < 0 ? 0 : costs[z]! - costOf(z));
        if (g > gain) [gain, to] = [g, z];
      }
      of[u] = to;
      if (to === from) continue;
      better = true;
      for (const z of [from, to]) if (z >= 0) costs[z] = costOf(z);
    }
    for (let u = 0; u < p.units; u++)
      for (let v = u + 1; v < p.units; v++) {
        const [a, b] = [of[u]!, of[v]!];
        if (a === b || p.fixed[u]! >= 0 || p.fixed[v]! >= 0) continue;
        of[u] = b;
        of[v] = a;
        let gain = 0;
        for (const z of [a, b]) if (z >= 0) gain += costs[z]! - costOf(z);
        if (gain > 1e-9) {
          better = true;
          for (const z of [a, b]) if (z >= 0) costs[z] = costOf(z);
        } else {
          of[u] = a;
          of[v] = b;
        }
      }
  }
  return costs.reduce((x, y) => x + y, 0);
}

/** The same as a mixed-integer model in the LP format, for a check by HiGHS. */
export function givingLp(p: GivingProblem): string {
  const terms: string[] = [];
  const rows: string[] = [];
  const whole: string[] = [];
  const bounds: string[] = [];
  for (let u = 0; u < p.units; u++) {
    const own = Array.from({ length: p.zones }, (_, z) => `x${u}_${z}`);
    whole.push(...own);
    rows.push(` one${u}: ${own.join(' + ')} <= 1`);
    if (p.fixed[u]! >= 0) rows.push(` fix${u}: x${u}_${p.fixed[u]!} = 1`);
  }
  for (let z = 0; z < p.zones; z++)
    for (let f = 0; f < p.forms; f++) {
      const at = z * p.forms + f;
      if (p.asks[at]! <= 0) continue;
      const own = [`m${at}`];
      terms.push(`${p.short[at]!.toFixed(6)} m${at}`);
      for (let u = 0; u < p.units; u++) {
        const room = p.room[u * p.forms + f]!;
        if (room <= 0) continue;
        const y = `y${u}_${at}`;
        own.push(y);
        terms.push(`${p.cost[(z * p.units + u) * p.forms + f]!.toFixed(6)} ${y}`);
        rows.push(` r${u}_${at}: ${y} - ${Math.min(room, p.asks[at]!).toFixed(6)} x${u}_${z} <= 0`);
      }
      rows.push(` n${at}: ${own.join(' + ')} = ${p.asks[at]!.toFixed(6)}`);
    }
  return `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.join('\n')}\nBounds\n${bounds.join('\n')}\nBinary\n ${whole.join(' ')}\nEnd`;
}
