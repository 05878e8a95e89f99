/**
 * Starter lists: kinds of supplies by craft, with typical sizes, masses, forms, cautions and what uses them, in generic
 * words. One line a kind: name | kind | form | usual count | sizes mm | mass g or gsm | marks | fetches a session.
 */
import { usualOrientations } from '@heronstone/core/fit/forms.ts';
import { foldedThickness, isFolded, sheetThickness } from '@heronstone/core/fit/sheets.ts';
import { SUPPLY_DEFAULTS, type Form, type Supply, type Trait } from '@heronstone/core/model/plan.ts';
import type { Kind } from '@heronstone/core/entry/kinds.ts';
import { KindFinder } from '@heronstone/core/entry/kinds.ts';
import { CLOTH_CRAFTS } from './starters/cloth.ts';
import { OTHER_CRAFTS } from './starters/other.ts';
import { PAPER_CRAFTS } from './starters/paper.ts';

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
const SQUEEZE = 0.8;

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
  const [name, category, form, count, size, weight, marks, fetches] = line.split('|').map((c) => c.trim()) as string[];
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
      goesBack: !/card|paper|adhesive|trims|packing|wrap|stickers|findings|beads|fabric|yarn|thread|tapes/.test(
        category!,
      ),
      note: '',
      squeeze: kind === 'soft' ? SQUEEZE : 1,
      ...asks,
    },
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

const COMMON: readonly Kind[] = [
  // What people call things for short.
  ['Yarn', 'yarn', 'soft', 150, 80, 70, 50],
  ['Wool', 'yarn', 'soft', 150, 80, 70, 50],
  ['Markers', 'pens', 'pieces', 140, 12, 12, 14],
  ['Pens', 'pens', 'pieces', 145, 11, 11, 10],
  ['Pencils', 'pens', 'pieces', 175, 8, 8, 6],
  ['Scissors', 'cutting', 'pieces', 210, 80, 15, 90],
  ['Brushes', 'brushes', 'pieces', 200, 10, 10, 10],
  ['Glue sticks', 'adhesives', 'pieces', 100, 11, 11, 10],
  ['Books', 'books', 'pieces', 280, 215, 18, 650],
  ['Ink', 'inks', 'bottles', 60, 45, 45, 110],
].map(([name, category, form, length, width, thickness, mass]) => ({
  name: name as string,
  category: category as string,
  form: form as Form,
  length: length as number,
  width: width as number,
  thickness: thickness as number,
  grammage: null,
  mass: mass as number,
  squeeze: form === 'soft' ? SQUEEZE : 1,
  traits: [],
}));

/** All kinds for quick entry: what nobody types is taken from here. */
export const KINDS = new KindFinder([...COMMON, ...STARTERS.map((s) => ({ ...s.draft, traits: s.draft.traits }))]);
