/** Moving one supply: how much is gained by working out only what it touches, and how both grow. */
import { evaluate, evaluator } from '@heronstone/core/report/evaluate.ts';
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { largePlan } from '@heronstone/testing/largePlan.ts';

/** Everything lies somewhere, as chance has it. */
function scattered(plan: Plan): Plan {
  const random = seeded(5);
  const places = sceneOf(plan).compartments;
  const changes = Object.values(plan.supplies).map((s): Change => {
    const { unit, slot } = places[Math.floor(random() * places.length)]!;
    const id = `${s.id}_b`;
    return set('placements', id, {
      id,
      arrangement: 'planned',
      supply: s.id,
      unit,
      slot,
      container: null,
      count: s.count,
      orientation: null,
      pinned: false,
    });
  });
  return applyChanges(plan, changes).plan;
}

const middle = (runs: number[]) => runs.sort((a, b) => a - b)[Math.floor(runs.length / 2)]!;
function time(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

/** Prints the ratio of a full evaluation to that after one move, and the growth of both. */
export function benchIncremental(): void {
  const rows: Array<Record<string, string>> = [];
  let before: { full: number; moved: number } | null = null;
  for (const [supplies, compartments] of [
    [100, 30],
    [300, 90],
    [1000, 300],
    [3000, 900],
  ] as const) {
    let plan = scattered(largePlan(supplies, compartments, 1));
    const ids = Object.keys(plan.placements);
    const places = sceneOf(plan).compartments;
    const random = seeded(9);
    const full = middle(
      Array.from({ length: 5 }, () => {
        const fresh = structuredClone(plan);
        return time(() => evaluate(fresh));
      }),
    );
    const next = evaluator();
    next(plan);
    const moved = middle(
      Array.from({ length: 15 }, () => {
        const { unit, slot } = places[Math.floor(random() * places.length)]!;
        plan = applyChanges(plan, [set('placements', ids[Math.floor(random() * ids.length)]!, { unit, slot })]).plan;
        return time(() => next(plan));
      }),
    );
    rows.push({
      'supplies x compartments': `${supplies} x ${compartments}`,
      'full / after one move': (full / moved).toFixed(1),
      'full / the size before': before ? (full / before.full).toFixed(1) : '',
      'one move / the size before': before ? (moved / before.moved).toFixed(1) : '',
      '(here: full ms, one move ms)': `${full.toFixed(0)}, ${moved.toFixed(1)}`,
    });
    before = { full, moved };
  }
  console.table(rows);
}
