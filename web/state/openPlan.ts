/** The plan that is open: what is done to it, taken back, and saved (web/sync). */
import { inMeasures } from '@heronstone/core/model/amounts.ts';
import { nanoid } from 'nanoid';
import { ChangeError, type Change, type Group } from '@heronstone/core/model/change.ts';
import { writable } from '@heronstone/core/model/text.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { api, ApiError, DEVICE } from '../sync/api.ts';
import { nextStep, type Step } from '../sync/history.ts';
import { BEAT, Keeper } from '../sync/keeper.ts';
import { isSaved, opened, seenBefore, type State as SyncState } from '../sync/machine.ts';
import { keepSeen, lastSeen } from '../sync/lastSeen.ts';
import { openedPlan, serverFor } from '../sync/serverAnswers.ts';
import { Sync, type Clock } from '../sync/sync.ts';
import { listen } from '../sync/received.ts';
import { backToFigures, endMoving, evaluateNow, forgetPlan } from './figures.ts';
import { notice, sayAbout, select, useStore, type Saving } from './state.ts';

const get = useStore.getState;
const put = useStore.setState;

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
    put({ preview: null, weekWhy: '' });
    sync.edit(group);
  } catch (cause) {
    if (!(cause instanceof ChangeError)) throw cause;
    backToFigures();
    const message = cause.findings[0]?.expected ?? cause.message;
    notice(`${name}: ${inMeasures(message, get().plan?.meta.units ?? 'metric')}`, 'error');
    return false;
  }
  if (kind === 'do') {
    // What was said before is over: the new step and its Undo are seen at once.
    put((s) => ({
      lastStep: { id: group.id, text: group.name },
      notices: s.notices.filter((n) => n.kind === 'error'),
    }));
    sayAbout(group.id);
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
function savingOf(state: SyncState, keeper: Keeper): Saving {
  const waiting = [...state.waiting, ...state.doubtful];
  const elsewhere = keeper.waitingElsewhere();
  return {
    kind: isSaved(state) && elsewhere === 0 ? 'saved' : (state.trouble?.kind ?? 'saving'),
    elsewhere,
    message: state.trouble?.message ?? '',
    count: waiting.length,
    since: waiting.length > 0 ? Math.min(...waiting.map((w) => w.since)) : null,
    keeps: keeper.keeps,
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
/** Opens the plan again from the server; what is not saved yet stays. */
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
  forgetPlan();
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
        saving: savingOf(now, keeper),
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
    saving: savingOf(state, keeper),
    asking: null,
    lastStep: null,
    preview: null,
    report: null,
    answered: 0,
    engineHas: null,
    weekWhy: '',
    outOfDate: false,
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
  // What another window had waiting is taken up, or was saved by that window itself.
  const lookElsewhere = () => {
    mine.takeUp();
    if (get().saving.elsewhere > 0) put({ saving: savingOf(mine.state, keeper) });
  };
  const unlisten = listen(id, (told) => mine.happened({ kind: 'told', ...told }));
  const timers = [setInterval(() => keeper.beat(), BEAT), setInterval(lookElsewhere, TAKE_UP)];
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
