/** What is added by one click: a unit where there is room for it, a seat before a table. */
import { bearing } from '@heronstone/core/geometry/geometry.ts';
import { inRoom } from '@heronstone/core/furniture/footprint.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, STANDING_DEFAULTS, type Plan, type Unit } from '@heronstone/core/model/plan.ts';
import { freeSpot, spotOnTable } from '@heronstone/core/room/spot.ts';
import type { UnitType } from '@heronstone/library/units.ts';
import { commit, newId, select } from '../../state/store.ts';

function nameFor(plan: Plan, name: string): string {
  const names = new Set(Object.values(plan.units).map((u) => u.name));
  if (!names.has(name)) return name;
  let n = 2;
  while (names.has(`${name} ${n}`)) n++;
  return `${name} ${n}`;
}

/** Adds a unit of a type where there is room for it: on a table what stands on tables, else along a wall. */
export function addUnit(plan: Plan, type: Pick<UnitType, 'shape'> & Partial<Pick<UnitType, 'group'>>): void {
  const id = newId();
  const shape = { ...STANDING_DEFAULTS, id, ...type.shape, name: nameFor(plan, type.shape.name) };
  const onTable = type.shape.bottom > 0 && type.group !== 'On the wall and the door' ? spotOnTable(shape, plan) : null;
  const unit: Unit = { ...shape, ...(onTable ?? freeSpot(shape, plan)) };
  const changes: Change[] = [set('units', id, unit)];
  if (type.shape.kind === 'table' && Object.keys(plan.stations).length === 0) changes.push(...seatAt(plan, unit));
  if (commit(`Add ${unit.name}`, changes)) select({ kind: 'unit', id });
}

/** A seat before the front of a table; the first one brings its person along. */
export function seatAt(plan: Plan, table: Unit): Change[] {
  const id = newId();
  const person = byName(plan.people)[0];
  const personId = person?.id ?? newId();
  const at = inRoom(table, table.width / 2, table.depth + 250);
  const station = {
    id,
    name: table.name,
    unit: table.id,
    person: personId,
    x: Math.round(at.x),
    y: Math.round(at.y),
    facing: Math.round(bearing(at, table)),
    posture: 'seated' as const,
    seatHeight: Math.max(300, Math.min(800, Math.round(table.bottom + table.height - 290))),
  };
  const changes: Change[] = person ? [] : [set('people', personId, { id: personId, name: 'Me', stature: 1700 })];
  return [...changes, set('stations', id, station)];
}
