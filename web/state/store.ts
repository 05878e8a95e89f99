/** The plan on the screen, with what is being tried out, and what is chosen in it. How it is saved: web/sync. */
import { create } from 'zustand';
import { nanoid } from 'nanoid';
import { applyChanges, ChangeError, type Change, type Group } from '@heronstone/core/model/change.ts';
import { writable } from '@heronstone/core/model/text.ts';
import { differenceOf } from '@heronstone/core/model/difference.ts';
import { FIGURES, sameFor } from '@heronstone/core/model/reads.ts';
import { patched } from '@heronstone/core/report/patch.ts';
import type { Report } from '@heronstone/core/report/report.ts';
import type { Arrangement, Person, Plan } from '@heronstone/core/model/plan.ts';
import { seatKey } from '@heronstone/core/scene/seatKey.ts';
import { inMode } from '@heronstone/core/room/standing.ts';
import { api, ApiError, DEVICE } from '../sync/api.ts';
import { nextStep, NO_HISTORY, type History, type Step } from '../sync/history.ts';
import { BEAT, Keeper } from '../sync/keeper.ts';
import { isSaved, opened, seenBefore, type Refused, type State as SyncState, type Trouble } from '../sync/machine.ts';
import { keepSeen, lastSeen } from '../sync/seen.ts';
import { openedPlan, serverFor } from '../sync/server.ts';
import { Sync, type Clock } from '../sync/sync.ts';
import { listen } from '../sync/told.ts';
import { engine, restartEngine } from '../engine/client.ts';

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
/** A view that can be zoomed. */
export type Zoomable = 'above' | 'round' | 'inside' | 'found';
export type Wash = '' | 'seconds' | 'minutes' | 'sight';

/** How saving goes. */
export interface Saving {
  kind: 'saved' | 'saving' | Trouble['kind'];
  /** What the server says is wrong. */
  message: string;
  /** How many steps are not saved, and since when, ms. */
  count: number;
  since: number | null;
  /** Whether the browser keeps them, should the window close. */
  keeps: boolean;
}

interface State {
  planId: string | null;
  /** The newest revision that the server confirmed. */
  revision: number;
  /** What is saved and what is waiting: what is shown, but for a preview. */
  plan: Plan | null;
  /** What this device may do. */
  may: 'all' | 'edit' | 'read';
  /** While something is being dragged. */
  preview: Plan | null;
  report: Report | null;
  /** Rises with every plan that the engine has taken in; 0 before the first. */
  answered: number;
  /** The plan that the engine has. */
  engineHas: Plan | null;
  history: History;
  /** A step of another device, before it is taken back or brought again. */
  asking: { way: 'undo' | 'redo'; step: Step } | null;
  saving: Saving;
  /** Steps that the server refused, each with its reason. */
  refused: readonly Refused[];
  notices: Array<{ id: string; text: string; kind: 'note' | 'error'; step: string | null }>;
  /** The last step that was made here, until it is taken back or something is said about it. */
  lastStep: { id: string; text: string } | null;
  selected: Selected | null;
  view: View;
  /** How much larger than it opens each drawing is. */
  zoom: Readonly<Record<Zoomable, number>>;
  /** What a drawing is asked to show: the whole, a step nearer or farther, or a part of it, as a selector. */
  zoomTo: { view: Zoomable; part: string } | null;
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
  revision: 0,
  plan: null,
  may: 'all',
  preview: null,
  report: null,
  answered: 0,
  engineHas: null,
  history: NO_HISTORY,
  asking: null,
  saving: { kind: 'saved', message: '', count: 0, since: null, keeps: true },
  refused: [],
  notices: [],
  lastStep: null,
  selected: null,
  view: 'above',
  zoom: { above: 1, round: 1, inside: 1, found: 1 },
  zoomTo: null,
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

/** The step that was just made, while whoever made it goes on: what is said then is said about it. */
let justMade: string | null = null;

/**
 * Says something; a note right after a step is about that step, which can be taken back from the message. It takes the place of the
 * note before, but not of an error, which may not have been read yet.
 * @param about a step that was made before
 */
export function notice(text: string, kind: 'note' | 'error' = 'note', about: string | null = null): void {
  const id = nanoid(6);
  const step = kind === 'note' ? (about ?? justMade) : null;
  put((s) => ({
    notices: [...s.notices.filter((n) => n.kind === 'error').slice(-3), { id, text, kind, step }],
    lastStep: step === null ? s.lastStep : null,
  }));
}
export const forgetLastStep = () => put({ lastStep: null });
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
/** Chooses several pieces at once; none when there are none. */
export function selectUnits([first, ...also]: readonly string[]): void {
  if (first === undefined) select(null);
  else put({ selected: { kind: 'unit', id: first }, also });
}
export const setView = (view: View) => put({ view });
export const setZoom = (view: Zoomable, zoom: number) => put((s) => ({ zoom: { ...s.zoom, [view]: zoom } }));
/** @param part 'whole', 'in', 'out', or a selector of what is to fill the frame */
export const zoomTo = (view: Zoomable, part: string) => put({ zoomTo: { view, part } });
export const setStation = (station: string) => put({ station });
export const setPerson = (person: string | null) => put({ person });
export const setWash = (wash: Wash) => put({ wash });
export const setArrangement = (arrangement: Arrangement) => put({ arrangement });

// ---- evaluation: the newest plan wins, none is evaluated twice ----

/** The plan that the engine has, or is on its way to. */
let sent: Plan | null = null;
let busy = false;
/** Rises with each engine that is started; what another one was asked is not waited for. */
let run = 0;
/** The plan with which the engine stopped; it is not tried with that one again. */
let broke: Plan | null = null;
/** The Report of the plan that the engine has; what is shown has other findings while something is being moved. */
let figures: Report | null = null;
/** What is being moved: only its findings are wanted until the hand rests. */
let moving: Plan | null = null;
let glanced: Plan | null = null;
let glancing = false;
let rest: ReturnType<typeof setTimeout> | undefined;
/** So long a hand does not move when it rests, ms. */
const REST = 250;

function evaluateNow(): void {
  const plan = get().preview ?? get().plan;
  if (plan !== null && plan === moving && sent !== null) return glance(plan, sent);
  if (busy || !plan || plan === sent || plan === broke) return;
  const begun = performance.now();
  const mine = run;
  const opens = sent === null;
  // What no figure reads changes none: the engine is told, and nothing waits for it.
  const untouched = sent !== null && sameFor(FIGURES, sent, plan);
  const work = sent === null ? engine.open(plan) : engine.apply(differenceOf(sent, plan));
  busy = !untouched;
  sent = plan;
  const measured = () => performance.measure('heronstone figures', { start: begun, detail: { opens } });
  if (untouched) measured();
  void work
    .then((patch) => {
      if (mine !== run) return;
      const report = patched(opens ? null : figures, patch);
      figures = report;
      put((s) => ({ report, answered: s.answered + 1, engineHas: plan }));
      if (!untouched) measured();
    })
    .catch((cause: unknown) => {
      if (mine !== run) return;
      notice(
        `The figures could not be worked out, and the part of the program that does so is started again: ${cause instanceof Error ? cause.message : String(cause)}`,
        'error',
      );
      startAgain(plan);
    })
    .finally(() => {
      if (mine === run) busy = false;
      evaluateNow();
    });
}

/** How long what follows a change waits for its figures, ms: longer would be noticed. */
const TOGETHER = 120;
/** Goes on when the figures of the plan that is shown are there, so that all is drawn at once and true; soon in any case. */
export function withFigures(then: () => void): void {
  const { plan } = get();
  let unhear = () => {};
  const timer = setTimeout(end, TOGETHER);
  function end() {
    unhear();
    clearTimeout(timer);
    then();
  }
  unhear = useStore.subscribe((s, before) => {
    if (s.engineHas !== before.engineHas && s.engineHas === plan) end();
  });
}

/** Shows at once what the room is found to be while something in it is being moved. */
function glance(plan: Plan, from: Plan): void {
  if (glancing || plan === glanced) return;
  const mine = run;
  glancing = true;
  glanced = plan;
  engine
    .glance(differenceOf(from, plan))
    .then((seen) => {
      if (mine === run && moving !== null && figures) put({ report: { ...figures, ...seen } });
    })
    .catch(() => {
      // An engine that stopped says so when the hand rests.
    })
    .finally(() => {
      if (mine !== run) return;
      glancing = false;
      evaluateNow();
    });
}

/** Starts the engine again; it opens the next plan whole. */
function startAgain(after: Plan | null): void {
  restartEngine();
  run++;
  busy = false;
  glancing = false;
  broke = after;
  sent = null;
  figures = null;
}

/** Shows a plan with changes that are not made yet; null ends it. */
export function preview(changes: Change[] | null): void {
  endMoving();
  if (get().preview !== null) put({ report: figures });
  show(changes);
  evaluateNow();
}

/** The same while a hand moves something in the room: what it is found to be at once, its figures when the hand rests. */
export function previewMove(changes: Change[]): void {
  endMoving();
  show(changes);
  moving = get().preview;
  rest = setTimeout(() => {
    endMoving();
    evaluateNow();
  }, REST);
  evaluateNow();
}

function show(changes: Change[] | null): void {
  const { plan } = get();
  if (!plan) return;
  try {
    put({ preview: changes && applyChanges(plan, changes).plan });
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
  }
}

function endMoving(): void {
  clearTimeout(rest);
  moving = null;
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
  if (!sync || changes.length === 0) return false;
  if (get().may === 'read') {
    notice('This device may look, but not change anything.', 'error');
    return false;
  }
  const group: Group = {
    id: nanoid(),
    name: writable([...name].slice(0, 280).join('')).trim() || 'A change',
    changes: writable(changes),
    kind,
    target,
  };
  endMoving();
  try {
    put({ preview: null });
    sync.edit(group);
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
    put({ report: figures });
    notice(`${name}: ${cause.findings[0]?.expected ?? cause.message}`, 'error');
    return false;
  }
  if (kind === 'do') {
    // What was said before is over: the new step and its Undo are seen at once.
    put((s) => ({
      lastStep: { id: group.id, text: group.name },
      notices: s.notices.filter((n) => n.kind === 'error'),
    }));
    justMade = group.id;
    queueMicrotask(() => {
      justMade = null;
    });
  } else put((s) => ({ lastStep: s.lastStep?.id === target ? null : s.lastStep }));
  return true;
}

/** Takes back the last step of this device. One of another device is named first, and taken back when that is wanted. */
export function undo(): void {
  goBack('undo', nextStep(get().history.undo));
}

export function redo(): void {
  goBack('redo', nextStep(get().history.redo));
}

function goBack(way: 'undo' | 'redo', step: Step | undefined): void {
  if (!step) return;
  if (step.own) takeStep(way, step);
  else put({ asking: { way, step } });
}

/** Takes back, or brings again, a step. */
export function takeStep(way: 'undo' | 'redo', step: Step): void {
  put({ asking: null });
  const chosen = chosenPlacement();
  const known = new Set(Object.keys(get().plan?.placements ?? {}));
  const done =
    way === 'undo'
      ? commit(`Undo: ${step.name}`, step.inverse, 'undo', step.id)
      : commit(`Redo: ${step.name}`, step.changes, 'redo', step.id);
  if (!done) return;
  if (chosen) followSupply(chosen, known);
  notice(`${way === 'undo' ? 'Undone' : 'Redone'}: ${step.name}`);
}

const chosenPlacement = () => {
  const { selected, plan } = get();
  return selected?.kind === 'placement' ? plan?.placements[selected.id] : undefined;
};
/** When what was chosen is gone with a step, or came to another place with it, the same thing is chosen where it lies then. */
function followSupply(before: Plan['placements'][string], known: ReadonlySet<string>): void {
  const placements = Object.values(get().plan?.placements ?? {});
  const now = placements.filter((p) => p.supply === before.supply && p.arrangement === before.arrangement);
  const come = now.find((p) => !known.has(p.id));
  if (!come && now.some((p) => p.id === before.id)) return;
  const most = come ?? now.sort((a, b) => b.count - a.count)[0];
  if (most) select({ kind: 'placement', id: most.id });
}
/** Takes a step back by its id, wherever it stands; nothing when it was taken back already. */
export function undoStep(id: string): void {
  const step = get().history.undo.find((s) => s.id === id);
  if (step) takeStep('undo', step);
}
export const leaveStep = () => put({ asking: null });

// ---- saving ----

let sync: Sync | null = null;
let close = () => {};
/** Ends what belongs to the plan that is open: it hears nothing more, and what is not saved is kept. */
export function closePlan(): void {
  close();
  close = () => {};
}

const clock: Clock = {
  now: () => Date.now(),
  in: (ms, then) => {
    const timer = setTimeout(then, ms);
    return () => clearTimeout(timer);
  },
};

/** What is said about saving, from the state of the sync. */
function savingOf(state: SyncState, keeps: boolean): Saving {
  const waiting = [...state.waiting, ...state.doubtful];
  return {
    kind: isSaved(state) ? 'saved' : (state.trouble?.kind ?? 'saving'),
    message: state.trouble?.message ?? '',
    count: waiting.length,
    since: waiting.length > 0 ? Math.min(...waiting.map((w) => w.since)) : null,
    keeps,
  };
}

/** Tries at once what failed before. */
export const tryAgain = () => sync?.happened({ kind: 'again' });
export const dismissRefused = (id: string) => sync?.happened({ kind: 'dismissed', id });
/** Sends once more what the server refused, on the plan as it is now. */
export function retryRefused(id: string): void {
  try {
    sync?.happened({ kind: 'tried again', id });
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
    notice(`It still cannot be: ${cause.findings[0]?.message ?? cause.message}`, 'error');
  }
}
/** Opens the plan anew from the server; what is not saved yet stays. */
export const lookAgain = () => sync?.happened({ kind: 'told', epoch: '', revision: 0 });

/** Lets this device in again with a code; what waited is sent then. @throws ApiError when the code is wrong */
export async function pairAgain(code: string): Promise<void> {
  const { may, plan } = await api.pair(code);
  put({ may });
  if (get().planId !== null && plan !== get().planId)
    notice('This code is for another plan; what waits here is kept.', 'error');
  tryAgain();
}

// ---- opening a plan ----

/** How long what was seen last may be older than what the window shows, ms. */
const SEEN_AFTER = 1_000;
/** How often it is looked whether a closed window left something, ms. */
const TAKE_UP = 20_000;

/**
 * Opens a plan and listens for what other windows do to it. While the server does not answer, the plan as this browser saw it
 * last is opened.
 * @throws ApiError or OfflineError when it can be opened neither way
 */
export async function openPlan(id: string): Promise<void> {
  let state: SyncState;
  try {
    const [plan, session] = await Promise.all([openedPlan(id), api.session()]);
    state = opened(DEVICE, plan);
    put({ may: session.may });
  } catch (cause) {
    const seen = cause instanceof ApiError && [403, 404].includes(cause.status) ? null : await lastSeen(id);
    if (!seen) throw cause;
    state = seenBefore(DEVICE, seen);
  }
  closePlan();
  if (sent !== null) startAgain(null);
  const keeper = new Keeper(localStorage, id, nanoid(10), clock.now);
  let shown: SyncState = state;
  let keeping: ReturnType<typeof setTimeout> | undefined;
  const mine = new Sync(state, serverFor(id), keeper, clock, {
    say: notice,
    changed: (now) => {
      put({
        plan: now.plan,
        revision: now.base.revision,
        history: now.history,
        refused: now.refused,
        saving: savingOf(now, keeper.keeps),
      });
      if (now.base !== shown.base) {
        clearTimeout(keeping);
        keeping = setTimeout(() => void keepSeen(now.base), SEEN_AFTER);
      }
      if (now.plan !== shown.plan) evaluateNow();
      shown = now;
    },
  });
  sync = mine;
  put({
    planId: id,
    plan: state.plan,
    revision: state.base.revision,
    history: state.history,
    refused: [],
    saving: savingOf(state, true),
    asking: null,
    lastStep: null,
    preview: null,
    report: null,
    answered: 0,
    engineHas: null,
    selected: null,
    also: [],
    mode: '',
    station: null,
    zoom: { above: 1, round: 1, inside: 1, found: 1 },
    zoomTo: null,
  });
  void keepSeen(state.base);
  evaluateNow();
  mine.takeUp();
  mine.happened({ kind: 'again' });
  const unlisten = listen(id, (told) => mine.happened({ kind: 'told', ...told }));
  const timers = [setInterval(() => keeper.beat(), BEAT), setInterval(() => mine.takeUp(), TAKE_UP)];
  const leave = () => keeper.close();
  const back = () => {
    keeper.beat();
    mine.happened({ kind: 'again' });
  };
  globalThis.addEventListener('pagehide', leave);
  globalThis.addEventListener('pageshow', back);
  globalThis.addEventListener('online', back);
  close = () => {
    mine.end();
    keeper.close();
    unlisten();
    clearTimeout(keeping);
    for (const t of timers) clearInterval(t);
    globalThis.removeEventListener('pagehide', leave);
    globalThis.removeEventListener('pageshow', back);
    globalThis.removeEventListener('online', back);
  };
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

let standing: { plan: Plan; mode: string; here: Plan } | null = null;
/**
 * The same for drawings that show of what lies where only what the Report says: as long as nothing else changes, it is the same
 * object, and a moved thing does not have them drawn before its figures are there.
 */
export function standingPlan(s: State): { plan: Plan; here: Plan } | null {
  const plan = shownPlan(s);
  if (!plan) return null;
  const same =
    standing?.mode === s.mode &&
    Object.entries(plan).every(
      ([table, rows]) => table === 'placements' || standing!.plan[table as keyof Plan] === rows,
    );
  if (!same) standing = { plan, mode: s.mode, here: drawnPlan(s)! };
  return standing;
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
