/**
 * Supplies, or all that a place holds, dragged from place to place with mouse or finger (a finger rests for a moment first).
 * What changes with every step of the hand is kept beside the plan, so that the drawing and the sheet are not drawn again.
 */
import { useDrag } from '@use-gesture/react';
import { useEffect, useRef, useState, type MouseEvent, type ReactNode } from 'react';
import type { Alternative } from '@heronstone/core/ask/alternatives.ts';
import type { Effect } from '@heronstone/core/ask/tryOut.ts';
import { placeOf } from '@heronstone/core/report/placeOf.ts';
import { engine } from '../../engine/client.ts';
import { draggedBy, isContents, placeAt, useHeld, type Dragged } from '../../state/held.ts';
import { notice, useStore } from '../../state/state.ts';
import { DragNote } from './DragNote.tsx';
import { contentsChanges } from '@heronstone/core/gestures/moveThing.ts';
import { dropSupply, moveAll } from './handMoves.ts';

/** How long a finger rests before it drags instead of scrolling, ms; how far a mouse may tremble, pixels. */
const REST = 250;
const TREMBLE = 5;
/** At which share of its width a drawing scrolls along with the hand, and how fast, pixels in a step of 16 ms. */
const EDGE = 0.1;
const SPEED = 10;
/** How long it stays there first, ms. */
const STAY = 350;

interface Hand {
  what: Dragged;
  /** What each place would cost; for one supply. */
  places: Map<string, Alternative> | null;
}

export function Dragging({
  children,
  onUnit,
}: {
  children: ReactNode;
  /** Something was let go over a piece of furniture that has several places. */
  onUnit: (what: Dragged, unit: string) => void;
}) {
  const [hand, setHand] = useState<Hand | null>(null);
  const at = useRef({ x: 0, y: 0 });
  const part = useRef<Element | null>(null);
  const dragged = useRef(false);
  const found = useRef<ReturnType<typeof draggedBy>>(null);

  const pickUp = (what: Dragged, from: Element, cancel: () => void) => {
    dragged.current = true;
    from.setAttribute('data-held', '');
    part.current = from;
    useHeld.setState({ what, over: null, cancelDrag: cancel });
    setHand({ what, places: null });
    if (isContents(what)) return;
    void engine
      .alternatives(what.supply, what.count, what.placement, 'planned')
      .then((list) => setHand((h) => h && { ...h, places: new Map(list.map((a) => [a.compartment, a])) }))
      .catch(() => {}); // the note goes on without what it would cost
  };
  const hover = () => {
    const over = placeAt(at.current.x, at.current.y);
    if (over !== useHeld.getState().over) useHeld.setState({ over });
  };
  /** The click that ends a drag chooses nothing. */
  const noClick = {
    onPointerDownCapture: () => {
      dragged.current = false;
    },
    onClickCapture: (event: MouseEvent) => {
      if (dragged.current) event.stopPropagation();
    },
  };
  const cancelDrag = () => {
    part.current?.removeAttribute('data-held');
    part.current = null;
    useHeld.setState({ what: null, over: null, cancelDrag: () => {} });
    setHand(null);
  };
  const drop = (what: Dragged, to: string, places: Hand['places']) => {
    const { plan, report } = useStore.getState();
    const inside = report?.compartments.filter((c) => c.unit === to && c.within === null) ?? [];
    const target = placeOf(report, to) ?? (inside.length === 1 ? inside[0]! : null);
    if (!target)
      return inside.length > 1
        ? onUnit(what, to)
        : notice(`${plan?.units[to]?.name ?? 'This'} has no place for things.`, 'error');
    if (isContents(what)) return moveAll(what, target);
    dropSupply(what, target.id, places?.get(target.id)?.fits).catch((cause: unknown) =>
      notice(`Nothing was moved: ${cause instanceof Error ? cause.message : String(cause)}`, 'error'),
    );
  };
  const bind = useDrag(
    ({ first, last, canceled, initial, xy, distance, event, cancel }) => {
      if (first) {
        found.current = draggedBy(document.elementFromPoint(...initial));
        if (!found.current) return cancel();
      }
      // A finger has rested by now; a mouse may tremble.
      const means = (event as PointerEvent).pointerType === 'touch' || Math.hypot(...distance) > TREMBLE;
      if (found.current && means && !last) {
        pickUp(found.current.what, found.current.part, cancel);
        found.current = null;
      }
      const { what } = useHeld.getState();
      if (!what) return;
      at.current = { x: xy[0], y: xy[1] };
      hover();
      if (!last) return;
      const { over } = useHeld.getState();
      const places = hand?.places ?? null;
      cancelDrag();
      // The hand is let go first, then the thing is moved: together they would hold up the window for twice as long.
      // A finger that only rested has opened the menu.
      if (canceled && Math.hypot(...distance) > TREMBLE) notice('Nothing was moved.');
      else if (!canceled && over) setTimeout(() => drop(what, over, places));
    },
    { preventScroll: REST, pointer: { keys: false } },
  );

  const held = hand !== null;
  useEffect(() => {
    if (!held) return;
    const key = (event: KeyboardEvent) => event.key === 'Escape' && useHeld.getState().cancelDrag();
    window.addEventListener('keydown', key);
    let since = Infinity;
    const along = setInterval(() => {
      const way = edgeAt(at.current.x, at.current.y);
      since = way ? Math.min(since, Date.now()) : Infinity;
      // On its way through the edge a hand does not scroll.
      if (!way || Date.now() - since < STAY) return;
      way.box.scrollLeft += way.by;
      hover();
    }, 16);
    return () => {
      window.removeEventListener('keydown', key);
      clearInterval(along);
    };
  }, [held]);

  return (
    <div className="contents" {...noClick} {...bind()}>
      {children}
      {hand && <Carried hand={hand} at={at} />}
    </div>
  );
}

/** Which way the drawing under the hand scrolls when the hand stays near its side; null elsewhere. */
function edgeAt(x: number, y: number): { box: Element; by: number } | null {
  const box = document.elementFromPoint(x, y)?.closest('[data-scrolls]');
  if (!box) return null;
  const { left, width } = box.getBoundingClientRect();
  const share = (x - left) / width;
  return share < EDGE ? { box, by: -SPEED } : share > 1 - EDGE ? { box, by: SPEED } : null;
}

/** The note beside the hand; it hears which place is under it, and follows it without being drawn again. */
function Carried({ hand, at }: { hand: Hand; at: React.RefObject<{ x: number; y: number }> }) {
  const over = useHeld((s) => s.over);
  const [effect, setEffect] = useState<Effect | null>(null);
  const note = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const follow = () => {
      const box = note.current!;
      // On the side of the hand on which there is room.
      const left =
        at.current.x + 16 + box.offsetWidth > innerWidth ? at.current.x - 16 - box.offsetWidth : at.current.x + 16;
      const top = Math.max(8, Math.min(at.current.y + 12, innerHeight - box.offsetHeight - 8));
      box.style.transform = `translate(${Math.max(8, left)}px, ${top}px)`;
    };
    follow();
    window.addEventListener('pointermove', follow);
    return () => window.removeEventListener('pointermove', follow);
  }, [at, over, hand, effect]);
  useEffect(() => {
    setEffect(null);
    const { plan, report } = useStore.getState();
    const target = placeOf(report, over);
    const changes =
      isContents(hand.what) && target && plan && report ? contentsChanges(plan, report, hand.what.opening, target) : [];
    if (changes.length === 0) return;
    let current = true;
    engine
      .tryOut(changes, 'planned')
      .then((value) => current && setEffect(value))
      .catch(() => {}); // the note goes on without it
    return () => {
      current = false;
    };
  }, [over, hand.what]);
  return (
    <div ref={note} className="pointer-events-none fixed top-0 left-0 z-50">
      <DragNote what={hand.what} places={hand.places} effect={effect} over={over} />
    </div>
  );
}
