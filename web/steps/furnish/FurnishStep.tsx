/** Furnish: what stands in the room, and where the maker sits or stands. */
import { bearing } from '@heronstone/core/room/geometry.ts';
import { inRoom } from '@heronstone/core/furniture/footprint.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, STANDING_DEFAULTS, type Plan, type Unit } from '@heronstone/core/model/plan.ts';
import { freeSpot, spotOnTable } from '@heronstone/core/room/spot.ts';
import type { UnitType } from '@heronstone/library/units.ts';
import { useEffect } from 'react';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { commit, newId, select, setView, useStore } from '../../state/store.ts';
import { NextStep } from '../../ui/Sheet.tsx';
import { StationSheet } from './StationSheet.tsx';
import { LibrarySheet } from './LibrarySheet.tsx';
import { ManySheet } from './ManySheet.tsx';
import { UnitSheet } from './UnitSheet.tsx';

export function FurnishStep() {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
  const also = useStore((s) => s.also);
  useEffect(() => {
    if (useStore.getState().view === 'inside') setView('above');
  }, []);
  if (Object.keys(plan.corners).length < 3) {
    return (
      <NextStep title="The room comes first">
        <a className="text-rust underline" href={`/plan/${plan.meta.id}/measure`}>
          Measure the room
        </a>
        , then furniture can stand in it.
      </NextStep>
    );
  }
  const unitId =
    selected?.kind === 'unit' ? selected.id : selected?.kind === 'compartment' ? selected.id.split('/')[0]! : null;
  const unit = unitId ? plan.units[unitId] : undefined;
  const station = selected?.kind === 'station' ? plan.stations[selected.id] : undefined;
  return (
    <>
      <RoomViews editable />
      {unit && also.length > 0 ? (
        <ManySheet ids={[unit.id, ...also]} plan={plan} />
      ) : unit ? (
        <UnitSheet key={unit.id} unit={unit} plan={plan} />
      ) : station ? (
        <StationSheet key={station.id} station={station} plan={plan} />
      ) : (
        <LibrarySheet plan={plan} />
      )}
    </>
  );
}

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
  const changes: Change[] = person ? [] : [set('people', personId, { id: personId, name: 'The maker', stature: 1700 })];
  return [...changes, set('stations', id, station)];
}
