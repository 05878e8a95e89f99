/** What found no place by strips may still find one when a place is laid out exactly: blocks behind and beside each other. */
import { grown } from './growth.ts';
import type { Item } from './packed.ts';
import { layOut, settledOrder } from './layOut.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Holds } from './limits.ts';
import type { Supply } from '../model/plan.ts';

/**
 * How things lie together in a place with the room to grow of each kept free, whatever order they are given in later.
 * @returns the way of each, or null when they do not all fit
 */
export function layTogether(
  place: Holds,
  items: readonly Item[],
  fixed: readonly Rect[],
  grow: number,
): Array<NonNullable<Item['only']>> | null {
  // With room for more of each, and as they are: a layout of fewer things is not always found where one of more is. In the
  // settled order: then they fit in whatever order they are given later.
  const order = settledOrder(items);
  const way = (list: readonly Item[]) => {
    const all = (which: readonly Item[], keep: number) => {
      const sorted = order.map((i) => which[i]!);
      const { laid } = layOut(place, sorted, fixed, keep);
      return laid.every((l, i) => l.fits === sorted[i]!.count) ? laid : null;
    };
    if (
      !all(
        list.map((item) => ({ ...item, count: grown(item.supply, item.count, grow) })),
        0,
      )
    )
      return null;
    const laid = all(list, grow);
    if (!laid) return null;
    const ways: Array<NonNullable<Item['only']>> = [];
    order.forEach((i, k) => (ways[i] = laid[k]!.lie!.orientation));
    return ways;
  };
  const found = way(items);
  // Once the ways of lying are fixed the layout may be another one.
  return found && way(items.map((item, i) => ({ ...item, only: found[i]! })));
}

/** Whether everything fits with the room to grow kept free, what lies there as it does; and how the last thing lies then. */
export function fitsTightly(
  place: Holds,
  there: readonly Item[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
  grow: number,
): Item['only'] {
  return layTogether(place, [...there, { supply, count, only: null }], fixed, grow)?.at(-1) ?? null;
}

/** How many more of a supply find room beside what lies there, with no room kept free; nothing that lies there loses its own. */
export function fitsBeside(
  place: Holds,
  there: readonly Item[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
): number {
  const items = [...there, { supply, count, only: null }];
  const { laid } = layOut(place, items, fixed, 0, true);
  return there.every((item, i) => laid[i]!.fits === item.count) ? laid.at(-1)!.fits : 0;
}
