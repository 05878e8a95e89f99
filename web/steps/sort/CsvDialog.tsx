/** Supplies from a CSV file: read in the worker, shown before anything is added. */
import { useState } from 'react';
import { CSV_COLUMNS, type CsvResult } from '@heronstone/core/formats/csv.ts';
import { formatSize } from '@heronstone/core/model/measure.ts';
import { addSupplies } from '@heronstone/core/sort/supplies.ts';
import { engine } from '../../state/engine.ts';
import { commit, newId, notice, useStore } from '../../state/store.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';

/** Largest file that is read, bytes. */
const MOST_BYTES = 20_000_000;

export function CsvDialog({ onClose }: { onClose: () => void }) {
  const plan = useStore((s) => s.plan)!;
  const [file, setFile] = useState('');
  const [result, setResult] = useState<CsvResult | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const read = async (chosen: File) => {
    setFile(chosen.name);
    setResult(null);
    setWrong(null);
    if (chosen.size > MOST_BYTES) {
      setWrong(`The file has ${Math.round(chosen.size / 1e6)} MB; at most ${MOST_BYTES / 1e6} MB are read. Split it.`);
      return;
    }
    setResult(await engine.readCsv(await chosen.text(), plan.meta.units));
  };
  const add = () => {
    if (!result) return;
    if (commit(`Add ${result.supplies.length} supplies from ${file}`, addSupplies(plan, result.supplies, newId))) {
      notice(`${result.supplies.length} supplies were added.`);
      onClose();
    }
  };
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="Add supplies from a CSV file" wide>
      <p className="text-soft">
        The first row names the columns: {CSV_COLUMNS.join(', ')}. Name, count, length and width are needed, and a
        thickness or grammage; sizes may carry mm, cm, in; uses read “painting 6; sewing 2”.
      </p>
      <label className="mt-3 w-fit cursor-pointer rounded-full border border-ink px-4 py-1.5 focus-within:outline-2 hover:bg-wash">
        {file === '' ? 'Choose a file' : file}
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={(e) => e.target.files?.[0] && void read(e.target.files[0])}
        />
      </label>
      {wrong && (
        <p role="alert" className="mt-3 font-bold text-rust">
          {wrong}
        </p>
      )}
      {result && (
        <div className="mt-3 flex min-h-0 flex-col">
          <p role="status" className="font-bold">
            {result.supplies.length} of {result.rows} rows are ready to be added
            {result.problems.length > 0 &&
              `; ${new Set(result.problems.map((p) => p.row)).size} with problems are left out`}
            .
          </p>
          {result.problems.length > 0 && (
            <ul
              className="mt-2 max-h-40 overflow-auto rounded-lg border border-rust p-3"
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
            <div className="mt-2 max-h-60 overflow-auto" tabIndex={0} role="region" aria-label="Preview">
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
                      <td className="pr-3">{draft.form}</td>
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
              Add {result.supplies.length} supplies
            </Button>
            <Button onClick={onClose}>Leave it</Button>
          </div>
        </div>
      )}
    </Dialog>
  );
}
