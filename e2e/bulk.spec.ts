/** A CSV of 1,000 supplies: imported, placed, shown, with the longest task on the main thread read from a trace. */
import { frames, longestTask, p95 } from './frames.ts';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

function csv(rows: number): string {
  const lines = ['name,kind,count,length,width,thickness,mass,uses'];
  for (let i = 0; i < rows; i++) {
    const [a, b, c] = [40 + ((i * 37) % 200), 20 + ((i * 17) % 80), 5 + ((i * 7) % 30)];
    lines.push(
      `"Thing ${i}, ""kind ${i % 9}""",kind ${i % 9},${1 + (i % 6)},${a},${b},${c},20,Painting and varnish ${(i % 7) / 2}`,
    );
  }
  return lines.join('\n');
}

test('1,000 supplies', LONG, async ({ page, server, browser }) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  await page.getByRole('button', { name: words.button.pasteOrOpenATable }).click();
  const trace = async (what: string, work: () => Promise<void>) => {
    await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline', '__metadata'] });
    await work();
    const longest = longestTask(await browser.stopTracing());
    test
      .info()
      .annotations.push({ type: 'longest main-thread task', description: `${what}: ${longest.toFixed(0)} ms` });
    console.log(`      longest main-thread task, ${what}: ${longest.toFixed(0)} ms`);
    return longest;
  };
  await trace('reading 1,000 rows and their preview', async () => {
    await page
      .getByLabel(words.field.chooseAFile)
      .setInputFiles({ name: 'things.csv', mimeType: 'text/csv', buffer: Buffer.from(csv(1000)) });
    await expect(page.getByText('1000 of 1000 rows are ready')).toBeVisible();
  });
  await trace('adding them', async () => {
    await page.getByRole('button', { name: words.button.add1000Supplies }).click();
    await expect(page.getByRole('heading', { name: words.heading.n1145Supplies })).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  });
  await page.getByRole('link', { name: /^Place/ }).click();
  await page.getByRole('button', { name: words.button.fillTheRoom }).waitFor();
  await settled(page);
  await trace('while the worker fills the room', async () => {
    await page.getByRole('button', { name: words.button.fillTheRoom }).click();
    await page.getByRole('button', { name: words.button.stopAndKeepTheBest }).waitFor();
    // The interface answers meanwhile: another view, another seat, a drawer.
    await page.getByRole('tab', { name: words.tab.fromAbove }).click();
    await expect(page.locator('[data-unit="cart"]')).toBeVisible();
    await page.getByRole('tab', { name: words.tab.roundTheRoom }).click();
    await page.locator('[data-place="slim/d2"]').press('Enter');
    await expect(page.getByRole('heading', { name: words.heading.slimDrawersDrawer2 })).toBeVisible();
    await page.getByRole('tab', { name: words.tab.fromAbove }).click();
  });
  await page.getByRole('complementary').getByRole('button', { name: words.button.done }).click();
  await page.getByRole('button', { name: words.button.stopAndKeepTheBest }).click();
  await expect(messages(page).getByText(/The room is filled/)).toBeVisible();
  await page.getByRole('link', { name: /^Sort/ }).click();
  await page.getByLabel(words.field.showOnlySupplies).fill('Thing 99');
  await expect(page.getByRole('row')).toHaveCount(12);
});

test(
  'a CSV with missing columns and one with wrong numbers say so; nothing is added',
  LONG,
  async ({ page, server }) => {
    await page.goto(`${server.address}/plan/demo/sort`);
    await page.getByRole('button', { name: words.button.pasteOrOpenATable }).click();
    const choose = (text: string) =>
      page
        .getByLabel(words.field.chooseAFile)
        .or(page.getByLabel(words.field.xCsv))
        .setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await choose('foo;bar\nPens;3');
    await expect(page.getByRole('list', { name: words.list.problems })).toContainText('The column name is missing');
    await choose('name,count,length,width,thickness\nPens,x,140,12,12\nInks,3,70,45,45\n');
    await expect(page.getByRole('list', { name: words.list.problems })).toContainText(
      'Row 2, count: “x” is not a number.',
    );
    await expect(page.getByText('1 of 2 rows are ready')).toBeVisible();
    await page.getByRole('button', { name: words.button.leaveIt }).click();
    await expect(page.getByRole('heading', { name: words.heading.n145Supplies })).toBeVisible();
  },
);

test(
  '5,000 supplies: imported in one transaction; scrolled, sorted, filtered and changed at once, with frame times',
  LONG,
  async ({ page, server }, info) => {
    await page.goto(`${server.address}/plan/demo/sort`);
    const revision = async () =>
      ((await (await page.request.get(`${server.address}/api/plans/demo`)).json()) as { revision: number }).revision;
    const before = await revision();
    await page.getByRole('button', { name: words.button.pasteOrOpenATable }).click();
    await page
      .getByLabel(words.field.chooseAFile)
      .setInputFiles({ name: 'things.csv', mimeType: 'text/csv', buffer: Buffer.from(csv(5000)) });
    await expect(page.getByText('5000 of 5000 rows are ready')).toBeVisible();
    await page.getByRole('button', { name: words.button.add5000Supplies }).click();
    await expect(page.getByRole('heading', { name: words.heading.n5145Supplies })).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    // One line of the journal, written in one transaction, for all of them.
    expect(await revision()).toBe(before + 1);
    await expect(page.getByText(/\d+ not placed yet/)).toContainText('5');
    const table = page.getByRole('table', { name: words.table.supplies });
    const idle = await frames(page, () => page.waitForTimeout(1500));
    const scrolled = await frames(page, async () => {
      await table.hover();
      for (let i = 0; i < 60; i++) {
        await page.mouse.wheel(0, 900);
        await page.waitForTimeout(16);
      }
    });
    const sorted = await frames(page, async () => {
      for (const column of ['Count', 'Kind', 'Uses a week']) {
        await table.getByRole('button', { name: new RegExp(`^${column}`) }).click();
        await page.waitForTimeout(250);
      }
    });
    const filtered = await frames(page, async () => {
      await page.getByLabel(words.field.showOnlySuppliesWithTheseLetters).pressSequentially('kind 4', { delay: 120 });
      await expect(page.getByText(/^5\d\d shown/)).toBeVisible();
    });
    await page.getByRole('checkbox', { name: words.choice.chooseAllLinesShown }).check();
    const bar = page.getByRole('form', { name: words.group.changeManyLines });
    await choose(bar.getByLabel(words.field.whatToChange), 'Season');
    await bar.getByLabel(words.field.toWhat).fill('winter');
    const changed = await frames(page, async () => {
      await bar.getByRole('button', { name: /^Change 5\d\d lines/ }).click();
      await expect(page.getByText('Saved', { exact: true })).toBeVisible();
      await page.waitForTimeout(300);
    });
    expect(await revision()).toBe(before + 2);
    const report = Object.fromEntries(
      Object.entries({ idle, scrolled, sorted, filtered, changed }).map(([what, times]) => [
        what,
        Number(p95(times).toFixed(1)),
      ]),
    );
    console.log(`      frame times with 5,145 lines, 95th percentile, ms: ${JSON.stringify(report)}`);
    await info.attach('frame times', { body: JSON.stringify(report), contentType: 'application/json' });
    // Not a timed promise: only that it keeps drawing at all.
    expect(scrolled.length).toBeGreaterThan(30);
  },
);
