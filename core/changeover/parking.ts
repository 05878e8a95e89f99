/**
 * What would have to stand on the floor for a while waits in an empty place instead, where there is one: it is carried there, and
 * on from there when its own place is free.
 */
import { barredFrom } from '../cost/rules.ts';
import { layOut } from '../fit/layOut.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { openingOf, type Scene } from '../scene/scene.ts';
import type { Load } from './loads.ts';
import type { Ordered } from './order.ts';

/** The most loads that wait in empty places. */
const MOST = 12;

/** Openings in the room in which nothing lies or stands today, and into which nothing goes. */
function emptyPlaces(scene: Scene, loads: readonly Load[]): Compartment[] {
  const { plan } = scene;
  const used = new Set<string>();
  for (const p of Object.values(plan.placements)) used.add(`${p.unit}/${p.slot}`);
  for (const c of Object.values(plan.containers)) used.add(`${c.unit}/${c.slot}`);
  for (const l of loads)
    for (const at of [l.from, l.to]) if (at !== null && !at.startsWith('#')) used.add(openingOf(at));
  return scene.compartments.filter(
    (c) =>
      c.container === null &&
      !used.has(c.id) &&
      !scene.shut.has(c.id) &&
      plan.units[c.unit]?.elsewhere === null &&
      c.parts === undefined,
  );
}

/** Whether a load has room in an empty place, for a while. */
function waitsIn(scene: Scene, load: Load, place: Compartment): boolean {
  const things = load.parts.map((p) => ({ supply: scene.plan.supplies[p.supply]!, count: p.count, only: null }));
  return (
    things.every(({ supply }) => barredFrom(scene, supply, place) === null) &&
    layOut(place, things, [], 0).laid.every((l, i) => l.fits === things[i]!.count)
  );
}

/**
 * Orders loads with as few of them on the floor as empty places allow.
 * @param order orders loads; what it lifts out is what would stand on the floor
 */
export function orderWithParking(
  scene: Scene,
  loads: readonly Load[],
  order: (loads: readonly Load[]) => Ordered,
): { loads: readonly Load[]; ordered: Ordered } {
  let now = loads;
  let ordered = order(now);
  const free = emptyPlaces(scene, loads);
  for (let n = 0; n < MOST && free.length > 0; n++) {
    const lifted = new Set(ordered.steps.flatMap((s) => (s.kind === 'lift out' ? [s.piece] : [])));
    const waiting = now
      .filter((l) => lifted.has(l.id) && l.kind === 'things' && l.from !== null && l.to !== null && !l.staged)
      .sort((a, b) => b.litres - a.litres);
    const found = waiting
      .map((load) => ({ load, at: free.findIndex((c) => waitsIn(scene, load, c)) }))
      .find(({ at }) => at >= 0);
    if (!found) break;
    const tried = parkedIn(now, found.load, free[found.at]!.id);
    const better = order(tried);
    if (better.peak > ordered.peak + 1e-9) break;
    [now, ordered] = [tried, better];
    free.splice(found.at, 1);
  }
  return { loads: now, ordered };
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
