/** Orders in which things lie beside each other: the rainbow, the alphabet, sizes. */
import type { Plan, Supply } from '../model/plan.ts';

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

/** Compares two supplies by the order that is wanted inside a place; 0 where use decides. */
export function insideOrder(plan: Pick<Plan, 'meta' | 'supplies'>, a: string, b: string): number {
  const [first, second] = [plan.supplies[a]!, plan.supplies[b]!];
  switch (plan.meta.sorting.inside) {
    case 'most used':
      return 0;
    case 'rainbow':
      return rainbowRank(first.colour) - rainbowRank(second.colour);
    case 'alphabet':
      return first.name.localeCompare(second.name, 'en');
    case 'size':
      return longest(second) - longest(first);
  }
}
