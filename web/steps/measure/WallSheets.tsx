/** What is on a wall: a door, a window, a socket, a heater. */
import type { Fixture, Opening, Plan } from '@heronstone/core/model/plan.ts';
import { formatLength } from '@heronstone/core/model/measure.ts';
import { KEEP_CLEAR, usualClear } from '@heronstone/core/room/doorSweep.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { removeRows } from '../../state/removing.ts';
import { DoneOrRemove, Problems, RowForm, type FieldSpec } from '../../parts/RowForm.tsx';
import { Sheet } from '../../ui/Sheet.tsx';

/** The walls, for choosing one. */
export const wallChoice = (plan: Plan) => wallsOf(plan).map((w) => [w.id, w.name] as const);

const nameOf = (plan: Plan, corner: string) => wallsOf(plan).find((w) => w.id === corner)?.name;

export function OpeningSheet({ opening: o, plan }: { opening: Opening; plan: Plan }) {
  const fields: Array<FieldSpec<Opening>> = [
    { kind: 'choice', field: 'corner', label: 'Wall', options: wallChoice(plan), wide: true },
    { kind: 'length', field: 'offset', label: 'From the left corner', hint: 'as you face the wall' },
    { kind: 'length', field: 'width', label: 'Width', least: 100, most: 10_000 },
    { kind: 'length', field: 'height', label: 'Height', least: 100, most: 5000 },
    ...(o.kind === 'window'
      ? ([{ kind: 'length', field: 'sill', label: 'Sill over the floor', most: 3000 }] as const)
      : []),
    {
      kind: 'choice',
      field: 'swing',
      label: 'Opens',
      options: [
        ['in', 'into the room'],
        ['out', 'out of the room'],
        ['slide', 'slides'],
        ['none', 'stays shut'],
      ],
    },
    {
      kind: 'choice',
      field: 'hinge',
      label: 'Hinges',
      options: [
        ['left', 'on the left'],
        ['right', 'on the right'],
      ],
    },
    {
      kind: 'optional',
      field: 'keepClear',
      label: 'Kept clear before it',
      otherwise: formatLength(usualClear(o), plan.meta.units),
      least: 0,
      most: 3000,
    },
  ];
  return (
    <Sheet title={o.kind === 'door' ? 'Door' : 'Window'} line={nameOf(plan, o.corner)}>
      <Problems table="openings" id={o.id} />
      <RowForm table="openings" row={o} what={`the ${o.kind}`} fields={fields} system={plan.meta.units} />
      <DoneOrRemove onRemove={() => removeRows(`the ${o.kind}`, 'openings', [o.id])} />
    </Sheet>
  );
}

export function FixtureSheet({ fixture: f, plan }: { fixture: Fixture; plan: Plan }) {
  const fields: Array<FieldSpec<Fixture>> = [
    { kind: 'text', field: 'name', label: 'Name', empty: true },
    { kind: 'choice', field: 'corner', label: 'Wall', options: wallChoice(plan), wide: true },
    { kind: 'length', field: 'offset', label: 'From the left corner', hint: 'as you face the wall' },
    { kind: 'length', field: 'bottom', label: 'Over the floor', most: 5000 },
    { kind: 'length', field: 'width', label: 'Width', least: 20, most: 5000 },
    { kind: 'length', field: 'height', label: 'Height', least: 20, most: 3000 },
    { kind: 'length', field: 'depth', label: 'Sticks out', most: 1000 },
    {
      kind: 'optional',
      field: 'keepClear',
      label: 'Kept clear before it',
      otherwise: formatLength(KEEP_CLEAR[f.kind], plan.meta.units),
      least: 0,
      most: 3000,
    },
    ...(f.kind === 'socket'
      ? ([{ kind: 'number', field: 'outlets', label: 'Outlets', least: 0, most: 20, whole: true }] as const)
      : []),
  ];
  return (
    <Sheet title={f.name || f.kind.charAt(0).toUpperCase() + f.kind.slice(1)} line={nameOf(plan, f.corner)}>
      <Problems table="fixtures" id={f.id} />
      <RowForm table="fixtures" row={f} what={`the ${f.kind}`} fields={fields} system={plan.meta.units} />
      {(f.kind === 'fuse board' || f.kind === 'heater' || f.kind === 'vent') && (
        <p className="mt-3 text-xs text-soft">
          Keep it clear and reachable. How much space must stay free before it is for local code and a licensed trade.
        </p>
      )}
      <DoneOrRemove onRemove={() => removeRows(`the ${f.kind}`, 'fixtures', [f.id])} />
    </Sheet>
  );
}
