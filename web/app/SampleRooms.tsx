import { useEffect, useState } from 'react';
import { api } from '../sync/api.ts';

/** Rooms of others, made up: to look at, or to start from. */
export function SampleRooms({ onOpen }: { onOpen: (key: string) => void }) {
  const [rooms, setRooms] = useState<Awaited<ReturnType<typeof api.samples>>>([]);
  useEffect(() => {
    api.samples().then(setRooms, () => setRooms([]));
  }, []);
  if (rooms.length === 0) return null;
  return (
    <section aria-label="Sample rooms">
      <h2 className="text-lg">Or look at a sample room</h2>
      <p className="mb-2 text-soft">
        All made up. Each opens as a plan of your own that you can fill, change and throw away.
      </p>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {rooms.map((room) => (
          <li key={room.key}>
            <button
              type="button"
              onClick={() => onOpen(room.key)}
              className="block h-full w-full rounded-xl border border-line bg-leaf p-3 text-left hover:border-ink"
            >
              <img
                src={`/api/samples/${room.key}/picture`}
                alt=""
                className="h-28 w-full rounded-md bg-[#fffdf7] object-contain p-1"
              />
              <span className="mt-2 block font-bold">{room.name}</span>
              <span className="block text-xs text-soft">{room.words}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
