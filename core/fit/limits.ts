/**
 * What holds things in a place, how much room a hand needs there, how high things may lie on each other, and what stays up by
 * itself. All figures are common practice without a published source.
 */
import type { Compartment } from '../furniture/compartments.ts';
import { PUBLISHED, type ConstantKey, type Constants } from '../model/constants.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { isRound } from './forms.ts';
import type { Parts } from '../furniture/parts.ts';

/** What a rule of lying looks at in a place; the constants are the published ones when none are given. */
export type Holds = Pick<Compartment, 'inside' | 'access' | 'walls'> &
  Partial<Pick<Compartment, 'constants' | 'hangs' | 'above' | 'before' | 'parts'>>;

/** Openings at most this wide or high are slots for sheets, mm. */
const SLOT = 60;
/** Drawers and trays at most this high are made for sheets alone, mm. */
const TRAY = 35;
/** Thinner than this is a thin flat thing, mm. */
const THIN = 12;
/** Tools and other stiff pieces stand on end by themselves only when they are at least so thick as a share of their height. */
const SQUAT = 0.5;
/** A single thing is stood on its side only when it is about as thick as high. */
const BLOCK = 0.8;
/** How many times as long as broad a stick is, at least. */
const STICK = 2.5;

/** The constants by which things lie in a place. */
export const LYING = [
  'handInDrawer',
  'handOnShelf',
  'handInCell',
  'slotUsed',
  'stackHigh',
  'stackMany',
  'stackOnTop',
  'stackThin',
  'stackSheets',
  'stackSheetsOnTop',
  'stackCloth',
  'rollsOnShelf',
  'stands',
  'hook',
] as const satisfies readonly ConstantKey[];
const of = (place: Holds): Constants => place.constants ?? PUBLISHED;

/** A top or a shelf without sides. */
const isOpen = (walls: Holds['walls']): boolean => walls === 'none' || walls === 'back';
const allRound = ({ walls }: Pick<Holds, 'walls'>): boolean => walls === 'all' || walls === 'close';

/** Whether one looks and reaches into a place from above: all but boards, shelves and what stands behind doors; trays, too. */
export const seenFromAbove = ({ access, walls }: Pick<Compartment, 'access' | 'walls'>): boolean =>
  access !== 'peg' && ((access !== 'open' && access !== 'door') || walls === 'all' || walls === 'close');

/** Whether a place is a slot for sheets: low and flat, or narrow and upright. */
const isSlot = ({ inside, access, walls }: Holds): boolean =>
  access !== 'peg' && !isOpen(walls) && Math.min(inside.height, inside.width) <= SLOT;

/** Whether a place is made for one kind of thing: a slot for sheets, a rod for rolls, a magnet for what sticks to it. */
export function isMadeFor(
  supply: Pick<Supply, 'form' | 'traits'> & Partial<Pick<Supply, 'length' | 'width' | 'thickness' | 'alike'>>,
  place: Holds,
): boolean {
  if (place.parts) return partsMadeFor(supply, place.parts);
  if (place.access === 'peg')
    return (
      (place.hangs === 'rods' && supply.form === 'rolls') ||
      (place.hangs === 'magnet' && supply.traits.includes('sticks to a magnet'))
    );
  // A shallow drawer holds paper, too, but is not made for it alone; a tray is.
  const tray = place.access !== 'open' && place.access !== 'door';
  return supply.form === 'sheets' && isSlot(place) && (!tray || place.inside.height <= TRAY);
}

/** A part is made to measure when one thing fills this share of it. Common practice, no source. */
const FILLS = 0.35;

/**
 * Whether parts are made for a thing: cells that one looks into for small loose things, pages and pockets for sheets of which one
 * is wanted and for offcuts, magnetic cards for steel, and any part for what fills it.
 */
function partsMadeFor(supply: Parameters<typeof isMadeFor>[0], { division, part, front }: Parts): boolean {
  if (division === 'cards') return supply.traits.includes('sticks to a magnet');
  if (division === 'pages' || division === 'pockets')
    return supply.form === 'sheets' && (supply.alike === 'different' || supply.traits.includes('offcut'));
  if (supply.form === 'loose') return division === 'cells' && !front;
  const { length = 0, width = 0, thickness = 0 } = supply;
  const own = length * width * (isRound(supply.form) ? width * 0.785 : thickness);
  return own >= FILLS * part.width * part.depth * part.height;
}

/** Whether sheets of several kinds lie in one pile there, and nothing else beside them: a flat slot, a tray for paper. */
export const holdsPile = (place: Holds): boolean =>
  place.inside.height <= SLOT &&
  place.inside.width > SLOT &&
  !place.parts &&
  isMadeFor({ form: 'sheets', traits: [] }, place);

/** Room that is left free over things, mm. */
export function handRoom(place: Holds, supply: Pick<Supply, 'form'>): number {
  if (supply.form === 'sheets' && isSlot(place)) return 0;
  if (place.access === 'drawer') return of(place).handInDrawer;
  if (allRound(place) || place.access === 'peg' || place.access === 'top') return 0;
  return of(place).handOnShelf;
}

/** Height in which things may lie in a way, mm. */
export function clearHeight(place: Holds, supply: Pick<Supply, 'form'>, orientation: Orientation): number {
  const k = of(place);
  const clear = place.inside.height - handRoom(place, supply);
  if (supply.form !== 'sheets' || orientation !== 'flat') return clear;
  const slot = isSlot(place) && place.inside.height <= SLOT;
  return Math.min(slot ? clear * k.slotUsed : clear, isOpen(place.walls) ? k.stackSheetsOnTop : k.stackSheets);
}

/** How far something that stands upright may rise over the rim: a third of its height, where there is room above, mm. */
export const rise = ({ above = 0 }: Holds, orientation: Orientation, up: number): number =>
  orientation === 'flat' ? 0 : Math.min(above, up / 3);

/** How far a thing may reach out of a place to the front: a machine stands on its table, whatever depth the strip for things has, mm. */
export const reachesOut = (supply: Pick<Supply, 'form'>, { before = 0 }: Holds): number =>
  supply.form === 'machine' ? before : 0;

/** How high cloth is piled, mm. */
export const clothHigh = (place: Holds): number => of(place).stackCloth;

/** Room that one sheet on its edge takes across a holder, mm. */
export function uprightThickness(place: Holds, thickness: number): number {
  return place.inside.width <= SLOT ? thickness / of(place).slotUsed : thickness;
}

/** A rod: about as thick as wide, and slim: it rolls as a round thing does. */
function isRod(s: Pick<Supply, 'form' | 'length' | 'width' | 'thickness'>): boolean {
  const [small, middle, large] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  return (s.form === 'pieces' || s.form === 'long') && middle <= small * 1.2 && large >= 4 * middle && middle <= 40;
}

/** Rods at most this long are pens and the like, mm; this many of them lie on a shelf with nothing before them. */
const PEN = 200;
const FEW_PENS = 3;

/** A stick: long and narrow as most tools are; it has no foot to stand on. */
function isStick(s: Pick<Supply, 'form' | 'length' | 'width' | 'thickness'>): boolean {
  const [, middle, large] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  return (s.form === 'pieces' || s.form === 'long') && large >= STICK * middle;
}

export interface Standing {
  orientation: Orientation;
  across: number;
  into: number;
  up: number;
}

/**
 * How many may lie on each other; 0 where they may not lie so at all.
 * @param height free height, mm
 */
export function stackLimit(
  supply: Supply,
  { orientation, across, into, up }: Standing,
  place: Holds,
  height: number,
): number {
  const k = of(place);
  const room = Math.floor(height / up + 1e-9);
  const rolls = isRound(supply.form) && orientation !== 'end';
  if (supply.form === 'sheets' || supply.form === 'machine' || supply.traits.includes('fragile'))
    return Math.min(1, room);
  if (supply.stack !== null) return Math.min(supply.stack, room);
  if (supply.form === 'bottles') return Math.min(1, room);
  if (rolls || (isRod(supply) && orientation !== 'end')) {
    if (allRound(place)) return room;
    return Math.min(place.walls === 'sides' ? k.rollsOnShelf : 1, room);
  }
  // What stands on its edge or end carries nothing, unless it is about as broad as high.
  if (orientation !== 'flat' && Math.min(across, into) < 0.8 * up) return Math.min(1, room);
  if (up < THIN) return Math.min(room, Math.max(1, Math.floor(k.stackThin / up + 1e-9)));
  const most = isOpen(place.walls) ? k.stackOnTop : k.stackMany;
  return Math.min(room, most, Math.max(1, Math.floor(k.stackHigh / up + 1e-9)));
}

/** How many could lie on each other for want of a rule: one of what never carries another. */
export function roomFor(supply: Supply, { orientation, up }: Standing, height: number): number {
  const single =
    supply.form === 'sheets' || supply.form === 'machine' || supply.traits.includes('fragile') || orientation === 'end';
  const room = Math.floor(height / up + 1e-9);
  return single ? Math.min(1, room) : room;
}

/** Forms that hang on a hook by a hole, a loop, a handle, a clip or a bag. */
const HUNG: ReadonlySet<Supply['form']> = new Set(['pieces', 'long', 'hung', 'set']);
/** The thickest packs and bags that hang, and the thickest plates with a hole, mm. */
const PACK = 40;
const PLATE = 12;

/** Boards thinner and broader than this have nothing to hang by, mm: they stand, leaning. Common practice, no source. */
const BOARD = { thin: 4, broad: 450 } as const;

/** Whether it has what a hook takes: what is said to hang, tools, thin plates, packs. Blocks, cups and balls have not, nor pens and rods. */
function hangsByItself(s: Supply): boolean {
  const [thin, middle] = [s.length, s.width, s.thickness].sort((a, b) => a - b) as [number, number, number];
  if (s.form === 'set') return thin <= PACK;
  if (thin <= BOARD.thin && middle > BOARD.broad) return s.form === 'hung';
  return s.form === 'hung' || (HUNG.has(s.form) && !isRod(s) && (isStick(s) || thin <= PLATE));
}

/** Thicker things do not hold on a magnet, mm. */
const MAGNET = 15;

/** Why something does not hang on a board, a magnet or a rod; null when it does. */
export function notHung(supply: Supply, place: Holds): string | null {
  const { hangs = 'hooks' } = place;
  if (hangs === 'rods') return supply.form === 'rolls' ? null : 'is not a roll or spool, and this is a rod';
  if (hangs === 'magnet') {
    const thin = Math.min(supply.length, supply.width, supply.thickness) <= MAGNET;
    return supply.traits.includes('sticks to a magnet') && thin && HUNG.has(supply.form)
      ? null
      : 'does not hold on a magnet';
  }
  if (!hangsByItself(supply)) return 'is not a thing to hang on a board';
  return supply.mass !== null && supply.mass > of(place).hook * 1000 ? 'is too heavy for a hook' : null;
}

/** How far down a hand and an eye go into a narrow bin that is got into from above, mm. Common practice, no source. */
const REACHED_INTO = 350;
/** Whether a place is a deep, narrow bin: what is lower than the rest of it is not seen and not reached. */
function isWell({ walls, parts, inside: { width, depth, height } }: Holds): boolean {
  const narrow = Math.min(width, depth);
  return walls === 'all' && !parts && height > REACHED_INTO && height > 1.5 * narrow && narrow < REACHED_INTO;
}

/** A rack in which boards lean: at most this deep, at least this narrow, this many times as high as deep; what leans has at least half its height. Common practice, no source. */
const LEANS = { depth: 110, width: 300, high: 4, least: 0.5 } as const;
/** Sheets so thick are boards, mm. */
const STIFF = 1;
/** Whether a place is a shallow, high opening in which boards, mats and frames lean on the back. */
export const isLeaner = ({ access, parts, inside: { width, depth, height } }: Holds): boolean =>
  access === 'open' && !parts && width >= LEANS.width && depth <= LEANS.depth && height >= LEANS.high * depth;

/** Why something cannot lie in a way in a place for want of support; null when it can. */
export function unsupported(supply: Supply, standing: Standing, place: Holds): string | null {
  const { orientation, across, into, up } = standing;
  if (place.access === 'peg' || supply.form === 'machine') return null;
  if (isLeaner(place)) {
    const bends = supply.form === 'loose' || supply.form === 'soft' || (supply.form === 'sheets' && into < STIFF);
    const leans = into < across && into < up && !bends && !isRound(supply.form);
    return leans && up >= LEANS.least * place.inside.height ? null : 'this is a rack in which boards and mats lean';
  }
  if (isWell(place) && supply.form !== 'soft' && up < place.inside.height - REACHED_INTO)
    return 'would lie at the bottom of a deep bin, out of sight and reach';
  if (supply.form === 'loose') return allRound(place) ? null : 'needs something to lie in: a jar, a box, a drawer';
  if (supply.form === 'soft') return null;
  // A few pens lie on a shelf; more of them roll out of its open front.
  if (isRod(supply) && !allRound(place) && place.walls !== 'none' && supply.length <= PEN && supply.count > FEW_PENS)
    return 'would roll out: pens and short sticks need a cup, a box or a drawer';
  if ((isRound(supply.form) || isRod(supply)) && orientation !== 'end')
    return place.walls === 'none' ? 'would roll off: it needs a rim or something to lie in' : null;
  if (orientation === 'flat') return null;
  if (supply.form === 'sheets')
    return place.walls === 'close' || (isSlot(place) && place.inside.width <= SLOT)
      ? null
      : 'would bend and slide down: sheets stand in a slot, a file or a box only';
  // A drawer or a box holds it; on a shelf a row leans on the side.
  if (allRound(place)) return null;
  const thin = Math.min(across, into);
  const falls = orientation === 'end' ? 'would fall over on end here' : 'would fall over on edge here';
  const stiff = supply.form === 'pieces' || supply.form === 'long';
  // A single tool is laid down on its broad side.
  if (stiff && supply.count === 1) return thin >= BLOCK * up ? null : falls;
  if (stiff && (orientation === 'end' || isStick(supply))) return thin >= SQUAT * up ? null : falls;
  const row = place.walls === 'sides' && orientation === 'edge' && across <= into ? supply.count * across : thin;
  return row >= of(place).stands * up ? null : falls;
}
