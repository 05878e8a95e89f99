/** In what loose things would be kept: cups, jars and boxes for the shopping list, each with a way to say no. */
import { wantedHolders } from '@heronstone/core/entry/usualHolders.ts';
import { howMany } from '@heronstone/core/model/measure.ts';
import { KNOWN } from '@heronstone/library/known.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';

export function HoldersToGet({
  loose,
  onLoose,
}: {
  loose: ReadonlySet<string>;
  onLoose: (loose: ReadonlySet<string>) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const wanted = wantedHolders(plan, KNOWN);
  if (wanted.length === 0) return null;
  const all = wanted.every((w) => loose.has(w.supply.id));
  const turn = (id: string) => onLoose(new Set(loose.has(id) ? [...loose].filter((l) => l !== id) : [...loose, id]));
  return (
    <section aria-labelledby="to-get" className="mt-4">
      <header className="flex flex-wrap items-center gap-3">
        <h2 id="to-get" className="text-lg">
          Cups and boxes to get
        </h2>
        <Button look="quiet" onClick={() => onLoose(new Set(all ? [] : wanted.map((w) => w.supply.id)))}>
          {all ? 'Yes, all of them' : 'No, none'}
        </Button>
      </header>
      <p className="text-soft">
        What lies loose is usually kept in something. Those that find room near go on your shopping list; tap the ones
        you do not want.
      </p>
      <ul className="mt-2 flex flex-wrap gap-1.5">
        {wanted.map(({ supply, held }) => {
          const no = loose.has(supply.id);
          return (
            <li key={supply.id}>
              <button
                type="button"
                aria-pressed={!no}
                onClick={() => turn(supply.id)}
                className={`min-h-7 rounded-full border px-2.5 max-md:min-h-11 ${no ? 'border-dashed border-line text-soft line-through' : 'border-ink bg-wash'}`}
              >
                {no ? '' : '✓ '}
                {howMany(held.number, held.word, held.word === 'box' ? 'boxes' : `${held.word}s`)} for {supply.name}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
