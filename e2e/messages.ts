/** The short messages over the bottom line; each is also read out, in words that nobody sees, and stays while a dialog is open. */
import type { Locator, Page } from '@playwright/test';

export const messages = (page: Page): Locator => page.locator('[data-notice]');
