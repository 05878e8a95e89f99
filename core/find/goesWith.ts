/** What goes with a thing: offcuts to look at first, what lies together with it, what the same work uses with it. */
import { byName, type Plan } from '../model/plan.ts';

export interface Companion {
  supply: string;
  why: string;
}

/** @returns the nearest first */
export function goesWith(plan: Plan, supply: string, most = 6): Companion[] {
  const own = plan.supplies[supply];
  if (!own) return [];
  const fetches = (id: string) => {
    const all = new Map<string, number>();
    for (const u of Object.values(plan.uses))
      if (u.supply === id) all.set(u.activity, (all.get(u.activity) ?? 0) + u.fetches);
    return all;
  };
  const used = fetches(supply);
  const scored = byName(plan.supplies).flatMap((s): Array<Companion & { score: number }> => {
    if (s.id === supply || s.decision === 'give away') return [];
    const alike = s.form === own.form || s.category === own.category;
    if (
      s.traits.includes('offcut') &&
      !own.traits.includes('offcut') &&
      own.colour !== '' &&
      s.colour === own.colour &&
      alike
    )
      return [{ supply: s.id, why: `${s.colour} offcuts: look here first`, score: 1e6 }];
    if (own.together !== '' && s.together === own.together)
      return [{ supply: s.id, why: 'they belong together', score: 1e5 }];
    let [score, best, most]: [number, string | null, number] = [0, null, 0];
    for (const [activity, n] of fetches(s.id)) {
      const both = Math.min(n, used.get(activity) ?? 0) * plan.activities[activity]!.sessionsPerWeek;
      score += both;
      if (both > most) [best, most] = [activity, both];
    }
    return best === null ? [] : [{ supply: s.id, why: `used with it for ${plan.activities[best]!.name}`, score }];
  });
  return scored
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map(({ supply: id, why }) => ({ supply: id, why }));
}
