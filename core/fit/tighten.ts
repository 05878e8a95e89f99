/** What found no place by strips may still find one when a place is laid out exactly: blocks behind and beside each other. */
import { grown } from './growth.ts';
import type { Item } from './laid.ts';
import { layOut, settledOrder } from './layOut.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Holds } from './limits.ts';
import type { Supply } from '../model/plan.ts';

/** Whether everything fits with the room to grow kept free; and how the last thing lies then. */
export function fitsTightly(
  place: Holds,
  there: readonly Item[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
  grow: number,
): Item['only'] {
  const way = (only: Item['only']): Item['only'] => {
    const items = [...there, { supply, count, only }];
    const more = items.map((item) => ({ ...item, count: grown(item.supply, item.count, grow) }));
    // With room for more of each, and as they are: a layout of fewer things is not always found where one of more is.
    // In the settled order: then they fit in whatever order they are given later.
    const order = settledOrder(items);
    const all = (list: readonly Item[], keep: number) => {
      const sorted = order.map((i) => list[i]!);
      const { laid } = layOut(place, sorted, fixed, keep);
      const whole = laid.every((l, i) => l.fits === sorted[i]!.count);
      return whole ? laid[order.indexOf(list.length - 1)]!.lie!.orientation : null;
    };
    return all(more, 0) === null ? null : all(items, grow);
  };
  // Once the way of lying is fixed the layout may be another one.
  const found = way(null);
  return found === null ? null : way(found);
}

/** Whether so many more find room beside what lies there, with no room kept free; nothing that lies there loses its own. */
export function fitsInAll(
  place: Holds,
  there: readonly Item[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
): boolean {
  const items = [...there, { supply, count, only: null }];
  return layOut(place, items, fixed, 0, true).laid.every((l, i) => l.fits === items[i]!.count);
}
