/** What the window loads before it shows anything; the rest comes when a step is opened. */
import { existsSync, readFileSync, statSync } from 'node:fs';

const dist = new URL('./dist/', import.meta.url);
const MOST = 450_000;

/** The first script with all that it imports before it runs. */
function firstScripts(): string[] {
  const found = new Set<string>();
  const take = (file: string) => {
    if (found.has(file)) return;
    found.add(file);
    const text = readFileSync(new URL(file, dist), 'utf8');
    for (const [, , other] of text.matchAll(/(?:^|[;}])import(\{[^}]*\}from|[\w$]+ from)?["']\.\/([^"']+\.js)["']/g))
      take(`assets/${other}`);
  };
  const page = readFileSync(new URL('index.html', dist), 'utf8');
  for (const [, file] of page.matchAll(/src="\/(assets\/[^"]+\.js)"/g)) take(file!);
  return [...found];
}

test('the scripts that load first have at most 450 KB together', () => {
  expect(existsSync(new URL('index.html', dist))).toBe(true);
  const files = firstScripts();
  expect(files.length).toBeGreaterThan(0);
  const bytes = files.reduce((sum, file) => sum + statSync(new URL(file, dist)).size, 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThanOrEqual(MOST);
});
