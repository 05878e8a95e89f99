/** Who works in the room, where and at what, as rows of the plan: people, stations, activities and what serves them. */
import { z } from 'zod';
import {
  amount,
  count,
  degrees,
  id,
  length,
  name,
  noSlot,
  optionalRef,
  ownRef,
  position,
  ref,
  refPassedOn,
} from './fields.ts';

const people = z.strictObject({
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
const wishes = z.strictObject({
  id,
  person: ref('people'),
  supply: ref('supplies'),
  wish: z.enum(['should reach', 'must not reach']),
});

const stations = z.strictObject({
  id,
  name: name('A station'),
  /** The work table, if the station has one of its own. */
  unit: optionalRef('units'),
  person: refPassedOn('people'),
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
  second: optionalRef('people'),
});

/** A seat when nothing else is said. */
export const SEAT_DEFAULTS = { seat: 'swivel', second: null } as const;

/** What an activity gives off, and what it asks of its place. */
export const GIVES = ['dust', 'wet', 'fumes', 'noise', 'heat', 'flame'] as const;
export const NEEDS = ['water', 'ventilation', 'daylight', 'quiet', 'clean air', 'dry'] as const;

const activities = z.strictObject({
  id,
  name: name('An activity'),
  sessionsPerWeek: amount('Sessions a week', 0, 70),
  minutes: amount('Minutes a session', 0, 1440),
  /** Where it is mostly done; further places are hosts. */
  station: optionalRef('stations'),
  /** The zone to which it belongs; null lets the plan propose one. */
  zone: optionalRef('zones'),
  posture: z.enum(['seated', 'standing', 'either']).default('either'),
  /** Who does it; null for the person of its station. */
  person: optionalRef('people'),
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
const kits = z.strictObject({
  id,
  name: name('A kit'),
  width: length('The width', 20, 2000),
  depth: length('The depth', 20, 2000),
  height: length('The height', 10, 2000),
  /** Its home; null without one. */
  unit: optionalRef('units'),
  slot: noSlot,
  /** The container that it is: what lies in it comes with it, and is at hand at the seat. Null where its contents are not planned. */
  box: optionalRef('containers'),
});

/** Something that serves an activity besides its main station: another station, a cart that rolls there, a kit that is fetched. */
const helpers = z
  .strictObject({
    id,
    activity: ref('activities'),
    station: ownRef('stations'),
    cart: ownRef('units'),
    kit: ownRef('kits'),
  })
  .refine((h) => [h.station, h.cart, h.kit].filter((x) => x !== null).length === 1, {
    path: ['station'],
    message: 'It is one of a station, a cart or a kit.',
  });

/** How near two activities should be, where the maker knows better than the program (Muther's letters, see room/relations). */
const relations = z.strictObject({
  id,
  a: ref('activities'),
  b: ref('activities'),
  closeness: z.enum(['A', 'E', 'I', 'O', 'U', 'X']),
  reason: z.string().trim().max(200, 'A reason has at most 200 characters.').default(''),
});

export const WORK_TABLES = { people, wishes, stations, activities, kits, helpers, relations };
