/** What a text for somebody who measures in feet and inches never says: other measures, and fractions that nobody typed. */
const NEVER: readonly RegExp[] = [
  /\b\d[\d,.]*\s?(?:mm|cm|kg|g|g\/m²|m²|m2|m3|km|m|ml|cl|l|litres?|liters?)(?![\w/])/g,
  /\b(?:millimet|centimet|kilogram|gram|litre|metre)(?:s|er|ers|re|res)?\b/gi,
  /\b\d+\/(?:32|64)\b/g,
  /[(,] ?(?:mm|cm|kg|g|m²|l|ml)\)?(?=[\s:)]|$)/gm,
];

/** Every such place in a text, with what stands around it. */
export function notInInches(text: string): string[] {
  return NEVER.flatMap((never) =>
    [...text.matchAll(never)].map((m) =>
      text
        .slice(Math.max(0, m.index - 40), m.index + m[0].length + 20)
        .replace(/\s+/g, ' ')
        .trim(),
    ),
  );
}
