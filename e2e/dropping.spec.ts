/** Whatever is dropped lands at what is under the pointer: random targets, at three zooms, with mouse and finger. */
import type { CDPSession, Page } from '@playwright/test';
import { runs } from '@heronstone/testing/runs.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';

/** Targets for each view, zoom and kind of hand. */
const TARGETS = runs(1, 40);
/** The same between two boxes. */
const BOXES = runs(1, 25);

/** A small generator of numbers from 0 to 1, always the same from a seed (mulberry32, public domain). */
function random(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

interface Spot {
  id: string;
  name: string;
  x: number;
  y: number;
}

/** A random point of a random thing in the frame, and what is drawn uppermost there, by the shapes alone. */
const spot = (page: Page, selector: string, shares: readonly [number, number, number]): Promise<Spot> =>
  page.evaluate(
    ([wanted, [which, across, down]]) => {
      const frame = document.querySelector('[data-scrolls]')!.getBoundingClientRect();
      const shapes = [...document.querySelectorAll<SVGGElement>(`[data-scrolls] ${wanted}`)].flatMap((g) => {
        const shape = [...g.querySelectorAll<SVGGeometryElement>('rect, path')].find(
          (s) => getComputedStyle(s).pointerEvents !== 'none',
        );
        // What is thinner than a finger sees is not aimed at.
        const box = shape?.getBoundingClientRect();
        return shape && box!.width > 6 && box!.height > 6 ? [{ g, shape }] : [];
      });
      const { shape } = shapes[Math.floor(which * shapes.length)]!;
      shape.scrollIntoView({ block: 'center', inline: 'center' });
      const r = shape.getBoundingClientRect();
      const [left, right] = [Math.max(r.left, frame.left + 4), Math.min(r.right, frame.right - 20)];
      const [top, bottom] = [Math.max(r.top, frame.top + 4), Math.min(r.bottom, frame.bottom - 20)];
      const x = left + 2 + across * (right - left - 4);
      const y = top + 2 + down * (bottom - top - 4);
      const upper = shapes
        .filter(({ shape: s }) => {
          const at = new DOMPoint(x, y).matrixTransform(s.getScreenCTM()!.inverse());
          return s.isPointInFill(at) || s.isPointInStroke(at);
        })
        .at(-1)!.g;
      const title = upper.querySelector('title')!.textContent!;
      return {
        id: upper.getAttribute('data-place') ?? upper.getAttribute('data-unit')!,
        name: wanted.includes('place') ? title.slice(0, title.lastIndexOf(': ')) : title,
        x,
        y,
      };
    },
    [selector, shares] as const,
  );

type Hand = (from: { x: number; y: number }, to: { x: number; y: number }) => Promise<void>;
const mouse =
  (page: Page): Hand =>
  async (from, to) => {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + 9, from.y + 3);
    await page.mouse.move(to.x, to.y, { steps: 3 });
    await page.mouse.up();
  };
const finger =
  (page: Page, cdp: CDPSession): Hand =>
  async (from, to) => {
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
      cdp.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ x: at.x, y: at.y }] : [] });
    await touch('touchStart', from);
    // A finger rests before it drags.
    await page.locator('[data-drag-note]').waitFor();
    await touch('touchMove', { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 });
    await touch('touchMove', to);
    await touch('touchEnd');
  };

/** The middle of the row in the sheet that is dragged. */
async function row(page: Page): Promise<{ x: number; y: number }> {
  const line = page.getByRole('complementary').locator('li[data-drag]').first();
  await line.scrollIntoViewIfNeeded();
  const box = (await line.boundingBox())!;
  return { x: box.x + 60, y: box.y + Math.min(box.height / 2, 14) };
}

async function place(page: Page, address: string, view: 'above' | 'round'): Promise<void> {
  await page.goto(`${address}/plan/demo/place?show=without`);
  await page.locator('[data-place]').first().waitFor();
  if (view === 'above') await page.getByRole('tab', { name: /^(From a|A)bove$/ }).click();
  await page.getByRole('complementary').locator('li[data-drag]').first().waitFor();
}

/** Presses keys of the frame until it has the zoom. */
async function zoomed(page: Page, keys: readonly string[]): Promise<void> {
  const frame = page.locator('[data-scrolls]').first();
  await frame.focus();
  for (const key of keys) await frame.press(key);
  await settled(page);
}
const ZOOMS = { round: [['0'], [], ['+', '+', '+']], above: [[], ['+', '+'], ['+', '+', '+', '+', '+']] } as const;

async function drops(page: Page, address: string, view: 'above' | 'round', hand: Hand, seed: number): Promise<void> {
  const next = random(seed);
  for (const [i, keys] of ZOOMS[view].entries()) {
    await place(page, address, view);
    await zoomed(page, keys);
    for (let n = 0; n < TARGETS; n++) {
      const to = await spot(page, view === 'round' ? '[data-place]' : '[data-unit]', [next(), next(), next()]);
      const case_ = `${view}, zoom ${i + 1}, target ${n + 1}: ${to.name} at ${Math.round(to.x)}, ${Math.round(to.y)}`;
      await hand(await row(page), to);
      if (view === 'round') {
        // It says where it went, or that it does not fit there.
        await expect(messages(page).getByText(`${to.name}`).first(), case_).toBeVisible();
        await page.locator('[data-notice]').first().waitFor();
        for (const close of await page.getByRole('button', { name: 'Close this message' }).all())
          await close.click({ timeout: 1000 }).catch(() => undefined);
        await page.keyboard.press('Escape');
      } else {
        // Which of its places is asked, unless it has one alone.
        const dialog = page.getByRole('dialog');
        await expect(dialog.getByRole('combobox').or(messages(page).getByText(to.name)).first(), case_).toBeVisible();
        if (await dialog.isVisible()) {
          await expect(dialog.getByRole('combobox'), case_).toHaveValue(to.name);
          await page.keyboard.press('Escape');
        } else await place(page, address, view);
      }
      await expect(page.getByRole('complementary').locator('li[data-drag]').first()).toBeVisible();
    }
  }
}

/** Things go from one box of a cubby to random points of the other: what is dropped lies in the one under the hand. */
async function between(page: Page, address: string, hand: Hand, seed: number): Promise<void> {
  const box = (id: string) =>
    page.locator('[data-scrolls] g[data-into]').filter({ has: page.locator(`[data-container="${id}"]`) });
  const next = random(seed);
  for (const [i, keys] of [[], ['+'], ['+', '+']].entries())
    for (let n = 0; n < BOXES; n++) {
      await page.goto(`${address}/plan/demo/place`);
      await page.locator('[data-place="cubes/c1r1"]').press('Enter');
      await page.getByRole('tab', { name: 'Inside' }).click();
      await zoomed(page, keys);
      const scrolls = page.locator('[data-scrolls]').first();
      // Where the two boxes meet is in the middle.
      await scrolls.evaluate((f) => f.scrollTo((f.scrollWidth - f.clientWidth) / 2, f.scrollHeight));
      const frame = (await scrolls.boundingBox())!;
      /** The part of something that is in the frame. */
      const seen = async (of: ReturnType<typeof box>) => {
        const r = (await of.boundingBox())!;
        const [left, right] = [Math.max(r.x, frame.x), Math.min(r.x + r.width, frame.x + frame.width - 20)];
        const [top, bottom] = [Math.max(r.y, frame.y), Math.min(r.y + r.height, frame.y + frame.height - 20)];
        return {
          area: Math.max(0, right - left) * Math.max(0, bottom - top),
          at: (across: number, down: number) => ({
            x: left + (right - left) * across,
            y: top + (bottom - top) * down,
          }),
        };
      };
      // The thing of which most is seen at this zoom.
      const things = await box('bin-left').locator('[data-thing][data-drag]').all();
      const parts = await Promise.all(things.map(seen));
      const thing = parts.reduce((a, b) => (b.area > a.area ? b : a));
      const to = (await seen(box('bin-right'))).at(0.1 + 0.8 * next(), 0.1 + 0.8 * next());
      await hand(thing.at(0.8, 0.7), to);
      await expect(
        messages(page)
          .getByText(/(moved to|fit in|fits in) .*Right bin/)
          .first(),
        `zoom ${i + 1}, target ${n + 1} at ${Math.round(to.x)}, ${Math.round(to.y)}`,
      ).toBeVisible();
      await page.getByRole('button', { name: 'Undo this step' }).last().click();
      await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    }
}

test('with the mouse, inside a place: a thing lies in the box under the pointer', LONG, async ({ page, server }) => {
  await between(page, server.address, mouse(page), 9);
});
test.describe('with a finger on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true, isMobile: true });
  test('inside a place: a thing lies in the box under the finger', LONG, async ({ page, server }) => {
    await between(page, server.address, finger(page, await page.context().newCDPSession(page)), 10);
  });
});

for (const view of ['round', 'above'] as const) {
  test(
    `with the mouse, ${view}: what is dropped lands under the pointer`,
    view === 'above' ? LONG : {},
    async ({ page, server }) => {
      await drops(page, server.address, view, mouse(page), 7);
    },
  );
  test.describe('with a finger', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    test(`${view}: what is dropped lands under the finger`, LONG, async ({ page, server }) => {
      await drops(page, server.address, view, finger(page, await page.context().newCDPSession(page)), 8);
    });
  });
}
