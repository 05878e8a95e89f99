/**
 * One line, read as it is typed; on a phone with large targets. A list pasted from anywhere, or several things in a line,
 * become lines with a preview. With a place, it is recorded as lying there today.
 */
import { useId, useMemo, useRef, useState } from 'react';
import { howMany, thousands, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { addTo, sameAs } from '@heronstone/core/entry/alreadyOwned.ts';
import { linesOf, LONGEST_LIST, thingsIn } from '@heronstone/core/entry/list.ts';
import type { Whereabouts } from '@heronstone/core/entry/placesByName.ts';
import type { ReadLine } from '@heronstone/core/entry/line.ts';
import { readLine } from '@heronstone/core/entry/read.ts';
import { addSupplies, type NewSupply } from '@heronstone/core/entry/addSupplies.ts';
import { likelyUse } from '@heronstone/core/entry/likelyUse.ts';
import { craftsWith, KINDS } from '@heronstone/library/usualSizes.ts';
import { fullPlacesOf } from '@heronstone/core/upkeep/entering.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Reading } from './Reading.tsx';

/** Lines as they are typed. */
const EXAMPLES: Readonly<Record<UnitSystem, readonly [string, string]>> = {
  metric: [
    '84 markers',
    '“60 spools of thread”, “half a ream of A4”, “a shoebox of ribbon”, “5 m velvet, 140 cm wide”',
  ],
  centimetres: ['84 markers', '“60 spools of thread”, “half a ream of A4”, “a shoebox of ribbon”, “ruler 30 x 4 cm”'],
  imperial: ['84 markers', '“60 spools of thread”, “half a ream of paper”, “a shoebox of ribbon”, “ruler 12 in”'],
};

export function QuickEntry({ label = 'What do you have?', place }: { label?: string; place?: Whereabouts }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [text, setText] = useState('');
  const [isNew, setIsNew] = useState(false);
  const bin = plan.meta.upkeep.newBin;
  const id = useId();
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const long = text.includes('\n');
  const system = plan.meta.units;
  const all = useMemo(() => {
    if (text.trim() === '') return [];
    return long ? linesOf(text, KINDS) : thingsIn(text, KINDS);
  }, [text, long]);
  const lines = useMemo(() => all.slice(0, LONGEST_LIST), [all]);
  const later = all.length - lines.length;
  const reads = useMemo(
    () => lines.map((line) => ({ line, read: readLine(line, system, byName(plan.activities), KINDS) })),
    [lines, system, plan.activities],
  );
  const one = reads.length === 1 && !long ? reads[0]!.read : null;
  const same = one?.draft ? sameAs(plan, one.draft.name) : null;
  const ready = reads.filter(({ read }) => read.draft);
  const full = one?.supply.category && report ? fullPlacesOf(plan, report, one.supply.category) : [];
  const likelyFor = (read: ReadLine) =>
    read.uses.length > 0 ? null : likelyUse(plan, read.supply.category ?? '', { craftsWith, kinds: KINDS });
  const made = (read: ReadLine): NewSupply => {
    const home = !place && isNew && bin && plan.units[bin.unit] ? { ...bin, container: null } : place;
    const said = read.uses.map((u) => ({
      activity: u.id ? plan.activities[u.id]!.name : u.activity,
      fetches: u.fetches,
    }));
    const likely = likelyFor(read);
    const uses = said.length > 0 || !likely ? said : [likely];
    const draft = { ...read.draft!, life: isNew ? ('new' as const) : read.draft!.life };
    return { draft, uses, ...(home ? { place: home } : {}) };
  };
  const likely = one?.draft ? likelyFor(one) : null;
  const done = (what: string, changes: Parameters<typeof commit>[1]) => {
    if (commit(what, changes)) {
      // What cannot be kept stays, to be fixed; so does what is more than is read at once.
      setText(
        [...reads.filter(({ read }) => !read.draft).map(({ line }) => line), ...all.slice(LONGEST_LIST)].join('\n'),
      );
    }
    input.current?.focus();
  };
  const add = () => {
    if (one?.draft && same && !place) return done(`Add ${one.draft.count} to ${same.name}`, addTo(same, one.draft));
    addNew();
  };
  const addNew = () => {
    if (ready.length === 0) return;
    const changes = addSupplies(
      plan,
      ready.map(({ read }) => made(read)),
      newId,
    );
    const [first] = ready;
    done(
      ready.length === 1
        ? `Add ${first!.read.draft!.count} ${first!.read.draft!.name}`
        : `Add ${howMany(ready.length, 'supply', 'supplies')}`,
      changes,
    );
  };
  const [example, more] = EXAMPLES[system];
  const shared = {
    id,
    ref: input,
    value: text,
    onChange: (e: React.ChangeEvent<HTMLInputElement & HTMLTextAreaElement>) => setText(e.target.value),
    placeholder: example,
    autoComplete: 'off',
    autoCapitalize: 'off',
    'aria-describedby': `${id}-read`,
    className: 'min-w-0 grow rounded-lg border border-line bg-paper px-3 py-2 text-base max-md:py-3',
  } as const;
  return (
    <form
      className="rounded-2xl border border-line bg-leaf px-5 py-4 max-md:px-3"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <label htmlFor={id} className="font-serif text-lg font-semibold">
        {label}
      </label>
      <div className="mt-1 flex items-start gap-3 max-md:flex-col max-md:items-stretch">
        {long ? (
          <textarea {...shared} rows={Math.min(8, text.split('\n').length + 1)} />
        ) : (
          <input
            {...shared}
            enterKeyHint="done"
            onPaste={(e) => {
              const pasted = e.clipboardData.getData('text');
              if (!/\n/.test(pasted.trim())) return;
              e.preventDefault();
              setText(`${text}${text.trim() === '' ? '' : '\n'}${pasted.trim()}\n`);
            }}
          />
        )}
        <Button look="main" type="submit" disabled={ready.length === 0} className="max-md:min-h-12">
          {same && !place
            ? `Add to the ${same.count.toLocaleString('en')} you have`
            : ready.length > 1
              ? `Add ${howMany(ready.length, 'line')}`
              : 'Add it'}
        </Button>
        {same && !place && (
          <Button onClick={addNew} className="max-md:min-h-12">
            Keep as its own line
          </Button>
        )}
      </div>
      <div id={`${id}-read`} aria-live="polite" className="mt-2 min-h-6">
        {reads.length === 0 && (
          <span className="text-soft">
            How many of what; sizes only if you know them. {more}; or paste a whole list.
          </span>
        )}
        {one && (
          <span className="flex flex-wrap gap-x-2 gap-y-1">
            <Reading read={one} system={system} />
            {likely && (
              <span className="rounded-full border border-dashed border-soft px-2.5 text-soft" title="A guess">
                <span aria-hidden="true">≈ </span>
                <span className="sr-only">guessed: </span>
                for {likely.activity}, once a session
              </span>
            )}
            {full.length > 0 && (
              <span className="font-bold text-lichen">
                Every place of this kind is full ({full.slice(0, 3).join('; ')}): one in, one out.
              </span>
            )}
            {same && (
              <span className="font-bold text-lichen">
                {same.name} is in the list: {same.count.toLocaleString('en')} of them.
              </span>
            )}
          </span>
        )}
        {reads.length > 0 && !one && <Preview plan={plan} reads={reads} later={later} />}
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

/** What becomes of a list, line by line. */
function Preview({
  plan,
  reads,
  later,
}: {
  plan: Plan;
  reads: ReadonlyArray<{ line: string; read: ReadLine }>;
  /** How many lines are left for the next time. */
  later: number;
}) {
  const not = reads.filter(({ read }) => !read.draft).length;
  return (
    <>
      <p className="text-soft">
        {howMany(reads.length, 'line')}
        {not > 0 && <b className="text-rust">, {not} of them cannot be kept as they are and stay here</b>}
        {later > 0 && (
          <b className="text-rust">
            ; {howMany(later, 'more line')} stay in the box for the next time ({thousands(LONGEST_LIST)} are added at
            once)
          </b>
        )}
      </p>
      <ol
        className="mt-1 max-h-72 overflow-y-auto rounded-xl border border-line bg-paper px-3"
        tabIndex={0}
        aria-label="Lines as they were read"
      >
        {reads.map(({ line, read }, i) => {
          const same = read.draft ? sameAs(plan, read.draft.name) : null;
          return (
            <li key={i} className="flex flex-wrap gap-x-2 gap-y-1 border-b border-line py-1 last:border-0">
              {read.supply.name === '' && <span className="text-soft">{line}</span>}
              <Reading read={read} system={plan.meta.units} />
              {same && <span className="font-bold text-lichen">also in the list already ({same.count})</span>}
            </li>
          );
        })}
      </ol>
    </>
  );
}
