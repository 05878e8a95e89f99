/** Thin: what no plan takes less than, its linear model solved by HiGHS, in a worker of its own. */
import { expose } from 'comlink';
import highsLoader from 'highs';
import wasm from 'highs/runtime?url';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { leastMinutes } from '@heronstone/core/search/bound.ts';

let loading: ReturnType<typeof highsLoader> | undefined;

const worker = {
  /** @returns minutes a week that no plan of these things in this furniture takes less than */
  async bound(plan: Plan): Promise<number> {
    loading ??= highsLoader({ locateFile: () => wasm });
    const highs = await loading;
    return leastMinutes(plan, (text) => highs.solve(text, { time_limit: 60 }));
  },
};

export type BoundWorker = typeof worker;
expose(worker);
