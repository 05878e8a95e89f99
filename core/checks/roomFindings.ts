/** Everything that is wrong with a room as it stands; worked out once as long as nothing of the room changes. */
import { checkFurniture } from './fixToWall.ts';
import type { Finding } from '../model/finding.ts';
import { ROOM, stage } from '../model/reads.ts';
import { checkAreas } from '../checks/areasFree.ts';
import { checkCarryIn } from './carryIn.ts';
import { checkRoom } from './roomErrors.ts';
import { checkClearance } from '../checks/clearance.ts';
import { checkSeats, checkWalkways } from './seatsAndWalkways.ts';
import { checkWheelchair } from './wheelchair.ts';

/** Findings that depend on the room, the furniture and who works there, not on supplies. */
export const roomFindings = stage(ROOM, (plan): readonly Finding[] => [
  ...checkRoom(plan),
  ...checkClearance(plan),
  ...checkAreas(plan),
  ...checkSeats(plan),
  ...checkWalkways(plan),
  ...checkWheelchair(plan),
  ...checkCarryIn(plan),
  ...checkFurniture(plan),
]);
