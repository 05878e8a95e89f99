/** Find: a few letters, and the thing is lit up in the room with its drawer and count. Made for a phone in the hand too. */
import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { Found } from '@heronstone/core/find/find.ts';
import { openingOf } from '@heronstone/core/scene/scene.ts';
import { FromAbove } from '../../drawings/FromAbove.tsx';
import { Inside } from '../../drawings/Inside.tsx';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { RoundTheRoom } from '../../drawings/RoundTheRoom.tsx';
import { AboutFound } from './AboutFound.tsx';
import { PullView } from './PullView.tsx';
import { ScanButton } from './ScanButton.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { seatOf, setArrangement, useStore } from '../../state/state.ts';
import { useRoving } from '../../ui/roving.ts';
import { TabPanel, TabTitles, Tabs } from '../../ui/Tabs.tsx';

const NONE: readonly Found[] = [];
const VIEWS = [
  ['find', 'Find'],
  ['pull', 'Pull and return'],
] as const;

export function FindStep() {
  const [search, setSearch] = useSearchParams();
  const looks = useStore((s) => s.may === 'read');
  const view = search.get('view') === 'pull' && !looks ? 'pull' : 'find';
  return (
    <div className="flex min-h-0 w-full grow flex-col">
      <Tabs value={view} onChoose={(next) => setSearch(next === 'pull' ? { view: 'pull' } : {}, { replace: true })}>
        <div className="px-4 pt-3 md:px-6">
          <TabTitles label="Find" tabs={looks ? VIEWS.slice(0, 1) : VIEWS} />
        </div>
        <TabPanel value={view} className="flex min-h-0 w-full grow flex-col">
          {view === 'pull' ? <PullView /> : <FindView />}
        </TabPanel>
      </Tabs>
    </div>
  );
}

function FindView() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const station = useStore(seatOf);
  const [search] = useSearchParams();
  const { words, look } = useWords();
  const place = search.get('place');
  const [chosen, setChosen] = useState<string | null>(null);
  useEffect(() => {
    if (!report) return;
    // Before anything is planned, things are found where they lie today.
    if (report.week.planned.placed === 0 && report.week.today.placed > 0) setArrangement('today');
  }, [report]);
  useEffect(() => setChosen(null), [words, arrangement]);
  const nothing = words.trim() === '';
  const asked = useAsked(nothing ? null : () => engine.find(words, arrangement), [words, arrangement]);
  const found = nothing ? NONE : (asked.value ?? NONE);
  const compartments = report?.compartments ?? [];
  const scanned = place ? compartments.find((c) => c.id === place) : undefined;
  const hit = found.find((f) => f.id === chosen) ?? found[0];
  const lit =
    scanned && words === ''
      ? [scanned.id]
      : hit
        ? hit.kind === 'place'
          ? [hit.id]
          : [...new Set(hit.places.map((p) => p.compartment))]
        : [];
  const shown = compartments.find((c) => c.id === lit[0]);
  const results = useRef<HTMLUListElement>(null);
  const roving = useRoving(results, '[data-hit]');
  const litOpenings = lit.map(openingOf);
  return (
    <div className="flex min-h-0 w-full grow flex-col md:flex-row">
      <section aria-label="Find" className="flex shrink-0 flex-col px-4 py-4 md:w-[380px] md:px-6">
        <label htmlFor="find-words" className="font-serif text-2xl font-semibold">
          What are you looking for?
        </label>
        <input
          id="find-words"
          type="search"
          autoFocus
          value={words}
          onChange={(e) => look({ words: e.target.value })}
          onKeyDown={(e) => {
            if (e.key !== 'ArrowDown') return;
            e.preventDefault();
            results.current?.querySelector<HTMLElement>('[data-hit]')?.focus();
          }}
          placeholder="a few letters"
          autoComplete="off"
          className="mt-2 rounded-xl border border-line bg-leaf px-4 py-3 text-lg"
        />
        <ScanButton onPlace={(id) => look({ place: id })} />
        {place && words === '' && !scanned && report && (
          <p role="alert" className="mt-3 text-rust">
            The place of this label is not in the plan any more.
          </p>
        )}
        {words !== '' && found.length === 0 && asked.value && !asked.stale && (
          <p className="mt-3 text-soft">Nothing by that name. Try fewer letters.</p>
        )}
        <ul
          ref={results}
          {...roving}
          className="mt-3 grid min-h-0 gap-1.5 overflow-y-auto max-md:max-h-36"
          aria-label="Found"
        >
          {found.map((f) => (
            <li key={`${f.kind} ${f.id}`}>
              <button
                type="button"
                data-hit
                tabIndex={-1}
                aria-pressed={f === hit}
                onFocus={() => setChosen(f.id)}
                onClick={() => setChosen(f.id)}
                className={`block w-full rounded-xl border px-4 py-2 text-left ${f === hit ? 'border-ink bg-leaf' : 'border-transparent hover:bg-wash'}`}
              >
                <b>{f.name}</b>
                {f.kind === 'supply' ? (
                  f.places.length === 0 ? (
                    <span className="block text-soft">{f.count} of them, not placed yet</span>
                  ) : (
                    f.places.map((p) => (
                      <span key={p.placement} className="flex items-center gap-2">
                        <Ring id={p.compartment} station={station} />
                        {p.place}: <b>{p.count}</b>
                        <HomeOfPlace id={p.compartment} supply={f.id} />
                      </span>
                    ))
                  )
                ) : (
                  <span className="block text-soft">
                    a place with {f.count === 0 ? 'nothing in it' : f.count === 1 ? 'one thing' : `${f.count} things`}
                  </span>
                )}
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section
        aria-label="Where it is"
        className="flex min-h-[420px] min-w-0 grow flex-col gap-2 px-4 pb-4 md:min-h-0 md:overflow-y-auto md:py-4"
        tabIndex={0}
      >
        {shown && (
          <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
            <h2 className="text-xl">
              <span role="status">{shown.name}</span>
            </h2>
            <ul className={`columns-2 gap-6 text-soft max-sm:columns-1 ${scanned ? '' : 'max-md:hidden'}`}>
              {shown.contents[arrangement].slice(0, 8).map((id) => {
                const p = report!.placements[id]!;
                return (
                  <li key={id} className={hit?.id === p.supply ? 'font-bold text-ink' : ''}>
                    {p.count > 1 && `${p.count} `}
                    {plan.supplies[p.supply]!.name}
                  </li>
                );
              })}
              {scanned &&
                Object.values(plan.pulls)
                  .filter(
                    (n) =>
                      n.state === 'out' &&
                      shown.contents[arrangement].some((id) => report!.placements[id]!.supply === n.supply),
                  )
                  .map((n) => (
                    <li key={n.id} className="font-bold text-rust">
                      missing: {plan.supplies[n.supply]!.name}, out for {plan.projects[n.project]!.name}
                    </li>
                  ))}
            </ul>
          </div>
        )}
        {/* On a phone the drawing comes first. */}
        <div className="flex flex-col gap-2 max-md:order-last">
          {hit?.kind === 'supply' && words !== '' && (
            <AboutFound key={hit.id} supply={hit.id} onFind={(w) => look({ words: w })} />
          )}
        </div>
        <div className="min-h-64 shrink-0 grow">
          <RoundTheRoom lit={litOpenings} zoomed="found" />
        </div>
        <div className="grid shrink-0 grid-cols-1 gap-4 sm:grid-cols-2 md:h-52">
          <div className="h-48">{Object.keys(plan.corners).length >= 3 && <FromAbove small lit={litOpenings} />}</div>
          {shown && (
            <Inside
              compartment={shown}
              chosen={
                hit?.kind === 'supply' ? (hit.places.find((p) => p.compartment === shown.id)?.placement ?? null) : null
              }
            />
          )}
        </div>
      </section>
    </div>
  );
}

/**
 * What is looked for. The field owns its letters, and the address follows them; an address that somebody else changed (a link,
 * the way back) is taken over. Were the address the owner, letters typed before it has followed would be lost.
 */
function useWords() {
  const [search, setSearch] = useSearchParams();
  const inAddress = search.get('words') ?? '';
  const [words, setWords] = useState(inAddress);
  const followed = useRef(inAddress);
  // What was written into the address may arrive there after more was typed: it is no news.
  const written = useRef(new Set<string>());
  useEffect(() => {
    if (inAddress === followed.current) return written.current.clear();
    if (written.current.delete(inAddress)) return;
    followed.current = inAddress;
    setWords(inAddress);
  }, [inAddress]);
  useEffect(() => {
    if (words === followed.current) return;
    const soon = setTimeout(() => {
      followed.current = words;
      written.current.add(words);
      setSearch(words === '' ? {} : { words }, { replace: true });
    }, FOLLOWS_AFTER);
    return () => clearTimeout(soon);
  }, [words, setSearch]);
  const look = (next: { words: string } | { place: string }) => {
    if ('words' in next) return setWords(next.words);
    followed.current = '';
    setWords('');
    setSearch(next, { replace: true });
  };
  return { words, look };
}

/** How long after the last letter the address follows, ms. */
const FOLLOWS_AFTER = 150;

/** The home in which a thing lives there, where that has another name than itself. */
function HomeOfPlace({ id, supply }: { id: string; supply: string }) {
  const name = useStore((s) => {
    const here = placeOf(s.report, id)?.homes[s.arrangement] ?? [];
    return s.report?.homes.find((h) => here.includes(h.id) && h.supplies.includes(supply))?.name ?? '';
  });
  return name === '' ? null : <span className="truncate text-soft">{name}</span>;
}

function Ring({ id, station }: { id: string; station: string | null }) {
  const ripple = useStore((s) => (station ? placeOf(s.report, id)?.reach[station]?.ripple : undefined));
  return ripple ? <RippleWord ripple={ripple} wordless /> : null;
}
