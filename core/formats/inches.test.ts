/** What is printed and written of a plan in feet: no other measure in any of it. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { sampleRoom } from '../../demo/sampleRooms.ts';
import { notInInches } from '@heronstone/testing/metricWords.ts';
import { labelFonts } from '../../cli/fontFiles.ts';
import { CONSTANTS } from '../model/constants.ts';
import { inMeasures } from '../model/amounts.ts';
import { applyChanges, set } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { changesTo, solveAll } from '../search/solve.ts';
import { binderPdf } from './binder.ts';
import { doorSheetsPdf } from './doorSheets.ts';
import { drawAbove, drawRound } from './drawing.ts';
import { shoppingRows } from './shoppingCsv.ts';
import { writeSvg } from './svg.ts';

const room = sampleRoom('cards');
const plan = applyChanges(room, changesTo(room, solveAll(room, { seed: 1, moves: 200 }))).plan;
const report = evaluate(plan);

async function textOf(pdf: Uint8Array): Promise<string> {
  const doc = await getDocument({ data: pdf, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let i = 1; i <= doc.numPages; i++) {
    const { items } = await (await doc.getPage(i)).getTextContent();
    pages.push(items.map((t) => ('str' in t ? t.str : '')).join(' '));
  }
  return pages.join('\n');
}

test('the binder and the sheets for doors', async () => {
  expect(notInInches(await textOf(await binderPdf(plan, report, 'planned', await labelFonts())))).toEqual([]);
  expect(notInInches(await textOf(await doorSheetsPdf(plan, report, 'planned', await labelFonts())))).toEqual([]);
});

test('drawings, the shopping list, what is said of the plan, and the words of the constants', () => {
  for (const drawing of [drawAbove(plan), drawRound(plan)]) {
    const svg = writeSvg(drawing, 24);
    expect(notInInches([...svg.matchAll(/>([^<]+)</g)].map((m) => m[1]).join('\n'))).toEqual([]);
  }
  expect(notInInches(shoppingRows(plan, report).flat().join('\n'))).toEqual([]);
  const said = (r: typeof report) => r.findings.flatMap((f) => [f.message, f.expected]).join('\n');
  expect(notInInches(said(report))).toEqual([]);
  const words = Object.values(CONSTANTS).map((c) => inMeasures(c.words, 'imperial'));
  expect(notInInches(words.join('\n'))).toEqual([]);
});

test('what is wrong is said in inches, too', () => {
  const units = Object.values(plan.units);
  const wall = Object.values(plan.corners)[0]!;
  const wrong = applyChanges(plan, [
    ...units.slice(0, 3).map((u) => set('units', u.id, { x: 300, y: 300 })),
    set('units', units[3]!.id, { x: -900 }),
    set('units', units[4]!.id, { height: 3500, load: 10 }),
    set('units', units[5]!.id, { tiers: [900, 900, 900] }),
    set('openings', 'w', {
      ...{ id: 'w', kind: 'window', corner: wall.id, offset: 3000, width: 2000, height: 2400 },
      ...{ sill: 900, hinge: 'left', swing: 'none', keepClear: null },
    }),
  ]).plan;
  const said = evaluate(wrong).findings.flatMap((f) => [f.message, f.expected]);
  expect(said.length).toBeGreaterThan(10);
  expect(notInInches(said.join('\n'))).toEqual([]);
});
