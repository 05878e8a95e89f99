/** What has the focus may be removed by what it does. The focus goes on to what it was in then, never to nothing. */
import { useEffect } from 'react';

/** Whether it can be seen and take the focus. */
const takes = (part: HTMLElement) => part.isConnected && part.getClientRects().length > 0;

export function useFocusKept(): void {
  useEffect(() => {
    /** What held the focus last, from the inside out: the parts round it that can take it. */
    let round: HTMLElement[] = [];
    const focused = (event: FocusEvent) => {
      // A dialog or menu gives it back to what was before it.
      if ((event.target as Element).closest('[role="dialog"], [role="menu"], [role="listbox"]')) return;
      round = [];
      for (let part = event.target as HTMLElement | null; part; part = part.parentElement)
        if (part.tabIndex >= -1 && part.hasAttribute('tabindex')) round.push(part);
    };
    const look = () => {
      if (round.length === 0 || document.activeElement !== document.body) return;
      const next = round.find(takes) ?? document.getElementById('main');
      next?.focus({ preventScroll: true });
    };
    // A part that goes takes its focus along without a word, so it is looked for after each change of the page.
    // After the page is drawn: to look at it before would hold it up.
    let due = false;
    const soon = () => {
      if (due || document.activeElement !== document.body) return;
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
    watch.observe(root, { childList: true, subtree: true });
    document.addEventListener('focusin', focused);
    // A click on the ground is meant to leave what had the focus.
    const leave = () => {
      round = [];
    };
    document.addEventListener('pointerdown', leave);
    return () => {
      watch.disconnect();
      document.removeEventListener('focusin', focused);
      document.removeEventListener('pointerdown', leave);
    };
  }, []);
}
