/** What hangs over the room, what must stay free in it, and what lies elsewhere. */
import { isAbout } from '@heronstone/core/model/finding.ts';
import { byName, type Area, type Elsewhere, type Overhead, type Plan } from '@heronstone/core/model/plan.ts';
import { removeRows } from '../../state/removing.ts';
import { useStore } from '../../state/state.ts';
import { DoneOrRemove, Problems, RowForm, type FieldSpec } from '../../parts/RowForm.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { FindingLine } from '../../parts/FindingLine.tsx';
import { wallChoice } from './WallSheets.tsx';

const PLACE = { least: -50_000, most: 50_000 } as const;

export function OverheadSheet({ overhead: o, plan }: { overhead: Overhead; plan: Plan }) {
  const box: Array<FieldSpec<Overhead>> = [
    { kind: 'length', field: 'x', label: 'Middle, west to east', ...PLACE },
    { kind: 'length', field: 'y', label: 'Middle, north to south', ...PLACE },
    { kind: 'length', field: 'width', label: 'Length', least: 1, most: 50_000 },
    { kind: 'length', field: 'depth', label: 'Breadth', least: 1, most: 50_000 },
    { kind: 'number', field: 'turn', label: 'Turned, degrees', least: -360, most: 360 },
  ];
  const slope: Array<FieldSpec<Overhead>> = [
    { kind: 'choice', field: 'corner', label: 'Starts at', options: wallChoice(plan), wide: true },
    {
      kind: 'length',
      field: 'run',
      label: 'Reaches the ceiling after',
      hint: 'from the wall, along the floor',
      least: 1,
    },
  ];
  return (
    <Sheet title={o.name} line={o.kind}>
      <Problems table="overheads" id={o.id} />
      <RowForm
        table="overheads"
        row={o}
        what={o.name}
        system={plan.meta.units}
        fields={[
          { kind: 'text', field: 'name', label: 'Name' },
          {
            kind: 'length',
            field: 'low',
            label: o.kind === 'slope' ? 'Height at the wall' : 'Height under it',
            most: 8000,
          },
          ...(o.kind === 'slope' ? slope : box),
        ]}
      />
      <DoneOrRemove onRemove={() => removeRows(o.name, 'overheads', [o.id])} />
    </Sheet>
  );
}

export function AreaSheet({ area: a, plan }: { area: Area; plan: Plan }) {
  const report = useStore((s) => s.report);
  const findings = report?.findings.filter((f) => isAbout(f, 'areas', a.id)) ?? [];
  const units = byName(plan.units).map((u) => [u.id, u.name] as const);
  const of = a.unit === null ? '' : ', from the middle of its unit';
  return (
    <Sheet title="Must be free" line={a.mode === '' ? 'always' : `in the mode “${a.mode}”`}>
      {findings.map((f) => (
        <FindingLine key={f.code + f.message} finding={f} name={a.name} />
      ))}
      <RowForm
        table="areas"
        row={a}
        what={a.name}
        system={plan.meta.units}
        fields={[
          { kind: 'text', field: 'name', label: 'What needs it' },
          { kind: 'text', field: 'mode', label: 'Mode, for example guest; empty for always', empty: true },
          {
            kind: 'choice',
            field: 'unit',
            label: 'Goes with',
            options: [['', 'nothing: it stays'], ...units],
            wide: true,
          },
          { kind: 'length', field: 'x', label: `West to east${of}`, ...PLACE },
          { kind: 'length', field: 'y', label: `North to south${of}`, ...PLACE },
          { kind: 'length', field: 'width', label: 'Width', least: 50, most: 10_000 },
          { kind: 'length', field: 'depth', label: 'Depth', least: 50, most: 10_000 },
          { kind: 'length', field: 'bottom', label: 'From, over the floor', most: 4000 },
          { kind: 'length', field: 'height', label: 'Height', least: 10, most: 5000 },
          { kind: 'number', field: 'turn', label: 'Turned, degrees', least: -360, most: 360 },
        ]}
      />
      <DoneOrRemove onRemove={() => removeRows(`the area of ${a.name}`, 'areas', [a.id])} />
    </Sheet>
  );
}

export function ElsewhereSheet({ place: e, plan }: { place: Elsewhere; plan: Plan }) {
  return (
    <Sheet title={e.name} line="another room">
      <RowForm
        table="elsewheres"
        row={e}
        what={e.name}
        system={plan.meta.units}
        fields={[
          { kind: 'text', field: 'name', label: 'Name' },
          { kind: 'number', field: 'seconds', label: 'Seconds to go there', hint: 'one way', least: 0, most: 3600 },
          {
            kind: 'many',
            field: 'conditions',
            label: 'What it is like',
            options: ['cold', 'damp', 'hot', 'locked', 'shared'],
          },
        ]}
      />
      <p className="mt-3 text-soft">Put furniture there in Furnish: choose a piece, then “Stands in”.</p>
      <DoneOrRemove onRemove={() => removeRows(e.name, 'elsewheres', [e.id])} />
    </Sheet>
  );
}
