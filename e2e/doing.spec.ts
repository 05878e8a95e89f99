/** Doing it on a phone in the hand: moves, finding, pulling and bringing back, quick entry, and the server away for a minute. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { violated } from './axe.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { messages } from './messages.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const journal = async (address: string) =>
  (
    (await (await fetch(`${address}/api/plans/demo/journal?most=5000`)).json()) as {
      entries: Array<{ group: { name: string } }>;
    }
  ).entries.map((e) => e.group.name);
const fits = async (page: Page) =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

/** Taps the first line of a list until all is done. The list is put in order again meanwhile, so that a tap may go astray. */
async function tapAll(page: Page, list: string, done: string): Promise<void> {
  const finished = page.getByRole('status').filter({ hasText: done });
  const first = page.getByRole('list', { name: list, exact: true }).getByRole('button').first();
  for (let taps = 0; taps < 30 && !(await finished.isVisible()); taps++) {
    await first.tap({ timeout: 2000 }).catch(() => undefined);
    await page.waitForTimeout(200);
  }
  await expect(finished).toBeVisible();
}

test(
  'one evening with the phone: move, find, pull and return, a quick entry, the server away for a while',
  LONG,
  async ({ page, own: server }) => {
    await page.goto(`${server.address}/plan/demo/move`);
    const next = page.getByRole('group', { name: words.group.nextMove });
    await expect(next).toBeVisible();
    await fits(page);
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((v) => v.id)).toEqual([]);
    // Both places are lit.
    expect(await page.locator('.lit').count()).toBeGreaterThan(0);
    await page.getByRole('button', { name: words.button.startSession }).tap();
    await expect(page.getByText('Session running: 0 moves')).toBeVisible();
    await expect(next).toBeVisible();
    const first = await next.locator('.font-serif').innerText();
    await next.getByRole('button', { name: words.button.done }).tap();
    await expect(next.locator('.font-serif')).not.toHaveText(first);
    await expect(page.getByText('Session running: 1 move')).toBeVisible();

    // The server is away for a while: ticking goes on, and nothing is lost.
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await server.stop('SIGKILL');
    const away = Date.now();
    const ticked: string[] = [];
    for (let i = 0; i < 3; i++) {
      const name = await next.locator('.font-serif').innerText();
      ticked.push(name);
      await next.getByRole('button', { name: words.button.done }).tap();
      await expect(next.locator('.font-serif')).not.toHaveText(name);
    }
    await expect(page.getByText('3 not saved', { exact: true })).toBeVisible();
    await page.waitForTimeout(Math.max(0, 4_000 - (Date.now() - away)));
    await server.start();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    const names = await journal(server.address);
    for (const name of ticked) expect(names.some((n) => n.endsWith(`: ${name}`))).toBe(true);

    // One went another way: it was put elsewhere, and the list is made again.
    for (let i = 0; i < 12 && !(await next.getByRole('button', { name: /else happened/ }).isVisible()); i++)
      await next.getByRole('button', { name: words.button.done }).tap();
    const otherwise = await next.locator('.font-serif').innerText();
    await next.getByRole('button', { name: /else happened/ }).tap();
    const dialog = page.getByRole('dialog');
    await choose(dialog.getByLabel(words.field.into), 'Trunk');
    await dialog.getByRole('button', { name: words.button.itLiesThereNow }).tap();
    await expect(dialog).toBeHidden();
    await expect(next).toBeVisible();
    await expect(page.getByRole('listitem').filter({ hasText: otherwise })).toHaveCount(0);
    await page.getByRole('button', { name: words.button.endSession }).tap();
    await expect(page.getByText(/moves in .*(min|s)/)).toBeVisible();

    // Found by a misspelt word, used with one tap, looked for elsewhere first.
    await go(page, server.address, '/plan/demo/find');
    await page.getByLabel(words.field.whatAreYouLookingFor).fill('scisors fabric');
    await expect(page.getByRole('list', { name: words.list.found }).getByRole('button').first()).toContainText(
      'Fabric scissors',
    );
    await page.getByRole('button', { name: words.button.markAsUsed }).tap();
    await expect(messages(page).getByText('Noted as used today.')).toBeVisible();
    await page.getByRole('button', { name: words.button.iLookedElsewhereFirst }).tap();
    await choose(page.getByLabel(words.field.where), 'Cart, tray 3');
    await expect(messages(page).getByText(/Noted\. Looking for “Cart, tray 3” finds/)).toBeVisible();
    await fits(page);

    // A project is pulled in one round, and brought back.
    await go(page, server.address, '/plan/demo/find?view=pull');
    await choose(page.getByLabel(words.field.project), 'Harbour scene');
    await expect(page.getByRole('status').filter({ hasText: '6 to fetch' })).toBeVisible();
    await tapAll(page, words.list.theRound, 'Everything is out.');
    await page.getByRole('radio', { name: words.choice.return, exact: true }).tap();
    await expect(page.getByRole('status').filter({ hasText: '6 to bring back' })).toBeVisible();
    await tapAll(page, words.list.theRoundBack, 'Everything is back.');
    await page.getByRole('button', { name: words.button.theProjectIsDone }).tap();
    await fits(page);

    // A quick entry, standing before a drawer.
    await go(page, server.address, '/plan/demo/sort');
    await page.getByLabel(words.field.whatDoYouHave).fill('12 bone folders, 150 x 20 x 5 mm');
    await page.getByRole('button', { name: words.button.addIt }).tap();
    await expect(async () =>
      expect((await journal(server.address)).join('\n')).toMatch(/Add 12 bone folders/i),
    ).toPass();
  },
);

test(
  'a phone is let in with the code on the screen, goes on while the server is away, and asks for the code again',
  LONG,
  async ({ page, own: server, browser }) => {
    await page.goto(`${server.address}/plan/demo/keep`);
    await page.getByRole('tab', { name: words.tab.shareAndKeepSafe }).tap();
    await expect(page.getByText('It is off.')).toBeVisible();
    await page.getByRole('button', { name: words.button.allowFullAccess }).tap();
    const code = await page.getByTestId('share-code').innerText();
    const status = await page.getByRole('status').filter({ hasText: 'It is on' }).innerText();
    const address = /http:\S+:\d+/.exec(status)![0];
    const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await phone.goto(`${address}/plan/demo/find`);
    await phone.getByLabel(words.field.code).fill('WRONG222');
    await phone.getByRole('button', { name: words.button.openIt }).click();
    await expect(phone.getByRole('alert')).toContainText('Ask for a new one');
    await phone.getByLabel(words.field.code).fill(code);
    await phone.getByRole('button', { name: words.button.openIt }).click();
    await expect(phone.getByLabel(words.field.whatAreYouLookingFor)).toBeVisible();
    // Its session outlives a restart: what it did meanwhile arrives by itself.
    await phone.goto(`${address}/plan/demo/move`);
    const next = phone.getByRole('group', { name: words.group.nextMove });
    const tick = async () => {
      const name = await next.locator('.font-serif').innerText();
      await next.getByRole('button', { name: words.button.done }).click();
      await expect(next.locator('.font-serif')).not.toHaveText(name);
      return name;
    };
    await expect(next).toBeVisible();
    await server.stop('SIGKILL');
    const ticked = [await tick()];
    await expect(phone.getByText('1 not saved')).toBeVisible();
    // Over plain HTTP nothing opens while the computer is off, and the page says so.
    await phone.getByText('1 not saved').click();
    await expect(phone.getByText(/Do not reload this page while the computer is off/)).toBeVisible();
    await phone.keyboard.press('Escape');
    await server.start();
    await expect(phone.getByText('Saved', { exact: true })).toBeVisible();

    // Sharing is switched off and the server dies; ticks go on. When it is back the code is asked for, and all of them arrive.
    await page.getByRole('button', { name: words.button.switchItOff }).tap();
    await expect(page.getByText('It is off.')).toBeVisible();
    await server.stop('SIGKILL');
    for (let i = 0; i < 3; i++) ticked.push(await tick());
    await expect(phone.getByText('3 not saved')).toBeVisible();
    await server.start();
    await page.reload();
    await page.getByRole('tab', { name: words.tab.shareAndKeepSafe }).tap();
    await page.getByRole('button', { name: words.button.allowFullAccess }).tap();
    const again = await page.getByTestId('share-code').innerText();
    const ask = phone.getByRole('dialog', { name: 'Let this device in again' });
    await expect(ask).toContainText('3 steps made here are kept');
    await ask.getByLabel(words.field.code).fill('WRONG222');
    await ask.getByRole('button', { name: words.button.openIt }).click();
    await expect(ask.getByRole('alert')).toContainText('Ask for a new one');
    expect(await violated(phone, 'the code asked for again', 'light')).toEqual([]);
    await ask.getByLabel(words.field.code).fill(again);
    await ask.getByRole('button', { name: words.button.openIt }).click();
    await expect(phone.getByText('Saved', { exact: true })).toBeVisible();
    const names = await journal(server.address);
    for (const name of ticked) expect(names.filter((n) => n.endsWith(`: ${name}`))).toHaveLength(1);

    // Who may only look sees Find and Move, and nothing that changes anything.
    await page.getByRole('button', { name: words.button.allowViewingOnly }).tap();
    // The code of before stands there until the new one has come.
    await expect(page.getByTestId('share-code')).not.toHaveText(again);
    const look = await page.getByTestId('share-code').innerText();
    const other = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
    await other.goto(`${address}/pair?code=${look}`);
    await other.getByRole('button', { name: words.button.openIt }).click();
    await expect(other.getByText('View only')).toBeVisible();
    await other.goto(`${address}/plan/demo/sort`);
    await expect(other).toHaveURL(/\/find$/);
    await other.getByLabel(words.field.whatAreYouLookingFor).fill('sewing mach');
    await expect(other.getByRole('list', { name: words.list.found }).getByRole('button').first()).toBeVisible();
    for (const name of [words.button.markAsUsed, words.button.undo, words.button.iLookedElsewhereFirst])
      await expect(other.getByRole('button', { name })).toHaveCount(0);
    await other.goto(`${address}/plan/demo/move`);
    await expect(other.getByRole('list', { name: words.list.allMoves })).toBeVisible();
    await expect(other.getByRole('button', { name: words.button.done })).toHaveCount(0);
    await expect(other.getByRole('checkbox', { disabled: false })).toHaveCount(0);

    // A session that the maker ends asks for the code on the page itself.
    const ends = page.getByRole('button', { name: words.button.endItsSession });
    await expect(ends).toHaveCount(2);
    for (let n = 1; n >= 0; n--) {
      await ends.first().tap();
      await expect(ends).toHaveCount(n);
    }
    await phone.reload();
    await expect(phone.getByText('Let this device in again').first()).toBeVisible();
  },
);
