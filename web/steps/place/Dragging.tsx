/**
 * Supplies, or all that a place holds, dragged from place to place. What changes with every step of the hand is kept here, so
 * that the drawing and the sheet are not drawn anew.
 */
import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragStartEvent,
} from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import type { Alternative } from '@heronstone/core/ask/alternatives.ts';
import type { Effect } from '@heronstone/core/ask/tryOut.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { engine } from '../../engine/client.ts';
import { notice, useStore } from '../../state/store.ts';
import { DragNote } from './DragNote.tsx';
import { contentsChanges, isContents, moveAll, moveSupply, type Dragged } from './moves.ts';

export function Dragging({ children }: { children: ReactNode }) {
  const [dragged, setDragged] = useState<{
    what: Dragged;
    places: Map<string, Alternative> | null;
    effect: Effect | null;
  } | null>(null);
  const [over, setOver] = useState<string | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, WITH_THE_HAND));
  const start = (event: DragStartEvent) => {
    const what = event.active.data.current as Dragged;
    setDragged({ what, places: null, effect: null });
    if (isContents(what)) return;
    void engine
      .alternatives(what.supply, what.count, what.placement, 'planned')
      .then((list) => setDragged((d) => d && { ...d, places: new Map(list.map((a) => [a.compartment, a])) }));
  };
  const hover = (id: string | null) => {
    setOver(id);
    if (!dragged || !isContents(dragged.what)) return;
    const target = placeOf(useStore.getState().report, id);
    setDragged({ ...dragged, effect: null });
    const changes = target ? contentsChanges(dragged.what.opening, target) : [];
    if (changes.length > 0)
      void engine
        .tryOut(changes, 'planned')
        .then((effect) => setDragged((d) => d && { ...d, effect }))
        .catch(() => {});
  };
  const end = (event: DragEndEvent) => {
    setDragged(null);
    setOver(null);
    if (!event.over) return;
    const what = event.active.data.current as Dragged;
    const to = String(event.over.id);
    // The hand is let go first, then the thing is moved: together they would hold up the window for twice as long.
    setTimeout(() => {
      if (!isContents(what)) return void moveSupply(what, to, dragged?.places?.get(to)?.fits);
      const target = placeOf(useStore.getState().report, to);
      if (target) moveAll(what, target);
    });
  };
  return (
    <DndContext
      sensors={sensors}
      // The place under the pointer, not the one under the note that rides along.
      collisionDetection={pointerWithin}
      autoScroll={AUTO_SCROLL}
      onDragStart={start}
      onDragOver={(e) => hover(e.over ? String(e.over.id) : null)}
      onDragEnd={end}
      onDragCancel={() => {
        setDragged(null);
        setOver(null);
        notice('Nothing was moved.');
      }}
    >
      {children}
      <DragNote dragged={dragged} over={over} />
    </DndContext>
  );
}

// The same objects at every drawing: new ones would make every place be drawn anew.
const WITH_THE_HAND = { activationConstraint: { distance: 5 } };
const AUTO_SCROLL = { threshold: { x: 0.12, y: 0 } };
