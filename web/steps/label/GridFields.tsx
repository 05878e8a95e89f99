/** The grid of a bought label sheet by its millimetres, and how far the printer is off. */
import type { Labelling } from '@heronstone/core/model/plan.ts';
import { NumberField } from '../../ui/Field.tsx';

const FIELDS = [
  ['columns', 'Across', 1, 20, true],
  ['rows', 'Down', 1, 60, true],
  ['left', 'Left margin, mm', 0, 200, false],
  ['top', 'Upper margin, mm', 0, 250, false],
  ['across', 'Left edge to left edge, mm', 5, 300, false],
  ['down', 'Row spacing, mm', 5, 300, false],
] as const;

export function GridFields({
  labelling,
  onSet,
}: {
  labelling: Labelling;
  onSet: (columns: Partial<Labelling>) => void;
}) {
  const { grid } = labelling;
  return (
    <>
      <label className="mt-3 flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-rust"
          checked={grid !== null}
          onChange={(e) =>
            onSet({
              grid: e.target.checked ? { columns: 3, rows: 7, left: 7.2, top: 15.1, across: 66, down: 38.1 } : null,
            })
          }
        />
        Bought label sheet: set its grid
      </label>
      {grid && (
        <div className="mt-1 grid grid-cols-2 gap-2">
          {FIELDS.map(([key, label, least, most, whole]) => (
            <NumberField
              key={key}
              label={label}
              value={grid[key]}
              least={least}
              most={most}
              whole={whole}
              onSet={(n) => onSet({ grid: { ...grid, [key]: n } })}
            />
          ))}
        </div>
      )}
      <div className="mt-2 grid grid-cols-2 gap-2">
        <NumberField
          label="Printer offset right, mm"
          value={labelling.shiftX}
          least={-20}
          most={20}
          onSet={(shiftX) => onSet({ shiftX })}
        />
        <NumberField
          label="Printer offset down, mm"
          value={labelling.shiftY}
          least={-20}
          most={20}
          onSet={(shiftY) => onSet({ shiftY })}
        />
      </div>
    </>
  );
}
