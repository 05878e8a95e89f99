/** A room and what is to lie in it as the problem that assign.ts searches: costs, sizes, crowding, homes and pairs. */
import type { Placement } from '../model/plan.ts';
import { burns } from '../checks/dangers.ts';
import { compartmentId } from '../scene/scene.ts';
import type { Problem } from './assignment.ts';
import { lookSeconds } from '../cost/cost.ts';
import { linesOf, lookedThrough } from '../zones/searchTime.ts';
import { farness, type Left, type Part, type Filling } from './filling.ts';
import { homeCosts, KIN_WEIGHS, mixedSeconds, SET_WEIGHS, wantedOf } from '../cost/sortingCost.ts';
import { apartFrom } from '../zones/separations.ts';
import { kinOf } from '../zones/kin.ts';
import { homeOfPlacement, isOut, ownNamesOf, zoneCounted } from '../zones/named.ts';
import type { HomeOf } from '../zones/homes.ts';
import { neighboursOf } from '../zones/neighbours.ts';
import type { Naming } from './naming.ts';

/** A part to be assigned; one that has no place yet is at -1. */
export type Movable = Pick<Part, 'supply' | 'spare' | 'count' | 'at'>;
/** Leaving all of a supply out costs more than any place, s a week. */
const LEFT_OUT = 1e5;
/**
 * What it weighs that a part has no place, s a week. Half of a supply still weighs more than any place; but nobody gives a good
 * place up for two out of fifty while the others lie on the floor.
 */
export const leftOut = ({ supply, count }: Pick<Part, 'supply' | 'count'>): number =>
  LEFT_OUT * (count / supply.count) ** 3;
/** How little it counts that what nobody fetches lies far: less than any second of what is fetched. */
const FAR_IS_BETTER = 1e-4;

/**
 * What the search of assign.ts is given: all parts that may move, and what has found no place yet.
 * @param stay seconds a week by which another place must be better than the one where a part lies now
 * @returns the problem, the same where nothing but the time and the wishes count, and its items
 */
export function problemOf(
  search: Filling,
  pinned: readonly Placement[],
  unplaced: readonly Left[],
  stay = 0,
): { problem: Problem; quick: Problem; parts: Movable[] } {
  const { scene, fitter } = search;
  const places = scene.compartments;
  const parts: Movable[] = [...search.parts, ...unplaced.map((left) => ({ ...left, at: -1 }))];
  const n = places.length;
  const cost = new Float64Array(parts.length * n).fill(Infinity);
  const exactly = new Float64Array(parts.length * n).fill(Infinity);
  const wish = new Float64Array(parts.length * n);
  const size = new Float64Array(parts.length * n);
  const tidy = new Float64Array(parts.length * n);
  const mine = new Set<Movable>(search.parts);
  // Room and looking that is taken by what does not move: pinned things and containers.
  const taken = Float64Array.from(search.taken);
  const lines = Float64Array.from(search.lines);
  for (const part of search.parts) {
    taken[part.at]! -= part.width;
    lines[part.at]! -= lookedThrough(part.supply);
  }
  const apart = apartFrom(scene.plan);
  const fixed = new Set(pinned.map((p) => `${p.supply} ${compartmentId(p)}`));
  const besidePinned = (supply: string, place: string) =>
    [...(apart.get(supply)?.keys() ?? [])].some((id) => fixed.has(`${id} ${place}`));
  const far = places.map((c) => farness(scene, c));
  const farthest = Math.max(0, ...far);
  const { constants } = scene;
  const look = lookSeconds(1 + 1, constants) / 1.5;
  const out = Uint8Array.from(places, (c) => (isOut(scene, c) ? 1 : 0));
  const homes = new Map<HomeOf, number>();
  const homeLines: number[] = [];
  const homeNumber = (thing: Pick<Placement, 'supply' | 'spare'>): number => {
    const home = homeOfPlacement(scene, thing);
    let n = homes.get(home);
    if (n === undefined) {
      homes.set(home, (n = homes.size));
      homeLines.push(Math.max(1, linesOf(scene, home)));
    }
    return n;
  };
  const home = Int32Array.from(parts, (part) => homeNumber({ supply: part.supply.id, spare: part.spare }));
  const index = new Map(places.map((c, j) => [c.id, j]));
  const lying = pinned.flatMap((p) => {
    const place = index.get(compartmentId(p));
    const supply = scene.plan.supplies[p.supply]!;
    const line = lookedThrough(supply);
    const fetches = line * search.fetches({ supply, spare: p.spare, count: p.count });
    return place === undefined ? [] : [{ home: homeNumber(p), place, line, fetches }];
  });
  const groups = new Map(Object.keys(scene.plan.supplies).map((id, i) => [id, i]));
  parts.forEach((part, i) => {
    const used = search.fetches(part) > 0;
    // Along the lines of its home it is looked for wherever it lies; on the top of a table it is seen by itself.
    const own = homeLines[home[i]!]!;
    const looks = own > 1 ? (lookedThrough(part.supply) * search.fetches(part) * (own + 1) * look) / 2 : 0;
    const row = search.costs(part.supply);
    for (let j = 0; j < n; j++) {
      if (search.bars(part.supply, j) || besidePinned(part.supply.id, places[j]!.id)) continue;
      const alone = fitter.into(part.supply, part.count, j, taken[j]!);
      const lie = alone?.count === part.count ? alone.lie : fitter.ways(part.supply, j)[0];
      if (!lie) continue;
      wish[i * n + j] = search.order(part, j) + (part.at < 0 || part.at === j ? 0 : stay);
      tidy[i * n + j] = search.tidy(part, j);
      exactly[i * n + j] =
        (used ? row[j]! * search.share(part) : FAR_IS_BETTER * (farthest - far[j]!)) +
        wish[i * n + j]! +
        search.digging(part, j, lie) +
        (out[j] === 0 ? looks : 0);
      if (alone?.count !== part.count) continue;
      size[i * n + j] = alone.width;
      cost[i * n + j] = exactly[i * n + j]!;
    }
  });
  const less = (costs: Float64Array) => costs.map((c, k) => c - tidy[k]!);
  const problem: Problem = {
    items: parts.length,
    places: n,
    cost,
    exactly,
    wish,
    size,
    capacity: Float64Array.from(fitter.usable, (room, j) => Math.max(0, room - taken[j]!)),
    without: Float64Array.from(
      parts,
      (part) => leftOut(part) + search.fetches(part) * constants.hunt - (mine.has(part) ? 0 : 1),
    ),
    traffic: Float64Array.from(parts, (part) => lookedThrough(part.supply) * search.fetches(part)),
    line: Float64Array.from(parts, (part) => lookedThrough(part.supply)),
    ...{ look, home, homeLines: Float64Array.from(homeLines), out, lines, lying },
    group: Int32Array.from(parts, (part) => groups.get(part.supply.id)!),
    ...belonging(search, pinned, parts),
  };
  const timeAlone = { cost: less(cost), exactly: less(exactly), wish: less(wish), naming: null, kin: [] };
  return { parts, problem, quick: { ...problem, ...timeAlone } };
}

/** Homes and pairs: what is to lie together or apart, and what it costs when it does not. */
function belonging(
  { scene }: Filling,
  pinned: readonly Placement[],
  parts: readonly Movable[],
): Pick<Problem, 'pairs' | 'kin' | 'unit' | 'near' | 'naming' | 'conflicts'> {
  const { sorted, sets: together } = wantedOf(scene);
  const { constants, compartments: places } = scene;
  const units = new Map([...new Set(places.map((c) => c.unit))].map((u, i) => [u, i]));
  const index = new Map(places.map((c, i) => [c.id, i]));
  // Of each supply the largest part counts.
  const main = new Map<string, number>();
  parts.forEach((part, i) => {
    const before = main.get(part.supply.id);
    if (!part.spare && (before === undefined || parts[before]!.count < part.count)) main.set(part.supply.id, i);
  });
  const pairs = [...together.values()].flatMap((ids) => {
    const own = ids.flatMap((id) => main.get(id) ?? []);
    return own.flatMap((a, n) => own.slice(n + 1).map((b) => [a, b, constants.apart / (ids.length - 1)] as const));
  });
  const kin = kinOf(scene).flatMap(([first, other]) => {
    const [a, b] = [main.get(first), main.get(other)];
    const both = a !== undefined && b !== undefined && sorted(first) && sorted(other);
    return both ? [[a, b, constants.homeExtra * KIN_WEIGHS] as const] : [];
  });
  const apart = apartFrom(scene.plan);
  const conflicts = new Map<number, ReadonlySet<number>>();
  parts.forEach((part, i) => {
    const not = apart.get(part.supply.id);
    // What gets hot does not lie beside what burns, either.
    const [hot, burning] = [part.supply.traits.includes('hot'), burns(part.supply)];
    if (!not && !hot && !burning) return;
    const others = parts.flatMap((other, k) => {
      if (other.supply === part.supply) return [];
      const danger = (hot && burns(other.supply)) || (burning && other.supply.traits.includes('hot'));
      return danger || not?.has(other.supply.id) ? [k] : [];
    });
    if (others.length > 0) conflicts.set(i, new Set(others));
  });
  const numbers = <T>() => {
    const all = new Map<T, number>();
    return (value: T | null) => {
      if (value === null) return -1;
      let n = all.get(value);
      if (n === undefined) all.set(value, (n = all.size));
      return n;
    };
  };
  const [homes, zones, labels] = [numbers<string>(), numbers<string>(), numbers<string>()];
  const sets: number[] = [];
  const ownNames: number[] = [];
  const told = (p: Pick<Placement, 'supply' | 'spare'>) => {
    if (!sorted(p.supply)) return { home: -1, zone: -1, label: -1 };
    const home = homeOfPlacement(scene, p);
    if (home.set) sets.push(homes(home.id));
    ownNames[homes(home.id)] = ownNamesOf(home);
    return {
      home: homes(home.id),
      zone: zones(zoneCounted(scene, home)),
      label: labels(home.label),
    };
  };
  const own = parts.map((part) => told({ supply: part.supply.id, spare: part.spare }));
  const lying = pinned.flatMap((p) => {
    const place = index.get(compartmentId(p));
    const its = told(p);
    return place === undefined || its.home < 0 ? [] : [{ ...its, place }];
  });
  const weights = new Float64Array(1 + Math.max(0, ...own.map((o) => o.home), ...lying.map((l) => l.home))).fill(1);
  for (const h of sets) weights[h] = SET_WEIGHS;
  const near = neighboursOf(scene);
  const naming: Naming = {
    home: Int32Array.from(own, (o) => o.home),
    zone: Int32Array.from(own, (o) => o.zone),
    label: Int32Array.from(own, (o) => o.label),
    ...homeCosts(constants),
    weight: weights,
    ownNames: Int32Array.from(ownNames),
    mixed: Float64Array.from(places, (c) => mixedSeconds(constants, c)),
    strangers: constants.strangers,
    tangled: constants.tangled,
    homesInPlace: constants.homesInPlace,
    linesOnTable: constants.onATable,
    lying,
  };
  return {
    pairs: constants.apart > 0 ? pairs : [],
    kin,
    unit: Int32Array.from(places, (c) => units.get(c.unit)!),
    near: places.map((c) => near.get(c.id)!.map((id) => index.get(id)!)),
    naming: own.some((o) => o.home >= 0) ? naming : null,
    conflicts,
  };
}
