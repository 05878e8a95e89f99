/**
 * Quick entry: one plain line about a supply becomes a supply and its uses. What is a count, a size, a paper size, a
 * grammage, a mass or a use is taken out; the words that remain are the name. Nothing but a name is needed: what nobody
 * typed is guessed, and said so.
 */
import type { UnitSystem } from '../model/measure.ts';
import { TRAITS } from '../model/plan.ts';
import { takeAmount } from './amountChips.ts';
import { plainly } from './asTyped.ts';
import { classOf, takeComparison } from './comparisons.ts';
import { stem, stems } from './comparableWords.ts';
import { plural } from './guess.ts';
import { isThing, kindOf, OF_NAME, paperKind, PAPER_SIZE } from './kindMeant.ts';
import type { KindFinder } from './kinds.ts';
import type { ReadLine } from './line.ts';
import { countOf } from './lineCount.ts';
import { fromKind, meantUnit, paperDefaults, readSizes, tooLongFor } from './lineSizes.ts';
import { formFor, isPaper, paperPair } from './readForm.ts';
import { takePaperWeight } from './readPaper.ts';
import { countsHolders, takeCount, takeDivided, takeHeld, takeLateCount, takeMultiple } from './readCounts.ts';
import { Rest, takeMass, takeSizes, takeStack, takeVolume } from './readMeasures.ts';
import { alikeOf, colourOf, nameOf } from './readName.ts';
import { shareOfSheet, takePoses, takeShare } from './readShape.ts';
import { isLong, paperSize } from './readSizes.ts';
import { several } from './several.ts';
import { applyStates, takeStates } from './stateWords.ts';
import { takeUses } from './takeUses.ts';
import { toDraft } from './toDraft.ts';

/** How a size is typed. */
const EXAMPLE: Readonly<Record<UnitSystem, string>> = {
  metric: '140 x 12 mm',
  centimetres: '14 x 1.2 cm',
  imperial: '5 1/2 x 1/2 in',
};
/** The longest line that is read. */
export const LONGEST_LINE = 400;

/** Names of sizes that are other words as well: read only of paper. */
const ONLY_PAPER = /^(?:ledger|executive|statement|monarch|b\d|a(?:8|9|10))$/i;
/** A weight before what is weighed comes in: "5 lb bags of". */
const WEIGHED =
  /(\d+(?:[.,]\d+)?)[\s-]*(lbs?|pounds?|kg|kilos?|g|oz)\s+((?:bags?|box(?:es)?|sacks?|tubs?|packs?|packages?|blocks?|buckets?)\s+of\b)/i;
/** A weight with what it comes in, at the end: "grout, 2 lb bag". */
const WEIGHED_LAST =
  /(?<![\w.,/])(\d+(?:[.,]\d+)?)[\s-]*(lbs?|pounds?|kg|kilos?|g|oz)\s+(?:bag|box|sack|tub|pack|package|bucket)(?=\s*(?:$|[,;]))/i;

/** How a stock is kept in order; it is no part of a name. */
const ORDERED =
  /\b(?:(?:sorted\s+)?by\s+(?:colou?rs?|size|maker|brand|theme|type)|in\s+rainbow\s+order|in\s+colou?r\s+order)\b/i;
/** It comes on a roll; the form says so. */
const ON_ROLL = /\bon\s+(?:an?\s+|the\s+)?rolls?(?![\w-])/i;
/** What hangs or is wound on something. */
const HUNG_ON =
  /\bon\s+(?:an?\s+|(\d+)\s+)?(?:(?:magnetic|plastic|metal|wooden|wall)\s+)?(pegs?|hooks?|rings?|rods?|rails?|hangers?|cards|spools|cones|bolts)(?![\w-])/i;

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
    weighed: null,
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
  const clean = plainly(line);
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
  rest.take(ON_ROLL);
  const hung = rest.take(HUNG_ON);
  const amount = takeAmount(rest);
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
  const about = body.replace(ORDERED, ' ').replace(HUNG_ON, ' ').replace(ON_ROLL, ' ');
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
  tooLongFor(sizes, kind, read);
  const size = sizes.plain.length < 2 ? PAPER_SIZE.exec(rest.text) : null;
  const named = size && (!ONLY_PAPER.test(size[1]!) || isPaper(body)) ? rest.take(PAPER_SIZE) : null;
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
  const behind = counted.count === null && (!held?.typed || held.inside) ? (sizes.count ?? takeLateCount(rest)) : null;
  const late = held && behind !== null && kind?.form === 'loose' && countsHolders(held, behind) ? null : behind;
  if (held && behind !== null && late === null) read.holder!.number = held.number = behind;
  if (/\b(?:sets?|kits?)$/i.test(rest.text.replace(/[\s;:.–-]+$/, '')) && !inKind.has('set') && !inKind.has('kit'))
    supply.form = 'set';
  supply.parts = counted.parts;
  supply.name = nameOf(rest.text, supply.form ?? 'pieces', inKind);
  takeTraits(rest, supply);

  supply.form ??= isLong(sizes) ? 'long' : 'pieces';
  if (supply.form === 'pieces' && !kind && isLong(sizes)) supply.form = 'long';
  if (sizes.bare && kind && sizes.plain.length > 0) meantUnit(sizes, kind, system, assumed);
  readSizes(read, sizes, body, kind, compared, held, volume, system);
  if (kind) fromKind(kind, supply, system);
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
      ream: /\breams?\b(?!\s+of\s+\d+\s*(?:sheets?\s*)?(?:$|[;,]))/i.test(body),
      many: several(clean, kind, supply.form) ?? (amount === null ? null : 'mass'),
      said: amount ?? 'some',
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
  // Paper goes by its pounds where nothing else is said of it.
  const called = /lb/.test(read.weighed ?? '') ? read.weighed : null;
  if (/^sheets?$/i.test(supply.name) && kind) supply.name = called ?? kind.name;
  if (share) supply.name = `${share} sheets of ${supply.name.charAt(0).toLowerCase()}${supply.name.slice(1)}`;
  if (supply.name === '' && kind && /\breams?\b/i.test(body)) supply.name = kind.name;
  // Boxes of pins are counted as boxes, and called so.
  if (held && supply.name !== '' && inKind.has(stem(held.word)) && supply.form === 'pieces')
    supply.name = nameOf(
      `${held.number === 1 ? held.word : plural(held.word)} of ${supply.name.charAt(0).toLowerCase()}${supply.name.slice(1)}`,
      'pieces',
    );
  if (supply.name === '' && supply.form === 'sheets')
    supply.name = called ?? ((supply.grammage ?? 0) >= 160 ? 'Card' : 'Paper');
  if (supply.name === '' && held) supply.name = nameOf(plural(held.word), 'pieces');
  if (supply.name !== '' && !/\p{L}/u.test(supply.name))
    problems.push(`“${supply.name}” was not understood; a name has letters.`);
  const number = /(?<!\w)\d[\d.,/x×]*(?:\s+[a-zµ]+)?/i.exec(nameOf(rest.text, supply.form));
  if (number)
    read.doubts.push(`“${number[0].trim()}” was left in the name; counts go first, sizes like ${EXAMPLE[system]}.`);
  supply.colour = colourOf(supply.name);
  supply.alike = sorted ? 'different' : alikeOf(supply.name);
  toDraft(read, kind, system);
  return read;
}

/** What a thing asks of its place; a single word counts only where it stands by itself: a hot glue gun is named so. */
function takeTraits(rest: Rest, supply: ReadLine['supply']): void {
  for (const trait of TRAITS) {
    const word = trait.includes(' ') ? String.raw`\b${trait}\b` : String.raw`(?<=[;,(]\s*)${trait}(?=\s*(?:[;,)]|$))`;
    if (rest.take(new RegExp(word, 'i'))) (supply.traits ??= []).push(trait);
  }
}
