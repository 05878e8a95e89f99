import { DragOverlay } from '@dnd-kit/core';
import type { Alternative } from '@heronstone/core/alternatives.ts';
import { RIPPLE_WORD } from '@heronstone/core/reach/body.ts';
import { compartmentId } from '@heronstone/core/scene.ts';
import { useStore } from '../../state/store.ts';
import type { Moving } from './moves.ts';

/** What rides along with the hand while dragging: does it fit, which ripple, what it costs. */
export function DragNote({
  dragged,
  over,
}: {
  dragged: { moving: Moving; places: Map<string, Alternative> | null } | null;
  over: string | null;
}) {
  const plan = useStore((s) => s.plan);
  const place = over ? dragged?.places?.get(over) : undefined;
  const from = dragged?.moving.placement ? plan?.placements[dragged.moving.placement] : undefined;
  const here = from ? dragged?.places?.get(compartmentId(from)) : undefined;
  const supply = dragged ? plan?.supplies[dragged.moving.supply] : undefined;
  return (
    <DragOverlay dropAnimation={null}>
      {dragged && supply && (
        <div
          data-drag-note
          className="pointer-events-none w-64 rounded-xl border border-ink bg-leaf px-3 py-2 shadow-xl"
        >
          <b>
            {dragged.moving.count > 1 ? `${dragged.moving.count} ` : ''}
            {supply.name}
          </b>
          {place ? (
            <p>
              {place.place}
              <br />
              <span className={place.fits < dragged.moving.count ? 'font-bold text-rust' : ''}>
                {place.fits === 0
                  ? place.fitsEmpty > 0
                    ? 'full'
                    : place.reason
                  : place.fits < dragged.moving.count
                    ? `${place.fits} of ${dragged.moving.count} fit`
                    : 'all fit'}
              </span>
              {' · '}
              {place.ripple} {RIPPLE_WORD[place.ripple]} · {place.secondsPerFetch.toFixed(1)} s
              {here &&
                ` · ${place.minutesPerWeek >= here.minutesPerWeek ? '+' : '−'}${Math.abs(place.minutesPerWeek - here.minutesPerWeek).toFixed(1)} min a week`}
            </p>
          ) : (
            <p className="text-soft">Drop it on a drawer, shelf or cubby.</p>
          )}
        </div>
      )}
    </DragOverlay>
  );
}
