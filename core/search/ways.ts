/** Ways of sorting side by side: the room is filled by each, and each is a plan with the figures of its report. */
import { toEnd } from '../model/groups.ts';
import { figuresOf, type Compared } from '../report/planVsPlan.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, remove, set, setMeta, type Change } from '../model/change.ts';
import { samePlan, type Plan } from '../model/plan.ts';
import { WAYS, type SortingWay } from '../model/sorting.ts';
import type { Order } from '../cost/sortingCost.ts';
import { changesTo, solve } from './solve.ts';

/** A way with what it comes to. */
export interface Sorted {
  way: SortingWay;
  figures: Compared;
  /** How far the plan is from the order that it is to keep; each sort with its pieces of furniture. */
  order: Order;
  /** The way itself and all placements that it needs; takeWay makes them a plan's own. */
  changes: Change[];
  /** Ids of all its placements. */
  placements: string[];
}

export interface WaysOptions {
  seed: number;
  ways?: readonly SortingWay[];
  /** Moves tried for each part. */
  moves?: number;
  stop?: () => boolean;
}

/** Fills the room by one way after another. Yields after every step of a search, with what is finished so far. */
export function* compareWays(
  plan: Plan,
  { seed, ways = WAYS, moves, stop }: WaysOptions,
): Generator<{ share: number; found: Sorted[] }, Sorted[]> {
  const found: Sorted[] = [];
  for (const [n, way] of ways.entries()) {
    const choice = setMeta(plan, { sorting: sortingBy(plan, way) });
    const changed = applyChanges(plan, [choice]).plan;
    const run = solve(changed, { seed, ...(moves === undefined ? {} : { moves }), ...(stop ? { stop } : {}) });
    let step = run.next();
    while (!step.done) {
      yield { share: (n + step.value.share) / ways.length, found };
      step = run.next();
    }
    if (stop?.()) return found;
    const changes = changesTo(changed, step.value);
    const after = applyChanges(changed, changes).plan;
    const report = evaluate(after);
    found.push({
      way,
      figures: figuresOf(after, report, 'planned'),
      order: report.order.planned,
      changes: [choice, ...step.value.placements.map((p) => set('placements', p.id, p))],
      placements: step.value.placements.map((p) => p.id),
    });
    yield { share: (n + 1) / ways.length, found };
  }
  return found;
}

/** The sorting of a plan with another way, and the order inside a place that goes with it. */
export function sortingBy(plan: Plan, way: SortingWay): Plan['meta']['sorting'] {
  const inside = way === 'colour' ? 'rainbow' : way === 'alphabet' || way === 'size' ? way : ('most used' as const);
  return { ...plan.meta.sorting, way, inside };
}

/** Whether what was found for a plan holds for another one: only its way and things that may be moved differ. */
export function holdsFor(found: Plan, now: Plan): boolean {
  const bare = (plan: Plan): Plan => ({
    ...plan,
    meta: { ...plan.meta, sorting: { ...plan.meta.sorting, way: 'quickest', inside: 'most used' } },
    placements: Object.fromEntries(
      Object.entries(plan.placements).filter(([, p]) => p.arrangement === 'today' || p.pinned),
    ),
  });
  return found === now || samePlan(bare(found), bare(now));
}

/** The changes that take a way for a plan whose placements may differ from those that it was found for. */
export function takeWay(plan: Plan, { changes, placements }: Pick<Sorted, 'changes' | 'placements'>): Change[] {
  const kept = new Set(placements);
  const gone = Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && !kept.has(p.id));
  return [
    ...changes.filter((c) => c.table !== 'placements' || 'set' in c),
    ...gone.map((p) => remove('placements', p.id)),
  ];
}

/** Runs all of it. */
export function compareAllWays(plan: Plan, options: WaysOptions): Sorted[] {
  return toEnd(compareWays(plan, options));
}
