/**
 * The plan: every table, as Zod schemas that are also the types. Lengths are millimetres, masses grams, angles degrees.
 * From above, x runs to the east and y to the south; the outline runs clockwise, so that somebody who walks it inside
 * the room sees the walls pass from left to right.
 */
import { z } from 'zod';

/** The version written into plan files; raise it with every change of shape that an older program cannot read. */
export const PLAN_VERSION = 1;

const id = z
  .string()
  .min(1, 'An id is needed.')
  .max(64, 'An id has at most 64 characters.')
  .regex(/^[A-Za-z0-9_-]+$/, 'An id has only letters, digits, - and _.');

function name(what: string) {
  return z.string().trim().min(1, `${what} needs a name.`).max(120, `${what}: at most 120 characters.`);
}

/** A length in mm between two limits, with a message that says what would be right. */
function length(what: string, least: number, most: number) {
  const message = `${what} is between ${least} and ${most} mm.`;
  return z.number({ error: message }).min(least, message).max(most, message);
}

function amount(what: string, least: number, most: number) {
  const message = `${what} is between ${least} and ${most}.`;
  return z.number({ error: message }).min(least, message).max(most, message);
}

function count(what: string, least: number, most: number) {
  const message = `${what} is a whole number between ${least} and ${most}.`;
  return z.number({ error: message }).int(message).min(least, message).max(most, message);
}

const position = (what: string) => length(what, -50_000, 50_000);
const degrees = z
  .number()
  .min(-360, 'An angle is between -360 and 360 degrees.')
  .max(360, 'An angle is between -360 and 360 degrees.');

export const OrientationSchema = z.enum(['flat', 'edge', 'end']);
/** How a piece lies: flat (smallest side up), on edge (middle side up), on end (longest side up). */
export type Orientation = z.infer<typeof OrientationSchema>;

export const MetaSchema = z.strictObject({
  id,
  name: name('The plan'),
  units: z.enum(['metric', 'imperial']),
  room: name('The room'),
  /** Ceiling height, mm. */
  ceiling: length('The ceiling', 1500, 8000),
  /** Share of each compartment kept free for growth (D9: 10-25 %). */
  roomToGrow: amount('Room to grow', 0, 0.5),
  paper: z.enum(['a4', 'letter']),
  labelWidth: length('The label width', 15, 200),
  labelHeight: length('The label height', 8, 140),
});

export const CornerSchema = z.strictObject({
  id,
  order: count('The order of a corner', 0, 199),
  x: position('x'),
  y: position('y'),
  /** Name of the wall that starts at this corner. */
  wall: name('The wall'),
  /** What was read off the tape for that wall, mm; null when it was not taped. */
  taped: length('A taped length', 1, 50_000).nullable().default(null),
});

export const OpeningSchema = z.strictObject({
  id,
  kind: z.enum(['door', 'window']),
  /** The corner at which its wall starts. */
  corner: id,
  /** Distance from that corner to the near edge, mm. */
  offset: length('The distance from the corner', 0, 20_000),
  width: length('The width', 100, 10_000),
  /** Height of the opening itself, mm. */
  height: length('The height', 100, 5000),
  /** Height of its lower edge over the floor, mm; 0 for a door. */
  sill: length('The sill', 0, 3000),
  /** Hinge side, as seen from inside the room. */
  hinge: z.enum(['left', 'right']),
  swing: z.enum(['in', 'out', 'none']),
});

export const FixtureSchema = z.strictObject({
  id,
  kind: z.enum(['socket', 'heater', 'fuse board']),
  corner: id,
  offset: length('The distance from the corner', 0, 20_000),
  width: length('The width', 20, 5000),
  height: length('The height', 20, 3000),
  depth: length('The depth', 0, 1000),
  /** Height of its lower edge over the floor, mm. */
  bottom: length('The height over the floor', 0, 5000),
});

export const PersonSchema = z.strictObject({
  id,
  name: name('A person'),
  /** Standing height, mm. */
  stature: length('A standing height', 700, 2300),
});

export const UNIT_KINDS = [
  'table',
  'drawer unit',
  'cube shelf',
  'bookcase',
  'wall shelf',
  'cart',
  'pegboard',
  'trunk',
] as const;

export const UnitSchema = z.strictObject({
  id,
  name: name('A unit'),
  kind: z.enum(UNIT_KINDS),
  /** Centre of the footprint, mm. */
  x: position('x'),
  y: position('y'),
  /** Clockwise turn, degrees; 0 has the back to the north and opens to the south. */
  turn: degrees,
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
  /** Whether its fronts carry labels today. */
  labelled: z.boolean(),
});

export const StationSchema = z.strictObject({
  id,
  name: name('A station'),
  /** The work table, if the station has one of its own. */
  unit: id.nullable(),
  person: id,
  /** Where the body is, mm. */
  x: position('x'),
  y: position('y'),
  /** Where the person looks, degrees clockwise from north. */
  facing: degrees,
  posture: z.enum(['seated', 'standing']),
  /** Height of the seat, mm; used when seated. */
  seatHeight: length('The seat height', 200, 900),
});

export const ActivitySchema = z.strictObject({
  id,
  name: name('An activity'),
  sessionsPerWeek: amount('Sessions a week', 0, 70),
  minutes: amount('Minutes a session', 0, 1440),
  station: id.nullable(),
});

export const SupplySchema = z.strictObject({
  id,
  name: name('A supply'),
  category: z.string().trim().max(60, 'A kind has at most 60 characters.'),
  form: z.enum(['sheets', 'pieces', 'loose']),
  count: count('The count', 1, 1_000_000),
  /** Sizes of one sheet or piece, mm, in any order of size. */
  length: length('The length', 0.1, 6000),
  width: length('The width', 0.1, 6000),
  thickness: length('The thickness', 0.01, 3000),
  /** Grams a square metre; sheets only. */
  grammage: amount('The grammage', 5, 5000).nullable(),
  /** Grams a piece, when weighed or known; sheets work it out from the grammage. */
  mass: amount('The mass', 0, 200_000).nullable(),
  orientations: z.array(OrientationSchema).min(1, 'At least one way to lie must be allowed.'),
  /** Whether what is fetched goes back to its place (a tool) or is used up (a sheet). */
  goesBack: z.boolean(),
  note: z.string().max(2000, 'A note has at most 2000 characters.'),
});

export const UseSchema = z.strictObject({
  id,
  supply: id,
  activity: id,
  /** How many times it is fetched in one session. */
  fetches: amount('Fetches a session', 0, 500),
});

export const PlacementSchema = z.strictObject({
  id,
  arrangement: z.enum(['today', 'planned']),
  supply: id,
  unit: id,
  /** Which compartment of the unit, for example "d2" (see core/furniture). */
  slot: z.string().regex(/^[a-z0-9]{1,12}$/, 'A slot looks like d2, c1r3, s4, t1, peg, top or box.'),
  count: count('The count', 1, 1_000_000),
  /** null leaves the choice to the fit. */
  orientation: OrientationSchema.nullable(),
  locked: z.boolean(),
});

/** Every table of rows with its schema, in an order in which rows only refer to earlier tables. */
export const TABLES = {
  corners: CornerSchema,
  openings: OpeningSchema,
  fixtures: FixtureSchema,
  people: PersonSchema,
  units: UnitSchema,
  stations: StationSchema,
  activities: ActivitySchema,
  supplies: SupplySchema,
  uses: UseSchema,
  placements: PlacementSchema,
} as const;

export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

export type Meta = z.infer<typeof MetaSchema>;
export type Corner = z.infer<typeof CornerSchema>;
export type Opening = z.infer<typeof OpeningSchema>;
export type Fixture = z.infer<typeof FixtureSchema>;
export type Person = z.infer<typeof PersonSchema>;
export type Unit = z.infer<typeof UnitSchema>;
export type Station = z.infer<typeof StationSchema>;
export type Activity = z.infer<typeof ActivitySchema>;
export type Supply = z.infer<typeof SupplySchema>;
export type Use = z.infer<typeof UseSchema>;
export type Placement = z.infer<typeof PlacementSchema>;
export type Arrangement = Placement['arrangement'];

export interface Rows {
  corners: Corner;
  openings: Opening;
  fixtures: Fixture;
  people: Person;
  units: Unit;
  stations: Station;
  activities: Activity;
  supplies: Supply;
  uses: Use;
  placements: Placement;
}

/** A plan in memory: one record of rows by id for each table. Never changed in place; see change.ts. */
export type Plan = { meta: Meta } & { [T in TableName]: Readonly<Record<string, Rows[T]>> };

/** The columns that refer to another table, for checks in memory; the database has them as foreign keys. */
export const REFERENCES: ReadonlyArray<{ table: TableName; column: string; to: TableName }> = [
  { table: 'openings', column: 'corner', to: 'corners' },
  { table: 'fixtures', column: 'corner', to: 'corners' },
  { table: 'stations', column: 'unit', to: 'units' },
  { table: 'stations', column: 'person', to: 'people' },
  { table: 'activities', column: 'station', to: 'stations' },
  { table: 'uses', column: 'supply', to: 'supplies' },
  { table: 'uses', column: 'activity', to: 'activities' },
  { table: 'placements', column: 'supply', to: 'supplies' },
  { table: 'placements', column: 'unit', to: 'units' },
];

/** An empty plan: a name, no room yet. */
export function emptyPlan(meta: Partial<Meta> & { id: string }): Plan {
  return {
    meta: {
      name: 'My craft room',
      units: 'metric',
      room: 'Craft room',
      ceiling: 2400,
      roomToGrow: 0.15,
      paper: 'a4',
      labelWidth: 61,
      labelHeight: 34,
      ...meta,
    },
    corners: {},
    openings: {},
    fixtures: {},
    people: {},
    units: {},
    stations: {},
    activities: {},
    supplies: {},
    uses: {},
    placements: {},
  };
}

/** Corners in the order in which they are walked. */
export function cornersInOrder(plan: Pick<Plan, 'corners'>): Corner[] {
  return Object.values(plan.corners).sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
}

/** Rows of a table sorted by name, so that lists are the same everywhere. */
export function byName<T extends { name: string; id: string }>(rows: Readonly<Record<string, T>>): T[] {
  return Object.values(rows).sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.id < b.id ? -1 : 1));
}

/** Hours a week that an activity takes: sessions a week times their length. */
export function hoursAWeek(activity: Pick<Activity, 'sessionsPerWeek' | 'minutes'>): number {
  return (activity.sessionsPerWeek * activity.minutes) / 60;
}
