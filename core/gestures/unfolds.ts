/** A piece that folds out: a sofa bed, an ironing board. Folded out it takes the floor before it, in a mode of the room. */
import { set, type Change } from '../model/change.ts';
import type { Unit } from '../model/plan.ts';

/** What it takes of the floor before it, mm, and what that is called. */
export interface Unfolds {
  mode: string;
  width: number;
  depth: number;
}

/** The area before a piece that must be free while it is folded out; it goes with the piece. */
export function unfoldedArea(unit: Unit, { mode, width, depth }: Unfolds, newId: () => string): Change {
  const id = newId();
  const area = { id, name: `${unit.name}, ${mode}`, mode, unit: unit.id, width, depth };
  return set('areas', id, { ...area, x: 0, y: (unit.depth + depth) / 2, turn: 0, bottom: 0, height: unit.height });
}
