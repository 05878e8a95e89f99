/** The room as it was furnished: what serves, what did not fit and why, and the way to the next best. */
import type { Furnished } from '@heronstone/core/gestures/furnishRoom.ts';
import { seatLine } from '@heronstone/core/entry/craftSeats.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** Findings that a room does without. */
const BLOCKS = new Set(['cannot open', 'no room before it', 'door meets it', 'door blocked']);

export function RoomTried({
  room,
  at,
  of,
  onAnother,
}: {
  room: Furnished;
  at: number;
  of: number;
  onAnother: () => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const line = seatLine(plan);
  // What is dragged onto another piece is said at once.
  const errors = useStore((s) => s.report)?.findings.filter((f) => f.severity === 'error' || BLOCKS.has(f.code)) ?? [];
  return (
    <section aria-label="The room as it is furnished" className="mt-3 rounded-xl border border-line bg-leaf px-3 py-2">
      <p role="status">
        {line === '' ? 'Your furniture is in the room.' : `${line}.`} Drag what really stands elsewhere.
      </p>
      {errors.length > 0 ? (
        <ul className="mt-1 font-bold text-rust" role="alert">
          {errors.slice(0, 3).map((f) => (
            <li key={f.message}>{f.message}</li>
          ))}
        </ul>
      ) : (
        <p className="text-soft">Every front is free.</p>
      )}
      {room.left.length > 0 && (
        <ul className="mt-1 text-rust">
          {room.left.map((l, i) => (
            <li key={i}>
              <b>{l.name}</b> did not fit: {l.reason.charAt(0).toLowerCase()}
              {l.reason.slice(1)}
            </li>
          ))}
        </ul>
      )}
      {of > 1 && (
        <p className="mt-1 flex items-center gap-2">
          <Button onClick={onAnother}>Try another room</Button>
          <span className="text-soft">
            {at + 1} of {of}, the best first
          </span>
        </p>
      )}
    </section>
  );
}
