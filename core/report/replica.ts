/**
 * A plan that follows another one, told what changes, with its Report: what the worker of the window keeps, so that little is
 * sent and nothing is worked out twice. Tests use it without a worker.
 */
import { withDifference, type PlanDifference } from '../model/difference.ts';
import type { Plan } from '../model/plan.ts';
import { evaluator } from './evaluate.ts';
import { withAccepted } from './prioritise.ts';
import { patchOf, type ReportPatch } from './patch.ts';
import type { Report } from './report.ts';
import { roomFindings } from '../checks/roomFindings.ts';

/** What there is to say about a room while something in it is being moved. */
export type QuickCheck = Pick<Report, 'findings' | 'errors' | 'cautions'>;

export class Replica {
  private readonly evaluateNext = evaluator();
  private current: { plan: Plan; report: Report } | null = null;

  /** Begins with a plan. @returns its whole Report */
  open(plan: Plan): ReportPatch {
    const report = this.evaluateNext(plan);
    this.current = { plan, report };
    return patchOf(null, report);
  }

  /** Goes on to the plan of which this is the difference. @returns what has changed of the Report */
  apply(difference: PlanDifference): ReportPatch {
    const before = this.now();
    const plan = withDifference(before.plan, difference);
    const report = this.evaluateNext(plan);
    this.current = { plan, report };
    return patchOf(before.report, report);
  }

  /**
   * Looks at the plan of which this is the difference without going on to it: what the room is found to be, at once; about
   * things and figures what was said last.
   */
  quickCheck(difference: PlanDifference): QuickCheck {
    const { plan, report } = this.now();
    const rest = report.findings.slice(roomFindings(plan).length);
    const now = roomFindings(withDifference(plan, difference));
    const findings = [...withAccepted(now, plan.meta.accepted), ...rest];
    const of = (severity: string) => findings.filter((f) => f.severity === severity && !f.accepted).length;
    return { findings, errors: of('error'), cautions: of('caution') };
  }

  /** The plan as it was told last, with its Report. @throws Error before there is one */
  now(): { plan: Plan; report: Report } {
    if (!this.current) throw new Error('No plan yet.');
    return this.current;
  }
}
