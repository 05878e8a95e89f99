/** The server as the sync asks it: every outcome, good or bad, as an answer that the state machine knows. */
import type { Group } from '@heronstone/core/model/change.ts';
import { api, ApiError, OfflineError } from './api.ts';
import type { Answer, Request, Trouble } from './machine.ts';
import type { Server } from './sync.ts';

/** What refuses a group for what is in it. All else is no reason to give it up. */
const REFUSES: ReadonlySet<number> = new Set([400, 413, 422]);

/** The most groups that are asked about in one address. */
const ASKED = 300;

export function serverFor(plan: string): Server {
  return {
    ask: (request, groups) => outcome(plan, request, groups).catch((cause: unknown) => answerOf(cause)),
  };
}

async function outcome(plan: string, request: Request, groups: readonly Group[]): Promise<Answer> {
  switch (request.kind) {
    case 'push':
      return { kind: 'written', ...(await api.change(plan, request, groups)) };
    case 'missed':
      return { kind: 'missed', ...(await api.journal(plan, { since: request.since })) };
    case 'open':
      return { kind: 'opened', ...(await openedPlan(plan, request.ids)) };
  }
}

/** A plan with the last lines of its journal, both of one history. @param ids groups of which is asked whether they are in it */
export async function openedPlan(plan: string, ids: readonly string[] = []) {
  for (;;) {
    const read = await api.plan(plan, ids.slice(0, ASKED));
    // Too many for one address.
    for (let i = ASKED; i < ids.length; i += ASKED)
      read.have.push(
        ...(await api.plan(plan, ids.slice(i, i + ASKED))).have.filter((h) => h.revision <= read.revision),
      );
    const { epoch, entries } = await api.journal(plan, { which: 'last', most: 300 });
    // Restored in between: once more.
    if (epoch !== read.epoch) continue;
    return { ...read, last: entries.filter((e) => e.revision <= read.revision) };
  }
}

/** What an error means for what is waiting. */
export function answerOf(cause: unknown): Answer {
  if (cause instanceof ApiError) {
    const { code, status, message, stale } = cause;
    if (code === 'stale' && stale) return { kind: 'written', ...stale };
    if (code === 'epoch' && stale) return { kind: 'epoch', epoch: stale.epoch, revision: stale.revision };
    if (REFUSES.has(status)) return { kind: 'refused', message: cause.findings[0]?.message ?? message };
    return { kind: 'trouble', trouble: { kind: troubleOf(status, code), message } };
  }
  if (cause instanceof OfflineError) return { kind: 'trouble', trouble: { kind: 'away', message: cause.message } };
  // A fault of this program, very likely; what waits is kept all the same.
  console.error(cause);
  return { kind: 'trouble', trouble: { kind: 'server', message: String(cause) } };
}

function troubleOf(status: number, code: string): Trouble['kind'] {
  if (status === 401) return 'code';
  if (status === 403) return 'forbidden';
  if (status === 404) return 'gone';
  return code === 'full' ? 'full' : 'server';
}
