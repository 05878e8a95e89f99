/** Makes one file of the server, which starts in a second; beside main.ts, so that what it reads beside it is there too. */
import { build } from 'esbuild';
import { readFileSync } from 'node:fs';
import { root } from './prepare.mjs';

const { dependencies } = JSON.parse(readFileSync(`${root}server/package.json`, 'utf8'));
await build({
  entryPoints: [`${root}server/main.ts`],
  outfile: `${root}server/built.mjs`,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'warning',
  external: Object.keys(dependencies).filter((name) => !name.startsWith('@heronstone/')),
});
