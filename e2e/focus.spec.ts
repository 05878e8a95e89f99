/** What has the focus is seen before it is pressed. */
import { expect, test } from './testServer.ts';
import { words } from './words.ts';

test.use({ template: 'empty', viewport: { width: 1280, height: 500 } });

test('with a starter list longer than the window, the box has the focus and the button that goes on is in sight', async ({
  page,
  server,
}) => {
  await page.goto(server.address);
  await page.getByLabel(words.field.nameOfThePlan).fill('Cards');
  await page.getByRole('button', { name: words.button.createPlan }).click();
  for (const craft of ['Paper cards', 'Sewing'])
    await page.getByRole('button', { name: new RegExp(`^${craft}`) }).click();
  for (const title of [
    'What do you make?',
    'How large is the room?',
    'What furniture do you have?',
    'Who works here?',
  ]) {
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    const go = page.locator('form button[type="submit"].bg-rust, button[form].bg-rust').last();
    await expect(go).toBeInViewport({ ratio: 1 });
    await go.click();
  }
  await expect(page.getByRole('heading', { name: 'What do you own?' })).toBeVisible();
  await expect(page.getByLabel('Your things')).toBeFocused();
  await expect(page.getByRole('region', { name: 'Usual for Sewing' }).getByRole('button').last()).not.toBeInViewport();
  // What nearly everybody has stays open while one taps.
  for (const craft of ['Paper cards', 'Sewing'])
    await page
      .getByRole('region', { name: `Usual for ${craft}` })
      .getByRole('button', { name: 'Add the first 10' })
      .click();
  const go = page.getByRole('button', { name: 'Continue with 20 things', exact: true });
  await go.focus();
  await expect(go).toBeInViewport({ ratio: 1 });
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What do you own?' })).toBeHidden();
});
