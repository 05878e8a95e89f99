/** Furnish: what stands in the room, and where the maker sits or stands. */
import { Link } from 'react-router';
import { useEffect, useMemo } from 'react';
import { newUnit } from '@heronstone/core/gestures/newUnit.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { isLoose } from '@heronstone/core/room/arrange.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import type { Ghost } from '../../drawings/above/Ghosts.tsx';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import type { MenuOf } from '../../drawings/ThingMenu.tsx';
import { copyOf, hasCopied, lock, paste, removeUnits, turn } from '../../state/furnitureActions.ts';
import { newId, select, setView, useStore } from '../../state/state.ts';
import { intoSheet, NextStep } from '../../ui/Sheet.tsx';
import { StationSheet } from './StationSheet.tsx';
import { addUnit } from './addUnit.ts';
import { LibrarySheet } from './LibrarySheet.tsx';
import { ManySheet } from './ManySheet.tsx';
import { UnitSheet } from './UnitSheet.tsx';

/** What can be done with a piece, or with all that are chosen. */
const menuOf: MenuOf = (id) => {
  const { plan, selected, also, may } = useStore.getState();
  const unit = plan?.units[id?.split('/')[0] ?? ''];
  if (!plan || may === 'read') return [];
  if (!unit) return id === null && hasCopied() ? [{ words: 'Paste here in the room', run: paste }] : [];
  const ids =
    selected?.kind === 'unit' && [selected.id, ...also].includes(unit.id) ? [selected.id, ...also] : [unit.id];
  const one = ids.length === 1;
  return [
    { words: 'Open its sheet', run: () => openSheet(unit.id), off: !one },
    { words: 'Turn a quarter', run: () => turn(unit.id), off: !one || !isLoose(unit) },
    { words: 'Copy', run: () => copyOf(unit.id), off: !one },
    { words: ids.every((u) => plan.units[u]?.pinned) ? 'Unlock' : 'Lock where it stands', run: () => lock(ids) },
    { words: one ? 'Remove' : `Remove ${ids.length} pieces`, run: () => removeUnits(ids) },
  ];
};

/** What most rooms begin with, where it would stand; none as soon as something stands there. */
const FIRST = ['Work table', 'Bookcase'];
function ghostsOf(plan: Plan): Ghost[] {
  if (Object.keys(plan.units).length > 0 || Object.keys(plan.corners).length < 3) return [];
  const ghosts: Ghost[] = [];
  let room = plan;
  for (const title of FIRST) {
    const type = unitTypes(plan.meta.units).find((t) => t.title === title)!;
    const { unit, changes } = newUnit(room, type.shape, false, newId);
    room = applyChanges(room, changes).plan;
    ghosts.push({ unit, words: `Add a ${title.toLowerCase()} here`, take: () => addUnit(type) });
  }
  return ghosts;
}

function openSheet(id: string): void {
  select({ kind: 'unit', id });
  intoSheet();
}

export function FurnishStep() {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
  const also = useStore((s) => s.also);
  useEffect(() => {
    if (useStore.getState().view === 'inside') setView('above');
  }, []);
  const ghosts = useMemo(() => ghostsOf(plan), [plan]);
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
      <RoomViews editable menu={menuOf} ghosts={ghosts} />
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
