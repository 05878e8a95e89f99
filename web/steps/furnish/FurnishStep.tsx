/** Furnish: what stands in the room, and where the maker sits or stands. */
import { bearing } from '@heronstone/core/room/geometry.ts';
import { inRoom } from '@heronstone/core/furniture/footprint.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { byName, type Plan, type Unit } from '@heronstone/core/model/plan.ts';
import { freeSpot } from '@heronstone/core/room/spot.ts';
import { UNIT_TYPES, type UnitType } from '@heronstone/library/units.ts';
import { useEffect } from 'react';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { commit, newId, select, setView, useStore } from '../../state/store.ts';
import { Heading } from '../../ui/Field.tsx';
import { NextStep, Sheet } from '../../ui/Sheet.tsx';
import { StationSheet } from './StationSheet.tsx';
import { UnitSheet } from './UnitSheet.tsx';

export function FurnishStep() {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
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
      {unit ? (
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

function addUnit(plan: Plan, type: UnitType): void {
  const id = newId();
  const shape = { id, ...type.shape, name: nameFor(plan, type.shape.name) };
  const unit: Unit = { ...shape, ...freeSpot(shape, plan) };
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

function LibrarySheet({ plan }: { plan: Plan }) {
  const report = useStore((s) => s.report);
  const wrong =
    report?.findings.filter(
      (f) => f.severity === 'error' && (f.target?.table === 'units' || f.target?.table === 'stations'),
    ) ?? [];
  return (
    <Sheet
      title="Furniture"
      line={
        Object.keys(plan.units).length === 0
          ? 'Add what you have, then drag it to its place.'
          : `${Object.keys(plan.units).length} pieces, ${report?.compartments.length ?? 0} places for things`
      }
    >
      {wrong.map((f) => (
        <button
          key={f.path + f.message}
          type="button"
          className="mb-2 block text-left font-bold text-rust hover:underline"
          onClick={() => select({ kind: f.target!.table === 'units' ? 'unit' : 'station', id: f.target!.id })}
        >
          {f.message}
        </button>
      ))}
      <Heading>Add</Heading>
      <ul className="grid gap-1.5">
        {UNIT_TYPES.map((type) => (
          <li key={type.title}>
            <button
              type="button"
              onClick={() => addUnit(plan, type)}
              className="block w-full rounded-xl border border-line bg-paper px-3 py-1.5 text-left hover:border-ink"
            >
              <span className="block">{type.title}</span>
              <span className="block text-xs text-soft">{type.hint}</span>
            </button>
          </li>
        ))}
      </ul>
      {(Object.keys(plan.units).length > 0 || Object.keys(plan.stations).length > 0) && <Heading>In the room</Heading>}
      <ul>
        {byName(plan.units).map((u) => (
          <li key={u.id}>
            <button
              type="button"
              className="w-full rounded-md px-1 py-1 text-left hover:bg-wash"
              onClick={() => select({ kind: 'unit', id: u.id })}
            >
              {u.name}
            </button>
          </li>
        ))}
        {byName(plan.stations).map((s) => (
          <li key={s.id}>
            <button
              type="button"
              className="w-full rounded-md px-1 py-1 text-left hover:bg-wash"
              onClick={() => select({ kind: 'station', id: s.id })}
            >
              Seat: {s.name}
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
