/** Whatever changes the plan says what happened, and is taken back from there: the plan is as it was before. */
import type { Page } from '@playwright/test';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { choose } from './choose.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { ALL } from './long.ts';
import { words } from './words.ts';

const planOf = async (address: string): Promise<Plan> =>
  ((await (await fetch(`${address}/api/plans/demo`)).json()) as { plan: Plan }).plan;

/** Step, what is done there, and how. */
type Kind = readonly [string, string, (page: Page) => Promise<unknown>];
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).first().click();
const sheetButton = (page: Page, name: string | RegExp) =>
  page.getByRole('complementary').getByRole('button', { name, exact: true }).first().click();
async function write(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true }).first();
  await field.fill(text);
  await field.press('Enter');
}

const KINDS: readonly Kind[] = [
  ['measure', 'a door is added', (page) => button(page, words.button.addADoor)],
  ['measure', 'a socket is added', (page) => button(page, words.button.addASocket)],
  ['measure', 'a slope is added', (page) => button(page, words.button.addASlope)],
  ['measure', 'an area is added', (page) => button(page, 'Add an area')],
  ['measure', 'a place elsewhere is added', (page) => button(page, words.button.addAPlaceElsewhere)],
  ['measure', 'a note is written', (page) => write(page, 'Note: hot, loud, cold floor …', 'cold in winter')],
  [
    'measure',
    'a door is moved along its wall by a key',
    async (page) => {
      await page.locator('[data-opening]').first().focus();
      await page.keyboard.press('ArrowRight');
    },
  ],
  ['furnish', 'a piece is added', (page) => button(page, /^Side table/)],
  [
    'furnish',
    'an insert is added',
    async (page) => {
      await page.getByText('Into a cube opening').first().click();
      await button(page, /^Two boxes/);
    },
  ],
  [
    'furnish',
    'a piece is nudged',
    async (page) => {
      await page.locator('[data-unit="trunk"]').press('Enter');
      await page.keyboard.press('ArrowUp');
    },
  ],
  [
    'furnish',
    'a piece is turned',
    async (page) => {
      await page.locator('[data-unit="cart"]').press('Enter');
      await sheetButton(page, 'Turn');
    },
  ],
  [
    'furnish',
    'a piece is copied',
    async (page) => {
      await page.locator('[data-unit="cart"]').press('Enter');
      await page.keyboard.press('Control+d');
    },
  ],
  [
    'furnish',
    'a piece is removed by a key',
    async (page) => {
      await page.locator('[data-unit="cart"]').press('Enter');
      await page.keyboard.press('Delete');
    },
  ],
  [
    'furnish',
    'a piece is locked by its menu',
    async (page) => {
      await page.locator('[data-unit="trunk"]').press('Enter');
      await page.keyboard.press('.');
      await page.getByRole('menuitem', { name: 'Lock where it stands' }).click();
    },
  ],
  [
    'furnish',
    'a piece is dragged',
    async (page) => {
      const box = (await page.locator('[data-unit="trunk"]').boundingBox())!;
      await page.mouse.move(box.x + box.width / 2, box.y + 8);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width / 2 - 60, box.y + 20, { steps: 4 });
      await page.mouse.up();
    },
  ],
  [
    'furnish',
    'a name is changed',
    async (page) => {
      await page.locator('[data-unit="trunk"]').press('Enter');
      await write(page, 'Name', 'Sea chest');
    },
  ],
  ['activities', 'an activity is added', (page) => write(page, words.field.newActivity, 'Stamping')],
  ['activities', 'how often is changed', (page) => write(page, words.field.timesAWeek, '7')],
  ['sort', 'a supply is entered', (page) => write(page, words.field.whatDoYouHave, '4 awls 120 x 15 x 15 mm')],
  [
    'sort',
    'a supply is removed',
    async (page) => {
      await button(page, words.button.acrylicsBottled);
      await sheetButton(page, words.button.remove);
    },
  ],
  [
    'sort',
    'more containers of the same are put in',
    async (page) => {
      await page.getByRole('tab', { name: 'Containers' }).click();
      await choose(page.getByLabel('Place', { exact: true }), 'Locked cabinet, shelf 2');
      await page.locator('[data-container="blades"]').press('Enter');
      await button(page, /^\d+ more here$/);
    },
  ],
  [
    'place',
    'a supply is moved',
    async (page) => {
      await page.locator('[data-place="bench/top"]').press('Enter');
      await page
        .getByRole('complementary')
        .getByRole('button', { name: /^Move / })
        .first()
        .click();
      await page.getByRole('option').first().waitFor();
      await page.keyboard.press('Enter');
    },
  ],
  [
    'place',
    'a supply is kept where it is',
    async (page) => {
      await page.locator('[data-place="bench/top"]').press('Enter');
      await page.getByRole('complementary').getByRole('listitem').first().getByRole('button').first().click();
      await page.keyboard.press('l');
    },
  ],
  [
    'place',
    'all of a drawer is swapped with another',
    async (page) => {
      await page.locator('[data-place="slim/d1"]').press('Enter');
      await sheetButton(page, 'Swap or move it …');
      await page
        .getByRole('dialog')
        .getByRole('button', { name: /^(Swap the two|Move it there)$/ })
        .click();
    },
  ],
  [
    'place',
    'a drawer is emptied',
    async (page) => {
      await page.locator('[data-place="slim/d1"]').press('Enter');
      await sheetButton(page, words.button.emptyIt);
    },
  ],
  ['place', 'room to grow is changed', (page) => write(page, 'Room to grow, % of each place', '10')],
  ['move', 'a move is done', (page) => button(page, words.button.done)],
  ['label', 'the size of a label is changed', (page) => write(page, words.field.labelWidth, '52')],
  [
    'label',
    'the paper is changed',
    (page) => choose(page.getByRole('combobox', { name: words.field.paper }), 'US Letter'),
  ],
  [
    'find',
    'a thing was used',
    async (page) => {
      await page.getByLabel(words.field.whatAreYouLookingFor).fill('fabric scissors');
      await button(page, words.button.markAsUsed);
    },
  ],
];

/** Every sixth kind; all of them in the long run. */
const LOOKED_AT = KINDS.filter((_, i) => ALL || i % 6 === 0);
const STEPS = [...new Set(LOOKED_AT.map(([step]) => step))];
for (const steps of [STEPS.slice(0, 2), STEPS.slice(2)])
  test(`what is done is said and can be taken back: ${steps.join(', ')}`, async ({ page, server }) => {
    let at = '';
    for (const [step, what, act] of LOOKED_AT.filter(([s]) => steps.includes(s))) {
      const before = await planOf(server.address);
      if (step !== at) {
        await go(page, server.address, `/plan/demo/${step}`);
        await page.waitForFunction(() => performance.getEntriesByName('heronstone figures').length > 0);
      }
      // Back to nothing chosen: out of a field, then out of the sheet.
      else for (let i = 0; i < 2; i++) await page.keyboard.press('Escape');
      at = step;
      await act(page);
      const undo = page.getByRole('button', { name: 'Undo this step' }).last();
      await expect(undo, what).toBeVisible();
      await expect
        .poll(async () => JSON.stringify(await planOf(server.address)) !== JSON.stringify(before), { message: what })
        .toBe(true);
      await undo.click();
      await expect.poll(() => planOf(server.address), { message: `${what}, and taken back` }).toEqual(before);
    }
  });
