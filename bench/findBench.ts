/** Finding at 5,000 supplies: the slowest answer over a frame of a screen of 60 Hz. */
import { readFileSync } from 'node:fs';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { QUERIES } from '@heronstone/testing/queries.ts';
import { finderOf } from '@heronstone/core/find/find.ts';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Plan, Supply } from '@heronstone/core/model/plan.ts';
import { OTHER_WORDS } from '@heronstone/library/otherWords.ts';

/** ms */
const FRAME = 1000 / 60;
const MORE =
  'red blue green old new stage spring winter short north south house king queen devil witch horse crow cat dog tree moon sun star river castle forest ship tower garden crown sword bell drum'.split(
    ' ',
  );

export function benchFind(): void {
  const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(read.findings[0]!.message);
  const supplies: Record<string, Supply> = { ...read.plan.supplies };
  for (const word of MORE)
    for (const s of Object.values(read.plan.supplies)) {
      const id = `${s.id}-${word}`.slice(0, 64);
      supplies[id] = { ...s, id, name: `${s.name} ${word}` };
    }
  const plan: Plan = { ...read.plan, supplies };
  const finder = finderOf(plan, evaluate(read.plan), 'planned', OTHER_WORDS);
  const times = [...QUERIES, ...QUERIES].map(([words]) => {
    const begin = performance.now();
    finder.find(words);
    return performance.now() - begin;
  });
  const second = times.slice(QUERIES.length).sort((a, b) => a - b);
  const mean = second.reduce((sum, t) => sum + t, 0) / second.length;
  console.table([
    {
      what: `find, ${Object.keys(supplies).length} supplies, ${QUERIES.length} queries`,
      'mean over a frame': (mean / FRAME).toFixed(2),
      'slowest over a frame': (second.at(-1)! / FRAME).toFixed(2),
    },
  ]);
}
