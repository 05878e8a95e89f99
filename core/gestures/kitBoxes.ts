/** A kit and its box: given a place, it is a container there, and what lies in it comes with it. */
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { set, type Change } from '../model/change.ts';
import type { Container, Kit, Plan } from '../model/plan.ts';
import { carryContainer } from './moveContainer.ts';

/** Walls and lid of a box, mm. Common practice, no source. */
const WALL = 3;

/** Puts a kit into a place: its box is made there, by the sizes of the kit, or carried there with what is in it. */
export function putKit(plan: Plan, kit: Kit, place: { unit: string; slot: string }, newId: () => string): Change[] {
  if (kit.box !== null && plan.containers[kit.box])
    return carryContainer(plan, kit.box, { unit: place.unit, slot: place.slot });
  const id = newId();
  const box: Container = {
    ...CONTAINER_DEFAULTS,
    id,
    name: kit.name,
    kind: 'box',
    width: kit.width,
    depth: kit.depth,
    height: kit.height,
    insideWidth: Math.max(5, kit.width - 2 * WALL),
    insideDepth: Math.max(5, kit.depth - 2 * WALL),
    insideHeight: Math.max(2, kit.height - 2 * WALL),
    lid: 'on',
    owned: true,
    labelled: false,
    arrangement: 'planned',
    ...place,
    parent: null,
    becomes: null,
    x: null,
    y: null,
    turned: false,
    returns: null,
  };
  return [set('containers', id, box), set('kits', kit.id, { box: id, unit: null, slot: '' })];
}
