/** npm test: installs what is missing, then lint, types, unit tests and checks, and the real interface. */
import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { build, installChromium, installPackages, root, run } from './prepare.mjs';

const bin = (path) => `${root}node_modules/${path}`;
const node = (args, env) => run(process.execPath, args, env);

/** Runs commands at the same time; what each prints is shown when it has ended. @returns the names of those that failed */
async function together(commands) {
  const ended = Object.entries(commands).map(
    ([name, args]) =>
      new Promise((done) => {
        const child = spawn(process.execPath, args, { cwd: root, env: process.env });
        let text = '';
        for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk));
        child.on('close', (code) => {
          console.log(`\n— ${name} —\n${text}`);
          done(code === 0 ? [] : [name]);
        });
      }),
  );
  return (await Promise.all(ended)).flat();
}

installPackages();
installChromium();
mkdirSync(`${root}.results`, { recursive: true });
build();

const failed = await together({
  lint: [`${root}scripts/lint.mjs`],
  types: [bin('typescript/bin/tsc'), '--noEmit'],
  'data directories for the tests': ['--import', 'tsx', `${root}scripts/makeTemplates.ts`],
});
const steps = [
  [
    'unit tests and checks',
    () =>
      node(['--experimental-vm-modules', bin('jest/bin/jest.js'), '--json', '--outputFile=.results/jest.json'], {
        NODE_NO_WARNINGS: '1',
      }),
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
