/** What a new thing is probably used for, when its line does not say: so that it gets a place by its use. */
import { set, type Change } from '../model/change.ts';
import { byName, type Plan } from '../model/plan.ts';
import type { KindFinder } from './kinds.ts';
import { wordsOf } from './comparableWords.ts';

/** Fetches a session of what nobody said more about. Common practice, no source. */
const ONCE = 1;
/** What is done when nobody said what. */
const SOMETHING = { name: 'Crafting', sessionsPerWeek: 2, minutes: 90 };

/** Kinds that are used together, whatever the craft is called. Common practice, no source. */
const FAMILIES: ReadonlyArray<ReadonlySet<string>> = [
  ['fabric', 'thread', 'needles', 'trims', 'yarn', 'hoops', 'patterns', 'press', 'blanks', 'projects'],
  [
    'card and paper',
    'stamps',
    'inks',
    'dies',
    'stickers',
    'envelopes',
    'albums',
    'planners',
    'photographs',
    'seals',
    'powders',
    'plates',
  ],
  ['paints', 'brushes', 'canvas', 'pens', 'solvents', 'inks'],
  ['beads', 'findings', 'wire', 'display'],
  ['clay', 'moulds', 'resin', 'wax', 'tiles'],
  ['wood', 'abrasives', 'blades', 'frames'],
  ['floral', 'seasonal', 'wrap', 'packing', 'lights'],
].map((kinds) => new Set(kinds));

/** Knows which crafts have things of a kind, and the kind of a word. */
export interface Crafts {
  /** Crafts that have things of a kind, most first. */
  craftsWith: (category: string) => readonly string[];
  kinds: KindFinder;
}

/**
 * The activity of a thing of a kind: the only one that there is; that whose name is a craft which has most things of the
 * kind; that whose words are of its family ("fabric dolls" for thread); else the first. null where there is none.
 */
export function likelyUse(
  plan: Plan,
  category: string,
  { craftsWith, kinds }: Crafts,
): { activity: string; fetches: number } | null {
  const activities = byName(plan.activities);
  const [first] = activities;
  if (!first) return null;
  const use = (activity: string) => ({ activity, fetches: ONCE });
  if (activities.length === 1) return use(first.name);
  for (const craft of craftsWith(category)) {
    const found = activities.find((a) => a.name.toLowerCase() === craft.toLowerCase());
    if (found) return use(found.name);
  }
  const families = FAMILIES.filter((f) => f.has(category));
  const speaksOf = (name: string) =>
    wordsOf(name).some((w) => {
      const kind = kinds.find(w.stem);
      return kind !== null && (kind.category === category || families.some((f) => f.has(kind.category)));
    });
  return use((activities.find((a) => speaksOf(a.name)) ?? first).name);
}

/**
 * Uses for everything that has none, so that a first plan has something to go by; and an activity where there is none.
 */
export function usesForAll(plan: Plan, crafts: Crafts, newId: () => string): Change[] {
  const used = new Set(Object.values(plan.uses).map((u) => u.supply));
  const without = byName(plan.supplies).filter((s) => !used.has(s.id));
  if (without.length === 0) return [];
  const changes: Change[] = [];
  let known = plan;
  if (Object.keys(plan.activities).length === 0) {
    const id = newId();
    const row = { id, ...SOMETHING, station: byName(plan.stations)[0]?.id ?? null };
    changes.push(set('activities', id, row));
    known = { ...plan, activities: { [id]: { ...row } as Plan['activities'][string] } };
  }
  const idOf = new Map(Object.values(known.activities).map((a) => [a.name, a.id]));
  for (const supply of without) {
    const likely = likelyUse(known, supply.category, crafts);
    if (!likely) continue;
    const id = newId();
    changes.push(
      set('uses', id, { id, supply: supply.id, activity: idOf.get(likely.activity)!, fetches: likely.fetches }),
    );
  }
  return changes;
}
