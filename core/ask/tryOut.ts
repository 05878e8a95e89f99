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
  const cramped = Object.values(then.placements)
    .filter((p) => p.arrangement === arrangement && p.fits < p.count)
    .filter((p) => {
      const before = report.placements[p.id];
      return !before || before.count - before.fits < p.count - p.fits;
    })
    .map((p) => `${after.supplies[p.supply]!.name}: ${p.fits} of ${p.count} fit in ${p.place}`);
  const known = new Set(report.findings.map((f) => f.message));
  const about = new Set(cramped.map((words) => words.split(':')[0]));
  return {
    minutes: then.week[arrangement].minutes - report.week[arrangement].minutes,
    cramped,
    cautions: then.findings
      .filter((f) => !known.has(f.message))
      .filter(
        (f) =>
          f.target?.table !== 'placements' ||
          !about.has(after.supplies[after.placements[f.target.id]?.supply ?? '']?.name),
      )
      .map((f) => f.message),
  };
}
