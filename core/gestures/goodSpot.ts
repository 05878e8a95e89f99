/** Where a new piece goes: where it takes from nobody the room that is needed to walk, to sit and to open. */
import { once } from '../model/memo.ts';
import { allCompartments } from '../furniture/compartments.ts';
import type { Finding } from '../model/finding.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { checkAreas } from '../checks/areasFree.ts';
import { checkClearance } from '../checks/clearance.ts';
import { freeSpots } from '../room/spot.ts';
import type { Rest } from '../room/snap.ts';
import { standing } from '../room/standing.ts';
import { walksOf } from '../room/walks.ts';
import { checkRoom } from '../checks/roomErrors.ts';
import { checkSeats, checkWalkways } from '../checks/seatsAndWalkways.ts';

/** The most places that are looked at; each takes a few ms. */
const MOST = 60;
/** How many other faults a place to which there is no way weighs. */
const NO_WAY = 10;

/** A place, and how many faults more there are with the unit there. */
export interface Spot {
  at: Rest;
  worse: number;
}

/** What is wrong with where things stand: fronts that cannot open, seats without room. */
const standFindings = (plan: Plan): Finding[] => [
  ...checkRoom(plan),
  ...checkClearance(plan),
  ...checkAreas(plan),
  ...checkSeats(plan),
];
const standFaults = (plan: Plan): number => standFindings(plan).length;

/** What is said of the room of a plan that is not said of another. */
export function newlySaid(plan: Plan, before: Plan): Finding[] {
  const findings = (p: Plan) => [...standFindings(p), ...checkWalkways(p)];
  const known = new Set(findings(before).map((f) => f.message));
  return findings(plan).filter((f) => !known.has(f.message));
}

/** Narrow ways, and places that cannot be walked to; it takes longest. */
function wayFaults(plan: Plan): number {
  const here = standing(plan);
  const walled = new Set<string>();
  const places = allCompartments(here);
  for (const walks of walksOf(here, places).values())
    for (const c of places) if (walks.get(c.id)?.reason) walled.add(c.unit);
  return checkWalkways(plan).length + NO_WAY * walled.size;
}

/** The faults of a plan, which several places are compared with. */
const faultsOf = once((plan: Plan) => standFaults(plan) + wayFaults(plan));

/**
 * Going round the room (see freeSpots), the first place where a unit makes nothing in the room worse; without one, that where it
 * makes least worse, and by how many faults.
 * @param trial the plan with the unit at a place, and with what comes along with it
 * @param before room that is wanted before it, mm
 * @param stop says when the best place found so far is good enough, since no more time is to be spent
 */
export function goodSpot(
  unit: Omit<Unit, 'x' | 'y' | 'turn'>,
  plan: Plan,
  trial: (at: Rest) => Plan,
  { before, stop = () => false }: { before?: number | undefined; stop?: () => boolean } = {},
): Spot {
  let best: Spot | null = null;
  let looked = 0;
  let last: Rest | null = null;
  const now = faultsOf(plan);
  for (const { roomy, tight } of freeSpots(unit, plan, before)) {
    const at = roomy ?? tight;
    // Beside the place looked at last it is hardly better: a hand's breadth further along is looked at next.
    if (last && Math.hypot(at.x - last.x, at.y - last.y) < 120 && at.turn === last.turn) continue;
    last = at;
    const tried = trial(at);
    const stands = standFaults(tried);
    // What is worse already is not walked through.
    const worse: number = best && stands - now >= best.worse ? Infinity : stands + wayFaults(tried) - now;
    if (!best || worse < best.worse) best = { at, worse };
    if (worse <= 0 || ++looked === MOST || stop()) break;
  }
  return best!;
}
