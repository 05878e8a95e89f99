/** What changes would do, before they are made: minutes a week, what no longer fits, what is to be minded. */
import { evaluate, type Report } from '../report/evaluate.ts';
import { applyChanges, type Change } from '../model/change.ts';
import type { Arrangement, Plan } from '../model/plan.ts';

export interface Effect {
  /** Minutes a week with the changes, less those of now. */
  minutes: number;
  /** Things of which some no longer fit, in words. */
  cramped: string[];
  /** Further cautions and errors, in words. */
  cautions: string[];
}

/**
 * Compares a plan with and without changes.
 * @throws ChangeError when the changes do not apply
 */
export function tryOut(plan: Plan, report: Report, changes: readonly Change[], arrangement: Arrangement): Effect {
  const after = applyChanges(plan, [...changes]).plan;
  const then = evaluate(after);
  const worse = Object.values(then.placements)
    .filter((p) => p.arrangement === arrangement && p.fits < p.count)
    .filter((p) => {
      const before = report.placements[p.id];
      return !before || before.count - before.fits < p.count - p.fits;
    });
  const known = new Set(report.findings.map((f) => f.message));
  const cramped = new Set(worse.map((p) => p.supply));
  return {
    minutes: then.week[arrangement].minutes - report.week[arrangement].minutes,
    cramped: worse.map((p) => `${after.supplies[p.supply]!.name}: ${p.fits} of ${p.count} fit in ${p.place}`),
    cautions: then.findings
      .filter((f) => !known.has(f.message))
      .filter(
        (f) => !f.targets.some((t) => t.table === 'placements' && cramped.has(after.placements[t.id]?.supply ?? '')),
      )
      .map((f) => f.message),
  };
}
