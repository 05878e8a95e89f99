/** npm run letter-widths: writes core/formats/letterWidths.ts from the fonts that labels are set in. */
import { writeFileSync } from 'node:fs';
import fontkit from '@cantoo/fontkit';
import { labelFonts } from '../cli/fontFiles.ts';

/** Latin letters with their accents, and the marks that are typed. */
const LETTERS = [
  ...Array.from({ length: 0x17f - 0x20 }, (_, i) => String.fromCodePoint(0x20 + i)),
  ...'–—‘’“”„…•·×÷½¼¾°²³µ€£',
].filter((c) => !/\p{Cc}/u.test(c));

const fonts = labelFonts();
function table(bytes: Uint8Array): string {
  const font = fontkit.create(bytes as never) as unknown as {
    unitsPerEm: number;
    hasGlyphForCodePoint: (point: number) => boolean;
    glyphForCodePoint: (point: number) => { advanceWidth: number };
  };
  const byWidth = new Map<number, string>();
  for (const letter of new Set(LETTERS)) {
    const point = letter.codePointAt(0)!;
    if (!font.hasGlyphForCodePoint(point)) continue;
    const width = Math.round((font.glyphForCodePoint(point).advanceWidth / font.unitsPerEm) * 1000);
    byWidth.set(width, (byWidth.get(width) ?? '') + letter);
  }
  const rows = [...byWidth].sort(([a], [b]) => a - b).map(([w, letters]) => `    [${w}, ${JSON.stringify(letters)}],`);
  return `[\n${rows.join('\n')}\n  ]`;
}

writeFileSync(
  new URL('../core/formats/letterWidths.ts', import.meta.url),
  `/**
 * How wide the letters of the label font are (Atkinson Hyperlegible), in thousandths of its size, so that a label is laid out
 * the same wherever it is drawn. Written by scripts/makeLetterWidths.ts from the font files.
 */
export const LETTER_WIDTHS: Readonly<Record<'regular' | 'bold', ReadonlyArray<readonly [number, string]>>> = {
  regular: ${table(fonts.regular)},
  bold: ${table(fonts.bold)},
};
`,
);
