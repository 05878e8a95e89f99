/**
 * npm run test:long [-- JEST ARGUMENTS]: the properties with many cases and a seed of their own, which is printed first. Without
 * arguments also every story of the real interface: those that are only told here (e2e/long.ts), drops at random points, axe on
 * every view, sheet, tab and dialog in both themes, every width, every kind of change taken back.
 */
import { build, installChromium, root, run } from './prepare.mjs';

const seed = process.env.HERONSTONE_SEED ?? String(Math.floor(Math.random() * 2 ** 31));
console.log(`Seed ${seed}. The same again: HERONSTONE_SEED=${seed} npm run test:long`);
const env = { HERONSTONE_LONG: '1', HERONSTONE_SEED: seed, NODE_NO_WARNINGS: '1' };
const asked = process.argv.slice(2);
installChromium();
build();
run(process.execPath, ['--import', 'tsx', `${root}scripts/makeTemplates.ts`]);
const jest = `${root}node_modules/jest/bin/jest.js`;
const failed = [run(process.execPath, ['--experimental-vm-modules', jest, ...asked], env)];
if (asked.length === 0) {
  const playwright = `${root}node_modules/@playwright/test/cli.js`;
  failed.push(run(process.execPath, [playwright, 'test'], env));
}
process.exit(failed.some((code) => code !== 0) ? 1 : 0);
