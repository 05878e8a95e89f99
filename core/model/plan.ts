/**
 * The plan: every table, as Zod schemas that are also the types. Lengths are millimetres, masses grams, angles degrees.
 * From above, x runs to the east and y to the south; the outline runs clockwise, so that somebody who walks it inside
 * the room sees the walls pass from left to right.
 */
import { UNIT_SYSTEMS } from './measure.ts';
import { z } from 'zod';
import { ConstantsSchema } from './constants.ts';
import { DOING_TABLES, LABELLING, LabellingSchema, UPKEEP, UpkeepSchema } from './doing.ts';
import { amount, count, degrees, id, length, name, referenceOf, type WhenGone } from './fields.ts';
import { ROOM_TABLES } from './room.ts';
import { SORTING, SortingSchema } from './sorting.ts';
import { SUPPLY_TABLES } from './supply.ts';
import { UNIT_TABLES } from './unit.ts';
import { WORK_TABLES } from './work.ts';
import { ZONE_TABLES } from './zones.ts';

export * from './doing.ts';
export * from './room.ts';
export * from './supply.ts';
export * from './unit.ts';
export * from './work.ts';
export * from './zones.ts';

/** The version written into plan files; raise it with every change of shape that an older program cannot read. */
export const PLAN_VERSION = 16;

/** Number of the rules about what places hold; raised with every change of them that a plan should say. */
export const RULES = 2;

export const MetaSchema = z.strictObject({
  id,
  name: name('The plan'),
  units: z.enum(UNIT_SYSTEMS),
  room: name('The room'),
  /** Ceiling height, mm. */
  ceiling: length('The ceiling', 1500, 8000),
  /** Share of each compartment kept free for growth (10 to 25 % is usual). */
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
  sorting: SortingSchema.default(SORTING),
  labelling: LabellingSchema.default(LABELLING),
  upkeep: UpkeepSchema.default(UPKEEP),
  /** The rules about what places hold that the maker knows of: an older plan says once what they change. */
  rules: count('The rules', 0, 1000).default(0),
  /** What the names cost when the room was last filled by homes: minutes a week above the quickest plan, and their share of it. */
  namesCost: z
    .strictObject({
      minutes: z.number().min(-100_000).max(100_000),
      share: z.number().min(-1).max(1000),
    })
    .nullable()
    .default(null),
  /** Cautions that the maker knows of and leaves as they are, by their keys (see finding.ts). */
  accepted: z.array(z.string().max(400)).max(1000, 'At most 1000 accepted cautions.').default([]),
  /** Where the start that leads is: the next of its questions, and the crafts that were chosen; null where nobody is led. */
  start: z
    .strictObject({
      step: count('The question', 0, 20),
      crafts: z.array(z.string().trim().min(1).max(60)).max(30, 'At most 30 crafts.'),
    })
    .nullable()
    .default(null),
});

/** The tables so that rows only refer to earlier ones (or to their own). */
function inOrderOfReferences<T extends Record<string, { shape: z.core.$ZodShape }>>(tables: T): T {
  const rest = new Map(Object.entries(tables));
  const done: Array<[string, unknown]> = [];
  while (rest.size > 0) {
    const next = [...rest].find(([name, { shape }]) =>
      Object.values(shape).every((field) => {
        const to = referenceOf(field)?.to;
        return to === undefined || to === name || !rest.has(to);
      }),
    )!;
    done.push(next);
    rest.delete(next[0]);
  }
  return Object.fromEntries(done) as T;
}

/** Every table of rows with its schema, in an order in which rows only refer to earlier tables. All else is derived from it. */
export const TABLES = inOrderOfReferences({
  ...ROOM_TABLES,
  ...WORK_TABLES,
  ...UNIT_TABLES,
  ...SUPPLY_TABLES,
  ...ZONE_TABLES,
  ...DOING_TABLES,
});
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];
export type Rows = { [T in TableName]: z.infer<(typeof TABLES)[T]> };

export type Meta = z.infer<typeof MetaSchema>;
export type Corner = Rows['corners'];
export type Opening = Rows['openings'];
export type Fixture = Rows['fixtures'];
export type Overhead = Rows['overheads'];
export type Area = Rows['areas'];
export type Elsewhere = Rows['elsewheres'];
export type Person = Rows['people'];
export type Wish = Rows['wishes'];
export type Station = Rows['stations'];
export type Activity = Rows['activities'];
export type Kit = Rows['kits'];
export type Helper = Rows['helpers'];
export type Relation = Rows['relations'];
export type Unit = Rows['units'];
export type Spot = Rows['spots'];
export type Supply = Rows['supplies'];
export type Container = Rows['containers'];
export type Placement = Rows['placements'];
export type Keep = Rows['keeps'];
export type Zone = Rows['zones'];
export type Allotment = Rows['allotments'];
export type Home = Rows['homes'];
export type Apart = Rows['aparts'];
export type Photo = Rows['photos'];
export type LabelRow = Rows['labels'];
export type Season = Rows['seasons'];
export type PullLine = Rows['pulls'];
export type Log = Rows['logs'];

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

/** A column that refers to another table, and what becomes of its row when the other goes. The database has them as foreign keys. */
export interface ReferenceColumn {
  table: TableName;
  column: string;
  to: TableName;
  whenGone: WhenGone;
}
export const REFERENCES: readonly ReferenceColumn[] = TABLE_NAMES.flatMap((table) =>
  Object.entries<z.core.$ZodType>(TABLES[table].shape).flatMap(([column, field]) => {
    const reference = referenceOf(field);
    return reference ? [{ table, column, to: reference.to as TableName, whenGone: reference.whenGone }] : [];
  }),
);

/** Round figures for who measures in feet and inches: an 8 ft ceiling, walkways of 24 in, labels of 2 1/2 by 1 1/4 in. */
const IN_INCHES = {
  ceiling: 2438.4,
  walkway: 609.6,
  paper: 'letter',
  labelWidth: 63.5,
  labelHeight: 31.75,
} as const satisfies Partial<Meta>;

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
      sorting: SORTING,
      labelling: LABELLING,
      upkeep: UPKEEP,
      rules: RULES,
      namesCost: null,
      accepted: [],
      start: null,
      ...(meta.units === 'imperial' ? IN_INCHES : {}),
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
