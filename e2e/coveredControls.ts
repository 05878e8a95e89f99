/** What can be seen to be wrong with the boxes of a page: controls that cover each other, and what sticks out sideways. */
import type { Page } from '@playwright/test';

/**
 * Looks at every control that is in view.
 * @param targets least size of a control on a touch screen, pixels; null where there is a mouse
 * @returns one line for each fault
 */
export const faultsOf = (page: Page, targets: number | null): Promise<string[]> =>
  page.evaluate((least) => {
    const faults: string[] = [];
    const root = document.documentElement;
    if (root.scrollWidth > innerWidth) faults.push(`the page is ${root.scrollWidth} wide`);
    const main = document.getElementById('main');
    for (const part of main
      ? [main, ...main.querySelectorAll(':scope > :not(h1, [data-radix-popper-content-wrapper])')]
      : [])
      if (part.scrollWidth > part.clientWidth + 1 && !part.hasAttribute('data-scrolls'))
        faults.push(`${part.tagName} “${part.getAttribute('aria-label') ?? ''}” scrolls sideways`);
    const name = (e: Element) =>
      `${e.tagName.toLowerCase()} “${(e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 40)}”`;
    /** The part of it that is not cut off by what scrolls. */
    const seen = (e: Element) => {
      const r = e.getBoundingClientRect();
      let [left, top, right, bottom] = [r.left, r.top, r.right, r.bottom];
      for (let p = e.parentElement; p; p = p.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(p);
        const b = p.getBoundingClientRect();
        if (overflowX !== 'visible') [left, right] = [Math.max(left, b.left), Math.min(right, b.right)];
        if (overflowY !== 'visible') [top, bottom] = [Math.max(top, b.top), Math.min(bottom, b.bottom)];
      }
      return {
        whole: right - left > r.width - 2 && bottom - top > r.height - 2 && r.width > 0,
        x: (left + right) / 2,
        y: (top + bottom) / 2,
        r,
      };
    };
    const controls = [
      ...document.querySelectorAll<HTMLElement>(
        'a[href], button, input, select, textarea, summary, [role="tab"], [role="slider"]',
      ),
    ].filter((e) => {
      // What only a screen reader reads has one pixel; a label may stand for a hidden field.
      return (
        e.checkVisibility({ visibilityProperty: true }) &&
        !e.closest('.sr-only, [aria-hidden="true"], [inert]') &&
        e.offsetWidth > 2
      );
    });
    for (const e of controls) {
      const { whole, x, y, r } = seen(e);
      if (!whole) continue;
      if (r.left < -1 || r.right > innerWidth + 1) faults.push(`${name(e)} sticks out`);
      const over = document.elementFromPoint(x, y);
      if (over && !e.contains(over) && !over.contains(e) && !over.closest('label')?.contains(e))
        faults.push(`${name(e)} is covered by ${name(over)}`);
      if (least === null) continue;
      const box = (e.matches('input[type="checkbox"], input[type="radio"]') ? e.closest('label') : null) ?? e;
      const b = box.getBoundingClientRect();
      // Words within a sentence are as high as the line (WCAG 2.2, 2.5.8).
      const inline = getComputedStyle(e).display === 'inline';
      if (!inline && Math.min(b.width, b.height) < least - 0.5)
        faults.push(`${name(e)} is ${Math.round(b.width)} × ${Math.round(b.height)}`);
    }
    return faults;
  }, targets);
