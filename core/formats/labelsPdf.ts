/** Draws a label sheet as a PDF. */
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import QRCode from 'qrcode';
import type { Label, LabelSheet } from './labels.ts';

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
    for (const label of labels) drawLabel(page, sheet, label, (t) => choose(t, regular), (t) => choose(t, bold));
  }
  return doc.save();
}

function drawLabel(page: PDFPage, sheet: LabelSheet, label: Label, regular: (text: string) => PDFFont, bold: (text: string) => PDFFont): void {
  const { width, height } = sheet.label;
  const top = sheet.page.height - label.y;
  page.drawRectangle({ x: label.x * PT, y: (top - height) * PT, width: width * PT, height: height * PT, borderColor: LINE, borderWidth: 0.4 });
  const pad = Math.min(3, height / 8);
  const qr = Math.min(height - 2 * pad, width / 3, 24);
  drawQr(page, label.link, label.x + width - pad - qr, top - pad, qr);
  const room = width - 3 * pad - qr;
  let y = top - pad;
  const write = (text: string, size: number, font: (text: string) => PDFFont): boolean => {
    if (y - size * 1.15 < top - height + pad * 0.5) return false;
    y -= size;
    page.drawText(shorten(text, font(text), size * PT, room * PT), { x: (label.x + pad) * PT, y: y * PT, size: size * PT, font: font(text), color: INK });
    y -= size * 0.2;
    return true;
  };
  const small = Math.min(3, height / 6);
  const large = Math.min(4.2, height / 4.5);
  write(label.place ? `${label.unit} · ${label.place}` : label.unit, small, regular);
  y -= small * 0.15;
  label.lines.forEach((line, i) => {
    const size = i === 0 ? large : small * 1.1;
    const rest = label.lines.length - i;
    // The last line that has room says how many more there are.
    const last = y - size * 1.15 - small * 1.3 < top - height + pad * 0.5;
    if (last && rest > 1) {
      if (write(`and ${rest} more`, small, regular)) y = -Infinity;
    } else write(line.count > 1 ? `${line.name} (${line.count})` : line.name, size, i === 0 ? bold : regular);
  });
}

function shorten(text: string, font: PDFFont, size: number, room: number): string {
  if (font.widthOfTextAtSize(text, size) <= room) return text;
  let cut = text;
  while (cut.length > 1 && font.widthOfTextAtSize(`${cut}…`, size) > room) cut = cut.slice(0, -1);
  return `${cut.trimEnd()}…`;
}

/** A QR code with its upper left corner at x, top (mm); as one path of dark modules. */
function drawQr(page: PDFPage, text: string, x: number, top: number, size: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const n = modules.size;
  const step = (size / n) * PT;
  let path = '';
  for (let row = 0; row < n; row++) {
    for (let column = 0; column < n; column++) {
      if (!modules.get(row, column)) continue;
      path += `M${(column * step).toFixed(3)} ${(row * step).toFixed(3)}h${step.toFixed(3)}v${step.toFixed(3)}h-${step.toFixed(3)}z`;
    }
  }
  page.drawSvgPath(path, { x: x * PT, y: top * PT, color: INK });
}
