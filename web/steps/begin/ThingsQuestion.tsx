/** What is owned: the starter lists of the crafts to tick off, and a line for anything else. */
import { useEffect, useMemo, useRef, useState } from 'react';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { nameIn, ownedOf, STARTERS } from '@heronstone/library/starter.ts';
import { newId, useStore } from '../../state/state.ts';
import { QuickEntry } from '../../parts/QuickEntry.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** How many of a list are ticked to begin with: what is used most. */
const MOST_USED = 10;

export function ThingsQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const system = plan.meta.units;
  const crafts = plan.meta.start?.crafts;
  const lists = useMemo(
    () =>
      (crafts ?? [])
        .map((craft) => STARTERS.filter((s) => s.craft === craft).sort((a, b) => b.fetches - a.fetches))
        .filter((list) => list.length > 0),
    [crafts],
  );
  const there = new Set(Object.values(plan.supplies).map((s) => s.name.toLowerCase()));
  const [ticked, setTicked] = useState<ReadonlySet<string>>(
    () => new Set(lists.flatMap((list) => list.slice(0, MOST_USED).map((s) => s.id))),
  );
  const isThere = (name: string) => there.has(nameIn(name, system).toLowerCase());
  const chosen = lists.flat().filter((s) => ticked.has(s.id) && !isThere(s.draft.name));
  const toggle = (id: string) =>
    setTicked((t) => {
      const next = new Set(t);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  const has = Object.keys(plan.supplies).length;
  const go = useRef<HTMLButtonElement>(null);
  // Enter goes on; the list stays where it begins.
  useEffect(() => {
    if (lists.length > 0) go.current?.focus({ preventScroll: true });
  }, [lists.length]);
  return (
    <>
      {lists.length > 0 && (
        <>
          <p className="text-soft">
            Ticked is what nearly everybody has. Untick what you do not own, tick what you do; how many and how large
            are guesses that you correct later.
          </p>
          {lists.map((list) => (
            <details key={list[0]!.craft} open={list === lists[0]} className="mt-2">
              <summary className="cursor-pointer font-bold">
                {list[0]!.craft}{' '}
                <span className="font-normal text-soft">
                  {list.filter((s) => ticked.has(s.id)).length} of {list.length}
                </span>
              </summary>
              <ul
                className="mt-1 grid grid-cols-2 gap-x-3 max-[420px]:grid-cols-1"
                aria-label={`Things for ${list[0]!.craft}`}
              >
                {list.map((s) => (
                  <li key={s.id}>
                    <label className="flex min-h-8 items-center gap-2">
                      <input
                        type="checkbox"
                        className="size-4 accent-rust"
                        checked={ticked.has(s.id) || isThere(s.draft.name)}
                        disabled={isThere(s.draft.name)}
                        onChange={() => toggle(s.id)}
                      />
                      {nameIn(s.draft.name, system)}
                    </label>
                  </li>
                ))}
              </ul>
            </details>
          ))}
        </>
      )}
      <div className="mt-4">
        <QuickEntry label={lists.length > 0 ? 'Anything else?' : 'What do you have?'} />
      </div>
      <form
        id="things"
        onSubmit={(e) => {
          e.preventDefault();
          const made = chosen.map((s) => ({
            draft: ownedOf(s, s.draft.count, system),
            uses: [{ activity: s.craft, fetches: s.fetches }],
          }));
          answer(
            made.length > 0
              ? `Add ${howMany(made.length, 'supply', 'supplies')} from starter lists`
              : 'Things are in the list',
            addSupplies(plan, made, newId),
          );
        }}
      />
      <Onward ref={go} form="things">
        {chosen.length > 0
          ? `Add ${howMany(chosen.length, 'thing')} and continue`
          : has > 0
            ? `Continue with ${howMany(has, 'thing')}`
            : 'Continue'}
      </Onward>
    </>
  );
}
