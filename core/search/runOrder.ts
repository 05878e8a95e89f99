/** An order that runs on: where a home lies in several places of a piece of furniture, its things follow their order from one to the next. */
import type { Supply } from '../model/plan.ts';
import { colourRank, insideOrder } from '../scene/insideOrder.ts';
import type { SortingWay } from '../model/sorting.ts';
import type { Scene } from '../scene/scene.ts';
import { IN_LINE } from '../cost/sortingCost.ts';
import { homesOf } from '../zones/homes.ts';
import { sortOf, wayOfSorting, type Sort } from '../zones/sortOrder.ts';
import { runsOf } from '../zones/neighbours.ts';
import type { Filling, Part } from './filling.ts';

/** Things that follow one order along their places: those of a home, or of all homes of one kind by their colours. */
interface Row {
  supplies: Set<string>;
  compare: (a: Supply, b: Supply) => number;
  /** What is not torn over two places while it can be helped: a colour. */
  value: (s: Supply) => string;
  /** Each value has a place to itself, as long as there are places. */
  apart: boolean;
}

/** From this many lines on, most of which have a colour, things are put in the order of their colours without being asked. Our constants, no source. */
const COLOURED = { lines: 4, share: 0.7 } as const;

/** Supplies that follow an order along their places, and so do not move by themselves. */
export function inARow(search: Filling): Set<string> {
  return new Set(rowsOf(search).flatMap((row) => [...row.supplies]));
}

/** Homes with an order of their maker; and kinds of many colours, their homes in one row. */
function rowsOf({ scene }: Filling): Row[] {
  const { plan } = scene;
  const rows: Row[] = [];
  const kinds = new Map<string, Supply[]>();
  for (const home of homesOf(scene).all) {
    if (home.spares) continue;
    if ((home.row?.inside.length ?? 0) > 0 || plan.meta.sorting.inside !== 'most used')
      rows.push({
        supplies: new Set(home.supplies),
        compare: (a, b) => insideOrder(plan, a.id, b.id),
        value: (s) => s.id,
        apart: false,
      });
    else if (!home.supplies.some((id) => IN_LINE.has(wayOfSorting(scene, plan.supplies[id]!)))) {
      const key = `${home.label} ${home.zone ?? ''}`;
      kinds.set(key, [...(kinds.get(key) ?? []), ...home.supplies.map((id) => plan.supplies[id]!)]);
    }
  }
  for (const list of kinds.values()) {
    const coloured = list.filter((s) => s.colour !== '').length;
    if (list.length < COLOURED.lines || coloured < COLOURED.share * list.length) continue;
    rows.push({
      supplies: new Set(list.map((s) => s.id)),
      compare: (a, b) =>
        colourRank(plan, a.colour) - colourRank(plan, b.colour) ||
        a.colour.localeCompare(b.colour, 'en') ||
        a.collection.localeCompare(b.collection, 'en'),
      value: (s) => s.colour.toLowerCase(),
      apart: false,
    });
  }
  return [...rows, ...sortsInLine(scene)];
}

/** Sorts that stand in a row, each in its own place where it can: one colour a slot. */
function sortsInLine(scene: Scene): Row[] {
  const ways = new Map<SortingWay, Map<string, Sort>>();
  for (const s of Object.values(scene.plan.supplies)) {
    const sort = sortOf(scene, s);
    if (!sort || !IN_LINE.has(sort.way)) continue;
    const own = ways.get(sort.way) ?? new Map<string, Sort>();
    ways.set(sort.way, own.set(s.id, sort));
  }
  return [...ways.values()].map((sorts) => ({
    supplies: new Set(sorts.keys()),
    compare: (a, b) =>
      sorts.get(a.id)!.rank - sorts.get(b.id)!.rank || sorts.get(a.id)!.key.localeCompare(sorts.get(b.id)!.key, 'en'),
    value: (s) => sorts.get(s.id)!.key,
    apart: true,
  }));
}

/**
 * Puts things that have an order along the run of their places: from the top down and from the left to the right, each place
 * filled before the next begins. Where they do not all fit so, they stay as they are.
 */
export function orderRuns(search: Filling): void {
  const { scene } = search;
  const { compartments } = scene;
  for (const row of rowsOf(search)) {
    // What an exact layout found room for takes no strip, and stays.
    const own = search.parts.filter((p) => !p.spare && p.width > 0 && row.supplies.has(p.supply.id));
    const ids = new Map(own.map((p) => [compartments[p.at]!.id, p.at]));
    for (const run of runsOf(scene, ids.keys())) {
      if (run.length < 2) continue;
      const places = run
        .map((id) => ids.get(id)!)
        .sort((a, b) => {
          const [x, y] = [compartments[a]!.front, compartments[b]!.front];
          return y.top - x.top || x.left - y.left;
        });
      const parts = own
        .filter((p) => places.includes(p.at))
        .sort(
          (a, b) =>
            row.compare(a.supply, b.supply) ||
            places.indexOf(a.at) - places.indexOf(b.at) ||
            (a.supply.id < b.supply.id ? -1 : 1),
        );
      for (const p of parts) search.drop(p);
      const tries: Array<() => Part[] | null> = [
        ...(row.apart ? [() => along(search, parts, places, row.value, 'apart')] : []),
        () => along(search, parts, places, row.value, 'whole'),
        () => along(search, parts, places, row.value, 'torn'),
      ];
      const made = tries.reduce<Part[] | null>((found, tried) => found ?? tried(), null);
      if (!made) for (const p of parts) search.put(p);
    }
  }
}

/**
 * Lays parts along places in their order. @param how what has one value: alone in a place, whole in one, or torn where it must be
 * @returns null, with nothing put, where they do not all fit
 */
function along(
  search: Filling,
  parts: readonly Part[],
  places: readonly number[],
  value: Row['value'],
  how: 'apart' | 'whole' | 'torn',
): Part[] | null {
  const made: Part[] = [];
  const put = (part: Part, at: number): boolean => {
    const fits = search.hasAlready(part, at) ? null : search.fits(part.supply, part.count, at);
    if (fits?.count !== part.count) return false;
    const next = { ...part, at, lie: fits.lie, width: fits.width };
    search.put(next);
    made.push(next);
    return true;
  };
  const back = (to: number) => {
    for (const m of made.splice(to)) search.drop(m);
  };
  let n = 0;
  for (const group of how === 'torn' ? parts.map((p) => [p]) : groupsOf(parts, value)) {
    const before = made.length;
    let done = false;
    for (; n < places.length && !done; n += done ? 0 : 1) {
      done = group.every((part) => put(part, places[n]!));
      if (!done) back(before);
    }
    if (done) {
      if (how === 'apart') n++;
      continue;
    }
    back(0);
    return null;
  }
  return made;
}

/** Neighbours in a row with one value, together. */
function groupsOf(parts: readonly Part[], value: Row['value']): Part[][] {
  const groups: Part[][] = [];
  for (const part of parts) {
    const last = groups.at(-1);
    if (last && value(last[0]!.supply) === value(part.supply)) last.push(part);
    else groups.push([part]);
  }
  return groups;
}
