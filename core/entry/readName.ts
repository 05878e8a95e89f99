/** The name that remains of a line, and what its words say besides: colour, alike or different. */
import { SWATCH } from '../model/swatches.ts';
import type { Supply } from '../model/plan.ts';
import { CONTAINER_WORDS } from './readForm.ts';
import { stem } from './comparableWords.ts';

const FILLER =
  /\b(?:(?<!-)folded|each|apiece|of (?:them|it)|about|approx\.?|approximately|roughly|around|ca\.?|qty|quantity|stack|pile|heap|bunch|high|(?<!full )size(?!\s*\d)|sized|(?:a\s+)?(?:lots?|loads|plenty|tons|heaps)\s+of)\b|[Ø⌀]/gi;

const tidyUp = (text: string) =>
  text
    .replace(FILLER, ' ')
    .replace(/[;:()•*]/g, ' ')
    .replace(/\s[–—+-]+(?=\s)/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,.;:–—+-]+|[\s,.;:–—+-]+$/g, '')
    .replace(/^(?:of|with|x|and|the|an?)\s+/i, '')
    .replace(/\s+(?:of|at|with|x|and|in|an?|it|them)$/i, '')
    .replace(/\bsheets? of\b/i, '')
    .trim();

/** A container's word with the "of" behind it. */
const OF_CONTAINERS = new RegExp(`(${CONTAINER_WORDS.source})(?:\\s+of\\b)?`, 'gi');

/** "Wadding for bags". */
const FOR_IT = /\bfor\s+(?:\w+\s+)?$/i;

/** "Bag hardware": a container's word that begins a name is a part of it, unless it is one of something. */
const BEGINS = /^(?:bag|box|ball|tin|can|pot|jar)$/i;

/** A capital first letter, and at most a number of characters, none of them cut in half. */
const asName = (text: string): string => {
  const [first = '', ...more] = [...text];
  return [first.toUpperCase(), ...more].slice(0, 100).join('').trim();
};

/**
 * The name: what nothing else was made of. What only says in what a thing comes is left out: "60 spools of thread" are
 * threads.
 * @param own stems of the words of its kind: jam jars are no jam, but spools of ribbon are ribbon
 */
export function nameOf(rest: string, form: Supply['form'], own: ReadonlySet<string> = new Set()): string {
  const name = tidyUp(rest);
  const short = ['pieces', 'long', 'set', 'machine'].includes(form)
    ? name
    : tidyUp(
        name.replace(OF_CONTAINERS, (w, word: string, at: number) =>
          belongs(word, name.slice(0, at), own) || FOR_IT.test(name.slice(0, at)) || BEGINS.test(name.slice(0, at) + w)
            ? w
            : ' ',
        ),
      );
  return asName(short === '' || ONLY_HOW.test(short) ? name : short);
}

/** Words that say only how a thing is: "finished pots", "glass jars". */
const ONLY_HOW =
  /^(?:(?:un)?finished|old|new|big|large|small|little|clear|empty|glass|plastic|wooden|metal|blank|plain)$/i;

/** Whether a container's word belongs to what stands before it. */
function belongs(word: string, before: string, own: ReadonlySet<string>): boolean {
  const last = /([a-z]+)[\s-]*$/i.exec(before)?.[1];
  return own.has(stem(word)) && last !== undefined && own.has(stem(last));
}

const SHADE = /^(?:dark|light|pale|deep|bright|neon|pastel|dusty|warm|cool)$/;

/** The colour that a name says: "dark red felt" is dark red; empty for none or several. */
export function colourOf(name: string): string {
  const words = name.toLowerCase().split(/[^a-z]+/);
  const at = words.flatMap((w, i) => (SWATCH[w] ? [i] : []));
  if (at.length !== 1) return '';
  const [i] = at as [number];
  // "Gold leaf" and "silver wire" are of it; "orange squash" and the like are rare enough.
  return i > 0 && SHADE.test(words[i - 1]!) ? `${words[i - 1]} ${words[i]}` : words[i]!;
}

/** Whether a name says that its things differ, or are all the same; null when it does not say. */
export function alikeOf(name: string): Supply['alike'] {
  if (
    /\b(?:assorted|mixed|various|different|misc|miscellaneous|variety|rainbow|multi-?colou?r(?:ed)?|odd)\b/i.test(name)
  )
    return 'different';
  return /\b(?:identical|alike|all the same|the same)\b/i.test(name) ? 'alike' : null;
}
