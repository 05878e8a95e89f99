/** Data directories that tests copy: making a database takes seconds, copying one does not. Made once, again when a migration changes. */
import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));

/** A database with nothing in it, not even tables; one that the program made; one with the demo. */
export type Template = 'bare' | 'empty' | 'demo';

/** Where the directory of that name is kept for what the program is now. */
function templateOf(name: Template): string {
  const sum = createHash('sha256');
  const sql = join(root, 'server/sql');
  for (const file of readdirSync(sql).sort()) sum.update(readFileSync(join(sql, file)));
  if (name === 'demo') sum.update(readFileSync(join(root, 'demo/plan.json')));
  return join(root, '.results', 'templates', `${name}-${sum.digest('hex').slice(0, 12)}`);
}

/** Makes a template unless it is there. @param fill opens the directory, puts in what belongs there, and closes it */
export async function makeTemplate(name: Template, fill: (directory: string) => Promise<void>): Promise<void> {
  const path = templateOf(name);
  if (existsSync(path)) return;
  mkdirSync(dirname(path), { recursive: true });
  rmSync(`${path}.part`, { recursive: true, force: true });
  await fill(`${path}.part`);
  renameSync(`${path}.part`, path);
}

/** Copies a template into a directory. */
export function copyTemplate(name: Template, into: string): void {
  cpSync(templateOf(name), into, { recursive: true });
}
