/** Several plans of one room: keep a copy, set another beside this one, take one zone over from it. */
import { Link } from 'react-router';
import { useEffect, useState } from 'react';
import { differenceOf, figuresOf, type Compared } from '@heronstone/core/report/planVsPlan.ts';
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { mergeZone } from '@heronstone/core/gestures/byHand.ts';
import { api } from '../../sync/api.ts';
import { engine } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';
import { columnsIn } from './columns.ts';

export function Variants() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [plans, setPlans] = useState<Array<{ id: string; name: string }>>([]);
  const [chosen, setChosen] = useState('');
  const [other, setOther] = useState<{ plan: Plan; figures: Compared } | null>(null);
  const [station, setStation] = useState(byName(plan.stations)[0]?.id ?? '');
  const read = () => api.plans().then((all) => setPlans(all.filter((p) => p.id !== plan.meta.id)));
  useEffect(() => {
    void read();
    // Once for this plan.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan.meta.id]);
  const keep = async () => {
    const name = `${plan.meta.name}, variant ${plans.length + 1}`.slice(0, 120);
    const copy = { ...plan, meta: { ...plan.meta, name } };
    const { id } = await api.importFile(writePlanFile(copy), newId());
    await read();
    setChosen(id);
    notice(`Kept as “${name}”; it is on the first page, too.`);
  };
  useEffect(() => {
    let current = true;
    setOther(null);
    if (chosen !== '')
      void api
        .plan(chosen)
        .then(async ({ plan: found }) => ({ plan: found, figures: await engine.figures(found, 'planned') }))
        .then((found) => current && setOther(found))
        .catch((cause: unknown) => notice(`The other plan could not be read: ${String(cause)}`, 'error'));
    return () => {
      current = false;
    };
  }, [chosen]);
  const merge = () => {
    if (!other) return;
    const { changes, left } = mergeZone(plan, other.plan, station);
    if (changes.length === 0) notice('Nothing of that zone is placed there.', 'error');
    else if (commit(`Zone of ${plan.stations[station]!.name} from ${other.plan.meta.name}`, changes))
      notice(
        left.length === 0
          ? 'The zone is as it is there.'
          : `The zone is as it is there, but for ${left.length} whose furniture is not in this plan.`,
      );
  };
  const own = report && report.week.planned.placed > 0 ? figuresOf(plan, report, 'planned') : null;
  return (
    <section aria-label="Variants" className="mt-6 max-w-5xl">
      <h3 className="text-lg">Variants</h3>
      <p className="noprint text-soft">Several plans of one room can be kept, set side by side, and mixed by zone.</p>
      <div className="noprint mt-1 flex flex-wrap items-end gap-2">
        <Button onClick={() => void keep()}>Keep a copy of this plan</Button>
        {plans.length > 0 && (
          <Choice
            className="w-72"
            label="Beside this plan"
            value={chosen}
            options={[['', 'none'], ...plans.map((p) => [p.id, p.name] as const)]}
            onSet={setChosen}
          />
        )}
        {chosen !== '' && (
          <Link className="pb-1 text-rust underline" to={`/plan/${chosen}/place`}>
            Go to it
          </Link>
        )}
      </div>
      {other && own && (
        <>
          <table className="mt-3 w-full" aria-label="This plan and another">
            <thead>
              <tr className="border-b border-ink">
                <th>
                  <span className="sr-only">Plan</span>
                </th>
                {columnsIn(plan.meta.units).map(([title]) => (
                  <th key={title} className="py-1 pl-3 text-right font-normal">
                    {title}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {(
                [
                  ['This plan', own],
                  [other.plan.meta.name, other.figures],
                  ['Difference', differenceOf(own, other.figures)],
                ] as const
              ).map(([name, figures]) => (
                <tr key={name} className="border-b border-line">
                  <th scope="row" className="py-1 text-left">
                    {name}
                  </th>
                  {columnsIn(plan.meta.units).map(([title, of, digits]) => (
                    <td key={title} className="pl-3 text-right tabular-nums">
                      {name === 'Difference' && of(figures) > 0 ? '+' : ''}
                      {of(figures).toFixed(digits)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          {station !== '' && (
            <div className="noprint mt-2 flex flex-wrap items-end gap-2">
              <Choice
                className="w-72"
                label="Copy from it what is used most at"
                value={station}
                options={byName(plan.stations).map((s) => [s.id, s.name] as const)}
                onSet={setStation}
              />
              <Button onClick={merge}>Copy the zone</Button>
            </div>
          )}
        </>
      )}
    </section>
  );
}
