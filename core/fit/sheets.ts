/** Paper: sizes, basis weights, grammage, thickness and mass. */

/** Grams in a pound avoirdupois, exact. */
const GRAMS_PER_POUND = 453.59237;
const MM2_PER_SQUARE_INCH = 645.16;

/**
 * Basic sizes, inches, on which the weight of 500 sheets is named (American paper trade; TAPPI T 410 gives the same conversion;
 * watercolour paper by the imperial sheet, common practice, no source).
 */
const BASIC_SIZE = {
  bond: [17, 22],
  cover: [20, 26],
  index: [25.5, 30.5],
  text: [25, 38],
  tag: [24, 36],
  bristol: [22.5, 28.5],
  watercolour: [22, 30],
} as const;
export type Basis = keyof typeof BASIC_SIZE;

/** Words by which a basis is named, and which it is. */
const BASIS_OF: Readonly<Record<string, Basis>> = {
  bond: 'bond',
  writing: 'bond',
  copy: 'bond',
  cover: 'cover',
  index: 'index',
  text: 'text',
  book: 'text',
  offset: 'text',
  tag: 'tag',
  tagboard: 'tag',
  newsprint: 'tag',
  bristol: 'bristol',
  watercolour: 'watercolour',
  watercolor: 'watercolour',
};
/** The words, as a part of a pattern. */
export const BASIS_WORDS = Object.keys(BASIS_OF).join('|');
export const basisOf = (word: string): Basis => BASIS_OF[word.toLowerCase()]!;

/** The basis that is probably meant when none is named: card is cover; light paper bond, the rest text. Common practice, no source. */
export function likelyBasis(pounds: number, words: string): Basis {
  if (/watercolou?r|cold[- ]press|hot[- ]press/i.test(words)) return 'watercolour';
  if (/kraft|brown paper/i.test(words)) return 'tag';
  if (/card|board/i.test(words)) return 'cover';
  return pounds <= 32 ? 'bond' : 'text';
}

/** g/m² of a basis weight: pounds of 500 sheets of the basic size. */
export function grammageOf(pounds: number, basis: Basis): number {
  const [a, b] = BASIC_SIZE[basis];
  return (pounds * GRAMS_PER_POUND) / (500 * a * b * MM2_PER_SQUARE_INCH * 1e-6);
}

/** Volume of a gram of uncoated card, mm per g/m²: 1.23 cm³/g. Common practice, no source; 220 g/m² card is about 0.27 mm. */
const BULK = 1.23e-3;

/** Thickness of a sheet of this grammage, mm, for ordinary uncoated stock. */
export function sheetThickness(grammage: number): number {
  return grammage * BULK;
}

/** A folded card is twice its sheet, and springs open: its thickness in a pile, in sheets. Common practice, no source. */
const FOLDED = { pressed: 2, lying: 2.5 } as const;

/** Thickness of a folded card, mm. @param sheet of its sheet @param pressed whether a weight keeps it flat */
export const foldedThickness = (sheet: number, pressed = false): number =>
  sheet * (pressed ? FOLDED.pressed : FOLDED.lying);

/** Whether words name cards that are folded already: card bases, folded cards. */
export const isFolded = (words: string): boolean =>
  /\bcard bases?\b/i.test(words) || (/\bfolded\b/i.test(words) && /\bcards?\b/i.test(words));

/**
 * An envelope has two layers, its seams, and a flap that lies on them: its thickness in a pile, in sheets, and its weight in
 * outlines of it. Common practice, no source.
 */
export const ENVELOPE = { thick: 2.6, heavy: 2.25 } as const;

/** Mass of one sheet in grams: area x grammage. */
export function sheetMass(length: number, width: number, grammage: number): number {
  return length * width * 1e-6 * grammage;
}

const inch = 25.4;
/** A size in inches, in mm. */
const inches = (long: number, short: number): readonly [number, number] => [long * inch, short * inch];

/**
 * Named sheet sizes, mm: ISO 216 A and B, SRA (ISO 217), and American sizes by their inches (ANSI/ASME Y14.1 for letter, legal and
 * ledger). Longer side first.
 */
export const SHEET_SIZES: Readonly<Record<string, readonly [number, number]>> = {
  a0: [1189, 841],
  a1: [841, 594],
  a2: [594, 420],
  a3: [420, 297],
  a4: [297, 210],
  a5: [210, 148],
  a6: [148, 105],
  a7: [105, 74],
  a8: [74, 52],
  a9: [52, 37],
  a10: [37, 26],
  b3: [500, 353],
  b4: [353, 250],
  b5: [250, 176],
  b6: [176, 125],
  sra3: [450, 320],
  sra4: [320, 225],
  c4: [324, 229],
  c5: [229, 162],
  c6: [162, 114],
  dl: [220, 110],
  letter: inches(11, 8.5),
  legal: inches(14, 8.5),
  tabloid: inches(17, 11),
  ledger: inches(17, 11),
  executive: inches(10.5, 7.25),
  statement: inches(8.5, 5.5),
};

/**
 * Envelopes. American names collide with ISO sheets, so they are read only with the word "envelope": an A6 envelope is none of A6, it
 * takes a card of 6 1/4 x 4 1/2 in. ISO 269 for C, B and DL; American sizes common practice, no source.
 */
export const ENVELOPE_SIZES: Readonly<Record<string, readonly [number, number]>> = {
  a1: inches(5.125, 3.625),
  a2: inches(5.75, 4.375),
  a6: inches(6.5, 4.75),
  a7: inches(7.25, 5.25),
  a8: inches(8.125, 5.5),
  a9: inches(8.75, 5.75),
  a10: inches(9.5, 6),
  '#9': inches(8.875, 3.875),
  '#10': inches(9.5, 4.125),
  monarch: inches(7.5, 3.875),
  b4: [353, 250],
  b5: [250, 176],
  b6: [176, 125],
  c3: [458, 324],
  c4: [324, 229],
  c5: [229, 162],
  c6: [162, 114],
  c7: [114, 81],
  dl: [220, 110],
};
