/** Measures in a line of quick entry: sizes with and without labels, weights, volumes, counts, packs and stacks. */
import { LENGTH_UNITS, readAmount, type UnitSystem } from '../model/measure.ts';

const NUM = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`(?:millimetres?|centimetres?|metres?|mm|cm|m|inches|inch|in|feet|foot|ft|yards?|yd|"|″|'')`;
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
  String.raw`(?:^\s*(?:an?\s+)?(${NUM})\s*(${UNIT})\s+(?:stack\s+)?of\s)|(?:${BEFORE}(${NUM})\s*(${UNIT})\s+(?:stack|pile)\s+(?:of\s)?)|(?:(?:stack|pile)[^\d]{0,3}(${NUM})\s*(${UNIT})\s*(?:high|tall)?)`,
  'i',
);
const ONE = new RegExp(String.raw`${BEFORE}(${NUM})\s*(${UNIT})${AFTER}`, 'i');
const MASS = new RegExp(
  String.raw`(?<![\w.,/])(${NUM})\s*(kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?)(?:\s*(each|apiece|a piece))?(?![\w/])`,
  'i',
);
const VOLUME = new RegExp(String.raw`(?<![\w.,/])(${NUM})\s*(ml|cl|l|litres?|liters?|fl\.? ?oz|oz)(?![\w/])`, 'i');
const WORD_COUNT: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  twenty: 20,
  fifty: 50,
  hundred: 100,
};
const WORDS = Object.keys(WORD_COUNT).join('|');
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
const VOLUME_IN_ML = { ml: 1, cl: 10, l: 1000, litre: 1000, liter: 1000, 'fl oz': 29.5735, oz: 29.5735 };

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
  /** "5 mm x 500": the second number is a count. */
  count: number | null;
  problems: string[];
}

/** Takes every size out of a text. @param inches whether a pair of small bare numbers is inches in any plan (paper) */
export function takeSizes(rest: Rest, system: UnitSystem, inches: boolean): Sizes {
  const bare = system === 'metric' ? 'mm' : 'in';
  const sizes: Sizes = { plain: [], count: null, problems: [] };
  const size = rest.take(SIZE);
  if (size) {
    const pairs = [1, 3, 5, 7].flatMap((i) => (size[i] ? [[size[i], size[i + 1]] as const] : []));
    // Nobody leaves the unit off at the end only: "5 mm x 500" is 500 of 5 mm.
    if (pairs.length === 2 && size[2] && !size[4] && /^\d+$/.test(size[3]!)) {
      sizes.count = Number(size[3]);
      pairs.pop();
    }
    const last = [size[8], size[6], size[4], size[2]].find((u) => u !== undefined);
    const small = inches && last === undefined && pairs.every(([v]) => readAmount(v)! <= 24);
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
    const value = mmOf(one[1]!, one[2], bare);
    // After a whole outline a single length is the thickness.
    if (sizes.plain.length === 2 && sizes.thick === undefined) sizes.thick = value;
    else sizes.plain.push(value);
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

/** Millilitres of what a bottle holds. */
export function takeVolume(rest: Rest): number | null {
  const found = rest.take(VOLUME);
  if (!found) return null;
  const unit = found[2]!
    .toLowerCase()
    .replace('.', '')
    .replace(/s$/, '')
    .replace(/^floz$/, 'fl oz');
  return (readAmount(found[1]!) ?? 0) * VOLUME_IN_ML[unit as keyof typeof VOLUME_IN_ML];
}

export interface Counted {
  /** null when no count was found yet. */
  count: number | null;
  /** Pieces in one set. */
  parts: number | null;
  backstock: number;
}

const GROUP = '(?:packs?|packets?|boxes|box|tins?|bags?|cases?|jars?|books?|pads?|bundles?|tubs?|rolls?)';
const COUNT_NUMBER = String.raw`\d{1,3}(?:[ .,]\d{3})+(?!\d)|\d+`;
const NOT_MEASURE = String.raw`(?!\s*(?:[x×*/]\s*\d|mm|cm|m\b|in\b|inch|ft\b|feet|g\b|kg|lb|oz|ml|gsm|"|″|[.,]\d))`;

/** Takes the count: packs first, then dozens, then plain numbers at the start or with a word that says so. */
export function takeCount(rest: Rest): Counted {
  const spare = rest.take(
    /(?:\+\s*|\bof which\s+|\bplus\s+|\(\s*)?(?<![\w.,])(\d+)\s*(?:spares?|in reserve|backups?)\b\s*\)?/i,
  );
  const backstock = spare ? Number(spare[1]) : 0;
  const more = spare !== null && /^\s*(?:\+|plus)/i.test(spare[0]) ? backstock : 0;
  const found = countIn(rest);
  return { count: found ? found[0] + more : null, parts: found?.[1] ?? null, backstock };
}

function countIn(rest: Rest): [count: number, parts?: number] | null {
  const many = String.raw`(\d+|${WORDS})`;
  const take = (pattern: string) => rest.take(new RegExp(pattern, 'i'));
  const sets = take(String.raw`(?:\b${many}\s+)?\bsets?\s+of\s+(\d+)`);
  if (sets) return [sets[1] ? numberOf(sets[1]) : 1, Number(sets[2])];
  const packs = take(
    String.raw`(?<![\w.,])(?:${many}\s+)?${GROUP}\s*(?:of|with|à|@|\()\s*(\d+)(?:\s*(?:sheets?|pieces?))?(?:\s*each)?\)?(?![\w.,])`,
  );
  if (packs) return [(packs[1] ? numberOf(packs[1]) : 1) * Number(packs[2])];
  const reams = take(String.raw`(?:\b${many}\s+)?\breams?\b(?:\s+of)?`);
  if (reams) return [(reams[1] ? numberOf(reams[1]) : 1) * 500];
  const dozen = take(String.raw`\b(?:(half a|an?|\d+|${WORDS})\s+)?dozens?\b`);
  if (dozen) return [/half/i.test(dozen[1] ?? '') ? 6 : 12 * (dozen[1] ? numberOf(dozen[1]) : 1)];
  const named =
    take(
      String.raw`(?:~|\b(?:about|approx\.?|approximately|ca\.?|circa|roughly|around))\s*\(?(${COUNT_NUMBER})(?![\d.,]*\s*(?:mm|cm|in)\b)\)?`,
    ) ??
    take(
      String.raw`(?<![\w.,])(${COUNT_NUMBER})\s*(?:pcs?|pieces?|ct|count|of them|off|no\.?|nos|units?|pairs?)(?![\w/])`,
    ) ??
    take(String.raw`\b(?:qty|quantity|count|number)\b[\s:.]*(${COUNT_NUMBER})`) ??
    take(String.raw`\(\s*(${COUNT_NUMBER})\s*\)`) ??
    take(String.raw`^\s*(${COUNT_NUMBER})\s*(?:x|×)\s+(?=[a-z])`) ??
    take(String.raw`^\s*(${COUNT_NUMBER})(?![\d.,/])\s+${NOT_MEASURE}`);
  if (named) return [plainNumber(named[1]!)];
  const word = take(String.raw`^\s*(${WORDS})\s+(?=[a-z])`);
  return word ? [numberOf(word[1]!)] : null;
}

/** A count that stands behind its name; looked for after sizes are out, when no other count was found. */
export function takeLateCount(rest: Rest): number | null {
  const take = (pattern: string) => rest.take(new RegExp(pattern, 'i'));
  const found =
    take(String.raw`\s(?:x|×)\s*(${COUNT_NUMBER})(?![\w.,/])`) ??
    take(String.raw`(?<![\w.,])(${COUNT_NUMBER})\s*(?:x|×)(?!\w)`) ??
    take(
      String.raw`(?<![\w.,/])(${COUNT_NUMBER})\s+(?:sheets?|rolls?|reels?|spools?|bottles?|jars?|pots?|cans?|tins?|skeins?|balls?|bags?|cones?|boxes|packs?)(?!\w)`,
    ) ??
    take(String.raw`(?<![\w.,/])(${COUNT_NUMBER})(?=\s*(?:$|[;:,–Ø⌀-]|loose\b))`);
  if (found) return plainNumber(found[1]!);
  const word = take(String.raw`\s(${WORDS})\s*$`);
  return word ? numberOf(word[1]!) : null;
}

const plainNumber = (text: string) => Number(text.replace(/[ .,]/g, ''));
const numberOf = (text: string) => WORD_COUNT[text.toLowerCase()] ?? Number(text);
