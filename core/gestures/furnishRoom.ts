/**
 * A room furnished at once: every piece goes where it takes from nobody the room to walk, to sit and to open. In which order
 * they come decides; several orders are tried and the one with the fewest faults is taken. A piece for which there is no
 * room is left out, and said so.
 */
import { checkClearance } from '../checks/clearance.ts';
import { seeded } from '../geometry/seeded.ts';
import { applyChanges, type Change } from '../model/change.ts';
import type { Plan, Shape, Unit } from '../model/plan.ts';
import { allCompartments } from '../furniture/compartments.ts';
import { checkRoom } from '../checks/roomErrors.ts';
import { checkSeats, checkWalkways } from '../checks/seatsAndWalkways.ts';
import { standing } from '../room/standing.ts';
import { walksOf } from '../room/walks.ts';
import { newUnit, seatBefore } from './newUnit.ts';

export interface Wanted {
  shape: Shape;
  /** Whether it hangs on a wall. */
  onWall: boolean;
}

export interface Furnished {
  changes: Change[];
  /** Names of pieces for which there was no room. */
  left: string[];
  /** Faults of the room with it: overlaps, fronts that cannot open or be walked to, seats without room, narrow ways. */
  faults: number;
}

/** How many orders are tried at most; a good one usually comes first. */
const ORDERS = 6;
/** The narrowest top one works at, mm; smaller ones get no seat. Common practice, no source. */
const WORK_TOP = 750;

/** What must not be in a furnished room. */
function hardFaults(plan: Plan): number {
  const errors = [...checkRoom(plan), ...checkClearance(plan), ...checkSeats(plan)].filter(
    (f) => f.severity === 'error',
  );
  const here = standing(plan);
  const places = allCompartments(here);
  const walled = new Set<string>();
  for (const walks of walksOf(here, places).values())
    for (const c of places) if (walks.get(c.id)?.reason) walled.add(c.unit);
  return errors.length + walled.size;
}

const softFaults = (plan: Plan): number =>
  checkWalkways(plan).length +
  [...checkClearance(plan), ...checkSeats(plan)].filter((f) => f.severity !== 'error').length;

/** Tables first, then what is large, then what is small; by a seed in other orders. */
function inOrder(wanted: readonly Wanted[], random: (() => number) | null): Wanted[] {
  const area = ({ shape }: Wanted) => shape.width * shape.depth;
  const rank = (w: Wanted) => (w.shape.kind === 'table' ? 2 : w.shape.bottom > 0 ? 0 : 1);
  const wobble = new Map(wanted.map((w) => [w, random ? 0.4 + 1.2 * random() : 1]));
  return [...wanted].sort((a, b) => rank(b) - rank(a) || area(b) * wobble.get(b)! - area(a) * wobble.get(a)!);
}

/** One order: each piece in turn; a piece that only fits at the cost of a hard fault is left out. */
function inTurn(plan: Plan, order: readonly Wanted[], newId: () => string): Furnished {
  const changes: Change[] = [];
  const left: string[] = [];
  let room = plan;
  let hard = hardFaults(plan);
  const take = (more: readonly Change[]): boolean => {
    const tried = applyChanges(room, [...more]).plan;
    const faults = hardFaults(tried);
    if (faults > hard) return false;
    room = tried;
    hard = faults;
    changes.push(...more);
    return true;
  };
  const tables: Unit[] = [];
  for (const { shape, onWall } of order) {
    const made = newUnit(room, shape, onWall, newId);
    if (!take(made.changes)) left.push(made.unit.name);
    else if (shape.kind === 'table' && shape.bottom < 300 && shape.width >= WORK_TOP) tables.push(made.unit);
  }
  // A second table to work at has a seat of its own, where there is room for it.
  const seated = new Set(Object.values(room.stations).map((s) => s.unit));
  for (const table of tables.slice(0, 3)) if (!seated.has(table.id)) take(seatBefore(room, table, newId));
  return { changes, left, faults: hard * 10 + softFaults(room) };
}

/**
 * Tries orders until one leaves nothing out and has no fault.
 * @returns after each order the best so far, and how far it is
 */
export function* furnishRoom(
  plan: Plan,
  wanted: readonly Wanted[],
  newId: () => string,
  seed: number,
): Generator<{ share: number }, Furnished> {
  const random = seeded(seed);
  let best: Furnished | null = null;
  const better = (a: Furnished, b: Furnished) => a.left.length - b.left.length || a.faults - b.faults;
  for (let n = 0; n < ORDERS; n++) {
    const found = inTurn(plan, inOrder(wanted, n === 0 ? null : random), newId);
    if (!best || better(found, best) < 0) best = found;
    if (best.left.length === 0 && best.faults === 0) break;
    yield { share: (n + 1) / ORDERS };
  }
  return best!;
}
