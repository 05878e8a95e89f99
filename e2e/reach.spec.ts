/** Reach and time through the real interface: whose ripples, a fetch played, a figure opened and a constant changed, a wheelchair. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from './testServer.ts';
import { choose } from './choose.ts';
import { openReport } from './reports.ts';
import { chooseShown } from './shown.ts';
import { LONG } from './long.ts';
import { words } from './words.ts';

const root = fileURLToPath(new URL('..', import.meta.url));
test.use({ template: 'demo' });

const shown = /as planned/;

test('the apprentice is chosen and the ripples, bands and seconds change', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place`);
  await expect(page.getByRole('contentinfo')).toContainText(shown);
  const east = page.locator('[data-place="shelfE/s1"]');
  await east.press('Enter');
  const sheet = page.getByRole('complementary');
  await expect(sheet).toContainText('high, 1,880 mm up');
  const overhead = page.getByText(/^overhead grip/).first();
  await expect(overhead).toHaveText('overhead grip 1,999 mm');
  const before = await page.locator('[data-place]').evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')));
  await chooseShown(page, words.field.whoseReachIsShown, 'Apprentice');
  await expect(overhead).toHaveText('overhead grip 1,710 mm');
  await expect(page.locator('[data-person="apprentice"]')).toHaveCount(1);
  await expect(sheet).toContainText('One fetch, by Apprentice');
  const after = await page.locator('[data-place]').evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')));
  const changed = after.filter((label, i) => label !== before[i]);
  expect(changed.length).toBeGreaterThan(5);
  expect(changed.some((label) => /ripple 5 Walk/.test(label ?? ''))).toBe(true);
  // The rings from above are smaller, too.
  await page.getByRole('tab', { name: words.tab.fromAbove }).click();
  await expect(page.locator('[data-rings="548"]')).toHaveCount(1);
  await chooseShown(page, words.field.whoseReachIsShown, 'usual person');
  await expect(page.locator('[data-rings="641"]')).toHaveCount(1);
});

test('the places are Colour by minutes a week, with the number on each', LONG, async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place`);
  await choose(page.getByLabel(words.field.colourBy), 'minutes a week');
  await expect(page.locator('[data-place="cubes/c2r2"]')).toHaveAttribute('aria-label', /\d+\.\d min$/);
  await expect(page.locator('[data-place="books/s2"]')).toContainText(/\d+\.\d/);
  await page.getByRole('tab', { name: words.tab.fromAbove }).click();
  await expect(page.locator('[data-name-of="cubes"]')).toContainText(/\d+\.\d min/);
  await choose(page.getByLabel(words.field.colourBy), 'seconds a fetch');
  await expect(page.locator('[data-name-of="cubes"]')).toContainText(/\d+\.\d s/);
});

test(
  'a fetch is played along its way while its elements tick; with reduced motion it is a list',
  LONG,
  async ({ page, server }) => {
    await page.emulateMedia({ reducedMotion: 'no-preference' });
    await page.goto(`${server.address}/plan/demo/place`);
    await page.locator('[data-place="books/s2"]').press('Enter');
    await page.getByRole('button', { name: words.button.playTheFetch }).click();
    const dialog = page.getByRole('dialog', { name: /Fetching out of Bookcase/ });
    // Everything that is seen on the way is noted in the page: a slow machine may be at the end before it is asked.
    await dialog.evaluate((shown) => {
      const seen = { at: new Set<string>(), steps: new Set<number>() };
      Object.assign(window, { seen });
      new MutationObserver(() => {
        seen.at.add(shown.querySelector('[data-walker]')!.getAttribute('data-walker')!);
        seen.steps.add(shown.querySelectorAll('[aria-current="step"]').length);
      }).observe(shown, { subtree: true, attributes: true, childList: true });
    });
    const seen = () =>
      page.evaluate(() => {
        const { at, steps } = (window as unknown as { seen: { at: Set<string>; steps: Set<number> } }).seen;
        return { places: at.size, steps: [...steps].filter((n) => n > 0) };
      });
    await dialog.getByRole('button', { name: words.button.playIt }).click();
    await expect(dialog.locator('[data-state="done"]').first()).toContainText('look');
    await expect.poll(async () => (await seen()).places).toBeGreaterThan(2);
    expect((await seen()).steps).toEqual([1]);
    await expect(dialog.getByRole('timer')).toContainText(/\d+\.\d of \d+\.\d s/);
    await page.keyboard.press('Escape');
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.getByRole('button', { name: words.button.playTheFetch }).click();
    await dialog.getByRole('button', { name: words.button.playIt }).click();
    await expect(dialog.locator('[data-state="to come"]')).toHaveCount(0);
    await expect(dialog.getByLabel(words.field.elementsOfTheFetch).getByRole('listitem').first()).toContainText('look');
  },
);

test(
  'a figure opens down to its constants; one is changed, and screens, command line and print agree',
  LONG,
  async ({ page, server }) => {
    const heron = (...args: string[]) =>
      JSON.parse(
        execFileSync(process.execPath, ['cli/bin/heron.js', ...args], { cwd: root, encoding: 'utf8' }),
      ) as Record<string, never>;
    const folder = mkdtempSync(join(tmpdir(), 'heron-e2e-'));
    const weekByCli = async () => {
      const file = join(folder, 'plan.json');
      const response = await fetch(`${server.address}/api/plans/demo/file`);
      writeFileSync(file, await response.text());
      return heron('week', file) as unknown as { week: { planned: { minutes: number; motions: { walking: number } } } };
    };
    await page.goto(`${server.address}/plan/demo/place`);
    await page.locator('[data-place="books/s2"]').press('Enter');
    const figure = page.getByRole('complementary').getByRole('button', { name: /^\d+\.\d s$/ });
    const seconds = Number.parseFloat((await figure.innerText()).replace(' s', ''));
    await figure.click();
    const how = page.getByRole('dialog', { name: /how it was worked out/ });
    await expect(how).toContainText('MTM-1, Maynard, Stegemerten & Schwab 1948');
    await how.getByRole('link', { name: words.link.walk15TmuAPace }).first().click();
    const field = page.getByRole('textbox', { name: words.field.walkAPace });
    await expect(field).toBeFocused();
    const before = await weekByCli();
    await field.fill('30');
    await field.press('Enter');
    await expect(page.getByRole('button', { name: words.button.backTo15WalkAPace })).toBeVisible();
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    const after = await weekByCli();
    expect(after.week.planned.motions.walking).toBeGreaterThan(before.week.planned.motions.walking * 1.15);
    // The line at the bottom, the week and its print show the same field.
    await expect(page.getByRole('contentinfo')).toContainText(
      `${Math.round(after.week.planned.minutes)} min as planned`,
    );
    await openReport(page, words.tab.theWeek);
    const all = page.getByRole('row', { name: /^Total/ });
    await expect(all).toContainText(after.week.planned.minutes.toFixed(1));
    await page.emulateMedia({ media: 'print' });
    await expect(all).toBeVisible();
    await expect(all).toContainText(after.week.planned.minutes.toFixed(1));
    await expect(page.getByRole('button', { name: words.button.printTheComparison })).toBeHidden();
    await page.emulateMedia({ media: 'screen' });
    await openReport(page, words.tab.whatGoesWhere);
    await page.locator('[data-place="books/s2"]').press('Enter');
    await expect
      .poll(async () => Number.parseFloat((await figure.innerText()).replace(' s', '')))
      .toBeGreaterThan(seconds + 1);
    // The way back, and undo of that.
    await openReport(page, words.tab.constants);
    await page.getByRole('button', { name: /Reset all to the published values \(1 changed\)/ }).click();
    await expect(field).toHaveValue('15');
    await expect(page.getByRole('contentinfo')).toContainText(
      `${Math.round(before.week.planned.minutes)} min as planned`,
    );
    await page.getByRole('button', { name: words.button.undo, exact: true }).click();
    await expect(field).toHaveValue('30');
    // What is out of bounds is refused with what would be right.
    await field.fill('-3');
    await field.press('Enter');
    await expect(page.getByText(/0\.1 (and|to) 200/)).toBeVisible();
  },
);

test('somebody uses a wheelchair and the findings about reach come', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/activities`);
  const maker = page.getByRole('group', { name: words.group.maker });
  await expect(page.getByRole('contentinfo')).toContainText(shown);
  await maker.getByLabel(words.field.usesAWheelchair).check();
  await page
    .getByRole('navigation', { name: words.region.stepsOfTheWork })
    .getByRole('link', { name: words.link.place })
    .click();
  await openReport(page, words.tab.reachAndSight);
  const reach = page.getByRole('region', { name: words.region.reachInFigures });
  await expect(reach).toContainText('out of reach from a wheelchair');
  await expect(reach).toContainText(/largest free circle|a wheelchair needs/);
  await expect(reach.getByRole('row', { name: /Carving bench, Maker, wheelchair/ })).toBeVisible();
  // Nobody gets up out of a wheelchair: ripple 4 is empty.
  const cells = reach.getByRole('row', { name: /Carving bench, Maker, wheelchair/ }).getByRole('cell');
  await expect(cells.nth(3)).toHaveText('0');
  await openReport(page, words.tab.strain);
  await expect(page.getByRole('region', { name: words.region.strainInFigures })).toContainText('not medical advice');
});

test('a child must not reach a thing: the wish is a finding, and a key fixes it', LONG, async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/activities`);
  const child = page.getByRole('group', { name: words.group.apprentice });
  await child.getByText(/Should and must not reach/).click();
  await choose(child.getByLabel(words.field.addAThing), 'Markers');
  await expect(child.getByLabel(words.field.apprenticeMarkers)).toHaveText('must not reach');
  await page.goto(`${server.address}/plan/demo/place?view=reach`);
  const finding = page.getByRole('button', { name: /Markers in .* is in reach of Apprentice/ });
  await expect(finding).toBeVisible();
  const text = await finding.innerText();
  await finding.click();
  await page.getByRole('button', { name: words.button.theWholePlace }).click();
  const unit = /Markers in ([^,]+),/.exec(text)![1]!;
  await page.goto(`${server.address}/plan/demo/furnish`);
  await page
    .getByRole('button', { name: new RegExp(`^${unit}, `) })
    .first()
    .press('Enter');
  await page.locator('summary', { hasText: /^More$/ }).click();
  await page.getByLabel(words.field.keptLockedWithAKey).check();
  await page.goto(`${server.address}/plan/demo/place?view=reach`);
  await expect(page.getByRole('region', { name: words.region.reachInFigures })).toContainText('Counted over');
  await expect(page.getByRole('button', { name: /Markers in .* is in reach of Apprentice/ })).toHaveCount(0);
});

test('one round and the worst lead to the place', async ({ page, server }) => {
  await page.goto(`${server.address}/plan/demo/place?view=round`);
  await choose(page.getByLabel(words.field.for), 'Costume sewing');
  await expect(page.getByRole('status').filter({ hasText: 'one by one' })).toBeVisible();
  await openReport(page, words.tab.theWeek);
  await page.getByRole('radio', { name: words.choice.today, exact: true }).click();
  for (const [list, thing] of [
    ['Takes longest', 'Gouges'],
    ['Heavy where it stands', 'Sewing machine'],
    ['In reach of a child', 'Varnish, clear'],
    ['Not visible from any seat', 'Ink pads'],
  ] as const)
    await expect(page.getByRole('region', { name: list })).toContainText(thing);
  await page
    .getByRole('region', { name: words.region.notVisibleFromAnySeat })
    .getByRole('button', { name: /Ink pads/ })
    .click();
  await expect(page.getByRole('complementary')).toContainText('Ink pads');
});
