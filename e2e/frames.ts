/** Times between frames while something is done, for tests that report how fluid it is. */
import type { Page } from '@playwright/test';

/** @returns ms between frames, shortest first */
export async function frames(page: Page, work: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const w = window as unknown as { frames: number[]; measuring: boolean };
    w.frames = [];
    w.measuring = true;
    let last = performance.now();
    const tick = (now: number) => {
      w.frames.push(now - last);
      last = now;
      if (w.measuring) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await work();
  const times = await page.evaluate(() => {
    const w = window as unknown as { frames: number[]; measuring: boolean };
    w.measuring = false;
    return w.frames;
  });
  return times.slice(1).sort((a, b) => a - b);
}

export const p95 = (times: readonly number[]): number => times[Math.floor(times.length * 0.95)]!;
