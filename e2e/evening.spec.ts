/** A first evening in one's own words: everything typed is kept, what was guessed is put right cheaply, and the shell makes the same plan. */
import type { Locator, Page } from '@playwright/test';
import { byName, type Plan } from '@heronstone/core/model/plan.ts';
import { EVENINGS } from '@heronstone/testing/evenings/evenings.ts';
import { thingsOf, type Evening } from '@heronstone/testing/evenings/evening.ts';
import { setUp } from '@heronstone/library/setUp.ts';
import { expect, test } from './testServer.ts';

test.use({ template: 'empty', locale: 'en-US' });

/** The most clicks that putting every use right may take. */
const MOST = 15;

const question = (page: Page, name: string) => expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
const typed = (evening: Evening) => thingsOf(evening).map((t) => t.typed);

async function paste(box: Locator, text: string): Promise<void> {
  await box.evaluate((el, pasted) => {
    const data = new DataTransfer();
    data.setData('text', pasted);
    el.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, text);
}

/** Setup up to the things, as the maker of an evening answers it in feet. */
async function untilThings(page: Page, address: string, evening: Evening): Promise<void> {
  await page.goto(address);
  await page.getByLabel('feet and inches').check();
  await page.getByLabel('Name of the plan').press('Enter');
  await question(page, 'What do you make?');
  await page.getByLabel(/Type it, or tap/).fill(evening.crafts);
  await page.keyboard.press('Enter');
  await question(page, 'How large is the room?');
  const [wide, deep] = evening.room.split(' x ') as [string, string];
  await page.getByLabel(/From left/).fill(`${wide} ft`);
  await page.getByLabel(/From front/).fill(`${deep} ft`);
  await page.keyboard.press('Enter');
  await question(page, 'What furniture do you have?');
  await page.getByLabel(/Say it as you would/).fill(evening.furniture);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'The room as it is furnished' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByLabel(/Say it as you would/)).toBeFocused();
  await page.keyboard.press('Enter');
  await question(page, 'Who works here?');
  await page.keyboard.press('Enter');
  await question(page, 'What do you own?');
}

/** The same words by the shell. */
function inShell({ units, crafts, room, ...evening }: Evening, furniture: string) {
  let n = 0;
  return setUp(
    { units, crafts, room, furniture, things: typed({ ...evening, units, crafts, room }).join('\n') },
    () => `s${n++}`,
  );
}

async function planOf(page: Page, address: string): Promise<Plan> {
  await expect(page.getByText('Saved', { exact: true }).first()).toBeVisible();
  const id = /plan\/([^/?]+)/.exec(page.url())![1]!;
  return ((await (await fetch(`${address}/api/plans/${id}`)).json()) as { plan: Plan }).plan;
}

/** A plan without its ids, so that two can be compared. */
function told(plan: Plan) {
  const unit = (id: string | null) => (id === null ? null : plan.units[id]!.name);
  return {
    units: byName(plan.units).map(({ id: _, host, elsewhere: __, ...row }) => ({ ...row, host: unit(host) })),
    seats: byName(plan.stations).map(({ name, x, y, facing, posture }) => ({ name, x, y, facing, posture })),
    activities: byName(plan.activities).map((a) => [a.name, plan.stations[a.station ?? '']?.name ?? null]),
    supplies: byName(plan.supplies).map(({ id: _, ...row }) => row),
    uses: Object.values(plan.uses)
      .map(
        (u) => `${plan.supplies[u.supply]!.name}: ${plan.activities[u.activity]!.name} ${u.fetches} ${u.guessedFrom}`,
      )
      .sort(),
    boxes: byName(plan.containers).map((c) => [c.name, unit(c.unit), c.slot, c.width, c.depth, c.height]),
    openings: Object.values(plan.openings).map(({ kind, offset, width }) => ({ kind, offset, width })),
    people: byName(plan.people).map(({ name, stature, hand }) => ({ name, stature, hand })),
  };
}

test('the shell and the window make the same plan of the same words', async ({ page, server }) => {
  const evening = EVENINGS[2]!;
  await untilThings(page, server.address, evening);
  await paste(page.getByLabel('Your things', { exact: true }), typed(evening).join('\n'));
  await page.getByRole('button', { name: /^Add \d+ things and continue/ }).click();
  await question(page, 'Enough for a first plan');
  await page.getByRole('button', { name: 'Make the first plan' }).click();
  await expect(page.getByRole('region', { name: 'What is next' })).toBeVisible({ timeout: 60_000 });
  const inWindow = await planOf(page, server.address);
  const { plan } = inShell(evening, evening.furniture);
  expect(told(inWindow)).toEqual(told(plan));
});

test('the evening with the most wrong guesses: every use is right in a few clicks, and nothing typed is lost', async ({
  page,
  server,
}) => {
  const evening = EVENINGS[0]!;
  await untilThings(page, server.address, evening);
  const box = page.getByLabel('Your things', { exact: true });
  await paste(box, typed(evening).join('\n'));
  // Closed and opened again before anything was added.
  await page.reload();
  await expect(page.getByRole('list', { name: 'Lines as they were read' }).getByRole('listitem')).toHaveCount(
    typed(evening).length,
  );
  await page.getByRole('button', { name: /^Add \d+ lines/ }).click();
  await expect(box).toHaveValue('');
  const before = await planOf(page, server.address);
  // What each line became, by its name: the shell reads as the window does.
  const { plan: alone, things } = inShell(evening, '');
  const crafts = new Map(
    thingsOf(evening).flatMap((t) => {
      const id = things.find((x) => x.line === t.typed)?.supply;
      return id ? [[alone.supplies[id]!.name, t.crafts] as const] : [];
    }),
  );
  let clicks = 0;
  const wrong = (plan: Plan) =>
    Object.values(plan.supplies).flatMap((supply) => {
      const right = crafts.get(supply.name);
      if (!right || right.includes('*') || right[0] === '?') return [];
      const names = Object.values(plan.uses).flatMap((u) =>
        u.supply === supply.id ? [plan.activities[u.activity]!.name.toLowerCase()] : [],
      );
      const is = names.length > 0 && names.every((name) => right.some((c) => name.includes(c)));
      return is ? [] : [{ supply, craft: right[0]! }];
    });
  for (const { supply, craft } of wrong(before)) {
    const chips = page.getByRole('group', { name: `Used for: ${supply.name}`, exact: true });
    await chips.getByRole('button', { name: new RegExp(craft, 'i') }).click();
    clicks++;
  }
  // The rest is right: a click for each group.
  for (;;) {
    const button = page.getByRole('button', { name: 'They are right' }).first();
    if ((await button.count()) === 0) break;
    await button.click();
    clicks++;
    if (clicks > 3 * MOST) break;
  }
  const after = await planOf(page, server.address);
  expect(wrong(after).map((w) => w.supply.name)).toEqual([]);
  expect(Object.values(after.uses).filter((u) => u.guessedFrom !== '')).toEqual([]);
  console.log(`every use of ${typed(evening).length} lines right in ${clicks} clicks`);
  expect(clicks).toBeLessThanOrEqual(MOST);
});

test('furniture that nothing is called is asked, the rest is read; Enter does not go on over it', async ({
  page,
  server,
}) => {
  await page.goto(server.address);
  await page.getByLabel('Name of the plan').press('Enter');
  await question(page, 'What do you make?');
  await page.keyboard.press('Enter');
  await question(page, 'How large is the room?');
  await page.keyboard.press('Enter');
  await question(page, 'What furniture do you have?');
  const box = page.getByLabel(/Say it as you would/);
  await box.fill('desk, wobbly thingamajig, cart');
  await box.press('Enter');
  await question(page, 'What furniture do you have?');
  await expect(page.getByText('what is it most like?')).toBeVisible();
  // Back and forth: the words are still there.
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await question(page, 'How large is the room?');
  await page.getByRole('button', { name: 'Continue' }).click();
  await expect(box).toHaveValue('desk, wobbly thingamajig, cart');
  await page.getByRole('list', { name: 'Furniture as it was read' }).getByRole('button').first().click();
  await page.getByRole('button', { name: 'Put all 3 in the room' }).click();
  await expect(page.getByRole('region', { name: 'The room as it is furnished' })).toBeVisible({ timeout: 60_000 });
});
