/** Opens the data directory: one process at a time, migrated forward, never backward. */
import { existsSync, readdirSync, readFileSync, renameSync, rmSync, statfsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { takeLock } from './lock.ts';

export type Database = PGlite;

/** Thrown when a data directory cannot be used; its message is for a person. */
export class DataError extends Error {
  readonly code: 'in-use' | 'newer' | 'unreadable';
  constructor(code: DataError['code'], message: string) {
    super(message);
    this.name = 'DataError';
    this.code = code;
  }
}

const SQL = fileURLToPath(new URL('sql/', import.meta.url));

interface Migration {
  number: number;
  name: string;
  text: string;
}

function migrations(): Migration[] {
  return readdirSync(SQL)
    .filter((file) => /^\d{3}_\w+\.sql$/.test(file))
    .sort()
    .map((name) => ({ number: Number(name.slice(0, 3)), name, text: readFileSync(join(SQL, name), 'utf8') }));
}

/** Takes the lock of a data directory. @returns a function that gives it back @throws DataError when another process has it */
export function lock(directory: string): () => void {
  const taken = takeLock(directory);
  if ('release' in taken) return taken.release;
  throw new DataError(
    'in-use',
    `Another Heronstone (process ${taken.holder}) is using the data in ${directory}. Close it first, or choose another place with --data.`,
  );
}

/**
 * What must be free before anything is written, bytes: PostgreSQL writes its log in files of 16 MB and stops for
 * good when it cannot begin the next one; the rest is for what is written itself.
 */
const RESERVE = 32 * 2 ** 20;

/** @throws Error with the code ENOSPC when the disk of a directory is as good as full */
export function makeSureOfRoom(directory: string): void {
  const { bavail, bsize } = statfsSync(directory);
  if (bavail * bsize >= RESERVE) return;
  throw Object.assign(new Error(`Less than ${RESERVE / 2 ** 20} MB are free in ${directory}.`), { code: 'ENOSPC' });
}

export interface OpenDatabase {
  db: Database;
  close: () => Promise<void>;
}

/** The newest dated copy beside the data, or null. */
function newestCopy(directory: string): string | null {
  const folder = join(directory, 'copies');
  const copies = existsSync(folder) ? readdirSync(folder).filter((f) => f.endsWith('.heronbackup')) : [];
  const newest = copies.sort().at(-1);
  return newest === undefined ? null : join(folder, newest);
}

/** Whether there is a database, by the file that PostgreSQL writes first of all. */
const isDatabase = (path: string): boolean => existsSync(join(path, 'PG_VERSION'));

/**
 * Makes the database of a data directory that has none yet: under another name until it is whole, so that a start that was broken
 * off leaves nothing behind that looks like one.
 * @throws DataError where one was before: an empty one is never laid over what may still be saved
 */
async function makeDatabase(directory: string, path: string, tell: (message: string) => void): Promise<void> {
  const copy = newestCopy(directory);
  if (existsSync(path) || copy !== null)
    throw new DataError(
      'unreadable',
      `The database in ${path} is damaged or missing: it has no file PG_VERSION. Nothing was changed. ` +
        (copy === null
          ? 'There is no copy beside it. Put back what is missing, or choose another place with --data.'
          : `The newest copy is ${copy}. Put back what is missing, or start once with --restore ${copy}; the old database is kept beside the new one.`),
    );
  tell('Making the database; the first time takes some seconds …');
  const part = `${path}.part`;
  rmSync(part, { recursive: true, force: true });
  await create(part);
  renameSync(part, path);
}

const create = async (path: string): Promise<void> => (await PGlite.create(path)).close();

/**
 * Puts a database that cannot be opened aside, so that a new one can be made from a copy.
 * @param day names it
 * @param make makes an empty database
 */
export async function startAfresh(directory: string, day: string, make = create): Promise<void> {
  const release = lock(directory);
  try {
    const path = join(directory, 'db');
    if (existsSync(path)) {
      let aside = `${path}.before-${day}`;
      for (let n = 2; existsSync(aside); n++) aside = `${path}.before-${day}-${n}`;
      renameSync(path, aside);
    }
    await make(`${path}.part`);
    renameSync(`${path}.part`, path);
  } finally {
    release();
  }
}

/**
 * Opens (and first creates) the database in a data directory.
 * @param tell hears what takes a while
 * @throws DataError when it is in use, damaged, or written by a newer program
 */
export async function openDatabase(
  directory: string,
  tell: (message: string) => void = () => {},
): Promise<OpenDatabase> {
  const release = lock(directory);
  try {
    const path = join(directory, 'db');
    if (!isDatabase(path)) await makeDatabase(directory, path, tell);
    const db = await PGlite.create(path);
    await migrate(db, directory);
    return {
      db,
      close: async () => {
        await db.close();
        release();
      },
    };
  } catch (cause) {
    release();
    if (cause instanceof DataError) throw cause;
    throw new DataError(
      'unreadable',
      `The data in ${directory} cannot be opened: ${cause instanceof Error ? cause.message : String(cause)}`,
    );
  }
}

/** Brings a database forward, step by step. @throws DataError when a newer program wrote it */
export async function migrate(db: Database, directory: string): Promise<void> {
  await db.exec(
    'CREATE TABLE IF NOT EXISTS migrations (number integer PRIMARY KEY, name text NOT NULL, at timestamptz NOT NULL DEFAULT now())',
  );
  const done = await db.query<{ number: number }>('SELECT max(number) AS number FROM migrations');
  const version = done.rows[0]?.number ?? 0;
  const steps = migrations();
  const newest = steps.at(-1)!.number;
  if (version > newest) {
    throw new DataError(
      'newer',
      `The data in ${directory} was written by a newer Heronstone (step ${version}; this program knows ${newest}). Update the program.`,
    );
  }
  for (const migration of steps.filter((m) => m.number > version)) {
    await db.transaction(async (tx) => {
      await tx.exec(migration.text);
      await tx.query('INSERT INTO migrations (number, name) VALUES ($1, $2)', [migration.number, migration.name]);
    });
  }
}
