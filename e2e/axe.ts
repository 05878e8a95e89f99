/** Axe on one view, in both schemes; and the way from view to view without loading the page again. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { ALL } from './long.ts';
import { words } from './words.ts';

/** These use all colours there are; in the dark only the colours are others. */
const ALL_COLOURS: ReadonlySet<string> = new Set([
  'start',
  'furnish',
  'place',
  'place, the week',
  'place, a fetch played',
]);

/** The drawing is the same in many views: it takes long to look at, so only these look at it. */
const WITH_DRAWING: ReadonlySet<string> = new Set(['furnish', 'place, inside']);
export const inColours = (name: string): boolean => ALL || ALL_COLOURS.has(name);
/** Contrast takes longest to look at: the views that use all colours are looked at, in both schemes. */
function axe(page: Page, name: string, scheme: 'light' | 'dark'): AxeBuilder {
  const builder = new AxeBuilder({ page }).setLegacyMode(true);
  if (!ALL && !WITH_DRAWING.has(name)) builder.exclude('svg[role="group"], svg[role="img"]');
  const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  return builder.options({
    resultTypes: ['violations'],
    runOnly: scheme === 'dark' ? { type: 'rule', values: ['color-contrast'] } : { type: 'tag', values: tags },
    ...(scheme === 'light' && !inColours(name) ? { rules: { 'color-contrast': { enabled: false } } } : {}),
  });
}
export async function violated(page: Page, name: string, scheme: 'light' | 'dark'): Promise<string[]> {
  await page.emulateMedia({ colorScheme: scheme });
  const { violations } = await axe(page, name, scheme).analyze();
  return violations.map((v) => {
    const where = v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160));
    return `${name}, ${scheme}: ${v.id}: ${where.join(' | ')}`;
  });
}
/** Opens a page; between the steps of a plan as the browser's own buttons do, without loading it again. */
export async function openView(page: Page, address: string, path: string): Promise<void> {
  if (!path.startsWith('/plan/') || !page.url().includes('/plan/')) {
    await page.goto(address + path);
    return;
  }
  const step = async (to: string) => {
    await page.evaluate((at) => {
      history.pushState({}, '', at);
      dispatchEvent(new PopStateEvent('popstate'));
    }, to);
    const name = /\/plan\/demo\/(\w+)/.exec(to)![1]!;
    await page.locator(`.stone[aria-current="page"][href$="/${name}"]`).waitFor();
  };
  await page.keyboard.press('Escape'); // out of a dialog that is open
  // By way of another step, so that nothing of the view before is left.
  await step(path.includes('/label') ? '/plan/demo/measure' : '/plan/demo/label');
  await page
    .getByRole('region', { name: words.region.labelSheet })
    .or(page.getByRole('region', { name: words.region.theRoom }))
    .first()
    .waitFor();
  await step(path);
}
