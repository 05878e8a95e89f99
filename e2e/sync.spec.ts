/** Two windows at once, and a browser that loses the server for a while: nothing is lost. */
import { readFileSync } from 'node:fs';
import { expect, test } from './testServer.ts';
import { violated } from './axe.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

test('two windows see each other, and both keep what they did at the same time', async ({
  page,
  server,
  context,
  browser,
}) => {
  const other = await context.newPage();
  const elsewhere = await (await browser.newContext()).newPage();
  await elsewhere.goto(`${server.address}/plan/demo/furnish`);
  await elsewhere.locator('[data-unit="bench"]').waitFor();
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
  // A device that did nothing itself is asked before it takes back what another did.
  await expect(elsewhere.getByRole('button', { name: words.button.undo })).toBeEnabled();
  await elsewhere.keyboard.press('Control+z');
  const asked = elsewhere.getByRole('dialog', { name: 'A step of another device' });
  await expect(asked).toContainText('The last step was made on another device');
  expect(await violated(elsewhere, 'a step of another device', 'light')).toEqual([]);
  await asked.getByRole('button', { name: 'Leave it' }).click();
  await expect(asked).toHaveCount(0);
});

test(
  'a row that the other window removed: the late change is named and left out, the rest stays',
  LONG,
  async ({ page, server, context }) => {
    const other = await context.newPage();
    for (const p of [page, other]) await p.goto(`${server.address}/plan/demo/activities`);
    await page.getByLabel(words.field.activity, { exact: true }).first().waitFor();
    await other.getByLabel(words.field.activity, { exact: true }).first().waitFor();
    await context.route('**/events', (route) => route.abort());
    await page.route('**/changes', (route) => route.abort());
    await page.getByLabel(words.field.timesAWeek).first().fill('5');
    await page.keyboard.press('Enter');
    await expect(page.getByText('not saved')).toBeVisible();
    await other.getByRole('button', { name: words.button.whatCarvingHeadsAndHandsNeeds }).click();
    await other.getByRole('button', { name: words.button.removeCarvingHeadsAndHands }).click();
    await expect(other.getByText('Saved', { exact: true })).toBeVisible();
    await page.unroute('**/changes');
    await expect(
      messages(page).getByText(/no longer applies, since the plan was changed in another window/),
    ).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: words.button.whatCarvingHeadsAndHandsNeeds })).toHaveCount(0);
  },
);

test('the server is away for a while: work goes on, survives a reload of the window, and is saved when it is back', async ({
  page,
  own: server,
}) => {
  await page.goto(`${server.address}/plan/demo/activities`);
  await page.getByLabel(words.field.newActivity).waitFor();
  await server.stop('SIGKILL');
  await page.getByLabel(words.field.newActivity).fill('Done while away');
  await page.keyboard.press('Enter');
  await expect(page.getByText('not saved')).toBeVisible();
  await page.getByLabel(words.field.newActivity).fill('And another');
  await page.keyboard.press('Enter');
  await server.start();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const { plan } = (await (await fetch(`${server.address}/api/plans/demo`)).json()) as {
    plan: { activities: Record<string, { name: string }> };
  };
  expect(Object.values(plan.activities).map((a) => a.name)).toEqual(
    expect.arrayContaining(['Done while away', 'And another']),
  );

  await server.stop('SIGKILL');
  await page.getByLabel(words.field.newActivity).fill('Kept in the browser');
  await page.keyboard.press('Enter');
  await expect(page.getByText('not saved')).toBeVisible();
  await server.start();
  await page.reload();
  await expect
    .poll(() =>
      page
        .getByLabel(words.field.activity, { exact: true })
        .evaluateAll((list) => list.map((e) => (e as HTMLInputElement).value)),
    )
    .toContain('Kept in the browser');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test(
  'a backup is restored under an open second window, which shows it and says why',
  LONG,
  async ({ page, server, context }, info) => {
    const other = await context.newPage();
    await page.goto(`${server.address}/plan/demo/keep`);
    await other.goto(`${server.address}/plan/demo/activities`);
    const name = other.getByLabel(words.field.activity, { exact: true }).first();
    const before = await name.inputValue();
    await page.getByRole('tab', { name: words.tab.shareAndKeepSafe }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download backup' }).click();
    const file = info.outputPath('room.heronbackup');
    await (await download).saveAs(file);
    await name.fill('Made after the backup');
    await name.press('Enter');
    await expect(other.getByText('Saved', { exact: true })).toBeVisible();
    await page.getByLabel(words.field.restoreFromABackup).setInputFiles(file);
    await page.getByRole('button', { name: words.button.restoreThis }).click();
    await expect(messages(other).getByText(/replaced by one from a backup/)).toBeVisible();
    await expect(name).toHaveValue(before);
    // It goes on from there, in both windows.
    await name.fill('Made after it was put back');
    await name.press('Enter');
    for (const p of [page, other]) await expect(p.getByText('Saved', { exact: true })).toBeVisible();
    const { plan } = (await (await fetch(`${server.address}/api/plans/demo`)).json()) as {
      plan: { activities: Record<string, { name: string }> };
    };
    const names = Object.values(plan.activities).map((a) => a.name);
    expect(names).toContain('Made after it was put back');
    expect(names).not.toContain('Made after the backup');
    expect(readFileSync(file).length).toBeGreaterThan(1000);
  },
);

test.describe('with what the browser allows on this machine’s own address', () => {
  test.use({ serviceWorkers: 'allow' });

  test(
    'a reload while the server is away opens Find and Move with the plan last seen; what is done then arrives later',
    LONG,
    async ({ page, own: server }) => {
      await page.goto(`${server.address}/plan/demo/find`);
      await page.getByLabel(words.field.whatAreYouLookingFor).waitFor();
      await page.evaluate(async () => {
        await navigator.serviceWorker.ready;
      });
      await server.stop('SIGKILL');
      await page.reload();
      await page.getByLabel(words.field.whatAreYouLookingFor).fill('sewing mach');
      const found = page.getByRole('list', { name: words.list.found });
      await expect(found.getByRole('button').first()).toContainText('Sewing machine');
      await page.getByRole('button', { name: words.button.markAsUsed }).click();
      await expect(page.getByText('1 not saved')).toBeVisible();
      await page.getByText('1 not saved').click();
      await expect(page.getByText(/also when you reload or close the window/)).toBeVisible();
      await page.keyboard.press('Escape');
      await page.goto(`${server.address}/plan/demo/move`);
      await expect(page.getByRole('group', { name: words.group.nextMove })).toBeVisible();
      await expect(page.getByText('1 not saved')).toBeVisible();
      await server.start();
      await expect(page.getByText('Saved', { exact: true })).toBeVisible();
      const { entries } = (await (await fetch(`${server.address}/api/plans/demo/journal?which=last`)).json()) as {
        entries: Array<{ group: { name: string } }>;
      };
      expect(entries.at(-1)!.group.name).toContain('Used: Sewing machine');
    },
  );
});
