/** Piles of sheets of several lines: which lie on each other, the larger below. */
import type { Item } from './packed.ts';
import type { Pose } from './poses.ts';
import { clearHeight, holdsPile, type Holds } from './limits.ts';

export interface Pile {
  /** The pile as one thing: its base with all the sheets. */
  item: Item;
  /** How the base lies; null where one thing lies by itself, in whatever way. */
  lie: Pose | null;
  /** Height of all, and how high it may be, mm. */
  height: number;
  most: number;
  /** From the bottom up: which item, how it lies, the height of what is below and above it, mm. */
  members: Array<{ at: number; lie: Pose; below: number; above: number }>;
}

/** By how much a sheet may stand out over the one below it, mm. Common practice, no source. */
const OUT = 6;

/**
 * Puts flat sheets on each other as far as they may be piled; all else is a pile of its own. In a slot that is made for one pile
 * sheets of any size lie on each other; elsewhere a sheet lies on one that is as large.
 */
export function pilesOf(place: Holds, items: readonly Item[], ways: ReadonlyArray<readonly Pose[]>): Pile[] {
  const any = holdsPile(place);
  const piles: Pile[] = [];
  const order = items
    .map((item, at) => ({ item, at, lie: ways[at]!.find((l) => l.orientation === 'flat') ?? null }))
    .sort(
      (a, b) =>
        Number(b.item.supply.form === 'sheets') - Number(a.item.supply.form === 'sheets') ||
        b.item.supply.length * b.item.supply.width - a.item.supply.length * a.item.supply.width ||
        // What is given first is used most, and lies on top.
        b.at - a.at,
    );
  for (const { item, at, lie } of order) {
    const { supply, count } = item;
    const height = count * supply.thickness;
    const most = lie ? clearHeight(place, supply, 'flat') : 0;
    const pilable = supply.form === 'sheets' && lie !== null && item.anyhow !== true && height <= most + 1e-9;
    const turned = ways[at]!.filter((l) => l.orientation === 'flat');
    const within = (p: Pile) =>
      turned.find((l) => any || (l.across <= p.lie!.across + OUT && l.into <= p.lie!.into + OUT));
    const onto =
      pilable && piles.find((p) => p.lie !== null && p.height + height <= Math.min(p.most, most) + 1e-9 && within(p));
    if (!onto) {
      const own = { at, lie: lie ?? ways[at]![0]!, below: 0, above: 0 };
      piles.push({ item, lie: pilable ? lie : null, height, most, members: [own] });
      continue;
    }
    for (const m of onto.members) m.above += height;
    const own = within(onto)!;
    onto.members.push({ at, lie: own, below: onto.height, above: 0 });
    onto.height += height;
    // The floor is that of the largest, as one stack.
    const base = onto.lie!;
    const floor = { across: Math.max(base.across, own.across), into: Math.max(base.into, own.into) };
    onto.item = { ...onto.item, count: 1, only: null };
    onto.lie = { ...base, ...floor, up: onto.height, rows: 1, layers: 1, perColumn: 1 };
  }
  return piles;
}
