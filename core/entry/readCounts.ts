/** How many: packs, reams, dozens, sets, boxes and jars, and plain numbers in a line of quick entry. */
import { readAmount } from '../model/measure.ts';
import { HOLDER_WORDS, holderOf, type Holder } from './holders.ts';
import { tidy, VOLUME_UNIT, volumeInMl, type Rest } from './readMeasures.ts';

/** Numbers as words. */
export const WORD_COUNT: Readonly<Record<string, number>> = {
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
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  hundred: 100,
};
const WORDS = Object.keys(WORD_COUNT).join('|');
const MANY = String.raw`(\d+|a\s+couple(?:\s+of)?|a\s+few|several|${WORDS})`;

/** Words for the ways in which a thing comes; their number is that of the things where no other is said. */
const WAYS = '(?:kinds|types|sorts|styles|widths|lengths|sizes)(?![\\w-])';
/** What things are counted by, behind their number. */
const COUNTED =
  '(?:(?:big|large|small|little)\\s+)?(?:sheets?|rolls?|reels?|spools?|bottles?|jars?|pots?|cans?|tins?|skeins?|balls?|bags?|cones?|cases|boxes|packs?|tubes?|sticks?|stems?|bunch(?:es)?|sachets?|coils?|hanks?|blocks?|cards?|sets?|pads?|colou?rs)(?![\\w-])';
const GROUP =
  '(?:packs?|packets?|packages?|boxes|box|tins?|bags?|cases?|jars?|books?|pads?|bundles?|tubs?|rolls?|cards?|strips?|sleeves?|cartons?|sheets?)';
const COUNT_NUMBER = String.raw`\d{1,3}(?:[ .,]\d{3})+(?!\d)|\d+`;
const NOT_MEASURE = String.raw`(?!\s*-?\s*(?:[x×*/]\s*\d|\d+\s*\/\s*\d|mm|cm|m\b|met(?:re|er)s?\b|yards?\b|yds?\b|in\b|inch|ft\b|feet|foot\b|g\b|grams?\b|kg|kilos?\b|lbs?\b|pounds?\b|oz|ounces?\b|ml|cl\b|l\b|lit(?:re|er)s?\b|quarts?\b|qts?\b|pints?\b|gal|gsm|gauge\b|ga\b|ply\b|grit\b|watts?\b|volts?\b|"|″|'|[.,]\d))`;

export interface Counted {
  /** null when no count was found yet. */
  count: number | null;
  /** Pieces in one set. */
  parts: number | null;
  backstock: number;
}

/** What a line says that things are kept in: "in 3 jars", "a shoebox of", "1 quart jar". */
export interface Held {
  word: string;
  holder: Holder;
  /** How many of them, and whether that was typed: else one. */
  number: number;
  typed: boolean;
  /** Litres of one, as typed; null where only its word says how large it is. */
  litres: number | null;
  /** "in 3 jars": what stands before it is counted by itself. */
  inside: boolean;
}

/** How many jars "in jars" are. Common practice, no source. */
const SOME = 6;
const HOLDER = String.raw`(?:${VOLUME_UNIT}\s+)?(?:small\s+|large\s+|big\s+|old\s+|plastic\s+|glass\s+|whole\s+)?(${HOLDER_WORDS})(?![\w-])`;
/** Up to two words that only describe it: "in matching glass jars", "in a divided box". */
const DESCRIBED = String.raw`(?:\d+[\s-]drawer\s+)?(?:(?!(?:of|for|with|on|and|or|to)\b)[a-z-]+\s+){0,2}?`;
const IN_HOLDERS = new RegExp(String.raw`\bin\s+(?:${MANY}\s+)?${DESCRIBED}${HOLDER}`, 'i');
const HOLDER_OF = new RegExp(
  String.raw`(?:(?<![\w.,/])${MANY}\s+)?(?<![\w-])${HOLDER}\s*(?:full\s+)?of\s+(?!\d|them\b|each\b)`,
  'i',
);
const HOLDERS_LAST = new RegExp(
  String.raw`(?:(?<![\w.,/])${MANY}\s+|[;,]\s*(?=(?:small|large|big)\s))${HOLDER}\s*(?:full|each)?\s*(?=$|[,;:)])`,
  'i',
);

/**
 * Takes out what things are kept in. What a line calls only a box ("8 glass jars") is no holder: something has to be
 * in it.
 */
export function takeHeld(rest: Rest, thing: (word: string) => boolean): Held | null {
  for (const [pattern, inside] of [
    [IN_HOLDERS, true],
    [HOLDER_OF, false],
    [HOLDERS_LAST, false],
  ] as const) {
    const found = pattern.exec(rest.text);
    if (!found) continue;
    const [, many, amount, unit, word] = found as unknown as [string, string?, string?, string?, string?];
    const named = holderOf(word!);
    const left = rest.text.slice(0, found.index) + rest.text.slice(found.index + found[0].length);
    if (!/\p{L}{2}/u.test(left) || (pattern === HOLDERS_LAST && thing(named.word))) continue;
    rest.take(pattern);
    // "In jars, about 15 jars": how many of them is said behind.
    const behind =
      inside && many === undefined
        ? rest.take(new RegExp(String.raw`[;,]\s*(?:about\s+)?(\d+)\s+${word!}\s*$`, 'i'))
        : null;
    // "20 pint jars" are twenty of a pint; "1 quart jar" is one of a quart, "2 oz bottles" some of two ounces.
    const whole = named.many && /^(?:pint|quart|gallon|litre|liter)$/i.test(unit ?? '');
    const size = amount ?? (unit !== undefined && !whole && /^\d/.test(many ?? '') ? many : undefined);
    const number = behind ? behind[1] : size === undefined ? many : many === size ? undefined : many;
    return {
      word: named.word,
      holder: named.holder,
      number: number === undefined ? (named.many && inside ? SOME : 1) : numberOf(number),
      typed: number !== undefined,
      litres: unit === undefined ? null : volumeInMl(size ?? '1', unit) / 1000,
      inside,
    };
  }
  return null;
}

/** The most jars and tins that one would count. Common practice, no source. */
const MOST_HOLDERS = 60;

/** Whether a number behind what loose things are kept in counts those: "sequins in little jars, 40". */
export const countsHolders = ({ inside, number }: Held, behind: number): boolean =>
  inside && number === SOME && behind <= MOST_HOLDERS;

/** "in 8 blocks", "cut into 12 pieces": into how many pieces something comes. */
export function takeDivided(rest: Rest): number | null {
  const found = rest.take(
    new RegExp(
      String.raw`\b(?:in|as|into)\s+(?!an?\b)${MANY}\s+(?:blocks?|bars?|lumps?|chunks?|balls?|pieces?|skeins?|hanks?|slabs?|bricks?|bundles?|sticks?|rolls?|coils?)(?![\w-])`,
      'i',
    ),
  );
  return found ? numberOf(found[1]!) : null;
}

/** "3 x 250 ml": how many of a measure; the measure stays in the text. */
export function takeMultiple(rest: Rest): number | null {
  const found = rest.take(
    /(?<![\w.,/])(\d+)\s*[x×]\s*(?=\d+(?:[.,]\d+)?\s*(?:ml|cl|l|litres?|liters?|g|kg|oz|fl|lbs?)\b)/i,
  );
  if (found) return Number(found[1]);
  // "Glazes, 12 pints" are twelve pots of a pint.
  const pots = /(?<![\w.,/])(\d+)\s+(pint|quart)s(?![\w-])/i.exec(rest.text);
  if (!pots || Number(pots[1]) < 3) return null;
  rest.text = rest.text.replace(pots[0], `1 ${pots[2]}`);
  return Number(pots[1]);
}

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
  const take = (pattern: string) => rest.take(new RegExp(pattern, 'i'));
  // "2 packs of black cardstock of 24": what stands between the two numbers is the thing.
  const packed = new RegExp(
    String.raw`(?<![\w.,])${MANY}\s+${GROUP}\s+of\s+(?!\d+\s*(?:sheets?|$))([^,;]*?\p{L}[^,;]*?)\s+of\s+(\d+)(?:\s*(?:sheets?|pieces?))?(?:\s*each)?(?![\w.,/])`,
    'iu',
  ).exec(rest.text);
  if (packed) {
    rest.text = rest.text.replace(packed[0], ` ${packed[2]} `);
    return [numberOf(packed[1]!) * Number(packed[3])];
  }
  const each = take(
    String.raw`(?<![\w.,/])${MANY}\s+(?:colou?rs|kinds|types|sorts|designs|shades)\s*[;,]?\s*(?:about\s+)?(\d+)\s*(?:sheets?|pieces?)?\s*(?:of\s+)?each(?!\w)`,
  );
  if (each) return [numberOf(each[1]!) * Number(each[2])];
  const sets = take(String.raw`(?:\b${MANY}\s+)?\bsets?\s+of\s+(\d+)`);
  if (sets) return [sets[1] ? numberOf(sets[1]) : 1, Number(sets[2])];
  const packs = take(
    String.raw`(?<![\w.,])(?:${MANY}\s+)?${GROUP}\s*(?:of|with|à|@|\()\s*(\d+)(?:\s*(?:sheets?|pieces?|balls?|skeins?|sticks?|rolls?))?(?:\s*each)?\)?(?![\w.,/])(?!\s*(?:mm|cm|in|inch|x|kg|kilos?|g|lbs?|pounds?|oz|ml|cl|l|lit(?:re|er)s?)\b)`,
  );
  if (packs) return [(packs[1] ? numberOf(packs[1]) : 1) * Number(packs[2])];
  const reams = take(
    String.raw`(?:(?<![\w/])(half(?:\s+of)?(?:\s+an?)?|1\/2(?:\s+an?)?|quarter\s+of\s+a|${MANY.slice(1, -1)})\s+)?\breams?\b(?:\s+of)?(?:\s+(\d+)(?:\s*sheets?)?(?=\s*(?:$|[;,])))?`,
  );
  if (reams) {
    const part = /^(?:half|1\/2)/i.test(reams[1] ?? '') ? 0.5 : /^quarter/i.test(reams[1] ?? '') ? 0.25 : null;
    return [Math.round((part ?? (reams[1] ? numberOf(reams[1]) : 1)) * Number(reams[2] ?? 500))];
  }
  const dozen = take(String.raw`\b(?:(half(?:\s+an?)?|${MANY.slice(1, -1)})\s+)?dozens?\b(?:\s+of)?`);
  if (dozen) return [/half/i.test(dozen[1] ?? '') ? 6 : 12 * (dozen[1] ? numberOf(dozen[1]) : 1)];
  const hundreds = take(String.raw`(?:\b(an?|${MANY.slice(1, -1)})\s+)?\b(hundred|thousand)s?\b(?:\s+of)?`);
  if (hundreds) return [(/^h/i.test(hundreds[2]!) ? 100 : 1000) * (hundreds[1] ? numberOf(hundreds[1]) : 1)];
  const named =
    take(
      String.raw`(?:~|\b(?:about|approx\.?|approximately|ca\.?|circa|roughly|around))\s*\(?(${COUNT_NUMBER})(?![\d.,]*\s*(?:mm|cm|in)\b)\)?`,
    ) ??
    take(
      String.raw`(?<![\w.,])(${COUNT_NUMBER})\s*(?:pcs?|pieces?|ct|count|of them|off|no\.?|nos|units?|pairs?)(?![\w/])`,
    ) ??
    take(String.raw`\b(?:qty|quantity|count|number)\b[\s:.]*(${COUNT_NUMBER})`) ??
    take(String.raw`\(\s*(${COUNT_NUMBER})\s*\)`) ??
    take(String.raw`^\s*[-–•*]*\s*(${COUNT_NUMBER})\s*(?:x|×)\s+(?=[a-zà-ÿ])`) ??
    take(String.raw`^\s*[-–•*]*\s*(${COUNT_NUMBER})(?![\d.,/])\s+${NOT_MEASURE}`) ??
    take(
      String.raw`[;:,–]\s*(${COUNT_NUMBER})(?![\d.,/])\s+${NOT_MEASURE}(?=[a-zà-ÿ])(?:(?:${COUNTED}|${WAYS})(?=\s*(?:$|[;:,)])))?`,
    );
  if (named) return [plainNumber(named[1]!)];
  const pair = take(String.raw`^\s*(?:an?\s+|one\s+)?pairs?\s+of\s+`);
  if (pair) return [1];
  const word = take(
    String.raw`^\s*(a\s+couple(?:\s+of)?|a\s+few|several|${WORDS})\s+(?!(?:stack|pile|heap|bunch|stash|collection|bit|lot)\b)(?=[a-z]|\d+\s*[x×])`,
  );
  return word ? [numberOf(word[1]!)] : null;
}

/** A count that stands behind its name; looked for after sizes are out, when no other count was found. */
export function takeLateCount(rest: Rest): number | null {
  const take = (pattern: string) => rest.take(new RegExp(pattern, 'i'));
  const found =
    take(String.raw`\s(?:x|×)\s*(${COUNT_NUMBER})(?![\w.,/])`) ??
    take(String.raw`(?<![\w.,])(${COUNT_NUMBER})\s*(?:x|×)(?!\w)`) ??
    take(String.raw`(?<![\w.,/])(${COUNT_NUMBER}|(?!an?\s)(?:${WORDS}))\s+${COUNTED}`) ??
    take(String.raw`[;,(]?\s*(?:in\s+)?(?<![\w.,/])(?!an?\s)(${COUNT_NUMBER}|${WORDS})\s+${WAYS}(?!.*\d)`) ??
    take(String.raw`(?<![\w.,/#])(${COUNT_NUMBER})(?=\s*(?:$|[;:,–Ø⌀-]|loose\b|small\b|large\b))`);
  if (found) return /\d/.test(found[1]!) ? plainNumber(found[1]!) : numberOf(found[1]!);
  const word = take(String.raw`\s(${WORDS})\s*$`);
  return word ? numberOf(word[1]!) : null;
}

const plainNumber = (text: string) => Number(text.replace(/[ .,]/g, ''));

function numberOf(text: string): number {
  const word = text.toLowerCase().replace(/\s+/g, ' ').replace(/ of$/, '');
  if (word === 'a couple') return 2;
  if (word === 'a few') return 3;
  if (word === 'several') return 4;
  return WORD_COUNT[word] ?? tidy(readAmount(text) ?? 1);
}
