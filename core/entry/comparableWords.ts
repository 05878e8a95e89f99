/** Words of a line made comparable: lower case, without the ending of the plural, one spelling on both sides of the ocean. */

/** Words that say nothing about what a thing is. */
const SILENT = new Set(
  'of the a an and or for with in to by my our some x lot lots loads collection stash assortment stuff supplies bits'.split(
    ' ',
  ),
);

/** British spellings, by their American ones; the shorter is taken. */
const SPELT: ReadonlyArray<readonly [RegExp, string]> = [
  [/^(col|fav|od)our/, '$1or'],
  [/^grey/, 'gray'],
  [/^mould/, 'mold'],
  [/^jewell?er/, 'jewel'],
  [/^jewel(ry|lery|lry)$/, 'jewelry'],
  [/fibre/, 'fiber'],
  [/^(centi|milli)?metre/, '$1meter'],
  [/^litre/, 'liter'],
  [/^(organ|stabil|steril)is/, '$1iz'],
  [/^modelling/, 'modeling'],
  [/^aluminium/, 'aluminum'],
  [/^plough/, 'plow'],
  [/^tyre/, 'tire'],
  [/^catalogue/, 'catalog'],
];

/** Plurals without an s. */
const UNLIKE: Readonly<Record<string, string>> = { feet: 'foot', teeth: 'tooth', mice: 'mouse', geese: 'goose' };

/** One word as it is compared: "Brushes" -> "brush", "knives" -> "knife", "colour" -> "color". */
export function stem(word: string): string {
  let w = word.toLowerCase();
  const unlike = UNLIKE[w];
  if (unlike !== undefined) return unlike;
  if (w.length > 4) w = w.replace(/ies$/, 'y');
  w = w
    .replace(/(kni|scar|shel|lea|hal|wol)ves$/, (_, s: string) => `${s}${s === 'kni' ? 'fe' : 'f'}`)
    .replace(/(ch|sh|x|ss)es$/, '$1')
    .replace(/(canv|atl|g)ases$/, '$1as')
    .replace(/(?<![su])s$/, '');
  for (const [from, to] of SPELT) w = w.replace(from, to);
  return w;
}

/** A word of a text, as it is compared and as it was written. */
export interface Word {
  stem: string;
  plural: boolean;
}

/** The words of a text that say something. */
export function wordsOf(text: string): Word[] {
  return text
    .toLowerCase()
    .replace(/['’]s\b/g, 's')
    .split(/[^a-zäöüéèåøß]+/)
    .filter((w) => w !== '' && !SILENT.has(w))
    .map((w) => ({ stem: stem(w), plural: UNLIKE[w] !== undefined || (/..s$/.test(w) && stem(w) !== w) }));
}

export const stems = (text: string): string[] => wordsOf(text).map((w) => w.stem);
