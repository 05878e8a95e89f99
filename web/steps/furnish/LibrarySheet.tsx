/** The library of furniture, what is in the room, what is wanted and what it costs. */
import { howMany, formatWalk } from '@heronstone/core/model/measure.ts';
import { useState } from 'react';
import { set } from '@heronstone/core/model/change.ts';
import { byName, UNIT_DEFAULTS, type Plan } from '@heronstone/core/model/plan.ts';
import { bay } from '@heronstone/library/type.ts';
import { meansFurniture, meansSeat } from '@heronstone/library/furnitureWords.ts';
import { unitTypes } from '@heronstone/library/inInches.ts';
import { GROUPS } from '@heronstone/library/units.ts';
import { removeRows } from '../../state/removing.ts';
import { commit } from '../../state/openPlan.ts';
import { select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Field.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { TypePicture } from '../../drawings/TypePicture.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { FindingLine } from '../../parts/FindingLine.tsx';
import { addUnit } from './addUnit.ts';

/** What a cabinet of one's own starts from. */
const OWN = {
  ...UNIT_DEFAULTS,
  name: 'My cabinet',
  kind: 'cabinet',
  width: 636,
  depth: 400,
  height: 654,
  bays: [bay(600, [300, 300], 'open')],
} as const;

export function LibrarySheet({ plan }: { plan: Plan }) {
  const report = useStore((s) => s.report);
  const mode = useStore((s) => s.mode);
  const [words, setWords] = useState('');
  const [many, setMany] = useState(1);
  const rows = report?.findings ?? [];
  const errors = rows.filter(
    (f) => f.severity === 'error' && (f.targets[0]?.table === 'units' || f.targets[0]?.table === 'stations'),
  );
  const inMode = mode === '' ? [] : rows.filter((f) => f.mode === mode);
  const units = Object.keys(plan.units).length;
  const wanted = words.trim().toLowerCase();
  const matches = (text: string) => meansFurniture(wanted, text);
  const groups = GROUPS.map(
    (group) =>
      [
        group,
        unitTypes(plan.meta.units).filter((t) => t.group === group && matches(`${t.title} ${t.hint} ${group}`)),
      ] as const,
  ).filter(([, types]) => types.length > 0);
  const own = byName(plan.types).filter((t) => matches(t.name));
  return (
    <Sheet
      about="step"
      title="Furniture"
      line={
        units === 0
          ? 'Add what you have, then drag it to its place.'
          : `${howMany(units, 'piece')}, ${report ? `${howMany(report.compartments.length, 'place')} for things` : 'counting places …'}`
      }
    >
      {errors.map((f) => (
        <button
          key={f.path + f.message}
          type="button"
          className="mb-2 block text-left font-bold text-rust hover:underline"
          onClick={() => select({ kind: f.targets[0]!.table === 'units' ? 'unit' : 'station', id: f.targets[0]!.id })}
        >
          {f.message}
        </button>
      ))}
      {mode !== '' && (
        <section aria-label={`The room with “${mode}”`} className="mb-3 rounded-xl border border-line p-3">
          <h3 className="font-bold">With “{mode}”</h3>
          {inMode.map((f) => (
            <FindingLine key={f.code + f.message} finding={f} name={plan.units[f.targets[0]?.id ?? '']?.name ?? 'it'} />
          ))}
          {report?.modes
            .find((m) => m.mode === mode)
            ?.rolls.map((r) => (
              <p key={r.unit}>
                Roll away {plan.units[r.unit]!.name}, {formatWalk(r.by, plan.meta.units)}.
              </p>
            ))}
          {inMode.length === 0 && <p className="text-lichen">Nothing is in the way.</p>}
        </section>
      )}
      <Heading>Add</Heading>
      <Segments
        label="How many at once"
        className="mb-2"
        value={String(many)}
        options={['1', '2', '3', '4'].map((n) => [n, n] as const)}
        onSet={(n) => setMany(Number(n))}
      />
      <label className="sr-only" htmlFor="find-furniture">
        Find a type of furniture
      </label>
      <input
        id="find-furniture"
        value={words}
        placeholder="drawers, wall, cart …"
        onChange={(e) => setWords(e.target.value)}
        className="mb-2 w-full rounded-md border border-line bg-leaf px-2 py-1"
      />
      {meansSeat(wanted) ? (
        <p role="status" className="mb-2">
          A seat comes with its table: choose the table in the room, then “Add a seat”.
        </p>
      ) : (
        groups.length + own.length === 0 && (
          <p role="status" className="mb-2">
            Nothing here is called “{words.trim()}”. Try another word, or build your own cabinet below.
          </p>
        )
      )}
      {groups.map(([group, types]) => (
        <details key={group} open={wanted !== '' || group === GROUPS[0] || units === 0} className="mb-1">
          <summary className="cursor-pointer py-0.5 font-bold">
            {group} <span className="font-normal text-soft">{types.length}</span>
          </summary>
          <ul className="grid gap-1 pb-1">
            {types.map((type) => (
              <li key={type.title}>
                <button
                  type="button"
                  onClick={() => addUnit(type, many)}
                  className="flex w-full items-center gap-3 rounded-xl border border-line bg-paper px-3 py-1 text-left hover:border-ink"
                >
                  <TypePicture shape={type.shape} className="h-10 w-10 shrink-0" />
                  <span>
                    <span className="block">
                      {many > 1 ? `${many} × ` : ''}
                      {type.title}
                    </span>
                    <span className="block text-xs text-soft">{type.hint}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </details>
      ))}
      <details open className="mb-1">
        <summary className="cursor-pointer py-0.5 font-bold">
          Your own <span className="font-normal text-soft">{own.length}</span>
        </summary>
        <ul className="grid gap-1 pb-1">
          {own.map((t) => (
            <li key={t.id} className="flex items-center gap-1">
              <button
                type="button"
                onClick={() => addUnit({ shape: t.shape })}
                className="block grow rounded-xl border border-line bg-paper px-3 py-1 text-left hover:border-ink"
              >
                {t.name}
              </button>
              <Button
                look="quiet"
                aria-label={`Remove ${t.name} from the library`}
                onClick={() => removeRows(`${t.name} from the library`, 'types', [t.id])}
              >
                −
              </Button>
            </li>
          ))}
        </ul>
        <Button onClick={() => addUnit({ shape: { ...OWN, bays: [...OWN.bays] } })}>Build your own cabinet</Button>
      </details>
      {(units > 0 || Object.keys(plan.stations).length > 0) && <Heading>In the room</Heading>}
      <ul>
        {byName(plan.units).map((u) => (
          <Pick key={u.id} onPick={() => select({ kind: 'unit', id: u.id })}>
            {u.name}
            {u.elsewhere !== null && <span className="text-soft">, {plan.elsewheres[u.elsewhere]!.name}</span>}
          </Pick>
        ))}
        {byName(plan.stations).map((s) => (
          <Pick key={s.id} onPick={() => select({ kind: 'station', id: s.id })}>
            Seat: {s.name}
          </Pick>
        ))}
      </ul>
      {report && units > 0 && (
        <>
          <Heading>To buy</Heading>
          {report.shopping.wanted.length + report.shopping.things.length === 0 && (
            <p className="text-soft">
              Nothing: you own all of it. Untick “I own this” in a piece to put it on the list.
            </p>
          )}
          <ul>
            {report.shopping.wanted.map((w) => (
              <ToBuy
                key={w.unit}
                name={w.name}
                price={w.price === null ? 'no price' : w.price.toFixed(2)}
                onPick={() => select({ kind: 'unit', id: w.unit })}
                onBought={() => commit(`${w.name} is owned`, [set('units', w.unit, { owned: true })])}
              />
            ))}
            {report.shopping.things.map((t) => (
              <ToBuy
                key={t.supply}
                name={t.count > 1 ? `${t.count} ${t.name}` : t.name}
                onPick={() => select({ kind: 'supply', id: t.supply })}
                onBought={() => commit(`${t.name} is bought`, [set('supplies', t.supply, { toBuy: 0 })])}
              />
            ))}
          </ul>
          {report.shopping.wanted.length > 0 && (
            <p className="flex justify-between border-t border-line pt-1 font-bold">
              <span>
                {report.shopping.unpriced > 0 ? `Together, ${report.shopping.unpriced} without a price` : 'Together'}
              </span>
              <span className="tabular-nums">{report.shopping.cost.toFixed(2)}</span>
            </p>
          )}
          <p className="text-xs text-soft">
            {howMany(report.shopping.owned.count, 'piece')} you own
            {report.shopping.owned.worth > 0 && `, worth ${report.shopping.owned.worth.toFixed(2)}`}.
          </p>
        </>
      )}
    </Sheet>
  );
}

/** A line of the shopping list. */
function ToBuy(line: { name: string; price?: string; onPick: () => void; onBought: () => void }) {
  return (
    <li className="flex justify-between gap-2">
      <button type="button" className="rounded-md px-1 py-1 text-left hover:bg-wash" onClick={line.onPick}>
        {line.name}
      </button>
      <span className="flex items-center gap-1 tabular-nums">
        <span className="text-soft">{line.price}</span>
        <Button look="quiet" onClick={line.onBought} aria-label={`Bought: ${line.name}`}>
          Bought
        </Button>
      </span>
    </li>
  );
}

function Pick({ onPick, children }: { onPick: () => void; children: React.ReactNode }) {
  return (
    <li>
      <button type="button" className="w-full rounded-md px-1 py-1 text-left hover:bg-wash" onClick={onPick}>
        {children}
      </button>
    </li>
  );
}
