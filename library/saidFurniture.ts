/** A list of furniture as people type it, read piece by piece: how many, how large, with what inside, where. Nothing of it is lost. */
import { nearestTo, stemsOf, sureOf, titlesFor } from './furnitureWords.ts';

/** One piece of a list of furniture, as it was said. */
export interface SaidPiece {
  typed: string;
  /** The title of the library that is meant; null where nothing here is called so. */
  title: string | null;
  /** The three titles that are most like it. */
  nearest: readonly string[];
  count: number;
  /** What its maker calls it, without its number and size. */
  name: string;
  /** As typed, in the unit typed; null for what was not said. */
  size: { wide: number; deep: number | null; unit: string | null } | null;
  /** Cubes across and over each other. */
  cells: { columns: number; rows: number } | null;
  /** Drawers, tiers or shelves that it has. */
  tiers: number | null;
  /** Outside the room: what that place is called. */
  elsewhere: string | null;
}

const NUMBERS: Readonly<Record<string, number>> = {
  ...{
    a: 1,
    an: 1,
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
    twelve: 12,
  },
  ...{ 'a pair of': 2, 'a couple of': 2, some: 2, several: 3 },
};
const NUMBER = String.raw`(\d+|a pair of|a couple of|${Object.keys(NUMBERS)
  .filter((w) => !w.includes(' '))
  .join('|')})`;
const numberOf = (text: string): number => NUMBERS[text.toLowerCase()] ?? Number(text);
const MOST = 12;
const AWAY =
  /\b(?:in|on|from)\s+(?:the\s+|an?\s+)?((?:hall(?:way)?|landing|cellar|basement|attic|loft|garage|shed|corridor|other room|another room|next room|living room|bedroom|kitchen|guest room)(?:\s+\w+)?)\b/i;
const UNIT = String.raw`(mm|cm|m|met(?:re|er)s?|in(?:ch(?:es)?)?|ft|feet|foot|'|")`;
const SIZED = new RegExp(
  String.raw`(\d+(?:[.,]\d+)?)\s*${UNIT}?\s*(?:x|×|by)\s*(\d+(?:[.,]\d+)?)\s*${UNIT}?(?:\s*(?:x|×|by)\s*\d+(?:[.,]\d+)?\s*${UNIT}?)?(?![\w])`,
  'i',
);
const WIDE = new RegExp(String.raw`(\d+(?:[.,]\d+)?)\s*${UNIT}(?:\s*(?:wide|long))?(?![\w])`, 'i');

/** A list of furniture as people type it: "table, 2 bookcases and a pegboard". Nothing of it is lost. */
export function furnitureIn(text: string): SaidPiece[] {
  return text
    .split(
      /\s*(?:,|;|\+|\n|\.\s|\s&\s|\band\s+(?=\d|an?\s|one\s|two\s|three\s|four\s|my\s)|(?<!with[^,;]*)\band\b)\s*/i,
    )
    .map((t) => t.trim())
    .filter((t) => t !== '')
    .flatMap(pieceOf);
}

/** What is left of a piece's words, as its parts are understood. */
class Words {
  constructor(public left: string) {}
  take(pattern: RegExp, stays = ''): RegExpExecArray | null {
    const found = pattern.exec(this.left);
    if (found) this.left = this.left.replace(found[0], ` ${stays} `);
    return found;
  }
}

/** "In another room: a cupboard", "closet in the hall": where it is, if not in the room. */
function takeElsewhere(words: Words): string | null {
  if (words.take(/^in\s+(?:an?other|the next)\s+room\s*:?\s*/i)) return 'another room';
  return words.take(AWAY)?.[1]?.toLowerCase() ?? null;
}

/** Cubes across and over each other: "cube shelf 2x4"; "8 cube shelf" is one shelf of eight, "2 cube shelves" are two. */
function takeCells(words: Words): SaidPiece['cells'] {
  if (!/\bcubes?\b|\bcubb(?:y|ies)\b/i.test(words.left)) return null;
  const grid = words.take(/(\d{1,2})\s*[x×]\s*(\d{1,2})(?!\s*(?:cm|mm|in|ft))/i);
  if (grid) return { columns: Number(grid[1]), rows: Number(grid[2]) };
  const many =
    /^\s*(?:an?\s+)?(\d{1,2})[- ](?:cubes?|cubb(?:y|ies))\s+(?:shelf|unit|bookcase|storage|organi[sz]er)\b/i.exec(
      words.left,
    );
  if (!many) return null;
  words.take(/\d{1,2}[- ]/);
  return cubesOf(Number(many[1]));
}

function takeSize(words: Words): SaidPiece['size'] {
  const sized = words.take(SIZED) ?? words.take(WIDE);
  return (
    sized && {
      wide: decimal(sized[1]!),
      deep: sized[3] ? decimal(sized[3]) : null,
      unit: sized[4] ?? sized[2] ?? null,
    }
  );
}

/** "12 drawer tower" is one with twelve; "2 drawers" are two; "desk with two drawers on each side" is a desk. */
function takeParts(words: Words): { tiers: number; drawers: boolean; each: boolean } | null {
  const has = HAS.exec(words.left);
  if (!has) return null;
  const after = words.left.slice(has.index + has[0].length);
  const inside = /\b(?:with|of)\s/i.test(has[0]) || HOLDS.test(after);
  if (!inside) return null;
  words.take(HAS, /\bwith\b/i.test(has[0]) || /^(?:tier|level)/i.test(has[2]!) ? '' : has[2]!);
  return { tiers: numberOf(has[1]!), drawers: /^drawer/i.test(has[2]!), each: has[3] !== undefined };
}
const HAS = new RegExp(
  String.raw`(?:\b(?:with|of)\s+)?(?<![\w])${NUMBER}[- ](drawers?|tiers?|shel(?:f|ves)|levels?)\b(?:\s+on\s+(each|either|both)\s+sides?)?`,
  'i',
);
const HOLDS = /^\s*(?:shelf|tower|cart|unit|trolley|chest|cabinet|dresser|rack|desk|bookcase)(?![a-z])/i;

function takeCount(words: Words): number {
  const counted = words.take(new RegExp(String.raw`^\s*(?:my\s+)?${NUMBER}\s*x?\s+(?=\S)`, 'i'));
  return counted ? Math.min(MOST, Math.max(1, numberOf(counted[1]!))) : 1;
}

function pieceOf(typed: string): SaidPiece[] {
  const words = new Words(typed);
  const elsewhere = takeElsewhere(words);
  const cells = takeCells(words);
  const size = takeSize(words);
  const parts = takeParts(words);
  const count = takeCount(words);
  const name = words.left
    .trim()
    .replace(/^(?:my|the|x)\s+/i, '')
    .replace(/\s+/g, ' ')
    .trim();
  const own = stemsOf(name.replace(/\b(?:with|for)\s.*$/i, ' '));
  const all = stemsOf(name);
  const found = titlesFor(own.length > 0 ? own : all);
  const sure = sureOf(own, found) ?? sureOf(all, titlesFor(all));
  const piece: SaidPiece = {
    ...{ typed, title: withTiers(sure, parts?.tiers ?? null), nearest: nearestTo(name, found), count },
    name: capital(one(name.replace(/\s+with\s.*$/i, ''), count)),
    ...{ size, cells, tiers: parts?.tiers ?? null, elsewhere },
  };
  const table = sure === 'Work table' || sure === 'Standing worktop';
  const drawers = parts?.drawers === true || /\bwith\s+(?:some\s+)?drawers\b/i.test(typed);
  if (!table || !drawers) return [piece];
  const under = { title: 'Under-desk drawers', name: `${piece.name} drawers`, count: parts?.each ? 2 : 1, size: null };
  return [
    { ...piece, tiers: null },
    { ...piece, ...under },
  ];
}

/** Carts are called by their tiers. */
function withTiers(title: string | null, tiers: number | null): string | null {
  if (title !== 'Three-tier cart' || tiers === null) return title;
  return tiers <= 2 ? 'Two-tier cart' : tiers === 3 ? title : 'Four-tier cart';
}

/** How many columns and rows a shelf of a number of cubes usually has. */
function cubesOf(n: number): { columns: number; rows: number } {
  const columns = n % 4 === 0 && n > 8 ? 4 : n % 2 === 0 && n > 2 ? 2 : n % 3 === 0 && n > 3 ? 3 : 1;
  return { columns, rows: Math.max(1, Math.round(n / columns)) };
}

const decimal = (text: string) => Number(text.replace(',', '.'));
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1, 60);
/** The singular, where several were said. */
const one = (name: string, count: number): string =>
  count === 1
    ? name
    : name
        .replace(/shelves$/i, 'shelf')
        .replace(/(ch|sh|x)es$/i, '$1')
        .replace(/(?<!s)s$/i, '');
