/** Whether a line without a number speaks of one thing or of a stock of it. */
import type { Supply } from '../model/plan.ts';
import { HOLDER_WORDS } from './holders.ts';
import { stems, wordsOf } from './comparableWords.ts';
import type { Kind } from './kinds.ts';

/** Plurals of which one is meant as often. */
const PAIRS = new Set(stems('scissors shears snips pliers tweezers nippers goggles glasses scales tongs'));
/** What things come in: "ink bottles" are as many as inks. */
const COME_IN = new Set(stems('bottles tubes rolls jars spools pads packs sheets balls skeins reels cones refills'));
/** Words that end like a plural and are none. */
const NO_PLURAL =
  /\b(?:turps|(?:wire|side|flush)\s+cutters|(?:tailor|dressmaker|baker|painter|jeweller|jeweler|quilter|potter)['’]?s(?=\s)|\p{L}+['’]s)/giu;

/** One roll, set or box of it; a measure of it all. */
const ONE_OF =
  /(?<![\w-])(?:an?|one|1|half)\s|(?<![\w-])(?:roll|set|kit|box|bolt|bottle|tube|tin|spool|skein|ball|bag|pack|sheet|bar|block|pad|reel|cone|bucket|can|tool|needle|dispenser|punch|pot|pan|saucepan|boiler|jar|container|mould|mold|form|insert|brush|burnisher|iron|chisel|beveler|bunch|bouquet|rod|dowel|cane|plank|square|pencil|nippers?|mixer)(?![\w-])/i;
const A_SET = /(?<![\w-])(?:set|kit)(?![\w-])|(?<![\w-])(?:one|1)\s+(?:box|pack|set|roll)(?![\w-])/i;
const MEASURE =
  /\d\s*(?:m|met(?:re|er)s?|yards?|yds?|kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?|ml|l|lit(?:re|er)s?|cm|mm|in|inch(?:es)?|ft|feet|")(?![\w])/i;
const KEPT_IN = new RegExp(
  String.raw`\b(?:in|on)\s+(?:an?|one|\d+)\s+(?:(?:[\w-]+\s+){0,2}?(?:${HOLDER_WORDS})(?![\w-]))?`,
  'gi',
);

/** What is in a box is not one of it. */
const BOX_OF = new RegExp(
  String.raw`^\s*(?:an?\s+)?(?:big|large|small|whole)?\s*(?:${HOLDER_WORDS})\s+(?:full\s+)?of\s+`,
  'i',
);

/** Whether a line speaks of several things without a number: by a plural, or by a word that means a stock ("cardstock"). */
export function several(typed: string, kind: Kind | null, form: Supply['form']): 'plural' | 'mass' | null {
  const line = typed
    .replace(/\b(?:for|from|with|to)\s+.*$/i, ' ')
    .replace(NO_PLURAL, ' ')
    .replace(KEPT_IN, ' in ')
    .replace(BOX_OF, '')
    .replace(/^\s*(?:an?\s+)?(?:stack|pile|heap|bunch|bundle|stash|collection)s?\s+of\s+/i, '')
    .replace(/\b(?:half|quarter)[\s-]+sheets?/i, ' ');
  if (/(?<![\w-])(?:sets|kits)(?![\w-])/i.test(line)) return 'plural';
  if (form === 'set' || A_SET.test(line)) return null;
  const words = wordsOf(line);
  const own = new Set(kind ? stems(kind.name) : words.map((w) => w.stem));
  if (words.some((w) => w.plural && (own.has(w.stem) || COME_IN.has(w.stem)) && !PAIRS.has(w.stem))) return 'plural';
  const measured = form !== 'sheets' && MEASURE.test(line);
  return kind?.everyday?.mass && !measured && !ONE_OF.test(line) ? 'mass' : null;
}
