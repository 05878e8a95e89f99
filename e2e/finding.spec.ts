/** What is typed, pasted and removed is never lost: on a slow page, in quantities, and by mistake. */
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { words } from './words.ts';

test('Find keeps every letter, however fast it is typed and however slow the page', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/find`);
  const slow = await page.context().newCDPSession(page);
  const field = page.getByLabel(words.field.whatAreYouLookingFor);
  for (const [rate, delay] of [
    [1, 0],
    [1, 150],
    [8, 60],
  ] as const) {
    await slow.send('Emulation.setCPUThrottlingRate', { rate });
    await field.fill('');
    await field.pressSequentially('scissors', { delay });
    await expect(field).toHaveValue('scissors');
    await expect(page).toHaveURL(/words=scissors$/);
    await expect(page.getByRole('list', { name: words.list.found }).getByRole('button').first()).toContainText(
      /scissors/i,
    );
  }
  // What is asked for elsewhere is taken over.
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await go(page, server.address, '/plan/demo/find?words=gouges');
  await expect(field).toHaveValue('gouges');
});

test('of a list of 2,500 pasted lines a thousand are added, and the others stay in the box, counted', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  const box = page.getByLabel(words.field.whatDoYouHave);
  const list = Array.from({ length: 2_500 }, (_, i) => `${i + 2} gizmo ${i}`).join('\n');
  await box.evaluate((field, text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text', text);
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, list);
  await expect(page.getByText('1,500 more lines stay in the box')).toBeVisible();
  await page.getByRole('button', { name: 'Add 1,000 lines' }).click();
  await expect(page.getByRole('heading', { name: words.heading.n1145Supplies })).toBeVisible();
  expect((await box.inputValue()).trim().split('\n')).toHaveLength(1_500);
  expect(await box.inputValue()).toMatch(/^1002 gizmo 1000\n/);
});

test('a plan is removed from the first page, and brought back', async ({ page, server }) => {
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Remove Puppet workshop' }).click();
  await expect(page.getByText('Puppet workshop was removed.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Puppet workshop/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await page.getByRole('link', { name: /Puppet workshop/ }).click();
  await expect(page.getByRole('heading', { name: 'Place' })).toBeAttached();
});
