/** The weight of paper as people type it. */
import { readAmount, type UnitSystem } from '../model/measure.ts';
import type { ReadAmount } from '../model/amounts.ts';
import { grammageOf, type Basis } from './sheets.ts';

const EXAMPLE: Readonly<Record<'metric' | 'imperial', string>> = {
  metric: 'for example 220 g/m²',
  imperial: 'for example 80 lb cover or 20 lb bond',
};

/** Reads "220", "220 gsm", "80 lb cover", "20# bond". A bare number is g/m², in plans in feet pounds of cover. @returns g/m² */
export function readPaper(text: string, system: UnitSystem): ReadAmount {
  const found = /^(\d+(?:[.,]\d+)?)\s*(gsm|g\/m2|g\/m²|(?:lbs?|#|pounds?)\s*(bond|cover|index|text)?)?$/i.exec(
    text.trim(),
  );
  const example = EXAMPLE[system === 'imperial' ? 'imperial' : 'metric'];
  if (!found)
    return {
      ok: false,
      message: `“${[...text.trim()].slice(0, 40).join('')}” is no weight of paper. Type ${example}.`,
    };
  const amount = readAmount(found[1]!)!;
  const pounds = found[2] === undefined ? system === 'imperial' : /^(?:lb|#|pound)/i.test(found[2]);
  return {
    ok: true,
    value: pounds ? Math.round(grammageOf(amount, (found[3]?.toLowerCase() ?? 'cover') as Basis)) : amount,
  };
}
