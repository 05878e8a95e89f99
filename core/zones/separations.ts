/** Things of which no two lie in one place, because the maker said so. */
import { onceFor } from '../model/memo.ts';
import type { Apart, Plan, Supply } from '../model/plan.ts';

type Meant = Pick<Supply, 'category' | 'collection' | 'theme' | 'name'>;

/** Whether a word means a thing: its kind, its collection, its theme or its name. */
export function isMeantBy(word: string, supply: Meant): boolean {
  const wanted = word.toLowerCase();
  return [supply.name, supply.category, supply.collection, supply.theme].some((w) => w.toLowerCase() === wanted);
}

/** Which entry of a line means a thing, the first that does; -1 for none. A name goes before a kind. */
function entryOf(apart: Apart, supply: Supply): number {
  const byName = apart.things.findIndex((t) => t.toLowerCase() === supply.name.toLowerCase());
  return byName >= 0 ? byName : apart.things.findIndex((t) => isMeantBy(t, supply));
}

/** Of each supply with whom it may not share a place, and why (in words, may be empty). */
export const apartFrom = onceFor(
  (plan: Pick<Plan, 'aparts' | 'supplies'>) => [plan.aparts, plan.supplies],
  (plan): ReadonlyMap<string, ReadonlyMap<string, string>> => {
    const made = new Map<string, Map<string, string>>();
    const say = (a: string, b: string, why: string) => {
      const own = made.get(a);
      if (own) own.set(b, why);
      else made.set(a, new Map([[b, why]]));
    };
    for (const apart of Object.values(plan.aparts)) {
      const entries: string[][] = apart.things.map(() => []);
      for (const s of Object.values(plan.supplies)) {
        const at = entryOf(apart, s);
        if (at >= 0) entries[at]!.push(s.id);
      }
      entries.forEach((list, i) =>
        entries.slice(i + 1).forEach((others) => {
          for (const a of list)
            for (const b of others) {
              say(a, b, apart.why);
              say(b, a, apart.why);
            }
        }),
      );
    }
    return made;
  },
);
