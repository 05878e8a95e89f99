import { useEffect, useState } from 'react';
import { type LabelOptions, type LabelSheetResult } from '@heronstone/core/formats/labels.ts';
import type { Strip } from '@heronstone/core/formats/labelsSvg.ts';
import { engine } from '../../state/engine.ts';
import { useStore } from '../../state/store.ts';
import type { ThisTime } from './LabelSettings.tsx';

/** The labels of the plan laid out on sheets and on strips, anew whenever what they show changes. */
export function useLabels({ skip, changed }: ThisTime) {
  const plan = useStore((s) => s.plan)!;
  const report = useStore((s) => s.report);
  const arrangement = useStore((s) => s.arrangement);
  const [result, setResult] = useState<LabelSheetResult | null>(null);
  const [strips, setStrips] = useState<Strip[]>([]);
  const { paper, labelWidth: width, labelHeight: height, labelling } = plan.meta;
  const options: LabelOptions = { paper, width, height, address: location.origin, labelling, skip, changed };
  const key = JSON.stringify(options);
  useEffect(() => {
    let current = true;
    void engine.labelSheet(arrangement, options).then((r) => current && setResult(r));
    void engine.strips(arrangement, options).then((s) => current && setStrips(s));
    return () => {
      current = false;
    };
    // The key says all that the options say.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [report, arrangement, key]);
  return { options, result, strips };
}
