/**
 * Every way in which a supply can lie in a place: sheets in stacks or upright, stiff things in rows, columns and layers,
 * long ones also slanting, round ones in square or staggered rows, soft and small ones by volume, hung ones on a board.
 * A way of lying is a column of the place: so wide, over its depth and height; a supply takes as many as it needs.
 */
import type { Access, Compartment } from '../furniture/compartments.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { rectangleFits, slantOf } from '../geometry/diagonal.ts';
import { isRound } from './forms.ts';

/** Room for the fingers above things on an open shelf, mm; a drawer or box needs only play. Common practice, no source. */
export const HAND_CLEARANCE: Readonly<Record<Access, number>> = {
  open: 20,
  door: 20,
  drawer: 2,
  'pull-out': 20,
  lid: 2,
  peg: 0,
  top: 0,
  box: 2,
};
/** Gap beside each hung thing to lift it off, mm. Common practice, no source. */
const PEG_GAP = 20;
/** Distance of hooks on a board, mm. methods.md 3. */
export const HOOK_PITCH = 25;
/** How far things may stand out from a peg area, mm. */
export const PEG_DEPTH = 120;
/** Share of a strip that loose small things fill. methods.md 3. */
export const LOOSE_FILL = 0.6;
/** Narrowest strip that loose and soft things get, mm: a small pot or a section of a drawer. */
export const LOOSE_LEAST = 30;

/** How a supply lies in its columns of a compartment. All sizes mm. */
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
  /** In rows; poured or pressed in by volume; slanting over the whole floor. */
  pattern: 'grid' | 'fill' | 'slant';
  /** Round seen from above, so that rows may be staggered. */
  round: boolean;
  /** Depth of the place. */
  deep: number;
}

/** Sizes in order: small, middle, large. */
const sorted = (s: Pick<Supply, 'length' | 'width' | 'thickness'>) =>
  [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];

/** One piece standing in a compartment. */
interface Stance {
  orientation: Orientation;
  across: number;
  into: number;
  up: number;
  round: boolean;
}

/** Ways in which one piece may stand, each also turned by a quarter. @param only when given, only this orientation */
export function stances(supply: Supply, only: Orientation | null = null): Stance[] {
  const all = allStances(supply, supply.orientations);
  return only === null ? all : all.filter((s) => s.orientation === only);
}

function allStances(supply: Supply, wanted: readonly Orientation[]): Stance[] {
  const result: Stance[] = [];
  const add = (orientation: Orientation, a: number, b: number, up: number, round = false) => {
    result.push({ orientation, across: b, into: a, up, round });
    if (a !== b && !round) result.push({ orientation, across: a, into: b, up, round });
  };
  if (isRound(supply.form)) {
    const { length, width: diameter } = supply;
    if (wanted.includes('end')) add('end', diameter, diameter, length, true);
    if ((wanted.includes('flat') || wanted.includes('edge')) && !supply.traits.includes('keep upright'))
      add('flat', length, diameter, diameter);
    return result;
  }
  if (supply.form === 'machine' || supply.traits.includes('keep upright')) {
    // It stands as it was measured: the thickness is its height.
    const [small, , large] = sorted(supply);
    const { thickness: up } = supply;
    const orientation = up === small ? 'flat' : up === large ? 'end' : 'edge';
    if (supply.form === 'machine' || wanted.includes(orientation)) add(orientation, supply.length, supply.width, up);
    return result;
  }
  const [small, middle, large] = sorted(supply);
  for (const orientation of wanted) {
    if (orientation === 'flat') add('flat', large, middle, small);
    else if (orientation === 'edge') add('edge', large, small, middle);
    else add('end', middle, small, large);
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
  access: Access,
  only: Orientation | null = null,
): readonly Lie[] {
  let own = known.get(supply);
  if (!own) known.set(supply, (own = new Map()));
  const key = `${shapeOf(inside)} ${access} ${only ?? ''}`;
  let found = own.get(key);
  if (!found) own.set(key, (found = allLies(supply, inside, access, only)));
  return found;
}

/** By the row of the supply (rows are never changed in place), then by the shape of the place: many places have one shape. */
const known = new WeakMap<object, Map<string, readonly Lie[]>>();
const shapes = new WeakMap<object, string>();

/** The shape of the inside of a place, as a key. */
export function shapeOf(inside: Compartment['inside']): string {
  let shape = shapes.get(inside);
  if (shape === undefined) shapes.set(inside, (shape = `${inside.width} ${inside.depth} ${inside.height}`));
  return shape;
}

function allLies(supply: Supply, inside: Compartment['inside'], access: Access, only: Orientation | null): Lie[] {
  const height = inside.height - HAND_CLEARANCE[access];
  if (access === 'peg') return hung(supply, inside, only);
  if (supply.form === 'hung') return [];
  if (supply.form === 'loose' || supply.form === 'soft') return poured(supply, inside, height);
  const found: Lie[] = [];
  const deep = inside.depth;
  for (const { orientation, across, into, up, round } of stances(supply, only)) {
    const base = { orientation, across, into, up, round, deep };
    if (supply.form === 'sheets' && orientation === 'flat') {
      if (across > inside.width || into > deep) continue;
      const perStack = Math.floor(height / supply.thickness + 1e-9);
      const rows = Math.floor(deep / into + 1e-9);
      if (perStack < 1) continue;
      const high = Math.min(perStack, supply.count) * supply.thickness;
      found.push({ ...base, up: high, rows, layers: perStack, perColumn: perStack * rows, pattern: 'grid' });
      continue;
    }
    if (up > height + 1e-9 || fallsOver(supply, { orientation, across, into, up }, access)) continue;
    const layers = layersOf(supply, orientation, up, height);
    if (across > inside.width || into > deep) {
      if (supply.form !== 'long' || orientation === 'end') continue;
      const slant = slanting(supply, base, inside, layers);
      if (slant) found.push(slant);
      continue;
    }
    const rows = Math.floor(deep / into + 1e-9);
    found.push({ ...base, rows, layers, perColumn: rows * layers, pattern: 'grid' });
  }
  return found.sort((a, b) => stripWidth(a, supply.count) - stripWidth(b, supply.count) || a.layers - b.layers);
}

/** Things on end that are so many times as high as thick fall over where nothing holds them. Common practice, no source. */
const SLENDER = 4;

/** Whether a thing on end would fall over: slender, on an open shelf or a table top; drawers and boxes hold it. */
export function fallsOver(
  supply: Pick<Supply, 'form'>,
  { orientation, across, into, up }: Pick<Stance, 'orientation' | 'across' | 'into' | 'up'>,
  access: Access,
): boolean {
  const held = access !== 'open' && access !== 'door' && access !== 'top';
  return (
    orientation === 'end' &&
    !held &&
    (supply.form === 'pieces' || supply.form === 'long') &&
    up > SLENDER * Math.min(across, into)
  );
}

/** How many may lie on each other: none on upright sheets, on things on end, on fragile ones. */
function layersOf(supply: Supply, orientation: Orientation, up: number, height: number): number {
  const squat = isRound(supply.form) && supply.form === 'rolls' && supply.length < supply.width;
  const single =
    supply.form === 'sheets' ||
    supply.form === 'machine' ||
    supply.traits.includes('fragile') ||
    (orientation === 'end' && !squat);
  return single ? 1 : Math.floor(height / up + 1e-9);
}

/** Hung flat against the board, one deep: width and height of the board, to the next hook. */
function hung(supply: Supply, inside: Compartment['inside'], only: Orientation | null): Lie[] {
  if (!['pieces', 'long', 'hung', 'set'].includes(supply.form)) return [];
  const found: Lie[] = [];
  for (const { orientation, across, into: d, up } of stances(supply, only)) {
    const w = Math.ceil((across + PEG_GAP - 1e-9) / HOOK_PITCH) * HOOK_PITCH;
    const h = up + PEG_GAP;
    // Flat against the board, not edge on.
    if (d > across || d > PEG_DEPTH || w > inside.width || h > inside.height) continue;
    const rows = Math.floor(inside.height / h);
    found.push({
      orientation,
      across: w,
      into: d,
      up: h,
      rows: 1,
      layers: rows,
      perColumn: rows,
      pattern: 'grid',
      round: false,
      deep: inside.depth,
    });
  }
  return found.sort((a, b) => stripWidth(a, supply.count) - stripWidth(b, supply.count) || a.layers - b.layers);
}

/** By volume: small things fill 60 % of what they are poured into, soft ones are pressed to their share. */
function poured(supply: Supply, inside: Compartment['inside'], height: number): Lie[] {
  const [small, middle, large] = sorted(supply);
  const { width, depth } = inside;
  const press = supply.form === 'soft' ? supply.squeeze : 1;
  const fits =
    large * press <= Math.max(width, depth) && middle * press <= Math.min(width, depth) && small * press <= height;
  if (!fits || height <= 0) return [];
  const each = volumeEach(supply) * (supply.form === 'soft' ? supply.squeeze : 1 / LOOSE_FILL);
  const perColumn = Math.floor((Math.min(LOOSE_LEAST, width) * depth * height) / each + 1e-9);
  const across = perColumn >= 1 ? Math.min(LOOSE_LEAST, width) : each / (depth * height);
  if (across > width) return [];
  return [
    {
      orientation: 'flat',
      across,
      into: depth,
      up: height,
      rows: 1,
      layers: 1,
      perColumn: Math.max(1, perColumn),
      pattern: 'fill',
      round: false,
      deep: depth,
    },
  ];
}

/** A bundle of long things slanting over the whole floor (Carver 1957): as many side by side as still fit. */
function slanting(
  supply: Supply,
  base: Pick<Lie, 'orientation' | 'across' | 'into' | 'up' | 'round' | 'deep'>,
  inside: Compartment['inside'],
  layers: number,
): Lie | null {
  const [p, q] = [Math.max(base.across, base.into), Math.min(base.across, base.into)];
  let side = 0;
  while (side < supply.count && rectangleFits(p, (side + 1) * q, inside.width, inside.depth)) side++;
  if (side === 0 || slantOf(p, q, inside.width, inside.depth) === null) return null;
  return {
    ...base,
    across: inside.width,
    into: inside.depth,
    rows: 1,
    layers,
    perColumn: side * layers,
    pattern: 'slant',
  };
}

/** Staggered columns of round things over a depth: how many in a column and its shifted neighbour, and how far apart. */
export interface Stagger {
  per: number;
  shifted: number;
  pitch: number;
  between: number;
}

/** The staggered patterns that a depth allows, their pitch stretched over it. */
export function staggersOf(diameter: number, deep: number): Stagger[] {
  const result: Stagger[] = [];
  const room = deep - diameter;
  const add = (per: number, shifted: number, pitch: number) => {
    if (per < 1 || pitch < diameter - 1e-9) return;
    const half = pitch / 2;
    const between = Math.max(half >= diameter ? 0 : Math.sqrt(diameter ** 2 - half ** 2), diameter / 2);
    result.push({ per, shifted, pitch, between });
  };
  const k = Math.floor(deep / diameter + 1e-9);
  if (k >= 2) add(k, k - 1, room / (k - 1));
  for (const even of [k, k - 1]) if (even >= 1) add(even, even, room / (even - 0.5));
  return result;
}

/** Columns that a number of round things needs in a staggered pattern, and their width, mm. */
export function staggeredWidth(s: Stagger, diameter: number, stacks: number): number {
  const pair = s.per + s.shifted;
  const full = Math.floor(stacks / pair);
  const rest = stacks - full * pair;
  const columns = 2 * full + (rest === 0 ? 0 : rest <= s.per ? 1 : 2);
  return diameter + Math.max(0, columns - 1) * s.between;
}

/** Width of the strip that a count takes in a way of lying, mm. */
export function stripWidth(lie: Lie, count: number): number {
  const straight = Math.ceil(count / lie.perColumn - 1e-9) * lie.across;
  if (!lie.round) return straight;
  const stacks = Math.ceil(count / lie.layers);
  return staggersOf(lie.across, lie.deep).reduce(
    (least, s) => Math.min(least, staggeredWidth(s, lie.across, stacks)),
    straight,
  );
}

/** The most pieces that a way of lying puts into a width. */
export function countWithin(lie: Lie, width: number): number {
  const straight = Math.floor((width + 1e-6) / lie.across) * lie.perColumn;
  if (!lie.round || width < lie.across - 1e-6) return straight;
  return staggersOf(lie.across, lie.deep).reduce((most, s) => {
    const columns = Math.floor((width - lie.across) / s.between + 1e-7) + 1;
    const stacks = Math.ceil(columns / 2) * s.per + Math.floor(columns / 2) * s.shifted;
    return Math.max(most, stacks * lie.layers);
  }, straight);
}

/** Net volume of one piece, mm³. */
export function volumeEach(supply: Pick<Supply, 'form' | 'length' | 'width' | 'thickness'>): number {
  return isRound(supply.form)
    ? (Math.PI / 4) * supply.width ** 2 * supply.length
    : supply.length * supply.width * supply.thickness;
}
