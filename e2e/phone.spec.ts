/** Find on a phone in the hand. */
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './testServer.ts';
import { words } from './words.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('type a few letters, see drawer and count, lit in the drawing; nothing sticks out sideways', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/find`);
  await page.getByLabel(words.field.whatAreYouLookingFor).fill('sewing mach');
  const found = page.getByRole('list', { name: words.list.found });
  await expect(found.getByRole('button').first()).toContainText('Sewing machine');
  const place = page.getByRole('region', { name: words.region.whereItIs }).getByRole('status');
  await expect(found.getByRole('button').first()).toContainText(await place.innerText());
  await expect(page.locator('.lit').first()).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
});

test('the code of a label opens Find at its place', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/find?place=${encodeURIComponent('trunk/box')}`);
  await expect(page.getByRole('region', { name: words.region.whereItIs }).getByRole('status')).toHaveText('Trunk');
  await page.goto(`${server.address}/plan/demo/find?place=gone%2Fd1`);
  await expect(page.getByRole('alert')).toContainText('not in the plan any more');
});
