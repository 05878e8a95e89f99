/** One round: everything that a session of an activity uses, fetched in one tour instead of one by one. */
import { useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { formatWalk } from '@heronstone/core/model/measure.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';

export function RoundView({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const activities = byName(plan.activities);
  const [activity, setActivity] = useState(activities[0]?.id ?? '');
  const { value: tour } = useAsked(() => engine.tour(activity, arrangement), [activity, arrangement]);
  const place = (id: string) => placeOf(report, id)?.name ?? id;
  const names = (supplies: readonly string[]) => supplies.map((s) => plan.supplies[s]?.name ?? s).join(', ');
  return (
    <div className="printed min-h-0 grow overflow-y-auto pb-6" tabIndex={0} role="region" aria-label="One round">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h2 className="text-2xl">One round before you begin</h2>
          <p className="max-w-2xl text-soft">
            Take a tray and fetch all that a session uses in one go, in this order. Places{' '}
            {arrangement === 'today' ? 'as today' : 'as planned'}.
          </p>
        </div>
        <div className="noprint flex items-end gap-2">
          <Choice
            label="For"
            value={activity}
            options={activities.map((a) => [a.id, a.name] as const)}
            onSet={setActivity}
          />
          <Button onClick={() => window.print()}>Print the round</Button>
        </div>
      </div>
      {tour && (
        <>
          <p className="mt-3 font-serif text-xl" role="status">
            {formatWalk(tour.length, plan.meta.units)} and {Math.round(tour.seconds)} s in one round;{' '}
            {Math.round(tour.singly)} s one by one.
          </p>
          <p className="text-xs text-soft">
            {tour.exact
              ? 'The shortest of all orders (Held & Karp 1962).'
              : 'Best of several starts, improved by 2-opt and by moving short stretches; a few per cent above the shortest at most.'}
          </p>
          {tour.atHand.length > 0 && (
            <section aria-label="At hand" className="mt-3 max-w-3xl">
              <h3 className="font-sans text-sm font-bold text-soft">At hand from the seat</h3>
              <ul>
                {tour.atHand.map((s) => (
                  <li key={s.compartment} className="border-b border-line py-1">
                    <b>{place(s.compartment)}</b>: {names(s.supplies)}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section aria-label="The round" className="mt-3 max-w-3xl">
            <h3 className="font-sans text-sm font-bold text-soft">
              From {plan.stations[tour.station]?.name} and back, {tour.stops.length} stops
            </h3>
            <ol>
              {tour.stops.map((s, i) => (
                <li key={s.compartment} className="grid grid-cols-[2rem_1fr] border-b border-line py-1">
                  <span className="font-serif text-lg">{i + 1}</span>
                  <span>
                    <button
                      type="button"
                      className="font-bold hover:underline"
                      onClick={() => {
                        select({ kind: 'compartment', id: s.compartment });
                        onShow();
                      }}
                    >
                      {place(s.compartment)}
                    </button>
                    : {names(s.supplies)}
                  </span>
                </li>
              ))}
            </ol>
          </section>
          {tour.without.length > 0 && (
            <p className="mt-3 max-w-3xl text-rust">
              Not placed yet {arrangement === 'today' ? 'today' : 'in the plan'}: {names(tour.without)}.
            </p>
          )}
        </>
      )}
    </div>
  );
}
