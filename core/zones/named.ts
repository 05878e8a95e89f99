/** What lies in places as homes: which places can be named, in how many runs a home lies, and which sets are torn. */
import type { Compartment } from '../furniture/compartments.ts';
import type { Constants } from '../model/constants.ts';
import type { Placement } from '../model/plan.ts';
import { compartmentId, usesOf, type Scene } from '../scene/scene.ts';
import { homesOf, type HomeOf } from './homes.ts';
import { runsOf } from './neighbours.ts';
import { wayOfSorting } from './sortOrder.ts';

/** A cubby is no wider, a slot no higher, mm. Common practice, no source. */
const CELL = 400;
const SLOT = 60;

/** What a place holds, counted. */
export interface Held {
  /** Homes by what they count as in a name. */
  homes: number;
  /** Kinds of what is in homes that the program formed by kind; an own home is a name for whatever it holds. */
  kinds: number;
  /** Activities for which its things are mostly used. */
  works: number;
}

/**
 * How many homes or kinds are too many in a place for a name of two or three words; 0 where it can be named: at most two homes
 * of few kinds, or the things of one activity, of few kinds.
 */
export function tooMany(
  { homes, kinds, works }: Held,
  constants: Pick<Constants, 'homesInPlace' | 'kindsInPlace'>,
): number {
  const { homesInPlace, kindsInPlace } = constants;
  const over = Math.max(0, kinds - kindsInPlace);
  return works <= 1 && over === 0 ? 0 : Math.max(0, homes - homesInPlace) + over;
}

/** The top of a table: what stays out there for its work is not what tears its home. */
export const isOut = (scene: Pick<Scene, 'plan'>, c: Pick<Compartment, 'unit' | 'access' | 'container'>): boolean =>
  c.access === 'top' && c.container === null && scene.plan.units[c.unit]?.kind === 'table';

/** A cubby, slot, bin or cell: one home has it to itself where it can. */
export const isCell = (c: Pick<Compartment, 'container' | 'inside' | 'access'>): boolean =>
  c.container !== null || (c.access === 'open' && (c.inside.width <= CELL || c.inside.height <= SLOT));

/** The kind that a thing adds to those of its place; null where its home is a name by itself. */
export function kindCounted(scene: Scene, supply: string, home: HomeOf): string | null {
  const s = scene.plan.supplies[supply]!;
  const way = wayOfSorting(scene, s);
  return home.row !== null || home.set || home.place !== null || (way !== 'home' && way !== 'quickest')
    ? null
    : s.category.toLowerCase();
}

/** The zone that a home adds to those of its place: where the room is sorted by homes, zones keep to themselves. */
export const zoneCounted = (scene: Scene, home: HomeOf): string | null =>
  scene.plan.meta.sorting.way === 'home' ? home.zone : null;

/** The activity for which a supply is fetched most; '' for what nobody uses. */
export function mainWork(scene: Scene, supply: string): string {
  let [most, activity] = [0, ''];
  for (const use of usesOf(scene, supply)) if (use.fetches > most) [most, activity] = [use.fetches, use.activity];
  return activity;
}

/** The home in which a placement lies: that of its supply, or of its spares. */
export function homeOfPlacement(scene: Scene, p: Pick<Placement, 'supply' | 'spare'>): HomeOf {
  const { of, sparesOf } = homesOf(scene);
  return (p.spare ? sparesOf.get(p.supply) : undefined) ?? of.get(p.supply)!;
}

/** How many homes or kinds are too many where these things lie together. */
export function heldBy(scene: Scene, things: ReadonlyArray<Pick<Placement, 'supply' | 'spare'>>): number {
  const [homes, kinds, works] = [new Set<string>(), new Set<string>(), new Set<string>()];
  for (const p of things) {
    const home = homeOfPlacement(scene, p);
    homes.add(home.label);
    const kind = kindCounted(scene, p.supply, home);
    if (kind !== null) kinds.add(kind);
    works.add(mainWork(scene, p.supply));
  }
  return tooMany({ homes: homes.size, kinds: kinds.size, works: works.size }, scene.constants);
}

export interface NamedPlace extends Held {
  id: string;
  /** Homes with the most lines first. */
  of: HomeOf[];
  lines: number;
  /** How many zones its homes are of. */
  zones: number;
  /** The activity for which all of its things are mostly used; null where there are several, '' for what nobody uses. */
  work: string | null;
  tooMany: number;
}

interface NamedHome {
  home: HomeOf;
  /** Its places, without the tops of tables where some of it stays out; and those. */
  places: string[];
  out: string[];
  /** Its places as runs of neighbours. */
  runs: string[][];
  units: string[];
  lines: number;
}

export interface Named {
  places: ReadonlyMap<string, NamedPlace>;
  homes: ReadonlyMap<string, NamedHome>;
}

/** @param placements those of one arrangement */
export function namesOf(scene: Scene, placements: readonly Placement[]): Named {
  const lying = placements.filter((p) => scene.compartment.has(compartmentId(p)));
  const at = new Map<string, Placement[]>();
  const homes = new Map<
    string,
    { home: HomeOf; places: Set<string>; out: Set<string>; units: Set<string>; lines: number }
  >();
  for (const p of lying) {
    const id = compartmentId(p);
    const list = at.get(id);
    if (list) list.push(p);
    else at.set(id, [p]);
    const home = homeOfPlacement(scene, p);
    let own = homes.get(home.id);
    if (!own) homes.set(home.id, (own = { home, places: new Set(), out: new Set(), units: new Set(), lines: 0 }));
    if (isOut(scene, scene.compartment.get(id)!)) own.out.add(id);
    else {
      own.places.add(id);
      own.units.add(p.unit);
    }
    own.lines++;
  }
  const places = new Map<string, NamedPlace>();
  for (const [id, list] of at) {
    const count = new Map<HomeOf, number>();
    const kinds = new Set<string>();
    const works = new Set<string>();
    for (const p of list) {
      const home = homeOfPlacement(scene, p);
      count.set(home, (count.get(home) ?? 0) + 1);
      const kind = kindCounted(scene, p.supply, home);
      if (kind !== null) kinds.add(kind);
      works.add(mainWork(scene, p.supply));
    }
    const of = [...count].sort((a, b) => b[1] - a[1] || a[0].name.localeCompare(b[0].name, 'en')).map(([home]) => home);
    const held = { homes: new Set(of.map((h) => h.label)).size, kinds: kinds.size, works: works.size };
    places.set(id, {
      id,
      ...held,
      of,
      lines: list.length,
      zones: new Set(of.flatMap((h) => zoneCounted(scene, h) ?? [])).size,
      work: works.size === 1 ? [...works][0]! : null,
      tooMany: tooMany(held, scene.constants),
    });
  }
  return {
    places,
    homes: new Map(
      [...homes].map(([id, h]) => [
        id,
        {
          home: h.home,
          places: [...h.places],
          out: [...h.out],
          runs: runsOf(scene, h.places),
          units: [...h.units],
          lines: h.lines,
        },
      ]),
    ),
  };
}

/** Names in a row before the activity says it better. */
const NAMES = 2;

/** What a place is called: its homes; of more than two the one activity that they are for, or the first few. */
export function nameOfPlace(scene: Pick<Scene, 'plan'>, place: Pick<NamedPlace, 'of' | 'work'>): string {
  const { of, work } = place;
  // Homes that count as one have one name: that of their kind.
  const names = new Map<string, string>();
  for (const h of of) names.set(h.label, names.has(h.label) ? capital(h.label) : h.name);
  if (names.size > NAMES && work !== null) return work === '' ? 'Not used' : scene.plan.activities[work]!.name;
  const list = [...names.values()];
  return list.slice(0, NAMES + 1).join(' · ') + (list.length > NAMES + 1 ? ' …' : '');
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
