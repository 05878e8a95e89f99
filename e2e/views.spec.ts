/** Every main view: no accessibility finding at any level, and all work by keyboard. */
import type { Page } from '@playwright/test';
import { inColours, openView as open, violated } from './axe.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { choose } from './choose.ts';
import { ALL } from './long.ts';
import { messages } from './messages.ts';
import { chooseShown } from './shown.ts';
import { words } from './words.ts';

const VIEWS: ReadonlyArray<[string, string, (page: Page) => Promise<unknown>]> = [
  ['start', '/', (page) => page.getByRole('link', { name: /Puppet workshop/ }).waitFor()],
  ['measure', '/plan/demo/measure', (page) => page.getByText('m² of floor').waitFor()],
  [
    'activities',
    '/plan/demo/activities',
    (page) => page.getByRole('heading', { name: words.heading.whatDoYouDoHere }).waitFor(),
  ],
  [
    'activities, what one needs',
    '/plan/demo/activities',
    (page) => page.getByRole('button', { name: words.button.whatPackingForFairsNeeds }).click(),
  ],
  [
    'activities, chart',
    '/plan/demo/activities',
    (page) => page.getByRole('tab', { name: words.tab.nearAndApart }).click(),
  ],
  ['furnish, guests', '/plan/demo/furnish', (page) => chooseShown(page, words.field.theRoom, 'with “guest”')],
  ['measure, an area', '/plan/demo/measure', (page) => page.locator('[data-area="machine"]').press('Enter')],
  ['sort', '/plan/demo/sort', (page) => page.getByRole('button', { name: words.button.acrylicsBottled }).click()],
  [
    'sort, starter lists',
    '/plan/demo/sort?view=starter',
    async (page) => {
      await page.getByRole('button', { name: words.button.bookbinding }).click();
      await page.getByRole('checkbox', { name: /^Awls/ }).check();
    },
  ],
  [
    'sort, drawer by drawer',
    '/plan/demo/sort?view=drawers',
    (page) => page.getByLabel(words.field.whatIsInHere).waitFor(),
  ],
  ['sort, purge', '/plan/demo/sort?view=purge', (page) => page.locator('[data-purge]').waitFor()],
  ['sort, balance', '/plan/demo/sort?view=balance', (page) => page.locator('[data-balance]').waitFor()],
  [
    'sort, containers',
    '/plan/demo/sort?view=containers',
    (page) => page.locator('[data-container="bin-left"]').press('Enter'),
  ],
  [
    'sort, many lines',
    '/plan/demo/sort',
    (page) => page.getByRole('checkbox', { name: words.choice.chooseAcrylicsBottled }).check(),
  ],
  ['furnish', '/plan/demo/furnish', (page) => page.locator('[data-unit="slim"]').press('Enter')],
  ['place', '/plan/demo/place', (page) => page.locator('[data-place="bench/top"]').press('Enter')],
  [
    'place, inside',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="bench/top"]').press('Enter');
      await page.getByRole('tab', { name: words.tab.inside }).click();
    },
  ],
  [
    'place, inside from the front',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="books/s4"]').press('Enter');
      await page.getByRole('tab', { name: words.tab.inside }).click();
      await page.getByRole('radio', { name: words.choice.fromTheFront }).click();
      await page.getByRole('group', { name: /from the front/ }).waitFor();
    },
  ],
  [
    'place, ways of sorting',
    '/plan/demo/place?view=ways',
    (page) => page.getByRole('table', { name: words.table.waysSideBySide }).waitFor(),
  ],
  [
    'place, what would help',
    '/plan/demo/place?view=help',
    (page) => page.getByRole('button', { name: words.button.findOutWhatWouldHelp }).waitFor(),
  ],
  [
    'place, the week',
    '/plan/demo/place?view=week',
    (page) => page.getByRole('region', { name: words.region.takesLongest }).waitFor(),
  ],
  [
    'place, reach',
    '/plan/demo/place?view=reach',
    (page) => page.getByRole('table', { name: words.table.placesByRipple }).waitFor(),
  ],
  [
    'place, strain',
    '/plan/demo/place?view=strain',
    (page) => page.getByRole('region', { name: words.region.couldItTip }).waitFor(),
  ],
  [
    'place, one round',
    '/plan/demo/place?view=round',
    (page) => page.getByRole('region', { name: words.region.theRound }).waitFor(),
  ],
  [
    'place, constants',
    '/plan/demo/place?view=constants',
    (page) => page.getByRole('region', { name: words.region.motions }).waitFor(),
  ],
  [
    'place, a fetch played',
    '/plan/demo/place',
    async (page) => {
      await choose(page.getByLabel(words.field.colourBy), 'minutes a week');
      await page.locator('[data-place="books/s2"]').press('Enter');
      await page.getByRole('button', { name: words.button.playTheFetch }).click();
      await page.getByRole('button', { name: words.button.playIt }).click();
    },
  ],
  [
    'place, moving',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="books/s2"]').press('Enter');
      await page
        .getByRole('complementary')
        .getByRole('button', { name: /^Move / })
        .first()
        .click();
      await page.getByRole('option').first().waitFor();
    },
  ],
  [
    'place, the menu of a drawer',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="books/s2"]').click({ button: 'right' });
      await page.getByRole('menuitem', { name: 'Look inside' }).waitFor();
    },
  ],
  ['place, the menu of reports', '/plan/demo/place', (page) => page.getByRole('button', { name: 'Reports …' }).click()],
  [
    'furnish, what is shown',
    '/plan/demo/furnish',
    (page) => page.getByRole('button', { name: 'What is shown' }).click(),
  ],
  [
    'furnish, the keys',
    '/plan/demo/furnish',
    async (page) => {
      await page.keyboard.press('?');
      await page.getByRole('dialog', { name: 'Keyboard shortcuts' }).waitFor();
    },
  ],
  [
    'place, all of a drawer elsewhere',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="books/s2"]').press('Enter');
      await page.getByRole('button', { name: 'Swap or move it …' }).click();
      await page.getByRole('dialog', { name: /^All of / }).waitFor();
    },
  ],
  [
    'place, which containers',
    '/plan/demo/place',
    async (page) => {
      await page.locator('[data-place="books/s2"]').press('Enter');
      await page.getByRole('button', { name: 'Which containers?' }).click();
      await page.getByRole('dialog', { name: /^Which containers/ }).waitFor();
    },
  ],
  [
    'sort, from a table',
    '/plan/demo/sort',
    async (page) => {
      await page.getByRole('button', { name: 'Paste or open a table' }).click();
      await page.getByRole('dialog', { name: 'Supplies from a table' }).waitFor();
    },
  ],
  [
    'move, another way',
    '/plan/demo/move',
    async (page) => {
      await page
        .getByRole('button', { name: /else happened/ })
        .first()
        .click();
      await page.getByRole('dialog').waitFor();
    },
  ],
  ['move', '/plan/demo/move', (page) => page.getByRole('button', { name: words.button.done }).first().waitFor()],
  ['keep', '/plan/demo/keep', (page) => page.getByRole('heading', { level: 2 }).first().waitFor()],
  ['label', '/plan/demo/label', (page) => page.getByRole('img', { name: /Label sheet/ }).waitFor()],
  [
    'find',
    '/plan/demo/find?words=glue',
    (page) => page.getByRole('list', { name: words.list.found }).getByRole('button').first().waitFor(),
  ],
];

const parts = (views: typeof VIEWS, most: number) =>
  Array.from({ length: Math.ceil(views.length / most) }, (_, i) => views.slice(i * most, (i + 1) * most));

/** A view of each kind of page, with a sheet, a dialog and a drawing among them; all of them in the long run. */
const ONE_OF_EACH: ReadonlySet<string> = new Set([
  'start',
  'sort, drawer by drawer',
  'furnish',
  'place, inside',
  'place, all of a drawer elsewhere',
  'find',
]);
const LOOKED_AT = VIEWS.filter(([name]) => ALL || ONE_OF_EACH.has(name));

for (const views of parts(LOOKED_AT, 8))
  test(`nothing is found by axe: ${views.map(([name]) => name).join('; ')}`, async ({ page, server }) => {
    for (const [name, path, ready] of views) {
      await open(page, server.address, path);
      await ready(page);
      await settled(page);
      const found = await violated(page, name, 'light');
      if (inColours(name)) found.push(...(await violated(page, name, 'dark')));
      expect(found).toEqual([]);
    }
  });

test('a supply is moved to another drawer by keyboard alone, with its figures beside each place, and back by Ctrl+Z', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/place`);
  const front = page.locator('[data-place="bench/top"]');
  await front.waitFor();
  // Tab from the top of the page until the front of the bench has the focus.
  for (let i = 0; i < 120 && !(await front.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(front).toBeFocused();
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('complementary');
  const first = sheet.getByRole('listitem').first().getByRole('button').first();
  const name = (await first.innerText()).split('\n')[0]!.replace(/^\d+ /, '');
  await first.focus();
  await page.keyboard.press('Enter');
  await expect(sheet.getByRole('heading', { level: 2 })).toHaveText(name);
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('option').first()).toContainText('min a week');
  await page.keyboard.type('bookcase');
  await expect(dialog.getByRole('option').first()).toContainText('Bookcase');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  const target = (await dialog.getByRole('option').first().innerText())
    .split('\n')
    .find((l) => l.startsWith('Bookcase'))!;
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(sheet.getByText(target, { exact: true }).first()).toBeVisible();
  // The focus is where the person was: in the sheet, not on the page.
  const inSheet = () => page.evaluate(() => document.activeElement?.closest('aside') !== null);
  await expect.poll(inSheet).toBe(true);
  await page.keyboard.press('l');
  await expect(sheet.getByRole('button', { name: words.button.letItMove })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(sheet.getByRole('button', { name: words.button.keepItHere })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(sheet.getByText('Workbench, back of the top').first()).toBeVisible();
  await settled(page);
  await expect.poll(inSheet).toBe(true);
  await page.keyboard.press('Control+Shift+z');
  await expect(sheet.getByText(target, { exact: true }).first()).toBeVisible();
});

test('furniture is nudged and turned by keyboard', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/furnish`);
  const cart = page.locator('[data-unit="cart"]');
  await cart.focus();
  await page.keyboard.press('Enter');
  const west = page.getByLabel(words.field.fromTheWestWall);
  const start = await west.inputValue();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Alt+ArrowLeft');
  const mm = (text: string) => Number(text.replace(/[^\d.]/g, ''));
  await expect.poll(async () => mm(await west.inputValue()) - mm(start)).toBe(109);
  await page.keyboard.press('r');
  await expect(page.getByLabel(words.field.turnedDegrees)).toHaveValue('270');
});

test('a supply is dragged from a drawer to another front and the note says what it costs', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place`);
  await page.locator('[data-place="slim/d1"]').press('Enter');
  const grip = page.getByRole('complementary').locator('li[data-drag]').first();
  const name = (
    await page.getByRole('complementary').getByRole('listitem').first().getByRole('button').first().innerText()
  ).split('\n')[0]!;
  const target = page.locator('[data-place="shelfW/s1"]');
  // The strip may still be on its way to the drawer that was chosen.
  const where = async () => JSON.stringify([await target.boundingBox(), await grip.boundingBox()]);
  await expect(async () => {
    const before = await where();
    await page.waitForTimeout(150);
    expect(await where()).toBe(before);
  }).toPass();
  const from = (await grip.boundingBox())!;
  await page.mouse.move(from.x + 5, from.y + 5);
  await page.mouse.down();
  await page.mouse.move(from.x - 40, from.y, { steps: 4 });
  const note = page.locator('[data-drag-note]');
  await expect(async () => {
    const to = (await target.boundingBox())!;
    await page.mouse.move(to.x + to.width / 2 - 2, to.y + to.height / 2, { steps: 8 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 2 });
    await expect(note).toContainText(/West wall shelf.*(fit|full|too|need)/s, { timeout: 1000 });
  }).toPass();
  await page.mouse.up();
  await expect(
    messages(page).getByText(/moved to West wall shelf|fit in West wall shelf|none fits in West wall shelf/),
  ).toBeVisible();
  expect(name.length).toBeGreaterThan(2);
});

test('what the screen shows is what the command line prints', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place`);
  const footer = page.getByRole('group', { name: words.group.aWeekInTheRoom });
  await expect(footer).toContainText('as planned');
  const { evaluate } = await import('@heronstone/core/report/evaluate.ts');
  const { plan } = (await (await fetch(`${server.address}/api/plans/demo`)).json()) as {
    plan: Parameters<typeof evaluate>[0];
  };
  const { week } = evaluate(plan);
  await expect(footer).toContainText(`${Math.round(week.planned.minutes)} min as planned`);
  await expect(footer).toContainText(`${Math.round(week.today.minutes)} min now`);
  // One supply in all places: the table of the window has the figures that `heron fit` prints.
  const { roomEverywhere } = await import('@heronstone/core/ask/capacity.ts');
  const { sceneOf } = await import('@heronstone/core/scene/scene.ts');
  const supply = Object.values(plan.supplies).find((s) => s.name === 'Acrylics, bottled')!;
  const rooms = roomEverywhere(sceneOf(plan), supply, 'planned');
  await go(page, server.address, '/plan/demo/sort');
  await page.getByRole('button', { name: words.button.acrylicsBottled }).first().click();
  await page.getByText('Where it fits, and how many more').click();
  await page.getByRole('button', { name: 'All places side by side' }).click();
  const dialog = page.getByRole('dialog', { name: 'Acrylics, bottled: every place' });
  const rows = dialog.getByRole('table').getByRole('row');
  await expect(rows).toHaveCount(rooms.length + 1);
  const shown = await rows.evaluateAll((list) => list.slice(1).map((row) => row.textContent));
  for (const r of rooms) {
    const row = shown.find((text) => text.startsWith(r.place + (r.own ? ' (here)' : 'There')))!;
    for (const figure of [r.most, r.seconds === null ? '–' : `${r.seconds.toFixed(1)} s`, r.how, r.reason ?? ''])
      expect(row).toContain(String(figure));
  }
  if (ALL) expect(await violated(page, 'every place', 'light')).toEqual([]);
});

test('the trunk meets the door: the offered slide fixes it and is undone as one', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/furnish`);
  await page.locator('[data-unit="trunk"]').press('Enter');
  const sheet = page.getByRole('complementary');
  await expect(sheet.getByText('The door on South wall meets Trunk by 50 mm.')).toBeVisible();
  const mend = sheet.getByRole('button', { name: /^Slide it \d+ mm to the/ }).first();
  await mend.click();
  await expect(sheet.getByText('The door on South wall meets Trunk by 50 mm.')).toHaveCount(0);
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(sheet.getByText('The door on South wall meets Trunk by 50 mm.')).toBeVisible();
});
