/** Which sort a supply belongs to by each way of sorting, and where sorts stand in a row. */
import { longest, RAINBOW, rainbowRank, SIZES } from '../scene/insideOrder.ts';
import { mainStationOf, usesOf, type Scene } from '../scene/scene.ts';
import type { Supply } from '../model/plan.ts';
import type { SortingWay } from '../model/sorting.ts';

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
  const station = mainStationOf(scene, supply.id);
  const mixture = sorting.mixtures.find((m) =>
    m.kind !== null ? m.kind.toLowerCase() === supply.category.toLowerCase() : m.station === station,
  );
  return mixture?.way ?? sorting.way;
}

/** The sort to which a supply belongs; null where its way says nothing about it, and by homes, which are formed of all (homes.ts). */
export function sortOf(scene: Scene, supply: Supply): Sort | null {
  const way = wayOfSorting(scene, supply);
  const sort = (value: string, words: string, rank = 0): Sort | null =>
    value === '' ? null : { key: `${way}: ${value.toLowerCase()}`, way, words, rank };
  switch (way) {
    case 'home':
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
      // The maker's own order of colours goes before the rainbow.
      const { colours } = scene.plan.meta.sorting;
      const own = colours.findIndex((c) => c.toLowerCase() === supply.colour.toLowerCase());
      if (own >= 0) return sort(colours[own]!, colours[own]!, own);
      const rank = rainbowRank(supply.colour);
      const words = RAINBOW[rank] ?? supply.colour;
      return sort(supply.colour === '' ? '' : words, words, colours.length + rank);
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
