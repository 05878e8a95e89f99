/** One tab stop for many parts that lie beside each other: the arrow keys go to the nearest one in their direction. */
import { useEffect, type FocusEvent, type KeyboardEvent, type RefObject } from 'react';

const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/**
 * Which of some boxes is next in a direction: the nearest whose middle lies that way, where what lies aside counts double.
 * @returns its index, or -1
 */
export function nextBox(from: Box, boxes: readonly Box[], [dx, dy]: readonly [number, number]): number {
  const middle = (b: Box) => [(b.left + b.right) / 2, (b.top + b.bottom) / 2] as const;
  const [x, y] = middle(from);
  let best = -1;
  let least = Infinity;
  boxes.forEach((box, i) => {
    const [bx, by] = middle(box);
    const ahead = (bx - x) * dx + (by - y) * dy;
    const aside = Math.abs((bx - x) * dy) + Math.abs((by - y) * dx);
    if (ahead <= 1 || ahead + 2 * aside >= least) return;
    best = i;
    least = ahead + 2 * aside;
  });
  return best;
}

/** @param selector the parts, each with `tabIndex={-1}` */
export function useRoving(frame: RefObject<HTMLElement | null>, selector: string) {
  // Whichever was reached last is the tab stop; the first one before that.
  useEffect(() => {
    const box = frame.current;
    if (box && !box.querySelector(`${selector}[tabindex="0"]`))
      box.querySelector(selector)?.setAttribute('tabindex', '0');
  });
  return {
    onFocus: (event: FocusEvent) => {
      const part = event.target.closest(selector);
      if (!part) return;
      for (const other of frame.current?.querySelectorAll(`${selector}[tabindex="0"]`) ?? [])
        if (other !== part) other.setAttribute('tabindex', '-1');
      part.setAttribute('tabindex', '0');
    },
    onKeyDown: (event: KeyboardEvent) => {
      const way = WAYS[event.key];
      const part = (event.target as Element).closest(selector);
      if (!way || !part || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
      event.preventDefault();
      const all = [...(frame.current?.querySelectorAll<SVGGElement>(selector) ?? [])];
      const next = nextBox(
        part.getBoundingClientRect(),
        all.map((p) => p.getBoundingClientRect()),
        way,
      );
      all[next]?.focus();
    },
  };
}
