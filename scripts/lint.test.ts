/** What `npm run lint` is for: each fault is put into a copy of a few files and must be seen. */
import { longTest } from '@heronstone/testing/longTest.ts';
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync, writeFileSync, cpSync } from 'node:fs';
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
      'web/state/a.ts': 'export const a = 1;\n',
      'web/ui/b.ts': "import { a } from '../state/a.ts';\nexport const b = a;\n",
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
    'web/state/up.ts': "import { u } from '../ui/u.ts';\nexport const up = u;\n",
    'web/ui/u.ts': 'export const u = 1;\n',
    'web/steps/sort/s.ts': "import { p } from '../place/p.ts';\nexport const s = p;\n",
    'web/steps/place/p.ts': 'export const p = 1;\n',
  });
  expect(said).toMatch(/^fails/);
  expect(said).toMatch(/error model-is-below: core\/model\/b\.ts → core\/report\/c\.ts/);
  expect(said).toMatch(/error no-circle: core\/report\/(types|others)\.ts/);
  expect(said).toMatch(/error no-circle: web\/app\/[ab]\.ts/);
  expect(said).toMatch(/error state-is-below: web\/state\/up\.ts → web\/ui\/u\.ts/);
  expect(said).toMatch(/error steps-apart: web\/steps\/sort\/s\.ts → web\/steps\/place\/p\.ts/);
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
longTest('every folder of core and web is a layer, and the script counts no arrow up', () => {
  const folders = (of: string, not: string[]) =>
    readdirSync(join(root, of), { withFileTypes: true }).filter((f) => f.isDirectory() && !not.includes(f.name)).length;
  const said = execFileSync(process.execPath, [join(root, 'scripts/arrows.mjs')], { cwd: root, encoding: 'utf8' });
  expect(said).toContain(`core: ${folders('core', ['node_modules', 'published'])} layers`);
  expect(said).toContain(`web: ${folders('web', ['node_modules', 'dist'])} layers`);
  expect(said.match(/arrows up: 0\n/g)).toHaveLength(2);
  expect(said).toMatch(/import circles in the repository: 0/);
});
