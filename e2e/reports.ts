/** Going between the places and the reports on them, as a person does. */
import type { Page } from '@playwright/test';

/** @param name what the report is called; "What goes where" for the places themselves */
export async function openReport(page: Page, name: string): Promise<void> {
  const tab = page.getByRole('tab', { name, exact: true });
  const button = page.getByRole('button', { name: 'Reports …' });
  await tab.or(button).first().waitFor();
  if (await tab.isVisible()) return tab.click();
  if (name === 'What goes where') return; // the places are shown already
  await button.click();
  await page.getByRole('menuitem', { name, exact: true }).click();
}
