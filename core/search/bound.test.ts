/** The bound against every plan that there is, judged by the Report; HiGHS (package highs) solves the model. */
import highsLoader from 'highs';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { cheapestPlan, smallRoom } from '@heronstone/testing/smallRooms.ts';
import { evaluate } from '../report/evaluate.ts';
import { leastMinutes } from './bound.ts';

const FIRST_SEED = Number(process.env.HERONSTONE_SEED ?? 1);

test('property: no plan of a small room that the Report accepts takes less than the bound', async () => {
  const highs = await highsLoader();
  let [rooms, near] = [0, 0];
  for (let seed = FIRST_SEED; rooms < runs(300, 20_000); seed++, rooms++) {
    const plan = smallRoom(seed, { things: seed % 4 === 0 ? 4 : 3, places: seed % 2 === 0 ? 3 : 2 });
    const bound = leastMinutes(plan, (text) => highs.solve(text));
    const { minutes: least, best } = cheapestPlan(plan);
    // The week of the whole Report is what the places say.
    if (seed % 20 === 0) expect(evaluate(best).week.planned.minutes).toBeCloseTo(least, 6);
    if (bound > least + 1e-6) throw new Error(`Seed ${seed}: the bound is ${bound}, a plan takes ${least} minutes.`);
    if (least < bound * 1.05) near++;
  }
  // It says something, too: in most small rooms it is near the best.
  expect(near / rooms).toBeGreaterThan(0.5);
});

test('the demo takes more than its bound', async () => {
  const highs = await highsLoader();
  const demo = demoPlan();
  const least = leastMinutes(demo, (text) => highs.solve(text));
  const { minutes } = evaluate(demo).week.planned;
  expect(least).toBeLessThan(minutes);
  // Loose, and said to be: docs/bench.md has the gap of larger rooms.
  expect(least).toBeGreaterThan(0.6 * minutes);
});
