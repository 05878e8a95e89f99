/** What `npm run lint` is for: each fault is put into a copy of a few files and must be seen. */
import { longTest } from '@heronstone/testing/longTest.ts';
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync, cpSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'heronstone-lint-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const write = (file: string, text: string) => {
  mkdirSync(dirname(join(folder, file)), { recursive: true });
  writeFileSync(join(folder, file), text);
};
beforeAll(() => {
  for (const file of ['.dependency-cruiser.mjs', 'tsconfig.json']) cpSync(join(root, file), join(folder, file));
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  write('package.json', JSON.stringify({ name: 'x', type: 'module', dependencies: { zod: '*' } }));
  write('core/package.json', JSON.stringify({ name: '@x/core', type: 'module', dependencies: { zod: '*' } }));
});

function cruise(files: Record<string, string>): string {
  rmSync(join(folder, 'core'), { recursive: true, force: true });
  rmSync(join(folder, 'web'), { recursive: true, force: true });
  write('core/package.json', JSON.stringify({ name: '@x/core', type: 'module', dependencies: { zod: '*' } }));
  for (const [file, text] of Object.entries(files)) write(file, text);
  const folders = [...new Set(Object.keys(files).map((f) => f.split('/')[0]!))];
  const bin = join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
  const done = spawnSync(process.execPath, [bin, '--config', '.dependency-cruiser.mjs', ...folders], {
    cwd: folder,
    encoding: 'utf8',
  });
  return `${done.status === 0 ? 'passes' : 'fails'} ${done.stdout}${done.stderr}`;
}

test('layers in their order pass', () => {
  expect(
    cruise({
      'core/geometry/a.ts': 'export const a = 1;\n',
      'core/model/b.ts': "import { a } from '../geometry/a.ts';\nexport const b = a;\n",
      'core/report/c.ts': "import { b } from '../model/b.ts';\nexport const c = b;\n",
    }),
  ).toMatch(/^passes/);
});

test('an arrow against the order, a circle (of types as well, also outside core), and core that reaches out fail, each by name', () => {
  const said = cruise({
    'core/model/b.ts': "import { c } from '../report/c.ts';\nexport const b = c;\n",
    'core/report/c.ts': 'export const c = 1;\n',
    'core/report/types.ts': "import type { B } from './others.ts';\nexport type A = B | 1;\n",
    'core/report/others.ts': "import type { A } from './types.ts';\nexport type B = A | 2;\n",
    'web/app/a.ts': "import { b } from './b.ts';\nexport const a = () => b;\n",
    'web/app/b.ts': "import { a } from './a.ts';\nexport const b = () => a;\n",
    'core/model/out.ts': "import { w } from '../../web/app/w.ts';\nexport const out = w;\n",
    'web/app/w.ts': 'export const w = 1;\n',
  });
  expect(said).toMatch(/^fails/);
  expect(said).toMatch(/error model-is-below: core\/model\/b\.ts → core\/report\/c\.ts/);
  expect(said).toMatch(/error no-circle: core\/report\/(types|others)\.ts/);
  expect(said).toMatch(/error no-circle: web\/app\/[ab]\.ts/);
  expect(said).toMatch(/error core-reaches-nothing: core\/model\/out\.ts/);
});

longTest('a dead export and an unused package fail', () => {
  const knip = (files: Record<string, string>) => {
    const own = mkdtempSync(join(tmpdir(), 'heronstone-knip-'));
    for (const [file, text] of Object.entries(files)) writeFileSync(join(own, file), text);
    execFileSync('git', ['init', '-q'], { cwd: own });
    symlinkSync(join(root, 'node_modules'), join(own, 'node_modules'));
    const done = spawnSync(process.execPath, [join(root, 'node_modules/knip/bin/knip.js'), '--no-progress'], {
      cwd: own,
      encoding: 'utf8',
    });
    rmSync(own, { recursive: true, force: true });
    return `${done.status === 0 ? 'passes' : 'fails'} ${done.stdout}${done.stderr}`;
  };
  const pack = (more: object) => JSON.stringify({ name: 'x', type: 'module', main: 'index.ts', ...more });
  const index = "import { a } from './a.ts';\nconsole.log(a);\n";
  expect(knip({ 'package.json': pack({}), 'index.ts': index, 'a.ts': 'export const a = 1;\n' })).toMatch(/^passes/);
  expect(
    knip({ 'package.json': pack({}), 'index.ts': index, 'a.ts': 'export const a = 1;\nexport const dead = 2;\n' }),
  ).toMatch(/^fails[\s\S]*dead/);
  expect(
    knip({ 'package.json': pack({ dependencies: { zod: '*' } }), 'index.ts': index, 'a.ts': 'export const a = 1;\n' }),
  ).toMatch(/^fails[\s\S]*zod/);
});

// The lint step of `npm test` looks at the same arrows; here it is the script that counts them.
(process.env.HERONSTONE_LONG === '1' ? test : test.skip)('the script counts eighteen layers and no arrow up', () => {
  const said = execFileSync(process.execPath, [join(root, 'scripts/arrows.mjs')], { cwd: root, encoding: 'utf8' });
  expect(said).toMatch(/core: 18 layers/);
  expect(said).toMatch(/arrows up: 0\n/);
  expect(said).toMatch(/import circles in the repository: 0/);
});
