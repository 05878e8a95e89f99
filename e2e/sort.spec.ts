/** From an empty plan to a shopping list: starter lists, drawer by drawer on a phone, purge, balance, containers. */
import { readFileSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();
const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();
const stone = (page: Page, name: string) =>
  page.getByRole('navigation', { name: words.region.stepsOfTheWork }).getByRole('link', { name }).click();

test.describe('on an empty directory', () => {
  test.use({ template: 'empty' });

  test('starter list, drawer by drawer on a phone, purge, balance, containers, shopping list', async ({
    page,
    server,
  }) => {
    await page.goto(server.address);
    await page.getByLabel(words.field.nameOfThePlan).fill('Card corner');
    await page.getByRole('button', { name: words.button.createPlan }).click();
    await page.getByRole('button', { name: words.button.exitSetup }).click();
    await page.getByRole('button', { name: words.button.drawTheRoom }).click();
    await expect(page.getByText('m² of floor')).toBeVisible();
    await stone(page, 'Furnish');
    for (const title of ['Cube shelf', 'Slim drawer unit']) {
      await page.getByLabel(words.field.findATypeOfFurniture).fill(title);
      await page
        .getByRole('button', { name: new RegExp(`^${title} `) })
        .first()
        .click();
      await expect(page.getByLabel(words.field.name, { exact: true })).toBeVisible();
      await page.getByRole('group', { name: /from above/ }).click({ position: { x: 5, y: 5 } });
    }

    await test.step('a starter list: tick, correct a count, add', async () => {
      await stone(page, 'Sort');
      await tab(page, 'Starter lists');
      await page.getByRole('button', { name: words.button.paperCards }).click();
      for (const kind of ['Card stock, A4', 'Tape runner', 'Foam pads, adhesive', 'Paper trimmer'])
        await page.getByRole('checkbox', { name: new RegExp(`^${kind}`) }).check();
      await page.getByLabel(words.field.howManyTapeRunner).fill('zero');
      await expect(page.getByRole('alert')).toContainText('Tape runner: the count is a whole number');
      await expect(page.getByRole('button', { name: words.button.add4Supplies })).toBeDisabled();
      await page.getByLabel(words.field.howManyTapeRunner).fill('6');
      await page.getByRole('button', { name: words.button.add4Supplies }).click();
      await tab(page, 'The list');
      await expect(page.getByRole('heading', { name: words.heading.n4Supplies })).toBeVisible();
      await expect(page.getByRole('row', { name: /Tape runner/ })).toContainText('6');
    });

    await test.step('drawer by drawer, on a phone: today’s place is recorded on the way', async () => {
      await page.setViewportSize({ width: 390, height: 844 });
      await tab(page, 'Drawer by drawer');
      const first = await page.getByRole('heading', { level: 2 }).first().innerText();
      const line = page.getByLabel(words.field.whatIsInHere);
      await line.fill('84 alcohol markers');
      await expect(page.getByText(/150 × 17 × 17 mm \(usual size of alcohol markers\)/)).toBeVisible();
      await line.press('Enter');
      await line.fill('40 mm of A2 card 300 gsm');
      await expect(page.getByText('108 of them in 40 mm')).toBeVisible();
      await line.press('Enter');
      await line.fill('12 gizmos');
      await expect(page.getByText('size not known yet')).toBeVisible();
      await line.fill('12 gizmos 80 x 60 x 40');
      await line.press('Enter');
      const here = page.getByRole('list', { name: words.list.inItToday });
      await expect(here.getByRole('listitem')).toHaveCount(3);
      await page.getByRole('button', { name: words.button.gizmosIsNotHere }).click();
      await expect(here.getByRole('listitem')).toHaveCount(2);
      await page.getByRole('button', { name: words.button.nextPlace, exact: true }).click();
      await expect(page.getByRole('heading', { level: 2 }).first()).not.toHaveText(first);
      await expect(page.getByText('Nothing is noted here yet.')).toBeVisible();
      await page.getByRole('button', { name: words.button.previousPlace }).click();
      await expect(here.getByRole('listitem')).toHaveCount(2);
      // No button is wider than the phone.
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      await page.setViewportSize({ width: 1280, height: 800 });
    });

    await test.step('a purge by single keys; what it frees; a decision taken back', async () => {
      await tab(page, 'Purge');
      await expect(page.locator('[data-purge]')).toBeVisible();
      const freed = page.locator('[data-freed]');
      await expect(freed).toHaveText('0 ml');
      for (const key of ['k', 'k', 'g', 'e', 's', 'u', 'k']) {
        const open = await page.locator('[data-purge]').getAttribute('data-purge');
        await page.keyboard.press(key);
        if (key !== 'k') await expect(page.locator(`[data-purge="${open}"]`)).toHaveCount(0);
      }
      const frees = page.getByRole('complementary', { name: words.region.whatItFrees });
      await expect(frees).toContainText('Decided7 of 7');
      await expect(freed).not.toHaveText('0 ml');
      await expect(page.getByText(/Decided: /)).toBeVisible();
      await page.getByRole('button', { name: words.button.takeItBack }).click();
      await expect(frees).toContainText('Decided6 of 7');
      for (let i = 0; i < 8; i++) await page.getByRole('button', { name: words.button.undo, exact: true }).click();
      await expect(freed).toHaveText('0 ml');
    });

    await test.step('the balance says what is short', async () => {
      await tab(page, 'Balance');
      await expect(page.locator('[data-balance]')).toContainText(/Short of .* of flat shelf for Card/);
      await expect(page.getByRole('list', { name: words.list.withoutRoomFlatAndLarge })).toContainText(
        'no place is large enough',
      );
    });

    await test.step('containers for a drawer, the best mix taken, one dragged and one moved by key', async () => {
      await stone(page, 'Place');
      await page.getByRole('button', { name: words.button.fillTheRoom }).click();
      await expect(messages(page).getByText(/The room is filled/)).toBeVisible();
      await stone(page, 'Sort');
      await tab(page, 'Containers');
      const place = page.getByLabel(words.field.place, { exact: true });
      await expect(place).toBeVisible();
      // The place in which the foam pads lie.
      const at = await page.evaluate(async () => {
        const id = location.pathname.split('/')[2]!;
        const { plan } = (await (await fetch(`/api/plans/${id}`)).json()) as {
          plan: {
            placements: Record<string, { supply: string; arrangement: string; unit: string; slot: string }>;
            supplies: Record<string, { name: string }>;
          };
        };
        const p = Object.values(plan.placements).find(
          (x) => x.arrangement === 'planned' && plan.supplies[x.supply]!.name.startsWith('Foam pads'),
        )!;
        return `${p.unit}/${p.slot}`;
      });
      await choose(place, { key: at });
      await page.getByRole('button', { name: words.button.whichContainers }).click();
      const dialog = page.getByRole('dialog');
      await expect(dialog.getByRole('heading', { name: /^Best: \d+ % of the floor/ })).toBeVisible();
      await dialog.getByRole('radio', { name: words.choice.leastMoneyFirst }).click();
      await expect(dialog.getByRole('button', { name: words.button.takeThisMix })).toBeVisible();
      await dialog.getByRole('button', { name: words.button.takeThisMix }).click();
      await expect(dialog).toHaveCount(0);
      await expect(page.locator('[data-container]').first()).toBeVisible();
      // One more, into an empty drawer, where there is room to move it.
      await choose(place, 'Slim drawers, drawer 5');
      await page.getByLabel(words.field.findAContainer).fill('small square');
      await page
        .getByRole('list', { name: words.list.libraryOfContainers })
        .getByRole('button', { name: /^Small square/ })
        .click();
      const box = page.locator('[data-container]').first();
      await expect(box).toBeVisible();
      await box.focus();
      const before = (await box.boundingBox())!;
      await page.keyboard.press('Shift+ArrowRight');
      await page.keyboard.press('Shift+ArrowRight');
      await expect.poll(async () => (await box.boundingBox())!.x).toBeGreaterThan(before.x + 5);
      const now = (await box.boundingBox())!;
      await page.mouse.move(now.x + now.width / 2, now.y + now.height / 2);
      await page.mouse.down();
      await page.mouse.move(now.x + now.width / 2 - 120, now.y + now.height / 2, { steps: 6 });
      await page.mouse.up();
      await expect.poll(async () => (await box.boundingBox())!.x).toBeLessThan(now.x - 5);
      await saved(page);
    });

    await test.step('the shopping list, as CSV and on paper', async () => {
      const list = page.getByRole('region', { name: words.region.shoppingAndCutList });
      await expect(list.getByRole('row').nth(1)).toBeVisible();
      const download = page.waitForEvent('download');
      await list.getByRole('button', { name: words.button.saveAsCsv }).click();
      const text = readFileSync(await (await download).path(), 'utf8');
      expect(text).toMatch(/^what,name,size,count,price each,price,for\n/);
      expect(text).toMatch(/\ncontainer,/);
      const rows = await list.getByRole('row').count();
      expect(text.trim().split('\n')).toHaveLength(rows);
      // On paper it is all that is printed.
      await page.emulateMedia({ media: 'print' });
      await expect(list.getByRole('heading', { name: words.heading.toBuyAndToCut })).toBeVisible();
      await expect(page.getByRole('button', { name: words.button.whichContainers })).toBeHidden();
      await expect(list.getByRole('button', { name: words.button.print })).toBeHidden();
      const pdf = await page.pdf();
      expect(pdf.subarray(0, 4).toString()).toBe('%PDF');
      await page.emulateMedia({ media: null });
    });
  });
});

test(
  'photographs of a thing: kept, shown, taken away and back; what is none is refused',
  LONG,
  async ({ page, server }, testInfo) => {
    await page.goto(`${server.address}/plan/demo/sort`);
    await page.getByRole('button', { name: words.button.acrylicsBottled }).click();
    const input = page.getByLabel(words.field.photographOfAcrylicsBottled, { exact: true });
    const png = await page.screenshot();
    await input.setInputFiles({ name: 'shelf.png', mimeType: 'image/png', buffer: png });
    const shown = page.getByRole('img', { name: /^Acrylics, bottled, \d{4}/ });
    await expect(shown).toBeVisible();
    await expect.poll(() => shown.evaluate((e: HTMLImageElement) => e.naturalWidth)).toBe(1280);
    await input.setInputFiles({ name: 'letter.txt', mimeType: 'image/png', buffer: Buffer.from('a letter') });
    await expect(messages(page)).toContainText('letter.txt is not a picture that can be shown');
    const huge = testInfo.outputPath('huge.jpg');
    writeFileSync(huge, Buffer.alloc(40_000_000));
    await input.setInputFiles(huge);
    await expect(messages(page).last()).toContainText('40 MB; at most 30 MB');
    await page.getByRole('button', { name: words.button.takeThisPhotographOfAcrylicsBottled }).click();
    await expect(shown).toHaveCount(0);
    await page.getByRole('button', { name: words.button.undo, exact: true }).click();
    await expect(shown).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: words.button.acrylicsBottled }).click();
    await expect(shown).toBeVisible();
  },
);

test('many lines at once: ticked with Shift, changed as one, undone as one; a table pasted with columns of its own', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  await page.getByLabel(words.field.showOnlySuppliesWithTheseLetters).fill('wood');
  await page.getByRole('checkbox', { name: words.choice.chooseAllLinesShown }).check();
  const bar = page.getByRole('form', { name: words.group.changeManyLines });
  const count = Number(/\d+/.exec(await bar.innerText())![0]);
  expect(count).toBeGreaterThan(5);
  await choose(bar.getByLabel(words.field.whatToChange), 'Kind');
  await bar.getByLabel(words.field.toWhat).fill('timber');
  await bar.getByRole('button', { name: /^Change/ }).click();
  await page.getByLabel(words.field.showOnlySuppliesWithTheseLetters).fill('timber');
  await expect(page.getByText(`${count} shown`)).toBeVisible();
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(page.getByText('0 shown')).toBeVisible();
  await page.getByRole('button', { name: words.button.pasteOrOpenATable }).click();
  await page
    .getByLabel(words.field.cellsFromASpreadsheet)
    .fill('stuff\thow many\tmeasures\nBobble hats\t7\t200 x 150 x 80\nGizmo\tx\t10 x 10 x 10\n');
  await expect(page.getByRole('list', { name: words.list.problems })).toContainText(
    'Say below which column holds the names',
  );
  await choose(page.getByLabel(words.field.columnStuffIs), 'name');
  await choose(page.getByLabel(words.field.columnMeasuresIs), 'size');
  await expect(page.getByText('1 of 2 rows are ready')).toBeVisible();
  await expect(page.getByRole('list', { name: words.list.problems })).toContainText(
    'Row 3, count: “x” is not a number.',
  );
  await page.getByRole('button', { name: words.button.add1Supply }).click();
  await expect(page.getByRole('heading', { name: words.heading.n146Supplies })).toBeVisible();
  const latin = Buffer.from('name,count\nSchlüssel,3', 'latin1');
  await page.getByRole('button', { name: words.button.pasteOrOpenATable }).click();
  await page
    .getByLabel(words.field.chooseAFile)
    .setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: latin });
  await expect(page.getByRole('alert')).toContainText('the file is not in UTF-8');
});

test('a chosen supply says where it fits and how many more; a form of its own has fields of its own', async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/plan/demo/sort`);
  await page.getByLabel(words.field.showOnlySuppliesWithTheseLetters).fill('sewing m');
  await page.getByRole('button', { name: words.button.sewingMachine }).click();
  const sheet = page.getByRole('complementary');
  await expect(sheet.getByLabel(words.field.needsBehind)).toHaveValue('250 mm');
  await sheet.getByText('Where it fits, and how many more').click();
  await expect(sheet.getByRole('list', { name: words.list.whereItFits }).getByRole('listitem').first()).toBeVisible();
  await expect(sheet.getByText(/It can work (in|nowhere)/)).toBeVisible();
  await choose(sheet.getByLabel(words.field.form), /^bottles/);
  await expect(sheet.getByLabel(words.field.diameter)).toBeVisible();
  await expect(sheet.getByLabel(words.field.needsBehind)).toHaveCount(0);
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(sheet.getByLabel(words.field.needsBehind)).toBeVisible();
});
