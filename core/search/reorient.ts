/** How things lie in each place once it is settled what lies there: another way of lying, where the Report has less time for it. */
import type { Orientation } from '../model/plan.ts';
import type { Filling, Part } from './filling.ts';
import type { ReportCost } from './reportCost.ts';

/** Less than that is no gain, s a week. */
const LEAST = 0.05;

/** @param goOn whether another layout may be tried */
export function* reorient(search: Filling, reported: ReportCost, goOn: () => boolean): Generator<undefined, void> {
  const { scene, fitter } = search;
  for (const at of scene.compartments.keys()) {
    if (!goOn()) return;
    const others = (p: Part) => {
      const all = fitter.ways(p.supply, at).map((lie) => lie.orientation);
      return [...new Set(all)].filter((o) => o !== p.lie.orientation);
    };
    const mine = search.parts.filter((p) => p.at === at).sort((a, b) => search.fetches(b) - search.fetches(a));
    if (!mine.some((p) => search.fetches(p) > 0 && others(p).length > 0)) continue;
    yield;
    const seconds = (turned?: Part, orientation?: Orientation): number | null => {
      const things = mine.map((p) => ({ thing: p, only: p === turned ? orientation! : p.lie.orientation }));
      return reported.ways(at, things) && reported.seconds(at, things);
    };
    let now = seconds();
    // What does not all lie there as it should is left as it is.
    if (now === null) continue;
    for (const [i, part] of mine.entries())
      for (const orientation of search.fetches(part) > 0 ? others(part) : []) {
        if (!goOn()) return;
        const then = seconds(mine[i], orientation);
        if (then === null || then > now - LEAST) continue;
        now = then;
        const lie = fitter.ways(part.supply, at).find((l) => l.orientation === orientation)!;
        const turned = { ...mine[i]!, lie, width: 0 };
        search.drop(mine[i]!);
        search.put(turned);
        mine[i] = turned;
      }
  }
}
