/** Furniture as rows of the plan: what a unit is, where it stands, where it rolls to, and types of one's own. */
import { z } from 'zod';
import {
  amount,
  count,
  defaultsOf,
  degrees,
  id,
  length,
  name,
  noSlot,
  optionalRef,
  ownRef,
  position,
  ref,
} from './fields.ts';

export const UNIT_KINDS = [
  'table',
  'drawer unit',
  'cube shelf',
  'bookcase',
  'wall shelf',
  'cart',
  'pegboard',
  'trunk',
  'cabinet',
  'corner cabinet',
  'rack',
  'rail',
  'carousel',
  'caddy',
  'seat',
] as const;

/** One opening in a column of a cabinet, with its inside height in mm and how one gets into it. */
const CellSchema = z.strictObject({
  height: length('An inside height', 10, 3000),
  access: z.enum(['open', 'drawer', 'door', 'pull-out', 'lid']),
});
/** A column of a cabinet: inside width in mm, cells from the top down. */
const BaySchema = z.strictObject({
  width: length('An inside width', 10, 6000),
  cells: z.array(CellSchema).min(1, 'A column has at least one opening.').max(40, 'At most 40 openings in a column.'),
});
export type Bay = z.infer<typeof BaySchema>;

/** What a unit is, wherever it stands: what the library and own types say. */
const unitShape = {
  name: name('A unit'),
  kind: z.enum(UNIT_KINDS),
  width: length('The width', 50, 6000),
  depth: length('The depth', 10, 3000),
  height: length('The height', 10, 4000),
  /** Height of its underside over the floor, mm (wall shelf, pegboard). */
  bottom: length('The height over the floor', 0, 4000),
  /** Thickness of boards (table top, sides, shelves, drawer fronts), mm. */
  board: length('The board thickness', 0, 100),
  columns: count('The number of columns', 1, 20),
  /** Inside heights of drawers, rows, shelves or trays from the top down, mm. */
  tiers: z.array(length('An inside height', 10, 3000)).max(30, 'At most 30 tiers.'),
  /** Inside width of one opening as measured; null works it out from the outside. */
  insideWidth: length('The inside width', 20, 6000).nullable(),
  /** Inside depth as measured; null works it out from the outside. */
  insideDepth: length('The inside depth', 10, 3000).nullable(),
  /** The strip along the back of a table top that may hold things, mm. */
  storeDepth: length('The strip for things', 0, 2000),
  /** The strip along the back of the floor under a table that may hold things, mm. */
  underDepth: length('The strip under it', 0, 2000).default(0),
  /** Whether its fronts carry labels today. */
  labelled: z.boolean(),
  /** Columns of a cabinet, from the left; empty for other kinds. */
  bays: z.array(BaySchema).max(20, 'At most 20 columns.').default([]),
  /** Doors before all its openings. */
  doors: z.enum(['none', 'left', 'right', 'pair', 'sliding']).default('none'),
  /** What a board or rail holds things by. */
  hangs: z.enum(['hooks', 'magnet', 'rods']).default('hooks'),
  /** All its openings are one place with cells, for many of one kind: a rack for pads, a tower for cases. */
  asOne: z.boolean().default(false),
  /** Room between its shut doors and the fronts of its shelves, mm. */
  doorGap: length('The room behind the doors', 0, 1000).default(0),
  wheels: z.boolean().default(false),
  /** What it costs, in the maker's money; null when not known. */
  price: amount('The price', 0, 1_000_000).nullable().default(null),
  /** Empty, g; null when not known. */
  mass: amount('The mass', 0, 1_000_000).nullable().default(null),
  /** What each of its places carries by its maker's word, g; null when not known. */
  load: amount('The load', 0, 1_000_000).nullable().default(null),
  /** What its shelves are made of, for how far they sag. */
  material: z.enum(['particleboard', 'MDF', 'pine', 'plywood', 'metal']).default('particleboard'),
};
export const ShapeSchema = z.strictObject(unitShape);

/** Where and how a unit stands. */
const standing = {
  /** Centre of the footprint, mm. */
  x: position('x'),
  y: position('y'),
  /** Clockwise turn, degrees; 0 has the back to the north and opens to the south. */
  turn: degrees,
  /** Fixed to the wall, so that it cannot tip. */
  fixed: z.boolean().default(false),
  /** It is kept locked, so that only those with the key get at what is in it. */
  keyLocked: z.boolean().default(false),
  /** Its place is settled: it is not moved by hand. */
  pinned: z.boolean().default(false),
  /** Owned already; else it is on the shopping list. */
  owned: z.boolean().default(true),
  /** The unit in one of whose openings it stands (an insert), or on whose side or door it hangs, with where. */
  host: optionalRef('units'),
  hostSlot: noSlot,
  /** The door of the room on whose leaf it hangs. */
  onDoor: optionalRef('openings'),
  /** Where it is when it is not in the room. */
  elsewhere: optionalRef('elsewheres'),
};
const units = z.strictObject({ id, ...unitShape, ...standing });

/** A kind of furniture that the maker made up and saved. */
const types = z.strictObject({ id, name: name('A type of furniture'), shape: ShapeSchema });

/** Where a unit on wheels stands at other times: in a mode of the room, or when it serves at a station. */
const spots = z.strictObject({
  id,
  unit: ref('units'),
  /** The mode in which it stands here; empty when it is for a station. */
  mode: z.string().trim().max(60, 'A mode has at most 60 characters.').default(''),
  station: ownRef('stations'),
  x: position('x'),
  y: position('y'),
  turn: degrees,
});

/** What a unit is when nothing else is said. */
export const UNIT_DEFAULTS = {
  ...defaultsOf(unitShape),
  ...{ bottom: 0, board: 18, columns: 1, tiers: [] as number[], storeDepth: 0, labelled: false },
  ...{ insideWidth: null, insideDepth: null },
};
export const STANDING_DEFAULTS = defaultsOf(standing);

export type Shape = z.infer<typeof ShapeSchema>;

export const UNIT_TABLES = { types, units, spots };
