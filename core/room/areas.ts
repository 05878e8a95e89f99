/** Areas that must be free: always, in a named mode of the room (a guest's bed that folds out), or round a machine at work. */
import { inRoom } from '../furniture/footprint.ts';
import type { Area, Plan, Unit } from '../model/plan.ts';
import { turned, type Point } from '../geometry/geometry.ts';

/** The outline of an area from above; one that belongs to a unit goes with it. */
export function areaOutline(area: Area, units: Plan['units']): Point[] {
  const unit = area.unit === null ? undefined : units[area.unit];
  const offset = unit ? turned(area, unit.turn) : area;
  const at = unit
    ? { x: unit.x + offset.x, y: unit.y + offset.y, turn: unit.turn + area.turn }
    : { x: area.x, y: area.y, turn: area.turn };
  const box = { ...at, width: area.width, depth: area.depth };
  return [
    inRoom(box, 0, 0),
    inRoom(box, area.width, 0),
    inRoom(box, area.width, area.depth),
    inRoom(box, 0, area.depth),
  ];
}

/** What rolls away in a mode: units on wheels that have a place of their own then, with how far they roll. */
export function rolledAway(plan: Plan, mode: string): Array<{ unit: Unit; by: number }> {
  return Object.values(plan.spots).flatMap((spot) => {
    const unit = plan.units[spot.unit]!;
    return spot.mode === mode && mode !== '' ? [{ unit, by: Math.hypot(spot.x - unit.x, spot.y - unit.y) }] : [];
  });
}
