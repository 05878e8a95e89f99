/** What part of a room is planned anew, as options of the solver. */
import type { Plan } from '../model/plan.ts';
import { sceneOf, zoneOf } from '../scene/scene.ts';
import type { SolveOptions } from './solve.ts';

/** The whole room; only what has no place yet; what is used most at a station; a unit or a compartment to fill or to empty. */
export type Task =
  | { kind: 'room' }
  | { kind: 'new' }
  | { kind: 'zone'; station: string }
  | { kind: 'fill' | 'empty'; unit: string; slot: string | null };

/** Compartments of a unit, or one of them with the containers in it. */
export function placesOfUnit(plan: Plan, unit: string, slot: string | null): Set<string> {
  return new Set(
    sceneOf(plan)
      .compartments.filter((c) => c.unit === unit && (slot === null || c.slot === slot))
      .map((c) => c.id),
  );
}

/**
 * Options of the solver for a task.
 * @throws Error naming the station or unit that is not in the plan
 */
export function optionsFor(plan: Plan, task: Task): Pick<SolveOptions, 'keep' | 'only' | 'not'> {
  switch (task.kind) {
    case 'room':
      return {};
    case 'new':
      return { keep: () => true };
    case 'zone': {
      if (!plan.stations[task.station]) throw new Error(`There is no station “${task.station}”.`);
      const scene = sceneOf(plan);
      return { keep: (p) => zoneOf(scene, p.supply) !== task.station };
    }
    default: {
      const places = placesOfUnit(plan, task.unit, task.slot);
      if (places.size === 0) throw new Error(`There is no place “${task.unit}/${task.slot ?? ''}”.`);
      if (task.kind === 'fill') return { only: places };
      return {
        not: places,
        keep: (p) => p.unit !== task.unit || (task.slot !== null && p.slot !== task.slot),
      };
    }
  }
}
