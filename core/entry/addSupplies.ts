/** Turning what was typed, ticked or imported into changes of a plan. */
import { set, type Change } from '../model/change.ts';
import type { Placement, Plan } from '../model/plan.ts';
import type { SupplyDraft } from './line.ts';

export interface NewSupply {
  draft: SupplyDraft;
  uses: ReadonlyArray<{ activity: string; fetches: number; guessedFrom?: string }>;
  /** Where it lies today, when that is known. */
  place?: Pick<Placement, 'unit' | 'slot' | 'container'>;
}

/**
 * Changes that add supplies with their uses and today's places. An activity that the plan does not have yet is added,
 * once a week, without a station.
 * @param newId makes an id that is not in use
 */
export function addSupplies(plan: Plan, supplies: readonly NewSupply[], newId: () => string): Change[] {
  const changes: Change[] = [];
  const uses: Change[] = [];
  const activities = new Map(Object.values(plan.activities).map((a) => [a.name.toLowerCase(), a.id]));
  for (const { draft, uses: wanted, place } of supplies) {
    const id = newId();
    changes.push(set('supplies', id, { id, ...draft }));
    if (place) {
      const placement = newId();
      uses.push(
        set('placements', placement, {
          id: placement,
          arrangement: 'today',
          supply: id,
          ...place,
          count: draft.count,
          orientation: null,
          pinned: false,
        }),
      );
    }
    const seen = new Set<string>();
    for (const use of wanted) {
      const key = use.activity.trim().toLowerCase();
      let activity = activities.get(key);
      if (!activity) {
        activity = newId();
        activities.set(key, activity);
        changes.push(
          set('activities', activity, {
            id: activity,
            name: use.activity.trim(),
            sessionsPerWeek: 1,
            minutes: 60,
            station: null,
          }),
        );
      }
      if (seen.has(activity)) continue;
      seen.add(activity);
      const useId = newId();
      uses.push(
        set('uses', useId, {
          id: useId,
          supply: id,
          activity,
          fetches: use.fetches,
          guessedFrom: use.guessedFrom ?? '',
        }),
      );
    }
  }
  return [...changes, ...uses];
}
