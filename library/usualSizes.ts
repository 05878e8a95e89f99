/** Every kind that quick entry knows: usual sizes in general words, and the kinds of the starter lists. */
import { KindFinder, type Everyday, type Kind } from '@heronstone/core/entry/kinds.ts';
import { sheetThickness } from '@heronstone/core/fit/sheets.ts';
import type { Form } from '@heronstone/core/model/plan.ts';
import { CRAFT_ROWS } from './crafts.ts';
import { everydayOf, isNamed } from './everyday.ts';
import { readMarks, SQUEEZE, STARTERS, type Starter } from './starter.ts';
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

/** A starter is for its own craft first; as many as its list says, unless the table speaks of it by name, and as often. */
function everydayOfStarter({ craft, draft, fetches }: Starter): Everyday {
  const [name = ''] = draft.name.split(',');
  const everyday = everydayOf({ ...draft, name });
  if (isNamed(name)) return { ...everyday, fetches };
  const own = CRAFT_ROWS.filter((c) => c.list === craft).map((c) => c.key);
  return { ...everyday, crafts: [own.slice(0, 1), ...everyday.crafts], usual: Math.max(draft.count, 1), fetches };
}

/**
 * All kinds for quick entry: what nobody types is taken from here. A starter of a size of its own (“12 in”) and one that is a
 * whole set speak for nobody who does not say so.
 */
export const KINDS = new KindFinder(
  [
    ...STARTERS.filter(({ draft }) => !/\d/.test(draft.name) && draft.form !== 'set').map((starter) => ({
      ...starter.draft,
      pack: packOf(starter.draft.name, starter.draft.category),
      everyday: everydayOfStarter(starter),
    })),
    ...USUAL_KINDS,
  ],
  everydayOf,
);
