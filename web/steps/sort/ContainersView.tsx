/** Containers: which for which place, put one anywhere, own sizes; what is to be bought and cut. */
import { useState } from 'react';
import { shoppingRows, writeShoppingCsv } from '@heronstone/core/formats/shoppingCsv.ts';
import { remove, set } from '@heronstone/core/model/change.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import { byName, type ContainerShape } from '@heronstone/core/model/plan.ts';
import { containerTypes } from '@heronstone/library/inInches.ts';
import { Inside } from '../../drawings/Inside.tsx';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, select, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { download } from '../../ui/download.ts';
import { AdviceDialog } from '../../parts/AdviceDialog.tsx';
import { LabelledSelect } from '../../ui/Select.tsx';

export function ContainersView() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const selected = useStore((s) => s.selected);
  const [chosen, setChosen] = useState<string | null>(null);
  const [advice, setAdvice] = useState(false);
  const [words, setWords] = useState('');
  if (!report) return <p className="p-6 text-soft">Working out the figures …</p>;
  const openings = report.compartments.filter((c) => c.only !== 'today');
  const fromSelection =
    selected?.kind === 'container'
      ? report.containers[selected.id]?.within
      : selected?.kind === 'compartment'
        ? selected.id
        : undefined;
  const place =
    openings.find((c) => c.id === (chosen ?? fromSelection)) ??
    openings.find((c) => c.holds.planned.length > 0) ??
    openings.find((c) => c.contents.planned.length > 0) ??
    openings[0];
  const types = [
    ...byName(plan.boxtypes).map((t) => ({ group: 'Your own', shape: t.shape, own: t.id })),
    ...containerTypes(plan.meta.units).map((t) => ({ ...t, own: null })),
  ].filter(({ group, shape }) =>
    `${shape.name} ${shape.kind} ${group}`.toLowerCase().includes(words.toLowerCase().trim()),
  );
  const add = (shape: ContainerShape) => {
    if (!place) return;
    const id = newId();
    const done = commit(`Put ${shape.name} into ${place.name}`, [
      set('containers', id, {
        ...shape,
        id,
        owned: false,
        labelled: false,
        arrangement: 'planned',
        unit: place.unit,
        slot: place.slot,
        parent: place.container,
        x: null,
        y: null,
        turned: false,
      }),
    ]);
    if (done) select({ kind: 'container', id });
  };
  return (
    <section aria-label="Containers" className="flex min-h-0 grow flex-col gap-5 overflow-y-auto">
      <div className="grid gap-5 lg:grid-cols-[1fr_280px]">
        <div className="min-w-0">
          {place ? (
            <>
              <div className="flex flex-wrap items-end justify-between gap-3">
                <LabelledSelect
                  label="Place"
                  className="max-w-64"
                  value={place.id}
                  options={openings.map((c) => [c.id, c.name])}
                  onSet={(id) => {
                    setChosen(id);
                    select({ kind: 'compartment', id });
                  }}
                />
                <Button look="main" onClick={() => setAdvice(true)}>
                  Which containers?
                </Button>
              </div>
              <div className="mt-3 max-w-2xl">
                <Inside compartment={place} tall />
              </div>
            </>
          ) : (
            <p className="text-soft">There is no furniture yet into which a container could go.</p>
          )}
        </div>
        <div className="flex min-h-0 flex-col">
          <h2 className="text-lg">Put one in</h2>
          <input
            aria-label="Find a container"
            value={words}
            onChange={(e) => setWords(e.target.value)}
            placeholder="Find a container"
            className="mt-1 rounded-full border border-line bg-leaf px-3 py-1.5"
          />
          <ul className="mt-2 max-h-80 overflow-y-auto" aria-label="Library of containers" tabIndex={0}>
            {types.map(({ shape, own, group }) => (
              <li key={`${group} ${shape.name} ${own ?? ''}`} className="flex items-center border-b border-line">
                <button
                  type="button"
                  disabled={!place}
                  onClick={() => add(shape)}
                  className="min-h-10 min-w-0 grow py-1 text-left hover:underline"
                >
                  {shape.name}
                  <span className="block text-xs text-soft">
                    {formatSize([shape.width, shape.depth, shape.height], plan.meta.units)}
                    {(shape.lid === 'on' || shape.lid === 'snap') && ', lid'}
                    {shape.pulled && ', pulled'}
                    {shape.seeThrough && ', see-through'}
                  </span>
                </button>
                {own && (
                  <Button
                    look="quiet"
                    aria-label={`Remove ${shape.name} from the library`}
                    onClick={() => commit(`Forget ${shape.name}`, [remove('boxtypes', own)])}
                  >
                    ×
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </div>
      </div>
      <ShoppingList />
      {advice && place && <AdviceDialog compartment={place} onClose={() => setAdvice(false)} />}
    </section>
  );
}

/** What is to be bought and cut; on paper it is all that is printed of this view. */
function ShoppingList() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report)!;
  const rows = shoppingRows(plan, report);
  const save = () => {
    download(writeShoppingCsv(plan, report), 'shopping-list.csv', 'text/csv');
    notice('The list was saved as a CSV file.');
  };
  return (
    <section aria-label="Shopping and cut list" className="printed">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-xl">To buy and to cut</h2>
        <div className="noprint flex gap-2">
          <Button disabled={rows.length === 0} onClick={save}>
            Save as CSV
          </Button>
          <Button disabled={rows.length === 0} onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </div>
      {rows.length === 0 ? (
        <p className="text-soft">Nothing. Furniture and containers that you do not own yet come on this list.</p>
      ) : (
        <>
          <p className="text-soft">
            {report.shopping.cost.toFixed(2)} in all
            {report.shopping.unpriced > 0 && `, and ${report.shopping.unpriced} without a price`}
          </p>
          <div
            className="max-h-72 overflow-auto rounded-2xl border border-line bg-leaf px-4 print:max-h-none print:border-0"
            tabIndex={0}
            role="region"
            aria-label="List"
          >
            <table className="w-full text-left">
              <thead>
                <tr className="text-soft">
                  {['What', 'Name', 'Size', 'Count', 'Each', 'Price', 'For'].map((h) => (
                    <th key={h} className="py-1 pr-3">
                      {h}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map((row, i) => (
                  <tr key={i} className="border-t border-line align-top">
                    {row.map((cell, j) => (
                      <td key={j} className={`py-1 pr-3 ${j > 2 && j < 6 ? 'text-right' : ''}`}>
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
    </section>
  );
}
