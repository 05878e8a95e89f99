/** npm run read-screens: prints every text of the demo's screens and dialogs, to be read once from first to last. */
import { readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM_ARGS } from '../e2e/chromium.ts';
import { TestServer } from '../e2e/server.ts';
import { makeTemplates } from './templates.ts';

const STEPS: Readonly<Record<string, readonly string[]>> = {
  measure: [''],
  activities: ['', 'chart'],
  sort: ['', 'starter', 'drawers', 'purge', 'balance', 'containers'],
  furnish: [''],
  place: ['', 'ways', 'help', 'week', 'reach', 'strain', 'round', 'constants'],
  move: [''],
  label: [''],
  find: ['', 'pull'],
  keep: [''],
};

await makeTemplates();
const server = new TestServer('demo');
await server.start();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: [...CHROMIUM_ARGS] });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
const page = await context.newPage();
/** Names that the maker gave are not ours to word. */
const plan = JSON.parse(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8')) as Record<
  string,
  Array<{ name?: string }>
>;
const said = new Set<string>(['supplies', 'units', 'activities'].flatMap((t) => plan[t]!.map((row) => row.name ?? '')));

/** What is read on the page now: texts, labels, hints, names of what has no text; each line once. */
async function read(name: string, of: Page): Promise<void> {
  const lines = await of.evaluate(() => {
    const found: string[] = document.body.innerText.split('\n');
    for (const e of document.querySelectorAll('[aria-label], [placeholder], [title]'))
      for (const key of ['aria-label', 'placeholder', 'title']) found.push(e.getAttribute(key) ?? '');
    for (const e of document.querySelectorAll('option')) found.push(e.textContent ?? '');
    return found.map((t) => t.trim());
  });
  const fresh = lines.filter((l) => l !== '' && !/^[\d\s.,:%×-]+$/.test(l) && !said.has(l) && said.add(l));
  console.log(`\n=== ${name}`);
  for (const line of fresh) console.log(line);
}

await page.goto(server.address);
await page.waitForTimeout(800);
await read('start', page);
for (const [step, views] of Object.entries(STEPS))
  for (const view of views) {
    await page.goto(`${server.address}/plan/demo/${step}${view ? `?view=${view}` : ''}`);
    await page.waitForTimeout(1500);
    await read(`${step} ${view}`, page);
    for (const tab of await page.getByRole('tab').all()) {
      await tab.click({ timeout: 1000 }).catch(() => undefined);
      await page.waitForTimeout(500);
    }
    await read(`${step} ${view}: tabs`, page);
    for (const kind of ['data-place', 'data-unit', 'data-station', 'data-corner', 'data-area', 'data-container'])
      if (
        await page
          .locator(`[${kind}]`)
          .first()
          .isVisible()
          .catch(() => false)
      ) {
        await page
          .locator(`[${kind}]`)
          .first()
          .press('Enter', { timeout: 1000 })
          .catch(() => undefined);
        await page.waitForTimeout(500);
        await read(`${step} ${view}: ${kind}`, page);
      }
    for (const button of await page.getByRole('complementary').getByRole('button').all()) {
      const words = await button.innerText({ timeout: 500 }).catch(() => '');
      if (!/…|how it was|Which|Explain|More/i.test(words)) continue;
      await button.click({ timeout: 1000 }).catch(() => undefined);
      await page.waitForTimeout(400);
      await read(`${step} ${view}: dialog`, page);
      await page.keyboard.press('Escape');
    }
  }
await page.keyboard.press('?');
await page.waitForTimeout(300);
await read('shortcuts', page);
await browser.close();
await server.remove();
process.exit(0);
