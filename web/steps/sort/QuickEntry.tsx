/** One line, read as it is typed; on a phone with large targets. With a place, it is recorded as lying there today. */
import { useId, useMemo, useRef, useState } from 'react';
import { FORM_FACTS } from '@heronstone/core/fit/forms.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import type { Whereabouts } from '@heronstone/core/entry/places.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { addSupplies } from '@heronstone/core/entry/supplies.ts';
import { KINDS } from '@heronstone/library/starter.ts';
import { fullPlacesOf } from '@heronstone/core/upkeep/entering.ts';
import { commit } from '../../state/plan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** A line as it is typed, and others that are read, too. */
const EXAMPLES = {
  metric: ['84 markers 140 x 12 mm, painting 6x', '“38 mm of A4 card 220 gsm” and “12 skeins yarn 50 g”'],
  imperial: ['84 markers 5 1/2 x 1/2 in, painting 6x', '“1 1/2 in of Letter card 80 lb” and “12 skeins yarn 1 3/4 oz”'],
} as const;

export function QuickEntry({ label = 'What do you have?', place }: { label?: string; place?: Whereabouts }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [line, setLine] = useState('');
  const [isNew, setIsNew] = useState(false);
  const bin = plan.meta.upkeep.newBin;
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const read = useMemo(
    () => (line.trim() === '' ? null : readLine(line, plan.meta.units, byName(plan.activities), KINDS)),
    [line, plan.meta.units, plan.activities],
  );
  const same = read?.supply.name
    ? Object.values(plan.supplies).find((s) => s.name.toLowerCase() === read.supply.name.toLowerCase())
    : undefined;
  const full = read?.supply.category && report ? fullPlacesOf(plan, report, read.supply.category) : [];
  const add = () => {
    if (!read?.draft) return;
    const uses = read.uses.map((u) => ({
      activity: u.id ? plan.activities[u.id]!.name : u.activity,
      fetches: u.fetches,
    }));
    const home = !place && isNew && bin && plan.units[bin.unit] ? { ...bin, container: null } : place;
    const draft = { ...read.draft, life: isNew ? ('new' as const) : read.draft.life };
    const made = [{ draft, uses, ...(home ? { place: home } : {}) }];
    if (commit(`Add ${read.draft.count} ${read.draft.name}`, addSupplies(plan, made, newId))) setLine('');
    input.current?.focus();
  };
  const [example, more] = EXAMPLES[plan.meta.units];
  const size = [read?.supply.length, read?.supply.width, read?.supply.thickness].filter(
    (v): v is number => v !== undefined && Number.isFinite(v),
  );
  return (
    <form
      className="rounded-2xl border border-line bg-leaf px-5 py-4"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <label htmlFor={id} className="font-serif text-lg font-semibold">
        {label}
      </label>
      <div className="mt-1 flex gap-3 max-md:flex-col">
        <input
          id={id}
          ref={input}
          value={line}
          onChange={(e) => setLine(e.target.value)}
          placeholder={example}
          autoComplete="off"
          autoCapitalize="off"
          enterKeyHint="done"
          aria-describedby={`${id}-read`}
          className="min-w-0 grow rounded-lg border border-line bg-paper px-3 py-2 text-base max-md:py-3"
        />
        <Button look="main" type="submit" disabled={!read?.draft} className="max-md:min-h-12">
          Add it
        </Button>
      </div>
      <div id={`${id}-read`} aria-live="polite" className="mt-2 min-h-6">
        {!read && (
          <span className="text-soft">
            One line each: how many, what, how large, and what it is for. {more} work too.
          </span>
        )}
        {read && (
          <span className="flex flex-wrap gap-x-2 gap-y-1">
            {read.supply.name && <b>{read.supply.name}</b>}
            {read.supply.form && <Chip>{FORM_FACTS[read.supply.form].many}</Chip>}
            {size.length > 0 && <Chip>{formatSize(size, plan.meta.units)}</Chip>}
            {read.understood.map((u) => (
              <Chip key={u}>{u}</Chip>
            ))}
            {read.assumed.map((u) => (
              <span key={u} className="rounded-full border border-dashed border-soft px-2.5 text-soft">
                {u}
              </span>
            ))}
            {read.missing.length > 0 && (
              <span className="font-bold text-lichen">Still needed: {read.missing.join(', ')}.</span>
            )}
            {full.length > 0 && (
              <span className="font-bold text-lichen">
                Every place of this kind is full ({full.slice(0, 3).join('; ')}): one in, one out.
              </span>
            )}
            {same && (
              <span className="font-bold text-lichen">
                There is a line “{same.name}” already ({same.count}). Is it the same?
              </span>
            )}
            {read.problems.map((p) => (
              <span key={p} className="font-bold text-rust">
                {p}
              </span>
            ))}
          </span>
        )}
      </div>
      {/* Who stands before a drawer says what is in it. */}
      {!place && (
        <label className="mt-1 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-rust"
            checked={isNew}
            onChange={(e) => setIsNew(e.target.checked)}
          />
          It is new{bin && plan.units[bin.unit] ? `: into the new bin, ${plan.units[bin.unit]!.name}` : ''}, until it
          was used {plan.meta.upkeep.newUses} times
        </label>
      )}
    </form>
  );
}

function Chip({ children }: { children: React.ReactNode }) {
  return <span className="rounded-full bg-wash px-2.5">{children}</span>;
}
