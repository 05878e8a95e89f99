/** What the window shows: the plan with what is being tried out, what is chosen in it, and what was said. */
import { create } from 'zustand';
import { nanoid } from 'nanoid';
import type { Report } from '@heronstone/core/report/report.ts';
import type { Arrangement, Person, Plan } from '@heronstone/core/model/plan.ts';
import { seatKey } from '@heronstone/core/scene/seatKey.ts';
import { inMode } from '@heronstone/core/room/standing.ts';
import { NO_HISTORY, type History, type Step } from '../sync/history.ts';
import type { Refused, Trouble } from '../sync/machine.ts';

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
export type Tint = '' | 'seconds' | 'minutes' | 'sight' | 'side';

/** How saving goes. */
export interface Saving {
  kind: 'saved' | 'saving' | Trouble['kind'];
  /** What the server says is wrong. */
  message: string;
  /** How many steps are not saved, and since when, ms. */
  count: number;
  since: number | null;
  /** How many steps of this plan wait in other windows of this browser. */
  elsewhere: number;
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
  /** Why the week is another than before the last step; '' when it is the same. */
  weekWhy: string;
  /** The figures of the plan that is shown were given up; those that are shown are older. */
  outOfDate: boolean;
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
  tint: Tint;
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
  weekWhy: '',
  outOfDate: false,
  history: NO_HISTORY,
  asking: null,
  saving: { kind: 'saved', message: '', count: 0, since: null, elsewhere: 0, keeps: true },
  refused: [],
  notices: [],
  lastStep: null,
  selected: null,
  view: 'above',
  zoom: { above: 1, round: 1, inside: 1, found: 1 },
  zoomTo: null,
  station: null,
  person: null,
  tint: '',
  arrangement: 'planned',
  mode: '',
  also: [],
}));

const put = useStore.setState;

// ---- messages ----

/** The step that was just made, while whoever made it goes on: what is said then is said about it. */
let justMade: string | null = null;
/** What is said from now until whoever made a step has gone on is said about it. */
export function sayAbout(step: string): void {
  justMade = step;
  queueMicrotask(() => {
    justMade = null;
  });
}

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
  const { selected, also } = useStore.getState();
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
export const setTint = (tint: Tint) => put({ tint });
export const setArrangement = (arrangement: Arrangement) => put({ arrangement });

// ---- what is shown ----

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
