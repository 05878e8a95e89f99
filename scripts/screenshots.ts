/** npm run screenshots: takes docs/screenshots/ again from the demo data, one picture of each main view. Build first. */
import { mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium.ts';
import { TestServer } from '../e2e/testServer.ts';
import setup from '../e2e/globalSetup.ts';

const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const SHOTS: ReadonlyArray<{
  name: string;
  path: string;
  size?: typeof desk;
  before?: (page: Page) => Promise<unknown>;
}> = [
  { name: 'start', path: '/' },
  {
    name: 'measure',
    path: '/plan/demo/measure',
    before: (p) => p.getByRole('button', { name: /door, South/i }).click(),
  },
  { name: 'activities', path: '/plan/demo/activities' },
  {
    name: 'sort',
    path: '/plan/demo/sort',
    before: async (p) => {
      await p.getByLabel('What do you have?').fill('38 mm of A4 card 220 gsm, cutting 2x');
      await p.getByRole('button', { name: 'Acrylics, bottled' }).click();
    },
  },
  {
    name: 'containers',
    path: '/plan/demo/sort?view=containers',
    before: (p) => p.locator('[data-container="bin-left"]').press('Enter'),
  },
  { name: 'drawers-phone', path: '/plan/demo/sort?view=drawers&place=slim%2Fd2', size: phone },
  { name: 'furnish', path: '/plan/demo/furnish', before: (p) => p.locator('[data-unit="slim"]').press('Enter') },
  { name: 'homes', path: '/plan/demo/zones?view=homes' },
  {
    name: 'place',
    path: '/plan/demo/place',
    before: async (p) => {
      await p.locator('[data-place="bench/top"]').press('Enter');
      await p.getByRole('complementary').getByRole('listitem').first().getByRole('button').first().click();
      await p.getByText('Why here').waitFor();
    },
  },
  { name: 'week', path: '/plan/demo/place?view=week' },
  {
    name: 'ways',
    path: '/plan/demo/place?view=ways',
    before: async (p) => {
      await p.getByRole('button', { name: 'Try all ways' }).click();
      await p.getByRole('rowheader', { name: /By size/ }).waitFor({ timeout: 300_000 });
    },
  },
  {
    name: 'help',
    path: '/plan/demo/place?view=help',
    before: async (p) => {
      await p.getByRole('button', { name: 'Find out what would help' }).click();
      await p.getByRole('button', { name: 'Look again' }).first().waitFor({ timeout: 200_000 });
    },
  },
  {
    name: 'move',
    path: '/plan/demo/move',
    before: (p) => p.getByRole('group', { name: 'Next move' }).waitFor({ timeout: 60_000 }),
  },
  { name: 'label', path: '/plan/demo/label' },
  { name: 'find', path: '/plan/demo/find?words=velvit' },
  { name: 'pull', path: '/plan/demo/find?view=pull' },
  { name: 'keep', path: '/plan/demo/keep' },
  { name: 'find-phone', path: '/plan/demo/find?words=marker', size: phone },
  // Last: it keeps the zones that are proposed.
  {
    name: 'zones',
    path: '/plan/demo/zones',
    before: async (p) => {
      await p.getByRole('button', { name: 'Keep these zones' }).click();
      await p.getByRole('radio', { name: /^C / }).click();
      await p.locator('[data-unit="books"]').press('Enter');
    },
  },
];

await setup();
mkdirSync(folder, { recursive: true });
const server = new TestServer('demo');
await server.start();
const browser = await chromium.launch(CHROMIUM);
for (const shot of SHOTS) {
  const context = await browser.newContext({
    viewport: shot.size ?? desk,
    colorScheme: 'light',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto(server.address + shot.path);
  await page.waitForTimeout(1500);
  await shot.before?.(page);
  await page.mouse.move(640, 790);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${folder}${shot.name}.png` });
  await context.close();
}
await browser.close();
await server.remove();
