/** What can be done to many lines at once; every act is one change that undo takes back as one. */
import { howMany } from '@heronstone/core/model/measure.ts';
import { useState } from 'react';
import { FORM_FACTS, usualOrientations } from '@heronstone/core/fit/forms.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, DECISIONS, FORMS, TRAITS, type Supply } from '@heronstone/core/model/plan.ts';
import { confirmed, isGuessed } from '@heronstone/core/model/guessed.ts';
import { AMOUNTS, setAmount, type Amount } from '@heronstone/core/entry/amountChips.ts';
import { confirmUses, replaceUses } from '@heronstone/core/entry/useChanges.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Select } from '../../ui/Select.tsx';

type Act =
  | 'guess'
  | 'today'
  | 'kind'
  | 'form'
  | 'trait'
  | 'untrait'
  | 'decision'
  | 'season'
  | 'colour'
  | 'collection'
  | 'theme'
  | 'use'
  | 'uses'
  | 'amount';
const ACTS: ReadonlyArray<readonly [Act, string]> = [
  ['guess', 'What was guessed'],
  ['today', 'Today'],
  ['kind', 'Kind'],
  ['form', 'Form'],
  ['trait', 'Add a caution'],
  ['untrait', 'Remove a caution'],
  ['decision', 'Decision'],
  ['uses', 'Used only for'],
  ['use', 'Used for, too'],
  ['amount', 'How many'],
  ['season', 'Season'],
  ['colour', 'Colour'],
  ['collection', 'Collection'],
  ['theme', 'Theme'],
];

/** What can be said of lines that have no place today. */
const TODAY = [
  ['hunted', 'has no home: I hunt for it'],
  ['noted', 'has a place, not noted yet'],
] as const;

export function BulkBar({ ids, onClear }: { ids: readonly string[]; onClear: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [act, setAct] = useState<Act>(() => (ids.some((id) => isGuessed(plan.supplies[id]!)) ? 'guess' : 'kind'));
  const [value, setValue] = useState('');
  const rows = ids.flatMap((id) => plan.supplies[id] ?? []);
  const options: ReadonlyArray<readonly [string, string]> | null =
    act === 'guess'
      ? [['right', 'is right']]
      : act === 'today'
        ? TODAY
        : act === 'form'
          ? FORMS.map((f) => [f, FORM_FACTS[f].many] as const)
          : act === 'trait' || act === 'untrait'
            ? TRAITS.map((t) => [t, t] as const)
            : act === 'decision'
              ? DECISIONS.map((d) => [d, d] as const)
              : act === 'amount'
                ? AMOUNTS.map((a) => [a, a] as const)
                : act === 'use' || act === 'uses'
                  ? byName(plan.activities).map((a) => [a.id, a.name] as const)
                  : null;
  const chosen = options ? (options.find(([key]) => key === value)?.[0] ?? options[0]?.[0] ?? '') : value;
  const changeOf = (s: Supply): Change[] => {
    const one = (columns: Partial<Supply>) => [set('supplies', s.id, columns)];
    switch (act) {
      case 'guess':
        return [...confirmed([s]), ...confirmUses(plan, [s.id])];
      case 'amount':
        return setAmount([s], chosen as Amount, KINDS);
      case 'uses':
        return replaceUses(plan, [s.id], [chosen], newId);
      case 'today':
        return one({ hunted: chosen === 'hunted' });
      case 'kind':
        return one({ category: chosen.trim() });
      case 'form':
        return one({ form: chosen as Supply['form'], orientations: usualOrientations(chosen as Supply['form']) });
      case 'trait':
        return s.traits.includes(chosen as never) ? [] : one({ traits: [...s.traits, chosen as never] });
      case 'untrait':
        return s.traits.includes(chosen as never) ? one({ traits: s.traits.filter((t) => t !== chosen) }) : [];
      case 'decision':
        return one({ decision: chosen as Supply['decision'], decideBy: null });
      case 'use': {
        if (Object.values(plan.uses).some((u) => u.supply === s.id && u.activity === chosen)) return [];
        const id = newId();
        return [set('uses', id, { id, supply: s.id, activity: chosen, fetches: 1 })];
      }
      default:
        return one({ [act]: chosen.trim() });
    }
  };
  const word = rows.length === 1 ? 'supply' : 'supplies';
  return (
    <form
      aria-label="Change many supplies"
      className="flex flex-wrap items-center gap-2 border-b border-line bg-wash px-3 py-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        const name = ACTS.find(([key]) => key === act)![1].toLowerCase();
        commit(`${rows.length} ${word}: ${name}`, rows.flatMap(changeOf));
      }}
    >
      <b>
        {rows.length} {word}
      </b>
      <Select
        label="What to change"
        look="line"
        value={act}
        options={ACTS}
        onSet={(next) => {
          setAct(next);
          setValue('');
        }}
      />
      {options ? (
        <Select label="To what" look="line" value={chosen} options={options} onSet={setValue} />
      ) : (
        <input
          aria-label="To what"
          value={value}
          maxLength={60}
          onChange={(e) => setValue(e.target.value)}
          className="w-36 rounded-md border border-line bg-leaf px-2 py-1"
        />
      )}
      <Button type="submit" look="main" disabled={options !== null && chosen === ''}>
        Change {rows.length} {word}
      </Button>
      <Button
        onClick={() => {
          const ids = rows.map((s) => s.id);
          if (removeRows(howMany(rows.length, 'supply', 'supplies'), 'supplies', ids)) onClear();
        }}
      >
        Remove
      </Button>
      <Button look="quiet" onClick={onClear}>
        Clear selection
      </Button>
    </form>
  );
}
