/** What the Report says of each compartment and container: reach from every seat, fill, minutes, what stands there. */
import { inMeasures } from '../model/amounts.ts';
import { totalSeconds } from '../fetch/elements.ts';
import { ALONE, fetchElements } from '../fetch/fetch.ts';
import { containerPlace } from '../fit/containers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { type Arrangement } from '../model/plan.ts';
import { pace } from '../reach/body.ts';
import { openingOf, type Scene } from '../scene/scene.ts';
import { sideOf } from '../zones/sides.ts';
import { zonesOf } from '../zones/zonesOfPlan.ts';
import { allottedTo } from '../zones/allotted.ts';
import { zonesOfPlace } from './zoneReports.ts';
import type { PlaceName } from './placeNames.ts';
import {
  ARRANGEMENTS,
  type CompartmentReport,
  type ContainerReport,
  type Fill,
  type PlacementReport,
  type ReachReport,
} from './report.ts';

const emptyFill = (): Fill => ({ share: 0, state: 'free', mass: 0, takes: null });

/** Minutes a week of each compartment, with those of the containers in it. */
export function minutesByPlace(placements: readonly PlacementReport[]): Record<Arrangement, Map<string, number>> {
  const minutes = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of placements) {
    const opening = openingOf(p.compartment);
    for (const id of opening === p.compartment ? [opening] : [opening, p.compartment])
      minutes[p.arrangement].set(id, (minutes[p.arrangement].get(id) ?? 0) + p.minutesPerWeek);
  }
  return minutes;
}

/** How a compartment is reached from every seat. */
export function reachOf(scene: Scene, c: Compartment): Record<string, ReachReport> {
  const reach: Record<string, ReachReport> = {};
  for (const { key, station, person } of scene.seats.values()) {
    // With a cart beside it a seat counts for what is done there, not as a seat of its own.
    if (key.includes('+')) continue;
    const way = scene.approaches.get(key)!.get(c.id)!;
    reach[key] = {
      ripple: way.ripple,
      band: way.band,
      walk: way.walk,
      path: way.walk === 0 ? null : (scene.walks.get(station.id)!.get(c.id)!.path?.points ?? null),
      paces: Math.round(way.walk / pace(person.stature, scene.constants)),
      seconds: totalSeconds(fetchElements(way, ALONE)),
      sight: scene.sights.get(key)!.get(c.id)!,
      side: sideOf(station, c.access3),
      lean: way.lean,
      beyond: way.beyond && inMeasures(way.beyond, scene.plan.meta.units),
    };
  }
  return reach;
}

function zonesSaid(
  scene: Scene,
  c: Compartment,
  homes: readonly string[],
): Pick<CompartmentReport, 'zones' | 'letters'> {
  const zones = zonesOfPlace(scene, c, homes);
  const letters = zonesOf(scene).flatMap((z) => (zones.includes(z.id) ? [z.letter] : []));
  return { zones, letters: allottedTo(scene.plan, c).as === 'storage' ? 'S' : letters.join(' ') };
}

export function compartmentReport(
  scene: Scene,
  c: Compartment,
  reach: Record<string, ReachReport>,
  packed: Record<Arrangement, { fill: Fill; ids: string[] } | undefined>,
  minutes: Record<Arrangement, number>,
  named: Record<Arrangement, PlaceName | undefined>,
): CompartmentReport {
  const { id, unit, slot, name, short, access, walls, inside, front, access3, container, within, only } = c;
  const holds = (a: Arrangement) => (scene.standing[a].get(c.id) ?? []).map((s) => s.container);
  return {
    id,
    unit,
    slot,
    name,
    short,
    access,
    walls,
    inside,
    parts: c.parts ?? null,
    front,
    access3,
    reach,
    fill: { today: packed.today?.fill ?? emptyFill(), planned: packed.planned?.fill ?? emptyFill() },
    minutes,
    contents: { today: packed.today?.ids ?? [], planned: packed.planned?.ids ?? [] },
    container,
    within,
    only,
    holds: { today: holds('today'), planned: holds('planned') },
    homes: { today: named.today?.homes ?? [], planned: named.planned?.homes ?? [] },
    homeName: { today: named.today?.name ?? '', planned: named.planned?.name ?? '' },
    canBeNamed: { today: named.today?.canBeNamed ?? true, planned: named.planned?.canBeNamed ?? true },
    ...zonesSaid(scene, c, named.planned?.homes ?? []),
    given: allottedTo(scene.plan, c),
  };
}

export function containerReports(scene: Scene): Record<string, ContainerReport> {
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
