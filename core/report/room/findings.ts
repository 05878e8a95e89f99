/** Everything that is wrong with a room as it stands; worked out once as long as nothing of the room changes. */
import { checkFurniture } from '../../furniture/cautions.ts';
import type { Finding } from '../../model/finding.ts';
import type { Plan } from '../../model/plan.ts';
import { checkAreas } from '../../room/areas.ts';
import { checkCarryIn } from './carryIn.ts';
import { checkRoom } from './check.ts';
import { checkClearance } from '../../room/clearance.ts';
import { checkSeats, checkWalkways } from './seats.ts';
import { checkWheelchair } from './wheelchair.ts';

/** Rooms that were looked at already, by the table of units: tables are never changed in place. */
const known = new WeakMap<object, { room: readonly unknown[]; findings: readonly Finding[] }>();

/** Findings that depend on the room, the furniture and who works there, not on supplies. */
export function roomFindings(plan: Plan): readonly Finding[] {
  const {
    meta,
    units,
    supplies: _s,
    uses: _u,
    placements: _p,
    containers: _c,
    photos: _f,
    boxtypes: _b,
    wishes: _w,
    timings: _t,
    ...rest
  } = plan;
  // A change of the plan's own columns makes a new row; only some of them matter here.
  const room = [
    meta.id,
    meta.room,
    meta.units,
    meta.ceiling,
    meta.walkway,
    JSON.stringify(meta.constants),
    ...Object.values(rest),
  ];
  const before = known.get(units);
  if (before && before.room.length === room.length && before.room.every((part, i) => part === room[i]))
    return before.findings;
  const findings = [
    ...checkRoom(plan),
    ...checkClearance(plan),
    ...checkAreas(plan),
    ...checkSeats(plan),
    ...checkWalkways(plan),
    ...checkWheelchair(plan),
    ...checkCarryIn(plan),
    ...checkFurniture(plan),
  ];
  known.set(units, { room, findings });
  return findings;
}
