/** Makes the data directories that the tests copy: making one takes seconds, copying does not. */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { openDatabase } from '@heronstone/server/database.ts';
import { Store } from '@heronstone/server/store.ts';
import { TEMPLATES } from './server.ts';

export default async function setup(): Promise<void> {
  if (!existsSync(new URL('../web/dist/index.html', import.meta.url)))
    throw new Error('The interface is not built: npm run build first, or npm test.');
  rmSync(TEMPLATES, { recursive: true, force: true });
  for (const name of ['empty', 'demo']) {
    mkdirSync(join(TEMPLATES, name), { recursive: true });
    const { db, close } = await openDatabase(join(TEMPLATES, name));
    if (name === 'demo') {
      const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
      if (!read.ok) throw new Error(read.findings[0]?.message);
      await new Store(db).create(read.plan, 'demo');
    }
    await close();
  }
}
