/** Debian's Chromium, and what it needs to run as root, without a graphics card and without a network. */
import { existsSync } from 'node:fs';

const PATHS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'] as const;

/** How the browser is started: without a window of its own where that package is there, which takes a quarter less work. */
export const CHROMIUM = {
  executablePath: PATHS.find((path) => existsSync(path)) ?? PATHS[1],
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
