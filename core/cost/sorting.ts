/**
 * Ways of sorting: which sort a supply belongs to, where sorts stand in a row, and what it costs a week that the room
 * does not keep to it. The same figures for the solver and for the report.
 */
import type { Compartment } from '../furniture/compartments.ts';
import { volume } from '../fit/fit.ts';
import { lies } from '../fit/lies.ts';
import { isMadeFor } from '../fit/limits.ts';
import type { Placement, Plan, Supply } from '../model/plan.ts';
import type { SortingWay } from '../model/sorting.ts';
import { stripSpan, wallsOf } from '../room/walls.ts';
import { compartmentId, usesOf, zoneOf, type Scene } from '../scene/scene.ts';
import { longest, RAINBOW, rainbowRank, SIZES } from '../scene/insideOrder.ts';
import { keptFrom } from './wishes.ts';
import { isShown } from './rules.ts';

/** A sort: the way, its value, and its rank in the row of sorts. */
export interface Sort {
  key: string;
  way: SortingWay;
  words: string;
  rank: number;
}

/** The way in which a supply is sorted: that of the first mixture it falls under, or that of the room. */
export function wayOfSorting(scene: Scene, supply: Supply): SortingWay {
  const { sorting } = scene.plan.meta;
  const zone = zoneOf(scene, supply.id);
  const mixture = sorting.mixtures.find((m) =>
    m.kind !== null ? m.kind.toLowerCase() === supply.category.toLowerCase() : m.station === zone,
  );
  return mixture?.way ?? sorting.way;
}

/** The sort to which a supply belongs; null where its way says nothing about it. */
export function sortOf(scene: Scene, supply: Supply): Sort | null {
  const way = wayOfSorting(scene, supply);
  const sort = (value: string, words: string, rank = 0): Sort | null =>
    value === '' ? null : { key: `${way}: ${value.toLowerCase()}`, way, words, rank };
  switch (way) {
    case 'quickest':
      return null;
    case 'activity': {
      const uses = [...usesOf(scene, supply.id)].sort((a, b) => b.fetches - a.fetches);
      const activity = uses[0]?.activity;
      return activity === undefined ? sort('none', 'not used') : sort(activity, scene.plan.activities[activity]!.name);
    }
    case 'kind':
      return sort(supply.category, supply.category);
    case 'colour': {
      const rank = rainbowRank(supply.colour);
      const words = RAINBOW[rank] ?? supply.colour;
      return sort(supply.colour === '' ? '' : words, words, rank);
    }
    case 'collection':
      return sort(supply.collection, supply.collection);
    case 'theme':
      return sort(supply.theme, supply.theme);
    case 'alphabet': {
      const letter = supply.name.trim().charAt(0).toUpperCase();
      return sort(letter, letter, letter.codePointAt(0) ?? 0);
    }
    case 'size': {
      const rank = SIZES.findIndex(([most]) => longest(supply) <= most);
      return sort(SIZES[rank]![1], SIZES[rank]![1], rank);
    }
  }
}

/** Ways in which the sorts stand in a row along the room. */
const IN_LINE: ReadonlySet<SortingWay> = new Set(['colour', 'alphabet', 'size']);

/** What a way of sorting asks of every supply and every place. */
export interface Wanted {
  sorts: ReadonlyMap<string, Sort>;
  /** Seconds a week of a supply in a place for not being shown or hidden as it should, and for standing out of line. */
  shown: (supply: Supply, compartment: Compartment) => number;
  line: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week of a harmless thing among what is locked away; nothing where only the time counts. */
  lockedAway: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week of a thing that does not lie in a holder made for its kind, where there is one. */
  holder: (supply: Supply, compartment: Compartment) => number;
  /** Names under which supplies belong together, with the supplies; only names that two share. */
  sets: ReadonlyMap<string, readonly string[]>;
}

/** What is locked away for its own sake. */
const LOCK_AWAY = ['not for a child', 'flammable'] as const;
const known = new WeakMap<object, { supplies: Plan['supplies']; wanted: Wanted }>();

/** What the plan's way of sorting asks; worked out once for a scene. */
export function wantedOf(scene: Scene): Wanted {
  const before = known.get(scene.approaches);
  if (before?.supplies === scene.plan.supplies) return before.wanted;
  const { plan, constants } = scene;
  const supplies = Object.values(plan.supplies);
  const sorts = new Map<string, Sort>();
  for (const s of supplies) {
    const sort = sortOf(scene, s);
    if (sort) sorts.set(s.id, sort);
  }
  const places = shares(
    [...scene.compartments].sort((a, b) => byPlace(scene, a, b)).map((c) => [c.id, litres(c)] as const),
  );
  const inRow = new Map<string, ReadonlyMap<string, number>>();
  for (const way of IN_LINE) {
    const row = supplies
      .filter((s) => sorts.get(s.id)?.way === way)
      .sort((a, b) => sorts.get(a.id)!.rank - sorts.get(b.id)!.rank || a.name.localeCompare(b.name, 'en'));
    inRow.set(way, shares(row.map((s) => [s.id, volume(s, s.count)] as const)));
  }
  const { shown } = plan.meta.sorting;
  const sets = new Map<string, string[]>();
  for (const s of supplies) {
    if (s.together === '') continue;
    const name = s.together.toLowerCase();
    sets.set(name, [...(sets.get(name) ?? []), s.id]);
  }
  for (const [name, list] of sets) if (list.length < 2) sets.delete(name);
  const made = new Map<string, ReadonlySet<string>>();
  const holders = (supply: Supply): ReadonlySet<string> => {
    let own = made.get(supply.id);
    if (!own) {
      const list = scene.compartments.filter(
        (c) => c.only !== 'today' && isMadeFor(supply, c) && !scene.shut.has(c.id) && lies(supply, c).length > 0,
      );
      made.set(supply.id, (own = new Set(list.map((c) => c.id))));
    }
    return own;
  };
  const wanted: Wanted = {
    sorts,
    sets,
    shown: (supply, c) => {
      if (shown === 'as it comes') return 0;
      const should = shown === 'in view' || (shown === 'pretty in view' && supply.traits.includes('pretty'));
      return isShown(scene, c) === should ? 0 : constants.wrongShow;
    },
    holder: (supply, c) => (holders(supply).size > 0 && !holders(supply).has(c.id) ? constants.ownHolder : 0),
    lockedAway: (supply, c) =>
      (plan.units[c.unit]?.keyLocked || (c.container !== null && plan.containers[c.container]?.keyLocked)) &&
      wayOfSorting(scene, supply) !== 'quickest' &&
      !LOCK_AWAY.some((t) => supply.traits.includes(t)) &&
      keptFrom(plan, supply).length === 0
        ? constants.lockedUp
        : 0,
    line: (supply, c) => {
      const sort = sorts.get(supply.id);
      const at = sort && inRow.get(sort.way)?.get(supply.id);
      return at === undefined || at === null ? 0 : constants.outOfLine * Math.abs(at - places.get(c.id)!);
    },
  };
  known.set(scene.approaches, { supplies: plan.supplies, wanted });
  return wanted;
}

const litres = (c: Compartment) => (c.inside.width * c.inside.depth * c.inside.height) / 1e6;

/** Where the middle of each thing lies in a row, 0 to 1, by how much each takes. */
function shares(row: ReadonlyArray<readonly [string, number]>): Map<string, number> {
  const all = row.reduce((sum, [, n]) => sum + n, 0) || 1;
  let before = 0;
  return new Map(
    row.map(([id, n]) => {
      const at = (before + n / 2) / all;
      before += n;
      return [id, at];
    }),
  );
}

/** The order in which one walks along the walls: unit by unit from the left, in each from the top down; other rooms last. */
function byPlace(scene: Scene, a: Compartment, b: Compartment): number {
  const [ua, ub] = [leftOf(scene, a.unit), leftOf(scene, b.unit)];
  return ua - ub || b.front.top - a.front.top || a.front.left - b.front.left || (a.id < b.id ? -1 : 1);
}

const lefts = new WeakMap<object, Map<string, number>>();
function leftOf(scene: Scene, unit: string): number {
  let all = lefts.get(scene.approaches);
  if (!all) {
    const walls = wallsOf(scene.plan);
    all = new Map(
      Object.values(scene.plan.units).map((u, i) => [
        u.id,
        u.elsewhere !== null ? 1e9 + i : (stripSpan(u, walls)?.left ?? 1e8) + i * 1e-3,
      ]),
    );
    lefts.set(scene.approaches, all);
  }
  return all.get(unit)!;
}

/** How far an arrangement is from the wished order. Minutes a week; numbers are counts. */
export interface Order {
  /** Pieces of furniture beyond the first in which a sort lies, over all sorts. */
  furtherHomes: number;
  /** Sorts beyond the first in a place, over all places. */
  mixed: number;
  /** Pairs that belong together and do not lie together. */
  apart: number;
  /** Things that are hidden and should be seen, or the other way round. */
  wronglyShown: number;
  /** Harmless things that lie among what is locked away. */
  lockedUp: number;
  /** Places beyond the first of one thing, spares not counted. */
  furtherPlaces: number;
  /** Minutes a week that all of it weighs, with what stands out of line. */
  minutes: number;
  /** Each sort with the pieces of furniture in which it lies. */
  sorts: Array<{ key: string; words: string; supplies: number; units: string[] }>;
}

/** How far placements are from the wished order. @param placements those of one arrangement */
export function orderOf(scene: Scene, placements: readonly Placement[]): Order {
  const { constants, plan } = scene;
  const wanted = wantedOf(scene);
  const homes = new Map<string, Set<string>>();
  const mixtures = new Map<string, Set<string>>();
  const places = new Map<string, Placement[]>();
  let [wronglyShown, lockedUp, seconds] = [0, 0, 0];
  const working = placements.filter((p) => !p.spare && scene.compartment.has(compartmentId(p)));
  for (const p of working) {
    const at = compartmentId(p);
    const compartment = scene.compartment.get(at)!;
    const supply = plan.supplies[p.supply]!;
    places.set(p.supply, [...(places.get(p.supply) ?? []), p]);
    const share = p.count / supply.count;
    const shown = wanted.shown(supply, compartment);
    if (shown > 0) wronglyShown++;
    const locked = wanted.lockedAway(supply, compartment);
    if (locked > 0) lockedUp++;
    seconds +=
      (shown + locked + wanted.holder(supply, compartment) + wanted.line(supply, compartment)) * Math.min(1, share);
    const sort = wanted.sorts.get(p.supply);
    if (!sort) continue;
    homes.set(sort.key, (homes.get(sort.key) ?? new Set()).add(p.unit));
    mixtures.set(at, (mixtures.get(at) ?? new Set()).add(sort.key));
  }
  const further = (sets: Iterable<{ size: number }>) => [...sets].reduce((sum, s) => sum + s.size - 1, 0);
  const furtherHomes = further(homes.values());
  const mixed = further(mixtures.values());
  const furtherPlaces = [...places.values()].reduce((sum, list) => sum + list.length - 1, 0);
  const { apart, weight } = apartness(wanted, places);
  seconds +=
    furtherHomes * constants.homeExtra +
    mixed * constants.mixed +
    furtherPlaces * constants.split +
    weight * constants.apart;
  const count = new Map<string, number>();
  const named = new Map<string, string>();
  for (const sort of wanted.sorts.values()) {
    count.set(sort.key, (count.get(sort.key) ?? 0) + 1);
    named.set(sort.key, sort.words);
  }
  return {
    furtherHomes,
    mixed,
    apart,
    wronglyShown,
    lockedUp,
    furtherPlaces,
    minutes: seconds / 60,
    sorts: [...homes]
      .map(([key, units]) => ({ key, words: named.get(key)!, supplies: count.get(key)!, units: [...units].sort() }))
      .sort((a, b) => b.units.length - a.units.length || a.words.localeCompare(b.words, 'en')),
  };
}

/**
 * Pairs of a set that do not lie together, each supply judged by its largest part. A pair weighs 1 over the number of
 * others in its set when it lies in two pieces of furniture, half of that in two places of one.
 */
function apartness(wanted: Wanted, places: ReadonlyMap<string, readonly Placement[]>) {
  let [apart, weight] = [0, 0];
  for (const ids of wanted.sets.values()) {
    const mains = ids.flatMap((id) => {
      const list = places.get(id) ?? [];
      return list.length === 0 ? [] : [list.reduce((a, b) => (b.count > a.count ? b : a))];
    });
    mains.forEach((a, i) =>
      mains.slice(i + 1).forEach((b) => {
        if (compartmentId(a) === compartmentId(b)) return;
        apart++;
        weight += (a.unit === b.unit ? 0.5 : 1) / (ids.length - 1);
      }),
    );
  }
  return { apart, weight };
}
