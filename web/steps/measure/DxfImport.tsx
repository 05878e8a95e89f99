import { useState } from 'react';
import type { DxfOutline, DxfResult } from '@heronstone/core/formats/dxf.ts';
import { formatArea, formatLength } from '@heronstone/core/model/measure.ts';
import type { Plan } from '@heronstone/core/model/plan.ts';
import { makeOutline } from '@heronstone/core/room/outline.ts';
import { readDxf } from '../../engine/client.ts';
import { commit } from '../../state/openPlan.ts';
import { newId } from '../../state/state.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Field.tsx';

type Unit = 'file' | 'mm' | 'cm' | 'm' | 'in' | 'ft';

/** The outline of the room out of a DXF: choose the file, see what is in it, take one outline. */
export function DxfImport({ plan }: { plan: Plan }) {
  const [text, setText] = useState<string | null>(null);
  const [unit, setUnit] = useState<Unit>('file');
  const [result, setResult] = useState<DxfResult | null>(null);
  const read = (content: string, as: Unit) =>
    void readDxf(content, as === 'file' ? undefined : as).then(setResult, (cause: unknown) =>
      setResult({ ok: false, message: String(cause) }),
    );
  const take = (o: DxfOutline) => commit(`Measure ${plan.meta.room} from a DXF`, makeOutline(o.points, [], newId));
  return (
    <div className="max-w-xl">
      <div className="flex flex-wrap items-end gap-3">
        <label className="cursor-pointer rounded-full border border-ink px-4 py-1.5 hover:bg-wash focus-within:outline-2">
          Choose a DXF file
          <input
            type="file"
            accept=".dxf"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (!file) return;
              void file.text().then((content) => {
                setText(content);
                read(content, unit);
              });
            }}
          />
        </label>
        <Choice
          label="Drawn in"
          value={unit}
          options={[
            ['file', 'as the file says'],
            ['mm', 'millimetres'],
            ['cm', 'centimetres'],
            ['m', 'metres'],
            ['in', 'inches'],
            ['ft', 'feet'],
          ]}
          onSet={(as) => {
            setUnit(as);
            if (text !== null) read(text, as);
          }}
        />
      </div>
      {result && !result.ok && (
        <p role="alert" className="mt-3 font-bold text-rust">
          {result.message}
        </p>
      )}
      {result?.ok && (
        <>
          <p className="mt-3 text-soft">
            Drawn in {result.unit}
            {result.notes.length > 0 && `; ${result.notes.join(', ')}`}. Which one is the room?
          </p>
          <ul className="mt-2 grid gap-2">
            {result.outlines.slice(0, 8).map((o, i) => (
              <li key={i} className="flex items-center gap-4 rounded-xl border border-line bg-leaf px-3 py-2">
                <Shape outline={o} />
                <span className="grow">
                  Layer “{o.layer}”, {o.points.length} corners, {formatArea(o.area, plan.meta.units)},{' '}
                  {formatLength(Math.round(Math.max(...o.points.map((p) => p.x))), plan.meta.units)} ×{' '}
                  {formatLength(Math.round(Math.max(...o.points.map((p) => p.y))), plan.meta.units)}
                </span>
                <Button look={i === 0 ? 'main' : 'plain'} onClick={() => take(o)}>
                  Use this outline
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function Shape({ outline }: { outline: DxfOutline }) {
  const [w, h] = [Math.max(...outline.points.map((p) => p.x)), Math.max(...outline.points.map((p) => p.y))];
  const pen = Math.max(w, h) / 40;
  return (
    <svg viewBox={`${-pen} ${-pen} ${w + 2 * pen} ${h + 2 * pen}`} className="h-14 w-16 shrink-0" aria-hidden="true">
      <polygon
        points={outline.points.map((p) => `${p.x},${p.y}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={pen}
      />
    </svg>
  );
}
