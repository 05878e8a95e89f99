/** npm run letter-widths: writes core/formats/letterWidths.json from the fonts that labels are set in. */
import { writeFileSync } from 'node:fs';
import fontkit from '@cantoo/fontkit';
import { labelFonts } from '../cli/fontFiles.ts';

/** Latin letters with their accents, and the marks that are typed. */
const LETTERS = [
  ...Array.from({ length: 0x17f - 0x20 }, (_, i) => String.fromCodePoint(0x20 + i)),
  ...'–—‘’“”„…•·×÷½¼¾°²³µ€£',
].filter((c) => !/\p{Cc}/u.test(c));

const fonts = labelFonts();
/** Letters by their width in thousandths of the size. */
function table(bytes: Uint8Array): Record<string, string> {
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
  return Object.fromEntries([...byWidth].sort(([a], [b]) => a - b));
}

const widths = { regular: table(fonts.regular), bold: table(fonts.bold) };
writeFileSync(new URL('../core/formats/letterWidths.json', import.meta.url), `${JSON.stringify(widths, null, 2)}\n`);
