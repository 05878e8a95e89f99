/** What a unit has inside: heights of its tiers, columns of a cabinet, sizes as measured. */
import {
  baysWidth,
  compartmentsOf,
  openingWidth,
  tiersHeight,
  usesColumns,
  usesTiers,
  mayBeOne,
  mayCarry,
} from '@heronstone/core/furniture/compartments.ts';
import { asOneChanges } from '@heronstone/core/gestures/hang.ts';
import { set } from '@heronstone/core/model/change.ts';
import { partsOfList, writeLengths } from '@heronstone/core/model/written.ts';
import { formatLength, readLength } from '@heronstone/core/model/measure.ts';
import type { Bay, Plan, Unit } from '@heronstone/core/model/plan.ts';
import { useId, useState } from 'react';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice, LengthField } from '../../ui/Field.tsx';
import { RowForm, type FieldSpec } from '../../parts/RowForm.tsx';

const TIER_LABEL: Partial<Record<Unit['kind'], string>> = {
  'drawer unit': 'Inside heights of the drawers, from the top',
  'cube shelf': 'Inside heights of the rows, from the top',
  bookcase: 'Inside heights of the shelves, from the top',
  'corner cabinet': 'Inside heights of the shelves, from the top',
  'wall shelf': 'Clear height above the shelf',
  cart: 'Clear heights of the trays, from the top',
  rack: 'Clear heights of the baskets, from the top',
  carousel: 'Clear heights of the levels, from the top',
};
const DOORS: ReadonlySet<Unit['kind']> = new Set(['bookcase', 'cube shelf', 'cabinet', 'corner cabinet']);

export function UnitInside({ unit, plan }: { unit: Unit; plan: Plan }) {
  const system = plan.meta.units;
  const say = (mm: number) => formatLength(Math.round(mm * 10) / 10, system);
  const fields: Array<FieldSpec<Unit>> = [];
  if (unit.kind !== 'pegboard' && unit.kind !== 'rail')
    fields.push({ kind: 'length', field: 'board', label: 'Board thickness', most: 100 });
  if (usesColumns(unit))
    fields.push({ kind: 'number', field: 'columns', label: 'Columns', least: 1, most: 20, whole: true });
  if (unit.kind === 'table')
    fields.push({ kind: 'length', field: 'storeDepth', label: 'Strip for things at the back', most: 2000 });
  if (unit.kind === 'table')
    fields.push({
      kind: 'length',
      field: 'underDepth',
      label: 'Floor for things under it',
      most: 2000,
      hint: 'from the back; 0 keeps it free',
    });
  if (mayCarry(unit))
    fields.push({
      kind: 'length',
      field: 'storeDepth',
      label: 'Depth of the top for things',
      most: 2000,
      hint: '0 keeps the top empty',
    });
  if (usesTiers(unit))
    fields.push(
      {
        kind: 'optional',
        field: 'insideWidth',
        label: 'Width, as measured',
        otherwise: say(openingWidth(unit)),
        least: 20,
        most: 6000,
      },
      {
        kind: 'optional',
        field: 'insideDepth',
        label: 'Depth, as measured',
        otherwise: say(compartmentsOf(unit)[0]?.inside.depth ?? 0),
        least: 10,
        most: 3000,
      },
    );
  if (unit.kind === 'pegboard' || unit.kind === 'rail')
    fields.push({
      kind: 'choice',
      field: 'hangs',
      label: 'Holds things by',
      options: [
        ['hooks', 'hooks: what has a hole, a loop or a handle'],
        ['magnet', 'a magnet: thin steel things'],
        ['rods', 'rods: rolls and spools'],
      ],
      wide: true,
    });
  if (DOORS.has(unit.kind))
    fields.push({
      kind: 'choice',
      field: 'doors',
      label: 'Doors before it',
      options: [
        ['none', 'none'],
        ['left', 'hinged on the left'],
        ['right', 'hinged on the right'],
        ['pair', 'a pair'],
        ['sliding', 'sliding'],
      ],
      wide: true,
    });
  if (DOORS.has(unit.kind) && unit.doors !== 'none' && unit.doors !== 'sliding')
    fields.push({
      kind: 'length',
      field: 'doorGap',
      label: 'Room behind the doors',
      most: 1000,
      wide: true,
      hint: 'from the shut door to the shelves: so deep things may hang on its inside',
    });
  return (
    <>
      <RowForm table="units" row={unit} what={unit.name} fields={fields} system={system} />
      {usesTiers(unit) && (
        <TiersField
          unit={unit}
          label={TIER_LABEL[unit.kind] ?? 'Inside heights, from the top'}
          onSet={(tiers) => commit(`Inside heights of ${unit.name}`, [set('units', unit.id, { tiers })])}
        />
      )}
      {(unit.asOne || mayBeOne(unit)) && (
        <label className="mt-2 flex items-center gap-2">
          <input
            type="checkbox"
            checked={unit.asOne}
            onChange={(e) =>
              commit(
                e.target.checked ? `${unit.name} as one place with cells` : `${unit.name} as places of their own`,
                asOneChanges(plan, unit, e.target.checked),
              )
            }
          />
          All its openings are cells of one place, for many of one kind
        </label>
      )}
      {unit.kind === 'cabinet' && <Bays unit={unit} plan={plan} />}
    </>
  );
}

const ACCESS: ReadonlyArray<readonly [Bay['cells'][number]['access'], string]> = [
  ['open', 'open'],
  ['drawer', 'drawer'],
  ['door', 'door'],
  ['pull-out', 'pull-out shelf'],
  ['lid', 'lid on top'],
];

/** Columns of openings: inside sizes and how one gets in. */
function Bays({ unit, plan }: { unit: Unit; plan: Plan }) {
  const system = plan.meta.units;
  const change = (what: string, bays: Bay[]) => commit(`${what} of ${unit.name}`, [set('units', unit.id, { bays })]);
  const column = (b: number, bay: Bay) => unit.bays.map((old, i) => (i === b ? bay : old));
  const needs = { width: baysWidth(unit), height: tiersHeight(unit) };
  const off = Math.abs(needs.width - unit.width) > 1 || Math.abs(needs.height - unit.height) > 1;
  return (
    <div>
      {unit.bays.map((bay, b) => (
        <fieldset key={b} className="mt-2 rounded-xl border border-line p-2">
          <legend className="px-1 text-soft">Column {b + 1}</legend>
          <LengthField
            label={`Inside width of column ${b + 1}`}
            system={system}
            value={bay.width}
            least={10}
            most={6000}
            onSet={(width) => change('Width of a column', column(b, { ...bay, width }))}
          />
          {bay.cells.map((cell, c) => {
            const name = `opening ${c + 1}${unit.bays.length > 1 ? ` of column ${b + 1}` : ''}`;
            const cells = (next: typeof cell) => bay.cells.map((old, i) => (i === c ? next : old));
            return (
              <div key={c} className="mt-1 grid grid-cols-[1fr_1fr_auto] items-end gap-1.5">
                <LengthField
                  label={`Height, ${name}`}
                  hideLabel
                  system={system}
                  value={cell.height}
                  least={10}
                  most={3000}
                  onSet={(height) =>
                    change('Height of an opening', column(b, { ...bay, cells: cells({ ...cell, height }) }))
                  }
                />
                <Choice
                  label={`How to get into ${name}`}
                  hideLabel
                  value={cell.access}
                  options={c === 0 ? ACCESS : ACCESS.filter(([key]) => key !== 'lid')}
                  onSet={(access) =>
                    change('Front of an opening', column(b, { ...bay, cells: cells({ ...cell, access }) }))
                  }
                />
                <Button
                  look="quiet"
                  aria-label={`Remove ${name}`}
                  disabled={bay.cells.length === 1}
                  onClick={() =>
                    change('Remove an opening', column(b, { ...bay, cells: bay.cells.filter((_, i) => i !== c) }))
                  }
                >
                  −
                </Button>
              </div>
            );
          })}
          <div className="mt-1 flex gap-1">
            <Button
              look="quiet"
              onClick={() => change('Add an opening', column(b, { ...bay, cells: [...bay.cells, bay.cells.at(-1)!] }))}
            >
              + opening
            </Button>
            {unit.bays.length > 1 && (
              <Button
                look="quiet"
                onClick={() =>
                  change(
                    'Remove a column',
                    unit.bays.filter((_, i) => i !== b),
                  )
                }
              >
                − column
              </Button>
            )}
          </div>
        </fieldset>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          onClick={() =>
            change('Add a column', [
              ...unit.bays,
              unit.bays.at(-1) ?? { width: 400, cells: [{ height: 300, access: 'open' }] },
            ])
          }
        >
          Add a column
        </Button>
        {off && (
          <Button
            onClick={() =>
              commit(`Make the outside of ${unit.name} fit`, [
                set('units', unit.id, { width: Math.max(50, needs.width), height: Math.max(10, needs.height) }),
              ])
            }
          >
            Make the outside fit: {formatLength(Math.round(needs.width), system)} wide,{' '}
            {formatLength(Math.round(needs.height), system)} high
          </Button>
        )}
      </div>
    </div>
  );
}

/** Inside heights as a list: "60, 60, 110". */
function TiersField({ unit, label, onSet }: { unit: Unit; label: string; onSet: (tiers: number[]) => void }) {
  const system = useStore((s) => s.plan!.meta.units);
  const id = useId();
  const [error, setError] = useState<string | null>(null);
  const shown = writeLengths(unit.tiers, system);
  const done = (text: string) => {
    if (text.trim() === shown) {
      setError(null);
      return;
    }
    const tiers: number[] = [];
    for (const part of partsOfList(text)) {
      const read = readLength(part, system);
      if (!read.ok || read.mm < 10 || read.mm > 3000) {
        setError(
          read.ok
            ? `Each inside height is between ${formatLength(10, system)} and ${formatLength(3000, system)}.`
            : read.message,
        );
        return;
      }
      tiers.push(read.mm);
    }
    setError(tiers.length === 0 ? 'At least one inside height is needed.' : null);
    if (tiers.length > 0 && tiers.join() !== unit.tiers.join()) onSet(tiers);
  };
  return (
    <div className="mt-2">
      <label htmlFor={id} className="block text-soft">
        {label}
      </label>
      <input
        id={id}
        key={shown}
        defaultValue={shown}
        aria-invalid={error !== null}
        className="w-full rounded-md border border-line bg-leaf px-2 py-1"
        onBlur={(e) => done(e.target.value)}
        onKeyDown={(e) => e.key === 'Enter' && done(e.currentTarget.value)}
      />
      <p className={`text-xs ${error ? 'text-rust' : 'text-soft'}`} role={error ? 'alert' : undefined}>
        {error ?? `${unit.tiers.length} in all; separate them with commas`}
      </p>
    </div>
  );
}
