/** Draws a label sheet as a PDF. */
import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import { labelParts, type Label, type LabelSheet } from './labels.ts';

/** PDF points in a millimetre. */
const PT = 72 / 25.4;
const INK = rgb(0.141, 0.196, 0.231);
const LINE = rgb(0.75, 0.72, 0.66);

/** Side of a colour swatch, mm. */
const SWATCH_SIZE = 3;
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
  const texts = sheet.pages.flat().flatMap((l) => [l.unit, l.place, ...l.note, ...l.lines.map((line) => line.name)]);
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
  label: Label,
  regular: (text: string) => PDFFont,
  bold: (text: string) => PDFFont,
): void {
  const { width, height } = sheet.label;
  const top = sheet.page.height - label.y;
  const { pad, title, large, small, code } = labelParts(width, height, sheet.large);
  page.drawRectangle({
    x: label.x * PT,
    y: (top - height) * PT,
    width: width * PT,
    height: height * PT,
    borderColor: LINE,
    borderWidth: 0.4,
  });
  if (label.code)
    page.drawSvgPath(label.code.path, {
      x: (label.x + width - pad - code) * PT,
      y: (top - height + pad + code) * PT,
      scale: (code / label.code.size) * PT,
      color: INK,
    });
  label.swatches.forEach((colour, i) =>
    page.drawRectangle({
      x: (label.x + pad + i * SWATCH_SIZE * 1.3) * PT,
      y: (top - height + pad * 0.6) * PT,
      width: SWATCH_SIZE * PT,
      height: SWATCH_SIZE * PT,
      color: rgb(...channels(colour)),
      borderColor: LINE,
      borderWidth: 0.3,
    }),
  );
  const swatches = label.swatches.length > 0 ? SWATCH_SIZE + pad * 0.3 : 0;
  const noted = label.note === '' ? 0 : small * 1.1;
  const floor = top - height + pad * 0.5 + swatches + noted;
  let y = top - pad;
  const write = (text: string, size: number, room: number, font: (text: string) => PDFFont): boolean => {
    if (y - size * 1.15 < floor) return false;
    y -= size;
    page.drawText(shorten(text, font(text), size * PT, room * PT), {
      x: (label.x + pad) * PT,
      y: y * PT,
      size: size * PT,
      font: font(text),
      color: INK,
    });
    y -= size * 0.2;
    return true;
  };
  if (noted > 0)
    page.drawText(shorten(label.note, regular(label.note), small * 0.85 * PT, (width - 3 * pad - code) * PT), {
      x: (label.x + pad) * PT,
      y: (top - height + pad * 0.7 + swatches) * PT,
      size: small * 0.85 * PT,
      font: regular(label.note),
      color: INK,
    });
  write(label.place ? `${label.unit} · ${label.place}` : label.unit, title, width - 2 * pad, regular);
  const room = label.code ? width - 3 * pad - code : width - 2 * pad;
  label.lines.forEach((line, i) => {
    const size = i === 0 ? large : small;
    const rest = label.lines.length - i;
    // The last line that has room says how many more there are.
    const last = y - size * 1.2 - small * 1.15 < floor;
    if (last && rest > 1 && i > 0) {
      if (write(`and ${rest} more`, small, room, regular)) y = -Infinity;
    } else write(line.count > 1 ? `${line.name} (${line.count})` : line.name, size, room, i === 0 ? bold : regular);
  });
}

function shorten(text: string, font: PDFFont, size: number, room: number): string {
  if (font.widthOfTextAtSize(text, size) <= room) return text;
  let cut = text;
  while (cut.length > 1 && font.widthOfTextAtSize(`${cut}…`, size) > room) cut = cut.slice(0, -1);
  return `${cut.trimEnd()}…`;
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
