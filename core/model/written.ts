/**
 * A measure as it is written into a field: every digit that was typed, so that it can be typed again and nothing is lost by looking at
 * it. For reading, measure.ts says lengths and weights shorter.
 */
import { thousands, type UnitSystem } from './measure.ts';

const MM_PER_INCH = 25.4;

/** The shortest decimal number that is a value, to a millionth. */
export function decimals(value: number): string {
  for (let digits = 0; digits <= 6; digits++) {
    const text = value.toFixed(digits);
    if (Math.abs(Number(text) - value) <= 2e-7 + Math.abs(value) * 1e-9) return grouped(text);
  }
  return grouped(String(Number(value.toFixed(6))));
}

function grouped(text: string): string {
  const [whole = '', rest] = text.split('.');
  return `${thousands(Number(whole))}${rest ? `.${rest}` : ''}`;
}

/** Inches: a fraction of up to 64ths where it is one, else a decimal number. */
function inches(value: number): string {
  // What was typed has few digits; what came out of other measures is said in thousandths.
  return fraction(value) ?? typed(value) ?? grouped(String(Number(value.toFixed(3)) || Number(value.toPrecision(2))));
}

/** A fraction of an inch of up to 64ths; null where it is none. */
function fraction(value: number): string | null {
  for (const share of [1, 2, 4, 8, 16, 32, 64]) {
    const parts = Math.round(value * share);
    if (Math.abs(parts / share - value) > 1e-7 || (parts === 0 && value > 0)) continue;
    const [whole, rest] = [Math.floor(parts / share), parts % share];
    return rest === 0 ? String(whole) : whole === 0 ? `${rest}/${share}` : `${whole} ${rest}/${share}`;
  }
  return null;
}

/** A decimal number of at most four digits behind its point, where a value is one. */
function typed(value: number): string | null {
  const text = decimals(value);
  return (text.split('.')[1]?.length ?? 0) <= 4 ? text : null;
}

/** @param mm in the plan's measures: "12.5 mm", "1.25 cm", "4 ft 6 1/64 in" */
export function writeLength(mm: number, system: UnitSystem): string {
  const sign = mm < 0 ? '−' : '';
  const size = Math.abs(mm);
  if (system === 'metric') return `${sign}${decimals(size)} mm`;
  if (system === 'centimetres') return `${sign}${decimals(size / 10).replaceAll(',', '')} cm`;
  const all = size / MM_PER_INCH;
  if (all < 48 - 1e-6) return `${sign}${inches(all)} in`;
  const feet = Math.floor(all / 12 + 1e-9);
  const rest = Math.max(0, all - feet * 12);
  return `${sign}${feet} ft${rest > 1e-7 ? ` ${inches(rest)} in` : ''}`;
}

/** @param grams "820 g", "1.25 kg", "3.4 lb" */
export function writeMass(grams: number, system: UnitSystem): string {
  if (system !== 'imperial') return grams < 1000 ? `${decimals(grams)} g` : `${decimals(grams / 1000)} kg`;
  const ounces = grams / 28.349523125;
  return ounces < 16 - 1e-9 ? `${decimals(ounces)} oz` : `${decimals(ounces / 16)} lb`;
}

/** @param litres "250 ml", "1.5 l", "8 fl oz", "2.1 qt" */
export function writeVolume(litres: number, system: UnitSystem): string {
  if (system !== 'imperial') return litres < 1 ? `${decimals(litres * 1000)} ml` : `${decimals(litres)} l`;
  const quarts = litres / 0.946353;
  return quarts < 1 - 1e-9 ? `${decimals(litres / 0.0295735)} fl oz` : `${decimals(quarts)} qt`;
}

/** Several lengths as a list to be typed again: "60, 60, 1100" in one unit, each with its own in feet. */
export function writeLengths(mm: readonly number[], system: UnitSystem): string {
  return mm
    .map((one) =>
      writeLength(one, system)
        .replace(/ (?:mm|cm|in)$/, '')
        .replaceAll(',', ''),
    )
    .join(', ');
}

/** The parts of such a list; a comma before three digits with no space behind it may set thousands apart and parts nothing. */
export function partsOfList(text: string): string[] {
  return text
    .split(/;|,(?!\d{3}(?!\d))|,(?=\s)/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
}

/** A plain number: "1,250", "0.5". */
export const writeNumber = (value: number): string => decimals(value);
