/** What can be done with all of a drawer, shelf or cubby: fill it, empty it, swap it with another, drag it somewhere else. */
import { GripVertical } from 'lucide-react';
import { howMany } from '@heronstone/core/model/measure.ts';
import { useMemo, useState } from 'react';
import type { CompartmentReport } from '@heronstone/core/report/evaluate.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { fillRoom, useSearching } from '../../state/searching.ts';
import { drags, type Contents } from '../../state/held.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Choice, Heading } from '../../ui/Field.tsx';
import { EffectWords } from './DragNote.tsx';
import { contentsChanges } from '@heronstone/core/gestures/moveThing.ts';
import { moveAll } from './handMoves.ts';

export function WholePlace({ compartment: c }: { compartment: CompartmentReport }) {
  const plan = useStore((s) => s.plan)!;
  const busy = useSearching((s) => s.running !== null);
  const [swapping, setSwapping] = useState(false);
  const contents: Contents = { opening: { unit: c.unit, slot: c.slot }, name: c.name };
  const unit = plan.units[c.unit]!.name;
  const some = c.contents.planned.length > 0 || c.holds.planned.length > 0;
  const { opening } = contents;
  return (
    <>
      <Heading>All of it</Heading>
      <div className="flex flex-wrap gap-2">
        {some && (
          <span
            {...drags(contents)}
            className="inline-flex min-h-9 cursor-grab items-center gap-1 rounded-full border border-line px-3 text-soft select-none"
          >
            <GripVertical size={16} aria-hidden="true" /> Drag all of it
          </span>
        )}
        {some && <Button onClick={() => setSwapping(true)}>Swap or move it …</Button>}
        <Button disabled={busy} onClick={() => void fillRoom({ kind: 'fill', ...opening }, `Fill ${c.name}`)}>
          Fill it for me
        </Button>
        {some && (
          <Button disabled={busy} onClick={() => void fillRoom({ kind: 'empty', ...opening }, `Empty ${c.name}`)}>
            Empty it
          </Button>
        )}
        <Button
          disabled={busy}
          onClick={() => void fillRoom({ kind: 'fill', unit: c.unit, slot: null }, `Fill all of ${unit}`)}
        >
          Fill all of {unit}
        </Button>
        <Button
          disabled={busy}
          onClick={() => void fillRoom({ kind: 'empty', unit: c.unit, slot: null }, `Empty ${unit}`)}
        >
          Empty all of {unit}
        </Button>
      </div>
      {swapping && <SwapDialog contents={contents} onClose={() => setSwapping(false)} />}
    </>
  );
}

/** With which other place, and what that would do. */
export function SwapDialog({
  contents,
  within = null,
  onClose,
}: {
  contents: Contents;
  /** A piece of furniture, of whose places one is to be chosen; null for all. */
  within?: string | null;
  onClose: () => void;
}) {
  const compartments = useStore((s) => s.report)!.compartments;
  const others = useMemo(
    () =>
      compartments
        .filter((c) => c.container === null && c.only !== 'today' && (within === null || c.unit === within))
        .filter((c) => c.unit !== contents.opening.unit || c.slot !== contents.opening.slot)
        .sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true })),
    [compartments, contents, within],
  );
  const [chosen, setChosen] = useState(others[0]?.id ?? '');
  const target = others.find((c) => c.id === chosen);
  const { plan, report } = useStore.getState();
  const changes = target && plan && report ? contentsChanges(plan, report, contents.opening, target) : [];
  const tried = useAsked(changes.length > 0 ? () => engine.tryOut(changes, 'planned') : null, [
    target?.id,
    contents.name,
  ]);
  const effect = tried.stale ? null : tried.value;
  const some = target && (target.contents.planned.length > 0 || target.holds.planned.length > 0);
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`All of ${contents.name}`}>
      <Choice
        label="Swap with, or move to"
        value={chosen}
        options={others.map((c) => {
          const lines = c.contents.planned.length;
          const holds = lines === 0 ? 'empty' : howMany(lines, 'supply', 'supplies');
          return [c.id, `${c.name} (${holds})`] as const;
        })}
        onSet={setChosen}
      />
      <div className="mt-2 min-h-20" aria-live="polite">
        {effect ? <EffectWords effect={effect} /> : <p className="text-soft">Working out what it would do …</p>}
      </div>
      <Button
        look="main"
        className="mt-2"
        disabled={!target}
        onClick={() => {
          if (target) moveAll(contents, target);
          onClose();
        }}
      >
        {some ? 'Swap the two' : 'Move it there'}
      </Button>
    </Dialog>
  );
}
