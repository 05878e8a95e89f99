/** npm run lint: rules of the code, circles and arrows against the layers, dead exports and unused packages, layout. */
import { FOLDERS } from './folders.mjs';
import { root, together } from './prepare.mjs';

const bin = (path) => `${root}node_modules/${path}`;
/** What was seen to be right is not looked at again while it has not changed. */
const cache = (name) => ['--cache', '--cache-location', `${root}node_modules/.cache/${name}`];
const failed = await together({
  'rules of the code': [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0', ...cache('rules')],
  layers: [bin('dependency-cruiser/bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.mjs', ...FOLDERS],
  'dead code and packages': [bin('knip/bin/knip.js'), '--no-progress', '--treat-config-hints-as-errors'],
  layout: [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.', ...cache('layout')],
});
process.exit(failed.length === 0 ? 0 : 1);
