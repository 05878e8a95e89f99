/**
 * What furniture is called besides its title in the library: the word that is typed, and words of the titles and groups that are
 * meant. General words of the trade (common practice, no source).
 */
const MEANT: Readonly<Record<string, readonly string[]>> = {
  sewing: ['work table', 'raised top'],
  machine: ['work table'],
  cutting: ['standing worktop', 'folding table'],
  desk: ['work table', 'folding table', 'fold-down'],
  bench: ['work table', 'standing worktop', 'bench with a lid'],
  counter: ['standing worktop', 'base cabinet'],
  dresser: ['drawer unit', 'drawers of two widths', 'flat drawers'],
  bureau: ['drawer unit', 'drawers of two widths'],
  'chest of drawers': ['drawer unit', 'drawers of two widths'],
  'plan chest': ['flat drawers'],
  closet: ['tall cabinet', 'sliding'],
  wardrobe: ['tall cabinet'],
  cupboard: ['cabinet'],
  armoire: ['tall cabinet'],
  bookshelf: ['bookcase'],
  shelving: ['bookcase', 'wall shelf', 'cube shelf'],
  cubby: ['cube'],
  cubbies: ['cube'],
  trolley: ['cart'],
  basket: ['bin', 'trunk'],
  box: ['bin', 'trunk'],
  ottoman: ['bench with a lid', 'trunk'],
  hooks: ['rail', 'pegboard'],
  'peg board': ['pegboard'],
  magnet: ['magnetic'],
};

/** Words for a place to sit; a seat is added with its table. */
const SEATS = ['chair', 'stool', 'seat', 'swivel'];

/** Whether a text has words that begin with what is typed: "lamp" is in "lamp shelf", not in "edge clamp". */
const hasWords = (text: string, typed: string): boolean =>
  ` ${text.replace(/[^\p{L}\p{N}]+/gu, ' ')}`.includes(` ${typed}`);

/** Whether what is typed means a text of the library: begins words of it, or is another word for it. */
export function meansFurniture(typed: string, text: string): boolean {
  const [words, all] = [
    typed
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim(),
    text.toLowerCase(),
  ];
  if (words === '' || hasWords(all, words)) return true;
  if (words.length < 3) return false;
  return Object.entries(MEANT).some(([word, means]) => word.startsWith(words) && means.some((m) => all.includes(m)));
}

export const meansSeat = (typed: string): boolean => {
  const words = typed.trim().toLowerCase();
  return words.length >= 3 && SEATS.some((seat) => seat.startsWith(words) || words.startsWith(seat));
};

const NUMBERS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };
/** What a bare word means in a list of furniture, where several pieces could be meant. */
const USUAL: Readonly<Record<string, string>> = {
  table: 'Work table',
  desk: 'Work table',
  drawers: 'Slim drawer unit',
  shelf: 'Bookcase',
  shelves: 'Bookcase',
  cart: 'Three-tier cart',
  cubes: 'Cube shelf',
  cabinet: 'Tall cabinet with doors',
};

/**
 * Furniture in a line as people type it: "table, 2 bookcases and a pegboard".
 * @param titles of the library
 * @returns how many of which title, and the words that nothing is called
 */
export function furnitureIn(
  text: string,
  titles: readonly string[],
): { found: Map<string, number>; unknown: string[] } {
  const found = new Map<string, number>();
  const unknown: string[] = [];
  for (const part of text.split(/\s*(?:,|;|\+|\band\b|\n)\s*/i).filter((p) => p.trim() !== '')) {
    const [, number, rest] = /^\s*(?:(\d+|a|an|one|two|three|four|five|six)\s*x?\s+)?(.+?)\s*$/i.exec(part) ?? [];
    const words = (rest ?? '').toLowerCase();
    const one = words
      .replace(/(sh|ch|x)es$/, '$1')
      .replace(/(?<=shel)ves$/, 'f')
      .replace(/(?<!s)s$/, '');
    const title =
      titles.find((t) => t.toLowerCase() === words || t.toLowerCase() === one) ??
      titles.find((t) => t === (USUAL[words] ?? USUAL[one])) ??
      titles.find((t) => hasWords(t.toLowerCase(), one)) ??
      titles.find((t) => meansFurniture(one, t) || meansFurniture(words, t)) ??
      // "Ironing table" is a table.
      titles.find((t) => t === USUAL[words.split(' ').at(-1)!] || t === USUAL[one.split(' ').at(-1)!]);
    const count = Math.min(12, number === undefined ? 1 : (NUMBERS[number.toLowerCase()] ?? Number(number)));
    if (title && one.length > 2) found.set(title, (found.get(title) ?? 0) + count);
    else unknown.push(part.trim());
  }
  return { found, unknown };
}
