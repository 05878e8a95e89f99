/** What a new thing is probably used for, when its line does not say: so that it gets a place by its use. */
import { byName, type Plan } from '../model/plan.ts';

/** Fetches a session of what nobody said more about. Common practice, no source. */
const ONCE = 1;

/**
 * The activity of a thing of a kind: the only one that there is; else that whose name is a craft which has most things of
 * the kind. null when nothing says it.
 * @param crafts crafts that have things of the kind, most first
 */
export function likelyUse(plan: Plan, crafts: readonly string[]): { activity: string; fetches: number } | null {
  const activities = byName(plan.activities);
  const [only] = activities;
  if (activities.length === 1) return { activity: only!.name, fetches: ONCE };
  for (const craft of crafts) {
    const found = activities.find((a) => a.name.toLowerCase() === craft.toLowerCase());
    if (found) return { activity: found.name, fetches: ONCE };
  }
  return null;
}
