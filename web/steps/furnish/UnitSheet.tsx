import { compartmentsOf, openingWidth, usesTiers } from '@heronstone/core/furniture/compartments.ts';
import { removeWithDependents, set } from '@heronstone/core/model/change.ts';
import { formatLength, formatMass, formatSize, readLength } from '@heronstone/core/model/measure.ts';
import type { Plan, Unit } from '@heronstone/core/model/plan.ts';
import { gapTo } from '@heronstone/core/room/gaps.ts';
import { wallsOf } from '@heronstone/core/room/walls.ts';
import { freeSpot } from '@heronstone/core/room/spot.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import type { Mend } from '@heronstone/core/room/mend.ts';
import { useEffect, useId, useState } from 'react';
import { engine } from '../../state/engine.ts';
import { commit, newId, select, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Fact, Heading, LengthField, NumberField, TextField } from '../../ui/Field.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { seatAt } from './FurnishStep.tsx';

const TIER_LABEL: Partial<Record<Unit['kind'], string>> = {
  'drawer unit': 'Inside heights of the drawers, from the top',
  'cube shelf': 'Inside heights of the rows, from the top',
  bookcase: 'Inside heights of the shelves, from the top',
  'wall shelf': 'Clear height above the shelf',
  cart: 'Clear heights of the trays, from the top',
};

export function UnitSheet({ unit, plan }: { unit: Unit; plan: Plan }) {
  const report = useStore((s) => s.report);
  const system = plan.meta.units;
  const change = (what: string, columns: Partial<Unit>) =>
    commit(`${what} of ${unit.name}`, [set('units', unit.id, columns)]);
  const walls = wallsOf(plan);
  // Without a wall on that side (a unit outside the room) positions count from the first corner.
  const left = gapTo(unit, walls, 'west') ?? unit.x - unit.width / 2;
  const top = gapTo(unit, walls, 'north') ?? unit.y - unit.depth / 2;
  const findings =
    report?.findings.filter((f) => f.target?.table === 'units' && f.target.id === unit.id && f.code !== 'over full') ??
    [];
  const compartments = compartmentsOf(unit);
  const facts = report?.units[unit.id];
  const size = (
    label: string,
    field: 'width' | 'depth' | 'height' | 'bottom' | 'board' | 'storeDepth',
    least: number,
    most: number,
  ) => (
    <LengthField
      label={label}
      system={system}
      value={unit[field]}
      least={least}
      most={most}
      onSet={(mm) => change(label, { [field]: mm })}
    />
  );
  const copy = () => {
    const id = newId();
    const twin = { ...unit, id, name: `${unit.name} copy`.slice(0, 120) };
    if (commit(`Copy ${unit.name}`, [set('units', id, { ...twin, ...freeSpot(twin, plan) })]))
      select({ kind: 'unit', id });
  };
  return (
    <Sheet title={unit.name} line={`${unit.kind} · ${formatSize([unit.width, unit.depth, unit.height], system)}`}>
      {findings.map((f) => (
        <FindingLine key={f.code + f.message} finding={f} unit={unit} />
      ))}
      <TextField label="Name" value={unit.name} onSet={(name) => change('Name', { name })} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <LengthField
          label="From the west wall"
          system={system}
          value={left}
          least={-50_000}
          most={50_000}
          onSet={(mm) => change('Place', { x: unit.x + mm - left })}
        />
        <LengthField
          label="From the north wall"
          system={system}
          value={top}
          least={-50_000}
          most={50_000}
          onSet={(mm) => change('Place', { y: unit.y + mm - top })}
        />
        <NumberField
          label="Turned, degrees"
          value={unit.turn}
          least={-360}
          most={360}
          onSet={(turn) => change('Turn', { turn })}
        />
        {size('Over the floor', 'bottom', 0, 4000)}
      </div>
      <Heading>Outside</Heading>
      <div className="grid grid-cols-3 gap-2">
        {size('Width', 'width', 50, 6000)}
        {size('Depth', 'depth', 10, 3000)}
        {size('Height', 'height', 10, 4000)}
      </div>
      <Heading>Inside</Heading>
      <div className="grid grid-cols-2 gap-2">
        {unit.kind !== 'pegboard' && size('Board thickness', 'board', 0, 100)}
        {unit.kind === 'cube shelf' && (
          <NumberField
            label="Columns"
            whole
            value={unit.columns}
            least={1}
            most={20}
            onSet={(columns) => change('Columns', { columns })}
          />
        )}
        {unit.kind === 'table' && size('Strip for things at the back', 'storeDepth', 0, 2000)}
        {usesTiers(unit) && (
          <InsideOverride
            label="Width, as measured"
            value={unit.insideWidth}
            otherwise={openingWidth(unit)}
            unit={unit}
            field="insideWidth"
          />
        )}
        {usesTiers(unit) && (
          <InsideOverride
            label="Depth, as measured"
            value={unit.insideDepth}
            otherwise={compartments[0]?.inside.depth ?? 0}
            unit={unit}
            field="insideDepth"
          />
        )}
      </div>
      {usesTiers(unit) && (
        <TiersField unit={unit} label={TIER_LABEL[unit.kind]!} onSet={(tiers) => change('Inside heights', { tiers })} />
      )}
      <label className="mt-3 flex items-center gap-2">
        <input
          type="checkbox"
          checked={unit.labelled}
          onChange={(e) => change('Labels', { labelled: e.target.checked })}
        />
        Its fronts carry labels today
      </label>
      <Heading>Places in it</Heading>
      <dl>
        {compartments.slice(0, 14).map((c) => (
          <Fact key={c.id} name={c.short}>
            <span className="text-xs">{formatSize([c.inside.width, c.inside.depth, c.inside.height], system)}</span>
          </Fact>
        ))}
        {facts && <Fact name="Holds">{facts.litres.toFixed(0)} l</Fact>}
        {facts && facts.mass > 0 && <Fact name="Contents as planned">{formatMass(facts.mass, system)}</Fact>}
      </dl>
      <div className="mt-4 flex flex-wrap gap-2">
        {unit.kind === 'table' && (
          <Button look="main" onClick={() => commit(`Add a seat at ${unit.name}`, seatAt(plan, unit))}>
            Add a seat
          </Button>
        )}
        <Button onClick={() => change('Turn', { turn: (unit.turn + 90) % 360 })}>Turn</Button>
        <Button onClick={copy}>Copy</Button>
        <Button
          onClick={() => {
            if (commit(`Remove ${unit.name}`, removeWithDependents(plan, 'units', unit.id))) select(null);
          }}
        >
          Remove
        </Button>
      </div>
    </Sheet>
  );
}

/** A measured inside size; left empty it is worked out from the outside. */
function InsideOverride({
  label,
  value,
  otherwise,
  unit,
  field,
}: {
  label: string;
  value: number | null;
  otherwise: number;
  unit: Unit;
  field: 'insideWidth' | 'insideDepth';
}) {
  const plan = useStore((s) => s.plan)!;
  const id = useId();
  const system = plan.meta.units;
  const [error, setError] = useState<string | null>(null);
  return (
    <div>
      <label htmlFor={id} className="block text-soft">
        {label}
      </label>
      <input
        id={id}
        key={String(value)}
        defaultValue={value === null ? '' : formatLength(value, system)}
        placeholder={formatLength(otherwise, system)}
        aria-invalid={error !== null}
        className="w-full rounded-md border border-line bg-leaf px-2 py-1"
        onBlur={(e) => {
          const text = e.target.value.trim().replace(/(\d) (?=\d{3}\b)/g, '$1');
          if (text === '') {
            setError(null);
            if (value !== null) commit(`${label} of ${unit.name}`, [set('units', unit.id, { [field]: null })]);
            return;
          }
          const read = readLength(text, system);
          setError(read.ok ? null : read.message);
          if (read.ok && (value === null || Math.abs(read.mm - value) > 0.01))
            commit(`${label} of ${unit.name}`, [set('units', unit.id, { [field]: read.mm })]);
        }}
      />
      {error && (
        <p role="alert" className="text-xs text-rust">
          {error}
        </p>
      )}
    </div>
  );
}

/** Inside heights as a list: "60, 60, 110". */
function TiersField({ unit, label, onSet }: { unit: Unit; label: string; onSet: (tiers: number[]) => void }) {
  const system = useStore((s) => s.plan!.meta.units);
  const id = useId();
  const [error, setError] = useState<string | null>(null);
  const shown = unit.tiers.map((t) => formatLength(t, system).replace(/ (mm|in)$/, '')).join(', ');
  const done = (text: string) => {
    const tiers: number[] = [];
    for (const part of text.split(/[,;]\s*/).filter((p) => p.trim() !== '')) {
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

/** What is wrong with a unit, and the one move that mends it. */
function FindingLine({ finding: f, unit }: { finding: Finding; unit: Unit }) {
  const [mend, setMend] = useState<Mend | null | 'none'>(null);
  const slides = f.by !== undefined && f.path.endsWith('.x');
  useEffect(() => {
    let current = true;
    if (slides) void engine.mend(f).then((m) => current && setMend(m ?? 'none'));
    return () => {
      current = false;
    };
  }, [f, slides]);
  return (
    <div className="mb-2">
      <p className={f.severity === 'error' ? 'font-bold text-rust' : 'text-lichen'}>
        {f.message}
        {f.severity === 'error' && <span className="font-normal"> It should be {f.expected}.</span>}
      </p>
      {mend !== null && mend !== 'none' && (
        <Button
          className="mt-1"
          onClick={() => commit(`${mend.words}: ${unit.name}`, [set('units', unit.id, { x: mend.x, y: mend.y })])}
        >
          {mend.words}
        </Button>
      )}
      {mend === 'none' && (
        <p className="text-xs text-soft">
          No slide of up to 800 mm along or across the room mends this without making another.
        </p>
      )}
    </div>
  );
}
