/** Who was let in, and whether the room is open to the home: kept in the database, so that it outlives a restart. */
import type { Database } from './database.ts';

export type May = 'read' | 'edit';

export interface Guest {
  id: string;
  plan: string;
  may: May;
  name: string;
  /** SHA-256 of the secret that its cookie carries. */
  secret: Buffer;
  /** ISO 8601. */
  since: string;
  until: string;
}

export class Guests {
  private readonly db: Database;
  /** As in the database; the only writer is this process. */
  private all: Guest[] = [];

  private readonly makeSure: () => void;

  /** @param makeSure called before each write; it throws when the disk has no room for one */
  constructor(db: Database, makeSure: () => void = () => {}) {
    this.db = db;
    this.makeSure = makeSure;
  }

  /** Reads who was let in. @returns the port at which the room was open when the server stopped, or null */
  async load(): Promise<number | null> {
    const { rows } = await this.db.query<{
      [K in keyof Guest]: K extends 'since' | 'until' ? Date : K extends 'secret' ? Uint8Array : Guest[K];
    }>('SELECT id, plan, may, name, secret, since, until FROM guests ORDER BY since, id');
    this.all = rows.map(({ secret, since, until, ...rest }) => ({
      ...rest,
      secret: Buffer.from(secret),
      since: since.toISOString(),
      until: until.toISOString(),
    }));
    return (await this.db.query<{ port: number }>('SELECT port FROM sharing')).rows[0]?.port ?? null;
  }

  /** Those whose time is not over. @param now ms */
  list(now: number): Guest[] {
    return this.all.filter((g) => Date.parse(g.until) > now);
  }

  async add(guest: Guest): Promise<void> {
    this.makeSure();
    const { id, plan, may, name, secret, since, until } = guest;
    await this.db.query('DELETE FROM guests WHERE until <= $1', [since]);
    await this.db.query(
      'INSERT INTO guests (id, plan, may, name, secret, since, until) VALUES ($1, $2, $3, $4, $5, $6, $7)',
      [id, plan, may, name, secret, since, until],
    );
    this.all = [...this.all.filter((g) => g.until > since), guest];
  }

  async remove(id: string): Promise<void> {
    this.all = this.all.filter((g) => g.id !== id);
    await this.db.query('DELETE FROM guests WHERE id = $1', [id]);
  }

  /** Says at which port the room is open; null ends that and all sessions. */
  async open(port: number | null): Promise<void> {
    if (port === null) this.all = [];
    await this.db.transaction(async (tx) => {
      await tx.query('DELETE FROM sharing');
      if (port === null) await tx.query('DELETE FROM guests');
      else await tx.query('INSERT INTO sharing (port) VALUES ($1)', [port]);
    });
  }
}
