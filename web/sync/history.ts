/** Undo and redo, worked out from the journal: the same for a window just opened as for one that has been open all day. */
import type { Change, Group } from '@heronstone/core/model/change.ts';

export interface Step {
  id: string;
  name: string;
  changes: Change[];
  inverse: Change[];
  /** Made on this device; a step of another one is named before it is taken back. */
  own: boolean;
}

export interface History {
  undo: readonly Step[];
  redo: readonly Step[];
}

export const NO_HISTORY: History = { undo: [], redo: [] };

/** How many steps are kept. */
const MOST = 300;

/**
 * The history after one more group: a new step, or a step taken back or brought again.
 * @param own whether this device made the group
 */
export function afterGroup(history: History, group: Group, inverse: Change[], own: boolean): History {
  if (group.kind === 'do') {
    const step = { id: group.id, name: group.name, changes: group.changes, inverse, own };
    return {
      undo: [...history.undo, step].slice(-MOST),
      // What another device took back can still be brought again there.
      redo: history.redo.filter((s) => s.own !== own),
    };
  }
  const [from, to] = group.kind === 'undo' ? (['undo', 'redo'] as const) : (['redo', 'undo'] as const);
  const step = history[from].find((s) => s.id === group.target);
  if (!step) return history;
  const moved = { ...step, own, ...(group.kind === 'redo' ? { inverse } : {}) };
  return { ...history, [from]: history[from].filter((s) => s !== step), [to]: [...history[to], moved] };
}

/** The step with the inverse that the server worked out, which knows what others did before it. */
export function confirmed(history: History, group: Group, inverse: Change[]): History {
  const id = group.kind === 'do' ? group.id : group.kind === 'redo' ? group.target : null;
  const at = history.undo.findIndex((s) => s.id === id);
  return at < 0 ? history : { ...history, undo: history.undo.with(at, { ...history.undo[at]!, inverse }) };
}

/** The step that comes next: the last of this device, or, when it has none, the last of another. */
export const nextStep = (steps: readonly Step[]): Step | undefined => steps.findLast((s) => s.own) ?? steps.at(-1);
