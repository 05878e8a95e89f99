/** A plan in which everything lies somewhere, as chance has it. */
import { applyChanges, set, type Change } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';

export function scattered(plan: Plan): Plan {
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
