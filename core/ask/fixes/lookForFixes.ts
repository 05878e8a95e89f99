/** What a person could do about a finding of the room: move, park, raise, lower, cut down or swap. Each is tried before it is offered. */
import { toEnd } from '../../model/groups.ts';
import { applyChanges } from '../../model/change.ts';
import { keyOf, type Finding } from '../../model/finding.ts';
import type { Plan } from '../../model/plan.ts';
import { evaluate } from '../../report/evaluate.ts';
import { checkRoom } from '../../checks/roomErrors.ts';
import { checkNeeds } from '../../checks/workNeeds.ts';
import { checkSeats, checkWalkways } from '../../checks/seatsAndWalkways.ts';
import { checkAreas } from '../../checks/areasFree.ts';
import { checkClearance } from '../../checks/clearance.ts';
import { moves } from './slideFixes.ts';
import type { Fix, NewId } from './fix.ts';
import { sizes } from './sizeFixes.ts';
import { swaps } from './swapFixes.ts';

/** How many of each kind that hold in the room are tried in the whole Report. */
const WHOLE_TRIES = 2;

/** What is quickly looked at again, the quickest first; narrow ways are slow to work out. */
function checksFor(code: string): ReadonlyArray<(plan: Plan) => Finding[]> {
  const checks: Array<(plan: Plan) => Finding[]> = [checkRoom, checkAreas, checkSeats, checkClearance];
  if (code === 'work height' || code === 'surface too small') checks.push(checkNeeds);
  if (code === 'narrow way') checks.push(checkWalkways);
  return checks;
}

/** A fix that asks no more than this is as good as any: nobody carries two pieces past each other instead. */
const LITTLE = 300;

/**
 * Mends for a finding, the one that asks least first; at most one of each kind: moving, another size, changing places.
 * In each the finding is gone from the whole Report, and there is no finding that was not there.
 * @param known all findings of the plan's Report
 * @returns yields between tries, which take up to half a second each
 */
export function* lookForFixes(
  plan: Plan,
  known: readonly Finding[],
  finding: Finding,
  newId: NewId,
): Generator<undefined, Fix[]> {
  if (finding.by === undefined) return [];
  const wanted = keyOf(finding);
  const checks = checksFor(finding.code);
  const before = new Set(checks.flatMap((check) => check(plan).map(keyOf)));
  // Only what these checks find can be seen to go.
  if (!before.has(wanted)) return [];
  const all = new Set(known.map(keyOf));
  const gone = (after: readonly Finding[], there: ReadonlySet<string>) =>
    after.every((f) => keyOf(f) !== wanted && there.has(keyOf(f)));
  const first = function* (candidates: Iterable<Fix>): Generator<undefined, Fix[]> {
    let tries = 0;
    for (const mend of candidates) {
      const after = applyChanges(plan, mend.changes).plan;
      if (!checks.every((check) => gone(check(after), before))) continue;
      yield;
      if (gone(evaluate(after).findings, all)) return [mend];
      if (++tries === WHOLE_TRIES) break;
    }
    return [];
  };
  const mends = yield* first(moves(plan, finding, newId));
  mends.push(...(yield* first(sizes(plan, finding))));
  if (mends.every((m) => m.effort > LITTLE)) mends.push(...(yield* first(swaps(plan, finding))));
  return mends.sort((a, b) => a.effort - b.effort);
}

/** The same, to its end. */
export function mendsOf(plan: Plan, known: readonly Finding[], finding: Finding, newId: NewId): Fix[] {
  return toEnd(lookForFixes(plan, known, finding, newId));
}
