/**
 * What a stage of the computation reads of a plan. A stage is worked out again only when something that it reads has changed:
 * a note, a label's size, a line in the log change no figure, and cost nothing. reads.test.ts holds every stage to what it
 * says here.
 */
import { TABLE_NAMES, type Meta, type Plan, type TableName } from './plan.ts';

export interface Reads {
  tables: readonly TableName[];
  meta: ReadonlyArray<keyof Meta>;
}

/** Fields that no figure reads, in whatever table: what the maker writes for people. */
export const FOR_PEOPLE: ReadonlySet<string> = new Set(['note']);

/** What a room as it stands is made of, with who works there. */
const ROOM_TABLES = [
  'corners',
  'openings',
  'fixtures',
  'overheads',
  'areas',
  'elsewheres',
  'units',
  'spots',
  'people',
  'stations',
] as const satisfies readonly TableName[];

/** Findings about the room, its furniture and who works there. */
export const ROOM: Reads = {
  tables: ROOM_TABLES,
  meta: ['id', 'room', 'units', 'ceiling', 'walkway', 'constants'],
};

/** Seats, ways, sights, compartments, uses, and the rules about them: everything but supplies and where they lie. */
export const SCENE: Reads = {
  tables: [
    ...ROOM_TABLES,
    'activities',
    'kits',
    'helpers',
    'relations',
    'uses',
    'containers',
    'wishes',
    'bans',
    'keeps',
  ],
  meta: ['id', 'room', 'units', 'ceiling', 'walkway', 'constants', 'roomToGrow', 'sorting', 'north', 'latitude'],
};

/** Every figure of the Report. */
export const FIGURES: Reads = {
  tables: [...SCENE.tables, 'supplies', 'placements', 'zones', 'allotments', 'homes', 'aparts'],
  meta: [...SCENE.meta, 'namesCost', 'accepted'],
};

/** Tables of which no figure is made. */
export const UNREAD: readonly TableName[] = TABLE_NAMES.filter((t) => !FIGURES.tables.includes(t));

type Row = Readonly<Record<string, unknown>>;

function sameValue(a: unknown, b: unknown): boolean {
  return a === b || (typeof a === 'object' && typeof b === 'object' && JSON.stringify(a) === JSON.stringify(b));
}

function sameRow(a: Row, b: Row | undefined): boolean {
  if (a === b) return true;
  if (!b) return false;
  for (const field in a) if (!FOR_PEOPLE.has(field) && !sameValue(a[field], b[field])) return false;
  return true;
}

/** Whether two plans are the same in all that is read. */
export function sameFor({ tables, meta }: Reads, a: Plan, b: Plan): boolean {
  if (a === b) return true;
  if (a.meta !== b.meta && !meta.every((field) => sameValue(a.meta[field], b.meta[field]))) return false;
  return tables.every((table) => {
    const [rows, others] = [a[table], b[table]] as [Readonly<Record<string, Row>>, Readonly<Record<string, Row>>];
    if (rows === others) return true;
    const ids = Object.keys(rows);
    // Rows are taken in the order in which they were made, so that is read, too.
    const otherIds = Object.keys(others);
    return ids.length === otherIds.length && ids.every((id, i) => id === otherIds[i] && sameRow(rows[id]!, others[id]));
  });
}

/** How many results a stage remembers: the plan, and what is tried out beside it. */
const REMEMBERED = 4;

/** Work on a plan that is done again only when something has changed that it reads. */
export function stage<T>(reads: Reads, work: (plan: Plan) => T): (plan: Plan) => T {
  let known: Array<{ plan: Plan; result: T }> = [];
  return (plan) => {
    const before = known.find((k) => sameFor(reads, k.plan, plan));
    if (before) return before.result;
    const result = work(plan);
    known = [{ plan, result }, ...known].slice(0, REMEMBERED);
    return result;
  };
}
