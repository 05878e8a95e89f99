/** What an old plan says once: how many of its places hold less by the rules of today, and why. */
import { RULES, type Plan } from '../model/plan.ts';
import type { PlacementReport, Report } from './report.ts';

/** Causes by how they begin, in the words of the reason, and as they are said here. */
const CAUSES: ReadonlyArray<readonly [string, string]> = [
  ['only', 'things lie higher on each other than they should'],
  ['things lie higher', 'things lie higher on each other than they should'],
  ['would roll', 'round things need a rim'],
  ['would fall', 'things fall over that stand free'],
  ['would bend', 'loose sheets stand in a slot or a file only'],
  ['needs something to lie in', 'loose things need something to lie in'],
  ['is not a thing to hang', 'not everything hangs on a board'],
  ['does not hold on a magnet', 'only thin steel holds on a magnet'],
];

function causeOf(p: PlacementReport): string | null {
  const why = p.badly ?? p.reason;
  if (why === null) return null;
  return CAUSES.find(([start]) => why.startsWith(start))?.[1] ?? 'there is less room than was reckoned with';
}

/**
 * A sentence for a plan that was made by the rules of before; null when nothing changed for it, or it was read already.
 * The figures are those of the plan, and of today where there is none.
 */
export function heldDifferently(plan: Pick<Plan, 'meta'>, report: Pick<Report, 'placements'>): string | null {
  if (plan.meta.rules >= RULES) return null;
  const all = Object.values(report.placements);
  const planned = all.filter((p) => p.arrangement === 'planned');
  const causes = new Map<string, Set<string>>();
  const places = new Set<string>();
  for (const p of planned.length > 0 ? planned : all) {
    const cause = causeOf(p);
    if (cause === null) continue;
    places.add(p.compartment);
    causes.set(cause, (causes.get(cause) ?? new Set()).add(p.compartment));
  }
  if (places.size === 0) return null;
  const why = [...causes].sort((a, b) => b[1].size - a[1].size).map(([cause, in_]) => `${cause} (${in_.size})`);
  return `${places.size} ${places.size === 1 ? 'place holds' : 'places hold'} less than before, because places are judged as hands use them now: ${why.join(', ')}.`;
}
