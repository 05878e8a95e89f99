import { makeTemplates } from './dataTemplates.ts';

await makeTemplates();
process.exit(0);
