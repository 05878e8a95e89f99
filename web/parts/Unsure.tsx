/** Things of which nobody knows what they are for, asked together: one tap a thing, or left for now. */
import { useState } from 'react';
import { replaceUses, unsureThings } from '@heronstone/core/entry/useChanges.ts';
import { set } from '@heronstone/core/model/change.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';

/** The kind of what belongs to nothing. */
const ODDS = 'odds and ends';
const CHIP = 'min-h-8 rounded-full border border-line bg-paper px-3 hover:border-ink max-md:min-h-11';

/** How many are asked at first. */
const SHOWN = 8;

export function Unsure() {
  const plan = useStore((s) => s.plan)!;
  const [all, setAll] = useState(false);
  const activities = byName(plan.activities);
  const unsure = unsureThings(plan).filter((s) => s.category !== ODDS);
  if (unsure.length === 0 || activities.length === 0) return null;
  const say = (id: string, name: string, ids: readonly string[]) =>
    commit(`What ${name} is for`, replaceUses(plan, [id], ids, newId));
  return (
    <section aria-labelledby="unsure" className="mt-4 rounded-2xl border border-rust bg-leaf px-4 py-3">
      <h3 id="unsure" className="font-serif text-base font-semibold">
        {unsure.length} I am not sure of{' '}
        <span className="font-sans text-sm font-normal text-soft">one tap each, or leave them for now</span>
      </h3>
      <ul>
        {unsure.slice(0, all ? undefined : SHOWN).map((s) => (
          <li key={s.id} className="flex flex-wrap items-center gap-1.5 py-1">
            <b className="w-44 grow">{s.name}</b>
            {activities.map((a) => (
              <button
                key={a.id}
                type="button"
                className={CHIP}
                aria-label={`${s.name}: ${a.name}`}
                onClick={() => say(s.id, s.name, [a.id])}
              >
                {a.name}
              </button>
            ))}
            {activities.length > 1 && (
              <button
                type="button"
                className={CHIP}
                aria-label={`${s.name}: all crafts`}
                onClick={() =>
                  say(
                    s.id,
                    s.name,
                    activities.map((a) => a.id),
                  )
                }
              >
                all crafts
              </button>
            )}
            <button
              type="button"
              className={CHIP}
              aria-label={`${s.name}: ${ODDS}`}
              onClick={() => commit(`${s.name}: ${ODDS}`, [set('supplies', s.id, { category: ODDS })])}
            >
              {ODDS}
            </button>
          </li>
        ))}
      </ul>
      {unsure.length > SHOWN && !all && (
        <button type="button" className={CHIP} onClick={() => setAll(true)}>
          the other {unsure.length - SHOWN}, too
        </button>
      )}
      <p className="text-xs text-soft">
        Nothing is dealt out by chance: what you leave is put away by its kind, where there is room.
      </p>
    </section>
  );
}
