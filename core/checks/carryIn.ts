/** Does a unit that is not owned yet go through the door, and can it be stood up under the ceiling? */
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Opening, type Plan, type Unit } from '../model/plan.ts';

type Size = Pick<Unit, 'width' | 'depth' | 'height'>;

/**
 * By how much a box is too large for an opening, mm; 0 when it passes. It is carried straight through, turned any way.
 * What the corridor before the door allows is not looked at.
 */
export function tooLargeFor(size: Size, door: Pick<Opening, 'width' | 'height'>): number {
  const sides = [size.width, size.depth, size.height].sort((a, b) => a - b) as [number, number, number];
  const [narrow, wide] = [Math.min(door.width, door.height), Math.max(door.width, door.height)];
  return Math.max(0, sides[0] - narrow, sides[1] - wide);
}

/** Height that a unit needs to be stood up from lying on its back, mm: the diagonal of its side (Pythagoras). */
export function standUpHeight(size: Size): number {
  return Math.hypot(size.height, Math.min(size.depth, size.width));
}

/** Findings for units that are wanted and not owned. */
export function checkCarryIn(plan: Plan): Finding[] {
  const say = (mm: number) => formatLength(Math.ceil(mm), plan.meta.units);
  const doors = Object.values(plan.openings).filter((o) => o.kind === 'door');
  return byName(plan.units).flatMap((unit): Finding[] => {
    if (unit.owned || unit.elsewhere !== null) return [];
    const findings: Finding[] = [];
    const by = Math.min(...doors.map((d) => tooLargeFor(unit, d)));
    if (doors.length > 0 && by > 0)
      findings.push(
        caution('does not pass the door', `units.${unit.id}.x`, {
          message: `${unit.name} does not go through the door in one piece: it is ${say(by)} too large.`,
          by,
        }),
      );
    const needs = standUpHeight(unit);
    if (needs > plan.meta.ceiling && unit.height <= plan.meta.ceiling && unit.height > Math.max(unit.width, unit.depth))
      findings.push(
        caution('cannot be stood up', `units.${unit.id}.x`, {
          message: `${unit.name} cannot be tilted up from lying: its diagonal is ${say(needs)}, the ceiling ${say(plan.meta.ceiling)}. Put it together standing.`,
          by: needs - plan.meta.ceiling,
        }),
      );
    return findings;
  });
}
