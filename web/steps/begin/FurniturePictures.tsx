/** Pieces as pictures, with how many of each. */
import { unitTypes } from '@heronstone/library/inInches.ts';
import { TypePicture } from '../../drawings/TypePicture.tsx';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

/** What most rooms have, in this order; the others come with a word, or later. */
const SHOWN = [
  ...['Work table', 'Slim drawer unit', 'Cube shelf', 'Bookcase', 'Three-tier cart', 'Pegboard', 'Wall shelf'],
  ...['Wide drawer unit', 'Tall cabinet with doors', 'Standing worktop', 'Armchair', 'Trunk'],
];

export function FurniturePictures({
  counts,
  onAdd,
}: {
  counts: Readonly<Record<string, number>>;
  onAdd: (title: string, by: number) => void;
}) {
  const types = unitTypes(useStore((s) => s.plan!.meta.units));
  return (
    <ul className="mt-3 grid grid-cols-3 gap-2 max-[420px]:grid-cols-2" aria-label="Furniture">
      {SHOWN.map((title) => {
        const n = counts[title] ?? 0;
        const { shape } = types.find((t) => t.title === title)!;
        return (
          <li
            key={title}
            className={`rounded-xl border p-2 ${n > 0 ? 'border-ink bg-leaf' : 'border-line bg-leaf/60'}`}
          >
            <button
              type="button"
              aria-label={`One more: ${title}`}
              onClick={() => onAdd(title, 1)}
              className="block w-full hover:opacity-80"
            >
              <TypePicture shape={shape} className="mx-auto h-16 w-full" />
              <span className="mt-1 block text-xs leading-4">{title}</span>
            </button>
            <span className="mt-1 flex items-center justify-center gap-2">
              <Button
                look="quiet"
                aria-label={`One less: ${title}`}
                disabled={n === 0}
                onClick={() => onAdd(title, -1)}
              >
                −
              </Button>
              <b className="w-5 text-center tabular-nums">{n}</b>
              <Button look="quiet" aria-label={`And one more: ${title}`} onClick={() => onAdd(title, 1)}>
                +
              </Button>
            </span>
          </li>
        );
      })}
    </ul>
  );
}
