/** The findings that come out of evaluating placements. */
import { inMeasures } from '../model/amounts.ts';
import { formatLength } from '../model/measure.ts';
import { beyondBound, keepOf, KEPT_WORDS } from '../cost/keeps.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { caution, error, found, type Finding, type Said } from '../model/finding.ts';
import type { Arrangement, Placement, Plan, Supply } from '../model/plan.ts';
import type { Fill, PlacementReport } from './placementReport.ts';
import type { Scene } from '../scene/scene.ts';

/** What a placement that does not fit has to say. */
export function placementFindings(plan: Plan, p: PlacementReport): Finding[] {
  if (p.badly !== null && p.arrangement === 'planned') return [liesBadly(plan, p, p.badly)];
  if (p.barred?.code === 'kept' && p.arrangement === 'planned') return [keptForOthers(plan, p, p.barred.words)];
  // What is crowded today is said once for the whole compartment; here only what can never lie there.
  if (p.fits >= p.count || (p.arrangement === 'today' && p.possible)) return [];
  const supply = plan.supplies[p.supply]!;
  const severity = p.arrangement === 'planned' ? 'error' : 'caution';
  const message =
    p.fits === 0
      ? `${supply.name} does not fit in ${p.place}: ${p.reason}.`
      : `${p.count} ${supply.name}: ${p.fits} fit ${p.how} in ${p.place}; ${p.count - p.fits} have no room there.`;
  return [
    found(severity, 'does not fit', `placements.${p.id}.count`, {
      message,
      expected: p.fits === 0 ? 'another place' : `at most ${p.fits}`,
    }),
  ];
}

/** A caution about where a thing lies. */
export const aboutPlace = (p: PlacementReport, code: string, said: Said): Finding =>
  caution(code, `placements.${p.id}.slot`, said);

/** A thing that is planned where it falls over, rolls away or lies too high. */
function liesBadly(plan: Plan, p: PlacementReport, why: string): Finding {
  const message = `${p.count} ${plan.supplies[p.supply]!.name} in ${p.place}: ${why}.`;
  return aboutPlace(p, 'lies badly', { message });
}

/** A thing that is planned where the maker keeps the place for something else. */
function keptForOthers(plan: Plan, p: PlacementReport, why: string): Finding {
  const message = `${plan.supplies[p.supply]!.name} in ${p.place}: ${why}.`;
  return aboutPlace(p, 'kept for others', { message });
}

/** More odds and ends in a place than it is to hold. */
export function tooManyOdds(plan: Plan, c: Compartment, list: readonly Placement[]): Finding[] {
  const keep = keepOf(plan, c);
  const beyond =
    keep &&
    beyondBound(
      keep,
      list.map((p) => ({ supply: plan.supplies[p.supply]!, count: p.count })),
      plan.meta.units,
    );
  if (!beyond) return [];
  return [
    caution('too many odds and ends', `keeps.${keep.id}.lines`, {
      message: `${c.name} has ${beyond.words}.`,
      targets: [{ table: 'units', id: c.unit }],
    }),
  ];
}

/** A place that is kept for something and that is not there any more. */
export function keptNowhere(plan: Plan, scene: Scene): Finding[] {
  return Object.values(plan.keeps).flatMap((k): Finding[] => {
    const id = `${k.unit}/${k.slot}${k.container === null ? '' : `#${k.container}`}`;
    if (scene.compartment.has(id)) return [];
    return [
      caution('no such place', `keeps.${k.id}.slot`, {
        message: `A place of ${plan.units[k.unit]!.name} is kept for ${KEPT_WORDS[k.for]}, and is not there any more.`,
        targets: [{ table: 'units', id: k.unit }],
      }),
    ];
  });
}

/** A compartment that holds more than it has room for today. */
export function overFull(c: Compartment, fill: Fill): Finding {
  const message = `${c.name} holds more than it has room for today (${Math.round(fill.share * 100)} % full): things lie on and in front of each other.`;
  return caution('overfull', `units.${c.unit}`, { message });
}

/** A placement in a compartment that its unit does not have (any more). */
export function noSuchPlace(plan: Plan, p: Placement): Finding {
  const unit = plan.units[p.unit]!;
  const message = `${plan.supplies[p.supply]!.name} is placed in “${p.slot}” of ${unit.name}, which has no such place any more.`;
  return found(p.arrangement === 'planned' ? 'error' : 'caution', 'no such place', `placements.${p.id}.slot`, {
    message,
    expected: `a place of ${unit.name}`,
  });
}

/** More placed than owned. */
export function tooManyPlaced(supply: Supply, total: number, arrangement: Arrangement): Finding {
  const message = `${supply.name}: ${total} are placed ${arrangement === 'today' ? 'today' : 'in the plan'}, but there are ${supply.count}.`;
  return found(
    arrangement === 'planned' ? 'error' : 'caution',
    'more placed than owned',
    `supplies.${supply.id}.count`,
    { message, expected: `placements that add up to ${supply.count} or less` },
  );
}

/** Furniture that cannot be got at from a seat, each once for each seat. */
export function walledIn(scene: Scene): Finding[] {
  return scene.stations.flatMap((station) => {
    const said = new Map<string, string>();
    for (const c of scene.compartments) {
      const { reason, over } = scene.walks.get(station.id)!.get(c.id)!;
      const way = scene.approaches.get(station.id)!.get(c.id)!;
      const why = reason ?? (over ? way.beyond : null);
      if (!why || said.has(c.unit) || way.ripple <= 3) continue;
      said.set(c.unit, inMeasures(why, scene.plan.meta.units));
    }
    return [...said].map(([unit, reason]) => noWay(scene.plan, station.id, unit, reason));
  });
}

function noWay(plan: Plan, station: string, unit: string, reason: string): Finding {
  const [from, to] = [plan.stations[station]!.name, plan.units[unit]!.name];
  return error('cannot be walked to', `units.${unit}.x`, {
    message: `${to} cannot be walked to from ${from}: ${reason}.`,
    expected: `a way at least ${formatLength(500, plan.meta.units)} wide from the seat to its front`,
  });
}

/** Uses without a seat to fetch from. */
export function noStation(plan: Plan): Finding {
  return caution('no station', 'stations', {
    message: 'There is no work seat yet, so nothing can be said about reach and time. Add one in Furnish.',
    targets: [{ table: 'meta', id: plan.meta.id }],
  });
}
