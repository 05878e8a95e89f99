/** What people should be able to reach by themselves, what they must not, what they should not lift or climb for. */
import type { Compartment } from '../furniture/compartments.ts';
import { byName, type Person, type Plan, type Supply } from '../model/plan.ts';
import type { Scene } from '../scene/scene.ts';
import { ADA } from '../reach/access.ts';
import { bodyOf } from '../reach/body.ts';

/** Whether a place is kept locked: its container or its unit with a key, or the room elsewhere. */
export function isLocked(plan: Plan, compartment: Pick<Compartment, 'unit' | 'container'>): boolean {
  const unit = plan.units[compartment.unit];
  if (!unit) return false;
  const elsewhere = unit.elsewhere === null ? undefined : plan.elsewheres[unit.elsewhere];
  const box = compartment.container === null ? undefined : plan.containers[compartment.container];
  return unit.keyLocked || (box?.keyLocked ?? false) || (elsewhere?.conditions.includes('locked') ?? false);
}

/**
 * How far below (positive) or above (negative) the highest reach of a person a place lies, mm, standing before it
 * without steps; of somebody in a wheelchair, by how much it lies between the limits of the 2010 ADA Standards.
 */
export function withinReach(scene: Scene, person: Person, compartment: Pick<Compartment, 'access3'>): number {
  const { z } = compartment.access3;
  if (person.wheelchair) return Math.min(ADA.high - z, z - ADA.low);
  return bodyOf(person, null, scene.constants).overhead - z;
}

/** People who must not get at a supply. */
export function keptFrom(plan: Plan, supply: Supply): Person[] {
  return byName(plan.people).filter((p) => {
    const wish = Object.values(plan.wishes).find((w) => w.person === p.id && w.supply === supply.id);
    return wish ? wish.wish === 'must not reach' : p.child && supply.traits.includes('not for a child');
  });
}

/** Dangers of one placement: who gets at it that must not, and how far below their highest reach it lies, mm. */
export function dangersOf(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
): Array<{ person: Person; by: number }> {
  if (isLocked(scene.plan, compartment) || scene.plan.units[compartment.unit]?.elsewhere != null) return [];
  return keptFrom(scene.plan, supply).flatMap((person) => {
    const by = withinReach(scene, person, compartment);
    return by > 0 ? [{ person, by }] : [];
  });
}
