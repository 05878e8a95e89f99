/** The weight of paper as people type it. */
import { readNumber, type UnitSystem } from '../model/measure.ts';
import { decimals } from '../model/written.ts';
import type { ReadAmount } from '../model/amounts.ts';
import { BASIS_WORDS, basisOf, grammageOf, type Basis } from './sheets.ts';

const EXAMPLE: Readonly<Record<'metric' | 'imperial', string>> = {
  metric: 'for example 220 g/m²',
  imperial: 'for example 80 lb cover, 20 lb bond or 110 lb index',
};
const TYPED = new RegExp(String.raw`^(.+?)\s*(gsm|g|g\/m2|g\/m²|(?:lbs?|#|pounds?)\s*(${BASIS_WORDS})?)?$`, 'i');

/**
 * Reads "220", "220 gsm", "300 g", "80 lb cover", "20# bond". A bare number is g/m²; in plans in feet, and in pounds, the kind of
 * paper has to be named, since 80 lb are 216 g/m² of cover and 118 of text. @returns g/m²
 */
export function readPaper(text: string, system: UnitSystem): ReadAmount {
  const found = TYPED.exec(text.trim());
  const amount = found ? readNumber(found[1]!) : null;
  const example = EXAMPLE[system === 'imperial' ? 'imperial' : 'metric'];
  if (!found || amount === null || amount <= 0)
    return {
      ok: false,
      message: `“${[...text.trim()].slice(0, 40).join('')}” is no weight of paper. Type ${example}.`,
    };
  const pounds = found[2] === undefined ? system === 'imperial' : /^(?:lb|#|pound)/i.test(found[2]);
  if (!pounds) return { ok: true, value: amount };
  if (!found[3]) {
    const is = (basis: 'cover' | 'text') => Math.round(grammageOf(amount, basis));
    return {
      ok: false,
      message: `${found[1]} lb of what paper? As cover it is ${is('cover')} g/m², as text ${is('text')}. Type ${example}.`,
    };
  }
  return { ok: true, value: paperGrammage(amount, basisOf(found[3])) };
}

/** Weights in which paper of each kind is sold, lb. Common practice, no source. */
const SOLD: ReadonlyArray<readonly [Basis, readonly number[]]> = [
  ['cover', [60, 65, 80, 90, 100, 110, 120, 130]],
  ['text', [50, 60, 70, 80, 100]],
  ['bond', [16, 20, 24, 28, 32]],
  ['index', [90, 110, 140]],
  ['bristol', [67, 80, 100]],
  ['tag', [100, 125, 150]],
  ['watercolour', [90, 140, 300]],
];

/** @param grammage "220 g/m²", or in pounds of its kind where it is a weight that is sold, or a whole one of cover */
export function writePaper(grammage: number, system: UnitSystem): string {
  if (system === 'imperial') {
    const same = (pounds: number, basis: Basis) => Math.abs(paperGrammage(pounds, basis) - grammage) < 1e-6;
    for (const [basis, weights] of SOLD) {
      const pounds = weights.find((w) => same(w, basis));
      if (pounds !== undefined) return `${pounds} lb ${basis}`;
    }
    const basis: Basis = grammage >= 150 ? 'cover' : grammage >= 90 ? 'text' : 'bond';
    for (let digits = 0; digits <= 5; digits++) {
      const pounds = Number((grammage / grammageOf(1, basis)).toFixed(digits));
      if (pounds > 0 && same(pounds, basis)) return `${decimals(pounds)} lb ${basis}`;
    }
  }
  return `${decimals(grammage)} g/m²`;
}

/** How far a guessed weight may be from one that is sold to be meant. */
const NEAR = 0.12;

/** A weight of paper that nobody typed, as it is sold where one measures: 220 g/m², or 80 lb cover. @param grammage g/m² */
export function soldNear(grammage: number, system: UnitSystem): number {
  if (system !== 'imperial') return grammage;
  const basis: Basis = grammage >= 150 ? 'cover' : grammage >= 90 ? 'text' : 'bond';
  const sold = SOLD.find(([b]) => b === basis)![1].map((pounds) => paperGrammage(pounds, basis));
  const nearest = sold.reduce((a, b) => (Math.abs(b - grammage) < Math.abs(a - grammage) ? b : a));
  return Math.abs(nearest - grammage) <= NEAR * grammage ? nearest : grammage;
}

/** g/m² of pounds as they are kept: to a hundredth. */
export const paperGrammage = (pounds: number, basis: Basis): number =>
  Math.round(grammageOf(pounds, basis) * 100) / 100;
