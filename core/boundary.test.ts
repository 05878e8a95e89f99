/** The lint rule that keeps core to itself: it must fail on each thing that core may not reach for. */
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { ESLint } from 'eslint';
import tseslint from 'typescript-eslint';

// Without the rules that ask for types: they would read the whole program first, and are not what is looked at here.
const eslint = new ESLint({
  cwd: fileURLToPath(new URL('..', import.meta.url)),
  overrideConfig: tseslint.configs.disableTypeChecked as never,
});
const rules = async (code: string) => {
  const [result] = await eslint.lintText(code, { filePath: 'core/geometry/example.ts' });
  return result!.messages.map((m) => m.ruleId);
};

test.each([
  "import { useState } from 'react'; export const a = useState;",
  "import { readFileSync } from 'node:fs'; export const a = readFileSync;",
  "import { join } from 'path'; export const a = join;",
  "import { PGlite } from '@electric-sql/pglite'; export const a = PGlite;",
  "import express from 'express'; export const a = express;",
  "import { Store } from '@heronstone/server/store.ts'; export const a = Store;",
  "import { api } from '../web/state/api.ts'; export const a = api;",
  'export const a = document.title;',
  'export const a = window.innerWidth;',
  'export const a = process.env;',
  'export const a = Date.now();',
  'export const a = Math.random();',
])('%s', async (code) => {
  expect(await rules(code)).toEqual(expect.arrayContaining([expect.stringMatching(/^no-restricted-/)]));
});

test('what core does today passes it', async () => {
  expect(await rules("import { z } from 'zod'; export const a = z.number();")).toEqual([]);
});

test('and the sources name nothing of the kind', () => {
  const folder = fileURLToPath(new URL('.', import.meta.url));
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.endsWith('.ts') && !f.endsWith('.test.ts') && !f.startsWith('published'),
  );
  expect(files.length).toBeGreaterThan(20);
  for (const file of files) {
    const imports = [...readFileSync(join(folder, file), 'utf8').matchAll(/from '([^']+)'/g)].map((m) => m[1]!);
    for (const from of imports)
      expect(from).toMatch(
        /^(\.\.?\/|zod$|papaparse$|@cantoo\/pdf-lib$|date-fns$|@cantoo\/fontkit$|qrcode$|minisearch$|dxf-parser$|@tarikjabiri\/dxf$|tinyqueue$|ical-generator$)/,
      );
  }
});
