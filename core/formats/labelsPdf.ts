/** Draws a label sheet as a PDF. */
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { labelParts, type Label, type LabelSheet } from './labels.ts';

/** PDF points in a millimetre. */
const PT = 72 / 25.4;
const INK = rgb(0.141, 0.196, 0.231);
const LINE = rgb(0.75, 0.72, 0.66);

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
  const texts = sheet.pages.flat().flatMap((l) => [l.unit, l.place, ...l.lines.map((line) => line.name)]);
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
  const { pad, title, large, small, code } = labelParts(width, height);
  page.drawRectangle({
    x: label.x * PT,
    y: (top - height) * PT,
    width: width * PT,
    height: height * PT,
    borderColor: LINE,
    borderWidth: 0.4,
  });
  page.drawSvgPath(label.code.path, {
    x: (label.x + width - pad - code) * PT,
    y: (top - height + pad + code) * PT,
    scale: (code / label.code.size) * PT,
    color: INK,
  });
  const floor = top - height + pad * 0.5;
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
  write(label.place ? `${label.unit} · ${label.place}` : label.unit, title, width - 2 * pad, regular);
  const room = width - 3 * pad - code;
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
