/** A round that belongs to the move besides carrying: deciding, buying, cleaning, labelling. */
import type { Round } from '@heronstone/core/changeover/rounds.ts';

const TITLE = {
  decide: 'Decide first',
  buy: 'Buy first',
  clean: 'Wipe out',
  label: 'Label',
} as const;

export const minutesWords = (seconds: number) =>
  seconds < 90
    ? `${Math.round(seconds)} s`
    : seconds < 5400
      ? `${Math.round(seconds / 60)} min`
      : `${(seconds / 3600).toFixed(1)} h`;

export function RoundLines({ round }: { round: Round }) {
  return (
    <p className="py-1 text-sm text-soft">
      <b className="text-ink">{TITLE[round.kind]}</b>
      {round.seconds > 0 && ` (${minutesWords(round.seconds)})`}: {round.lines.slice(0, 8).join('; ')}
      {round.lines.length > 8 && ` and ${round.lines.length - 8} more`}
    </p>
  );
}
