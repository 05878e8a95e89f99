/** What things were guessed to be for, group by group: right as they are, or all of them for something else. */
import { useState } from 'react';
import { confirmUses, guessedGroups, replaceUses } from '@heronstone/core/entry/useChanges.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Select } from '../../ui/Select.tsx';

/** How many groups are shown at first. */
const SHOWN = 3;

export function GuessedUses() {
  const plan = useStore((s) => s.plan)!;
  const [all, setAll] = useState(false);
  const groups = guessedGroups(plan);
  if (groups.length === 0) return null;
  return (
    <ul aria-label="Guessed uses" className="mt-1">
      {groups.slice(0, all ? undefined : SHOWN).map(({ activities, supplies }) => {
        const name = activities.map((id) => plan.activities[id]!.name).join(' and ');
        const ids = supplies.map((s) => s.id);
        const many = howMany(supplies.length, 'thing');
        return (
          <li key={activities.join()} className="flex flex-wrap items-center gap-x-3 py-0.5">
            <span title={supplies.map((s) => s.name).join(', ')}>
              ≈ {supplies.length === 1 ? supplies[0]!.name : `These ${supplies.length}`}{' '}
              {supplies.length === 1 ? 'was' : 'were'} guessed as <b>{name}</b>
              {supplies.length > 1 && (
                <span className="text-soft">
                  :{' '}
                  {supplies
                    .slice(0, 4)
                    .map((s) => s.name)
                    .join(', ')}
                  {supplies.length > 4 && ' …'}
                </span>
              )}
            </span>
            <Button look="quiet" onClick={() => commit(`Right: ${many} for ${name}`, confirmUses(plan, ids))}>
              {supplies.length === 1 ? 'It is right' : 'They are right'}
            </Button>
            <Select
              label={`${many} guessed as ${name}: used for`}
              look="line"
              value=""
              options={[['', 'change to …'], ...byName(plan.activities).map((a) => [a.id, a.name] as const)]}
              onSet={(activity) => {
                if (activity)
                  commit(`${many} for ${plan.activities[activity]!.name}`, replaceUses(plan, ids, [activity], newId));
              }}
            />
          </li>
        );
      })}
      {groups.length > SHOWN && (
        <li>
          <Button look="quiet" onClick={() => setAll(!all)}>
            {all ? 'Fewer' : `${groups.length - SHOWN} more groups`}
          </Button>
        </li>
      )}
    </ul>
  );
}
