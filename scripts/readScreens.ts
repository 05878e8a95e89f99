/** npm run read-screens: prints every text of the demo's screens and dialogs, to be read once from first to last. */
import { readFileSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium.ts';
import { TestServer } from '../e2e/testServer.ts';
import { makeTemplates } from './dataTemplates.ts';

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
const browser = await chromium.launch(CHROMIUM);
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
    return found.map((t) => t.trim());
  });
  // The same words with other figures are read once.
  const key = (line: string) => line.replace(/\d[\d.,]*/g, '#');
  const fresh = lines.filter((l) => /\p{L}/u.test(l) && !said.has(l) && !said.has(key(l)) && said.add(key(l)));
  if (fresh.length > 0) console.log(`\n=== ${name}\n${fresh.join('\n')}`);
}

/** What only works away, prints or loads down is not pressed. */
const NOT_PRESSED =
  /Fill|Try all|Find out|Propose|Print|PDF|SVG|DXF|Export|Download|Save|cutting machine|Allow|Done|Undo|Redo|^×$/;

/** Opens every list, every part that is folded, and presses every button of the page once, reading what comes. */
async function openAll(name: string): Promise<void> {
  await page.evaluate(() => document.querySelectorAll('details').forEach((d) => (d.open = true)));
  await read(`${name}: folded parts`, page);
  for (const list of await page.getByRole('combobox').all()) {
    await list.click({ timeout: 800 }).catch(() => undefined);
    await read(`${name}: a list`, page);
    await page.keyboard.press('Escape');
  }
  const pressed = new Set<string>();
  for (let i = 0; i < 40; i++) {
    const names = await page
      .locator('main button:visible, header button:visible')
      .evaluateAll((all) =>
        all.map((b) => (b.getAttribute('aria-label') ?? b.textContent ?? '').replace(/\d+/g, '#').trim()),
      );
    const at = names.findIndex((n) => n !== '' && !pressed.has(n) && !NOT_PRESSED.test(n));
    if (at < 0) return;
    pressed.add(names[at]!);
    await page
      .locator('main button:visible, header button:visible')
      .nth(at)
      .click({ timeout: 800 })
      .catch(() => undefined);
    await page.waitForTimeout(250);
    await read(`${name}: ${names[at]!.slice(0, 60)}`, page);
    await page.keyboard.press('Escape');
  }
}

await page.goto(server.address);
await page.waitForTimeout(800);
await read('start', page);
// A new plan first: what an empty page says, in feet and inches.
await page.getByLabel('feet and inches').check();
await page.getByRole('button', { name: 'Create plan' }).click();
await page.waitForURL(/begin/);
await page.getByRole('button', { name: 'Exit setup' }).click();
await page.waitForURL(/measure/);
const own = /plan\/([^/]+)/.exec(page.url())![1]!;
await openAll('a new plan');
for (const step of Object.keys(STEPS)) {
  await page.goto(`${server.address}/plan/${own}/${step}`);
  await page.waitForTimeout(700);
  await read(`a new plan, ${step}`, page);
}
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
    await openAll(`${step} ${view}`);
  }
await page.goto(`${server.address}/plan/demo/measure`);
await page.keyboard.press('?');
await page.waitForTimeout(300);
await read('shortcuts', page);
await browser.close();
await server.remove();
process.exit(0);
