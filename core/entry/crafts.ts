/** Crafts by the words that makers use for them, and the families whose crafts share tools, mess and a seat. */
import { once } from '../model/memo.ts';
import { stems } from './comparableWords.ts';

export type Family = 'paper' | 'cloth' | 'press' | 'yarn' | 'small' | 'wet' | 'wood' | 'decor';

export interface Craft {
  /** By which the tables of things name it. */
  key: string;
  name: string;
  family: Family;
  /** Words that name it where a craft is asked for. */
  words: readonly string[];
  /** Those of them that say it in a line about a thing, too: "quilt books". */
  strong: readonly string[];
  /** The starter list that it has; null for none. */
  list: string | null;
}

interface Phrase {
  craft: Craft;
  stems: readonly string[];
  strong: boolean;
}

const phrasesOf = once((crafts: readonly Craft[]): readonly Phrase[] =>
  crafts
    .flatMap((craft) =>
      [...new Set(craft.words)].map((w) => ({ craft, stems: stems(w), strong: craft.strong.includes(w) })),
    )
    .filter((p) => p.stems.length > 0),
);

export class Crafts {
  constructor(readonly all: readonly Craft[]) {}

  /**
   * The crafts that a text names, those with the longest phrases first: "watercolour and acrylic painting" is painting.
   * @param strong only words that say a craft wherever they stand
   */
  named(text: string, strong = false): Craft[] {
    const words = stems(text);
    const found = phrasesOf(this.all)
      .filter((p) => (!strong || p.strong) && holds(words, p.stems))
      .sort((a, b) => b.stems.length - a.stems.length);
    // "Machine embroidery" is not embroidery as well: what a longer phrase has taken says nothing more.
    const taken = new Set<number>();
    const crafts: Craft[] = [];
    for (const { craft, stems: phrase } of found) {
      const at = startOf(words, phrase, taken);
      if (at < 0) continue;
      phrase.forEach((_, i) => taken.add(at + i));
      if (!crafts.includes(craft)) crafts.push(craft);
    }
    return crafts;
  }

  byKey(key: string): Craft | undefined {
    return this.all.find((c) => c.key === key);
  }
}

const holds = (words: readonly string[], phrase: readonly string[]): boolean => startOf(words, phrase, NONE) >= 0;
const NONE: ReadonlySet<number> = new Set();

/** Where a phrase stands in words, none of them taken; -1 for nowhere. */
function startOf(words: readonly string[], phrase: readonly string[], taken: ReadonlySet<number>): number {
  for (let at = 0; at + phrase.length <= words.length; at++)
    if (phrase.every((w, i) => words[at + i] === w && !taken.has(at + i))) return at;
  return -1;
}

/**
 * The crafts that an answer names, each as its maker calls it; what nobody knows is a craft of its own words. "Watercolour and
 * acrylic painting" is one, "sewing and knitting" are two.
 */
export function craftsMeant(text: string, crafts: Crafts): string[] {
  const key = (part: string) => crafts.named(part)[0]?.key;
  const said = text.split(/\s*[,;+\n]\s*/).flatMap((part) => {
    const joined = part.split(/\s+(?:and|&)\s+/i);
    const keys = joined.map(key);
    return keys.every((k, i) => k !== undefined && keys.indexOf(k) === i) ? joined : [part];
  });
  const named = said.map((t) => t.trim()).filter((t) => t.length > 2 || key(t) !== undefined);
  return [...new Set(named.map((t) => `${t.charAt(0).toUpperCase()}${t.slice(1, 60)}`))];
}
