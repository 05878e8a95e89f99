/** What a purge decided, as far as it says where a thing may lie. */
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan, Supply } from '../model/plan.ts';

/** Whether a thing leaves the room: it is given away, or goes to a place elsewhere that the plan does not have. */
export function goesAway(plan: Pick<Plan, 'units'>, supply: Pick<Supply, 'decision'>): boolean {
  if (supply.decision === 'give away') return true;
  return leavesTheRoom(supply) && !Object.values(plan.units).some((u) => u.elsewhere !== null);
}

/** Whether a thing is kept out of the room: out of season, or elsewhere. */
export function leavesTheRoom(supply: Pick<Supply, 'decision'>): boolean {
  return supply.decision === 'seasonal' || supply.decision === 'elsewhere';
}

/** Whether a decision lets a thing lie in a place: what goes elsewhere lies in furniture elsewhere, the rest anywhere. */
export function mayLieIn(
  plan: Pick<Plan, 'units'>,
  supply: Pick<Supply, 'decision'>,
  compartment: Pick<Compartment, 'unit'>,
): boolean {
  if (supply.decision === 'give away') return false;
  return !leavesTheRoom(supply) || plan.units[compartment.unit]?.elsewhere != null;
}
