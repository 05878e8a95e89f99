/**
 * evaluate(plan) -> Report: the one place where figures are made. Screens, the worker, the command line, labels and
 * tests all show fields of this report.
 */
import { totalSeconds } from './fetch/elements.ts';
import { fetchElements } from './fetch/fetch.ts';
import { fit, lieWords, massEach, stripWidth, volume, type Fit } from './fit/fit.ts';
import { checkFurniture } from './furniture/cautions.ts';
import type { Compartment } from './furniture/compartments.ts';
import type { Finding } from './model/finding.ts';
import { byName, type Arrangement, type Placement, type Plan, type Supply } from './model/plan.ts';
import { HUNT_SECONDS, penaltiesOf, secondsFrom, type Crowd } from './place/cost.ts';
import { pace } from './reach/body.ts';
import { checkRoom } from './room/check.ts';
import { checkClearance } from './room/clearance.ts';
import { closingError, floorArea, stripSpan, wallsOf } from './room/walls.ts';
import { compartmentId, contentsOf, fetchesAWeek, sceneOf, usesOf, type Scene } from './scene.ts';
import type {
  CompartmentReport,
  Fill,
  FillState,
  PlacementReport,
  ReachReport,
  Report,
  Step,
  SupplyReport,
  UnitReport,
  UsedFrom,
  Week,
} from './report.ts';
import { noStation, noSuchPlace, walledIn, overFull, placementFindings, tooManyPlaced } from './reportFindings.ts';

export * from './report.ts';

const ARRANGEMENTS: readonly Arrangement[] = ['today', 'planned'];

/** Everything there is to say about a plan. Deterministic; never throws for a plan that passed its schema and references. */
export function evaluate(plan: Plan): Report {
  const scene = sceneOf(plan);
  const findings = [...checkRoom(plan), ...checkClearance(plan), ...checkFurniture(plan)];
  const placements: Record<string, PlacementReport> = {};
  const fills = new Map<string, Record<Arrangement, Fill>>();
  const contents = new Map<string, Record<Arrangement, string[]>>();
  for (const arrangement of ARRANGEMENTS) {
    for (const [key, list] of contentsOf(scene, arrangement)) {
      const compartment = scene.compartment.get(key);
      if (!compartment) {
        for (const p of list) findings.push(noSuchPlace(plan, p));
        continue;
      }
      const packed = pack(scene, compartment, list);
      for (const report of packed.placements) placements[report.id] = report;
      fills.set(key, { ...(fills.get(key) ?? emptyFill()), [arrangement]: packed.fill });
      contents.set(key, { ...(contents.get(key) ?? { today: [], planned: [] }), [arrangement]: list.map((p) => p.id) });
    }
  }
  const supplies = supplyReports(scene, placements, findings);
  for (const p of Object.values(placements)) findings.push(...placementFindings(plan, p));
  for (const c of scene.compartments) {
    const fill = fills.get(c.id)?.today;
    if (fill && fill.share > 1 + 1e-9) findings.push(overFull(c, fill));
  }
  if (scene.stations.length === 0 && Object.keys(plan.uses).length > 0) findings.push(noStation(plan));
  for (const station of scene.stations) {
    const said = new Set<string>();
    for (const c of scene.compartments) {
      const { reason } = scene.walks.get(station.id)!.get(c.id)!;
      if (!reason || said.has(c.unit) || scene.ways.get(station.id)!.get(c.id)!.ripple <= 3) continue;
      said.add(c.unit);
      findings.push(walledIn(plan, station.id, c.unit, reason));
    }
  }
  const compartments = scene.compartments.map((c) => compartmentReport(scene, c, fills.get(c.id), contents.get(c.id)));
  const walls = wallsOf(plan);
  const units: Record<string, UnitReport> = {};
  for (const unit of byName(plan.units)) {
    const own = compartments.filter((c) => c.unit === unit.id);
    units[unit.id] = {
      id: unit.id,
      litres: own.reduce((sum, c) => sum + (c.inside.width * c.inside.depth * c.inside.height) / 1e6, 0),
      mass: own.reduce((sum, c) => sum + c.fill.planned.mass, 0),
      span: stripSpan(unit, walls),
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
    week: {
      today: weekOf(scene, placements, supplies, 'today'),
      planned: weekOf(scene, placements, supplies, 'planned'),
    },
    moves: countMoves(plan),
    findings,
    errors: findings.filter((f) => f.severity === 'error').length,
    cautions: findings.filter((f) => f.severity === 'caution').length,
    open: openWork(plan, findings, supplies),
  };
}

/** Things that a person would still have to see to, step by step. */
function openWork(
  plan: Plan,
  findings: readonly Finding[],
  supplies: Record<string, SupplyReport>,
): Record<Step, number> {
  const wrong = (tables: readonly string[]) =>
    findings.filter((f) => f.severity === 'error' && tables.includes(f.target?.table ?? '')).length;
  const rows = Object.values(supplies);
  return {
    measure: (Object.keys(plan.corners).length < 3 ? 1 : 0) + wrong(['corners', 'openings', 'fixtures']),
    activities: Object.values(plan.activities).filter((a) => a.station === null).length,
    sort: Object.values(plan.supplies).filter((s) => s.form === 'sheets' && s.grammage === null && s.mass === null)
      .length,
    furnish:
      wrong(['units', 'stations']) +
      (Object.keys(plan.units).length > 0 && Object.keys(plan.stations).length === 0 ? 1 : 0),
    place: rows.filter((s) => s.without.planned > 0).length,
    label: 0,
    find: 0,
  };
}

const emptyFill = (): Record<Arrangement, Fill> => ({
  today: { share: 0, state: 'free', mass: 0 },
  planned: { share: 0, state: 'free', mass: 0 },
});

/** Lays the placements of a compartment side by side, in order, and says what each takes. */
function pack(
  scene: Scene,
  compartment: Compartment,
  list: readonly Placement[],
): { placements: PlacementReport[]; fill: Fill } {
  const { plan } = scene;
  const width = compartment.inside.width;
  let [left, mass] = [0, 0];
  const alone = list.map((p) =>
    fit(plan.supplies[p.supply]!, p.count, compartment, Infinity, p.orientation, plan.meta.units),
  );
  const wanted = alone.reduce((sum, f, i) => sum + (f.lie ? stripWidth(f.lie, list[i]!.count) : width), 0);
  const crowd = { lines: list.length, share: wanted / width };
  const reports = list.map((placement) => {
    const supply = plan.supplies[placement.supply]!;
    const fits = fit(supply, placement.count, compartment, width - left, placement.orientation, plan.meta.units);
    mass += (massEach(supply) ?? 0) * placement.count;
    const report = placementReport(scene, compartment, placement, supply, crowd, fits, left);
    left += fits.width;
    return report;
  });
  const { share } = crowd;
  const grow = 1 - plan.meta.roomToGrow;
  // What can never lie there is counted as if it took the whole width, and the place as over full.
  const over = share > 1 + 1e-9 || alone.some((f) => !f.possible);
  const state: FillState = list.length === 0 ? 'free' : over ? 'over' : share > grow + 1e-9 ? 'full' : 'comfortable';
  return { placements: reports, fill: { share, state, mass } };
}

function placementReport(
  scene: Scene,
  compartment: Compartment,
  placement: Placement,
  supply: Supply,
  crowd: Crowd,
  fitted: Fit,
  left: number,
): PlacementReport {
  const { arrangement } = placement;
  const { lie, count: fits, width, reason } = fitted;
  const share = placement.count / supply.count;
  const from: UsedFrom[] = [];
  const penalties: PlacementReport['penalties'] = [];
  let [seconds, fetches, penalty] = [0, 0, 0];
  for (const use of usesOf(scene, supply.id)) {
    const way = scene.ways.get(use.station)!.get(compartment.id)!;
    const one = secondsFrom(scene, supply, compartment, use.station, crowd, arrangement);
    from.push({
      activity: use.activity,
      station: use.station,
      fetches: use.fetches * share,
      ripple: way.ripple,
      band: way.band,
      seconds: one,
    });
    seconds += one * use.fetches * share;
    fetches += use.fetches * share;
    for (const p of penaltiesOf(supply, way)) {
      penalties.push({ ...p, station: use.station });
      penalty += p.seconds * use.fetches * share;
    }
  }
  from.sort((a, b) => b.fetches - a.fetches);
  const station = from[0]?.station ?? scene.stations[0]?.id;
  const way = station ? scene.ways.get(station)!.get(compartment.id)! : null;
  const idle = station ? secondsFrom(scene, supply, compartment, station, crowd, arrangement) : 0;
  return {
    id: placement.id,
    arrangement,
    supply: supply.id,
    compartment: compartment.id,
    place: compartment.name,
    count: placement.count,
    fits,
    lie,
    how: lie ? lieWords(supply, lie, fits) : 'does not fit',
    possible: fitted.possible,
    reason:
      fits >= placement.count ? null : (reason ?? `only ${fits} of ${placement.count} fit beside what lies there`),
    left,
    width,
    locked: placement.locked,
    from,
    ripple: way?.ripple ?? null,
    band: way?.band ?? null,
    fetchesPerWeek: fetches,
    secondsPerFetch: fetches > 0 ? seconds / fetches : idle,
    penalties,
    minutesPerWeek: seconds / 60,
    penaltyMinutes: penalty / 60,
  };
}

function supplyReports(
  scene: Scene,
  placements: Record<string, PlacementReport>,
  findings: Finding[],
): Record<string, SupplyReport> {
  const { plan } = scene;
  // Today a thing lies where it lies, however crowded; in a plan only what fits has a place.
  const placed = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(plan.placements)) {
    const has = p.arrangement === 'today' ? p.count : (placements[p.id]?.fits ?? 0);
    placed[p.arrangement].set(p.supply, (placed[p.arrangement].get(p.supply) ?? 0) + has);
  }
  const asked = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(plan.placements))
    asked[p.arrangement].set(p.supply, (asked[p.arrangement].get(p.supply) ?? 0) + p.count);
  const anythingPlanned = placed.planned.size > 0;
  const reports: Record<string, SupplyReport> = {};
  for (const supply of byName(plan.supplies)) {
    const without = {
      today: Math.max(0, supply.count - (placed.today.get(supply.id) ?? 0)),
      planned: Math.max(0, supply.count - (placed.planned.get(supply.id) ?? 0)),
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
      without,
      reason: without.planned === 0 ? null : anythingPlanned ? whyWithout(scene, supply) : 'not placed yet',
    };
  }
  return reports;
}

/** Why a supply has no planned place: too large for all, or all that would hold it are full. */
function whyWithout(scene: Scene, supply: Supply): string {
  let fitting = 0;
  let closest: { name: string; reason: string; over: number } | null = null;
  for (const compartment of scene.compartments) {
    const one = fit(supply, 1, compartment, compartment.inside.width, null, scene.plan.meta.units);
    if (one.count > 0) fitting++;
    else {
      const over = Number(/^[\d ]+/.exec(one.reason ?? '')?.[0]?.replace(/ /g, '') || 1e9);
      if (!closest || over < closest.over) closest = { name: compartment.name, reason: one.reason!, over };
    }
  }
  if (scene.compartments.length === 0) return 'there is no storage unit yet';
  if (fitting > 0)
    return `fits ${fitting === 1 ? 'one place' : `${fitting} places`}, but ${fitting === 1 ? 'it is' : 'they are'} full`;
  return `larger than every place: ${closest!.reason} in ${closest!.name}, the closest`;
}

function compartmentReport(
  scene: Scene,
  c: Compartment,
  fill: Record<Arrangement, Fill> | undefined,
  contents: Record<Arrangement, string[]> | undefined,
): CompartmentReport {
  const reach: Record<string, ReachReport> = {};
  for (const station of scene.stations) {
    const way = scene.ways.get(station.id)!.get(c.id)!;
    const elements = fetchElements(way, { lines: 1, known: true, alike: 1, loose: false, aside: 0 });
    reach[station.id] = {
      ripple: way.ripple,
      band: way.band,
      walk: way.walk,
      path: way.walk === 0 ? null : (scene.walks.get(station.id)!.get(c.id)!.path?.points ?? null),
      paces: Math.round(way.walk / pace(scene.plan.people[station.person]!.stature)),
      seconds: totalSeconds(elements),
    };
  }
  const { id, unit, slot, name, short, access, inside, front, access3 } = c;
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
    contents: contents ?? { today: [], planned: [] },
  };
}

function weekOf(
  scene: Scene,
  placements: Record<string, PlacementReport>,
  supplies: Record<string, SupplyReport>,
  arrangement: Arrangement,
): Week {
  let [fetching, penalties, placed] = [0, 0, 0];
  for (const p of Object.values(placements)) {
    if (p.arrangement !== arrangement) continue;
    fetching += p.minutesPerWeek;
    penalties += p.penaltyMinutes;
    placed++;
  }
  let [hunting, without] = [0, 0];
  for (const supply of Object.values(supplies)) {
    const missing = supply.without[arrangement];
    if (missing === 0) continue;
    without++;
    hunting += (supply.fetchesPerWeek * (missing / scene.plan.supplies[supply.id]!.count) * HUNT_SECONDS) / 60;
  }
  return { fetching, hunting, penalties, minutes: fetching + hunting + penalties, placed, without };
}

/** Supplies that lie elsewhere in the plan than today. */
function countMoves(plan: Plan): number {
  const where = { today: new Map<string, string[]>(), planned: new Map<string, string[]>() };
  for (const p of Object.values(plan.placements)) {
    const list = where[p.arrangement].get(p.supply) ?? [];
    list.push(`${compartmentId(p)}:${p.count}`);
    where[p.arrangement].set(p.supply, list);
  }
  let moves = 0;
  for (const [supply, places] of where.planned) {
    if (places.sort().join() !== (where.today.get(supply) ?? []).sort().join()) moves++;
  }
  return moves;
}
