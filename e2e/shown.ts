/** Choosing what a drawing shows, where that is behind its button. */
import type { Page } from '@playwright/test';
import { choose } from './choose.ts';

/** @param name of the list @param line what is chosen in it */
export async function chooseShown(page: Page, name: string, line: string): Promise<void> {
  await page.getByRole('button', { name: 'What is shown' }).click();
  await choose(page.getByRole('combobox', { name, exact: true }), line);
  await page.keyboard.press('Escape');
}
