/** Paper: sizes, basis weights, grammage, thickness and mass. */

/** Grams in a pound avoirdupois, exact. */
const GRAMS_PER_POUND = 453.59237;
const MM2_PER_SQUARE_INCH = 645.16;

/** Basic sizes, inches, on which the weight of 500 sheets is named (American paper trade; TAPPI T 410 gives the same conversion). */
const BASIC_SIZE = {
  bond: [17, 22],
  cover: [20, 26],
  index: [25.5, 30.5],
  text: [25, 38],
} as const;
export type Basis = keyof typeof BASIC_SIZE;

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

/** A folded card is twice its sheet, and springs open: so many sheets thick it lies in a pile. Common practice, no source. */
const FOLDED = { pressed: 2, lying: 2.5 } as const;

/** Thickness of a folded card, mm. @param sheet of its sheet @param pressed whether a weight keeps it flat */
export const foldedThickness = (sheet: number, pressed = false): number =>
  sheet * (pressed ? FOLDED.pressed : FOLDED.lying);

/** Whether words name cards that are folded already: card bases, folded cards. */
export const isFolded = (words: string): boolean =>
  /\bcard bases?\b/i.test(words) || (/\bfolded\b/i.test(words) && /\bcards?\b/i.test(words));

/** Mass of one sheet in grams: area x grammage. */
export function sheetMass(length: number, width: number, grammage: number): number {
  return length * width * 1e-6 * grammage;
}

const inch = 25.4;
/** Named sheet sizes, mm: ISO 216, ISO 269, and American sizes by their inches. Longer side first. */
export const SHEET_SIZES: Readonly<Record<string, readonly [number, number]>> = {
  a0: [1189, 841],
  a1: [841, 594],
  a2: [594, 420],
  a3: [420, 297],
  a4: [297, 210],
  a5: [210, 148],
  a6: [148, 105],
  a7: [105, 74],
  c4: [324, 229],
  c5: [229, 162],
  c6: [162, 114],
  dl: [220, 110],
  letter: [11 * inch, 8.5 * inch],
  legal: [14 * inch, 8.5 * inch],
  tabloid: [17 * inch, 11 * inch],
};

/** American envelope sizes whose names collide with ISO sheets; read only with the word "envelope". */
export const ENVELOPE_SIZES: Readonly<Record<string, readonly [number, number]>> = {
  a2: [5.75 * inch, 4.375 * inch],
  a7: [7.25 * inch, 5.25 * inch],
  '#10': [9.5 * inch, 4.125 * inch],
  c5: [229, 162],
  c6: [162, 114],
  dl: [220, 110],
};
