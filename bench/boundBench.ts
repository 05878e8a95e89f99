/** How far the bound is from the plan that the search finds: the demo and larger rooms, by the Report's minutes. */
import highsLoader from 'highs';
import { applyChanges } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { leastMinutes } from '@heronstone/core/search/bound.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { largePlan } from '@heronstone/testing/largePlan.ts';

export async function benchBound(): Promise<void> {
  const highs = await highsLoader();
  const rooms: Array<readonly [string, Plan]> = [
    ['the demo, as shipped', demoPlan()],
    ...Array.from({ length: 10 }, (_, i) => {
      const [things, places] = [60 + 30 * i, 30 + 12 * i];
      const plan = largePlan(things, places, i + 1);
      const filled = applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1, moves: 2000 }))).plan;
      return [`${things} x ${places}, seed ${i + 1}`, filled] as const;
    }),
  ];
  console.table(
    rooms.map(([room, plan]) => {
      const { minutes, without } = evaluate(plan).week.planned;
      const least = leastMinutes(plan, (text) => highs.solve(text));
      return { room, 'without a home': without, 'plan / bound': (minutes / least).toFixed(3) };
    }),
  );
}
