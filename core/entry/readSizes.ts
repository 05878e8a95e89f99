/** Sizes as they were typed, given to the three measures of a form; and paper by the names of its sizes. */
import { isRound } from '../fit/forms.ts';
import { ENVELOPE_SIZES, SHEET_SIZES } from '../fit/sheets.ts';
import { formatLength, formatSize, roundGuess, type UnitSystem } from '../model/measure.ts';
import type { Kind } from './kinds.ts';
import type { SupplyDraft } from './line.ts';
import { tidy, type Sizes } from './readMeasures.ts';

/** Thickness of one layer of what comes on rolls, mm: tape, paper, vinyl and cloth. Our guesses, to begin with. */
const WOUND = [
  [/tape|washi/i, 0.1],
  [/paper|parchment|tissue/i, 0.1],
  [/ribbon|lace|elastic/i, 0.4],
  [/fabric|felt|canvas|cloth/i, 1.5],
] as const;
const WOUND_OTHERWISE = 0.25;
/** What is round and not flat, and wound up in layers; its usual thickness, and width on a roll, mm. */
const STRANDS = /\b(?:cords?|ropes?|twine|strings?|wires?|chains?|paracord|rattail)\b/i;
const STRAND = 2;
const STRAND_ROLL = 60;
const CORE = 25;

/** Takes a named paper size for the outline. */
export function paperSize(word: string, body: string, sizes: Sizes, system: UnitSystem, understood: string[]): void {
  const key = word.toLowerCase();
  const found = (/\benvelopes?\b/i.test(body) ? ENVELOPE_SIZES[key] : undefined) ?? SHEET_SIZES[key];
  if (!found) return;
  const [only] = sizes.plain;
  if (only !== undefined && sizes.thick === undefined) sizes.thick = only;
  sizes.plain = [...found].map(tidy);
  const name = /\d/.test(key) ? key.toUpperCase() : key.replace(/^./, (letter) => letter.toUpperCase());
  understood.push(`${name} is ${formatSize(sizes.plain, system)}`);
}

/**
 * Gives the typed sizes to a form.
 * @param kind what it is, as far as known: of a flat kind two sizes are an outline, of others a length and a diameter
 */
export function applySizes(
  supply: Partial<SupplyDraft>,
  sizes: Sizes,
  body: string,
  kind: Kind | null,
  system: UnitSystem,
  assumed: string[],
  understood: string[],
): void {
  const form = supply.form!;
  const { long, wide, deep, high, thick, round } = sizes;
  if (isRound(form)) {
    roundSizes(supply, sizes, body, kind, system, assumed, understood);
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
  // Of what is as wide as long one side says both: "tiles, 50 mm wide, 6 thick".
  const square = kind !== null && kind.length / kind.width < 1.15 && kind.width / kind.thickness >= 3;
  if (square && thick !== undefined && all.length === 2) {
    const [side] = all.filter((s) => s !== thick);
    [supply.length, supply.width, supply.thickness] = [side ?? thick, side ?? thick, thick];
    return;
  }
  [supply.length, supply.width, supply.thickness] = all;
  // Small loose things with one size are about as large in every direction; with a thickness, discs.
  if (form === 'loose') {
    if (thick !== undefined && all.length === 2)
      [supply.length, supply.width, supply.thickness] = [all[0], all[0], thick];
    else if (all.length > 1 || !kind) {
      supply.width ??= all[0];
      if (!kind || kind.width / kind.thickness < 3) supply.thickness ??= supply.width;
    }
    return;
  }
  // Two sizes that differ much are a length and a diameter; two that do not are an outline without a thickness.
  const flat = kind !== null && kind.width / kind.thickness >= 3;
  if (all.length === 2 && all[0]! / all[1]! >= 3 && !flat) supply.thickness = all[1];
}

/** Rolls and bottles: along the axis and across it; what is wound up by its length gets the diameter of the roll. */
function roundSizes(
  supply: Partial<SupplyDraft>,
  sizes: Sizes,
  body: string,
  kind: Kind | null,
  system: UnitSystem,
  assumed: string[],
  understood: string[],
): void {
  const { long, wide, high, round, thick } = sizes;
  const plain = [...sizes.plain].sort((a, b) => b - a);
  const flatRoll = supply.form === 'rolls' && /tape|washi|ribbon|reels?|elastic|lace|braid|bias/i.test(body);
  const wound = supply.form === 'rolls' && plain.length > 0 ? plain.find((s) => s >= 1400) : undefined;
  if (wound !== undefined) {
    const other = wide ?? high ?? plain.find((s) => s !== wound);
    const strand = STRANDS.test(body) && !/tape|ribbon|binding/i.test(body);
    // A cord is as thick as typed; what is flat is as wide.
    const axis = strand ? (kind?.form === 'rolls' ? kind.length : STRAND_ROLL) : other;
    const layer = WOUND.find(([words]) => words.test(body))?.[1] ?? WOUND_OTHERWISE;
    const across = strand ? (round ?? thick ?? other ?? STRAND) ** 2 / axis! : layer;
    // Area of the strip seen from its edge = area of the ring: (D² - core²) π / 4 = length x thickness.
    const diameter = roundGuess(Math.ceil(Math.sqrt(CORE ** 2 + (4 * wound * across) / Math.PI)), system);
    supply.length = axis;
    [supply.width, supply.thickness] = [diameter, diameter];
    understood.push(
      `${system !== 'imperial' ? `${(wound / 1000).toFixed(1)} m` : formatLength(wound, system)} on each`,
    );
    assumed.push(`rolled up about ${formatLength(diameter, system)} thick`);
    return;
  }
  const axis = supply.form === 'bottles' ? (high ?? long) : (wide ?? high ?? long);
  const across = round ?? thick;
  if (axis !== undefined || across !== undefined) {
    supply.length = axis ?? plain.find((s) => s !== across);
    supply.width = across ?? plain.find((s) => s !== axis);
  } else if (plain.length === 1 && kind && (kind.form === 'rolls' || kind.form === 'bottles')) {
    // The one that it is more like.
    const [one] = plain as [number];
    const off = (usual: number) => Math.abs(Math.log(one / usual));
    if (off(kind.length) <= off(kind.width)) supply.length = one;
    else supply.width = one;
  } else [supply.length, supply.width] = flatRoll && plain.length > 1 ? [plain[1], plain[0]] : plain;
  supply.thickness = supply.width;
}

/** Long and slender: at least half a metre, and eight times as long as wide. */
export function isLong(sizes: Sizes): boolean {
  const all = [...sizes.plain, ...[sizes.long, sizes.wide, sizes.thick, sizes.round].flatMap((s) => s ?? [])];
  const [most, next] = [...all].sort((a, b) => b - a);
  return most !== undefined && next !== undefined && most >= 500 && most / next >= 8;
}
