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

interface TraceEvent {
  name: string;
  ph: string;
  pid: number;
  tid: number;
  dur?: number;
  args?: { name?: string };
}

/** Longest task of any page's main thread in a trace, ms. */
export function longestTask(trace: Buffer): number {
  const { traceEvents } = JSON.parse(trace.toString()) as { traceEvents: TraceEvent[] };
  const main = new Set(
    traceEvents
      .filter((e) => e.name === 'thread_name' && e.args?.name === 'CrRendererMain')
      .map((e) => `${e.pid}/${e.tid}`),
  );
  const tasks = traceEvents.filter((e) => e.name.endsWith('RunTask') && e.ph === 'X' && main.has(`${e.pid}/${e.tid}`));
  if (tasks.length < 20) throw new Error('The trace has no tasks of a main thread.');
  return Math.max(...tasks.map((e) => (e.dur ?? 0) / 1000));
}
