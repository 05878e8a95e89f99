/** Measures in a line of quick entry: sizes with and without labels, weights, volumes, counts, packs and stacks. */
import { LENGTH_UNITS, readAmount, type UnitSystem } from '../model/measure.ts';

const NUM = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`(?:millimet(?:re|er)s?|centimet(?:re|er)s?|met(?:re|er)s?|mm|cm|m|inches|inch|in|feet|foot|ft|yards?|yds?|"|″|'')`;
const TIMES = String.raw`(?:\s*(?:x|×|\*|by)\s*|\s+\/\s+)`;
const BEFORE = String.raw`(?<![\w.,/])`;
const AFTER = String.raw`(?![\w/])`;
const DIAMETER = String.raw`(?:diameter|diam\.?|dia\.?|across|round)`;

const SIZE = new RegExp(
  String.raw`${BEFORE}(${NUM})\s*(${UNIT})?${TIMES}(${NUM})\s*(${UNIT})?(?:${TIMES}(${NUM})\s*(${UNIT})?)?(?:${TIMES}(${NUM})\s*(${UNIT})?)?${AFTER}`,
  'i',
);
const LABELLED = new RegExp(
  String.raw`${BEFORE}(${NUM})\s*(${UNIT})?\s*(long|length|wide|width|deep|depth|high|tall|height|thick|${DIAMETER})(?![a-z])`,
  'i',
);
const DIAMETER_FIRST = new RegExp(
  String.raw`(?:Ø|⌀|\b(?:dia|diam|diameter)\b\.?)\s*(${NUM})\s*(${UNIT})?${AFTER}(?!\s*(?:${UNIT})?\s*(?:thick|tall|high|long|wide|deep))`,
  'i',
);
const STACK = new RegExp(
  String.raw`(?:^\s*(?:an?\s+)?(${NUM})\s*(mm|cm|in|inch|inches|")\s+(?:stack\s+)?of\s)|(?:${BEFORE}(${NUM})\s*(${UNIT})\s+(?:stack|pile)\s+(?:of\s)?)|(?:(?:stack|pile)[^\d]{0,3}(${NUM})\s*(${UNIT})\s*(?:high|tall)?)`,
  'i',
);
const ONE = new RegExp(String.raw`${BEFORE}(${NUM})\s*(${UNIT})${AFTER}`, 'i');
const SAID_UNIT = new RegExp(
  String.raw`${BEFORE}${NUM}\s*(${UNIT})\s*(?:${TIMES}|long|wide|deep|high|tall|thick)`,
  'i',
);
const MASS = new RegExp(
  String.raw`(?<![\w.,/])(${NUM})\s*(kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?)(?:\s*(each|apiece|a piece))?(?![\w/])`,
  'i',
);
const VOLUME_WORD = String.raw`(?:ml|cl|l|litres?|liters?|fl\.? ?oz|fluid ounces?|oz|ounces?|pints?|pts?|quarts?|qts?|gallons?|gals?|cups?)`;
/** A volume with its unit, as two groups; the number may be left out ("a pint jar"). */
export const VOLUME_UNIT = String.raw`(?:(${NUM})[\s-]*)?(${VOLUME_WORD})`;
const VOLUME = new RegExp(String.raw`(?<![\w.,/])(${NUM})[\s-]*(${VOLUME_WORD})(?![\w/])`, 'i');
const MASS_IN_GRAMS = {
  kg: 1000,
  kilo: 1000,
  g: 1,
  gram: 1,
  lb: 453.59237,
  pound: 453.59237,
  oz: 28.349523125,
  ounce: 28.349523125,
};
/** Millilitres; the American fluid ounce, pint, quart and gallon (NIST Handbook 44, appendix C). */
const VOLUME_IN_ML: Readonly<Record<string, number>> = {
  ml: 1,
  cl: 10,
  l: 1000,
  litre: 1000,
  liter: 1000,
  floz: 29.5735,
  fluidounce: 29.5735,
  oz: 29.5735,
  ounce: 29.5735,
  cup: 236.588,
  pint: 473.176,
  pt: 473.176,
  quart: 946.353,
  qt: 946.353,
  gallon: 3785.41,
  gal: 3785.41,
};

/** A text that gets shorter as its parts are understood. */
export class Rest {
  text: string;
  constructor(text: string) {
    this.text = ` ${text} `;
  }
  take(pattern: RegExp): RegExpExecArray | null {
    const found = pattern.exec(this.text);
    if (found) this.text = `${this.text.slice(0, found.index)}  ${this.text.slice(found.index + found[0].length)}`;
    return found;
  }
}

const UNIT_MM: Readonly<Record<string, number>> = {
  ...LENGTH_UNITS,
  millimetre: 1,
  centimetre: 10,
  metre: 1000,
  millimeter: 1,
  centimeter: 10,
  meter: 1000,
  feet: 304.8,
  foot: 304.8,
  yd: 914.4,
  yard: 914.4,
  "''": 25.4,
};

/** Rounds away the noise of unit conversion, keeping inches exact to 1/1000 mm. */
export const tidy = (mm: number) => Math.round(mm * 1000) / 1000;

function mmOf(value: string, unit: string | undefined, otherwise: string): number {
  const key = (unit ?? otherwise).toLowerCase();
  return tidy(readAmount(value)! * (UNIT_MM[key] ?? UNIT_MM[key.replace(/s$/, '')] ?? 1));
}

export interface Sizes {
  /** In the order typed, mm. */
  plain: number[];
  long?: number;
  wide?: number;
  deep?: number;
  high?: number;
  thick?: number;
  round?: number;
  /** Whether the outline was typed without any unit. */
  bare: boolean;
  /** A single length as it was typed: it may belong to the name ("2 mm cord"). */
  single: string | null;
  /** "5 mm x 500": the second number is a count. */
  count: number | null;
  problems: string[];
}

/** Paper that is called by its inches by those who measure in centimetres, too: 15 x 15 is none. Common practice, no source. */
const SOLD_IN_INCHES: ReadonlySet<string> = new Set(
  '12x12 8x8 6x6 4x4 3x3 2x2 8.5x11 11x14 11x17 9x12 6x12 6x8 8x10 5x7 4x6 3x4 2x3 4.25x5.5 5.5x8.5 16x20 18x24 4x12'
    .split(' ')
    .map((size) => size.split('x').sort().join(' ')),
);

/** Takes every size out of a text. @param inches whether a pair of small bare numbers is inches in any plan (paper) */
export function takeSizes(rest: Rest, system: UnitSystem, inches: boolean): Sizes {
  // A unit that is said once in a line holds for all its sizes: "50mm wide, 6 thick".
  const said = SAID_UNIT.exec(rest.text)?.[1];
  const bare = said ?? { metric: 'mm', centimetres: 'cm', imperial: 'in' }[system];
  const sizes: Sizes = { plain: [], bare: false, single: null, count: null, problems: [] };
  const size = rest.take(SIZE);
  if (size) {
    const pairs = [1, 3, 5, 7].flatMap((i) => (size[i] ? [[size[i], size[i + 1]] as const] : []));
    // Nobody leaves the unit off at the end only: "5 mm x 500" is 500 of 5 mm.
    if (pairs.length === 2 && size[2] && !size[4] && /^\d+$/.test(size[3]!)) {
      sizes.count = Number(size[3]);
      pairs.pop();
    }
    const last = [size[8], size[6], size[4], size[2]].find((u) => u !== undefined);
    sizes.bare = last === undefined;
    const small =
      inches &&
      last === undefined &&
      pairs.every(([v]) => readAmount(v)! <= 24) &&
      (system !== 'centimetres' ||
        SOLD_IN_INCHES.has(
          pairs
            .map(([v]) => v)
            .sort()
            .join(' '),
        ));
    const values = pairs.map(([v, unit]) => {
      if (readAmount(v) === null) sizes.problems.push(`“${v}” is not a number.`);
      return mmOf(v, unit, last ?? (small ? 'in' : bare));
    });
    if (values.length === 4)
      sizes.problems.push(`“${pairs[3]!.join(' ').trim()}” was not understood: a thing has three sizes.`);
    sizes.plain.push(...values.slice(0, 3));
  }
  for (;;) {
    const first = rest.take(DIAMETER_FIRST);
    const found = first ?? rest.take(LABELLED);
    if (!found) break;
    const value = mmOf(found[1]!, found[2], bare);
    const label = first ? 'dia' : found[3]!.toLowerCase();
    if (/^(?:long|length)/.test(label)) sizes.long = value;
    else if (/^(?:wide|width)/.test(label)) sizes.wide = value;
    else if (/^(?:deep|depth)/.test(label)) sizes.deep = value;
    else if (/^(?:high|tall|height)/.test(label)) sizes.high = value;
    else if (label === 'thick') sizes.thick = value;
    else sizes.round = value;
  }
  for (let n = 0; n < 3; n++) {
    const one = rest.take(ONE);
    if (!one) break;
    if (readAmount(one[1]!) === null) {
      sizes.problems.push(`“${one[1]}” is not a number.`);
      continue;
    }
    const value = mmOf(one[1]!, one[2], bare);
    // The same size again in other measures: "12 in (300 mm)".
    if (sizes.plain.some((mm) => Math.abs(mm - value) < mm * 0.03) && /[a-z]/i.test(one[2] ?? '')) continue;
    // After a whole outline a single length is the thickness.
    if (sizes.plain.length === 2 && sizes.thick === undefined) sizes.thick = value;
    else {
      sizes.single = sizes.plain.length === 0 ? one[0].trim() : null;
      sizes.plain.push(value);
    }
  }
  return sizes;
}

/** A stack that says its height instead of its count: "38 mm of A4 card". @returns mm */
export function takeStack(rest: Rest): number | null {
  const found = rest.take(STACK);
  if (!found) return null;
  const [value, unit] = [found[1] ?? found[3] ?? found[5], found[2] ?? found[4] ?? found[6]];
  return mmOf(value!, unit, 'mm');
}

export function takeMass(rest: Rest): { grams: number; each: boolean } | null {
  const found = rest.take(MASS);
  if (!found) return null;
  const unit = found[2]!.toLowerCase().replace(/s$/, '') as keyof typeof MASS_IN_GRAMS;
  const amount = readAmount(found[1]!) ?? 0;
  return { grams: Math.round(amount * MASS_IN_GRAMS[unit] * 100) / 100, each: found[3] !== undefined };
}

/** Takes what a bottle holds, or what is poured out. @returns ml */
export function takeVolume(rest: Rest): number | null {
  const found = rest.take(VOLUME);
  return found ? volumeInMl(found[1]!, found[2]!) : null;
}

/** Millilitres of an amount and the word of its unit. */
export function volumeInMl(amount: string, unit: string): number {
  const key = unit.toLowerCase().replace(/[\s.]/g, '').replace(/s$/, '');
  return (readAmount(amount) ?? 0) * (VOLUME_IN_ML[key] ?? 1);
}
