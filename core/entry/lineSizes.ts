/** The sizes of a line of quick entry: as typed; of cloth by the yard and of bottles by what they hold; the rest guessed. */
import { ENVELOPE, foldedThickness, isFolded, sheetMass, sheetThickness } from '../fit/sheets.ts';
import { soldNear } from '../fit/paperWeight.ts';
import { formatLength, onRule, formatPaper, formatSize, formatVolume, type UnitSystem } from '../model/measure.ts';
import { NOT_KNOWN } from '../model/guessed.ts';
import type { Trait } from '../model/plan.ts';
import type { takeComparison } from './comparisons.ts';
import { bottleOf, foldedCloth, guessSizes, likelyUnit } from './guess.ts';
import type { Kind } from './kinds.ts';
import type { ReadLine } from './line.ts';
import type { Held } from './readCounts.ts';
import type { Sizes } from './readMeasures.ts';
import { applySizes } from './readSizes.ts';

/** What is wound on cards and spools. */
const BY_THE_YARD: ReadonlySet<string> = new Set(['trims', 'tapes']);
/** A sheet of what else comes on rolls, mm. */
const VINYL = 0.2;
/** As thick as what is cut into sheets for printing, and no thicker, mm. */
const SLAB = 6;

/** How much longer and wider an album is than its pages, mm. Common practice, no source. */
const BINDING = [55, 25] as const;

/** A pair of bare numbers that would be far too large or small in the plan's own unit. */
export function meantUnit(sizes: Sizes, kind: Kind, system: UnitSystem, assumed: string[]): void {
  const unit = likelyUnit(sizes.plain, kind, system);
  if (!unit) return;
  sizes.plain = sizes.plain.map((mm) => mm * unit.times);
  assumed.push(`sizes taken as ${unit.word}`);
}

/** Longer than anything but a roll is, mm. */
const NO_THING = 6000;

/** Yards of what is neither cloth nor rolled up are how much there is in all, not how long one is. */
export function tooLongFor(sizes: Sizes, kind: Kind | null, { doubts }: ReadLine): void {
  if (sizes.single === null || (sizes.plain[0] ?? 0) <= NO_THING) return;
  if (kind === null || kind.form === 'rolls' || kind.form === 'soft') return;
  doubts.push(`“${sizes.single}” in all was left out; a size is that of one.`);
  [sizes.plain, sizes.single] = [[], null];
}

/** Sizes: as typed; of cloth by the yard and of bottles by what they hold; the rest guessed. */
export function readSizes(
  read: ReadLine,
  sizes: Sizes,
  body: string,
  kind: Kind | null,
  compared: ReturnType<typeof takeComparison>,
  held: Held | null,
  volume: number | null,
  system: UnitSystem,
): void {
  const { supply, understood, assumed } = read;
  const guessed = (from: string) => {
    supply.sizeFrom = from;
    assumed.push(
      from === NOT_KNOWN
        ? 'size not known yet'
        : `${formatSize([supply.length!, supply.width!, supply.thickness!], system)} (${from})`,
    );
  };
  const long = sizes.long ?? [...sizes.plain].sort((a, b) => b - a)[0];
  if (
    supply.form === 'soft' &&
    kind?.category === 'fabric' &&
    long !== undefined &&
    long >= 600 &&
    sizes.thick === undefined &&
    sizes.plain.length < 3
  ) {
    const across = sizes.wide ?? sizes.plain.find((mm) => mm !== long);
    // A bolt is 90 to 160 cm wide; nobody says so in millimetres.
    const wide =
      across !== undefined && across >= 80 && across <= 170 && system === 'metric' && !/\d\s*mm/i.test(body)
        ? across * 10
        : across;
    [supply.length, supply.width, supply.thickness] = foldedCloth(long, wide, body, system);
    understood.push(
      `${formatLength(long, system)}${wide === undefined ? '' : ` of ${formatLength(wide, system)}`} each`,
    );
    guessed('cloth folded');
    return;
  }
  // Elastic of 20 mm is as wide as that; the card that it is wound on is not.
  if (
    BY_THE_YARD.has(kind?.category ?? '') &&
    supply.form === 'pieces' &&
    (sizes.wide ?? Infinity) < 0.35 * kind!.width
  ) {
    understood.push(`${formatLength(sizes.wide!, system)} wide`);
    delete sizes.wide;
  }
  const single = sizes.plain.length === 1 && sizes.single !== null ? sizes.plain[0]! : null;
  if (
    single !== null &&
    kind &&
    supply.form === kind.form &&
    kind.form !== 'loose' &&
    single < 0.35 * Math.min(kind.width, kind.length)
  ) {
    // Too small for the thing: the wire is 0.8 mm thick, not its coil.
    if (kind.category !== 'needles' || kind.thickness * 3 < single) sizes.plain = [];
    else {
      sizes.plain = [];
      sizes.thick = single;
    }
    if (sizes.thick === undefined) understood.push(sizes.single!);
  }
  if (volume !== null && supply.form === 'bottles') {
    understood.push(formatVolume(volume, system));
    if (sizes.plain.length === 0 && sizes.high === undefined && sizes.round === undefined) {
      [supply.length, supply.width, supply.thickness] = bottleOf(
        volume,
        kind,
        /\bjars?\b|\bpots?\b/i.test(body),
        system,
      );
      guessed(`a bottle or jar of ${formatVolume(volume, system)}`);
      return;
    }
  }
  if (held && held.litres !== null && supply.form === 'bottles' && sizes.plain.length === 0) {
    understood.push(`${formatVolume(held.litres * 1000, system)} each`);
    [supply.length, supply.width, supply.thickness] = bottleOf(held.litres * 1000, kind, held.word === 'jar', system);
    guessed(`a ${held.word} of ${formatVolume(held.litres * 1000, system)}`);
    return;
  }
  // An album is called by its pages; a roll of A3 is as wide as the sheet.
  if (kind?.category === 'albums' && supply.form === 'pieces' && sizes.plain.length === 2) {
    understood.push(`pages of ${formatSize(sizes.plain, system)}`);
    sizes.plain = sizes.plain.map((mm, i) => onRule(mm + BINDING[i]!, system, 16));
  }
  if (supply.form === 'rolls' && kind?.form === 'sheets' && sizes.plain.length === 2 && Math.max(...sizes.plain) < 1400)
    sizes.plain = [Math.min(...sizes.plain)];
  const before = assumed.length;
  applySizes(supply, sizes, body, kind, system, assumed, understood);
  if (supply.form === 'sheets' && supply.length !== undefined && supply.width !== undefined) {
    if (assumed.length > before) supply.sizeFrom = 'rolled up';
    return;
  }
  const from = guessSizes(supply, kind, sizes, compared, held, system);
  if (
    supply.form === 'sheets' &&
    supply.grammage != null &&
    kind &&
    sizes.thick === undefined &&
    sizes.plain.length < 3
  )
    supply.thickness = Math.round(sheetThickness(supply.grammage) * 1e5) / 1e5;
  if (from !== null) guessed(from);
  else if (assumed.length > before) supply.sizeFrom = 'rolled up';
}

/** What else a kind says: its word, its cautions, how far it is pressed. */
export function fromKind(kind: Kind, supply: ReadLine['supply'], system: UnitSystem): void {
  if (supply.form === 'soft') supply.squeeze = kind.form === 'soft' ? kind.squeeze : 0.8;
  if (supply.form === 'sheets' && supply.sizeFrom)
    supply.grammage ??= kind.grammage === null ? null : soldNear(kind.grammage, system);
  supply.category = kind.category;
  supply.traits = [...new Set<Trait>([...(supply.traits ?? []), ...kind.traits])];
}

export function paperDefaults(
  supply: ReadLine['supply'],
  body: string,
  kind: Kind | null,
  system: UnitSystem,
  assumed: string[],
): void {
  const typed = supply.thickness !== undefined && !supply.sizeFrom;
  if (supply.grammage == null && supply.thickness === undefined && supply.length !== undefined) {
    supply.sizeFrom ??= 'a usual thickness';
    if (kind && kind.form !== 'sheets') {
      supply.thickness =
        (kind.form === 'soft' && kind.thickness < 10) || (kind.form === 'pieces' && kind.thickness <= SLAB)
          ? kind.thickness
          : VINYL;
      assumed.push(`${formatLength(supply.thickness, system)} thick, as usual`);
      return;
    }
    const usual = kind;
    supply.grammage = soldNear(usual?.grammage ?? (/card/i.test(body) ? 220 : 80), system);
    if (usual && Math.abs(usual.thickness - sheetThickness(usual.grammage ?? 0)) > 1e-3)
      supply.thickness = usual.thickness;
    assumed.push(`taken as ${formatPaper(supply.grammage, system)} ${/card/i.test(body) ? 'card' : 'paper'}`);
  }
  if (supply.thickness === undefined && supply.grammage != null)
    supply.thickness = Math.round(sheetThickness(supply.grammage) * 1e5) / 1e5;
  // Paper of an envelope lies in two layers, with seams and a flap.
  if (/\benvelopes?\b/i.test(body) && !typed && supply.thickness !== undefined && supply.grammage != null) {
    supply.thickness = Math.round(sheetThickness(supply.grammage) * ENVELOPE.thick * 1e5) / 1e5;
    if (supply.length !== undefined && supply.width !== undefined)
      supply.mass = Math.round(sheetMass(supply.length, supply.width, supply.grammage) * ENVELOPE.heavy * 100) / 100;
    assumed.push('two layers, seams and a flap each');
  }
  if (isFolded(body) && !typed && supply.thickness !== undefined && !/folded/i.test(kind?.name ?? '')) {
    supply.thickness = Math.round(foldedThickness(supply.thickness) * 1e5) / 1e5;
    assumed.push('folded: two and a half sheets thick each, since they spring open');
  }
}
