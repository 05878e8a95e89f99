/** A piece of furniture: where it stands, how large it is, what it holds, what is wrong with it. */
import { useMemo } from 'react';
import { isAbout } from '@heronstone/core/model/finding.ts';
import { compartmentsOf } from '@heronstone/core/furniture/compartments.ts';
import { freeOpenings, insertAgain } from '@heronstone/core/gestures/sameAgain.ts';
import { placeAt, takeElsewhere } from '@heronstone/core/gestures/moveFurniture.ts';
import { resized } from '@heronstone/core/gestures/resizeUnit.ts';
import { seatBefore } from '@heronstone/core/gestures/newUnit.ts';
import { hangOnDoor, leavesFor, mountsFor, putOn, takeDown } from '@heronstone/core/gestures/hang.ts';
import { isMount, onLeaf } from '@heronstone/core/furniture/mounts.ts';
import { set, type Change } from '@heronstone/core/model/change.ts';
import { formatLength, formatMass, formatSize, howMany, formatVolume } from '@heronstone/core/model/measure.ts';
import { wentAlong } from '@heronstone/core/model/removed.ts';
import { byName, ShapeSchema, type Opening, type Plan, type Unit } from '@heronstone/core/model/plan.ts';
import { isLoose, standOn } from '@heronstone/core/room/arrange.ts';
import { gapTo } from '@heronstone/core/room/gaps.ts';
import { settledUnits } from '@heronstone/core/room/standing.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { copyOf, removeUnits, turn } from '../../state/furnitureActions.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, Fact, Heading, LengthField, NumberField, TextField } from '../../ui/Field.tsx';
import { RowForm } from '../../parts/RowForm.tsx';
import { Folded, Sheet } from '../../ui/Sheet.tsx';
import { FindingLine } from '../../parts/FindingLine.tsx';
import { UnitInside } from './UnitInside.tsx';

export function UnitSheet({ unit, plan }: { unit: Unit; plan: Plan }) {
  const report = useStore((s) => s.report);
  const system = plan.meta.units;
  const change = (what: string, columns: Partial<Unit>) =>
    commit(`${what} of ${unit.name}`, [set('units', unit.id, columns)]);
  const findings = report?.findings.filter((f) => isAbout(f, 'units', unit.id) && f.code !== 'overfull') ?? [];
  const compartments = compartmentsOf(settledUnits(plan)[unit.id] ?? unit);
  const facts = report?.units[unit.id];
  const saveType = () => {
    const shape = ShapeSchema.parse(
      Object.fromEntries(Object.keys(ShapeSchema.shape).map((key) => [key, unit[key as keyof Unit]])),
    );
    const id = newId();
    if (commit(`Save ${unit.name} as a type`, [set('types', id, { id, name: unit.name, shape })]))
      notice(`${unit.name} is in the library now, under “Your own”.`);
  };
  return (
    <Sheet title={unit.name} line={`${unit.kind} · ${formatSize([unit.width, unit.depth, unit.height], system)}`}>
      {findings.map((f) => (
        <FindingLine key={f.code + f.message} finding={f} name={unit.name} />
      ))}
      <div className="mb-3 flex flex-wrap gap-2">
        {unit.kind === 'table' && (
          <Button look="main" onClick={() => addSeat(plan, unit)}>
            Add a seat
          </Button>
        )}
        <Button disabled={!isLoose(unit)} onClick={() => turn(unit.id)}>
          Turn
        </Button>
        <Button onClick={() => copyOf(unit.id)}>Copy</Button>
        {unit.host !== null && <InsertAgain unit={unit} plan={plan} />}
        <Button onClick={() => removeUnits([unit.id])}>Remove</Button>
      </div>
      <TextField label="Name" value={unit.name} onSet={(name) => change('Name', { name })} />
      <Standing unit={unit} plan={plan} />
      <Heading>Outside</Heading>
      <RowForm
        table="units"
        row={unit}
        what={unit.name}
        system={system}
        along={(field, mm) =>
          field === 'width' || field === 'depth' ? resized(plan, unit, { [field]: mm as number }) : {}
        }
        fields={[
          { kind: 'length', field: 'width', label: 'Width', least: 50, most: 6000 },
          { kind: 'length', field: 'depth', label: 'Depth', least: 10, most: 3000 },
          { kind: 'length', field: 'height', label: 'Height', least: 10, most: 4000 },
        ]}
      />
      {unit.kind === 'table' ? (
        <Folded title="Inside">
          <UnitInside unit={unit} plan={plan} />
        </Folded>
      ) : (
        <>
          <Heading>Inside</Heading>
          <UnitInside unit={unit} plan={plan} />
        </>
      )}
      <Heading>Places in it</Heading>
      <dl>
        {compartments.slice(0, 14).map((c) => (
          <Fact key={c.id} name={c.short}>
            <span className="text-xs">
              {formatSize([c.inside.width, c.inside.depth, c.inside.height].map(Math.round), system)}
            </span>
          </Fact>
        ))}
        {compartments.length > 14 && <Fact name="and">{compartments.length - 14} more</Fact>}
        {facts && <Fact name="Holds">{formatVolume(facts.litres * 1000, system)}</Fact>}
        {facts && facts.mass > 0 && <Fact name="Contents as planned">{formatMass(facts.mass, system)}</Fact>}
      </dl>
      <Folded title="More">
        <RowForm
          table="units"
          row={unit}
          what={unit.name}
          system={system}
          fields={[
            { kind: 'check', field: 'labelled', label: 'Its fronts carry labels today' },
            { kind: 'check', field: 'wheels', label: 'Stands on wheels' },
            { kind: 'check', field: 'fixed', label: 'Fixed to the wall' },
            { kind: 'check', field: 'owned', label: 'I own this' },
            { kind: 'check', field: 'pinned', label: 'Lock position' },
            { kind: 'check', field: 'keyLocked', label: 'Kept locked with a key' },
            {
              kind: 'choice',
              field: 'material',
              label: 'Its shelves are of',
              options: [
                ['particleboard', 'particleboard'],
                ['MDF', 'MDF'],
                ['pine', 'solid pine'],
                ['plywood', 'plywood'],
                ['metal', 'metal'],
              ],
              wide: true,
            },
            {
              kind: 'optional',
              field: 'price',
              label: 'Price',
              otherwise: 'not known',
              least: 0,
              most: 1_000_000,
              measure: 'number',
            },
            {
              kind: 'optional',
              field: 'mass',
              label: 'Weight empty',
              otherwise: 'not known',
              least: 0,
              most: 1_000_000,
              measure: 'heavy',
            },
            {
              kind: 'optional',
              field: 'load',
              label: 'Load limit per shelf',
              otherwise: 'not known',
              least: 0,
              most: 1_000_000,
              measure: 'heavy',
            },
          ]}
        />
        <Button className="mt-3" onClick={saveType}>
          Save as a type
        </Button>
      </Folded>
    </Sheet>
  );
}

/** The same insert in every free opening of the piece in which it stands. */
function InsertAgain({ unit, plan }: { unit: Unit; plan: Plan }) {
  const many = useMemo(() => freeOpenings(plan, unit, unit.host!).length, [plan, unit]);
  if (many === 0) return null;
  const put = () => {
    const host = plan.units[unit.host!]!.name;
    const changes = insertAgain(plan, unit.id, newId);
    if (commit(`Put ${unit.name} into ${howMany(changes.length, 'more opening')} of ${host}`, changes))
      notice(`${howMany(changes.length, 'more opening')} of ${host} ${changes.length === 1 ? 'has' : 'have'} one now.`);
  };
  return <Button onClick={put}>The same in {howMany(many, 'free opening')}</Button>;
}

/** A seat at a table, beside those that are there; where there is none to add, why. */
function addSeat(plan: Plan, unit: Unit): void {
  const changes = seatBefore(plan, unit, newId);
  if (changes.length > 0) commit(`Add a seat at ${unit.name}`, changes);
  else
    notice(
      unit.elsewhere !== null
        ? `${unit.name} is in ${plan.elsewheres[unit.elsewhere]!.name}: nobody sits there. Bring it into the room first.`
        : `${unit.name} has room for no further seat; a person needs ${formatLength(600, plan.meta.units)} of it.`,
    );
}

/** Where it stands: in the room, in the opening of another, on another, elsewhere. */
function Standing({ unit, plan }: { unit: Unit; plan: Plan }) {
  const system = plan.meta.units;
  const compartments = useStore((s) => s.report?.compartments);
  const change = (what: string, columns: Partial<Unit>) =>
    commit(`${what} of ${unit.name}`, [set('units', unit.id, columns)]);
  const place = (what: string, columns: Parameters<typeof placeAt>[2]) =>
    commit(`${what} of ${unit.name}`, placeAt(plan, unit.id, columns));
  const walls = wallsOf(plan);
  // Without a wall on that side (a unit outside the room) positions count from the first corner.
  const left = gapTo(unit, walls, 'west') ?? unit.x - unit.width / 2;
  const top = gapTo(unit, walls, 'north') ?? unit.y - unit.depth / 2;
  const here =
    unit.onDoor !== null
      ? `door ${unit.onDoor}`
      : unit.host !== null
        ? `in ${unit.host}/${unit.hostSlot}`
        : unit.elsewhere !== null
          ? `at ${unit.elsewhere}`
          : '';
  const openings = (compartments ?? []).filter(
    (c) =>
      c.unit !== unit.id &&
      c.within === null &&
      c.access === 'open' &&
      c.inside.width >= unit.width &&
      c.inside.depth >= unit.depth &&
      c.inside.height >= unit.height &&
      plan.units[c.unit]?.host === null &&
      ['cube shelf', 'bookcase', 'cabinet'].includes(plan.units[c.unit]?.kind ?? ''),
  );
  const mounts = mountsFor(plan, unit).map(({ host, slot, name }) => ({ key: `in ${host.id}/${slot}`, name }));
  const options: Array<readonly [string, string]> = [
    ['', 'the room'],
    ...byName(plan.elsewheres).map((e) => [`at ${e.id}`, e.name] as const),
    ...(unit.host !== null && !openings.some((c) => `in ${c.id}` === here) && !mounts.some((m) => m.key === here)
      ? [[here, 'its opening'] as const]
      : []),
    ...leavesFor(plan, unit).map((d) => [`door ${d.id}`, `on the door ${doorWords(plan, d)}`] as const),
    ...mounts.slice(0, 40).map(({ key, name }) => [key, name] as const),
    ...openings.slice(0, 80).map((c) => [`in ${c.id}`, c.name] as const),
  ];
  const stand = (where: string) => {
    const door = where.startsWith('door ') ? plan.openings[where.slice(5)] : undefined;
    if (door) {
      commit(`Hang ${unit.name} on the door`, hangOnDoor(plan, unit, door));
      return;
    }
    const [on, slot] = where.startsWith('in ') ? (where.slice(3).split('/') as [string, string]) : ['', ''];
    if (plan.units[on] && isMount(slot)) {
      commit(`Hang ${unit.name} on ${plan.units[on].name}`, putOn(plan.units[on], unit, slot));
      return;
    }
    if (where === '') {
      commit(`Take ${unit.name} into the room`, [
        ...takeDown(settledUnits(plan)[unit.id] ?? unit),
        ...(unit.elsewhere === null ? [] : [set('units', unit.id, { elsewhere: null })]),
      ]);
      return;
    }
    if (where.startsWith('at ')) {
      const changes = takeElsewhere(plan, unit.id, where.slice(3));
      const along = wentAlong(plan, 'units', changes);
      if (commit(`Place of ${unit.name}`, changes) && along !== '')
        notice(`${unit.name} is in ${plan.elsewheres[where.slice(3)]!.name} now, with ${along}.`);
      return;
    }
    change('Place', { host: on, hostSlot: slot, onDoor: null, elsewhere: null });
  };
  const under = byName(plan.units).filter(
    (u) =>
      u.id !== unit.id &&
      u.host === null &&
      u.elsewhere === null &&
      u.bottom + u.height <= 1600 &&
      u.bottom + u.height >= 300,
  );
  const on = under.find((u) => unit.bottom > 0 && Math.abs(u.bottom + u.height - unit.bottom) < 1);
  const put = (id: string): Change[] =>
    id === '' ? [set('units', unit.id, { bottom: 0 })] : standOn(plan, unit.id, id);
  const overTheFloor = (
    <LengthField
      label="Over the floor"
      system={system}
      value={unit.bottom}
      most={4000}
      onSet={(bottom) => change('Over the floor', { bottom })}
    />
  );
  return (
    <div className="mt-2 grid grid-cols-2 gap-2">
      <Choice label="Stands in" className="col-span-2" value={here} options={options} onSet={stand} />
      {(unit.onDoor !== null || isMount(unit.hostSlot)) && (
        <>
          {overTheFloor}
          {onLeaf(unit) && (
            <p className="col-span-2 text-xs text-soft">
              It swings with the door. Its weight and what lies on it hang on the hinges: keep it light, and look at the
              screws now and then.
            </p>
          )}
        </>
      )}
      {here === '' && (
        <>
          <LengthField
            label="From the west wall"
            system={system}
            value={left}
            least={-50_000}
            most={50_000}
            onSet={(mm) => place('Place', { x: unit.x + mm - left })}
          />
          <LengthField
            label="From the north wall"
            system={system}
            value={top}
            least={-50_000}
            most={50_000}
            onSet={(mm) => place('Place', { y: unit.y + mm - top })}
          />
          <NumberField
            label="Turned, degrees"
            value={unit.turn}
            least={-360}
            most={360}
            onSet={(turn) => place('Turn', { turn })}
          />
          {overTheFloor}
          <Choice
            label="Stands on"
            className="col-span-2"
            value={on?.id ?? ''}
            options={[
              ['', unit.bottom > 0 ? `nothing: ${formatLength(unit.bottom, system)} over the floor` : 'the floor'],
              ...under.map((u) => [u.id, u.name] as const),
            ]}
            onSet={(id) => commit(`Stand ${unit.name} on ${plan.units[id]?.name ?? 'the floor'}`, put(id))}
          />
        </>
      )}
    </div>
  );
}

/** "on Wall 2, north": which door it is. */
function doorWords(plan: Plan, door: Opening): string {
  const wall = wallsOf(plan).find((w) => w.id === door.corner);
  return wall ? `in ${wall.name}` : '';
}
