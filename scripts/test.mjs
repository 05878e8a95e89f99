/** npm test: installs what is missing, then lint, types, unit tests and checks, and the real interface. */
import { mkdirSync } from 'node:fs';
import { build, installChromium, installPackages, root, run, together } from './prepare.mjs';

const bin = (path) => `${root}node_modules/${path}`;
const node = (args, env) => run(process.execPath, args, env);

installPackages();
installChromium();
mkdirSync(`${root}.results`, { recursive: true });
build();

const JOINED = ['--config', `${root}scripts/jestJoined.config.mjs`];
// What was seen to be right is not looked at again while it has not changed.
const TYPES = ['--noEmit', '--incremental', '--tsBuildInfoFile', `${root}node_modules/.cache/types.tsbuildinfo`];
const failed = await together({
  lint: [`${root}scripts/lint.mjs`],
  types: [bin('typescript-native/bin/tsc'), ...TYPES],
  'data directories for the tests': ['--import', 'tsx', `${root}scripts/makeTemplates.ts`],
  'tests joined': [`${root}scripts/joinTests.mjs`],
});
const steps = [
  [
    'unit tests and checks',
    () =>
      node(
        ['--experimental-vm-modules', bin('jest/bin/jest.js'), ...JOINED, '--json', '--outputFile=.results/jest.json'],
        {
          NODE_NO_WARNINGS: '1',
        },
      ),
  ],
  [
    'end to end',
    () => node([bin('@playwright/test/cli.js'), 'test'], { PLAYWRIGHT_JSON_OUTPUT_NAME: '.results/playwright.json' }),
  ],
];
for (const [name, step] of steps) {
  console.log(`\n— ${name} —`);
  if (step() !== 0) failed.push(name);
}
if (failed.length > 0) {
  console.error(`\nFailed: ${failed.join(', ')}`);
  process.exit(1);
}
console.log('\nAll passed.');
