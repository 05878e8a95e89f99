/** Lines of things that are in the list already. */
import { set, type Change } from '../model/change.ts';
import { groupBy } from '../model/groups.ts';
import { once } from '../model/memo.ts';
import { formatSize, type UnitSystem } from '../model/measure.ts';
import type { Plan, Supply } from '../model/plan.ts';
import type { SupplyDraft } from './line.ts';
import { stems } from './comparableWords.ts';

/** How far a typed outline may be from that of a stock to be more of it. */
const AS_LARGE = 0.05;

/** What is owned, by its words, whatever their number and order. */
export type Stock = Map<string, Supply[]>;
type Known = Pick<SupplyDraft, 'name' | 'length' | 'width' | 'form' | 'sizeFrom' | 'grammage'>;
/** How far a weight of paper may be from that of a stock to be more of it. */
const AS_HEAVY = 0.03;

export const keyOf = (name: string): string =>
  [...stems(name), ...(name.match(/\d+/g) ?? [])].sort().join(' ') || name.trim().toLowerCase();

export const stockOf = once((supplies: Plan['supplies']): Stock =>
  groupBy(Object.values(supplies), (s) => keyOf(s.name)),
);

/**
 * The supply of which a thing is more: it goes by the same words and is of the same size where one was typed: 6 x 12 is no part
 * of the 12 x 12; nor is 110 lb card more of the 65 lb.
 * @param weighed whether the weight of its paper was typed
 * @returns null when there is none
 */
export function sameIn(stock: Stock, draft: Known, weighed: boolean): Supply | null {
  const key = keyOf(draft.name);
  if (key === '') return null;
  const guessed = draft.sizeFrom !== '' && draft.sizeFrom !== 'a usual thickness';
  const near = (a: number, b: number) => Math.abs(a - b) <= AS_LARGE * Math.max(a, b);
  const outline = (s: Supply) => guessed || (near(s.length, draft.length) && near(s.width, draft.width));
  const paper = ({ grammage: g }: Supply) =>
    !weighed || g === null || draft.grammage === null || Math.abs(g - draft.grammage) <= AS_HEAVY * g;
  const fits = (s: Supply) => s.form === draft.form && outline(s) && paper(s);
  return stock.get(key)?.find(fits) ?? null;
}

export const sameAs = (plan: Pick<Plan, 'supplies'>, draft: Known, weighed: boolean): Supply | null =>
  sameIn(stockOf(plan.supplies), draft, weighed);

/** A name that no other stock has: that of another size or paper of the same thing is told by it. */
export function nameApart(stock: Stock, draft: SupplyDraft, weighed: string | null, system: UnitSystem): string {
  const there = stock.get(keyOf(draft.name))?.filter((s) => s.form === draft.form) ?? [];
  if (there.length === 0 || sameIn(stock, draft, weighed !== null)) return draft.name;
  const heavy = weighed !== null && sameIn(stock, draft, false) !== null;
  return `${draft.name}, ${heavy ? weighed : formatSize([draft.length, draft.width], system)}`.slice(0, 100);
}

/** More of what is there: the counts are added; what was guessed of either stays a guess. */
export function addTo(supply: Supply, draft: SupplyDraft): Change[] {
  const count = Math.min(1_000_000, supply.count + draft.count);
  // Spares of what is there are its spares.
  const backstock = Math.min(count, supply.backstock + draft.backstock);
  return [
    set('supplies', supply.id, { count, backstock, ...(draft.countFrom === '' ? {} : { countFrom: draft.countFrom }) }),
  ];
}
