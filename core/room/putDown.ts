/**
 * The one mover of furniture: a piece is put down elsewhere, and what stands on it, its seats, and the places of carts at those
 * seats go along. A hand, an arrow key, an advice, an arrangement all move by this.
 */
import { set, type Change } from '../model/change.ts';
import { onRule, type UnitSystem } from '../model/measure.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { inRoom } from '../furniture/footprint.ts';
import { turned } from '../geometry/geometry.ts';
import type { Rest } from './snap.ts';
import { ridersOf, seatsAt } from './standing.ts';

/** Without the noise of binary fractions. */
const exact = (mm: number) => Math.round(mm * 1e6) / 1e6;

const onRuleAt = ({ x, y, turn }: Rest, system: UnitSystem): Rest => ({
  x: onRule(x, system),
  y: onRule(y, system),
  turn,
});

/** The row that says where a unit stands in a mode: its spot then, or the unit itself. */
export function restOf(plan: Plan, id: string, mode: string): { table: 'spots' | 'units'; id: string; rest: Rest } {
  const spot = mode === '' ? undefined : Object.values(plan.spots).find((s) => s.unit === id && s.mode === mode);
  const row = spot ?? plan.units[id]!;
  return { table: spot ? 'spots' : 'units', id: row.id, rest: { x: row.x, y: row.y, turn: row.turn } };
}

/** Where something that goes along with a piece comes to be when that is moved and turned about its middle. */
export function carried(at: Rest, from: Rest, to: Rest): Rest {
  const by = to.turn - from.turn;
  const off = turned({ x: at.x - from.x, y: at.y - from.y }, by);
  return { x: exact(to.x + off.x), y: exact(to.y + off.y), turn: (((at.turn + by) % 360) + 360) % 360 };
}

/**
 * Changes that put one unit down. A unit that has a spot of its own in the mode stands elsewhere then only: the spot changes, and
 * what stands on it follows by itself.
 */
export function putDown(plan: Plan, unit: Unit, to: Rest, mode: string): Change[] {
  const { table, id, rest } = restOf(plan, unit.id, mode);
  const { units: system } = plan.meta;
  const changes: Change[] = [set(table, id, onRuleAt(to, system))];
  if (table === 'spots') return changes;
  const along = (from: Rest) => onRuleAt(carried(from, rest, to), system);
  const riders = ridersOf(plan, unit);
  for (const rider of riders) changes.push(set('units', rider.id, { ...along(rider) }));
  for (const seat of [unit, ...riders].flatMap((u) => seatsAt(plan, u.id))) {
    const { x, y, turn } = along({ x: seat.x, y: seat.y, turn: seat.facing });
    changes.push(set('stations', seat.id, { x, y, facing: turn }));
    for (const spot of Object.values(plan.spots).filter((s) => s.station === seat.id))
      changes.push(set('spots', spot.id, { ...along(spot) }));
  }
  return changes;
}

/** Where along the place of another piece one stands: in its middle, from its left end, up to its right end. */
export const ENDS = ['middle', 'left', 'right'] as const;

/** Where a unit stands with its back where another has its own. */
export function inPlaceOf(unit: Unit, other: Unit, end: (typeof ENDS)[number]): Rest {
  const across = end === 'middle' ? other.width / 2 : end === 'left' ? unit.width / 2 : other.width - unit.width / 2;
  const middle = inRoom(other, across, unit.depth / 2);
  return { x: exact(middle.x), y: exact(middle.y), turn: other.turn };
}

/** Changes of several moves at once, where each row is changed once: what stands on a piece that is moved itself goes with it. */
export function eachOnce(changes: readonly Change[]): Change[] {
  const seen = new Set<string>();
  return changes.filter((c) => {
    const key = `${c.table} ${c.id}`;
    return !seen.has(key) && seen.add(key);
  });
}
