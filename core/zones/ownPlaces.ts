/** Homes that have a place of their own: odds and ends in the bounded places kept for them, kits in their boxes. */
import { containerPlace } from '../fit/containers.ts';
import type { Plan, Supply } from '../model/plan.ts';
import { usesOf, type Scene } from '../scene/scene.ts';
import { allottedTo } from './allotted.ts';

export interface OwnPlace {
  /** Id of the compartment. */
  id: string;
  /** What the home in it is called. */
  name: string;
  /** Of a kit: the activities that it serves; null for odds and ends. */
  activities: ReadonlySet<string> | null;
  /** The zones that have it; empty where it is anybody's. */
  zones: readonly string[];
}

/** Kinds by which makers mean that a thing has none. */
const NO_KIND = /^(odds( and ends)?|misc(\.|ellaneous)?|various|other( things)?|junk|bits( and (bobs|pieces))?)$/i;
/** The share of its fetches with which a thing is for what a kit serves; what is shared with other work stays in its home. */
const FOR_THE_KIT = 0.8;
/** What has no kind and is fetched less often than this in a week is odds and ends; what is used belongs to its work. */
const SELDOM = 0.5;

/** All of them, in a fixed order: kits first. */
export function ownPlaces(plan: Plan): OwnPlace[] {
  const kits = Object.values(plan.kits).flatMap((kit): OwnPlace[] => {
    const box = kit.box === null ? undefined : plan.containers[kit.box];
    if (!box) return [];
    const activities = new Set(Object.values(plan.helpers).flatMap((h) => (h.kit === kit.id ? h.activity : [])));
    return [{ id: containerPlace(box), name: kit.name, activities, zones: [] }];
  });
  const odds = Object.values(plan.keeps).flatMap((k): OwnPlace[] => {
    if (k.for !== 'odds') return [];
    const id = `${k.unit}/${k.slot}${k.container === null ? '' : `#${k.container}`}`;
    return [{ id, name: 'Odds and ends', activities: null, zones: allottedTo(plan, k).zones }];
  });
  const byId = (a: OwnPlace, b: OwnPlace) => (a.id < b.id ? -1 : 1);
  return [...kits.sort(byId), ...odds.sort(byId)];
}

/** The one in which a thing is at home; undefined for most. @param zone the zone that it is of by its use */
export function ownPlaceOf(
  scene: Scene,
  places: readonly OwnPlace[],
  supply: Supply,
  zone: string | null,
): OwnPlace | undefined {
  if (places.length === 0 || supply.form === 'machine') return undefined;
  const uses = usesOf(scene, supply.id);
  const all = uses.reduce((n, u) => n + u.fetches, 0);
  const kit = places.find(
    ({ activities }) =>
      activities !== null &&
      all > 0 &&
      uses.reduce((n, u) => n + (activities.has(u.activity) ? u.fetches : 0), 0) >= FOR_THE_KIT * all,
  );
  const kind = supply.category.trim();
  if (kit || !(NO_KIND.test(kind) || (kind === '' && all < SELDOM))) return kit;
  const odds = places.filter((p) => p.activities === null);
  return odds.find((p) => p.zones.includes(zone ?? '')) ?? odds.find((p) => p.zones.length === 0);
}
