/** npm run dev: the server and the interface with hot reload, on the demo data. */
import { spawn } from 'node:child_process';
import { installPackages, root } from './prepare.mjs';

installPackages();
const children = [
  spawn(
    process.execPath,
    ['--import', 'tsx', '--watch', 'server/main.ts', '--demo', '--no-web', ...process.argv.slice(2)],
    { cwd: root, stdio: 'inherit' },
  ),
  spawn(process.execPath, ['../node_modules/vite/bin/vite.js'], { cwd: `${root}web`, stdio: 'inherit' }),
];
const stop = () => children.forEach((child) => child.kill('SIGTERM'));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);
for (const child of children) child.on('exit', stop);
