/** Sort: get everything that is owned into the list, quickly, and look it over. */
import { addSupplies } from '@heronstone/core/sort/supplies.ts';
import { readLine } from '@heronstone/core/sort/read.ts';
import { byName } from '@heronstone/core/model/plan.ts';
import { useId, useMemo, useRef, useState } from 'react';
import { commit, newId, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { CsvDialog } from './CsvDialog.tsx';
import { SupplySheet } from './SupplySheet.tsx';
import { SupplyTable } from './SupplyTable.tsx';

export function SortStep() {
  const plan = useStore((s) => s.plan)!;
  const selected = useStore((s) => s.selected);
  const report = useStore((s) => s.report);
  const [csv, setCsv] = useState(false);
  const supplyId =
    selected?.kind === 'supply'
      ? selected.id
      : selected?.kind === 'placement'
        ? report?.placements[selected.id]?.supply
        : undefined;
  const supply = supplyId ? plan.supplies[supplyId] : undefined;
  return (
    <>
      <section aria-label="Supplies" className="flex min-h-[70vh] min-w-0 grow flex-col px-4 py-4 md:min-h-0 md:px-8">
        <QuickEntry />
        <div className="mt-3 flex items-baseline justify-between gap-4">
          <h2 className="text-xl">
            {Object.keys(plan.supplies).length === 0
              ? 'Nothing in the list yet'
              : `${Object.keys(plan.supplies).length} supplies`}
          </h2>
          <Button onClick={() => setCsv(true)}>Add from a CSV file</Button>
        </div>
        <SupplyTable />
      </section>
      <SupplySheet key={supply?.id ?? ''} supply={supply} />
      {csv && <CsvDialog onClose={() => setCsv(false)} />}
    </>
  );
}

/** One line, read as it is typed. */
function QuickEntry() {
  const plan = useStore((s) => s.plan)!;
  const [line, setLine] = useState('');
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const read = useMemo(
    () => (line.trim() === '' ? null : readLine(line, plan.meta.units, byName(plan.activities))),
    [line, plan.meta.units, plan.activities],
  );
  const add = () => {
    if (!read?.draft) return;
    const uses = read.uses.map((u) => ({
      activity: u.id ? plan.activities[u.id]!.name : u.activity,
      fetches: u.fetches,
    }));
    if (commit(`Add ${read.draft.count} ${read.draft.name}`, addSupplies(plan, [{ draft: read.draft, uses }], newId)))
      setLine('');
    input.current?.focus();
  };
  return (
    <form
      className="rounded-2xl border border-line bg-leaf px-5 py-4"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <label htmlFor={id} className="font-serif text-lg font-semibold">
        What do you have?
      </label>
      <div className="mt-1 flex gap-3">
        <input
          id={id}
          ref={input}
          value={line}
          onChange={(e) => setLine(e.target.value)}
          placeholder="84 markers 140 x 12 mm, painting 6x"
          autoComplete="off"
          aria-describedby={`${id}-read`}
          className="min-w-0 grow rounded-lg border border-line bg-paper px-3 py-2 text-base"
        />
        <Button look="main" type="submit" disabled={!read?.draft}>
          Add it
        </Button>
      </div>
      <div id={`${id}-read`} aria-live="polite" className="mt-2 min-h-6">
        {!read && (
          <span className="text-soft">
            One line each: how many, what, how large, and what it is for. “250 sheets card A4 220 gsm” works too.
          </span>
        )}
        {read && (
          <span className="flex flex-wrap gap-x-2 gap-y-1">
            {read.supply.name && <b>{read.supply.name}</b>}
            {read.supply.form && (
              <Chip>
                {read.supply.form === 'sheets'
                  ? 'sheets'
                  : read.supply.form === 'loose'
                    ? 'loose small things'
                    : 'pieces'}
              </Chip>
            )}
            {read.supply.length !== undefined && (
              <Chip>
                {[read.supply.length, read.supply.width, read.supply.thickness]
                  .filter((v) => v !== undefined)
                  .map((v) => Number(v.toFixed(v < 1 ? 2 : 1)))
                  .join(' × ')}{' '}
                mm
              </Chip>
            )}
            {read.understood.map((u) => (
              <Chip key={u}>{u}</Chip>
            ))}
            {read.missing.length > 0 && (
              <span className="font-bold text-lichen">Still needed: {read.missing.join(', ')}.</span>
            )}
            {read.problems.map((p) => (
              <span key={p} className="font-bold text-rust">
                {p}
              </span>
            ))}
          </span>
        )}
      </div>
    </form>
  );
}

function Chip({ children }: { children: React.ReactNode }) {
  return <span className="rounded-full bg-wash px-2.5">{children}</span>;
}
