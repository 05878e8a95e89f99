/** Moving by menu and keyboard: every place with what it would cost, cheapest first. */
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { weekMinutes, type Alternative } from '@heronstone/core/ask/alternatives.ts';
import { compartmentId } from '@heronstone/core/scene/scene.ts';
import { RippleWord } from '../../drawings/RippleMark.tsx';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import type { Moving } from '../../state/held.ts';
import { withFigures } from '../../state/figures.ts';
import { useStore } from '../../state/state.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { NumberField } from '../../ui/Field.tsx';
import { moveSupply } from './handMoves.ts';
import { fitWords, signed } from './placeWords.ts';

export function MoveDialog({
  moving,
  within = '',
  onClose,
}: {
  moving: Moving;
  /** Words that are looked for at first: the name of a piece of furniture. */
  within?: string;
  onClose: () => void;
}) {
  // As it was when the dialog opened: what is moved lies elsewhere a moment before the dialog goes.
  const [plan] = useState(() => useStore.getState().plan!);
  const from = moving.placement ? plan.placements[moving.placement] : undefined;
  const [count, setCount] = useState(moving.count);
  const [words, setWords] = useState(within);
  const [at, setAt] = useState(0);
  const list = useRef<HTMLDivElement>(null);
  const { value: places } = useAsked(
    () => engine.alternatives(moving.supply, count, moving.placement, 'planned'),
    [moving, count],
  );
  const here = places?.find((a) => from && a.compartment === compartmentId(from));
  const shown = useMemo(
    () =>
      (places ?? [])
        .filter((a) => a !== here && a.place.toLowerCase().includes(words.toLowerCase().trim()))
        .sort((a, b) => Number(b.fits > 0) - Number(a.fits > 0)),
    [places, here, words],
  );
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => list.current,
    estimateSize: () => 50,
    overscan: 6,
    getItemKey: (i) => shown[i]!.compartment,
    // The chosen one is there for a screen reader wherever the list stands.
    rangeExtractor: (range) =>
      [...new Set([...defaultRangeExtractor(range), at])].filter((i) => i < shown.length).sort((a, b) => a - b),
  });
  const moved = useRef(false);
  const choose = (a: Alternative | undefined) => {
    if (moved.current || !a || a.fits === 0) return;
    moved.current = moveSupply({ ...moving, count }, a.compartment, a.fits);
    if (moved.current) withFigures(onClose);
  };
  const step = (by: number) => {
    const next = Math.max(0, Math.min(shown.length - 1, at + by));
    setAt(next);
    virtual.scrollToIndex(next);
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={`Move ${moving.count > 1 ? `${moving.count} ` : ''}${plan.supplies[moving.supply]!.name}`}
    >
      {moving.count > 1 && (
        <div className="mb-2 flex items-end gap-2">
          <NumberField
            label={`How many of the ${moving.count}`}
            value={count}
            least={1}
            most={moving.count}
            whole
            className="w-40"
            onSet={setCount}
          />
          {count < moving.count && (
            <p className="pb-1 text-soft">The other {moving.count - count} stay where they are.</p>
          )}
        </div>
      )}
      <input
        autoFocus
        role="combobox"
        aria-expanded="true"
        aria-controls="move-places"
        aria-activedescendant={shown[at] ? `move-${at}` : undefined}
        aria-label="To which place"
        value={words}
        placeholder="Type a place, or choose with the arrow keys"
        className="w-full rounded-lg border border-line bg-paper px-3 py-2"
        onChange={(e) => {
          setWords(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            step(e.key === 'ArrowDown' ? 1 : -1);
          }
          if (e.key === 'Enter') {
            e.preventDefault();
            choose(shown[at]);
          }
        }}
      />
      <div ref={list} tabIndex={0} role="group" aria-label="The places" className="mt-2 min-h-40 overflow-y-auto">
        {!places && <p className="p-3 text-soft">Working out what each place would cost …</p>}
        <ul
          id="move-places"
          role="listbox"
          aria-label="Places, cheapest first"
          className="relative"
          style={{ height: virtual.getTotalSize() }}
        >
          {virtual.getVirtualItems().map(({ index: i, key, start }) => {
            const a = shown[i]!;
            return (
              <li
                key={key}
                ref={virtual.measureElement}
                data-index={i}
                id={`move-${i}`}
                role="option"
                aria-selected={i === at}
                aria-disabled={a.fits === 0}
                aria-posinset={i + 1}
                aria-setsize={shown.length}
                onClick={() => choose(a)}
                style={{ transform: `translateY(${start}px)` }}
                className={`absolute inset-x-0 top-0 grid grid-cols-[1.6rem_1fr_auto] items-center gap-2 rounded-lg px-2 py-1.5 ${i === at ? 'bg-wash outline-1 outline-w2' : ''} ${a.fits === 0 ? 'text-soft' : 'cursor-pointer hover:bg-wash'}`}
              >
                <RippleWord ripple={a.ripple} wordless />
                <span>
                  {a.place}
                  <span className="block text-xs text-soft">
                    {fitWords(a, count)}
                    {a.displaces.length > 0 && `; ${a.displaces.map((d) => d.name).join(', ')} would have to go`}
                    {a.cautions.map((words) => (
                      <b key={words} className="text-rust">
                        {' '}
                        Caution: {words}.
                      </b>
                    ))}
                  </span>
                </span>
                <span className="text-right">
                  {a.secondsPerFetch.toFixed(1)} s
                  <span className="block text-xs text-soft">
                    {here ? signed(weekMinutes(a) - weekMinutes(here)) : weekMinutes(a).toFixed(1)} min a week
                  </span>
                </span>
              </li>
            );
          })}
        </ul>
      </div>
    </Dialog>
  );
}
