/** Starter lists: choose a craft, tick what you own, correct the counts, add it all at once. */
import { useMemo, useState } from 'react';
import { FORM_FACTS } from '@heronstone/core/fit/forms.ts';
import { formatSize, howMany } from '@heronstone/core/model/measure.ts';
import { usualSizes } from '@heronstone/core/entry/guess.ts';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { CRAFTS, nameIn, ownedOf, STARTERS } from '@heronstone/library/starter.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

export function StarterLists() {
  const plan = useStore((s) => s.plan)!;
  const [craft, setCraft] = useState<string | null>(null);
  const [counts, setCounts] = useState<Record<string, string>>({});
  const there = useMemo(() => new Set(Object.values(plan.supplies).map((s) => s.name.toLowerCase())), [plan.supplies]);
  const list = STARTERS.filter((s) => s.craft === craft);
  const ticked = STARTERS.filter((s) => counts[s.id] !== undefined);
  const countOf = (id: string) => {
    const n = Number(counts[id]);
    return Number.isInteger(n) && n >= 1 && n <= 1_000_000 ? n : null;
  };
  const wrong = ticked.filter((s) => countOf(s.id) === null);
  const toggle = (id: string, usual: number) =>
    setCounts((c) => {
      const { [id]: had, ...rest } = c;
      return had === undefined ? { ...c, [id]: String(usual) } : rest;
    });
  const add = () => {
    const made = ticked.map((s) => ({
      draft: ownedOf(s, countOf(s.id)!, plan.meta.units),
      uses: [{ activity: s.craft, fetches: s.fetches }],
    }));
    if (
      commit(`Add ${howMany(made.length, 'supply', 'supplies')} from starter lists`, addSupplies(plan, made, newId))
    ) {
      notice(
        `${howMany(made.length, 'supply was', 'supplies were')} added. Correct them in the list whenever you hold one in your hand.`,
      );
      setCounts({});
    }
  };
  return (
    <section aria-label="Starter lists" className="flex min-h-0 grow flex-col gap-3 md:flex-row">
      <div className="shrink-0 md:w-56 md:overflow-y-auto" role="group" aria-label="Crafts">
        <p className="mb-2 text-soft">Choose a craft, tick what you own, correct the counts.</p>
        <div className="flex gap-2 overflow-x-auto pb-2 md:flex-col md:overflow-visible">
          {CRAFTS.map((c) => {
            const n = ticked.filter((s) => s.craft === c).length;
            return (
              <button
                key={c}
                type="button"
                aria-pressed={c === craft}
                onClick={() => setCraft(c)}
                className={`min-h-9 shrink-0 rounded-full border px-3 text-left ${c === craft ? 'border-ink bg-leaf font-bold' : 'border-line hover:bg-wash'}`}
              >
                {c}
                {n > 0 && <span className="ml-1 font-bold text-rust">{n}</span>}
              </button>
            );
          })}
        </div>
      </div>
      <div className="flex min-h-0 min-w-0 grow flex-col">
        {craft === null ? (
          <p className="m-auto max-w-sm p-8 text-center text-soft">
            {STARTERS.length} kinds of things in {CRAFTS.length} crafts, with their usual sizes. They are where you
            begin; every size and count can be changed later.
          </p>
        ) : (
          <>
            <div className="flex flex-wrap items-baseline justify-between gap-2">
              <h2 className="text-xl">{craft}</h2>
              <Button
                look="quiet"
                onClick={() =>
                  setCounts((c) => ({
                    ...c,
                    ...Object.fromEntries(
                      list
                        .filter(
                          (s) =>
                            c[s.id] === undefined && !there.has(nameIn(s.draft.name, plan.meta.units).toLowerCase()),
                        )
                        .map((s) => [s.id, String(s.draft.count)]),
                    ),
                  }))
                }
              >
                Tick all
              </Button>
            </div>
            <ul
              className="mt-1 min-h-0 grow overflow-y-auto rounded-2xl border border-line bg-leaf px-4"
              tabIndex={0}
              aria-label={`Kinds for ${craft}`}
            >
              {list.map((s) => {
                const on = counts[s.id] !== undefined;
                const bad = on && countOf(s.id) === null;
                return (
                  <li key={s.id} className="flex items-center gap-3 border-b border-line py-1 last:border-0">
                    <label className="flex min-h-9 min-w-0 grow items-center gap-3">
                      <input
                        type="checkbox"
                        className="size-5 shrink-0"
                        checked={on}
                        onChange={() => toggle(s.id, s.draft.count)}
                      />
                      <span className="min-w-0">
                        {nameIn(s.draft.name, plan.meta.units)}
                        {there.has(nameIn(s.draft.name, plan.meta.units).toLowerCase()) && (
                          <b className="ml-2 text-lichen">in the list already</b>
                        )}
                        <span className="block truncate text-xs text-soft">
                          {FORM_FACTS[s.draft.form].many},{' '}
                          {formatSize(usualSizes(s.draft, plan.meta.units), plan.meta.units)}
                          {s.draft.traits.length > 0 && ` · ${s.draft.traits.join(', ')}`}
                        </span>
                      </span>
                    </label>
                    {on && (
                      <input
                        aria-label={`How many ${s.draft.name}`}
                        aria-invalid={bad}
                        inputMode="numeric"
                        value={counts[s.id]}
                        onChange={(e) => setCounts((c) => ({ ...c, [s.id]: e.target.value }))}
                        className={`w-20 rounded-md border bg-paper px-2 py-1 text-right ${bad ? 'border-rust' : 'border-line'}`}
                      />
                    )}
                  </li>
                );
              })}
            </ul>
          </>
        )}
        {ticked.length > 0 && (
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <Button look="main" disabled={wrong.length > 0} onClick={add}>
              Add {ticked.length} {ticked.length === 1 ? 'supply' : 'supplies'}
            </Button>
            {wrong.length > 0 && (
              <span role="alert" className="text-rust">
                {wrong[0]!.draft.name}: the count is a whole number from 1 to 1,000,000.
              </span>
            )}
          </div>
        )}
      </div>
    </section>
  );
}
