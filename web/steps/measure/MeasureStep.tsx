/** Measure: the room's size, what is on its walls and over it, what must stay free, and what lies elsewhere. */
import { useEffect, useRef, useState } from 'react';
import { setMeta } from '@heronstone/core/model/change.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { commit } from '../../state/openPlan.ts';
import { newId, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { intoSheet } from '../../ui/Sheet.tsx';
import { LengthField, TextField } from '../../ui/Field.tsx';
import { AreaSheet, ElsewhereSheet, OverheadSheet } from './AreaSheets.tsx';
import { CornerSheet } from './CornerSheet.tsx';
import { DxfImport } from './DxfImport.tsx';
import { RoomSheet, SIDE } from './RoomSheet.tsx';
import { WalkWalls } from './WalkWalls.tsx';
import { FixtureSheet, OpeningSheet } from './WallSheets.tsx';
import { Segments } from '../../ui/Segments.tsx';

export function MeasureStep() {
  const plan = useStore((s) => s.plan)!;
  const hasRoom = Object.keys(plan.corners).length >= 3;
  const had = useRef(hasRoom);
  useEffect(() => {
    if (hasRoom && !had.current) intoSheet();
    had.current = hasRoom;
  }, [hasRoom]);
  return hasRoom ? (
    <>
      <RoomViews rings={false} corners />
      <MeasureSheet plan={plan} />
    </>
  ) : (
    <FirstRoom plan={plan} />
  );
}

function FirstRoom({ plan }: { plan: Plan }) {
  const [size, setSize] = useState({
    x: plan.meta.units !== 'imperial' ? 3500 : 12 * 304.8,
    y: plan.meta.units !== 'imperial' ? 3000 : 10 * 304.8,
  });
  const [way, setWay] = useState<'rectangle' | 'walk' | 'dxf'>('rectangle');
  const system = plan.meta.units;
  const make = () => {
    const { x, y } = size;
    const points = [
      { x: 0, y: 0 },
      { x, y: 0 },
      { x, y },
      { x: 0, y },
    ];
    commit(`Measure ${plan.meta.room}`, makeOutline(points, [x, y, x, y], newId));
  };
  const about = (
    <>
      <TextField
        label="Name of the room"
        value={plan.meta.room}
        onSet={(room) => commit('Name the room', [setMeta(plan, { room })])}
      />
      <LengthField
        label="Ceiling height"
        feet
        system={system}
        value={plan.meta.ceiling}
        least={1500}
        most={8000}
        onSet={(ceiling) => commit('Set the ceiling', [setMeta(plan, { ceiling })])}
      />
    </>
  );
  return (
    <div className="mx-auto w-full max-w-4xl overflow-y-auto p-8">
      <h2 className="text-2xl">First, measure the room</h2>
      <p className="text-soft">You can put in doors, windows and sockets afterwards.</p>
      <div className="mt-4 grid max-w-xl grid-cols-2 gap-3">{about}</div>
      <Segments
        label="Shape of the room"
        className="my-5"
        value={way}
        options={[
          ['rectangle', 'A rectangle'],
          ['walk', 'Any shape: walk the walls'],
          ['dxf', 'From a DXF file'],
        ]}
        onSet={setWay}
      />
      {way === 'walk' ? (
        <WalkWalls />
      ) : way === 'dxf' ? (
        <DxfImport plan={plan} />
      ) : (
        <div className="grid max-w-xl grid-cols-2 gap-3">
          <LengthField
            label="West to east"
            feet
            system={system}
            value={size.x}
            {...SIDE}
            onSet={(x) => setSize({ ...size, x })}
          />
          <LengthField
            label="North to south"
            feet
            system={system}
            value={size.y}
            {...SIDE}
            onSet={(y) => setSize({ ...size, y })}
          />
          <Button look="main" className="justify-self-start" onClick={make}>
            Draw the room
          </Button>
        </div>
      )}
    </div>
  );
}

function MeasureSheet({ plan }: { plan: Plan }) {
  const selected = useStore((s) => s.selected);
  const id = selected?.id ?? '';
  switch (selected?.kind) {
    case 'opening':
      if (plan.openings[id]) return <OpeningSheet key={id} opening={plan.openings[id]} plan={plan} />;
      break;
    case 'fixture':
      if (plan.fixtures[id]) return <FixtureSheet key={id} fixture={plan.fixtures[id]} plan={plan} />;
      break;
    case 'corner':
      if (plan.corners[id]) return <CornerSheet key={id} corner={plan.corners[id]} plan={plan} />;
      break;
    case 'overhead':
      if (plan.overheads[id]) return <OverheadSheet key={id} overhead={plan.overheads[id]} plan={plan} />;
      break;
    case 'area':
      if (plan.areas[id]) return <AreaSheet key={id} area={plan.areas[id]} plan={plan} />;
      break;
    case 'elsewhere':
      if (plan.elsewheres[id]) return <ElsewhereSheet key={id} place={plan.elsewheres[id]} plan={plan} />;
      break;
  }
  return <RoomSheet plan={plan} />;
}
