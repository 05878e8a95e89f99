/**
 * Starter lists: kinds of supplies by craft, with typical sizes, masses, forms, cautions and what uses them, in generic
 * words. One line a kind: name | kind | form | usual count | sizes mm | mass g or gsm | marks | fetches a session.
 */
import { usualUse } from '@heronstone/core/fit/usedUp.ts';
import { usualOrientations } from '@heronstone/core/fit/forms.ts';
import { foldedThickness, isFolded, sheetThickness } from '@heronstone/core/fit/sheets.ts';
import { usualSizes } from '@heronstone/core/entry/guess.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import { SUPPLY_DEFAULTS, type Form, type Supply, type Trait } from '@heronstone/core/model/plan.ts';
import { CLOTH_CRAFTS } from './starters/clothStarters.ts';
import { OTHER_CRAFTS } from './starters/otherStarters.ts';
import { PAPER_CRAFTS } from './starters/paperStarters.ts';

export interface Starter {
  /** Stable within the library: craft and name. */
  id: string;
  craft: string;
  draft: Omit<Supply, 'id'>;
  /** Fetches a session of the craft. */
  fetches: number;
}

const MARK: Readonly<Record<string, Trait>> = {
  U: 'keep upright',
  L: 'keep out of light',
  H: 'keep from heat',
  D: 'keep dry',
  F: 'flammable',
  S: 'sharp',
  T: 'hot',
  G: 'fragile',
  Y: 'dusty',
  N: 'not for a child',
  M: 'sticks to a magnet',
  keep: 'keepsake',
};
/** Share of its loose volume that a soft thing takes when it is put away; common practice, no source. */
export const SQUEEZE = 0.8;

/** Reads the marks of a line: cautions, "flat", a season, the room a machine works in ("w300/150/100": front, back, above). */
export function readMarks(
  text: string,
): Pick<Supply, 'traits' | 'season' | 'workFront' | 'workBack' | 'workAbove'> & { flat: boolean } {
  const words = text.split(',').filter((m) => m !== '');
  const work = /^w(\d+)\/(\d+)\/(\d+)$/.exec(words.find((w) => w.startsWith('w')) ?? '');
  return {
    traits: words.flatMap((w) => MARK[w] ?? []),
    season: words.includes('season') ? 'winter' : '',
    workFront: Number(work?.[1] ?? 0),
    workBack: Number(work?.[2] ?? 0),
    workAbove: Number(work?.[3] ?? 0),
    flat: words.includes('flat'),
  };
}

/** Thickness of one sheet, or of one folded card, mm. */
const sheetOf = (name: string, grammage: number): number =>
  isFolded(name) ? foldedThickness(sheetThickness(grammage)) : sheetThickness(grammage);

function parse(craft: string, line: string): Starter {
  const [name, category, form, count, size, weight, marks, fetches] = line.split('|').map((c) => c.trim());
  const kind = form as Form;
  const [length, width, thickness] = size!.split('x').map(Number) as [number, number, number?];
  const grammage = weight!.endsWith('gsm') ? Number.parseFloat(weight!) : null;
  const { flat, ...asks } = readMarks(marks!);
  return {
    id: `${craft}: ${name}`,
    craft,
    fetches: Number(fetches),
    draft: {
      ...SUPPLY_DEFAULTS,
      name: name!,
      category: category!,
      form: kind,
      count: Number(count),
      length,
      width,
      thickness: thickness ?? (grammage === null ? width : Math.round(sheetOf(name!, grammage) * 1e4) / 1e4),
      grammage,
      mass: grammage === null ? Number.parseFloat(weight!) : null,
      orientations: flat ? ['flat'] : usualOrientations(kind),
      ...usualUse({ form: kind, category: category! }),
      note: '',
      squeeze: kind === 'soft' ? SQUEEZE : 1,
      ...asks,
    },
  };
}

/** Names of paper sizes, as they are called where paper is sold in inches. */
const AMERICAN: ReadonlyArray<readonly [RegExp, string]> = [
  [/\bA4\b/g, 'letter'],
  [/\bA3\b/g, '11 x 17 in'],
  [/\bA2\b/g, '17 x 22 in'],
  [/\bC6\b/g, 'A2 size'],
  [/\b300 mm\b/g, '12 in'],
];

/** The name of a starter in the maker's measures. */
export const nameIn = (name: string, system: UnitSystem): string =>
  system === 'imperial' ? AMERICAN.reduce((text, [from, to]) => text.replace(from, to), name) : name;

/**
 * What a maker owns of a starter: sizes round in the plan's measures, marked as guesses, and the count, too, while it is
 * only the usual one.
 */
export function ownedOf(starter: Starter, count: number, system: UnitSystem): Starter['draft'] {
  const { draft } = starter;
  const [length, width, thickness] = usualSizes(draft, system);
  return {
    ...draft,
    ...{ name: nameIn(draft.name, system), count, length, width, thickness },
    sizeFrom: 'the starter list',
    countFrom: count === draft.count && count > 1 ? 'the starter list' : '',
  };
}

const ALL = { ...PAPER_CRAFTS, ...CLOTH_CRAFTS, ...OTHER_CRAFTS };

/** The crafts that have a list. */
export const CRAFTS: readonly string[] = Object.keys(ALL).sort((a, b) => a.localeCompare(b, 'en'));

/** Every kind, by craft. */
export const STARTERS: readonly Starter[] = Object.entries(ALL).flatMap(([craft, text]) =>
  text
    .trim()
    .split('\n')
    .map((line) => parse(craft, line)),
);
