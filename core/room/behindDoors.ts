/** Places behind a door of the room that swings in: while it stands open, nobody gets at them. */
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan } from '../model/plan.ts';
import { doorSweep } from '../room/doorSweep.ts';
import { inside } from '../geometry/geometry.ts';
import { wallsOf } from './walls.ts';

/**
 * Compartments before which the open leaf of a door stands, or whose front it covers.
 * @param plan as it stands
 */
export function behindDoors(plan: Plan, compartments: readonly Compartment[]): Set<string> {
  const walls = wallsOf(plan);
  const sweeps = Object.values(plan.openings).flatMap((o) => {
    const wall = o.kind === 'door' ? walls.find((w) => w.id === o.corner) : undefined;
    const sweep = wall ? doorSweep(o, wall) : [];
    return sweep.length > 2 ? [sweep] : [];
  });
  const behind = new Set<string>();
  if (sweeps.length === 0) return behind;
  for (const c of compartments) {
    if (!plan.units[c.unit]) continue;
    const { x, y } = c.mouth;
    const before = { x: x + (c.stand.x - x) / 2, y: y + (c.stand.y - y) / 2 };
    if (sweeps.some((s) => inside(before, s) || inside(c.stand, s))) behind.add(c.id);
  }
  return behind;
}
