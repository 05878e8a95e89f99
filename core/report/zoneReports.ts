/**
 * What the Report says of homes and zones: which places can be named and how, which homes and sets are torn, what a zone asks
 * for and what it is given, how much of its fetching stays inside it, and from whom it borrows.
 */
import { totalSeconds } from '../fetch/elements.ts';
import { ALONE, fetchElements } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { posesOf } from '../fit/poses.ts';
import { caution, type Finding } from '../model/finding.ts';
import type { Arrangement, Placement, Supply } from '../model/plan.ts';
import { compartmentId, fetchesAWeek, type Scene } from '../scene/scene.ts';
import { allottedTo } from '../zones/allotted.ts';
import { apartFrom } from '../zones/separations.ts';
import { unsortedMinutes } from '../zones/searchTime.ts';
import { homesOf } from '../zones/homes.ts';
import { namesOf, type Named } from '../zones/named.ts';
import { asksFor, formOf, hasSlots, offers, type PlaceForm } from '../zones/placeForms.ts';
import { neighboursOf, runsOf } from '../zones/neighbours.ts';
import { zoneOfActivity, zonesOf } from '../zones/zonesOfPlan.ts';
import { placeNames, type PlaceName } from './placeNames.ts';
import type {
  CollectionReport,
  CompartmentReport,
  HomeReport,
  NamesReport,
  NeedLine,
  PlacementReport,
  ZoneFlow,
  ZoneReport,
} from './report.ts';

/** Everything about homes in one arrangement. */
export interface Homed {
  names: NamesReport;
  places: ReadonlyMap<string, PlaceName>;
  homes: ReadonlyMap<string, { runs: string[][] }>;
  flows: ZoneFlow[];
  purity: ReadonlyMap<string, number>;
}

export function homedIn(scene: Scene, rows: readonly Placement[], placements: readonly PlacementReport[]): Homed {
  const { plan } = scene;
  const named = namesOf(scene, rows);
  const places = placeNames(scene, named);
  const homes = [...named.homes.values()];
  const kinds = new Map<string, Set<string>>();
  for (const p of rows) {
    const kind = plan.supplies[p.supply]!.category;
    if (kind !== '') kinds.set(kind, (kinds.get(kind) ?? new Set()).add(p.unit));
  }
  const { flows, purity } = flowsOf(scene, named, placements);
  return {
    names: {
      lines: homes.reduce((n, h) => n + h.lines, 0),
      linesTogether: homes.reduce((n, h) => n + (h.runs.length === 1 ? h.lines : 0), 0),
      places: named.places.size,
      placesNamed: [...places.values()].filter((p) => p.canBeNamed).length,
      homes: homes.length,
      furtherRuns: homes.reduce((n, h) => n + Math.max(0, h.runs.length - 1), 0),
      placesPerHome: mean(homes.map((h) => h.places.length)),
      homesPerPlace: mean([...named.places.values()].map((p) => p.of.length)),
      kindsSplit: [...kinds].filter(([, units]) => units.size > 1).map(([kind]) => kind),
      setsSplit: setsTorn(scene, rows),
      apartBroken: apartBroken(scene, rows),
      collections: collectionsIn(scene, rows),
      cost: null,
    },
    places,
    homes: new Map(homes.map((h) => [h.home.id, { runs: h.runs }])),
    flows,
    purity,
  };
}

const mean = (list: readonly number[]) => (list.length === 0 ? 0 : list.reduce((a, b) => a + b, 0) / list.length);

/** Sets that do not lie in one place or one run of neighbours, with the places where they lie. */
function setsTorn(scene: Scene, rows: readonly Placement[]): NamesReport['setsSplit'] {
  const own = new Map<string, Set<string>>();
  for (const p of rows) {
    if (p.spare || !scene.compartment.has(compartmentId(p))) continue;
    own.set(p.supply, (own.get(p.supply) ?? new Set()).add(compartmentId(p)));
  }
  return [...homesOf(scene).sets].flatMap(([name, ids]) => {
    const places = new Set(ids.flatMap((id) => [...(own.get(id) ?? [])]));
    const runs = runsOf(scene, places);
    return runs.length > 1 ? [{ name, supplies: [...ids], places: runs.map((r) => r[0]!) }] : [];
  });
}

/** The fewest supplies that make a collection one would keep whole. Our constant, no source. */
const COLLECTION = 3;

/** Collections of several kinds of which the room has more: either the collection lies together, or each of the kinds does. */
function collectionsIn(scene: Scene, rows: readonly Placement[]): CollectionReport[] {
  const { supplies } = scene.plan;
  const collections = new Map<string, { name: string; own: Set<string>; places: Set<string> }>();
  const ofKind = new Map<string, Set<string>>();
  for (const p of rows) {
    if (p.spare || !scene.compartment.has(compartmentId(p))) continue;
    const { collection, category } = supplies[p.supply]!;
    const kind = category.toLowerCase();
    if (kind !== '') ofKind.set(kind, (ofKind.get(kind) ?? new Set()).add(p.supply));
    if (collection === '') continue;
    const key = collection.toLowerCase();
    const of = collections.get(key) ?? { name: collection, own: new Set<string>(), places: new Set<string>() };
    of.own.add(p.supply);
    of.places.add(compartmentId(p));
    collections.set(key, of);
  }
  return [...collections.values()]
    .flatMap(({ name, own, places }): CollectionReport[] => {
      const mine = new Map<string, number>();
      for (const id of own) {
        const kind = supplies[id]!.category.toLowerCase();
        if (kind !== '') mine.set(kind, (mine.get(kind) ?? 0) + 1);
      }
      const kinds = [...mine]
        .map(([kind, inside]) => ({ kind, inside, outside: ofKind.get(kind)!.size - inside }))
        .filter((k) => k.outside > 0)
        .sort((a, b) => b.outside - a.outside || (a.kind < b.kind ? -1 : 1));
      const pulls = own.size >= COLLECTION && mine.size > 1 && kinds.length > 0;
      return pulls ? [{ name, lines: own.size, runs: runsOf(scene, places), kinds }] : [];
    })
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
}

/** Cautions about sets that are torn, and things that lie together and should not; each names the places. */
export function homeFindings(scene: Scene, names: NamesReport, rows: readonly Placement[]): Finding[] {
  const { plan } = scene;
  const place = (id: string) => scene.compartment.get(id)?.name ?? id;
  const rowOf = (supply: string) => rows.find((p) => p.supply === supply)?.id ?? '';
  return [
    ...names.setsSplit.map((t) =>
      caution('set torn', `placements.${rowOf(t.supplies[0]!)}.slot`, {
        message: `“${t.name}” is a set, and lies in ${t.places.length} places: ${t.places.map(place).join('; ')}.`,
        targets: t.supplies.flatMap((s) => {
          const id = rowOf(s);
          return id === '' ? [] : [{ table: 'placements' as const, id }];
        }),
      }),
    ),
    ...names.apartBroken.map((b) => {
      const why = apartFrom(plan).get(b.a)?.get(b.b) ?? '';
      return caution('kept apart', `placements.${rowOf(b.a)}.slot`, {
        message: `${plan.supplies[b.a]!.name} and ${plan.supplies[b.b]!.name} are to be kept apart, and lie together in ${place(b.place)}${why === '' ? '' : `: ${why}`}.`,
        targets: [b.a, b.b].map((s) => ({ table: 'placements' as const, id: rowOf(s) })),
      });
    }),
  ];
}

/** Pairs of things that are to lie apart, and lie in one place. */
function apartBroken(scene: Scene, rows: readonly Placement[]): NamesReport['apartBroken'] {
  const apart = apartFrom(scene.plan);
  if (apart.size === 0) return [];
  const at = new Map<string, Set<string>>();
  for (const p of rows) at.set(compartmentId(p), (at.get(compartmentId(p)) ?? new Set()).add(p.supply));
  return [...at].flatMap(([place, ids]) =>
    [...ids].flatMap((a) => [...ids].flatMap((b) => (a < b && apart.get(a)?.has(b) ? [{ place, a, b }] : []))),
  );
}

/** The zones to which a place belongs: those it is given to, else that of most of its lines. */
export function zonesOfPlace(scene: Scene, c: Compartment, homes: readonly string[]): string[] {
  const given = allottedTo(scene.plan, c);
  if (given.as === 'zone') return [...given.zones];
  if (given.as === 'storage') return [];
  const count = new Map<string, number>();
  const { all } = homesOf(scene);
  for (const id of homes) {
    const zone = all.find((h) => h.id === id)?.zone;
    if (zone) count.set(zone, (count.get(zone) ?? 0) + 1);
  }
  const most = [...count].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0];
  return most ? [most[0]] : [];
}

/** Fetches from zone to zone in a week, and the share of each zone's that stays inside it. */
function flowsOf(scene: Scene, named: Named, placements: readonly PlacementReport[]) {
  const zoneAt = new Map<string, string[]>();
  const of = (id: string): string[] => {
    let own = zoneAt.get(id);
    if (!own) {
      const c = scene.compartment.get(id);
      own = c ? zonesOfPlace(scene, c, named.places.get(id)?.of.map((h) => h.id) ?? []) : [];
      zoneAt.set(id, own);
    }
    return own;
  };
  const flows = new Map<string, ZoneFlow>();
  const [inside, all] = [new Map<string, number>(), new Map<string, number>()];
  for (const p of placements)
    for (const use of p.from) {
      const zone = zoneOfActivity(scene, use.activity)?.id;
      if (zone === undefined) continue;
      all.set(zone, (all.get(zone) ?? 0) + use.fetches);
      const there = of(p.compartment);
      if (there.includes(zone)) {
        inside.set(zone, (inside.get(zone) ?? 0) + use.fetches);
        continue;
      }
      const to = there[0] ?? null;
      const key = `${zone} ${to ?? ''}`;
      const flow = flows.get(key) ?? { from: zone, to, fetches: 0, walked: 0 };
      flow.fetches += use.fetches;
      if (use.times.walk > 0) flow.walked += use.fetches;
      flows.set(key, flow);
    }
  return {
    flows: [...flows.values()].sort((a, b) => b.fetches - a.fetches),
    purity: new Map([...all].map(([zone, n]) => [zone, n > 0 ? (inside.get(zone) ?? 0) / n : 1])),
  };
}

/** What is fetched at least this often a week is wanted within arm's length. Common practice, no source. */
const OFTEN = 3;
/** A long piece, mm. Common practice, no source. */
const LONG = 420;
/** The farthest ripple that is reached without getting up. */
const SEATED = 3;

/** What the things of a zone ask for, and what its places offer, by form and reach. */
function needOf(
  scene: Scene,
  supplies: readonly Supply[],
  places: readonly Compartment[],
  stations: readonly string[],
): NeedLine[] {
  const near = (c: Compartment) =>
    stations.some((s) => (scene.approaches.get(s)?.get(c.id)?.ripple ?? SEATED + 1) <= SEATED);
  const often = (s: Supply) => fetchesAWeek(scene, s.id) >= OFTEN;
  const slots = hasSlots(scene.compartments);
  const onTops = liesOnTops(scene);
  // What lies on a top asks nothing of drawers and shelves, as tops do not count among them.
  const asks = (form: PlaceForm, which: (s: Supply) => boolean = () => true) =>
    supplies.reduce(
      (n, s) =>
        n +
        (formOf(s, slots) === form && which(s) && (form !== 'things' || !onTops.has(s.id))
          ? asksFor(s, scene.plan.meta.roomToGrow)
          : 0),
      0,
    );
  const has = (form: PlaceForm, which: (c: Compartment) => boolean = () => true) =>
    places.reduce((n, c) => {
      const offer = offers(c);
      return n + (offer?.form === form && which(c) ? offer.amount : 0);
    }, 0);
  const long = supplies.filter(
    (s) => formOf(s, slots) === 'things' && s.form !== 'soft' && Math.max(s.length, s.width) > LONG,
  );
  const [wanted, within] = [asks('things', often), has('things', near)];
  const lines: NeedLine[] = [
    { form: 'things', reach: 'arm', unit: 'l', asks: wanted, has: within },
    {
      form: 'things',
      reach: 'any',
      unit: 'l',
      asks: asks('things', (s) => !often(s)),
      has: has('things') - Math.min(wanted, within),
    },
    { form: 'sheets', reach: 'any', unit: 'l', asks: asks('sheets'), has: has('sheets') },
    { form: 'hung', reach: 'any', unit: 'm', asks: asks('hung'), has: has('hung') },
    { form: 'tops', reach: 'any', unit: 'm', asks: asks('tops'), has: has('tops') },
    {
      form: 'long',
      reach: 'any',
      unit: 'lines',
      asks: long.length,
      has: long.filter((s) => places.some((c) => c.only !== 'today' && posesOf(s, c).length > 0)).length,
    },
  ];
  return lines.filter((l) => l.asks > 1e-9);
}

/** Lines all of which lie on tops by the plan. */
function liesOnTops(scene: Scene): Set<string> {
  const [on, off] = [new Set<string>(), new Set<string>()];
  for (const p of Object.values(scene.plan.placements))
    if (p.arrangement === 'planned')
      (scene.compartment.get(compartmentId(p))?.access === 'top' ? on : off).add(p.supply);
  return new Set([...on].filter((s) => !off.has(s)));
}

/** So little is no gap: litres, metres or lines. */
const NO_GAP = 0.05;
/** How many pieces are named that would close one. */
const CLOSERS = 2;

/** What is short most, and which furniture that is nobody's would close it: such as holds something of what is short. */
function gapOf(
  scene: Scene,
  supplies: readonly Supply[],
  needs: readonly NeedLine[],
  places: readonly Compartment[],
  stations: readonly string[],
): ZoneReport['gap'] {
  const short = (n: NeedLine) => n.asks - n.has;
  const [need] = needs.filter((n) => short(n) > NO_GAP).sort((a, b) => short(b) - short(a));
  if (!need) return null;
  const form = need.form === 'long' ? 'things' : need.form;
  const slots = hasSlots(scene.compartments);
  const lies = (s: Supply, c: Compartment) => posesOf(s, c).length > 0;
  const wanting =
    need.form === 'long'
      ? supplies.filter((s) => Math.max(s.length, s.width) > LONG && !places.some((c) => lies(s, c)))
      : supplies.filter((s) => formOf(s, slots) === form);
  const own = new Set(places.map((c) => c.unit));
  const times = new Map<string, number[]>();
  for (const c of scene.compartments) {
    if (own.has(c.unit) || c.only === 'today' || allottedTo(scene.plan, c).as === 'zone') continue;
    const { host, elsewhere, wheels } = scene.plan.units[c.unit]!;
    if (offers(c)?.form !== form || host !== null || elsewhere !== null) continue;
    if (!wanting.some((s) => lies(s, c))) continue;
    for (const s of stations) {
      const way = scene.approaches.get(s)?.get(c.id);
      // What is wanted at hand is closed by what is at hand, or rolls there.
      if (way && (need.reach === 'any' || wheels || way.ripple <= SEATED))
        times.set(c.unit, [...(times.get(c.unit) ?? []), totalSeconds(fetchElements(way, ALONE))]);
    }
  }
  return {
    need,
    closedBy: [...times]
      .map(([unit, list]) => ({ unit, seconds: mean(list) }))
      .sort((a, b) => a.seconds - b.seconds || (a.unit < b.unit ? -1 : 1))
      .slice(0, CLOSERS),
  };
}

/** All zones in their order. @param homed by arrangement */
export function zoneReports(scene: Scene, homed: Readonly<Record<Arrangement, Homed>>): ZoneReport[] {
  const { plan } = scene;
  const { all } = homesOf(scene);
  return zonesOf(scene).map((z) => {
    const homes = all.filter((h) => h.zone === z.id);
    const supplies = homes.filter((h) => !h.spares).flatMap((h) => h.supplies.map((id) => plan.supplies[id]!));
    // The tables of its seats are its own, unless they are given to others.
    const tables = new Set(z.stations.flatMap((s) => plan.stations[s]?.unit ?? []));
    const given = scene.compartments.filter((c) => allottedTo(plan, c).zones.includes(z.id));
    const own = scene.compartments.filter((c) => tables.has(c.unit) && allottedTo(plan, c).as === 'open');
    const used = scene.compartments.filter((c) => {
      const own = homed.planned.places.get(c.id);
      return own !== undefined && zonesOfPlace(scene, c, own.homes).includes(z.id);
    });
    // Where nothing is given to it, what its things take up counts as its furniture.
    const places = given.length > 0 ? [...given, ...own] : used;
    const need = needOf(scene, supplies, places, z.stations);
    return {
      id: z.id,
      letter: z.letter,
      order: z.order,
      name: z.name,
      proposed: z.proposed,
      activities: z.activities,
      stations: z.stations,
      homes: homes.map((h) => h.id),
      units: [...new Set(places.map((c) => c.unit))],
      given: given.length > 0,
      need,
      gap: gapOf(scene, supplies, need, places, z.stations),
      purity: { today: homed.today.purity.get(z.id) ?? null, planned: homed.planned.purity.get(z.id) ?? null },
    };
  });
}

/** States of a place into which nothing more goes. */
const FULL: ReadonlySet<string> = new Set(['full', 'over']);

/** All homes, with where they lie. */
export function homeReports(
  scene: Scene,
  homed: Readonly<Record<Arrangement, Homed>>,
  places: readonly CompartmentReport[],
): HomeReport[] {
  const near = neighboursOf(scene);
  const by = new Map(places.map((c) => [c.id, c]));
  const isFull = (id: string) => FULL.has(by.get(id)?.fill.planned.state ?? 'free');
  const isEmpty = (id: string) => by.get(id)?.contents.planned.length === 0 && by.get(id)?.only !== 'today';
  const fullIn = (runs: readonly string[][]): HomeReport['full'] => {
    const all = runs.flat();
    if (all.length === 0 || !all.every(isFull)) return false;
    return { next: all.flatMap((id) => near.get(id) ?? []).find(isEmpty) ?? null };
  };
  return homesOf(scene).all.map((h) => {
    const at = (a: Arrangement) => homed[a].homes.get(h.id)?.runs ?? [];
    return {
      id: h.id,
      name: h.name,
      zone: h.zone,
      own: h.row !== null,
      set: h.set,
      spares: h.spares,
      supplies: h.supplies,
      kinds: h.kinds,
      runs: { today: at('today'), planned: at('planned') },
      full: fullIn(at('planned')),
      unsorted: h.row?.unsorted ?? false,
      unsortedMinutes: unsortedMinutes(scene, h),
    };
  });
}
