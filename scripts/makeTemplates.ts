import { makeTemplates } from './templates.ts';

await makeTemplates();
process.exit(0);
