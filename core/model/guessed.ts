/** What of a plan was guessed, and how a guess is confirmed. */
import { set, type Change } from './change.ts';
import type { Plan, Supply } from './plan.ts';

/** What is said of a size of which nothing is known. */
export const NOT_KNOWN = 'not known yet';

/** How far a plan rests on guesses: lines of supplies. */
export interface Guesses {
  lines: number;
  /** With a size that was guessed; among them those of which nothing is known. */
  sizes: number;
  unknown: number;
  counts: number;
  /** Whose uses were guessed; and of which nobody knows what they are for. */
  uses: number;
  unsure: number;
}

export const isSizeUnknown = (s: Pick<Supply, 'sizeFrom'>): boolean => s.sizeFrom === NOT_KNOWN;
export const isGuessed = (s: Pick<Supply, 'sizeFrom' | 'countFrom'>): boolean =>
  s.sizeFrom !== '' || s.countFrom !== '';

/** How many lines rest on guesses. */
export function guessesOf(plan: Plan): Guesses {
  const rows = Object.values(plan.supplies);
  const used = new Set(Object.values(plan.uses).map((u) => u.supply));
  const guessed = new Set(Object.values(plan.uses).flatMap((u) => (u.guessedFrom === '' ? [] : [u.supply])));
  const many = (test: (s: Supply) => boolean) => rows.filter(test).length;
  return {
    lines: many((s) => isGuessed(s) || guessed.has(s.id)),
    sizes: many((s) => s.sizeFrom !== ''),
    unknown: many(isSizeUnknown),
    counts: many((s) => s.countFrom !== ''),
    uses: many((s) => guessed.has(s.id)),
    unsure: Object.keys(plan.activities).length === 0 ? 0 : many((s) => !used.has(s.id)),
  };
}

/** Changes that make guesses right as they are; a size of which nothing is known stays so. */
export function confirmed(supplies: readonly Supply[]): Change[] {
  return supplies.flatMap((s) => {
    const size = s.sizeFrom !== '' && !isSizeUnknown(s) ? { sizeFrom: '' } : {};
    const count = s.countFrom !== '' ? { countFrom: '' } : {};
    const columns = { ...size, ...count };
    return Object.keys(columns).length > 0 ? [set('supplies', s.id, columns)] : [];
  });
}

/** What is no guess any more when a field of a supply is typed. */
export function typedAlong(field: string): Partial<Supply> {
  if (field === 'count') return { countFrom: '' };
  return ['length', 'width', 'thickness', 'form', 'grammage'].includes(field) ? { sizeFrom: '' } : {};
}
