/** What a line of quick entry says of paper: its weight in grams or pounds, wherever it stands, and envelopes. */
import { BASIS_WORDS, basisOf, grammageOf, likelyBasis, type Basis } from '../fit/sheets.ts';
import { paperGrammage } from '../fit/paperWeight.ts';
import { formatPaper, readAmount, type UnitSystem } from '../model/measure.ts';
import type { ReadLine } from './line.ts';
import type { Rest } from './readMeasures.ts';

const NUMBER = String.raw`(?<![\w.,/])(\d+(?:[.,]\d+)?)`;
const GSM = new RegExp(String.raw`${NUMBER}\s*(?:gsm|g\/m2|g\/m²|g\/qm|g\/sqm)(?!\w)`, 'i');
/** "80 lb", "80# cover", "110lb index"; not "5 lb of paper". */
const POUNDS = new RegExp(
  String.raw`${NUMBER}\s*(?:lbs?|#|pounds?)(?![\w.])(?!\s*of\b)(?:\s*(${BASIS_WORDS})\b)?`,
  'i',
);
/** "300 g" as people say it of paper; not "500 g of paper". */
const GRAMS = new RegExp(String.raw`${NUMBER}\s*(?:g|grams?)(?![\w/])(?!\s*of\b)`, 'i');
const ANY_BASIS = new RegExp(String.raw`\b(${BASIS_WORDS})\b`, 'i');
/** The lightest and the heaviest paper, g/m² and pounds of any kind. */
const [LIGHT, HEAVY] = [30, 850];
const [FEW_POUNDS, MANY_POUNDS] = [9, 500];

/** Whether words say that something is of paper: what it is, or a weight that names its kind. */
export function saysPaper(body: string): boolean {
  return (
    /\b(?:papers?|card|cards|cardstock|card stock|envelopes?|vellum|bristol|kraft|tag ?board|reams?)\b/i.test(body) ||
    new RegExp(String.raw`\d\s*(?:lbs?|#|pounds?)\s*(?:${BASIS_WORDS})\b`, 'i').test(body)
  );
}

/**
 * Takes the weight of paper out of a line.
 * @param sheets whether the line is about sheets: then a weight in grams is that of a square metre
 */
export function takePaperWeight(rest: Rest, body: string, sheets: boolean, read: ReadLine, system: UnitSystem): void {
  const { supply, understood } = read;
  const gsm = rest.take(GSM);
  if (gsm) {
    supply.grammage = readAmount(gsm[1]!)!;
    read.weighed = `${gsm[1]} gsm ${supply.grammage >= 160 ? 'card' : 'paper'}`;
  }
  const pounds = sheets || saysPaper(body) ? POUNDS.exec(rest.text) : null;
  const amount = pounds ? readAmount(pounds[1]!)! : 0;
  if (pounds && (pounds[2] || (amount >= FEW_POUNDS && amount <= MANY_POUNDS))) {
    rest.take(POUNDS);
    // What the paper is called stays in its name.
    if (pounds[2] && (NAMES.test(pounds[2]) || /\bindex cards?\b(?! ?stock)/i.test(body)))
      rest.text = rest.text.replace('  ', ` ${pounds[2]} `);
    const said = pounds[2] ?? ANY_BASIS.exec(body)?.[1];
    const basis: Basis = said ? basisOf(said) : likelyBasis(amount, body);
    supply.grammage ??= paperGrammage(amount, basis);
    read.weighed = `${pounds[1]} lb ${said?.toLowerCase() ?? basis}`;
    understood.push(
      `${pounds[1]} lb ${basis}${system === 'imperial' ? '' : `, ${formatPaper(supply.grammage, system)}`}`,
    );
    const other: Basis = basis === 'cover' ? 'index' : 'cover';
    // Card is sold by cover and by index weights, and the same pounds are not the same card.
    if (!said && /card|board/i.test(body) && INDEX_WEIGHTS.has(amount))
      read.doubts.push(
        `${pounds[1]} lb of card is taken as ${basis}, ${Math.round(grammageOf(amount, basis))} g/m²; as ${other} it is ${Math.round(grammageOf(amount, other))} g/m². Write “${pounds[1]} lb ${basis}” or “${pounds[1]} lb ${other}”.`,
      );
    return;
  }
  if (supply.grammage == null && sheets) {
    const grams = GRAMS.exec(rest.text);
    const value = grams ? readAmount(grams[1]!)! : 0;
    if (grams && value >= LIGHT && value <= HEAVY) {
      rest.take(GRAMS);
      supply.grammage = value;
      read.weighed = `${value} gsm ${value >= 160 ? 'card' : 'paper'}`;
    }
  }
  if (supply.grammage != null) understood.push(formatPaper(supply.grammage, system));
}

const NAMES = /^(?:watercolou?r|bristol|tag|tagboard|newsprint)$/i;
/** Pounds in which index card is sold, too. */
const INDEX_WEIGHTS: ReadonlySet<number> = new Set([90, 110, 140]);
