/**
 * What would have to stand on the floor for a while waits in a place with room instead, where there is one: it is carried there, and
 * on from there when its own place is free.
 */
import { barredFrom } from '../cost/rules.ts';
import { lying } from '../fit/fit.ts';
import { layOut } from '../fit/layOut.ts';
import type { Item } from '../fit/packed.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { groupBy } from '../model/groups.ts';
import { openingOf, type Scene } from '../scene/scene.ts';
import type { Load } from './loads.ts';
import type { Ordered } from './order.ts';

/** Of how many that would stand on the floor and places for each an order is tried in a round; and all orders, in loads and at most. */
const TRIED = { loads: 6, places: 2, inAll: 320, most: 60 } as const;

/** A place in which something may wait, and what lies in it by the plan. */
interface Waiting {
  place: Compartment;
  planned: Item[];
}

/**
 * Openings of the room, without boxes in them, that are not carried as a whole: what waits there waits beside what the plan has
 * there, when what leaves has left. The emptiest come first.
 */
function waitingPlaces(scene: Scene, loads: readonly Load[]): Waiting[] {
  const { plan } = scene;
  const boxed = new Set(Object.values(plan.containers).map((c) => `${c.unit}/${c.slot}`));
  for (const l of loads)
    if (l.kind !== 'things')
      for (const at of [l.from, l.to]) if (at !== null && !at.startsWith('#')) boxed.add(openingOf(at));
  const planned = groupBy(
    Object.values(plan.placements).filter((p) => p.arrangement === 'planned' && p.container === null),
    (p) => `${p.unit}/${p.slot}`,
  );
  return scene.compartments
    .filter(
      (c) =>
        c.container === null &&
        c.parts === undefined &&
        !boxed.has(c.id) &&
        !scene.shut.has(c.id) &&
        plan.units[c.unit]?.elsewhere === null,
    )
    .map((place) => ({
      place,
      planned: (planned.get(place.id) ?? []).map((p) => lying(plan.supplies[p.supply]!, p.count, place, p.orientation)),
    }))
    .sort((a, b) => a.planned.length - b.planned.length);
}

/** Whether a load has room there for a while, beside what the plan has there. */
function waitsIn(scene: Scene, load: Load, { place, planned }: Waiting): boolean {
  if (load.to === place.id || load.from === place.id) return false;
  const things = load.parts.map((p) => ({ supply: scene.plan.supplies[p.supply]!, count: p.count, only: null }));
  if (things.some(({ supply }) => barredFrom(scene, supply, place) !== null)) return false;
  const all: Item[] = [...planned, ...things];
  return layOut(place, all, [], 0).laid.every((l, i) => l.fits === all[i]!.count);
}

interface Parked {
  loads: readonly Load[];
  ordered: Ordered;
}

/** All that is ever lifted out onto the floor, litres. */
function liftedIn({ loads, ordered }: Parked): number {
  const litres = new Map(loads.map((l) => [l.id, l.litres]));
  return ordered.steps.reduce((sum, s) => sum + (s.kind === 'lift out' ? litres.get(s.piece)! : 0), 0);
}

type Order = (loads: readonly Load[]) => Ordered | null;

/** The first load, of the largest on the floor, that waits somewhere with less on the floor for it; and whether any could wait. */
function waitsBetter(scene: Scene, now: Parked, free: readonly Waiting[], order: Order) {
  const lifts = new Set(now.ordered.steps.flatMap((s) => (s.kind === 'lift out' ? [s.piece] : [])));
  const lifted = liftedIn(now);
  const { peak } = now.ordered;
  let could = false;
  const waiting = now.loads
    .filter((l) => lifts.has(l.id) && l.kind === 'things' && l.from !== null && l.to !== null && !l.staged)
    .sort((a, b) => b.litres - a.litres)
    .slice(0, TRIED.loads);
  for (const load of waiting) {
    let places = 0;
    for (const at of free) {
      if (places >= TRIED.places) break;
      if (!waitsIn(scene, load, at)) continue;
      could = true;
      places++;
      const loads = parkedIn(now.loads, load, at.place.id);
      const ordered = order(loads);
      if (!ordered) return { parked: null, at: null, could };
      const parked = { loads, ordered };
      const less = parked.ordered.peak - peak;
      if (less < -1e-9 || (less < 1e-9 && liftedIn(parked) < lifted - 1e-9)) return { parked, at, could };
    }
  }
  return { parked: null, at: null, could };
}

/**
 * Orders loads with as few of them on the floor as places with room allow. It is called exact only where nothing stands on the
 * floor that did not before, or nothing of it could wait anywhere: which loads wait where is tried, not proved.
 * @param order orders loads; what it lifts out is what would stand on the floor
 */
export function orderWithParking(
  scene: Scene,
  loads: readonly Load[],
  order: (loads: readonly Load[]) => Ordered,
): Parked {
  let now: Parked = { loads, ordered: order(loads) };
  let free = waitingPlaces(scene, loads);
  let couldWait = false;
  let tries = Math.min(TRIED.most, TRIED.inAll / Math.max(1, loads.length));
  const tried = (list: readonly Load[]) => (tries-- >= 1 ? order(list) : null);
  for (;;) {
    const { parked, at, could } = waitsBetter(scene, now, free, tried);
    couldWait ||= could;
    if (!parked) break;
    now = parked;
    free = free.filter((f) => f !== at);
  }
  const exact = now.ordered.exact && (liftedIn(now) === 0 || !couldWait);
  return { ...now, ordered: { ...now.ordered, exact } };
}

/** The same loads with one of them carried in two steps: into an empty place, and on from there. */
function parkedIn(loads: readonly Load[], load: Load, place: string): Load[] {
  const into: Load = { ...load, id: `${load.id} waits`, to: place, awaits: [], marks: [], parks: 'in' };
  const on: Load = { ...load, from: place, after: [], awaits: [...load.awaits, into.id], parks: 'out' };
  return loads.flatMap((l) => {
    if (l.id === load.id) return [into, on];
    // What waits for it to have left its place waits for the first step.
    return [{ ...l, after: l.after.map((id) => (id === load.id ? into.id : id)) }];
  });
}
