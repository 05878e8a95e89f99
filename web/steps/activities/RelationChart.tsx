/** Which activities should be near each other and which apart: a letter for each pair, worked out and changeable. */
import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { remove, set } from '@heronstone/core/model/change.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { CLOSENESS_WORD, type Closeness, type RelationReport } from '@heronstone/core/checks/relations.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';

const LETTERS: readonly Closeness[] = ['A', 'E', 'I', 'O', 'U', 'X'];
const TONE: Readonly<Record<Closeness, string>> = {
  A: 'bg-w1 text-paper',
  E: 'bg-w2 text-paper',
  I: 'bg-w3 text-ink',
  O: 'bg-w4 text-ink',
  U: 'text-soft',
  X: 'border-2 border-rust text-rust',
};

export function RelationChart({ plan }: { plan: Plan }) {
  const relations = useStore((s) => s.report?.relations);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!relations) return null;
  const activities = byName(plan.activities);
  const find = (a: string, b: string) => relations.find((r) => (r.a === a && r.b === b) || (r.a === b && r.b === a));
  const key = (r: RelationReport) => `${r.a} ${r.b}`;
  const open = relations.find((r) => key(r) === chosen) ?? relations.find((r) => r.kept === false) ?? relations[0]!;
  return (
    <>
      <h2 className="text-2xl">What belongs near, and what apart?</h2>
      <p className="mb-4 text-soft">
        Worked out from the supplies that two activities share, and from what one gives off and the other cannot stand.
        You may know better: choose a pair.
      </p>
      <div className="flex flex-wrap items-start gap-8">
        <table className="border-separate border-spacing-1">
          <tbody>
            {activities.slice(1).map((row, i) => (
              <tr key={row.id}>
                <th scope="row" className="max-w-56 truncate pr-3 text-right font-normal">
                  {row.name}
                </th>
                {activities.slice(0, i + 1).map((column) => {
                  const r = find(row.id, column.id)!;
                  return (
                    <td key={column.id}>
                      <button
                        type="button"
                        aria-pressed={open === r}
                        aria-label={`${column.name} and ${row.name}: ${CLOSENESS_WORD[r.closeness]}${r.kept === false ? ', not kept' : ''}`}
                        onClick={() => setChosen(key(r))}
                        className={`relative size-10 rounded-full font-serif text-lg ${TONE[r.closeness]} ${open === r ? 'ring-2 ring-ink ring-offset-2 ring-offset-paper' : ''}`}
                      >
                        {r.closeness}
                        {r.own && (
                          <span className="absolute -bottom-0.5 left-1/2 size-1.5 -translate-x-1/2 rounded-full bg-ink" />
                        )}
                        {r.kept === false && (
                          <span className="absolute -top-1 -right-1 rounded-full bg-lichen px-1 text-xs font-bold text-leaf">
                            !
                          </span>
                        )}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
            <tr>
              <td />
              {activities.slice(0, -1).map((a) => (
                <th key={a.id} scope="col" className="h-36 w-10 align-top font-normal">
                  <span className="inline-block max-h-36 truncate [writing-mode:vertical-rl]">{a.name}</span>
                </th>
              ))}
            </tr>
          </tbody>
        </table>
        <Pair relation={open} plan={plan} />
      </div>
      <ul className="mt-4 flex flex-wrap gap-x-5 gap-y-1 text-soft" aria-label="Letters">
        {LETTERS.map((l) => (
          <li key={l}>
            <b className="text-ink">{l}</b> {CLOSENESS_WORD[l]}
          </li>
        ))}
        <li>after the relationship chart of R. Muther’s layout planning, 1973</li>
      </ul>
    </>
  );
}

function Pair({ relation: r, plan }: { relation: RelationReport; plan: Plan }) {
  const own = Object.values(plan.relations).find((x) => (x.a === r.a && x.b === r.b) || (x.a === r.b && x.b === r.a));
  const [a, b] = [plan.activities[r.a]!, plan.activities[r.b]!];
  const names = `${a.name} and ${b.name}`;
  const put = (closeness: Closeness, reason = own?.reason ?? '') => {
    const id = own?.id ?? newId();
    commit(`${names}: ${CLOSENESS_WORD[closeness]}`, [set('relations', id, { id, a: r.a, b: r.b, closeness, reason })]);
  };
  return (
    <section aria-label={names} className="w-80 rounded-xl border border-line bg-leaf p-4">
      <h3 className="text-lg">{names}</h3>
      <p>
        <b>
          {r.closeness}, {CLOSENESS_WORD[r.closeness]}
        </b>
        {r.own && r.worked !== r.closeness && <span className="text-soft"> (worked out: {r.worked})</span>}
      </p>
      <ul className="my-2 list-disc pl-5">
        {r.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
        {r.reasons.length === 0 && <li className="text-soft">they share nothing</li>}
      </ul>
      <p className={r.kept === false ? 'font-bold text-lichen' : 'text-soft'}>
        {r.distance === null
          ? 'One of them has no station yet.'
          : r.distance < 1
            ? 'They share a station.'
            : `Their seats are ${formatLength(Math.round(r.distance), plan.meta.units)} apart.`}
        {r.kept === false && (r.closeness === 'X' ? ' That is too near.' : ' That is too far.')}
      </p>
      <RadioGroup.Root
        aria-label={`How near ${names} should be`}
        orientation="horizontal"
        value={r.closeness}
        onValueChange={(letter) => put(letter as typeof r.closeness)}
        className="mt-3 flex gap-1"
      >
        {LETTERS.map((l) => (
          <RadioGroup.Item
            key={l}
            value={l}
            aria-label={`${l}, ${CLOSENESS_WORD[l]}`}
            className="size-9 rounded-full border border-line hover:border-ink data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-paper"
          >
            {l}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {own && (
        <>
          <TextField
            label="Why"
            className="mt-2"
            empty
            value={own.reason}
            onSet={(reason) => put(own.closeness, reason)}
          />
          <Button className="mt-2" onClick={() => commit(`${names} as worked out`, [remove('relations', own.id)])}>
            As worked out
          </Button>
        </>
      )}
    </section>
  );
}
