/** Moving several units as one: by a distance, in line, with equal gaps, turned, copied with what they hold. */
import { footprint } from '../furniture/footprint.ts';
import { set, type Change } from '../model/change.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { eachOnce, putDown, restOf } from './putDown.ts';

/** Units that can be moved by hand: not locked, not in the opening of another. */
export const isLoose = (unit: Pick<Unit, 'pinned' | 'host'>): boolean => !unit.pinned && unit.host === null;

/**
 * Changes that shift units. In a mode, a unit that has a place of its own then is shifted there only.
 * @param dx mm to the east
 * @param dy mm to the south
 */
export function shiftUnits(plan: Plan, ids: readonly string[], dx: number, dy: number, mode = ''): Change[] {
  return eachOnce(
    ids.flatMap((id) => {
      const unit = plan.units[id];
      if (!unit || !isLoose(unit)) return [];
      const { rest } = restOf(plan, id, mode);
      return putDown(plan, unit, { ...rest, x: rest.x + dx, y: rest.y + dy }, mode);
    }),
  );
}

function extent(unit: Unit, axis: 'x' | 'y'): [low: number, high: number] {
  const along = footprint(unit).map((p) => p[axis]);
  return [Math.min(...along), Math.max(...along)];
}

export type Side = 'west' | 'east' | 'north' | 'south';

/** Changes that bring units in line with the first of them, by one side. */
export function alignUnits(plan: Plan, ids: readonly string[], side: Side): Change[] {
  const first = plan.units[ids[0] ?? ''];
  if (!first) return [];
  const axis = side === 'west' || side === 'east' ? 'x' : 'y';
  const end = side === 'west' || side === 'north' ? 0 : 1;
  const line = extent(first, axis)[end];
  return ids.slice(1).flatMap((id) => {
    const by = line - extent(plan.units[id]!, axis)[end];
    return Math.abs(by) < 0.05 ? [] : shiftUnits(plan, [id], axis === 'x' ? by : 0, axis === 'y' ? by : 0);
  });
}

/** Changes that leave equal gaps between three or more units; the outermost two stay. */
export function spreadUnits(plan: Plan, ids: readonly string[], axis: 'x' | 'y'): Change[] {
  if (ids.length < 3) return [];
  const row = ids
    .map((id) => ({ id, span: extent(plan.units[id]!, axis) }))
    .sort((a, b) => a.span[0] + a.span[1] - b.span[0] - b.span[1]);
  const [first, last] = [row[0]!, row.at(-1)!];
  const taken = row.reduce((sum, u) => sum + u.span[1] - u.span[0], 0);
  const gap = (last.span[1] - first.span[0] - taken) / (row.length - 1);
  let at = first.span[0];
  return row.flatMap(({ id, span }) => {
    const by = at - span[0];
    at += span[1] - span[0] + gap;
    return Math.abs(by) < 0.05 ? [] : shiftUnits(plan, [id], axis === 'x' ? by : 0, axis === 'y' ? by : 0);
  });
}

/** Changes that put one unit on top of another, in the middle of it. */
export function standOn(plan: Plan, id: string, on: string): Change[] {
  const base = plan.units[on]!;
  return [
    ...putDown(plan, plan.units[id]!, { x: base.x, y: base.y, turn: base.turn }, ''),
    set('units', id, { bottom: base.bottom + base.height }),
  ];
}

/**
 * Changes that copy a unit, where it is told, with the inserts in it and what lies in it.
 * @param newId makes ids
 */
export function copyUnit(
  plan: Plan,
  id: string,
  at: { x: number; y: number; turn: number },
  newId: () => string,
): { id: string; changes: Change[] } {
  const unit = plan.units[id]!;
  const copy = newId();
  const changes: Change[] = [
    set('units', copy, {
      ...unit,
      id: copy,
      ...at,
      name: `${unit.name} copy`.slice(0, 120),
      host: null,
      hostSlot: '',
      pinned: false,
    }),
  ];
  const twins = new Map([[id, copy]]);
  for (const insert of Object.values(plan.units).filter((u) => u.host === id)) {
    const twin = newId();
    twins.set(insert.id, twin);
    changes.push(set('units', twin, { ...insert, id: twin, host: copy }));
  }
  return { id: copy, changes };
}
