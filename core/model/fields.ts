/** Kinds of fields that rows are made of, each with a message that says what would be right. */
import { z } from 'zod';

export const id = z
  .string()
  .min(1, 'An id is needed.')
  .max(64, 'An id has at most 64 characters.')
  .regex(/^[A-Za-z0-9_-]+$/, 'An id has only letters, digits, - and _.');

export function name(what: string) {
  return z.string().trim().min(1, `${what} needs a name.`).max(120, `${what}: at most 120 characters.`);
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
