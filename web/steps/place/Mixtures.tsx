/** Parts that are sorted in a way of their own: what is used most at a station, or one kind of thing. */
import { useState } from 'react';
import { setMeta } from '@heronstone/core/model/change.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { WAYS, WAY_WORDS, type Mixture, type SortingWay } from '@heronstone/core/model/sorting.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';

const keyOf = (m: Pick<Mixture, 'station' | 'kind'>) => (m.station === null ? `kind ${m.kind}` : `at ${m.station}`);

export function Mixtures() {
  const plan = useStore((s) => s.plan)!;
  const { sorting } = plan.meta;
  const scopes = scopesOf(plan).filter(([key]) => sorting.mixtures.every((m) => keyOf(m) !== key));
  const [chosen, setScope] = useState('');
  const scope = scopes.some(([key]) => key === chosen) ? chosen : (scopes[0]?.[0] ?? '');
  const [way, setWay] = useState<SortingWay>('kind');
  const put = (name: string, mixtures: Mixture[]) =>
    commit(name, [setMeta(plan, { sorting: { ...sorting, mixtures } })]);
  const add = () => {
    const [kind, name] = [scope.startsWith('kind '), scope.replace(/^(kind|at) /, '')];
    put('Sorted in a way of its own', [
      ...sorting.mixtures,
      { station: kind ? null : name, kind: kind ? name : null, way },
    ]);
  };
  const named = new Map(scopesOf(plan));
  return (
    <section aria-label="Sorted in ways of their own" className="noprint mt-2 max-w-4xl">
      {sorting.mixtures.map((m) => (
        <div key={keyOf(m)} className="flex items-center gap-2 border-b border-line py-1">
          <span className="grow">
            {named.get(keyOf(m)) ?? keyOf(m)}: <b>{WAY_WORDS[m.way].toLowerCase()}</b>
          </span>
          <Button
            look="quiet"
            aria-label={`Sort like the rest: ${named.get(keyOf(m)) ?? keyOf(m)}`}
            onClick={() =>
              put(
                'Sorted like the rest',
                sorting.mixtures.filter((o) => o !== m),
              )
            }
          >
            Like the rest
          </Button>
        </div>
      ))}
      {scopes.length > 0 && sorting.mixtures.length < 20 && (
        <div className="mt-1 flex flex-wrap items-end gap-2">
          <Choice label="But this part" value={scope} options={scopes} onSet={setScope} className="w-64" />
          <Choice
            label="is sorted"
            value={way}
            options={WAYS.map((w) => [w, WAY_WORDS[w]] as const)}
            onSet={setWay}
            className="w-56"
          />
          <Button onClick={add}>Apply</Button>
        </div>
      )}
    </section>
  );
}

function scopesOf(plan: Plan): Array<readonly [string, string]> {
  const kinds = [...new Set(Object.values(plan.supplies).map((s) => s.category))].filter((k) => k !== '').sort();
  return [
    ...byName(plan.stations).map((s) => [`at ${s.id}`, `What is used most at ${s.name}`] as const),
    ...kinds.map((k) => [`kind ${k}`, `Everything of the kind “${k}”`] as const),
  ];
}
