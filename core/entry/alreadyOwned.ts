/** Lines of things that are in the list already. */
import { set, type Change } from '../model/change.ts';
import type { Plan, Supply } from '../model/plan.ts';
import type { SupplyDraft } from './line.ts';
import { stems } from './comparableWords.ts';

/** The supply that goes by the same words, whatever their number and order; null when there is none. */
export function sameAs(plan: Plan, name: string): Supply | null {
  const key = keyOf(name);
  if (key === '') return null;
  return Object.values(plan.supplies).find((s) => keyOf(s.name) === key) ?? null;
}

const keyOf = (name: string): string => stems(name).sort().join(' ') || name.trim().toLowerCase();

/** More of what is there: the counts are added; what was guessed of either stays a guess. */
export function addTo(supply: Supply, draft: SupplyDraft): Change[] {
  const count = Math.min(1_000_000, supply.count + draft.count);
  return [set('supplies', supply.id, { count, ...(draft.countFrom === '' ? {} : { countFrom: draft.countFrom }) })];
}
