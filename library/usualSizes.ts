/** Every kind that quick entry knows: usual sizes in general words, and the kinds of the starter lists. */
import { KindFinder, type Kind } from '@heronstone/core/entry/kinds.ts';
import { sheetThickness } from '@heronstone/core/fit/sheets.ts';
import type { Form } from '@heronstone/core/model/plan.ts';
import { readMarks, SQUEEZE, STARTERS } from './starter.ts';
import { CLOTH_KINDS } from './usual/clothSizes.ts';
import { OTHER_KINDS } from './usual/otherSizes.ts';
import { PAPER_KINDS } from './usual/paperSizes.ts';

function parse(line: string): Kind {
  const [names, category, form, size, weight, marks, pack] = line.split('|').map((c) => c.trim()) as [
    string,
    ...string[],
  ];
  const [name, ...also] = names.split(';').map((n) => n.trim()) as [string, ...string[]];
  const [length, width, thickness] = size!.split('x').map(Number) as [number, number, number?];
  const grammage = weight!.endsWith('gsm') ? Number.parseFloat(weight!) : null;
  return {
    name,
    also,
    category: category!,
    form: form as Form,
    length,
    width,
    thickness: thickness ?? (grammage === null ? width : Math.round(sheetThickness(grammage) * 1e4) / 1e4),
    grammage,
    mass: grammage === null ? Number.parseFloat(weight!) : null,
    squeeze: form === 'soft' ? SQUEEZE : 1,
    traits: readMarks(marks!).traits,
    pack: pack ? Number(pack) : null,
  };
}

/** Usual sizes, by the files they are in. */
export const USUAL_KINDS: readonly Kind[] = [PAPER_KINDS, CLOTH_KINDS, OTHER_KINDS].flatMap((text) =>
  text.trim().split('\n').map(parse),
);

/** How many a pack of a starter holds is said with the usual sizes. */
const USUAL = new KindFinder(USUAL_KINDS);
const packOf = (name: string, category: string): number | null => {
  const kind = USUAL.find(name);
  return kind?.category === category ? (kind.pack ?? null) : null;
};

/** How many kinds of a category each starter list has, most first: what a thing of it is probably used for. */
export function craftsWith(category: string): string[] {
  const many = new Map<string, number>();
  for (const { craft, draft } of STARTERS) if (draft.category === category) many.set(craft, (many.get(craft) ?? 0) + 1);
  return [...many].sort((a, b) => b[1] - a[1]).map(([craft]) => craft);
}

/**
 * All kinds for quick entry: what nobody types is taken from here. A starter of a size of its own (“12 in”) and one that is a
 * whole set speak for nobody who does not say so.
 */
export const KINDS = new KindFinder([
  ...STARTERS.filter(({ draft }) => !/\d/.test(draft.name) && draft.form !== 'set').map(({ draft }) => ({
    ...draft,
    pack: packOf(draft.name, draft.category),
  })),
  ...USUAL_KINDS,
]);
