/** What is done with the room: labels, seasons, projects, the log of use and the sessions of the move, as rows of the plan. */
import { z } from 'zod';
import { amount, count, day, id, length, name, noSlot, optionalRef, ref, slot } from './fields.ts';

const dayGiven = (what: string) => day(what).unwrap().unwrap();

export const SIDES = ['front', 'edge', 'left', 'right', 'back', 'top', 'inside the door'] as const;
export type Side = (typeof SIDES)[number];

/** A label of a place or a container: on trial until its place has proved itself. */
const labels = z.strictObject({
  id,
  unit: ref('units'),
  slot,
  container: optionalRef('containers'),
  state: z.enum(['trial', 'permanent']).default('trial'),
  /** Since when it is on trial, or permanent. */
  since: dayGiven('The day of a label'),
  sides: z.array(z.enum(SIDES)).min(1, 'A label is put on at least one side.').max(7),
  /** The maker's own words; empty takes the names of what lies there. */
  words: z.string().trim().max(120, 'The words of a label have at most 120 characters.').default(''),
  /** What stood on it when it was last printed; empty for never. */
  printed: z.string().max(4000).default(''),
});

const dayOfYear = (what: string) =>
  z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, `${what} is a month and a day like 11-25.`);

/** A season: when its things are in the room, and where they are the rest of the year. */
const seasons = z.strictObject({
  id,
  name: name('A season'),
  from: dayOfYear('The beginning of a season'),
  until: dayOfYear('The end of a season'),
  unit: optionalRef('units'),
  slot: noSlot,
});

/** Something that is made: its supplies are pulled in one round and brought back in one. */
const projects = z.strictObject({
  id,
  name: name('A project'),
  activity: optionalRef('activities'),
  kit: optionalRef('kits'),
  due: day('The day of a project'),
  done: z.boolean().default(false),
  note: z.string().max(2000, 'A note has at most 2000 characters.').default(''),
});

const NEED_STATES = ['to pull', 'out', 'back', 'used up'] as const;
/** One line of a pull list. */
const pulls = z.strictObject({
  id,
  project: ref('projects'),
  supply: ref('supplies'),
  count: count('How many', 1, 1_000_000),
  /** Into which tray or bin it is laid. */
  tray: z.string().trim().max(60, 'A tray has at most 60 characters.').default(''),
  state: z.enum(NEED_STATES).default('to pull'),
});

const LOG_KINDS = ['used', 'put elsewhere', 'looked first'] as const;
/** One line of the log: a thing was used, was put back elsewhere, or was looked for elsewhere first. */
const logs = z.strictObject({
  id,
  day: dayGiven('The day of a line of the log'),
  supply: ref('supplies'),
  kind: z.enum(LOG_KINDS),
  count: count('How many', 1, 1_000_000).default(1),
  /** Where it was put, or looked for; null for a use. */
  unit: optionalRef('units'),
  slot: noSlot,
  project: optionalRef('projects'),
});

/** One session of the move: what it was thought to take, and what it took. */
const sittings = z.strictObject({
  id,
  day: dayGiven('The day of a session'),
  /** Seconds that the moves ticked in it were thought to take, and what they took; null while it goes on. */
  estimated: amount('The estimated time', 0, 1_000_000),
  took: amount('The time of a session', 0, 1_000_000).nullable().default(null),
  moves: count('The moves of a session', 0, 100_000),
  /** Minutes a week before it and after it. */
  before: amount('Minutes before', 0, 1_000_000),
  after: amount('Minutes after', 0, 1_000_000).nullable().default(null),
});

/** A grid of labels on a bought sheet, mm; null cuts a sheet into labels of the chosen size. */
const GridSchema = z.strictObject({
  columns: count('The columns of labels', 1, 20),
  rows: count('The rows of labels', 1, 60),
  /** From the left and upper edge of the paper to the first label. */
  left: amount('The left margin', 0, 200),
  top: amount('The upper margin', 0, 250),
  /** From the left edge of a label to that of the next, and from top to top. */
  across: length('The distance across', 5, 300),
  down: length('The distance down', 5, 300),
});
export type Grid = z.infer<typeof GridSchema>;

export const LabellingSchema = z.strictObject({
  grid: GridSchema.nullable().default(null),
  /** How far the printer is off, mm, to the right and down. */
  shiftX: amount('The shift to the right', -20, 20).default(0),
  shiftY: amount('The shift down', -20, 20).default(0),
  /** What stands on a label besides the names. */
  counts: z.boolean().default(true),
  swatches: z.boolean().default(true),
  reorder: z.boolean().default(true),
  codes: z.boolean().default(true),
  large: z.boolean().default(false),
  /** One more for each part in use of what is divided into lanes, cells, pages or pockets. */
  parts: z.boolean().default(false),
  /** Width of the tape of a strip printer, mm. */
  strip: length('The width of the tape', 6, 62).default(24),
});
export type Labelling = z.infer<typeof LabellingSchema>;
export const LABELLING: Labelling = LabellingSchema.parse({});

export const UpkeepSchema = z.strictObject({
  /** Days after which a trial label asks to be made permanent. */
  trialDays: count('The days of a trial', 1, 730).default(42),
  /** Uses after which a new thing gets a place of its own. */
  newUses: count('The uses of a new thing', 1, 50).default(3),
  /** Where new things wait: an opening of a unit. */
  newBin: z.strictObject({ unit: id, slot }).nullable().default(null),
  /** Months without a use after which a thing is looked at. */
  unusedMonths: count('The months without a use', 1, 120).default(12),
  /** Length of a sitting, minutes. */
  sitting: length('The length of a session', 10, 600).default(60),
  /** Months between two purges. */
  purgeMonths: count('The months between purges', 1, 60).default(6),
  /** Day of the last purge. */
  purged: day('The day of the last purge'),
});
export type Upkeep = z.infer<typeof UpkeepSchema>;
export const UPKEEP: Upkeep = UpkeepSchema.parse({});

/** A fetch that was timed with the stopwatch. */
const timings = z.strictObject({
  id,
  station: ref('stations'),
  /** Who fetched; null for the person of the station. */
  person: optionalRef('people'),
  unit: ref('units'),
  slot,
  container: optionalRef('containers'),
  /** What was fetched; null for anything that lay there alone. */
  supply: optionalRef('supplies'),
  /** Whether it was put back, too. */
  back: z.boolean().default(false),
  seconds: amount('A time', 0.2, 600),
  /** The day, or empty. */
  day: z
    .string()
    .regex(/^(\d{4}-\d\d-\d\d)?$/, 'A day is a date like 2027-03-31.')
    .default(''),
});

export const DOING_TABLES = { timings, labels, seasons, projects, pulls, logs, sittings };
