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

/** Whether what is typed means a text of the library: part of it, or another word for it. */
export function meansFurniture(typed: string, text: string): boolean {
  const [words, all] = [typed.trim().toLowerCase(), text.toLowerCase()];
  if (words === '' || all.includes(words)) return true;
  if (words.length < 3) return false;
  return Object.entries(MEANT).some(([word, means]) => word.startsWith(words) && means.some((m) => all.includes(m)));
}

export const meansSeat = (typed: string): boolean => {
  const words = typed.trim().toLowerCase();
  return words.length >= 3 && SEATS.some((seat) => seat.startsWith(words) || words.startsWith(seat));
};
