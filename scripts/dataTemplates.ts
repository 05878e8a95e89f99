/** Makes the data directories that tests copy, unless they are there; each begins as a copy of the one before. */
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { openDatabase } from '@heronstone/server/database.ts';
import { Store } from '@heronstone/server/store.ts';
import { copyTemplate, makeTemplate } from '@heronstone/testing/templates.ts';

export async function makeTemplates(): Promise<void> {
  await makeTemplate('bare', async (directory) => {
    mkdirSync(directory);
    const db = await PGlite.create(join(directory, 'db'));
    await db.close();
  });
  await makeTemplate('empty', async (directory) => {
    copyTemplate('bare', directory);
    const { close } = await openDatabase(directory);
    await close();
  });
  await makeTemplate('demo', async (directory) => {
    copyTemplate('empty', directory);
    const { db, close } = await openDatabase(directory);
    const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
    if (!read.ok) throw new Error(read.findings[0]?.message);
    await new Store(db).create(read.plan, 'demo');
    await close();
  });
}
