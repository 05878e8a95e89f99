/** Plans in the database: read whole, changed by groups, every group one transaction and one line of the journal. */
import { applyChanges, type Change, type Group, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Pictures } from '@heronstone/core/formats/planFile.ts';
import { MetaSchema, TABLES, TABLE_NAMES, type Plan, type TableName } from '@heronstone/core/model/plan.ts';
import type { Database } from './database.ts';

type Row = Record<string, unknown>;

/** The column of a field: camelCase in the plan, snake_case in the database. */
const column = (field: string) => field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
const quoted = (field: string) => `"${column(field)}"`;

const FIELDS = Object.fromEntries(TABLE_NAMES.map((table) => [table, Object.keys(TABLES[table].shape)])) as Record<
  TableName,
  string[]
>;
const META_FIELDS = Object.keys(MetaSchema.shape);

const SELECT = Object.fromEntries(
  TABLE_NAMES.map((table) => [
    table,
    `SELECT ${FIELDS[table].map((f) => `${quoted(f)} AS "${f}"`).join(', ')} FROM ${table} WHERE plan = $1`,
  ]),
) as Record<TableName, string>;

/** One statement writes any number of rows, handed over as JSON. */
function upsert(table: TableName): string {
  const fields = FIELDS[table];
  const columns = fields.map(quoted).join(', ');
  const updates = fields.filter((f) => f !== 'id').map((f) => `${quoted(f)} = EXCLUDED.${quoted(f)}`);
  return `INSERT INTO ${table} (plan, ${columns})
    SELECT $1, ${columns} FROM json_populate_recordset(NULL::${table}, $2::json)
    ON CONFLICT (plan, id) DO UPDATE SET ${updates.join(', ')}`;
}

const KEEP_PICTURE = `INSERT INTO pictures (plan, id, type, data) VALUES ($1, $2, $3, $4)
  ON CONFLICT (plan, id) DO UPDATE SET type = EXCLUDED.type, data = EXCLUDED.data`;

const WRITE_JOURNAL =
  'INSERT INTO journal (plan, revision, group_id, name, kind, target, changes, inverse, at, by) VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)';
const journalRow = (plan: string, { revision, group, inverse, at, by }: JournalEntry) => [
  plan,
  revision,
  group.id,
  group.name,
  group.kind,
  group.target,
  JSON.stringify(group.changes),
  JSON.stringify(inverse),
  at,
  by,
];

/** The most entries that are handed over at once; who missed more asks again, or opens the plan again. */
export const PAGE = 500;

/** How long a plan that was put away can be brought back. */
const REMOVED_KEPT = '90 days';

/** There is no plan of that id. */
export class NoPlanError extends Error {
  constructor(id: string) {
    super(`There is no plan “${id}”.`);
  }
}

/** A group that is in the journal already. */
export interface Had {
  id: string;
  revision: number;
}

/**
 * The base of a change is not the newest: the client gets what it missed, oldest first and at most a page, and replays its own.
 * Another epoch means another history (a restored backup): then nothing can be replayed, the plan is opened again.
 */
export class StaleError extends Error {
  readonly code: 'stale' | 'epoch';
  readonly missed: JournalEntry[];
  readonly have: Had[];
  readonly epoch: string;
  readonly revision: number;
  constructor(code: 'stale' | 'epoch', { epoch, revision }: Stored, missed: JournalEntry[], have: Had[]) {
    super(
      code === 'epoch'
        ? 'The plan was replaced by one from a backup.'
        : 'The plan was changed elsewhere in the meantime.',
    );
    this.name = 'StaleError';
    this.code = code;
    this.missed = missed;
    this.have = have;
    this.epoch = epoch;
    this.revision = revision;
  }
}

export interface Stored {
  plan: Plan;
  revision: number;
  /** Names the history to which the revision belongs. */
  epoch: string;
}

/** What became of groups that were sent. */
export interface Written extends Pick<Stored, 'revision' | 'epoch'> {
  /** What the journal has since the base: what others wrote before, and what was written now; oldest first. */
  entries: JournalEntry[];
  /** Of the groups that were sent, those that were there already. */
  have: Had[];
}

export interface PlanLine {
  id: string;
  name: string;
  room: string;
  revision: number;
}

export class Store {
  private readonly db: Database;
  /** Plans as they are in the database; the only writer is this process. */
  private readonly cache = new Map<string, Stored>();
  private turn: Promise<unknown> = Promise.resolve();

  private readonly makeSure: () => void;

  /** @param makeSure called before each write; it throws when the disk has no room for one */
  constructor(db: Database, makeSure: () => void = () => {}) {
    this.db = db;
    this.makeSure = makeSure;
  }

  async list(): Promise<PlanLine[]> {
    const { rows } = await this.db.query<PlanLine>(
      'SELECT id, name, room, revision FROM plans WHERE removed IS NULL ORDER BY created_at, id',
    );
    // What is beyond a number comes as a bigint, which no JSON can say.
    return rows.map((row) => ({ ...row, revision: Number(row.revision) }));
  }

  /** A plan with its revision, or null. */
  async read(id: string): Promise<Stored | null> {
    const known = this.cache.get(id);
    if (known) return known;
    const meta = (
      await this.db.query<Row>(
        `SELECT ${META_FIELDS.map((f) => `${quoted(f)} AS "${f}"`).join(', ')}, revision, epoch FROM plans WHERE id = $1 AND removed IS NULL`,
        [id],
      )
    ).rows[0];
    if (!meta) return null;
    const { revision, epoch, ...rest } = meta;
    const plan: Row = { meta: rest };
    for (const table of TABLE_NAMES) {
      const { rows } = await this.db.query<{ id: string }>(SELECT[table], [id]);
      plan[table] = Object.fromEntries(rows.map((row) => [row.id, row]));
    }
    const stored = { plan: plan as unknown as Plan, revision: Number(revision), epoch: epoch as string };
    this.cache.set(id, stored);
    return stored;
  }

  /** Writes a whole new plan (made or imported) in one transaction. @throws Error when its id is taken */
  async create(plan: Plan, by: string, pictures: Pictures = {}): Promise<Stored> {
    return this.inTurn(async () => {
      if (await this.read(plan.meta.id)) throw new Error(`There is a plan with the id “${plan.meta.id}” already.`);
      const epoch = await this.db.transaction(async (tx) => {
        // In the place of a plan that was put away; nobody who was let into that one is let into this one.
        await tx.query('DELETE FROM guests WHERE plan = $1', [plan.meta.id]);
        await tx.query('DELETE FROM plans WHERE id = $1', [plan.meta.id]);
        const made = await tx.query<{ epoch: string }>(
          `INSERT INTO plans (${META_FIELDS.map(quoted).join(', ')}, revision) VALUES (${META_FIELDS.map((_, i) => `$${i + 1}`).join(', ')}, 1) RETURNING epoch`,
          META_FIELDS.map((f) => (plan.meta as Row)[f]),
        );
        for (const table of TABLE_NAMES) {
          const rows = Object.values(plan[table]);
          if (rows.length > 0) await tx.query(upsert(table), [plan.meta.id, JSON.stringify(rows.map(snake))]);
        }
        for (const [id, { type, data }] of Object.entries(pictures))
          await tx.query(KEEP_PICTURE, [plan.meta.id, id, type, Buffer.from(data, 'base64')]);
        await tx.query(
          'INSERT INTO journal (plan, revision, group_id, name, kind, changes, inverse, by) VALUES ($1, 1, $2, $3, $4, $5, $5, $6)',
          [plan.meta.id, `start-${plan.meta.id}`, 'Create plan', 'do', '[]', by],
        );
        return made.rows[0]!.epoch;
      });
      const stored = { plan, revision: 1, epoch };
      this.cache.set(plan.meta.id, stored);
      return stored;
    });
  }

  /**
   * Applies groups of changes, all or none.
   * @param base the revision that the sender had seen, and the epoch to which it belongs (null: whatever it is)
   * @returns the new revision and the entries written; groups that are in the journal already are named, not written again
   * @throws StaleError when others wrote in the meantime or the epoch is another; ChangeError when a change is not valid;
   *   NoPlanError
   */
  async change(
    id: string,
    base: { revision: number; epoch: string | null },
    groups: readonly Group[],
    by: string,
  ): Promise<Written> {
    return this.inTurn(async () => {
      const stored = await this.read(id);
      if (!stored) throw new NoPlanError(id);
      // A revision that is not reached yet is one of a history that was put aside, too: an older copy of the data, say.
      if ((base.epoch !== null && base.epoch !== stored.epoch) || base.revision > stored.revision)
        throw new StaleError('epoch', stored, [], []);
      const have = await this.had(
        id,
        groups.map((g) => g.id),
      );
      const written = new Set(have.map((h) => h.id));
      const fresh = groups.filter((g) => !written.has(g.id));
      // What was missed may hold the sender's own groups whose answer was lost; they are not written twice.
      const missed = base.revision === stored.revision ? [] : await this.journal(id, base.revision, PAGE);
      const { epoch } = stored;
      if (fresh.length === 0) return { revision: stored.revision, epoch, entries: missed, have };
      if (base.revision !== stored.revision) throw new StaleError('stale', stored, missed, have);
      let { plan, revision } = stored;
      const entries: JournalEntry[] = [];
      const at = new Date().toISOString();
      for (const group of fresh) {
        const applied = applyChanges(plan, group.changes);
        plan = applied.plan;
        revision++;
        entries.push({ revision, group, inverse: applied.inverse, at, by });
      }
      await this.write(id, stored.plan, plan, entries);
      this.cache.set(id, { plan, revision, epoch });
      return { revision, epoch, entries, have };
    });
  }

  /** Which groups are in the journal, up to a revision. */
  async had(id: string, groups: readonly string[], until = Number.MAX_SAFE_INTEGER): Promise<Had[]> {
    if (groups.length === 0) return [];
    const { rows } = await this.db.query<Had>(
      'SELECT group_id AS id, revision FROM journal WHERE plan = $1 AND group_id = ANY($2) AND revision <= $3',
      [id, groups, until],
    );
    return rows.map((r) => ({ id: r.id, revision: Number(r.revision) }));
  }

  /**
   * Journal entries after a revision, oldest first.
   * @param most the most of them
   * @param which the first of them, or the last
   */
  async journal(
    id: string,
    since: number,
    most = 1_000_000,
    which: 'first' | 'last' = 'first',
  ): Promise<JournalEntry[]> {
    const { rows } = await this.db.query<Row>(
      'SELECT revision, group_id, name, kind, target, changes, inverse, at, by FROM journal WHERE plan = $1 AND revision > $2 ORDER BY revision ' +
        (which === 'first' ? 'ASC LIMIT $3' : 'DESC LIMIT $3'),
      [id, since, most],
    );
    return (which === 'first' ? rows : rows.reverse()).map((row) => ({
      revision: Number(row.revision),
      group: { id: row.group_id, name: row.name, kind: row.kind, target: row.target, changes: row.changes } as Group,
      inverse: row.inverse as Change[],
      at: (row.at as Date).toISOString(),
      by: row.by as string,
    }));
  }

  /**
   * Writes plans as they were backed up, with their journals, all or none; a plan that is here is replaced.
   */
  async restore(
    plans: ReadonlyArray<{ plan: Plan; pictures: Pictures; revision: number; journal: readonly JournalEntry[] }>,
  ): Promise<void> {
    await this.inTurn(async () => {
      await this.db.transaction(async (tx) => {
        for (const { plan, pictures, revision, journal } of plans) {
          const { id } = plan.meta;
          await tx.query('DELETE FROM plans WHERE id = $1', [id]);
          await tx.query(
            `INSERT INTO plans (${META_FIELDS.map(quoted).join(', ')}, revision) VALUES (${META_FIELDS.map((_, i) => `$${i + 1}`).join(', ')}, $${META_FIELDS.length + 1})`,
            [...META_FIELDS.map((f) => (plan.meta as Row)[f]), revision],
          );
          for (const table of TABLE_NAMES) {
            const rows = Object.values(plan[table]);
            if (rows.length > 0) await tx.query(upsert(table), [id, JSON.stringify(rows.map(snake))]);
          }
          for (const [picture, { type, data }] of Object.entries(pictures))
            await tx.query(KEEP_PICTURE, [id, picture, type, Buffer.from(data, 'base64')]);
          for (const entry of journal) await tx.query(WRITE_JOURNAL, journalRow(id, entry));
        }
      });
      for (const { plan } of plans) this.cache.delete(plan.meta.id);
    });
  }

  /** Puts a plan away: it is nowhere to be seen, and can be brought back for REMOVED_KEPT. @throws NoPlanError */
  async putAway(id: string): Promise<void> {
    await this.inTurn(() => this.setRemoved(id, 'now()', 'IS NULL'));
  }

  /** Brings back a plan that was put away. @throws NoPlanError when it is not there any more */
  async bringBack(id: string): Promise<void> {
    await this.inTurn(() => this.setRemoved(id, 'NULL', 'IS NOT NULL'));
  }

  private async setRemoved(id: string, to: 'now()' | 'NULL', where: string): Promise<void> {
    const { affectedRows } = await this.db.query(
      `UPDATE plans SET removed = ${to} WHERE id = $1 AND removed ${where}`,
      [id],
    );
    if (!affectedRows) throw new NoPlanError(id);
    this.cache.delete(id);
  }

  /** Removes plans for good that were put away longer ago than they are kept. */
  async clearRemoved(): Promise<void> {
    await this.inTurn(async () => {
      await this.db.query(
        `DELETE FROM guests WHERE plan IN (SELECT id FROM plans WHERE removed < now() - interval '${REMOVED_KEPT}')`,
      );
      await this.db.query(`DELETE FROM plans WHERE removed < now() - interval '${REMOVED_KEPT}'`);
    });
  }

  /** Removes a plan with all that belongs to it, for good. */
  async remove(id: string): Promise<void> {
    await this.inTurn(async () => {
      await this.db.transaction(async (tx) => {
        await tx.query('DELETE FROM guests WHERE plan = $1', [id]);
        await tx.query('DELETE FROM plans WHERE id = $1', [id]);
      });
      this.cache.delete(id);
    });
  }

  /** The plan as it was at a time: what was done since is taken back, newest first. */
  async asOf(id: string, at: string): Promise<{ plan: Plan; revision: number } | null> {
    const stored = await this.read(id);
    if (!stored) return null;
    let { plan, revision } = stored;
    for (const entry of (await this.journal(id, 0)).reverse()) {
      if (entry.at <= at || entry.group.changes.length === 0) break;
      plan = applyChanges(plan, entry.inverse).plan;
      revision = entry.revision - 1;
    }
    return { plan, revision };
  }

  /** Keeps a picture; the photograph that shows it is a row of the plan. */
  async keepPicture(plan: string, id: string, type: string, data: Uint8Array): Promise<void> {
    await this.inTurn(() => this.db.query(KEEP_PICTURE, [plan, id, type, data]));
  }

  async picture(plan: string, id: string): Promise<{ type: string; data: Uint8Array } | null> {
    const { rows } = await this.db.query<{ type: string; data: Uint8Array }>(
      'SELECT type, data FROM pictures WHERE plan = $1 AND id = $2',
      [plan, id],
    );
    return rows[0] ?? null;
  }

  /** The pictures of the photographs that a plan has, for its file; or all that are kept, for a backup. */
  async pictures(plan: Plan, which: 'shown' | 'all' = 'shown'): Promise<Pictures> {
    const ids = Object.keys(plan.photos);
    if (ids.length === 0 && which === 'shown') return {};
    const { rows } = await this.db.query<{ id: string; type: string; data: Uint8Array }>(
      'SELECT id, type, data FROM pictures WHERE plan = $1 AND (id = ANY($2) OR $3)',
      [plan.meta.id, ids, which === 'all'],
    );
    return Object.fromEntries(
      rows.map(({ id, type, data }) => [id, { type, data: Buffer.from(data).toString('base64') }]),
    );
  }

  /** Writes only the rows that the groups touched, as they are at the end, and the journal, in one transaction. */
  private async write(id: string, before: Plan, after: Plan, entries: readonly JournalEntry[]): Promise<void> {
    const touched = new Map<TableName, Set<string>>();
    let meta = false;
    for (const { group } of entries) {
      for (const change of group.changes) {
        if (change.table === 'meta') meta = true;
        else {
          const ids = touched.get(change.table as TableName);
          if (ids) ids.add(change.id);
          else touched.set(change.table as TableName, new Set([change.id]));
        }
      }
    }
    await this.db.transaction(async (tx) => {
      if (meta) {
        const fields = META_FIELDS.filter((f) => f !== 'id');
        await tx.query(
          `UPDATE plans SET ${fields.map((f, i) => `${quoted(f)} = $${i + 2}`).join(', ')} WHERE id = $1`,
          [id, ...fields.map((f) => (after.meta as Row)[f])],
        );
      }
      for (const [table, ids] of touched) {
        const gone = [...ids].filter((key) => !after[table][key] && before[table][key]);
        if (gone.length > 0) await tx.query(`DELETE FROM ${table} WHERE plan = $1 AND id = ANY($2)`, [id, gone]);
        const rows = [...ids].map((key) => after[table][key]).filter((row) => row !== undefined);
        if (rows.length > 0) await tx.query(upsert(table), [id, JSON.stringify(rows.map(snake))]);
      }
      for (const entry of entries) await tx.query(WRITE_JOURNAL, journalRow(id, entry));
      await tx.query('UPDATE plans SET revision = $2 WHERE id = $1', [id, entries.at(-1)!.revision]);
    });
  }

  /** One write after the other. */
  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const write = () => {
      this.makeSure();
      return work();
    };
    const mine = this.turn.then(write, write);
    this.turn = mine.catch(() => {});
    return mine;
  }
}

function snake(row: object): Row {
  return Object.fromEntries(Object.entries(row).map(([field, value]) => [column(field), value]));
}
