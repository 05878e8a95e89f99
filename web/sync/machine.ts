/**
 * What becomes of an edit until all windows have it: a state machine without a clock, a network or a screen. It is told what
 * happened and says what is to be done next; sync.ts does that. Every edit ends in the plan of all or among those that are
 * shown as refused; a plan is called saved only when it is the server's.
 *
 * - Only a group that the server refuses for what is in it is set aside. With no answer, a full disk, a session that ended or
 *   an error of the server it stays, and is sent again.
 * - A history (a plan, or the same plan restored from a backup) has an epoch. Another epoch means: open the plan again. Numbers
 *   of revisions are compared within an epoch only.
 * - What was missed is taken in oldest first, without gaps.
 */
import { applyChanges, ChangeError, type Group, type JournalEntry } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { afterGroup, confirmed, NO_HISTORY, type History } from './history.ts';

export interface Base {
  plan: Plan;
  revision: number;
  epoch: string;
}

/** A group that the server has not taken yet. */
export interface Waiting {
  group: Group;
  /** When it was made, ms. */
  since: number;
}

export interface Refused {
  group: Group;
  since: number;
  why: string;
}

/** Why nothing goes on just now. */
export interface Trouble {
  kind: 'away' | 'server' | 'full' | 'code' | 'forbidden' | 'gone';
  message: string;
}

export type Request =
  | { kind: 'push'; ids: string[]; revision: number; epoch: string }
  | { kind: 'missed'; since: number }
  | { kind: 'open'; ids: string[] };

interface Had {
  id: string;
  revision: number;
}

export type Answer =
  | { kind: 'written'; epoch: string; revision: number; entries: JournalEntry[]; have: Had[] }
  | { kind: 'missed'; epoch: string; revision: number; entries: JournalEntry[] }
  | { kind: 'opened'; plan: Plan; epoch: string; revision: number; last: JournalEntry[]; have: Had[] }
  | { kind: 'epoch'; epoch: string; revision: number }
  | { kind: 'refused'; message: string }
  | { kind: 'trouble'; trouble: Trouble };

export type Happened =
  | { kind: 'edit'; group: Group; at: number }
  | { kind: 'taken up'; waiting: readonly Waiting[]; refused: readonly Refused[] }
  | { kind: 'told'; epoch: string; revision: number }
  | { kind: 'answer'; request: Request; answer: Answer }
  | { kind: 'again' }
  | { kind: 'dismissed'; id: string }
  | { kind: 'tried again'; id: string };

export type Todo =
  | { kind: 'ask'; request: Request }
  | { kind: 'wait'; ms: number }
  /** What is not saved has changed and is to be kept in the browser. */
  | { kind: 'keep' }
  | { kind: 'say'; text: string; tone: 'note' | 'error' };

export interface State {
  /** Names this device in the journal: the first letters of what each of its windows calls itself. */
  device: string;
  /** What the server has. */
  base: Base;
  /** What is shown: the base and what is waiting. */
  plan: Plan;
  waiting: readonly Waiting[];
  /** Left by a closed window, which may have sent it: shown and sent when the server has said that it does not have it. */
  doubtful: readonly Waiting[];
  refused: readonly Refused[];
  history: History;
  busy: Request | null;
  trouble: Trouble | null;
  /** How often it was tried in vain. */
  tries: number;
  /** After a refusal groups are sent one by one, so that only the one that is refused is set aside. */
  single: boolean;
  /** The newest that the server told of. */
  told: Told;
  /** `told` when what the window is busy with was asked: what was told since may be newer than the answer. */
  toldBefore: Told;
}

interface Told {
  epoch: string;
  revision: number;
}

/** The most groups that go out at once. */
const AT_ONCE = 200;
/** Who missed more than this opens the plan again. */
const FAR_BEHIND = 2000;
/** Makes the plan be opened again. */
const NOWHERE: Told = { epoch: '', revision: 0 };
/** Waits after failures, ms. */
const PAUSES = [1500, 3000, 6000, 12_000, 20_000] as const;

/** A plan as it was opened. */
export function opened(device: string, answer: Omit<Extract<Answer, { kind: 'opened' }>, 'kind'>): State {
  const { plan, revision, epoch } = answer;
  return {
    device,
    base: { plan, revision, epoch },
    plan,
    waiting: [],
    doubtful: [],
    refused: [],
    history: historyOf(device, answer.last),
    busy: null,
    trouble: null,
    tries: 0,
    single: false,
    told: { epoch, revision },
    toldBefore: NOWHERE,
  };
}

/** A plan as it was last seen in this browser, shown while the server does not answer; it is saved when the server says so. */
export function seenBefore(device: string, seen: Base): State {
  return { ...opened(device, { ...seen, last: [], have: [] }), told: NOWHERE };
}

const historyOf = (device: string, entries: readonly JournalEntry[]): History =>
  entries
    .filter((e) => e.group.changes.length > 0)
    .reduce((h, e) => afterGroup(h, e.group, e.inverse, e.by.startsWith(device)), NO_HISTORY);

/** Whether what is shown is what the server has, as far as it told. */
export const isSaved = (s: State): boolean =>
  s.waiting.length === 0 &&
  s.doubtful.length === 0 &&
  s.busy === null &&
  s.trouble === null &&
  s.told.epoch === s.base.epoch &&
  s.told.revision === s.base.revision;

/** The state after something happened, and what is to be done now. @throws ChangeError when an edit cannot be made */
export function after(state: State, happened: Happened): { state: State; todo: Todo[] } {
  const todo: Todo[] = [];
  let s = take(state, happened, todo);
  if (s.waiting !== state.waiting || s.doubtful !== state.doubtful || s.refused !== state.refused)
    todo.push({ kind: 'keep' });
  if (s.busy === null && s.trouble === null) {
    const request = nextRequest(s);
    if (request) {
      s = { ...s, busy: request, toldBefore: s.told };
      todo.push({ kind: 'ask', request });
    }
  }
  return { state: s, todo };
}

function nextRequest(s: State): Request | null {
  const { base, told, waiting, doubtful } = s;
  const behind = told.revision - base.revision;
  if (told.epoch !== base.epoch || behind > FAR_BEHIND || doubtful.length > 0)
    return { kind: 'open', ids: [...waiting, ...doubtful].map((w) => w.group.id) };
  // What is sent is answered with what was missed, and with what of it was there already.
  if (waiting.length === 0) return behind === 0 ? null : { kind: 'missed', since: base.revision };
  return {
    kind: 'push',
    ids: waiting.slice(0, s.single ? 1 : AT_ONCE).map((w) => w.group.id),
    revision: base.revision,
    epoch: base.epoch,
  };
}

function take(s: State, happened: Happened, todo: Todo[]): State {
  switch (happened.kind) {
    case 'edit': {
      const { group, at } = happened;
      const { plan, inverse } = applyChanges(s.plan, group.changes);
      return {
        ...s,
        plan,
        waiting: [...s.waiting, { group, since: at }],
        history: afterGroup(s.history, group, inverse, true),
      };
    }
    case 'taken up': {
      const known = new Set([...s.waiting, ...s.doubtful, ...s.refused].map((x) => x.group.id));
      const waiting = happened.waiting.filter((w) => !known.has(w.group.id));
      const refused = happened.refused.filter((r) => !known.has(r.group.id));
      if (waiting.length === 0 && refused.length === 0) return s;
      // The server may have some of it, and the rest stands on that: opened again it says what it has.
      return { ...s, doubtful: [...s.doubtful, ...waiting], refused: [...s.refused, ...refused] };
    }
    case 'told': {
      const { epoch, revision } = happened;
      // Whoever tells something is there again.
      const trouble = s.trouble && ['away', 'server'].includes(s.trouble.kind) ? null : s.trouble;
      return { ...s, told: { epoch, revision }, trouble };
    }
    case 'again':
      return { ...s, trouble: null };
    case 'dismissed':
      return { ...s, refused: s.refused.filter((r) => r.group.id !== happened.id) };
    case 'tried again': {
      const again = s.refused.find((r) => r.group.id === happened.id);
      if (!again) return s;
      const { plan, inverse } = applyChanges(s.plan, again.group.changes);
      return {
        ...s,
        plan,
        refused: s.refused.filter((r) => r !== again),
        waiting: [...s.waiting, { group: again.group, since: again.since }],
        history: afterGroup(s.history, again.group, inverse, true),
      };
    }
    case 'answer':
      // An answer that was given up, or one to a window that was opened again since.
      if (s.busy !== happened.request) return s;
      return takeAnswer({ ...s, busy: null }, happened.request, happened.answer, todo);
  }
}

function takeAnswer(s: State, request: Request, answer: Answer, todo: Todo[]): State {
  if (answer.kind === 'trouble') {
    todo.push({ kind: 'wait', ms: PAUSES[Math.min(s.tries, PAUSES.length - 1)]! });
    return { ...s, trouble: answer.trouble, tries: s.tries + 1 };
  }
  const fine = { ...s, tries: 0 };
  switch (answer.kind) {
    case 'epoch':
      return { ...fine, told: toldBy(s, answer) };
    case 'refused': {
      if (request.kind !== 'push') return fine;
      if (request.ids.length > 1) return { ...fine, single: true };
      return setAside(fine, request.ids[0]!, answer.message, todo);
    }
    case 'opened': {
      const { plan, epoch, revision } = answer;
      const had = new Set(answer.have.map((h) => h.id));
      if (epoch !== s.base.epoch)
        todo.push({
          kind: 'say',
          text: 'The plan was replaced by one from a backup. This window shows that one now.',
          tone: 'note',
        });
      // What was taken up since it was asked is asked about next.
      const asked = new Set(request.kind === 'open' ? request.ids : []);
      const known = s.doubtful.filter((w) => asked.has(w.group.id));
      const doubtful = s.doubtful.filter((w) => !asked.has(w.group.id));
      const own = [...s.waiting, ...known].filter((w) => !had.has(w.group.id));
      return replay(
        { ...fine, waiting: own, doubtful, told: toldBy(s, answer), history: historyOf(s.device, answer.last) },
        { plan, epoch, revision },
        todo,
        'history',
      );
    }
    case 'missed':
    case 'written': {
      const told = toldBy(s, answer);
      if (answer.epoch !== s.base.epoch) return { ...fine, told };
      // The server has less than we had from it: an older copy of its data, perhaps.
      if (answer.revision < s.base.revision) return { ...fine, told: NOWHERE };
      return takeEntries({ ...fine, told }, answer.entries, answer.kind === 'written' ? answer.have : [], todo);
    }
  }
}

/** The newest that is known after an answer: what was told while it was on its way may have overtaken it. */
function toldBy(s: State, { epoch, revision }: Told): Told {
  const overtaken = s.told !== s.toldBefore && (s.told.epoch !== epoch || s.told.revision > revision);
  return overtaken ? s.told : { epoch, revision };
}

/** Takes in what the journal has beyond the base. */
function takeEntries(s: State, entries: readonly JournalEntry[], have: readonly Had[], todo: Todo[]): State {
  let { plan, revision } = s.base;
  const { epoch } = s.base;
  const taken: JournalEntry[] = [];
  for (const entry of entries) {
    if (entry.revision <= revision) continue;
    if (entry.revision !== revision + 1) break; // what is missing is asked for next
    try {
      plan = applyChanges(plan, entry.group.changes).plan;
    } catch (cause) {
      if (!(cause instanceof ChangeError)) throw cause;
      // What we have is not what the server had before: it is opened again.
      return { ...s, told: NOWHERE };
    }
    revision = entry.revision;
    taken.push(entry);
  }
  const done = new Set(taken.map((e) => e.group.id));
  // What the server has, in entries to come perhaps, is safe.
  for (const h of have) done.add(h.id);
  const waiting = s.waiting.filter((w) => !done.has(w.group.id));
  const history = taken.reduce(
    (h, e) =>
      h.undo.some((x) => x.id === e.group.id)
        ? confirmed(h, e.group, e.inverse)
        : afterGroup(h, e.group, e.inverse, e.by.startsWith(s.device)),
    s.history,
  );
  const next = { ...s, waiting, history, single: s.single && waiting.length > 0 };
  // When only what was waiting first was written, in its order, what is shown stays as it is.
  const inOrder = taken.every((e, i) => e.group.id === s.waiting[i]?.group.id) && done.size === taken.length;
  if (inOrder) return { ...next, base: { plan: waiting.length === 0 ? s.plan : plan, revision, epoch } };
  return replay(next, { plan, revision, epoch }, todo);
}

/** Sets a group aside that the server refused, with what depends on it. */
function setAside(s: State, id: string, why: string, todo: Todo[]): State {
  const found = s.waiting.find((w) => w.group.id === id);
  if (!found) return s;
  todo.push({ kind: 'say', text: `“${found.group.name}” could not be saved: ${why}`, tone: 'error' });
  return replay(
    {
      ...s,
      waiting: s.waiting.filter((w) => w !== found),
      refused: [...s.refused, { group: found.group, since: found.since, why }],
      history: without(s.history, found.group),
    },
    s.base,
    todo,
  );
}

/**
 * Shows what is waiting on a base; what no longer applies is set aside and named.
 * @param steps 'history' when the history holds nothing of what is waiting yet
 */
function replay(s: State, base: Base, todo: Todo[], steps: 'known' | 'history' = 'known'): State {
  let { plan } = base;
  let { history } = s;
  const waiting: Waiting[] = [];
  const refused = [...s.refused];
  for (const w of s.waiting) {
    try {
      const applied = applyChanges(plan, w.group.changes);
      plan = applied.plan;
      waiting.push(w);
      const isThere =
        steps === 'known' && [...history.undo, ...history.redo].some((x) => x.id === (w.group.target ?? w.group.id));
      history = isThere
        ? confirmed(history, w.group, applied.inverse)
        : afterGroup(history, w.group, applied.inverse, true);
    } catch (cause) {
      if (!(cause instanceof ChangeError)) throw cause;
      const why = `it no longer applies, since the plan was changed in another window: ${cause.findings[0]?.message ?? ''}`;
      todo.push({ kind: 'say', text: `“${w.group.name}” could not be saved: ${why}`, tone: 'error' });
      refused.push({ group: w.group, since: w.since, why });
      history = without(history, w.group);
    }
  }
  return {
    ...s,
    base,
    plan,
    waiting: waiting.length === s.waiting.length ? s.waiting : waiting,
    refused: refused.length === s.refused.length ? s.refused : refused,
    history,
  };
}

/** The history without a step that did not come about; one that was to be taken back stands where it stood. */
function without(history: History, group: Group): History {
  if (group.kind === 'do') return { ...history, undo: history.undo.filter((x) => x.id !== group.id) };
  const [from, to] = group.kind === 'undo' ? (['redo', 'undo'] as const) : (['undo', 'redo'] as const);
  const step = history[from].find((x) => x.id === group.target);
  return step ? { ...history, [from]: history[from].filter((x) => x !== step), [to]: [...history[to], step] } : history;
}
