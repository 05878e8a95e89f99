/** The kind of which a line speaks, by its words. */
import { stem, stems } from './comparableWords.ts';
import type { Kind, KindFinder } from './kinds.ts';
import { saysPaper } from './readPaper.ts';

/** Names of paper sizes. */
export const PAPER_SIZE =
  /(?<![\w-])(a(?:10|\d)|b[3-6]|c[3-7]|sra[34]|dl|letter(?!\s+(?:stickers?|stamps?|beads?|dies?|envelopes?|openers?|boards?|stencils?)\b)|legal|tabloid|ledger|executive|statement|monarch|#(?:9|10))(?![\w-])/i;
/** Numbers that belong to the name: 20 gauge, size 8, #8, no. 5, 4 ply, 120 grit. */
export const OF_NAME =
  /#\d+(?:\/\d+)?|\b(?:no\.?|size|number|sizes|model)\s*\d+(?:\/\d+)?(?:\s*(?:to|[-–])\s*\d+)?(?![\w.,]*\s*(?:mm|cm|in\b|"|x))|(?<![\w.,/])\d+\s*-?\s*(?:gauge|ga|ply|grit|watts?|volts?|tpi|wt|denier|mesh)\b|(?<![\w.,/])\d+-(?:ring|hole|tier|way|part)\b|(?<![\w.,/])[234] ring\b|(?<!\b(?:jar|tin|box|bag|tub|case|basket|bin|drawer|pack|set|kit)s?\s+)\bwith\s+(?:\d+|two|three|four|five|six|eight|ten|twelve)\s+[^,;]+/gi;

/** A measure with its unit and what it is of, and numbers that belong to the name: nothing that says the kind. */
const MEASURED =
  /(?<![\w.,/])\d[\d.,/ ]*(?:-\d+\/\d+)?\s*(?:mm|cm|met(?:re|er)s?|m|in|inch(?:es)?|ft|feet|yards?|yds?|kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?|ml|cl|l|lit(?:re|er)s?|sheets?|pcs|pieces?|balls|"|')(?![a-z])(?:\s+(?:bags?|box(?:es)?|sacks?|tubs?|buckets?)(?=\s*(?:$|[,;])))?|\b(?:wide|long|thick|tall|high|deep|across|pairs?|pcs)\b/gi;

/** "40 rolls" at the end. */
const COUNTED_BY = /\d+\s+(?:rolls|spools|reels|packs)(?=\s*(?:$|[,;)]))/gi;
/** What a thing is for, comes with or stands on. */
const BESIDE =
  /\b(?:(?:for|from|with|to)\s+(?:\d+\s+)?[a-z]|and\s+(?:its|their)\s|on\s+(?:an?|the|my)\s+(?:\w+\s+)?(?:wall|rack|pegboard|board|shelf|stand|table|desk)(?![\w-])).*$/i;

/** The kind of which a line speaks; what a thing is for says it only where nothing else does. */
export function kindOf(body: string, kinds: KindFinder): Kind | null {
  const words = body.replace(OF_NAME, ' ').replace(MEASURED, ' ').replace(COUNTED_BY, ' ');
  if (/^[\s\d]*(?:blank\s+|plain\s+)?sheets?\s*$/i.test(words.replace(PAPER_SIZE, ' '))) return kinds.find('paper');
  const alone = kinds.find(words.replace(BESIDE, ' '));
  const whole = kinds.find(words.replace(/\bwith\s.*$/i, ' '));
  // "Cutting mats for the machine" are mats of a kind of their own.
  const closer =
    alone &&
    whole &&
    stems(whole.name).length > stems(alone.name).length &&
    stems(whole.name).includes(stems(alone.name).at(-1)!);
  // What a thing is for is not the thing: boxes for cards are no cards.
  const named = /\p{L}\s+for\s/iu.test(words) ? null : whole;
  const own = ownOf(words, kinds);
  const nearer = own !== null && (alone === null || stems(own.name).length > stems(alone.name).length);
  const found = closer ? whole : nearer ? own : (alone ?? named);
  return found ?? (/\breams?\b/i.test(body) ? kinds.find('paper') : null);
}

/** "Mats for the cutter" are cutter mats, not cutters; null where nothing is called so. */
function ownOf(words: string, kinds: KindFinder): Kind | null {
  const [, thing, of] = /^(.*?\p{L})\s+for\s+(?:the|my|an?)?\s*(\p{L}.*?)\s*(?:[;,(].*)?$/iu.exec(words) ?? [];
  if (thing === undefined) return null;
  const found = kinds.find(`${of} ${thing}`);
  return found && stems(found.name).at(-1) === stems(thing).at(-1) ? found : null;
}

/** Of a weight of paper the kind is paper or card, whatever else its words may be: a tag board is no board. */
export function paperKind(body: string, kind: Kind | null, kinds: KindFinder): Kind | null {
  if (!saysPaper(body) || kind?.form === 'sheets' || !/\d\s*(?:lbs?|#|pounds?|gsm|g\/m2|g\/m²)(?!\s*of\b)/i.test(body))
    return kind;
  if (kind !== null && !/\b(?:tag(?: ?board)?|bristol|index|cover)\b/i.test(body)) return kind;
  return kinds.find(/\b(?:bond|writing|copy|text|book|offset)\b/i.test(body) ? 'paper' : 'card');
}

/** Whether a holder's word is what the line is about: "8 canning jars", "50 paper bags", "2 boxes of pins". */
export function isThing(body: string, word: string, kind: Kind | null, inKind: ReadonlySet<string>): boolean {
  const last = stem(word.split(' ').at(-1)!);
  const before = new RegExp(String.raw`([a-z]+)[\s-]+${word}`, 'i').exec(body)?.[1];
  return kind !== null && inKind.has(last) && (before === undefined || inKind.has(stem(before)));
}
