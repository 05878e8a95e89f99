/** What is typed into a field, read: Zod schemas from text to a value, whose messages say what would be right. */
import { z } from 'zod';
import { formatLength, readLength, type UnitSystem } from '@heronstone/core/model/measure.ts';

/** Reads a text; what is wrong is an issue of the schema. */
export type Reads<V> = z.ZodType<V, string>;

type Outcome<V> = { value: V } | { wrong: string };
const reading = <V>(read: (text: string) => Outcome<V>): Reads<V> =>
  z.string().transform((text, context) => {
    const outcome = read(text.trim());
    if ('value' in outcome) return outcome.value;
    context.addIssue({ code: 'custom', message: outcome.wrong });
    return z.NEVER;
  }) as unknown as Reads<V>;

/** A name or another short text; it may be empty only where that means something. */
export const readsText = (empty: boolean): Reads<string> =>
  reading<string>((text) => (text === '' && !empty ? { wrong: 'A name is needed.' } : { value: text }));

/** A length in mm from the plan's measures; below zero only where `least` is: on the other side of a wall. */
export const readsLength = (label: string, system: UnitSystem, least: number, most: number): Reads<number> =>
  reading<number>((text) => {
    const negative = least < 0 && /^[-−]/.test(text);
    const size = readLength(negative ? text.slice(1) : text, system);
    if (!size.ok) return { wrong: size.message };
    const mm = negative ? -size.mm : size.mm;
    return mm < least - 1e-6 || mm > most + 1e-6
      ? { wrong: `${label} is between ${formatLength(least, system)} and ${formatLength(most, system)}.` }
      : { value: mm };
  });

export const readsNumber = (label: string, least: number, most: number, whole: boolean): Reads<number> =>
  reading<number>((text) => {
    const value = Number(text.replace(',', '.'));
    const right = text !== '' && value >= least && value <= most && (!whole || Number.isInteger(value));
    return right ? { value } : { wrong: `${label} is a ${whole ? 'whole ' : ''}number from ${least} to ${most}.` };
  });

/** A length (with a system) or a number that may be left empty; what is typed times `factor` is kept. */
export function readsOptional(
  label: string,
  system: UnitSystem | null,
  least: number,
  most: number,
  factor: number,
): Reads<number | null> {
  const say = (n: number) => (system ? formatLength(n, system) : String(n / factor));
  return reading<number | null>((text) => {
    if (text === '') return { value: null };
    const size = system ? readLength(text, system) : null;
    if (size && !size.ok) return { wrong: size.message };
    const value = size ? size.mm : Number(text.replace(',', '.')) * factor;
    return value >= least && value <= most
      ? { value }
      : { wrong: `${label} is between ${say(least)} and ${say(most)}, or empty.` };
  });
}
