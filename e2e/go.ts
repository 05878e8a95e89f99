/** From page to page. */
import type { Page } from '@playwright/test';

/** Opens a page of the program; in a window that has it open as its own links do, without loading it again. */
export async function go(page: Page, address: string, path: string): Promise<void> {
  if (!page.url().startsWith(`${address}/plan/`) || !path.startsWith('/plan/')) {
    await page.goto(address + path);
    return;
  }
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  const [step] = path.split('/')[3]!.split('?');
  await page.waitForFunction((name) => document.title.toLowerCase().startsWith(`${name} · `), step);
}
