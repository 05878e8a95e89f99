/** Supplies as CSV or as cells pasted from a spreadsheet: in with a preview and errors by row and field, out in the same columns. */
import { FORM_FACTS, isRound, usualOrientations } from '../fit/forms.ts';
import { usualUse } from '../fit/usedUp.ts';
import { readPaper } from '../fit/paperWeight.ts';
import { sheetThickness } from '../fit/sheets.ts';
import { UNKNOWN_SIZE, usualSizes } from '../entry/guess.ts';
import { NOT_KNOWN } from '../model/guessed.ts';
import { readLength, type UnitSystem } from '../model/measure.ts';
import { OLD_TRAITS } from './upgrade.ts';
import {
  byName,
  DECISIONS,
  FORMS,
  SUPPLY_DEFAULTS,
  SupplySchema,
  TRAITS,
  type Form,
  type Orientation,
  type Plan,
} from '../model/plan.ts';
import type { Kind, KindFinder } from '../entry/kinds.ts';
import { Rest, takeSizes } from '../entry/readMeasures.ts';
import type { NewSupply } from '../entry/addSupplies.ts';
import {
  CSV_COLUMNS,
  parseTable,
  writeTable,
  type Column,
  type CsvProblem,
  type CsvTable,
  type Mapping,
} from './csvTable.ts';

export { CSV_COLUMNS, MOST_ROWS } from './csvTable.ts';

export interface CsvResult {
  supplies: NewSupply[];
  problems: CsvProblem[];
  rows: number;
  /** Columns of the table and which they were taken for. */
  header: string[];
  mapping: Mapping;
}

export interface CsvOptions {
  /** Which heading is which column; what is not said is guessed from the words. */
  mapping?: Mapping | undefined;
  /** Whether the first row names the columns. */
  headed?: boolean | undefined;
  /** Known kinds, for sizes that are not given. */
  kinds?: KindFinder | null | undefined;
  /** Places of the plan by name in lower case, for the column "place". */
  places?: ReadonlyMap<string, { unit: string; slot: string; container: string | null }> | undefined;
}

const FORM_WORDS: ReadonlyMap<string, Form> = new Map([
  ...FORMS.map((f) => [f, f] as const),
  ...FORMS.flatMap((f) => [FORM_FACTS[f].one, FORM_FACTS[f].many].map((w) => [w, f] as const)),
  ['sheet', 'sheets'],
  ['bottle', 'bottles'],
  ['jar', 'bottles'],
  ['jars', 'bottles'],
  ['fabric', 'soft'],
  ['yarn', 'soft'],
]);
const LIES: ReadonlyMap<string, Orientation> = new Map([
  ['flat', 'flat'],
  ['on edge', 'edge'],
  ['edge', 'edge'],
  ['on end', 'end'],
  ['end', 'end'],
]);
const LIE_WORDS: Readonly<Record<Orientation, string>> = { flat: 'flat', edge: 'on edge', end: 'on end' };

/**
 * Reads a table of supplies. Quotes and line breaks inside fields are allowed; numbers may have a decimal comma. A row
 * with a problem is left out and named; the others are kept.
 */
export function readSuppliesCsv(text: string, system: UnitSystem, options: CsvOptions = {}): CsvResult {
  const table = parseTable(text, options.headed ?? true);
  const refuse = (message: string, t?: CsvTable, mapping: Mapping = {}): CsvResult => ({
    supplies: [],
    problems: [{ row: 1, column: '', value: '', message }],
    rows: t?.rows.length ?? 0,
    header: t?.header ?? [],
    mapping,
  });
  if ('refused' in table) return refuse(table.refused);
  const mapping = options.mapping ?? table.guess;
  if (!mapping.name || !table.header.includes(mapping.name)) {
    const found = table.header.join(', ') || 'none';
    return refuse(
      `The column name is missing. The first row names the columns (${CSV_COLUMNS.join(', ')}); found: ${found}. Say below which column holds the names.`,
      table,
      mapping,
    );
  }
  const problems = [...table.problems];
  const supplies: NewSupply[] = [];
  for (const { row, cells } of table.rows) {
    const read = readRow((c) => (mapping[c] === undefined ? '' : (cells[mapping[c]] ?? '')), row, system, options);
    if ('problems' in read) problems.push(...read.problems);
    else supplies.push(read);
  }
  return {
    supplies,
    problems: problems.sort((a, b) => a.row - b.row),
    rows: table.rows.length + table.problems.length,
    header: table.header,
    mapping,
  };
}

function readRow(
  cell: (column: Column) => string,
  row: number,
  system: UnitSystem,
  options: CsvOptions,
): NewSupply | { problems: CsvProblem[] } {
  const problems: CsvProblem[] = [];
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
  const listed = <T extends string>(column: Column, known: ReadonlyMap<string, T>, what: string): T[] =>
    split(cell(column)).flatMap((word) => {
      const found = known.get(word.toLowerCase());
      if (!found) wrong(column, `“${word}” is not ${what}; use ${[...new Set(known.keys())].join(', ')}.`);
      return found ?? [];
    });
  /** Grams a square metre as they are written, or a weight with its words: "80 lb cover". */
  const paper = (): number | undefined => {
    if (cell('grammage') === '') return undefined;
    const number = decimal(cell('grammage'));
    if (number !== null) return number;
    const read = readPaper(cell('grammage'), system);
    if (!read.ok) wrong('grammage', read.message);
    return read.ok ? read.value : undefined;
  };
  const kind = options.kinds?.find(cell('name')) ?? null;
  const grammage = paper();
  const form =
    FORM_WORDS.get(cell('form').toLowerCase()) ?? (cell('form') === '' ? (grammage ? 'sheets' : undefined) : null);
  if (form === null) wrong('form', `“${cell('form')}” is not a form; use ${FORMS.join(', ')}.`);
  const sizes = sizesOf(cell, size, form ?? undefined, grammage, kind, system);
  const taken: Form = form ?? (sizes.usual && kind ? kind.form : 'pieces');
  const usual = usualUse({ form: taken, category: cell('kind') || (kind?.category ?? '') });
  const yes: Record<string, boolean> = {
    '': usual.goesBack,
    yes: true,
    no: false,
    true: true,
    false: false,
  };
  const goesBack = yes[cell('goes back').toLowerCase()];
  if (goesBack === undefined) wrong('goes back', `“${cell('goes back')}” is neither yes nor no.`);
  const count = cell('count') === '' ? 1 : plain('count');
  if (cell('name') === '') wrong('name', 'The name is missing.');
  for (const column of ['length', 'width'] as const)
    if (sizes[column] === undefined && problems.length === 0) wrong(column, `The ${column} is missing.`);
  if (sizes.thickness === undefined && problems.length === 0)
    wrong('thickness', 'The thickness is missing (sheets can give a grammage instead).');
  const uses = readUses(cell('uses'));
  if (!uses)
    wrong(
      'uses',
      `“${cell('uses')}” cannot be read; write painting 6; sewing 2: fetches a session, above 0 and at most 500.`,
    );
  const traits = listed('cautions', new Map([...TRAITS.map((t) => [t, t] as const), ...OLD_TRAITS]), 'a caution');
  const orientations = listed('may lie', LIES, 'a way to lie');
  const decided = cell('decision').toLowerCase();
  const decision = decided === '' ? null : DECISIONS.find((d) => d === decided);
  if (decision === undefined)
    wrong('decision', `“${cell('decision')}” is not a decision; use ${DECISIONS.join(', ')}.`);
  const place = cell('place') === '' || !options.places ? null : options.places.get(cell('place').toLowerCase());
  if (place === undefined)
    wrong(
      'place',
      `“${cell('place')}” is not a place of the plan; write it as the plan names it, for example “Cart, tray 1”.`,
    );
  const work = split(cell('works with')).map((w) => decimal(w));
  if (work.includes(null))
    wrong('works with', `“${cell('works with')}” cannot be read; write mm before, behind and above: 300; 150; 0.`);
  const spares = plain('spares');
  const [reorderAt, parts, squeeze] = [plain('reorder at'), plain('pieces in a set'), plain('pressed to')];
  const [mass, lasts] = [plain('mass'), plain('lasts')];
  if (problems.length > 0) return { problems };
  const checked = SupplySchema.safeParse({
    ...SUPPLY_DEFAULTS,
    id: 'x',
    name: cell('name'),
    category: cell('kind') || (kind?.category ?? ''),
    form: taken,
    count,
    length: sizes.length,
    width: sizes.width,
    thickness: sizes.thickness,
    grammage: grammage ?? (taken === 'sheets' && sizes.usual ? (kind?.grammage ?? null) : null),
    mass: mass ?? (sizes.usual ? (kind?.mass ?? null) : null),
    orientations: orientations.length > 0 ? orientations : usualOrientations(taken),
    goesBack,
    lasts: lasts ?? (cell('goes back') === '' ? usual.lasts : null),
    note: cell('note'),
    traits: traits.length > 0 ? traits : sizes.usual ? [...(kind?.traits ?? [])] : [],
    colour: cell('colour'),
    collection: cell('collection'),
    theme: cell('theme'),
    season: cell('season'),
    backstock: spares ?? 0,
    reorderAt: reorderAt ?? null,
    parts: parts ?? null,
    squeeze: squeeze ?? (taken === 'soft' ? 0.8 : 1),
    workFront: work[0] ?? 0,
    workBack: work[1] ?? 0,
    workAbove: work[2] ?? 0,
    decision,
    decideBy: cell('decide by') || null,
    lastUsed: cell('last used') || null,
    sizeFrom: sizes.from,
  });
  if (!checked.success)
    return {
      problems: checked.error.issues.map((issue) => {
        const column = (COLUMN_OF[String(issue.path[0])] ?? String(issue.path[0] ?? '')) as Column;
        return { row, column, value: cell(column), message: issue.message };
      }),
    };
  const { id: _, ...draft } = checked.data;
  return { draft, uses: uses!, ...(place ? { place } : {}) };
}

const COLUMN_OF: Readonly<Record<string, Column>> = {
  category: 'kind',
  goesBack: 'goes back',
  backstock: 'spares',
  reorderAt: 'reorder at',
  parts: 'pieces in a set',
  squeeze: 'pressed to',
  decideBy: 'decide by',
  lastUsed: 'last used',
};

const split = (text: string) =>
  text
    .split(/[;|]/)
    .map((t) => t.trim())
    .filter((t) => t !== '');

/** Sizes from their own columns, from one column of sizes, or as usual for a known kind. */
function sizesOf(
  cell: (column: Column) => string,
  size: (column: Column) => number | undefined,
  form: Form | undefined,
  grammage: number | undefined,
  kind: Kind | null,
  system: UnitSystem,
): {
  length: number | undefined;
  width: number | undefined;
  thickness: number | undefined;
  usual: boolean;
  /** From what they were guessed; empty for what was given. */
  from: string;
} {
  let [length, width, thickness] = [size('length'), size('width'), size('thickness')];
  if (length === undefined && cell('size') !== '')
    [length, width, thickness] = takeSizes(new Rest(cell('size')), system, false).plain;
  const usual =
    length === undefined && cell('length') === '' && kind !== null && (form === undefined || form === kind.form);
  if (usual) {
    const [l, w, t] = usualSizes(kind, system);
    return { length: l, width: w, thickness: t, usual, from: `usual size of ${kind.name.toLowerCase()}` };
  }
  if ([length, width, thickness].every((s) => s === undefined) && cell('length') === '' && cell('size') === '') {
    const [l, w, t] = UNKNOWN_SIZE;
    return { length: l, width: w, thickness: t, usual, from: NOT_KNOWN };
  }
  if (form === 'sheets' && grammage) thickness ??= sheetThickness(grammage);
  if (form !== undefined && isRound(form)) thickness ??= width;
  // Two sizes that differ much are a length and a diameter, as in quick entry.
  if (
    cell('size') !== '' &&
    form !== 'sheets' &&
    !grammage &&
    length !== undefined &&
    width !== undefined &&
    length >= 3 * width
  )
    thickness ??= width;
  return { length, width, thickness, usual, from: '' };
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
  for (const part of split(text)) {
    const match = /^(.*?)\s+(\d+(?:[.,]\d+)?)\s*x?$/i.exec(part);
    const fetches = match ? Number(match[2]!.replace(',', '.')) : 1;
    const activity = (match?.[1] ?? part).trim();
    if (activity === '' || !(fetches > 0 && fetches <= 500)) return null;
    uses.push({ activity, fetches });
  }
  return uses;
}

/** A size with its unit, exact to a hundredth of a millimetre. */
function sizeCell(mm: number, system: UnitSystem): string {
  if (system === 'imperial') return `${Number((mm / 25.4).toFixed(5))} in`;
  return system === 'metric' ? `${mm} mm` : `${Number((mm / 10).toFixed(4))} cm`;
}

/** The supplies of a plan as CSV text, sizes in the plan's measures, one line each, by name. */
export function writeSuppliesCsv(plan: Plan): string {
  const rows = byName(plan.supplies).map((s) => {
    const uses = Object.values(plan.uses)
      .filter((u) => u.supply === s.id)
      .map((u) => `${plan.activities[u.activity]!.name} ${u.fetches}`)
      .sort()
      .join('; ');
    const work = [s.workFront, s.workBack, s.workAbove];
    return [
      s.name,
      s.category,
      s.form,
      s.count,
      ...[s.length, s.width, s.thickness].map((mm) => sizeCell(mm, plan.meta.units)),
      s.grammage ?? '',
      s.mass ?? '',
      s.goesBack ? 'yes' : 'no',
      uses,
      s.note,
      s.orientations.map((o) => LIE_WORDS[o]).join('; '),
      s.traits.join('; '),
      s.colour,
      s.collection,
      s.theme,
      s.season,
      s.backstock || '',
      s.reorderAt ?? '',
      s.parts ?? '',
      s.squeeze,
      work.some((w) => w > 0) ? work.join('; ') : '',
      s.decision ?? '',
      s.decideBy ?? '',
      s.lastUsed ?? '',
      s.lasts ?? '',
    ];
  });
  return writeTable([[...CSV_COLUMNS], ...rows]);
}
