/** Every step at every width: nothing covers another, nothing sticks out, the drawing has its height. */
import type { Page } from '@playwright/test';
import { faultsOf } from './coveredControls.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { ALL } from './long.ts';
import { words } from './words.ts';

/** Width, height, and how high the drawing is at least. */
const ALL_WINDOWS: ReadonlyArray<readonly [number, number, number]> = [
  [390, 844, 250],
  [600, 900, 300],
  [768, 1024, 500],
  [820, 1180, 600],
  [844, 390, 200],
  [1024, 768, 500],
  [1180, 820, 560],
  [1280, 800, 620],
  [1920, 1080, 880],
];
/** A phone and a large window, in the steps with the most on a page; all of them in the long run. */
const WINDOWS = ALL_WINDOWS.filter(([width]) => ALL || [390, 1280].includes(width));
const ALL_STEPS = ['measure', 'activities', 'sort', 'furnish', 'place', 'move', 'label', 'find', 'keep'] as const;
const STEPS = ALL_STEPS.filter((step) => ALL || ['sort', 'furnish', 'place', 'find'].includes(step));
const WITH_DRAWING: ReadonlySet<string> = new Set(['measure', 'furnish', 'place']);

/** The figures are there, and the window is at rest. */
async function atRest(page: Page): Promise<void> {
  await page.waitForFunction(() => performance.getEntriesByName('heronstone figures').length > 0);
  await settled(page);
}

for (const steps of [STEPS.slice(0, 4), STEPS.slice(4)].filter((some) => some.length > 0))
  test(`at every width nothing covers another, and the drawing has its height: ${steps.join(', ')}`, async ({
    page,
    server,
  }) => {
    const faults: string[] = [];
    for (const step of steps) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await go(page, server.address, `/plan/demo/${step}`);
      await atRest(page);
      for (const [width, height, drawing] of WINDOWS) {
        await page.setViewportSize({ width, height });
        await settled(page);
        const at = `${step} at ${width} x ${height}`;
        faults.push(...(await faultsOf(page, null)).map((f) => `${at}: ${f}`));
        if (!WITH_DRAWING.has(step)) continue;
        const frame = page.getByRole('region', { name: words.region.theRoom }).locator('[data-scrolls]');
        const { height: high } = (await frame.boundingBox())!;
        if (high < drawing) faults.push(`${at}: the drawing is ${Math.round(high)} high, not ${drawing}`);
      }
    }
    expect(faults).toEqual([]);
  });

test('the first page at every width', async ({ page, server }) => {
  await page.goto(server.address);
  await page.getByRole('link', { name: /Puppet workshop/ }).waitFor();
  const faults: string[] = [];
  for (const [width, height] of WINDOWS) {
    await page.setViewportSize({ width, height });
    await settled(page);
    faults.push(...(await faultsOf(page, null)).map((f) => `${width} x ${height}: ${f}`));
  }
  expect(faults).toEqual([]);
});

test.describe('with fingers', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('what is tapped on a phone is 44 pixels', async ({ page, server }) => {
    const faults: string[] = [];
    for (const step of STEPS.filter((s) => s !== 'activities' && s !== 'label')) {
      await go(page, server.address, `/plan/demo/${step}`);
      await atRest(page);
      faults.push(...(await faultsOf(page, 44)).map((f) => `${step}: ${f}`));
    }
    expect(faults).toEqual([]);
  });
});
