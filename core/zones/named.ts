/** What lies in places as homes: which places can be named, in how many runs a home lies, and which sets are torn. */
import type { Compartment } from '../furniture/compartments.ts';
import { groupBy } from '../model/groups.ts';
import type { Placement } from '../model/plan.ts';
import { compartmentId, usesOf, type Scene } from '../scene/scene.ts';
import { homesOf, type HomeOf } from './homes.ts';
import { runsOf } from './neighbours.ts';

/** A cubby is no wider, a slot no higher, mm. Common practice, no source. */
const CELL = 400;
const SLOT = 60;

/**
 * By how much too many a place holds to be named: homes beyond those whose names a label has room for; on the top of a table,
 * which the work names, lines beyond those that stay out.
 */
function tooMany(scene: Scene, place: Compartment | undefined, homes: number, lines: number): number {
  const { homesInPlace, onATable } = scene.constants;
  return place && isOut(scene, place) ? Math.max(0, lines - onATable) : Math.max(0, homes - homesInPlace);
}

/** The top of a table: what stays out there for its work is not what tears its home. */
export const isOut = (scene: Pick<Scene, 'plan'>, c: Pick<Compartment, 'unit' | 'access' | 'container'>): boolean =>
  c.access === 'top' && c.container === null && scene.plan.units[c.unit]?.kind === 'table';

/** A cubby, slot, bin or cell: one home has it to itself where it can. */
export const isCell = (c: Pick<Compartment, 'container' | 'inside' | 'access'>): boolean =>
  c.container !== null || (c.access === 'open' && (c.inside.width <= CELL || c.inside.height <= SLOT));

/** The zone that a home adds to those of its place: where the room is sorted by homes, zones keep to themselves. */
export const zoneCounted = (scene: Scene, home: HomeOf): string | null =>
  scene.plan.meta.sorting.way === 'home' ? home.zone : null;

/** The activity for which a supply is fetched most; '' for what nobody uses. */
function mainWork(scene: Scene, supply: string): string {
  let [most, activity] = [0, ''];
  for (const use of usesOf(scene, supply)) if (use.fetches > most) [most, activity] = [use.fetches, use.activity];
  return activity;
}

/** The home in which a placement lies: that of its supply, or of its spares. */
export function homeOfPlacement(scene: Scene, p: Pick<Placement, 'supply' | 'spare'>): HomeOf {
  const { of, sparesOf } = homesOf(scene);
  return (p.spare ? sparesOf.get(p.supply) : undefined) ?? of.get(p.supply)!;
}

/** How much too many it is for a name when these things lie together in a place. */
export function heldBy(
  scene: Scene,
  place: string,
  things: ReadonlyArray<Pick<Placement, 'supply' | 'spare'>>,
): number {
  const homes = new Set(things.map((p) => homeOfPlacement(scene, p).label));
  return tooMany(scene, scene.compartment.get(place), homes.size, things.length);
}

export interface NamedPlace {
  id: string;
  /** Homes with the most lines first, and what lies there of each. */
  of: HomeOf[];
  things: ReadonlyMap<HomeOf, readonly string[]>;
  lines: number;
  /** How many zones its homes are of. */
  zones: number;
  /** The activity for which most of its things are mostly used; '' for what nobody uses. */
  work: string;
  tooMany: number;
}

export interface NamedHome {
  home: HomeOf;
  places: string[];
  /** Its places as runs of neighbours, and how many of its lines lie in each, most first. */
  runs: string[][];
  linesIn: number[];
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
  const at = groupBy(lying, compartmentId);
  const homes = new Map<string, NamedHome>();
  for (const [id, list] of groupBy(lying, (p) => homeOfPlacement(scene, p).id)) {
    const lines = new Map<string, number>();
    for (const p of list) lines.set(compartmentId(p), (lines.get(compartmentId(p)) ?? 0) + 1);
    const sum = (run: readonly string[]) => run.reduce((n, place) => n + lines.get(place)!, 0);
    // Of two with as many lines it is not a matter of how the rows of a plan are ordered which is called the main one.
    const runs = runsOf(scene, [...lines.keys()].sort()).sort((a, b) => sum(b) - sum(a) || (a[0]! < b[0]! ? -1 : 1));
    homes.set(id, {
      home: homeOfPlacement(scene, list[0]!),
      places: [...lines.keys()],
      runs,
      linesIn: runs.map(sum),
      units: [...new Set(list.map((p) => p.unit))],
      lines: list.length,
    });
  }
  return { homes, places: new Map([...at].map(([id, list]) => [id, namedPlace(scene, id, list)])) };
}

function namedPlace(scene: Scene, id: string, list: readonly Placement[]): NamedPlace {
  const by = <T>(of: (p: Placement) => T) =>
    [...groupBy(list, of)].map(([value, own]) => [value, own.length] as const).sort((a, b) => b[1] - a[1]);
  const of = by((p) => homeOfPlacement(scene, p))
    .sort((a, b) => b[1] - a[1] || a[0].name.localeCompare(b[0].name, 'en') || (a[0].id < b[0].id ? -1 : 1))
    .map(([home]) => home);
  return {
    ...{ id, of, lines: list.length },
    things: new Map(
      [...groupBy(list, (p) => homeOfPlacement(scene, p))].map(([h, own]) => [h, own.map((p) => p.supply)]),
    ),
    zones: new Set(of.flatMap((h) => zoneCounted(scene, h) ?? [])).size,
    work: by((p) => mainWork(scene, p.supply)).sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0]![0],
    tooMany: tooMany(scene, scene.compartment.get(id), new Set(of.map((h) => h.label)).size, list.length),
  };
}

/** Names in a row at the most; and up to how many things of a home that lie apart from most of it are called by their own names. */
const NAMES = 2;
const OWN_NAMES = 2;

/** Up to how many things of a home in a further run are called by their own names there: parts of one supply cannot be told apart. */
export const ownNamesOf = (home: Pick<HomeOf, 'supplies'>): number => (home.supplies.length === 1 ? 0 : OWN_NAMES);

/** What a place is called, and whether that is true of it alone: not where the rest of a home that gives its name lies elsewhere. */
interface Called {
  name: string;
  says: boolean;
}

/**
 * The names that tell what is inside: of its homes, and where a home has most of its things elsewhere, of the few that lie here.
 * Homes that count as one have one name: that of the one that is at home here.
 */
function namesIn(scene: Scene, named: Named, place: NamedPlace, byThings: boolean): { names: string[]; says: boolean } {
  const names: string[] = [];
  let says = true;
  for (const [, homes] of groupBy(place.of, (h) => h.label)) {
    const here = homes.flatMap((h) => place.things.get(h)!).sort();
    const apart = homes.every((h) => !named.homes.get(h.id)!.runs[0]!.includes(place.id));
    if (byThings && apart && here.length <= OWN_NAMES)
      names.push(together(here.map((id) => scene.plan.supplies[id]!.name)));
    else {
      const own = homes.find((h) => named.homes.get(h.id)!.runs[0]!.includes(place.id));
      names.push((own ?? homes[0]!).name);
      if (apart) says = false;
    }
  }
  return { names: [...new Set(names)], says };
}

/** What a place is called; the top of a table, where more stays out, by the work that is done there. */
export function nameOfPlace(scene: Scene, named: Named, place: NamedPlace): Called {
  const out = isOut(scene, scene.compartment.get(place.id)!);
  const own = namesIn(scene, named, place, true);
  // By things only where a label has room for them.
  const { names, says } = own.names.length > NAMES ? namesIn(scene, named, place, false) : own;
  if (names.length > NAMES && out && place.work !== '')
    return { name: scene.plan.activities[place.work]!.name, says: true };
  return { name: names.slice(0, NAMES).join(' · ') + (names.length > NAMES ? ' …' : ''), says };
}

/** "Awl", "Screwdrivers" -> "Awl and screwdrivers". */
const together = (names: readonly string[]) =>
  [...new Set(names)].map((name, i) => (i === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1))).join(' and ');
