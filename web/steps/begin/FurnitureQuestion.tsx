/** What furniture there is: a line of words or pictures with how many; then it stands where it serves, and another room can be tried. */
import { proxy } from 'comlink';
import { useState } from 'react';
import { seatsForCrafts } from '@heronstone/core/entry/craftSeats.ts';
import type { Furnished } from '@heronstone/core/gestures/furnishRoom.ts';
import { applyChanges, remove, type Change } from '@heronstone/core/model/change.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { furnitureIn, type SaidPiece } from '@heronstone/library/saidFurniture.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { elsewhereChanges, SEED } from '@heronstone/library/setUp.ts';
import { tapped, wantedOf } from '@heronstone/library/setupAnswers.ts';
import { solver } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { useKeptText } from '../../ui/keptText.ts';
import { FurniturePictures } from './FurniturePictures.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';
import { RoomTried } from './RoomTried.tsx';
import { LEFT_OUT, SaidFurniture } from './SaidFurniture.tsx';

export function FurnitureQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const types = unitTypes(plan.meta.units);
  const has = Object.keys(plan.units).length;
  const hasRoom = Object.keys(plan.corners).length >= 3;
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>({});
  const [text, setText] = useKeptText(`furniture.${plan.meta.id}`);
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const [tops, setTops] = useState(false);
  const [share, setShare] = useState<number | null>(null);
  const [tried, setTried] = useState<{ rooms: Furnished[]; at: number } | null>(null);
  const said = furnitureIn(text).map((p) =>
    p.title === null && chosen[p.typed] ? { ...p, title: chosen[p.typed]! } : p,
  );
  const open = said.filter((p) => p.title === null);
  const pieces: SaidPiece[] = [
    ...said.filter((p) => p.title !== null && p.title !== LEFT_OUT),
    ...Object.entries(counts).flatMap(([title, n]) =>
      n > 0 ? [tapped(title, types.find((t) => t.title === title)!.shape.name, n)] : [],
    ),
  ];
  const total = pieces.reduce((sum, p) => sum + p.count, 0);
  const take = (room: Furnished | undefined, base: Plan, more: readonly Change[], name: string): boolean => {
    const changes = [...more, ...(room?.changes ?? [])];
    const after = applyChanges(base, changes).plan;
    return commit(name, [...changes, ...seatsForCrafts(after, KNOWN, newId)]);
  };
  const furnish = async () => {
    setShare(0);
    try {
      const { wanted, elsewhere } = wantedOf(plan, pieces, tops);
      const rooms = await solver.furnish(
        plan,
        SEED,
        wanted,
        proxy((p: { share: number }) => setShare(p.share)),
      );
      if (
        !take(
          rooms[0],
          plan,
          elsewhereChanges(plan, elsewhere, newId),
          `Furnish the room with ${howMany(total, 'piece')}`,
        )
      )
        return;
      setTried({ rooms, at: 0 });
      setCounts({});
      setText('');
    } finally {
      setShare(null);
    }
  };
  /** The next best room: what the last one put there is taken out first. */
  const another = () => {
    const { rooms, at } = tried!;
    const next = (at + 1) % rooms.length;
    const out = undone(plan, rooms[at]!.changes);
    const base = applyChanges(plan, out).plan;
    if (take(rooms[next], base, out, 'Try another room')) setTried({ rooms, at: next });
  };
  const submit = () => {
    if (share !== null || open.length > 0) return;
    if (total > 0 && hasRoom) void furnish();
    else answer(has > 0 ? 'This is my furniture' : 'No furniture yet', []);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        submit();
      }}
    >
      <label htmlFor="furniture" className="text-soft">
        Say it as you would to a friend, with sizes where you know them, or tap the pictures.
      </label>
      <input
        id="furniture"
        autoFocus
        value={text}
        onChange={(e) => setText(e.target.value)}
        maxLength={2000}
        placeholder="desk with two drawers on each side, 2 bookcases, 8 cube shelf, cart"
        className="mt-1 w-full rounded-lg border border-line bg-leaf px-3 py-2 text-base"
      />
      <SaidFurniture said={said} onChoose={(typed, title) => setChosen((c) => ({ ...c, [typed]: title }))} />
      {tried && <RoomTried room={tried.rooms[tried.at]!} at={tried.at} of={tried.rooms.length} onAnother={another} />}
      {!tried && <Tops tops={tops} onSet={setTops} />}
      <FurniturePictures
        counts={counts}
        onAdd={(title, by) => setCounts((c) => ({ ...c, [title]: Math.max(0, Math.min(12, (c[title] ?? 0) + by)) }))}
      />
      <Onward disabled={share !== null || open.length > 0}>
        {share !== null
          ? `Trying where it serves best … ${Math.round(share * 100)} %`
          : open.length > 0
            ? `${howMany(open.length, 'piece')} to choose first`
            : total === 0
              ? 'Continue'
              : `Put ${total === 1 ? 'it' : `all ${total}`} in the room`}
      </Onward>
    </form>
  );
}

/** Whether things may stand on tables and low units: asked once, with what it means. */
function Tops({ tops, onSet }: { tops: boolean; onSet: (tops: boolean) => void }) {
  return (
    <label className="mt-3 flex items-center gap-3 rounded-xl border border-line bg-leaf px-3 py-2">
      <input type="checkbox" className="size-4 accent-rust" checked={tops} onChange={(e) => onSet(e.target.checked)} />
      <svg viewBox="0 0 64 32" className="h-8 w-16 shrink-0" aria-hidden="true">
        <path d="M4 16h56M8 16v14M56 16v14" className="fill-none stroke-ink" strokeWidth="1.6" />
        {tops && (
          <path d="M12 16v-8h8v8M24 16v-6h6v6M34 16v-10h6v10" className="fill-sand stroke-ink" strokeWidth="1.2" />
        )}
      </svg>
      <span>
        Things may stand on tables and low units.{' '}
        <span className="text-soft">Else their tops stay clear for work; machines stay out all the same.</span>
      </span>
    </label>
  );
}

/** Takes out what a room put in, as far as it is still there. */
function undone(plan: Plan, changes: readonly Change[]): Change[] {
  const table = { stations: plan.stations, units: plan.units, areas: plan.areas } as const;
  const there = changes.filter(
    (c): c is Change & { table: keyof typeof table } =>
      c.table in table && table[c.table as keyof typeof table][c.id] !== undefined,
  );
  const order = ['areas', 'stations', 'units'];
  const activities = Object.values(plan.activities).flatMap((a): Change[] =>
    there.some((c) => c.id === a.station) ? [{ table: 'activities', id: a.id, set: { station: null } }] : [],
  );
  const helpers = Object.values(plan.helpers).flatMap((h) =>
    there.some((c) => c.id === h.station) ? [remove('helpers', h.id)] : [],
  );
  return [
    ...activities,
    ...helpers,
    ...there.sort((a, b) => order.indexOf(a.table) - order.indexOf(b.table)).map((c) => remove(c.table, c.id)),
  ];
}
