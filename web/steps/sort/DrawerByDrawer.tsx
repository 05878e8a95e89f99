/** Standing at the shelf: one place after the other, what is in it, a photograph, and on to the next. Made for one hand. */
import { Help } from '../../ui/Help.tsx';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useSearchParams, Link } from 'react-router';
import { countWords } from '@heronstone/core/fit/forms.ts';
import { remove } from '@heronstone/core/model/change.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Photos } from '../../parts/Photos.tsx';
import { NextStep } from '../../ui/Sheet.tsx';
import { QuickEntry } from '../../parts/QuickEntry.tsx';
import { Select } from '../../ui/Select.tsx';

export function DrawerByDrawer() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const [search, setSearch] = useSearchParams();
  const places = (report?.compartments ?? []).filter((c) => c.only !== 'planned');
  if (report && places.length === 0)
    return (
      <NextStep title="There is no drawer to look into yet">
        <Link className="text-rust underline" to={`/plan/${plan.meta.id}/furnish`}>
          Put in the furniture
        </Link>{' '}
        that stands there today; then go from drawer to drawer.
      </NextStep>
    );
  const at = Math.max(
    0,
    places.findIndex((c) => c.id === search.get('place')),
  );
  const place = places[at];
  if (!place) return null;
  const go = (to: number) => {
    const next = places[(to + places.length) % places.length]!;
    setSearch({ view: 'drawers', place: next.id }, { replace: true });
    select(null);
  };
  const here = Object.values(plan.placements).filter(
    (p) =>
      p.arrangement === 'today' && p.unit === place.unit && p.slot === place.slot && p.container === place.container,
  );
  const done = places.filter((c) => c.contents.today.length > 0).length;
  return (
    <section aria-label="Drawer by drawer" className="mx-auto flex w-full max-w-2xl flex-col gap-3">
      <div className="flex items-center justify-between gap-2">
        <button
          type="button"
          aria-label="Previous place"
          onClick={() => go(at - 1)}
          className="inline-flex size-12 items-center justify-center rounded-full border border-ink hover:bg-wash"
        >
          <ChevronLeft aria-hidden="true" />
        </button>
        <div className="min-w-0 text-center">
          <h2 className="text-xl">{place.name}</h2>
          <p className="text-soft">
            {at + 1} of {places.length} ·{' '}
            {formatSize([place.inside.width, place.inside.depth, place.inside.height], plan.meta.units)} inside
          </p>
        </div>
        <button
          type="button"
          aria-label="The next place"
          onClick={() => go(at + 1)}
          className="inline-flex size-12 items-center justify-center rounded-full border border-ink hover:bg-wash"
        >
          <ChevronRight aria-hidden="true" />
        </button>
      </div>
      <Select
        label="Which place"
        className="min-h-11 md:hidden"
        value={place.id}
        options={places.map((c) => [
          c.id,
          c.contents.today.length > 0 ? `${c.name} (${c.contents.today.length})` : c.name,
        ])}
        onSet={(id) => go(places.findIndex((c) => c.id === id))}
      />
      <QuickEntry
        key={place.id}
        label="What is in here?"
        place={{ unit: place.unit, slot: place.slot, container: place.container }}
      />
      {here.length === 0 ? (
        <p className="text-soft">
          Nothing is noted here yet. <Help term="today" />
        </p>
      ) : (
        <ul aria-label="In it today" className="rounded-2xl border border-line bg-leaf px-4 py-1">
          {here.map((p) => {
            const supply = plan.supplies[p.supply]!;
            return (
              <li
                key={p.id}
                className="flex items-center justify-between gap-3 border-b border-line py-1.5 last:border-0"
              >
                <button
                  type="button"
                  className="min-h-9 min-w-0 grow text-left hover:underline"
                  onClick={() => select({ kind: 'supply', id: supply.id })}
                >
                  <b>{supply.name}</b> <span className="text-soft">{countWords(supply, p.count)}</span>
                </button>
                <Button
                  look="quiet"
                  aria-label={`${supply.name} is not here`}
                  onClick={() => commit(`${supply.name} is not in ${place.name}`, [remove('placements', p.id)])}
                >
                  not here
                </Button>
              </li>
            );
          })}
        </ul>
      )}
      {place.container === null && <Photos shows={{ unit: place.unit, slot: place.slot }} what={place.name} />}
      <div className="sticky bottom-0 flex items-center justify-between gap-3 bg-paper py-2">
        <span className="text-soft">
          {done} of {places.length} places have something in them
        </span>
        <Button look="main" className="min-h-12 px-6" onClick={() => go(at + 1)}>
          Next place
        </Button>
      </div>
    </section>
  );
}
