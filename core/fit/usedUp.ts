/**
 * Three facts about what is fetched: whether it goes back to its place, whether it is used up, and how fast. A tool goes back; a
 * sheet is used up by one fetch; a bottle of glue goes back each time and is used up by many.
 */
import type { Form, Supply } from '../model/plan.ts';

/** Used up by one fetch, and goes back for good. */
const ONCE = { goesBack: false, lasts: null } as const;
const TOOL = { goesBack: true, lasts: null } as const;
const lasting = (lasts: number) => ({ goesBack: true, lasts }) as const;

/** By kind, the first that is met. Common practice, no source. */
const BY_KIND: ReadonlyArray<readonly [RegExp, Pick<Supply, 'goesBack' | 'lasts'>]> = [
  [/\b(tools?|machines?|brushes|moulds?|patterns?|safety|plates|hoops|albums|books|frames|press|projects?)\b/, TOOL],
  [/\b(stamps?|dies|stencils?|finished work|display|theatre|lights|needles)\b/, TOOL],
  [/\b(card|papers?|packing|stickers|findings|envelopes|labels|planners|photographs)\b/, ONCE],
  [/\b(beads?|eyes|small parts|blanks|canvas|tiles|wood|floral)\b/, ONCE],
  [/\b(threads?|tapes?|trims?|ribbons?|wires?|cords?)\b/, lasting(30)],
  [/\b(adhesives?|glues?|paints?|inks?|dyes?|powders?|wax|resin|solvents?|sprays?|chalks?)\b/, lasting(40)],
  [/\b(pulp and paste|clay|abrasives|blades|cleaning)\b/, lasting(10)],
  [/\b(yarn|wool|wigs|fabrics?|cloth|felt|leather)\b/, lasting(6)],
  [/\b(wrap|vinyl|foil|film)\b/, lasting(20)],
];
/** By form, where the kind says nothing. Common practice, no source. */
const BY_FORM: Readonly<Partial<Record<Form, Pick<Supply, 'goesBack' | 'lasts'>>>> = {
  sheets: ONCE,
  loose: ONCE,
  rolls: lasting(20),
  bottles: lasting(40),
  soft: lasting(6),
};

/** What is usual for a thing of a form and kind when nobody says otherwise. */
export function usualUse({ form, category }: Pick<Supply, 'form' | 'category'>): Pick<Supply, 'goesBack' | 'lasts'> {
  if (form === 'sheets') return ONCE;
  if (form === 'machine' || form === 'set') return TOOL;
  const kind = category.trim().toLowerCase();
  const byKind = BY_KIND.find(([words]) => words.test(kind))?.[1];
  // Nobody fetches all of a roll or a bottle at once, whatever is in it.
  const byBits = (form === 'rolls' || form === 'bottles') && (byKind?.lasts ?? null) === null;
  return (byBits ? undefined : byKind) ?? BY_FORM[form] ?? TOOL;
}

/** Whether it gets fewer by being used. */
export function isUsedUp(supply: Pick<Supply, 'goesBack' | 'lasts'>): boolean {
  return !supply.goesBack || supply.lasts !== null;
}

/** How much of a piece a fetch uses up: all of it, a part, or nothing. */
export function usedByAFetch(supply: Pick<Supply, 'goesBack' | 'lasts'>): number {
  return supply.goesBack ? (supply.lasts === null ? 0 : 1 / supply.lasts) : 1;
}
