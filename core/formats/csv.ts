/** Supplies as CSV: in with a preview and errors by row and field, out in the same columns. */
import Papa from 'papaparse';
import { readLength, type UnitSystem } from '../model/measure.ts';
import { byName, SupplySchema, type Plan } from '../model/plan.ts';
import { sheetThickness } from '../fit/sheets.ts';
import { usualOrientations, type SupplyDraft } from '../sort/read.ts';
import type { NewSupply } from '../sort/supplies.ts';

/** The columns, in the order in which they are written. Only name, count and the sizes are needed. */
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
] as const;
type Column = (typeof CSV_COLUMNS)[number];
const NEEDED: readonly Column[] = ['name', 'count', 'length', 'width'];
/** More rows than this are more than a room holds; the limit keeps a wrong file from being read for minutes. */
export const MOST_ROWS = 20_000;

export interface CsvProblem {
  /** Row as a spreadsheet counts, the header being 1. */
  row: number;
  column: string;
  value: string;
  message: string;
}

export interface CsvResult {
  supplies: NewSupply[];
  problems: CsvProblem[];
  rows: number;
}

/**
 * Reads a CSV of supplies. Separator (comma, semicolon, tab) is found by itself; quotes and line breaks inside fields
 * are allowed; numbers may have a decimal comma. A row with a problem is left out and named; the others are kept.
 */
export function readSuppliesCsv(text: string, system: UnitSystem): CsvResult {
  if (text.includes('\u0000'))
    return refuse('This is not a text file. Save the table as CSV (UTF-8) and choose it again.');
  if (text.includes('\uFFFD'))
    return refuse('Some letters cannot be read: the file is not in UTF-8. Save it as CSV (UTF-8) and choose it again.');
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: false,
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const header = parsed.meta.fields ?? [];
  const missing = NEEDED.filter((column) => !header.includes(column));
  if (missing.length > 0) {
    const found = header.filter((h) => h !== '').join(', ') || 'none';
    return refuse(
      `The ${missing.length === 1 ? 'column' : 'columns'} ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing. The first row names the columns (${CSV_COLUMNS.join(', ')}); found: ${found}.`,
    );
  }
  if (parsed.data.length > MOST_ROWS)
    return refuse(`The file has ${parsed.data.length} rows; at most ${MOST_ROWS} are read at once. Split it.`);
  const problems: CsvProblem[] = [];
  for (const e of parsed.errors) {
    // The parser counts rows with the header for quotes, without it for fields.
    const row = (e.row ?? 0) + (e.type === 'Quotes' ? 1 : 2);
    if ((e.type !== 'Quotes' && e.code !== 'TooManyFields') || problems.some((p) => p.row === row)) continue;
    const message =
      e.type === 'Quotes'
        ? 'A quote is opened and not closed.'
        : 'There are more fields than columns; put quotes round text with separators.';
    problems.push({ row, column: '', value: '', message });
  }
  const broken = new Set(problems.map((p) => p.row));
  const supplies: NewSupply[] = [];
  let rows = broken.size;
  parsed.data.forEach((record, i) => {
    if (broken.has(i + 2) || Object.values(record).every((cell) => String(cell).trim() === '')) return;
    rows++;
    const read = readRow(record, i + 2, system);
    if ('problems' in read) problems.push(...read.problems);
    else supplies.push(read);
  });
  return { supplies, problems: problems.sort((a, b) => a.row - b.row), rows };
}

function refuse(message: string): CsvResult {
  return { supplies: [], problems: [{ row: 1, column: '', value: '', message }], rows: 0 };
}

function readRow(
  record: Record<string, string>,
  row: number,
  system: UnitSystem,
): NewSupply | { problems: CsvProblem[] } {
  const problems: CsvProblem[] = [];
  const cell = (column: Column) => (record[column] ?? '').trim();
  const wrong = (column: Column, message: string) => problems.push({ row, column, value: cell(column), message });
  const size = (column: Column): number | undefined => {
    if (cell(column) === '') return undefined;
    const read = readLength(cell(column), system);
    if (!read.ok) wrong(column, read.message);
    return read.ok ? read.mm : undefined;
  };
  const plain = (column: Column): number | undefined => {
    if (cell(column) === '') return undefined;
    const value = decimal(cell(column));
    if (value === null) wrong(column, `“${cell(column)}” is not a number.`);
    return value ?? undefined;
  };
  const [length, width] = [size('length'), size('width')];
  const grammage = plain('grammage');
  const forms: Record<string, SupplyDraft['form']> = {
    '': grammage ? 'sheets' : 'pieces',
    sheets: 'sheets',
    sheet: 'sheets',
    pieces: 'pieces',
    piece: 'pieces',
    loose: 'loose',
  };
  const form = forms[cell('form').toLowerCase()];
  if (!form) wrong('form', `“${cell('form')}” is not a form; use sheets, pieces or loose.`);
  const thickness = size('thickness') ?? (form === 'sheets' && grammage ? sheetThickness(grammage) : undefined);
  const yes: Record<string, boolean> = { '': form === 'pieces', yes: true, no: false, true: true, false: false };
  const goesBack = yes[cell('goes back').toLowerCase()];
  if (goesBack === undefined) wrong('goes back', `“${cell('goes back')}” is neither yes nor no.`);
  const count = plain('count');
  for (const column of ['name', 'count', 'length', 'width'] as const) {
    if (cell(column) === '') wrong(column, `The ${column} is missing.`);
  }
  if (thickness === undefined && problems.length === 0)
    wrong('thickness', 'The thickness is missing (sheets can give a grammage instead).');
  const uses = readUses(cell('uses'));
  if (!uses) wrong('uses', `“${cell('uses')}” cannot be read; write painting 6; sewing 2.`);
  if (problems.length > 0) return { problems };
  const draft = {
    name: cell('name'),
    category: cell('kind'),
    form: form!,
    count: count!,
    length: length!,
    width: width!,
    thickness: thickness!,
    grammage: grammage ?? null,
    mass: plain('mass') ?? null,
    orientations: usualOrientations(form!),
    goesBack: goesBack!,
    note: cell('note'),
  };
  const checked = SupplySchema.omit({ id: true }).safeParse(draft);
  if (!checked.success)
    return {
      problems: checked.error.issues.map((issue) => ({
        row,
        column: String(issue.path[0] ?? ''),
        value: cell(issue.path[0] as Column),
        message: issue.message,
      })),
    };
  return { draft: checked.data, uses: uses! };
}

/** A number with decimal point or comma and thousands gaps; null when it is none. "1.234,5" and "1,234.5" are both read. */
export function decimal(text: string): number | null {
  const compact = text.replace(/[\s\u00a0\u202f]/g, '');
  if (/^\d+(?:[.,]\d+)?$/.test(compact)) return Number(compact.replace(',', '.'));
  if (/^\d{1,3}(?:\.\d{3})+,\d+$/.test(compact)) return Number(compact.replace(/\./g, '').replace(',', '.'));
  if (/^\d{1,3}(?:,\d{3})+\.\d+$/.test(compact)) return Number(compact.replace(/,/g, ''));
  return null;
}

function readUses(text: string): NewSupply['uses'] | null {
  const uses: Array<{ activity: string; fetches: number }> = [];
  for (const part of text
    .split(';')
    .map((p) => p.trim())
    .filter((p) => p !== '')) {
    const match = /^(.*?)\s+(\d+(?:[.,]\d+)?)\s*x?$/i.exec(part);
    const fetches = match ? Number(match[2]!.replace(',', '.')) : 1;
    const activity = (match?.[1] ?? part).trim();
    if (activity === '' || fetches > 500) return null;
    uses.push({ activity, fetches });
  }
  return uses;
}

/** The supplies of a plan as CSV text, sizes in mm, one line each, by name. */
export function writeSuppliesCsv(plan: Plan): string {
  const rows = byName(plan.supplies).map((s) => {
    const uses = Object.values(plan.uses)
      .filter((u) => u.supply === s.id)
      .map((u) => `${plan.activities[u.activity]!.name} ${u.fetches}`)
      .sort()
      .join('; ');
    return [
      s.name,
      s.category,
      s.form,
      s.count,
      ...[s.length, s.width, s.thickness].map((mm) => `${mm} mm`),
      s.grammage ?? '',
      s.mass ?? '',
      s.goesBack ? 'yes' : 'no',
      uses,
      s.note,
    ];
  });
  return `${Papa.unparse([[...CSV_COLUMNS], ...rows], { newline: '\n', escapeFormulae: false })}\n`;
}
