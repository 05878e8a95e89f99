/** The room as a whole: its size, and lists of what is in and on it with what can be added. */
import { set, setMeta } from '@heronstone/core/model/change.ts';
import { formatArea, formatLength, type UnitSystem } from '@heronstone/core/model/measure.ts';
import { byName, cornersInOrder, FIXTURE_KINDS, type Plan } from '@heronstone/core/model/plan.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore, type Selected } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading, LengthField, NumberField, OptionalField, TextField } from '../../ui/Field.tsx';
import { Select } from '../../ui/Select.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { addArea, addElsewhere, addFixture, addOpening, addOverhead } from './newInRoom.ts';

/** Smallest and largest room side that is taken, mm. */
export const SIDE = { least: 800, most: 30_000 };

/** A tight walkway, a comfortable one, and one for a wheelchair, mm: round figures of either system. Common practice; the last ADA 403.5.1. */
const walkwaysIn = (system: UnitSystem): readonly number[] =>
  system === 'imperial' ? [609.6, 762, 914.4] : [600, 750, 915];

export function RoomSheet({ plan }: { plan: Plan }) {
  const report = useStore((s) => s.report);
  const system = plan.meta.units;
  const say = (mm: number) => formatLength(mm, system);
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
  const meta = (what: string, columns: Partial<Plan['meta']>) => commit(what, [setMeta(plan, columns)]);
  const longest = [...walls].sort((a, b) => b.length - a.length)[0]!;
  return (
    <Sheet
      about="step"
      title={plan.meta.room}
      line={report ? `${formatArea(report.room.area, plan.meta.units)} of floor` : ''}
    >
      <TextField label="Name of the room" value={plan.meta.room} onSet={(room) => meta('Name the room', { room })} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        {rectangle && (
          <>
            <LengthField
              label="West to east"
              feet
              system={system}
              value={walls[0]!.length}
              {...SIDE}
              onSet={(x) => resize(x, walls[1]!.length)}
            />
            <LengthField
              label="North to south"
              feet
              system={system}
              value={walls[1]!.length}
              {...SIDE}
              onSet={(y) => resize(walls[0]!.length, y)}
            />
          </>
        )}
        <LengthField
          label="Ceiling height"
          feet
          system={system}
          value={plan.meta.ceiling}
          least={1500}
          most={8000}
          onSet={(ceiling) => meta('Set the ceiling', { ceiling })}
        />
        <LengthField
          label="Narrowest walkway"
          hint={walkwaysIn(system)
            .map((mm, i) => `${say(mm)} ${['tight', 'comfortable', 'for a wheelchair'][i]}`)
            .join(', ')}
          system={system}
          value={plan.meta.walkway}
          least={500}
          most={1500}
          onSet={(walkway) => meta('Set the walkways', { walkway })}
        />
      </div>
      <Heading>On the walls</Heading>
      <ul>
        {walls.flatMap((wall) => [
          ...Object.values(plan.openings)
            .filter((o) => o.corner === wall.id)
            .map((o) => (
              <Line
                key={o.id}
                name={`${o.kind}, ${wall.name}`}
                size={say(o.width)}
                pick={{ kind: 'opening', id: o.id }}
              />
            )),
          ...Object.values(plan.fixtures)
            .filter((f) => f.corner === wall.id)
            .map((f) => (
              <Line
                key={f.id}
                name={`${f.name || f.kind}, ${wall.name}`}
                size={`${say(f.bottom)} up`}
                pick={{ kind: 'fixture', id: f.id }}
              />
            )),
        ])}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => addOpening(plan, longest.id, 'door')}>Add a door</Button>
        <Button onClick={() => addOpening(plan, longest.id, 'window')}>Add a window</Button>
        <Button onClick={() => addFixture(plan, longest.id, 'socket')}>Add a socket</Button>
        <Select
          label="Add to a wall"
          look="round"
          value=""
          options={[['', 'Add something else…'], ...FIXTURE_KINDS.map((kind) => [kind, kind] as const)]}
          onSet={(kind) => kind !== '' && addFixture(plan, longest.id, kind)}
        />
      </div>
      <Heading>Slopes and beams</Heading>
      <ul>
        {byName(plan.overheads).map((o) => (
          <Line key={o.id} name={o.name} size={`${say(o.low)} up`} pick={{ kind: 'overhead', id: o.id }} />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button onClick={() => addOverhead(plan, longest.id, 'slope')}>Add a slope</Button>
        <Button onClick={() => addOverhead(plan, longest.id, 'beam')}>Add a beam</Button>
      </div>
      <Heading>Must be free</Heading>
      <ul>
        {byName(plan.areas).map((a) => (
          <Line
            key={a.id}
            name={a.name}
            size={a.mode === '' ? 'always' : `in “${a.mode}”`}
            pick={{ kind: 'area', id: a.id }}
          />
        ))}
      </ul>
      <Button className="mt-1" onClick={() => addArea(plan)}>
        Add an area
      </Button>
      <Heading>Elsewhere</Heading>
      <ul>
        {byName(plan.elsewheres).map((e) => (
          <Line key={e.id} name={e.name} size={`${e.seconds} s away`} pick={{ kind: 'elsewhere', id: e.id }} />
        ))}
      </ul>
      <Button className="mt-1" onClick={addElsewhere}>
        Add a place elsewhere
      </Button>
      <Heading>Walls</Heading>
      <ul>
        {walls.map((wall) => (
          <Line key={wall.id} name={wall.name} size={say(wall.length)} pick={{ kind: 'corner', id: wall.id }} />
        ))}
      </ul>
      <Heading>North and latitude</Heading>
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="North, degrees"
          hint="clockwise from the top of the drawing"
          value={plan.meta.north}
          least={-360}
          most={360}
          onSet={(north) => meta('Turn north', { north })}
        />
        <OptionalField
          label="Latitude"
          otherwise="not given"
          system={plan.meta.units}
          measure="number"
          value={plan.meta.latitude}
          least={-90}
          most={90}
          onSet={(latitude) => meta('Set the latitude', { latitude })}
        />
        <TextField
          label="Note: hot, loud, cold floor …"
          className="col-span-2"
          empty
          value={plan.meta.note}
          onSet={(note) => meta('Note on the room', { note })}
        />
      </div>
      <p className="mt-3 text-xs text-soft">
        Sockets, electrical load and the clear space before a fuse board are for local code and an electrician. Nothing
        is drilled near cables or pipes.
      </p>
    </Sheet>
  );
}

function Line({ name, size, pick }: { name: string; size: string; pick: Selected }) {
  return (
    <li>
      <button
        type="button"
        onClick={() => select(pick)}
        className="flex w-full justify-between gap-2 rounded-md px-1 py-1 text-left hover:bg-wash"
      >
        <span className="first-letter:uppercase">{name}</span>
        <span className="text-soft">{size}</span>
      </button>
    </li>
  );
}
