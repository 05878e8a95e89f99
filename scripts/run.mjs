/** npm start and npm run demo: installs what is missing, builds, runs the server until Ctrl+C. */
import { spawn } from 'node:child_process';
import { build, installPackages, root } from './prepare.mjs';

installPackages();
build();
const server = spawn(process.execPath, ['server/built.mjs', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill(signal));
server.on('exit', (code, signal) => process.exit(code ?? (signal === 'SIGINT' ? 0 : 1)));
