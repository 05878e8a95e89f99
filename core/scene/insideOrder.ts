/** Orders in which things lie beside each other: the rainbow, the alphabet, sizes. */
import type { Plan, Supply } from '../model/plan.ts';
import type { InsideOrder } from '../model/sorting.ts';

/** Colours as a rainbow has them, then what it has not. Other words come after them. Common practice, no source. */
export const RAINBOW: readonly string[] = (
  'red orange copper gold yellow lime green olive teal turquoise cyan blue navy indigo violet purple lilac pink ' +
  'magenta brown beige cream white clear silver grey gray black bright many'
).split(' ');

/** Rank of a colour in the rainbow, by the last colour word that is in it: "dark red" is a red. */
export function rainbowRank(colour: string): number {
  const words = colour.toLowerCase().split(/[^a-z]+/);
  for (const word of words.reverse()) {
    const at = RAINBOW.indexOf(word);
    if (at >= 0) return at;
  }
  return RAINBOW.length;
}

/** Sizes by the longest edge, mm. Common practice, no source. */
export const SIZES = [
  [100, 'small'],
  [250, 'as long as a hand'],
  [450, 'as long as a forearm'],
  [Infinity, 'longer than a forearm'],
] as const;
/** Longest edge, mm. */
export const longest = (s: Supply) => Math.max(s.length, s.width, s.thickness);

/** Rank of a colour in the maker's own order, where there is one, or in the rainbow. */
export function colourRank(plan: Pick<Plan, 'meta'>, colour: string): number {
  const { colours } = plan.meta.sorting;
  if (colours.length === 0) return rainbowRank(colour);
  const at = colours.findIndex((c) => c.toLowerCase() === colour.toLowerCase());
  return at >= 0 ? at : colours.length + rainbowRank(colour);
}

/** Compares two supplies by one key; 0 where use decides. What has no maker comes last. */
function byKey(plan: Pick<Plan, 'meta'>, key: InsideOrder, first: Supply, second: Supply): number {
  switch (key) {
    case 'most used':
      return 0;
    case 'rainbow':
      return colourRank(plan, first.colour) - colourRank(plan, second.colour);
    case 'alphabet':
      return first.name.localeCompare(second.name, 'en');
    case 'size':
      return longest(second) - longest(first);
    case 'maker':
      return (
        Number(first.collection === '') - Number(second.collection === '') ||
        first.collection.localeCompare(second.collection, 'en')
      );
  }
}

/** Compares two supplies by the order that is wanted inside a place: that of their home, or of the room; 0 where use decides. */
export function insideOrder(plan: Pick<Plan, 'meta' | 'supplies' | 'homes'>, a: string, b: string): number {
  const [first, second] = [plan.supplies[a]!, plan.supplies[b]!];
  const own = first.home !== null && first.home === second.home ? (plan.homes[first.home]?.inside ?? []) : [];
  const { inside, then } = plan.meta.sorting;
  for (const key of own.length > 0 ? own : [inside, then]) {
    const by = byKey(plan, key, first, second);
    if (by !== 0) return by;
  }
  return 0;
}
