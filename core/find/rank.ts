/** How well words match what is known of a thing: exactly, by their beginning, or but for a slip of the finger. */

/** Words of a thing by how much they say: its name, words of one's own, other words for the same, what is about it. */
export interface Known {
  name: readonly string[];
  own: readonly string[];
  other: readonly string[];
  more: readonly string[];
  /** Whole names and other names, as words one after the other. */
  phrases: ReadonlySet<string>;
}

const WEIGHT = { name: 1, own: 1, other: 0.9, more: 0.35 } as const;

/**
 * Slips between two words: letters left out, added, taken for another or changed with their neighbour (optimal string
 * alignment, Damerau 1964). @returns more than `most` when there are more
 */
function slips(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let [two, one]: [number[], number[]] = [[], Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(one[j]! + 1, row[j - 1]! + 1, one[j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) row[j] = Math.min(row[j]!, two[j - 2]! + 1);
    }
    [two, one] = [one, row];
  }
  return one[b.length]!;
}

/** How alike a typed word and a known one are, 0 to 1. */
function alike(typed: string, word: string): number {
  if (typed === word) return 1;
  if (word.startsWith(typed)) return 0.72 + (0.2 * typed.length) / word.length;
  const most = typed.length > 6 ? 3 : typed.length > 3 ? 2 : 0;
  if (most === 0) return 0;
  // Half a word may be misspelt, too.
  const whole = slips(typed, word, most);
  const begun = word.length > typed.length ? slips(typed, word.slice(0, typed.length), most) + 0.5 : Infinity;
  const wrong = Math.min(whole, begun);
  if (wrong > most) return 0;
  const first = typed[0] === word[0] ? 0 : 0.1;
  return Math.max(0, 0.85 * (1 - wrong / Math.max(typed.length, 4)) - first);
}

/** How well a thing matches what was typed, 0 to somewhat above 1. */
export function matchOf(typed: readonly string[], known: Known): number {
  if (typed.length === 0) return 0;
  let [sum, names] = [0, 0];
  for (const word of typed) {
    let best = 0;
    for (const field of ['name', 'own', 'other', 'more'] as const)
      for (const has of known[field]) {
        const score = alike(word, has) * WEIGHT[field];
        if (score > best) best = score;
      }
    sum += best;
    if (best > 0.6) names++;
  }
  const whole = known.phrases.has(typed.join(' ')) ? 0.3 : 0;
  // Of two that match as well, the one whose name says less besides.
  const spare = known.name.length > names ? 0.01 * (known.name.length - names) : 0;
  return sum / typed.length + whole - spare;
}
