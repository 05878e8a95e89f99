/** One layout of a label: what stands on it fits, no name is cut while there is room, and all drawings agree. */
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { parseSync, type INode } from 'svgson';
import { labelFonts } from '../../../cli/fontFiles.ts';
import { SheetDrawing } from './SheetDrawing.tsx';
import { evaluate } from '../../../core/report/evaluate.ts';
import { labelSheet, type LabelSheet } from '../../../core/formats/labels.ts';
import { layOutLabel, type LabelContents, type LabelLayout } from '../../../core/formats/labelLayout.ts';
import { labelsPdf } from '../../../core/formats/labelsPdf.ts';
import { labelsSvg } from '../../../core/formats/labelsSvg.ts';
import { readPlanFile } from '../../../core/formats/planFile.ts';

const read = readPlanFile(readFileSync(new URL('../../../demo/plan.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.findings[0]!.message);
const demo = read.plan;
const { paper, labelWidth: width, labelHeight: height, labelling } = demo.meta;
const made = labelSheet(demo, evaluate(demo), 'planned', {
  ...{ paper, width, height, labelling },
  address: 'http://127.0.0.1:4747',
});
if (!made.ok) throw new Error(made.message);
const sheet: LabelSheet = made.sheet;
const contents = (more: Partial<LabelContents>): LabelContents => ({
  place: 'Slim drawers · d2',
  lines: ['Beads'],
  note: '',
  swatches: [],
  modules: 33,
  ...more,
});

/** Every text is on the label, beside the code, above or below every other. */
function inspect(layout: LabelLayout, wide: number, high: number): void {
  for (const t of layout.texts) {
    expect(t.x).toBeGreaterThanOrEqual(0);
    expect(t.x + t.width).toBeLessThanOrEqual(wide + 1e-6);
    expect(t.y - t.size * 0.8).toBeGreaterThanOrEqual(-1e-6);
    expect(t.y).toBeLessThanOrEqual(high + 1e-6);
    if (layout.code && t.y > layout.code.y) expect(t.x + t.width).toBeLessThanOrEqual(layout.code.x + 1e-6);
  }
  const lines = layout.texts.filter((t) => t.kind !== 'note');
  lines.forEach((t, i) => i > 0 && expect(t.y).toBeGreaterThan(lines[i - 1]!.y));
}

test('in the demo no name is cut on the default label, and nothing that is said is lost', () => {
  for (const label of sheet.pages.flat()) {
    expect([label.place, label.layout.cut]).toEqual([label.place, false]);
    inspect(label.layout, width, height);
    const words = label.layout.texts.map((t) => t.text).join(' ');
    expect(words).not.toContain('…');
    expect(words).toContain(label.lines[0]!.name.trim().replace(/\s+/g, ' '));
    const said = label.layout.texts
      .filter((t) => t.kind === 'name')
      .map((t) => t.text)
      .join(' ');
    expect(said.startsWith(label.lines[0]!.name)).toBe(true);
    const more = /and (\d+) more/.exec(words);
    const shown = label.lines.slice(1).filter((l) => words.includes(l.name)).length;
    expect(shown + Number(more?.[1] ?? 0)).toBeGreaterThanOrEqual(label.lines.length - 1);
    expect(label.layout.code).not.toBeNull();
  }
});

test('a name wraps, then shrinks, then the contents give way, and the code moves aside before it is cut', () => {
  const name = (layout: LabelLayout) => layout.texts.filter((t) => t.kind === 'name');
  const short = layOutLabel(contents({}), 61, 34);
  expect(name(short)).toHaveLength(1);
  const two = layOutLabel(contents({ lines: ['Glass eyes with wire, brown and green'] }), 61, 34);
  expect(name(two).length).toBeGreaterThan(1);
  expect(name(two)[0]!.size).toBe(name(short)[0]!.size);
  const many = ['Glass eyes with wire, brown and green, several sizes', 'Beads', 'Pins', 'Wire'];
  const smaller = layOutLabel(contents({ lines: many }), 61, 34);
  expect(name(smaller)[0]!.size).toBeLessThan(name(short)[0]!.size);
  for (const line of many.slice(1)) expect(smaller.texts.some((t) => t.text === line)).toBe(true);
  const full = layOutLabel(
    contents({ lines: ['Beads', ...Array.from({ length: 30 }, (_, i) => `Thing ${i}`)] }),
    61,
    34,
  );
  expect(full.texts.at(-1)!.text).toMatch(/^and \d+ more$/);
  expect(name(full)[0]!.text).toBe('Beads');
  const long = layOutLabel(contents({ lines: ['Donaudampfschifffahrtsgesellschaft'] }), 61, 34);
  expect(long.cut).toBe(false);
  expect(long.code === null || long.code.side < short.code!.side || name(long)[0]!.y < short.code!.y).toBe(true);
  const tiny = layOutLabel(contents({ lines: ['x'.repeat(200)] }), 15, 8);
  expect(tiny.cut).toBe(true);
  inspect(tiny, 15, 8);
});

test('property: whatever stands on it stays on it', () => {
  const word = fc.string({ minLength: 1, maxLength: 14, unit: fc.constantFrom(...'abcdefghilmnorstuéW-,') });
  const text = fc.array(word, { minLength: 1, maxLength: 6 }).map((w) => w.join(' '));
  fc.assert(
    fc.property(
      fc.record({
        place: text,
        lines: fc.array(text, { minLength: 1, maxLength: 8 }),
        note: fc.oneof(fc.constant(''), text),
        swatches: fc.uniqueArray(fc.constantFrom('#b8342b', '#e3c035', '#3f6fa3'), { maxLength: 3 }),
        modules: fc.option(fc.constantFrom(29, 33, 37)),
      }),
      fc.integer({ min: 25, max: 120 }),
      fc.integer({ min: 16, max: 80 }),
      fc.boolean(),
      (what, wide, high, large) => {
        const layout = layOutLabel(what, wide, high, large);
        inspect(layout, wide, high);
        if (!layout.cut)
          expect(
            layout.texts
              .filter((t) => t.kind === 'name')
              .map((t) => t.text)
              .join(' '),
          ).toBe(what.lines[0]);
      },
    ),
    { numRuns: runs(150) },
  );
});

const PT = 72 / 25.4;
const texts = (node: INode): INode[] => (node.name === 'text' ? [node] : node.children.flatMap(texts));
const wordsOf = (node: INode): string => node.value + node.children.map(wordsOf).join('');
const number = (node: INode, key: string) => Number(node.attributes[key]);
/** Where a drawing has each text of the first sheet, mm from the corner of the page. */
type Placed = Array<{ text: string; x: number; y: number; size: number }>;

async function inPdf(): Promise<Placed> {
  const bytes = await labelsPdf(sheet, 'Labels', labelFonts());
  const page = await (await getDocument({ data: bytes.slice(), verbosity: 0 }).promise).getPage(1);
  const { items } = await page.getTextContent();
  return items.flatMap((t) =>
    'str' in t && t.str.trim() !== ''
      ? [
          {
            text: t.str.replaceAll('\u00a0', ' '),
            x: (t.transform[4] as number) / PT,
            y: sheet.page.height - (t.transform[5] as number) / PT,
            size: (t.transform[0] as number) / PT,
          },
        ]
      : [],
  );
}
function inSvg(): Placed {
  return texts(parseSync(labelsSvg(sheet, 0))).map((t) => ({
    text: wordsOf(t),
    x: number(t, 'x'),
    y: number(t, 'y'),
    size: number(t, 'font-size'),
  }));
}
function onScreen(): Placed {
  const labels = sheet.pages[0]!;
  const svg = parseSync(renderToStaticMarkup(createElement(SheetDrawing, { sheet, labels })));
  const groups = svg.children.filter((c) => c.name === 'g');
  return groups.flatMap((g) => {
    const [, dx, dy] = /translate\(([\d.]+) ([\d.]+)\)/.exec(g.attributes.transform!)!;
    return texts(g).map((t) => ({
      // The parser leaves the apostrophe as it is written in markup.
      text: wordsOf(t).replaceAll('&#x27;', "'"),
      x: Number(dx) + number(t, 'x'),
      y: Number(dy) + number(t, 'y'),
      size: number(t, 'font-size'),
    }));
  });
}

test('PDF, SVG and screen draw every text of a sheet at the same place, to 0.2 mm', async () => {
  const laid: Placed = sheet.pages[0]!.flatMap((l) =>
    l.layout.texts.map((t) => ({ text: t.text, x: l.x + t.x, y: l.y + t.y, size: t.size })),
  );
  expect(laid.length).toBeGreaterThan(50);
  for (const [name, placed] of [
    ['PDF', await inPdf()],
    ['SVG', inSvg()],
    ['screen', onScreen()],
  ] as const) {
    expect([name, placed.length]).toEqual([name, laid.length]);
    for (const want of laid) {
      const near = placed.filter(
        (p) => p.text === want.text && Math.abs(p.x - want.x) < 0.2 && Math.abs(p.y - want.y) < 0.2,
      );
      expect([name, want.text, near.length]).toEqual([name, want.text, 1]);
      expect(Math.abs(near[0]!.size - want.size)).toBeLessThan(0.05);
    }
  }
});
