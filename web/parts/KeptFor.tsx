/** What a place is kept for: certain things only, nothing, work, odds and ends. */
import { keepOf, KEPT_WORDS } from '@heronstone/core/cost/keeps.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import type { Keep } from '@heronstone/core/model/plan.ts';
import { KEPT_FOR } from '@heronstone/core/model/plan.ts';
import { commit } from '../state/openPlan.ts';
import { newId, useStore } from '../state/state.ts';
import { Choice, OptionalField } from '../ui/Field.tsx';

/** How many of the maker's own words are offered to be ticked. */
const MOST_WORDS = 60;
/** What odds and ends are bounded to at first. */
const FIRST_BOUND = 5;

interface Place {
  unit: string;
  slot: string;
  container: string | null;
  name: string;
}

export function KeptFor({ place }: { place: Place }) {
  const plan = useStore((s) => s.plan)!;
  const keep = keepOf(plan, place);
  const { unit, slot, container, name } = place;
  const write = (changes: Change[]) => commit(`What ${name} is kept for`, changes);
  const choose = (kept: Keep['for'] | '') => {
    if (kept === '') {
      if (keep) write([{ table: 'keeps', id: keep.id, remove: true }]);
      return;
    }
    const things = kept === 'these' ? (keep?.things.length ? keep.things : firstThings()) : [];
    const bound = { lines: kept === 'odds' ? (keep?.lines ?? FIRST_BOUND) : null, litres: null };
    const id = keep?.id ?? newId();
    write([set('keeps', id, { id, unit, slot, container, for: kept, things, ...bound })]);
  };
  /** What lies there now, or the first kind that there is. */
  const firstThings = () => {
    const there = Object.values(plan.placements).filter(
      (p) => p.unit === unit && p.slot === slot && p.container === container && p.arrangement === 'planned',
    );
    const kinds = [...new Set(there.map((p) => plan.supplies[p.supply]!).map((s) => s.category || s.name))];
    return kinds.length > 0 ? kinds : words.slice(0, 1);
  };
  const words = [
    ...new Set(
      Object.values(plan.supplies)
        .flatMap((s) => [s.category, s.collection])
        .filter((w) => w !== ''),
    ),
  ].sort((a, b) => a.localeCompare(b, 'en'));
  return (
    <div className="mt-3">
      <Choice
        label="Kept for"
        value={keep?.for ?? ''}
        options={[
          ['', 'whatever goes there'],
          ...KEPT_FOR.filter((k) => k !== 'these' || words.length > 0 || keep?.for === 'these').map(
            (k) => [k, KEPT_WORDS[k]] as const,
          ),
        ]}
        onSet={(kept) => choose(kept)}
      />
      {keep?.for === 'these' && (
        <fieldset className="mt-1">
          <legend className="text-soft">These kinds and collections</legend>
          <div className="flex max-h-44 flex-wrap gap-x-4 gap-y-1 overflow-y-auto" tabIndex={0}>
            {[...new Set([...keep.things, ...words.slice(0, MOST_WORDS)])].map((word) => (
              <label key={word} className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  checked={keep.things.includes(word)}
                  disabled={keep.things.length === 1 && keep.things[0] === word}
                  onChange={(e) =>
                    write([
                      set('keeps', keep.id, {
                        things: e.target.checked ? [...keep.things, word] : keep.things.filter((w) => w !== word),
                      }),
                    ])
                  }
                />
                {word}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      {keep?.for === 'odds' && (
        <div className="mt-1 grid grid-cols-2 gap-2">
          <OptionalField
            label="Sorts, at most"
            system={plan.meta.units}
            measure="number"
            value={keep.lines}
            otherwise="no bound"
            least={1}
            most={100}
            onSet={(lines) => write([set('keeps', keep.id, { lines: lines === null ? null : Math.round(lines) })])}
          />
          <OptionalField
            label="At most so much"
            system={plan.meta.units}
            measure="volume"
            value={keep.litres}
            otherwise="no bound"
            least={0.1}
            most={1000}
            onSet={(litres) => write([set('keeps', keep.id, { litres })])}
          />
        </div>
      )}
      {keep && <p className="mt-1 text-xs text-soft">{HINT[keep.for]}</p>}
    </div>
  );
}

const HINT: Readonly<Record<Keep['for'], string>> = {
  these: 'Filling puts nothing else here. What you put here by hand is said as a caution.',
  empty: 'Filling leaves it empty.',
  clear: 'Filling leaves it clear; it is a surface to work at.',
  odds: 'Filling puts here what has no kind and is seldom used, no more than this, and nothing else.',
};
