/**
 * How many of a supply fit in a compartment, how they lie and how much of it they take. In this slice every supply
 * gets a strip of the compartment's width over its full depth and height; strips never overlap, so a compartment is
 * full when the widths are used up. Sheets lie in stacks or stand upright, pieces in rows and layers, loose things
 * fill their strip to 60 %.
 */
import type { Compartment } from '../furniture/compartments.ts';
import { formatLength, type UnitSystem } from '../model/measure.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { sheetMass } from './sheets.ts';

/** Room for the fingers above things on an open shelf, mm; a drawer or box needs only play. Common practice, no source. */
export const HAND_CLEARANCE = { open: 20, drawer: 2, lid: 2, peg: 0, top: 0 } as const;
/** Gap beside each hung thing to lift it off, mm. Common practice, no source. */
const PEG_GAP = 20;
/** How far things may stand out from a peg area, mm. */
export const PEG_DEPTH = 120;
/** Share of a strip that loose small things fill. methods.md 3. */
export const LOOSE_FILL = 0.6;
/** Narrowest strip that loose things get, mm: a small pot or a section of a drawer. */
const LOOSE_LEAST = 30;

/** How a supply lies in its strip of a compartment. All sizes mm. */
export interface Lie {
  orientation: Orientation;
  /** Size of one piece (or one stack of sheets) across the width, into the depth, and up. */
  across: number;
  into: number;
  up: number;
  /** Pieces behind each other and on top of each other. */
  rows: number;
  layers: number;
  /** Pieces in one column of `across` width. */
  perColumn: number;
}

export interface Fit {
  /** How many of the wanted count fit into the width given. */
  count: number;
  /** Width of the strip that this count takes, mm. */
  width: number;
  lie: Lie | null;
  /** Whether even one can lie in the empty compartment. */
  possible: boolean;
  /** Why not (all of them), in a sentence without the name of the supply. */
  reason: string | null;
}

/** Mass of one piece or sheet, g; null when nobody knows. */
export function massEach(supply: Pick<Supply, 'form' | 'length' | 'width' | 'grammage' | 'mass'>): number | null {
  if (supply.form === 'sheets' && supply.grammage !== null)
    return sheetMass(supply.length, supply.width, supply.grammage);
  return supply.mass;
}

/** Net volume of a number of pieces, litres. */
export function volume(supply: Pick<Supply, 'length' | 'width' | 'thickness'>, count: number): number {
  return (supply.length * supply.width * supply.thickness * count) / 1e6;
}

/** Ways in which one piece may stand in a compartment: [across, into, up] for each allowed orientation and turn. */
function stances(supply: Supply, orientations: readonly Orientation[]): Array<[Orientation, number, number, number]> {
  const [small, middle, large] = [supply.length, supply.width, supply.thickness].sort((a, b) => a - b) as [
    number,
    number,
    number,
  ];
  const result: Array<[Orientation, number, number, number]> = [];
  for (const orientation of orientations) {
    const [a, b, up] =
      orientation === 'flat'
        ? [large, middle, small]
        : orientation === 'edge'
          ? [large, small, middle]
          : [middle, small, large];
    result.push([orientation, b, a, up]);
    if (a !== b) result.push([orientation, a, b, up]);
  }
  return result;
}

/**
 * Every way a supply can lie in a compartment, best first: the narrowest strip for the whole count, then fewer layers.
 * @param only when given, only this orientation
 */
export function lies(
  supply: Supply,
  inside: Compartment['inside'],
  access: Compartment['access'],
  only: Orientation | null = null,
): Lie[] {
  const height = inside.height - HAND_CLEARANCE[access];
  if (access === 'peg' && supply.form !== 'pieces') return [];
  if (supply.form === 'loose') {
    const [small, middle, large] = [supply.length, supply.width, supply.thickness].sort((a, b) => a - b) as [
      number,
      number,
      number,
    ];
    const { depth } = inside;
    if (large > Math.max(inside.width, depth) || middle > Math.min(inside.width, depth) || small > height) return [];
    const each = (supply.length * supply.width * supply.thickness) / LOOSE_FILL;
    return [
      {
        orientation: 'flat',
        across: LOOSE_LEAST,
        into: depth,
        up: height,
        rows: 1,
        layers: 1,
        perColumn: Math.max(1, Math.floor((LOOSE_LEAST * depth * height) / each)),
      },
    ];
  }
  const wanted = only === null ? supply.orientations : supply.orientations.includes(only) ? [only] : [];
  const found: Lie[] = [];
  for (const [orientation, across, into, up] of stances(supply, wanted)) {
    if (access === 'peg') {
      // Hung flat against the board: width x height of the board, one deep.
      const [w, h, d] = [across + PEG_GAP, up + PEG_GAP, into];
      if (d > PEG_DEPTH || w > inside.width || h > inside.height) continue;
      const rows = Math.floor(inside.height / h);
      found.push({ orientation, across: w, into: d, up: h, rows: 1, layers: rows, perColumn: rows });
      continue;
    }
    if (supply.form === 'sheets' && orientation === 'flat') {
      if (across > inside.width || into > inside.depth) continue;
      const perStack = Math.floor(height / supply.thickness + 1e-9);
      const rows = Math.floor(inside.depth / into);
      if (perStack < 1) continue;
      found.push({
        orientation,
        across,
        into,
        up: Math.min(perStack, supply.count) * supply.thickness,
        rows,
        layers: perStack,
        perColumn: perStack * rows,
      });
      continue;
    }
    if (across > inside.width || into > inside.depth || up > height) continue;
    const rows = Math.floor(inside.depth / into + 1e-9);
    // Sheets upright and long things on end do not stand on each other.
    const layers = supply.form === 'sheets' || orientation === 'end' ? 1 : Math.floor(height / up + 1e-9);
    found.push({ orientation, across, into, up, rows, layers, perColumn: rows * layers });
  }
  return found.sort((a, b) => stripWidth(a, supply.count) - stripWidth(b, supply.count) || a.layers - b.layers);
}

/** Width of the strip that a count takes in a way of lying, mm. */
export function stripWidth(lie: Lie, count: number): number {
  return Math.ceil(count / lie.perColumn) * lie.across;
}

/**
 * Fits a supply into what width of a compartment is left.
 * @param count how many are wanted
 * @param width mm still free across the compartment
 */
export function fit(
  supply: Supply,
  count: number,
  compartment: Pick<Compartment, 'inside' | 'access'>,
  width = compartment.inside.width,
  only: Orientation | null = null,
  system: UnitSystem = 'metric',
): Fit {
  const ways = lies(supply, compartment.inside, compartment.access, only);
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
  ways: readonly Lie[],
  count: number,
  width: number,
): { count: number; width: number; lie: Lie } | null {
  let best: { count: number; width: number; lie: Lie } | null = null;
  for (const lie of ways) {
    const columns = Math.floor((width + 1e-6) / lie.across);
    const fits = Math.min(count, columns * lie.perColumn);
    if (fits <= 0) continue;
    const takes = stripWidth(lie, fits);
    if (!best || fits > best.count || (fits === best.count && takes < best.width - 1e-9))
      best = { count: fits, width: takes, lie };
  }
  return best;
}

/** By how much the best-lying single piece is too large, in words. */
function tooLarge(
  supply: Supply,
  compartment: Pick<Compartment, 'inside' | 'access'>,
  only: Orientation | null,
  system: UnitSystem,
): string {
  const { width, depth, height } = compartment.inside;
  const clear = height - HAND_CLEARANCE[compartment.access];
  const deep = compartment.access === 'peg' ? PEG_DEPTH : depth;
  if (compartment.access === 'peg' && supply.form !== 'pieces') return 'is not a thing to hang on a board';
  let least = { over: Infinity, words: 'may not lie in any allowed way here' };
  for (const [orientation, across, into, up] of stances(supply, only ? [only] : supply.orientations)) {
    const over: Array<[number, string]> = [
      [across - width, 'wide'],
      [into - deep, 'long'],
      [up - clear, 'tall'],
    ];
    const worst = over.reduce((a, b) => (b[0] > a[0] ? b : a));
    const lying = orientation === 'flat' ? 'lying flat' : orientation === 'edge' ? 'on edge' : 'on end';
    if (worst[0] < least.over)
      least = {
        over: worst[0],
        words: `${formatLength(Math.ceil(Math.max(worst[0], 1)), system)} too ${worst[1]} ${lying}`,
      };
  }
  return least.words;
}

/** Words for how a number of a supply lies. */
export function lieWords(supply: Pick<Supply, 'form'>, lie: Lie, count: number): string {
  if (supply.form === 'loose') return 'loose';
  if (supply.form === 'sheets') return lie.orientation === 'flat' ? 'in flat stacks' : 'upright';
  const how = lie.orientation === 'flat' ? 'lying flat' : lie.orientation === 'edge' ? 'on edge' : 'on end';
  const layers = Math.min(lie.layers, count);
  return layers > 1 ? `${how}, up to ${layers} high` : `${how}, one layer`;
}
