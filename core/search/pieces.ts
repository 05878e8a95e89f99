/**
 * In how many parts a thing is laid: whole where any place could hold all of it, else so that a run of neighbours holds its parts,
 * as few of them as can be.
 */
import { groupBy } from '../model/groups.ts';
import { neighboursOf } from '../zones/neighbours.ts';
import type { Filling, Left, Thing } from './filling.ts';

/** Makes things that were torn while others had chosen before them whole again. @returns what has no place yet, in its parts */
export function inFewParts(search: Filling, unplaced: readonly Left[]): Left[] {
  const key = ({ supply, spare }: Thing) => `${supply.id} ${spare}`;
  const out = groupBy(unplaced, key);
  const rest = [...unplaced].filter((left) => !search.parts.some((p) => key(p) === key(left)));
  for (const [id, own] of groupBy(search.parts, key)) {
    const missing = (out.get(id) ?? []).reduce((n, left) => n + left.count, 0);
    if (own.length < 2 && missing === 0) continue;
    const { supply, spare } = own[0]!;
    const count = missing + own.reduce((n, part) => n + part.count, 0);
    const parts = partsOf(search, { supply, spare, count });
    if (!parts) {
      rest.push(...(out.get(id) ?? []));
      continue;
    }
    for (const part of own) search.drop(part);
    rest.push(...parts);
  }
  return rest;
}

/** The parts of a thing in the run that takes the fewest places for it, the cheapest of those; null where no run holds it. */
function partsOf(search: Filling, thing: Thing): Left[] | null {
  const { scene, fitter } = search;
  const { supply, count } = thing;
  const near = neighboursOf(scene);
  const index = new Map(scene.compartments.map((c, at) => [c.id, at]));
  const holds = scene.compartments.map((_, at) =>
    search.bars(supply, at) ? 0 : (fitter.into(supply, count, at, search.standing[at]!)?.count ?? 0),
  );
  const cost = search.costs(supply);
  let best: { counts: number[]; cost: number } | null = null;
  for (const start of holds.keys()) {
    if (holds[start] === 0) continue;
    const run = [start];
    const counts: number[] = [];
    let left = count;
    let sum = 0;
    for (let n = 0; n < run.length && left > 0; n++) {
      const at = run[n]!;
      const here = Math.min(left, holds[at]!);
      counts.push(here);
      left -= here;
      sum += (here / count) * cost[at]!;
      const next = near.get(scene.compartments[at]!.id)!.map((id) => index.get(id)!);
      // What holds most of it comes first.
      for (const k of next.sort((a, b) => holds[b]! - holds[a]! || a - b))
        if (holds[k]! > 0 && !run.includes(k)) run.push(k);
    }
    if (
      left > 0 ||
      (best && (counts.length > best.counts.length || (counts.length === best.counts.length && sum >= best.cost)))
    )
      continue;
    best = { counts, cost: sum };
  }
  return best && best.counts.map((n) => ({ ...thing, count: n }));
}
