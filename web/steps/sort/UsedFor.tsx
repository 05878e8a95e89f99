import { remove, set } from '@heronstone/core/model/change.ts';
import { confirmUses } from '@heronstone/core/entry/useChanges.ts';
import { byName, type Supply } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Heading, NumberField } from '../../ui/Field.tsx';

/** What a supply is used for, and how often in a session. */
export function UsedFor({ supply }: { supply: Supply }) {
  const plan = useStore((s) => s.plan)!;
  const uses = Object.values(plan.uses).filter((u) => u.supply === supply.id);
  const free = byName(plan.activities).filter((a) => !uses.some((u) => u.activity === a.id));
  return (
    <>
      <Heading>Used for</Heading>
      {uses.some((u) => u.guessedFrom !== '') && (
        <p className="mb-1 flex items-center gap-2 text-soft">
          <span>≈ Guessed from {[...new Set(uses.map((u) => u.guessedFrom).filter((t) => t !== ''))].join('; ')}.</span>
          <Button
            look="quiet"
            onClick={() => commit(`What ${supply.name} is for is right`, confirmUses(plan, [supply.id]))}
          >
            It is right
          </Button>
        </p>
      )}
      {uses.map((u) => (
        <div key={u.id} className="mb-1 flex items-end gap-2">
          <NumberField
            label={`${plan.activities[u.activity]!.name}: fetches a session`}
            value={u.fetches}
            least={0.01}
            most={500}
            none="A use that never happens is taken away with ×."
            className="grow"
            onSet={(fetches) => commit(`Use of ${supply.name}`, [set('uses', u.id, { fetches, guessedFrom: '' })])}
          />
          <Button
            look="quiet"
            aria-label={`No longer used for ${plan.activities[u.activity]!.name}`}
            onClick={() => commit(`Use of ${supply.name}`, [remove('uses', u.id)])}
          >
            ×
          </Button>
        </div>
      ))}
      {free.length > 0 && (
        <Choice
          label="Add a use"
          value=""
          options={[['', 'choose an activity'], ...free.map((a) => [a.id, a.name] as const)]}
          onSet={(activity) => {
            const id = newId();
            if (activity)
              commit(`Use of ${supply.name}`, [set('uses', id, { id, supply: supply.id, activity, fetches: 1 })]);
          }}
        />
      )}
    </>
  );
}
