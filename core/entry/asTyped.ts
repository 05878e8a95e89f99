/** A line as it is typed on many keyboards and told among friends, made plain before it is read. */
import { HOLDER_WORDS } from './holders.ts';
import { WORD_COUNT } from './readCounts.ts';
import { readAmount } from '../model/measure.ts';

const MEASURE = String.raw`(?![\d.,/ ]*(?:mm|cm|m|met(?:re|er)s?|yards?|yds?|in|inch(?:es)?|ft|feet|kg|g|lbs?|oz|ml|l|x|×|"|')(?![a-z]))`;
/** What says before or behind a number that nobody counted; and whose the things are. */
const HEDGED = new RegExp(
  String.raw`(?<![\w-])(?:maybe|perhaps|probably|at least|almost|nearly|easily|over|more than|up to|something like|i (?:think|guess)|i'd say)\s+(?=\d)${MEASURE}`,
  'gi',
);
const HEDGED_LAST = new RegExp(
  String.raw`(?<![\w.,/])(\d+)(?:\s*\+(?=\s*(?:$|[,;)]|[a-z]))|\s*-?ish\b|\s+(?:or so|or more|give or take|at least|maybe|i (?:think|guess))\b)`,
  'gi',
);
/** Cloth with pockets, rolled up; a roll of paper is none. */
const TOOL_ROLL =
  /\b(hooks?|needles?|brush(?:es)?|tools?|pens?|pencils?|pliers|dpns|gouges?|chisels?|cutters?|knives|scissors|markers?)\b(.*)\bin\s+(?:an?|its|their)\s+(?:\w+\s+)?roll$/i;
/** "Six metres", and what a box has besides. */
const WORD_MEASURE = new RegExp(
  String.raw`(?<![\w-])(?:${Object.keys(WORD_COUNT).join('|')})(?=\s+(?:met(?:re|er)s?|yards?|yds?|kilos?|pounds?|lit(?:re|er)s?|feet|inch(?:es)?)(?![\w-]))`,
  'gi',
);
const WITH_PARTS = /\s+with\s+(?:\w+\s+)?(?:dividers?|compartments?|lids?|handles?|wheels|labels|sections)(?![\w-])/gi;
/** "Clips, a jar of". */
const HOLDER_BEHIND = new RegExp(
  String.raw`^(.*\p{L}),\s*((?:an?|one|two|three|\d+)\s+(?:\w+\s+)?(?:${HOLDER_WORDS})\s+(?:full\s+)?of)(?:\s+(?:it|them))?$`,
  'iu',
);
/** "Hoops 4 to 12 in", "magazines 2010 to 2020": of all sizes and years in between, which nobody needs. */
const RANGE =
  /(?<![\w.,/])(?:(?:19|20)\d\d(?:\s+to\s+|[-–])(?:(?:19|20)\d\d|now|today)|\d+(?:[.,]\d+)?\s*(?:mm|cm|in|"|'')?(?:\s+to\s+|[-–])\d+(?:[.,]\d+)?\s*(?:mm|cm|in(?:ch(?:es)?)?|"|''))(?![\w/])/gi;
/** "A blanket I started". */
const STARTED =
  /,?\s+(?:(?:that\s+)?i(?:'ve)?\s+(?:just\s+)?(?:started|began)|on\s+(?:the|my)\s+(?:go|needles|hook|hoop))$/i;
/** "Elastic: 6 mm, 10 mm, 25 mm". */
const SEVERAL_WIDE =
  /(?<![\w.,/×-])\d+(?:[.,]\d+)?\s*(?:mm|cm|in(?:ch(?:es)?)?|")(?:\s*(?:,|and|&)\s*\d+(?:[.,]\d+)?\s*(?:mm|cm|in(?:ch(?:es)?)?|")){1,5}(?=\s*$)/gi;
const WHOSE = /^\s*(?:all\s+)?(?:my|our|some)\s+(?=\p{L}|\d)/iu;

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
    .replace(WORD_MEASURE, (word) => String(WORD_COUNT[word.toLowerCase()]))
    .replace(WITH_PARTS, '')
    .replace(RANGE, '')
    .replace(
      SEVERAL_WIDE,
      (all) => ` ${all.match(/\d+(?:[.,]\d+)?\s*(?:mm|cm|in\b|inch(?:es)?\b|")/gi)!.length} widths`,
    )
    .replace(HEDGED, 'about ')
    .replace(HEDGED_LAST, 'about $1')
    .replace(WHOSE, '')
    .replace(STARTED, ', in progress')
    .replace(HOLDER_BEHIND, '$2 $1')
    .replace(TOOL_ROLL, '$1$2in a tool roll')
    .replace(/[\u00a0\u202f\u2009\t§\ufffd]/g, ' ')
    .trim();
}

const tidyInches = (inches: number) => Math.round(inches * 1000) / 1000;
