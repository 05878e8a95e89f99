/** One supply in its place: facts, why here, next best. Every figure opens into how it was worked out. */
import { useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { PlacementReport } from '@heronstone/core/report/evaluate.ts';
import { seatKey } from '@heronstone/core/scene/seatKey.ts';
import { partCount, partName, partWord } from '@heronstone/core/furniture/parts.ts';
import { set } from '@heronstone/core/model/change.ts';
import { countWords } from '@heronstone/core/fit/forms.ts';
import { Inside } from '../../drawings/Inside.tsx';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { fillRoom } from '../../state/searching.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Elements } from '../../parts/Elements.tsx';
import { Choice, Fact, Heading } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { FetchPlay } from './FetchPlay.tsx';
import { moveSupply, neverHere, takeOut, toggleLock, toggleSpare } from './handMoves.ts';
import { signed } from './placeWords.ts';
import type { Moving } from '../../state/held.ts';

export function PlacementSheet({
  placement: p,
  onMove,
}: {
  placement: PlacementReport;
  onMove: (moving: Moving) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const { value: why } = useAsked(() => engine.explain(p.id), [p.id]);
  const [opened, setOpened] = useState(false);
  const [playing, setPlaying] = useState(false);
  const supply = plan.supplies[p.supply];
  const compartment = placeOf(report, p.compartment);
  if (!supply || !compartment) return <Sheet title="This is gone" />;
  const planned = p.arrangement === 'planned';
  const activities = [...new Set(p.from.map((u) => plan.activities[u.activity]?.name))].join(', ');
  // The fetch that is opened and played is the one from where it is used most.
  const most = p.from[0];
  const station = plan.stations[most?.station ?? ''] ?? Object.values(plan.stations)[0];
  const reach = compartment.reach[most ? seatKey(plan.stations[most.station]!, most.person) : (station?.id ?? '')];
  const moving: Moving = { supply: p.supply, placement: planned ? p.id : null, count: p.count };
  return (
    <Sheet
      title={supply.name}
      line={`${countWords(supply, p.count)}${p.count < supply.count ? ` of ${supply.count}` : ''}${activities ? ` · ${activities}` : ''}`}
    >
      <dl>
        <Fact name={planned ? 'Place' : 'Today in'}>{p.place}</Fact>
        <Fact name={p.how}>
          {p.fits} of {p.count} fit
        </Fact>
        {p.seen !== '' && <Fact name="In view">{p.seen}</Fact>}
        {p.ripple && (
          <Fact name="Ripple">
            <RippleWord ripple={p.ripple} />
          </Fact>
        )}
        {p.band && <Fact name="Height">{p.band === 'steps' ? 'needs steps' : p.band}</Fact>}
        <div className="flex justify-between gap-4 py-0.5">
          <dt className="text-soft">{supply.goesBack ? 'A fetch and back' : 'A fetch'}</dt>
          <dd>
            <button
              type="button"
              className="font-bold underline decoration-dotted underline-offset-4"
              onClick={() => setOpened(true)}
              title="How this was worked out"
            >
              {p.secondsPerFetch.toFixed(1)} s
            </button>
          </dd>
        </div>
        <Fact name="In a week">
          {p.minutesPerWeek.toFixed(1)} min, {Number(p.fetchesPerWeek.toFixed(1))}×
        </Fact>
        {p.sight && p.sight.words !== '' && <Fact name="From there">{p.sight.words}</Fact>}
        {p.crowd.behind ? <Fact name="Things in front of it">{p.crowd.behind}</Fact> : null}
        {p.penaltyMinutes > 0 && (
          <Fact name={`Penalty: ${[...new Set(p.penalties.map((x) => x.words))].join('; ')}`}>
            {p.penaltyMinutes.toFixed(1)} min
          </Fact>
        )}
      </dl>
      {p.reason && <p className="mt-1 font-bold text-rust">{p.reason}.</p>}
      {p.badly && <p className="mt-1 font-bold text-rust">Lies badly: {p.badly}.</p>}
      <div className="mt-3">
        <Inside compartment={compartment} chosen={p.id} />
      </div>
      {compartment.parts && planned && (
        <Choice
          label={`Begins in ${partWord(compartment.parts)}`}
          className="mt-2"
          value={String(plan.placements[p.id]?.part ?? '')}
          options={[
            ['', `the first free one${p.parts.length > 0 ? `: ${partName(compartment.parts, p.parts[0]!)}` : ''}`],
            ...Array.from(
              { length: partCount(compartment.parts) },
              (_, n) => [String(n + 1), partName(compartment.parts!, n)] as const,
            ),
          ]}
          onSet={(part) =>
            commit(`Part of ${supply.name}`, [set('placements', p.id, { part: part === '' ? null : Number(part) })])
          }
        />
      )}
      <Heading>Why here</Heading>
      <ul className="grid gap-1.5">
        {(why?.placement === p.id ? why.reasons : []).map((reason) => (
          <li key={reason} className="grid grid-cols-[18px_1fr]">
            <svg width="14" height="14" viewBox="-7 -7 14 14" aria-hidden="true" className="mt-1">
              <circle r="5" fill="none" stroke="var(--w2)" strokeWidth="2.2" />
            </svg>
            {reason}
          </li>
        ))}
      </ul>
      {planned && why && why.nextBest.length > 0 && (
        <>
          <Heading>Next best</Heading>
          <ul>
            {why.nextBest.map((a) => (
              <li key={a.compartment}>
                <button
                  type="button"
                  className="flex w-full items-center gap-2 rounded-md px-1 py-0.5 text-left hover:bg-wash"
                  title={`Move it to ${a.place}`}
                  onClick={() => moveSupply(moving, a.compartment, a.fits)}
                >
                  <RippleWord ripple={a.ripple} wordless />
                  <span className="grow truncate">{a.place}</span>
                  <span className="shrink-0">
                    {signed(a.secondsPerFetch - p.secondsPerFetch)} s,{' '}
                    <span className="text-soft">{signed(a.week)} min a week in all</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {planned && why?.placement === p.id && why.nearer.length > 0 && (
        <>
          <Heading>For it to be nearer</Heading>
          <ul className="grid gap-1">
            {why.nearer.map((n) => (
              <li key={n.compartment}>
                <button
                  type="button"
                  className="min-h-6 text-left hover:underline"
                  onClick={() => select({ kind: 'compartment', id: n.compartment })}
                >
                  <b>{n.place}</b>, {n.seconds >= 0.05 ? `${n.seconds.toFixed(1)} s nearer` : 'cheaper'}: {n.words}.
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        {planned && (
          <>
            <Button look="main" onClick={() => onMove(moving)}>
              Move …
            </Button>
            <Button onClick={() => toggleLock(p.id)} aria-pressed={p.pinned}>
              {p.pinned ? 'Let it move' : 'Keep it here'}
            </Button>
            <Button onClick={() => takeOut(p.id)}>Take out</Button>
            <Button
              onClick={() => {
                if (neverHere(p.id)) void fillRoom({ kind: 'new' }, `Another place for ${supply.name}`);
              }}
            >
              Never here
            </Button>
            <Button aria-pressed={p.spare} onClick={() => toggleSpare(p.id)}>
              {p.spare ? 'Not spares' : 'These are spares'}
            </Button>
          </>
        )}
        {why?.placement === p.id && reach && station && why.elements.length > 0 && (
          <Button onClick={() => setPlaying(true)}>Play the fetch</Button>
        )}
        <Button look="quiet" onClick={() => select({ kind: 'compartment', id: p.compartment })}>
          The whole place
        </Button>
      </div>
      {playing && why && reach && station && (
        <FetchPlay
          fetched={{
            title: `Fetching ${supply.name} from ${station.name}`,
            station,
            reach,
            target: compartment.access3,
            elements: why.elements,
            returning: why.returning,
          }}
          onClose={() => setPlaying(false)}
        />
      )}
      <Dialog
        wide
        open={opened}
        onOpenChange={setOpened}
        title={`${p.secondsPerFetch.toFixed(1)} s: how it was worked out`}
      >
        {why && (
          <div className="overflow-y-auto" tabIndex={0} role="region" aria-label="Elements">
            <Elements title="Fetching it" elements={why.elements} />
            {why.returning.length > 0 && <Elements title="Putting it back" elements={why.returning} />}
            {p.from.length > 1 && (
              <p className="mt-2 text-soft">
                It is used from {p.from.length} activities; {p.secondsPerFetch.toFixed(1)} s is their mean by fetches.
                The elements are for the one that uses it most.
              </p>
            )}
          </div>
        )}
      </Dialog>
    </Sheet>
  );
}
