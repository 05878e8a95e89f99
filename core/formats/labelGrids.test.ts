import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { LONG_RUN, runs } from '@heronstone/testing/runs.ts';
import { labelParts } from './labelLayout.ts';
import { createCanvas, DOMMatrix, ImageData, Path2D } from '@napi-rs/canvas';
import jsQR from 'jsqr';
import { parseSync } from 'svgson';
import { labelFonts } from '../../cli/fontFiles.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import { LABELLING, type Labelling, type Plan } from '../model/plan.ts';
import { gridPlaces, labelRow, labelsOf, labelSheet, PAPER, type LabelOptions, type LabelSheet } from './labels.ts';
import { labelsPdf, testPage } from './labelsPdf.ts';
import { labelsSvg, strips } from './labelsSvg.ts';

// The library that reads the PDF draws with the shapes of this canvas.
Object.assign(globalThis, { DOMMatrix, ImageData, Path2D });
const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');

const demo = withFewThings(demoPlan(), [], 3);
const report = evaluate(demo);
const PT = 72 / 25.4;

/** Grids of bought sheets by their millimetres: three by seven on A4 (63.5 x 38.1), two by seven on Letter (101.6 x 33.9). */
const GRIDS = {
  a4: { width: 63.5, height: 38.1, grid: { columns: 3, rows: 7, left: 7.2, top: 15.1, across: 66, down: 38.1 } },
  letter: { width: 101.6, height: 33.8, grid: { columns: 2, rows: 7, left: 4, top: 21.2, across: 106.3, down: 33.9 } },
} as const;
const labelling = (more: Partial<Labelling>): Labelling => ({ ...LABELLING, ...more });
function optionsFor(paper: 'a4' | 'letter', more: Partial<Labelling> = {}): LabelOptions {
  const { width, height, grid } = GRIDS[paper];
  return {
    paper,
    width,
    height,
    address: 'http://127.0.0.1:4747',
    labelling: labelling({ grid: { ...grid }, ...more }),
  };
}
function sheetOf(options: LabelOptions, plan: Plan = demo): LabelSheet {
  const made = labelSheet(plan, plan === demo ? report : evaluate(plan), 'planned', options);
  if (!made.ok) throw new Error(made.message);
  return made.sheet;
}

/** A page of a PDF as another library draws and reads it. */
async function drawn(bytes: Uint8Array, number: number) {
  const doc = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise;
  const page = await doc.getPage(number);
  const viewport = page.getViewport({ scale: 4 });
  const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
  await page.render({ canvas: null, canvasContext: canvas.getContext('2d') as never, viewport }).promise;
  const { items } = await page.getTextContent();
  return { canvas, scale: 4 * PT, items, view: page.view };
}

test.each(LONG_RUN ? (['a4', 'letter'] as const) : (['letter'] as const))(
  '%s: titles stand where the grid says, to 0.2 mm, moved by the shift',
  async (paper) => {
    const options = optionsFor(paper, { shiftX: 1.5, shiftY: -0.8 });
    const sheet = sheetOf(options);
    const { grid } = GRIDS[paper];
    const { pad, title } = labelParts(options.width, options.height);
    const bytes = await labelsPdf(sheet, 'Labels', labelFonts());
    const { items, view } = await drawn(bytes, 1);
    expect(Math.abs(view[2]! / PT - PAPER[paper].width)).toBeLessThan(0.2);
    let seen = 0;
    sheet.pages[0]!.forEach((label, i) => {
      const x = grid.left + (i % grid.columns) * grid.across + 1.5 + pad;
      const y = grid.top + Math.floor(i / grid.columns) * grid.down - 0.8 + pad + title;
      const at = items.find(
        (t) =>
          'str' in t &&
          t.str.trim() !== '' &&
          Math.abs((t.transform[4] as number) / PT - x) < 0.2 &&
          Math.abs(PAPER[paper].height - (t.transform[5] as number) / PT - y) < 0.2,
      );
      expect([label.unit, at !== undefined]).toEqual([label.unit, true]);
      seen++;
    });
    expect(seen).toBe(grid.columns * grid.rows);
  },
);

test('every code of a rendered page is read by a decoder as the address of its place', async () => {
  const sheet = sheetOf(optionsFor('a4'));
  const { canvas, scale } = await drawn(await labelsPdf(sheet, 'Labels', labelFonts()), 1);
  const { pad, code } = labelParts(sheet.label.width, sheet.label.height);
  const context = canvas.getContext('2d');
  for (const label of sheet.pages[0]!.filter((_, i) => i % runs(4, 1) === 0)) {
    const [x, y] = [label.x + sheet.label.width - pad - code, label.y + sheet.label.height - pad - code];
    const quiet = 1.5;
    const side = Math.round((code + 2 * quiet) * scale);
    const { data } = context.getImageData(Math.round((x - quiet) * scale), Math.round((y - quiet) * scale), side, side);
    expect(jsQR(new Uint8ClampedArray(data), side, side)?.data).toBe(label.link);
  }
});

test('the layers of the SVG are read back: one outline to cut for each label, at its place, and what is written apart', () => {
  const sheet = sheetOf(optionsFor('letter'));
  const svg = parseSync(labelsSvg(sheet, 0));
  expect(svg.attributes).toMatchObject({ width: '215.9mm', height: '279.4mm', viewBox: '0 0 215.9 279.4' });
  const [cut, write] = ['cut', 'write'].map((id) => svg.children.find((c) => c.attributes.id === id)!);
  expect(
    cut!.children.map((r) => [Number(r.attributes.x), Number(r.attributes.y), Number(r.attributes.width)]),
  ).toEqual(sheet.pages[0]!.map((l) => [Math.round(l.x * 1000) / 1000, Math.round(l.y * 1000) / 1000, 101.6]));
  expect(cut!.children.every((c) => c.name === 'rect')).toBe(true);
  expect(write!.children).toHaveLength(sheet.pages[0]!.length);
  expect(JSON.stringify(write)).toContain(sheet.pages[0]![0]!.unit);
  expect(JSON.stringify(write)).not.toContain('"rect"');
});

test('it begins at the n-th label, and prints only what changed', () => {
  const options = optionsFor('a4');
  const all = sheetOf(options);
  const later = sheetOf({ ...options, skip: 5 });
  expect([later.pages[0]![0]!.x, later.pages[0]![0]!.y]).toEqual([all.pages[0]![5]!.x, all.pages[0]![5]!.y]);
  expect(later.pages.flat()).toHaveLength(all.pages.flat().length);
  // A place without a label yet: once printed as it stands, it is not printed again.
  const at = report.compartments.find((c) => c.contents.planned.length > 0 && !labelRow(demo, c.id))!;
  const first = labelsOf(demo, report, 'planned', options.address, options.labelling).find(
    (l) => l.compartment === at.id,
  )!;
  const id = 'printed';
  const place = { unit: at.unit, slot: at.slot, container: at.container };
  const row = { id, ...place, since: '2026-11-01', state: 'permanent' as const, printed: first.says };
  const printed = applyChanges(demo, [set('labels', id, { ...row, sides: ['front'] })]).plan;
  const rest = sheetOf({ ...options, changed: true }, printed).pages.flat();
  expect(rest.some((l) => l.compartment === at.id)).toBe(false);
  expect(rest).toHaveLength(all.pages.flat().length - 1);
  const turned = sheetOf(
    { ...options, changed: true },
    applyChanges(printed, [set('labels', id, { words: 'My own words' })]).plan,
  );
  expect(turned.pages.flat().find((l) => l.compartment === at.id)!.lines).toEqual([{ name: 'My own words', count: 1 }]);
});

test('labels for several sides, with large print, without codes, on trial with a date', () => {
  const plan = applyChanges(demo, [
    set('labels', 'label-slim-d2', { sides: ['front', 'left', 'right', 'back'], state: 'trial', since: '2026-10-01' }),
  ]).plan;
  const sheet = sheetOf(optionsFor('a4', { codes: false, large: true }), plan);
  const own = sheet.pages.flat().filter((l) => l.compartment === 'slim/d2');
  expect(own.map((l) => l.side)).toEqual(['front', 'left', 'right', 'back']);
  expect(own[0]!.note).toContain('on trial since 2026-10-01');
  expect(own[0]!.code).toBeNull();
  expect(labelParts(61, 34, true).large).toBeGreaterThan(labelParts(61, 34).large);
});

test('a grid that does not fit the paper is refused with what is wrong', () => {
  const options = optionsFor('a4');
  const wide = { ...options, labelling: labelling({ grid: { ...GRIDS.a4.grid, columns: 4 } }) };
  expect(labelSheet(demo, report, 'planned', wide)).toMatchObject({
    ok: false,
    field: 'grid',
    message: expect.stringContaining('the paper has 210 mm'),
  });
  expect(labelSheet(demo, report, 'planned', { ...options, height: 40 })).toMatchObject({ ok: false, field: 'grid' });
});

test('the test page has an outline for every label of the grid', async () => {
  const options = optionsFor('a4');
  const places = gridPlaces(options);
  expect(places).toHaveLength(21);
  const { items } = await drawn(await testPage(sheetOf(options), places), 1);
  expect(items.flatMap((t) => ('str' in t && /^\d+$/.test(t.str) ? [t.str] : []))).toEqual(
    places.map((_, i) => String(i + 1)),
  );
});

test('strips are as wide as the tape and hold what stands on them', () => {
  const labels = labelsOf(demo, report, 'planned', 'http://127.0.0.1:4747');
  for (const tape of [12, 24]) {
    const all = strips(labels, tape);
    expect(all).toHaveLength(labels.length);
    for (const s of all) {
      expect(s.width).toBe(tape);
      expect(Math.max(...s.lines.map((l) => l.y))).toBeLessThanOrEqual(tape);
      expect(s.length).toBeGreaterThan(s.codeSide);
    }
  }
});
