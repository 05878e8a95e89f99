/**
 * Zones of a room: the maker's own, or, while there are none, those that the program proposes from what activities share
 * (supplies, a seat) and what must be apart. Every activity is in one zone.
 */
import { onceFor } from '../model/memo.ts';
import { byName, hoursAWeek, type Activity, type Plan, type Zone } from '../model/plan.ts';
import { seatsOf, usesOf, type Scene } from '../scene/scene.ts';
import { clashesOf } from './clashes.ts';

/** A zone with its activities, by name, and the stations at which they are done. */
export interface ZoneOf extends Zone {
  /** It is not in the plan yet. */
  proposed: boolean;
  activities: string[];
  stations: string[];
}

/** How alike two activities must be at the least to share a zone, 0 to 1. Our constants, no source. */
const ALIKE = 0.3;
/** What the same seat, and the maker's own letter, add to the share of fetches that two activities have in common. */
const SAME_SEAT = 0.5;
const LETTER = { A: 1, E: 0.6, I: 0.3, O: 0.1, U: 0, X: -Infinity } as const;

/** Letters of zones in their order: A to Z, then A2 and on. */
export const letterOf = (n: number): string =>
  String.fromCharCode(65 + (n % 26)) + (n < 26 ? '' : String.fromCharCode(49 + Math.floor(n / 26)));

/** The zones of a plan in their order: its own with what belongs to each, or those that are proposed while it has none. */
export const zonesOf = onceFor(
  (scene: Scene) => [scene.approaches, scene.plan.zones],
  (scene: Scene): readonly ZoneOf[] =>
    Object.keys(scene.plan.zones).length > 0 ? ownZones(scene.plan) : proposedZones(scene),
);

/** Own zones; an activity that was put into none is in that of the seat where it is done, or in the one it shares most with. */
function ownZones(plan: Plan): ZoneOf[] {
  const zones = Object.values(plan.zones)
    .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1))
    .map((z): ZoneOf => ({ ...z, proposed: false, activities: [], stations: [] }));
  const all = byName(plan.activities);
  const seats = new Map<string, ZoneOf>();
  const given = (a: Activity) => zones.find((z) => z.id === a.zone);
  for (const a of all) for (const s of given(a) ? seatsOf(plan, a) : []) if (!seats.has(s)) seats.set(s, given(a)!);
  for (const a of all) {
    const zone = given(a) ?? seatsOf(plan, a).flatMap((s) => seats.get(s) ?? [])[0];
    zone?.activities.push(a.id);
  }
  for (const z of zones) z.stations = stationsFor(plan, z.activities);
  return zones;
}

function stationsFor(plan: Plan, activities: readonly string[]): string[] {
  return [...new Set(activities.flatMap((a) => seatsOf(plan, plan.activities[a]!)))].filter((s) => plan.stations[s]);
}

/** Fetches a week of each supply by each activity. */
function fetchesBy(scene: Scene): Map<string, Map<string, number>> {
  const by = new Map<string, Map<string, number>>();
  for (const id of Object.keys(scene.plan.supplies))
    for (const use of usesOf(scene, id)) {
      const own = by.get(use.activity) ?? new Map<string, number>();
      own.set(id, (own.get(id) ?? 0) + use.fetches);
      by.set(use.activity, own);
    }
  return by;
}

/**
 * Proposes zones: activities are joined, the most alike first, as long as they are alike enough on the average of their pairs
 * (agglomerative clustering by average linkage, Sokal & Michener 1958, from memory).
 */
function proposedZones(scene: Scene): ZoneOf[] {
  const { plan } = scene;
  const by = fetchesBy(scene);
  const activities = byName(plan.activities).filter((a) => by.has(a.id) || a.station !== null);
  const sum = (map: ReadonlyMap<string, number>) => [...map.values()].reduce((a, b) => a + b, 0);
  const alike = (a: Activity, b: Activity): number => {
    const letter = Object.values(plan.relations).find(
      (r) => (r.a === a.id && r.b === b.id) || (r.a === b.id && r.b === a.id),
    );
    const [mine, theirs] = [by.get(a.id) ?? new Map<string, number>(), by.get(b.id) ?? new Map<string, number>()];
    let common = 0;
    for (const [supply, n] of mine) common += Math.min(n, theirs.get(supply) ?? 0);
    const share = common / Math.max(1e-9, Math.min(sum(mine), sum(theirs)));
    const seat = seatsOf(plan, a).some((s) => seatsOf(plan, b).includes(s));
    if (!seat && clashesOf(a, b).length > 0) return -Infinity;
    return share + (seat ? SAME_SEAT : 0) + (letter ? LETTER[letter.closeness] : 0);
  };
  let groups: Activity[][] = activities.map((a) => [a]);
  for (;;) {
    let best: { i: number; j: number; by: number } | null = null;
    for (let i = 0; i < groups.length; i++)
      for (let j = i + 1; j < groups.length; j++) {
        const pairs = groups[i]!.flatMap((a) => groups[j]!.map((b) => alike(a, b)));
        const mean = pairs.reduce((x, y) => x + y, 0) / pairs.length;
        if (mean >= ALIKE && (!best || mean > best.by + 1e-9)) best = { i, j, by: mean };
      }
    if (!best) break;
    const { i, j } = best;
    groups = [...groups.filter((_, n) => n !== i && n !== j), [...groups[i]!, ...groups[j]!]];
  }
  const hours = (list: readonly Activity[]) => list.reduce((n, a) => n + hoursAWeek(a), 0);
  groups.sort((a, b) => hours(b) - hours(a) || (a[0]!.id < b[0]!.id ? -1 : 1));
  return groups.map((list, n): ZoneOf => {
    const ids = mostDone(list).map((a) => a.id);
    return {
      id: `zone-${ids[0]!.slice(0, 58)}`,
      name: nameOfZone(list),
      letter: letterOf(n),
      order: n,
      proposed: true,
      activities: ids,
      stations: stationsFor(plan, ids),
    };
  });
}

/** Activities, those that take most hours first. */
const mostDone = (list: readonly Activity[]): Activity[] =>
  [...list].sort((a, b) => hoursAWeek(b) - hoursAWeek(a) || (a.id < b.id ? -1 : 1));

/** "Costume sewing"; "Carving heads and painting": of several the first words of the two that take most hours. */
export function nameOfZone(list: readonly Activity[]): string {
  const [first, second] = mostDone(list).map((a) => a.name);
  if (second === undefined) return first!;
  const head = (name: string) => name.split(/,| and | for | of | with | on /)[0]!.trim();
  const [a, b] = [head(first!), head(second)];
  return a.toLowerCase() === b.toLowerCase() ? a : `${a} and ${b.charAt(0).toLowerCase()}${b.slice(1)}`;
}

/** The zone of an activity; null for one in none. */
export function zoneOfActivity(scene: Scene, activity: string): ZoneOf | null {
  return zonesOf(scene).find((z) => z.activities.includes(activity)) ?? null;
}

/** The zone from which a supply is fetched most, by its uses; null for what nobody uses. */
export function zoneByUse(scene: Scene, supply: string): ZoneOf | null {
  const weights = new Map<ZoneOf, number>();
  for (const use of usesOf(scene, supply)) {
    const zone = zoneOfActivity(scene, use.activity);
    if (zone) weights.set(zone, (weights.get(zone) ?? 0) + use.fetches);
  }
  let best: ZoneOf | null = null;
  for (const [zone, n] of weights) if (!best || n > weights.get(best)! + 1e-9) best = zone;
  return best;
}
