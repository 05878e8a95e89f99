/** Kinds of fields that rows are made of, each with a message that says what would be right. */
import { z } from 'zod';
import { isWordOfTheLanguage, oneLine } from './text.ts';

export const id = z
  .string()
  .min(1, 'An id is needed.')
  .max(64, 'An id has at most 64 characters.')
  .regex(/^[A-Za-z0-9_-]+$/, 'An id has only letters, digits, - and _.')
  .refine((text) => !isWordOfTheLanguage(text), 'An id is not a word of the programming language.');

export function name(what: string) {
  return z
    .string()
    .overwrite(oneLine)
    .trim()
    .min(1, `${what} needs a name.`)
    .max(120, `${what}: at most 120 characters.`);
}

/** A length in mm between two limits, with a message that says what would be right. */
export function length(what: string, least: number, most: number) {
  const message = `${what} is between ${least} and ${most} mm.`;
  return z.number({ error: message }).min(least, message).max(most, message);
}

export function amount(what: string, least: number, most: number) {
  const message = `${what} is between ${least} and ${most}.`;
  return z.number({ error: message }).min(least, message).max(most, message);
}

export function count(what: string, least: number, most: number) {
  const message = `${what} is a whole number between ${least} and ${most}.`;
  return z.number({ error: message }).int(message).min(least, message).max(most, message);
}

export const position = (what: string) => length(what, -50_000, 50_000);
export const degrees = z
  .number()
  .min(-360, 'An angle is between -360 and 360 degrees.')
  .max(360, 'An angle is between -360 and 360 degrees.');

/** What becomes of a row when the row goes to which it refers. */
export type WhenGone = 'goes along' | 'stays without' | 'passed on';
interface Reference {
  to: string;
  whenGone: WhenGone;
}
/** Which fields refer to which table: said once, in the schema of the field. */
const references = z.registry<Reference>();
export const referenceOf = (field: z.core.$ZodType): Reference | undefined => references.get(field);

const refers = <T extends z.core.$ZodType>(field: T, to: string, whenGone: WhenGone): T => {
  references.add(field, { to, whenGone });
  return field;
};
/** Refers to a row, and goes along with it. */
export const ref = (to: string) => refers(id.min(1), to, 'goes along');
/** Refers to a row or to none; belongs to it and goes along with it. */
export const ownRef = (to: string) => refers(id.nullable().default(null), to, 'goes along');
/** Refers to a row or to none; stays without it. */
export const optionalRef = (to: string) => refers(id.nullable().default(null), to, 'stays without');
/** Refers to a row, and to another one of its table when that goes; goes along with the last. */
export const refPassedOn = (to: string) => refers(id.min(1), to, 'passed on');

/** A compartment of a unit. */
export const slot = z
  .string()
  .regex(/^[a-z0-9]{1,12}$/, 'A slot looks like d2, c1r3, s4, t1, peg, top, under, all or box.');
/** A compartment, or empty for none or for the whole unit. */
export const noSlot = z
  .string()
  .regex(/^[a-z0-9]{0,12}$/, 'A slot looks like d2, c1r3, s4, t1, peg, top, under, all or box.')
  .default('');

/** Whether a date is in the calendar: 30 February is read as 2 March otherwise. */
function exists(day: string): boolean {
  const at = new Date(`${day}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(day);
}

/** A day like 2027-03-31 that exists, or none. */
export const day = (what: string) =>
  z
    .string()
    .regex(/^\d{4}-\d\d-\d\d$/, `${what} is a date like 2027-03-31.`)
    .refine(exists, `${what} is a date that exists.`)
    .nullable()
    .default(null);

type WithDefault<S extends z.ZodRawShape> = {
  [K in keyof S as S[K] extends z.ZodDefault<z.ZodType> ? K : never]: z.output<S[K]>;
};
/** What the fields are that need not be said, each as its schema has it. */
export function defaultsOf<S extends z.ZodRawShape>(shape: S): WithDefault<S> {
  const fields = Object.entries(shape).filter(([, field]) => field instanceof z.ZodDefault);
  return Object.fromEntries(
    fields.map(([key, field]) => [key, (field as z.ZodType).parse(undefined)]),
  ) as WithDefault<S>;
}
