/** A home: its name, zone, things, order, and where it is wanted. */
import { Help } from '../../ui/Help.tsx';
import { useState } from 'react';
import { INSIDE_ORDERS, INSIDE_WORDS } from '@heronstone/core/model/sorting.ts';
import { ASKED_SIDES, byName, type Home } from '@heronstone/core/model/plan.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import type { HomeReport, Report } from '@heronstone/core/report/evaluate.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { engine } from '../../engine/client.ts';
import { useStore } from '../../state/state.ts';
import { useAsked } from '../../state/useAsked.ts';
import { dissolveHome, mergeHomes, moveToHome, secondSet, setHome, splitHome } from '../../state/zoneActions.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, TextField } from '../../ui/Field.tsx';
import { Folded, Sheet } from '../../ui/Sheet.tsx';
import { whereIs } from './HomeCard.tsx';
import { SIDE_WORDS } from '@heronstone/core/checks/homeWishes.ts';

/** Minutes as "12 s" or "3.4 min". */
const howLong = (minutes: number) => (minutes < 1 ? `${(minutes * 60).toFixed(0)} s` : `${minutes.toFixed(1)} min`);
const ORDER_OPTIONS = INSIDE_ORDERS.map((o) => [o, INSIDE_WORDS[o]] as const);

/** A full home says so: one in, one out, or the next place. */
function FullHome({ home, report }: { home: HomeReport; report: Report }) {
  if (home.full === false || home.spares) return null;
  const next = placeOf(report, home.full.next ?? undefined);
  return (
    <p role="note" className="mb-2 rounded-md bg-wash px-2 py-1">
      {home.name} is full: one in, one out{next ? `, or ${next.name}, which is empty` : ''}.
    </p>
  );
}

/** This place against the next best ones. */
function WhyHere({ home }: { home: HomeReport }) {
  const { value: why } = useAsked(() => engine.homeWhy(home.id), [home]);
  if (!why || why.length === 0) return null;
  return (
    <Folded title="Why here">
      <ul className="grid gap-1 pt-1">
        {why.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </Folded>
  );
}

export function HomeSheet({
  home,
  report,
  onClose,
  onName,
}: {
  home: HomeReport;
  report: Report;
  onClose: () => void;
  onName: (name: string) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const row: Home | undefined = home.own ? plan.homes[home.id] : undefined;
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const [name, setName] = useState('');
  const put = (columns: Partial<Omit<Home, 'id'>>, words: string) => setHome(home.id, columns, words);
  const others = report.homes.filter((h) => h.id !== home.id && !h.spares && h.supplies.length > 0);
  const called = (h: HomeReport) => `${h.name}${h.zone === home.zone ? '' : ` (${letterOf(report, h.zone)})`}`;
  const places = report.compartments.filter((c) => c.unit === row?.unit && c.within === null);
  const inside = row?.inside ?? [];
  const stations = byName(plan.stations).map((s) => [s.id, s.name] as const);
  const withSpares = home.supplies.some((s) => plan.supplies[s]!.backstock > 0);
  const split = () => {
    if (splitHome(home.id, [...out], name.trim() || `${home.name}, 2`)) {
      setOut(new Set());
      setName('');
    }
  };
  return (
    <Sheet title={home.name} help="home" about="step" line={whereIs(report, home, arrangement)}>
      {home.runs[arrangement].length > 1 && (
        <p role="note" className="mb-2 text-rust">
          It lies in {home.runs[arrangement].length} places that are not beside each other. <Help term="run" />
        </p>
      )}
      <FullHome home={home} report={report} />
      {home.spares ? (
        <p className="text-soft">These are the spares of what is in the home of the same name.</p>
      ) : (
        <>
          <TextField label="Name" value={home.name} onSet={onName} />
          <Choice
            className="mt-2"
            label="Zone"
            value={home.zone ?? ''}
            options={[
              ...(home.zone === null ? [['', 'none: nobody uses it'] as const] : []),
              ...report.zones.map((z) => [z.id, `${z.letter} · ${z.name}`] as const),
            ]}
            onSet={(zone) => zone !== '' && put({ zone }, 'another zone')}
          />
          <label className="mt-2 flex min-h-8 items-center gap-1.5">
            <input
              type="checkbox"
              checked={home.set}
              onChange={(e) => put({ set: e.target.checked }, e.target.checked ? 'stays together' : 'may be parted')}
            />
            A set: it stays together, or it is said to be torn
          </label>
          {home.unsortedMinutes !== null && (
            <label className="flex min-h-8 items-center gap-1.5">
              <input
                type="checkbox"
                checked={home.unsorted}
                onChange={(e) => put({ unsorted: e.target.checked }, e.target.checked ? 'not worth sorting' : 'sorted')}
              />
              <span>
                Not worth sorting: a heap to rake through,{' '}
                <span className="text-soft">{howLong(home.unsortedMinutes)} a week of looking</span>
              </span>
            </label>
          )}
        </>
      )}
      <h3 className="mt-3 font-sans font-bold">{howMany(home.supplies.length, 'supply', 'supplies')}</h3>
      <ul className="mt-1 grid gap-1.5">
        {home.supplies.map((id) => (
          <li key={id} className="flex min-w-0 items-center gap-2">
            {!home.spares && home.supplies.length > 1 && (
              <input
                type="checkbox"
                aria-label={`Split off ${plan.supplies[id]!.name}`}
                checked={out.has(id)}
                onChange={(e) => {
                  const next = new Set(out);
                  if (e.target.checked) next.add(id);
                  else next.delete(id);
                  setOut(next);
                }}
              />
            )}
            <span className="min-w-0 grow truncate">
              {plan.supplies[id]!.count} {plan.supplies[id]!.name}
            </span>
            {!home.spares && (
              <Choice
                hideLabel
                className="w-28 shrink-0"
                label={`Move ${plan.supplies[id]!.name} to`}
                value=""
                options={[['', 'stays'], ...others.map((h) => [h.id, called(h)] as const)]}
                onSet={(to) => to !== '' && moveToHome(id, to)}
              />
            )}
          </li>
        ))}
      </ul>
      {out.size > 0 && out.size < home.supplies.length && (
        <div className="mt-2 rounded-xl border border-line p-3">
          <label className="block text-soft" htmlFor="split-name">
            Name of the new home
          </label>
          <input
            id="split-name"
            value={name}
            maxLength={120}
            onChange={(e) => setName(e.target.value)}
            onKeyDown={(e) => e.key === 'Enter' && split()}
            className="w-full rounded-md border border-line bg-leaf px-2 py-1"
          />
          <Button className="mt-2 w-full" onClick={split}>
            Split off {howMany(out.size, 'supply', 'supplies')}
          </Button>
        </div>
      )}
      <WhyHere home={home} />
      {!home.spares && (
        <>
          <Folded title="Where it is wanted">
            <div className="grid gap-2 pt-1">
              <Choice
                label="In"
                value={row?.unit ?? ''}
                options={[['', 'wherever the plan puts it'], ...byName(plan.units).map((u) => [u.id, u.name] as const)]}
                onSet={(unit) =>
                  put(unit === '' ? { unit: null, slot: '', firm: false } : { unit, slot: '' }, 'where it is wanted')
                }
              />
              {row?.unit != null && places.length > 1 && (
                <Choice
                  label="Place"
                  value={row.slot}
                  options={[['', 'any of its places'], ...places.map((c) => [c.slot, c.short] as const)]}
                  onSet={(slot) => put({ slot }, 'where it is wanted')}
                />
              )}
              {row?.unit != null && (
                <label className="flex min-h-8 items-center gap-1.5">
                  <input
                    type="checkbox"
                    checked={row.firm}
                    onChange={(e) =>
                      put({ firm: e.target.checked }, e.target.checked ? 'firmly there' : 'there if it can be')
                    }
                  />
                  Firm: nowhere else
                </label>
              )}
              <Choice
                label="Side"
                value={row?.side ?? ''}
                options={[
                  ['', 'no matter'],
                  ...ASKED_SIDES.filter((s) => s !== 'between' || stations.length > 1).map(
                    (s) => [s, SIDE_WORDS[s]] as const,
                  ),
                ]}
                onSet={(side) =>
                  put(
                    side === ''
                      ? { side: null, station: null, other: null }
                      : side === 'between'
                        ? { side, station: stations[0]![0], other: stations[1]![0] }
                        : { side, other: null },
                    side === '' ? 'on any side' : SIDE_WORDS[side],
                  )
                }
              />
              {row?.side != null && row.side !== 'near the door' && (
                <Choice
                  label={row.side === 'between' ? 'Between' : 'Of the seat'}
                  value={row.station ?? ''}
                  options={row.side === 'between' ? stations : [['', 'of its zone'], ...stations]}
                  onSet={(s) => s !== row.other && put({ station: s === '' ? null : s }, 'the seat')}
                />
              )}
              {row?.side === 'between' && (
                <Choice
                  label="and"
                  value={row.other ?? ''}
                  options={stations}
                  onSet={(s) => s !== row.station && put({ other: s }, 'the seat')}
                />
              )}
            </div>
          </Folded>
          {withSpares && (
            <Choice
              className="mt-2"
              label="Its spares"
              value={row?.sparesWith ? 'with' : 'apart'}
              options={[
                ['apart', 'apart: where there is room for what is seldom fetched'],
                ['with', 'behind the rest, in the same place'],
              ]}
              onSet={(to) =>
                put({ sparesWith: to === 'with' }, to === 'with' ? 'spares behind the rest' : 'spares apart')
              }
            />
          )}
          <Folded title="Order of its things">
            <div className="grid gap-2 pt-1">
              <Choice
                label="First by"
                value={inside[0] ?? ''}
                options={[['', 'as in the whole room'], ...ORDER_OPTIONS]}
                onSet={(o) => put({ inside: o === '' ? [] : [o, ...inside.slice(1)] }, 'its order')}
              />
              {inside.length > 0 && (
                <Choice
                  label="then by"
                  value={inside[1] ?? 'most used'}
                  options={ORDER_OPTIONS}
                  onSet={(o) => put({ inside: [inside[0]!, o] }, 'its order')}
                />
              )}
            </div>
          </Folded>
          <Folded title="Merge, second set, undo">
            <div className="grid gap-2 pt-1">
              <Choice
                label="Merge with"
                value=""
                options={[['', 'no other'], ...others.map((h) => [h.id, called(h)] as const)]}
                onSet={(from) => from !== '' && mergeHomes(home.id, from)}
              />
              {report.zones.length > 1 && (
                <Choice
                  label="A second set for"
                  value=""
                  options={[
                    ['', 'no other zone'],
                    ...report.zones
                      .filter((z) => z.id !== home.zone)
                      .map((z) => [z.id, `${z.letter} · ${z.name}`] as const),
                  ]}
                  onSet={(zone) => zone !== '' && secondSet(home.id, zone)}
                />
              )}
              {home.own && <Button onClick={() => dissolveHome(home.id)}>Leave it to the program again</Button>}
            </div>
          </Folded>
        </>
      )}
      <Button look="quiet" className="mt-3" onClick={onClose}>
        Close
      </Button>
    </Sheet>
  );
}

const letterOf = (report: Report, id: string | null) => report.zones.find((z) => z.id === id)?.letter ?? 'store';
