/** The story of the zones: kept, painted, proposed, homes merged, split and renamed, filled, one piece re-planned, printed; by mouse and by keys. */
import type { Page } from '@playwright/test';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { go } from './go.ts';
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { LONG } from './long.ts';
import { messages } from './messages.ts';
import { words } from './words.ts';

const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();

test('zones painted and proposed, homes merged, split and renamed, filled, one piece given away and re-planned', async ({
  page,
  server,
}) => {
  const stored = async (): Promise<Plan> => {
    await saved(page);
    return ((await (await fetch(`${server.address}/api/plans/demo`)).json()) as { plan: Plan }).plan;
  };
  await page.goto(`${server.address}/plan/demo/zones`);
  const side = page.getByRole('complementary');

  await test.step('the proposed zones are kept, and furniture is painted', async () => {
    await page.getByRole('button', { name: words.button.keepTheseZones }).click();
    await page.getByRole('radio', { name: /^C Costume sewing/ }).click();
    await page.locator('[data-unit="books"]').click();
    await expect(page.getByText(/Give Bookcase to C/).first()).toBeVisible();
    await page.getByRole('radio', { name: /^S Storage/ }).click();
    await page.locator('[data-unit="trunk"]').click({ position: { x: 8, y: 60 } });
    const plan = await stored();
    expect(Object.values(plan.allotments)).toMatchObject([
      { unit: 'books', as: 'zone', zone: 'zone-sewing', firm: true },
      { unit: 'trunk', as: 'storage', zone: null },
    ]);
    await expect(side.getByRole('region', { name: /Zone C, Costume sewing/ })).toContainText(
      'of its fetches stay inside',
    );
  });

  await test.step('one of three proposals is taken; what was given firmly stays', async () => {
    await page.getByRole('tab', { name: words.tab.proposals }).click();
    await expect(page.getByRole('region', { name: 'Least walking' })).toContainText('min a week');
    await page.getByRole('region', { name: 'Each zone near together' }).getByRole('button').click();
    const plan = await stored();
    const of = (unit: string) => Object.values(plan.allotments).filter((a) => a.unit === unit && a.slot === '');
    expect(of('books')).toMatchObject([{ zone: 'zone-sewing', firm: true }]);
    expect(of('bench')).toMatchObject([{ zone: 'zone-carving', firm: false }]);
    expect(new Set(Object.values(plan.allotments).map((a) => a.unit)).size).toBe(Object.keys(plan.units).length);
  });

  await test.step('homes: dragged to another zone, dropped on another, split and renamed', async () => {
    await page.getByRole('tab', { name: words.tab.homes }).click();
    const card = (name: string) => page.getByRole('listitem', { name: new RegExp(`^${name}, \\d+ suppl`) });
    const drag = async (from: string, to: { x: number; y: number }) => {
      const box = (await card(from).boundingBox())!;
      await page.mouse.move(box.x + 40, box.y + box.height - 8);
      await page.mouse.down();
      await page.mouse.move(box.x + 60, box.y + 40, { steps: 4 });
      await page.mouse.move(to.x, to.y, { steps: 8 });
      await page.mouse.up();
    };
    const on = async (name: string) => {
      const box = (await card(name).boundingBox())!;
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    };
    await drag('Tools', await on('Paints'));
    await expect(page.getByText('Merge Tools into Paints').first()).toBeVisible();
    await expect(card('Paints')).toContainText('13 supplies');
    const column = (await page.getByRole('region', { name: /^Zone C/ }).boundingBox())!;
    await drag('Brushes', { x: column.x + column.width / 2, y: column.y + 20 });
    await expect(
      page.getByRole('region', { name: /^Zone C/ }).getByRole('listitem', { name: /^Brushes,/ }),
    ).toBeVisible();
    await card('Paints').getByRole('button', { name: 'Paints' }).first().click();
    await side.getByLabel('Split off Primer').check();
    await side.getByLabel('Split off Varnish, matt').check();
    await side.getByLabel(words.field.nameOfTheNewHome).fill('Grounds and finishes');
    await side.getByRole('button', { name: words.button.splitOff2Lines }).click();
    await expect(card('Grounds and finishes')).toContainText('2 supplies');
    await side.getByLabel('Name', { exact: true }).fill('Colours and tools');
    await side.getByLabel('Name', { exact: true }).press('Enter');
    await expect(card('Colours and tools')).toContainText('11 supplies');
    const plan = await stored();
    expect(plan.homes[plan.supplies.primer!.home!]!.name).toBe('Grounds and finishes');
    expect(plan.homes[plan.supplies['brushes-fine']!.home!]!.zone).toBe('zone-sewing');
  });

  await test.step('filled by homes: nothing firm is broken, and the line says what can be named', async () => {
    await page.getByRole('button', { name: words.button.fillByHomes }).click();
    await expect(messages(page).getByText(/The room is filled/)).toBeVisible();
    const plan = await stored();
    const planned = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
    const brushes = new Set(
      Object.values(plan.supplies).flatMap((s) => (s.home === plan.supplies['brushes-fine']!.home ? [s.id] : [])),
    );
    expect(brushes.size).toBe(6);
    for (const p of planned.filter((x) => brushes.has(x.supply)))
      expect(
        Object.values(plan.allotments).some(
          (a) => a.unit === p.unit && a.firm && a.zone !== null && a.zone !== 'zone-sewing',
        ),
      ).toBe(false);
    for (const p of planned.filter((x) => x.unit === 'books')) expect(p.supply).not.toBe('gouges');
    await expect(page.getByRole('contentinfo')).toContainText(/\d+ of \d+ places can be named/);
  });

  await test.step('one piece is given to another zone, and only that is planned again', async () => {
    const before = await stored();
    await page.getByRole('tab', { name: words.tab.floor }).click();
    await page.locator('[data-unit="slim"]').click();
    await choose(side.getByLabel(words.field.allOfItIsGivenTo), /^C · /);
    await side.getByRole('button', { name: words.button.planOnlyThis }).click();
    await expect(messages(page).getByText(/planned again, with its zone|where it should be/)).toBeVisible();
    const after = await stored();
    const lies = (plan: Plan) => Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
    // What is neither in the piece nor of the zone stays exactly where it was.
    const paper = (p: { supply: string; unit: string }) =>
      p.unit === 'tall' && after.supplies[p.supply]!.category === 'card and paper';
    expect(lies(after).filter(paper)).toEqual(lies(before).filter(paper));
    expect(lies(after).filter((p) => p.unit === 'slim' && p.supply === 'gouges')).toEqual([]);
  });

  await test.step('a sheet for each door', async () => {
    await go(page, server.address, '/plan/demo/label');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: words.button.aSheetForEachDoor }).click();
    expect((await download).suggestedFilename()).toBe('Puppet workshop door sheets.pdf');
  });
});

test('the same by keys alone: painted, a home renamed, moved, merged and undone', LONG, async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/zones`);
  const side = page.getByRole('complementary');
  await page.getByRole('radio', { name: 'Look' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(page.getByRole('radio', { name: /^A / })).toBeChecked();
  await page.locator('[data-unit="cubes"]').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Give Cube shelf to A/).first()).toBeVisible();
  await page.getByRole('tab', { name: words.tab.floor }).focus();
  await page.keyboard.press('ArrowRight');
  const card = (name: string) => page.getByRole('listitem', { name: new RegExp(`^${name}, \\d+ suppl`) });
  await card('Tapes').focus();
  await page.keyboard.press('F2');
  await expect(side.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Sticky things');
  await page.keyboard.press('Enter');
  await card('Sticky things').focus();
  await page.keyboard.press('ArrowRight');
  await expect(
    page.getByRole('region', { name: /^Zone C/ }).getByRole('listitem', { name: /^Sticky things,/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'What to do with Sticky things' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Merge with Trims' }).press('Enter');
  await expect(card('Sticky things')).toContainText('10 supplies');
  for (let n = 0; n < 3; n++) await page.keyboard.press('Control+z');
  await expect(card('Tapes')).toContainText('2 supplies');

  // A proposal, a home split, the room filled, one piece given away and planned again, door sheets.
  const stored = async (): Promise<Plan> => {
    await saved(page);
    return ((await (await fetch(`${server.address}/api/plans/demo`)).json()) as { plan: Plan }).plan;
  };
  await page.getByRole('tab', { name: words.tab.homes }).focus();
  await page.keyboard.press('ArrowRight');
  await page.getByRole('region', { name: 'Least walking' }).getByRole('button').focus();
  await page.keyboard.press('Enter');
  await expect.poll(async () => Object.keys((await stored()).allotments).length).toBeGreaterThan(10);
  await page.getByRole('tab', { name: words.tab.proposals }).focus();
  await page.keyboard.press('ArrowLeft');
  await card('Paints').focus();
  await page.keyboard.press('Enter');
  await side.getByLabel('Split off Primer').focus();
  await page.keyboard.press('Space');
  await side.getByLabel(words.field.nameOfTheNewHome).focus();
  await page.keyboard.type('Grounds');
  await page.keyboard.press('Enter');
  await expect(card('Grounds')).toContainText('1 supply');
  await page.getByRole('button', { name: words.button.fillByHomes }).focus();
  await page.keyboard.press('Enter');
  await expect(messages(page).getByText(/The room is filled/)).toBeVisible();
  await page.getByRole('tab', { name: words.tab.homes }).focus();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('radio', { name: 'Look' }).focus();
  await page.keyboard.press('Space');
  await page.locator('[data-unit="slim"]').focus();
  await page.keyboard.press('Enter');
  await side.getByLabel(words.field.allOfItIsGivenTo).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: /^C · / }).focus();
  await page.keyboard.press('Enter');
  await side.getByRole('button', { name: words.button.planOnlyThis }).focus();
  await page.keyboard.press('Enter');
  await expect(messages(page).getByText(/planned again, with its zone|where it should be/)).toBeVisible();
  const given = Object.values((await stored()).allotments).filter((a) => a.unit === 'slim' && a.slot === '');
  expect(given).toMatchObject([{ zone: 'zone-sewing' }]);
  await page.goto(`${server.address}/plan/demo/label`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: words.button.aSheetForEachDoor }).focus();
  await page.keyboard.press('Enter');
  expect((await download).suggestedFilename()).toBe('Puppet workshop door sheets.pdf');
});

test('a kit is a box with its contents; a heap says its price; spares lie behind; a collection is kept whole', async ({
  page,
  server,
}) => {
  const stored = async (): Promise<Plan> => {
    await saved(page);
    return ((await (await fetch(`${server.address}/api/plans/demo`)).json()) as { plan: Plan }).plan;
  };
  const side = page.getByRole('complementary');
  await page.goto(`${server.address}/plan/demo/activities`);
  const names = page.getByLabel('Activity', { exact: true });
  await expect(names.first()).toBeVisible();
  const all = await names.evaluateAll((list) => list.map((e) => (e as HTMLInputElement).value));
  await page
    .getByRole('button', { name: 'Needs' })
    .nth(all.findIndex((n) => /fair/i.test(n)))
    .click();
  await expect(side.getByText(/(A kit|A cart|A station of its own) would suit: /)).toBeVisible();
  await side.getByRole('button', { name: words.button.planWhatIsInIt }).click();
  await expect(side.getByText(/^A box of 350 mm × 260 mm × 240 mm/)).toBeVisible();
  const boxed = await stored();
  expect(boxed.containers[boxed.kits.fair!.box!]).toMatchObject({ unit: 'landing-cupboard', slot: 's2' });

  await go(page, server.address, '/plan/demo/zones?view=homes');
  const card = (name: string) => page.getByRole('listitem', { name: new RegExp(`^${name}, \\d+ suppl`) });
  await expect(card('Fair box')).toBeVisible();
  await card('Paints').getByRole('button', { name: 'Paints' }).first().click();
  const heap = side.getByLabel(/^Not worth sorting: a heap to rake through, \d+(\.\d)? (s|min) a week of looking/);
  await heap.click();
  await expect(card('Paints')).toContainText('not sorted');
  await choose(side.getByLabel('Its spares'), /behind the rest/);
  await page.getByText(/collections? against kinds/).click();
  await page
    .getByRole('button', { name: /^Keep .* whole$/ })
    .first()
    .click();
  const plan = await stored();
  const homes = Object.values(plan.homes);
  expect(homes.find((h) => h.name === 'Paints')).toMatchObject({ unsorted: true, sparesWith: true });
  expect(homes.filter((h) => h.set).length).toBe(1);
  await expect(page.getByRole('button', { name: /^Leave .* to its kinds$/ })).toBeVisible();
});
