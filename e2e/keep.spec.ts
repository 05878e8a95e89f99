/** Labels as they are printed, scanned and kept; what is due; seasons; the log book; backup. */
import { readFileSync, writeFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import QRCode from 'qrcode';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

interface Served {
  plan: {
    labels: Record<string, { printed: string; state: string }>;
    supplies: Record<string, { life: string; count: number }>;
    placements: Record<string, { arrangement: string; supply: string; unit: string; slot: string }>;
  };
}
const planOf = async (address: string) => ((await (await fetch(`${address}/api/plans/demo`)).json()) as Served).plan;
async function nothingFound(page: Page, what: string) {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${what}: ${v.id}: ${v.nodes[0]?.html.slice(0, 120)}`)).toEqual([]);
}
const openTab = (page: Page, name: string) => page.getByRole('tab', { name }).click();

test(
  'labels: a grid, only what changed, strips, a label of one’s own words; its code is scanned from a picture',
  LONG,
  async ({ page, server }, info) => {
    await page.goto(`${server.address}/plan/demo/label`);
    await expect(page.getByRole('img', { name: /Label sheet with 21 labels/ })).toBeVisible();
    await nothingFound(page, 'label');
    // A grid that does not fit says what is wrong, and by how much.
    await page.getByLabel(words.field.labelWidth).fill('63.5');
    await page.getByLabel(words.field.labelWidth).press('Enter');
    await page.getByLabel(words.field.boughtLabelSheetSetItsGrid).check();
    await page.getByLabel(words.field.across, { exact: true }).fill('4');
    await page.getByLabel(words.field.across, { exact: true }).press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'the paper has 210 mm' })).toBeVisible();
    await page.getByLabel(words.field.across, { exact: true }).fill('3');
    await page.getByLabel(words.field.across, { exact: true }).press('Enter');
    await expect(page.getByRole('img', { name: /Label sheet/ })).toBeVisible();
    // Printed once, nothing has changed; with one's own words one has.
    const pdf = page.waitForEvent('download');
    await page.getByRole('button', { name: words.button.makeThePdf }).click();
    expect(
      readFileSync(await (await pdf).path())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
    await expect(async () =>
      expect(Object.values((await planOf(server.address)).labels).every((l) => l.printed !== '')).toBe(true),
    ).toPass();
    await openTab(page, 'Place by place');
    const places = page.getByRole('list', { name: words.list.labelsOfPlaces });
    const own = places.getByRole('listitem').filter({ hasText: 'Bookcase, shelf 2' });
    await own.getByLabel(words.field.ownWords).fill('Soft things');
    await own.getByLabel(words.field.ownWords).press('Enter');
    await own.getByLabel(words.field.left, { exact: true }).check();
    await nothingFound(page, 'label, place by place');
    await openTab(page, 'Strip printer');
    await expect(page.getByRole('img', { name: /Strip of \d+ mm: .*Soft things/ }).first()).toBeVisible();
    await openTab(page, 'The sheet');
    await page.getByLabel(words.field.onlyWhatChangedSinceItWas).check();
    // What was just begun on trial says so now, and so is printed once more; the one with own words on two sides.
    await expect(page.getByText('Soft things').first()).toBeVisible();
    const svg = page.waitForEvent('download');
    await page.getByRole('button', { name: words.button.thisSheetForACuttingMachine }).click();
    expect(readFileSync(await (await svg).path(), 'utf8')).toMatch(/<g id="cut"[\s\S]*<g id="write"/);

    const file = info.outputPath('code.png');
    writeFileSync(
      file,
      await QRCode.toBuffer(`${server.address}/plan/demo/find?place=${encodeURIComponent('books/s2')}`),
    );
    await go(page, server.address, '/plan/demo/find');
    await page.getByLabel(words.field.pictureOfALabel).setInputFiles(file);
    await expect(page.getByRole('region', { name: words.region.whereItIs }).getByRole('status')).toHaveText(
      'Bookcase, shelf 2',
    );
    await page.getByLabel(words.field.pictureOfALabel).setInputFiles({
      name: 'note.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from('no picture'),
    });
    await expect(messages(page)).toContainText('note.txt is not a picture that can be read');
  },
);

test('keep: a proposal with one click, a season out and in, where it was, as it was', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/keep`);
  const lists = page.getByRole('region', { name: words.region.toReorder });
  await expect(lists.getByText('Masking tape')).toBeVisible();
  await nothingFound(page, 'keep');
  const before = (await planOf(server.address)).supplies['masking-tape']!.count;
  await lists
    .getByRole('listitem')
    .filter({ hasText: 'Masking tape' })
    .getByRole('button', { name: /^Bought/ })
    .click();
  await expect(lists.getByText('Masking tape')).toHaveCount(0);
  await expect(async () =>
    expect((await planOf(server.address)).supplies['masking-tape']!.count).toBe(before * 2),
  ).toPass();
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(lists.getByText('Masking tape')).toBeVisible();

  await openTab(page, 'Seasons and calendar');
  await nothingFound(page, 'keep, seasons');
  const where = async () =>
    Object.values((await planOf(server.address)).placements)
      .filter((p) => p.supply === 'stage-lamps')
      .map((p) => `${p.arrangement} ${p.unit}/${p.slot}`)
      .sort();
  const home = await where();
  const lamps = (await planOf(server.address)).supplies['stage-lamps']!.life;
  const winter = page.getByRole('article').filter({ hasText: 'Stage lamps' });
  await winter.getByRole('button', { name: words.button.putItsThingsAway }).click();
  await expect(async () => expect((await where()).every((w) => w.endsWith('landing-cupboard/s1'))).toBe(true)).toPass();
  await winter.getByRole('button', { name: words.button.bringThemIn }).click();
  await expect(async () => expect(await where()).toEqual(home)).toPass();
  const ics = page.waitForEvent('download');
  await page.getByRole('button', { name: words.button.takeItAsACalendarFile }).click();
  expect(readFileSync(await (await ics).path(), 'utf8')).toMatch(/BEGIN:VCALENDAR[\s\S]*Winter fairs/);

  await openTab(page, 'Since the start');
  await expect(page.getByText(/Winter fairs: bring in/).first()).toBeVisible();
  await nothingFound(page, 'keep, since the start');
  await choose(page.getByLabel(words.field.what, { exact: true }), 'Stage lamps');
  await page.getByLabel(words.field.onTheDay).fill(new Date().toISOString().slice(0, 10));
  await page.getByRole('button', { name: words.button.look, exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Now:' })).toBeVisible();
  // Restore to before this the season went out: what came after is taken back, and can be brought again.
  await page
    .getByRole('listitem')
    .filter({ hasText: /Winter fairs: bring in/ })
    .getByRole('button', { name: words.button.restoreToBeforeThis })
    .click();
  await expect(async () => expect((await where()).every((w) => w.endsWith('landing-cupboard/s1'))).toBe(true)).toPass();
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(async () => expect(await where()).toEqual(home)).toPass();
  // The whole evening is taken back as one step, and brought again as one.
  await page.getByRole('button', { name: words.button.takeBackThisSession }).first().click();
  await expect(async () => expect((await planOf(server.address)).supplies['stage-lamps']!.life).toBe(lamps)).toPass();
  await expect(messages(page).getByText(/steps taken back; undo brings them again/)).toBeVisible();
  await page.getByRole('button', { name: words.button.undo, exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('backup: downloaded, looked at, restored; a damaged one changes nothing', async ({ page, server }, info) => {
  await page.goto(`${server.address}/plan/demo/keep`);
  await openTab(page, 'Share and keep safe');
  await nothingFound(page, 'keep, safe');
  const taken = page.waitForEvent('download');
  await page.getByRole('link', { name: words.link.downloadBackup }).click();
  const file = info.outputPath('room.heronbackup');
  await (await taken).saveAs(file);
  const bytes = readFileSync(file);
  const damaged = info.outputPath('damaged.heronbackup');
  writeFileSync(damaged, bytes.subarray(0, bytes.length - 100));
  await page.getByLabel(words.field.restoreFromABackup).setInputFiles(damaged);
  await expect(messages(page)).toContainText('Nothing was changed');
  await page.getByLabel(words.field.restoreFromABackup).setInputFiles(file);
  await expect(page.getByText(/Puppet workshop: 145 supplies, 0 photographs/)).toBeVisible();
  await expect(page.getByText(/Replaces “Puppet workshop”/)).toBeVisible();
  await page.getByRole('button', { name: words.button.restoreThis }).click();
  // This window is told of its own restore, too; what is said last is seen.
  await expect(messages(page).getByText(/1 plan is as in the backup|replaced by one from a backup/)).toBeVisible();
  expect(Object.keys((await planOf(server.address)).supplies)).toHaveLength(145);
});
