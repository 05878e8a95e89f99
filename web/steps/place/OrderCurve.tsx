/** What order costs: minutes a week against how much lies together, from the quickest plan to the tidiest; one picks a point. */
import { lazy, Suspense, useState } from 'react';
import type { CurvePoint } from '@heronstone/core/search/orderCurve.ts';
import { holdsFor, takeWay } from '@heronstone/core/search/ways.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { cancelSearch, drawCurve, useSearching } from '../../state/searching.ts';
import { commit } from '../../state/openPlan.ts';
import { notice, setArrangement, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Progress } from '../../ui/Progress.tsx';

const Curve = lazy(() => import('../../ui/Curve.tsx'));
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** @param onShow goes to the places */
export function OrderCurve({ onShow }: { onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const { running, share, curve } = useSearching();
  const stale = curve !== null && !holdsFor(curve.plan, plan);
  return (
    <section aria-label="What order costs" className="mt-5">
      <h3 className="text-xl">What order costs</h3>
      <p className="max-w-2xl text-soft">
        The more lies together, the longer the week. Fill takes the tidiest room that costs at most 8 % more minutes
        than the quickest; you may want it quicker, or tidier.
      </p>
      <div className="noprint mt-2 flex flex-wrap items-center gap-2">
        {running === 'curve' ? (
          <>
            <Progress share={share} label="Filling the room from quickest to tidiest" />
            <Button onClick={cancelSearch}>Stop</Button>
          </>
        ) : (
          <Button disabled={running !== null} onClick={() => void drawCurve()}>
            {curve ? 'Draw it again' : 'Draw the curve'}
          </Button>
        )}
      </div>
      {stale && <p className="mt-2 text-rust">The room or the supplies have changed since; draw it again.</p>}
      {curve && (
        <Points key={curve.found.map((p) => p.minutes).join()} points={curve.found} stale={stale} onShow={onShow} />
      )}
    </section>
  );
}

function Points({ points, stale, onShow }: { points: readonly CurvePoint[]; stale: boolean; onShow: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [at, setAt] = useState(
    Math.max(
      0,
      points.findIndex((p) => p.usual),
    ),
  );
  const chosen = points[at]!;
  const fewest = Math.min(...points.map((p) => p.without));
  const take = () => {
    if (!commit(`Order at ${chosen.minutes.toFixed(0)} min a week`, takeWay(plan, chosen))) return;
    setArrangement('planned');
    notice('The room is filled as at this point. One undo takes it back.');
    onShow();
  };
  const least = Math.floor(Math.min(...points.map((p) => p.together)) * 10) * 10;
  return (
    <div className="mt-3 grid max-w-5xl grid-cols-1 gap-x-6 gap-y-3 md:grid-cols-2">
      <Suspense fallback={<div className="h-56" />}>
        <Curve
          title="Minutes a week against how much lies together"
          along={points.map((p) => p.minutes.toFixed(1))}
          alongName="minutes a week"
          upName="lines together, %"
          at={points.map((p) => p.minutes)}
          lines={[{ name: 'Together', values: points.map((p) => p.together * 100) }]}
          chosen={at}
          onPick={setAt}
          from={Math.min(90, least)}
        />
      </Suspense>
      <div>
        <fieldset>
          <legend className="mb-1 text-sm font-bold text-soft">From quickest to tidiest</legend>
          {points.map((p, n) => (
            <label key={p.minutes} className="flex min-h-8 items-center gap-2">
              <input type="radio" name="order" checked={n === at} onChange={() => setAt(n)} />
              <span>
                <b className="tabular-nums">{p.minutes.toFixed(1)} min</b>
                {n > 0 && ` (${percent(p.more)} more)`}: {percent(p.together)} lie together, {percent(p.named)} of
                places have a name
                {p.without > fewest && `, ${p.without - fewest} more not placed`}
                {p.usual && <span className="text-soft"> · what Fill takes</span>}
              </span>
            </label>
          ))}
        </fieldset>
        {chosen.apart.length > 0 && (
          <>
            <p className="mt-2 text-soft">What is not together there:</p>
            <ul className="grid gap-1">
              {chosen.apart.map((a) => (
                <li key={a.home}>
                  <b>{a.name}</b>: {a.lines} of {a.of} lines lie apart. It would need about{' '}
                  {formatLength(a.mm, plan.meta.units)} more width beside {a.beside}.
                </li>
              ))}
            </ul>
          </>
        )}
        <Button look="main" className="mt-3" disabled={stale} onClick={take}>
          Fill the room as here
        </Button>
      </div>
    </div>
  );
}
