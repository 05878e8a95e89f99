/** Saying what things are for, many at once: guessed uses are confirmed or replaced, and what has none gets what it is likely for. */
import { groupBy } from '../model/groups.ts';
import { remove, set, type Change } from '../model/change.ts';
import { byName, type Plan, type Supply } from '../model/plan.ts';
import { toldOf, usesOfThing, type Known } from './usedFor.ts';

/** What is done when nobody said what. */
const SOMETHING = { name: 'Crafting', sessionsPerWeek: 2, minutes: 90 };

/** Uses of each supply. */
export const usesBySupply = (plan: Plan) => groupBy(Object.values(plan.uses), (u) => u.supply);

/** These things are for these activities and for nothing else; how often they are fetched stays as it was. */
export function replaceUses(
  plan: Plan,
  supplies: readonly string[],
  activities: readonly string[],
  newId: () => string,
): Change[] {
  const all = usesBySupply(plan);
  return supplies.flatMap((supply) => {
    const before = all.get(supply) ?? [];
    const fetches = before[0]?.fetches ?? 1;
    const gone = before.filter((u) => !activities.includes(u.activity)).map((u) => remove('uses', u.id));
    const stay = before
      .filter((u) => activities.includes(u.activity) && u.guessedFrom !== '')
      .map((u) => set('uses', u.id, { guessedFrom: '' }));
    const more = activities
      .filter((a) => !before.some((u) => u.activity === a))
      .map((activity) => {
        const id = newId();
        return set('uses', id, { id, supply, activity, fetches });
      });
    return [...gone, ...stay, ...more];
  });
}

/** Guessed uses are right as they are. */
export function confirmUses(plan: Plan, supplies: readonly string[]): Change[] {
  const chosen = new Set(supplies);
  return Object.values(plan.uses)
    .filter((u) => chosen.has(u.supply) && u.guessedFrom !== '')
    .map((u) => set('uses', u.id, { guessedFrom: '' }));
}

/** Things whose uses were guessed, by what they were guessed as: "these 9 were guessed as Sewing". */
export interface GuessedGroup {
  activities: string[];
  supplies: Supply[];
}

export function guessedGroups(plan: Plan): GuessedGroup[] {
  const all = usesBySupply(plan);
  const guessed = byName(plan.supplies).filter((s) => all.get(s.id)?.some((u) => u.guessedFrom !== ''));
  const key = (s: Supply) =>
    byName(plan.activities)
      .filter((a) => all.get(s.id)!.some((u) => u.activity === a.id))
      .map((a) => a.id);
  return [...groupBy(guessed, (s) => key(s).join(' '))]
    .map(([ids, supplies]) => ({ activities: ids.split(' '), supplies }))
    .sort((a, b) => b.supplies.length - a.supplies.length);
}

/** Things of which nobody has said what they are for. */
export function unsureThings(plan: Plan): Supply[] {
  const all = usesBySupply(plan);
  return byName(plan.supplies).filter((s) => !all.has(s.id));
}

/** Uses for what has none, as far as its words tell; an activity where there is none. What they do not tell is left. */
export function usesForAll(plan: Plan, known: Known, newId: () => string): Change[] {
  const without = unsureThings(plan);
  if (without.length === 0) return [];
  const changes: Change[] = [];
  let room = plan;
  if (Object.keys(plan.activities).length === 0) {
    const id = newId();
    const row = { id, ...SOMETHING, station: byName(plan.stations)[0]?.id ?? null };
    changes.push(set('activities', id, row));
    room = { ...plan, activities: { [id]: row as Plan['activities'][string] } };
  }
  const idOf = new Map(Object.values(room.activities).map((a) => [a.name, a.id]));
  for (const supply of without)
    for (const use of usesOfThing(room, toldOf(supply, known), known)) {
      const id = newId();
      changes.push(set('uses', id, { ...use, id, supply: supply.id, activity: idOf.get(use.activity)! }));
    }
  return changes;
}
