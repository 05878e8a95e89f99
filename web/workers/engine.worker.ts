/** Thin: receives the plan, calls core, posts back. Keeps the last plan and report for questions about them. */
import { expose } from 'comlink';
import { evaluate, type Report } from '@heronstone/core/evaluate.ts';
import { alternativesFor, explain } from '@heronstone/core/explain.ts';
import { finderOf, type Finder } from '@heronstone/core/find/search.ts';
import { readSuppliesCsv } from '@heronstone/core/formats/csv.ts';
import { labelSheet } from '@heronstone/core/formats/labels.ts';
import { labelsPdf } from '@heronstone/core/formats/labelsPdf.ts';
import type { Finding } from '@heronstone/core/model/finding.ts';
import { mendBySliding } from '@heronstone/core/room/mend.ts';
import type { UnitSystem } from '@heronstone/core/model/measure.ts';
import type { Arrangement, Meta, Plan } from '@heronstone/core/model/plan.ts';
import regular from '@expo-google-fonts/atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf?url';
import bold from '@expo-google-fonts/atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf?url';
import wide from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url';

let current: { plan: Plan; report: Report; finders: Partial<Record<Arrangement, Finder>> } | null = null;

function now() {
  if (!current) throw new Error('No plan yet.');
  return current;
}

export interface LabelOptions {
  paper: Meta['paper'];
  width: number;
  height: number;
  address: string;
}

const worker = {
  evaluate(plan: Plan): Report {
    current = { plan, report: evaluate(plan), finders: {} };
    return current.report;
  },
  explain(placement: string) {
    const { plan, report } = now();
    return report.placements[placement] ? explain(plan, report, placement) : null;
  },
  alternatives(supply: string, count: number, placement: string | null, arrangement: Arrangement) {
    return alternativesFor(now().plan, supply, count, placement, arrangement);
  },
  mend(finding: Finding) {
    return mendBySliding(now().plan, finding);
  },
  find(words: string, arrangement: Arrangement) {
    const state = now();
    state.finders[arrangement] ??= finderOf(state.plan, state.report, arrangement);
    return state.finders[arrangement].find(words);
  },
  readCsv(text: string, system: UnitSystem) {
    return readSuppliesCsv(text, system);
  },
  labelSheet(arrangement: Arrangement, options: LabelOptions) {
    return labelSheet(now().plan, now().report, arrangement, options);
  },
  async labelsPdf(arrangement: Arrangement, options: LabelOptions): Promise<Uint8Array> {
    const { plan, report } = now();
    const result = labelSheet(plan, report, arrangement, options);
    if (!result.ok) throw new Error(result.message);
    const [r, b, w] = await Promise.all(
      [regular, bold, wide].map(async (url) => new Uint8Array(await (await fetch(url)).arrayBuffer())),
    );
    return labelsPdf(result.sheet, `${plan.meta.name}: labels`, { regular: r!, bold: b!, wide: w! });
  },
};

export type EngineWorker = typeof worker;
expose(worker);
