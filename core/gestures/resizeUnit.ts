/** A piece of another size: its back stays at its wall, and the end that stands against something stays there. */
import { inRoom } from '../furniture/footprint.ts';
import { onRule } from '../model/measure.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { outOfRoom } from '../geometry/geometry.ts';
import { footprint } from '../furniture/footprint.ts';
import { outlineOf } from '../room/walls.ts';

/**
 * Where the middle of a piece is once it is as wide and as deep as typed: with its back where it was, and its left end, or its
 * right one where it would else go through a wall; without walls, or in another piece, where it was.
 */
export function resized(plan: Plan, unit: Unit, size: Partial<Pick<Unit, 'width' | 'depth'>>): Partial<Unit> {
  if (unit.host !== null || unit.elsewhere !== null || unit.kind === 'corner cabinet') return {};
  const next = { ...unit, ...size };
  const out = next.depth / 2;
  const fromLeft = inRoom(unit, next.width / 2, out);
  const fromRight = inRoom(unit, unit.width - next.width / 2, out);
  const outline = outlineOf(plan);
  const through = (at: { x: number; y: number }) =>
    outline.length < 3 ? 0 : outOfRoom(footprint({ ...next, ...at }), outline);
  const best = through(fromRight) < through(fromLeft) - 0.5 ? fromRight : fromLeft;
  return { x: onRule(best.x, plan.meta.units), y: onRule(best.y, plan.meta.units) };
}
