/** Pieces from the library, and copies of those that are there, each where there is room for it. */
import { applyChanges, set, type Change } from '../model/change.ts';
import { STANDING_DEFAULTS, type Plan, type Shape, type Unit } from '../model/plan.ts';
import { copyUnit } from '../room/arrange.ts';
import type { Rest } from '../room/snap.ts';
import { goodSpot } from './goodSpot.ts';
import { hangOnDoor, leavesFor, mountsFor } from './hang.ts';
import { freeName, newUnit, type Standing } from './newUnit.ts';
import { whyInTheWay, whyNotHeld } from './noPlaceFor.ts';
import { newInsert } from './sameAgain.ts';
import { unfoldedArea, type Unfolds } from './unfolds.ts';

/** What is added, and the piece in which the last of it stands, if in any. */
export interface Added {
  id: string;
  host: string | null;
  changes: Change[];
  /** Why it stands elsewhere than such a piece does, or in the way, and which size would not; null when there is nothing to say. */
  note: string | null;
}

interface AddOptions {
  standing: Standing;
  many: number;
  newId: () => string;
  stop?: () => boolean;
  unfolds?: Unfolds | undefined;
}

/**
 * Several of a shape, each where there is room for it beside those before.
 * @param stop see goodSpot
 */
export function addPieces(plan: Plan, shape: Shape, { standing, many, newId, stop, unfolds }: AddOptions): Added {
  const added: Added = { id: '', host: null, changes: [], note: null };
  let room = plan;
  for (let n = 0; n < many; n++) {
    const own = standing === 'insert' ? newInsert(room, shape, newId) : held(room, shape, standing, newId);
    if (!own) added.note ??= whyNotHeld(room, shape, standing);
    const made = own ?? byItself(room, shape, standing, { newId, stop, added });
    const changes = unfolds ? [...made.changes, unfoldedArea(made.unit, unfolds, newId)] : made.changes;
    added.changes.push(...changes);
    [added.id, added.host] = [made.unit.id, made.unit.host];
    room = applyChanges(room, changes).plan;
  }
  return added;
}

/** A piece on the floor, on a table or on a wall; what is in its way wherever it stands is noted. */
function byItself(
  room: Plan,
  shape: Shape,
  standing: Standing,
  { newId, stop, added }: Pick<AddOptions, 'newId' | 'stop'> & { added: Added },
) {
  const onWall = standing !== 'floor' && standing !== 'insert';
  let late = false;
  const enough = () => (late ||= stop?.() ?? false);
  const place = (one: Shape) => newUnit(room, one, onWall, newId, enough);
  const made = place(shape);
  if (made.worse > 0)
    added.note ??= whyInTheWay(room, made, onWall, (width) => (late ? null : place({ ...shape, width }).worse <= 0));
  return made;
}

/** A copy of a unit with what it is made of, where there is room for it. @param stop see goodSpot */
export function copyPiece(plan: Plan, id: string, newId: () => string, stop?: () => boolean): Added {
  const twin = (at: Rest) => copyUnit(plan, id, at, newId);
  const trial = (at: Rest) => applyChanges(plan, twin(at).changes).plan;
  return { host: null, note: null, ...twin(goodSpot(plan.units[id]!, plan, trial, stop ? { stop } : {}).at) };
}

/** A clamp on the front edge of a table, a rack on the leaf of a door that is large enough for it; null where there is neither. */
function held(plan: Plan, shape: Shape, standing: Standing, newId: () => string) {
  if (standing !== 'edge' && standing !== 'door') return null;
  const unit: Unit = {
    ...STANDING_DEFAULTS,
    ...shape,
    id: newId(),
    name: freeName(plan, shape.name),
    x: 0,
    y: 0,
    turn: 0,
  };
  const table = mountsFor(plan, unit).find((m) => m.slot === 'edge' && m.host.kind === 'table');
  const [door] = leavesFor(plan, unit);
  if (standing === 'edge' && table)
    return { unit, changes: [set('units', unit.id, { ...unit, host: table.host.id, hostSlot: 'edge' })] };
  if (standing === 'door' && door)
    return { unit, changes: [set('units', unit.id, unit), ...hangOnDoor(plan, unit, door)] };
  return null;
}
