/** Sizes that are said by comparing: "as big as a paperback", "hand-sized". Everyday things as most people know them; from memory. */
import everydaySizes from './everydaySizes.json' with { type: 'json' };
import { stem } from './comparableWords.ts';
import type { Rest } from './readMeasures.ts';

type Sizes = readonly [length: number, width: number, thickness: number];

/** What people compare with, mm. */
const EVERYDAY = everydaySizes as unknown as Readonly<Record<string, Sizes>>;

/** Classes of size, mm. */
const CLASSES: ReadonlyArray<readonly [words: RegExp, name: string, sizes: Sizes]> = [
  [/\b(?:tiny|minuscule)\b/i, 'tiny', [30, 20, 15]],
  [/\b(?:hand|palm|pocket|fist)[- ]?sized?\b/i, 'hand-sized', [180, 100, 60]],
  [/\bshoe ?box[- ]?sized?\b/i, 'the size of a shoebox', [330, 200, 120]],
  [/\b(?:huge|enormous|very large|very big|extra large|giant|bulky)\b/i, 'very large', [800, 500, 350]],
  [/\b(?:large|big)\b/i, 'large', [500, 350, 250]],
  [/\b(?:small|little|mini)\b/i, 'small', [90, 60, 35]],
  [/\bmedium(?:[- ]sized?)?\b/i, 'medium-sized', [250, 180, 100]],
];

export interface Compared {
  sizes: Sizes;
  /** From what it was guessed, in words. */
  from: string;
}

const NAMES = Object.keys(EVERYDAY)
  .sort((a, b) => b.length - a.length)
  .map((n) => n.replace(/ /g, String.raw`[\s-]+`));
const COMPARED = new RegExp(
  String.raw`\b(?:(?:about |roughly )?(?:as )?(?:big|large|long|thick|small|tall|wide) as|(?:about |roughly )?(?:in )?the size of|size of|the same size as|similar in size to|like)\s+(?:an?\s+|the\s+|my\s+)?(${NAMES.join('|')})s?\b`,
  'i',
);
const SIZED = new RegExp(String.raw`\b(${NAMES.join('|')})[- ]sized?\b`, 'i');

/** Takes a comparison out of a line; null when there is none. */
export function takeComparison(rest: Rest): Compared | null {
  const found = rest.take(COMPARED) ?? rest.take(SIZED);
  if (!found) return null;
  const said = found[1]!.toLowerCase().replace(/[\s-]+/g, ' ');
  const sizes = EVERYDAY[said] ?? Object.entries(EVERYDAY).find(([n]) => stem(n) === stem(said))?.[1];
  return sizes ? { sizes, from: `as big as ${/^[aeiou]/.test(said) ? 'an' : 'a'} ${said}` } : null;
}

/** A class of size named in a line; the word stays part of the name, but for "hand-sized" and its like. */
export function classOf(rest: Rest): Compared | null {
  for (const [words, name, sizes] of CLASSES) {
    if (!words.test(rest.text)) continue;
    if (/sized?/.test(String(words.source)) && /sized?\b/i.test(words.exec(rest.text)![0])) rest.take(words);
    return { sizes, from: `${name}, a class of size` };
  }
  return null;
}
