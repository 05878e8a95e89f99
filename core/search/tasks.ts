/** What part of a room is planned again, as options of the solver. */
import type { Plan } from '../model/plan.ts';
import { sceneOf, mainStationOf } from '../scene/scene.ts';
import { homeOfPlacement } from '../zones/named.ts';
import { zonesOf } from '../zones/zonesOfPlan.ts';
import type { SolveOptions } from './options.ts';

/**
 * The whole room; only what has no place yet; what is used most at a station; the homes of a zone; a unit or a compartment to
 * fill or to empty; a unit that was given to zones, with what lies in it and the homes of those zones.
 */
export type Task =
  | { kind: 'room' }
  | { kind: 'new' }
  | { kind: 'station'; station: string }
  | { kind: 'zone'; zone: string }
  | { kind: 'given'; unit: string }
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
      const scene = sceneOf(plan);
      if (!zonesOf(scene).some((z) => z.id === task.zone)) throw new Error(`There is no zone “${task.zone}”.`);
      return { keep: (p) => homeOfPlacement(scene, p).zone !== task.zone };
    }
    case 'given': {
      if (!plan.units[task.unit]) throw new Error(`There is no unit “${task.unit}”.`);
      const scene = sceneOf(plan);
      const zones = new Set(
        Object.values(plan.allotments).flatMap((a) => (a.unit === task.unit && a.zone !== null ? [a.zone] : [])),
      );
      return { keep: (p) => p.unit !== task.unit && !zones.has(homeOfPlacement(scene, p).zone ?? '') };
    }
    case 'station': {
      if (!plan.stations[task.station]) throw new Error(`There is no station “${task.station}”.`);
      const scene = sceneOf(plan);
      return { keep: (p) => mainStationOf(scene, p.supply) !== task.station };
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
