/** npm run lint: rules of the code, circles and arrows against the layers, dead exports and unused packages, layout. */
import { FOLDERS } from './folders.mjs';
import { root, run } from './prepare.mjs';

const bin = (path) => `${root}node_modules/${path}`;
const steps = [
  [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0'],
  [bin('dependency-cruiser/bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.mjs', ...FOLDERS],
  [bin('knip/bin/knip.js'), '--no-progress', '--treat-config-hints-as-errors'],
  [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.'],
];
let failed = 0;
for (const step of steps) failed += run(process.execPath, step) === 0 ? 0 : 1;
process.exit(failed === 0 ? 0 : 1);
