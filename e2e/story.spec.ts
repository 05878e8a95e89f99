/** The whole story on an empty data directory: from a measured room to labelled drawers, and everything there again after a restart. */
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { Page } from '@playwright/test';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { choose } from './choose.ts';
import { words } from './words.ts';

test.use({ template: 'empty' });

const step = (page: Page, name: string) =>
  page.getByRole('navigation', { name: words.region.stepsOfTheWork }).getByRole('link', { name }).click();
async function fill(page: Page, label: string, value: string) {
  await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByLabel(label, { exact: true }).press('Enter');
}
const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();

test('measure, furnish, activities, sort, place, label, find; undo; restart; file', async ({ page, own: server }) => {
  await page.goto(server.address);
  await expect(page.getByRole('heading', { name: words.heading.startYourFirstPlan })).toBeVisible();
  await page.getByLabel(words.field.nameOfThePlan).fill('Bindery');
  await page.getByRole('button', { name: words.button.createPlan }).click();
  await page.getByRole('button', { name: words.button.exitSetup }).click();

  await test.step('measure', async () => {
    await expect(page.getByRole('heading', { name: words.heading.firstMeasureTheRoom })).toBeVisible();
    await fill(page, 'Name of the room', 'Attic corner');
    await fill(page, 'West to east', '3.2 m');
    await fill(page, 'North to south', '9 ft 10 in');
    await fill(page, 'Ceiling height', '-4');
    await expect(page.getByRole('alert')).toContainText('negative');
    await fill(page, 'Ceiling height', '90 m');
    await expect(page.getByRole('alert')).toContainText('between 1,500 mm and 8,000 mm');
    await fill(page, 'Ceiling height', '2350');
    await page.getByRole('button', { name: words.button.drawTheRoom }).click();
    await expect(page.getByText('9.59 m² of floor')).toBeVisible();
    await page.getByRole('button', { name: words.button.addADoor }).click();
    await fill(page, 'From the left corner', '40 cm');
    await choose(page.getByLabel(words.field.hinges), 'on the right');
    await page.getByRole('button', { name: words.button.done }).click();
    await page.getByRole('button', { name: words.button.addAWindow }).click();
    await choose(page.getByLabel(words.field.wall, { exact: true }), 'East wall');
    await fill(page, 'Width', '5 m');
    await expect(page.getByRole('alert')).toContainText('5,000 mm wide, but the wall is 2,997 mm long');
    await fill(page, 'Width', '1200');
    await expect(page.getByRole('alert')).toHaveCount(0);
    await page.getByRole('button', { name: words.button.done }).click();
    await page.getByRole('button', { name: words.button.addASocket }).click();
    await fill(page, 'From the left corner', '250');
    await page.getByRole('button', { name: words.button.done }).click();
    await expect(page.getByRole('button', { name: /socket, North wall/i })).toBeVisible();
  });

  await test.step('furnish', async () => {
    await step(page, 'Furnish');
    for (const title of [
      'Work table',
      'Slim drawer unit',
      'Cube shelf',
      'Bookcase',
      'Wall shelf',
      'Three-tier cart',
      'Pegboard',
    ]) {
      await page.getByLabel(words.field.findATypeOfFurniture).fill(title);
      await page.getByRole('button', { name: new RegExp(`^${title} `) }).click();
      await expect(page.getByLabel(words.field.name, { exact: true })).toBeVisible();
      await page.keyboard.press('Escape');
      await page.getByRole('group', { name: /from above/ }).click({ position: { x: 5, y: 5 } });
    }
    await page.getByRole('button', { name: words.button.slimDrawers, exact: true }).click();
    await fill(page, 'Name', 'Paper drawers');
    await fill(page, 'Inside heights of the drawers, from the top', '50, 50, 60, 60, 100, 150');
    await expect(page.getByText('6 in all')).toBeVisible();
    await fill(page, 'Inside heights of the drawers, from the top', '50, 50, 60, 60, 100, 4');
    await expect(page.getByRole('alert')).toContainText('between 10 mm and 3,000 mm');
    await fill(page, 'Inside heights of the drawers, from the top', '50, 50, 60, 60, 100, 160');
    await fill(page, 'Height', '2500');
    await expect(page.getByText('Paper drawers reaches 2,500 mm; the ceiling is at 2,350 mm.')).toBeVisible();
    await fill(page, 'Height', '700');
    await fill(page, 'From the west wall', '-30');
    await expect(page.getByText(/through a wall or outside the room/)).toBeVisible();
    await page.getByRole('button', { name: words.button.undo, exact: true }).click();
    await expect(page.getByText(/through a wall or outside the room/)).toHaveCount(0);
    await page.getByRole('group', { name: /from above/ }).click({ position: { x: 5, y: 5 } });
    await page.getByRole('button', { name: words.button.seatWorkTable }).click();
    await fill(page, 'Standing height, Me', '1720');
    await choose(page.getByLabel(words.field.posture), 'standing');
    await choose(page.getByLabel(words.field.posture), 'seated');
    await page.getByRole('button', { name: words.button.done }).click();
  });

  await test.step('drag a unit', async () => {
    const cart = page.locator('[data-unit]').filter({ has: page.locator('title', { hasText: 'Cart' }) });
    const before = (await cart.boundingBox())!;
    await page.mouse.move(before.x + before.width / 2, before.y + before.height / 2);
    await page.mouse.down();
    await page.mouse.move(before.x + before.width / 2 + 60, before.y + before.height / 2 + 60, { steps: 6 });
    await page.mouse.up();
    const after = (await cart.boundingBox())!;
    expect(Math.hypot(after.x - before.x, after.y - before.y)).toBeGreaterThan(30);
    await expect(page.getByRole('button', { name: words.button.undo, exact: true })).toHaveAttribute(
      'title',
      'Undo: Move Cart',
    );
  });

  await test.step('activities', async () => {
    await step(page, 'Activities');
    for (const name of ['Bookbinding', 'Painting']) {
      await page.getByLabel(words.field.newActivity).fill(name);
      await page.getByRole('button', { name: words.button.addTheActivity }).click();
    }
    await expect(page.getByRole('listitem').filter({ has: page.getByLabel(words.field.timesAWeek) })).toHaveCount(2);
    const rows = page.getByRole('listitem').filter({ has: page.getByLabel(words.field.timesAWeek) });
    await rows.nth(0).getByLabel(words.field.timesAWeek).fill('4');
    await rows.nth(0).getByLabel(words.field.timesAWeek).press('Enter');
    await expect(page.getByText('4.0 h a week')).toBeVisible();
  });

  await test.step('sort: one line each, read live', async () => {
    await step(page, 'Sort');
    const line = page.getByLabel(words.field.whatDoYouHave);
    await line.fill('84 gizmos');
    await expect(page.getByText('size not known yet')).toBeVisible();
    await expect(page.getByRole('button', { name: words.button.addIt })).toBeEnabled();
    await line.fill('0 gizmos');
    await expect(page.getByText('The count is at least 1.')).toBeVisible();
    await expect(page.getByRole('button', { name: words.button.addIt })).toBeDisabled();
    for (const text of [
      '84 markers 140 x 12 mm, painting 6x',
      '250 sheets card A4 220 gsm, bookbinding 3x',
      '120 loose beads 8 x 8 x 8 mm, bookbinding 0,5x',
      '6 bone folders 150 x 25 x 4, bookbinding 5x',
      '1 press 300 x 250 x 240 9 kg, bookbinding 1x',
      '2 poles 2.2 m x 30 mm',
    ]) {
      await line.fill(text);
      await line.press('Enter');
      await expect(line).toHaveValue('');
    }
    await expect(page.getByRole('heading', { name: words.heading.n6Supplies })).toBeVisible();
    await expect(page.getByRole('row', { name: /Card/ })).toContainText('3.4 kg');
  });

  await test.step('place: one button, with reasons; what has no place says why', async () => {
    await step(page, 'Place');
    await page.getByRole('button', { name: words.button.fillTheRoom }).click();
    await expect(page.getByText(/The room is filled/).first()).toBeVisible();
    await expect(page.getByText('Not placed yet (1)')).toBeVisible();
    await expect(page.getByText(/larger than every place: .* too (long|wide)/)).toBeVisible();
    await expect(page.getByRole('button', { name: words.button.placePoles })).toBeVisible();
  });

  await test.step('find a thing, open its place, lock it, move it by menu', async () => {
    await step(page, 'Find');
    await page.getByLabel(words.field.whatAreYouLookingFor).fill('mark');
    await expect(page.getByRole('list', { name: words.list.found })).toContainText('Markers');
    await expect(page.getByRole('list', { name: words.list.found })).toContainText('84');
    await step(page, 'Place');
    // The strip of walls is drawn once more when the step has come: a key that was pressed before is not heard.
    const folders = page
      .getByRole('complementary')
      .getByRole('button', { name: /Bone folders/ })
      .first();
    await expect(async () => {
      await settled(page);
      await page.locator('[data-place]', { hasText: /Bone/ }).first().press('Enter');
      await expect(folders).toBeVisible({ timeout: 5_000 });
    }).toPass();
    await folders.click();
    await expect(page.getByText('Why here')).toBeVisible();
    await expect(page.getByText(/s a fetch: .* of \d+ places that hold it/)).toBeVisible();
    await page.getByRole('button', { name: /^\d+\.\d s$/ }).click();
    await expect(page.getByRole('dialog')).toContainText('MTM-1');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: words.button.move }).click();
    await page.getByRole('combobox', { name: 'To which place' }).fill('bookcase, shelf 3');
    await page.getByRole('option', { name: /Bookcase, shelf 3/ }).click();
    await expect(
      page
        .getByRole('complementary')
        .getByRole('definition')
        .filter({ hasText: /^Bookcase, shelf 3$/ }),
    ).toBeVisible();
    await page.getByRole('button', { name: words.button.keepItHere }).click();
    await expect(page.getByRole('button', { name: words.button.letItMove })).toBeVisible();
    await page.locator('[data-place]').first().press('Enter');
    await page.getByRole('button', { name: words.button.done }).click();
    await page.getByRole('button', { name: words.button.fillTheRoom }).click();
    await expect(page.getByRole('button', { name: /^Bookcase, shelf 3: .*suppl/ })).toBeVisible();
  });

  await test.step('labels as a PDF on both papers', async () => {
    await step(page, 'Label');
    for (const [paper, width] of [
      ['US Letter', 612],
      ['A4', 595.28],
    ] as const) {
      await choose(page.getByRole('combobox', { name: words.field.paper }), paper);
      const download = page.waitForEvent('download');
      await page.getByRole('button', { name: words.button.makeThePdf }).click();
      const bytes = new Uint8Array(readFileSync(await (await download).path()));
      const doc = await getDocument({ data: bytes, verbosity: 0 }).promise;
      const first = await doc.getPage(1);
      expect(first.view[2]).toBeCloseTo(width, 1);
      const text = (await first.getTextContent()).items.map((i) => ('str' in i ? i.str : '')).join(' ');
      expect(text).toContain('Bookcase');
    }
  });

  const week = page.getByRole('group', { name: 'A week in the room' });
  let before = '';
  await test.step('undo and redo, also after closing the window', async () => {
    await step(page, 'Place');
    await saved(page);
    before = await week.innerText();
    await page.getByRole('button', { name: words.button.fillTheRoom }).waitFor();
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: words.button.undo, exact: true }).click();
    await saved(page);
    await page.reload();
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: words.button.redo, exact: true }).click();
    await saved(page);
    await expect(week).toHaveText(before, { useInnerText: true });
  });

  await test.step('restart the server: everything is as it was', async () => {
    await server.stop();
    await server.start();
    await page.goto(server.address);
    await page.getByRole('link', { name: /Bindery/ }).click();
    await expect(week).toHaveText(before, { useInnerText: true });
    await step(page, 'Measure');
    await expect(page.getByText('9.59 m² of floor')).toBeVisible();
    await expect(page.getByRole('button', { name: /door, / })).toBeVisible();
  });

  await test.step('take the plan away as a file and bring it back', async () => {
    await page.getByRole('button', { name: words.button.more }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: words.button.exportPlan }).click();
    const file = await (await download).path();
    await page.goto(server.address);
    await page.getByLabel(words.field.openAPlanFromAFile).setInputFiles({
      name: 'broken.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format": "something else"}'),
    });
    await expect(page.getByRole('alert')).toContainText('not a Heronstone plan');
    await page
      .getByLabel(words.field.openAPlanFromAFile)
      .setInputFiles({ name: 'plan.json', mimeType: 'application/json', buffer: readFileSync(file) });
    await expect(page).toHaveURL(/\/plan\/.*\/place/);
    await expect(week).toHaveText(before, { useInnerText: true });
  });
});

test('walk the walls of an L-shaped room with a 25 mm error, see it, spread it; drag a corner; the tape is kept', async ({
  page,
  server,
}) => {
  await page.goto(server.address);
  await page.getByRole('button', { name: words.button.createPlan }).click();
  await page.getByRole('button', { name: words.button.exitSetup }).click();
  await page.getByRole('radio', { name: /walk the walls/ }).click();
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: words.button.oneMoreWall }).click();
  const walls = [
    ['4 m', 'then right'],
    ['2000', 'then right'],
    ['2000', 'then left'],
    ['100 cm', 'then right'],
    ['2025', 'then right'],
    ['3 m', 'then right'],
  ] as const;
  for (const [i, [length, turn]] of walls.entries()) {
    await page.getByLabel(`Length of wall ${i + 1}`).fill(length);
    await choose(page.getByLabel(`Turn after wall ${i + 1}`), turn);
  }
  await expect(page.getByText('The end misses the start by 25 mm, 1 in 561.')).toBeVisible();
  await expect(page.getByText(/Measure again first: wall [135] /)).toBeVisible();
  await choose(page.getByLabel(words.field.turnAfterWall3), 'then right');
  await expect(page.getByText(/The turns add up to 540°/)).toBeVisible();
  await choose(page.getByLabel(words.field.turnAfterWall3), 'then left');
  await page.getByRole('button', { name: words.button.spread25MmOverTheWalls }).click();
  await expect(page.getByText('10.0', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: /^South wall 2 / }).click();
  await expect(page.getByText('2,025 mm')).toBeVisible();
  await expect(page.getByText('Drawn')).toBeVisible();
  await page.getByRole('button', { name: words.button.putACornerInItsMiddle }).click();
  await expect(page.locator('[data-corner]')).toHaveCount(7);
  await page.getByRole('button', { name: words.button.deleteCorner }).click();
  await expect(page.locator('[data-corner]')).toHaveCount(6);
  const corner = page.locator('[data-corner]').nth(1);
  const at = (await corner.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + 60, at.y + 4, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: words.button.undo, exact: true })).toHaveAttribute(
    'title',
    'Undo: Move a corner',
  );
});
