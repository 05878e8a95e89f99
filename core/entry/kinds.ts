/** Known kinds of supplies (the starter lists), by which quick entry fills in what nobody typed: form, typical size, cautions. */
import type { Form, Trait } from '../model/plan.ts';

/** A kind as the starter lists have it; sizes mm, mass g. */
export interface Kind {
  name: string;
  category: string;
  form: Form;
  length: number;
  width: number;
  thickness: number;
  grammage: number | null;
  mass: number | null;
  squeeze: number;
  traits: readonly Trait[];
}

/** Stems of words: lower case, without the s of the plural. */
function stems(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^a-zäöüéèåø]+/)
    .filter((w) => w.length > 1)
    .map((w) =>
      w
        .replace(/ies$/, 'y')
        .replace(/(ch|sh|x|ss)es$/, '$1')
        .replace(/(?<![su])s$/, ''),
    );
}

/** Finds kinds by the words of a line. */
export class KindFinder {
  private readonly kinds: ReadonlyArray<{ kind: Kind; words: readonly string[] }>;

  constructor(kinds: readonly Kind[]) {
    this.kinds = kinds.map((kind) => ({ kind, words: stems(kind.name) }));
  }

  /** The kind all of whose words stand in a text, that with most words; null when there is none. */
  find(text: string): Kind | null {
    const there = new Set(stems(text));
    let best: { kind: Kind; words: readonly string[] } | null = null;
    for (const entry of this.kinds)
      if (entry.words.every((w) => there.has(w)) && entry.words.length > (best?.words.length ?? 0)) best = entry;
    return best?.kind ?? null;
  }
}
