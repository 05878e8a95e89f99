/** Draws a label sheet as a PDF. */
import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import type { LabelSheet, LaidLabel } from './labels.ts';

/** PDF points in a millimetre. */
const PT = 72 / 25.4;
const INK = rgb(0.141, 0.196, 0.231);
const LINE = rgb(0.75, 0.72, 0.66);

const channels = (hex: string) =>
  [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16) / 255) as [number, number, number];

/** Font files (TrueType): regular and bold, and one with wide coverage for letters that these do not have. */
export interface LabelFonts {
  regular: Uint8Array;
  bold: Uint8Array;
  wide: Uint8Array;
}

interface Pen {
  font: PDFFont;
  has: (text: string) => boolean;
}

/** Draws all pages. @returns the bytes of the PDF */
export async function labelsPdf(sheet: LabelSheet, title: string, fonts: LabelFonts): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(title);
  doc.registerFontkit(fontkit);
  const pen = async (bytes: Uint8Array): Promise<Pen> => {
    const font = await doc.embedFont(bytes, { subset: true });
    const letters = new Set(font.getCharacterSet());
    return { font, has: (text) => [...text].every((c) => letters.has(c.codePointAt(0)!)) };
  };
  const [regular, bold] = [await pen(fonts.regular), await pen(fonts.bold)];
  const texts = sheet.pages.flat().flatMap((l) => l.layout.texts.map((t) => t.text));
  // The wide font is large: it is only opened when a name needs it.
  const wide = texts.some((t) => !regular.has(t)) ? await pen(fonts.wide) : regular;
  const choose = (text: string, first: Pen) => (first.has(text) ? first.font : wide.font);
  if (sheet.pages.length === 0) doc.addPage([sheet.page.width * PT, sheet.page.height * PT]);
  for (const labels of sheet.pages) {
    const page = doc.addPage([sheet.page.width * PT, sheet.page.height * PT]);
    for (const label of labels)
      drawLabel(
        page,
        sheet,
        label,
        (t) => choose(t, regular),
        (t) => choose(t, bold),
      );
  }
  return doc.save();
}

function drawLabel(
  page: PDFPage,
  sheet: LabelSheet,
  label: LaidLabel,
  regular: (text: string) => PDFFont,
  bold: (text: string) => PDFFont,
): void {
  const { width, height } = sheet.label;
  /** A place on the label as one on the page, which counts from its lower edge. */
  const at = (x: number, y: number) => ({ x: (label.x + x) * PT, y: (sheet.page.height - label.y - y) * PT });
  page.drawRectangle({
    ...at(0, height),
    width: width * PT,
    height: height * PT,
    borderColor: LINE,
    borderWidth: 0.4,
  });
  const { texts, swatches, code } = label.layout;
  if (label.code && code)
    page.drawSvgPath(label.code.path, {
      ...at(code.x, code.y),
      scale: (code.side / label.code.size) * PT,
      color: INK,
    });
  for (const { x, y, side, colour } of swatches)
    page.drawRectangle({
      ...at(x, y + side),
      width: side * PT,
      height: side * PT,
      color: rgb(...channels(colour)),
      borderColor: LINE,
      borderWidth: 0.3,
    });
  for (const t of texts) {
    const font = t.bold ? bold(t.text) : regular(t.text);
    // Letters that the label font does not have may be wider than was reckoned with.
    const size = t.size * Math.min(1, (t.width * PT) / font.widthOfTextAtSize(t.text, t.size * PT));
    page.drawText(t.text, { ...at(t.x, t.y), size: size * PT, font, color: INK });
  }
}

/** A page to lay over a sheet of labels and hold against the light: every outline with its number, and a rule of 100 mm. */
export async function testPage(
  sheet: LabelSheet,
  places: ReadonlyArray<{ x: number; y: number }>,
): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle('Test page for labels');
  const font = await doc.embedFont(StandardFonts.Helvetica);
  const page = doc.addPage([sheet.page.width * PT, sheet.page.height * PT]);
  const { width, height } = sheet.label;
  places.forEach(({ x, y }, i) => {
    const at = { x: x * PT, y: (sheet.page.height - y - height) * PT };
    page.drawRectangle({ ...at, width: width * PT, height: height * PT, borderColor: INK, borderWidth: 0.4 });
    page.drawText(String(i + 1), { x: at.x + 2 * PT, y: at.y + 2 * PT, size: 8, font, color: INK });
  });
  const [left, base] = [20 * PT, 6 * PT];
  page.drawLine({ start: { x: left, y: base }, end: { x: left + 100 * PT, y: base }, thickness: 0.5, color: INK });
  for (let mm = 0; mm <= 100; mm += 10)
    page.drawLine({
      start: { x: left + mm * PT, y: base },
      end: { x: left + mm * PT, y: base + 2 * PT },
      thickness: 0.5,
    });
  page.drawText('100 mm: measure it; then set how far the outlines are off', {
    x: left + 104 * PT,
    y: base,
    size: 7,
    font,
  });
  return doc.save();
}
