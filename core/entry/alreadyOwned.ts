/** Lines of things that are in the list already. */
import { set, type Change } from '../model/change.ts';
import { formatSize, type UnitSystem } from '../model/measure.ts';
import type { Plan, Supply } from '../model/plan.ts';
import type { SupplyDraft } from './line.ts';
import { stems } from './comparableWords.ts';

/** How far a typed outline may be from that of a stock to be more of it. */
const AS_LARGE = 0.05;

/**
 * The supply of which a thing is more: it goes by the same words, whatever their number and order, and is of the same size
 * where one was typed: 6 x 12 is no part of the 12 x 12. null when there is none.
 */
export function sameAs(
  plan: Plan,
  draft: Pick<SupplyDraft, 'name' | 'length' | 'width' | 'sizeFrom' | 'life' | 'season'>,
): Supply | null {
  const key = keyOf(draft.name);
  if (key === '') return null;
  const guessed = draft.sizeFrom !== '' && draft.sizeFrom !== 'a usual thickness';
  const near = (a: number, b: number) => Math.abs(a - b) <= AS_LARGE * Math.max(a, b);
  return (
    Object.values(plan.supplies).find(
      (s) => keyOf(s.name) === key && (guessed || (near(s.length, draft.length) && near(s.width, draft.width))),
    ) ?? null
  );
}

/** A name that no other stock has: that of another size of the same thing is told by its size. */
export function nameApart(plan: Plan, draft: SupplyDraft, system: UnitSystem): string {
  const key = keyOf(draft.name);
  const taken = Object.values(plan.supplies).some((s) => keyOf(s.name) === key);
  if (!taken || sameAs(plan, draft)) return draft.name;
  return `${draft.name}, ${formatSize([draft.length, draft.width], system)}`.slice(0, 100);
}

const keyOf = (name: string): string => stems(name).sort().join(' ') || name.trim().toLowerCase();

/** More of what is there: the counts are added; what was guessed of either stays a guess. */
export function addTo(supply: Supply, draft: SupplyDraft): Change[] {
  const count = Math.min(1_000_000, supply.count + draft.count);
  // Spares of what is there are its spares.
  const backstock = Math.min(count, supply.backstock + draft.backstock);
  return [
    set('supplies', supply.id, { count, backstock, ...(draft.countFrom === '' ? {} : { countFrom: draft.countFrom }) }),
  ];
}
