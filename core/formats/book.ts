/** Pages of text and drawings as a PDF: what the binder and the door sheets are written with. Lengths are mm from the upper left. */
import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import type { Plan } from '../model/plan.ts';
import type { Drawing } from './drawing.ts';
import { PAPER } from './labels.ts';
import type { LabelFonts } from './labelsPdf.ts';

const PT = 72 / 25.4;
const INK = rgb(0.141, 0.196, 0.231);
const SOFT = rgb(0.4, 0.46, 0.5);
/** mm */
const MARGIN = 18;

export class Book {
  readonly doc: PDFDocument;
  readonly size: { width: number; height: number };
  private readonly regular: PDFFont;
  private readonly bold: PDFFont;
  private readonly wide: PDFFont;
  private page!: PDFPage;
  /** mm from the top */
  private y = 0;
  constructor(doc: PDFDocument, size: { width: number; height: number }, fonts: [PDFFont, PDFFont, PDFFont]) {
    this.doc = doc;
    this.size = size;
    [this.regular, this.bold, this.wide] = fonts;
  }
  get number(): number {
    return this.doc.getPageCount();
  }
  turn(): void {
    this.page = this.doc.addPage([this.size.width * PT, this.size.height * PT]);
    this.y = MARGIN;
    this.text(String(this.number), this.size.width - MARGIN - 6, this.size.height - 8, 3, false, SOFT);
  }
  private text(words: string, x: number, y: number, size: number, bold = false, color = INK): void {
    const first = bold ? this.bold : this.regular;
    const letters = new Set(first.getCharacterSet());
    const font = [...words].every((c) => letters.has(c.codePointAt(0)!)) ? first : this.wide;
    let cut = words;
    const room = (this.size.width - MARGIN / 2 - x) * PT;
    while (cut.length > 1 && font.widthOfTextAtSize(cut, size * PT) > room) cut = `${cut.slice(0, -2).trimEnd()}…`;
    this.page.drawText(cut, { x: x * PT, y: (this.size.height - y) * PT, size: size * PT, font, color });
  }
  /** A line of text; begins a new page when there is no room. @returns the page on which it stands */
  line(words: string, size = 3.6, options: { bold?: boolean; in?: number; right?: string } = {}): number {
    if (!this.page || this.y + size * 1.6 > this.size.height - MARGIN) this.turn();
    this.y += size * 1.5;
    this.text(words, MARGIN + (options.in ?? 0), this.y, size, options.bold);
    if (options.right) this.text(options.right, this.size.width - MARGIN - 22, this.y, size);
    return this.number;
  }
  space(mm: number): void {
    this.y += mm;
  }
  /** A drawing, as large as it goes, turned when that is larger. */
  drawing(drawing: Drawing): void {
    const { left, top, right, bottom } = drawing.box;
    const [room, high] = [this.size.width - 2 * MARGIN, this.size.height - this.y - MARGIN - 8];
    const scale = Math.min(room / (right - left), high / (bottom - top));
    const at = (p: { x: number; y: number }) => ({
      x: (MARGIN + (p.x - left) * scale) * PT,
      y: (this.size.height - this.y - 6 - (p.y - top) * scale) * PT,
    });
    for (const s of drawing.shapes) {
      if (s.kind === 'text') {
        const letters = new Set(this.regular.getCharacterSet());
        const font = [...s.text].every((c) => letters.has(c.codePointAt(0)!)) ? this.regular : this.wide;
        const size = Math.max(1.4, s.size * scale) * PT;
        const { x, y } = at(s.at);
        if (s.turn === 0)
          this.page.drawText(s.text, { x: x - font.widthOfTextAtSize(s.text, size) / 2, y, size, font, color: INK });
        continue;
      }
      const points = s.closed ? [...s.points, s.points[0]!] : s.points;
      for (let i = 1; i < points.length; i++)
        this.page.drawLine({
          start: at(points[i - 1]!),
          end: at(points[i]!),
          thickness: s.layer === 'walls' ? 1.2 : 0.5,
          color: INK,
          ...(s.dashed ? { dashArray: [2, 2] } : {}),
        });
    }
    this.y += (bottom - top) * scale + 10;
  }
}

/** An empty book on the paper of a plan. */
export async function bookFor(plan: Plan, title: string, fonts: LabelFonts): Promise<Book> {
  const doc = await PDFDocument.create();
  doc.setTitle(`${plan.meta.name}: ${title}`);
  doc.registerFontkit(fontkit);
  const embedded = await Promise.all(
    [fonts.regular, fonts.bold, fonts.wide].map((b) => doc.embedFont(b, { subset: true })),
  );
  return new Book(doc, PAPER[plan.meta.paper], embedded as [PDFFont, PDFFont, PDFFont]);
}
