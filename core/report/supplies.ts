/** What the Report says of each supply: mass, litres, fetches, how many have no place and why. */
import { massEach, oneIn, volume } from '../fit/fit.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Supply } from '../model/plan.ts';
import { barredFrom, goesAway, mayLieIn } from '../cost/rules.ts';
import { fetchesAWeek, type Scene } from '../scene/scene.ts';
import { ARRANGEMENTS, type PlacementReport, type SupplyReport } from './report.ts';
import { tooManyPlaced } from './findings.ts';

/**
 * @param findings those that there are to say are added
 * @param before what was said of each supply in the same scene, by its row: used again where it still holds
 */
export function supplyReports(
  scene: Scene,
  placements: Record<string, PlacementReport>,
  findings: Finding[],
  before: WeakMap<Supply, SupplyReport>,
): Record<string, SupplyReport> {
  const { plan } = scene;
  // Today a thing lies where it lies, however crowded; in a plan only what fits has a place.
  const placed = { today: new Map<string, number>(), planned: new Map<string, number>() };
  const asked = { today: new Map<string, number>(), planned: new Map<string, number>() };
  const add = (sums: Map<string, number>, id: string, count: number) => sums.set(id, (sums.get(id) ?? 0) + count);
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'staged') continue;
    add(placed[p.arrangement], p.supply, p.arrangement === 'today' ? p.count : (placements[p.id]?.fits ?? 0));
    add(asked[p.arrangement], p.supply, p.count);
  }
  const anythingPlanned = placed.planned.size > 0;
  const reports: Record<string, SupplyReport> = {};
  for (const supply of byName(plan.supplies)) {
    const without = {
      today: Math.max(0, supply.count - (placed.today.get(supply.id) ?? 0)),
      planned: goesAway(plan, supply) ? 0 : Math.max(0, supply.count - (placed.planned.get(supply.id) ?? 0)),
    };
    for (const arrangement of ARRANGEMENTS) {
      const total = asked[arrangement].get(supply.id) ?? 0;
      if (total > supply.count) findings.push(tooManyPlaced(supply, total, arrangement));
    }
    reports[supply.id] = reportOf(scene, supply, without, anythingPlanned, before.get(supply));
    before.set(supply, reports[supply.id]!);
  }
  return reports;
}

function reportOf(
  scene: Scene,
  supply: Supply,
  without: SupplyReport['without'],
  anythingPlanned: boolean,
  before: SupplyReport | undefined,
): SupplyReport {
  // Why it has no place is the same as long as the places are.
  const known = before && before.reason !== NOT_YET ? before.reason : null;
  const reason = without.planned === 0 ? null : anythingPlanned ? (known ?? whyWithout(scene, supply)) : NOT_YET;
  if (before?.without.today === without.today && before.without.planned === without.planned && before.reason === reason)
    return before;
  const each = massEach(supply);
  return {
    id: supply.id,
    massEach: each,
    massTotal: each === null ? null : each * supply.count,
    litres: volume(supply, supply.count),
    fetchesPerWeek: fetchesAWeek(scene, supply.id),
    reorder: supply.reorderAt !== null && supply.count <= supply.reorderAt,
    without,
    reason,
  };
}

const NOT_YET = 'not placed yet';

/** Why a supply has no planned place: too large for all, or all that would hold it are full. */
function whyWithout(scene: Scene, supply: Supply): string {
  let fitting = 0;
  let barred: { words: string; place: string } | null = null;
  let closest: { name: string; words: string; over: number } | null = null;
  const places = scene.compartments.filter((c) => c.only !== 'today' && mayLieIn(scene.plan, supply, c));
  for (const compartment of places) {
    const { fits, over, words } = oneIn(supply, compartment, scene.plan.meta.units);
    if (fits) {
      const rule = barredFrom(scene, supply, compartment);
      if (rule) barred ??= { words: rule.words, place: compartment.name };
      else fitting++;
    } else if (!closest || over < closest.over) closest = { name: compartment.name, words, over };
  }
  if (places.length === 0) return 'there is no storage unit for it yet';
  if (fitting === 0 && barred) return `it may not lie where it fits: ${barred.words} (${barred.place})`;
  if (fitting > 0)
    return `fits ${fitting === 1 ? 'one place' : `${fitting} places`}, but ${fitting === 1 ? 'it is' : 'they are'} full`;
  if (closest!.over === 0) return `no place holds it: it ${closest!.words} (${closest!.name})`;
  return `larger than every place: ${closest!.words} in ${closest!.name}, the closest`;
}
