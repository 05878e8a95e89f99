/** A line as it is typed on many keyboards and told among friends, made plain before it is read. */
import { readAmount } from '../model/measure.ts';

/** Fractions, quotes and times signs as they are typed on many keyboards, made one. */
export function plainly(line: string): string {
  const fractions: Record<string, string> = {
    '½': '1/2',
    '¼': '1/4',
    '¾': '3/4',
    '⅓': '1/3',
    '⅔': '2/3',
    '⅛': '1/8',
    '⅜': '3/8',
    '⅝': '5/8',
    '⅞': '7/8',
  };
  return line
    .toWellFormed()
    .replace(/[“”″]/g, '"')
    .replace(/[’‘′]/g, "'")
    .replace(/(\d)?([½¼¾⅓⅔⅛⅜⅝⅞])/g, (_, d: string | undefined, f: string) => `${d ? `${d} ` : ''}${fractions[f]!}`)
    .replace(
      /\b(half|quarter)(?:[\s-]+an?)?[\s-]+(?=yards?\b|yds?\b|met(?:re|er)s?\b|inch|gallons?\b|pints?\b|quarts?\b|lit(?:re|er)s?\b|pounds?\b|kilos?\b)/gi,
      (_, p: string) => (/^h/i.test(p) ? '0.5 ' : '0.25 '),
    )
    .replace(
      /(?<![\w.,/])(\d+)\s*(?:'|ft\.?|feet|foot)\s*-?\s*(\d{1,2}(?:[ -]\d+\/\d+)?|\d+\/\d+)\s*(?:"|''|in(?:ch(?:es)?)?\b)?(?![\w/.]|\s*(?:x|×|mm|cm|ft)\b)/gi,
      (_, feet: string, inches: string) => `${tidyInches(Number(feet) * 12 + (readAmount(inches) ?? 0))} in`,
    )
    .replace(/[\u00a0\u202f\u2009\t§\ufffd]/g, ' ')
    .trim();
}

const tidyInches = (inches: number) => Math.round(inches * 1000) / 1000;
