/** What furniture there is: pictures with how many, or a line of words; then it stands along the walls. */
import { proxy } from 'comlink';
import { useState } from 'react';
import { seatChanges } from '@heronstone/core/gestures/begin.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { furnitureIn } from '@heronstone/library/furnitureWords.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { solver } from '../../engine/client.ts';
import { TypePicture } from '../../drawings/TypePicture.tsx';
import { notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Onward } from './Onward.tsx';
import type { Question } from './question.ts';

/** What most rooms have, in this order; the others come with a word, or later. */
const SHOWN = [
  ...['Work table', 'Slim drawer unit', 'Cube shelf', 'Bookcase', 'Three-tier cart', 'Pegboard', 'Wall shelf'],
  ...['Wide drawer unit', 'Tall cabinet with doors', 'Standing worktop', 'Low cube shelf', 'Trunk'],
];
const SEED = 1;

export function FurnitureQuestion({ answer }: Question) {
  const plan = useStore((s) => s.plan)!;
  const types = unitTypes(plan.meta.units);
  const titles = types.map((t) => t.title);
  const has = Object.keys(plan.units).length;
  const hasRoom = Object.keys(plan.corners).length >= 3;
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>(has > 0 ? {} : { 'Work table': 1 });
  const [text, setText] = useState('');
  const [share, setShare] = useState<number | null>(null);
  const typed = furnitureIn(text, titles);
  // What is typed is the whole list; the table that is offered gives way to it.
  const wanted: Record<string, number> =
    typed.found.size > 0 && has === 0 && counts['Work table'] === 1 && Object.keys(counts).length === 1
      ? Object.fromEntries(typed.found)
      : Object.fromEntries(
          [...new Set([...Object.keys(counts), ...typed.found.keys()])].map((t) => [
            t,
            (counts[t] ?? 0) + (typed.found.get(t) ?? 0),
          ]),
        );
  const pieces = Object.entries(wanted).filter(([, n]) => n > 0);
  const total = pieces.reduce((sum, [, n]) => sum + n, 0);
  const add = (title: string, by: number) =>
    setCounts((c) => ({ ...c, [title]: Math.max(0, Math.min(12, (c[title] ?? 0) + by)) }));
  const furnish = async () => {
    if (total === 0 || !hasRoom) return answer('No furniture yet', []);
    setShare(0);
    try {
      const list = pieces.flatMap(([title, n]) => {
        const { shape, group } = types.find((t) => t.title === title)!;
        return Array.from({ length: n }, () => ({ shape, onWall: group === 'On the wall and the door' }));
      });
      const found = await solver.furnish(
        plan,
        SEED,
        list,
        proxy((p: { share: number }) => setShare(p.share)),
      );
      const room = applyChanges(plan, found.changes).plan;
      if (
        answer(`Furnish the room with ${total} ${total === 1 ? 'piece' : 'pieces'}`, [
          ...found.changes,
          ...seatChanges(room),
        ]) &&
        found.left.length > 0
      )
        notice(
          `There is no free wall for ${found.left.join(', ')} where it could be opened and walked to; ${found.left.length === 1 ? 'it was' : 'they were'} left out.`,
          'error',
        );
    } finally {
      setShare(null);
    }
  };
  const shown = [...SHOWN, ...pieces.map(([t]) => t).filter((t) => !SHOWN.includes(t))];
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (share === null) void furnish();
      }}
    >
      <label htmlFor="furniture" className="text-soft">
        Type it, or tap the pictures. It is put along the walls; you drag it to where it really stands.
      </label>
      <input
        id="furniture"
        autoFocus
        value={text}
        onChange={(e) => setText(e.target.value)}
        maxLength={300}
        placeholder="table, 2 bookcases, cube shelf"
        className="mt-1 w-full rounded-lg border border-line bg-leaf px-3 py-2 text-base"
      />
      {typed.unknown.length > 0 && text.trim().length > 2 && (
        <p className="text-xs text-rust">
          Nothing here is called “{typed.unknown.join('”, “')}”; try another word, or take what is most like it.
        </p>
      )}
      <ul className="mt-3 grid grid-cols-3 gap-2 max-[420px]:grid-cols-2" aria-label="Furniture">
        {shown.map((title) => {
          const n = wanted[title] ?? 0;
          const { shape } = types.find((t) => t.title === title)!;
          return (
            <li
              key={title}
              className={`rounded-xl border p-2 ${n > 0 ? 'border-ink bg-leaf' : 'border-line bg-leaf/60'}`}
            >
              <button
                type="button"
                aria-label={`One more: ${title}`}
                onClick={() => add(title, 1)}
                className="block w-full hover:opacity-80"
              >
                <TypePicture shape={shape} className="mx-auto h-16 w-full" />
                <span className="mt-1 block text-xs leading-4">{title}</span>
              </button>
              <span className="mt-1 flex items-center justify-center gap-2">
                <Button
                  look="quiet"
                  aria-label={`One less: ${title}`}
                  disabled={(counts[title] ?? 0) === 0}
                  onClick={() => add(title, -1)}
                >
                  −
                </Button>
                <b className="w-5 text-center tabular-nums">{n}</b>
                <Button look="quiet" aria-label={`And one more: ${title}`} onClick={() => add(title, 1)}>
                  +
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
      <Onward disabled={share !== null}>
        {share !== null
          ? `Trying where it stands … ${Math.round(share * 100)} %`
          : total === 0
            ? 'Continue'
            : `Put ${total === 1 ? 'it' : `all ${total}`} in the room`}
      </Onward>
    </form>
  );
}
