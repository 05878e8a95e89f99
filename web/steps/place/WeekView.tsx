/** A week in the room, today beside the plan: by activity, motion, place and supply, and the worst of each kind. */
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { formatLength, howMany } from '@heronstone/core/model/measure.ts';
import { lazy, Suspense, useState } from 'react';
import { MOTIONS, MOTION_WORD } from '@heronstone/core/fetch/elements.ts';
import type { Compared, Week, WorstLists } from '@heronstone/core/report/evaluate.ts';
import { spreadOf } from '@heronstone/core/report/spread.ts';
import type { Arrangement } from '@heronstone/core/model/plan.ts';
import { select, setArrangement, useStore } from '../../state/state.ts';
import { Bars, type BarRow } from '../../ui/Bars.tsx';
import { Button } from '../../ui/Button.tsx';
import { Segments } from '../../ui/Segments.tsx';

const WORST: ReadonlyArray<{ key: keyof WorstLists; title: string; unit: string; digits: number }> = [
  { key: 'slow', title: 'Takes longest', unit: 'min a week, penalties included', digits: 1 },
  {
    key: 'unseen',
    title: 'Not visible from any seat',
    unit: 'fetches a week without seeing it or its label',
    digits: 1,
  },
  { key: 'heavy', title: 'Heavy where it stands', unit: 'lifting index', digits: 1 },
  { key: 'child', title: 'In reach of a child', unit: 'below the highest reach', digits: 0 },
];

const Curve = lazy(() => import('../../ui/Curve.tsx'));

/** How the minutes spread over the supplies, the costliest first. */
function Spread({ today, planned }: { today: Week | null; planned: Week | null }) {
  const named = [
    ['today', today],
    ['planned', planned],
  ] as const;
  const spreads = named.flatMap(([name, week]) => (week ? [{ name, ...spreadOf(week) }] : []));
  const most = Math.max(0, ...spreads.map((s) => s.upTo.length));
  if (most < 3) return null;
  return (
    <section aria-label="How the minutes spread" className="mt-6 max-w-3xl">
      <h2 className="text-xl">How the minutes spread</h2>
      <p className="mb-2 text-soft">
        {spreads
          .map(
            (s) =>
              `${s.name}: ${s.half} of ${howMany(s.upTo.length, 'supply', 'supplies')} make up half of the minutes`,
          )
          .join('; ')
          .replace(/^./, (letter) => letter.toUpperCase())}
        . Those are the ones worth a better place.
      </p>
      <Suspense fallback={<p className="text-soft">Drawing …</p>}>
        <Curve
          title="Minutes a week of the costliest supplies together"
          along={Array.from({ length: most }, (_, i) => String(i + 1))}
          alongName="supplies, the costliest first"
          upName="min a week"
          lines={spreads.map((s) => ({ name: s.name, values: s.upTo }))}
          points={false}
        />
      </Suspense>
    </section>
  );
}

/** What of the two totals is the same things, and what is in one of them only; nothing when they are all the same. */
function ofWhich({ supplies, whole, apart, ...both }: Compared, has: Record<Arrangement, boolean>) {
  if (!has.today || !has.planned || whole) return [];
  const { leaving, notNoted } = apart;
  return [
    { name: `of which the same ${howMany(supplies, 'thing')}`, today: both.today, planned: both.planned, digits: 1 },
    ...(leaving.supplies > 0
      ? [{ name: `of which ${howMany(leaving.supplies, 'thing')} that leave the room`, ...leaving, digits: 1 }]
      : []),
    ...(notNoted.planned > 0 ? [{ name: 'of which what is not noted today', ...notNoted, digits: 1 }] : []),
  ];
}

/** @param onShow chooses what was clicked and goes to the places */
export function WeekView({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const feet = plan.meta.units === 'imperial';
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const [more, setMore] = useState(false);
  if (!report) return <p className="text-soft">Working out the figures …</p>;
  const { today, planned } = report.week;
  const has = { today: today.placed > 0, planned: planned.placed > 0 };
  if (!has.today && !has.planned)
    return (
      <p className="text-soft">Nothing has a place yet. Say where things lie today, or let the plan place them.</p>
    );
  const value = (which: Arrangement, of: (w: Week) => number) => (has[which] ? of(report.week[which]) : null);
  const row = (key: string, name: string, of: (w: Week) => number): BarRow => ({
    key,
    name,
    today: value('today', of),
    planned: value('planned', of),
  });
  const place = (id: string) => placeOf(report, id)?.name ?? id;
  const largest = <T,>(list: (w: Week) => T[], id: (x: T) => string, minutes: (x: T) => number) => {
    const best = new Map<string, number>();
    for (const w of [today, planned])
      for (const x of list(w)) best.set(id(x), Math.max(best.get(id(x)) ?? 0, minutes(x)));
    return [...best].sort((a, b) => b[1] - a[1]).map(([key]) => key);
  };
  const shown = more ? 30 : 8;
  const choose = (what: Parameters<typeof select>[0]) => () => {
    select(what);
    onShow();
  };
  return (
    <div
      className="printed min-h-0 grow overflow-y-auto pb-6"
      tabIndex={0}
      role="region"
      aria-label="The week in figures"
    >
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div>
          <h2 className="text-2xl">A week in the room</h2>
          <p className="text-soft">
            {plan.meta.room}, {plan.meta.name}. Fetching, putting back and getting ready; the work itself is not
            counted.
          </p>
        </div>
        <div className="noprint flex gap-2">
          <Button onClick={() => setMore(!more)} aria-pressed={more}>
            {more ? 'Show fewer' : 'Show more'}
          </Button>
          <Button onClick={() => window.print()}>Print the comparison</Button>
        </div>
      </div>
      <table className="mt-3 w-full max-w-2xl" aria-label="Today and the plan">
        <thead>
          <tr className="border-b border-ink text-left">
            <th className="py-1">Minutes a week</th>
            {has.today && <th className="py-1 pl-3 text-right">today</th>}
            {has.planned && <th className="py-1 pl-3 text-right">planned</th>}
            {has.today && has.planned && <th className="py-1 pl-3 text-right">change</th>}
          </tr>
        </thead>
        <tbody>
          {(
            [
              ['Fetching and putting back', (w) => w.fetching, 1],
              ['of which getting up and sitting down', (w) => w.motions.rising, 1],
              ['Rolling carts up, fetching kits', (w) => w.setup, 1],
              ['Looking for things with no home', (w) => w.hunting, 1],
              ['Penalties: heavy, a child near, sun, heat', (w) => w.penalties, 1],
              ['Total', (w) => w.minutes, 1],
              ['Getting up, times', (w) => w.ups, 0],
              [feet ? 'Walking, feet' : 'Walking, metres', (w) => w.metres * (feet ? 3.28084 : 1), 0],
            ] as ReadonlyArray<[string, (w: Week) => number, number]>
          )
            .map(([name, of, digits]) => ({ name, today: of(today), planned: of(planned), digits }))
            .flatMap((line) => (line.name === 'Total' ? [line, ...ofWhich(report.compared, has)] : [line]))
            .map(({ name, digits, ...minutes }) => (
              <tr key={name} className={`border-b border-line ${name === 'Total' ? 'font-bold' : ''}`}>
                <th scope="row" className={`py-0.5 text-left ${name === 'Total' ? 'font-bold' : 'font-normal'}`}>
                  {name}
                </th>
                {has.today && <td className="pl-3 text-right">{minutes.today.toFixed(digits)}</td>}
                {has.planned && <td className="pl-3 text-right">{minutes.planned.toFixed(digits)}</td>}
                {has.today && has.planned && (
                  <td className="pl-3 text-right">{change(minutes.planned - minutes.today, digits)}</td>
                )}
              </tr>
            ))}
        </tbody>
      </table>
      <div className="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <Bars
          title="By activity"
          unit="min a week"
          rows={largest(
            (w) => w.activities,
            (a) => a.activity,
            (a) => a.total,
          ).map((id) =>
            row(id, plan.activities[id]?.name ?? id, (w) => w.activities.find((a) => a.activity === id)?.total ?? 0),
          )}
        />
        <Bars
          title="By kind of motion"
          unit="min a week"
          rows={[...MOTIONS]
            .sort((a, b) => today.motions[b] + planned.motions[b] - today.motions[a] - planned.motions[a])
            .map((m) => row(m, MOTION_WORD[m], (w) => w.motions[m]))}
        />
        <Bars
          title="By place"
          unit="min a week"
          rows={largest(
            (w) => w.places,
            (p) => p.compartment,
            (p) => p.minutes,
          )
            .slice(0, shown)
            .map((id) => ({
              ...row(id, place(id), (w) => w.places.find((p) => p.compartment === id)?.minutes ?? 0),
              onChoose: choose({ kind: 'compartment', id }),
            }))}
        />
        <Bars
          title="By supply"
          unit="min a week"
          rows={largest(
            (w) => w.supplies,
            (s) => s.supply,
            (s) => s.minutes,
          )
            .slice(0, shown)
            .map((id) =>
              row(id, plan.supplies[id]?.name ?? id, (w) => w.supplies.find((s) => s.supply === id)?.minutes ?? 0),
            )}
        />
      </div>
      <Spread today={has.today ? today : null} planned={has.planned ? planned : null} />
      <h2 className="mt-6 text-xl">The worst, {arrangement === 'today' ? 'as things lie today' : 'as planned'}</h2>
      <Segments
        label="The worst of which arrangement"
        className="noprint mb-2"
        value={arrangement}
        options={(['today', 'planned'] as const).filter((a) => has[a]).map((a) => [a, a])}
        onSet={setArrangement}
      />
      <div className="grid gap-x-10 gap-y-5 lg:grid-cols-2">
        {WORST.map(({ key, title, unit, digits }) => (
          <section key={key} aria-label={title} className="break-inside-avoid">
            <h3 className="font-sans text-sm font-bold text-soft">
              {title}, {unit}
            </h3>
            <ol>
              {report.worst[arrangement][key].map((w) => (
                <li key={w.placement + w.words} className="flex gap-3 border-b border-line py-1">
                  <b className="w-14 shrink-0 text-right">
                    {w.figure >= 99 && key === 'heavy'
                      ? 'beyond'
                      : key === 'child'
                        ? formatLength(Math.round(w.figure), plan.meta.units)
                        : w.figure.toFixed(digits)}
                  </b>
                  <button
                    type="button"
                    className="min-h-6 text-left hover:underline"
                    onClick={choose({ kind: 'placement', id: w.placement })}
                  >
                    {w.words}
                  </button>
                </li>
              ))}
              {report.worst[arrangement][key].length === 0 && <li className="text-soft">None.</li>}
            </ol>
          </section>
        ))}
      </div>
    </div>
  );
}

const change = (n: number, digits: number) => `${n > 0 ? '+' : n < 0 ? '−' : ''}${Math.abs(n).toFixed(digits)}`;
