/** Everyday changes in each step, in inches as well, with what is wrong said beside the field. */
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { words } from './words.ts';

test('a plan in feet and inches prints back what was typed', async ({ page, server }) => {
  await page.goto(server.address);
  await page.getByLabel(words.field.nameOfThePlan).fill('Inches');
  await page.getByLabel(words.field.feetAndInches).check();
  await page.getByRole('button', { name: words.button.createPlan }).click();
  await page.getByRole('button', { name: words.button.exitSetup }).click();
  const side = page.getByLabel(words.field.westToEast);
  await side.fill('11 ft 4 1/2 in');
  await side.press('Enter');
  await page.getByRole('button', { name: words.button.drawTheRoom }).click();
  await expect(page.getByLabel(words.field.westToEast)).toHaveValue('11 ft 4 1/2 in');
  await page.getByRole('button', { name: words.button.addADoor }).click();
  const width = page.getByLabel(words.field.width, { exact: true });
  await width.fill('2 ft 6');
  await width.press('Enter');
  await expect(width).toHaveValue('30 in');
  await width.fill('two and a half feet');
  await width.press('Enter');
  await expect(page.getByRole('alert')).toContainText('for example 11 ft 4 in, 11-4 or 12 1/2 in');
  await width.press('Escape');
  await expect(width).toHaveValue('30 in');
  await page.getByRole('link', { name: /^Sort/ }).click();
  await page.getByLabel(words.field.whatDoYouHave).fill('48 pads 3 x 2 x 7/8');
  await expect(page.getByText('3 × 2 × 7/8 in', { exact: true })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /Pads/ })).toContainText('3 × 2 × 7/8');
});

test('a supply is changed in its sheet, its uses too, and the figures follow', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  await page.getByLabel(words.field.showOnlySupplies).fill('Markers');
  await page.getByRole('button', { name: words.button.markers }).click();
  const sheet = page.getByRole('complementary');
  const set = async (label: string, value: string) => {
    await sheet.getByLabel(label, { exact: true }).fill(value);
    await sheet.getByLabel(label, { exact: true }).press('Enter');
  };
  await set('Count', '0');
  await expect(sheet.getByRole('alert')).toContainText('whole number from 1 to');
  await set('Count', '96');
  await expect(sheet.getByText('96 pieces')).toBeVisible();
  await expect(page.getByRole('row', { name: /Markers/ })).toContainText('96');
  await set('Cutting toy-theatre scenery: fetches a session', '10');
  await expect(sheet.getByText('15 times a week')).toBeVisible();
  await choose(sheet.getByLabel(words.field.addAUse), 'Packing for fairs');
  await expect(sheet.getByLabel(words.field.packingForFairsFetchesASession)).toBeVisible();
  await sheet.getByRole('button', { name: words.button.noLongerUsedForPackingFor }).click();
  await expect(sheet.getByLabel(words.field.packingForFairsFetchesASession)).toHaveCount(0);
  await sheet.getByLabel(words.field.onEnd).uncheck();
  await expect(sheet.getByLabel(words.field.onEnd)).not.toBeChecked();
  await sheet.getByRole('button', { name: words.button.remove, exact: true }).click();
  await expect(page.getByRole('heading', { name: words.heading.n144Supplies })).toBeVisible();
  // What is removed can be taken back from the message about it.
  await messages(page)
    .filter({ hasText: /^Removed Markers/ })
    .getByRole('button', { name: 'Undo this step' })
    .click();
  await expect(page.getByRole('heading', { name: words.heading.n145Supplies })).toBeVisible();
});

test('the table sorts by any column, both ways', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  const first = () => page.getByRole('table').getByRole('row').nth(1);
  await expect(first()).toContainText('Acrylics');
  await page
    .getByRole('columnheader', { name: /^Count/ })
    .getByRole('button')
    .click();
  await expect(page.getByRole('columnheader', { name: /^Count/ })).toHaveAttribute('aria-sort', 'descending');
  await expect(first()).toContainText('400');
  await page
    .getByRole('columnheader', { name: /^Count/ })
    .getByRole('button')
    .click();
  await expect(page.getByRole('columnheader', { name: /^Count/ })).toHaveAttribute('aria-sort', 'ascending');
  await expect(first()).not.toContainText('400');
});

test('labels too large for the sheet are refused with the field; smaller ones make more columns', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/label`);
  await expect(page.getByText('3 × 7')).toBeVisible();
  const width = page.getByLabel(words.field.labelWidth);
  await width.fill('300');
  await width.press('Enter');
  await expect(page.getByRole('alert')).toContainText('between 15 mm and 200 mm');
  await width.fill('195');
  await width.press('Enter');
  await expect(page.getByText('A label 195 mm wide does not fit the sheet; at most 190 mm.')).toBeVisible();
  await width.fill('45');
  await width.press('Enter');
  await expect(page.getByText('4 × 7')).toBeVisible();
});

test('the usual person changes what is in reach; every figure of the week opens', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/furnish`);
  await page.locator('[data-station="seat-bench"]').press('Enter');
  const sheet = page.getByRole('complementary');
  const grip = async () => sheet.getByText('Arm, shoulder to grip').locator('..').innerText();
  const before = await grip();
  await choose(sheet.getByLabel(words.field.who), 'Apprentice');
  await expect.poll(grip).not.toBe(before);
  expect(await grip()).toContain('548 mm');
  await page.getByRole('button', { name: /min as planned/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Looking for things with no home');
});

test('today and planned are shown apart, and the dark theme is kept', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place`);
  await page.locator('[data-place="books/s6"]').press('Enter');
  const sheet = page.getByRole('complementary');
  await page.getByRole('radio', { name: words.choice.today }).click();
  await expect(sheet.getByText('In it today')).toBeVisible();
  await expect(sheet.getByText(/overfull/)).toBeVisible();
  await page.getByRole('radio', { name: words.choice.planned }).click();
  await expect(sheet.getByText('Planned for it')).toBeVisible();
  await page.getByRole('button', { name: words.button.more }).click();
  await page.getByRole('menuitem', { name: words.button.dark }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.locator('[data-place="books/s6"]').waitFor();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: words.dialog.keyboardShortcuts })).toBeVisible();
});
