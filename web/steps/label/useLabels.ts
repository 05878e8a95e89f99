import { type LabelOptions } from '@heronstone/core/formats/labels.ts';
import { engine } from '../../engine/client.ts';
import { useAsked } from '../../state/useAsked.ts';
import { useStore } from '../../state/state.ts';
import type { ThisTime } from './LabelSettings.tsx';

/** The labels of the plan laid out on sheets and on strips, again whenever what they show changes. */
export function useLabels({ skip, changed }: ThisTime) {
  const plan = useStore((s) => s.plan)!;
  const arrangement = useStore((s) => s.arrangement);
  const { paper, labelWidth: width, labelHeight: height, labelling } = plan.meta;
  const options: LabelOptions = { paper, width, height, address: location.origin, labelling, skip, changed };
  const key = JSON.stringify(options);
  const { value: result } = useAsked(() => engine.labelSheet(arrangement, options), [arrangement, key]);
  const strips = useAsked(() => engine.strips(arrangement, options), [arrangement, key]).value ?? [];
  return { options, result, strips };
}
