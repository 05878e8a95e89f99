/** Zones, what of the room is given to them, homes of supplies, and what must lie apart, as rows of the plan. */
import { z } from 'zod';
import { count, id, name, noSlot, optionalRef, ownRef, ref } from './fields.ts';
import { INSIDE_ORDERS } from './sorting.ts';

/** A part of the room for one activity or a family of them. */
const zones = z.strictObject({
  id,
  name: name('A zone'),
  /** Written on the floor, on fronts and on the board, so that no zone is told by its colour alone. */
  letter: z
    .string()
    .regex(/^[A-Z][A-Z0-9]?$/, 'The letter of a zone is one capital, or a capital and a second character.'),
  order: count('The order of a zone', 0, 999),
});

/** To whom a piece of furniture, or a single place of it, is given. */
const GIVEN_AS = ['zone', 'storage', 'open'] as const;
const allotments = z
  .strictObject({
    id,
    unit: ref('units'),
    /** One place of the unit; empty for the whole unit. */
    slot: noSlot,
    /** A container in that place; null for the place itself. */
    container: ownRef('containers'),
    /** A zone's own (shared where several zones have it), storage for what is seldom used, or open: the plan decides. */
    as: z.enum(GIVEN_AS).default('zone'),
    zone: ownRef('zones'),
    /** Nothing of another zone is put there; else it is a wish that costs seconds to break. */
    firm: z.boolean().default(true),
  })
  .refine((a) => (a.as === 'zone') === (a.zone !== null), {
    path: ['zone'],
    message: 'Say to which zone the place is given; storage and open places belong to none.',
  });

/** Where a home is wanted, as somebody at a seat sees it. */
export const ASKED_SIDES = ['left', 'right', 'before', 'behind', 'between', 'near the door'] as const;

/** A named group of supplies that live together: in one place, or a run of neighbouring places of one unit. */
const homes = z
  .strictObject({
    id,
    name: name('A home'),
    zone: optionalRef('zones'),
    /** A firm set: it lies together, or is said to be torn. */
    set: z.boolean().default(false),
    /** The order of its things, by up to two keys; empty takes that of the room. */
    inside: z.array(z.enum(INSIDE_ORDERS)).max(2, 'At most two keys: maker, then alphabet.').default([]),
    /** The place that it has or begins in; null leaves it to the plan. */
    unit: optionalRef('units'),
    slot: noSlot,
    /** It is to lie there and nowhere else; without it the place is a wish. */
    firm: z.boolean().default(false),
    /** On which side of a seat (the seat of its zone where none is named), between which two stations, or near the door. */
    side: z.enum(ASKED_SIDES).nullable().default(null),
    station: optionalRef('stations'),
    other: optionalRef('stations'),
    /** Not worth sorting: its things lie as a heap, and are raked through. */
    unsorted: z.boolean().default(false),
    /** Its spares lie behind it in its own place, not where there is room for what is seldom fetched. */
    sparesWith: z.boolean().default(false),
  })
  .refine((h) => h.slot === '' || h.unit !== null, {
    path: ['unit'],
    message: 'A place belongs to a piece of furniture.',
  })
  .refine((h) => !h.firm || h.unit !== null, {
    path: ['unit'],
    message: 'Say in which piece of furniture the home is to be.',
  })
  .refine((h) => h.side !== 'between' || (h.station !== null && h.other !== null && h.station !== h.other), {
    path: ['other'],
    message: 'Between which two stations?',
  });

/** Things of which no two of different entries lie in one place: look-alikes, used and clean. */
const aparts = z.strictObject({
  id,
  /** Kinds, collections, themes or names. */
  things: z
    .array(z.string().trim().min(1).max(120))
    .min(2, 'Name at least two things, or kinds of things, that lie apart.')
    .max(12, 'At most 12 things are kept apart by one line.'),
  why: z.string().trim().max(200, 'A reason has at most 200 characters.').default(''),
});

export const ZONE_TABLES = { zones, allotments, homes, aparts };
