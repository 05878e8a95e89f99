/** A server for tests of the window: plans and journals in memory, reached by fetch; it can be away, and told what others do. */
import { applyChanges, ChangeError, type Group, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';

export class SimulatedServer {
  plan: Plan;
  readonly journal: JournalEntry[] = [];
  away = false;
  /** How often it was asked to write. */
  writes = 0;

  constructor(plan: Plan) {
    this.plan = plan;
  }

  get revision(): number {
    return this.journal.length;
  }

  /** Writes a group as if another window had sent it. */
  write(group: Group): JournalEntry {
    const { plan, inverse } = applyChanges(this.plan, group.changes);
    this.plan = plan;
    const entry = {
      revision: this.revision + 1,
      group,
      inverse,
      by: 'test',
      at: '2027-03-01T12:00:00Z',
    } as JournalEntry;
    this.journal.push(entry);
    return entry;
  }

  /** Stands in for the browser's fetch. */
  readonly fetch = (path: string, init: { method?: string; body?: string } = {}): Promise<Response> => {
    if (this.away) return Promise.reject(new TypeError('fetch failed'));
    const answer = (status: number, body: unknown) => Promise.resolve(Response.json(body, { status }));
    if (init.method === 'POST') {
      this.writes++;
      return this.take(JSON.parse(init.body ?? '{}') as { baseRevision: number; groups: Group[] }, answer);
    }
    const since = /journal\?since=(\d+)/.exec(path);
    if (since) return answer(200, { entries: this.journal.filter((e) => e.revision > Number(since[1])) });
    return answer(200, { plan: this.plan, revision: this.revision });
  };

  private take(
    { baseRevision: base, groups }: { baseRevision: number; groups: Group[] },
    answer: (status: number, body: unknown) => Promise<Response>,
  ): Promise<Response> {
    const missed = this.journal.filter((e) => e.revision > base);
    if (missed.length > 0) return answer(409, { error: { code: 'stale', message: 'Others wrote.' }, missed });
    try {
      return answer(200, { revision: this.revision + groups.length, entries: groups.map((g) => this.write(g)) });
    } catch (cause) {
      if (!(cause instanceof ChangeError)) throw cause;
      return answer(422, { error: { code: 'change', message: cause.message, findings: cause.findings } });
    }
  }
}
