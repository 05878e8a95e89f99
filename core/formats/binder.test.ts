import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { labelFonts } from '../../cli/fontFiles.ts';
import { evaluate } from '../report/evaluate.ts';
import { binderPdf } from './binder.ts';
import { readPlanFile } from './planFile.ts';

const read = readPlanFile(readFileSync(new URL('../../demo/plan.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error('no demo');

test('the binder has the room, every wall, every unit in use with its things, and each thing in the index with its page', async () => {
  const plan = read.plan;
  const report = evaluate(plan);
  const doc = await getDocument({ data: await binderPdf(plan, report, 'planned', labelFonts()), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let i = 1; i <= doc.numPages; i++) {
    const { items } = await (await doc.getPage(i)).getTextContent();
    pages.push(
      items
        .map((t) => ('str' in t ? t.str : ''))
        .join(' ')
        .replaceAll('\u00a0', ' ')
        .replace(/ +/g, ' '),
    );
  }
  for (const wall of report.room.walls)
    expect(pages.some((p) => p.includes(`Round the room: ${wall.name}`))).toBe(true);
  const all = pages.join(' ');
  const from = pages.findIndex((p) => p.includes('Where is what, from A to Z'));
  const index = pages.slice(from).join(' ');
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== 'planned') continue;
    const { name } = plan.supplies[p.supply]!;
    expect([name, index.includes(name)]).toEqual([name, true]);
    const entry = index.match(new RegExp(`${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}[^:]*: [^:]*? page (\\d+)`));
    expect([name, entry !== null && pages[Number(entry[1]) - 1]!.includes(name)]).toEqual([name, true]);
  }
  expect(all).toContain('Not placed yet');
});
