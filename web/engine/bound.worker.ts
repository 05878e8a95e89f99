/** Thin: the linear relaxation of a filling, solved by HiGHS, in a worker of its own. */
import { expose } from 'comlink';
import highsLoader from 'highs';
import wasm from 'highs/runtime?url';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { relaxationOf } from '@heronstone/core/search/relaxation.ts';
import { optionsFor, type Task } from '@heronstone/core/search/tasks.ts';

let loading: ReturnType<typeof highsLoader> | undefined;

const worker = {
  /** @returns what a filling with so many things left out costs at least, s a week */
  async bound(plan: Plan, seed: number, task: Task): Promise<{ cost: number; leftOut: number }> {
    loading ??= highsLoader({ locateFile: () => wasm });
    const { text, leftOut } = relaxationOf(plan, { seed, ...optionsFor(plan, task) });
    const { Status, ObjectiveValue } = (await loading).solve(text, { time_limit: 60 });
    if (Status !== 'Optimal') throw new Error(`HiGHS ended with “${Status}”.`);
    return { cost: ObjectiveValue, leftOut };
  },
};

export type BoundWorker = typeof worker;
expose(worker);
