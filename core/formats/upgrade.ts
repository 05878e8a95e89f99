/**
 * Plan files and journals of earlier versions in the words of this one. Version 7 gave some tables and fields names that mean
 * one thing only; before version 6 some tables were not there yet. The database has the same in server/sql/008_one_meaning.sql.
 */
import { TABLE_NAMES, type Trait } from '../model/plan.ts';

type Row = Record<string, unknown>;

const TABLE: Readonly<Record<string, string>> = { hosts: 'helpers', nevers: 'bans', needs: 'pulls' };
const FIELD: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  units: { locked: 'pinned', keyed: 'keyLocked' },
  placements: { locked: 'pinned', home: 'returns' },
  // Homes are what supplies live in since version 11.
  containers: { home: 'returns' },
};
/** Traits by the names they had, also in tables that were written before. */
export const OLD_TRAITS: ReadonlyMap<string, Trait> = new Map([
  ['light-shy', 'keep out of light'],
  ['heat-shy', 'keep from heat'],
  ['damp-shy', 'keep dry'],
]);

function upgradeRow(table: string, row: Row): Row {
  const fields = FIELD[table] ?? {};
  return Object.fromEntries(
    Object.entries(row).map(([field, value]) => [
      fields[field] ?? field,
      table === 'supplies' && field === 'traits' && Array.isArray(value)
        ? value.map((t) => OLD_TRAITS.get(String(t)) ?? (t as unknown))
        : value,
    ]),
  );
}

/** A change as an earlier program wrote it; one of this version comes back as it is. */
export function upgradeChange(change: unknown): unknown {
  if (typeof change !== 'object' || change === null) return change;
  const { table, set, ...rest } = change as { table?: unknown; set?: unknown };
  if (typeof table !== 'string') return change;
  const name = TABLE[table] ?? table;
  return {
    table: name,
    ...rest,
    ...(typeof set === 'object' && set !== null ? { set: upgradeRow(name, set as Row) } : {}),
  };
}

/** A whole file of an earlier version; what is wrong with it is left for its reader to say. */
export function upgradeFile(data: Row, version: number): Row {
  if (version >= 14) return data;
  return withUse(upgradedTo13(data, version));
}

function upgradedTo13(data: Row, version: number): Row {
  if (version >= 13) return data;
  if (version >= 11) return withHunted(data);
  if (version >= 7) {
    const renamed = (table: string) =>
      Array.isArray(data[table])
        ? { [table]: data[table].map((row: unknown) => (isRow(row) ? upgradeRow(table, row) : row)) }
        : {};
    return withHunted(
      withHomes({ ...data, ...renamed('placements'), ...renamed('containers'), keeps: data.keeps ?? [] }),
    );
  }
  const file: Row = {};
  for (const [key, value] of Object.entries(data)) {
    const name = TABLE[key] ?? key;
    file[name] = Array.isArray(value) ? value.map((row: unknown) => (isRow(row) ? upgradeRow(name, row) : row)) : value;
  }
  file.keeps ??= [];
  if (version < 6) for (const table of TABLE_NAMES) file[table] ??= SINCE_THE_FIRST.has(table) ? undefined : [];
  // In files of version 1 a cart stood on wheels without saying so.
  if (version === 1 && Array.isArray(file.units))
    file.units = file.units.map((u: Row) => (u.kind === 'cart' ? { ...u, wheels: true } : u));
  return withHunted(withHomes(Object.fromEntries(Object.entries(file).filter(([, value]) => value !== undefined))));
}

const isRow = (row: unknown): row is Row => typeof row === 'object' && row !== null;

/** Tables that came with version 11; and what nobody had chosen otherwise is sorted by homes from then on. */
function withHomes(file: Row): Row {
  const result: Row = { ...file };
  for (const table of ['zones', 'allotments', 'homes', 'aparts']) result[table] ??= [];
  const meta = isRow(file.meta) ? file.meta : {};
  if (isRow(meta.sorting) && meta.sorting.way === 'quickest')
    result.meta = { ...meta, sorting: { ...meta.sorting, way: 'home' } };
  return result;
}

/** Before version 13 what had no place in a plan that knows today's places was hunted for; it still is. */
function withHunted(file: Row): Row {
  if (!Array.isArray(file.supplies) || !Array.isArray(file.placements)) return file;
  const today = new Map<unknown, number>();
  for (const p of file.placements)
    if (isRow(p) && p.arrangement === 'today') today.set(p.supply, (today.get(p.supply) ?? 0) + Number(p.count));
  if (today.size === 0) return file;
  const hunted = (s: Row) => Number(s.count) > (today.get(s.id) ?? 0);
  return {
    ...file,
    supplies: file.supplies.map((s: unknown) => (isRow(s) && hunted(s) ? { ...s, hunted: true } : s)),
  };
}

/** How many fetches a piece of each form lasts for. Common practice, no source; the same in server/sql/016. */
const LASTS: Readonly<Record<string, number>> = { rolls: 20, bottles: 40, soft: 6 };

/**
 * Before version 14 there was no way to say that a roll goes back and is used up bit by bit: it was used up by one fetch, or was
 * a tool. Rolls, bottles and soft things that were used up go back from then on.
 */
function withUse(file: Row): Row {
  if (!Array.isArray(file.supplies)) return file;
  const lasting = (s: Row) => s.goesBack === false && LASTS[String(s.form)] !== undefined;
  return {
    ...file,
    supplies: file.supplies.map((s: unknown) =>
      isRow(s) && lasting(s) ? { ...s, goesBack: true, lasts: LASTS[String(s.form)] } : s,
    ),
  };
}

/** Tables that a file of any version has. */
const SINCE_THE_FIRST: ReadonlySet<string> = new Set([
  ...['corners', 'openings', 'fixtures', 'people', 'units', 'stations', 'activities', 'supplies', 'uses', 'placements'],
]);
