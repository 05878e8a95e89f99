/** Where each craft is done, seat by seat: a word is dragged to another seat, or moved there by a tap or an arrow key. */
import { useState } from 'react';
import { seatLine } from '@heronstone/core/entry/craftSeats.ts';
import { set } from '@heronstone/core/model/change.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';

export function WhereItHappens() {
  const plan = useStore((s) => s.plan)!;
  const [over, setOver] = useState<string | null>(null);
  const seats = byName(plan.stations);
  const activities = byName(plan.activities);
  if (seats.length === 0 || activities.length === 0) return null;
  const move = (id: string, station: string | undefined) => {
    const row = plan.activities[id];
    const seat = plan.stations[station ?? ''];
    if (row && seat && row.station !== seat.id)
      commit(`${row.name} at ${seat.name}`, [set('activities', id, { station: seat.id })]);
  };
  const next = (id: string, by: number) => {
    const at = seats.findIndex((s) => s.id === plan.activities[id]!.station);
    move(id, seats[(at + by + seats.length) % seats.length]?.id);
  };
  return (
    <section aria-labelledby="where" className="mb-3 shrink-0 max-md:hidden">
      <h2 id="where" className="text-lg">
        Where it will happen
      </h2>
      <p role="status">{seatLine(plan)}.</p>
      {seats.length > 1 && (
        <ul className="mt-2 flex flex-wrap gap-2" aria-label="Seats">
          {seats.map((seat) => (
            <li
              key={seat.id}
              onDragOver={(e) => {
                e.preventDefault();
                setOver(seat.id);
              }}
              onDragLeave={() => setOver(null)}
              onDrop={(e) => {
                e.preventDefault();
                setOver(null);
                move(e.dataTransfer.getData('text/plain'), seat.id);
              }}
              className={`rounded-xl border px-3 py-1.5 ${over === seat.id ? 'border-ink bg-wash' : 'border-line bg-leaf'}`}
            >
              <span className="text-soft">{seat.name}</span>
              <span className="mt-1 flex min-h-7 flex-wrap gap-1">
                {activities
                  .filter((a) => a.station === seat.id)
                  .map((a) => (
                    <button
                      key={a.id}
                      type="button"
                      draggable
                      title="Drag it to another seat, or tap it"
                      aria-label={`${a.name}, at ${seat.name}: move to the next seat`}
                      onDragStart={(e) => e.dataTransfer.setData('text/plain', a.id)}
                      onClick={() => next(a.id, 1)}
                      onKeyDown={(e) => {
                        if (e.key === 'ArrowRight') next(a.id, 1);
                        if (e.key === 'ArrowLeft') next(a.id, -1);
                      }}
                      className="min-h-7 cursor-grab rounded-full bg-deep px-3 font-bold text-ondeep"
                    >
                      {a.name}
                    </button>
                  ))}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
