/** Before the stories: the interface is built, and the data directories that they copy are there. */
import { existsSync } from 'node:fs';
import { makeTemplates } from '../scripts/dataTemplates.ts';

export default async function setup(): Promise<void> {
  if (!existsSync(new URL('../web/dist/index.html', import.meta.url)))
    throw new Error('The interface is not built: npm run build first, or npm test.');
  await makeTemplates();
}
