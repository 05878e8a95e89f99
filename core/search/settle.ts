/**
 * Third phase: what was reckoned with strips is laid exactly, in the order of its home along its run, and moved where the Report has
 * less time for it.
 */
import { groupBy } from '../model/groups.ts';
import type { Placement } from '../model/plan.ts';
import type { Problem } from './assignment.ts';
import { placeOne, tighten, type Filling, type Left, type Part } from './filling.ts';
import { improveExact } from './improveExact.ts';
import type { Movable } from './problem.ts';
import { reorient } from './reorient.ts';
import { ReportCost } from './reportCost.ts';
import { orderRuns } from './runOrder.ts';
import { keepApart } from './separateHot.ts';

/** What is settled: a filling, what in it does not move, and the items of its problem. */
export interface Settling {
  search: Filling;
  pinned: readonly Placement[];
  parts: readonly Movable[];
  /** Whether all of the room is filled, so that homes may be put in order along their runs. */
  whole: boolean;
  /** Whether another layout may be tried. */
  goOn: () => boolean;
}

/**
 * Lays an answer exactly. The filling has it then.
 * @param problem at the price at which the answer was found
 * @returns what has no place
 */
export function* settle(
  { search, pinned, parts, whole, goOn }: Settling,
  answer: ArrayLike<number>,
  problem: Problem,
): Generator<undefined, Left[]> {
  let unplaced = withTheRest(search, takeOver(search, parts, answer));
  unplaced = yield* tighten(search, pinned, unplaced, goOn);
  if (whole) orderRuns(search);
  const reported = new ReportCost(search, pinned);
  unplaced = withTheirOwn(search, reported, unplaced, goOn);
  unplaced = yield* improveExact(
    search,
    { ...problem, cost: problem.exactly },
    itemsOf(parts),
    unplaced,
    reported,
    goOn,
  );
  keepApart(search, pinned);
  yield* reorient(search, reported, goOn);
  // What is left lies in parts where there is room for some of it.
  return unplaced.flatMap((left) => {
    const missing = placeOne(search, left);
    return missing > 0 ? [{ ...left, count: missing }] : [];
  });
}

/** Parts as an answer has them, and what has no place in it. */
export function partsAt(
  search: Filling,
  parts: readonly Movable[],
  answer: ArrayLike<number>,
): { placed: Part[]; without: Left[] } {
  const placed: Part[] = [];
  const without: Left[] = [];
  parts.forEach(({ supply, spare, count }, i) => {
    const at = answer[i] ?? -1;
    const fits = at < 0 ? null : search.fitter.into(supply, count, at, search.standing[at]!);
    if (fits) placed.push({ supply, spare, count, at, lie: fits.lie, width: fits.width });
    else without.push({ supply, spare, count });
  });
  return { placed, without };
}

/** Which item a part or what is left is: by its supply and count. */
function itemsOf(parts: readonly Movable[]): (thing: Left) => number | undefined {
  const key = ({ supply, spare, count }: Left) => `${supply.id} ${spare} ${count}`;
  const items = groupBy(parts.keys(), (i) => key(parts[i]!));
  return (thing) => items.get(key(thing))?.shift();
}

/** Puts the parts where an answer has them. @returns what has no place */
function takeOver(search: Filling, parts: readonly Movable[], answer: ArrayLike<number>): Left[] {
  for (const part of [...search.parts]) search.drop(part);
  const { placed, without } = partsAt(search, parts, answer);
  for (const part of placed) search.put(part);
  return without;
}

/** Spares that have no place of their own lie with the working stock where there is room for both. @returns what has none */
function withTheRest(search: Filling, unplaced: readonly Left[]): Left[] {
  return unplaced.filter(({ supply, spare, count }) => {
    const part = spare && search.parts.find((p) => p.supply.id === supply.id && !p.spare);
    if (!part) return true;
    search.drop(part);
    const both = search.fits(supply, part.count + count, part.at);
    const fits = both?.count === part.count + count;
    search.put(fits ? { ...part, count: both.count, lie: both.lie, width: both.width } : part);
    return !fits;
  });
}

/** What has no place lies with the rest of its supply where an exact layout has room for both. @returns what has none */
function withTheirOwn(search: Filling, reported: ReportCost, unplaced: readonly Left[], goOn: () => boolean): Left[] {
  return unplaced.filter(({ supply, spare, count }) => {
    for (const part of search.parts.filter((p) => p.supply === supply && p.spare === spare)) {
      if (search.fitter.limited(part.at) || !goOn()) continue;
      const both = { supply, spare, count: part.count + count };
      const others = search.parts.filter((p) => p.at === part.at && p !== part);
      const lying = others.map((p) => ({ thing: p, only: p.lie.orientation }));
      const ways = reported.ways(part.at, [...lying, { thing: both, only: null }]);
      if (!ways) continue;
      search.drop(part);
      search.put({ ...both, at: part.at, lie: ways.at(-1)!, width: 0 });
      return false;
    }
    return true;
  });
}
