/**
 * Three people from one end to the other: with a mouse in feet and inches, with the keyboard alone, with a finger on a phone.
 * Each prints how many gestures it took (a click, a tap, a key that is no letter of what is typed), and the focus is never lost.
 */
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './testServer.ts';
import { settled } from './settled.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

/** A label that is read out is made of words: no ids, no marks of a program. */
const unreadable = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('[aria-label], [role="status"], [aria-live], [data-notice]')]
      .map((e) => e.getAttribute('aria-label') ?? e.textContent ?? '')
      .filter((text) => /\b[\w-]*\d[\w-]*_[\w-]*\b|undefined|null\b|\[object|NaN|-0\.0/.test(text)),
  );

class Hand {
  count = 0;
  readonly page: Page;
  readonly kind: 'click' | 'tap' | 'keys';
  constructor(page: Page, kind: Hand['kind']) {
    this.page = page;
    this.kind = kind;
  }

  async key(name: string): Promise<void> {
    this.count++;
    await this.page.keyboard.press(name);
  }

  /** Tab until it has the focus. */
  async reach(target: Locator): Promise<void> {
    await target.waitFor();
    const has = () => target.evaluate((e) => e === document.activeElement);
    for (let i = 0; i < 160 && !(await has()); i++) await this.key('Tab');
    await expect(target).toBeFocused();
  }

  /** @param lands where a person with a keyboard expects to be then; where they were, when it is not said */
  async press(target: Locator, lands: Locator = target): Promise<void> {
    if (this.kind === 'keys') {
      await this.reach(target);
      await this.key('Enter');
      await expect(lands).toBeFocused();
      // It stays there when all is drawn.
      await settled(this.page);
      await expect(lands).toBeFocused();
    } else {
      this.count++;
      await (this.kind === 'tap' ? target.tap() : target.click());
    }
  }

  /** Types into a field, and Enter. */
  async type(target: Locator, text: string): Promise<void> {
    if (this.kind === 'keys') {
      await this.reach(target);
      await this.page.keyboard.press('Control+a');
      await this.page.keyboard.type(text);
    } else {
      this.count++;
      await target.fill(text);
    }
    await this.key('Enter');
  }

  /** How many gestures some work takes. */
  async of(work: () => Promise<void>): Promise<number> {
    const before = this.count;
    await work();
    return this.count - before;
  }
}

const stone = (page: Page, name: string) =>
  page.getByRole('navigation', { name: words.region.stepsOfTheWork }).getByRole('link', { name });
const sheet = (page: Page, title: string | RegExp) =>
  page.locator('[data-sheet]').filter({ has: page.getByRole('heading', { level: 2, name: title }) });
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();

/** From an empty page to a PDF of labels. @returns gestures of the parts that are asked about */
async function toLabels(page: Page, address: string, hand: Hand) {
  await page.goto(address);
  const feet = page.getByLabel('feet and inches');
  if (hand.kind === 'keys') {
    await hand.reach(page.getByLabel('millimetres'));
    await hand.key('ArrowDown');
    await expect(feet).toBeChecked();
    await hand.press(button(page, words.button.createPlan), page.locator('#main'));
  } else {
    await hand.press(feet);
    await hand.type(page.getByLabel(words.field.nameOfThePlan), 'Quilting room');
  }
  await page.getByRole('heading', { name: 'What do you make?' }).waitFor();
  await hand.press(button(page, words.button.exitSetup));
  await page.getByRole('heading', { name: words.heading.firstMeasureTheRoom }).waitFor();
  await hand.type(page.getByLabel('West to east'), '12 ft 6 in');
  await hand.type(page.getByLabel('North to south'), '10 ft');
  await hand.press(button(page, words.button.drawTheRoom), page.locator('[data-sheet]'));
  const door = await hand.of(async () => {
    await hand.press(button(page, words.button.addADoor), sheet(page, /door/i));
    await page.locator('[data-opening]').waitFor();
  });
  await hand.press(stone(page, 'Furnish'));
  const find = page.getByLabel(words.field.findATypeOfFurniture);
  await find.waitFor();
  const table = await hand.of(async () => {
    await hand.press(button(page, /^Work table /), sheet(page, 'Work table'));
    await hand.press(button(page, 'Add a seat'));
    await page.locator('[data-station]').first().waitFor();
  });
  await hand.key('Escape');
  await hand.type(find, 'slim drawer');
  await hand.press(button(page, /^Slim drawer unit /), sheet(page, /slim/i));
  await expect(page.getByText(/cannot be walked to|walled in/)).toHaveCount(0);
  await hand.press(stone(page, 'Activities'));
  await hand.type(page.getByLabel(words.field.newActivity), 'Quilting');
  await page.getByLabel(words.field.timesAWeek).first().waitFor();
  await hand.press(stone(page, 'Sort'));
  for (const line of ['12 spools 2 in x 1 1/4 in, quilting 5x', '3 rulers 24 x 6 x 1/8 in, quilting 3x'])
    await hand.type(page.getByLabel(words.field.whatDoYouHave), line);
  await hand.press(stone(page, 'Place'));
  await hand.press(button(page, words.button.fillTheRoom), sheet(page, words.heading.whatGoesWhere));
  await page.locator('[data-place][data-drag]').first().waitFor();
  await hand.press(stone(page, 'Label'));
  await page.getByRole('button', { name: words.button.makeThePdf, disabled: false }).waitFor();
  const pdf = page.waitForEvent('download');
  await hand.press(button(page, words.button.makeThePdf));
  expect((await pdf).suggestedFilename()).toMatch(/labels\.pdf$/);
  expect(await unreadable(page)).toEqual([]);
  return { door, table };
}

test.describe('on an empty page', () => {
  test.use({ template: 'empty' });

  test('a laptop in feet and inches: from an empty page to labels', LONG, async ({ page, server }) => {
    const hand = new Hand(page, 'click');
    const { door, table } = await toLabels(page, server.address, hand);
    console.log(`      mouse: ${hand.count} gestures; a door ${door}, a table with its seat ${table}`);
    expect([door <= 3, table <= 3]).toEqual([true, true]);
  });

  test('the keyboard alone: from an empty page to labels', LONG, async ({ page, server }) => {
    const hand = new Hand(page, 'keys');
    await toLabels(page, server.address, hand);
    await hand.press(stone(page, 'Place'));
    // From a drawer to its sheet in one key, and back.
    const front = page.locator('[data-place]').first();
    await front.focus();
    const into = await hand.of(() => hand.key('Enter'));
    await expect(page.locator('[data-sheet]')).toBeFocused();
    await hand.key('Escape');
    await expect(front).toBeFocused();
    console.log(`      keyboard: ${hand.count} keys besides what is typed; from a drawer to its sheet ${into}`);
    expect(into).toBe(1);
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('with a finger from Sort to Keep', LONG, async ({ page, server }) => {
    const hand = new Hand(page, 'tap');
    await page.goto(`${server.address}/plan/demo/sort`);
    for (const line of [
      '4 bone folders 150 x 20 x 5 mm',
      '2 awls 120 x 15 x 15 mm',
      '6 brushes 200 x 12 x 12 mm',
      '3 clamps 150 x 60 x 20 mm',
      '12 corks 40 x 22 x 22 mm',
    ]) {
      await hand.type(page.getByLabel(words.field.whatDoYouHave), line);
      const what = /\d+ (\w+)/.exec(line)![1]!.replace(/e?s$/, '');
      // Each is said to be there, with the way back.
      const said = page.locator('[data-last-step]').filter({ hasText: new RegExp(what, 'i') });
      await expect(said).toBeVisible();
      await expect(said.getByRole('button', { name: /^Undo/ })).toBeVisible();
    }
    await hand.press(stone(page, 'Find'));
    await hand.type(page.getByLabel(words.field.whatAreYouLookingFor), 'fabric scissors');
    await expect(page.getByRole('list', { name: words.list.found })).toContainText('Fabric scissors');
    await hand.press(stone(page, 'Move'));
    const next = page.getByRole('group', { name: words.group.nextMove });
    const load = await next.locator('.font-serif').innerText();
    await hand.press(next.getByRole('button', { name: words.button.done }));
    await expect(next.locator('.font-serif')).not.toHaveText(load);
    await hand.press(stone(page, 'Place'));
    const front = page.locator('[data-place][data-drag]').nth(1);
    await hand.press(front);
    await expect(page.getByRole('complementary').getByRole('button', { name: /^Close / })).toBeVisible();
    await hand.press(button(page, 'Other steps'));
    await hand.press(page.getByRole('menuitem', { name: /^Keep/ }));
    await page.getByRole('tab', { name: 'What is due' }).waitFor();
    expect(await unreadable(page)).toEqual([]);
    console.log(`      phone: ${hand.count} gestures from Sort to Keep`);
  });
});
