/** What supplies ask for by the form of their place, and what a place offers: litres, or metres of rail and of tops. */
import { litresIn, type Compartment } from '../furniture/compartments.ts';
import { volume } from '../fit/fit.ts';
import { holdsPile, isLeaner } from '../fit/limits.ts';
import type { Supply } from '../model/plan.ts';

/** Drawers, shelves and boxes; slots and flat drawers; rails and boards; tops. */
export const PLACE_FORMS = ['things', 'sheets', 'hung', 'tops'] as const;
export type PlaceForm = (typeof PLACE_FORMS)[number];

/** The share of a place's inside litres that loose things fill, with gaps and a hand. Common practice, no source. */
export const PACKED = 0.6;

/** The form of place that a supply asks for. @param slots whether the room has slots or flat drawers: else sheets lie in drawers, too */
export function formOf(s: Pick<Supply, 'form'>, slots: boolean): PlaceForm {
  if (s.form === 'hung') return 'hung';
  if (s.form === 'machine') return 'tops';
  return s.form === 'sheets' && slots ? 'sheets' : 'things';
}

/** How much of its form a supply asks for: litres, or metres; with room to grow where it lies. */
export function asksFor(s: Supply, roomToGrow: number): number {
  if (s.form === 'hung') return (s.count * s.thickness) / 1000;
  if (s.form === 'machine') return (s.count * s.length) / 1000;
  return volume(s, s.count) * (1 + roomToGrow);
}

/** Whether there are places made for sheets. */
export const hasSlots = (places: readonly Compartment[]): boolean => places.some((c) => offers(c)?.form === 'sheets');

/** What a place offers, and how much of it; null for a box, whose opening offers its litres, and for a rack in which boards lean. */
export function offers(c: Compartment): { form: PlaceForm; amount: number } | null {
  if (c.container !== null || isLeaner(c)) return null;
  if (c.access === 'peg') return { form: 'hung', amount: c.inside.width / 1000 };
  if (c.access === 'top') return { form: 'tops', amount: c.inside.width / 1000 };
  return { form: holdsPile(c) ? 'sheets' : 'things', amount: PACKED * litresIn([c]) };
}
