/** Choosing from a list of the interface, as a person does: open it, take a line. */
import type { Locator } from '@playwright/test';

/** @param line what the line says, or the key that is kept for it */
export async function choose(list: Locator, line: string | RegExp | { key: string } | { nth: number }): Promise<void> {
  const page = list.page();
  await list.click();
  const lines = page.getByRole('option');
  await (
    typeof line === 'string' || line instanceof RegExp
      ? page.getByRole('option', { name: line, exact: true })
      : 'nth' in line
        ? lines.nth(line.nth)
        : page.locator(`[role="option"][data-value="${line.key}"]`)
  ).click();
}
