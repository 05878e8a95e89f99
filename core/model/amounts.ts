/** Weights, volumes and weights of paper as people type them; and plain figures with a unit, said in the plan's measures. */
import {
  formatArea,
  formatLength,
  formatVolume,
  readAmount,
  withoutGlyphs,
  withoutGroups,
  type UnitSystem,
} from './measure.ts';

/** The outcome of reading a text: a value in the unit of the core, or why not and what would be right. */
export type ReadAmount = { ok: true; value: number } | { ok: false; message: string };

const GRAMS: Readonly<Record<string, number>> = {
  g: 1,
  gram: 1,
  kg: 1000,
  kilo: 1000,
  kilogram: 1000,
  oz: 28.349523125,
  ounce: 28.349523125,
  lb: 453.59237,
  pound: 453.59237,
};
const LITRES: Readonly<Record<string, number>> = {
  ml: 0.001,
  cl: 0.01,
  l: 1,
  litre: 1,
  liter: 1,
  floz: 0.0295735,
  oz: 0.0295735,
  cup: 0.236588,
  pt: 0.473176,
  pint: 0.473176,
  qt: 0.946353,
  quart: 0.946353,
  gal: 3.78541,
  gallon: 3.78541,
};
const AMOUNT = /^((?:\d+\s+)?\d+\s*\/\s*\d+|\d+(?:[.,]\d+)?|[.,]\d+)\s*([a-z. ]*)$/i;

/** Reads a number and the word of its unit, of which the plan's own may be left out. */
function read(text: string, units: Readonly<Record<string, number>>, bare: string, example: string): ReadAmount {
  const found = AMOUNT.exec(withoutGroups(withoutGlyphs(text.trim())));
  const amount = found ? readAmount(found[1]!) : null;
  const word = (found?.[2] ?? '').toLowerCase().replace(/[\s.]/g, '');
  const factor = units[word === '' ? bare : word] ?? units[word.replace(/s$/, '')];
  if (amount === null || factor === undefined)
    return { ok: false, message: `“${[...text.trim()].slice(0, 40).join('')}” was not understood. Type ${example}.` };
  return { ok: true, value: amount * factor };
}

/** @param heavy whether a bare number is kilograms or pounds, else grams or ounces @returns grams */
export function readMass(text: string, system: UnitSystem, heavy: boolean): ReadAmount {
  // "1 lb 4 oz"
  const both = /^(\d+(?:[.,]\d+)?)\s*(?:lbs?|pounds?)\s*,?\s*(\d+(?:[.,]\d+)?)\s*(?:oz|ounces?)$/i.exec(text.trim());
  if (both) return { ok: true, value: readAmount(both[1]!)! * GRAMS.lb! + readAmount(both[2]!)! * GRAMS.oz! };
  if (system === 'imperial')
    return read(text, GRAMS, heavy ? 'lb' : 'oz', heavy ? 'for example 20 lb' : 'for example 3 oz or 1 lb');
  return read(text, GRAMS, heavy ? 'kg' : 'g', heavy ? 'for example 9 kg' : 'for example 80 g or 1.2 kg');
}

/** @returns litres */
export function readVolume(text: string, system: UnitSystem): ReadAmount {
  return system === 'imperial'
    ? read(text, LITRES, 'qt', 'for example 2 qt or 8 fl oz')
    : read(text, LITRES, 'l', 'for example 5 l or 250 ml');
}

/** Units of figures in which they are kept, and what they are where people measure in inches. */
const OTHER: Readonly<Record<string, readonly [unit: string, factor: number]>> = {
  mm: ['in', 1 / 25.4],
  kg: ['lb', 2.20462],
  l: ['qt', 1.05669],
  'N/mm²': ['psi', 145.038],
};

/** A plain figure's unit in the plan's measures, and by what the figure is multiplied to be said in it. */
export function unitIn(unit: string, system: UnitSystem): { unit: string; factor: number } {
  if (system === 'centimetres' && unit === 'mm') return { unit: 'cm', factor: 0.1 };
  const [other, factor] = (system === 'imperial' ? OTHER[unit] : undefined) ?? [unit, 1];
  return { unit: other, factor };
}

/** A figure in the plan's measures to three places: 1500 mm is 59.1 in. */
export const figureIn = (value: number, factor: number): number =>
  factor === 1 ? value : Number((value * factor).toPrecision(3));

/** A fixed text with its measures in those of the plan: "under 12 mm" is "under 1/2 in". */
export function inMeasures(text: string, system: UnitSystem): string {
  if (system === 'metric') return text;
  const length = (mm: number) => formatLength(system === 'imperial' ? Math.round(mm / 3.175) * 3.175 : mm, system);
  const said = text.replace(/(\d+(?:\.\d+)?) mm\b/g, (_, n: string) => length(Number(n)));
  if (system !== 'imperial') return said;
  return said
    .replace(/(\d+(?:\.\d+)?) kg\b/g, (_, n: string) => `${Math.round(Number(n) * 2.20462)} lb`)
    .replace(/each kilogram\b/g, 'each 2 lb')
    .replace(/(\d+(?:\.\d+)?) (?:l|litres)\b/g, (_, n: string) => formatVolume(Number(n) * 1000, system))
    .replace(/(\d+(?:\.\d+)?) m²/g, (_, n: string) => formatArea(Number(n), system))
    .replace(/\bA4\b/g, 'letter');
}
