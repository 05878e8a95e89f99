/**
 * Quick entry: one plain line about a supply becomes a supply and its uses. Works word by word from the left: what is
 * a count, a size, a paper size, a grammage, a mass or a use is taken out; the words that remain are the name.
 */
import { LENGTH_UNITS, readAmount, type UnitSystem } from '../model/measure.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import { ENVELOPE_SIZES, grammageOf, SHEET_SIZES, sheetThickness, type Basis } from '../fit/sheets.ts';

export type SupplyDraft = Omit<Supply, 'id'>;

export interface ReadLine {
  /** As far as it was understood. */
  supply: Partial<SupplyDraft> & { name: string };
  /** A whole supply, once nothing is missing. */
  draft: SupplyDraft | null;
  /** Uses named in the line: the activity as typed and fetches a session. */
  uses: Array<{ activity: string; id: string | null; fetches: number }>;
  /** What is needed before it can be kept, in words. */
  missing: string[];
  /** What could not be understood, in words. */
  problems: string[];
  /** What was understood, in words, for the live reading. */
  understood: string[];
}

const NUM = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`(?:mm|cm|m|inches|inch|in|ft|"|″)`;
const TIMES = String.raw`\s*(?:x|×|\*|by)\s*`;
const SIZE = new RegExp(
  String.raw`(?<![\w.,/])(${NUM})\s*(${UNIT})?${TIMES}(${NUM})\s*(${UNIT})?(?:${TIMES}(${NUM})\s*(${UNIT})?)?(?![\w/])`,
  'i',
);
const THICK = new RegExp(String.raw`(?<![\w.,/])(${NUM})\s*(mm|cm|inches|inch|in|"|″)\s*(?:thick|high|deep)\b`, 'i');
const ONE_LENGTH = new RegExp(String.raw`(?<![\w.,/])(${NUM})\s*(${UNIT})(?:\s*(?:long|wide|across))?(?![\w/])`, 'i');
const GSM = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(?:gsm|g\/m2|g\/m²|g\/qm)(?!\w)/i;
const BASIS = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(?:lb|lbs|#)\s*(bond|cover|index|text)(?!\w)/i;
const MASS = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(kg|g|lb|lbs|oz)(?:\s*(each|apiece|a piece))?(?![\w/])/i;
const PAPER = /(?<![\w-])(a[0-7]|c[456]|dl|letter|legal|tabloid)(?![\w-])/i;
const SQUARE = /(?<![\w])(\d{1,2})\s*x\s*(\d{1,2})(?=\s+(?:paper|card|cardstock|sheets?)\b)/i;
const LEADING_COUNT =
  /^\s*(?:(?:box|pack|packet|set|bag|tin|case|jar)s?\s+of\s+)?(\d{1,3}(?:[ .,]\d{3})+|\d+)\s+(?![x×*/]|(?:mm|cm|m|in|inch|inches|ft|g|kg|lb|oz|gsm)\b)/i;
const USE = /^(.*?)\s+(\d+(?:[.,]\d+)?)\s*(?:x|×|times)(?:\s+a\s+session)?$/i;
const WORD_COUNT: Readonly<Record<string, number>> = {
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
  twelve: 12,
  dozen: 12,
};

const SHEET_WORDS = /\b(sheets?|paper|papers|card|cardstock|cards|board sheets|prints?|envelopes?|vellum|tissue)\b/i;
const LOOSE_WORDS =
  /\b(loose|beads?|screws?|screw eyes|nails|pins|buttons|eyelets|sequins|rings|hooks and eyes|washers|brads|staples|tacks|small parts)\b/i;
const MASS_IN_GRAMS: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  lb: 453.59237,
  lbs: 453.59237,
  oz: 28.349523125,
};

/** The ways of lying that are allowed when nobody says otherwise (methods.md 3). */
export function usualOrientations(form: Supply['form']): Orientation[] {
  return form === 'loose' ? ['flat'] : ['flat', 'edge', 'end'];
}

/** Rounds away the noise of unit conversion, keeping inches exact to 1/1000 mm. */
const tidy = (mm: number) => Math.round(mm * 1000) / 1000;

/**
 * Reads one line of quick entry.
 * @param system whether a bare number is mm or inches
 * @param activities known activities; a use names one of them by the beginning of its name or of a word in it
 */
export function readLine(
  line: string,
  system: UnitSystem,
  activities: ReadonlyArray<{ id: string; name: string }> = [],
): ReadLine {
  const problems: string[] = [];
  const understood: string[] = [];
  const supply: Partial<SupplyDraft> = {};
  const [body, ...tail] = splitUses(line);
  let rest = ` ${body!.trim()} `;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  if (/(?<!\d)[-−]\d/.test(rest)) problems.push('A negative number cannot be a count or a size.');

  const uses = tail.flatMap((text) => readUse(text, activities, problems, understood));

  const basis = take(BASIS);
  const gsm = basis ? null : take(GSM);
  if (basis) supply.grammage = Math.round(grammageOf(number(basis[1]!), basis[2]!.toLowerCase() as Basis));
  if (gsm) supply.grammage = number(gsm[1]!);
  if (supply.grammage != null) understood.push(`${supply.grammage} g/m²`);

  const count = readCount(rest);
  if (count) {
    supply.count = count.count;
    rest = count.rest;
    understood.unshift(`${count.count} of them`);
  }

  const sizes: number[] = [];
  const squareSheet = SHEET_WORDS.test(rest) ? take(SQUARE) : null;
  if (squareSheet && Number(squareSheet[1]) <= 24) {
    // "12x12 card": small bare numbers before paper are inches in any plan.
    sizes.push(Number(squareSheet[1]) * 25.4, Number(squareSheet[2]) * 25.4);
  } else {
    if (squareSheet) rest = ` ${squareSheet[0]} ${rest}`;
    const size = take(SIZE);
    if (size) {
      const last = size[6] ?? size[4] ?? size[2] ?? (system === 'metric' ? 'mm' : 'in');
      for (const [value, unit] of [
        [size[1], size[2]],
        [size[3], size[4]],
        [size[5], size[6]],
      ] as const) {
        if (value) sizes.push(readAmount(value)! * LENGTH_UNITS[(unit ?? last).toLowerCase()]!);
      }
    }
  }
  const thick = take(THICK);
  if (thick) supply.thickness = tidy(readAmount(thick[1]!)! * LENGTH_UNITS[thick[2]!.toLowerCase()]!);
  const isEnvelope = /\benvelopes?\b/i.test(rest);
  const paper = sizes.length === 0 ? take(PAPER) : null;
  if (paper) {
    const key = paper[1]!.toLowerCase();
    sizes.push(...((isEnvelope ? ENVELOPE_SIZES[key] : undefined) ?? SHEET_SIZES[key]!));
    understood.push(`${paper[1]!.toUpperCase()} is ${sizes.map((s) => Math.round(s)).join(' × ')} mm`);
  }
  const mass = take(MASS);
  if (mass) {
    const grams = number(mass[1]!) * MASS_IN_GRAMS[mass[2]!.toLowerCase()]!;
    supply.mass = Math.round(grams * 100) / 100;
    understood.push(`${Math.round(grams)} g each`);
  }
  if (sizes.length === 0) {
    const one = take(ONE_LENGTH);
    if (one) sizes.push(readAmount(one[1]!)! * LENGTH_UNITS[one[2]!.toLowerCase()]!);
  }

  if (SHEET_WORDS.test(rest) && (supply.grammage != null || paper || squareSheet) && sizes.length <= 2)
    supply.form = 'sheets';
  else if (LOOSE_WORDS.test(rest)) supply.form = 'loose';
  else supply.form = sizes.length === 2 && supply.grammage != null ? 'sheets' : 'pieces';
  applySizes(supply, sizes, understood);

  const name = tidyName(rest);
  const leftover = /(?<![\w])\d[\d.,/x×]*(?![\w])/.exec(name);
  if (leftover)
    problems.push(`“${leftover[0]}” was not understood; give sizes as 140 x 12 mm and counts at the start.`);
  supply.count ??= 1;
  if (supply.count < 1) problems.push('The count is at least 1.');
  if (supply.count > 1_000_000) problems.push('The count is at most 1 000 000.');
  supply.goesBack = supply.form === 'pieces';
  return finish({ ...supply, name }, uses, problems, understood);
}

/** The uses come after the first comma that is not a decimal comma. */
function splitUses(line: string): string[] {
  return line.split(/,(?!\d)\s*|;\s*/).map((part) => part.trim());
}

function readUse(
  text: string,
  activities: ReadonlyArray<{ id: string; name: string }>,
  problems: string[],
  understood: string[],
): ReadLine['uses'] {
  if (text === '') return [];
  const match = USE.exec(text);
  const typed = (match?.[1] ?? text).trim();
  const fetches = match ? number(match[2]!) : 1;
  const wanted = typed.toLowerCase();
  const found =
    activities.find((a) => a.name.toLowerCase() === wanted) ??
    activities.find((a) => a.name.toLowerCase().startsWith(wanted)) ??
    activities.find((a) =>
      a.name
        .toLowerCase()
        .split(/[\s-]+/)
        .some((word) => word.startsWith(wanted)),
    );
  if (!found && activities.length > 0) {
    problems.push(`“${typed}” is not one of the activities (${activities.map((a) => a.name).join(', ')}).`);
  }
  understood.push(`${found?.name ?? typed}, ${fetches} ${fetches === 1 ? 'fetch' : 'fetches'} a session`);
  return [{ activity: typed, id: found?.id ?? null, fetches }];
}

function readCount(text: string): { count: number; rest: string } | null {
  const digits = LEADING_COUNT.exec(text);
  if (digits) return { count: Number(digits[1]!.replace(/[ .,]/g, '')), rest: text.slice(digits[0].length - 1) };
  const times = /(?<![\w.,])(\d+)\s*(?:pcs|pieces|pc|pairs?)(?!\w)/i.exec(text);
  if (times) return { count: Number(times[1]), rest: text.replace(times[0], ' ') };
  const word = /^\s*([a-z]+)\s/i.exec(text);
  const value = word && WORD_COUNT[word[1]!.toLowerCase()];
  return value ? { count: value, rest: text.slice(word[0].length - 1) } : null;
}

function applySizes(supply: Partial<SupplyDraft>, sizes: number[], understood: string[]): void {
  const inOrder = [...sizes].sort((a, b) => b - a).map(tidy);
  if (supply.form === 'sheets') {
    [supply.length, supply.width] = inOrder;
    if (supply.grammage == null && supply.thickness === undefined && inOrder.length > 0) {
      supply.grammage = 80;
      understood.push('taken as 80 g/m² paper');
    }
    if (supply.thickness === undefined && supply.grammage != null)
      supply.thickness = tidy(sheetThickness(supply.grammage));
    return;
  }
  [supply.length, supply.width] = inOrder;
  // Two sizes mean a round thing: length and diameter.
  supply.thickness ??= inOrder[2] ?? inOrder[1];
}

function tidyName(rest: string): string {
  const words = rest
    .replace(/\bsheets?\s+(?:of\s+)?(?=\S)/i, '')
    .replace(/\b(?:of|at|each)\s*$/i, '')
    .replace(/^\s*of\s+/i, '')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,.;:–-]+|[\s,.;:–-]+$/g, '');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const number = (text: string) => Number(text.replace(',', '.'));

function finish(
  supply: Partial<SupplyDraft> & { name: string },
  uses: ReadLine['uses'],
  problems: string[],
  understood: string[],
): ReadLine {
  const missing: string[] = [];
  if (supply.name === '') missing.push('a name');
  if (supply.length === undefined) missing.push('a size, for example 140 x 12 mm');
  else if (supply.width === undefined) missing.push('a second size, for example 140 x 12 mm');
  else if (supply.thickness === undefined) missing.push('a thickness');
  for (const [label, value] of [
    ['length', supply.length],
    ['width', supply.width],
    ['thickness', supply.thickness],
  ] as const) {
    if (value !== undefined && !(value > 0)) problems.push(`The ${label} must be above zero.`);
    else if (value !== undefined && value > 6000)
      problems.push(`The ${label} of ${Math.round(value)} mm is more than 6 m; check its unit.`);
  }
  const whole = missing.length === 0 && problems.length === 0;
  const draft: SupplyDraft | null = whole
    ? {
        name: supply.name,
        category: '',
        form: supply.form!,
        count: supply.count!,
        length: supply.length!,
        width: supply.width!,
        thickness: supply.thickness!,
        grammage: supply.form === 'sheets' ? (supply.grammage ?? null) : null,
        mass: supply.mass ?? null,
        orientations: usualOrientations(supply.form!),
        goesBack: supply.goesBack!,
        note: '',
      }
    : null;
  return { supply, draft, uses, missing, problems, understood };
}
