/** Every screen of a plan in feet, read: no other measure, and no fraction finer than sixteenths. */
import { writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { notInInches } from '@heronstone/testing/metricWords.ts';
import { sampleRoom } from '../demo/sampleRooms.ts';
import { ask, expect, test } from './testServer.ts';
import { settled } from './settled.ts';

const PATHS = [
  ...['measure', 'activities', 'activities?view=chart'],
  ...['list', 'starter', 'drawers', 'purge', 'balance', 'containers'].map((view) => `sort?view=${view}`),
  ...['furnish', 'zones', 'zones?view=homes', 'zones?view=proposals'],
  ...['places', 'ways', 'help', 'week', 'reach', 'strain', 'round', 'constants'].map((view) => `place?view=${view}`),
  ...['place?show=findings', 'move', 'label', 'label?view=strips', 'label?view=places', 'find'],
  ...['keep', 'keep?view=seasons', 'keep?view=history', 'keep?view=safe'],
];

test('no screen of a plan in feet says millimetres, kilograms, litres or a fraction that nobody typed', async ({
  page,
  server,
}) => {
  const room = sampleRoom('cards');
  const plan = applyChanges(room, changesTo(room, solveAll(room, { seed: 1, moves: 2000 }))).plan;
  const answer = await ask(server.address, 'POST', '/api/plans/import?as=inches', writePlanFile(plan));
  const { id } = JSON.parse(answer) as { id: string };
  const read = async (where: string) => {
    const text = await page.evaluate(() => {
      for (const d of document.querySelectorAll('details')) d.open = true;
      const said = [document.body.innerText];
      for (const e of document.querySelectorAll<HTMLInputElement>('input, textarea')) said.push(e.value, e.placeholder);
      for (const e of document.querySelectorAll('[title], [aria-label], svg text'))
        said.push(e.getAttribute('title') ?? '', e.getAttribute('aria-label') ?? '', e.textContent);
      return said.join('\n');
    });
    expect(text.length, where).toBeGreaterThan(200);
    expect([where, notInInches(text)]).toEqual([where, []]);
  };
  await page.goto(`${server.address}/plan/${id}/measure`);
  await expect(page.getByText(/min as planned/).first()).toBeVisible();
  /** To another screen as the browser's own buttons do, and until its figures are there. */
  const go = async (path: string) => {
    await page.evaluate((to) => {
      history.pushState({}, '', to);
      dispatchEvent(new PopStateEvent('popstate'));
    }, `/plan/${id}/${path}`);
    await expect(page.getByText(/^(?:Opening|Working out|Checking|Drawing|Laying) /)).toHaveCount(0);
    await page.evaluate(() => new Promise((done) => setTimeout(done, 80)));
  };
  for (const path of PATHS) {
    await go(path);
    await read(path);
  }
  await go('furnish');
  for (const unit of Object.keys(plan.units)) {
    await page.locator(`[data-unit="${unit}"]`).first().dispatchEvent('click');
    await read(`furnish, ${plan.units[unit]!.name}`);
  }
  await go('sort');
  for (const i of [1, 4, 8, 12]) {
    await page.getByRole('row').nth(i).getByRole('button').click();
    await settled(page);
    await read(`sort, line ${i}`);
  }
});
