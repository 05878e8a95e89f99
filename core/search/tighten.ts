/** What found no place by strips may still find one when a place is laid out exactly: blocks behind and beside each other. */
import { layOut, type Item } from '../fit/layOut.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Supply } from '../model/plan.ts';

/** Whether everything fits with the room to grow kept free; and how the last thing lies then. */
export function fitsTightly(
  place: Pick<Compartment, 'inside' | 'access'>,
  there: readonly Item[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
  grow: number,
): Item['only'] {
  const way = (only: Item['only']): Item['only'] => {
    const { laid, reach } = layOut(place, [...there, { supply, count, only }], fixed, grow);
    const whole = laid.every((l, i) => l.fits === (there[i]?.count ?? count));
    return whole && reach <= place.inside.width * (1 - grow) + 1e-6 ? laid.at(-1)!.lie!.orientation : null;
  };
  // Once the way of lying is fixed the layout may be another one.
  const found = way(null);
  return found === null ? null : way(found);
}
