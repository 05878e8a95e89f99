/** Places by the names that people read and type. */
import type { Placement, Plan } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';

export type Whereabouts = Pick<Placement, 'unit' | 'slot' | 'container'>;

/** Every place of a plan by its name in lower case; of two of the same name, the first. */
export function placesByName(plan: Plan): Map<string, Whereabouts> {
  const places = new Map<string, Whereabouts>();
  for (const { name, unit, slot, container, only } of sceneOf(plan).compartments) {
    const key = name.toLowerCase();
    if (only !== 'planned' && !places.has(key)) places.set(key, { unit, slot, container });
  }
  return places;
}
