/** The grid of a bought label sheet by its measures, and how far the printer is off. */
import { useStore } from '../../state/state.ts';
import type { Labelling } from '@heronstone/core/model/plan.ts';
import { LengthField, NumberField } from '../../ui/Field.tsx';

const FIELDS = [
  ['columns', 'Across', 1, 20, true],
  ['rows', 'Down', 1, 60, true],
  ['left', 'Left margin', 0, 200, false],
  ['top', 'Upper margin', 0, 250, false],
  ['across', 'Left edge to left edge', 5, 300, false],
  ['down', 'Row spacing', 5, 300, false],
] as const;

export function GridFields({
  labelling,
  onSet,
}: {
  labelling: Labelling;
  onSet: (columns: Partial<Labelling>) => void;
}) {
  const system = useStore((s) => s.plan!.meta.units);
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
          {FIELDS.map(([key, label, least, most, whole]) => {
            const shared = { label, value: grid[key], least, most };
            const set = (n: number) => onSet({ grid: { ...grid, [key]: n } });
            return whole ? (
              <NumberField key={key} {...shared} whole onSet={set} />
            ) : (
              <LengthField key={key} {...shared} system={system} onSet={set} />
            );
          })}
        </div>
      )}
      <div className="mt-2 grid grid-cols-2 gap-2">
        <LengthField
          system={system}
          label="Printer offset right"
          value={labelling.shiftX}
          least={-20}
          most={20}
          onSet={(shiftX) => onSet({ shiftX })}
        />
        <LengthField
          system={system}
          label="Printer offset down"
          value={labelling.shiftY}
          least={-20}
          most={20}
          onSet={(shiftY) => onSet({ shiftY })}
        />
      </div>
    </>
  );
}
