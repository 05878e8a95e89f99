import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { applyChanges, set } from '../model/change.ts';
import { emptyPlan } from '../model/plan.ts';
import { addSupplies } from '../entry/addSupplies.ts';
import { KindFinder } from '../entry/kinds.ts';
import { CSV_COLUMNS, decimal, MOST_ROWS, readSuppliesCsv, writeSuppliesCsv } from './csv.ts';
import { decodeText } from './csvTable.ts';

const csv = (...rows: string[]) => readSuppliesCsv(['name,count,length,width,thickness', ...rows].join('\n'), 'metric');

test('a plain table', () => {
  expect(csv('Markers,84,140,12,12').supplies).toEqual([
    {
      draft: expect.objectContaining({ name: 'Markers', count: 84, length: 140, form: 'pieces', goesBack: true }),
      uses: [],
    },
  ]);
});

test('quotes, separators and line breaks inside fields; semicolons and decimal commas', () => {
  const text =
    'name;count;length;width;thickness;uses;note\n"Pens, ""fine""; black";12;14,5 cm;1,2 cm;1,2 cm;"drawing 3; sewing";"two\nlines"\n';
  const { supplies, problems } = readSuppliesCsv(text, 'metric');
  expect(problems).toEqual([]);
  expect(supplies[0]).toMatchObject({
    draft: { name: 'Pens, "fine"; black', length: 145, thickness: 12, note: 'two\nlines' },
    uses: [
      { activity: 'drawing', fetches: 3 },
      { activity: 'sewing', fetches: 1 },
    ],
  });
});

test.each([
  ['Pens,twelve,140,12,12', 'count', /“twelve” is not a number/],
  ['Pens,12,140 parsecs,12,12', 'length', /is not a length/],
  ['Pens,12,-140,12,12', 'length', /negative/],
  ['Pens,12,1.4.0,12,12', 'length', /is not a length/],
  ['Pens,0,140,12,12', 'count', /whole number between 1 and/],
  ['Pens,1.5,140,12,12', 'count', /whole number/],
  [',12,140,12,12', 'name', /The name is missing/],
  ['Pens,12,140,12,', 'thickness', /thickness is missing/],
  ['Pens,12,9000,12,12', 'length', /between 0.1 and 6000 mm/],
])('%s names row and column', (row, column, message) => {
  const { supplies, problems } = csv('Good,1,10,10,10', row);
  expect(supplies).toHaveLength(1);
  expect(problems[0]).toMatchObject({ row: 3, column });
  expect(problems[0]!.message).toMatch(message);
});

test('a missing column, an empty file, a binary file and a wrong encoding are refused whole', () => {
  expect(readSuppliesCsv('foo,bar\nPens,3', 'metric').problems[0]!.message).toMatch(/column name is missing.*foo, bar/);
  expect(readSuppliesCsv('', 'metric').problems[0]!.message).toMatch(/is missing/);
  expect(readSuppliesCsv('PK\u0003\u0004\u0000', 'metric').problems[0]!.message).toMatch(/not a text file/);
  expect(readSuppliesCsv('name,count\nSchl\uFFFDssel,1', 'metric').problems[0]!.message).toMatch(/not in UTF-8/);
  const latin = Uint8Array.from(Buffer.from('name,count\nSchlüssel,1', 'latin1'));
  expect(decodeText(latin)).toMatchObject({ ok: false, message: expect.stringMatching(/not in UTF-8/) });
  const utf16 = Uint8Array.from([0xff, 0xfe, ...Buffer.from('name\nSchlüssel', 'utf16le')]);
  expect(decodeText(utf16)).toEqual({ ok: true, text: 'name\nSchlüssel' });
});

test('columns are known by what people call them, or by what they are mapped to; cells may be pasted', () => {
  const pasted = 'Item\tQty\tDimensions\tLocation\nMarkers\t84\t140 x 12 x 12 mm\tCart, tray 1\n';
  const places = new Map([['cart, tray 1', { unit: 'cart', slot: 't1', container: null }]]);
  const read = readSuppliesCsv(pasted, 'metric', { places });
  expect(read.problems).toEqual([]);
  expect(read.mapping).toEqual({ name: 'Item', count: 'Qty', size: 'Dimensions', place: 'Location' });
  expect(read.supplies[0]).toMatchObject({
    draft: { name: 'Markers', count: 84, length: 140, width: 12 },
    place: { unit: 'cart', slot: 't1' },
  });
  expect(readSuppliesCsv(pasted.replace('tray 1', 'tray 9'), 'metric', { places }).problems[0]!.message).toMatch(
    /“Cart, tray 9” is not a place of the plan/,
  );
  const mapped = readSuppliesCsv('84,Markers,140,12,12', 'metric', {
    headed: false,
    mapping: { count: 'Column 1', name: 'Column 2', length: 'Column 3', width: 'Column 4', thickness: 'Column 5' },
  });
  expect(mapped.supplies[0]!.draft).toMatchObject({ name: 'Markers', count: 84, thickness: 12 });
});

test('a size that is not given is guessed from a known kind, else it is not known yet; half a size is asked for', () => {
  const kinds = new KindFinder([
    {
      name: 'Markers',
      category: 'pens',
      form: 'pieces',
      length: 140,
      width: 12,
      thickness: 12,
      grammage: null,
      mass: 14,
      squeeze: 1,
      traits: ['keep out of light'],
    },
  ]);
  const read = readSuppliesCsv('name,qty,length\nAlcohol markers,84,\nGizmos,3,\nBoards,2,300', 'metric', { kinds });
  expect(read.supplies.map((s) => s.draft)).toMatchObject([
    { name: 'Alcohol markers', count: 84, length: 140, mass: 14, traits: ['keep out of light'], category: 'pens' },
    { name: 'Gizmos', count: 3, sizeFrom: 'not known yet' },
  ]);
  expect(read.supplies[0]!.draft.sizeFrom).toBe('usual size of markers');
  expect(read.problems[0]).toMatchObject({ row: 4, column: 'width', message: 'The width is missing.' });
});

test('a quote that is never closed is named and not read', () => {
  const { supplies, problems } = csv('"Pens,12,140,12,12', 'Good,1,10,10,10');
  expect(supplies).toEqual([]);
  expect(problems[0]!.message).toMatch(/quote is opened and not closed/);
});

longTest('20,000 rows are read; one more is refused', () => {
  const rows = Array.from({ length: MOST_ROWS }, (_, i) => `Thing ${i},1,10,10,10`);
  expect(csv(...rows).supplies).toHaveLength(20_000);
  expect(csv(...rows, 'One more,1,10,10,10').problems[0]!.message).toMatch(/20001 rows/);
});

test('numbers as people write them', () => {
  expect(['12', '1,5', '1.5', '1.234,5', '1,234.5', '1 234,5', 'x', '1.2.3', ''].map(decimal)).toEqual([
    12,
    1.5,
    1.5,
    1234.5,
    1234.5,
    1234.5,
    null,
    null,
    null,
  ]);
});

test('sheets get their thickness from the grammage; inches in an imperial plan', () => {
  const { supplies } = readSuppliesCsv(
    'name,form,count,length,width,grammage\nCard,sheets,100,11,8 1/2,220',
    'imperial',
  );
  expect(supplies[0]!.draft).toMatchObject({ form: 'sheets', length: 279.4, width: 215.9, grammage: 220 });
  expect(supplies[0]!.draft.thickness).toBeCloseTo(0.27, 2);
});

test('property: supplies written as CSV come back the same', () => {
  fc.assert(
    fc.property(randomPlan(12), (plan) => {
      const text = writeSuppliesCsv(plan);
      expect(text.startsWith(CSV_COLUMNS.join(','))).toBe(true);
      const { supplies, problems } = readSuppliesCsv(text, 'metric');
      expect(problems).toEqual([]);
      let n = 0;
      const again = applyChanges(
        emptyPlan({ id: 'y' }),
        addSupplies(emptyPlan({ id: 'y' }), supplies, () => `n${n++}`),
      ).plan;
      const plain = (p: typeof plan) =>
        Object.values(p.supplies)
          .map(({ id: _, ...s }) => s)
          .sort((a, b) => a.name.localeCompare(b.name));
      expect(plain(again)).toEqual(plain(plan));
    }),
    { numRuns: runs(20) },
  );
});

test('sizes are written in the measures of the plan, and read back as they were', () => {
  for (const units of ['imperial', 'centimetres', 'metric'] as const) {
    const draft = readSuppliesCsv('name,count,size\nPads,3,3 x 2 x 7/8 in', 'imperial').supplies[0]!.draft;
    const plan = applyChanges(emptyPlan({ id: 'p', units }), [set('supplies', 's', { id: 's', ...draft })]).plan;
    const text = writeSuppliesCsv(plan);
    expect(text).toContain({ imperial: '0.875 in', centimetres: '2.2225 cm', metric: '22.225 mm' }[units]);
    const back = readSuppliesCsv(text, units).supplies[0]!.draft;
    expect([back.length, back.width, back.thickness].map((mm) => Math.round(mm * 100) / 100)).toEqual([
      76.2, 50.8, 22.23,
    ]);
  }
});

test.each(['2026-02-30', '2026-13-01', '2025-02-29'])('%s is no date', (day) => {
  const { supplies, problems } = readSuppliesCsv(`name,count,last used\nPens,3,${day}`, 'metric');
  expect(supplies).toEqual([]);
  expect(problems[0]!.message).toMatch(/a date that exists/);
});

test.each([
  ['uses', 'painting 10000', /fetches a session, above 0 and at most 500/],
  ['uses', 'painting 0', /fetches a session, above 0 and at most 500/],
  ['lasts', '20', /What does not go back is used up by one fetch/],
  ['grammage', '80 lb', /80 lb of what paper\? As cover it is 216 g\/m², as text 118/],
])('%s: %s is said at its column, and the other rows are kept', (column, value, words) => {
  const text = `name,count,form,length,width,thickness,goes back,${column}\nCard,3,sheets,300,200,0.3,no,${value}\nPens,2,pieces,140,12,10,yes,`;
  const { supplies, problems } = readSuppliesCsv(text, 'metric');
  expect(problems).toEqual([
    expect.objectContaining({ row: 2, column, message: expect.stringMatching(words) as string }),
  ]);
  expect(supplies.map((s) => s.draft.name)).toEqual(['Pens']);
});
