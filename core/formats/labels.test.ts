import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { LONG_RUN, runs } from '@heronstone/testing/runs.ts';
import { labelParts, textWidth } from './labelLayout.ts';
import jsQR from 'jsqr';
import fontkit from '@cantoo/fontkit';
import { PDFDocument } from '@cantoo/pdf-lib';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { labelFonts } from '../../cli/fontFiles.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { labelSheet, PAPER, SHEET, type LabelSheet } from './labels.ts';
import { labelsPdf } from './labelsPdf.ts';
import { qrPath } from './qr.ts';

const demo = withFewThings(demoPlan(), [], 3);

function sheetOf(plan: Plan, options: Partial<Parameters<typeof labelSheet>[3]> = {}): LabelSheet {
  const made = labelSheet(plan, evaluate(plan), 'planned', {
    paper: 'a4',
    width: 61,
    height: 34,
    address: 'http://127.0.0.1:4747',
    ...options,
  });
  if (!made.ok) throw new Error(made.message);
  return made.sheet;
}

describe('the sheet', () => {
  test.each(['a4', 'letter'] as const)(
    'on %s: one label for each compartment in use, inside the margins, none over another',
    (paper) => {
      const report = evaluate(demo);
      const sheet = sheetOf(demo, { paper });
      const used = report.compartments.filter((c) => c.contents.planned.length > 0);
      expect(sheet.pages.flat().map((l) => l.compartment)).toEqual(used.map((c) => c.id));
      for (const page of sheet.pages) {
        for (const [i, a] of page.entries()) {
          expect(a.x).toBeGreaterThanOrEqual(SHEET.margin);
          expect(a.x + 61).toBeLessThanOrEqual(PAPER[paper].width - SHEET.margin + 1e-9);
          expect(a.y + 34).toBeLessThanOrEqual(PAPER[paper].height - SHEET.margin + 1e-9);
          for (const b of page.slice(i + 1)) expect(Math.abs(a.x - b.x) >= 61 || Math.abs(a.y - b.y) >= 34).toBe(true);
        }
      }
    },
  );

  test('a label larger than the sheet is refused with its field', () => {
    expect(
      labelSheet(demo, evaluate(demo), 'planned', { paper: 'a4', width: 195, height: 30, address: '' }),
    ).toMatchObject({ ok: false, field: 'labelWidth', message: expect.stringContaining('at most 190 mm') });
    expect(
      labelSheet(demo, evaluate(demo), 'planned', { paper: 'letter', width: 60, height: 300, address: '' }),
    ).toMatchObject({ ok: false, field: 'labelHeight' });
  });
});

/** Renders a QR path to grey pixels, eight to a module with a quiet zone of four. */
function pixels(text: string): { data: Uint8ClampedArray; side: number } {
  const { size, path } = qrPath(text);
  const side = (size + 8) * 8;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (const [, column, row, run] of path.matchAll(/M(\d+) (\d+)h(\d+)/g)) {
    for (let y = (Number(row) + 4) * 8; y < (Number(row) + 5) * 8; y++)
      for (let x = (Number(column) + 4) * 8; x < (Number(column) + 4 + Number(run)) * 8; x++)
        data.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
  }
  return { data, side };
}

test('every code is read back by a decoder as the address of Find at its place', () => {
  const labels = sheetOf(demo).pages.flat();
  for (const label of labels.filter((_, i) => i % runs(8, 1) === 0)) {
    const { data, side } = pixels(label.link);
    expect(jsQR(data, side, side)?.data).toBe(label.link);
    expect(label.link).toBe(`http://127.0.0.1:4747/plan/demo/find?place=${encodeURIComponent(label.compartment)}`);
  }
});

describe('the PDF, read back by another library', () => {
  async function pages(bytes: Uint8Array) {
    const doc = await getDocument({ data: bytes.slice(), useSystemFonts: false, verbosity: 0 }).promise;
    return Promise.all(
      Array.from({ length: doc.numPages }, async (_, i) => {
        const page = await doc.getPage(i + 1);
        const { items } = await page.getTextContent();
        return {
          view: page.view,
          texts: items.flatMap((item) =>
            'str' in item && item.str.trim() !== ''
              ? [{ text: item.str, x: item.transform[4] as number, y: item.transform[5] as number }]
              : [],
          ),
        };
      }),
    );
  }
  const PT = 72 / 25.4;

  test.each(LONG_RUN ? (['a4', 'letter'] as const) : (['letter'] as const))(
    '%s: page size and place of every title to 0.2 mm',
    async (paper) => {
      const sheet = sheetOf(demo, { paper });
      const found = await pages(await labelsPdf(sheet, 'Labels', labelFonts()));
      expect(found).toHaveLength(sheet.pages.length);
      const { pad, title } = labelParts(61, 34);
      for (const [i, labels] of sheet.pages.entries()) {
        const { view, texts } = found[i]!;
        expect(view[2]! / PT).toBeCloseTo(PAPER[paper].width, 1);
        expect(view[3]! / PT).toBeCloseTo(PAPER[paper].height, 1);
        for (const label of labels) {
          const words = label.place ? `${label.unit} · ${label.place}` : label.unit;
          const at = texts.find((t) => t.text.replaceAll('\u00a0', ' ') === words);
          expect(at).toBeDefined();
          expect(Math.abs(at!.x / PT - (label.x + pad))).toBeLessThan(0.2);
          expect(Math.abs(PAPER[paper].height - at!.y / PT - (label.y + pad + title))).toBeLessThan(0.2);
          expect(texts.some((t) => t.text.startsWith(label.lines[0]!.name.slice(0, 6)))).toBe(true);
        }
      }
    },
  );

  test('letters that the label font does not have are taken from the wide one', async () => {
    const id = Object.keys(demo.supplies)[0]!;
    const renamed = applyChanges(demo, [set('supplies', id, { name: 'Κλωστή и нитки' })]).plan;
    const found = await pages(await labelsPdf(sheetOf(renamed), 'Labels', labelFonts()));
    expect(found.flatMap((p) => p.texts).some((t) => t.text.includes('Κλωστή'))).toBe(true);
  });

  test('no labels: one empty page, and a title', async () => {
    const bytes = await labelsPdf({ ...sheetOf(demo), pages: [] }, 'Nothing yet', labelFonts());
    const doc = await PDFDocument.load(bytes);
    expect([doc.getPageCount(), doc.getTitle()]).toEqual([1, 'Nothing yet']);
  });
});

test('no text is wider in the PDF than it was reckoned with', async () => {
  const doc = await PDFDocument.create();
  doc.registerFontkit(fontkit);
  const fonts = labelFonts();
  const [regular, bold] = [await doc.embedFont(fonts.regular), await doc.embedFont(fonts.bold)];
  for (const { layout } of sheetOf(demo).pages.flat())
    for (const t of layout.texts) {
      expect(t.width).toBeCloseTo(textWidth(t.text, t.size, t.bold), 9);
      expect((t.bold ? bold : regular).widthOfTextAtSize(t.text, t.size)).toBeLessThanOrEqual(t.width * 1.01);
    }
});
