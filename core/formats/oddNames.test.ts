/** Names that would write lines, cells or commands of their own into files. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import Papa from 'papaparse';
import { writeCalendar } from '../upkeep/calendar.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { emptyPlan, type Plan } from '../model/plan.ts';
import { writable } from '../model/text.ts';
import { addSupplies } from '../entry/addSupplies.ts';
import { readSuppliesCsv, writeSuppliesCsv } from './csv.ts';
import { drawAbove } from './drawing.ts';
import { writeDxf } from './dxf.ts';

const demo = withFewThings(demoPlan(), [], 3);
/** A plan as an earlier program may have kept it: names were not looked at for line breaks then. */
const kept: Plan = {
  ...demo,
  meta: { ...demo.meta, name: 'Shop\r\nATTENDEE:mailto:x' },
  units: { ...demo.units, bench: { ...demo.units.bench!, name: 'Bench\n0\nSECTION' } },
  projects: {
    odd: { ...Object.values(demo.projects)[0]!, id: 'odd', name: 'Play\nX-ODD:1', due: '2030-01-01', done: false },
  },
};

test('line breaks in names stay within their line: calendar and drawing', () => {
  const lines = writeCalendar(kept, '2027-03-01', '2027-03-01T12:00:00Z').split('\r\n');
  expect(lines.filter((l) => /^(ATTENDEE|X-ODD)/.test(l))).toEqual([]);
  expect(lines.some((l) => l.includes('\n') || l.includes('\r'))).toBe(false);
  const drawn = writeDxf(drawAbove(kept)).split('\n');
  expect(drawn.filter((l) => l === 'SECTION')).toHaveLength(
    writeDxf(drawAbove(demo))
      .split('\n')
      .filter((l) => l === 'SECTION').length,
  );
  expect(drawn.some((l) => l.includes('Bench 0 SECTION'))).toBe(true);
});

test('a new name has no line breaks', () => {
  const { plan } = applyChanges(demo, [
    set('units', 'bench', { name: 'Bench\n0\u2028SECTION' }),
    setMeta(demo, { name: 'A\tb' }),
  ]);
  expect([plan.units.bench!.name, plan.meta.name]).toEqual(['Bench 0 SECTION', 'A b']);
});

test.each(['=1+1', '+cmd', '-2+3', '@SUM(A1)', "'=x", "''-y", '\uFF1Dz', "'plain"])(
  'a cell that a spreadsheet would run comes back as it was: %s',
  (name) => {
    const supply = { ...Object.values(demo.supplies)[0]!, id: 'odd', name };
    const text = writeSuppliesCsv({ ...demo, supplies: { odd: supply }, uses: {} });
    const cells = Papa.parse<string[]>(text).data.flat();
    expect(cells.filter((c) => /^[=+\-@\t\r\uFF0B\uFF0D\uFF1D\uFF20]/.test(c))).toEqual([]);
    const back = readSuppliesCsv(text, 'metric');
    const plan = applyChanges(
      emptyPlan({ id: 'y' }),
      addSupplies(emptyPlan({ id: 'y' }), back.supplies, () => 'n'),
    ).plan;
    expect(plan.supplies.n!.name).toBe(name);
  },
);

test('what cannot be written is dropped, the rest stays', () => {
  expect(writable({ name: 'Pens \uD83D', list: ['a\u0000b', 3, null], whole: '\u{1F58A}' })).toEqual({
    name: 'Pens ',
    list: ['ab', 3, null],
    whole: '\u{1F58A}',
  });
});
