/** What is typed into a field, read: Zod schemas from text to a value, whose messages say what would be right. */
import { z } from 'zod';
import { readPaper, writePaper } from '@heronstone/core/fit/paperWeight.ts';
import { readMass, readVolume, type ReadAmount } from '@heronstone/core/model/amounts.ts';
import { formatLength, readLength, readNumber, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { writeLength, writeMass, writeNumber, writeVolume } from '@heronstone/core/model/written.ts';

/** Reads a text; what is wrong is an issue of the schema. */
export type Reads<V> = z.ZodType<V, string>;

type Outcome<V> = { value: V } | { wrong: string };
const reading = <V>(read: (text: string) => Outcome<V>): Reads<V> =>
  z.string().transform((text, context) => {
    const outcome = read(text.trim());
    if ('value' in outcome) return outcome.value;
    context.addIssue({ code: 'custom', message: outcome.wrong });
    return z.NEVER;
  });

/** A name or another short text; it may be empty only where that means something. */
export const readsText = (empty: boolean): Reads<string> =>
  reading<string>((text) => (text === '' && !empty ? { wrong: 'A name is needed.' } : { value: text }));

/** A length in mm from the plan's measures; below zero only where `least` is: on the other side of a wall. @param feet of a room: a bare number is feet in a plan in feet */
export const readsLength = (
  label: string,
  system: UnitSystem,
  least: number,
  most: number,
  feet = false,
): Reads<number> =>
  reading<number>((text) => {
    const negative = least < 0 && /^[-−]/.test(text);
    const size = readLength(negative ? text.slice(1) : text, system, feet);
    if (!size.ok) return { wrong: size.message };
    const mm = negative ? -size.mm : size.mm;
    return mm < least - 1e-6 || mm > most + 1e-6
      ? { wrong: `${label} is between ${formatLength(least, system)} and ${formatLength(most, system)}.` }
      : { value: mm };
  });

/** @param none what is said of 0, where that is no such number */
export const readsNumber = (label: string, least: number, most: number, whole: boolean, none?: string): Reads<number> =>
  reading<number>((text) => {
    const value = readNumber(text) ?? Number.NaN;
    const right = value >= least && value <= most && (!whole || Number.isInteger(value));
    if (value === 0 && none !== undefined && !right) return { wrong: none };
    return right ? { value } : { wrong: `${label} is a ${whole ? 'whole ' : ''}number from ${least} to ${most}.` };
  });

/** What a figure that may be left empty measures. */
export type Measure = 'length' | 'mass' | 'heavy' | 'volume' | 'paper' | 'number';

/** A figure as it is written into its field: mm, grams, litres or g/m² in the plan's measures, with every digit. */
export function measured(measure: Measure, value: number, system: UnitSystem): string {
  switch (measure) {
    case 'length':
      return writeLength(value, system);
    case 'mass':
    case 'heavy':
      return writeMass(value, system);
    case 'volume':
      return writeVolume(value, system);
    case 'paper':
      return writePaper(value, system);
    default:
      return writeNumber(value);
  }
}

function readMeasured(measure: Measure, text: string, system: UnitSystem): ReadAmount {
  switch (measure) {
    case 'length': {
      const size = readLength(text, system);
      return size.ok ? { ok: true, value: size.mm } : size;
    }
    case 'mass':
    case 'heavy':
      return readMass(text, system, measure === 'heavy');
    case 'volume':
      return readVolume(text, system);
    case 'paper':
      return readPaper(text, system);
    default:
      return { ok: true, value: readNumber(text) ?? Number.NaN };
  }
}

/** A figure that may be left empty. */
export function readsOptional(
  label: string,
  measure: Measure,
  system: UnitSystem,
  least: number,
  most: number,
): Reads<number | null> {
  return reading<number | null>((text) => {
    if (text === '') return { value: null };
    const read = readMeasured(measure, text, system);
    if (!read.ok) return { wrong: read.message };
    const say = (n: number) => measured(measure, n, system);
    return read.value >= least - 1e-9 && read.value <= most + 1e-9
      ? { value: read.value }
      : { wrong: `${label} is between ${say(least)} and ${say(most)}, or empty.` };
  });
}
