import { useState } from 'react';
import { Link } from 'react-router';
import { Popover } from 'radix-ui';
import type { Week } from '@heronstone/core/report/evaluate.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { Messages } from '../parts/Messages.tsx';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { useStore } from '../state/state.ts';

const minutes = (value: number) => (value >= 10 ? String(Math.round(value)) : value.toFixed(1));

/** The week at the bottom: now and as planned, and what is still open. Each figure opens into how it was worked out. */
export function BottomLine() {
  const report = useStore((s) => s.report);
  const { today, planned } = report?.week ?? {};
  const { compared, guesses } = report ?? {};
  const share = compared && compared.today > 0 ? Math.min(1, compared.planned / compared.today) : 0;
  // Today and the plan are only held against each other for the same things.
  const partly = compared !== undefined && !compared.whole;
  return (
    <footer className="noprint flex h-11 shrink-0 items-center justify-between gap-x-6 bg-deep px-4 whitespace-nowrap text-ondeep md:px-6 short:h-9">
      {today && planned && (
        <div role="group" aria-label="A week in the room" className="flex min-w-0 items-center gap-x-6">
          <span className="hidden opacity-80 2xl:inline">A week in the room</span>
          {today.placed > 0 && !(partly && planned.placed > 0) && (
            <Figure
              week={today}
              word={today.notNoted > 0 ? 'noted so far' : 'now'}
              title="A week as things lie today"
            />
          )}
          {today.placed > 0 && planned.placed > 0 && !partly && (
            <span className="hidden h-2 w-36 overflow-hidden rounded-full bg-white/20 2xl:block" aria-hidden="true">
              <span className="block h-full bg-[#7fa3b3]" style={{ width: `${share * 100}%` }} />
            </span>
          )}
          {planned.placed > 0 ? (
            <Figure
              week={planned}
              word="as planned"
              title="A week with the plan"
              about={guesses && guesses.lines > 0 ? guesses.lines : 0}
            />
          ) : (
            <span className="opacity-80">nothing placed yet</span>
          )}
          {partly && today.placed > 0 && planned.placed > 0 && compared.supplies > 0 && (
            <span
              className="hidden min-w-0 truncate xl:inline"
              title={`Minutes a week of the same ${compared.supplies} things: only what stays in the room and is noted today can be compared`}
            >
              {howMany(compared.supplies, 'thing')} compared: {minutes(compared.today)} min now,{' '}
              {minutes(compared.planned)} planned
            </span>
          )}
        </div>
      )}
      {planned && planned.placed > 0 && report && (
        <Link
          to={`/plan/${report.plan}/zones?view=homes`}
          className="hidden shrink-0 hover:underline lg:inline"
          title="Things whose home lies in one run of neighbouring places, and places with at most two homes and a name of their own"
        >
          <b className="font-serif text-lg">
            {report.names.planned.placesNamed} of {report.names.planned.places}
          </b>{' '}
          places can be named
          {report.names.planned.cost && report.names.planned.cost.minutes > 0.05 && (
            <span className="hidden opacity-80 2xl:inline">
              {' '}
              · names cost {report.names.planned.cost.minutes.toFixed(1)} min
            </span>
          )}
        </Link>
      )}
      {/* However much the figures say: what is said has its room. */}
      <Messages grows="up" className="h-full min-w-72 grow max-lg:min-w-0" />
      <div className="flex shrink-0 gap-5">
        <StillOpen />
      </div>
    </footer>
  );
}

/** What is open, each with the way to it. */
function StillOpen({ onGo }: { onGo?: () => void }) {
  const report = useStore((s) => s.report);
  const id = useStore((s) => s.planId);
  if (!report) return null;
  const { planned } = report.week;
  const items = [
    [planned.placed > 0 ? planned.without : Object.keys(report.supplies).length, 'not placed yet', 'without'],
    [report.errors, 'to fix', 'findings'],
    [report.cautions, howMany(report.cautions, 'caution').replace(/^\d+ /, ''), 'findings'],
  ] as const;
  return items
    .filter(([count]) => count > 0)
    .map(([count, words, show]) => (
      <Link
        key={words}
        to={`/plan/${id}/place?show=${show}`}
        onClick={onGo}
        className="flex min-h-6 items-baseline gap-1 hover:underline"
      >
        <b className="font-serif text-lg">{count}</b> {words}
      </Link>
    ));
}

/** On a phone: the week as one number, which opens into its parts and what is still open. */
export function WeekInShort() {
  const report = useStore((s) => s.report);
  const [open, setOpen] = useState(false);
  if (!report) return <span className="px-2 text-xs text-soft">working out …</span>;
  const { today, planned } = report.week;
  const week = planned.placed > 0 ? planned : today;
  if (week.placed === 0) return null;
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className="min-h-11 rounded px-1 whitespace-nowrap">
        <b className="font-serif text-xl">{minutes(week.minutes)}</b> <span className="text-xs">min a week</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="A week in the room"
          align="end"
          className="z-50 max-h-[80vh] w-80 max-w-[94vw] overflow-y-auto rounded-xl border border-line bg-leaf p-4 text-ink shadow-xl"
        >
          <Parts week={week} title={planned.placed > 0 ? 'A week with the plan' : 'A week as things lie today'} />
          <div className="mt-3 grid gap-1 border-t border-line pt-2 [&_a]:min-h-11 [&_a]:items-center">
            <StillOpen onGo={() => setOpen(false)} />
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** @param about how many lines of supplies it rests on that were guessed */
function Figure({ week, word, title, about = 0 }: { week: Week; word: string; title: string; about?: number }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="shrink-0 rounded px-1 hover:underline">
        {about > 0 && <span aria-hidden="true">≈ </span>}
        <b className="font-serif text-xl">{minutes(week.minutes)}</b> min {word}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="A week in the room"
          side="top"
          align="start"
          sideOffset={8}
          className="z-50 w-80 rounded-xl border border-line bg-leaf p-4 text-ink shadow-xl"
        >
          <Parts week={week} title={title} about={about} />
          <Popover.Arrow className="fill-[var(--line)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** What the minutes of a week are made of. */
function Parts({ week, title, about = 0 }: { week: Week; title: string; about?: number }) {
  const { hunt } = constantsOf(useStore((s) => s.plan)?.meta.constants);
  const id = useStore((s) => s.planId);
  return (
    <>
      <h2 className="text-base">{title}</h2>
      <dl className="mt-2">
        {(
          [
            ['Fetching and putting back', week.fetching],
            ['Looking for things with no home', week.hunting],
            ['Rolling carts up, fetching kits, going between stations', week.setup],
            ['Penalties (heavy, hazards near a child, sun, heat)', week.penalties],
          ] as const
        ).map(([name, value]) => (
          <div key={name} className="flex justify-between gap-3 py-0.5">
            <dt className="text-soft">{name}</dt>
            <dd className="font-bold">{value.toFixed(1)} min</dd>
          </div>
        ))}
      </dl>
      {week.notNoted > 0 && (
        <p className="mt-2 text-xs">
          {howMany(week.notNoted, 'thing')} {week.notNoted === 1 ? 'is' : 'are'} left out: nobody has noted yet where{' '}
          {week.notNoted === 1 ? 'it is' : 'they are'}. That is not the same as having no place.
        </p>
      )}
      {about > 0 && (
        <p className="mt-2 text-xs">
          It rests on guesses for{' '}
          <Link className="underline" to={`/plan/${id}/sort?only=guessed`}>
            {howMany(about, 'thing')}
          </Link>
          : sizes or counts that nobody measured.
        </p>
      )}
      <p className="mt-2 text-xs text-soft">
        Each fetch is a sum of standard motion times (MTM-1, Maynard, Stegemerten & Schwab 1948) along the shortest way
        over the free floor, times the fetches a session and the sessions a week. A thing not placed yet is looked for{' '}
        {hunt} s each time (our constant). Choose a thing to see its own elements.
      </p>
    </>
  );
}
