/** Homes that are not worth sorting: their things lie as a heap, and one rakes through it. */
import { element } from '../fetch/elements.ts';
import { differs } from '../fit/alike.ts';
import { MOST_LOOKS } from '../fit/digging.ts';
import { fetchesAWeek, type Scene } from '../scene/scene.ts';
import { homesOf, type HomeOf } from './homes.ts';

/**
 * What raking through a heap adds to the looks along sorted lines. Of N pieces of which n will do, (N + 1) / (n + 1) are looked
 * at until the first of them turns up (mean of the negative hypergeometric distribution); along L lines it is (L + 1) / 2.
 */
function furtherLooks(scene: Scene, home: HomeOf, supply: string): number {
  const s = scene.plan.supplies[supply]!;
  const all = home.supplies.reduce((n, id) => n + scene.plan.supplies[id]!.count, 0);
  const willDo = differs(s) ? 1 : s.count;
  return Math.max(0, Math.min(MOST_LOOKS, (all + 1) / (willDo + 1)) - (home.supplies.length + 1) / 2);
}

/** Further looks for a thing whose home is not sorted; null where it is. */
export function heapLooks(scene: Scene, supply: string): number | null {
  const home = homesOf(scene).of.get(supply);
  return home?.row?.unsorted ? furtherLooks(scene, home, supply) : null;
}

/** Minutes a week that it costs not to sort a home: looking and picking out of a heap. Null where there is nothing to sort. */
export function heapMinutes(scene: Scene, home: HomeOf): number | null {
  if (home.spares || home.supplies.length < 2) return null;
  const { constants } = scene;
  const pick = element('pick from a jumble', 1, constants).seconds - element('grasp', 1, constants).seconds;
  return home.supplies.reduce((sum, id) => {
    const looks = furtherLooks(scene, home, id);
    const search = looks > 0 ? element('search', looks, constants).seconds : 0;
    // What is loose is picked out of a jumble anyway.
    const grasp = scene.plan.supplies[id]!.form === 'loose' ? 0 : pick;
    return sum + (fetchesAWeek(scene, id) * (search + grasp)) / 60;
  }, 0);
}
