/** What nearly everybody has for a craft, to tap: a thing at a time, or the ones used most together. What is there already is not offered. */
import { useState } from 'react';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { stems } from '@heronstone/core/entry/comparableWords.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { byName, type Activity, type Plan } from '@heronstone/core/model/plan.ts';
import { CRAFTS_KNOWN } from '@heronstone/library/crafts.ts';
import { nameIn, ownedOf, STARTERS, type Starter } from '@heronstone/library/starter.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** How many of a list are offered together: what is used most. */
const MOST_USED = 10;

const keyOf = (name: string): string => stems(name.split(',')[0]!).sort().join(' ');

/** Starters of an activity's craft that are not in the list yet, by any of their words. */
function offeredFor(plan: Plan, activity: Activity): Starter[] {
  const lists = new Set(CRAFTS_KNOWN.named(activity.name).map((c) => c.list));
  const there = new Set(Object.values(plan.supplies).map((s) => keyOf(s.name)));
  return STARTERS.filter((s) => lists.has(s.craft) && !there.has(keyOf(nameIn(s.draft.name, plan.meta.units)))).sort(
    (a, b) => b.fetches - a.fetches,
  );
}

export function UsualThings() {
  const plan = useStore((s) => s.plan)!;
  // It stays open while one taps.
  const [open, setOpen] = useState(Object.keys(plan.supplies).length === 0);
  const add = (activity: Activity, starters: readonly Starter[]) =>
    commit(
      `Add ${starters.length === 1 ? starters[0]!.draft.name : howMany(starters.length, 'thing')}`,
      addSupplies(
        plan,
        starters.map((s) => ({
          draft: ownedOf(s, s.draft.count, plan.meta.units),
          uses: [{ activity: activity.name, fetches: s.fetches, guessedFrom: 'the starter list' }],
        })),
        newId,
      ),
    );
  const offered = byName(plan.activities)
    .map((activity) => ({ activity, starters: offeredFor(plan, activity) }))
    .filter((o) => o.starters.length > 0);
  if (offered.length === 0) return null;
  return (
    <details className="mt-3" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer font-bold">What nearly everybody has</summary>
      {offered.map(({ activity, starters }) => (
        <section key={activity.id} aria-label={`Usual for ${activity.name}`} className="mt-2">
          <header className="flex flex-wrap items-center gap-3">
            <h3 className="text-sm font-bold">{activity.name}</h3>
            <Button look="quiet" onClick={() => add(activity, starters.slice(0, MOST_USED))}>
              Add the first {Math.min(MOST_USED, starters.length)}
            </Button>
          </header>
          <ul className="mt-1 flex flex-wrap gap-1.5">
            {starters.map((s) => (
              <li key={s.id}>
                <button
                  type="button"
                  onClick={() => add(activity, [s])}
                  className="min-h-7 rounded-full border border-line bg-leaf px-2.5 hover:border-ink max-md:min-h-11"
                >
                  + {nameIn(s.draft.name, plan.meta.units)}
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </details>
  );
}
