/** npm run guide: takes the pictures of docs/guide/ again, from an empty data directory. Build first. */
import { mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/chromium.ts';
import { TestServer } from '../e2e/testServer.ts';
import setup from '../e2e/globalSetup.ts';

const folder = fileURLToPath(new URL('../docs/guide/', import.meta.url));
mkdirSync(folder, { recursive: true });
await setup();
const server = new TestServer('empty');
await server.start();
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1120, height: 700 }, reducedMotion: 'reduce' });
const shot = async (name: string) => {
  await page.waitForTimeout(600);
  await page.screenshot({ path: `${folder}${name}.png` });
};
const line = async (text: string) => {
  await page.keyboard.insertText(text);
  await page.keyboard.press('Enter');
  await page.waitForTimeout(400);
};
const asked = (title: string) => page.getByRole('heading', { name: title, level: 1 }).waitFor();

await page.goto(server.address);
await page.getByLabel('feet and inches').check();
await page.getByRole('button', { name: 'Create plan' }).click();
await asked('What do you make?');
await page.keyboard.insertText('sewing, cards');
await shot('1-crafts');
await line('');
await asked('How large is the room?');
await shot('2-room');
await line('13-6');
await asked('What furniture do you have?');
await page.keyboard.insertText('2 tables, bookcase, cube shelf, slim drawer unit, cart, pegboard');
await shot('3-furniture');
await line('');
await page.getByRole('region', { name: 'The room as it is furnished' }).waitFor({ timeout: 90_000 });
await line('');
await asked('Who works here?');
await page.getByLabel('How tall are you?').press('Enter');
await asked('What do you own?');
for (const name of ['Cards', 'Sewing'])
  await page
    .getByRole('region', { name: `Usual for ${name}` })
    .getByRole('button', { name: 'Add the first 10' })
    .click();
await page.getByLabel('Your things', { exact: true }).focus();
await page.keyboard.insertText('sequins in jars');
await shot('4-things');
await line('');
await page.getByRole('button', { name: /^Continue with/ }).click();
await page.getByRole('button', { name: 'Make the first plan' }).click();
await page
  .getByText(/The room is filled/)
  .first()
  .waitFor({ timeout: 90_000 });
await shot('5-plan');
await page.getByRole('region', { name: 'What is next' }).getByRole('link', { name: 'Labels' }).click();
await page.getByRole('button', { name: 'Make the PDF' }).waitFor();
await shot('6-labels');
await browser.close();
await server.remove();
