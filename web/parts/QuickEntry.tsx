/**
 * One line, read as it is typed; on a phone with large targets. A list pasted from anywhere, or several things in a line,
 * become lines with a preview. With a place, it is recorded as lying there today.
 */
import { useId, useRef } from 'react';
import { howMany, thousands, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { sameAs } from '@heronstone/core/entry/alreadyOwned.ts';
import { LONGEST_LIST } from '@heronstone/core/entry/list.ts';
import type { Whereabouts } from '@heronstone/core/entry/placesByName.ts';
import { fullPlacesOf } from '@heronstone/core/upkeep/entering.ts';
import type { ReadThing } from '@heronstone/library/setupAnswers.ts';
import { useStore } from '../state/state.ts';
import { Button } from '../ui/Button.tsx';
import { Reading } from './Reading.tsx';
import { addedName, useTypedThings, type TypedThings } from './typedThings.ts';
import { UseChips } from './UseChips.tsx';

/** Lines as they are typed. */
const EXAMPLES: Readonly<Record<UnitSystem, readonly [string, string]>> = {
  metric: [
    '84 markers',
    '“60 spools of thread”, “half a ream of A4”, “a shoebox of ribbon”, “5 m velvet, 140 cm wide”',
  ],
  centimetres: ['84 markers', '“60 spools of thread”, “half a ream of A4”, “a shoebox of ribbon”, “ruler 30 x 4 cm”'],
  imperial: ['84 markers', '“60 spools of thread”, “half a ream of paper”, “a shoebox of ribbon”, “ruler 12 in”'],
};

/** What one tells on a first evening. */
const FIRST = 'sequins in jars, spare glue, 12 x 12 cardstock by colour, old stamps …';

export function QuickEntry({ label, place }: { label?: string; place?: Whereabouts }) {
  return <Entry typed={useTypedThings(place)} place={place} {...(label ? { label } : {})} />;
}

/** The same, for a screen that adds what is typed itself as well. */
export function Entry({
  typed,
  label = 'What do you have?',
  place,
  first = false,
}: {
  typed: TypedThings;
  label?: string;
  /** In setup: nothing is newer than anything else, and a list is what one has. */
  first?: boolean;
  place?: Whereabouts | undefined;
}) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const { text, setText, things, ready, later } = typed;
  const bin = plan.meta.upkeep.newBin;
  const id = useId();
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const long = text.includes('\n');
  const system = plan.meta.units;
  const one = things.length === 1 && !long ? things[0]! : null;
  const same = one?.read.draft ? sameAs(plan, one.read.draft, one.read.weighed !== null) : null;
  const full = one?.read.supply.category && report ? fullPlacesOf(plan, report, one.read.supply.category) : [];
  const add = (separate: boolean) => {
    if (ready.length === 0) return;
    const name = same && !place && !separate ? `Add ${one!.read.draft!.count} to ${same.name}` : addedName(ready);
    typed.done(name, typed.changesOf(separate));
    input.current?.focus();
  };
  const [example, more] = EXAMPLES[system];
  const shared = {
    id,
    ref: input,
    value: text,
    onChange: (e: React.ChangeEvent<HTMLInputElement & HTMLTextAreaElement>) => setText(e.target.value),
    placeholder: first ? FIRST : example,
    autoFocus: first,
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
        add(false);
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
          <Button onClick={() => add(true)} className="max-md:min-h-12">
            Keep as its own line
          </Button>
        )}
      </div>
      <div id={`${id}-read`} aria-live="polite" className="mt-2 min-h-6">
        {things.length === 0 && (
          <span className="text-soft">
            How many of what; sizes only if you know them. {more}; or paste a whole list.
          </span>
        )}
        {one && (
          <span className="flex flex-wrap items-center gap-x-2 gap-y-1">
            <Reading read={one.read} system={system} />
            {Object.keys(plan.activities).length > 0 && one.read.draft && (
              <UsesOf typed={typed} thing={one} plan={plan} />
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
        {things.length > 0 && !one && <Preview plan={plan} typed={typed} later={later} />}
      </div>
      {/* Who stands before a drawer says what is in it. */}
      {!place && !first && (
        <label className="mt-1 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-rust"
            checked={typed.isNew}
            onChange={(e) => typed.setIsNew(e.target.checked)}
          />
          It is new{bin && plan.units[bin.unit] ? `: into the new bin, ${plan.units[bin.unit]!.name}` : ''}, until it
          was used {plan.meta.upkeep.newUses} times
        </label>
      )}
    </form>
  );
}

/** What a typed thing is for, to be changed before it is added. */
function UsesOf({ typed, thing, plan }: { typed: TypedThings; thing: ReadThing; plan: Plan }) {
  const names = new Set(thing.uses.map((u) => u.activity.toLowerCase()));
  const ids = byName(plan.activities).flatMap((a) => (names.has(a.name.toLowerCase()) ? [a.id] : []));
  return (
    <UseChips
      plan={plan}
      chosen={ids}
      guessed={typed.chosen[thing.line] === undefined && thing.uses.some((u) => u.guessedFrom)}
      label={`Used for: ${thing.read.supply.name}`}
      onSet={(next) => typed.setChosen((c) => ({ ...c, [thing.line]: next }))}
    />
  );
}

/** For how many lines of a list uses can be changed before they are added; the others are changed in the list. */
const CHIPS = 150;

/** What becomes of a list, line by line. @param later how many lines are left for the next time */
function Preview({ plan, typed, later }: { plan: Plan; typed: TypedThings; later: number }) {
  const { things } = typed;
  const not = things.filter(({ read }) => !read.draft).length;
  return (
    <>
      <p className="text-soft">
        {howMany(things.length, 'line')}
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
        {things.map((thing, i) => {
          const { line, read } = thing;
          const same = read.draft ? sameAs(plan, read.draft, read.weighed !== null) : null;
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-2 gap-y-1 border-b border-line py-1 last:border-0">
              {read.supply.name === '' && <span className="text-soft">{line}</span>}
              <Reading read={read} system={plan.meta.units} />
              {read.draft && i < CHIPS && Object.keys(plan.activities).length > 0 && (
                <UsesOf typed={typed} thing={thing} plan={plan} />
              )}
              {same && <span className="font-bold text-lichen">added to the {same.count} you have</span>}
            </li>
          );
        })}
      </ol>
    </>
  );
}
