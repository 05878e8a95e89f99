/** Place by place: trial or permanent, the maker's own words, and the sides on which a label is put. */
import { labelRow } from '@heronstone/core/formats/labels.ts';
import { set } from '@heronstone/core/model/change.ts';
import { SIDES, type LabelRow } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Choice, TextField } from '../../ui/Field.tsx';
import { labelId } from './printed.ts';
import { today } from '../../state/today.ts';

export function LabelRows() {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const used = report?.compartments.filter((c) => c.contents[arrangement].length > 0) ?? [];
  return (
    <ul aria-label="Labels of places" className="min-h-0 grow overflow-y-auto" tabIndex={0}>
      {used.map((c) => {
        const row = labelRow(plan, c.id);
        const change = (columns: Partial<LabelRow>) => {
          const id = row?.id ?? labelId(c.unit, c.slot, c.container);
          const whole = {
            id,
            unit: c.unit,
            slot: c.slot,
            container: c.container,
            state: 'trial' as const,
            since: today(),
            sides: ['front' as const],
          };
          commit(`Label of ${c.name}`, [set('labels', id, { ...(row ? {} : whole), ...columns })]);
        };
        const sides = row?.sides ?? ['front'];
        return (
          <li key={c.id} className="flex flex-wrap items-end gap-3 border-b border-line py-2">
            <span className="w-56 font-bold">{c.name}</span>
            <Choice
              label="State"
              className="w-40"
              value={row?.state ?? 'none'}
              options={[
                ...(row ? [] : ([['none', 'no label yet']] as const)),
                ['trial', row?.state === 'trial' ? `temporary, since ${row.since}` : 'temporary'],
                ['permanent', 'permanent'],
              ]}
              onSet={(state) => state !== 'none' && change({ state: state, since: today() })}
            />
            <TextField
              label="Own words"
              className="w-44"
              value={row?.words ?? ''}
              empty
              onSet={(words) => change({ words })}
            />
            <fieldset className="flex flex-wrap gap-x-3">
              <legend className="text-sm text-soft">Sides</legend>
              {SIDES.map((side) => (
                <label key={side} className="flex items-center gap-1">
                  <input
                    type="checkbox"
                    className="size-4 accent-rust"
                    checked={sides.includes(side)}
                    disabled={sides.length === 1 && sides[0] === side}
                    onChange={(e) =>
                      change({ sides: SIDES.filter((s) => (s === side ? e.target.checked : sides.includes(s))) })
                    }
                  />
                  {side}
                </label>
              ))}
            </fieldset>
          </li>
        );
      })}
    </ul>
  );
}
