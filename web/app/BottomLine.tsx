import { Link } from 'react-router';
import { Popover } from 'radix-ui';
import type { Week } from '@heronstone/core/report/evaluate.ts';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { useStore } from '../state/store.ts';

const minutes = (value: number) => (value >= 10 ? String(Math.round(value)) : value.toFixed(1));

/** The week at the bottom: now and as planned, and what is still open. Each figure opens into how it was worked out. */
export function BottomLine() {
  const report = useStore((s) => s.report);
  const id = useStore((s) => s.planId);
  if (!report) return <footer className="h-[52px] shrink-0 bg-deep" />;
  const { today, planned } = report.week;
  const share = today.minutes > 0 ? Math.min(1, planned.minutes / today.minutes) : 0;
  return (
    <footer className="noprint flex min-h-[52px] shrink-0 flex-wrap items-center justify-between gap-x-8 gap-y-1 bg-deep px-4 py-2 text-ondeep md:px-6">
      <div className="flex flex-wrap items-center gap-x-6">
        <span className="hidden opacity-80 sm:inline">A week in the room</span>
        {today.placed > 0 && <Figure week={today} word="now" title="A week as things lie today" />}
        {today.placed > 0 && planned.placed > 0 && (
          <span className="hidden h-2 w-36 overflow-hidden rounded-full bg-white/20 md:block" aria-hidden="true">
            <span className="block h-full bg-[#7fa3b3]" style={{ width: `${share * 100}%` }} />
          </span>
        )}
        {planned.placed > 0 ? (
          <Figure week={planned} word="as planned" title="A week with the plan" />
        ) : (
          <span className="opacity-80">nothing placed yet</span>
        )}
      </div>
      <div className="flex gap-6">
        <Link to={`/plan/${id}/place?show=without`} className="hover:underline">
          <b className="font-serif text-lg">
            {planned.placed > 0 ? planned.without : Object.keys(report.supplies).length}
          </b>{' '}
          not placed yet
        </Link>
        {report.errors > 0 && (
          <Link to={`/plan/${id}/place?show=findings`} className="hover:underline">
            <b className="font-serif text-lg">{report.errors}</b> to fix
          </Link>
        )}
        <Link to={`/plan/${id}/place?show=findings`} className="hover:underline">
          <b className="font-serif text-lg">{report.cautions}</b> cautions
        </Link>
      </div>
    </footer>
  );
}

function Figure({ week, word, title }: { week: Week; word: string; title: string }) {
  const { hunt } = constantsOf(useStore((s) => s.plan)?.meta.constants);
  return (
    <Popover.Root>
      <Popover.Trigger className="rounded px-1 hover:underline">
        <b className="font-serif text-xl">{minutes(week.minutes)}</b> min {word}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          className="z-50 w-80 rounded-xl border border-line bg-leaf p-4 text-ink shadow-xl"
        >
          <h2 className="text-base">{title}</h2>
          <dl className="mt-2">
            {(
              [
                ['Fetching and putting back', week.fetching],
                ['Looking for things with no home', week.hunting],
                ['Rolling carts up and fetching kits', week.setup],
                ['Penalties (heavy, hazards near a child, sun, heat)', week.penalties],
              ] as const
            ).map(([name, value]) => (
              <div key={name} className="flex justify-between gap-3 py-0.5">
                <dt className="text-soft">{name}</dt>
                <dd className="font-bold">{value.toFixed(1)} min</dd>
              </div>
            ))}
          </dl>
          <p className="mt-2 text-xs text-soft">
            Each fetch is a sum of standard motion times (MTM-1, Maynard, Stegemerten & Schwab 1948) along the shortest
            way over the free floor, times the fetches a session and the sessions a week. A thing not placed yet is
            looked for {hunt} s each time (our constant). Choose a thing to see its own elements.
          </p>
          <Popover.Arrow className="fill-[var(--line)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
