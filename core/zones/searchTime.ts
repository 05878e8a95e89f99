/**
 * What one looks through to find a thing: the lines of its home, wherever they lie, for the name of a home says no more than
 * that; and the lines of other homes that lie in the same place. A home that is spread over many places is not found sooner.
 */
import { onceFor } from '../model/memo.ts';
import { element } from '../fetch/elements.ts';
import { differs } from '../fit/alike.ts';
import { MOST_LOOKS } from '../fit/digging.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Placement, Supply } from '../model/plan.ts';
import { fetchesAWeek, type Scene } from '../scene/scene.ts';
import { homesOf, type HomeOf } from './homes.ts';
import { homeOfPlacement, isOut } from './named.ts';

/** What a line adds to those that are looked through: a machine is seen at once, and nobody looks through it. */
export const lookedThrough = (supply: Pick<Supply, 'form'>): 0 | 1 => (supply.form === 'machine' ? 0 : 1);

/** How many lines of a home are looked through, wherever they lie; what is given away is not there any more. */
export const linesOf = onceFor(
  (_: Scene, home: HomeOf) => [home],
  ({ plan }: Scene, home: HomeOf): number =>
    home.supplies.reduce((n, id) => {
      const s = plan.supplies[id]!;
      return n + (s.decision === 'give away' ? 0 : lookedThrough(s));
    }, 0),
);

/** Among what a thing is looked for in a place: the key of its home, and its lines. What stays out on a table is seen by itself. */
export function soughtAs(
  scene: Scene,
  thing: Pick<Placement, 'supply' | 'spare'>,
  place: Compartment,
): { key: string; lines: number } {
  if (isOut(scene, place)) return { key: `${thing.supply} ${thing.spare}`, lines: 1 };
  const home = homeOfPlacement(scene, thing);
  return { key: home.id, lines: Math.max(1, linesOf(scene, home)) };
}

/** Lines of the home of a thing that do not lie in its place. @param there all that lies there, the thing included */
export function linesElsewhere(
  scene: Scene,
  thing: Pick<Placement, 'supply' | 'spare'>,
  place: Compartment,
  there: ReadonlyArray<Pick<Placement, 'supply' | 'spare'>>,
): number {
  const { key, lines } = soughtAs(scene, thing, place);
  const own = there.reduce(
    (n, p) => n + (soughtAs(scene, p, place).key === key ? lookedThrough(scene.plan.supplies[p.supply]!) : 0),
    0,
  );
  return lookedThrough(scene.plan.supplies[thing.supply]!) === 0 ? 0 : Math.max(0, lines - own);
}

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
export function unsortedLooks(scene: Scene, supply: string): number | null {
  const home = homesOf(scene).of.get(supply);
  return home?.row?.unsorted ? furtherLooks(scene, home, supply) : null;
}

/**
 * Minutes a week that it costs not to sort a home: looking and picking out of a heap. Null where there is nothing to sort. Homes
 * are formed again with the scene and the supplies, so a figure is worked out once for each.
 */
export const unsortedMinutes = onceFor(
  (_: Scene, home: HomeOf) => [home],
  (scene: Scene, home: HomeOf) => (home.spares || home.supplies.length < 2 ? null : priceOf(scene, home)),
);

function priceOf(scene: Scene, home: HomeOf): number {
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
