/** One fetch played along its way: somebody goes there over the floor while its elements tick; or, in peace, as a list. */
import { useEffect, useMemo, useState } from 'react';
import { footprint } from '@heronstone/core/furniture/footprint.ts';
import { TIMES, totalSeconds, type Element } from '@heronstone/core/fetch/elements.ts';
import type { ReachReport } from '@heronstone/core/report/evaluate.ts';
import type { Plan, Station } from '@heronstone/core/model/plan.ts';
import type { Point } from '@heronstone/core/geometry/geometry.ts';
import { outlineOf } from '@heronstone/core/room/walls.ts';
import { closed } from '../../drawings/above/svgPath.ts';
import { drawnPlan, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { howMuch } from '../../parts/Elements.tsx';

interface Fetched {
  title: string;
  station: Station;
  reach: ReachReport;
  /** Where the hand goes in. */
  target: Point;
  elements: readonly Element[];
  returning: readonly Element[];
}

/** Whether the maker's device asks for no motion. */
const still = () => matchMedia('(prefers-reduced-motion: reduce)').matches;

export function FetchPlay({ fetched, onClose }: { fetched: Fetched; onClose: () => void }) {
  const plan = useStore(drawnPlan)!;
  const list = useMemo(() => [...fetched.elements, ...fetched.returning], [fetched]);
  const total = totalSeconds(list);
  const [now, setNow] = useState<number | null>(null);
  /** When it was begun, ms; null while nothing plays. */
  const [begun, setBegun] = useState<number | null>(null);
  useEffect(() => {
    if (begun === null) return;
    let frame = 0;
    // Frame after frame, whatever the one before said: two may have the same time.
    const step = (t: number) => {
      const at = Math.max(0, Math.min(total, (t - begun) / 1000));
      setNow(at);
      if (at < total) frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [begun, total]);
  const play = () => {
    setNow(still() ? total : 0);
    setBegun(still() ? null : performance.now());
  };
  const starts = list.map((_, i) => totalSeconds(list.slice(0, i)));
  const at = now === null ? -1 : starts.findLastIndex((s) => s <= now);
  return (
    <Dialog wide open onOpenChange={(open) => !open && onClose()} title={fetched.title}>
      <div className="grid min-h-0 gap-4 md:grid-cols-2">
        <Floor plan={plan} fetched={fetched} list={list} starts={starts} now={now ?? 0} />
        <div className="flex min-h-0 flex-col">
          <div className="mb-2 flex items-center justify-between gap-3">
            <Button look="main" onClick={play}>
              {now === null ? 'Play it' : 'Play it again'}
            </Button>
            <span role="timer" className="font-serif text-2xl">
              {(now ?? 0).toFixed(1)} of {total.toFixed(1)} s
            </span>
          </div>
          <ol className="min-h-0 overflow-y-auto" tabIndex={0} aria-label="Elements of the fetch">
            {list.map((e, i) => {
              const state = i === at && now! < total ? 'now' : i <= at ? 'done' : 'to come';
              return (
                <li
                  key={i}
                  data-state={state}
                  aria-current={state === 'now' ? 'step' : undefined}
                  className={`grid grid-cols-[1.5rem_1fr_auto_3.5rem] gap-2 border-b border-line px-1 py-0.5 ${state === 'now' ? 'bg-wash font-bold' : ''}`}
                >
                  <span aria-label={state}>{state === 'done' ? '✓' : state === 'now' ? '▸' : ''}</span>
                  <span>{i === fetched.elements.length ? `${e.kind} (putting it back)` : e.kind}</span>
                  <span className="text-soft">{howMuch(e)}</span>
                  <span className="text-right">{e.seconds.toFixed(2)} s</span>
                </li>
              );
            })}
          </ol>
        </div>
      </div>
    </Dialog>
  );
}

/** Where somebody is on the way at a moment: at the seat, walking, at the place, walking back. */
function placeAt(path: readonly Point[], list: readonly Element[], starts: readonly number[], now: number): Point {
  const walks = list.map((e, i) => ({ i, walk: e.kind === 'walk' })).filter((w) => w.walk);
  let share = 0;
  walks.forEach(({ i }, turn) => {
    const along = Math.min(1, Math.max(0, (now - starts[i]!) / Math.max(1e-9, list[i]!.seconds)));
    if (now >= starts[i]!) share = turn % 2 === 0 ? along : 1 - along;
  });
  const lengths = path.slice(1).map((p, i) => Math.hypot(p.x - path[i]!.x, p.y - path[i]!.y));
  let left = share * lengths.reduce((a, b) => a + b, 0);
  for (let i = 0; i < lengths.length; i++) {
    if (left <= lengths[i]! || i === lengths.length - 1) {
      const t = lengths[i]! === 0 ? 0 : Math.min(1, left / lengths[i]!);
      const [a, b] = [path[i]!, path[i + 1]!];
      return { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
    }
    left -= lengths[i]!;
  }
  return path[0]!;
}

function Floor({
  plan,
  fetched,
  list,
  starts,
  now,
}: {
  plan: Plan;
  fetched: Fetched;
  list: readonly Element[];
  starts: readonly number[];
  now: number;
}) {
  const outline = outlineOf(plan);
  const path = fetched.reach.path ?? [fetched.station, fetched.station];
  const all = outline.length > 2 ? outline : [fetched.station, fetched.target];
  const [xs, ys] = [all.map((p) => p.x), all.map((p) => p.y)];
  const [left, top] = [Math.min(...xs) - 150, Math.min(...ys) - 150];
  const [w, h] = [Math.max(...xs) - left + 150, Math.max(...ys) - top + 150];
  const px = Math.max(w, h) / 420;
  const here = placeAt(path, list, starts, now);
  const doing =
    TIMES[
      list[
        Math.max(
          0,
          starts.findLastIndex((s) => s <= now),
        )
      ]!.kind
    ].motion;
  const reaching = now > 0 && (doing === 'handling' || doing === 'opening' || doing === 'bending');
  return (
    <svg
      viewBox={`${left} ${top} ${w} ${h}`}
      className="max-h-[60vh] w-full"
      role="img"
      aria-label="The way over the floor"
    >
      <path d={closed(outline)} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2 * px} />
      {Object.values(plan.units).map((u) => (
        <path
          key={u.id}
          d={closed(footprint(u))}
          fill={u.kind === 'table' ? 'var(--wood)' : 'var(--leaf)'}
          stroke="var(--ink)"
          strokeWidth={px}
          strokeDasharray={u.bottom > 900 ? `${5 * px} ${3 * px}` : undefined}
          fillOpacity={u.bottom > 900 ? 0 : 1}
        />
      ))}
      <path
        d={`M${path.map((p) => `${p.x} ${p.y}`).join('L')}`}
        fill="none"
        stroke="var(--w1)"
        strokeWidth={3 * px}
        strokeDasharray={`${0.1 * px} ${7 * px}`}
        strokeLinecap="round"
      />
      <circle
        cx={fetched.target.x}
        cy={fetched.target.y}
        r={9 * px}
        fill="none"
        stroke="var(--rust)"
        strokeWidth={2.5 * px}
      />
      {reaching && (
        <line
          x1={here.x}
          y1={here.y}
          x2={fetched.target.x}
          y2={fetched.target.y}
          stroke="var(--rust)"
          strokeWidth={2 * px}
        />
      )}
      <g data-walker={`${Math.round(here.x)} ${Math.round(here.y)}`}>
        <circle cx={here.x} cy={here.y} r={13 * px} fill="var(--w2)" stroke="var(--paper)" strokeWidth={2 * px} />
        <circle cx={here.x} cy={here.y} r={20 * px} fill="none" stroke="var(--w3)" strokeWidth={1.5 * px} />
      </g>
    </svg>
  );
}
