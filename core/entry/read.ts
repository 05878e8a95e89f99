/**
 * Quick entry: one plain line about a supply becomes a supply and its uses. What is a count, a size, a paper size, a
 * grammage, a mass or a use is taken out; the words that remain are the name. Nothing but a name is needed: what nobody
 * typed is guessed, and said so.
 */
import { usualUse } from '../fit/usedUp.ts';
import { FORM_FACTS, isRound, usualOrientations } from '../fit/forms.ts';
import { formatLength, readAmount, type UnitSystem } from '../model/measure.ts';
import { SUPPLY_DEFAULTS, TRAITS, type Supply } from '../model/plan.ts';
import { classOf, takeComparison } from './comparisons.ts';
import { plural } from './guess.ts';
import type { Kind, KindFinder } from './kinds.ts';
import type { ReadLine } from './line.ts';
import { countOf } from './lineCount.ts';
import { fromKind, meantUnit, paperDefaults, readSizes } from './lineSizes.ts';
import { formOf, isPaper } from './readForm.ts';
import { saysPaper, takePaperWeight } from './readPaper.ts';
import { takeCount, takeDivided, takeHeld, takeLateCount, takeMultiple } from './readCounts.ts';
import { Rest, takeMass, takeSizes, takeStack, takeVolume, type Sizes } from './readMeasures.ts';
import { alikeOf, colourOf, nameOf } from './readName.ts';
import { shareOfSheet, takePoses, takeShare } from './readShape.ts';
import { isLong, paperSize } from './readSizes.ts';
import { applyStates, takeStates } from './stateWords.ts';
import { stem, stems, wordsOf } from './comparableWords.ts';

/** How a size is typed. */
const EXAMPLE: Readonly<Record<UnitSystem, string>> = {
  metric: '140 x 12 mm',
  centimetres: '14 x 1.2 cm',
  imperial: '5 1/2 x 1/2 in',
};
/** The longest line that is read. */
export const LONGEST_LINE = 400;

const PAPER =
  /(?<![\w-])(a(?:10|\d)|b[3-6]|c[3-7]|sra[34]|dl|letter(?!\s+(?:stickers?|stamps?|beads?|dies?|envelopes?|openers?|boards?|stencils?)\b)|legal|tabloid|ledger|executive|statement|monarch|#(?:9|10))(?![\w-])/i;
/** Names of sizes that are other words as well: read only of paper. */
const ONLY_PAPER = /^(?:ledger|executive|statement|monarch|b\d|a(?:8|9|10))$/i;
const USE = /^(?:for\s+)?([a-z][a-z'’ -]*?)\s+(\d+(?:[.,]\d+)?)\s*(?:x|×|times)(?:\s+(?:a|per|each)\s+session)?$/i;
/** Numbers that belong to the name: 20 gauge, size 8, #8, no. 5, 4 ply, 120 grit. */
const OF_NAME =
  /#\d+(?:\/\d+)?|\b(?:no\.?|size|number|model)\s*\d+(?:\/\d+)?(?![\w.,]*\s*(?:mm|cm|in\b|"|x))|(?<![\w.,/])\d+\s*-?\s*(?:gauge|ga|ply|grit|watts?|volts?|tpi|wt|denier|mesh)\b|(?<![\w.,/])\d+-(?:ring|hole|tier|way|part)\b|(?<![\w.,/])[234] ring\b/gi;
/** A weight before what is weighed comes in: "5 lb bags of". */
const WEIGHED =
  /(\d+(?:[.,]\d+)?)[\s-]*(lbs?|pounds?|kg|kilos?|g|oz)\s+((?:bags?|box(?:es)?|sacks?|tubs?|packs?|packages?|blocks?|buckets?)\s+of\b)/i;
/** A weight with what it comes in, at the end: "grout, 2 lb bag". */
const WEIGHED_LAST =
  /(?<![\w.,/])(\d+(?:[.,]\d+)?)[\s-]*(lbs?|pounds?|kg|kilos?|g|oz)\s+(?:bag|box|sack|tub|pack|package|bucket)(?=\s*(?:$|[,;]))/i;
/** Comes by the yard and is rolled up once its length is typed. */
const BY_THE_YARD =
  /tape|ribbon|elastic|lace|trim|braid|binding|webbing|cord|twine|string|piping|vinyl|chain|wire|rope|bias/i;

/** How a stock is kept in order; it is no part of a name. */
const ORDERED =
  /\b(?:(?:sorted\s+)?by\s+(?:colou?rs?|size|maker|brand|theme|type)|in\s+rainbow\s+order|in\s+colou?r\s+order)\b/i;
/** What hangs or is wound on something. */
const HUNG_ON = /\bon\s+(?:an?\s+|(\d+)\s+)?(pegs?|hooks?|rings?|rods?|rails?|hangers?|cards|spools|cones)(?![\w-])/i;

/** Kinds of what is rolled up once its length is typed. */
const COMES_ON_ROLLS: ReadonlySet<string> = new Set(['trims', 'tapes', 'vinyl', 'wire', 'wrap', 'findings', 'packing']);

/**
 * Reads one line of quick entry.
 * @param system whether a bare number is mm or inches
 * @param activities known activities; a use names one of them by the beginning of its name or of a word in it
 * @param kinds known kinds of things, for what is not typed
 * @param crafts keys of the crafts that are made: "hooks" are crochet hooks where one crochets
 */
export function readLine(
  line: string,
  system: UnitSystem,
  activities: ReadonlyArray<{ id: string; name: string }> = [],
  kinds: KindFinder | null = null,
  crafts: ReadonlySet<string> = new Set(),
): ReadLine {
  const read: ReadLine = {
    supply: { name: '' },
    draft: null,
    kind: null,
    states: { states: [], season: '' },
    holder: null,
    uses: [],
    missing: [],
    problems: [],
    doubts: [],
    understood: [],
    assumed: [],
  };
  const { supply, problems, understood, assumed } = read;
  if (line.length > LONGEST_LINE) {
    problems.push(`A line has at most ${LONGEST_LINE} characters; this one has ${line.length}. Paste a list instead.`);
    return read;
  }
  const clean = normalised(line);
  const mixed = /(?<![\w.,])(?:\d+,\d{1,2}\.\d+|\d+\.\d{1,2},\d+|\d+,\d+,\d{1,2}(?!\d)|\d+\.\d+\.\d{1,2}(?!\d))/.exec(
    clean,
  );
  if (mixed) problems.push(`“${mixed[0]}” mixes decimal commas and points; write 1.5 or 1,5.`);
  // A dash with a space behind it sets parts apart.
  if (/^[-−]\d|[\s(;][-−]\d+(?:[.,]\d+)?\s*(?:mm|cm|m|in|inch|inches|ft|x|×|["'])(?![a-z])|\s[-−]\d+\s*$/i.test(clean))
    problems.push('A negative number cannot be a count or a size.');
  const body = takeUses(clean, activities, read);
  let weighed = '';
  const rest = new Rest(body.replace(/^\s*(?:[-–•*]\s+)/, ''));
  rest.text = rest.text.replace(WEIGHED_LAST, ' $1 $2 ');
  rest.text = rest.text.replace(WEIGHED, (_, amount: string, unit: string, of: string) => {
    weighed = ` ; ${amount} ${unit} `;
    return of;
  });
  rest.text += weighed;
  read.states = takeStates(rest);
  const sorted = rest.take(ORDERED) !== null;
  const hung = rest.take(HUNG_ON);
  const share = takeShare(rest);
  takePoses(rest, supply);
  const kept: string[] = [];
  const numbered = /\benvelopes?\b/i.test(body) && /#\s?(?:9|10)\b/.test(body);
  rest.text = rest.text.replace(OF_NAME, (text) => {
    if ((numbered && /^#\s?(?:9|10)$/.test(text)) || /^#$/.test(text)) return text;
    kept.push(text);
    return ` ${'§'.repeat(kept.length)} `;
  });

  const stack = takeStack(rest);
  const compared = takeComparison(rest) ?? classOf(rest);
  const about = body.replace(ORDERED, ' ').replace(HUNG_ON, ' ');
  const kind = kinds ? kinds.forCrafts(about, paperKind(body, kindOf(about, kinds), kinds), crafts) : null;
  read.kind = kind;
  takePaperWeight(rest, body, kind?.form === 'sheets' || /\d\s+sheets?\b/i.test(body), read, system);
  const inKind = new Set(kind ? stems(kind.name) : []);
  const multiple = takeMultiple(rest);
  const divided = takeDivided(rest);
  const packed = takeCount(new Rest(rest.text)).count;
  // "2 boxes of 25" is counted as it is said; else what things are kept in comes first.
  const held =
    /\bof\s*\d|\(\s*\d/.test(rest.text) && packed !== null
      ? null
      : takeHeld(rest, (w) => isThing(body, w, kind, inKind));
  if (held?.inside === true || (held && kind))
    read.holder = { word: held.word, number: held.number, litres: held.litres };
  if (hung)
    read.holder = { word: hung[2]!.toLowerCase().replace(/s$/, ''), number: Number(hung[1] ?? 1), litres: null };
  const counted = takeCount(rest);
  const sizes = takeSizes(rest, system, isPaper(body));
  problems.push(...sizes.problems);
  const size = sizes.plain.length < 2 ? PAPER.exec(rest.text) : null;
  const named = size && (!ONLY_PAPER.test(size[1]!) || isPaper(body)) ? rest.take(PAPER) : null;
  if (named) paperSize(named[1]!, body, sizes, system, understood);
  if (share) shareOfSheet(sizes, share);
  supply.form = formFor(body, sizes, kind, named !== null || supply.grammage != null || paperPair(sizes, body));
  if (!supply.form && named && supply.grammage != null) supply.form = 'sheets';
  const pours =
    supply.form === 'bottles' ||
    (kind !== null && /tube/i.test(body)) ||
    supply.form === 'loose' ||
    supply.form === 'soft';
  const solid = supply.form !== 'bottles' && /(?<![\w.,/])[\d./ ]+\s*(?:oz|ounces?)\b/i.test(rest.text);
  const volume = pours && !solid ? takeVolume(rest) : null;
  const mass = takeMass(rest);
  const late = counted.count === null && !held?.typed ? (sizes.count ?? takeLateCount(rest)) : null;
  if (/\b(?:sets?|kits?)$/i.test(rest.text.replace(/[\s;:.–-]+$/, '')) && !inKind.has('set') && !inKind.has('kit'))
    supply.form = 'set';
  supply.parts = counted.parts;
  supply.name = nameOf(rest.text, supply.form ?? 'pieces', inKind);
  takeTraits(rest, supply);

  supply.form ??= isLong(sizes) ? 'long' : 'pieces';
  if (supply.form === 'pieces' && !kind && isLong(sizes)) supply.form = 'long';
  if (sizes.bare && kind && sizes.plain.length > 0) meantUnit(sizes, kind, system, assumed);
  readSizes(read, sizes, body, kind, compared, held, volume, system);
  if (kind) fromKind(kind, supply);
  if (supply.form === 'sheets') paperDefaults(supply, body, kind, system, assumed);
  const high = stack ?? (/\b(?:stack|pile)\b/i.test(body) ? (sizes.high ?? null) : null);
  countOf(
    read,
    {
      typed: multiple ?? counted.count ?? late,
      high,
      mass,
      held,
      divided,
      volume: multiple === null ? volume : null,
      ream: /\breams?\b/i.test(body),
      many: several(clean, kind, supply.form),
    },
    kind,
    system,
  );
  applyStates(read.states, supply);
  if (counted.backstock > 0) {
    supply.backstock = Math.min(counted.backstock, supply.count ?? counted.backstock);
    understood.push(`${counted.backstock} of them spare`);
  }
  const back = rest.text.replace(/§+/g, (marks) => kept[marks.length - 1]!);
  supply.name = nameOf(back, supply.form, inKind);
  if (/^sheets?$/i.test(supply.name) && kind) supply.name = kind.name;
  if (share) supply.name = `${share} sheets of ${supply.name.charAt(0).toLowerCase()}${supply.name.slice(1)}`;
  if (supply.name === '' && kind && /\breams?\b/i.test(body)) supply.name = kind.name;
  // Boxes of pins are counted as boxes, and called so.
  if (held && supply.name !== '' && inKind.has(stem(held.word)) && supply.form === 'pieces')
    supply.name = nameOf(
      `${held.number === 1 ? held.word : plural(held.word)} of ${supply.name.charAt(0).toLowerCase()}${supply.name.slice(1)}`,
      'pieces',
    );
  if (supply.name === '' && supply.form === 'sheets') supply.name = (supply.grammage ?? 0) >= 160 ? 'Card' : 'Paper';
  if (supply.name === '' && held) supply.name = nameOf(plural(held.word), 'pieces');
  if (supply.name !== '' && !/\p{L}/u.test(supply.name))
    problems.push(`“${supply.name}” was not understood; a name has letters.`);
  const number = /(?<!\w)\d[\d.,/x×]*(?:\s+[a-zµ]+)?/i.exec(nameOf(rest.text, supply.form));
  if (number)
    read.doubts.push(`“${number[0].trim()}” was left in the name; counts go first, sizes like ${EXAMPLE[system]}.`);
  supply.colour = colourOf(supply.name);
  supply.alike = sorted ? 'different' : alikeOf(supply.name);
  finish(read, kind, system);
  return read;
}

/** Fractions, quotes and times signs as they are typed on many keyboards, made one. */
function normalised(line: string): string {
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

/** Plurals of which one is meant as often. */
const PAIRS = new Set(stems('scissors shears snips pliers tweezers nippers goggles glasses scales tongs'));
/** Words that end like a plural and are none. */
const NO_PLURAL =
  /\b(?:(?:wire|side|flush)\s+cutters|(?:tailor|dressmaker|baker|painter|jeweller|jeweler|quilter|potter)['’]?s(?=\s)|\p{L}+['’]s)/giu;

/** One roll, set or box of it; a measure of it all. */
const ONE_OF =
  /(?<![\w-])(?:an?|one|1|half)\s|(?<![\w-])(?:roll|set|kit|box|bolt|bottle|tube|tin|spool|skein|ball|bag|pack|sheet|bar|block|pad|reel|cone|bucket|can)(?![\w-])/i;
const A_SET = /(?<![\w-])(?:set|kit)(?![\w-])|(?<![\w-])(?:one|1)\s+(?:box|pack|set|roll)(?![\w-])/i;
const MEASURE =
  /\d\s*(?:m|met(?:re|er)s?|yards?|yds?|kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?|ml|l|lit(?:re|er)s?|cm|mm|in|inch(?:es)?|ft|feet|")(?![\w])/i;
const KEPT_IN = /\b(?:in|on)\s+(?:an?|one|\d+)\s+/gi;

/** Whether a line speaks of several things without a number: by a plural, or by a word that means a stock ("cardstock"). */
function several(typed: string, kind: Kind | null, form: Supply['form']): 'plural' | 'mass' | null {
  const line = typed
    .replace(NO_PLURAL, ' ')
    .replace(KEPT_IN, ' in ')
    .replace(/\b(?:half|quarter)[\s-]+sheets?/i, ' ');
  if (form === 'set' || A_SET.test(line)) return null;
  const words = wordsOf(line);
  const own = new Set(kind ? stems(kind.name) : words.slice(-1).map((w) => w.stem));
  if (words.some((w) => w.plural && own.has(w.stem) && !PAIRS.has(w.stem))) return 'plural';
  const measured = form !== 'sheets' && MEASURE.test(line);
  return kind?.everyday?.mass && !measured && !ONE_OF.test(line) ? 'mass' : null;
}

/** Segments behind commas that are uses are taken out; the others stay part of the line. */
function takeUses(line: string, activities: ReadonlyArray<{ id: string; name: string }>, read: ReadLine): string {
  const [first = '', ...more] = line.split(/,(?!\d)\s*|;\s*|,(?=\d+\s*(?:pcs|pieces)\b)/);
  const body = [first];
  for (const text of more.map((t) => t.trim()).filter((t) => t !== '')) {
    const match = USE.exec(text);
    const typed = (match?.[1] ?? text.replace(/^for\s+/i, '')).trim();
    const found = /\d/.test(typed) ? undefined : findActivity(typed, activities);
    if (!match && !found) {
      body.push(text);
      continue;
    }
    const fetches = match ? decimal(match[2]!) : 1;
    if (!found && activities.length > 0)
      read.problems.push(`“${typed}” is not one of the activities (${activities.map((a) => a.name).join(', ')}).`);
    if (!(fetches > 0 && fetches <= 500))
      read.problems.push(`“${fetches} times” is not how often one fetches in a session: above 0 and at most 500.`);
    read.understood.push(`${found?.name ?? typed}, ${fetches} ${fetches === 1 ? 'fetch' : 'fetches'} a session`);
    read.uses.push({ activity: typed, id: found?.id ?? null, fetches });
  }
  return body.join(' ; ');
}

function findActivity(typed: string, activities: ReadonlyArray<{ id: string; name: string }>) {
  const wanted = typed.toLowerCase();
  const begins = (text: string) => text.toLowerCase().startsWith(wanted);
  return (
    activities.find((a) => a.name.toLowerCase() === wanted) ??
    activities.find((a) => begins(a.name)) ??
    activities.find((a) => a.name.split(/[\s-]+/).some(begins))
  );
}

/** A measure with its unit and what it is of, and numbers that belong to the name: nothing that says the kind. */
const MEASURED =
  /(?<![\w.,/])\d[\d.,/ ]*(?:-\d+\/\d+)?\s*(?:mm|cm|met(?:re|er)s?|m|in|inch(?:es)?|ft|feet|yards?|yds?|kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?|ml|cl|l|lit(?:re|er)s?|sheets?|pcs|pieces?|"|')(?![a-z])(?:\s+(?:bags?|box(?:es)?|sacks?|tubs?|buckets?)(?=\s*(?:$|[,;])))?|\b(?:wide|long|thick|tall|high|deep|across|pairs?|pcs)\b/gi;

/** The kind of which a line speaks; what a thing is for says it only where nothing else does. */
function kindOf(body: string, kinds: KindFinder): Kind | null {
  const words = body.replace(OF_NAME, ' ').replace(MEASURED, ' ');
  if (/^[\s\d]*(?:blank\s+|plain\s+)?sheets?\s*$/i.test(words.replace(PAPER, ' '))) return kinds.find('paper');
  const alone = kinds.find(words.replace(/\b(?:for|from|with|to)\s+[a-z].*$/i, ' '));
  const whole = kinds.find(words);
  // "Cutting mats for the machine" are mats of a kind of their own.
  const closer =
    alone &&
    whole &&
    stems(whole.name).length > stems(alone.name).length &&
    stems(whole.name).includes(stems(alone.name).at(-1)!);
  const found = closer ? whole : (alone ?? whole);
  return found ?? (/\breams?\b/i.test(body) ? kinds.find('paper') : null);
}

/** Of a weight of paper the kind is paper or card, whatever else its words may be: a tag board is no board. */
function paperKind(body: string, kind: Kind | null, kinds: KindFinder): Kind | null {
  if (!saysPaper(body) || kind?.form === 'sheets' || !/\d\s*(?:lbs?|#|pounds?|gsm|g\/m2|g\/m²)(?!\s*of\b)/i.test(body))
    return kind;
  if (kind !== null && !/\b(?:tag(?: ?board)?|bristol|index|cover)\b/i.test(body)) return kind;
  return kinds.find('card');
}

/** Whether a holder's word is what the line is about: "8 canning jars", "50 paper bags", "2 boxes of pins". */
function isThing(body: string, word: string, kind: Kind | null, inKind: ReadonlySet<string>): boolean {
  const last = stem(word.split(' ').at(-1)!);
  const before = new RegExp(String.raw`([a-z]+)[\s-]+${word}`, 'i').exec(body)?.[1];
  return kind !== null && inKind.has(last) && (before === undefined || inKind.has(stem(before)));
}

/** The form: as words say it that leave no doubt, else that of the kind, else by other words. */
function formFor(body: string, sizes: Sizes, kind: Kind | null, paper: boolean): Supply['form'] | undefined {
  const said = formOf(body, sizes.plain.length, paper);
  if (!kind || said === 'hung') return said ?? undefined;
  if (said === 'set' && kind.form !== 'pieces') return 'set';
  if (/\bsets? of \d/i.test(body)) return 'set';
  if (said === 'sheets' && /\bsheets?\b/i.test(body) && kind.form === 'soft') return 'sheets';
  if (/\bsheets?\b/i.test(body) && kind.form === 'rolls' && sizes.plain.length === 2) return 'sheets';
  if (
    said === 'rolls' &&
    ['soft', 'pieces', 'sheets'].includes(kind.form) &&
    /\b(?:rolls?|spools?|reels?)\b/i.test(body) &&
    !/roll/i.test(kind.name)
  )
    return 'rolls';
  // Three sizes of which no two are the same are those of a box, not of a roll or a bottle.
  const [a, b, c] = sizes.plain;
  const square = (x: number, y: number) => Math.abs(x - y) < 0.02 * x;
  if (c !== undefined && isRound(kind.form) && !square(a!, b!) && !square(b!, c) && !square(a!, c)) return 'pieces';
  const long = Math.max(0, ...sizes.plain, sizes.long ?? 0);
  if (said === 'sheets' && /\d\s+sheets?\b/i.test(body) && kind.form === 'pieces' && kind.thickness <= 15)
    return 'sheets';
  if (kind.form !== 'rolls' && COMES_ON_ROLLS.has(kind.category) && long >= 1400 && BY_THE_YARD.test(body))
    return 'rolls';
  return kind.form;
}

/** Two sizes of a sheet and a word for paper: a sheet even without a grammage. */
function paperPair(sizes: Sizes, body: string): boolean {
  const [a, b] = sizes.plain;
  return sizes.plain.length === 2 && isPaper(body) && Math.min(a!, b!) > 90 && sizes.thick === undefined;
}

/** What a thing asks of its place; a single word counts only where it stands by itself: a hot glue gun is named so. */
function takeTraits(rest: Rest, supply: ReadLine['supply']): void {
  for (const trait of TRAITS) {
    const word = trait.includes(' ') ? String.raw`\b${trait}\b` : String.raw`(?<=[;,(]\s*)${trait}(?=\s*(?:[;,)]|$))`;
    if (rest.take(new RegExp(word, 'i'))) (supply.traits ??= []).push(trait);
  }
}

const decimal = (text: string) => Number(text.replace(',', '.'));

function finish(read: ReadLine, kind: Kind | null, system: UnitSystem): void {
  const { supply, missing, problems, doubts } = read;
  const facts = FORM_FACTS[supply.form!];
  if (supply.name === '') missing.push('a name');
  for (const [i, value] of [supply.length, supply.width, supply.thickness].entries()) {
    const label = facts.sizes[i]!.toLowerCase();
    if (value === undefined) continue;
    if (Number.isNaN(value)) continue; // said already
    if (!(value > 0)) problems.push(`The ${label} must be above zero.`);
    else if (value > 6000)
      problems.push(
        `The ${label} of ${formatLength(value, system)} is more than ${system !== 'imperial' ? '6 m' : '19 ft'}; check its unit.`,
      );
  }
  if (kind && supply.length !== undefined && supply.form === kind.form) {
    const times = Math.max(supply.length, supply.width ?? 0) / Math.max(kind.length, kind.width);
    if (times > 5)
      doubts.push(
        `${formatLength(Math.max(supply.length, supply.width ?? 0), system)} is ${Math.round(times)} times as long as usual for ${kind.name.toLowerCase()}; check its unit.`,
      );
  }
  if (missing.length > 0 || problems.length > 0) return;
  read.draft = {
    ...SUPPLY_DEFAULTS,
    name: supply.name,
    category: supply.category ?? '',
    form: supply.form!,
    count: supply.count!,
    length: supply.length!,
    width: supply.width!,
    thickness: Math.max(supply.thickness!, 0.01),
    grammage: supply.form === 'sheets' ? (supply.grammage ?? null) : null,
    mass: supply.mass ?? (supply.form === 'sheets' || kind?.form !== supply.form ? null : (kind?.mass ?? null)),
    orientations: supply.orientations ?? usualOrientations(supply.form!),
    ...(supply.stands ? { stands: supply.stands } : {}),
    ...usualUse({ form: supply.form!, category: supply.category ?? '' }),
    note: '',
    together: read.states.states.length === 0 && !supply.season ? (kind?.everyday?.beside ?? '') : '',
    traits: supply.traits ?? [],
    colour: supply.colour ?? '',
    alike: supply.alike ?? null,
    backstock: supply.backstock ?? 0,
    season: supply.season ?? '',
    life: supply.life ?? 'current',
    parts: supply.parts ?? null,
    squeeze: supply.squeeze ?? (supply.form === 'soft' ? 0.8 : 1),
    sizeFrom: supply.sizeFrom ?? '',
    countFrom: supply.countFrom ?? '',
  };
}
