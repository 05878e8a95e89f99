/** A list as it is pasted or typed from anywhere, cut into lines of one thing each. */
import { stems } from './comparableWords.ts';
import type { Kind, KindFinder } from './kinds.ts';
import { LONGEST_LINE } from './read.ts';

/** The most lines that are read at once. */
export const LONGEST_LIST = 1000;

const BULLET = /^\s*(?:[•*▪◦‣·]+|[-–—]+(?!\d)|\[[ xX]?\]|\d{1,3}[.)](?=\s))\s*/;
/** A part that begins with how many of what: "3 scissors", "a glue gun", "two rulers". */
const COUNTED =
  /^(?:\d+\s*(?:x\s*)?|an?\s+|one\s+|two\s+|three\s+|four\s+|five\s+|six\s+|several\s+|some\s+)(?=[a-z])/i;

/**
 * One thing to a line: without dashes and numbers before them, and lines that name several things cut at their commas
 * ("12 markers, 3 scissors, a glue gun", but not "thread, 24" or "ribbon, 25 spools, 7/8 in wide").
 * Empty lines and headings that end with a colon are left out.
 */
export function linesOf(text: string, kinds: KindFinder): string[] {
  const lines = text
    .toWellFormed()
    .split(/\r?\n|\r|\u2028/)
    .map(squeezed);
  // One "-3 pens" is a mistake; several are a list with dashes.
  const dashes = lines.filter((line) => /^\s*[-–—]\d/.test(line)).length > 1;
  return lines
    .map((line) =>
      line
        .replace(/\t+/g, ', ')
        .replace(dashes ? /^\s*[-–—]+\s*(?=\d)/ : BULLET, '')
        .replace(BULLET, '')
        .trim(),
    )
    .filter((line) => line !== '' && !/^[^\d]*:$/.test(line))
    .flatMap((line) => thingsIn(line, kinds));
}

/** A run of blanks as one: the patterns below look at each blank as a beginning of its own. */
const squeezed = (line: string): string => line.replace(/[^\S\t]{2,}/g, ' ');

/** The things that one line names; a line of which a part is longer than any that is read stays whole. */
export function thingsIn(typed: string, kinds: KindFinder): string[] {
  const line = squeezed(typed.toWellFormed());
  const parts = line
    .split(/\s*;\s*|,(?!\d)\s*|\s+\+\s+|\s+(?:and|&)\s+(?=\d|an?\s|one\s|two\s|three\s)/)
    .filter((p) => p.trim() !== '');
  if (parts.some((p) => p.length > LONGEST_LINE)) return [line];
  if (parts.length < 2) return twoThings(line, kinds) ?? [line];
  // "Stamps in binders, 12 binders" are no binders besides.
  if (parts.slice(1).some((part) => isHolderOf(part, parts[0]!))) return [line];
  const found = parts.map((part) => kinds.find(part));
  const counted = parts.map((part) => COUNTED.test(part));
  const [first] = found;
  // "Elastic + bias tape" are two things, whatever they are.
  if (/\s\+\s/.test(line) && found.every((kind) => kind !== null) && !/\+\s*\d+\s*spares?/i.test(line)) return parts;
  if (!first) return [line];
  const others = found.slice(1);
  // Each names a thing of its own, by its count or as one of at least three.
  const own = others.map(
    (kind, i) => kind !== null && kind.category !== first.category && (counted[i + 1]! || parts.length > 2),
  );
  // "Iron, ironing board": two things of two words are no words about one.
  if (parts.length === 2 && others[0] && saysItself(parts[1]!, others[0]) && others[0].name !== first.name)
    return parts;
  const plain = others.every((kind, i) => kind !== null && (counted[i + 1]! || !/\d/.test(parts[i + 1]!)));
  return plain && (own.some(Boolean) || (parts.length > 2 && counted.filter(Boolean).length !== 1))
    ? parts.map((p) => p.trim())
    : [line];
}

/**
 * "Iron and ironing board", "rotary cutter and spare blades": two things, where the second has a name of its own of two words that
 * says nothing of the first. null for "paper and fabric scissors", and where a number is of both.
 */
function twoThings(line: string, kinds: KindFinder): string[] | null {
  const [first, second, ...more] = line.split(/\s+(?:and|&)\s+/i);
  if (first === undefined || second === undefined || more.length > 0 || /\d|\beach\b|\bfor\b|\bin\b|\bof\b/i.test(line))
    return null;
  const [a, b] = [kinds.find(first), kinds.find(second)];
  if (!a || !b || a.name === b.name || !saysItself(second, b)) return null;
  const shared = kinds.find(`${first} ${second.split(/\s+/).at(-1)!}`);
  return shared && stems(shared.name).length > stems(a.name).length ? null : [first.trim(), second.trim()];
}

/** Whether a part is called as a thing is, by at least two words. */
function saysItself(part: string, kind: Kind): boolean {
  const own = stems(kind.name);
  return own.length > 1 && own.join(' ') === stems(part).join(' ');
}

/** Whether a part only counts what the first part says that its things are in. */
function isHolderOf(part: string, first: string): boolean {
  const [, word] = /^(?:about\s+)?(?:\d+|an?|one|two|three)\s+(\p{L}+)$/iu.exec(part.trim()) ?? [];
  return word !== undefined && new RegExp(String.raw`\bin\s+(?:\S+\s+){0,2}${word}$`, 'i').test(first.trim());
}
