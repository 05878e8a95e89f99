/** Waiting for the page to be at rest: a state, whatever the machine takes for it, not a time. */
import type { Page } from '@playwright/test';

/** Until three frames in a row changed nothing on the page and nothing glides. */
export async function settled(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        let changed = false;
        let calm = 0;
        const watch = new MutationObserver(() => (changed = true));
        watch.observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
        const look = () => {
          const glides = document.getAnimations().some((a) => a.playState === 'running');
          calm = changed || glides ? 0 : calm + 1;
          changed = false;
          if (calm < 3) return void requestAnimationFrame(look);
          watch.disconnect();
          done();
        };
        requestAnimationFrame(look);
      }),
  );
}
