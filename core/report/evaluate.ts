/**
 * evaluate(plan) -> Report: the one place where figures are made. Screens, the worker, the command line, labels and
 * tests all show fields of this report.
 */
import { totalSeconds } from '../fetch/elements.ts';
import { ALONE, fetchElements } from '../fetch/fetch.ts';
import { countMoves } from './moves.ts';
import { packPlace } from './contents.ts';
import { fit, massEach, shortfall, volume } from '../fit/fit.ts';
import { containerPlace } from '../fit/containers.ts';
import { checkContainers } from './checkContainers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { checkStrain, strainOf } from './load/strain.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Placement, type Plan, type Supply } from '../model/plan.ts';
import { barredFrom, goesAway, mayLieIn } from '../cost/rules.ts';
import { orderOf } from '../cost/sorting.ts';
import { sparesPlaced } from '../cost/stock.ts';
import { pace } from '../reach/body.ts';
import { checkWishes } from './checkWishes.ts';
import { rolledAway } from '../room/areas.ts';
import { roomFindings } from './room/findings.ts';
import { checkNeeds } from './room/needs.ts';
import { checkRelations, relationsOf } from './room/relations.ts';
import { modesOf, settledUnits } from '../room/standing.ts';
import { setupsOf } from './setup.ts';
import { cutListOf } from './cutting.ts';
import { checkKits } from './kits.ts';
import { shoppingOf } from './shopping.ts';
import { closingError, floorArea, stripSpan, wallsOf } from '../room/walls.ts';
import { contentsOf, fetchesAWeek, openingOf, sceneOf, type Scene } from '../scene/scene.ts';
import type {
  CompartmentReport,
  ContainerReport,
  Fill,
  PlacementReport,
  ReachReport,
  Report,
  Step,
  SupplyReport,
  UnitReport,
} from './report.ts';
import { noStation, noSuchPlace, walledIn, overFull, placementFindings, tooManyPlaced } from './findings.ts';

import { spokenOf, weekOf, worstOf } from './week.ts';

export * from './report.ts';

const ARRANGEMENTS: readonly Arrangement[] = ['today', 'planned'];

/** Everything there is to say about a plan. Deterministic; never throws for a plan that passed its schema and references. */
export function evaluate(plan: Plan): Report {
  return evaluator()(plan);
}

type Packed = ReturnType<typeof packPlace>;

/** What can be used again as long as only placements change. */
interface Kept {
  ways: Scene['ways'];
  /** Findings about room, activities, kits and containers. */
  findings: readonly Finding[];
  setups: ReturnType<typeof setupsOf>;
  /** From every seat, by compartment. */
  reach: Map<string, Record<string, ReachReport>>;
  /** What was packed, by arrangement and compartment, with the rows that lie there. */
  packed: Map<string, { list: readonly Placement[]; spares: readonly number[]; packed: Packed }>;
  /** Why a supply has no place; the same as long as the places are. */
  without: Map<string, string>;
}

/**
 * Evaluates one plan after another and works out only what a change touches: when a thing is moved, the two places
 * between which it moves, and the sums. The figures are those of a full evaluation, to the last digit.
 */
export function evaluator(): (plan: Plan) => Report {
  let kept: Kept | null = null;
  return (plan) => {
    const scene = sceneOf(plan);
    if (kept?.ways !== scene.ways)
      kept = {
        ways: scene.ways,
        findings: [
          ...roomFindings(plan),
          ...checkNeeds(plan),
          ...checkRelations(plan),
          ...checkKits(plan, scene),
          ...checkContainers(plan, scene),
        ],
        setups: setupsOf(scene),
        reach: new Map(scene.compartments.map((c) => [c.id, reachOf(scene, c)])),
        packed: new Map(),
        without: new Map(),
      };
    return reportOf(plan, scene, kept);
  };
}

function packedOf(
  scene: Scene,
  kept: Kept,
  c: Compartment,
  list: readonly Placement[],
  arrangement: Arrangement,
  spares: ReadonlyMap<string, number>,
): Packed {
  const key = `${arrangement} ${c.id}`;
  const before = kept.packed.get(key);
  const own = list.map((p) => spares.get(p.supply) ?? 0);
  if (
    before &&
    before.list.length === list.length &&
    before.list.every((p, i) => p === list[i] && own[i] === before.spares[i])
  )
    return before.packed;
  const packed = packPlace(scene, c, list, arrangement, spares);
  kept.packed.set(key, { list, spares: own, packed });
  return packed;
}

function reportOf(plan: Plan, scene: Scene, kept: Kept): Report {
  const findings: Finding[] = [...kept.findings];
  const { setups } = kept;
  const placements: Record<string, PlacementReport> = {};
  const fills = new Map<string, Record<Arrangement, Fill>>();
  const contents = new Map<string, Record<Arrangement, string[]>>();
  for (const arrangement of ARRANGEMENTS) {
    const lists = contentsOf(scene, arrangement);
    const spares = sparesPlaced(plan, arrangement);
    for (const key of scene.standing[arrangement].keys()) if (!lists.has(key)) lists.set(key, []);
    for (const [key, list] of lists) {
      const compartment = scene.compartment.get(key);
      if (!compartment) {
        for (const p of list) findings.push(noSuchPlace(plan, p));
        continue;
      }
      const packed = packedOf(scene, kept, compartment, list, arrangement, spares);
      for (const report of packed.placements) placements[report.id] = report;
      fills.set(key, { ...(fills.get(key) ?? emptyFill()), [arrangement]: packed.fill });
      contents.set(key, { ...(contents.get(key) ?? { today: [], planned: [] }), [arrangement]: list.map((p) => p.id) });
    }
  }
  const supplies = supplyReports(scene, placements, findings, kept);
  for (const p of Object.values(placements)) findings.push(...placementFindings(plan, p));
  for (const c of scene.compartments) {
    const fill = fills.get(c.id)?.today;
    if (fill && fill.share > 1 + 1e-9) findings.push(overFull(c, fill));
  }
  if (scene.stations.length === 0 && Object.keys(plan.uses).length > 0) findings.push(noStation(plan));
  findings.push(...walledIn(scene));
  const minutes = minutesByPlace(placements);
  const compartments = scene.compartments.map((c) =>
    compartmentReport(scene, c, kept.reach.get(c.id)!, fills.get(c.id), contents.get(c.id), minutes),
  );
  const all = Object.values(placements);
  const strain = { today: strainOf(scene, all, 'today'), planned: strainOf(scene, all, 'planned') };
  const spoken = spokenOf(plan);
  findings.push(
    ...checkWishes(
      scene,
      all.filter((p) => p.arrangement === spoken),
    ),
    ...checkStrain(scene, strain[spoken]),
  );
  const walls = wallsOf(plan);
  const units: Record<string, UnitReport> = {};
  for (const unit of byName(settledUnits(plan))) {
    const own = compartments.filter((c) => c.unit === unit.id && c.container === null);
    units[unit.id] = {
      id: unit.id,
      litres: own.reduce((sum, c) => sum + (c.inside.width * c.inside.depth * c.inside.height) / 1e6, 0),
      mass: compartments.filter((c) => c.unit === unit.id).reduce((sum, c) => sum + c.fill.planned.mass, 0),
      minutes: {
        today: own.reduce((sum, c) => sum + c.minutes.today, 0),
        planned: own.reduce((sum, c) => sum + c.minutes.planned, 0),
      },
      span: unit.elsewhere === null ? stripSpan(unit, walls) : null,
    };
  }
  return {
    plan: plan.meta.id,
    room: {
      name: plan.meta.room,
      area: floorArea(plan),
      ceiling: plan.meta.ceiling,
      closingError: closingError(plan),
      walls,
    },
    units,
    compartments,
    placements,
    supplies,
    containers: containerReports(scene),
    week: {
      today: weekOf(scene, all, supplies, 'today', setups),
      planned: weekOf(scene, all, supplies, 'planned', setups),
    },
    order: {
      today: orderOf(scene, rowsOf(plan, 'today')),
      planned: orderOf(scene, rowsOf(plan, 'planned')),
    },
    worst: {
      today: worstOf(scene, all, strain.today, 'today'),
      planned: worstOf(scene, all, strain.planned, 'planned'),
    },
    strain,
    moves: countMoves(plan),
    modes: modesOf(plan).map((mode) => ({
      mode,
      rolls: rolledAway(plan, mode).map(({ unit, by }) => ({ unit: unit.id, by })),
    })),
    relations: relationsOf(plan),
    setups,
    shopping: shoppingOf(plan),
    cuts: cutListOf(plan, { compartments, placements }),
    findings,
    errors: findings.filter((f) => f.severity === 'error').length,
    cautions: findings.filter((f) => f.severity === 'caution').length,
    open: openWork(plan, findings, supplies),
  };
}

const rowsOf = (plan: Plan, arrangement: Arrangement) =>
  Object.values(plan.placements).filter((p) => p.arrangement === arrangement);

/** Things that a person would still have to see to, step by step. */
function openWork(
  plan: Plan,
  findings: readonly Finding[],
  supplies: Record<string, SupplyReport>,
): Record<Step, number> {
  const wrong = (tables: readonly string[]) =>
    findings.filter((f) => f.severity === 'error' && tables.includes(f.targets[0]?.table ?? '')).length;
  const rows = Object.values(supplies);
  return {
    measure:
      (Object.keys(plan.corners).length < 3 ? 1 : 0) + wrong(['corners', 'openings', 'fixtures', 'overheads', 'areas']),
    activities: Object.values(plan.activities).filter((a) => a.station === null).length,
    sort: Object.values(plan.supplies).filter((s) => s.form === 'sheets' && s.grammage === null && s.mass === null)
      .length,
    furnish:
      wrong(['units', 'stations']) +
      (Object.keys(plan.units).length > 0 && Object.keys(plan.stations).length === 0 ? 1 : 0),
    place: rows.filter((s) => s.without.planned > 0).length,
    move: spokenOf(plan) === 'planned' ? countMoves(plan) : 0,
    label: 0,
    find: 0,
    keep: rows.filter((s) => s.reorder && plan.supplies[s.id]!.decision !== 'give away').length,
  };
}

const emptyFill = (): Record<Arrangement, Fill> => ({
  today: { share: 0, state: 'free', mass: 0 },
  planned: { share: 0, state: 'free', mass: 0 },
});

function supplyReports(
  scene: Scene,
  placements: Record<string, PlacementReport>,
  findings: Finding[],
  kept: Kept,
): Record<string, SupplyReport> {
  const { plan } = scene;
  // Today a thing lies where it lies, however crowded; in a plan only what fits has a place.
  const placed = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'staged') continue;
    const has = p.arrangement === 'today' ? p.count : (placements[p.id]?.fits ?? 0);
    placed[p.arrangement].set(p.supply, (placed[p.arrangement].get(p.supply) ?? 0) + has);
  }
  const asked = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(plan.placements))
    if (p.arrangement !== 'staged')
      asked[p.arrangement].set(p.supply, (asked[p.arrangement].get(p.supply) ?? 0) + p.count);
  const anythingPlanned = placed.planned.size > 0;
  const keptReason = (supply: Supply): string => {
    const reason = kept.without.get(supply.id) ?? whyWithout(scene, supply);
    kept.without.set(supply.id, reason);
    return reason;
  };
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
    const each = massEach(supply);
    reports[supply.id] = {
      id: supply.id,
      massEach: each,
      massTotal: each === null ? null : each * supply.count,
      litres: volume(supply, supply.count),
      fetchesPerWeek: fetchesAWeek(scene, supply.id),
      reorder: supply.reorderAt !== null && supply.count <= supply.reorderAt,
      without,
      reason: without.planned === 0 ? null : anythingPlanned ? keptReason(supply) : 'not placed yet',
    };
  }
  return reports;
}

/** Why a supply has no planned place: too large for all, or all that would hold it are full. */
function whyWithout(scene: Scene, supply: Supply): string {
  let fitting = 0;
  let barred: { words: string; place: string } | null = null;
  let closest: { name: string; words: string; over: number } | null = null;
  const places = scene.compartments.filter((c) => c.only !== 'today' && mayLieIn(scene.plan, supply, c));
  for (const compartment of places) {
    const rule = barredFrom(scene, supply, compartment);
    if (fit(supply, 1, compartment).count > 0) {
      if (rule) barred ??= { words: rule.words, place: compartment.name };
      else fitting++;
    } else {
      const { over, words } = shortfall(supply, compartment, null, scene.plan.meta.units);
      if (!closest || over < closest.over) closest = { name: compartment.name, words, over };
    }
  }
  if (places.length === 0) return 'there is no storage unit for it yet';
  if (fitting === 0 && barred) return `it may not lie where it fits: ${barred.words} (${barred.place})`;
  if (fitting > 0)
    return `fits ${fitting === 1 ? 'one place' : `${fitting} places`}, but ${fitting === 1 ? 'it is' : 'they are'} full`;
  return `larger than every place: ${closest!.words} in ${closest!.name}, the closest`;
}

/** Minutes a week of each compartment, with those of the containers in it. */
function minutesByPlace(
  placements: Readonly<Record<string, PlacementReport>>,
): Record<Arrangement, Map<string, number>> {
  const minutes = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(placements)) {
    const opening = openingOf(p.compartment);
    for (const id of opening === p.compartment ? [opening] : [opening, p.compartment])
      minutes[p.arrangement].set(id, (minutes[p.arrangement].get(id) ?? 0) + p.minutesPerWeek);
  }
  return minutes;
}

/** How a compartment is reached from every seat. */
function reachOf(scene: Scene, c: Compartment): Record<string, ReachReport> {
  const reach: Record<string, ReachReport> = {};
  for (const { key, station, person } of scene.seats.values()) {
    // With a cart beside it a seat counts for what is done there, not as a seat of its own.
    if (key.includes('+')) continue;
    const way = scene.ways.get(key)!.get(c.id)!;
    reach[key] = {
      ripple: way.ripple,
      band: way.band,
      walk: way.walk,
      path: way.walk === 0 ? null : (scene.walks.get(station.id)!.get(c.id)!.path?.points ?? null),
      paces: Math.round(way.walk / pace(person.stature, scene.constants)),
      seconds: totalSeconds(fetchElements(way, ALONE)),
      sight: scene.sights.get(key)!.get(c.id)!,
      lean: way.lean,
      beyond: way.beyond,
    };
  }
  return reach;
}

function compartmentReport(
  scene: Scene,
  c: Compartment,
  reach: Record<string, ReachReport>,
  fill: Record<Arrangement, Fill> | undefined,
  contents: Record<Arrangement, string[]> | undefined,
  minutes: Record<Arrangement, ReadonlyMap<string, number>>,
): CompartmentReport {
  const { id, unit, slot, name, short, access, inside, front, access3, container, within, only } = c;
  const holds = (a: Arrangement) => (scene.standing[a].get(c.id) ?? []).map((s) => s.container);
  return {
    id,
    unit,
    slot,
    name,
    short,
    access,
    inside,
    front,
    access3,
    reach,
    fill: fill ?? emptyFill(),
    minutes: { today: minutes.today.get(c.id) ?? 0, planned: minutes.planned.get(c.id) ?? 0 },
    contents: contents ?? { today: [], planned: [] },
    container,
    within,
    only,
    holds: { today: holds('today'), planned: holds('planned') },
  };
}

function containerReports(scene: Scene): Record<string, ContainerReport> {
  const result: Record<string, ContainerReport> = {};
  for (const arrangement of ARRANGEMENTS)
    for (const [within, list] of scene.standing[arrangement])
      for (const { container, rect, turned, reason } of list) {
        const place = containerPlace(scene.plan.containers[container]!);
        result[container] = {
          id: container,
          place: scene.compartment.has(place) ? place : null,
          within,
          rect,
          turned,
          reason,
        };
      }
  return result;
}
