/** Makes the data directories that tests copy, unless they are there: an empty one, and one with the demo. */
import { readFileSync } from 'node:fs';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { openDatabase } from '@heronstone/server/database.ts';
import { Store } from '@heronstone/server/store.ts';
import { makeTemplate } from '@heronstone/testing/templates.ts';

export async function makeTemplates(): Promise<void> {
  await makeTemplate('empty', async (directory) => {
    const { close } = await openDatabase(directory);
    await close();
  });
  await makeTemplate('demo', async (directory) => {
    const { db, close } = await openDatabase(directory);
    const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
    if (!read.ok) throw new Error(read.findings[0]?.message);
    await new Store(db).create(read.plan, 'demo');
    await close();
  });
}
