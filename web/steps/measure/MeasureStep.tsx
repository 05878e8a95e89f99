/** Measure: the room's size, doors, windows, sockets and what else is fixed to its walls. */
import { useState } from 'react';
import { remove, removeWithDependents, set, setMeta } from '@heronstone/core/model/change.ts';
import { cornersInOrder, type Fixture, type Opening, type Plan } from '@heronstone/core/model/plan.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { RoomViews } from '../../drawings/RoomViews.tsx';
import { commit, newId, select, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Heading, LengthField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { CornerSheet } from './CornerSheet.tsx';
import { WalkWalls } from './WalkWalls.tsx';

/** Smallest and largest room side that is taken, mm. */
const SIDE = { least: 800, most: 30_000 };

export function MeasureStep() {
  const plan = useStore((s) => s.plan)!;
  const hasRoom = Object.keys(plan.corners).length >= 3;
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
    x: plan.meta.units === 'metric' ? 3500 : 12 * 304.8,
    y: plan.meta.units === 'metric' ? 3000 : 10 * 304.8,
  });
  const [walking, setWalking] = useState(false);
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
      <div
        role="radiogroup"
        aria-label="Shape of the room"
        className="my-5 flex w-fit overflow-hidden rounded-full border border-line"
      >
        {(
          [
            [false, 'A rectangle'],
            [true, 'Any shape: walk the walls'],
          ] as const
        ).map(([key, title]) => (
          <button
            key={title}
            type="button"
            role="radio"
            aria-checked={walking === key}
            onClick={() => setWalking(key)}
            className={`px-4 py-1 ${walking === key ? 'bg-ink text-paper' : 'text-soft hover:text-ink'}`}
          >
            {title}
          </button>
        ))}
      </div>
      {walking ? (
        <WalkWalls />
      ) : (
        <div className="grid max-w-xl grid-cols-2 gap-3">
          <LengthField
            label="West to east"
            system={system}
            value={size.x}
            {...SIDE}
            onSet={(x) => setSize({ ...size, x })}
          />
          <LengthField
            label="North to south"
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
  const opening = selected?.kind === 'opening' ? plan.openings[selected.id] : undefined;
  const fixture = selected?.kind === 'fixture' ? plan.fixtures[selected.id] : undefined;
  if (opening) return <OpeningSheet opening={opening} plan={plan} />;
  const corner = selected?.kind === 'corner' ? plan.corners[selected.id] : undefined;
  if (corner) return <CornerSheet corner={corner} plan={plan} />;
  if (fixture) return <FixtureSheet fixture={fixture} plan={plan} />;
  return <RoomSheet plan={plan} />;
}

function RoomSheet({ plan }: { plan: Plan }) {
  const report = useStore((s) => s.report);
  const system = plan.meta.units;
  const walls = wallsOf(plan);
  const corners = cornersInOrder(plan);
  const rectangle =
    corners.length === 4 && walls.every((w) => Math.abs(w.along.x) < 1e-9 || Math.abs(w.along.y) < 1e-9);
  const resize = (x: number, y: number) => {
    const [a, b, c, d] = corners;
    commit('Resize the room', [
      set('corners', b!.id, { x: a!.x + x }),
      set('corners', c!.id, { x: a!.x + x, y: a!.y + y }),
      set('corners', d!.id, { y: a!.y + y }),
    ]);
  };
  const longest = [...walls].sort((a, b) => b.length - a.length)[0]!;
  const add = {
    door: () => addOpening(plan, longest.id, { kind: 'door', width: 760, height: 2000, sill: 0, swing: 'in' }),
    window: () => addOpening(plan, longest.id, { kind: 'window', width: 1000, height: 1200, sill: 900, swing: 'none' }),
  };
  return (
    <Sheet title={plan.meta.room} line={report ? `${report.room.area.toFixed(2)} m² of floor` : ''}>
      <TextField
        label="Name of the room"
        value={plan.meta.room}
        onSet={(room) => commit('Name the room', [setMeta(plan, { room })])}
      />
      <div className="mt-2 grid grid-cols-2 gap-2">
        {rectangle && (
          <>
            <LengthField
              label="West to east"
              system={system}
              value={walls[0]!.length}
              {...SIDE}
              onSet={(x) => resize(x, walls[1]!.length)}
            />
            <LengthField
              label="North to south"
              system={system}
              value={walls[1]!.length}
              {...SIDE}
              onSet={(y) => resize(walls[0]!.length, y)}
            />
          </>
        )}
        <LengthField
          label="Ceiling height"
          system={system}
          value={plan.meta.ceiling}
          least={1500}
          most={8000}
          onSet={(ceiling) => commit('Set the ceiling', [setMeta(plan, { ceiling })])}
        />
      </div>
      <Heading>On the walls</Heading>
      <ul>
        {walls.flatMap((wall) => [
          ...Object.values(plan.openings)
            .filter((o) => o.corner === wall.id)
            .map((o) => (
              <OnWall
                key={o.id}
                name={`${o.kind}, ${wall.name}`}
                size={formatLength(o.width, system)}
                onPick={() => select({ kind: 'opening', id: o.id })}
              />
            )),
          ...Object.values(plan.fixtures)
            .filter((f) => f.corner === wall.id)
            .map((f) => (
              <OnWall
                key={f.id}
                name={`${f.kind}, ${wall.name}`}
                size={`${formatLength(f.bottom, system)} up`}
                onPick={() => select({ kind: 'fixture', id: f.id })}
              />
            )),
        ])}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={add.door}>Add a door</Button>
        <Button onClick={add.window}>Add a window</Button>
        <Button
          onClick={() => addFixture(longest.id, { kind: 'socket', width: 146, height: 86, depth: 10, bottom: 300 })}
        >
          Add a socket
        </Button>
        <Button
          onClick={() => addFixture(longest.id, { kind: 'heater', width: 1000, height: 600, depth: 90, bottom: 120 })}
        >
          Add a heater
        </Button>
        <Button
          onClick={() =>
            addFixture(longest.id, { kind: 'fuse board', width: 320, height: 420, depth: 110, bottom: 1500 })
          }
        >
          Add a fuse board
        </Button>
      </div>
      <Heading>Walls</Heading>
      <ul>
        {walls.map((wall) => (
          <OnWall
            key={wall.id}
            name={wall.name}
            size={formatLength(wall.length, system)}
            onPick={() => select({ kind: 'corner', id: wall.id })}
          />
        ))}
      </ul>
      <p className="mt-3 text-xs text-soft">
        Sockets, electrical load and the clear space before a fuse board are for local code and an electrician. Nothing
        is drilled near cables or pipes.
      </p>
    </Sheet>
  );
}

function OnWall({ name, size, onPick }: { name: string; size: string; onPick: () => void }) {
  return (
    <li>
      <button
        type="button"
        onClick={onPick}
        className="flex w-full justify-between rounded-md px-1 py-1 text-left hover:bg-wash"
      >
        <span className="first-letter:uppercase">{name}</span>
        <span className="text-soft">{size}</span>
      </button>
    </li>
  );
}

/** The first stretch of a wall that is free of other openings. */
function freeOffset(plan: Plan, wall: string, width: number): number {
  const length = wallsOf(plan).find((w) => w.id === wall)!.length;
  const taken = Object.values(plan.openings).filter((o) => o.corner === wall);
  for (let at = 100; at + width <= length; at += 50)
    if (!taken.some((o) => at < o.offset + o.width && at + width > o.offset)) return at;
  return Math.max(0, (length - width) / 2);
}

function addOpening(
  plan: Plan,
  corner: string,
  shape: Pick<Opening, 'kind' | 'width' | 'height' | 'sill' | 'swing'>,
): void {
  const id = newId();
  const offset = freeOffset(plan, corner, shape.width);
  if (commit(`Add a ${shape.kind}`, [set('openings', id, { id, corner, offset, hinge: 'left', ...shape })]))
    select({ kind: 'opening', id });
}

function addFixture(corner: string, shape: Pick<Fixture, 'kind' | 'width' | 'height' | 'depth' | 'bottom'>): void {
  const id = newId();
  if (commit(`Add a ${shape.kind}`, [set('fixtures', id, { id, corner, offset: 200, ...shape })]))
    select({ kind: 'fixture', id });
}

function wallChoice(plan: Plan) {
  return wallsOf(plan).map((w) => [w.id, w.name] as const);
}

function Problems({ table, id }: { table: 'openings' | 'fixtures'; id: string }) {
  const report = useStore((s) => s.report);
  const mine = report?.findings.filter((f) => f.target?.table === table && f.target.id === id) ?? [];
  return (
    <>
      {mine.map((f) => (
        <p key={f.message} role="alert" className="mt-2 font-bold text-rust">
          {f.message} <span className="font-normal">It should be {f.expected}.</span>
        </p>
      ))}
    </>
  );
}

function OpeningSheet({ opening: o, plan }: { opening: Opening; plan: Plan }) {
  const system = plan.meta.units;
  const change = (what: string, columns: Partial<Opening>) =>
    commit(`${what} of the ${o.kind}`, [set('openings', o.id, columns)]);
  return (
    <Sheet title={o.kind === 'door' ? 'Door' : 'Window'} line={wallsOf(plan).find((w) => w.id === o.corner)?.name}>
      <Problems table="openings" id={o.id} />
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="Wall"
          value={o.corner}
          options={wallChoice(plan)}
          onSet={(corner) => change('Wall', { corner })}
          className="col-span-2"
        />
        <LengthField
          label="From the left corner"
          hint="as you face the wall"
          system={system}
          value={o.offset}
          onSet={(offset) => change('Place', { offset })}
        />
        <LengthField
          label="Width"
          system={system}
          value={o.width}
          least={100}
          most={10_000}
          onSet={(width) => change('Width', { width })}
        />
        <LengthField
          label="Height"
          system={system}
          value={o.height}
          least={100}
          most={5000}
          onSet={(height) => change('Height', { height })}
        />
        {o.kind === 'window' && (
          <LengthField
            label="Sill over the floor"
            system={system}
            value={o.sill}
            most={3000}
            onSet={(sill) => change('Sill', { sill })}
          />
        )}
        <Choice
          label="Opens"
          value={o.swing}
          options={[
            ['in', 'into the room'],
            ['out', 'out of the room'],
            ['none', 'slides or stays shut'],
          ]}
          onSet={(swing) => change('Swing', { swing })}
        />
        <Choice
          label="Hinges"
          value={o.hinge}
          options={[
            ['left', 'on the left'],
            ['right', 'on the right'],
          ]}
          onSet={(hinge) => change('Hinge', { hinge })}
        />
      </div>
      <Bottom onRemove={() => commit(`Remove the ${o.kind}`, removeWithDependents(plan, 'openings', o.id))} />
    </Sheet>
  );
}

function FixtureSheet({ fixture: f, plan }: { fixture: Fixture; plan: Plan }) {
  const system = plan.meta.units;
  const change = (what: string, columns: Partial<Fixture>) =>
    commit(`${what} of the ${f.kind}`, [set('fixtures', f.id, columns)]);
  return (
    <Sheet
      title={f.kind.charAt(0).toUpperCase() + f.kind.slice(1)}
      line={wallsOf(plan).find((w) => w.id === f.corner)?.name}
    >
      <Problems table="fixtures" id={f.id} />
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="Wall"
          value={f.corner}
          options={wallChoice(plan)}
          onSet={(corner) => change('Wall', { corner })}
          className="col-span-2"
        />
        <LengthField
          label="From the left corner"
          hint="as you face the wall"
          system={system}
          value={f.offset}
          onSet={(offset) => change('Place', { offset })}
        />
        <LengthField
          label="Over the floor"
          system={system}
          value={f.bottom}
          most={5000}
          onSet={(bottom) => change('Height', { bottom })}
        />
        <LengthField
          label="Width"
          system={system}
          value={f.width}
          least={20}
          most={5000}
          onSet={(width) => change('Width', { width })}
        />
        <LengthField
          label="Height"
          system={system}
          value={f.height}
          least={20}
          most={3000}
          onSet={(height) => change('Height', { height })}
        />
      </div>
      {f.kind === 'fuse board' && (
        <p className="mt-3 text-xs text-soft">
          Keep it clear and reachable. How much space must stay free before it is for local code and an electrician.
        </p>
      )}
      <Bottom onRemove={() => commit(`Remove the ${f.kind}`, [remove('fixtures', f.id)])} />
    </Sheet>
  );
}

function Bottom({ onRemove }: { onRemove: () => void }) {
  return (
    <div className="mt-4 flex gap-2">
      <Button onClick={() => select(null)}>Done</Button>
      <Button
        onClick={() => {
          onRemove();
          select(null);
        }}
      >
        Remove
      </Button>
    </div>
  );
}
