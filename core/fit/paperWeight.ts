/** The weight of paper as people type it. */
import { readAmount, type UnitSystem } from '../model/measure.ts';
import type { ReadAmount } from '../model/amounts.ts';
import { BASIS_WORDS, basisOf, grammageOf } from './sheets.ts';

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
  const amount = found ? readAmount(found[1]!) : null;
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
  return { ok: true, value: Math.round(grammageOf(amount, basisOf(found[3]))) };
}
