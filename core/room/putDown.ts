/** Putting one piece of furniture down elsewhere: what stands on it and its seats go along, and a mode has spots of its own. */
import { set, type Change } from '../model/change.ts';
import type { Plan, Unit } from '../model/plan.ts';
import type { Rest } from './snap.ts';
import { ridersOf, seatsAt } from './standing.ts';

const tidy = (mm: number) => Math.round(mm * 10) / 10;

/** The row that says where a unit stands in a mode: its spot then, or the unit itself. */
export function restOf(plan: Plan, id: string, mode: string): { table: 'spots' | 'units'; id: string; rest: Rest } {
  const spot = mode === '' ? undefined : Object.values(plan.spots).find((s) => s.unit === id && s.mode === mode);
  const row = spot ?? plan.units[id]!;
  return { table: spot ? 'spots' : 'units', id: row.id, rest: { x: row.x, y: row.y, turn: row.turn } };
}

/**
 * Changes that put one unit down, turned, with what stands on it, and its seats, turning about its middle. A unit that has a spot of its
 * own in the mode stands elsewhere then only: the spot changes, and what stands on it follows by itself.
 */
export function putDown(plan: Plan, unit: Unit, to: Rest, mode: string): Change[] {
  const { table, id, rest } = restOf(plan, unit.id, mode);
  const changes: Change[] = [set(table, id, { x: tidy(to.x), y: tidy(to.y), turn: to.turn })];
  if (table === 'spots') return changes;
  const by = to.turn - rest.turn;
  const [cos, sin] = [Math.cos((by * Math.PI) / 180), Math.sin((by * Math.PI) / 180)];
  const along = (at: { x: number; y: number }) => {
    const [dx, dy] = [at.x - rest.x, at.y - rest.y];
    return { x: tidy(to.x + dx * cos - dy * sin), y: tidy(to.y + dx * sin + dy * cos) };
  };
  for (const rider of ridersOf(plan, unit))
    changes.push(set('units', rider.id, { ...along(rider), turn: (rider.turn + by + 720) % 360 }));
  for (const seat of [unit, ...ridersOf(plan, unit)].flatMap((u) => seatsAt(plan, u.id)))
    changes.push(set('stations', seat.id, { ...along(seat), facing: (seat.facing + by + 720) % 360 }));
  return changes;
}
