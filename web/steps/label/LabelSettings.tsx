/** What is printed, on what, from which label on, and what is on a label. */
import { setMeta } from '@heronstone/core/model/change.ts';
import type { LabelSheet } from '@heronstone/core/formats/labels.ts';
import type { Labelling } from '@heronstone/core/model/plan.ts';
import { commit } from '../../state/openPlan.ts';
import { useStore } from '../../state/state.ts';
import { Choice, Heading, LengthField, NumberField } from '../../ui/Field.tsx';
import { GridFields } from './GridFields.tsx';

/** What holds for this printing only, and is not kept with the plan. */
export interface ThisTime {
  /** Labels of the first sheet that are used up already. */
  skip: number;
  /** Only what changed since it was printed. */
  changed: boolean;
}

export function LabelSettings({
  sheet,
  thisTime,
  onThisTime,
}: {
  sheet: LabelSheet | null;
  thisTime: ThisTime;
  onThisTime: (next: ThisTime) => void;
}) {
  const plan = useStore((s) => s.plan)!;
  const { paper, labelWidth: width, labelHeight: height, units: system, labelling } = plan.meta;
  const change = (columns: Partial<Labelling>) =>
    commit('Labels', [setMeta(plan, { labelling: { ...labelling, ...columns } })]);
  return (
    <>
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-rust"
          checked={thisTime.changed}
          onChange={(e) => onThisTime({ ...thisTime, changed: e.target.checked })}
        />
        Only what changed since it was printed
      </label>
      <div className="mt-3 grid grid-cols-2 gap-2">
        <Choice
          label="Paper"
          value={paper}
          options={[
            ['a4', 'A4'],
            ['letter', 'US Letter'],
          ]}
          onSet={(value) => commit('Label paper', [setMeta(plan, { paper: value })])}
          className="col-span-2"
        />
        <LengthField
          label="Label width"
          system={system}
          value={width}
          least={15}
          most={200}
          onSet={(labelWidth) => commit('Label width', [setMeta(plan, { labelWidth })])}
        />
        <LengthField
          label="Label height"
          system={system}
          value={height}
          least={8}
          most={140}
          onSet={(labelHeight) => commit('Label height', [setMeta(plan, { labelHeight })])}
        />
      </div>
      <NumberField
        className="mt-2"
        label="Start at label"
        value={thisTime.skip + 1}
        least={1}
        most={Math.max(1, (sheet?.columns ?? 1) * (sheet?.rows ?? 1))}
        whole
        onSet={(n) => onThisTime({ ...thisTime, skip: n - 1 })}
      />
      <GridFields labelling={labelling} onSet={change} />
      <Heading>On the label</Heading>
      {(
        [
          ['counts', 'How many'],
          ['swatches', 'Colours'],
          ['reorder', 'When to reorder'],
          ['codes', 'Code to scan'],
          ['large', 'Large print'],
          ['parts', 'One for each part in use'],
        ] as const
      ).map(([field, words]) => (
        <label key={field} className="flex items-center gap-2 py-0.5">
          <input
            type="checkbox"
            className="size-4 accent-rust"
            checked={labelling[field]}
            onChange={(e) => change({ [field]: e.target.checked })}
          />
          {words}
        </label>
      ))}
      <LengthField
        label="Tape of the strip printer"
        value={labelling.strip}
        system={system}
        least={6}
        most={62}
        onSet={(strip) => change({ strip })}
      />
    </>
  );
}
