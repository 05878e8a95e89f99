/**
 * Which activities should be near each other or apart, after the relationship chart of Muther, Systematic Layout Planning
 * (1973; letters from memory): A absolutely necessary, E especially important, I important, O ordinary, U unimportant,
 * X undesirable. Worked out from shared supplies, same sitting, and what one gives off and the other cannot bear.
 */
import { caution, type Finding } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Activity, type Plan, type Relation } from '../model/plan.ts';
import { seatsOf } from '../scene/scene.ts';
import { clashesOf } from '../zones/clashes.ts';
import { distance } from '../geometry/geometry.ts';

export type Closeness = Relation['closeness'];
export const CLOSENESS_WORD: Readonly<Record<Closeness, string>> = {
  A: 'must be together',
  E: 'very near',
  I: 'near',
  O: 'rather near',
  U: 'does not matter',
  X: 'apart',
};

/** Shared fetches a week from which a letter is given. Our constants, no source. */
const SHARED: ReadonlyArray<[Closeness, number]> = [
  ['A', 60],
  ['E', 25],
  ['I', 8],
  ['O', 1],
];
/** Nearer than this is not apart, farther than this not near, mm. Our constants, no source. */
const APART = 1500;
const NEAR: Partial<Record<Closeness, number>> = { A: 1500, E: 2500, I: 4000 };

export interface RelationReport {
  a: string;
  b: string;
  closeness: Closeness;
  reasons: string[];
  /** Whether the maker set it; else what the program would say is the same. */
  own: boolean;
  worked: Closeness;
  /** Nearest two stations of the two, straight, mm; null while one has none. */
  distance: number | null;
  /** Whether they are as near or far as they should be; null while that cannot be said. */
  kept: boolean | null;
}

/** All pairs of activities, by name. */
export function relationsOf(plan: Plan): RelationReport[] {
  const activities = byName(plan.activities);
  const weekly = new Map(activities.map((a) => [a.id, new Map<string, number>()]));
  for (const use of Object.values(plan.uses))
    weekly.get(use.activity)?.set(use.supply, use.fetches * plan.activities[use.activity]!.sessionsPerWeek);
  return activities.flatMap((a, i) =>
    activities.slice(i + 1).map((b) => {
      const { closeness: worked, reasons } = work(plan, a, b, weekly);
      const set = Object.values(plan.relations).find(
        (r) => (r.a === a.id && r.b === b.id) || (r.a === b.id && r.b === a.id),
      );
      const closeness = set?.closeness ?? worked;
      const [from, to] = [seatsOf(plan, a), seatsOf(plan, b)];
      const pairs = from.flatMap((s) => to.map((t) => distance(plan.stations[s]!, plan.stations[t]!)));
      const far = pairs.length === 0 ? null : Math.min(...pairs);
      return {
        a: a.id,
        b: b.id,
        closeness,
        reasons: set ? [set.reason || 'set by you', ...reasons] : reasons,
        own: set !== undefined,
        worked,
        distance: far,
        kept: far === null ? null : closeness === 'X' ? far >= APART : far <= (NEAR[closeness] ?? Infinity),
      };
    }),
  );
}

function work(
  plan: Plan,
  a: Activity,
  b: Activity,
  weekly: ReadonlyMap<string, ReadonlyMap<string, number>>,
): { closeness: Closeness; reasons: string[] } {
  const clashes = clashesOf(a, b);
  const [mine, theirs] = [weekly.get(a.id)!, weekly.get(b.id)!];
  let [shared, lines] = [0, 0];
  for (const [supply, fetches] of mine) {
    const other = theirs.get(supply) ?? 0;
    if (fetches <= 0 || other <= 0) continue;
    shared += fetches + other;
    lines++;
  }
  const reasons =
    lines > 0 ? [`${lines} shared ${lines === 1 ? 'supply' : 'supplies'}, ${Math.round(shared)} fetches a week`] : [];
  const same = seatsOf(plan, a).some((s) => seatsOf(plan, b).includes(s));
  if (same) reasons.push('same station');
  if (clashes.length > 0) return { closeness: 'X', reasons: [...clashes, ...reasons] };
  return { closeness: SHARED.find(([, from]) => shared >= from)?.[0] ?? 'U', reasons };
}

/** Cautions for pairs that are too near or too far. */
export function checkRelations(plan: Plan): Finding[] {
  const say = (mm: number) => formatLength(Math.round(mm), plan.meta.units);
  return relationsOf(plan).flatMap((r): Finding[] => {
    if (r.kept !== false || r.distance === null) return [];
    const [a, b] = [plan.activities[r.a]!, plan.activities[r.b]!];
    const apart = r.closeness === 'X';
    const limit = apart ? APART : NEAR[r.closeness]!;
    const message = apart
      ? r.distance < 1
        ? `${a.name} and ${b.name} are done at the same place, but should be apart: ${r.reasons[0]}. Clean up between them, or give one another place.`
        : `${a.name} and ${b.name} are ${say(r.distance)} apart: ${r.reasons[0]}.`
      : `${a.name} and ${b.name} should be near each other (${r.reasons[0]}), but are ${say(r.distance)} apart.`;
    return [
      caution(apart ? 'too near' : 'too far', `activities.${a.id}.station`, {
        message,
        by: Math.abs(r.distance - limit),
      }),
    ];
  });
}
