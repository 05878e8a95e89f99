/** How a line of furniture was read, piece by piece; what nothing here is called is asked with the three that are most like it. */
import type { SaidPiece } from '@heronstone/library/saidFurniture.ts';

/** What is chosen for a piece that stays out of the room. */
export const LEFT_OUT = 'left out';

export function SaidFurniture({
  said,
  onChoose,
}: {
  said: readonly SaidPiece[];
  onChoose: (typed: string, title: string) => void;
}) {
  if (said.length === 0) return null;
  return (
    <ul aria-label="Furniture as it was read" className="mt-2 flex flex-wrap gap-1.5" aria-live="polite">
      {said.map((p, i) =>
        p.title === null ? (
          <li
            key={i}
            className="flex w-full flex-wrap items-center gap-1.5 rounded-xl border border-rust bg-leaf px-3 py-1.5"
          >
            <span>
              <b>{p.typed}</b>: what is it most like?
            </span>
            {[...p.nearest, LEFT_OUT].map((title) => (
              <button
                key={title}
                type="button"
                onClick={() => onChoose(p.typed, title)}
                className="min-h-8 rounded-full border border-line bg-paper px-3 hover:border-ink max-md:min-h-11"
              >
                {title === LEFT_OUT ? 'leave it out' : title}
              </button>
            ))}
          </li>
        ) : (
          <li
            key={i}
            className={`rounded-full border border-line bg-leaf px-3 py-0.5 ${p.title === LEFT_OUT ? 'text-soft line-through' : ''}`}
          >
            {p.count > 1 && `${p.count} × `}
            {p.title === LEFT_OUT ? p.typed : p.name}
            {p.title !== LEFT_OUT && p.title.toLowerCase() !== p.name.toLowerCase() && (
              <span className="text-soft"> · {p.title.toLowerCase()}</span>
            )}
            {p.elsewhere !== null && (
              <span className="text-soft"> · in the {p.elsewhere.replace(/^another /, 'other ')}</span>
            )}
          </li>
        ),
      )}
    </ul>
  );
}
