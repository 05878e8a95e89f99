/**
 * evaluate(plan) -> Report: the one place where figures are made. Screens, the worker, the command line, labels and
 * tests all show fields of this report.
 */
import { countMoves } from './moves.ts';
import { layPlace, packPlace, type LaidPlace } from './contents.ts';
import { shared } from './shared.ts';
import { FIGURES, sameFor } from '../model/reads.ts';
import { checkContainers } from './checkContainers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { checkStrain, strainOf } from './load/strain.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Placement, type Plan } from '../model/plan.ts';
import { orderOf } from '../cost/sorting.ts';
import { sparesPlaced } from '../cost/stock.ts';
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
import { contentsOf, sceneOf, type Scene } from '../scene/scene.ts';
import {
  ARRANGEMENTS,
  type Fill,
  type PlacementReport,
  type ReachReport,
  type Report,
  type UnitReport,
} from './report.ts';
import { noStation, noSuchPlace, walledIn, overFull, placementFindings } from './findings.ts';

import { reportedArrangement, weekOf, worstOf } from './week.ts';
import { openWork } from './openWork.ts';
import { supplyReports } from './supplies.ts';
import { emptyFill, minutesByPlace, reachOf, compartmentReport, containerReports } from './places.ts';

export * from './report.ts';

/** Everything there is to say about a plan. Deterministic; never throws for a plan that passed its schema and references. */
export function evaluate(plan: Plan): Report {
  return evaluator()(plan);
}

type Packed = ReturnType<typeof packPlace>;

/** What can be used again as long as the scene is the same: only things have moved or changed. */
interface Kept {
  ways: Scene['approaches'];
  /** Findings about room, activities, kits and containers. */
  findings: readonly Finding[];
  setups: ReturnType<typeof setupsOf>;
  /** From every seat, by compartment. */
  reach: Map<string, Record<string, ReachReport>>;
  /** What was packed, by arrangement and compartment, and of what. */
  packed: Map<string, { of: readonly unknown[]; packed: Packed }>;
  /** Why a supply has no place, by its row; the same as long as the places are. */
  without: WeakMap<object, string>;
}

/** How things lie, by arrangement and compartment, and what was laid: the same wherever the furniture stands. */
type LaidBefore = Map<string, { of: readonly unknown[]; laid: LaidPlace }>;

/**
 * Evaluates one plan after another and works out only what a change touches: when a thing is moved or changed, the places
 * where it lies, and the sums; when furniture is moved, ways and sights, but not how things lie; when a note or the size of a
 * label is changed, nothing. The figures are those of a full evaluation, to the last digit. Parts of the Report that did not
 * change are the same objects as before.
 */
export function evaluator(): (plan: Plan) => Report {
  let kept: Kept | null = null;
  const laid: LaidBefore = new Map();
  let before: { plan: Plan; report: Report } | null = null;
  return (plan) => {
    if (before && sameFor(FIGURES, before.plan, plan)) {
      before = { plan, report: before.report };
      return before.report;
    }
    const scene = sceneOf(plan);
    if (kept?.ways !== scene.approaches)
      kept = {
        ways: scene.approaches,
        // Those about the room come first: a glance at it changes them alone (replica.ts).
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
        without: new WeakMap(),
      };
    const report = shared(before?.report, reportOf(plan, scene, kept, laid));
    before = { plan, report };
    return report;
  };
}

const sameList = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((x, i) => x === b[i]);

function packedOf(
  scene: Scene,
  kept: Kept,
  laidBefore: LaidBefore,
  c: Compartment,
  list: readonly Placement[],
  arrangement: Arrangement,
  spares: ReadonlyMap<string, number>,
): Packed {
  const key = `${arrangement} ${c.id}`;
  const { plan } = scene;
  const rows = list.flatMap((p) => [p, plan.supplies[p.supply]]);
  const of = [...rows, ...list.map((p) => spares.get(p.supply) ?? 0)];
  const before = kept.packed.get(key);
  if (before && sameList(before.of, of)) return before.packed;
  const { width, depth, height } = c.inside;
  const standing = scene.standing[arrangement].get(c.id) ?? [];
  const boxes = standing.map((x) => plan.containers[x.container]);
  const lies = [...rows, ...boxes, width, depth, height, c.access, plan.meta.roomToGrow, JSON.stringify(standing)];
  let laid = laidBefore.get(key);
  if (!laid || !sameList(laid.of, lies)) {
    laid = { of: lies, laid: layPlace(scene, c, list, arrangement) };
    laidBefore.set(key, laid);
  }
  const packed = packPlace(scene, c, list, arrangement, spares, laid.laid);
  kept.packed.set(key, { of, packed });
  return packed;
}

function reportOf(plan: Plan, scene: Scene, kept: Kept, laid: LaidBefore): Report {
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
      const packed = packedOf(scene, kept, laid, compartment, list, arrangement, spares);
      for (const report of packed.placements) placements[report.id] = report;
      fills.set(key, { ...(fills.get(key) ?? emptyFill()), [arrangement]: packed.fill });
      contents.set(key, { ...(contents.get(key) ?? { today: [], planned: [] }), [arrangement]: list.map((p) => p.id) });
    }
  }
  const supplies = supplyReports(scene, placements, findings, kept.without);
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
  const spoken = reportedArrangement(plan);
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
