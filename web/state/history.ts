/** Undo and redo, worked out from the journal: the same for a window just opened as for one that has been open all day. */
import type { Change, Group } from '@heronstone/core/model/change.ts';

interface Step {
  id: string;
  name: string;
  changes: Change[];
  inverse: Change[];
}

export interface History {
  undo: readonly Step[];
  redo: readonly Step[];
}

/** How many steps are kept. */
const MOST = 300;

/** The history after one more group: a new step, or a step taken back or brought again. */
export function afterGroup(history: History, group: Group, inverse: Change[]): History {
  if (group.kind === 'do') {
    return {
      undo: [...history.undo, { id: group.id, name: group.name, changes: group.changes, inverse }].slice(-MOST),
      redo: [],
    };
  }
  const [from, to] = group.kind === 'undo' ? (['undo', 'redo'] as const) : (['redo', 'undo'] as const);
  const step = history[from].find((s) => s.id === group.target);
  if (!step) return history;
  const moved = group.kind === 'redo' ? { ...step, inverse } : step;
  return { ...history, [from]: history[from].filter((s) => s !== step), [to]: [...history[to], moved] };
}
