/**
 * What has the focus may be removed, or disabled for a while, by what it does. The focus goes on to what it was in then, or to
 * the sheet that took the place of its sheet, never to nothing; and back to what can be used again.
 */
import { useEffect } from 'react';

/** Whether it can be seen and take the focus. */
const takes = (part: HTMLElement) => part.isConnected && part.getClientRects().length > 0 && !part.matches(':disabled');

export function useFocusKept(): void {
  useEffect(() => {
    /** What held the focus last. */
    let last: HTMLElement | null = null;
    /** From the inside out: the parts round it that can take it. */
    let round: HTMLElement[] = [];
    let inSheet = false;
    /** Where the focus waits for what cannot be used at present. */
    let waits: { at: HTMLElement; for: HTMLElement } | null = null;
    const focused = (event: FocusEvent) => {
      const to = event.target as HTMLElement;
      // A dialog or menu gives it back to what was before it.
      if (to.closest('[role="dialog"], [role="menu"], [role="listbox"]')) return;
      if (to !== waits?.at) waits = null;
      last = to;
      inSheet = to.closest('[data-sheet]') !== null;
      round = [];
      for (let part: HTMLElement | null = to; part; part = part.parentElement)
        if (part.hasAttribute('tabindex') && part.id !== 'main') round.push(part);
    };
    const look = () => {
      if (waits && document.activeElement === waits.at && takes(waits.for))
        return waits.for.focus({ preventScroll: true });
      if (last === null || document.activeElement !== document.body) return;
      const next =
        [last, ...round].find(takes) ??
        (inSheet ? document.querySelector<HTMLElement>('[data-sheet]') : null) ??
        document.getElementById('main');
      if (next && last.isConnected && last.matches(':disabled')) waits = { at: next, for: last };
      next?.focus({ preventScroll: true });
    };
    // A part that goes takes its focus along without a word, so it is looked for after each change of the page.
    // After the page is drawn: to look at it before would hold it up.
    let due = false;
    const soon = () => {
      if (due || (document.activeElement !== document.body && waits === null && last?.matches(':disabled') !== true))
        return;
      due = true;
      requestAnimationFrame(() =>
        setTimeout(() => {
          due = false;
          look();
        }),
      );
    };
    const watch = new MutationObserver(soon);
    const root = document.getElementById('root')!;
    watch.observe(root, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    document.addEventListener('focusin', focused);
    // A click on the ground is meant to leave what had the focus.
    const leave = () => {
      [last, round, waits] = [null, [], null];
    };
    document.addEventListener('pointerdown', leave);
    return () => {
      watch.disconnect();
      document.removeEventListener('focusin', focused);
      document.removeEventListener('pointerdown', leave);
    };
  }, []);
}
