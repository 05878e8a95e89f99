/** What the maker keeps a place for: certain things only, nothing, work, odds and ends. */
import { once } from '../model/memo.ts';
import { formatVolume, type UnitSystem } from '../model/measure.ts';
import { volume } from '../fit/fit.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Keep, Plan, Supply } from '../model/plan.ts';

/** Words for what a place is kept for. */
export const KEPT_WORDS: Readonly<Record<Keep['for'], string>> = {
  these: 'only these things',
  empty: 'empty, as room to grow',
  clear: 'clear, to work on',
  odds: 'odds and ends',
};

const byPlace = once((keeps: Plan['keeps']) => {
  const rows = Object.values(keeps).sort((a, b) => (a.id < b.id ? 1 : -1));
  return new Map(rows.map((k) => [`${k.unit}/${k.slot}#${k.container ?? ''}`, k]));
});

/** What a place itself is kept for; null when nothing is said. */
export function keepOf(plan: Pick<Plan, 'keeps'>, c: Pick<Compartment, 'unit' | 'slot' | 'container'>): Keep | null {
  const keeps = byPlace(plan.keeps);
  return keeps.size === 0 ? null : (keeps.get(`${c.unit}/${c.slot}#${c.container ?? ''}`) ?? null);
}

/** Whether a thing is one of those for which a place is kept: by its kind, its collection, its theme or its name. */
function isMeant(keep: Pick<Keep, 'things'>, supply: Pick<Supply, 'category' | 'collection' | 'theme' | 'name'>) {
  const own = [supply.category, supply.collection, supply.theme, supply.name].map((w) => w.toLowerCase());
  return keep.things.some((t) => own.includes(t.toLowerCase()));
}

/** Whether a place is kept for a thing. */
export function isKeptFor(plan: Pick<Plan, 'keeps'>, supply: Supply, c: Compartment): boolean {
  const keep = keepOf(plan, c);
  return keep?.for === 'these' && isMeant(keep, supply);
}

/** Why a thing does not belong where a place is kept for something else; null where it may lie. */
export function keptFrom(plan: Pick<Plan, 'keeps'>, supply: Supply, c: Compartment): string | null {
  const around = c.container === null ? [] : [{ unit: c.unit, slot: c.slot, container: null }];
  for (const place of [c, ...around]) {
    const keep = keepOf(plan, place);
    if (!keep) continue;
    if (keep.for === 'empty') return 'the place is kept empty, as room to grow';
    if (keep.for === 'clear') return 'the place is kept clear to work on';
    if (keep.for === 'these' && !isMeant(keep, supply)) return `the place is kept for ${keep.things.join(', ')}`;
  }
  return null;
}

/** The bound of a place for odds and ends: the width that each line takes at the least, and the share of the place that is used. */
export function boundOf(plan: Pick<Plan, 'keeps'>, c: Compartment): { least: number; share: number } | null {
  const keep = keepOf(plan, c);
  if (keep?.for !== 'odds') return null;
  const { width, depth, height } = c.inside;
  const litres = (width * depth * height) / 1e6;
  const share = keep.litres === null ? 1 : Math.min(1, keep.litres / litres);
  return { least: keep.lines === null ? 0 : (width * share) / keep.lines, share };
}

/** By how much a place for odds and ends holds too much, in words; null when it does not. */
export function beyondBound(
  keep: Keep,
  lines: ReadonlyArray<{ supply: Supply; count: number }>,
  system: UnitSystem,
): { value: number; most: number; words: string } | null {
  if (keep.for !== 'odds') return null;
  if (keep.lines !== null && lines.length > keep.lines)
    return {
      value: lines.length,
      most: keep.lines,
      words: `${lines.length} sorts of odds and ends, and ${keep.lines} at most`,
    };
  const litres = lines.reduce((sum, l) => sum + volume(l.supply, l.count), 0);
  if (keep.litres !== null && litres > keep.litres + 1e-9)
    return {
      value: litres,
      most: keep.litres,
      words: `${formatVolume(litres * 1000, system)} of odds and ends, and ${formatVolume(keep.litres * 1000, system)} at most`,
    };
  return null;
}
