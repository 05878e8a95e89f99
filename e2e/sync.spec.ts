/** Two windows at once, and a browser that loses the server for a while: nothing is lost. */
import { expect, test } from './server.ts';
import { messages } from './messages.ts';
import { words } from './words.ts';

test('two windows see each other, and both keep what they did at the same time', async ({ page, server, context }) => {
  const other = await context.newPage();
  for (const p of [page, other]) await p.goto(`${server.address}/plan/demo/activities`);
  const name = (p: typeof page, n: number) => p.getByLabel(words.field.activity, { exact: true }).nth(n);
  await name(page, 0).fill('Carving in limewood');
  await name(page, 0).press('Enter');
  await expect(name(other, 0)).toHaveValue('Carving in limewood');
  // Both write before either has heard of the other.
  await Promise.all([
    (async () => {
      await page.getByLabel(words.field.newActivity).fill('From the first window');
      await page.keyboard.press('Enter');
    })(),
    (async () => {
      await other.getByLabel(words.field.newActivity).fill('From the second window');
      await other.keyboard.press('Enter');
    })(),
  ]);
  for (const p of [page, other]) {
    await expect
      .poll(() =>
        p
          .getByLabel(words.field.activity, { exact: true })
          .evaluateAll((list) => list.map((e) => (e as HTMLInputElement).value)),
      )
      .toEqual(expect.arrayContaining(['From the first window', 'From the second window', 'Carving in limewood']));
  }
});

test('a row that the other window removed: the late change is named and left out, the rest stays', async ({
  page,
  server,
  context,
}) => {
  const other = await context.newPage();
  for (const p of [page, other]) await p.goto(`${server.address}/plan/demo/activities`);
  await page.getByLabel(words.field.activity, { exact: true }).first().waitFor();
  await other.getByLabel(words.field.activity, { exact: true }).first().waitFor();
  await context.route('**/events', (route) => route.abort());
  await page.route('**/changes', (route) => route.abort());
  await page.getByLabel(words.field.timesAWeek).first().fill('5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not saved')).toBeVisible();
  await other.getByRole('button', { name: words.button.whatCarvingHeadsAndHandsNeeds }).click();
  await other.getByRole('button', { name: words.button.removeCarvingHeadsAndHands }).click();
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await page.unroute('**/changes');
  await expect(
    messages(page).getByText(/no longer applies, since the plan was changed in another window/),
  ).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: words.button.whatCarvingHeadsAndHandsNeeds })).toHaveCount(0);
});

test('the server is away for a while: work goes on, survives a reload of the window, and is saved when it is back', async ({
  page,
  own: server,
}) => {
  await page.goto(`${server.address}/plan/demo/activities`);
  await page.getByLabel(words.field.newActivity).waitFor();
  await server.stop('SIGKILL');
  await page.getByLabel(words.field.newActivity).fill('Done while away');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not saved')).toBeVisible();
  await page.getByLabel(words.field.newActivity).fill('And another');
  await page.keyboard.press('Enter');
  await server.start();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
  const { plan } = (await (await fetch(`${server.address}/api/plans/demo`)).json()) as {
    plan: { activities: Record<string, { name: string }> };
  };
  expect(Object.values(plan.activities).map((a) => a.name)).toEqual(
    expect.arrayContaining(['Done while away', 'And another']),
  );

  await server.stop('SIGKILL');
  await page.getByLabel(words.field.newActivity).fill('Kept in the browser');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not saved')).toBeVisible();
  await server.start();
  await page.reload();
  await expect
    .poll(() =>
      page
        .getByLabel(words.field.activity, { exact: true })
        .evaluateAll((list) => list.map((e) => (e as HTMLInputElement).value)),
    )
    .toContain('Kept in the browser');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
});
