/** The short messages over the bottom line; each is also read out, in words that nobody sees. */
import type { Locator, Page } from '@playwright/test';

export const messages = (page: Page): Locator => page.getByRole('region', { name: /^Messages/ }).getByRole('listitem');
