/** Known kinds of things, by which quick entry fills in what nobody typed: form, usual size, cautions, how many a pack holds. */
import { once } from '../model/memo.ts';
import type { Form, Trait } from '../model/plan.ts';
import { HOLDER_WORDS } from './holders.ts';
import { stems, wordsOf, type Word } from './comparableWords.ts';

/** A kind as the lists of the library have it; sizes mm, mass g. */
export interface Kind {
  name: string;
  /** Other words for it. */
  also?: readonly string[];
  category: string;
  form: Form;
  length: number;
  width: number;
  thickness: number;
  grammage: number | null;
  mass: number | null;
  squeeze: number;
  traits: readonly Trait[];
  /** How many a usual pack, box or bag of them holds; null where such a thing is bought singly. */
  pack?: number | null;
  everyday?: Everyday;
  /** What its line in the tables is called, where it goes by another word for it. */
  main?: string;
}

/** What a household does with a thing; guesses wherever they are used. */
export interface Everyday {
  /** Keys of the crafts that it is for, the nearest first, those that are as near together; empty where none is known. */
  crafts: ReadonlyArray<readonly string[]>;
  /** How many a plural without a number is. */
  usual: number;
  /** The word alone means as many: "cardstock". */
  mass: boolean;
  /** Fetches a session. */
  fetches: number;
  /** What it is usually kept in, by the word of the holder; null for nothing of its own. */
  keptIn: string | null;
  /** What it lies together with, by a name that such things share; null for nothing. */
  beside: string | null;
}

/** What a thing for something else is called: a button maker is no button. */
const TOOLS = new Set(
  stems(
    'maker machine holder box rack case stand bag tool press cutter punch foot organiser dispenser gun set book board table winder cleaner remover tin jar tray basket drawer cabinet shelf cart hook clip tub bin setter guide topper frame cover pouch sleeve album storage kit pliers reader',
  ),
);

/** Those of them that are tools for it, whatever it is called. */
const MAKERS = new Set(
  stems(
    'pliers tool setter press maker punch holder platform blade part accessory attachment oil cleaner winder guide scraper insert',
  ),
);

/** How well an entry fits a text, and whether its words stand there side by side. */
interface Matched extends Entry {
  score: number;
  together: boolean;
}

/** What only describes a thing that is called by one word: "bamboo hooks". */
const DESCRIBES = new Set(
  stems(
    'bamboo metal steel wooden aluminium plastic glass small big large little tiny old new fine thick thin good best cheap various assorted mixed different all size set pair other more piece part bit favourite favorite',
  ),
);

interface Entry {
  kind: Kind;
  words: readonly string[];
}

const byHeadOf = once((kinds: readonly Kind[]): ReadonlyMap<string, readonly Entry[]> => {
  const byHead = new Map<string, Entry[]>();
  for (const kind of kinds)
    for (const name of [kind.name, ...(kind.also ?? [])]) {
      const words = stems(name);
      const head = words.at(-1);
      // It goes by the word that was used: the usual size of a model, not of doll clothes.
      const entry = { kind: { ...kind, name, main: kind.name }, words };
      if (head !== undefined) byHead.set(head, [...(byHead.get(head) ?? []), entry]);
    }
  return byHead;
});

/** Finds kinds by the words of a line. */
export class KindFinder {
  /** @param everydayOf what is known of a kind besides its size */
  constructor(
    private readonly kinds: readonly Kind[],
    private readonly everydayOf: (kind: Kind) => Everyday | undefined = () => undefined,
  ) {}

  /** Entries by their last word; put in order when first a word is looked for, not when a page is loaded. */
  private get byHead(): ReadonlyMap<string, readonly Entry[]> {
    return byHeadOf(this.kinds);
  }

  /**
   * The kind of which a text speaks: all of whose words stand in it, that with most words; of those with as many, that
   * whose last word is the noun of a part of the line. A single word that only belongs to the name of another thing
   * ("button maker") is no kind, nor is what the thing is kept in, unless its kind is called so ("box of pins").
   * null when there is none.
   */
  find(text: string): Kind | null {
    const whole = this.match(text);
    const inside = this.match(text.replace(IN_HOLDER, ' , ').replace(OF_HOLDER, ' ').replace(LAST_HOLDER, ' '));
    // "Bobbins in a box" are bobbins, "box of pins" is what is called so.
    const kept = new RegExp(IN_HOLDER).test(text);
    const found =
      inside && (kept || !whole?.together || !whole.words.includes(inside.words.at(-1)!)) ? inside.kind : whole?.kind;
    if (!found) return null;
    const everyday = found.everyday ?? this.everydayOf(found);
    return everyday ? { ...found, everyday } : found;
  }

  /** Of a single word that is nothing of these crafts, or nothing at all, the kind of theirs whose name ends with it. */
  forCrafts(text: string, kind: Kind | null, crafts: ReadonlySet<string>): Kind | null {
    const serves = (k: Kind | null) => k?.everyday?.crafts.some((rank) => rank.some((c) => crafts.has(c))) ?? false;
    if (crafts.size === 0 || serves(kind) || (kind && stems(kind.name).length > 1)) return kind;
    const said = wordsOf(text.replace(IN_HOLDER, ' ').replace(OF_HOLDER, ' ')).filter((w) => !DESCRIBES.has(w.stem));
    const [head] = said;
    if (!head || said.length > 1) return kind;
    for (const candidate of this.kinds) {
      if (stems(candidate.name).at(-1) !== head.stem) continue;
      const everyday = candidate.everyday ?? this.everydayOf(candidate);
      const whole = everyday ? { ...candidate, everyday } : candidate;
      if (serves(whole) && !everyday?.crafts.some((rank) => rank.length > MANY_CRAFTS)) return whole;
    }
    return kind;
  }

  private isMass(kind: Kind): boolean {
    return (kind.everyday ?? this.everydayOf(kind))?.mass ?? false;
  }

  private match(text: string): Matched | null {
    const parts = text
      .replace(/\([^)]*\)/g, ' , $& , ')
      .split(/[,;:()–]|\s-+\s/)
      .map(wordsOf)
      .filter((p) => p.length > 0);
    const there = new Set(parts.flat().map((w) => w.stem));
    let best: Matched | null = null;
    for (const [at, part] of parts.entries())
      for (const [place, word] of part.entries())
        for (const entry of this.byHead.get(word.stem) ?? []) {
          const { words } = entry;
          if (!words.every((w) => there.has(w))) continue;
          const head = isHead(part, place);
          if (!head && namesAnother(part, place, words.length)) continue;
          if (!head && words.length === 1 && !standsAlone(part, place, this.isMass(entry.kind))) continue;
          const together = words.every((w, i) => part[place - words.length + 1 + i]?.stem === w);
          const score = words.length * 8 + (head ? 4 : 0) + (together ? 2 : 0) - Math.min(at, 3);
          if (score > (best?.score ?? 0)) best = { ...entry, score, together };
        }
    return best;
  }
}

/** From how many crafts on a thing is for everybody. */
const MANY_CRAFTS = 9;

const AMOUNT = String.raw`(?:\d[\d\s./-]*|an?\s+|one\s+|two\s+|three\s+)?(?:(?:pint|quart|gallon|oz|ounce|ml|litre|liter|l)s?\s+)?`;
const IN_HOLDER = new RegExp(
  String.raw`\b(?:in|as|into)\s+${AMOUNT}(?:[\w-]+\s+){0,3}?(?:${HOLDER_WORDS}|blocks?|bars?|lumps?|pieces?|hanks?)(?![\w-])`,
  'gi',
);
const OF_HOLDER = new RegExp(String.raw`(?<![\w-])(?:${HOLDER_WORDS})\s+(?:full\s+)?of\b`, 'gi');
const LAST_HOLDER = new RegExp(
  String.raw`(?:\d+|\ban?|\bone|\btwo|\bthree)\s+(?:(?:pint|quart|gallon|oz|ounce|ml|litre|liter|l)s?\s+)?(?:${HOLDER_WORDS})\s*(?=$|[,;)])`,
  'gi',
);

/** Whether a word is the noun of its part of the line: the last one. */
const isHead = (part: readonly Word[], place: number): boolean => place === part.length - 1;

/** Whether what follows only describes it: "buttons vintage", "yarn chunky", but not "button maker" or "stencil paste". */
const standsAlone = (part: readonly Word[], place: number, mass: boolean): boolean =>
  part[place]!.plural || (place === 0 && mass);

/** Whether what follows is what a thing for it is called: "press stud pliers". */
const namesAnother = (part: readonly Word[], place: number, words: number): boolean =>
  part.slice(place + 1).some((w) => (words > 1 ? MAKERS : TOOLS).has(w.stem));
