/**
 * The first filling of a room. Cube-per-order index (Heskett 1963): what takes little room and is fetched often chooses first, and
 * things are split where they must.
 */
import { fit } from '../fit/fit.ts';
import { stripWidth } from '../fit/poses.ts';
import type { Placement, Plan } from '../model/plan.ts';
import { compartmentId, sceneOf } from '../scene/scene.ts';
import { goesAway } from '../cost/rules.ts';
import { homesOf } from '../zones/homes.ts';
import { sparesOf } from '../zones/spares.ts';
import { asPlacements, total } from './asPlacements.ts';
import { inOrder, placeOne, Filling, type Left, type Thing } from './filling.ts';
import type { Progress, SolveOptions } from './options.ts';

/** What is to be done: the state before the search, what does not move, and what found no place. */
export interface Begun {
  search: Filling;
  pinned: Placement[];
  unplaced: Left[];
}

/** Puts in what stays, and fills in the rest for a beginning. */
export function* begin(plan: Plan, options: SolveOptions): Generator<Progress, Begun> {
  const scene = sceneOf(plan);
  const planned = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const pinned = planned.filter((p) => p.pinned || options.keep?.(p) === true);
  const own = new Set(planned.map((p) => `${p.supply} ${compartmentId(p)}`));
  const open = (compartment: string, supply: string) =>
    !options.not?.has(compartment) &&
    (options.only === undefined || options.only.has(compartment) || own.has(`${supply} ${compartment}`));
  // Spares that are to lie with the rest of their home are none to the search.
  const apart = homesOf(scene).sparesOf;
  const spares = new Map(
    Object.values(plan.supplies).flatMap((s) => (apart.has(s.id) ? [[s.id, sparesOf(s)] as const] : [])),
  );
  for (const p of pinned)
    if (!p.spare && spares.has(p.supply)) {
      // What is kept together stays together.
      const s = plan.supplies[p.supply]!;
      if (p.count > s.count - s.backstock) spares.set(p.supply, Math.max(0, s.count - p.count));
    }
  const search = new Filling(scene, spares, open, pinned);
  const index = new Map(scene.compartments.map((c, i) => [c.id, i]));
  const left = new Map<string, Thing>();
  for (const supply of Object.values(plan.supplies)) {
    if (goesAway(plan, supply)) continue;
    const apart = spares.get(supply.id) ?? 0;
    left.set(`${supply.id} false`, { supply, spare: false, count: supply.count - apart });
    if (apart > 0) left.set(`${supply.id} true`, { supply, spare: true, count: apart });
  }
  const lessen = (p: Pick<Placement, 'supply' | 'spare' | 'count'>) => {
    let { count } = p;
    for (const spare of [p.spare, !p.spare]) {
      const thing = left.get(`${p.supply} ${spare}`);
      if (!thing || count <= 0) continue;
      const taken = Math.min(count, thing.count);
      left.set(`${p.supply} ${spare}`, { ...thing, count: thing.count - taken });
      count -= taken;
    }
  };
  for (const placement of pinned) {
    lessen(placement);
    const at = index.get(compartmentId(placement));
    if (at === undefined) continue;
    const { count, spare } = placement;
    const supply = plan.supplies[placement.supply]!;
    const compartment = scene.compartments[at]!;
    const whole = fit(supply, count, compartment, Infinity, placement.orientation);
    const width = whole.lie ? stripWidth(whole.lie, count) : compartment.inside.width;
    search.count({ supply, spare, count, at, width }, 1);
  }
  const start = options.start ?? (options.only ? planned : []);
  for (const p of start.filter((s) => !pinned.some((l) => l.id === s.id))) {
    const thing = left.get(`${p.supply} ${p.spare}`);
    const at = index.get(compartmentId(p));
    if (!thing || at === undefined || thing.count < 1) continue;
    const count = Math.min(p.count, thing.count);
    const fits = search.hasAlready(thing, at) ? null : search.fits(thing.supply, count, at);
    if (fits?.count !== count) continue;
    search.put({ ...thing, count, at, lie: fits.lie, width: fits.width });
    lessen({ ...p, count });
  }
  const unplaced: Left[] = [];
  const things = inOrder(
    search,
    [...left.values()].filter((t) => t.count > 0),
  );
  const best = () => [...pinned, ...asPlacements(scene, search.parts, pinned)];
  for (const [i, thing] of things.entries()) {
    const missing = placeOne(search, thing);
    if (missing > 0) unplaced.push({ ...thing, count: missing });
    if (i % 25 === 0)
      yield {
        phase: 'placing',
        share: i / things.length,
        seconds: total(search, unplaced),
        out: unplaced.length + things.length - i,

        best,
      };
  }
  yield { phase: 'improving', share: 0, seconds: total(search, unplaced), out: unplaced.length, best };
  return { search, pinned, unplaced };
}
