/** Room to grow: kept along the way in which the contents of a place multiply, never by narrowing its opening. */
import type { Supply } from '../model/plan.ts';

/**
 * How many there are room for when a share of the room stays free: of things that multiply a few more, of a single thing and
 * of machines none.
 * @param grow share of the room that is kept free, 0 to 0.5
 */
export function grown(supply: Pick<Supply, 'form' | 'count'>, count: number, grow: number): number {
  if (supply.form === 'machine' || supply.count === 1) return count;
  return count + Math.floor((count * grow) / (1 - grow) + 1e-9);
}

/** The most of a supply that leaves room to grow, given how many fit in all. */
export function leavingRoom(supply: Pick<Supply, 'form' | 'count'>, most: number, grow: number): number {
  if (supply.form === 'machine' || supply.count === 1) return most;
  let count = Math.floor(most * (1 - grow) + 1e-9);
  while (grown(supply, count + 1, grow) <= most) count++;
  return count;
}
