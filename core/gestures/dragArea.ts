/** An area that must be free, set down where the hand is: in round measures; one that goes with a piece stays with it. */
import { set, type Change } from '../model/change.ts';
import { turned } from '../geometry/geometry.ts';
import type { Plan } from '../model/plan.ts';

/** A sixteenth of an inch, or a millimetre. */
const PART = { metric: 1, centimetres: 1, imperial: 1.5875 } as const;

/** Where the middle of an area is in the room, mm. */
export function middleOfArea(plan: Pick<Plan, 'areas' | 'units'>, id: string): { x: number; y: number } {
  const area = plan.areas[id]!;
  const unit = area.unit === null ? undefined : plan.units[area.unit];
  if (!unit) return { x: area.x, y: area.y };
  const offset = turned(area, unit.turn);
  return { x: unit.x + offset.x, y: unit.y + offset.y };
}

/** Changes that put the middle of an area to a point of the room, mm. */
export function dragArea(
  plan: Pick<Plan, 'areas' | 'units' | 'meta'>,
  id: string,
  at: { x: number; y: number },
): Change[] {
  const area = plan.areas[id];
  if (!area) return [];
  const unit = area.unit === null ? undefined : plan.units[area.unit];
  const own = unit ? turned({ x: at.x - unit.x, y: at.y - unit.y }, -unit.turn) : at;
  const part = PART[plan.meta.units];
  const round = (mm: number) => Math.round(Math.round(mm / part) * part * 1e4) / 1e4;
  return [set('areas', id, { x: round(own.x), y: round(own.y) })];
}
