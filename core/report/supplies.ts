/** What the Report says of each supply: mass, litres, fetches, how many have no place and why. */
import { lying, massEach, oneIn, volume } from '../fit/fit.ts';
import { fitsInAll, fitsTightly } from '../fit/tighten.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Supply } from '../model/plan.ts';
import { barredFrom, goesAway, mayLieIn } from '../cost/rules.ts';
import { contentsOf, fetchesAWeek, type Scene } from '../scene/scene.ts';
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
  const lacking = (supply: Supply) =>
    goesAway(plan, supply) ? 0 : Math.max(0, supply.count - (placed.planned.get(supply.id) ?? 0));
  const few = Object.values(plan.supplies).filter((s) => lacking(s) > 0).length <= FEW;
  for (const supply of byName(plan.supplies)) {
    const without = {
      today: Math.max(0, supply.count - (placed.today.get(supply.id) ?? 0)),
      planned: lacking(supply),
    };
    for (const arrangement of ARRANGEMENTS) {
      const total = asked[arrangement].get(supply.id) ?? 0;
      if (total > supply.count) findings.push(tooManyPlaced(supply, total, arrangement));
    }
    reports[supply.id] = reportOf(scene, supply, without, anythingPlanned, few, before.get(supply));
    before.set(supply, reports[supply.id]!);
  }
  return reports;
}

function reportOf(
  scene: Scene,
  supply: Supply,
  without: SupplyReport['without'],
  anythingPlanned: boolean,
  few: boolean,
  before: SupplyReport | undefined,
): SupplyReport {
  const reason =
    without.planned === 0 ? null : anythingPlanned ? whyWithout(scene, supply, without.planned, few) : NOT_YET;
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

/** Of so many lines without a place it is looked whether only the room to grow is in the way; of more it would take long. */
const FEW = 30;
/** In so many places at the most. */
const TRIED = 6;

interface Wanting {
  /** Why no place takes it, in words; null where some would. */
  words: string | null;
  /** Places that would take one and may. */
  places: readonly Compartment[];
}
const wantings = new WeakMap<Scene['compartments'], WeakMap<Supply, Wanting>>();

/** What the places themselves say of a supply, whatever lies in them. */
function wantingOf(scene: Scene, supply: Supply): Wanting {
  let known = wantings.get(scene.compartments);
  if (!known) wantings.set(scene.compartments, (known = new WeakMap()));
  let wanting = known.get(supply);
  if (!wanting) known.set(supply, (wanting = wantingIn(scene, supply)));
  return wanting;
}

function wantingIn(scene: Scene, supply: Supply): Wanting {
  const fitting: Compartment[] = [];
  let barred: { words: string; place: string } | null = null;
  let closest: { name: string; words: string; over: number } | null = null;
  const places = scene.compartments.filter((c) => c.only !== 'today' && mayLieIn(scene.plan, supply, c));
  for (const compartment of places) {
    const { fits, over, words } = oneIn(supply, compartment, scene.plan.meta.units);
    if (fits) {
      const rule = barredFrom(scene, supply, compartment);
      if (rule) barred ??= { words: rule.words, place: compartment.name };
      else fitting.push(compartment);
    } else if (!closest || over < closest.over) closest = { name: compartment.name, words, over };
  }
  const none = (words: string): Wanting => ({ words, places: [] });
  if (places.length === 0) return none('there is no storage unit for it yet');
  if (fitting.length > 0) return { words: null, places: fitting };
  if (barred) return none(`it may not lie where it fits: ${barred.words} (${barred.place})`);
  if (closest!.over === 0) return none(`no place holds it: it ${closest!.words} (${closest!.name})`);
  return none(`larger than every place: ${closest!.words} in ${closest!.name}, the closest`);
}

/**
 * Why a supply has no planned place: too large for all, all that would hold it are full, or only their room to grow is left.
 * @param count how many have none @param few whether it is looked for the last of these
 */
function whyWithout(scene: Scene, supply: Supply, count: number, few: boolean): string {
  const { words, places } = wantingOf(scene, supply);
  if (words !== null) return words;
  const { plan } = scene;
  const contents = contentsOf(scene, 'planned');
  const lines = (c: Compartment) => contents.get(c.id)?.length ?? 0;
  const floor = (c: Compartment) => c.inside.width * c.inside.depth;
  const roomy = [...places].sort((a, b) => lines(a) - lines(b) || floor(b) - floor(a)).slice(0, TRIED);
  if (!few && lines(roomy[0]!) === 0) return NOT_YET;
  let onlyToGrow: Compartment | null = null;
  for (const c of few ? roomy : []) {
    const there = (contents.get(c.id) ?? []).map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation));
    const fixed = (scene.standing.planned.get(c.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
    if (!fitsInAll(c, there, supply, count, fixed)) continue;
    if (fitsTightly(c, there, supply, count, fixed, plan.meta.roomToGrow) !== null) return NOT_YET;
    onlyToGrow ??= c;
  }
  if (onlyToGrow)
    return `would fit into ${onlyToGrow.name}, but only into the room kept free to grow (${Math.round(plan.meta.roomToGrow * 100)} % of each place)`;
  const n = places.length;
  return `fits ${n === 1 ? 'one place' : `${n} places`}, but ${n === 1 ? 'it is' : 'they are'} full`;
}
