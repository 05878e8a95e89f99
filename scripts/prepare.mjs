/** What has to be there before anything runs: the packages, and for the tests a browser. Plain Node, no packages. */
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** Runs a command in the project's folder with its output shown. @returns its exit code */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  if (done.error) throw done.error;
  return done.status ?? 1;
}

/** Runs commands at the same time; what each prints is shown when it has ended. @returns the names of those that failed */
export async function together(commands) {
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

/** Installs packages when they are missing or older than the lock file. */
export function installPackages() {
  const mark = `${root}node_modules/.package-lock.json`;
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs) return;
  if (existsSync(mark) && sameLock(mark)) return;
  console.log('Installing packages …');
  // As the lock file says, and without writing it again. Not `npm ci`: that stops when a registry lacks a package of another
  // platform, which nothing here needs.
  if (run(npm, ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    console.error('The packages could not be installed; npm says why above.');
    process.exit(1);
  }
}

/** Whether what is installed is what the lock file names, whatever the file times say (a fresh checkout has new ones). */
function sameLock(mark) {
  const installed = JSON.parse(readFileSync(mark, 'utf8')).packages;
  const wanted = JSON.parse(readFileSync(`${root}package-lock.json`, 'utf8')).packages;
  return Object.entries(wanted).every(
    ([path, p]) =>
      path === '' ||
      p.optional ||
      p.link ||
      installed[path]?.version === p.version ||
      !path.startsWith('node_modules/'),
  );
}

/** Builds the interface and the server. */
export function build() {
  console.log('Building …');
  const done = spawnSync(npm, ['run', '--silent', 'build'], { cwd: root, encoding: 'utf8' });
  if (done.status !== 0) {
    console.error(`${done.stdout}\n${done.stderr}`);
    process.exit(1);
  }
}

/** What Debian calls the browser, with a window of its own or (less work) without; e2e/chromium.ts takes what is there. */
const CHROMIUM = ['chromium-headless-shell', 'chromium'];
const isThere = (name) => existsSync(`/usr/bin/${name}`);

/** Installs Debian's Chromium when it is not there. */
export function installChromium() {
  if (isThere(CHROMIUM[0])) return;
  console.log('Installing Chromium for the tests …');
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const get = (...args) =>
    execFileSync('apt-get', ['-qq', '-o', 'Acquire::http::Timeout=20', ...args], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env,
    });
  try {
    get('update');
    get('install', '-y', '--no-install-recommends', CHROMIUM[0]);
  } catch {
    if (isThere(CHROMIUM[1])) return console.log('The one with a window is there, and is taken.');
    console.error(
      `Chromium could not be installed. Install it (apt-get install ${CHROMIUM[0]}) and run npm test again.`,
    );
    process.exit(1);
  }
}
