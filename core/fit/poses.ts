/**
 * Every way in which a supply can lie in a place: sheets in stacks or upright, stiff things in rows, columns and layers,
 * long ones also slanting, round ones in square or staggered rows, soft and small ones by volume, hung ones on a board.
 * A pose is a column of the place over its whole depth and height; a supply takes as many columns as it needs.
 */
import { mapFor, onceFor, remembered } from '../model/memo.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { rectangleFits, slantOf } from '../geometry/diagonal.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import { packRectangles } from '../geometry/pack/rectangles.ts';
import { isRound } from './forms.ts';
import { partCount, type Parts } from '../furniture/parts.ts';
import { PUBLISHED } from '../model/constants.ts';
import {
  clearHeight,
  roomFor,
  clothHigh,
  notHung,
  reachesOut,
  LYING,
  rise,
  seenFromAbove,
  stackLimit,
  unsupported,
  uprightThickness,
  type Holds,
  type Standing,
} from './limits.ts';

/** Gap beside each hung thing to lift it off, mm. Common practice, no source. */
const PEG_GAP = 20;
/** Play of a roll on its rod, mm, and the share of a magnet’s area that is used. Common practice, no source. */
const ROD_GAP = 3;
const MAGNET_USED = 0.8;
/** Forms that can hang at all. */
const MAY_HANG: ReadonlySet<Supply['form']> = new Set(['pieces', 'long', 'hung', 'set', 'rolls']);
/** Distance of hooks on a board, mm. See docs/method-notes.md. */
export const HOOK_PITCH = 25;
/** How far things may stand out from a peg area, mm. */
export const PEG_DEPTH = 120;
/** Share of a strip that loose small things fill. See docs/method-notes.md. */
export const LOOSE_FILL = 0.6;
/** How many times as long as wide a slim thing is. Common practice, no source. */
const SLIM = 3;
/** Narrowest strip that loose and soft things get, mm: a small pot or a section of a drawer. */
export const LOOSE_LEAST = 30;

/** How a supply lies in its columns of a compartment. All sizes mm. */
export interface Pose {
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
  /** In rows; poured or pressed in by volume; slanting over the whole floor; some turned by a quarter, over the whole floor. */
  pattern: 'grid' | 'fill' | 'slant' | 'mixed' | 'parts';
  /** How they lie in each part of a divided place; a column is a part then, and its layers are what goes into one. */
  inPart?: Pose;
  /** Where each stack stands when some are turned, from the left and from the front, mm. */
  cells?: readonly Rect[];
  /** Round seen from above, so that rows may be staggered. */
  round: boolean;
  /** Depth of the place. */
  deep: number;
  /** The narrowest strip of what is poured or pressed in. */
  least?: number;
}

/** Sizes in order: small, middle, large. */
const sorted = (s: Pick<Supply, 'length' | 'width' | 'thickness'>) =>
  [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];

/** One piece standing in a compartment. */
interface Stance extends Standing {
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
    const [small, middle, large] = sorted(supply);
    // A slim thing is kept upright with its long side up.
    if (supply.form !== 'machine' && large >= SLIM * middle) {
      add('end', middle, small, large);
      return result;
    }
    // Others stand as they were measured: the thickness is the height.
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
 * @param anyhow as it may lie there today: also so that it falls over, or higher than it should
 */
export function posesOf(
  supply: Supply,
  place: Holds,
  only: Orientation | null = null,
  anyhow = false,
): readonly Pose[] {
  const key = `${shapeOf(place)} ${only ?? ''} ${anyhow ? 'anyhow' : ''}`;
  return remembered(found(supply), key, () => allLies(supply, place, only, anyhow));
}

/** By the row of the supply (rows are never changed in place), then by the shape of the place: many places have one shape. */
const found = mapFor<Supply, readonly Pose[]>();

/** What a way of lying depends on in a place, as a key. */
export const shapeOf = onceFor(
  ({ inside }: Holds) => [inside],
  ({ inside, access, walls, hangs, constants, above, before, parts }: Holds) => {
    const own = constants && constants !== PUBLISHED ? LYING.map((key) => constants[key]).join(' ') : '';
    const divided = parts
      ? `${partCount(parts)} ${parts.part.width} ${parts.part.depth} ${parts.part.height} ${parts.division} ${parts.over}`
      : '';
    return `${inside.width} ${inside.depth} ${inside.height} ${access} ${walls} ${hangs ?? ''} ${above ?? 0} ${before ?? 0} ${divided} ${own}`;
  },
);

/**
 * In the parts of a divided place: each part is a small place of its own, and a line has whole parts.
 * Hand room in a cell that faces the front is that of a cell made to measure.
 */
function inParts(supply: Supply, place: Holds, parts: Parts, only: Orientation | null, anyhow: boolean): Pose[] {
  const { width, depth } = place.inside;
  if (parts.front && supply.form === 'loose' && !anyhow) return [];
  const ways = posesOf(supply, partPlace(place, parts), only, anyhow);
  const best = new Map<Orientation, Pose>();
  for (const own of ways) {
    const wide = parts.division === 'cards' ? parts.part.depth : parts.part.width;
    const each = Math.min(countWithin(own, wide), own.pattern === 'mixed' ? own.perColumn : Infinity);
    if (parts.division === 'cards' && own.into > parts.part.width + 1e-6) continue;
    if (each < 1 || (best.get(own.orientation)?.layers ?? 0) >= each) continue;
    best.set(own.orientation, {
      orientation: own.orientation,
      across: width / partCount(parts),
      into: depth,
      up: own.up,
      rows: 1,
      layers: each,
      perColumn: each,
      pattern: 'parts',
      inPart: own,
      round: false,
      deep: depth,
    });
  }
  return [...best.values()].sort((a, b) => b.layers - a.layers);
}

/** One part of a divided place as a place of its own. */
export const partPlace = onceFor(
  (_: Holds, parts: Parts) => [parts],
  (place: Holds, parts: Parts): Holds => {
    const { width, depth, height } = parts.part;
    // A magnetic card stands in its box; things hold on its face.
    if (parts.division === 'cards')
      return { inside: { width: depth, depth: width, height }, access: 'peg', walls: 'none', hangs: 'magnet' };
    const hand = parts.front ? (place.constants ?? PUBLISHED).handInCell : 0;
    return {
      inside: { ...parts.part, height: Math.max(1, parts.part.height - hand) },
      access: 'box',
      walls: 'close',
      ...(place.constants ? { constants: place.constants } : {}),
      ...(place.above !== undefined && parts.over === 1 ? { above: place.above } : {}),
    };
  },
);

function allLies(supply: Supply, place: Holds, only: Orientation | null, anyhow: boolean): Pose[] {
  const { inside, parts } = place;
  if (parts) return inParts(supply, place, parts, only, anyhow);
  const height = anyhow ? inside.height : clearHeight(place, supply, 'flat');
  if (place.access === 'peg') return hung(supply, place, only, anyhow);
  if (supply.form === 'hung') return [];
  if (supply.form === 'loose' || supply.form === 'soft') return poured(supply, place, height, anyhow);
  const found: Pose[] = [];
  const deep = inside.depth;
  for (const stance of stances(supply, only)) {
    const { orientation, up, round } = stance;
    // What stands out over the strip for things takes all of its depth.
    const into = stance.into <= deep + reachesOut(supply, place) ? Math.min(stance.into, deep) : stance.into;
    const across =
      supply.form === 'sheets' && orientation !== 'flat' ? uprightThickness(place, stance.across) : stance.across;
    const base = { orientation, across, into, up, round, deep };
    if (supply.form === 'sheets' && orientation === 'flat') {
      if (across > inside.width || into > deep) continue;
      const perStack = Math.min(
        Math.floor(height / supply.thickness + 1e-9),
        anyhow ? Infinity : (supply.stack ?? Infinity),
      );
      const rows = Math.floor(deep / into + 1e-9);
      if (perStack < 1) continue;
      const high = Math.min(perStack, supply.count) * supply.thickness;
      found.push({ ...base, up: high, rows, layers: perStack, perColumn: perStack * rows, pattern: 'grid' });
      continue;
    }
    const standing = { orientation, across, into, up };
    const over = rise(place, orientation, up);
    if (up > inside.height + over + 1e-9 || (!anyhow && unsupported(supply, standing, place))) continue;
    const room = anyhow ? inside.height : clearHeight(place, supply, orientation);
    // What rises over the rim stands one high.
    const clear = up > room && up <= room + over + 1e-9 ? up : room;
    const limit = anyhow ? roomFor(supply, standing, clear) : stackLimit(supply, standing, place, clear);
    // What is to be seen lies in one layer, and in one row where one looks from the front.
    const seen = !anyhow && supply.traits.includes('keep in view');
    const layers = seen ? Math.min(1, limit) : limit;
    if (layers < 1) continue;
    if (!round && across > into && !seen) {
      const mixed = bothWays(supply.count, base, inside, layers);
      if (mixed) found.push(mixed);
    }
    if (across > inside.width || into > deep) {
      if (supply.form !== 'long' || orientation === 'end') continue;
      const slant = slanting(supply, base, inside, layers);
      if (slant) found.push(slant);
      continue;
    }
    const rows = seen && !seenFromAbove(place) ? 1 : Math.floor(deep / into + 1e-9);
    found.push({ ...base, rows, layers, perColumn: rows * layers, pattern: 'grid' });
  }
  return found.sort((a, b) => stripWidth(a, supply.count) - stripWidth(b, supply.count) || a.layers - b.layers);
}

/** On a board, a magnet or rods: one deep, width and height of the board, to the next thing. */
function hung(supply: Supply, place: Holds, only: Orientation | null, anyhow: boolean): Pose[] {
  const { inside, hangs = 'hooks' } = place;
  if (anyhow ? !MAY_HANG.has(supply.form) : notHung(supply, place) !== null) return [];
  const found: Pose[] = [];
  const add = (orientation: Orientation, w: number, into: number, h: number) => {
    if (into > PEG_DEPTH || w > inside.width || h > inside.height) return;
    const rows = Math.floor(inside.height / h);
    const lie = { orientation, across: w, into, up: h, rows: 1, layers: rows, perColumn: rows };
    found.push({ ...lie, pattern: 'grid', round: false, deep: inside.depth });
  };
  if (hangs === 'rods' && supply.form === 'rolls') {
    // On its rod a roll turns: its width along the rod, its diameter up and out.
    add('flat', supply.length + ROD_GAP, supply.width, supply.width);
  } else if (hangs === 'magnet') {
    // Its broad side against the magnet, upright or across.
    const [small, middle, large] = sorted(supply);
    add('end', middle, small, large / MAGNET_USED);
    add('edge', large, small, middle / MAGNET_USED);
  } else
    for (const { orientation, across, into, up } of stances(supply, only)) {
      // Flat against the board, not edge on.
      if (into > across) continue;
      add(orientation, Math.ceil((across + PEG_GAP - 1e-9) / HOOK_PITCH) * HOOK_PITCH, into, up + PEG_GAP);
    }
  return found.sort((a, b) => stripWidth(a, supply.count) - stripWidth(b, supply.count) || a.layers - b.layers);
}

/** Whether something of sorted sizes goes into a place: lying, and into a box or file with close walls any way up. */
function goesIn([small, middle, large]: Sizes, { inside, walls }: Holds, height: number): boolean {
  const { width, depth } = inside;
  const floor = [Math.min(width, depth), Math.max(width, depth)] as const;
  if (small <= height && middle <= floor[0] && large <= floor[1]) return true;
  if (walls !== 'close') return false;
  const [a, b, c] = [width, depth, height].sort((x, y) => x - y) as [number, number, number];
  return small <= a && middle <= b && large <= c;
}

type Sizes = [small: number, middle: number, large: number];
/** The thickest cloth, as a share of its breadth; thicker soft things (a skein, a cushion) are not folded. Common practice, no source. */
const THIN_AS_CLOTH = 0.15;
const MOST_FOLDS = 5;

/** The sorted sizes of cloth, folded in half over its long side as often as it takes to go in; it is twice as thick then. */
function folded(sizes: Sizes, press: number, place: Holds): Sizes {
  if (sizes[0] > THIN_AS_CLOTH * sizes[1]) return sizes;
  let now = sizes;
  for (let folds = 0; folds < MOST_FOLDS; folds++) {
    if (goesIn([now[0] * press, now[1] * press, now[2] * press], place, place.inside.height)) return now;
    now = [now[0] * 2, now[1], now[2] / 2].sort((a, b) => a - b) as Sizes;
  }
  return sizes;
}

/** By volume: small things fill 60 % of what they are poured into, soft ones are pressed to their share. */
function poured(supply: Supply, place: Holds, clear: number, anyhow: boolean): Pose[] {
  const { inside } = place;
  if (!anyhow && unsupported(supply, { orientation: 'flat', across: 0, into: 0, up: 0 }, place)) return [];
  const { width, depth } = inside;
  const press = supply.form === 'soft' ? supply.squeeze : 1;
  const [small, middle, large] = supply.form === 'soft' ? folded(sorted(supply), press, place) : sorted(supply);
  // Cloth is not piled higher than one can lift; one thing may be.
  const height = supply.form === 'soft' && !anyhow ? Math.min(clear, Math.max(clothHigh(place), small * press)) : clear;
  const fits = goesIn([small * press, middle * press, large * press], place, height);
  if (!fits || height <= 0) return [];
  const across = volumePoured(supply) / (depth * height);
  if (across > width) return [];
  const whole = { into: depth, up: height, rows: 1, layers: 1, perColumn: 1, round: false, deep: depth };
  return [{ orientation: 'flat', across, ...whole, least: Math.min(LOOSE_LEAST, width), pattern: 'fill' }];
}

/** Skeins, balls and cushions in rows fill this share of a shelf: 36 of 180 x 80 x 80 mm on 760 x 300 x 250. Reckoned by hand. */
const SOFT_FILL = 0.75;

/** What one of a soft or loose thing takes of a place, mm³: cloth pressed to its share, others with the room between them, too. */
export function volumePoured(supply: Supply): number {
  if (supply.form !== 'soft') return volumeEach(supply) / LOOSE_FILL;
  const [small, middle] = sorted(supply);
  return (volumeEach(supply) * supply.squeeze) / (small > THIN_AS_CLOTH * middle ? SOFT_FILL : 1);
}

/** At most this many pieces on a floor are tried in both directions; more lie in rows with little waste. */
const FEW = 12;

/**
 * Some of the pieces turned by a quarter, where all that there are find room so and not in rows one way.
 * @param base how one of them lies
 */
function bothWays(
  count: number,
  base: Pick<Pose, 'orientation' | 'across' | 'into' | 'up' | 'round' | 'deep'>,
  inside: Compartment['inside'],
  layers: number,
): Pose | null {
  const { across: a, into: b } = base;
  const { width, depth } = inside;
  const most = Math.floor((width * depth) / (a * b) + 1e-9);
  const rows = Math.max(
    Math.floor(width / a + 1e-9) * Math.floor(depth / b + 1e-9),
    Math.floor(width / b + 1e-9) * Math.floor(depth / a + 1e-9),
  );
  // Whatever is owned: how many have room does not depend on how many there are.
  if (count <= rows * layers || rows === 0 || rows === most || most > FEW) return null;
  const boxes = Array.from({ length: most }, (_, i) => ({ id: `${i}`, w: a, d: b, turns: true }));
  const cells = packRectangles(boxes, width, depth).placed.map(({ x, y, w, d }) => ({ x, y, w, d }));
  if (cells.length <= rows) return null;
  const whole = { across: width, into: depth, rows: Math.max(1, Math.round(depth / b)) };
  return { ...base, ...whole, layers, perColumn: cells.length * layers, pattern: 'mixed', cells };
}

/** A bundle of long things slanting over the whole floor (Carver 1957): as many side by side as still fit. */
function slanting(
  supply: Supply,
  base: Pick<Pose, 'orientation' | 'across' | 'into' | 'up' | 'round' | 'deep'>,
  inside: Compartment['inside'],
  layers: number,
): Pose | null {
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

/** The same way of lying with another number on each other. */
export const withLayers = (lie: Pose, layers: number): Pose => ({ ...lie, layers, perColumn: lie.rows * layers });

/** Width of the strip that a count takes in a way of lying, mm. */
export function stripWidth(lie: Pose, count: number): number {
  // By volume, to the litre; but a heap has a least width.
  if (lie.pattern === 'fill') return Math.max(lie.least ?? 0, count * lie.across);
  const straight = Math.ceil(count / lie.perColumn - 1e-9) * lie.across;
  if (!lie.round) return straight;
  const stacks = Math.ceil(count / lie.layers);
  return staggersOf(lie.across, lie.deep).reduce(
    (least, s) => Math.min(least, staggeredWidth(s, lie.across, stacks)),
    straight,
  );
}

/** The most pieces that a way of lying puts into a width. */
export function countWithin(lie: Pose, width: number): number {
  if (lie.pattern === 'fill') return width < (lie.least ?? 0) - 1e-6 ? 0 : Math.floor(width / lie.across + 1e-6);
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
  if (isRound(supply.form)) return (Math.PI / 4) * supply.width ** 2 * supply.length;
  const [small, , large] = sorted(supply);
  // Small things that are as long as wide and thick are beads and balls.
  const ball = supply.form === 'loose' && large <= small * 1.1 ? Math.PI / 6 : 1;
  return supply.length * supply.width * supply.thickness * ball;
}
