/** The letter of a zone in a ring. */
export function Letter({ letter }: { letter: string }) {
  return (
    <span
      aria-hidden="true"
      className="grid size-6 shrink-0 place-items-center rounded-full border border-ink bg-leaf text-xs font-bold text-ink"
    >
      {letter}
    </span>
  );
}
