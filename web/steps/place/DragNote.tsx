import { weekMinutes, type Alternative } from '@heronstone/core/ask/alternatives.ts';
import { RIPPLE_WORD } from '@heronstone/core/reach/body.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { compartmentId } from '@heronstone/core/scene/scene.ts';
import type { Effect } from '@heronstone/core/ask/tryOut.ts';
import { isContents, type Dragged } from '../../state/held.ts';
import { useStore } from '../../state/state.ts';

import { fitWords, signed } from './placeWords.ts';

/** What rides along with the hand while dragging: does it fit, which ripple, what it costs, what to mind, what has to go. */
export function DragNote({
  what,
  places,
  effect,
  over,
}: {
  what: Dragged;
  places: Map<string, Alternative> | null;
  effect: Effect | null;
  over: string | null;
}) {
  const unit = useStore((s) => s.plan!.units[over ?? '']?.name);
  return (
    <div data-drag-note className="w-72 max-w-[70vw] rounded-xl border border-ink bg-leaf px-3 py-2 shadow-xl">
      {unit ? (
        <>
          <b>{unit}</b>
          <p className="text-soft">Let go to choose a place in it.</p>
        </>
      ) : isContents(what) ? (
        <Contents name={what.name} over={over} effect={effect} />
      ) : (
        <One what={what} places={places} over={over} />
      )}
    </div>
  );
}

function One({
  what,
  places,
  over,
}: {
  what: Exclude<Dragged, { opening: unknown }>;
  places: Map<string, Alternative> | null;
  over: string | null;
}) {
  const plan = useStore((s) => s.plan)!;
  const place = over ? places?.get(over) : undefined;
  const from = what.placement ? plan.placements[what.placement] : undefined;
  const here = from ? places?.get(compartmentId(from)) : undefined;
  return (
    <>
      <b>
        {what.count > 1 ? `${what.count} ` : ''}
        {plan.supplies[what.supply]?.name}
      </b>
      {!place && <p className="text-soft">Drop it on a drawer, shelf or cubby.</p>}
      {place && (
        <>
          <p>
            {place.place}
            <br />
            <span className={place.fits < what.count ? 'font-bold text-rust' : ''}>{fitWords(place, what.count)}</span>
            {' · '}
            {place.ripple} {RIPPLE_WORD[place.ripple]} · {place.secondsPerFetch.toFixed(1)} s
            {here && ` · ${signed(weekMinutes(place) - weekMinutes(here))} min a week`}
          </p>
          {place.displaces.length > 0 && (
            <p className="text-soft">To make room: {place.displaces.map((d) => d.name).join(', ')} would have to go.</p>
          )}
          {place.cautions.map((words) => (
            <p key={words} className="font-bold text-rust">
              Caution: {words}.
            </p>
          ))}
        </>
      )}
    </>
  );
}

function Contents({ name, over, effect }: { name: string; over: string | null; effect: Effect | null }) {
  const target = placeOf(
    useStore((s) => s.report),
    over,
  );
  const some = target && (target.contents.planned.length > 0 || target.holds.planned.length > 0);
  return (
    <>
      <b>All of {name}</b>
      {!target && <p className="text-soft">Drop it on another drawer, shelf or cubby.</p>}
      {target && (
        <p>
          {some ? 'Swap with' : 'Into'} {target.name}
        </p>
      )}
      {target && (effect ? <EffectWords effect={effect} /> : <p className="text-soft">Working it out …</p>)}
    </>
  );
}

/** What a change would do, in words. */
export function EffectWords({ effect }: { effect: Effect }) {
  return (
    <>
      <p>{signed(effect.minutes)} min a week</p>
      {effect.cramped.slice(0, 3).map((words) => (
        <p key={words} className="font-bold text-rust">
          {words}
        </p>
      ))}
      {effect.cramped.length > 3 && <p className="text-rust">and {effect.cramped.length - 3} more without room</p>}
      {effect.cautions.slice(0, 2).map((words) => (
        <p key={words} className="text-rust">
          Caution: {words}
        </p>
      ))}
      {effect.cramped.length + effect.cautions.length === 0 && <p className="text-soft">All of it fits.</p>}
    </>
  );
}
