/** Since the start: minutes a week, before and after pictures, where a thing was on a day, taking a whole sitting back. */
import { endOfDay, format, parseISO } from 'date-fns';
import { lazy, Suspense, useEffect, useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { JournalEntry } from '@heronstone/core/model/change.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { dayAfter } from '@heronstone/core/model/log.ts';
import { api } from '../../sync/api.ts';
import { engine } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';
import { today } from '../../state/today.ts';

const Curve = lazy(() => import('../../ui/Curve.tsx'));

/** How many steps of the log book are shown. */
const SHOWN = 200;
/** A pause that ends a session, ms. */
const PAUSE = 90 * 60_000;
/** Points of the chart at most. */
const POINTS = 8;

interface Point {
  day: string;
  minutes: number;
}

/** The last moment of a day of the maker's calendar. */
const endOf = (day: string) => endOfDay(parseISO(day)).toISOString();

/** Changes that stand between a revision and now, taken back in one. */
function backTo(entries: readonly JournalEntry[], revision: number) {
  return entries
    .filter((e) => e.revision > revision)
    .reverse()
    .flatMap((e) => e.inverse);
}

export function HistoryView() {
  const plan = useStore((s) => s.plan)!;
  const revision = useStore((s) => s.revision);
  const report = useStore((s) => s.report);
  const [entries, setEntries] = useState<JournalEntry[]>([]);
  const [points, setPoints] = useState<Point[]>([]);
  const [day, setDay] = useState(dayAfter(today(), -30));
  const [supply, setSupply] = useState(byName(plan.supplies)[0]?.id ?? '');
  const [old, setOld] = useState<{ day: string; plan: Plan; revision: number } | null>(null);
  useEffect(() => {
    let current = true;
    void api.journal(plan.meta.id, { which: 'last', most: 5000 }).then(
      (all) => current && setEntries(all.entries),
      () => {},
    );
    return () => {
      current = false;
    };
  }, [plan.meta.id, revision]);
  const first = entries[0] ? format(new Date(entries[0].at), 'yyyy-MM-dd') : undefined;
  useEffect(() => {
    if (!first || !report) return;
    let current = true;
    const days = chartDays(first, today());
    void (async () => {
      const found: Point[] = [];
      for (const d of days.slice(0, -1)) {
        const at = await api.asOf(plan.meta.id, endOf(d));
        found.push({ day: d, minutes: (await engine.figures(at.plan, 'today')).minutes });
        if (!current) return;
      }
      setPoints([...found, { day: days.at(-1)!, minutes: report.week.today.minutes }]);
    })().catch((cause: unknown) => notice(`The chart could not be drawn: ${String(cause)}`, 'error'));
    return () => {
      current = false;
    };
    // The past does not change with every gesture.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [first, plan.meta.id, report !== null]);
  const look = () =>
    api.asOf(plan.meta.id, endOf(day)).then(
      (at) => setOld({ day, ...at }),
      (cause: unknown) =>
        notice(`That day cannot be looked at: ${cause instanceof Error ? cause.message : String(cause)}`, 'error'),
    );
  const where = (p: Plan) =>
    Object.values(p.placements)
      .filter((x) => x.supply === supply && x.arrangement === 'today')
      .map(
        (x) =>
          `${p.units[x.unit]?.name ?? x.unit}, ${placeOf(report, `${x.unit}/${x.slot}`)?.short ?? x.slot}: ${x.count}`,
      )
      .join('; ') || 'no place';
  const sittings = Object.values(plan.sittings);
  const pictures = Object.values(plan.photos)
    .filter((p) => p.unit !== null)
    .sort((a, b) => ((a.taken ?? '') < (b.taken ?? '') ? -1 : 1));
  return (
    <div className="grid max-w-5xl gap-8 lg:grid-cols-2">
      <section aria-label="Minutes a week">
        <h2 className="text-xl">Minutes a week, as things lay</h2>
        {points.length === 0 && <p className="text-soft">Reading the log book …</p>}
        {points.length === 1 && (
          <p>
            <b className="font-serif text-2xl">{points[0]!.minutes.toFixed(1)}</b> min a week; from tomorrow on a curve
            shows how that goes.
          </p>
        )}
        {points.length > 1 && (
          <Suspense fallback={<p className="text-soft">Drawing …</p>}>
            <Curve
              title="Since the start"
              along={points.map((p) => p.day)}
              alongName="day"
              upName="min a week"
              lines={[{ name: 'As things lay', values: points.map((p) => p.minutes) }]}
            />
          </Suspense>
        )}
        {sittings.length > 0 && (
          <p className="mt-2 text-soft">
            {sittings.length} {sittings.length === 1 ? 'session' : 'sessions'} of the move so far.
          </p>
        )}
        <h2 className="mt-6 text-xl">Before and after</h2>
        {pictures.length < 2 ? (
          <p className="text-soft">
            Take a photograph of a place before and after; the first and the newest then stand here side by side.
          </p>
        ) : (
          <div className="grid grid-cols-2 gap-2">
            {[pictures[0]!, pictures.at(-1)!].map((p) => (
              <figure key={p.id}>
                <img
                  src={`/api/plans/${plan.meta.id}/pictures/${p.id}`}
                  alt={p.caption || 'The room'}
                  className="w-full rounded-xl"
                />
                <figcaption className="text-sm text-soft">{p.taken}</figcaption>
              </figure>
            ))}
          </div>
        )}
      </section>
      <section aria-label="As it was">
        <h2 className="text-xl">Where was it?</h2>
        <div className="flex flex-wrap items-end gap-2">
          <Choice
            label="What"
            className="w-56"
            value={supply}
            options={byName(plan.supplies).map((s) => [s.id, s.name] as const)}
            onSet={setSupply}
          />
          <label className="grid">
            <span className="text-sm text-soft">On the day</span>
            <input
              type="date"
              value={day}
              max={today()}
              onChange={(e) => setDay(e.target.value)}
              className="rounded-lg border border-line bg-leaf px-3 py-1.5"
            />
          </label>
          <Button onClick={() => void look()} disabled={day === ''}>
            Look
          </Button>
        </div>
        {old && (
          <p className="mt-2" role="status">
            On {old.day}: <b>{old.plan.supplies[supply] ? where(old.plan) : 'not in the plan'}</b>. Now:{' '}
            <b>{where(plan)}</b>.{' '}
            <Button
              look="quiet"
              onClick={() =>
                commit(`As it was on ${old.day}`, backTo(entries, old.revision)) &&
                notice('The plan is as it was on that day; undo takes it back.')
              }
            >
              Restore this day
            </Button>
          </p>
        )}
        <h2 className="mt-6 text-xl">Log book</h2>
        <div className="max-h-96 overflow-y-auto" tabIndex={0} role="region" aria-label="Log book">
          {sessionsOf(entries.slice(-SHOWN))
            .reverse()
            .map((session) => (
              <section key={session[0]!.revision} aria-label={`Session of ${at(session[0]!)}`}>
                <div className="mt-2 flex items-center gap-3">
                  <h3 className="grow text-base">
                    {at(session[0]!)} to {format(new Date(session.at(-1)!.at), 'HH:mm')},{' '}
                    {howMany(session.length, 'step')}
                  </h3>
                  {session.filter((e) => e.group.changes.length > 0).length > 1 && (
                    <Button look="quiet" onClick={() => takeBack(session)}>
                      Take back this session
                    </Button>
                  )}
                </div>
                <ul>
                  {[...session].reverse().map((e) => (
                    <li key={e.revision} className="flex items-center gap-3 border-b border-line py-1">
                      <span className="w-12 shrink-0 text-sm text-soft tabular-nums">
                        {format(new Date(e.at), 'HH:mm')}
                      </span>
                      <span className="grow">{e.group.name}</span>
                      {e.revision > 1 && (
                        <Button
                          look="quiet"
                          onClick={() => commit(`Restored to before: ${e.group.name}`, backTo(entries, e.revision - 1))}
                          title="Takes back this and all after it"
                        >
                          Restore to before this
                        </Button>
                      )}
                    </li>
                  ))}
                </ul>
              </section>
            ))}
        </div>
      </section>
    </div>
  );
}

const at = (e: JournalEntry) => format(new Date(e.at), 'yyyy-MM-dd HH:mm');

/** Steps that were made without a long pause, oldest first. */
function sessionsOf(entries: readonly JournalEntry[]): JournalEntry[][] {
  const sessions: JournalEntry[][] = [];
  for (const e of entries) {
    const last = sessions.at(-1);
    if (last && Date.parse(e.at) - Date.parse(last.at(-1)!.at) < PAUSE) last.push(e);
    else sessions.push([e]);
  }
  return sessions;
}

/** Takes back everything that was done in a session, as one step. */
function takeBack(session: readonly JournalEntry[]): void {
  const changes = [...session].reverse().flatMap((e) => e.inverse);
  if (commit(`Take back the session of ${at(session[0]!)}`, changes))
    notice(`${howMany(session.length, 'step')} taken back; undo brings them again.`);
}

/** Days for the chart: from the first of the journal to today, evenly. */
function chartDays(first: string, last: string): string[] {
  const all = Math.round((Date.parse(last) - Date.parse(first)) / 86_400_000);
  const n = Math.min(POINTS, all + 1);
  if (n <= 1) return [last];
  return Array.from({ length: n }, (_, i) => dayAfter(first, Math.round((all * i) / (n - 1))));
}
