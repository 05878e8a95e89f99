/** npm run schema: writes docs/plan.schema.json from the Zod schema. */
import { writeFileSync } from 'node:fs';
import { planFileJsonSchema } from '@heronstone/core/formats/planFile.ts';

writeFileSync(
  new URL('../docs/plan.schema.json', import.meta.url),
  `${JSON.stringify(planFileJsonSchema(), null, 1)}\n`,
);
