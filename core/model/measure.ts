/**
 * Measures as people type and read them. Inside the core a length is always a number of millimetres;
 * inches and feet exist only here, at the edge where text is read and written.
 */

/** Millimetres in an inch, exact by definition (international inch, 1959). */
const MM_PER_INCH = 25.4;
const MM_PER_FOOT = 304.8;

export const UNIT_SYSTEMS = ['metric', 'centimetres', 'imperial'] as const;
/** In what a plan is read and typed: millimetres, centimetres, or feet and inches. */
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/** The outcome of reading a text: a value in mm, or why not and what would be right. */
export type Read = { ok: true; mm: number } | { ok: false; message: string };

const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?|[.,]\d+)`;
const FRACTION = String.raw`\d+\s*\/\s*\d+`;
const AMOUNT = String.raw`(?:\d+[ -]+${FRACTION}|${FRACTION}|${NUMBER})`;
const FEET_INCHES = new RegExp(
  String.raw`^(${AMOUNT})\s*(?:'|′|ft\.?|foot|feet)\s*(?:[-,]?\s*(${AMOUNT})\s*(?:"|″|''|in\.?|inch|inches)?)?$`,
  'i',
);
/** "13-6", "13 6", "13-6 1/2": feet, then inches below twelve. */
const FEET_DASH = new RegExp(
  String.raw`^(\d{1,2})(?:\s*-\s*|\s+)((?:\d{1,2})(?:[ -]+${FRACTION}|[.,]\d+)?)\s*(?:"|″|''|in\.?)?$`,
);
const SINGLE = new RegExp(
  String.raw`^(${AMOUNT})\s*(mm|cm|m|in\.?|inch|inches|"|″|''|yards?|yds?|met(?:re|er)s?|(?:centi|milli)met(?:re|er)s?)?$`,
  'i',
);
/** A room is rarely as long in feet as its bare number would be short in inches: up to here a bare number is feet. */
const MOST_BARE_FEET = 40;

const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
/** Fractions of one letter as they are typed on some keyboards: "12½" is 12 1/2. */
export const withoutGlyphs = (text: string): string =>
  text.replace(
    /(\d?)\s*([½⅓⅔¼¾⅛⅜⅝⅞])/g,
    (_, whole: string, glyph: string) => `${whole}${whole ? ' ' : ''}${GLYPHS[glyph]!}`,
  );

/** Reads a plain number: "1,250" is a thousand, "1,5" one and a half, ".5" and "½" a half. @returns null for what is none */
export function readNumber(text: string): number | null {
  const plain = withoutGroups(withoutGlyphs(text.trim()));
  return new RegExp(`^[-−]?${AMOUNT}$`).test(plain)
    ? (/^[-−]/.test(plain) ? -1 : 1) * (readAmount(plain.replace(/^[-−]/, '')) ?? Number.NaN)
    : null;
}

/**
 * Reads a number that may be a mixed fraction ("12 1/2", "7/8", "3-1/4") or carry a decimal comma.
 * @returns the number, or null when a fraction has the denominator 0.
 */
export function readAmount(text: string): number | null {
  const mixed = /^(?:(\d+)[ -]+)?(\d+)\s*\/\s*(\d+)$/.exec(text.trim());
  if (mixed) {
    const denominator = Number(mixed[3]);
    return denominator === 0 ? null : Number(mixed[1] ?? 0) + Number(mixed[2]) / denominator;
  }
  return Number(text.trim().replace(',', '.'));
}

const HINT: Readonly<Record<UnitSystem, string>> = {
  metric: 'for example 3450 mm, 3.45 m or 345 cm',
  centimetres: 'for example 345 cm, 3.45 m or 12.5',
  imperial: 'for example 11 ft 4 in, 11-4 or 12 1/2 in',
};
const BARE: Readonly<Record<UnitSystem, string>> = { metric: 'mm', centimetres: 'cm', imperial: 'in' };

/**
 * Reads a length. Understood: "3450", "3450 mm", "345 cm", "3.45 m", "12 1/2 in", "11 ft 4 in", "11' 3 1/2\"", and in
 * plans in feet "11-4" and "11 4". A bare number is in the plan's own unit.
 * @param feet of a room's measures: a bare number up to 40 is feet in an imperial plan
 * @returns millimetres (to a millionth, so inches print back as typed), or a message saying what would be right.
 */
export function readLength(text: string, system: UnitSystem, feet = false): Read {
  const hint = HINT[system];
  const trimmed = withoutGroups(withoutGlyphs(text.trim()));
  if (trimmed === '') return { ok: false, message: `Type a length, ${hint}.` };
  if (/^[-−–]/.test(trimmed))
    return { ok: false, message: `“${shown(trimmed)}” is negative; a length is above zero, ${hint}.` };
  const unreadable: Read = { ok: false, message: `“${shown(trimmed)}” is not a length. Type ${hint}.` };
  const inFeet = FEET_INCHES.exec(trimmed) ?? (system === 'imperial' ? dashed(trimmed) : null);
  if (inFeet) {
    const [whole, inches] = [readAmount(inFeet[1]!), inFeet[2] ? readAmount(inFeet[2]) : 0];
    return whole === null || inches === null
      ? unreadable
      : { ok: true, mm: tidy(whole * MM_PER_FOOT + inches * MM_PER_INCH) };
  }
  const single = SINGLE.exec(trimmed);
  const amount = single && readAmount(single[1]!);
  if (!single || amount === null) return unreadable;
  const bare = system === 'imperial' && feet && amount <= MOST_BARE_FEET ? 'ft' : BARE[system];
  const unit = (single[2] ?? bare).toLowerCase();
  return {
    ok: true,
    mm: tidy(amount * (LENGTH_UNITS[unit] ?? LENGTH_UNITS[unit.replace(/[s.]$/, '')] ?? MM_PER_INCH)),
  };
}

/** Feet and inches without their words; not a mixed fraction, nor with twelve inches or more. */
function dashed(text: string): RegExpExecArray | null {
  const found = FEET_DASH.exec(text);
  return found && (readAmount(found[2]!) ?? 12) < 12 && !/^\d+[ -]+\d+\s*\/\s*\d+$/.test(text) ? found : null;
}

/** A text as it is quoted back: not longer than anyone would read. */
const shown = (text: string): string => (text.length > 40 ? `${[...text].slice(0, 40).join('')}…` : text);

/** A number without its thousands separators: 3,450 and 3 450 are 3450. In metres a comma is a decimal comma: 3,450 m is 3.45 m. */
export function withoutGroups(text: string): string {
  const spaced = text.replace(/(\d)[ \u2009\u202f\u00a0](?=\d{3}(?!\d))/g, '$1');
  return /\d\s*m(?:et(?:re|er)s?)?$/i.test(spaced)
    ? spaced
    : spaced.replace(/^([1-9]\d{0,2})((?:,\d{3})+)(?!\d)/, (_, a: string, b: string) => a + b.replaceAll(',', ''));
}

/** Takes the noise of binary fractions off: to a millionth of a millimetre. */
const tidy = (mm: number) => Math.round(mm * 1e6) / 1e6;

/** Millimetres in one of each unit word that quick entry and length fields know. */
export const LENGTH_UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  ft: MM_PER_FOOT,
  yard: 914.4,
  yd: 914.4,
  metre: 1000,
  meter: 1000,
  centimetre: 10,
  centimeter: 10,
  millimetre: 1,
  millimeter: 1,
};

export function thousands(value: number): string {
  const [whole = '', decimals] = String(value).split('.');
  return `${whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',')}${decimals ? `.${decimals}` : ''}`;
}

/** The smallest fraction of an inch in which a length is said that nobody typed finer. */
const SIXTEENTHS = 16;
/** Below an eighth of an inch a thickness is said in thousandths, as sheets are sold. */
const THIN = 3.17;

/** A number of parts of an inch as a mixed fraction, reduced: 200 sixteenths -> "12 1/2". */
function fraction(parts: number, of: number): string {
  const whole = Math.floor(parts / of);
  let [numerator, denominator] = [parts % of, of];
  while (numerator > 0 && numerator % 2 === 0) [numerator, denominator] = [numerator / 2, denominator / 2];
  if (numerator === 0) return String(whole);
  return whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
}

/** Parts of an inch in which a length is said: sixteenths, or as finely as it was typed (to 64ths). */
function partsOf(value: number): { parts: number; of: number } {
  const fine = [SIXTEENTHS, 32, 64].find((n) => Math.abs(value * n - Math.round(value * n)) < 1e-3) ?? SIXTEENTHS;
  return { parts: Math.round(value * fine), of: fine };
}

/** Inches with a fraction: 317.5 mm -> "12 1/2"; what is thinner than an eighth in thousandths: 0.27 mm -> "0.011". */
function inches(mm: number): string {
  const value = mm / MM_PER_INCH;
  const { parts, of } = partsOf(value);
  if (mm < THIN && Math.abs(parts / of - value) * MM_PER_INCH > 0.002) return String(Number(value.toFixed(3)));
  return fraction(parts, of);
}

/**
 * A length for reading: "3,450 mm", "12 1/2 in". Imperial lengths of four feet and more come as feet and inches.
 * @param mm length in millimetres
 */
export function formatLength(mm: number, system: UnitSystem): string {
  if (system !== 'imperial') return system === 'metric' ? `${formatNumber(mm)} mm` : `${centimetres(mm)} cm`;
  const sign = mm < 0 ? '−' : '';
  const size = Math.abs(mm);
  if (size < 4 * MM_PER_FOOT - 0.4) return `${sign}${inches(size)} in`;
  const { parts, of } = partsOf(size / MM_PER_INCH);
  const feet = Math.floor(parts / (12 * of));
  const rest = parts - feet * 12 * of;
  return `${sign}${feet} ft${rest > 0 ? ` ${fraction(rest, of)} in` : ''}`;
}

/** A small bend: "1.7 mm", or thousandths: "0.07 in". */
export const formatBend = (mm: number, system: UnitSystem): string =>
  system === 'imperial'
    ? `${(mm / MM_PER_INCH).toFixed(2)} in`
    : system === 'metric'
      ? `${mm.toFixed(1)} mm`
      : `${(mm / 10).toFixed(2)} cm`;

/** A way that is walked: "12.4 m", or whole feet: "41 ft". */
export const formatWalk = (mm: number, system: UnitSystem): string =>
  system === 'imperial' ? `${Math.round(mm / MM_PER_FOOT)} ft` : `${(mm / 1000).toFixed(1)} m`;

/** The steps in which pieces are set down and slid, mm: a centimetre, or half an inch. */
export const STEP: Readonly<Record<UnitSystem, number>> = {
  metric: 10,
  centimetres: 10,
  imperial: MM_PER_INCH / 2,
};

/**
 * A place or a size as it is kept where nobody typed it: to tenths of a millimetre, or to parts of an inch.
 * @param parts 64 for what may stand against something that was typed so; 16 for what is free to be rounder
 */
export const onRule = (mm: number, system: UnitSystem, parts: 16 | 32 | 64 = 64): number =>
  system === 'imperial'
    ? tidy((Math.round((mm / MM_PER_INCH) * parts) * MM_PER_INCH) / parts)
    : Math.round(mm * 10) / 10;

/** Several lengths as one size: "330 × 430 × 68 mm" or "13 × 17 × 2 5/8 in". */
export function formatSize(sizes: readonly number[], system: UnitSystem): string {
  if (system === 'imperial') return `${sizes.map(inches).join(' × ')} in`;
  return system === 'metric' ? `${sizes.map(formatNumber).join(' × ')} mm` : `${sizes.map(centimetres).join(' × ')} cm`;
}

/** A metric number: whole above 10, else one decimal (two below 1), with a comma at the thousands. */
function formatNumber(value: number): string {
  const size = Math.abs(value);
  const digits = size >= 10 ? 0 : size >= 1 ? 1 : 2;
  const [whole, decimals] = String(Number(size.toFixed(digits))).split('.');
  return `${value < 0 ? '−' : ''}${thousands(Number(whole))}${decimals ? `.${decimals}` : ''}`;
}

/** Centimetres: to a tenth, what is thinner than 3 mm to a hundredth. */
function centimetres(mm: number): string {
  const size = Math.abs(mm) / 10;
  const digits = size < 0.02 ? 3 : size < 0.3 ? 2 : 1;
  return `${mm < 0 ? '−' : ''}${thousands(Number(size.toFixed(digits)))}`;
}

/** How many there are, with the right word: "1 supply", "1,200 supplies". */
export const howMany = (n: number, one: string, many = `${one}s`): string => `${thousands(n)} ${n === 1 ? one : many}`;

/** Several names in words: "a", "a and b", "a, b and 2 more". */
export function listed(names: readonly string[]): string {
  if (names.length > 3) return `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Without a nought behind the point. */
const short = (value: number, digits = 1): string => thousands(Number(value.toFixed(digits)));

/** A mass in grams for reading: "820 g", "9.0 kg", or in ounces and pounds: "12 oz", "3.4 lb". */
export function formatMass(grams: number, system: UnitSystem): string {
  if (system !== 'imperial') return grams < 1000 ? `${formatNumber(grams)} g` : `${(grams / 1000).toFixed(1)} kg`;
  const ounces = grams / 28.349523125;
  if (ounces < 0.1) return `${short(ounces, 3)} oz`;
  return ounces < 15.95 ? `${short(ounces)} oz` : `${short(ounces / 16)} lb`;
}

/** Millilitres in a fluid ounce and in a quart (NIST Handbook 44, appendix C). */
const ML_PER_FLUID_OUNCE = 29.5735;
const ML_PER_QUART = 946.353;

/** A volume in millilitres for reading: "250 ml", "1.5 l", or "8 fl oz", "2.1 qt". */
export function formatVolume(ml: number, system: UnitSystem): string {
  if (system !== 'imperial') return ml < 1000 ? `${formatNumber(ml)} ml` : `${short(ml / 1000)} l`;
  return ml < ML_PER_QUART - 1 ? `${short(ml / ML_PER_FLUID_OUNCE)} fl oz` : `${short(ml / ML_PER_QUART)} qt`;
}

/** Weights in which paper is sold, lb of 500 sheets of the basic size of their kind, by g/m² from which they are named so. Common practice, no source. */
const SOLD: ReadonlyArray<
  readonly [from: number, basis: 'cover' | 'text' | 'bond', perPound: number, weights: readonly number[]]
> = [
  [150, 'cover', 2.704, [60, 65, 80, 90, 100, 110, 120, 130]],
  [90, 'text', 1.48, [60, 70, 80, 100]],
  [0, 'bond', 3.76, [16, 20, 24, 28]],
];

/** The weight of a sheet for reading: "220 g/m²", or in pounds of its kind: "80 lb cover". */
export function formatPaper(grammage: number, system: UnitSystem): string {
  if (system !== 'imperial') return `${formatNumber(grammage)} g/m²`;
  const [, basis, perPound, weights] = SOLD.find(([from]) => grammage >= from)!;
  const pounds = grammage / perPound;
  const sold = weights.find((w) => Math.abs(w - pounds) < 0.07 * w);
  return `${sold ?? Math.round(pounds)} lb ${basis}`;
}

/** A floor area in m² for reading: "10.92 m²", or "117.5 sq ft". */
export function formatArea(squareMetres: number, system: UnitSystem): string {
  return system !== 'imperial'
    ? `${squareMetres.toFixed(2)} m²`
    : `${(squareMetres / (MM_PER_FOOT / 1000) ** 2).toFixed(1)} sq ft`;
}

/** A number with one decimal; what rounds to nothing has no sign. */
export const tenths = (value: number): string => (Math.round(value * 10) / 10 || 0).toFixed(1);

/** A size that nobody measured, rounded as one would say it in either system: to 5 mm, or to half and quarter inches. */
export function roundGuess(mm: number, system: UnitSystem): number {
  const tidySteps: ReadonlyArray<readonly [above: number, step: number]> =
    system !== 'imperial'
      ? [
          [300, 10],
          [50, 5],
          [3, 1],
        ]
      : [
          [600, MM_PER_INCH],
          [150, MM_PER_INCH / 2],
          [38, MM_PER_INCH / 4],
          [9, MM_PER_INCH / 8],
          [1.5, MM_PER_INCH / 16],
        ];
  const step = tidySteps.find(([above]) => mm >= above)?.[1];
  return step === undefined ? mm : tidy(Math.max(step, Math.round(mm / step) * step));
}
