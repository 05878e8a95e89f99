/** The plan on the screen: what the server confirmed, what is waiting to be saved, and what is being tried out. */
import { upgradeChange } from '@heronstone/core/formats/upgrade.ts';
import { create } from 'zustand';
import { nanoid } from 'nanoid';
import {
  applyChanges,
  ChangeError,
  type Change,
  type Group,
  type JournalEntry,
} from '@heronstone/core/model/change.ts';
import type { Report } from '@heronstone/core/report/evaluate.ts';
import type { Arrangement, Person, Plan } from '@heronstone/core/model/plan.ts';
import { seatKey } from '@heronstone/core/scene/seatKey.ts';
import { inMode } from '@heronstone/core/room/standing.ts';
import { api, ApiError, OfflineError } from './api.ts';
import { engine } from './engine.ts';
import { afterGroup, type History } from './history.ts';

export type Selected = {
  kind:
    | 'unit'
    | 'station'
    | 'opening'
    | 'fixture'
    | 'overhead'
    | 'area'
    | 'elsewhere'
    | 'corner'
    | 'activity'
    | 'compartment'
    | 'placement'
    | 'container'
    | 'supply';
  id: string;
};
export type View = 'above' | 'round' | 'inside';
export type Wash = '' | 'seconds' | 'minutes' | 'sight';
type SaveState = 'saved' | 'saving' | 'offline';

interface State {
  planId: string | null;
  confirmed: Plan | null;
  revision: number;
  /** Groups not answered by the server yet, oldest first. */
  pending: Group[];
  /** Confirmed plus pending: what is shown, but for a preview. */
  plan: Plan | null;
  /** While something is being dragged. */
  preview: Plan | null;
  report: Report | null;
  history: History;
  save: SaveState;
  notices: Array<{ id: string; text: string; kind: 'note' | 'error' }>;
  selected: Selected | null;
  view: View;
  station: string | null;
  /** Whose reach is shown; null for who sits at the station. */
  person: string | null;
  /** What is washed over the places: nothing, seconds of a fetch, minutes a week, what is seen from the seat. */
  wash: Wash;
  arrangement: Arrangement;
  /** The mode in which the room is drawn; '' is every day. */
  mode: string;
  /** Further units that are chosen together with the selected one. */
  also: readonly string[];
}

export const useStore = create<State>(() => ({
  planId: null,
  confirmed: null,
  revision: 0,
  pending: [],
  plan: null,
  preview: null,
  report: null,
  history: { undo: [], redo: [] },
  save: 'saved',
  notices: [],
  selected: null,
  view: 'above',
  station: null,
  person: null,
  wash: '',
  arrangement: 'planned',
  mode: '',
  also: [],
}));

const get = useStore.getState;
const put = useStore.setState;

// ---- messages ----

export function notice(text: string, kind: 'note' | 'error' = 'note'): void {
  const id = nanoid(6);
  put((s) => ({ notices: [...s.notices.slice(-3), { id, text, kind }] }));
}
export function dismiss(id: string): void {
  put((s) => ({ notices: s.notices.filter((n) => n.id !== id) }));
}

// ---- selection ----

export const select = (selected: Selected | null) => put({ selected, also: [] });
export const setMode = (mode: string) => put({ mode });
/** Adds a unit to those that are chosen, or takes it out. */
export function selectAlso(id: string): void {
  const { selected, also } = get();
  if (selected?.kind !== 'unit') select({ kind: 'unit', id });
  else if (selected.id === id) {
    const [next, ...rest] = also;
    put(next ? { selected: { kind: 'unit', id: next }, also: rest } : { selected: null });
  } else put({ also: also.includes(id) ? also.filter((a) => a !== id) : [...also, id] });
}
export const setView = (view: View) => put({ view });
export const setStation = (station: string) => put({ station });
export const setPerson = (person: string | null) => put({ person });
export const setWash = (wash: Wash) => put({ wash });
export const setArrangement = (arrangement: Arrangement) => put({ arrangement });

// ---- evaluation: the newest plan wins, none is evaluated twice ----

let asked: Plan | null = null;
let busy = false;

function evaluateNow(): void {
  const plan = get().preview ?? get().plan;
  if (!plan || plan === asked) return;
  if (busy) return;
  busy = true;
  asked = plan;
  void engine
    .evaluate(plan)
    .then((report) => {
      if (report.plan === get().planId) put({ report });
    })
    .catch((cause: unknown) => notice(`The figures could not be worked out: ${String(cause)}`, 'error'))
    .finally(() => {
      busy = false;
      evaluateNow();
    });
}

/** Shows a plan with changes that are not made yet (while dragging); null ends it. */
export function preview(changes: Change[] | null): void {
  const { plan } = get();
  if (!plan) return;
  try {
    put({ preview: changes && applyChanges(plan, changes).plan });
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
  }
  evaluateNow();
}

// ---- changes ----

/**
 * Makes a change: shown at once, saved in the background, undone as one.
 * @returns false, with a message on the screen, when it is not possible
 */
export function commit(
  name: string,
  changes: Change[],
  kind: Group['kind'] = 'do',
  target: string | null = null,
): boolean {
  const { plan, pending, history } = get();
  if (!plan || changes.length === 0) return false;
  const group: Group = { id: nanoid(), name: name.slice(0, 300), changes, kind, target };
  try {
    const applied = applyChanges(plan, changes);
    put({
      plan: applied.plan,
      preview: null,
      pending: [...pending, group],
      history: afterGroup(history, group, applied.inverse),
      save: get().save === 'offline' ? 'offline' : 'saving',
    });
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
    notice(`${name}: ${cause.findings[0]?.expected ?? cause.message}`, 'error');
    return false;
  }
  keep();
  evaluateNow();
  void push();
  return true;
}

export function undo(): void {
  const step = get().history.undo.at(-1);
  if (step && commit(`Undo: ${step.name}`, step.inverse, 'undo', step.id)) notice(`Undone: ${step.name}`);
}

export function redo(): void {
  const step = get().history.redo.at(-1);
  if (step && commit(`Redo: ${step.name}`, step.changes, 'redo', step.id)) notice(`Redone: ${step.name}`);
}

// ---- saving ----

const keptKey = (id: string) => `heronstone.waiting.${id}`;

/** Keeps what is not saved yet in the browser, so that a closed window loses nothing. */
function keep(): void {
  const { planId, pending } = get();
  if (!planId) return;
  try {
    if (pending.length === 0) localStorage.removeItem(keptKey(planId));
    else localStorage.setItem(keptKey(planId), JSON.stringify(pending));
  } catch {
    // More than the browser keeps: it is still in this window, and saved as soon as the server answers.
  }
}

let pushing = false;
/** After a refusal groups are sent one by one, so that only the one that is refused is taken out. */
let oneByOne = false;
let retry: ReturnType<typeof setTimeout> | undefined;

async function push(): Promise<void> {
  const { planId, pending, revision } = get();
  if (pushing || !planId || pending.length === 0) return;
  pushing = true;
  try {
    const { entries } = await api.change(planId, revision, oneByOne ? pending.slice(0, 1) : pending);
    accept(entries);
    oneByOne &&= get().pending.length > 0;
    if (get().pending.length > 0) put({ save: 'saving' });
  } catch (cause) {
    if (cause instanceof OfflineError) {
      // What waited may have been dropped meanwhile, because another window made it void.
      put({ save: get().pending.length > 0 ? 'offline' : 'saved' });
      clearTimeout(retry);
      retry = setTimeout(() => void push(), 1500);
      return;
    }
    if (cause instanceof ApiError && cause.code === 'stale') accept(cause.missed);
    else if (cause instanceof ApiError && pending.length > 1 && !oneByOne) oneByOne = true;
    else if (cause instanceof ApiError) drop(pending[0]!, cause);
    else throw cause;
  } finally {
    pushing = false;
  }
  if (get().pending.length > 0) void push();
  else catchUp();
}

/** The newest revision that the server told of; it may have been told of while something was on its way there. */
let announced = 0;

/** Takes in what others wrote, unless something is on its way to the server: then it is done afterwards. */
function catchUp(): void {
  const { planId, revision } = get();
  if (planId && announced > revision && !pushing) void api.journal(planId, revision, 5000).then(accept, () => {});
}

/** A refused group is taken out and named. */
function drop(group: Group, cause: ApiError): void {
  notice(`“${group.name}” could not be saved: ${cause.findings[0]?.message ?? cause.message}`, 'error');
  rebase(
    get().confirmed!,
    get().pending.filter((g) => g.id !== group.id),
  );
}

/** Takes in what the journal has beyond the confirmed revision. */
function accept(entries: readonly JournalEntry[]): void {
  const { confirmed, revision, pending, plan } = get();
  if (!confirmed || !plan) return;
  const fresh = entries.filter((e) => e.revision > revision);
  const written = new Set(fresh.map((e) => e.group.id));
  const left = pending.filter((g) => !written.has(g.id));
  put({ revision: fresh.at(-1)?.revision ?? revision });
  const mine = new Set(pending.map((g) => g.id));
  const others = fresh.filter((e) => !mine.has(e.group.id));
  // When all that was waiting is written and nobody else wrote, what is shown is what is stored.
  if (others.length === 0 && left.length === 0) {
    put({ confirmed: plan, pending: left, save: 'saved' });
    keep();
    return;
  }
  const stored = fresh.reduce((p, entry) => applyChanges(p, entry.group.changes).plan, confirmed);
  for (const entry of others) put((s) => ({ history: afterGroup(s.history, entry.group, entry.inverse) }));
  rebase(stored, left);
}

/** Replays what is waiting on a new base; what no longer applies is named and left out. */
function rebase(confirmed: Plan, pending: readonly Group[]): void {
  let plan = confirmed;
  const left: Group[] = [];
  for (const group of pending) {
    try {
      plan = applyChanges(plan, group.changes).plan;
      left.push(group);
    } catch (cause) {
      if (!(cause instanceof ChangeError)) throw cause;
      notice(
        `“${group.name}” no longer applies, since the plan was changed in another window: ${cause.findings[0]?.message ?? ''}`,
        'error',
      );
    }
  }
  put({ confirmed, plan, pending: left, save: left.length === 0 ? 'saved' : get().save });
  keep();
  evaluateNow();
}

// ---- opening a plan ----

let events: EventSource | null = null;

/** Opens a plan and listens for what other windows do to it. */
export async function openPlan(id: string): Promise<void> {
  const [{ plan, revision }, entries] = await Promise.all([api.plan(id), api.journal(id, 0)]);
  let history: History = { undo: [], redo: [] };
  for (const entry of entries) {
    if (entry.revision <= revision && entry.group.changes.length > 0)
      history = afterGroup(history, entry.group, entry.inverse);
  }
  asked = null;
  put({
    planId: id,
    confirmed: plan,
    plan,
    revision,
    history,
    pending: [],
    preview: null,
    report: null,
    selected: null,
    also: [],
    mode: '',
    station: null,
    save: 'saved',
  });
  const waiting = readKept(id).filter((g) => !entries.some((e) => e.group.id === g.id));
  if (waiting.length > 0) {
    rebase(plan, waiting);
    put({ save: 'saving' });
  }
  evaluateNow();
  void push();
  events?.close();
  announced = 0;
  events = new EventSource(`/api/plans/${id}/events`);
  events.addEventListener('revision', (event) => {
    const { revision: newest } = JSON.parse((event as MessageEvent<string>).data) as { revision: number };
    if (get().planId !== id) return;
    announced = newest;
    if (get().pending.length > 0) void push();
    else catchUp();
  });
}

function readKept(id: string): Group[] {
  try {
    const groups = JSON.parse(localStorage.getItem(keptKey(id)) ?? '[]') as Group[];
    // What an earlier program kept is said in its words.
    return groups.map((g) => ({ ...g, changes: g.changes.map(upgradeChange) as Change[] }));
  } catch {
    return [];
  }
}

/** The plan to show: with what is being dragged. */
export const shownPlan = (s: State) => s.preview ?? s.plan;

let drawn: { plan: Plan; mode: string; here: Plan } | null = null;
/** The plan as it is drawn: inserts in their openings, what is elsewhere left out, in the chosen mode. */
export function drawnPlan(s: State): Plan | null {
  const plan = shownPlan(s);
  if (!plan) return null;
  if (drawn?.plan !== plan || drawn.mode !== s.mode) drawn = { plan, mode: s.mode, here: inMode(plan, s.mode) };
  return drawn.here;
}

/** The station from which reach is shown: the chosen one, or the first. */
export function stationOf(s: Pick<State, 'station' | 'plan' | 'preview'>): string | null {
  const plan = s.preview ?? s.plan;
  if (!plan) return null;
  if (s.station && plan.stations[s.station]) return s.station;
  const all = Object.values(plan.stations).sort((a, b) => a.name.localeCompare(b.name, 'en'));
  return (all.find((x) => x.posture === 'seated') ?? all[0])?.id ?? null;
}

/** Who is looked at: the chosen person, or the one of the station. */
export function personOf(s: Pick<State, 'station' | 'person' | 'plan' | 'preview'>): Person | null {
  const plan = s.preview ?? s.plan;
  const station = stationOf(s);
  if (!plan || !station) return null;
  return plan.people[s.person ?? ''] ?? plan.people[plan.stations[station]!.person] ?? null;
}

/** Key of the seat whose reach is shown, as the report has it. */
export function seatOf(s: Pick<State, 'station' | 'person' | 'plan' | 'preview'>): string | null {
  const plan = s.preview ?? s.plan;
  const station = stationOf(s);
  const person = personOf(s);
  return plan && station && person ? seatKey(plan.stations[station]!, person.id) : null;
}

export const newId = () => nanoid(10);
