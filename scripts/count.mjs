/** Adds up what Jest and Playwright counted and prints it as the last line. Exits 1 on a failure and when nothing ran. */
import { readFileSync } from 'node:fs';

const read = (file) => {
  try {
    return JSON.parse(readFileSync(new URL(`../.results/${file}`, import.meta.url), 'utf8'));
  } catch {
    return null;
  }
};
const jest = read('jest.json');
const playwright = read('playwright.json');
// A suite that could not even be loaded counts as a failure.
const broken = jest
  ? jest.testResults.filter((t) => t.status === 'failed' && t.assertionResults.length === 0).length
  : 1;
const passed = (jest?.numPassedTests ?? 0) + (playwright ? playwright.stats.expected + playwright.stats.flaky : 0);
const failed = (jest?.numFailedTests ?? 0) + broken + (playwright ? playwright.stats.unexpected : 1);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
