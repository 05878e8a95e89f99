/** Zones and homes by hand, as changes: what the program proposes becomes the maker's own as soon as it is touched. */
import { isUsedUp } from '../fit/usedUp.ts';
import { applyChanges, remove, removeWithDependents, set, type Change } from '../model/change.ts';
import type { Allotment, Home, Plan, Zone } from '../model/plan.ts';
import type { HomeReport, Report } from '../report/report.ts';
import { letterOf, nameOfZone } from '../zones/zonesOfPlan.ts';

/** What the Report says of zones and homes: the proposed ones are known only there. */
type Said = Pick<Report, 'zones' | 'homes'>;

/** A place to be given: a unit (no slot), an opening of it, or a container there. */
export interface Given {
  unit: string;
  slot: string;
  container: string | null;
}

type NewId = () => string;

/** Makes the zones that are proposed the plan's own, with the activities in them; nothing where it has its own. */
export function keepZones(said: Said): Change[] {
  return said.zones.flatMap((z): Change[] =>
    z.proposed
      ? [
          set('zones', z.id, { id: z.id, name: z.name, letter: z.letter, order: z.order } satisfies Zone),
          ...z.activities.map((a) => set('activities', a, { zone: z.id })),
        ]
      : [],
  );
}

/** The next letter and place in the row that no zone has. */
function nextZone(plan: Plan): Pick<Zone, 'letter' | 'order'> {
  const zones = Object.values(plan.zones);
  const taken = new Set(zones.map((z) => z.letter));
  let n = 0;
  while (taken.has(letterOf(n))) n++;
  return { letter: letterOf(n), order: zones.reduce((most, z) => Math.max(most, z.order + 1), 0) };
}

/** A new zone, with some activities in it. */
export function addZone(plan: Plan, said: Said, name: string, activities: readonly string[], newId: NewId): Change[] {
  const kept = keepZones(said);
  const now = applyChanges(plan, kept).plan;
  const id = newId();
  return [
    ...kept,
    set('zones', id, { id, name, ...nextZone(now) }),
    ...activities.map((a) => set('activities', a, { zone: id })),
    ...whatIsLeft(plan, said, activities),
  ];
}

/** Puts an activity into a zone. */
export function moveActivity(plan: Plan, said: Said, activity: string, zone: string): Change[] {
  return [...keepZones(said), set('activities', activity, { zone }), ...whatIsLeft(plan, said, [activity])];
}

/** The zones that activities leave, renamed after what is left in them; a name that the maker gave stays. */
function whatIsLeft(plan: Plan, said: Said, leaving: readonly string[]): Change[] {
  return said.zones.flatMap((z): Change[] => {
    const before = z.activities.flatMap((a) => plan.activities[a] ?? []);
    const left = before.filter((a) => !leaving.includes(a.id));
    const stays = left.length === 0 || left.length === before.length || z.name !== nameOfZone(before);
    return stays ? [] : [set('zones', z.id, { name: nameOfZone(left) })];
  });
}

/** One zone takes over another: its activities, homes and furniture. */
export function mergeZones(plan: Plan, said: Said, from: string, into: string): Change[] {
  const kept = keepZones(said);
  const now = applyChanges(plan, kept).plan;
  const had = new Set(
    Object.values(now.allotments).flatMap((a) => (a.zone === into ? [`${a.unit}/${a.slot}#${a.container}`] : [])),
  );
  const changes: Change[] = [
    ...kept,
    ...Object.values(now.activities).flatMap((a) => (a.zone === from ? [set('activities', a.id, { zone: into })] : [])),
    ...Object.values(now.homes).flatMap((h) => (h.zone === from ? [set('homes', h.id, { zone: into })] : [])),
    ...Object.values(now.allotments).flatMap((a) =>
      a.zone === from && !had.has(`${a.unit}/${a.slot}#${a.container}`)
        ? [set('allotments', a.id, { zone: into })]
        : [],
    ),
  ];
  return [...changes, ...removeWithDependents(applyChanges(plan, changes).plan, 'zones', from)];
}

/** What a place is given to. */
export type GiveTo = { as: 'zone'; zone: string } | { as: 'storage' } | { as: 'open' };

/**
 * Gives a place to a zone, to storage, or leaves it open. What was said of the places within it goes.
 * @param shared the zones that have it already keep it, too
 */
export function give(
  plan: Plan,
  said: Said,
  place: Given,
  to: GiveTo,
  newId: NewId,
  { firm = true, shared = false }: { firm?: boolean; shared?: boolean } = {},
): Change[] {
  const kept = keepZones(said);
  const now = applyChanges(plan, kept).plan;
  const same = (a: Allotment) => a.unit === place.unit && a.slot === place.slot && a.container === place.container;
  const within = (a: Allotment) =>
    a.unit === place.unit &&
    (place.slot === '' || (a.slot === place.slot && (place.container === null || a.container === place.container)));
  const stays = (a: Allotment) => shared && to.as === 'zone' && same(a) && a.zone !== null && a.zone !== to.zone;
  const gone = Object.values(now.allotments).filter((a) => within(a) && !stays(a));
  const id = newId();
  const row: Allotment = { id, ...place, as: to.as, zone: to.as === 'zone' ? to.zone : null, firm };
  // Of an open unit nothing need be said; an open place of one that is given must say so.
  const isSaid = to.as !== 'open' || place.slot !== '';
  return [...kept, ...gone.map((a) => remove('allotments', a.id)), ...(isSaid ? [set('allotments', id, row)] : [])];
}

const NO_WISH = {
  set: false,
  inside: [] as Home['inside'],
  unit: null,
  slot: '',
  firm: false,
  side: null,
  station: null,
  other: null,
  unsorted: false,
  sparesWith: false,
};

/** Makes a home that the program formed the plan's own. @returns its id, and the changes that it takes */
function keepHome(
  plan: Plan,
  said: Said,
  home: HomeReport,
  newId: NewId,
  name = home.name,
): { id: string; changes: Change[] } {
  if (home.own) return { id: home.id, changes: name === home.name ? [] : [set('homes', home.id, { name })] };
  const id = newId();
  const kept = home.zone !== null && !plan.zones[home.zone] ? keepZones(said) : [];
  return {
    id,
    changes: [
      ...kept,
      set('homes', id, { id, name, zone: home.zone, ...NO_WISH, set: home.set } satisfies Home),
      ...home.supplies.map((s) => set('supplies', s, { home: id })),
    ],
  };
}

/** The home of an id. @throws Error where there is none */
function homeIn(said: Said, id: string): HomeReport {
  const home = said.homes.find((h) => h.id === id);
  if (!home) throw new Error(`There is no home “${id}”.`);
  return home;
}

/** One home takes over another, by the name of the first or a new one. */
export function mergeHomes(plan: Plan, said: Said, into: string, from: string, newId: NewId, name?: string): Change[] {
  const [a, b] = [homeIn(said, into), homeIn(said, from)];
  const { id, changes } = keepHome(plan, said, a, newId, name ?? a.name);
  const moved = b.supplies.map((s) => set('supplies', s, { home: id }));
  return [...changes, ...moved, ...(b.own ? [remove('homes', b.id)] : [])];
}

/** Takes some supplies out of their home into a new one of its zone. */
export function splitHome(
  plan: Plan,
  said: Said,
  home: string,
  supplies: readonly string[],
  name: string,
  newId: NewId,
): Change[] {
  const from = homeIn(said, home);
  const { changes } = keepHome(plan, said, from, newId);
  const id = newId();
  return [
    ...changes,
    set('homes', id, { id, name, zone: from.zone, ...NO_WISH } satisfies Home),
    ...supplies.map((s) => set('supplies', s, { home: id })),
  ];
}

/** Puts a supply into another home. */
export function moveToHome(plan: Plan, said: Said, supply: string, home: string, newId: NewId): Change[] {
  const { id, changes } = keepHome(plan, said, homeIn(said, home), newId);
  return [...changes, set('supplies', supply, { home: id })];
}

/** Sets what a home is and where it is wanted. */
export function setHome(
  plan: Plan,
  said: Said,
  home: string,
  columns: Partial<Omit<Home, 'id'>>,
  newId: NewId,
): Change[] {
  const { id, changes } = keepHome(plan, said, homeIn(said, home), newId);
  const kept = columns.zone != null && !plan.zones[columns.zone] && changes.length === 0 ? keepZones(said) : [];
  return [...kept, ...changes, set('homes', id, columns)];
}

/**
 * A second set of the tools of a home for another zone: one more of each that goes back, to be bought, used by the activities of
 * that zone: what none of them uses yet is fetched by the one that takes most hours, as often as elsewhere.
 */
export function secondSet(plan: Plan, said: Said, home: string, zone: string, newId: NewId): Change[] {
  const from = homeIn(said, home);
  const kept = plan.zones[zone] ? [] : keepZones(said);
  const ofZone = said.zones.find((z) => z.id === zone)?.activities ?? [];
  const activities = new Set(ofZone);
  const tools = from.supplies.map((s) => plan.supplies[s]!).filter((s) => !isUsedUp(s));
  if (tools.length === 0) return [];
  const id = newId();
  return [
    ...kept,
    set('homes', id, {
      id,
      name: `${from.name}, second set`.slice(0, 120),
      zone,
      ...NO_WISH,
      set: from.set,
    } satisfies Home),
    ...tools.flatMap((s): Change[] => {
      const second = newId();
      const uses = Object.values(plan.uses).filter((u) => u.supply === s.id);
      const moved = uses.filter((u) => activities.has(u.activity));
      const most = uses.reduce((n, u) => Math.max(n, u.fetches), 0);
      const first = newId();
      return [
        set('supplies', second, {
          ...{
            ...s,
            id: second,
            name: `${s.name}, second`.slice(0, 120),
            count: 1,
            backstock: 0,
            reorderAt: null,
            toBuy: 1,
          },
          ...{ together: '', home: id },
        }),
        ...moved.map((u) => set('uses', u.id, { supply: second })),
        ...(moved.length === 0 && most > 0 && ofZone.length > 0
          ? [set('uses', first, { id: first, supply: second, activity: ofZone[0]!, fetches: most })]
          : []),
      ];
    }),
  ];
}

/** Keeps a collection whole: all that is of it becomes one home, a set of the zone in which most of it is used. */
export function keepCollection(plan: Plan, said: Said, collection: string, newId: NewId): Change[] {
  const own = Object.values(plan.supplies).filter((s) => s.collection.toLowerCase() === collection.toLowerCase());
  const zones = said.homes.flatMap((h) =>
    h.zone === null || h.spares ? [] : h.supplies.map((s) => [s, h.zone!] as const),
  );
  const zoneOf = new Map(zones);
  const count = new Map<string, number>();
  for (const s of own) {
    const zone = zoneOf.get(s.id);
    if (zone !== undefined) count.set(zone, (count.get(zone) ?? 0) + 1);
  }
  const [zone] = [...count].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0] ?? [null];
  const kept = zone !== null && !plan.zones[zone] ? keepZones(said) : [];
  const id = newId();
  return [
    ...kept,
    set('homes', id, { id, name: collection.slice(0, 120), zone, ...NO_WISH, set: true } satisfies Home),
    ...own.map((s) => set('supplies', s.id, { home: id })),
  ];
}

/** Leaves a home to the program again: its supplies go back to where kind and zone put them. */
export function dissolveHome(plan: Plan, said: Said, home: string): Change[] {
  return homeIn(said, home).own ? removeWithDependents(plan, 'homes', home) : [];
}
