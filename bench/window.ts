/**
 * What a person waits for, through the real window: the interface in Chromium, its worker, the messages between them, the
 * server. Each figure is the time from a change of the plan to its figures in the window, as a ratio to the first evaluation
 * after opening the plan, in the same run.
 */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Browser, type Page } from '@playwright/test';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { startServer } from '@heronstone/server/startServer.ts';
import { largePlan } from '@heronstone/testing/largePlan.ts';
import { CHROMIUM } from '../e2e/chromium.ts';
import { longestTask } from '../e2e/frames.ts';
import { words } from '../e2e/words.ts';
import { scattered } from './scattered.ts';

const WEB = fileURLToPath(new URL('../web/dist', import.meta.url));
/** Gestures of each kind, of which the middle one counts. */
const TIMES = 9;

const middle = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;

/** The times that the window measured from a change to its figures, ms. */
const measured = (page: Page) =>
  page.evaluate(() => performance.getEntriesByName('heronstone figures').map((e) => e.duration));

/** Does something and waits for the figures that follow. @returns ms */
async function figuresOf(page: Page, gesture: () => Promise<void>): Promise<number> {
  const before = (await measured(page)).length;
  await gesture();
  for (let waited = 0; waited < 30_000; waited += 20) {
    const now = await measured(page);
    if (now.length > before) return now[before]!;
    await page.waitForTimeout(20);
  }
  throw new Error(`No figures came after ${gesture.toString()}`);
}

/** Waits for the first figures of a page. */
async function ready(page: Page): Promise<void> {
  await page.waitForFunction(() => performance.getEntriesByName('heronstone figures').length > 0);
}

async function opened(browser: Browser, address: string): Promise<{ page: Page; cold: number }> {
  const page = await browser.newPage({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  });
  page.setDefaultTimeout(30_000);
  await page.goto(address);
  await ready(page);
  return { page, cold: (await measured(page))[0]! };
}

async function longest(browser: Browser, page: Page, work: () => Promise<void>): Promise<number> {
  await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline', '__metadata'] });
  await work();
  return longestTask(await browser.stopTracing());
}

interface Case {
  name: string;
  plan: Plan;
  /** A place with something in it, another one, a piece of furniture. */
  from: string;
  to: string;
  unit: string;
}

async function bench(browser: Browser, address: string, { name, plan, from, to, unit }: Case) {
  const at = `${address}/plan/${plan.meta.id}`;
  // Before, between and after the gestures, since a machine is not always as fast.
  const colds: number[] = [];
  const coldAgain = async () => {
    for (let i = 0; i < 3; i++) {
      const { page, cold } = await opened(browser, `${at}/place`);
      colds.push(cold);
      await page.close();
    }
  };
  await coldAgain();
  const times = async (page: Page, gesture: (i: number) => Promise<void>) => {
    const all: number[] = [];
    for (let i = 0; i < TIMES; i++) all.push(await figuresOf(page, () => gesture(i)));
    return middle(all);
  };

  const { page } = await opened(browser, `${at}/place`);
  await page.locator(`[data-place="${from}"]`).press('Enter');
  await page.getByRole('complementary').getByRole('listitem').first().getByRole('button').first().click();
  await page.keyboard.press('m');
  await page.getByRole('option').first().waitFor();
  await page.keyboard.press('Escape');
  const supply = await times(page, async (i) => {
    await page.keyboard.press('m');
    await page.getByRole('option').first().waitFor();
    for (let n = 0; n <= i % 3; n++) await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
  });
  await coldAgain();
  const grip = page.getByRole('complementary').locator('li[data-drag]').first();
  await page.locator(`[data-place="${from}"]`).press('Enter');
  await grip.waitFor();
  await page.waitForTimeout(1000);
  const dragSupply = await longest(browser, page, async () => {
    const box = (await grip.boundingBox())!;
    await page.mouse.move(box.x + 5, box.y + 5);
    await page.mouse.down();
    const target = (await page.locator(`[data-place="${to}"]`).boundingBox())!;
    for (let i = 1; i <= 40; i++)
      await page.mouse.move(
        box.x + ((target.x + 5 - box.x) * i) / 40,
        box.y + ((target.y + 5 - box.y) * i) / 40 + (i % 3),
      );
    await page.mouse.up();
    await page.waitForTimeout(800);
  });

  await page.goto(`${at}/furnish`);
  const piece = page.locator(`[data-unit="${unit}"]`);
  await piece.waitFor();
  await ready(page);
  await piece.press('Enter');
  const furniture = await times(page, async (i) => {
    await piece.press(i % 2 === 0 ? 'ArrowRight' : 'ArrowLeft');
  });
  await coldAgain();
  await page.waitForTimeout(1500);
  const dragFurniture = await longest(browser, page, async () => {
    const box = (await piece.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    for (let i = 1; i <= 60; i++) await page.mouse.move(x + i * 0.6, y + i * 0.4);
    await page.mouse.up();
    await page.waitForTimeout(1500);
  });

  await page.goto(`${at}/label`);
  const width = page.getByLabel(words.field.labelWidth);
  await width.waitFor();
  await ready(page);
  const label = await times(page, async (i) => {
    await width.fill(String(50 + i));
    await width.press('Enter');
  });
  await page.goto(`${at}/measure`);
  const note = page.getByLabel(/^Note: hot/);
  await note.waitFor();
  await ready(page);
  const noted = await times(page, async (i) => {
    await note.fill(`Cold floor ${i}`);
    await note.press('Tab');
  });
  await page.close();
  const cold = middle(colds);
  const ratio = (ms: number) => `1/${(cold / ms).toFixed(1)}`;
  return {
    'supplies x places': name,
    'one moved supply / cold': ratio(supply),
    'one moved piece of furniture / cold': ratio(furniture),
    'a label size / cold': ratio(label),
    'a note / cold': ratio(noted),
    'longest task, furniture dragged, ms': dragFurniture.toFixed(0),
    'longest task, supply dragged, ms': dragSupply.toFixed(0),
    '(here, ms: cold, supply, furniture, label, note)': [cold, supply, furniture, label, noted]
      .map((ms) => ms.toFixed(ms < 10 ? 1 : 0))
      .join(', '),
  };
}

/** Prints the table. Needs the built interface (`npm run build`). */
export async function benchWindow(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'heronstone-bench-'));
  const server = await startServer({ data, web: WEB, port: 0, copyAfter: 3_600_000 });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const demo = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
    if (!demo.ok) throw new Error('The demo plan cannot be read.');
    const large = scattered(largePlan(1000, 300, 1));
    const cases: Case[] = [
      { name: '145 x 49 (demo)', plan: demo.plan, from: 'slim/d1', to: 'shelfW/s1', unit: 'cart' },
      { name: '1,000 x 300', plan: large, from: 'u0/d1', to: 'u0/d6', unit: 'u3' },
    ];
    const rows = [];
    for (const c of cases) {
      await server.store.create(c.plan, 'bench');
      rows.push(await bench(browser, server.address, c));
    }
    console.table(rows);
  } finally {
    await browser.close();
    await server.close();
    rmSync(data, { recursive: true, force: true });
  }
}
