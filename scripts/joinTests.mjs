/**
 * Joins the tests of each folder into one module: Jest makes a world of its own for each test file and
 * loads all that it needs into it, which takes longer than most tests do. `npm test` runs these; `npx jest` the files as they are.
 */
import { build } from 'esbuild';
import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { GLOBALS } from './jestTransform.mjs';
import { root } from './prepare.mjs';

const FOLDERS = ['core', 'library', 'server', 'cli'];
const OUT = `${root}.results/joined`;

/** Packages are loaded as they are; a module of ours goes on reading what lies beside its source. */
const ours = {
  name: 'ours',
  setup({ onResolve, onLoad }) {
    onResolve({ filter: /^[^./]/ }, ({ path }) => (path.startsWith('@heronstone/') ? null : { path, external: true }));
    onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const text = readFileSync(path, 'utf8');
      return { contents: text.replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href)), loader: 'ts' };
    });
  },
};

/** The test files of a folder, by the folder in it in which they lie. */
function testsIn(folder) {
  const within = {};
  for (const file of readdirSync(`${root}${folder}`, { recursive: true }))
    if (file.endsWith('.test.ts')) (within[file.split('/').slice(0, -1)[0] ?? 'itself'] ??= []).push(file);
  return Object.entries(within);
}

rmSync(OUT, { recursive: true, force: true });
await Promise.all(
  FOLDERS.flatMap((folder) =>
    testsIn(folder).map(([within, files]) =>
      build({
        stdin: { contents: files.map((file) => `import './${file}';`).join('\n'), resolveDir: `${root}${folder}` },
        outfile: `${OUT}/${folder}/${within}.test.mjs`,
        bundle: true,
        platform: 'node',
        format: 'esm',
        target: 'node20',
        logLevel: 'warning',
        sourcemap: 'inline',
        sourcesContent: false,
        banner: { js: `const { ${GLOBALS.join(', ')} } = globalThis;` },
        plugins: [ours],
      }),
    ),
  ),
);
