/** The purge: one thing after the other, one key each; what it frees; nothing is deleted, every decision can be taken back. */
import { Help } from '../../ui/Help.tsx';
import { useEffect, useMemo, useState } from 'react';
import { countWords } from '@heronstone/core/fit/forms.ts';
import { set } from '@heronstone/core/model/change.ts';
import { formatArea, formatLength, formatMass, formatSize, formatVolume } from '@heronstone/core/model/measure.ts';
import type { Decision, Supply } from '@heronstone/core/model/plan.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact } from '../../ui/Field.tsx';
import { NextStep } from '../../ui/Sheet.tsx';
import { today } from '../../state/today.ts';
import { takesLetters } from '../../ui/keys.ts';

/** Days that an undecided thing waits before it is asked for again. */
const WAIT_DAYS = 90;
const KEYS: ReadonlyArray<readonly [key: string, decision: Decision, word: string]> = [
  ['k', 'keep', 'Keep'],
  ['s', 'seasonal', 'Seasonal'],
  ['e', 'elsewhere', 'Elsewhere'],
  ['g', 'give away', 'Give away'],
  ['u', 'undecided', 'Not sure yet'],
];

/** What of the purge belongs to this step only: which round, where in it. */
export function PurgeRound() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [round, setRound] = useState(0);
  const [at, setAt] = useState<string | null>(null);
  const { value: purge } = useAsked(() => engine.purge(), []);
  const here = purge?.rounds[Math.min(round, purge.rounds.length - 1)];
  const list = useMemo(() => (here?.supplies ?? []).flatMap((id) => plan.supplies[id] ?? []), [here, plan.supplies]);
  const current = list.find((s) => s.id === at) ?? list.find((s) => s.decision === null) ?? list[0];
  const index = current ? list.indexOf(current) : -1;
  const step = (by: number) => setAt(list[(index + by + list.length) % list.length]?.id ?? null);
  const decide = (supply: Supply, decision: Decision) => {
    const decideBy = decision === 'undecided' ? today(WAIT_DAYS) : null;
    if (!commit(`${supply.name}: ${decision}`, [set('supplies', supply.id, { decision, decideBy })])) return;
    const open = [...list.slice(index + 1), ...list.slice(0, index)].find((s) => s.decision === null);
    setAt(open?.id ?? list[index + 1]?.id ?? supply.id);
  };
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.defaultPrevented || takesLetters(event.target)) return;
      if (event.ctrlKey || event.metaKey || event.altKey || !current) return;
      const found = KEYS.find(([k]) => k === event.key.toLowerCase());
      if (found) {
        event.preventDefault();
        decide(current, found[1]);
      } else if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
        event.preventDefault();
        step(event.key === 'ArrowRight' ? 1 : -1);
      }
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });
  if (Object.keys(plan.supplies).length === 0)
    return (
      <NextStep title="There is nothing to go through yet">
        List what you own first; then decide about each thing, one key each.
      </NextStep>
    );
  if (!purge || !current || !here) return <p className="p-6 text-soft">Working out the rounds …</p>;
  const { totals } = purge;
  const twins = purge.twice.find((group) => group.includes(current.id))?.filter((id) => id !== current.id) ?? [];
  return (
    <section aria-label="Purge" className="flex min-h-0 grow flex-col gap-4 overflow-y-auto md:flex-row">
      <div className="flex min-w-0 grow flex-col gap-3">
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Rounds">
          {purge.rounds.map((r, i) => {
            const left = r.supplies.filter((id) => plan.supplies[id]?.decision === null).length;
            return (
              <button
                key={i}
                type="button"
                aria-pressed={i === round}
                title={r.kinds.join(', ')}
                onClick={() => {
                  setRound(i);
                  setAt(null);
                }}
                className={`min-h-9 rounded-full border px-3 ${i === round ? 'border-ink bg-leaf font-bold' : 'border-line hover:bg-wash'}`}
              >
                Round {i + 1} <span className="text-soft">{left === 0 ? 'done' : `${left} open`}</span>
              </button>
            );
          })}
        </div>
        <p className="text-soft">
          Laid out, everything takes {formatArea(purge.needed, plan.meta.units)} of floor;{' '}
          {formatArea(purge.floor, plan.meta.units)} are free to lay things on
          {purge.rounds.length > 1 ? `, so it goes in ${purge.rounds.length} rounds` : ''}. This round:{' '}
          {here.kinds.join(', ')} ({formatArea(here.area, plan.meta.units)}).
        </p>
        <div className="rounded-2xl border border-line bg-leaf p-5" data-purge={current.id}>
          <div className="flex flex-wrap items-baseline justify-between gap-2">
            <h2 className="text-2xl">{current.name}</h2>
            <span className="text-soft">
              {index + 1} of {list.length}
            </span>
          </div>
          <p className="text-soft">
            {countWords(current, current.count)}
            {current.category && ` · ${current.category}`} ·{' '}
            {formatSize([current.length, current.width, current.thickness], plan.meta.units)} ·{' '}
            {formatVolume((report?.supplies[current.id]?.litres ?? 0) * 1000, plan.meta.units)}
          </p>
          <p className="mt-1">
            {report?.supplies[current.id]?.fetchesPerWeek
              ? `Fetched ${Number(report.supplies[current.id]!.fetchesPerWeek.toFixed(1))} times a week.`
              : 'Nobody fetches it in an ordinary week.'}
            {current.traits.includes('keepsake') && (
              <b className="text-reed"> A keepsake: it may stay without a use.</b>
            )}
          </p>
          <label className="mt-2 flex items-center gap-2">
            <span className="text-soft">Not used since</span>
            <input
              type="date"
              value={current.lastUsed ?? ''}
              onChange={(e) =>
                commit(`Last use of ${current.name}`, [
                  set('supplies', current.id, { lastUsed: e.target.value || null }),
                ])
              }
              className="rounded-md border border-line bg-paper px-2 py-1"
            />
            <label className="ml-3 flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={current.traits.includes('keepsake')}
                onChange={(e) =>
                  commit(`Keepsake ${current.name}`, [
                    set('supplies', current.id, {
                      traits: e.target.checked
                        ? [...current.traits, 'keepsake']
                        : current.traits.filter((t) => t !== 'keepsake'),
                    }),
                  ])
                }
              />
              keepsake
            </label>
          </label>
          {twins.length > 0 && (
            <div className="mt-3 rounded-xl border border-lichen p-3">
              <b className="text-lichen">Perhaps the same thing twice</b>
              <ul className="mt-1 grid gap-1">
                {twins.map((id) => {
                  const t = plan.supplies[id]!;
                  return (
                    <li key={id} className="flex items-center justify-between gap-3">
                      <span>
                        {t.name}{' '}
                        <span className="text-soft">
                          {countWords(t, t.count)}, {formatSize([t.length, t.width, t.thickness], plan.meta.units)}
                        </span>
                      </span>
                      <Button look="quiet" onClick={() => select({ kind: 'supply', id })}>
                        Look at it
                      </Button>
                    </li>
                  );
                })}
              </ul>
            </div>
          )}
          <div className="mt-4 flex flex-wrap gap-2" role="group" aria-label="Decide">
            {KEYS.map(([key, decision, word]) => (
              <Button
                key={key}
                aria-pressed={current.decision === decision}
                aria-keyshortcuts={key}
                look={current.decision === decision ? 'main' : 'plain'}
                className="min-h-11"
                onClick={() => decide(current, decision)}
              >
                {word} <kbd className="rounded bg-wash px-1.5 text-xs uppercase">{key}</kbd>
              </Button>
            ))}
          </div>
          {current.decision !== null && (
            <p className="mt-2 text-soft">
              Decided: {current.decision}
              {current.decideBy && ` until ${current.decideBy}`}.{' '}
              <button
                type="button"
                className="underline"
                onClick={() =>
                  commit(`${current.name}: open again`, [
                    set('supplies', current.id, { decision: null, decideBy: null }),
                  ])
                }
              >
                Take it back
              </button>
            </p>
          )}
        </div>
        <div className="flex gap-2">
          <Button onClick={() => step(-1)}>Back</Button>
          <Button onClick={() => step(1)}>Skip</Button>
        </div>
      </div>
      <aside aria-label="What it frees" className="shrink-0 md:w-64">
        <h3 className="text-lg">
          Freed so far <Help term="purge" />
        </h3>
        <p className="font-serif text-3xl font-semibold" data-freed="">
          {formatVolume(totals.litres * 1000, plan.meta.units)}
        </p>
        <p className="text-soft">
          {formatLength(Math.round(totals.shelfMetres * 100) * 10, plan.meta.units)} of shelf,{' '}
          {formatLength(300, plan.meta.units)} deep and high
        </p>
        <p className="text-soft" data-weighs="">
          {formatMass(totals.grams, plan.meta.units)}
          {totals.notWeighed > 0 && ` and ${totals.notWeighed} not weighed`}
        </p>
        <dl className="mt-3">
          <Fact name="Decided">
            {totals.decided} of {totals.all}
          </Fact>
          {KEYS.map(([, decision, word]) => (
            <Fact key={decision} name={word}>
              {totals.lines[decision]}
            </Fact>
          ))}
        </dl>
        <p className="mt-3 text-xs text-soft">
          Nothing is deleted. What leaves the room is planned for places elsewhere, or counted as given away; take any
          decision back here or with undo.
        </p>
      </aside>
    </section>
  );
}
