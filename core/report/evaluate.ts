/**
 * evaluate(plan) -> Report: the one place where figures are made. Screens, the worker, the command line, labels and
 * tests all show fields of this report.
 */
import { groupBy } from '../model/groups.ts';
import { remembering, sameList, type Again } from '../model/memo.ts';
import { countMoves } from './countMoves.ts';
import { layPlace, packPlace } from './contents.ts';
import { shared } from './shared.ts';
import { FIGURES, sameFor } from '../model/reads.ts';
import { checkContainers } from '../checks/containersFit.ts';
import { litresIn, type Compartment } from '../furniture/compartments.ts';
import { checkStrain, strainOf } from '../checks/strain.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Placement, type Plan } from '../model/plan.ts';
import { orderOf } from '../cost/sortingCost.ts';
import { sparesPlaced } from '../cost/stock.ts';
import { checkWishes } from '../checks/peopleWishes.ts';
import { rolledAway } from '../room/areas.ts';
import { roomFindings } from '../checks/roomFindings.ts';
import { checkNeeds } from '../checks/workNeeds.ts';
import { checkRelations, relationsOf } from '../checks/relations.ts';
import { modesOf, settledUnits } from '../room/standing.ts';
import { setupsOf } from './setupTime.ts';
import { checkDangers } from '../checks/dangers.ts';
import { cutsIn, stockFor } from './cutting.ts';
import { checkKits } from '../checks/kitsFit.ts';
import { shoppingOf } from './shopping.ts';
import { closingError, floorArea, stripSpan, wallsOf } from '../room/walls.ts';
import { contentsOf, sceneOf, type Scene } from '../scene/scene.ts';
import {
  ARRANGEMENTS,
  type PlacementReport,
  type ReachReport,
  type Report,
  type SupplyReport,
  type UnitReport,
} from './report.ts';
import {
  keptNowhere,
  noStation,
  noSuchPlace,
  overFull,
  placementFindings,
  tooManyOdds,
  walledIn,
} from '../checks/placementFindings.ts';

import { comparedWeeks } from './todayVsPlan.ts';
import { withAccepted } from './prioritise.ts';
import { reportedArrangement, weekOf, worstOf } from './week.ts';
import { guessesOf } from '../model/guessed.ts';
import { openWork } from './openWork.ts';
import { supplyReports } from './supplyReports.ts';
import { unsortedLooks, linesOf } from '../zones/searchTime.ts';
import { homesOf } from '../zones/homes.ts';
import { homeWishes } from '../checks/homeWishes.ts';
import { homedIn, homeFindings, homeReports, zoneReports, zonesOfPlace, type Homed } from './zoneReports.ts';
import type { PlaceName } from './placeNames.ts';
import { minutesByPlace, reachOf, compartmentReport, containerReports } from './placeReports.ts';

export * from './report.ts';

/** Everything there is to say about a plan. Deterministic; never throws for a plan that passed its schema and references. */
export function evaluate(plan: Plan): Report {
  return evaluator()(plan);
}

/** What lies in a place in an arrangement, by its ids too. */
type Packed = ReturnType<typeof packPlace> & { ids: string[] };

/** What can be used again as long as the scene is the same: only things have moved or changed. */
interface Kept {
  ways: Scene['approaches'];
  /** Findings about room, activities, kits and containers. */
  findings: readonly Finding[];
  setups: ReturnType<typeof setupsOf>;
  /** What zones and homes are made of, by which it is known that they changed. */
  of: readonly unknown[];
  /** From every seat, by compartment. */
  reach: Map<string, Record<string, ReachReport>>;
  containers: Report['containers'];
  relations: Report['relations'];
  /** Units on which nothing can be reached, for want of a way. */
  walledIn: readonly Finding[];
  /** What is said of what lies where. */
  again: Again;
}

/** The sums of an arrangement. */
type Figures = { [K in 'week' | 'order' | 'worst' | 'strain']: Report[K][Arrangement] } & { homed: Homed };

/**
 * Evaluates one plan after another and works out only what a change touches: when a thing is moved or changed, the places
 * where it lies, and the sums; when furniture is moved, ways and sights, but not how things lie; when a note or the size of a
 * label is changed, nothing. The figures are those of a full evaluation, to the last digit. Parts of the Report that did not
 * change are the same objects as before.
 */
export function evaluator(): (plan: Plan) => Report {
  let kept: Kept | null = null;
  // How things lie is the same wherever the furniture stands.
  const laid = remembering();
  let before: { plan: Plan; report: Report } | null = null;
  return (plan) => {
    if (before && sameFor(FIGURES, before.plan, plan)) {
      before = { plan, report: before.report };
      return before.report;
    }
    const scene = sceneOf(plan);
    const sameScene = kept?.ways === scene.approaches;
    if (kept === null || !sameScene)
      kept = {
        ways: scene.approaches,
        // Those about the room come first: a quick check at it changes them alone (replica.ts).
        findings: [
          ...roomFindings(plan),
          ...checkNeeds(plan),
          ...checkRelations(plan),
          ...checkKits(plan, scene),
          ...checkContainers(plan, scene),
          ...keptNowhere(plan, scene),
        ],
        setups: setupsOf(scene),
        reach: new Map(scene.compartments.map((c) => [c.id, reachOf(scene, c)])),
        containers: containerReports(scene),
        relations: relationsOf(plan),
        walledIn: walledIn(scene),
        of: [],
        again: remembering(),
      };
    const of = [plan.zones, plan.homes, plan.allotments, plan.aparts];
    if (!sameList(kept.of, of)) kept = { ...kept, again: remembering(), of };
    const fresh = reportOf(plan, scene, kept, laid);
    const report = before && sameScene ? sharedWithin(before.report, fresh) : shared(before?.report, fresh);
    before = { plan, report };
    return report;
  };
}

/** Parts that are made of what was kept, or made again because they are not the same: one look at their items is enough. */
const OF_KEPT: ReadonlyArray<keyof Report> = [
  ...(['compartments', 'placements', 'supplies', 'containers'] as const),
  ...(['findings', 'cuts', 'week', 'order', 'worst', 'strain'] as const),
];

/** The Report of a plan in the same scene, with the objects of before where they say the same. */
function sharedWithin(before: Report, fresh: Report): Report {
  const made: Record<string, unknown> = { ...fresh };
  for (const key of OF_KEPT) {
    const [was, is] = [before[key] as object, fresh[key] as object];
    if (sameList(Object.values(was), Object.values(is))) made[key] = was;
  }
  const rest = Object.keys(fresh).filter((key) => !(OF_KEPT as readonly string[]).includes(key));
  const pick = (report: Report) => Object.fromEntries(rest.map((key) => [key, report[key as keyof Report]]));
  return { ...made, ...shared(pick(before), pick(fresh)) } as unknown as Report;
}

function packedOf(
  scene: Scene,
  kept: Kept,
  laid: Again,
  c: Compartment,
  list: readonly Placement[],
  arrangement: Arrangement,
  spares: ReadonlyMap<string, number>,
): Packed {
  const { plan } = scene;
  const of: unknown[] = [];
  const homes = homesOf(scene);
  for (const p of list) {
    const own = homes.of.get(p.supply)!;
    const home = (p.spare ? homes.sparesOf.get(p.supply) : undefined) ?? own;
    const heap = own.row?.unsorted ? unsortedLooks(scene, p.supply) : null;
    of.push(p, plan.supplies[p.supply], spares.get(p.supply) ?? 0, own.zone, home.id, linesOf(scene, home), heap);
  }
  const key = `${arrangement} ${c.id}`;
  return kept.again(`packed ${key}`, of, () => {
    const rows = list.flatMap((p) => [p, plan.supplies[p.supply]]);
    const { width, depth, height } = c.inside;
    const standing = scene.standing[arrangement].get(c.id) ?? [];
    const boxes = standing.map((x) => plan.containers[x.container]);
    const lies = [...rows, ...boxes, width, depth, height, c.access, plan.meta.roomToGrow, JSON.stringify(standing)];
    const lying = laid(key, lies, () => layPlace(scene, c, list, arrangement));
    return { ...packPlace(scene, c, list, arrangement, spares, lying), ids: list.map((p) => p.id) };
  });
}

function reportOf(plan: Plan, scene: Scene, kept: Kept, laid: Again): Report {
  const findings: Finding[] = [...kept.findings];
  const { setups } = kept;
  const reports = new Map<string, PlacementReport>();
  const packs = new Map<string, Partial<Record<Arrangement, Packed>>>();
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
      if (arrangement === 'planned') findings.push(...tooManyOdds(plan, compartment, list));
      const packed = packedOf(scene, kept, laid, compartment, list, arrangement, spares);
      for (const report of packed.placements) reports.set(report.id, report);
      const pack = packs.get(key) ?? {};
      pack[arrangement] = packed;
      packs.set(key, pack);
    }
  }
  // In the order of the plan's rows, which a move does not change.
  const placements: Record<string, PlacementReport> = {};
  for (const id in plan.placements) {
    const report = reports.get(id);
    if (report) placements[id] = report;
  }
  const supplies = supplyReports(scene, placements, findings, kept.again);
  const all = [...reports.values()];
  for (const p of all) findings.push(...kept.again(`fit ${p.id}`, [p], () => placementFindings(plan, p)));
  for (const c of scene.compartments) {
    const fill = packs.get(c.id)?.today?.fill;
    if (fill && fill.share > 1 + 1e-9) findings.push(kept.again(`over ${c.id}`, [fill.share], () => overFull(c, fill)));
  }
  if (scene.stations.length === 0 && Object.keys(plan.uses).length > 0) findings.push(noStation(plan));
  findings.push(...kept.walledIn);
  const minutes = minutesByPlace(all);
  const list = Object.values(supplies);
  const of = {
    today: figuresOf(scene, kept, all, supplies, list, 'today'),
    planned: figuresOf(scene, kept, all, supplies, list, 'planned'),
  };
  const homed = { today: of.today.homed, planned: of.planned.homed };
  const compartments = scene.compartments.map((c) => {
    const { today, planned } = packs.get(c.id) ?? {};
    const mine = { today: minutes.today.get(c.id) ?? 0, planned: minutes.planned.get(c.id) ?? 0 };
    const named = { today: homed.today.places.get(c.id), planned: homed.planned.places.get(c.id) };
    const said = (n: PlaceName | undefined) => (n ? `${n.canBeNamed} ${n.name} ${n.homes.join(' ')}` : '');
    const zones = zonesOfPlace(scene, c, named.planned?.homes ?? []).join(' ');
    const made = [today, planned, mine.today, mine.planned, said(named.today), said(named.planned), zones];
    return kept.again(`place ${c.id}`, made, () =>
      compartmentReport(scene, c, kept.reach.get(c.id)!, { today, planned }, mine, named),
    );
  });
  const reported = reportedArrangement(plan);
  for (const p of all)
    if (p.arrangement === reported) findings.push(...kept.again(`wishes ${p.id}`, [p], () => checkWishes(scene, p)));
  for (const c of scene.compartments) {
    const pack = packs.get(c.id)?.[reported];
    if (pack && pack.placements.length > 0)
      findings.push(...kept.again(`dangers ${c.id}`, [pack], () => checkDangers(scene, c, pack.placements)));
  }
  const { homed: said, strain } = of[reported];
  findings.push(
    ...kept.again('homes', [said], () =>
      homeFindings(
        scene,
        said.names,
        Object.values(plan.placements).filter((p) => p.arrangement === reported),
      ),
    ),
  );
  const judged = all.filter((p) => p.arrangement === reported);
  findings.push(...homeWishes(scene, judged));
  findings.push(...kept.again('strained', [strain], () => checkStrain(scene, strain)));
  const moves = countMoves(plan);
  const walls = wallsOf(plan);
  const units: Record<string, UnitReport> = {};
  const places = groupBy(compartments, (c) => c.unit);
  for (const unit of byName(settledUnits(plan))) {
    const within = places.get(unit.id) ?? [];
    const own = within.filter((c) => c.container === null);
    units[unit.id] = {
      id: unit.id,
      litres: litresIn(own.map((c) => scene.compartment.get(c.id)!)),
      mass: within.reduce((sum, c) => sum + c.fill.planned.mass, 0),
      minutes: {
        today: own.reduce((sum, c) => sum + c.minutes.today, 0),
        planned: own.reduce((sum, c) => sum + c.minutes.planned, 0),
      },
      span: unit.elsewhere === null ? stripSpan(unit, walls) : null,
    };
  }
  const cuts = compartments.flatMap((c) =>
    kept.again(`cuts ${c.id}`, [packs.get(c.id)?.planned], () => cutsIn(plan, c, placements)),
  );
  const listed = withAccepted(findings, plan.meta.accepted);
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
    containers: kept.containers,
    compared: comparedWeeks(scene, notedToday(plan), { today: of.today.week, planned: of.planned.week }),
    guesses: guessesOf(plan),
    week: { today: of.today.week, planned: of.planned.week },
    order: { today: of.today.order, planned: of.planned.order },
    zones: zoneReports(scene, homed),
    homes: homeReports(scene, homed, compartments),
    names: { today: homed.today.names, planned: { ...homed.planned.names, cost: plan.meta.namesCost } },
    flows: { today: homed.today.flows, planned: homed.planned.flows },
    worst: { today: of.today.worst, planned: of.planned.worst },
    strain: { today: of.today.strain, planned: of.planned.strain },
    moves,
    modes: modesOf(plan).map((mode) => ({
      mode,
      rolls: rolledAway(plan, mode).map(({ unit, by }) => ({ unit: unit.id, by })),
    })),
    relations: kept.relations,
    setups,
    shopping: shoppingOf(plan),
    cuts,
    stock: stockFor(cuts, scene.constants.stockLength, scene.constants.stockPrice),
    findings: listed,
    errors: findings.filter((f) => f.severity === 'error').length,
    cautions: listed.filter((f) => f.severity === 'caution' && !f.accepted).length,
    open: openWork(plan, findings, supplies, moves),
  };
}

/** How many of each supply are noted today. */
function notedToday(plan: Plan): Map<string, number> {
  const noted = new Map<string, number>();
  for (const p of Object.values(plan.placements))
    if (p.arrangement === 'today') noted.set(p.supply, (noted.get(p.supply) ?? 0) + p.count);
  return noted;
}

/** The sums of an arrangement: the same as last time when nothing that is in them has changed. */
function figuresOf(
  scene: Scene,
  kept: Kept,
  all: readonly PlacementReport[],
  supplies: Report['supplies'],
  list: readonly SupplyReport[],
  arrangement: Arrangement,
): Figures {
  const { plan } = scene;
  const own = all.filter((p) => p.arrangement === arrangement);
  const missing = list.flatMap((s) => [s.without[arrangement], s.missing[arrangement]]);
  const rows = Object.values(plan.placements).filter((p) => p.arrangement === arrangement);
  return kept.again(`figures ${arrangement}`, [plan.supplies, ...own, ...missing, ...rows], () => {
    const strain = strainOf(scene, own, arrangement);
    return {
      strain,
      week: weekOf(scene, own, supplies, arrangement, kept.setups),
      worst: worstOf(scene, own, strain, arrangement),
      order: orderOf(scene, rows),
      homed: homedIn(scene, rows, own),
    };
  });
}
