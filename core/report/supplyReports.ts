/** What the Report says of each supply: mass, litres, fetches, how many have no place and why. */
import { onceFor, type Again } from '../model/memo.ts';
import { lying, massEach, oneIn, volume } from '../fit/fit.ts';
import { usedByAFetch } from '../fit/usedUp.ts';
import { fitsBeside, fitsTightly } from '../fit/tighten.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Placement, type Supply } from '../model/plan.ts';
import { barredFrom, goesAway, mayLieIn } from '../cost/rules.ts';
import { contentsOf, fetchesAWeek, type Scene } from '../scene/scene.ts';
import { ARRANGEMENTS, type PlacementReport, type SupplyReport } from './report.ts';
import { tooManyPlaced } from '../checks/placementFindings.ts';

/**
 * @param findings those that there are to say are added
 * @param again what was said of each supply in the same places is said again where it still holds
 */
export function supplyReports(
  scene: Scene,
  placements: Record<string, PlacementReport>,
  findings: Finding[],
  again: Again,
): Record<string, SupplyReport> {
  const { plan } = scene;
  // Today a thing lies where it lies, however crowded; in a plan only what fits has a place.
  const placed = { today: new Map<string, number>(), planned: new Map<string, number>() };
  const [working, spares] = [0, 1].map(() => ({
    today: new Map<string, number>(),
    planned: new Map<string, number>(),
  }));
  const asked = { today: new Map<string, number>(), planned: new Map<string, number>() };
  const add = (sums: Map<string, number>, id: string, count: number) => sums.set(id, (sums.get(id) ?? 0) + count);
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'staged') continue;
    const lies = p.arrangement === 'today' ? p.count : (placements[p.id]?.fits ?? 0);
    add(placed[p.arrangement], p.supply, lies);
    if (p.spare) add(spares![p.arrangement], p.supply, p.count);
    else add(working![p.arrangement], p.supply, lies);
    add(asked[p.arrangement], p.supply, p.count);
  }
  const anythingPlanned = placed.planned.size > 0;
  const reports: Record<string, SupplyReport> = {};
  const lacking = (supply: Supply) =>
    goesAway(plan, supply) ? 0 : Math.max(0, supply.count - (placed.planned.get(supply.id) ?? 0));
  let known: Planned | null = null;
  const planned = () => (known ??= plannedIn(scene));
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
    const missing = (arrangement: Arrangement) => {
      const all = supply.count - (spares![arrangement].get(supply.id) ?? 0);
      if (without[arrangement] === 0 || all <= 0) return 0;
      return Math.max(0, 1 - (working![arrangement].get(supply.id) ?? 0) / all);
    };
    const missed = { today: missing('today'), planned: missing('planned') };
    reports[supply.id] = reportOf(scene, supply, without, missed, anythingPlanned, few, planned, again);
  }
  return reports;
}

function reportOf(
  scene: Scene,
  supply: Supply,
  without: SupplyReport['without'],
  missing: SupplyReport['missing'],
  anythingPlanned: boolean,
  few: boolean,
  planned: () => Planned,
  again: Again,
): SupplyReport {
  const reason =
    without.planned === 0
      ? null
      : anythingPlanned
        ? whyWithout(scene, supply, without.planned, few, planned, again)
        : NOT_YET;
  const made = [supply, without.today, without.planned, missing.today, missing.planned, reason];
  const each = massEach(supply);
  return again(`supply ${supply.id}`, made, () => ({
    id: supply.id,
    massEach: each,
    massTotal: each === null ? null : each * supply.count,
    litres: volume(supply, supply.count),
    fetchesPerWeek: fetchesAWeek(scene, supply.id),
    usedPerWeek: fetchesAWeek(scene, supply.id) * usedByAFetch(supply),
    reorder: supply.reorderAt !== null && supply.count <= supply.reorderAt,
    missing,
    without,
    reason,
  }));
}

const NOT_YET = 'not placed yet';

/** With at most this many lines that have no place, all places are looked at; with more, which would take long, the emptiest of them for each. */
const FEW = 30;
const TRIED = 4;

/** What is planned in the places, and all places: those with the fewest lines first, of these the largest. */
interface Planned {
  contents: ReadonlyMap<string, readonly Placement[]>;
  emptiest: readonly Compartment[];
}

function plannedIn(scene: Scene): Planned {
  const contents = contentsOf(scene, 'planned');
  const emptiest = scene.compartments
    .map((c) => ({ c, lines: contents.get(c.id)?.length ?? 0, floor: c.inside.width * c.inside.depth }))
    .sort((a, b) => a.lines - b.lines || b.floor - a.floor)
    .map(({ c }) => c);
  return { contents, emptiest };
}

interface Wanting {
  /** Why no place takes it, in words; null where some would. */
  words: string | null;
  /** Ids of places that would take one and may. */
  places: ReadonlySet<string>;
}

/** What the places themselves say of a supply, whatever lies in them. */
function wantingIn(scene: Scene, supply: Supply): Wanting {
  const fitting: string[] = [];
  let barred: { words: string; place: string } | null = null;
  let closest: { name: string; words: string; over: number } | null = null;
  const places = scene.compartments.filter((c) => c.only !== 'today' && mayLieIn(scene.plan, supply, c));
  for (const compartment of places) {
    const { fits, over, words } = oneIn(supply, compartment, scene.plan.meta.units);
    if (fits) {
      const rule = barredFrom(scene, supply, compartment);
      if (rule) barred ??= { words: rule.words, place: compartment.name };
      else fitting.push(compartment.id);
    } else if (!closest || over < closest.over) closest = { name: compartment.name, words, over };
  }
  const none = (words: string): Wanting => ({ words, places: new Set() });
  if (places.length === 0) return none('there is no storage unit for it yet');
  if (fitting.length > 0) return { words: null, places: new Set(fitting) };
  if (barred) return none(`it may not lie where it fits: ${barred.words} (${barred.place})`);
  if (closest!.over === 0) return none(`no place holds it: it ${closest!.words} (${closest!.name})`);
  return none(`larger than every place: ${closest!.words} in ${closest!.name}, the closest`);
}

/** What an exact layout of the places says of a number more of a supply. */
interface Room {
  /** A place that takes all of them with the room to grow kept free. */
  yes: string | null;
  /** One that takes them only into its room to grow. */
  grow: string | null;
  /** The place that takes most of them beside what lies there. */
  most: { name: string; fits: number } | null;
}

/** Whether a number fit beside what lies in some places, as the Report lays them out. */
const roomIn = onceFor(
  madeOfRoom,
  (
    scene: Scene,
    supply: Supply,
    count: number,
    places: readonly Compartment[],
    contents: Planned['contents'],
  ): Room => {
    const { plan } = scene;
    const grow = plan.meta.roomToGrow;
    const lists = places.map((c) => contents.get(c.id) ?? []);
    const answer: Room = { yes: null, grow: null, most: null };
    for (const [i, c] of places.entries()) {
      const items = lists[i]!.map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation));
      const fixed = (scene.standing.planned.get(c.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
      const fits = fitsBeside(c, items, supply, count, fixed);
      if (fits > (answer.most?.fits ?? 0)) answer.most = { name: c.name, fits };
      if (fits < count) continue;
      if (fitsTightly(c, items, supply, count, fixed, grow) !== null) {
        answer.yes = c.name;
        break;
      }
      answer.grow ??= c.name;
    }
    return answer;
  },
);

/** As long as the same lies in each place, the answer is the same. */
function madeOfRoom(
  { plan }: Scene,
  supply: Supply,
  count: number,
  places: readonly Compartment[],
  contents: Planned['contents'],
): [object, ...unknown[]] {
  const there = places.flatMap((c) => [c, ...(contents.get(c.id) ?? []).flatMap((p) => [p, plan.supplies[p.supply]])]);
  return [supply, count, plan.meta.roomToGrow, ...there];
}

/**
 * Why a supply has no planned place: too large for all, all that would hold it are full, or only their room to grow is left.
 * @param count how many have none @param few whether it is looked for the last of these @param planned what lies where
 */
function whyWithout(
  scene: Scene,
  supply: Supply,
  count: number,
  few: boolean,
  planned: () => Planned,
  again: Again,
): string {
  const { words, places } = again(`wanting ${supply.id}`, [supply], () => wantingIn(scene, supply));
  if (words !== null) return words;
  const { plan } = scene;
  const { contents, emptiest } = planned();
  const looked = emptiest.filter((c) => places.has(c.id)).slice(0, few ? Infinity : TRIED);
  const room = roomIn(scene, supply, count, looked, contents);
  if (room.yes) return NOT_YET;
  if (room.grow)
    return `would fit into ${room.grow}, but only into the room kept free to grow (${Math.round(plan.meta.roomToGrow * 100)} % of each place)`;
  if (room.most)
    return `at most ${room.most.fits} of ${count} fit into one place beside what lies there (${room.most.name})`;
  const n = places.size;
  if (looked.length < n) return `none of the ${looked.length} emptiest of the ${n} places that take it has room for it`;
  return n === 1
    ? 'one place takes it, and there is no room beside what lies there'
    : `${n} places take it, and in none there is room beside what lies there`;
}
