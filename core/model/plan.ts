/**
 * The plan: every table, as Zod schemas that are also the types. Lengths are millimetres, masses grams, angles degrees.
 * From above, x runs to the east and y to the south; the outline runs clockwise, so that somebody who walks it inside
 * the room sees the walls pass from left to right.
 */
import { z } from 'zod';
import { ConstantsSchema } from './constants.ts';
import { amount, count, degrees, id, length, name, position } from './fields.ts';
import {
  BoxTypeSchema,
  ContainerSchema,
  NeverSchema,
  PhotoSchema,
  PlacementSchema,
  SupplySchema,
  UseSchema,
  type BoxType,
  type Container,
  type Never,
  type Photo,
  type Placement,
  type Supply,
  type Use,
} from './supply.ts';
import {
  LABELLING,
  LabellingSchema,
  LabelRowSchema,
  LogSchema,
  NeedSchema,
  ProjectSchema,
  SeasonSchema,
  SittingSchema,
  UPKEEP,
  UpkeepSchema,
  type LabelRow,
  type Log,
  type Need,
  type Project,
  type Season,
  type Sitting,
} from './doing.ts';
import { NO_SORTING, SortingSchema } from './sorting.ts';
import { OwnTypeSchema, SpotSchema, UnitSchema, type OwnType, type Spot, type Unit } from './unit.ts';

export * from './doing.ts';
export * from './supply.ts';
export * from './unit.ts';

/** The version written into plan files; raise it with every change of shape that an older program cannot read. */
export const PLAN_VERSION = 6;

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
  /** Where north lies on the drawing, degrees clockwise from its top. */
  north: degrees.default(0),
  /** Degrees, north positive; null when not given. */
  latitude: amount('The latitude', -90, 90).nullable().default(null),
  /** Walkway that is wanted between furniture, mm: 600 one squeezes through, 750 is comfortable, 915 takes a wheelchair. */
  walkway: length('The walkway', 500, 1500).default(600),
  /** What no drawing shows: hot, loud, cold floor. */
  note: z.string().max(2000, 'A note has at most 2000 characters.').default(''),
  /** Constants of the models that the maker changed (see constants.ts). */
  constants: ConstantsSchema.default({}),
  /** The maker's own way of sorting. */
  sorting: SortingSchema.default(NO_SORTING),
  labelling: LabellingSchema.default(LABELLING),
  upkeep: UpkeepSchema.default(UPKEEP),
});

const CornerSchema = z.strictObject({
  id,
  order: count('The order of a corner', 0, 199),
  x: position('x'),
  y: position('y'),
  /** Name of the wall that starts at this corner. */
  wall: name('The wall'),
  /** What was read off the tape for that wall, mm; null when it was not taped. */
  taped: length('A taped length', 1, 50_000).nullable().default(null),
});

const OpeningSchema = z.strictObject({
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
  swing: z.enum(['in', 'out', 'slide', 'none']),
  /** Depth of floor that must stay free before it, mm; null takes the usual one (see room/clearance). */
  keepClear: length('The depth kept clear', 0, 3000).nullable().default(null),
});

export const FIXTURE_KINDS = ['socket', 'switch', 'heater', 'vent', 'water', 'fuse board', 'fixed thing'] as const;

const FixtureSchema = z.strictObject({
  id,
  kind: z.enum(FIXTURE_KINDS),
  /** What it is called, where the kind does not say enough; may be empty. */
  name: z.string().trim().max(120, 'At most 120 characters.').default(''),
  corner: id,
  offset: length('The distance from the corner', 0, 20_000),
  width: length('The width', 20, 5000),
  height: length('The height', 20, 3000),
  depth: length('The depth', 0, 1000),
  /** Height of its lower edge over the floor, mm. */
  bottom: length('The height over the floor', 0, 5000),
  /** Plugs that a socket takes. */
  outlets: count('The number of outlets', 0, 20).default(2),
  /** Depth that must stay free before it, mm; null takes the usual one (see room/clearance). */
  keepClear: length('The depth kept clear', 0, 3000).nullable().default(null),
});

/** What hangs lower than the ceiling: a slope along a wall, a beam, a soffit. */
const OverheadSchema = z
  .strictObject({
    id,
    name: name('A slope or beam'),
    kind: z.enum(['slope', 'beam', 'soffit']),
    /** The wall (its first corner) along which a slope begins; null for beams and soffits. */
    corner: id.nullable(),
    /** Height over the floor: of the knee wall where a slope begins, or of the underside of a beam, mm. */
    low: length('The height under it', 0, 8000),
    /** How far from the wall a slope reaches the full height, mm. */
    run: length('The run of the slope', 1, 20_000).default(1000),
    /** Centre, turn and size of a beam or soffit from above. */
    x: position('x').default(0),
    y: position('y').default(0),
    turn: degrees.default(0),
    width: length('The width', 1, 50_000).default(1000),
    depth: length('The depth', 1, 50_000).default(200),
  })
  .refine((o) => o.kind !== 'slope' || o.corner !== null, { path: ['corner'], message: 'A slope begins at a wall.' });

/** An area that must be free: always, or in a named mode ("guest"); or the space that a machine on a unit works in. */
const AreaSchema = z.strictObject({
  id,
  name: name('An area'),
  /** The mode in which it must be free; empty for always. */
  mode: z.string().trim().max(60, 'A mode has at most 60 characters.').default(''),
  /** The unit with which it moves; x, y and turn then count from the middle of that unit. */
  unit: id.nullable().default(null),
  x: position('x'),
  y: position('y'),
  turn: degrees.default(0),
  width: length('The width', 50, 10_000),
  depth: length('The depth', 50, 10_000),
  /** Heights over the floor between which it must be free, mm. */
  bottom: length('The height over the floor', 0, 4000).default(0),
  height: length('The height', 10, 5000),
});

/** A place outside the room: a cupboard on the landing, a cellar. */
const ElsewhereSchema = z.strictObject({
  id,
  name: name('A place elsewhere'),
  /** Seconds to go there, one way. */
  seconds: amount('The time to go there', 0, 3600),
  conditions: z.array(z.enum(['cold', 'damp', 'hot', 'locked', 'shared'])).default([]),
});

const PersonSchema = z.strictObject({
  id,
  name: name('A person'),
  /** Standing height, mm. */
  stature: length('A standing height', 700, 2300),
  hand: z.enum(['right', 'left']).default('right'),
  wheelchair: z.boolean().default(false),
  /** Things that are marked so are kept out of the reach of a child. */
  child: z.boolean().default(false),
  /** Whether this person may use steps. */
  steps: z.boolean().default(true),
  /** What this person should not lift more of, g; null for no limit. */
  lifts: amount('What a person lifts', 0, 100_000).nullable().default(null),
  /** Measured on the body, standing, mm; null takes the share of the height. */
  eye: length('The eye height', 300, 2300).nullable().default(null),
  shoulder: length('The shoulder height', 300, 2100).nullable().default(null),
  elbow: length('The elbow height', 200, 1800).nullable().default(null),
  knuckle: length('The knuckle height', 150, 1500).nullable().default(null),
  knee: length('The knee height', 100, 1000).nullable().default(null),
  /** From the shoulder to what the hand holds, arm stretched. */
  grip: length('The arm length', 150, 1200).nullable().default(null),
  /** The highest shelf that is touched with a grip. */
  overhead: length('The overhead reach', 500, 2900).nullable().default(null),
});

/** What a person should be able to reach by themselves, or must not be able to. */
const WishSchema = z.strictObject({
  id,
  person: id,
  supply: id,
  wish: z.enum(['should reach', 'must not reach']),
});

/** A fetch that was timed with the stopwatch. */
const TimingSchema = z.strictObject({
  id,
  station: id,
  /** Who fetched; null for the person of the station. */
  person: id.nullable().default(null),
  unit: id,
  slot: z.string().regex(/^[a-z0-9]{1,12}$/, 'A slot looks like d2, c1r3, s4, t1, peg, top or box.'),
  container: id.nullable().default(null),
  /** What was fetched; null for anything that lay there alone. */
  supply: id.nullable().default(null),
  /** Whether it was put back, too. */
  back: z.boolean().default(false),
  seconds: amount('A time', 0.2, 600),
  /** The day, or empty. */
  day: z
    .string()
    .regex(/^(\d{4}-\d\d-\d\d)?$/, 'A day is a date like 2027-03-31.')
    .default(''),
});

const StationSchema = z.strictObject({
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
  /** What one sits on: a swivel seat turns and rolls, a chair and a stool do not. */
  seat: z.enum(['swivel', 'chair', 'stool']).default('swivel'),
  /** A second person at the same table. */
  second: id.nullable().default(null),
});

/** What an activity gives off, and what it asks of its place. */
export const GIVES = ['dust', 'wet', 'fumes', 'noise', 'heat', 'flame'] as const;
export const NEEDS = ['water', 'ventilation', 'daylight', 'quiet', 'clean air', 'dry'] as const;

const ActivitySchema = z.strictObject({
  id,
  name: name('An activity'),
  sessionsPerWeek: amount('Sessions a week', 0, 70),
  minutes: amount('Minutes a session', 0, 1440),
  /** Where it is mostly done; further places are hosts. */
  station: id.nullable(),
  posture: z.enum(['seated', 'standing', 'either']).default('either'),
  /** Who does it; null for the person of its station. */
  person: id.nullable().default(null),
  people: count('The number of people', 1, 12).default(1),
  /** Free surface that it takes, mm; null when it does not matter. */
  surfaceWidth: length('The width of the surface', 50, 6000).nullable().default(null),
  surfaceDepth: length('The depth of the surface', 50, 3000).nullable().default(null),
  /** How high its surface should be: see room/needs. */
  work: z.enum(['precision', 'light', 'heavy']).default('light'),
  sockets: count('The number of sockets', 0, 20).default(0),
  watts: amount('The power', 0, 20_000).default(0),
  gives: z.array(z.enum(GIVES)).default([]),
  needs: z.array(z.enum(NEEDS)).default([]),
});

/** A kit: a box that holds all that one technique needs, with a home. */
const KitSchema = z.strictObject({
  id,
  name: name('A kit'),
  width: length('The width', 20, 2000),
  depth: length('The depth', 20, 2000),
  height: length('The height', 10, 2000),
  /** Its home; null without one. */
  unit: id.nullable(),
  slot: z
    .string()
    .regex(/^[a-z0-9]{0,12}$/, 'A slot looks like d2, c1r3, s4, t1, peg, top or box.')
    .default(''),
});

/** Something that serves an activity besides its main station: another station, a cart that rolls there, a kit that is fetched. */
const HostSchema = z
  .strictObject({
    id,
    activity: id,
    station: id.nullable().default(null),
    cart: id.nullable().default(null),
    kit: id.nullable().default(null),
  })
  .refine((h) => [h.station, h.cart, h.kit].filter((x) => x !== null).length === 1, {
    path: ['station'],
    message: 'It is one of a station, a cart or a kit.',
  });

/** How near two activities should be, where the maker knows better than the program (Muther's letters, see room/relations). */
const RelationSchema = z.strictObject({
  id,
  a: id,
  b: id,
  closeness: z.enum(['A', 'E', 'I', 'O', 'U', 'X']),
  reason: z.string().trim().max(200, 'A reason has at most 200 characters.').default(''),
});

/** A seat when nothing else is said. */
export const SEAT_DEFAULTS = { seat: 'swivel', second: null } as const;

/** Every table of rows with its schema, in an order in which rows only refer to earlier tables. */
export const TABLES = {
  corners: CornerSchema,
  openings: OpeningSchema,
  fixtures: FixtureSchema,
  overheads: OverheadSchema,
  elsewheres: ElsewhereSchema,
  types: OwnTypeSchema,
  people: PersonSchema,
  units: UnitSchema,
  areas: AreaSchema,
  stations: StationSchema,
  spots: SpotSchema,
  activities: ActivitySchema,
  kits: KitSchema,
  hosts: HostSchema,
  relations: RelationSchema,
  supplies: SupplySchema,
  uses: UseSchema,
  boxtypes: BoxTypeSchema,
  containers: ContainerSchema,
  placements: PlacementSchema,
  photos: PhotoSchema,
  wishes: WishSchema,
  timings: TimingSchema,
  nevers: NeverSchema,
  labels: LabelRowSchema,
  seasons: SeasonSchema,
  projects: ProjectSchema,
  needs: NeedSchema,
  logs: LogSchema,
  sittings: SittingSchema,
} as const;

export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

export type Meta = z.infer<typeof MetaSchema>;
export type Corner = z.infer<typeof CornerSchema>;
export type Opening = z.infer<typeof OpeningSchema>;
export type Fixture = z.infer<typeof FixtureSchema>;
export type Person = z.infer<typeof PersonSchema>;
export type Overhead = z.infer<typeof OverheadSchema>;
export type Area = z.infer<typeof AreaSchema>;
export type Elsewhere = z.infer<typeof ElsewhereSchema>;
export type Kit = z.infer<typeof KitSchema>;
export type Host = z.infer<typeof HostSchema>;
export type Relation = z.infer<typeof RelationSchema>;
export type Station = z.infer<typeof StationSchema>;
export type Activity = z.infer<typeof ActivitySchema>;
export type Wish = z.infer<typeof WishSchema>;
export type Timing = z.infer<typeof TimingSchema>;

export interface Rows {
  corners: Corner;
  openings: Opening;
  fixtures: Fixture;
  overheads: Overhead;
  elsewheres: Elsewhere;
  types: OwnType;
  people: Person;
  units: Unit;
  areas: Area;
  stations: Station;
  spots: Spot;
  activities: Activity;
  kits: Kit;
  hosts: Host;
  relations: Relation;
  supplies: Supply;
  uses: Use;
  boxtypes: BoxType;
  containers: Container;
  placements: Placement;
  photos: Photo;
  wishes: Wish;
  timings: Timing;
  nevers: Never;
  labels: LabelRow;
  seasons: Season;
  projects: Project;
  needs: Need;
  logs: Log;
  sittings: Sitting;
}

/** A plan in memory: one record of rows by id for each table. Never changed in place; see change.ts. */
export type Plan = { meta: Meta } & { [T in TableName]: Readonly<Record<string, Rows[T]>> };

/** Whether two plans say the same, whatever the order of their rows. */
export function samePlan(a: Plan, b: Plan): boolean {
  if (a === b) return true;
  const same = (x: unknown, y: unknown) => x === y || JSON.stringify(x) === JSON.stringify(y);
  return (
    same(a.meta, b.meta) &&
    TABLE_NAMES.every((table) => {
      const [rows, others] = [a[table], b[table]];
      if (rows === others) return true;
      const ids = Object.keys(rows);
      return ids.length === Object.keys(others).length && ids.every((id) => same(rows[id], others[id]));
    })
  );
}

/** The columns that refer to another table, for checks in memory; the database has them as foreign keys. */
export const REFERENCES: ReadonlyArray<{ table: TableName; column: string; to: TableName }> = [
  { table: 'openings', column: 'corner', to: 'corners' },
  { table: 'fixtures', column: 'corner', to: 'corners' },
  { table: 'overheads', column: 'corner', to: 'corners' },
  { table: 'units', column: 'host', to: 'units' },
  { table: 'units', column: 'elsewhere', to: 'elsewheres' },
  { table: 'areas', column: 'unit', to: 'units' },
  { table: 'stations', column: 'unit', to: 'units' },
  { table: 'stations', column: 'person', to: 'people' },
  { table: 'stations', column: 'second', to: 'people' },
  { table: 'spots', column: 'unit', to: 'units' },
  { table: 'spots', column: 'station', to: 'stations' },
  { table: 'activities', column: 'station', to: 'stations' },
  { table: 'kits', column: 'unit', to: 'units' },
  { table: 'hosts', column: 'activity', to: 'activities' },
  { table: 'hosts', column: 'station', to: 'stations' },
  { table: 'hosts', column: 'cart', to: 'units' },
  { table: 'hosts', column: 'kit', to: 'kits' },
  { table: 'relations', column: 'a', to: 'activities' },
  { table: 'relations', column: 'b', to: 'activities' },
  { table: 'uses', column: 'supply', to: 'supplies' },
  { table: 'uses', column: 'activity', to: 'activities' },
  { table: 'placements', column: 'supply', to: 'supplies' },
  { table: 'containers', column: 'unit', to: 'units' },
  { table: 'containers', column: 'parent', to: 'containers' },
  { table: 'placements', column: 'unit', to: 'units' },
  { table: 'placements', column: 'container', to: 'containers' },
  { table: 'photos', column: 'supply', to: 'supplies' },
  { table: 'photos', column: 'unit', to: 'units' },
  { table: 'activities', column: 'person', to: 'people' },
  { table: 'wishes', column: 'person', to: 'people' },
  { table: 'wishes', column: 'supply', to: 'supplies' },
  { table: 'timings', column: 'station', to: 'stations' },
  { table: 'timings', column: 'person', to: 'people' },
  { table: 'timings', column: 'unit', to: 'units' },
  { table: 'timings', column: 'container', to: 'containers' },
  { table: 'timings', column: 'supply', to: 'supplies' },
  { table: 'nevers', column: 'supply', to: 'supplies' },
  { table: 'nevers', column: 'unit', to: 'units' },
  { table: 'labels', column: 'unit', to: 'units' },
  { table: 'labels', column: 'container', to: 'containers' },
  { table: 'seasons', column: 'unit', to: 'units' },
  { table: 'projects', column: 'activity', to: 'activities' },
  { table: 'projects', column: 'kit', to: 'kits' },
  { table: 'needs', column: 'project', to: 'projects' },
  { table: 'needs', column: 'supply', to: 'supplies' },
  { table: 'logs', column: 'supply', to: 'supplies' },
  { table: 'logs', column: 'unit', to: 'units' },
  { table: 'logs', column: 'project', to: 'projects' },
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
      north: 0,
      latitude: null,
      walkway: 600,
      note: '',
      constants: {},
      sorting: NO_SORTING,
      labelling: LABELLING,
      upkeep: UPKEEP,
      ...meta,
    },
    ...(Object.fromEntries(TABLE_NAMES.map((table) => [table, {}])) as Omit<Plan, 'meta'>),
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
