/**
 * Quick entry: one plain line about a supply becomes a supply and its uses. What is a count, a size, a paper size, a
 * grammage, a mass or a use is taken out; the words that remain are the name. What nobody typed is taken from a known
 * kind of thing, and said so; only what is missing then is asked for.
 */
import {
  ENVELOPE_SIZES,
  foldedThickness,
  grammageOf,
  isFolded,
  sheetMass,
  SHEET_SIZES,
  sheetThickness,
  type Basis,
} from '../fit/sheets.ts';
import { FORM_FACTS, isRound, usualOrientations } from '../fit/forms.ts';
import { formatLength, formatMass, formatSize, type UnitSystem } from '../model/measure.ts';
import { SUPPLY_DEFAULTS, TRAITS, type Supply, type Trait } from '../model/plan.ts';
import type { KindFinder } from './kinds.ts';
import { type Kind } from './kinds.ts';
import { CONTAINER_WORDS, formOf, isPaper } from './readForm.ts';
import {
  Rest,
  takeCount,
  takeLateCount,
  takeMass,
  takeSizes,
  takeStack,
  takeVolume,
  tidy,
  type Sizes,
} from './readMeasures.ts';

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
  /** What nobody typed and was taken as usual, in words. */
  assumed: string[];
}

const GSM = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(?:gsm|g\/m2|g\/m²|g\/qm|g\/sqm)(?!\w)/i;
const BASIS = /(?<![\w.,])(\d+(?:[.,]\d+)?)\s*(?:lbs?|#)\s*(bond|cover|index|text|(?=card))/i;
const PAPER = /(?<![\w-])(a[0-7]|c[456]|dl|letter|legal|tabloid)(?![\w-])/i;
const USE = /^(?:for\s+)?([a-z][a-z'’ -]*?)\s+(\d+(?:[.,]\d+)?)\s*(?:x|×|times)(?:\s+(?:a|per|each)\s+session)?$/i;
const FILLER =
  /\b(?:folded|each|apiece|of them|about|approx\.?|approximately|roughly|around|ca\.?|qty|quantity|stack|pile|high|size|sized)\b|[Ø⌀]/gi;

/** Thickness of one layer of what comes on rolls, mm: tape, paper, vinyl and cloth. Our guesses, to begin with. */
const WOUND = [
  [/tape|washi/i, 0.1],
  [/paper|parchment|tissue/i, 0.1],
  [/ribbon|lace|elastic/i, 0.4],
  [/fabric|felt|canvas|cloth/i, 1.5],
] as const;
const WOUND_OTHERWISE = 0.25;
const CORE = 25;

/** How a size is typed. */
const EXAMPLE: Readonly<Record<UnitSystem, string>> = { metric: '140 x 12 mm', imperial: '5 1/2 x 1/2 in' };

/**
 * Reads one line of quick entry.
 * @param system whether a bare number is mm or inches
 * @param activities known activities; a use names one of them by the beginning of its name or of a word in it
 * @param kinds known kinds of things, for what is not typed
 */
export function readLine(
  line: string,
  system: UnitSystem,
  activities: ReadonlyArray<{ id: string; name: string }> = [],
  kinds: KindFinder | null = null,
): ReadLine {
  const read: ReadLine = {
    supply: { name: '' },
    draft: null,
    uses: [],
    missing: [],
    problems: [],
    understood: [],
    assumed: [],
  };
  const clean = normalised(line);
  const { supply, problems, understood, assumed } = read;
  const mixed = /(?<![\w.,])(?:\d+,\d{1,2}\.\d+|\d+\.\d{1,2},\d+|\d+,\d+,\d{1,2}(?!\d)|\d+\.\d+\.\d{1,2}(?!\d))/.exec(
    clean,
  );
  if (mixed) problems.push(`“${mixed[0]}” mixes decimal commas and points; write 1.5 or 1,5.`);
  if (/(?:^|[\s(;])[-−]\d/.test(clean)) problems.push('A negative number cannot be a count or a size.');
  const body = takeUses(clean, activities, read);
  const rest = new Rest(body);

  const basis = rest.take(BASIS);
  if (basis)
    supply.grammage = Math.round(grammageOf(decimal(basis[1]!), (basis[2]?.toLowerCase() || 'cover') as Basis));
  else {
    const gsm = rest.take(GSM);
    if (gsm) supply.grammage = decimal(gsm[1]!);
  }
  if (supply.grammage != null) understood.push(`${supply.grammage} g/m²`);

  const stack = takeStack(rest);
  const counted = takeCount(rest);
  const sizes = takeSizes(rest, system, isPaper(body));
  problems.push(...sizes.problems);
  const named = sizes.plain.length < 2 ? rest.take(PAPER) : null;
  if (named) paperSize(named[1]!, body, sizes, system, understood);
  supply.form =
    formOf(body, sizes.plain.length, named !== null || supply.grammage != null || paperPair(sizes, body)) ?? undefined;
  const volume = /\b(?:bottles?|jars?|pots?|paints?|inks?|dyes?|glues?|acrylics)\b/i.test(body)
    ? takeVolume(rest)
    : null;
  const mass = takeMass(rest);
  const late = counted.count === null ? (sizes.count ?? takeLateCount(rest)) : null;
  if (/\b(?:sets?|kits?)$/i.test(rest.text.replace(/[\s;:.–-]+$/, ''))) supply.form = 'set';
  for (const trait of TRAITS)
    if (rest.take(new RegExp(String.raw`\b${trait}\b`, 'i'))) (supply.traits ??= []).push(trait);

  const kind = kinds?.find(body) ?? null;
  supply.form ??= kind?.form ?? (isLong(sizes) ? 'long' : 'pieces');
  if (supply.form === 'pieces' && isLong(sizes)) supply.form = 'long';
  if (volume !== null) bottleSizes(volume, supply, sizes, system, assumed, understood);
  applySizes(supply, sizes, body, system, assumed, understood);
  if (kind) fillFrom(kind, supply, system, assumed);
  if (supply.form === 'sheets') paperDefaults(supply, body, assumed);
  const high = stack ?? (/\b(?:stack|pile)\b/i.test(body) ? (sizes.high ?? null) : null);
  const byCount = counted.count ?? late;
  countOf(supply, byCount, high, mass, system, read);
  supply.parts = counted.parts;
  if (counted.backstock > 0) {
    supply.backstock = Math.min(counted.backstock, supply.count ?? counted.backstock);
    understood.push(`${counted.backstock} of them spare`);
  }
  supply.name = nameOf(rest.text, supply.form);
  leftovers(supply.name, system, problems);
  supply.goesBack = FORM_FACTS[supply.form].goesBack;
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
    .replace(/(\d)?([½¼¾⅓⅔⅛⅜⅝⅞])/g, (_, d: string | undefined, f: string) => `${d ? `${d} ` : ''}${fractions[f]!}`)
    .replace(/[\u00a0\u202f\u2009]/g, ' ')
    .replace(/[“”″]/g, '"')
    .replace(/[’‘′]/g, "'")
    .trim();
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

function paperSize(word: string, body: string, sizes: Sizes, system: UnitSystem, understood: string[]): void {
  const key = word.toLowerCase();
  const found = (/\benvelopes?\b/i.test(body) ? ENVELOPE_SIZES[key] : undefined) ?? SHEET_SIZES[key]!;
  const [only] = sizes.plain;
  if (only !== undefined && sizes.thick === undefined) sizes.thick = only;
  sizes.plain = [...found].map(tidy);
  const name = /\d/.test(key) ? key.toUpperCase() : key.replace(/^./, (letter) => letter.toUpperCase());
  understood.push(`${name} is ${formatSize(sizes.plain, system)}`);
}

/** Two sizes of a sheet and a word for paper: a sheet even without a grammage. */
function paperPair(sizes: Sizes, body: string): boolean {
  const [a, b] = sizes.plain;
  return sizes.plain.length === 2 && isPaper(body) && Math.min(a!, b!) > 90 && sizes.thick === undefined;
}

/** Long and slender: at least half a metre, and eight times as long as wide. */
function isLong(sizes: Sizes): boolean {
  const all = [...sizes.plain, ...[sizes.long, sizes.wide, sizes.thick, sizes.round].flatMap((s) => s ?? [])];
  const [most, next] = [...all].sort((a, b) => b - a);
  return most !== undefined && next !== undefined && most >= 500 && most / next >= 8;
}

/** A bottle of so many millilitres: a cylinder two and a half times as high as wide (a jar as high as wide), a quarter larger outside. */
function bottleSizes(
  ml: number,
  supply: Partial<SupplyDraft>,
  sizes: Sizes,
  system: UnitSystem,
  assumed: string[],
  understood: string[],
): void {
  understood.push(`${Math.round(ml)} ml`);
  if (sizes.plain.length > 0 || sizes.high !== undefined || sizes.round !== undefined) return;
  const slender = supply.form === 'bottles' ? 2.5 : 1;
  supply.form = 'bottles';
  const diameter = Math.cbrt((4 * ml * 1000 * 1.25) / (Math.PI * slender));
  sizes.plain = [Math.round(diameter * slender), Math.round(diameter)];
  assumed.push(`a bottle of ${Math.round(ml)} ml taken as ${formatSize(sizes.plain, system)}`);
}

function applySizes(
  supply: Partial<SupplyDraft>,
  sizes: Sizes,
  body: string,
  system: UnitSystem,
  assumed: string[],
  understood: string[],
): void {
  const form = supply.form!;
  const { long, wide, deep, high, thick, round } = sizes;
  if (isRound(form)) {
    roundSizes(supply, sizes, body, system, assumed, understood);
    return;
  }
  if (form === 'machine') {
    const [a, b, c] = sizes.plain;
    supply.length = wide ?? a;
    supply.width = deep ?? (wide === undefined ? b : a);
    supply.thickness = high ?? c ?? thick;
    return;
  }
  const labelled = [long, wide, deep, high].flatMap((s) => s ?? []);
  const across = round === undefined ? [] : [round, round];
  const all = [...sizes.plain, ...labelled, ...across, ...(thick === undefined ? [] : [thick])].sort((a, b) => b - a);
  if (form === 'sheets') {
    // A height is that of the stack.
    const flat = all.filter((s) => s !== thick && s !== high);
    [supply.length, supply.width] = flat;
    if (thick !== undefined) supply.thickness = thick;
    else if (flat.length > 2) supply.thickness = flat[2];
    return;
  }
  [supply.length, supply.width, supply.thickness] = all;
  // Small loose things with one size are about as large in every direction; with a thickness, discs.
  if (form === 'loose') {
    if (thick !== undefined && all.length === 2)
      [supply.length, supply.width, supply.thickness] = [all[0], all[0], thick];
    else {
      supply.width ??= all[0];
      supply.thickness ??= supply.width;
    }
    return;
  }
  // Two sizes that differ much are a length and a diameter; two that do not are an outline without a thickness.
  if (all.length === 2 && all[0]! / all[1]! >= 3) supply.thickness = all[1];
}

/** Rolls and bottles: along the axis and across it; what is wound up by its length gets the diameter of the roll. */
function roundSizes(
  supply: Partial<SupplyDraft>,
  sizes: Sizes,
  body: string,
  system: UnitSystem,
  assumed: string[],
  understood: string[],
): void {
  const { long, wide, high, round, thick } = sizes;
  const plain = [...sizes.plain].sort((a, b) => b - a);
  const flatRoll = supply.form === 'rolls' && /tape|washi|ribbon|reels?|elastic|lace|braid|bias/i.test(body);
  const wound = supply.form === 'rolls' && plain.length > 0 ? plain.find((s) => s >= 1400) : undefined;
  if (wound !== undefined) {
    const axis = wide ?? high ?? plain.find((s) => s !== wound);
    const layer = WOUND.find(([words]) => words.test(body))?.[1] ?? WOUND_OTHERWISE;
    // Area of the strip seen from its edge = area of the ring: (D² - core²) π / 4 = length x thickness.
    const diameter = Math.ceil(Math.sqrt(CORE ** 2 + (4 * wound * layer) / Math.PI));
    supply.length = axis;
    [supply.width, supply.thickness] = [diameter, diameter];
    understood.push(`${system === 'metric' ? `${(wound / 1000).toFixed(1)} m` : formatLength(wound, system)} on each`);
    assumed.push(`rolled up about ${formatLength(diameter, system)} thick`);
    return;
  }
  const axis = supply.form === 'bottles' ? (high ?? long) : (wide ?? high ?? long);
  const across = round ?? thick;
  if (axis !== undefined || across !== undefined) {
    supply.length = axis ?? plain.find((s) => s !== across);
    supply.width = across ?? plain.find((s) => s !== axis);
  } else [supply.length, supply.width] = flatRoll && plain.length > 1 ? [plain[1], plain[0]] : plain;
  supply.thickness = supply.width;
}

/** What nobody typed, from the kind of thing: its form is known already; sizes, mass, cautions and the word for its kind. */
function fillFrom(kind: Kind, supply: Partial<SupplyDraft>, system: UnitSystem, assumed: string[]): void {
  if (kind.form === supply.form || supply.length === undefined) {
    supply.form = kind.form;
    const nothing = supply.length === undefined;
    for (const field of ['length', 'width', 'thickness'] as const) supply[field] ??= kind[field];
    if (nothing) assumed.push(`usual size ${formatSize([kind.length, kind.width, kind.thickness], system)}`);
    if (kind.form === 'soft') supply.squeeze = kind.squeeze;
    if (kind.form === 'sheets') supply.grammage ??= kind.grammage;
  }
  supply.category = kind.category;
  supply.traits = [...new Set<Trait>([...(supply.traits ?? []), ...kind.traits])];
}

function paperDefaults(supply: Partial<SupplyDraft>, body: string, assumed: string[]): void {
  const typed = supply.thickness !== undefined;
  if (supply.grammage == null && supply.thickness === undefined && supply.length !== undefined) {
    supply.grammage = /card/i.test(body) ? 220 : 80;
    assumed.push(`taken as ${supply.grammage} g/m² ${/card/i.test(body) ? 'card' : 'paper'}`);
  }
  if (supply.thickness === undefined && supply.grammage != null)
    supply.thickness = Math.round(sheetThickness(supply.grammage) * 1e5) / 1e5;
  if (isFolded(body) && !typed && supply.thickness !== undefined) {
    supply.thickness = Math.round(foldedThickness(supply.thickness) * 1e5) / 1e5;
    assumed.push('folded: two and a half sheets thick each, since they spring open');
  }
}

/** The count: as typed, or out of the height of a stack or the weight of paper; else one. */
function countOf(
  supply: Partial<SupplyDraft>,
  typed: number | null,
  stack: number | null,
  mass: { grams: number; each: boolean } | null,
  system: UnitSystem,
  { problems, understood }: ReadLine,
): void {
  const { form, thickness, length, width, grammage } = supply;
  const weighed = form === 'sheets' && grammage != null && length !== undefined && width !== undefined;
  if (stack !== null && thickness !== undefined) {
    // A hair more than whole sheets is the rounding of the thickness.
    supply.count = Math.max(1, Math.floor(stack / thickness + 0.02));
    understood.unshift(`${supply.count} of them in ${formatLength(stack, system)}`);
  } else if (typed === null && mass !== null && weighed) {
    supply.count = Math.max(1, Math.floor(mass.grams / sheetMass(length, width, grammage) + 0.02));
    understood.unshift(`${supply.count} of them in ${formatMass(mass.grams, system)}`);
    return;
  } else if (typed !== null) {
    supply.count = typed;
    understood.unshift(`${typed} of them`);
  }
  supply.count ??= 1;
  if (supply.count < 1) problems.push('The count is at least 1.');
  if (supply.count > 1_000_000) problems.push('The count is at most 1,000,000.');
  if (mass !== null && form !== 'sheets') {
    supply.mass = mass.grams;
    understood.push(`${formatMass(mass.grams, system)} each`);
  }
}

function nameOf(rest: string, form: SupplyDraft['form']): string {
  const tidyUp = (text: string) =>
    text
      .replace(FILLER, ' ')
      .replace(/[;:()]/g, ' ')
      .replace(/\s[–—-]+(?=\s)/g, ' ')
      .replace(/\s+/g, ' ')
      .replace(/^[\s,.;:–—-]+|[\s,.;:–—-]+$/g, '')
      .replace(/^(?:of|with|x|and|the)\s+/i, '')
      .replace(/\s+(?:of|at|with|x|and|in)$/i, '')
      .replace(/\bsheets? of\b/i, '')
      .trim();
  const name = tidyUp(rest);
  const short = ['pieces', 'long', 'set', 'machine'].includes(form)
    ? name
    : tidyUp(name.replace(CONTAINER_WORDS, ' ').replace(/\s+of\s+/g, ' '));
  const best = short === '' ? name : short;
  return best.charAt(0).toUpperCase() + best.slice(1);
}

/** Numbers that nothing was made of, with the word behind them; and lines without a word. */
function leftovers(name: string, system: UnitSystem, problems: string[]): void {
  const number = /(?<![\w])\d[\d.,/x×]*(?:\s+[a-zµ]+)?/i.exec(name);
  if (number)
    problems.push(
      `“${number[0].trim()}” was not understood; give sizes as ${EXAMPLE[system]} and counts at the start.`,
    );
  else if (name !== '' && !/\p{L}/u.test(name)) problems.push(`“${name}” was not understood; a name has letters.`);
}

const decimal = (text: string) => Number(text.replace(',', '.'));

function finish(read: ReadLine, kind: Kind | null, system: UnitSystem): void {
  const { supply, missing, problems } = read;
  const facts = FORM_FACTS[supply.form!];
  if (supply.name === '') missing.push('a name');
  if (supply.length === undefined) missing.push(`a size, for example ${EXAMPLE[system]}`);
  else if (supply.width === undefined) missing.push(`a second size, for example ${EXAMPLE[system]}`);
  else if (supply.thickness === undefined) missing.push('a thickness');
  for (const [i, value] of [supply.length, supply.width, supply.thickness].entries()) {
    const label = facts.sizes[i]!.toLowerCase();
    if (value === undefined) continue;
    if (Number.isNaN(value)) continue; // said already
    if (!(value > 0)) problems.push(`The ${label} must be above zero.`);
    else if (value > 6000)
      problems.push(
        `The ${label} of ${formatLength(value, system)} is more than ${system === 'metric' ? '6 m' : '19 1/2 ft'}; check its unit.`,
      );
  }
  if (missing.length > 0 || problems.length > 0) return;
  read.draft = {
    ...SUPPLY_DEFAULTS,
    name: supply.name.slice(0, 120),
    category: supply.category ?? '',
    form: supply.form!,
    count: supply.count!,
    length: supply.length!,
    width: supply.width!,
    thickness: supply.thickness!,
    grammage: supply.form === 'sheets' ? (supply.grammage ?? null) : null,
    mass: supply.mass ?? (supply.form === 'sheets' ? null : (kind?.mass ?? null)),
    orientations: usualOrientations(supply.form!),
    goesBack: supply.goesBack!,
    note: '',
    traits: supply.traits ?? [],
    backstock: supply.backstock ?? 0,
    parts: supply.parts ?? null,
    squeeze: supply.squeeze ?? (supply.form === 'soft' ? 0.8 : 1),
  };
}
