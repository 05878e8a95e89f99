/** Every sheet, tab, menu and dialog by its name: nothing is found by axe. Takes minutes, so only in `npm run test:long`. */
import type { Page } from '@playwright/test';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { openView, violated } from './axe.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

type View = readonly [string, string, (page: Page) => Promise<unknown>];
const sheet = (page: Page) => page.getByRole('complementary');
const tab = (name: string) => (page: Page) => page.getByRole('tab', { name, exact: true }).click();
const press = (at: string) => (page: Page) => page.locator(at).first().press('Enter');
const named = (name: RegExp) => (page: Page) => page.getByRole('button', { name }).first().press('Enter');
const dialog = (name: RegExp) => (page: Page) => page.getByRole('dialog', { name }).waitFor();
const M = '/plan/demo/measure';
const F = '/plan/demo/furnish';
const S = '/plan/demo/sort';
const P = '/plan/demo/place';

const VIEWS: readonly View[] = [
  ['measure, nothing chosen', M, (page) => sheet(page).waitFor()],
  ['measure, a corner and its wall', M, press('[data-corner="nw"]')],
  ['measure, a door', M, press('[data-opening="door"]')],
  ['measure, a window', M, press('[data-opening="window"]')],
  ['measure, a socket', M, named(/^socket on West wall/)],
  ['measure, a heater', M, named(/^heater on/)],
  ['measure, a fuse board', M, named(/^fuse board on/)],
  ['activities, people', '/plan/demo/activities', (page) => sheet(page).waitFor()],
  ['furnish, the library', F, (page) => sheet(page).waitFor()],
  ['furnish, a table', F, press('[data-unit="bench"]')],
  ['furnish, a pegboard', F, press('[data-unit="peg"]')],
  ['furnish, a wall shelf', F, press('[data-unit="shelfW"]')],
  ['furnish, a cabinet with doors', F, press('[data-unit="locked"]')],
  ['furnish, a seat', F, press('[data-station="seat-sewing"]')],
  [
    'furnish, several pieces',
    F,
    async (page) => {
      await page.locator('[data-unit="slim"]').press('Enter');
      await page.locator('[data-unit="tall"]').click({ modifiers: ['Shift'] });
      await sheet(page).getByText('Shift and click').waitFor();
    },
  ],
  ['furnish, the menu of a piece', F, (page) => page.locator('[data-unit="slim"]').click({ button: 'right' })],
  ['sort, nothing chosen', S, (page) => sheet(page).waitFor()],
  ['sort, a container', `${S}?view=containers`, (page) => page.locator('[data-container="bin-left"]').press('Enter')],
  ['place, nothing chosen', P, (page) => sheet(page).waitFor()],
  ['place, a drawer', P, press('[data-place="tall/d1"]')],
  [
    'place, how the seconds of a drawer were worked out',
    P,
    async (page) => {
      await page.locator('[data-place="tall/d1"]').press('Enter');
      await sheet(page).getByTitle('How this was worked out').first().click();
      await dialog(/worked out/)(page);
    },
  ],
  [
    'place, how the seconds of a thing were worked out',
    P,
    async (page) => {
      await page.locator('[data-place="books/s2"]').press('Enter');
      const first = sheet(page).getByRole('listitem').getByRole('button').first();
      await first.click();
      await sheet(page).getByTitle('How this was worked out').first().click();
      await dialog(/worked out/)(page);
    },
  ],
  [
    'place, a thing in its drawer',
    P,
    async (page) => {
      await page.locator('[data-place="books/s2"]').press('Enter');
      await sheet(page).getByRole('listitem').getByRole('button').first().click();
    },
  ],
  ['place, what was tried', `${P}?view=help`, (page) => page.getByRole('tabpanel').waitFor()],
  ['label, the sheet', '/plan/demo/label', (page) => page.getByRole('img', { name: /Label sheet/ }).waitFor()],
  ['label, the places', '/plan/demo/label', (page) => page.getByRole('tab').nth(1).click()],
  ['label, strips', '/plan/demo/label', (page) => page.getByRole('tab').nth(2).click()],
  ['find, pull', '/plan/demo/find?view=pull', (page) => page.getByRole('tabpanel').waitFor()],
  [
    'find, a thing found',
    '/plan/demo/find?words=glue',
    (page) => page.getByRole('list', { name: words.list.found }).getByRole('button').first().click(),
  ],
  ['keep, seasons', '/plan/demo/keep', tab('Seasons and calendar')],
  ['keep, since the start', '/plan/demo/keep', tab('Since the start')],
  ['keep, share and keep safe', '/plan/demo/keep', tab('Share and keep safe')],
  ['the menu of the plan', M, (page) => page.getByRole('button', { name: 'More', exact: true }).first().click()],
  // The view of the room stays as it was left, so these come last.
  ['measure, round the room', M, tab('Round the room')],
  ['furnish, round the room', F, tab('Round the room')],
  ['place, round the room', P, tab('Round the room')],
];
/** Everything that is folded is opened. */
const unfold = (page: Page) =>
  page.evaluate(() => {
    for (const folded of document.querySelectorAll('details')) folded.open = true;
  });

for (let from = 0; from < VIEWS.length; from += 6) {
  const views = VIEWS.slice(from, from + 6);
  test(`nothing is found by axe: ${views.map(([name]) => name).join('; ')}`, LONG, async ({ page, server }) => {
    for (const [name, path, ready] of views) {
      await openView(page, server.address, path);
      await ready(page);
      await unfold(page);
      await settled(page);
      expect([...(await violated(page, name, 'light')), ...(await violated(page, name, 'dark'))]).toEqual([]);
    }
  });
}
