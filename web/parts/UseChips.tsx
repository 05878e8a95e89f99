/** What a thing is for, as chips of the activities: tapped on and off; a guess has a dashed edge until it is confirmed. */
import { byName, type Plan } from '@heronstone/core/model/plan.ts';

export function UseChips({
  plan,
  chosen,
  guessed,
  label,
  onSet,
}: {
  plan: Plan;
  /** Ids of activities. */
  chosen: readonly string[];
  guessed: boolean;
  /** What it is about, for those who do not see the line. */
  label: string;
  onSet: (activities: string[]) => void;
}) {
  return (
    <span role="group" aria-label={label} className="flex flex-wrap gap-1">
      {byName(plan.activities).map((a) => {
        const on = chosen.includes(a.id);
        return (
          <button
            key={a.id}
            type="button"
            aria-pressed={on}
            title={on && guessed ? 'A guess: tap what is right' : undefined}
            onClick={() => onSet(guessed ? [a.id] : on ? chosen.filter((c) => c !== a.id) : [...chosen, a.id])}
            className={`min-h-7 rounded-full border px-2.5 max-md:min-h-11 ${on ? (guessed ? 'border-dashed border-ink bg-wash font-bold' : 'border-ink bg-deep font-bold text-ondeep') : 'border-line bg-leaf text-soft hover:border-ink hover:text-ink'}`}
          >
            {on && guessed && <span aria-hidden="true">≈ </span>}
            {on && guessed && <span className="sr-only">guessed: </span>}
            {a.name}
          </button>
        );
      })}
    </span>
  );
}
