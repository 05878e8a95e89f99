/**
 * The plan as it stands: inserts in the openings that hold them, what is elsewhere out of the room, and in a mode or at a
 * station what is on wheels where it rolls to. Everything that looks at the room looks at this.
 */
import { once } from '../model/memo.ts';
import { compartmentsOf } from '../furniture/compartments.ts';
import { isMount, mountedAt } from '../furniture/mounts.ts';
import { footprint, inRoom } from '../furniture/footprint.ts';
import type { Plan, Spot, Station, Unit } from '../model/plan.ts';
import { inside } from '../geometry/geometry.ts';

/** All units with inserts standing in their openings (those elsewhere as well). Tables are never changed in place, so it is worked out once. */
export const settledUnits = (plan: Pick<Plan, 'units'>): Plan['units'] => settled(plan.units);

const settled = once((units: Plan['units']): Plan['units'] => {
  const all = Object.values(units);
  return all.every((u) => u.host === null) ? units : Object.fromEntries(all.map((u) => [u.id, inHost(u, units, 0)]));
});

/** All that hangs on the same front edge. */
const onEdge = (units: Plan['units'], unit: Unit): Unit[] =>
  unit.hostSlot === 'edge' ? Object.values(units).filter((u) => u.host === unit.host && u.hostSlot === 'edge') : [unit];

/** An insert stands in the middle of its opening, with its front flush with the front of its host. */
function inHost(unit: Unit, units: Plan['units'], depth: number): Unit {
  const host = unit.host === null ? undefined : units[unit.host];
  // Openings within openings within openings are a circle.
  if (!host || depth > 3) return unit;
  const at = inHost(host, units, depth + 1);
  if (isMount(unit.hostSlot)) {
    const { across, out, turn } = mountedAt(at, unit, unit.hostSlot, onEdge(units, unit));
    const centre = inRoom(at, across, out);
    return { ...unit, x: centre.x, y: centre.y, turn: at.turn + turn, elsewhere: at.elsewhere };
  }
  const opening = compartmentsOf(at).find((c) => c.slot === unit.hostSlot);
  if (!opening) return unit;
  const centre = inRoom(at, (opening.front.left + opening.front.right) / 2, at.depth - unit.depth / 2);
  return {
    ...unit,
    x: centre.x,
    y: centre.y,
    turn: at.turn,
    bottom: opening.front.bottom,
    elsewhere: at.elsewhere,
  };
}

/** A plan with only what stands in the room, each thing where it stands. */
export function standing<P extends Pick<Plan, 'units'>>(plan: P): P {
  const units = inTheRoom(plan.units);
  return units === plan.units ? plan : { ...plan, units };
}

const inTheRoom = once((units: Plan['units']): Plan['units'] => {
  const all = settled(units);
  return Object.values(all).every((u) => u.elsewhere === null)
    ? all
    : Object.fromEntries(Object.entries(all).filter(([, u]) => u.elsewhere === null));
});

/** The modes that a plan knows, in the order of the alphabet. */
export function modesOf(plan: Pick<Plan, 'areas' | 'spots'>): string[] {
  const names = [...Object.values(plan.areas), ...Object.values(plan.spots)].map((row) => row.mode);
  return [...new Set(names.filter((mode) => mode !== ''))].sort((a, b) => a.localeCompare(b, 'en'));
}

/** The plan with its carts at other spots, and what stands on them. */
export function atSpots<P extends Pick<Plan, 'units' | 'spots'>>(plan: P, which: (spot: Spot) => boolean): P {
  const spots = Object.values(plan.spots).filter(which);
  if (spots.length === 0) return plan;
  const units = { ...plan.units };
  for (const spot of spots) {
    const unit = plan.units[spot.unit]!;
    for (const rider of ridersOf(plan, unit)) {
      const [dx, dy] = [rider.x - unit.x, rider.y - unit.y];
      units[rider.id] = { ...rider, x: spot.x + dx, y: spot.y + dy };
    }
    units[unit.id] = { ...unit, x: spot.x, y: spot.y, turn: spot.turn };
  }
  return { ...plan, units };
}

/** The plan as it stands in a mode; the mode '' is every day. */
export function inMode<P extends Pick<Plan, 'units' | 'spots'>>(plan: P, mode: string): P {
  return standing(mode === '' ? plan : atSpots(plan, (spot) => spot.mode === mode));
}

/** Seats at a unit: they move along, too. */
export const seatsAt = (plan: Pick<Plan, 'stations'>, unit: string): Station[] =>
  Object.values(plan.stations).filter((s) => s.unit === unit);

/** What stands on a unit, and on that: it moves along. */
export function ridersOf(plan: Pick<Plan, 'units'>, unit: Unit): Unit[] {
  const top = unit.bottom + unit.height;
  const feet = footprint(unit);
  return Object.values(plan.units).flatMap((other) =>
    other.id !== unit.id &&
    other.host === null &&
    other.elsewhere === unit.elsewhere &&
    other.bottom > 0 &&
    Math.abs(other.bottom - top) < 1 &&
    inside(other, feet)
      ? [other, ...ridersOf(plan, other)]
      : [],
  );
}
