/** A table as text: bytes to letters, letters to rows, and which of its columns is which of ours. */
import Papa from 'papaparse';

/** The columns of supplies, in the order in which they are written. Only the name is needed; a size where it is not usual. */
export const CSV_COLUMNS = [
  'name',
  'kind',
  'form',
  'count',
  'length',
  'width',
  'thickness',
  'grammage',
  'mass',
  'goes back',
  'uses',
  'note',
  'may lie',
  'cautions',
  'colour',
  'collection',
  'theme',
  'season',
  'spares',
  'reorder at',
  'pieces in a set',
  'pressed to',
  'works with',
  'decision',
  'decide by',
  'last used',
  'lasts',
] as const;
/** What else a table may say: all sizes in one column, and where it lies today. */
export const MORE_COLUMNS = ['size', 'place'] as const;
export type Column = (typeof CSV_COLUMNS)[number] | (typeof MORE_COLUMNS)[number];

/** Words by which people head such columns. */
const ALSO: Readonly<Partial<Record<Column, readonly string[]>>> = {
  name: ['item', 'thing', 'supply', 'what', 'description', 'title', 'product'],
  kind: ['category', 'type', 'group'],
  count: ['quantity', 'qty', 'number', 'amount', 'how many', 'pieces', 'pcs', 'stock'],
  length: ['long', 'l', 'length mm', 'length (mm)', 'length in'],
  width: ['wide', 'w', 'diameter', 'width mm', 'width (mm)'],
  thickness: ['height', 'thick', 'h', 'depth', 'thickness mm', 'height (mm)'],
  grammage: ['gsm', 'g/m2', 'g/m²'],
  mass: ['weight', 'g', 'grams', 'weight (g)'],
  uses: ['use', 'used for', 'activity', 'activities'],
  note: ['notes', 'comment', 'comments', 'remarks'],
  cautions: ['traits', 'warnings'],
  colour: ['color'],
  spares: ['backstock', 'backup', 'spare'],
  size: ['sizes', 'dimensions', 'measurements'],
  place: ['location', 'where', 'drawer', 'stored in', 'today'],
};

export type Mapping = Partial<Record<Column, string>>;

export interface CsvProblem {
  /** Row as a spreadsheet counts, the header being 1. */
  row: number;
  column: string;
  value: string;
  message: string;
}

export interface CsvTable {
  /** What the columns are called; "Column 1" where there is no heading. */
  header: string[];
  /** Rows by heading, with their number in the file. */
  rows: Array<{ row: number; cells: Record<string, string> }>;
  /** Which heading is which of our columns, as far as its words tell. */
  guess: Mapping;
  problems: CsvProblem[];
}

/** More rows than this are more than a room holds; the limit keeps a wrong file from being read for minutes. */
export const MOST_ROWS = 20_000;

/** Turns the bytes of a file into text: UTF-8, or UTF-16 with its mark; else it says what to do. */
export function decodeText(bytes: Uint8Array): { ok: true; text: string } | { ok: false; message: string } {
  const [a, b] = bytes;
  const wide = a === 0xff && b === 0xfe ? 'utf-16le' : a === 0xfe && b === 0xff ? 'utf-16be' : null;
  try {
    return { ok: true, text: new TextDecoder(wide ?? 'utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return {
      ok: false,
      message:
        'Some letters cannot be read: the file is not in UTF-8. Save the table as CSV (UTF-8) and choose it again, or copy its cells and paste them here.',
    };
  }
}

/** Parses a table: separator (comma, semicolon, tab) is found by itself. @param headed whether its first row names the columns */
export function parseTable(text: string, headed = true): CsvTable | { refused: string } {
  if (text.includes('\u0000'))
    return { refused: 'This is not a text file. Save the table as CSV (UTF-8) and choose it again.' };
  if (text.includes('\uFFFD'))
    return {
      refused: 'Some letters cannot be read: the file is not in UTF-8. Save it as CSV (UTF-8) and choose it again.',
    };
  const plain = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plain, { header: false, skipEmptyLines: false, delimiter: separatorOf(plain) });
  const [first = []] = parsed.data;
  const width = Math.max(0, ...parsed.data.slice(0, 200).map((r) => r.length));
  const header = headed
    ? first.map((h, i) => (h.trim() === '' ? `Column ${i + 1}` : h.trim()))
    : Array.from({ length: width }, (_, i) => `Column ${i + 1}`);
  const body = headed ? parsed.data.slice(1) : parsed.data;
  const rows = body.filter((r) => r.some((cell) => cell.trim() !== ''));
  if (rows.length > MOST_ROWS)
    return { refused: `The file has ${rows.length} rows; at most ${MOST_ROWS} are read at once. Split it.` };
  const problems: CsvProblem[] = parsed.errors
    .filter((e) => e.type === 'Quotes')
    .map((e) => ({ row: (e.row ?? 0) + 1, column: '', value: '', message: 'A quote is opened and not closed.' }));
  const found: CsvTable = { header, rows: [], guess: guessOf(header), problems };
  body.forEach((cells, i) => {
    const row = i + (headed ? 2 : 1);
    if (!cells.some((cell) => cell.trim() !== '') || problems.some((p) => p.row === row)) return;
    if (cells.length > header.length && cells.slice(header.length).some((c) => c.trim() !== '')) {
      problems.push({
        row,
        column: '',
        value: '',
        message: 'There are more fields than columns; put quotes round text with separators.',
      });
      return;
    }
    found.rows.push({ row, cells: Object.fromEntries(header.map((h, j) => [h, readCell(cells[j] ?? '')])) });
  });
  return found;
}

/** What a spreadsheet would run as a formula when it opens the file. */
const RUNS = /^'*[=+\-@\t\r\uFF0B\uFF0D\uFF1D\uFF20]/;
/** A cell as it is written, so that no spreadsheet runs it: with an apostrophe before it. */
const writeCell = (cell: string | number): string | number =>
  typeof cell === 'string' && RUNS.test(cell) ? `'${cell}` : cell;
/** A cell as it was before it was written. */
const readCell = (cell: string): string => {
  const text = cell.trim();
  return text.startsWith("'") && RUNS.test(text) ? text.slice(1).trim() : text;
};
/** Rows as CSV text. */
export const writeTable = (rows: ReadonlyArray<ReadonlyArray<string | number>>): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(writeCell)),
    { newline: '\n' },
  )}\n`;

/** The separator that the first row has most of, outside quotes. */
function separatorOf(text: string): string {
  const first = (/^(?:"(?:[^"]|"")*"|[^"\r\n])*/.exec(text)?.[0] ?? '').replace(/"(?:[^"]|"")*"/g, '');
  const count = (c: string) => first.split(c).length;
  return ['\t', ';', ','].reduce((best, c) => (count(c) > count(best) ? c : best), ',');
}

function guessOf(header: readonly string[]): Mapping {
  const guess: Mapping = {};
  const free = new Set(header);
  for (const words of [(c: Column) => [c as string], (c: Column) => ALSO[c] ?? []])
    for (const column of [...CSV_COLUMNS, ...MORE_COLUMNS]) {
      if (guess[column]) continue;
      const found = [...free].find((h) => words(column).includes(h.toLowerCase()));
      if (found === undefined) continue;
      guess[column] = found;
      free.delete(found);
    }
  return guess;
}
