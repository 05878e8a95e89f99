/** Mends by changing places: two pieces that stand at walls, each with its back where the other had its own. */
import { ENDS, inPlaceOf, putDown } from '../../room/putDown.ts';
import type { Finding } from '../../model/finding.ts';
import { byName, type Plan, type Unit } from '../../model/plan.ts';
import { isLoose } from '../../room/arrange.ts';
import { seatsAt } from '../../room/standing.ts';
import { wallBehind } from './slideFixes.ts';
import type { Fix } from './fix.ts';

/** What carrying two pieces past each other asks by itself, in mm of sliding. */
const ASKS = 600;

/** Pieces with which the one at fault could change places, the nearest first. */
export function* swaps(plan: Plan, finding: Finding): Generator<Fix> {
  const [target] = finding.targets;
  const unit = target?.table === 'units' ? plan.units[target.id] : undefined;
  // In a mode it stands elsewhere already, or is rolled away.
  if (!unit || finding.mode !== undefined || finding.path.endsWith('.height') || !mayChange(plan, unit)) return;
  const others = byName(plan.units)
    .filter((u) => u.id !== unit.id && u.bottom > 0 === unit.bottom > 0 && mayChange(plan, u))
    .map((u) => ({ u, far: Math.hypot(u.x - unit.x, u.y - unit.y) }))
    .sort((a, b) => a.far - b.far);
  for (const { u: other, far } of others)
    for (const one of ENDS)
      for (const two of ENDS)
        yield {
          words: `Let it change places with ${other.name}`,
          changes: [
            ...putDown(plan, unit, inPlaceOf(unit, other, one), ''),
            ...putDown(plan, other, inPlaceOf(other, unit, two), ''),
          ],
          by: Math.round(far),
          effort: ASKS + far,
        };
}

/** What stands or hangs at a wall, is not settled, and where nobody sits. */
const mayChange = (plan: Plan, unit: Unit): boolean =>
  isLoose(unit) &&
  unit.elsewhere === null &&
  unit.onDoor === null &&
  seatsAt(plan, unit.id).length === 0 &&
  wallBehind(plan, unit) !== null;
