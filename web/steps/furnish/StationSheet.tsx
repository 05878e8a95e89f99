import { isAbout } from '@heronstone/core/model/finding.ts';
import { remove, set } from '@heronstone/core/model/change.ts';
import { constantsOf } from '@heronstone/core/model/constants.ts';
import { byName, type Plan, type Station, type Unit } from '@heronstone/core/model/plan.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { bodyAt } from '@heronstone/core/reach/body.ts';
import { turned } from '@heronstone/core/geometry/geometry.ts';
import { stands } from '@heronstone/core/room/spot.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, LengthField, NumberField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { FindingLine } from '../../parts/FindingLine.tsx';

export function StationSheet({ station, plan }: { station: Station; plan: Plan }) {
  const system = plan.meta.units;
  const person = plan.people[station.person]!;
  const body = bodyAt(station, person, constantsOf(plan.meta.constants));
  const report = useStore((s) => s.report);
  const findings = report?.findings.filter((f) => isAbout(f, 'stations', station.id)) ?? [];
  const change = (what: string, columns: Partial<Station>) =>
    commit(`${what} of ${station.name}`, [set('stations', station.id, columns)]);
  const tables: Array<readonly [string, string]> = byName(plan.units)
    .filter((u) => u.kind === 'table')
    .map((u) => [u.id, u.name] as const);
  return (
    <Sheet title={station.name} line={`seat of ${person.name}`}>
      {findings.map((f) => (
        <FindingLine key={f.code + f.message} finding={f} name={`the seat ${station.name}`} />
      ))}
      <TextField label="Name" value={station.name} onSet={(name) => change('Name', { name })} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <Choice
          label="Posture"
          value={station.posture}
          options={[
            ['seated', 'seated'],
            ['standing', 'standing'],
          ]}
          onSet={(posture) => change('Posture', { posture })}
        />
        {station.posture === 'seated' && (
          <LengthField
            label="Seat height"
            system={system}
            value={station.seatHeight}
            least={200}
            most={900}
            onSet={(seatHeight) => change('Seat height', { seatHeight })}
          />
        )}
        <Choice
          label="Who"
          value={station.person}
          options={byName(plan.people).map((p) => [p.id, p.name] as const)}
          onSet={(id) => change('Person', { person: id })}
        />
        <Choice
          label="Sits on"
          value={station.seat}
          options={[
            ['swivel', 'a swivel seat'],
            ['chair', 'a chair'],
            ['stool', 'a stool'],
          ]}
          onSet={(seat) => change('Seat', { seat })}
        />
        <Choice
          label="Second person"
          value={station.second ?? ''}
          options={[
            ['', 'nobody'],
            ...byName(plan.people)
              .filter((p) => p.id !== station.person)
              .map((p) => [p.id, p.name] as const),
          ]}
          onSet={(id) => change('Second person', { second: id === '' ? null : id })}
        />
        <Choice
          label="At"
          value={station.unit ?? ''}
          options={[['', 'no table'], ...tables]}
          onSet={(unit) => change('Table', { unit: unit === '' ? null : unit })}
        />
        <LengthField
          label="West to east"
          system={system}
          value={station.x}
          least={-50_000}
          most={50_000}
          onSet={(x) => change('Place', { x })}
        />
        <LengthField
          label="North to south"
          system={system}
          value={station.y}
          least={-50_000}
          most={50_000}
          onSet={(y) => change('Place', { y })}
        />
        <NumberField
          label="Faces, degrees from north"
          value={station.facing}
          least={-360}
          most={360}
          onSet={(facing) => change('Facing', { facing })}
        />
        <LengthField
          label={`Standing height, ${person.name}`}
          system={system}
          value={person.stature}
          least={700}
          most={2300}
          onSet={(stature) => commit(`Height of ${person.name}`, [set('people', person.id, { stature })])}
        />
      </div>
      <Carts station={station} plan={plan} />
      <Heading>Reach from here</Heading>
      <dl>
        <Fact name="Shoulder over the floor">{formatLength(body.shoulder, system)}</Fact>
        <Fact name="Elbow over the floor">{formatLength(body.elbow, system)}</Fact>
        <Fact name="Arm, shoulder to grip">{formatLength(body.grip, system)}</Fact>
        <Fact name="Forearm, elbow to grip">{formatLength(body.forearmZone, system)}</Fact>
        <Fact name="Overhead grip, standing">{formatLength(body.overhead, system)}</Fact>
      </dl>
      <p className="mt-2 text-xs text-soft">
        Shares of standing height: Drillis & Contini 1966, after Winter. An elbow height{' '}
        {formatLength(body.elbow, system)} suits precision work on a surface 50–100 mm higher, light handwork 100–150 mm
        lower (Grandjean).
      </p>
      <div className="mt-4 flex gap-2">
        <Button onClick={() => select(null)}>Done</Button>
        <Button
          onClick={() => {
            if (removeRows(`the seat ${station.name}`, 'stations', [station.id])) select(null);
          }}
        >
          Remove
        </Button>
      </div>
    </Sheet>
  );
}

/** Carts that roll up to this seat: each has a place beside it. */
function Carts({ station, plan }: { station: Station; plan: Plan }) {
  const carts = byName(plan.units).filter((u) => u.wheels && u.elsewhere === null);
  if (carts.length === 0) return null;
  const spotOf = (unit: string) => Object.values(plan.spots).find((s) => s.station === station.id && s.unit === unit);
  const beside = (unit: Unit) => {
    // To the side of the hand first, then to the other, then behind.
    const tries = [90, -90, 150, -150, 180].map((angle) => {
      const out = turned({ x: 0, y: -(350 + unit.depth / 2 + 100) }, station.facing + angle);
      return {
        x: Math.round(station.x + out.x),
        y: Math.round(station.y + out.y),
        turn: (station.facing + angle + 540) % 360,
      };
    });
    return tries.find((at) => stands({ ...unit, ...at }, plan)) ?? tries[0]!;
  };
  return (
    <>
      <Heading>Carts that roll up to it</Heading>
      {carts.map((unit) => {
        const spot = spotOf(unit.id);
        return (
          <label key={unit.id} className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={spot !== undefined}
              onChange={(e) => {
                const id = newId();
                commit(
                  e.target.checked
                    ? `Roll ${unit.name} up to ${station.name}`
                    : `Leave ${unit.name} where it is parked`,
                  e.target.checked
                    ? [set('spots', id, { id, unit: unit.id, station: station.id, ...beside(unit) })]
                    : [remove('spots', spot!.id)],
                );
              }}
            />
            {unit.name}
          </label>
        );
      })}
      <p className="text-xs text-soft">Say in Activities which of them serve what is done here.</p>
    </>
  );
}
