/**
 * The server's way with plans, in memory: what server/store.ts and server/routes.ts do with changes, journal and backups, for
 * tests of the window. It can be away, refuse, ask for the code, be put back to an older state.
 */
import { applyChanges, ChangeError, type Group, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';

/** How the server is: it works; it does not answer; it fails; its disk is full; the session is over; only looking is allowed. */
export type Mood = 'fine' | 'away' | 'fails' | 'full' | 'code' | 'read-only';

interface Sent {
  baseRevision: number;
  epoch?: string | null;
  groups: Group[];
}
interface Answered {
  status: number;
  body: Record<string, unknown>;
}

const ERRORS: Readonly<Record<Exclude<Mood, 'fine' | 'away'>, [number, string]>> = {
  fails: [500, 'server'],
  full: [507, 'full'],
  code: [401, 'pair'],
  'read-only': [403, 'read-only'],
};

export class SimulatedServer {
  plan: Plan;
  journal: JournalEntry[] = [];
  epoch = 'epoch-1';
  mood: Mood = 'fine';
  /** How often it was asked to write. */
  writes = 0;
  /** Why it refuses a group, or null. */
  refuses: (group: Group) => string | null = () => null;
  private epochs = 1;
  /** Entries handed over at once. */
  private readonly page: number;

  constructor(plan: Plan, page = 500) {
    this.plan = plan;
    this.page = page;
  }

  get revision(): number {
    return this.journal.length;
  }

  /** Writes a group as if another window had sent it. */
  write(group: Group, by = 'test'): JournalEntry {
    const { plan, inverse } = applyChanges(this.plan, group.changes);
    this.plan = plan;
    const entry: JournalEntry = { revision: this.revision + 1, group, inverse, by, at: '2027-03-01T12:00:00Z' };
    this.journal.push(entry);
    return entry;
  }

  /** Puts back a state of before, as a backup does: another history, whose numbers may be the same. */
  restore({ plan, journal }: { plan: Plan; journal: readonly JournalEntry[] }): void {
    this.plan = plan;
    this.journal = [...journal];
    this.epoch = `epoch-${++this.epochs}`;
  }

  /** Answers a request; null for none. @param body the JSON that is sent */
  answer(path: string, method = 'GET', body: string | null = null, by = 'test'): Answered | null {
    if (this.mood === 'away') return null;
    const write = method === 'POST';
    if (this.mood !== 'fine' && (this.mood !== 'read-only' || write)) {
      const [status, code] = ERRORS[this.mood];
      return { status, body: { error: { code, message: `The server says ${code}.` } } };
    }
    const { epoch, revision } = this;
    if (write) {
      this.writes++;
      return this.take(JSON.parse(body ?? '{}') as Sent, by);
    }
    if (/\/session$/.test(path)) return { status: 200, body: { may: 'all' } };
    const since = /journal\?since=(\d+)/.exec(path);
    if (since) return { status: 200, body: { epoch, revision, entries: this.since(Number(since[1])) } };
    if (/journal\?which=last/.test(path))
      return { status: 200, body: { epoch, revision, entries: this.journal.slice(-this.page) } };
    const asked = new Set(decodeURIComponent(/groups=([^&]*)/.exec(path)?.[1] ?? '').split(','));
    return { status: 200, body: { plan: this.plan, epoch, revision, have: this.had((id) => asked.has(id)) } };
  }

  /** Stands in for the browser's fetch. */
  readonly fetch = (
    path: string,
    init: { method?: string; body?: string; headers?: Record<string, string> } = {},
  ): Promise<Response> => {
    const answered = this.answer(path, init.method, init.body ?? null, init.headers?.['X-Window']);
    return answered
      ? Promise.resolve(Response.json(answered.body, { status: answered.status }))
      : Promise.reject(new TypeError('fetch failed'));
  };

  private since(revision: number): JournalEntry[] {
    return this.journal.slice(revision, revision + this.page);
  }

  private had(asked: (id: string) => boolean): Array<{ id: string; revision: number }> {
    return this.journal.filter((e) => asked(e.group.id)).map((e) => ({ id: e.group.id, revision: e.revision }));
  }

  private take({ baseRevision, epoch = null, groups }: Sent, by: string): Answered {
    const now = { epoch: this.epoch, revision: this.revision };
    const stale = (code: string, missed: JournalEntry[], have: unknown[]): Answered => ({
      status: 409,
      body: { error: { code, message: 'Others wrote.' }, missed, have, ...now },
    });
    if ((epoch !== null && epoch !== this.epoch) || baseRevision > this.revision) return stale('epoch', [], []);
    const sent = new Set(groups.map((g) => g.id));
    const have = this.had((id) => sent.has(id));
    const fresh = groups.filter((g) => !have.some((h) => h.id === g.id));
    if (fresh.length === 0) return { status: 200, body: { ...now, entries: this.since(baseRevision), have } };
    if (baseRevision !== this.revision) return stale('stale', this.since(baseRevision), have);
    const no = fresh.map(this.refuses).find((why) => why !== null);
    if (no) return { status: 422, body: { error: { code: 'invalid', message: no } } };
    const before = { plan: this.plan, journal: [...this.journal] };
    try {
      const entries = fresh.map((g) => this.write(g, by));
      return { status: 200, body: { epoch: this.epoch, revision: this.revision, entries, have } };
    } catch (cause) {
      if (!(cause instanceof ChangeError)) throw cause;
      Object.assign(this, before);
      return { status: 422, body: { error: { code: 'invalid', message: cause.message, findings: cause.findings } } };
    }
  }
}
