/**
 * How many of a supply fit in a place, how they lie, how much of its width they take, and why not where they do not.
 * Here every supply gets a strip over the whole depth and height; layOut.ts lays several into one place more tightly.
 */
import { mapFor, remembered } from '../model/memo.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { isRound } from './forms.ts';
import {
  countWithin,
  posesOf,
  partPlace,
  shapeOf,
  PEG_DEPTH,
  stances,
  stripWidth,
  volumeEach,
  type Pose,
} from './poses.ts';
import { clearHeight, notHung, reachesOut, rise, unsupported, type Holds } from './limits.ts';
import { sheetMass } from './sheets.ts';

export interface Fit {
  /** How many of the wanted count fit into the width given. */
  count: number;
  /** Width of the strip that this count takes, mm. */
  width: number;
  lie: Pose | null;
  /** Whether even one can lie in the empty compartment. */
  possible: boolean;
  /** Why not (all of them), in a sentence without the name of the supply. */
  reason: string | null;
}

/** Mass of one piece or sheet, g; null when nobody knows. */
export function massEach(supply: Pick<Supply, 'form' | 'length' | 'width' | 'grammage' | 'mass'>): number | null {
  if (supply.form === 'sheets' && supply.grammage !== null && supply.mass === null)
    return sheetMass(supply.length, supply.width, supply.grammage);
  return supply.mass;
}

/** Net volume of a number of pieces, litres; round things as cylinders, soft ones as they are put away. */
export function volume(
  supply: Pick<Supply, 'form' | 'length' | 'width' | 'thickness' | 'squeeze'>,
  count: number,
): number {
  return (volumeEach(supply) * (supply.form === 'soft' ? supply.squeeze : 1) * count) / 1e6;
}

/**
 * Fits a supply into what width of a compartment is left.
 * @param count how many are wanted
 * @param width mm still free across the compartment
 */
export function fit(
  supply: Supply,
  count: number,
  compartment: Holds,
  width = compartment.inside.width,
  only: Orientation | null = null,
  system: UnitSystem = 'metric',
): Fit {
  const ways = posesOf(supply, compartment, only);
  if (ways.length === 0)
    return { count: 0, width: 0, lie: null, possible: false, reason: tooLarge(supply, compartment, only, system) };
  const best = chooseLie(ways, count, width);
  if (best) return { ...best, possible: true, reason: null };
  const least = Math.min(...ways.map((lie) => lie.across));
  return {
    count: 0,
    width: 0,
    lie: null,
    possible: true,
    reason: `needs ${formatLength(least, system)} of width, only ${formatLength(Math.max(0, width), system)} is free`,
  };
}

/**
 * The way of lying that takes most of a count into a width, then the least of that width.
 * @returns null when not even one column fits
 */
export function chooseLie(
  ways: readonly Pose[],
  count: number,
  width: number,
): { count: number; width: number; lie: Pose } | null {
  let best: { count: number; width: number; lie: Pose } | null = null;
  for (const lie of ways) {
    const fits = Math.min(count, countWithin(lie, width));
    if (fits <= 0) continue;
    const takes = stripWidth(lie, fits);
    if (!best || fits > best.count || (fits === best.count && takes < best.width - 1e-9))
      best = { count: fits, width: takes, lie };
  }
  return best;
}

/**
 * What lies in a place as it is to be laid out: what does not lie there as it should lies there anyhow.
 * @param count how many lie there
 */
export function lying(supply: Supply, count: number, place: Holds, only: Orientation | null) {
  const anyhow = fit(supply, count, place, place.inside.width, only).count < count;
  return anyhow ? { supply, count, only, anyhow } : { supply, count, only };
}

/** Why a count should not lie in a place as it does, in words; null when it lies well. */
export function liesBadly(
  supply: Supply,
  count: number,
  place: Holds,
  only: Orientation | null,
  system: UnitSystem,
): string | null {
  const well = fit(supply, count, place, place.inside.width, only);
  if (well.count >= count) return null;
  return well.possible && well.lie
    ? `only ${well.count} lie well there, ${lieWords(supply, well.lie, well.count)}`
    : tooLarge(supply, place, only, system);
}

/** By how much the best-lying single piece is too large, in words. */
export function tooLarge(supply: Supply, compartment: Holds, only: Orientation | null, system: UnitSystem): string {
  return shortfall(supply, compartment, only, system).words;
}

interface OneIn {
  fits: boolean;
  /** As `shortfall` has it, where it does not fit. */
  over: number;
  words: string;
}
/** By the row of the supply (rows are never changed in place), then by the shape of the place: many places have one shape. */
const ones = mapFor<Supply, OneIn>();

/** Whether one piece goes into an empty place, and by how much it does not. */
export function oneIn(supply: Supply, compartment: Holds, system: UnitSystem): OneIn {
  return remembered(ones(supply), `${shapeOf(compartment)} ${system}`, () => {
    const fits = fit(supply, 1, compartment).count > 0;
    return { fits, ...(fits ? { over: 0, words: '' } : shortfall(supply, compartment, null, system)) };
  });
}

/** By how much the best-lying single piece is too large, mm; Infinity where size is not the reason. */
function shortfall(
  supply: Supply,
  compartment: Holds,
  only: Orientation | null,
  system: UnitSystem,
): { over: number; words: string } {
  if (compartment.parts?.front && supply.form === 'loose')
    return { over: Infinity, words: 'would fall out: its cells are open to the front' };
  if (compartment.parts) return shortfall(supply, partPlace(compartment, compartment.parts), only, system);
  const { width, depth } = compartment.inside;
  const peg = compartment.access === 'peg';
  const deep = peg ? PEG_DEPTH : depth + reachesOut(supply, compartment);
  const not = peg ? notHung(supply, compartment) : null;
  if (not) return { over: Infinity, words: not };
  if (!peg && supply.form === 'hung') return { over: Infinity, words: 'hangs, and this is not a board, rail or hook' };
  let least = { over: Infinity, words: 'may not lie in any allowed way here' };
  for (const { orientation, across, into, up } of stances(supply, only)) {
    const clear = clearHeight(compartment, supply, orientation) + rise(compartment, orientation, up);
    const over: Array<[number, string]> = [
      [across - width, 'wide'],
      [into - deep, 'long'],
      [up - clear, 'tall'],
    ];
    const worst = over.reduce((a, b) => (b[0] > a[0] ? b : a));
    const falls = unsupported(supply, { orientation, across, into, up }, compartment);
    if (falls) {
      // Its size is no reason, so nothing that is too large comes nearer.
      if (worst[0] <= 0) least = { over: 0, words: falls };
      continue;
    }
    if (worst[0] < least.over)
      least = {
        over: worst[0],
        words: `${formatLength(Math.ceil(Math.max(worst[0], 1)), system)} too ${worst[1]} ${lyingWords(supply, orientation)}`,
      };
  }
  return least;
}

/** "lying flat", "on edge", "on end", "standing", "lying". */
function lyingWords(supply: Pick<Supply, 'form' | 'traits'>, orientation: Orientation): string {
  if (supply.form === 'machine' || supply.traits.includes('keep upright')) return 'standing';
  if (isRound(supply.form)) return orientation === 'end' ? 'standing' : 'lying';
  return orientation === 'flat' ? 'lying flat' : orientation === 'edge' ? 'on edge' : 'on end';
}

/** Words for how a number of a supply lies. */
export function lieWords(supply: Pick<Supply, 'form' | 'traits'>, lie: Pose, count: number): string {
  if (lie.inPart) {
    const each = Math.min(lie.layers, count);
    return each > 1 ? `${lieWords(supply, lie.inPart, each)}, up to ${each} in each part` : 'one in each part';
  }
  if (supply.form === 'loose') return 'loose';
  if (supply.form === 'soft') return 'pressed together';
  if (supply.form === 'sheets') return lie.orientation === 'flat' ? 'in flat stacks' : 'upright';
  if (lie.pattern === 'slant') return 'lying slanting';
  const how = lyingWords(supply, lie.orientation);
  const layers = Math.min(lie.layers, count);
  return layers > 1 ? `${how}, up to ${layers} high` : `${how}, one layer`;
}
