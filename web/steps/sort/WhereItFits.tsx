import { useState } from 'react';
import { formatLength } from '@heronstone/core/model/measure.ts';
import type { Supply } from '@heronstone/core/model/plan.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { EveryPlace } from './EveryPlace.tsx';

/** How many places are listed in the sheet; the table has all. */
const LISTED = 40;

/** How many fit in each place, how many more beside what lies there, and why not; for a machine, where it can work. */
export function WhereItFits({ supply }: { supply: Supply }) {
  const arrangement = useStore((s) => s.arrangement);
  const [open, setOpen] = useState(false);
  const [table, setTable] = useState(false);
  const { value: room } = useAsked(open ? () => engine.roomFor(supply.id, arrangement) : null, [
    supply.id,
    arrangement,
  ]);
  const system = useStore((s) => s.plan!.meta.units);
  const works = Object.values(room?.working ?? {});
  return (
    <details className="mt-4" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer font-bold text-soft">Where it fits, and how many more</summary>
      {!room && open && <p className="text-soft">Trying every place …</p>}
      {works.length > 0 && (
        <p className="mt-1">
          {works.some((w) => w.works)
            ? `It can work in: ${works
                .filter((w) => w.works)
                .map((w) => w.place)
                .join(', ')}.`
            : `Nowhere to use it as things stand: ${works[0]!.place} is ${works[0]!.words.join(', ')}.`}
        </p>
      )}
      {room && (
        <Button className="my-2" onClick={() => setTable(true)}>
          All places side by side
        </Button>
      )}
      {room && table && <EveryPlace supply={supply} rooms={room.places} onClose={() => setTable(false)} />}
      <ul aria-label="Where it fits">
        {room?.places.slice(0, LISTED).map((r) => (
          <li key={r.compartment} className="border-b border-line py-1">
            <div className="flex justify-between gap-2">
              <button
                type="button"
                className="min-w-0 truncate text-left hover:underline"
                onClick={() => select({ kind: 'compartment', id: r.compartment })}
              >
                {r.place}
              </button>
              <b className={`shrink-0 ${r.more === 0 && !r.own ? 'text-soft' : ''}`}>
                {r.own ? `+${r.more} more` : r.more > 0 ? `${r.more}` : r.most > 0 ? 'full' : 'no'}
              </b>
            </div>
            <p className="text-xs text-soft">
              {r.most > 0 ? `${r.most} if empty, ${r.how}; ${r.seen}` : r.reason}
              {r.seconds !== null && `; ${r.seconds.toFixed(1)} s for one`}
              {r.width !== null && `; all ${supply.count} take ${formatLength(r.width, system)} of its width`}
              {r.most > 0 && r.reason && `; ${r.reason}`}
              {room.working[r.compartment] && `; at work: ${room.working[r.compartment]!.words.join(', ')}`}
            </p>
          </li>
        ))}
      </ul>
    </details>
  );
}
