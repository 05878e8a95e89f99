/** npm run test:long [-- JEST ARGUMENTS]: the properties with many cases and a seed of their own, which is printed first. */
import { root, run } from './prepare.mjs';

const seed = process.env.HERONSTONE_SEED ?? String(Math.floor(Math.random() * 2 ** 31));
console.log(`Seed ${seed}. The same again: HERONSTONE_SEED=${seed} npm run test:long`);
const env = { HERONSTONE_LONG: '1', HERONSTONE_SEED: seed, NODE_NO_WARNINGS: '1' };
run(process.execPath, [`${root}scripts/buildServer.mjs`]);
run(process.execPath, ['--import', 'tsx', `${root}scripts/makeTemplates.ts`]);
const jest = `${root}node_modules/jest/bin/jest.js`;
process.exit(run(process.execPath, ['--experimental-vm-modules', jest, ...process.argv.slice(2)], env));
