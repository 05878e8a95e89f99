/** Why a home lies where it lies: what its week takes there, against the next best places that would hold all of it. */
import { layOut } from '../fit/layOut.ts';
import { lying } from '../fit/fit.ts';
import { listed } from '../model/measure.ts';
import type { Plan } from '../model/plan.ts';
import type { HomeReport, Report } from '../report/report.ts';
import { contentsOf, sceneOf, type Scene } from '../scene/scene.ts';
import { homeOfPlacement } from '../zones/named.ts';
import { alternativesFor, weekMinutes, type Alternative } from './alternatives.ts';

/** Another place that holds all of a home that lies together now. */
export interface HomeElsewhere {
  compartment: string;
  place: string;
  /** By how many minutes a week fetching all of it from there differs. */
  minutes: number;
  /** What lies there by the plan and would have to go, as homes; empty where there is room beside it. */
  instead: string[];
}

/** How many other places are named. */
const NAMED = 2;

/**
 * The next best places for the things of a home that lie in the largest of its runs.
 * @returns cheapest first; empty where no other place holds them all, or nothing of it is planned
 */
export function homeElsewhere(plan: Plan, report: Report, home: HomeReport): HomeElsewhere[] {
  const scene = sceneOf(plan);
  const rows = Object.values(report.placements).filter(
    (p) => p.arrangement === 'planned' && p.spare === home.spares && home.supplies.includes(p.supply),
  );
  const runs = home.runs.planned.map((run) => rows.filter((p) => run.includes(p.compartment)));
  const main = runs.reduce((a, b) => (b.length > a.length ? b : a), []);
  if (main.length === 0) return [];
  const each = main.map((p) => {
    const all = alternativesFor(plan, p.supply, p.count, p.id);
    return { p, all: new Map(all.map((a) => [a.compartment, a])) };
  });
  const here = each.reduce((sum, { p, all }) => sum + weekMinutes(all.get(p.compartment)!), 0);
  const own = new Set(main.map((p) => p.compartment));
  const fits = (a: Alternative | undefined, count: number) => a && a.barred === null && a.fitsEmpty >= count;
  return scene.compartments
    .filter((c) => c.only !== 'today' && !own.has(c.id) && each.every(({ p, all }) => fits(all.get(c.id), p.count)))
    .map((c) => {
      const minutes = each.reduce((sum, { all }) => sum + weekMinutes(all.get(c.id)!), 0) - here;
      return { compartment: c.id, place: c.name, minutes };
    })
    .sort((a, b) => a.minutes - b.minutes || (a.compartment < b.compartment ? -1 : 1))
    .flatMap((at) => {
      const instead = insteadOf(
        scene,
        at.compartment,
        main.map(({ supply, count }) => ({ supply, count })),
      );
      return instead ? [{ ...at, instead }] : [];
    })
    .slice(0, NAMED);
}

/** The homes that would have to leave a place for things to lie there; null where even the empty place does not hold them all. */
function insteadOf(
  scene: Scene,
  place: string,
  things: ReadonlyArray<{ supply: string; count: number }>,
): string[] | null {
  const { plan } = scene;
  const c = scene.compartment.get(place)!;
  const there = contentsOf(scene, 'planned').get(place) ?? [];
  const fixed = (scene.standing.planned.get(place) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
  const items = things.map(({ supply, count }) => lying(plan.supplies[supply]!, count, c, null));
  const beside = there.map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation));
  const whole = (list: typeof items) => layOut(c, list, fixed, 0).laid.every((l, i) => l.fits === list[i]!.count);
  if (whole([...items, ...beside])) return [];
  return whole(items) ? [...new Set(there.map((p) => homeOfPlacement(scene, p).name))] : null;
}

/** The same in sentences. */
export function homeWhy(plan: Plan, report: Report, id: string): string[] {
  const home = report.homes.find((h) => h.id === id);
  if (!home || home.runs.planned.length === 0) return [];
  const others = homeElsewhere(plan, report, home);
  if (others.length === 0) return ['No other single place holds all that lies together of it now.'];
  return others.map(({ place, minutes, instead }) => {
    const more =
      Math.abs(minutes) < 0.05 ? 'the same' : `${Math.abs(minutes).toFixed(1)} min ${minutes > 0 ? 'more' : 'less'}`;
    const but = instead.length > 0 ? `, in the place of ${listed(instead.map((n) => `“${n}”`))}` : '';
    return `In ${place} it would take ${more} a week${but}.`;
  });
}
