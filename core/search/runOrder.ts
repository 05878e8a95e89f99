/** An order that runs on: where a home lies in several places of a piece of furniture, its things follow their order from one to the next. */
import { insideOrder } from '../scene/insideOrder.ts';
import { homesOf } from '../zones/homes.ts';
import { runsOf } from '../zones/neighbours.ts';
import type { Filling, Part } from './filling.ts';

/**
 * Puts the things of each home that has an order along its run: from the top down and from the left to the right, each place
 * filled before the next begins. Where they do not all fit so, they stay as they are.
 */
export function orderRuns(search: Filling): void {
  const { scene } = search;
  const { plan, compartments } = scene;
  for (const home of homesOf(scene).all) {
    const ordered = (home.row?.inside.length ?? 0) > 0 || plan.meta.sorting.inside !== 'most used';
    if (!ordered || home.spares) continue;
    // What an exact layout found room for takes no strip, and stays.
    const own = search.parts.filter((p) => !p.spare && p.width > 0 && home.supplies.includes(p.supply.id));
    const ids = new Map(own.map((p) => [compartments[p.at]!.id, p.at]));
    for (const run of runsOf(scene, ids.keys())) {
      if (run.length < 2) continue;
      const places = run
        .map((id) => ids.get(id)!)
        .sort((a, b) => {
          const [x, y] = [compartments[a]!.front, compartments[b]!.front];
          return y.top - x.top || x.left - y.left;
        });
      along(
        search,
        own.filter((p) => places.includes(p.at)),
        places,
      );
    }
  }
}

function along(search: Filling, parts: readonly Part[], places: readonly number[]): void {
  const { plan } = search.scene;
  const row = [...parts].sort(
    (a, b) =>
      insideOrder(plan, a.supply.id, b.supply.id) ||
      places.indexOf(a.at) - places.indexOf(b.at) ||
      (a.supply.id < b.supply.id ? -1 : 1),
  );
  for (const part of parts) search.drop(part);
  const made: Part[] = [];
  let n = 0;
  for (const part of row) {
    let placed = false;
    for (; n < places.length && !placed; n += placed ? 0 : 1) {
      const at = places[n]!;
      const fits = search.hasAlready(part, at) ? null : search.fits(part.supply, part.count, at);
      if (fits?.count !== part.count) continue;
      const next = { ...part, at, lie: fits.lie, width: fits.width };
      search.put(next);
      made.push(next);
      placed = true;
    }
    if (placed) continue;
    for (const m of made) search.drop(m);
    for (const p of parts) search.put(p);
    return;
  }
}
