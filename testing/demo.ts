/** The demo as it is kept in demo/plan.json; to make it again takes seconds, and demo/build.test.ts looks whether it would be the same. */
import { readFileSync } from 'node:fs';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { LONG_RUN } from './runs.ts';

let demo: Plan | null = null;

/** The same plan each time, so that what is worked out of it once need not be worked out again. */
export function demoPlan(): Plan {
  if (demo) return demo;
  const read = readPlanFile(readFileSync(new URL('../demo/plan.json', import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(`The demo cannot be read: ${read.findings[0]?.message}`);
  return (demo = read.plan);
}

/**
 * A plan with few of its things, for a test that fills it and asks about some: the room is the same, and filling it takes a
 * moment. In the long run all of them stay.
 * @param named ids of supplies that stay
 * @param every how many of the others there are to one that stays
 */
export function withFewThings(plan: Plan, named: readonly string[] = [], every = 8): Plan {
  const stays = new Set(
    Object.keys(plan.supplies).filter((id, i) => LONG_RUN || named.includes(id) || i % every === 0),
  );
  const keep = <T extends { supply: string }>(rows: Readonly<Record<string, T>>) =>
    Object.fromEntries(Object.entries(rows).filter(([, row]) => stays.has(row.supply)));
  return {
    ...plan,
    supplies: Object.fromEntries(Object.entries(plan.supplies).filter(([id]) => stays.has(id))),
    ...{ uses: keep(plan.uses), placements: keep(plan.placements), pulls: keep(plan.pulls), wishes: keep(plan.wishes) },
    ...{ bans: keep(plan.bans), logs: {} },
  };
}
