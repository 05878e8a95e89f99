/** Changes that put a mix of containers into a place, with what is to lie in each. */
import { remove, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import type { Mix } from './containerAdvice.ts';

/**
 * Containers stand as they were packed, to be bought; each supply's planned placement there is split over its containers.
 * @param compartment the opening: unit and slot
 */
export function takeAdvice(
  plan: Plan,
  compartment: { unit: string; slot: string },
  mix: Mix,
  newId: () => string,
): Change[] {
  const changes: Change[] = [];
  for (const item of mix.items) {
    if (item.shape === null) continue;
    const placement = Object.values(plan.placements).find(
      (p) =>
        p.arrangement === 'planned' &&
        p.supply === item.supply &&
        p.unit === compartment.unit &&
        p.slot === compartment.slot &&
        p.container === null,
    );
    const name = plan.supplies[item.supply]!.name;
    let left = placement?.count ?? 0;
    for (let n = 1; n <= item.containers; n++) {
      const at = mix.placed.find((p) => p.id === `${item.supply} ${n}`);
      if (!at) continue;
      const id = newId();
      changes.push(
        set('containers', id, {
          ...item.shape,
          id,
          name: item.containers > 1 ? `${name} ${n}`.slice(0, 120) : name,
          owned: false,
          labelled: false,
          arrangement: 'planned',
          unit: compartment.unit,
          slot: compartment.slot,
          parent: null,
          x: at.x,
          y: at.y,
          turned: at.turned,
        }),
      );
      const count = Math.min(left, item.each);
      left -= count;
      if (!placement || count < 1) continue;
      if (n === 1)
        changes.push(set('placements', placement.id, { container: id, count, orientation: null, part: null }));
      else {
        const more = newId();
        changes.push(
          set('placements', more, { ...placement, id: more, container: id, count, orientation: null, part: null }),
        );
      }
    }
  }
  return changes;
}

/** Changes that take all planned containers out of a place; what was in them lies there without. */
export function emptyOfContainers(plan: Plan, compartment: { unit: string; slot: string }): Change[] {
  const gone = Object.values(plan.containers).filter(
    (c) => c.arrangement === 'planned' && c.unit === compartment.unit && c.slot === compartment.slot,
  );
  const ids = new Set(gone.map((c) => c.id));
  return [
    ...Object.values(plan.placements)
      .filter((p) => p.container !== null && ids.has(p.container))
      .map((p) => set('placements', p.id, { container: null })),
    ...gone
      .sort((a, b) => Number(b.parent !== null) - Number(a.parent !== null))
      .map((c) => remove('containers', c.id)),
  ];
}
