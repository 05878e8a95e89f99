/** Working stock and backstock: who is fetched how often when they lie apart. */
import { usedByAFetch } from '../fit/usedUp.ts';
import type { Arrangement, Placement, Plan, Supply } from '../model/plan.ts';

/** How many of each supply lie apart as spares in an arrangement. */
export function sparesPlaced(plan: Plan, arrangement: Arrangement): Map<string, number> {
  const spares = new Map<string, number>();
  for (const p of Object.values(plan.placements))
    if (p.spare && p.arrangement === arrangement) spares.set(p.supply, (spares.get(p.supply) ?? 0) + p.count);
  return spares;
}

/**
 * What share of a supply's fetches goes to a placement. Working stock shares them by count. A fetch uses up one piece, or a
 * part of one; when the working stock is gone, it is filled up from the spares: one fetch of them for as many as it
 * holds. The spares of a tool are not fetched.
 * @param spares how many of the supply lie apart in the same arrangement
 */
export function shareOf(
  supply: Pick<Supply, 'count' | 'goesBack' | 'lasts'>,
  placement: Pick<Placement, 'count' | 'spare'>,
  spares: number,
): number {
  const working = supply.count - spares;
  // Where all of it is called spare, it is fetched all the same.
  if (working <= 0) return placement.spare ? placement.count / spares : 0;
  if (!placement.spare) return placement.count / working;
  return (usedByAFetch(supply) * placement.count) / spares / working;
}
