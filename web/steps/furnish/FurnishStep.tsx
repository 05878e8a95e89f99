/** Furnish: what stands in the room, and where the maker sits or stands. */
import { Link } from 'react-router';
import { useEffect } from 'react';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { setView, useStore } from '../../state/store.ts';
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
        <Link className="text-rust underline" to={`/plan/${plan.meta.id}/measure`}>
          Measure the room
        </Link>
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
