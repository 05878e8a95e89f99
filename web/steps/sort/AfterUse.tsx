import { set } from '@heronstone/core/model/change.ts';
import { usualUse } from '@heronstone/core/fit/usedUp.ts';
import type { Supply } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { Choice, NumberField } from '../../ui/Field.tsx';

const WAYS = [
  ['tool', 'goes back: a tool'],
  ['lasting', 'goes back until it is used up'],
  ['once', 'is used up by one fetch'],
] as const;

/** How many fetches one of it lasts when nothing else is usual. Common practice, no source. */
const LASTS = 20;

/** What becomes of a thing that was fetched: whether it goes back, is used up, and how fast. */
export function AfterUse({ supply }: { supply: Supply }) {
  const way = !supply.goesBack ? 'once' : supply.lasts === null ? 'tool' : 'lasting';
  const change = (columns: Pick<Supply, 'goesBack' | 'lasts'>) =>
    commit(`After use of ${supply.name}`, [set('supplies', supply.id, columns)]);
  return (
    <div className="mt-3 flex flex-wrap items-end gap-2">
      <Choice
        label="After use it"
        value={way}
        options={WAYS}
        onSet={(to) =>
          change({ goesBack: to !== 'once', lasts: to === 'lasting' ? (usualUse(supply).lasts ?? LASTS) : null })
        }
      />
      {supply.lasts !== null && (
        <NumberField
          label="One lasts, fetches"
          value={supply.lasts}
          least={1.01}
          most={100_000}
          onSet={(lasts) => change({ goesBack: true, lasts })}
        />
      )}
    </div>
  );
}
