/** Supplies from a table: a CSV file or cells pasted from a spreadsheet; which column is which, a preview, then one change. */
import { useState } from 'react';
import { CSV_COLUMNS, decodeText, MORE_COLUMNS, type Column, type Mapping } from '@heronstone/core/formats/csvTable.ts';
import { FORM_FACTS } from '@heronstone/core/fit/forms.ts';
import { formatSize, howMany } from '@heronstone/core/model/measure.ts';
import { addSupplies } from '@heronstone/core/entry/addSupplies.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { commit } from '../../state/openPlan.ts';
import { newId, notice, useStore } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Select } from '../../ui/Select.tsx';

const COLUMNS = ['', ...CSV_COLUMNS, ...MORE_COLUMNS].map((c) => [c, c === '' ? 'left out' : c] as const);

/** Largest file that is read, bytes. */
const MOST_BYTES = 20_000_000;

export function CsvDialog({ onClose }: { onClose: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [source, setSource] = useState('');
  const [text, setText] = useState('');
  const [mapping, setMapping] = useState<Mapping | undefined>(undefined);
  const [headed, setHeaded] = useState(true);
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (chosen: File) => {
    setSource(chosen.name);
    setMapping(undefined);
    setText('');
    if (chosen.size > MOST_BYTES) {
      setWrong(`The file has ${Math.round(chosen.size / 1e6)} MB; at most ${MOST_BYTES / 1e6} MB are read. Split it.`);
      return;
    }
    const read = decodeText(new Uint8Array(await chosen.arrayBuffer()));
    setWrong(read.ok ? null : read.message);
    if (read.ok) setText(read.text);
  };
  const { value } = useAsked(text.trim() === '' ? null : () => engine.readCsv(text, plan.meta.units, mapping, headed), [
    text,
    mapping,
    headed,
    plan.meta.units,
  ]);
  const result = text.trim() === '' ? null : value;
  const add = () => {
    if (!result) return;
    const from = source || 'a pasted table';
    if (
      commit(
        `Add ${howMany(result.supplies.length, 'supply', 'supplies')} from ${from}`,
        addSupplies(plan, result.supplies, newId),
      )
    ) {
      notice(`${howMany(result.supplies.length, 'supply was', 'supplies were')} added.`);
      onClose();
    }
  };
  const map = (header: string, column: string) => {
    const next: Mapping = Object.fromEntries(
      Object.entries(result?.mapping ?? {}).filter(([key, h]) => h !== header && key !== column),
    );
    if (column !== '') next[column as Column] = header;
    setMapping(next);
  };
  const columnOf = (header: string) => Object.entries(result?.mapping ?? {}).find(([, h]) => h === header)?.[0] ?? '';
  return (
    <Dialog open onOpenChange={(isOpen) => !isOpen && onClose()} title="Supplies from a table" wide>
      <div className="flex flex-wrap items-start gap-3">
        <label className="w-fit cursor-pointer rounded-full border border-ink px-4 py-1.5 focus-within:outline-2 hover:bg-wash">
          {source === '' ? 'Choose a file' : source}
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => e.target.files?.[0] && void open(e.target.files[0])}
          />
        </label>
        <span className="pt-1.5 text-soft">or paste cells from a spreadsheet:</span>
      </div>
      <textarea
        aria-label="Cells from a spreadsheet"
        value={source === '' ? text : ''}
        disabled={source !== ''}
        rows={result ? 2 : 5}
        placeholder={`name\tcount\tsize\nMarkers\t84\t${plan.meta.units === 'imperial' ? '5 1/2 x 1/2 in' : '140 x 12 mm'}`}
        onChange={(e) => {
          setMapping(undefined);
          setText(e.target.value);
        }}
        className="mt-2 w-full rounded-lg border border-line bg-paper px-3 py-2 font-mono text-xs"
      />
      <p className="mt-1 text-xs text-soft">
        Only names are needed; sizes that are not there are taken from the starter lists where the name is known. Sizes
        may carry mm, cm, in; uses read “painting 6; sewing 2”.
      </p>
      {wrong && (
        <p role="alert" className="mt-3 font-bold text-rust">
          {wrong}
        </p>
      )}
      {result && (
        <div
          className="mt-3 flex min-h-0 flex-col overflow-y-auto"
          tabIndex={0}
          role="region"
          aria-label="What was read"
        >
          <p role="status" className="font-bold">
            {result.supplies.length} of {result.rows} rows are ready to be added
            {result.problems.length > 0 &&
              `; ${new Set(result.problems.map((p) => p.row)).size} with problems are left out`}
            .
          </p>
          <fieldset className="mt-2">
            <legend className="text-soft">Which column is what</legend>
            <div className="flex flex-wrap gap-2">
              {result.header.map((h) => (
                <div key={h} className="rounded-lg border border-line px-2 py-1">
                  <b className="block max-w-40 truncate">{h}</b>
                  <Select
                    label={`Column ${h} is`}
                    look="line"
                    value={columnOf(h)}
                    options={COLUMNS}
                    onSet={(column) => map(h, column)}
                  />
                </div>
              ))}
            </div>
            <label className="mt-1 flex items-center gap-2">
              <input
                type="checkbox"
                checked={headed}
                onChange={(e) => {
                  setMapping(undefined);
                  setHeaded(e.target.checked);
                }}
              />
              The first row names the columns
            </label>
          </fieldset>
          {result.problems.length > 0 && (
            <ul
              className="mt-2 max-h-32 shrink-0 overflow-auto rounded-lg border border-rust p-3"
              tabIndex={0}
              aria-label="Problems"
            >
              {result.problems.slice(0, 200).map((p, i) => (
                <li key={i}>
                  <b>
                    Row {p.row}
                    {p.column && `, ${p.column}`}:
                  </b>{' '}
                  {p.message}
                </li>
              ))}
            </ul>
          )}
          {result.supplies.length > 0 && (
            <div className="mt-2 max-h-48 shrink-0 overflow-auto" tabIndex={0} role="region" aria-label="Preview">
              <table className="w-full text-left">
                <thead>
                  <tr className="text-soft">
                    <th className="pr-3">Name</th>
                    <th className="pr-3">Form</th>
                    <th className="pr-3">Count</th>
                    <th className="pr-3">Size of one</th>
                    <th>Uses</th>
                  </tr>
                </thead>
                <tbody>
                  {result.supplies.slice(0, 50).map(({ draft, uses }, i) => (
                    <tr key={i} className="border-t border-line">
                      <td className="pr-3">{draft.name}</td>
                      <td className="pr-3">{FORM_FACTS[draft.form].many}</td>
                      <td className="pr-3">{draft.count}</td>
                      <td className="pr-3">
                        {formatSize([draft.length, draft.width, draft.thickness], plan.meta.units)}
                      </td>
                      <td>{uses.map((u) => `${u.activity} ${u.fetches}`).join('; ')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {result.supplies.length > 50 && <p className="text-soft">and {result.supplies.length - 50} more</p>}
            </div>
          )}
          <div className="mt-4 flex gap-2">
            <Button look="main" disabled={result.supplies.length === 0} onClick={add}>
              Add {howMany(result.supplies.length, 'supply', 'supplies')}
            </Button>
            <Button onClick={onClose}>Leave it</Button>
          </div>
        </div>
      )}
    </Dialog>
  );
}
