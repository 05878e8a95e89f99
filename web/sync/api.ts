/** The server, as the interface sees it. Every answer is data or an ApiError with the server's words. */
import type { Group, JournalEntry } from '@heronstone/core/model/change.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import type { Meta, Plan } from '@heronstone/core/model/plan.ts';
import { nanoid } from 'nanoid';

/** This window, by its device and a name of its own, so that journal entries can be told apart. */
const WINDOW = `${deviceName()}${nanoid(10)}`;
/** This device, which is what the names of all its windows begin with. */
export const DEVICE = WINDOW.slice(0, 10);

function deviceName(): string {
  try {
    const known = localStorage.getItem('heronstone.device');
    if (known && /^[\w-]{10}$/.test(known)) return known;
    const name = nanoid(10);
    localStorage.setItem('heronstone.device', name);
    return name;
  } catch {
    return nanoid(10); // a browser that keeps nothing
  }
}

/** What the server has beyond the base that it was sent. */
export interface Since {
  epoch: string;
  revision: number;
  entries: JournalEntry[];
  have: Array<{ id: string; revision: number }>;
}

export class ApiError extends Error {
  readonly status: number;
  readonly code: string;
  readonly findings: Finding[];
  /** With the codes "stale" and "epoch". */
  readonly stale: Since | null;
  constructor(status: number, code: string, message: string, findings: Finding[] = [], stale: Since | null = null) {
    super(message);
    this.name = 'ApiError';
    this.status = status;
    this.code = code;
    this.findings = findings;
    this.stale = stale;
  }
}

/** Thrown when the server cannot be reached at all. */
export class OfflineError extends Error {}

/** How long an answer may take, ms: a line that was cut without a word would otherwise be waited for for ever. */
const LASTS = 120_000;

async function ask<T>(path: string, init?: RequestInit & { text?: string; json?: unknown; blob?: Blob }): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      signal: AbortSignal.timeout(LASTS),
      ...init,
      headers: {
        'X-Window': WINDOW,
        ...(init?.json !== undefined
          ? { 'Content-Type': 'application/json' }
          : init?.text !== undefined
            ? { 'Content-Type': 'text/plain' }
            : init?.blob !== undefined
              ? { 'Content-Type': init.blob.type }
              : {}),
      },
      body: init?.json !== undefined ? JSON.stringify(init.json) : (init?.text ?? init?.blob),
    });
  } catch {
    throw new OfflineError('The server does not answer.');
  }
  const body = (await response.json().catch(() => null)) as {
    error?: { code: string; message: string; findings?: Finding[] };
    missed?: JournalEntry[];
    have?: Since['have'];
    epoch?: string;
    revision?: number;
  } | null;
  if (response.ok) return body as T;
  if (!body?.error) throw new OfflineError(`The server answered ${response.status}.`);
  const { missed: entries, have = [], epoch, revision } = body;
  const stale = entries && epoch !== undefined && revision !== undefined ? { entries, have, epoch, revision } : null;
  throw new ApiError(response.status, body.error.code, body.error.message, body.error.findings, stale);
}

const post = { method: 'POST' };

/** Sharing as the maker sees it. */
export interface ShareState {
  on: boolean;
  address: string | null;
  code: string | null;
  link: string | null;
  until: string | null;
  guests: Array<{ id: string; plan: string; may: 'read' | 'edit'; name: string; since: string }>;
}

/** What a restore would do. */
export interface RestorePreview {
  written: string;
  plans: Array<{
    id: string;
    name: string;
    supplies: number;
    photographs: number;
    steps: number;
    revision: number;
    replaces: { name: string; revision: number } | null;
  }>;
}

/** A file as plain bytes, whatever the system calls it. */
const octets = (blob: Blob) => new Blob([blob], { type: 'application/octet-stream' });

export const api = {
  plans: () => ask<{ plans: Array<{ id: string; name: string; room: string }> }>('/api/plans').then((r) => r.plans),
  create: (meta: Partial<Meta> & { id: string }) => ask<{ id: string }>('/api/plans', { ...post, json: meta }),
  samples: () =>
    ask<{ samples: Array<{ key: string; name: string; words: string; units: Meta['units'] }> }>('/api/samples').then(
      (r) => r.samples,
    ),
  openSample: (key: string, as: string) => ask<{ id: string }>(`/api/samples/${key}?as=${as}`, { ...post }),
  importFile: (text: string, as: string) => ask<{ id: string }>(`/api/plans/import?as=${as}`, { ...post, text }),
  /** Puts a plan away; it can be brought back. */
  removePlan: (id: string) => ask<{ removed: string }>(`/api/plans/${id}`, { method: 'DELETE' }),
  bringBack: (id: string) => ask<{ id: string }>(`/api/plans/${id}/bring-back`, { ...post }),
  /** @param groups ids of groups of which is asked whether they are in the journal */
  plan: (id: string, groups: readonly string[] = []) =>
    ask<{ plan: Plan; revision: number; epoch: string; have: Since['have'] }>(
      `/api/plans/${id}${groups.length > 0 ? `?groups=${groups.join(',')}` : ''}`,
    ),
  /** Entries after a revision, oldest first, or the last ones. */
  journal: (id: string, query: { since: number } | { which: 'last'; most: number }) =>
    ask<Omit<Since, 'have'>>(
      `/api/plans/${id}/journal?${'since' in query ? `since=${query.since}` : `which=last&most=${query.most}`}`,
    ),
  asOf: (id: string, when: string) => ask<{ plan: Plan; revision: number }>(`/api/plans/${id}/at/${when}`),
  share: () => ask<ShareState>('/api/share'),
  invite: (plan: string, may: 'read' | 'edit') => ask<ShareState>('/api/share', { ...post, json: { plan, may } }),
  shareOff: () => ask<ShareState>('/api/share', { method: 'DELETE' }),
  sendOut: (guest: string) => ask<ShareState>(`/api/share/guests/${guest}`, { method: 'DELETE' }),
  restorePreview: (blob: Blob) => ask<RestorePreview>('/api/restore/preview', { ...post, blob: octets(blob) }),
  restore: (blob: Blob) => ask<{ restored: string[] }>('/api/restore', { ...post, blob: octets(blob) }),
  keepPicture: (plan: string, id: string, blob: Blob) =>
    ask<{ type: string }>(`/api/plans/${plan}/pictures/${id}`, { method: 'PUT', blob }),
  change: (id: string, base: { revision: number; epoch: string }, groups: readonly Group[]) =>
    ask<Since>(`/api/plans/${id}/changes`, {
      ...post,
      json: { baseRevision: base.revision, epoch: base.epoch, groups },
    }),
  session: () => ask<{ may: 'all' | 'read' | 'edit' }>('/api/session'),
  pair: (code: string) => ask<{ plan: string; may: 'read' | 'edit' }>('/api/pair', { ...post, json: { code } }),
};
