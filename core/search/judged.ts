/**
 * Better places that only an exact layout sees: the search reckons with strips side by side, the Report lays things behind and
 * beside each other. Here both look at a place in the same way.
 */
import { layTogether } from '../fit/tighten.ts';
import type { Orientation, Placement } from '../model/plan.ts';
import { compartmentId } from '../scene/scene.ts';
import { costOf, type Problem } from './assignment.ts';
import { inARow } from './runOrder.ts';
import type { Filling, Part } from './filling.ts';

/** So many layouts are tried at the most. */
const TRIES = 400;
/** Less than that is no gain, s a week. */
const LEAST = 0.05;

/**
 * Moves parts, the costliest first, to places where they cost less and lie by an exact layout.
 * @param index of each part among the items of the problem
 * @param goOn whether another layout may be tried
 */
export function* judge(
  search: Filling,
  problem: Problem,
  index: ReadonlyMap<Part, number>,
  pinned: readonly Placement[],
  goOn: () => boolean,
): Generator<undefined, void> {
  const { scene } = search;
  const at = new Int32Array(problem.items).fill(-1);
  const items = new Map<number, Part>();
  for (const part of search.parts) {
    const i = index.get(part);
    if (i === undefined) continue;
    at[i] = part.at;
    items.set(i, part);
  }
  let now = costOf(problem, at);
  let tries = 0;
  const own = (i: number, j: number) => problem.cost[i * problem.places + j]!;
  const rows = inARow(search);
  const order = [...items.keys()]
    .filter((i) => !rows.has(items.get(i)!.supply.id))
    .sort((a, b) => own(b, at[b]!) - own(a, at[a]!));
  for (const i of order) {
    yield;
    const part = items.get(i)!;
    const from = at[i]!;
    const cheaper = scene.compartments
      .map((_, j) => j)
      .filter((j) => j !== from && !search.fitter.limited(j) && own(i, j) < own(i, from) - LEAST)
      .filter((j) => !search.hasAlready(part, j) && !search.besideOther(part.supply, j))
      .sort((a, b) => own(i, a) - own(i, b));
    for (const j of cheaper) {
      if (tries >= TRIES || !goOn()) return;
      at[i] = j;
      const cost = costOf(problem, at);
      if (cost < now - LEAST && !unlike(problem, at, i, j)) {
        tries++;
        const moved = laidThere(search, part, j, pinned);
        if (moved) {
          now = cost;
          for (const [before, after] of moved) for (const [k, p] of items) if (p === before) items.set(k, after);
          break;
        }
      }
      at[i] = from;
    }
  }
}

/** Whether something lies there with which an item may not share a place. */
function unlike(p: Problem, at: Int32Array, i: number, j: number): boolean {
  const not = p.conflicts.get(i);
  return not !== undefined && [...not].some((k) => at[k] === j);
}

/** Moves a part to a place if an exact layout has room for it; what lies there may lie in another way then. */
function laidThere(
  search: Filling,
  part: Part,
  to: number,
  pinned: readonly Placement[],
): Array<readonly [before: Part, now: Part]> | null {
  const { scene } = search;
  const place = scene.compartments[to]!;
  const held = pinned
    .filter((p) => compartmentId(p) === place.id)
    .map((p) => ({ supply: scene.plan.supplies[p.supply]!, count: p.count, only: p.orientation }));
  const mine = [...search.parts.filter((p) => p.at === to), part];
  const fixed = (scene.standing.planned.get(place.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
  const grow = scene.plan.meta.roomToGrow;
  const lay = (as: (p: Part) => Orientation | null) =>
    layTogether(place, [...held, ...mine.map((p) => ({ supply: p.supply, count: p.count, only: as(p) }))], fixed, grow);
  // As they lie, then in any way.
  const ways = lay((p) => (p === part ? null : p.lie.orientation)) ?? lay(() => null);
  if (!ways) return null;
  return mine.map((p, i) => {
    const orientation = ways[held.length + i]!;
    const lie = search.fitter.ways(p.supply, to).find((l) => l.orientation === orientation)!;
    const now = { ...p, at: to, lie, width: 0 };
    search.drop(p);
    search.put(now);
    return [p, now] as const;
  });
}
