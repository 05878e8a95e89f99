import { decodeText, MOST_ROWS, parseTable } from './csvTable.ts';

const table = (text: string, headed = true) => {
  const read = parseTable(text, headed);
  if ('refused' in read) throw new Error(read.refused);
  return read;
};

test.each([
  ['commas', 'name,count\nPens,3', ['name', 'count']],
  ['semicolons', 'name;count\nPens;3', ['name', 'count']],
  ['tabs', 'name\tcount\nPens\t3', ['name', 'count']],
  ['commas in quotes do not count', '"a, b, c";count\nPens;3', ['a, b, c', 'count']],
  ['a mark at the beginning', '\uFEFFname,count\nPens,3', ['name', 'count']],
])('the separator is found: %s', (_, text, header) => {
  const read = table(text);
  expect(read.header).toEqual(header);
  expect(Object.values(read.rows[0]!.cells)).toEqual(['Pens', '3']);
});

test('rows keep their number in the file; empty ones are passed over; blank headings get a name', () => {
  const read = table('name,,count\nPens,x,3\n,,\nInks,y,4\n');
  expect(read.header).toEqual(['name', 'Column 2', 'count']);
  expect(read.rows.map((r) => [r.row, r.cells.name])).toEqual([
    [2, 'Pens'],
    [4, 'Inks'],
  ]);
  expect(table('Pens,3\nInks,4', false).rows.map((r) => [r.row, r.cells['Column 1']])).toEqual([
    [1, 'Pens'],
    [2, 'Inks'],
  ]);
});

test('a row with more fields than columns, and a quote that stays open, are named', () => {
  expect(table('name,count\nPens,3,oh,no').problems).toMatchObject([
    { row: 2, message: expect.stringMatching(/more fields than columns/) },
  ]);
  expect(table('name,count\n"Pens,3').problems[0]!.message).toMatch(/quote is opened/);
});

test.each([
  [{ Item: 'name', Qty: 'count', Weight: 'mass', Location: 'place' }],
  [{ 'Used for': 'uses', Description: 'name', Dimensions: 'size', Color: 'colour' }],
  [{ name: 'name', Category: 'kind', gsm: 'grammage', Notes: 'note' }],
])('headings are known by what people write: %j', (wanted) => {
  const { guess } = table(`${Object.keys(wanted).join(',')}\n`);
  expect(guess).toEqual(Object.fromEntries(Object.entries(wanted).map(([heading, column]) => [column, heading])));
});

test('an exact heading is not taken away by one that only means the same', () => {
  expect(table('item,name,count\n').guess).toMatchObject({ name: 'name', count: 'count' });
});

test('too many rows, bytes that are no text, letters that are not UTF-8', () => {
  const many = `name\n${Array.from({ length: MOST_ROWS + 1 }, (_, i) => `Thing ${i}`).join('\n')}`;
  expect(parseTable(many)).toEqual({ refused: expect.stringMatching(/20001 rows; at most 20000/) });
  expect(parseTable('a\u0000b')).toEqual({ refused: expect.stringMatching(/not a text file/) });
  expect(decodeText(Uint8Array.from(Buffer.from('naïve', 'utf8')))).toEqual({ ok: true, text: 'naïve' });
  const big = Uint8Array.from([0xfe, 0xff, 0x00, 0x61, 0x00, 0xef]);
  expect(decodeText(big)).toEqual({ ok: true, text: 'aï' });
  expect(decodeText(Uint8Array.from([0x61, 0xef]))).toMatchObject({ ok: false });
});
