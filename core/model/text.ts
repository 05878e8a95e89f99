/** Text that can be written, sent and shown everywhere, and data that can be walked without harm. */

/** NUL, and half of a character that needs two units (an emoji cut in the middle): no file and no database takes them. */
const UNWRITABLE = /[\0\p{Cs}]/u;
/** Whatever begins a line of its own or steers a device. */
const BREAKS = /[\p{Cc}\p{Zl}\p{Zp}]+/gu;
/** Deeper than any plan, group or file of ours; it keeps made-up data from using up the stack. */
const DEEPEST = 24;

/** What is wrong with data that came from outside. */
export interface Unfit {
  path: string[];
  expected: string;
}

/**
 * Looks through plain data (as JSON gives it) for what no place of ours can take.
 * @returns the first thing that is wrong, or null
 */
export function unfit(value: unknown, path: readonly string[] = []): Unfit | null {
  if (typeof value === 'string')
    return UNWRITABLE.test(value)
      ? { path: [...path], expected: 'text without half an emoji or a NUL character; type it again' }
      : null;
  if (typeof value !== 'object' || value === null) return null;
  if (path.length >= DEEPEST)
    return { path: path.slice(0, 4), expected: `at most ${DEEPEST} levels, one within the other` };
  for (const [key, inner] of Object.entries(value)) {
    if (UNWRITABLE.test(key)) return { path: [...path], expected: 'names of fields that can be written' };
    const found = unfit(inner, [...path, key]);
    if (found) return found;
  }
  return null;
}

/** The same data without what cannot be written; half an emoji is dropped, the rest stays. */
export function writable<T>(value: T): T {
  if (typeof value === 'string')
    return (UNWRITABLE.test(value) ? value.replace(new RegExp(UNWRITABLE, 'gu'), '') : value) as T;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map(writable) as T;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, writable(inner)])) as T;
}

/** Text on one line: breaks and control characters become spaces. */
export const oneLine = (text: string): string => text.replace(BREAKS, ' ');

/** Words that every object of the language answers to; as the id of a row they would be found where there is none. */
export const isWordOfTheLanguage = (text: string): boolean => text in Object.prototype;
