/** How many a line of quick entry speaks of: as typed, or out of a stack, a weight, a volume or what things are kept in. */
import { sheetMass, sheetThickness } from '../fit/sheets.ts';
import { formatLength, formatMass, formatPaper, formatVolume, type UnitSystem } from '../model/measure.ts';
import { amountOf, type Amount } from './amountChips.ts';
import { countHeld, countIn, plural, scaledBy, usualSizes } from './guess.ts';
import { stem, stems } from './comparableWords.ts';
import type { Kind } from './kinds.ts';
import type { ReadLine } from './line.ts';
import type { Held } from './readCounts.ts';

interface Amounts {
  typed: number | null;
  /** mm of a stack. */
  high: number | null;
  mass: { grams: number; each: boolean } | null;
  held: Held | null;
  /** Into how many pieces it comes. */
  divided: number | null;
  /** ml that are poured out. */
  volume: number | null;
  /** Whether reams were counted. */
  ream: boolean;
  /** Why there are several of it, though nobody said how many; null where one is meant. */
  many: 'plural' | 'mass' | null;
  /** Whether it is said to be few or many. */
  said: Amount;
}

/** Sheets that were counted and weighed: the weight says how heavy each is, and of what paper, where that was not said. */
function paperByWeight(
  { supply, understood, doubts }: ReadLine,
  mass: { grams: number; each: boolean },
  system: UnitSystem,
): void {
  const { length, width, grammage, count = 1 } = supply;
  if (length === undefined || width === undefined) return;
  const each = mass.each ? mass.grams : mass.grams / count;
  if (grammage == null || supply.sizeFrom === 'a usual thickness') {
    supply.grammage = Math.round(each / (length * width * 1e-6));
    supply.thickness = Math.round(sheetThickness(supply.grammage) * 1e5) / 1e5;
    understood.push(`${formatPaper(supply.grammage, system)} by their weight`);
    return;
  }
  const by = sheetMass(length, width, grammage);
  if (Math.abs(each / by - 1) > 0.1)
    doubts.push(
      `${count} of them weigh about ${formatMass(count * by, system)} by their paper, not ${formatMass(mass.grams, system)}; the paper was taken.`,
    );
}

/** How many several of an unknown thing are. Common practice, no source. */
const UNKNOWN = 6;
const SEVERAL = 3;
/** From how many on a weight is that of all of them. */
const MANY = 10;

/** Whether what is in a holder is counted by itself: stamps in boxes, not glue in bottles, nor what is called a box of pins. */
const holdsMany = ({ inside, number, word }: Held, form: string, kind: Kind | null): boolean =>
  !stems(kind?.name ?? '').includes(stem(word)) &&
  (inside ||
    ((form === 'pieces' || (form === 'soft' && number === 1)) &&
      /box|bag|bin|tub|tin|case|drawer|basket|crate|tray|binder|folder/.test(word)));

/** Whether a weight is that of many small things: "hot glue sticks, 5 lb box". */
const weighsMany = ({ mass, many, divided }: Amounts, kind: Kind, form: string): boolean =>
  many === 'plural' &&
  divided === null &&
  (form === 'pieces' || form === 'long') &&
  mass !== null &&
  !mass.each &&
  mass.grams >= MANY * kind.mass!;

/** The count: as typed; or out of the height of a stack, a weight, a volume or what things are kept in; else one. */
export function countOf(read: ReadLine, amounts: Amounts, kind: Kind | null, system: UnitSystem): void {
  const { supply, problems, understood, assumed } = read;
  const { form, thickness, length, width, grammage } = supply;
  const { typed, high, mass, held, divided, volume } = amounts;
  const weighed = form === 'sheets' && grammage != null && length !== undefined && width !== undefined;
  const three: [number, number, number] = [length ?? 0, width ?? 0, thickness ?? 0];
  const guessed = (count: number, from: string) => {
    supply.count = count;
    supply.countFrom = from;
    assumed.push(`about ${count} (${from})`);
  };
  if (high !== null && thickness !== undefined) {
    // A hair more than whole sheets is the rounding of the thickness.
    supply.count = Math.max(1, Math.floor(high / thickness + 0.02));
    understood.unshift(`${supply.count} of them in ${formatLength(high, system)}`);
  } else if (typed === null && mass !== null && weighed) {
    supply.count = Math.max(1, Math.floor(mass.grams / sheetMass(length, width, grammage) + 0.02));
    understood.unshift(`${supply.count} of them in ${formatMass(mass.grams, system)}`);
    return;
  } else if (typed !== null) {
    supply.count = typed;
    if (amounts.ream && (supply.grammage ?? 0) >= 160) {
      // A ream of card is half as many: 250.
      guessed(Math.round(typed / 2), 'reams of card, 250 each');
    } else
      understood.unshift(
        `${typed} of them${held ? `, in ${held.number === 1 ? `a ${held.word}` : `${held.number} ${plural(held.word)}`}` : ''}`,
      );
  } else if (divided !== null) {
    supply.count = divided;
    understood.unshift(`${divided} of them`);
  } else if (held) {
    const many = countHeld(held, kind, three, form!);
    if (many) guessed(many.count, many.from);
    else if (!(amounts.many && holdsMany(held, form!, kind) && (kind?.everyday?.usual ?? 0) > held.number)) {
      supply.count = held.number;
      understood.unshift(`${held.number} of them`);
    }
  } else if (volume !== null && form !== 'bottles' && kind && kind.form !== 'pieces') {
    guessed(countIn(volume / 1000, three, form!), `${formatVolume(volume, system)}, as many as fit`);
  } else if (mass !== null && kind?.mass && (form === 'loose' || weighsMany(amounts, kind, form!))) {
    // As heavy as its size says: a bead of half the size is an eighth.
    const [l, w, t] = three;
    const times = l * w * t > 0 ? (l * w * t) / (kind.length * kind.width * kind.thickness) : 1;
    const one = kind.mass * times;
    supply.mass = Math.round(one * 1000) / 1000;
    guessed(Math.max(1, Math.round(mass.grams / one)), `${formatMass(mass.grams, system)} in all`);
    return;
  }
  if (supply.count === undefined) {
    supply.count = 1;
    const usual = kind?.everyday?.usual;
    // Of what nearly everybody has one of, a plural is a few.
    const several = usual === 1 && amounts.many === 'plural' ? SEVERAL : (usual ?? kind?.pack ?? UNKNOWN);
    const measured = volume !== null || mass !== null || supply.sizeFrom === 'cloth folded';
    if (amounts.many && several > 1 && !(measured && (amounts.many === 'mass' || form !== 'bottles'))) {
      const { count, from } = amountOf(several, amounts.said);
      guessed(count, kind || amounts.said !== 'some' ? from : 'several');
    } else if (form === 'loose') guessed(kind?.pack ?? 1, kind?.pack ? 'a usual pack' : 'nobody said how many');
  }
  if (supply.count < 1) problems.push('The count is at least 1.');
  if (supply.count > 1_000_000) problems.push('The count is at most 1,000,000.');
  if (mass === null) return;
  if (form === 'sheets') {
    paperByWeight(read, mass, system);
    return;
  }
  const each = divided !== null && !mass.each ? mass.grams / divided : mass.grams;
  supply.mass = each;
  understood.push(`${formatMass(each, system)} each`);
  // Of another weight than usual it is of another size.
  if (kind?.mass && supply.sizeFrom?.startsWith('usual size') && kind.form === form && form !== 'machine') {
    const ratio = each / kind.mass;
    if (ratio > 1.5 || ratio < 0.67) {
      [supply.length, supply.width, supply.thickness] = scaledBy(usualSizes(kind, system), ratio, system);
      supply.sizeFrom = `${supply.sizeFrom}, by its weight`;
    }
  }
}
