/** What a hand holds over the drawing, and the place under it. Beside the plan: it changes with every step of the hand. */
import { create } from 'zustand';
import type { Opening } from '@heronstone/core/gestures/byHand.ts';
import type { Moving } from '@heronstone/core/gestures/moveThing.ts';

export type { Moving };

/** All that is planned in an opening of furniture. */
export interface Contents {
  opening: Opening;
  name: string;
}
export type Dragged = Moving | Contents;
export const isContents = (what: Dragged): what is Contents => 'opening' in what;

/**
 * `cancelDrag` ends it where it is, without anything moved.
 * @property over the place (`unit/slot`) or, from above, the piece of furniture that is under the hand
 */
export const useHeld = create<{ what: Dragged | null; over: string | null; cancelDrag: () => void }>(() => ({
  what: null,
  over: null,
  cancelDrag: () => {},
}));

/** Marks a part of the page as something that can be dragged. */
export const drags = (what: Dragged) => ({ 'data-drag': JSON.stringify(what) });

/** What is dragged by this part of the page, and the part that stands for it; null for nothing. */
export function draggedBy(at: Element | null): { what: Dragged; part: Element } | null {
  const part = at?.closest('[data-drag]');
  return part ? { what: JSON.parse(part.getAttribute('data-drag')!) as Dragged, part } : null;
}

/** What says which place a part of a drawing is: a place from inside, its front, a piece from above. */
const PLACES = ['data-into', 'data-place', 'data-unit'];

/**
 * The place or piece of furniture that is seen at a point of the window, pixels. A sheet or a bar over the drawing hides it; a
 * seat, an area or words that are drawn over it do not.
 */
export function placeAt(x: number, y: number): string | null {
  for (const part of document.elementsFromPoint(x, y)) {
    const drawing = part.closest('svg, [data-scrolls]');
    if (!drawing) return null;
    const place = part.closest('[data-into], [data-place], [data-unit]');
    if (place) return PLACES.map((name) => place.getAttribute(name)).find((id) => id) ?? null;
    if (drawing === part) return null;
  }
  return null;
}
