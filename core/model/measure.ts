/**
 * Measures as people type and read them. Inside the core a length is always a number of millimetres;
 * inches and feet exist only here, at the edge where text is read and written.
 */

/** Millimetres in an inch, exact by definition (international inch, 1959). */
const MM_PER_INCH = 25.4;
const MM_PER_FOOT = 304.8;

export type UnitSystem = 'metric' | 'imperial';

/** The outcome of reading a text: a value in mm, or why not and what would be right. */
export type Read = { ok: true; mm: number } | { ok: false; message: string };

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const FRACTION = String.raw`\d+\s*\/\s*\d+`;
const AMOUNT = String.raw`(?:\d+[ -]+${FRACTION}|${FRACTION}|${NUMBER})`;
const FEET_INCHES = new RegExp(
  String.raw`^(${AMOUNT})\s*(?:'|′|ft|foot|feet)\s*(?:(${AMOUNT})\s*(?:"|″|''|in|inch|inches)?)?$`,
  'i',
);
const SINGLE = new RegExp(String.raw`^(${AMOUNT})\s*(mm|cm|m|in|inch|inches|"|″|'')?$`, 'i');

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

/**
 * Reads a length. Understood: "3450", "3450 mm", "345 cm", "3.45 m", "12 1/2 in", "11 ft 4 in", "11' 3 1/2\"".
 * A bare number is millimetres in a metric plan and inches in an imperial one.
 * @returns millimetres (to a millionth, so inches print back as typed), or a message saying what would be right.
 */
export function readLength(text: string, system: UnitSystem): Read {
  const hint = system === 'metric' ? 'for example 3450 mm, 3.45 m or 345 cm' : 'for example 11 ft 4 in or 12 1/2 in';
  const trimmed = withoutGroups(text.trim());
  if (trimmed === '') return { ok: false, message: `Type a length, ${hint}.` };
  if (/^[-−–]/.test(trimmed))
    return { ok: false, message: `“${trimmed}” is negative; a length is above zero, ${hint}.` };
  const unreadable: Read = { ok: false, message: `“${trimmed}” is not a length. Type ${hint}.` };
  const feet = FEET_INCHES.exec(trimmed);
  if (feet) {
    const [whole, inches] = [readAmount(feet[1]!), feet[2] ? readAmount(feet[2]) : 0];
    return whole === null || inches === null
      ? unreadable
      : { ok: true, mm: tidy(whole * MM_PER_FOOT + inches * MM_PER_INCH) };
  }
  const single = SINGLE.exec(trimmed);
  const amount = single && readAmount(single[1]!);
  if (!single || amount === null) return unreadable;
  const unit = (single[2] ?? (system === 'metric' ? 'mm' : 'in')).toLowerCase();
  return { ok: true, mm: tidy(amount! * (LENGTH_UNITS[unit] ?? MM_PER_INCH)) };
}

/** A number without what sets its thousands apart: 3,450 and 3 450 are 3450; in metres and centimetres a comma is a decimal one. */
function withoutGroups(text: string): string {
  const spaced = text.replace(/(\d)[ \u2009\u202f\u00a0](?=\d{3}(?!\d))/g, '$1');
  return /\d\s*c?m$/i.test(spaced)
    ? spaced
    : spaced.replace(/^(\d{1,3})((?:,\d{3})+)(?!\d)/, (_, a: string, b: string) => a + b.replaceAll(',', ''));
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
};

function thousands(value: number): string {
  return String(value).replace(/\B(?=(\d{3})+(?!\d))/g, ',');
}

/** Inches with a fraction to the nearest 1/32, reduced: 317.5 mm -> "12 1/2". */
function inches(mm: number): string {
  const parts = Math.round((mm / MM_PER_INCH) * 32);
  const whole = Math.floor(parts / 32);
  let [numerator, denominator] = [parts % 32, 32];
  while (numerator > 0 && numerator % 2 === 0) [numerator, denominator] = [numerator / 2, denominator / 2];
  if (numerator === 0) return String(whole);
  return whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
}

/**
 * A length for reading: "3,450 mm", "12 1/2 in". Imperial lengths of four feet and more come as feet and inches.
 * @param mm length in millimetres
 */
export function formatLength(mm: number, system: UnitSystem): string {
  if (system === 'metric') return `${formatNumber(mm)} mm`;
  if (Math.abs(mm) < 4 * MM_PER_FOOT - 0.4) return `${mm < 0 ? '−' : ''}${inches(Math.abs(mm))} in`;
  const sixtyFourths = Math.round(Math.abs(mm) / (MM_PER_INCH / 32));
  const feet = Math.floor(sixtyFourths / (32 * 12));
  const rest = (sixtyFourths - feet * 32 * 12) * (MM_PER_INCH / 32);
  return `${mm < 0 ? '−' : ''}${feet} ft${rest > 0.1 ? ` ${inches(rest)} in` : ''}`;
}

/** The steps in which pieces are set down and slid, mm: a centimetre, or half an inch. */
export const STEP: Readonly<Record<UnitSystem, number>> = { metric: 10, imperial: MM_PER_INCH / 2 };

/** Several lengths as one size: "330 × 430 × 68 mm" or "13 × 17 × 2 5/8 in". */
export function formatSize(sizes: readonly number[], system: UnitSystem): string {
  return system === 'metric' ? `${sizes.map(formatNumber).join(' × ')} mm` : `${sizes.map(inches).join(' × ')} in`;
}

/** A metric number: whole above 10, else one decimal (two below 1), with a comma at the thousands. */
function formatNumber(value: number): string {
  const size = Math.abs(value);
  const digits = size >= 10 ? 0 : size >= 1 ? 1 : 2;
  const [whole, decimals] = String(Number(size.toFixed(digits))).split('.');
  return `${value < 0 ? '−' : ''}${thousands(Number(whole))}${decimals ? `.${decimals}` : ''}`;
}

/** How many there are, with the right word: "1 supply", "1,200 supplies". */
export const howMany = (n: number, one: string, many = `${one}s`): string => `${thousands(n)} ${n === 1 ? one : many}`;

/** A mass in grams for reading: "820 g", "9.0 kg", or in pounds and ounces. */
export function formatMass(grams: number, system: UnitSystem): string {
  if (system === 'metric') return grams < 1000 ? `${formatNumber(grams)} g` : `${(grams / 1000).toFixed(1)} kg`;
  const ounces = grams / 28.349523125;
  return ounces < 16 ? `${ounces.toFixed(1)} oz` : `${(ounces / 16).toFixed(1)} lb`;
}

/** A floor area in m² for reading: "10.92 m²", or "117.5 sq ft". */
export function formatArea(squareMetres: number, system: UnitSystem): string {
  return system === 'metric'
    ? `${squareMetres.toFixed(2)} m²`
    : `${(squareMetres / (MM_PER_FOOT / 1000) ** 2).toFixed(1)} sq ft`;
}

/** A number with one decimal; what rounds to nothing has no sign. */
export const tenths = (value: number): string => (Math.round(value * 10) / 10 || 0).toFixed(1);
