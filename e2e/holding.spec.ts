/** What places hold, as a maker tries it in an empty plan: doors and sides, cells with names, what a place is kept for, bands. */
import type { Page } from '@playwright/test';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

test.use({ template: 'empty' });

const planOf = async (page: Page): Promise<Plan> => {
  const [, origin, id] = /^(https?:\/\/[^/]+)\/plan\/([^/]+)/.exec(page.url())!;
  return ((await (await fetch(`${origin!}/api/plans/${id!}`)).json()) as { plan: Plan }).plan;
};
const write = async (page: Page, label: string, text: string) => {
  const field = page.getByLabel(label, { exact: true }).first();
  await field.fill(text);
  await field.press('Enter');
};
const pick = (page: Page, list: string, line: string | RegExp) =>
  choose(page.getByRole('combobox', { name: list, exact: true }).first(), line);

/** A room with a door and nothing in it, open in Furnish. @returns the id of the plan */
async function emptyRoom(page: Page, address: string): Promise<string> {
  await page.goto(address);
  await page.getByLabel(words.field.nameOfThePlan).fill('Holding');
  await page.getByRole('button', { name: words.button.createPlan }).click();
  await page.getByRole('button', { name: words.button.exitSetup }).click();
  await write(page, words.field.westToEast, '4.2 m');
  await write(page, 'North to south', '3.6 m');
  await page.getByRole('button', { name: words.button.drawTheRoom }).click();
  await page.getByRole('button', { name: words.button.addADoor }).click();
  await expect(page.locator('[data-opening]')).toHaveCount(1);
  const id = /plan\/([^/]+)/.exec(page.url())![1]!;
  await page.goto(`${address}/plan/${id}/furnish`);
  return id;
}

/** A piece of the library, found by its name. */
async function add(page: Page, title: string): Promise<void> {
  const find = page.getByLabel(words.field.findATypeOfFurniture);
  if (!(await find.isVisible())) {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('Escape');
  }
  await find.fill(title);
  await page
    .getByRole('button', { name: new RegExp(`^${title}`) })
    .first()
    .click();
  await expect(page.getByRole('complementary').getByLabel(words.field.name, { exact: true })).toBeVisible();
}

test('a magnetic sheet hangs inside a cabinet door, rods on the room’s door, hooks on a side; nothing is barred by them', async ({
  page,
  server,
}) => {
  await emptyRoom(page, server.address);
  await add(page, 'Bookcase');
  await pick(page, 'Doors before it', 'a pair');
  await write(page, 'Room behind the doors', '60 mm');
  await add(page, 'Magnetic sheet');
  await write(page, words.field.width, '300 mm');
  await pick(page, words.field.standsIn, /inside of the left door/);
  await expect(page.getByText(/hang on the hinges/)).toBeVisible();
  await add(page, 'Rail with rods');
  await pick(page, words.field.standsIn, /on the door/);
  await add(page, 'Rail with hooks');
  await write(page, words.field.width, '250 mm');
  await pick(page, words.field.standsIn, /right side/);
  await expect
    .poll(async () =>
      Object.values((await planOf(page)).units)
        .map((u) => u.hostSlot)
        .sort(),
    )
    .toEqual(['', '', 'doorl', 'right']);
  const wrong = page.getByRole('complementary').getByText(/meets|walked|overlap|through a wall/);
  await expect(wrong).toHaveCount(0);
});

test(
  'cells have names, keep what is in them and are found; a name twice and a wall that is too thick are refused',
  LONG,
  async ({ page, server }) => {
    const id = await emptyRoom(page, server.address);
    await add(page, 'Work table');
    await page.getByRole('button', { name: 'Add a seat' }).click();
    await add(page, 'Slim drawer unit');
    await add(page, 'Pad rack');
    await go(page, server.address, `/plan/${id}/activities`);
    await write(page, words.field.newActivity, 'Card making');
    await go(page, server.address, `/plan/${id}/sort`);
    for (const line of [
      '40 ink pads 95 x 65 x 22 mm, card making 4x',
      '300 seed beads 4 x 4 x 4 mm, card making 1x',
      '12 rolls vinyl 300 x 50 mm, card making 1x',
    ]) {
      await write(page, words.field.whatDoYouHave, line);
      await expect(page.getByLabel(words.field.whatDoYouHave)).toHaveValue('');
    }
    // Six rolls in a band are one bundle, three times as thick.
    await page.getByRole('button', { name: 'Vinyl', exact: true }).first().click();
    await page.getByText('Band several together').click();
    await page.getByRole('button', { name: 'Make 2 bundles' }).click();
    await expect
      .poll(async () => Object.values((await planOf(page)).supplies).find((s) => /Vinyl/.test(s.name)))
      .toMatchObject({ count: 2, width: 150 });

    await go(page, server.address, `/plan/${id}/sort?view=containers`);
    await pick(page, words.field.place, /drawer 2/);
    await page.getByLabel(words.field.findAContainer).fill('Bead box');
    await page.getByRole('list', { name: words.list.libraryOfContainers }).getByRole('button').first().click();
    await page.getByText('Divided into parts').click();
    const names = page.getByLabel('Names of the parts, one a line');
    await names.fill('Seed beads\nGlass');
    await names.blur();
    await expect
      .poll(async () => Object.values((await planOf(page)).containers).map((c) => c.partNames))
      .toEqual([['Seed beads', 'Glass']]);
    await names.fill('Seed\nseed');
    await names.blur();
    await expect(messages(page).filter({ hasText: /Two parts are called “seed”/ })).toBeVisible();
    await write(page, 'Divider thickness', '400 mm');
    await expect(page.getByText(/dividers take/i).first()).toBeVisible();
    expect(Object.values((await planOf(page)).containers)[0]).toMatchObject({
      divider: 2,
      partNames: ['Seed beads', 'Glass'],
    });
    await page.getByRole('button', { name: words.button.saveAsAType }).click();
    await expect
      .poll(async () => Object.values((await planOf(page)).boxtypes).map((t) => t.shape.divided))
      .toEqual(['cells']);

    // Filling offers the rack to the pads and the cells to the beads, and leaves alone what is kept empty.
    await go(page, server.address, `/plan/${id}/place`);
    await page.getByRole('button', { name: words.button.fillTheRoom }).first().click();
    await expect(messages(page).filter({ hasText: 'The room is filled' })).toBeVisible();
    const placed = async () => {
      const plan = await planOf(page);
      return Object.values(plan.placements).map(
        (p) => `${plan.supplies[p.supply]!.name}: ${p.container === null ? p.slot : 'box'}`,
      );
    };
    expect(await placed()).toEqual(expect.arrayContaining(['Ink pads: all', 'Seed beads: box']));
    await go(page, server.address, `/plan/${id}/find`);
    await page.getByLabel(words.field.whatAreYouLookingFor).fill('seed beads');
    await expect(page.getByText(/Bead box, 24 parts, Seed beads/).first()).toBeVisible();
  },
);

test('a place is kept for some things, empty, or for so many odds and ends; what is put there by hand is said', async ({
  page,
  server,
}) => {
  const id = await emptyRoom(page, server.address);
  await add(page, 'Bookcase');
  await page.goto(`${server.address}/plan/${id}/sort`);
  for (const line of ['4 scissors 180 x 70 x 12 mm', '12 stamp sets 178 x 127 x 6 mm']) {
    await write(page, words.field.whatDoYouHave, line);
    await expect(page.getByLabel(words.field.whatDoYouHave)).toHaveValue('');
  }
  await go(page, server.address, `/plan/${id}/place`);
  await page
    .getByRole('button', { name: /^Bookcase, shelf 2/ })
    .first()
    .press('Enter');
  await pick(page, 'Kept for', 'empty, as room to grow');
  await expect
    .poll(async () => Object.values((await planOf(page)).keeps).map((k) => [k.slot, k.for]))
    .toEqual([['s2', 'empty']]);
  await pick(page, 'Kept for', 'odds and ends');
  await write(page, 'Sorts, at most', '1');
  await expect
    .poll(async () => Object.values((await planOf(page)).keeps).map((k) => [k.for, k.lines]))
    .toEqual([['odds', 1]]);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect.poll(async () => Object.values((await planOf(page)).keeps).map((k) => k.lines)).toEqual([5]);
});

test(
  'hooks and a clamp on the edge of a table, mats beside it; a tin measured by its diameter; a line packed another way',
  LONG,
  async ({ page, server }) => {
    const id = await emptyRoom(page, server.address);
    await add(page, 'Work table');
    await add(page, 'Rail with hooks');
    await pick(page, words.field.standsIn, /front edge/);
    await expect(page.getByText(/hangs down to 440 mm in front of the seat/).first()).toBeAttached();
    await add(page, 'Edge clamp');
    await pick(page, words.field.standsIn, /front edge/);
    await add(page, 'Leaning rack');
    await pick(page, words.field.standsIn, /left side/);
    await expect
      .poll(async () => Object.values((await planOf(page)).units).map((u) => [u.hostSlot, u.bottom].join(' ')))
      .toEqual(expect.arrayContaining(['edge 440', 'edge 650', 'left 0']));
    // The two on the edge hang side by side.
    await expect(page.getByText(/Edge clamp and Hook rail overlap|Hook rail and Edge clamp overlap/)).toHaveCount(0);

    await page.goto(`${server.address}/plan/${id}/sort?view=containers`);
    await pick(page, 'Place', /Work table/);
    await page.getByLabel('Find a container').fill('Round tin');
    await page.getByRole('list', { name: 'Library of containers' }).getByRole('button').first().click();
    await page.getByText('It is round').click();
    await write(page, 'Diameter inside', '120 mm');
    await expect
      .poll(async () => Object.values((await planOf(page)).containers).map((c) => [c.width, c.insideWidth]))
      .toEqual([[122, 106.3]]);

    await go(page, server.address, `/plan/${id}/sort`);
    await page.getByLabel(words.field.whatDoYouHave).fill('40 ribbons 100 x 30 x 20 mm');
    await page.getByLabel(words.field.whatDoYouHave).press('Enter');
    await page.getByRole('button', { name: 'Ribbons', exact: true }).click();
    await page.getByText('Packed another way').click();
    const packing = page.getByRole('group', { name: 'Packed another way' });
    await choose(packing.getByLabel('Then it is'), 'sets');
    for (const [label, text] of [
      ['So many of them', '4'],
      ['Length', '150 mm'],
      ['Width', '100 mm'],
      ['Thickness', '40 mm'],
    ] as const) {
      await packing.getByLabel(label, { exact: true }).fill(text);
      await packing.getByLabel(label, { exact: true }).press('Enter');
    }
    const both = page.getByRole('table', { name: 'Packed now and then' });
    await expect(both.getByText('2.4 l')).toHaveCount(2);
    await expect(both.getByText(/^all fit, .* wide$/).first()).toBeVisible();
    await packing.getByRole('button', { name: 'Pack it this way' }).click();
    const ribbons = async () => Object.values((await planOf(page)).supplies).map((s) => [s.form, s.count, s.parts]);
    await expect.poll(ribbons).toEqual([['set', 4, 10]]);
    await page.getByRole('button', { name: words.button.undo, exact: true }).click();
    await expect.poll(ribbons).toEqual([['pieces', 40, null]]);
  },
);
