/** How many of a supply are kept apart as spares. */
import type { Supply } from '../model/plan.ts';

/** How many of a supply are spares to be kept apart; 0 when there is nothing but spares. */
export function sparesOf(supply: Pick<Supply, 'count' | 'backstock'>): number {
  return supply.backstock < supply.count ? supply.backstock : 0;
}
