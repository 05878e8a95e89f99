import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './e2e/chromium.ts';
import { TestServer } from './e2e/server.ts';
const [out, path, ...rest] = process.argv.slice(2);
const s = new TestServer('demo');
await s.start();
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: [...CHROMIUM_ARGS] });
const c = await b.newContext({
  viewport: { width: Number(rest[0] ?? 1280), height: Number(rest[1] ?? 800) },
  colorScheme: 'light',
  reducedMotion: 'reduce',
});
const p = await c.newPage();
await p.goto(s.address + path!);
await p.waitForTimeout(2500);
await p.screenshot({ path: out! });
await b.close();
await s.remove();
process.exit(0);
