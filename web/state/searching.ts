/** Searches that run in the background: what runs, how far it is, and what becomes of its answer. One at a time. */
import { proxy } from 'comlink';
import { create } from 'zustand';
import type { Placement, Plan } from '@heronstone/core/model/plan.ts';
import { WAYS } from '@heronstone/core/model/sorting.ts';
import type { CurvePoint } from '@heronstone/core/search/orderCurve.ts';
import type { Advising, Help } from '@heronstone/core/search/advise.ts';
import type { Task } from '@heronstone/core/search/tasks.ts';
import type { Sorted } from '@heronstone/core/search/ways.ts';
import type { Proposal } from '@heronstone/core/search/furniture/propose.ts';
import type { Filling } from '../engine/solver.worker.ts';
import { bounder, solver, solverLine } from '../engine/client.ts';
import { preview } from './figures.ts';
import { commit } from './openPlan.ts';
import { notice, setArrangement, useStore } from './state.ts';

/** What was found for a plan; it is said to be out of date when the plan has changed since. */
interface Kept<T> {
  plan: Plan;
  found: T[];
}

interface Searching {
  /** What runs; null when nothing does. */
  running: 'fill' | 'ways' | 'curve' | 'advise' | 'arrange' | null;
  share: number;
  /** What is being looked at. */
  title: string;
  filling: Filling | null;
  /** Minutes a week that no plan takes less than, whatever lies where, for the furniture and the things of a plan. */
  bound: { plan: Plan; minutes: number } | null;
  /** Why it could not be worked out; empty as long as it may come. */
  unbounded: string;
  ways: Kept<Sorted> | null;
  curve: Kept<CurvePoint> | null;
  help: Kept<Help> | null;
  stands: Kept<Proposal> | null;
}

export const useSearching = create<Searching>(() => ({
  running: null,
  share: 0,
  title: '',
  filling: null,
  bound: null,
  unbounded: '',
  ways: null,
  curve: null,
  help: null,
  stands: null,
}));
const put = useSearching.setState;

const SEED = 1;
let broken: 'cancelled' | 'edited' | null = null;

/** How long a search may take to hear that it is to stop, ms; one that does not is ended. */
const HEARS_WITHIN = 5_000;

/** Stops what runs; a filling ends with the best it has. */
export function cancelSearch(): void {
  broken = 'cancelled';
  const deaf = setTimeout(() => solverLine.end(), HEARS_WITHIN);
  solver.cancel().then(
    () => clearTimeout(deaf),
    () => {}, // it was ended
  );
}

/** Tables that make no difference to what no plan takes less than. */
const NOT_ASKED: ReadonlySet<string> = new Set([
  'placements',
  'meta',
  'labels',
  'logs',
  'pulls',
  'projects',
  'timings',
  'sittings',
]);

/** The bound, as long as it is of the furniture and the things of a plan; null otherwise. */
export function boundFor(plan: Plan | null, bound: Searching['bound']): number | null {
  if (!plan || !bound) return null;
  const same = (Object.keys(plan) as Array<keyof Plan>).every(
    (table) => NOT_ASKED.has(table) || plan[table] === bound.plan[table],
  );
  return same && plan.meta.constants === bound.plan.meta.constants ? bound.minutes : null;
}

/** What is said when it is done. */
const DONE: Readonly<Record<Task['kind'], string>> = {
  room: 'The room is filled',
  new: 'What is new is placed',
  station: 'What is used there is planned again',
  zone: 'The zone is planned again',
  given: 'It is planned again, with its zone',
  fill: 'The place is filled',
  empty: 'It is emptied',
};
const NAMES: Readonly<Record<Task['kind'], string>> = {
  room: 'Fill the room',
  new: 'Place what is new',
  station: 'Plan a station again',
  zone: 'Plan a zone again',
  given: 'Plan a piece again',
  fill: 'Fill a place',
  empty: 'Empty a place',
};

/**
 * Plans a part of the room again, the best so far on the screen. When the plan is changed meanwhile, the search begins again
 * from the best it had.
 */
export async function fillRoom(task: Task, name = NAMES[task.kind]): Promise<void> {
  if (useSearching.getState().running) return;
  put({ running: 'fill', share: 0, title: name, filling: null, unbounded: '' });
  setArrangement('planned');
  let start: Placement[] | null = null;
  try {
    for (;;) {
      broken = null;
      const plan = useStore.getState().plan!;
      const unwatch = useStore.subscribe((s) => {
        if (s.plan === plan || broken) return;
        broken = 'edited';
        void solver.cancel();
      });
      let asked = false;
      const found = await solver
        .solve(
          plan,
          SEED,
          task,
          start,
          proxy((filling: Filling) => {
            if (broken || useSearching.getState().running !== 'fill') return;
            // The bound is asked for when the first answer is on the screen, so that it does not wait for it.
            if (filling.phase === 'improving' && !asked) {
              asked = true;
              bounder
                .bound(plan)
                .then((minutes) => put({ bound: { plan, minutes } }))
                .catch((cause: unknown) => put({ unbounded: cause instanceof Error ? cause.message : String(cause) }));
            }
            put({ filling, share: filling.phase === 'placing' ? filling.share * 0.2 : 0.2 + filling.share * 0.8 });
            if (filling.changes && filling.changes.length > 0) preview(filling.changes);
          }),
        )
        .finally(unwatch);
      preview(null);
      if ((broken as typeof broken | 'edited') === 'edited') {
        start = found.placements;
        continue;
      }
      const rest =
        found.unplaced.length === 0
          ? 'Everything has a place.'
          : `${found.unplaced.length} ${found.unplaced.length === 1 ? 'supply has' : 'supplies have'} none; the list says why.`;
      const stopped = found.ended === 'stopped' ? 'Stopped; this is the best so far. ' : '';
      if (found.changes.length === 0) notice(`${stopped}Everything is where it should be already.`);
      else if (commit(name, found.changes)) notice(`${stopped}${DONE[task.kind]}. ${rest}`);
      return;
    }
  } catch (cause) {
    notice(`The room could not be filled: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
  } finally {
    preview(null);
    put({ running: null, filling: null });
  }
}

/** Runs a search whose answers are looked at before one of them is taken. */
async function look(
  running: 'ways' | 'curve' | 'advise' | 'arrange',
  run: (plan: Plan) => Promise<void>,
): Promise<void> {
  if (useSearching.getState().running) return;
  put({ running, share: 0, title: '' });
  try {
    await run(useStore.getState().plan!);
  } catch (cause) {
    notice(`The search failed: ${cause instanceof Error ? cause.message : String(cause)}`, 'error');
  } finally {
    put({ running: null });
  }
}

/** Fills the room by every way of sorting and keeps the figures side by side. */
export function lookAtWays(): Promise<void> {
  return look('ways', async (plan) => {
    const keep = (found: Sorted[]) => put({ ways: { plan, found } });
    keep(
      await solver.ways(
        plan,
        SEED,
        [...WAYS],
        proxy((p: { share: number; found: Sorted[] }) => {
          put({ share: p.share });
          if (p.found.length !== useSearching.getState().ways?.found.length) keep(p.found);
        }),
      ),
    );
  });
}

/** Fills the room by homes at one price of order after another. */
export function drawCurve(): Promise<void> {
  return look('curve', async (plan) => {
    const found = await solver.curve(
      plan,
      SEED,
      proxy(({ share }: { share: number }) => put({ share })),
    );
    if (found.length > 0) put({ curve: { plan, found } });
  });
}

/** Tries what might help, one change each. */
export function lookForHelp(): Promise<void> {
  return look('advise', async (plan) => {
    put({ help: { plan, found: [] } });
    const found = await solver.advise(
      plan,
      SEED,
      proxy((p: Advising) => put({ share: p.done / p.of, title: p.title, help: { plan, found: p.found } })),
    );
    put({ help: { plan, found } });
  });
}

/** Looks for other arrangements of the furniture. */
export function lookForStands(): Promise<void> {
  return look('arrange', async (plan) => {
    const found = await solver.arrange(
      plan,
      SEED,
      proxy((p: { share: number; found: Proposal[] }) => put({ share: p.share, stands: { plan, found: p.found } })),
    );
    put({ stands: { plan, found } });
  });
}
