/**
 * The first evening, from an empty data directory to a filled, labelled plan of two seats, six pieces and forty supplies: in feet
 * and inches by typing, in centimetres from a pasted list, and on a phone. No size is given for any supply. What is clicked and
 * typed is counted, and printed.
 */
import AxeBuilder from '@axe-core/playwright';
import type { Locator, Page } from '@playwright/test';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { violated } from './axe.ts';
import { ALL } from './long.ts';
import { expect, test } from './testServer.ts';
import { words } from './words.ts';

test.use({ template: 'empty' });

/** The most clicks and typed lines that a first evening may take. */
const MOST = 90;

/** Hands that count what they do. */
class Counted {
  actions = 0;
  private readonly page: Page;
  constructor(page: Page) {
    this.page = page;
  }
  async click(target: Locator): Promise<void> {
    await target.click();
    this.actions++;
  }
  /** A line and Enter, where the cursor is. */
  async line(text: string): Promise<void> {
    if (text !== '') await this.page.keyboard.insertText(text);
    await this.page.keyboard.press('Enter');
    this.actions++;
  }
}

/** Forty things as one has them in mind: how many of what. */
const FORTY = [
  ...['60 spools of thread', 'fabric scissors', '3 seam rippers', '12 bobbins', 'box of pins', '200 safety pins'],
  ...['tape measure', '40 fat quarters', '8 zippers', 'bag of fiberfill', '5 yards cotton fabric', 'iron'],
  ...['sewing machine', '2 rotary cutters', 'cutting mat', 'quilting ruler', '350 buttons in 3 jars', '18 skeins yarn'],
  ...['half a ream of paper', '100 sheets cardstock', '24 colored pencils', '30 markers', '15 glue sticks'],
  ...[
    'hot glue gun',
    'bag of hot glue sticks',
    '10 washi tapes',
    '25 spools of ribbon',
    'paper trimmer',
    '28 ink pads',
  ],
  ...['45 clear stamp sets', '16 jars of embossing powder', '6 hole punches', 'heat gun', 'box of sequins', 'stapler'],
  ...['50 envelopes', '12 acrylic paints', '20 paint brushes', 'sketchbook', 'a shoebox of lace', '3 gizmos'],
].slice(0, 40);

async function planOf(page: Page, address: string): Promise<Plan> {
  await expect(page.getByText('Saved', { exact: true }).first()).toBeVisible();
  const id = /plan\/([^/?]+)/.exec(page.url())![1]!;
  return ((await (await fetch(`${address}/api/plans/${id}`)).json()) as { plan: Plan }).plan;
}

/** The end of each story: enough pieces, seats and supplies, all placed, nothing wrong in the room, labels made. */
function check(plan: Plan, supplies: number): void {
  const report = evaluate(plan);
  expect(report.findings.filter((f) => f.severity === 'error').map((f) => f.message)).toEqual([]);
  expect(Object.keys(plan.units)).toHaveLength(6);
  expect(Object.keys(plan.stations)).toHaveLength(2);
  expect(Object.keys(plan.supplies).length).toBeGreaterThanOrEqual(supplies);
  expect(report.week.planned.without).toBeLessThanOrEqual(1);
  expect(report.names.planned.placesNamed / report.names.planned.places).toBeGreaterThan(0.9);
  expect(Object.keys(plan.labels).length).toBeGreaterThan(5);
  expect(report.guesses.lines).toBeGreaterThan(20);
}

const question = (page: Page, name: string) => expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
const noAlert = (page: Page) => expect(page.getByRole('alert')).toHaveCount(0);

/** In the long run the new screens are looked at in both schemes. */
async function look(page: Page, name: string): Promise<void> {
  if (!ALL) return;
  expect([...(await violated(page, name, 'dark')), ...(await violated(page, name, 'light'))]).toEqual([]);
}

async function makeLabels(page: Page, hands: Counted): Promise<void> {
  await expect(page.getByText(/The room is filled/).first()).toBeVisible();
  await hands.click(page.getByRole('region', { name: 'What is next' }).getByRole('link', { name: 'Labels' }));
  const saved = page.waitForEvent('download');
  await hands.click(page.getByRole('button', { name: 'Make the PDF' }));
  await saved;
}

test.describe('in American English', () => {
  test.use({ locale: 'en-US' });
  test('in feet and inches, with only Enter and typing up to the first plan', async ({ page, server }) => {
    const hands = new Counted(page);
    await page.goto(server.address);
    await expect(page.getByRole('region', { name: 'Sample rooms' })).toBeVisible();
    await look(page, 'the first page');
    await page.goto(`${server.address}/guide`);
    await expect(page.getByRole('heading', { name: 'Your first evening' })).toBeVisible();
    await expect(page.getByRole('img', { name: 'The first plan' })).toHaveAttribute('src', /5-plan/);
    await look(page, 'the guide');
    await page.goto(server.address);
    await expect(page.getByLabel('feet and inches')).toBeChecked();
    await expect(page.getByLabel(words.field.nameOfThePlan)).toBeFocused();
    await hands.line('Spare room');
    await question(page, 'What do you make?');
    await look(page, 'What do you make?');
    await hands.line('fabric dolls, paper theatre');
    await question(page, 'How large is the room?');
    await look(page, 'How large is the room?');
    await hands.line('14');
    await question(page, 'What furniture do you have?');
    await look(page, 'What furniture do you have?');
    await expect(page.getByText('South wall · 14 ft')).toBeVisible();
    await hands.line('2 tables, bookcase, cube shelf, slim drawer unit, cart');
    await expect(page.getByRole('region', { name: 'The room as it is furnished' })).toBeVisible();
    await look(page, 'the furnished room');
    await expect(page.getByLabel(/Say it as you would/)).toBeFocused();
    await hands.line('');
    await question(page, 'Who works here?');
    await look(page, 'Who works here?');
    await noAlert(page);
    await hands.line(`5'4`);
    await question(page, 'What do you own?');
    await look(page, 'What do you own?');
    for (const line of FORTY) {
      await expect(page.getByLabel('Your things', { exact: true })).toHaveValue('');
      await page.getByLabel('Your things', { exact: true }).focus();
      await hands.line(line);
    }
    await expect(page.getByLabel('Your things', { exact: true })).toHaveValue('');
    await noAlert(page);
    const onward = page.getByRole('button', { name: 'Continue with 40 things' });
    await onward.focus();
    await expect(onward).toBeInViewport({ ratio: 1 });
    await hands.line('');
    await question(page, 'Enough for a first plan');
    await look(page, 'Enough for a first plan');
    await hands.line('');
    await look(page, 'what is next');
    await makeLabels(page, hands);
    const plan = await planOf(page, server.address);
    check(plan, 40);
    expect(Object.values(plan.people)).toMatchObject([{ name: 'Me', stature: 1625.6 }]);
    console.log(`first evening in feet and inches: ${hands.actions} clicks and lines for 40 supplies`);
    expect(hands.actions).toBeLessThanOrEqual(MOST);
  });
});

test('in centimetres, the things pasted as a list; left in the middle and gone on with', async ({ page, server }) => {
  const hands = new Counted(page);
  await page.goto(server.address);
  await hands.click(page.getByLabel('centimetres'));
  await hands.click(page.getByRole('button', { name: words.button.createPlan }));
  await question(page, 'What do you make?');
  await hands.click(page.getByRole('button', { name: 'Sewing', exact: true }));
  await hands.click(page.getByRole('button', { name: 'Continue with Sewing' }));
  await question(page, 'How large is the room?');
  await hands.line('410');
  await question(page, 'What furniture do you have?');
  // Another day: the plan is opened again from the first page.
  await page.goto(server.address);
  await hands.click(page.getByRole('link', { name: /My craft room/ }));
  await question(page, 'What furniture do you have?');
  for (const name of ['Work table', 'Work table', 'Bookcase', 'Cube shelf', 'Slim drawer unit', 'Three-tier cart'])
    await hands.click(page.getByRole('button', { name: `One more: ${name}`, exact: true }));
  await hands.click(page.getByRole('button', { name: 'Put all 6 in the room' }));
  await hands.click(page.getByRole('button', { name: 'Try another room' }));
  await expect(page.getByText(/^2 of \d/)).toBeVisible();
  await hands.click(page.getByRole('button', { name: 'Continue', exact: true }));
  await question(page, 'Who works here?');
  await hands.line('164');
  await question(page, 'What do you own?');
  const box = page.getByLabel('Your things', { exact: true });
  await box.focus();
  await page.evaluate(
    (text) => {
      const data = new DataTransfer();
      data.setData('text', text);
      document.activeElement!.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
      );
    },
    FORTY.map((line) => `- ${line}`).join('\n'),
  );
  hands.actions++;
  await expect(page.getByRole('list', { name: 'Lines as they were read' }).getByRole('listitem')).toHaveCount(40);
  // The box outlives a reload, and what is in it is added by going on.
  await page.reload();
  await expect(page.getByRole('list', { name: 'Lines as they were read' }).getByRole('listitem')).toHaveCount(40);
  await hands.click(page.getByRole('button', { name: 'Add 40 things and continue' }));
  await hands.click(page.getByRole('button', { name: 'Make the first plan' }));
  await makeLabels(page, hands);
  const plan = await planOf(page, server.address);
  check(plan, 40);
  expect(plan.meta.units).toBe('centimetres');
  console.log(
    `first evening in centimetres: ${hands.actions} clicks and lines for ${Object.keys(plan.supplies).length} supplies`,
  );
  expect(hands.actions).toBeLessThanOrEqual(MOST);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('line by line, standing in the room; nothing sticks out, and axe finds nothing serious', async ({
    page,
    server,
  }) => {
    const hands = new Counted(page);
    await page.goto(server.address);
    const look = async (where: string) => {
      expect([where, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([where, 390]);
      const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).exclude('svg[role="group"]').analyze();
      const bad = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
      expect([where, bad.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 120)}`)]).toEqual([where, []]);
    };
    await look('first page');
    await hands.click(page.getByLabel('feet and inches'));
    await hands.click(page.getByRole('button', { name: words.button.createPlan }));
    await question(page, 'What do you make?');
    await look('crafts');
    await hands.line('cards');
    await question(page, 'How large is the room?');
    await look('room');
    await hands.line('14-6');
    await question(page, 'What furniture do you have?');
    await look('furniture');
    await hands.line('2 tables, bookcase, cubes, drawers, cart');
    await expect(page.getByRole('region', { name: 'The room as it is furnished' })).toBeVisible();
    await look('furnished');
    await hands.line('');
    await question(page, 'Who works here?');
    await look('who');
    await hands.line('');
    await question(page, 'What do you own?');
    await look('things');
    const box = page.getByLabel('Your things', { exact: true });
    for (const line of FORTY.slice(0, 32)) {
      await expect(box).toHaveValue('');
      await box.focus();
      await hands.line(line);
    }
    await hands.click(page.getByRole('button', { name: 'Add the first 10' }).first());
    await hands.click(page.getByRole('button', { name: /^Continue with \d+ things/ }));
    await look('enough');
    await hands.click(page.getByRole('button', { name: 'Make the first plan' }));
    await makeLabels(page, hands);
    const plan = await planOf(page, server.address);
    check(plan, 40);
    console.log(
      `first evening on a phone: ${hands.actions} clicks and lines for ${Object.keys(plan.supplies).length} supplies`,
    );
    expect(hands.actions).toBeLessThanOrEqual(MOST);
  });
});
