/** Pieces from the library, and copies of those that are there, each where there is room for it. */
import { applyChanges, type Change } from '../model/change.ts';
import type { Plan, Shape } from '../model/plan.ts';
import { copyUnit } from '../room/arrange.ts';
import type { Rest } from '../room/snap.ts';
import { goodSpot } from './goodSpot.ts';
import { newUnit } from './newUnit.ts';
import { newInsert } from './sameAgain.ts';

/** What is added, and the piece in which the last of it stands, if in any. */
export interface Added {
  id: string;
  host: string | null;
  changes: Change[];
}

/** How a type stands: on the floor or a table, on a wall or a door, or in an opening of another piece. */
export type Standing = 'floor' | 'wall' | 'insert';

/**
 * Several of a shape, each where there is room for it beside those before.
 * @param stop see goodSpot
 */
export function addPieces(
  plan: Plan,
  shape: Shape,
  { standing, many, newId, stop }: { standing: Standing; many: number; newId: () => string; stop?: () => boolean },
): Added {
  const added: Added = { id: '', host: null, changes: [] };
  let room = plan;
  for (let n = 0; n < many; n++) {
    const insert = standing === 'insert' ? newInsert(room, shape, newId) : null;
    const made = insert ?? newUnit(room, shape, standing === 'wall', newId, stop);
    added.changes.push(...made.changes);
    [added.id, added.host] = [made.unit.id, made.unit.host];
    room = applyChanges(room, made.changes).plan;
  }
  return added;
}

/** A copy of a unit with what it is made of, where there is room for it. @param stop see goodSpot */
export function copyPiece(plan: Plan, id: string, newId: () => string, stop?: () => boolean): Added {
  const twin = (at: Rest) => copyUnit(plan, id, at, newId);
  const trial = (at: Rest) => applyChanges(plan, twin(at).changes).plan;
  return { host: null, ...twin(goodSpot(plan.units[id]!, plan, trial, stop ? { stop } : {})) };
}
