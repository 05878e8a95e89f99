/** A stopwatch for a real fetch, and what the timed fetches say about the maker's own pace. */
import { useEffect, useState } from 'react';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import { MOTION_WORD, MOTIONS } from '@heronstone/core/fetch/elements.ts';
import { keepFactors } from '@heronstone/core/ask/timeStudy.ts';
import { remove, set, setMeta } from '@heronstone/core/model/change.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, personOf, stationOf, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { today } from '../../state/today.ts';

/** @param supply what was looked for, when it was a supply */
export function TimeIt({ compartment, supply }: { compartment: CompartmentReport; supply: string | null }) {
  const plan = useStore((s) => s.plan)!;
  const station = useStore(stationOf);
  const person = useStore(personOf);
  const [since, setSince] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const [back, setBack] = useState(false);
  const [study, setStudy] = useState(false);
  useEffect(() => {
    if (since === null) return;
    const tick = setInterval(() => setNow((performance.now() - since) / 1000), 100);
    return () => clearInterval(tick);
  }, [since]);
  if (!station || !person) return null;
  const count = Object.keys(plan.timings).length;
  const stop = () => {
    const seconds = Math.round((performance.now() - since!) / 100) / 10;
    setSince(null);
    if (seconds < 0.2) {
      notice('That was too quick for a fetch; it is not kept.', 'error');
      return;
    }
    const id = newId();
    const { unit, slot, container } = compartment;
    const own = plan.stations[station]!.person === person.id;
    const row = { id, station, person: own ? null : person.id, unit, slot, container, supply, back, seconds };
    if (commit(`Time a fetch from ${compartment.name}`, [set('timings', id, { ...row, day: today() })]))
      notice(`${seconds.toFixed(1)} s from ${plan.stations[station]!.name} kept.`);
  };
  return (
    <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Time a fetch">
      {since === null ? (
        <Button
          className="max-md:min-h-11"
          onClick={() => {
            setNow(0);
            setSince(performance.now());
          }}
        >
          Time this fetch
        </Button>
      ) : (
        <>
          <Button look="main" className="max-md:min-h-11" onClick={stop}>
            I have it: stop
          </Button>
          <Button onClick={() => setSince(null)}>Discard</Button>
        </>
      )}
      <span role="timer" className="font-serif text-xl">
        {since === null ? '' : `${now.toFixed(1)} s`}
      </span>
      <label className="flex items-center gap-1.5">
        <input type="checkbox" checked={back} onChange={(e) => setBack(e.target.checked)} />
        put back, too
      </label>
      <Button look="quiet" onClick={() => setStudy(true)}>
        Time study ({count})
      </Button>
      {study && <StudyDialog onClose={() => setStudy(false)} />}
    </div>
  );
}

function StudyDialog({ onClose }: { onClose: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const { value: study } = useAsked(() => engine.study(), []);
  const place = (id: string) => {
    const t = plan.timings[id];
    const at = t ? `${t.unit}/${t.slot}${t.container ? `#${t.container}` : ''}` : '';
    return placeOf(report, at)?.name ?? at;
  };
  return (
    <Dialog wide open onOpenChange={(open) => !open && onClose()} title="Time study">
      <div className="overflow-y-auto" tabIndex={0} role="region" aria-label="Timed fetches">
        {study && !study.ok && <p role="status">{study.reason}</p>}
        {study?.ok && (
          <>
            <p role="status">
              Beside the model as it is now, {study.together ? 'all motions together' : 'by kind of motion'}:{' '}
              {MOTIONS.filter((m) => study.factors[m] !== undefined)
                .slice(0, study.together ? 1 : undefined)
                .map((m) => `${study.together ? 'everything' : MOTION_WORD[m]} × ${study.factors[m]!.toFixed(2)}`)
                .join(', ')}
              . The model was off by {study.before.toFixed(1)} s on average (root mean square); with these factors by{' '}
              {study.after.toFixed(1)} s.
            </p>
            <p className="mb-2 text-xs text-soft">
              Least squares over {study.timed.length} fetches; only kinds of motion that the fetches tell apart.
            </p>
            <div className="mb-3 flex gap-2">
              <Button
                look="main"
                onClick={() => {
                  const constants = keepFactors(plan.meta.constants, study.factors);
                  if (commit('Keep my own factors', [setMeta(plan, { constants })]))
                    notice('Kept. Every figure uses your own pace now; Constants has the way back.');
                }}
              >
                Keep these factors
              </Button>
              <Button
                onClick={() => {
                  if (
                    commit(
                      'Discard the timed fetches',
                      Object.keys(plan.timings).map((id) => remove('timings', id)),
                    )
                  )
                    onClose();
                }}
              >
                Discard all timings
              </Button>
            </div>
          </>
        )}
        {study && study.timed.length > 0 && (
          <table className="w-full">
            <thead>
              <tr className="border-b border-ink text-left">
                <th className="py-1">Fetch</th>
                <th className="text-right">timed</th>
                <th className="text-right">model</th>
                <th className="text-right">fitted</th>
                <th className="text-right">left over</th>
                <th>
                  <span className="sr-only">Remove</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {study.timed.map((t) => (
                <tr key={t.id} className="border-b border-line">
                  <td className="py-1">{place(t.id)}</td>
                  <td className="text-right font-bold">{t.seconds.toFixed(1)} s</td>
                  <td className="text-right">{t.before.toFixed(1)}</td>
                  <td className="text-right">{study.ok ? t.after.toFixed(1) : '–'}</td>
                  <td className="text-right">{(t.seconds - (study.ok ? t.after : t.before)).toFixed(1)}</td>
                  <td className="text-right">
                    <Button
                      look="quiet"
                      aria-label={`Remove the timing of ${t.seconds.toFixed(1)} s from ${place(t.id)}`}
                      onClick={() => commit('Remove a timing', [remove('timings', t.id)])}
                    >
                      ×
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
    </Dialog>
  );
}
