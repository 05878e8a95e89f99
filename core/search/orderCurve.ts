/**
 * What order costs, drawn: the room filled at one price of a torn home after another, each answer a point of minutes a week against
 * how much lies together, from the quickest to the tidiest; and what cannot be had for that.
 */
import { litresIn } from '../furniture/compartments.ts';
import { volume } from '../fit/fit.ts';
import { PEG_DEPTH } from '../fit/poses.ts';
import { PACKED } from '../zones/placeForms.ts';
import { applyChanges, set, setMeta, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import type { Report } from '../report/report.ts';
import { sceneOf } from '../scene/scene.ts';
import { changesTo, solve } from './solve.ts';
import { sortingBy } from './ways.ts';

/** A home that lies apart at a point, and the room that it would need beside most of it. */
interface Apart {
  home: string;
  name: string;
  /** Lines that lie apart from most of it, and all of them. */
  lines: number;
  of: number;
  /** The place in which most of it lies, and how much wider it would have to be, mm. */
  beside: string;
  mm: number;
}

export interface CurvePoint {
  minutes: number;
  /** By how much the minutes are above those of the quickest point, as a share. */
  more: number;
  /** Share of lines that lie with most of their home, and of places that can be named, 0 to 1. */
  together: number;
  named: number;
  /** Supplies not placed. */
  without: number;
  /** Whether Fill takes it: the tidiest of at most 8 % over the quickest. */
  usual: boolean;
  /** Homes that lie apart, most lines first. */
  apart: Apart[];
  /** The way and all placements that it needs; takeWay makes them a plan's own. */
  changes: Change[];
  placements: string[];
}

/** How many homes that lie apart are named at a point. */
const NAMED = 3;

/** @returns the points that are not beaten by another one in both minutes and order, quickest first */
export function* orderCurve(
  plan: Plan,
  { seed, moves, stop }: { seed: number; moves?: number; stop?: () => boolean },
): Generator<{ share: number }, CurvePoint[]> {
  const choice = setMeta(plan, { sorting: sortingBy(plan, 'home') });
  const byHome = applyChanges(plan, [choice]).plan;
  const options = { seed, curve: true, ...(moves === undefined ? {} : { moves }), ...(stop ? { stop } : {}) };
  const run = solve(byHome, options);
  let step = run.next();
  for (; !step.done; step = run.next()) yield { share: step.value.share };
  const points = step.value.points.map(({ placements, chosen }) => pointOf(byHome, choice, placements, chosen));
  return points
    .filter((p, n) => p.usual || !points.some((o, k) => beats(o, p) || (same(o, p) && (o.usual || k < n))))
    .sort((a, b) => a.minutes - b.minutes)
    .map((p, _, [first]) => ({ ...p, more: first!.minutes > 0 ? p.minutes / first!.minutes - 1 : 0 }));
}

const same = (a: CurvePoint, b: CurvePoint): boolean => a.minutes === b.minutes && a.together === b.together;

const beats = (a: CurvePoint, b: CurvePoint): boolean =>
  a !== b &&
  a.without <= b.without &&
  a.minutes <= b.minutes &&
  a.together >= b.together &&
  (a.minutes < b.minutes || a.together > b.together);

function pointOf(
  plan: Plan,
  choice: Change,
  placements: Parameters<typeof changesTo>[1]['placements'],
  usual: boolean,
): CurvePoint {
  const after = applyChanges(plan, changesTo(plan, { placements })).plan;
  const report = evaluate(after);
  const { lines, places, placesNamed } = report.names.planned;
  return {
    minutes: report.week.planned.minutes,
    more: 0,
    together: lines > 0 ? 1 - report.order.planned.torn / lines : 1,
    named: places > 0 ? placesNamed / places : 1,
    without: report.week.planned.without,
    usual,
    apart: apartIn(after, report),
    changes: [choice, ...placements.map((p) => set('placements', p.id, p))],
    placements: placements.map((p) => p.id),
  };
}

/** What would have to be wider for homes to lie in one run each. */
function apartIn(plan: Plan, report: Report): Apart[] {
  const scene = sceneOf(plan);
  const planned = Object.values(report.placements).filter((p) => p.arrangement === 'planned');
  const found = report.homes.flatMap((h): Apart[] => {
    const runs = h.runs.planned;
    if (h.spares || runs.length < 2) return [];
    const own = planned.filter((p) => h.supplies.includes(p.supply) && !p.spare);
    const inRun = runs.map((run) => own.filter((p) => run.includes(p.compartment)));
    const main = inRun.reduce((a, b) => (b.length > a.length ? b : a));
    const off = own.filter((p) => !main.includes(p));
    const [c] = [...new Set(main.map((p) => scene.compartment.get(p.compartment)!))].sort(
      (a, b) => Number(a.access === 'top') - Number(b.access === 'top') || litresIn([b]) - litresIn([a]),
    );
    if (!c || off.length === 0) return [];
    const litres = off.reduce((n, p) => n + volume(plan.supplies[p.supply]!, p.count), 0);
    const square = c.access === 'peg' ? PEG_DEPTH * c.inside.height : c.inside.depth * c.inside.height;
    const mm = Math.ceil((litres * 1e6) / (PACKED * square) / 10) * 10;
    return [{ home: h.id, name: h.name, lines: off.length, of: own.length, beside: c.name, mm }];
  });
  return found.sort((a, b) => b.lines - a.lines || (a.home < b.home ? -1 : 1)).slice(0, NAMED);
}
