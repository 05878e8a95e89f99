/** A place for a new unit: the first free stretch of wall from the first corner on. */
import { footprint, solidSpan } from '../furniture/footprint.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { outOfRoom, overlapDepth } from './geometry.ts';
import type { Rest } from './snap.ts';
import { outlineOf, wallsOf } from './walls.ts';

/** Steps in which walls are tried, mm. */
const STEP = 50;

/**
 * Where a unit can stand with its back to a wall, clear of other units, doors and windows that it would cover.
 * @returns the first free place going round the room; the middle of the room when there is none
 */
export function freeSpot(unit: Omit<Unit, 'x' | 'y' | 'turn'>, plan: Plan): Rest {
  const outline = outlineOf(plan);
  const others = Object.values(plan.units).map((u) => ({ feet: footprint(u), span: solidSpan(u) }));
  const span = solidSpan(unit);
  for (const wall of wallsOf(plan)) {
    const openings = Object.values(plan.openings).filter(
      (o) => o.corner === wall.id && o.sill < unit.bottom + unit.height,
    );
    for (let start = 0; start + unit.width <= wall.length + 0.5; start += STEP) {
      if (openings.some((o) => start < o.offset + o.width && start + unit.width > o.offset)) continue;
      const [along, out] = [start + unit.width / 2, unit.depth / 2];
      const at = {
        x: wall.from.x + wall.along.x * along + wall.inward.x * out,
        y: wall.from.y + wall.along.y * along + wall.inward.y * out,
        turn: wall.turn,
      };
      const feet = footprint({ ...unit, ...at });
      if (outOfRoom(feet, outline) > 0.5) continue;
      if (
        others.some(
          (o) =>
            Math.min(o.span.top, span.top) - Math.max(o.span.bottom, span.bottom) > 0 &&
            overlapDepth(o.feet, feet) > 0.5,
        )
      )
        continue;
      return { x: Math.round(at.x * 10) / 10, y: Math.round(at.y * 10) / 10, turn: at.turn };
    }
  }
  const middle = outline.reduce((sum, p) => ({ x: sum.x + p.x / outline.length, y: sum.y + p.y / outline.length }), {
    x: 0,
    y: 0,
  });
  return { x: Math.round(middle.x), y: Math.round(middle.y), turn: 0 };
}
