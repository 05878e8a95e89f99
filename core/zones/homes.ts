/**
 * Homes: named groups of supplies that live together. Those of the maker, and for all else those that the program forms from
 * kind and zone (or from the way of sorting that the room has): large ones are split by colour or maker, tiny ones that are
 * used together are joined. Every supply is in exactly one home; its spares are in a home of their own.
 */
import { groupBy } from '../model/groups.ts';
import { onceFor } from '../model/memo.ts';
import { volume } from '../fit/fit.ts';
import { sparesOf } from './spares.ts';
import { byName, type Form, type Home, type Plan, type Supply } from '../model/plan.ts';
import { colourRank, RAINBOW, rainbowRank } from '../scene/insideOrder.ts';
import { usesOf, type Scene } from '../scene/scene.ts';
import { apartFrom } from './separations.ts';
import { ownPlaceOf, ownPlaces, type OwnPlace } from './ownPlaces.ts';
import { sortOf, wayOfSorting } from './sortOrder.ts';
import { zoneByUse, zonesOf, type ZoneOf } from './zonesOfPlan.ts';

export interface HomeOf {
  id: string;
  /** The maker's own; null for one that the program formed. */
  row: Home | null;
  name: string;
  /** Id of its zone; null for what nobody uses. */
  zone: string | null;
  /** Its things are to lie in one place or run, or it is said to be torn. */
  set: boolean;
  /** It has the spares of another home. */
  spares: boolean;
  supplies: string[];
  /** Kinds of its supplies, most lines first. */
  kinds: string[];
  /** What it counts as in a name: homes of one kind that the program formed, of whatever zone and form, have one name. */
  label: string;
  /** The place that is its own: of odds and ends, of a kit. Null for any other. */
  place: string | null;
}

export interface Homes {
  all: readonly HomeOf[];
  /** Home of each supply, and that of its spares. */
  of: ReadonlyMap<string, HomeOf>;
  sparesOf: ReadonlyMap<string, HomeOf>;
  /** Groups that lie together or are torn: sets by name, with their supplies. */
  sets: ReadonlyMap<string, readonly string[]>;
  /** Places that belong to one home. */
  own: ReadonlySet<string>;
}

/** From how many lines on a home is split, and how many it has then. Our constants, no source. */
const LARGE = 14;
const CHUNK = 10;
/** Homes of at most this many lines and litres are tiny: joined as long as they stay small and are of few kinds. */
const TINY = { lines: 2, litres: 1.5, joined: 6, kinds: 2 } as const;
/** How alike in their uses two tiny homes are at the least to be joined, 0 to 1. */
const USED_TOGETHER = 0.75;
/** How many others, the most alike, a tiny home is tried with as a partner. */
const PARTNERS = 24;

/** What homes are made of. */
export const madeOfHomes = ({ approaches, plan }: Scene): [object, ...unknown[]] => [
  approaches,
  ...[plan.supplies, plan.homes, plan.zones, plan.aparts, plan.allotments, plan.keeps],
];

/** All homes of a plan, formed once for what they are made of. */
export const homesOf = onceFor(madeOfHomes, form);

/** Whether a place is kept for another home: odds and ends, a kit. By hand anything may be put there; no search does it. */
export function isAnothers(scene: Scene, supply: string, place: string): boolean {
  const { of, own } = homesOf(scene);
  return own.has(place) && of.get(supply)?.place !== place;
}

/** What is formed before homes have their ids and names. */
interface Draft {
  key: string;
  name: string;
  zone: ZoneOf | null;
  supplies: Supply[];
  set: boolean;
  row: Home | null;
  /** It may be split, or joined with others. */
  loose: boolean;
  /** What the shape of its things asks for, where that tells it from others of its kind. */
  family?: Family;
  place?: OwnPlace;
}

function form(scene: Scene): Homes {
  const { plan } = scene;
  const drafts = new Map<string, Draft>();
  const add = (key: string, supply: Supply, make: () => Omit<Draft, 'key' | 'supplies'>) => {
    let draft = drafts.get(key);
    if (!draft) drafts.set(key, (draft = { key, supplies: [], ...make() }));
    draft.supplies.push(supply);
  };
  for (const home of byName(plan.homes))
    drafts.set(home.id, {
      key: home.id,
      name: home.name,
      zone: zonesOf(scene).find((z) => z.id === home.zone) ?? null,
      supplies: [],
      set: home.set,
      row: home,
      loose: false,
    });
  const togethers = groupBy(Object.values(plan.supplies), (s) => s.together.toLowerCase() || undefined);
  for (const [name, list] of togethers) if (list.length < 2) togethers.delete(name);
  const kindKey = (s: Supply, zone: ZoneOf | null) => `${s.category.toLowerCase()} @${zone?.id ?? ''}`;
  const places = ownPlaces(plan);
  const apart = apartFrom(plan);
  const zones = new Map(Object.values(plan.supplies).map((s) => [s.id, zoneByUse(scene, s.id)]));
  for (const s of byName(plan.supplies)) {
    const zone = zones.get(s.id)!;
    if (s.home !== null && plan.homes[s.home]) {
      drafts.get(s.home)!.supplies.push(s);
      continue;
    }
    const place = ownPlaceOf(scene, places, s, zone?.id ?? null);
    const mates = place && drafts.get(`in ${place.id}`)?.supplies;
    // What the maker keeps apart is not in one box.
    if (place && !mates?.some((o) => apart.get(s.id)?.has(o.id))) {
      const own = { name: place.name, zone: null, set: false, row: null, loose: false, place };
      add(`in ${place.id}`, s, () => own);
      continue;
    }
    const together = togethers.get(s.together.toLowerCase());
    if (together) {
      const key = `set ${s.together.toLowerCase()}`;
      add(key, s, () => ({
        name: capital(s.together),
        zone: zoneOfAll(scene, together),
        set: true,
        row: null,
        loose: false,
      }));
      continue;
    }
    const way = wayOfSorting(scene, s);
    const sort = sortOf(scene, s);
    if (way !== 'home' && way !== 'quickest' && sort !== null) {
      add(sort.key, s, () => ({ name: capital(sort.words), zone: null, set: false, row: null, loose: false }));
      continue;
    }
    // What is away for most of the year, and what is retired, does not lie among what is in use.
    if (s.season !== '' && s.form !== 'machine') {
      add(`season ${s.season.toLowerCase()}`, s, () => ({
        name: capital(s.season),
        zone: null,
        set: false,
        row: null,
        loose: false,
      }));
      continue;
    }
    if (s.life === 'retired' && s.form !== 'machine') {
      add(`retired ${kindKey(s, zone)}`, s, () => ({
        name: `Old ${lower(nameOfKind(s, zone))}`,
        zone,
        set: false,
        row: null,
        loose: false,
      }));
      continue;
    }
    if (s.form === 'machine') {
      add(`machine ${s.id}`, s, () => ({ name: s.name, zone, set: false, row: null, loose: false }));
      continue;
    }
    const family = familyOf(s);
    add(`${kindKey(s, zone)} ${family}`, s, () => {
      return { name: nameOfKind(s, zone), zone, set: false, row: null, loose: true, family };
    });
  }
  const split = [...drafts.values()].flatMap((d) => (d.loose ? splitLarge(plan, d) : [d]));
  const joined = joinTiny(scene, split);
  const called = namesOfHomes(joined);
  const all: HomeOf[] = [];
  const of = new Map<string, HomeOf>();
  const spares = new Map<string, HomeOf>();
  for (const d of joined) {
    if (d.supplies.length === 0 && d.row === null) continue;
    const zone = d.row ? d.zone : (d.zone ?? zoneOfAll(scene, d.supplies));
    const kinds = kindsOf(d.supplies);
    const home: HomeOf = {
      ...{ id: d.key, row: d.row, zone: zone?.id ?? null, set: d.set, spares: false },
      name: called.get(d)!,
      supplies: d.supplies.map((s) => s.id),
      kinds,
      label: d.loose && kinds.length === 1 ? kinds[0]! : d.key,
      place: d.place?.id ?? null,
    };
    all.push(home);
    const spareOnes = d.row?.sparesWith ? [] : d.supplies.filter((s) => sparesOf(s) > 0).map((s) => s.id);
    for (const s of d.supplies) of.set(s.id, home);
    if (spareOnes.length === 0) continue;
    const own: HomeOf = {
      ...{ ...home, id: `${d.key} spares`, row: null, name: `Spare ${lower(home.name)}`, set: false, spares: true },
      supplies: spareOnes,
    };
    all.push(own);
    for (const id of spareOnes) spares.set(id, own);
  }
  const sets = new Map([...togethers].map(([, list]) => [list[0]!.together, list.map((s) => s.id)]));
  for (const h of all) if (h.row?.set && h.supplies.length > 1) sets.set(h.name, h.supplies);
  return { all, of, sparesOf: spares, sets, own: new Set(places.map((p) => p.id)) };
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** "Costume sewing" -> "sewing"; "Carving heads and painting" -> "carving": a word or two for a zone, within a name. */
function zoneWord({ name }: ZoneOf): string {
  const head = name.split(/,| and | for | of | with | on /)[0]!.trim();
  const words = head.split(/\s+/);
  return lower(words.find((w) => /ing$/i.test(w)) ?? words.at(-1)!);
}

/**
 * A name for each home that no other has: the largest of a kind is called by the kind alone, another one by what its shape asks
 * for, or by the work of its zone.
 */
function namesOfHomes(drafts: readonly Draft[]): Map<Draft, string> {
  const names = new Map<Draft, string>();
  const taken = new Set<string>();
  const give = (d: Draft, name: string) => {
    names.set(d, name);
    taken.add(name.toLowerCase());
  };
  for (const d of drafts) if (d.row !== null || d.place) give(d, d.name);
  const left = drafts.filter((d) => !names.has(d));
  left.sort((a, b) => b.supplies.length - a.supplies.length || (a.key < b.key ? -1 : 1));
  for (const d of left) {
    const shape = d.family ? FAMILY_WORDS[d.family] : '';
    const work = d.zone ? ` for ${zoneWord(d.zone)}` : ', not used';
    const all = [d.name, ...(shape === '' ? [] : [`${d.name}, ${shape}`]), `${d.name}${work}`];
    const free = all.find((name) => !taken.has(name.toLowerCase()));
    let last = free ?? `${all.at(-1)!}${shape === '' ? '' : `, ${shape}`}`;
    for (let n = 2; taken.has(last.toLowerCase()); n++) last = `${all.at(-1)!}, ${n}`;
    give(d, last);
  }
  return names;
}

function kindsOf(supplies: readonly Supply[]): string[] {
  const count = new Map<string, number>();
  for (const s of supplies) count.set(s.category.toLowerCase(), (count.get(s.category.toLowerCase()) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).map(([kind]) => kind);
}

/** The zone from which several supplies are fetched most. */
function zoneOfAll(scene: Scene, supplies: readonly Supply[]): ZoneOf | null {
  const weights = new Map<string, number>();
  for (const s of supplies)
    for (const use of usesOf(scene, s.id))
      for (const z of zonesOf(scene))
        if (z.activities.includes(use.activity)) weights.set(z.id, (weights.get(z.id) ?? 0) + use.fetches);
  let best: ZoneOf | null = null;
  for (const z of zonesOf(scene)) if ((weights.get(z.id) ?? 0) > (best ? weights.get(best.id)! : 0)) best = z;
  return best;
}

/** Longest edge from which a thing asks for another place than its kind, mm: longer than most drawers are deep. */
const LONG = 420;
const FAMILY_WORDS = {
  sheets: 'sheets',
  'large sheets': 'large',
  long: 'long',
  hung: 'on hangers',
  things: '',
} as const;
type Family = keyof typeof FAMILY_WORDS;

/** What a thing asks of the shape of its place: flat sheets, large ones, long pieces, a rail, or nothing special. */
function familyOf(s: Supply): Family {
  const longest = Math.max(s.length, s.width);
  const form: Form = s.form;
  if (form === 'hung') return 'hung';
  if (form === 'sheets') return longest > LONG ? 'large sheets' : 'sheets';
  if ((form === 'long' || form === 'rolls' || form === 'pieces') && longest > LONG) return 'long';
  return 'things';
}

function nameOfKind(s: Supply, zone: ZoneOf | null): string {
  if (s.category !== '') return capital(s.category);
  return zone ? `Other things for ${zoneWord(zone)}` : 'Other things';
}

/**
 * Parts of a large home: by what the room is put in order by, its colours, its makers or the alphabet; else by colour where most
 * have one, else by maker. One that is not large stays as it is.
 */
function splitLarge(plan: Plan, draft: Draft): Draft[] {
  const { supplies } = draft;
  if (supplies.length <= LARGE) return [draft];
  const { inside } = plan.meta.sorting;
  const most = (has: (s: Supply) => boolean) => supplies.filter(has).length >= MOSTLY * supplies.length;
  const [coloured, made] = [most((s) => s.colour !== ''), most((s) => s.collection !== '')];
  if (inside === 'alphabet')
    return inParts(
      draft,
      (a, b) => byWords(a.name, b.name),
      (s) => s.name,
      initial,
    );
  if (inside === 'maker' && made) return byMaker(draft);
  if (coloured)
    return inParts(
      draft,
      (a, b) => colourRank(plan, a.colour) - colourRank(plan, b.colour) || byWords(a.name, b.name),
      (s) => s.colour.toLowerCase(),
      colourWord,
    );
  return made ? byMaker(draft) : [draft];
}
/** So large a share has a colour, or a maker, where a home is split by it. Our constant, no source. */
const MOSTLY = 0.7;

const byWords = (a: string, b: string) => a.localeCompare(b, 'en');
const initial = (s: Supply) => s.name.trim().charAt(0).toUpperCase();
const byMaker = (draft: Draft) =>
  inParts(
    draft,
    (a, b) => byWords(a.collection, b.collection) || byWords(a.name, b.name),
    (s) => s.collection.toLowerCase(),
    (s) => s.collection || 'no maker',
  );

/** A home in parts along an order, each named from its first to its last. @param value what is not torn over two parts */
function inParts(
  draft: Draft,
  order: (a: Supply, b: Supply) => number,
  value: (s: Supply) => string,
  word: (s: Supply) => string,
): Draft[] {
  return chunks([...draft.supplies].sort(order), value).map((list, n) => {
    const [first, last] = [word(list[0]!), word(list.at(-1)!)];
    const words = first === last ? first : `${first} to ${last}`;
    return { ...draft, key: `${draft.key} ${n + 1}`, name: `${draft.name}, ${words}`, supplies: list };
  });
}

const colourWord = (s: Supply): string =>
  s.colour === '' ? 'no colour' : (RAINBOW[rainbowRank(s.colour)] ?? s.colour.toLowerCase());

/** A row cut into parts of about CHUNK lines, never within one value. */
function chunks(row: readonly Supply[], value: (s: Supply) => string): Supply[][] {
  const parts = Math.max(1, Math.round(row.length / CHUNK));
  const each = row.length / parts;
  const result: Supply[][] = [[]];
  row.forEach((s, i) => {
    const last = result.at(-1)!;
    if (last.length > 0 && i >= each * result.length - 0.5 && value(s) !== value(row[i - 1]!)) result.push([s]);
    else last.push(s);
  });
  return result;
}

/** Fetches a week of supplies by activity. */
function usesBy(scene: Scene, supplies: readonly Supply[]): Map<string, number> {
  const by = new Map<string, number>();
  for (const s of supplies)
    for (const use of usesOf(scene, s.id)) by.set(use.activity, (by.get(use.activity) ?? 0) + use.fetches);
  return by;
}

/** A tiny home, or several that were joined. */
interface Group {
  drafts: Draft[];
  lines: number;
  kinds: Set<string>;
  /** Fetches a week by activity. */
  uses: Map<string, number>;
  /** Of these as a vector. */
  length: number;
}

/** Whether it is small enough to be joined, and asks for no place of its own. */
function isTiny(d: Draft): boolean {
  const litres = d.supplies.reduce((sum, s) => sum + volume(s, s.count), 0);
  return (
    d.loose && d.supplies.length <= TINY.lines && litres <= TINY.litres && !/ hung$| large sheets$| long$/.test(d.key)
  );
}

/** What joined homes have in common: their zone, whether something in them is dangerous, and sheets or not. */
function bucketOf(d: Draft): string {
  const danger = d.supplies.some((s) =>
    s.traits.some((t) => ['flammable', 'hot', 'dusty', 'not for a child'].includes(t)),
  );
  return `${d.zone?.id ?? ''} ${danger} ${d.supplies[0]!.form === 'sheets'}`;
}

/** How alike the uses of two groups are, 0 to 1: the cosine of their fetches by activity. */
function alike(a: Group, b: Group): number {
  if (a.uses.size === 0 && b.uses.size === 0) return 1;
  let both = 0;
  for (const [activity, n] of a.uses) both += n * (b.uses.get(activity) ?? 0);
  return both / Math.max(1e-9, a.length * b.length);
}
const lengthOf = (uses: Group['uses']) => Math.sqrt([...uses.values()].reduce((n, x) => n + x * x, 0));

/**
 * Joins tiny homes of a zone that are used for the same work. Pairs are looked at once, the most alike first, and joined when
 * what they have come to by then is still small, of few kinds and alike: so a list of 1,000 kinds takes a moment.
 */
function joinTiny(scene: Scene, drafts: readonly Draft[]): Draft[] {
  const apart = apartFrom(scene.plan);
  const tiny = drafts.filter(isTiny);
  const buckets = groupBy(tiny.keys(), (i) => bucketOf(tiny[i]!));
  const groups = tiny.map((d): Group => {
    const uses = usesBy(scene, d.supplies);
    const kinds = new Set(kindsOf(d.supplies));
    return { drafts: [d], lines: d.supplies.length, kinds, uses, length: lengthOf(uses) };
  });
  const index = new Map(tiny.map((d, i) => [d, i]));
  const pairs: Array<{ i: number; j: number; by: number }> = [];
  for (const list of buckets.values())
    list.forEach((i, n) => {
      const near: typeof pairs = [];
      for (let m = n + 1; m < list.length; m++) {
        const by = alike(groups[i]!, groups[list[m]!]!);
        if (by >= USED_TOGETHER) near.push({ i, j: list[m]!, by });
      }
      pairs.push(...near.sort((a, b) => b.by - a.by || a.j - b.j).slice(0, PARTNERS));
    });
  pairs.sort((a, b) => b.by - a.by || a.i - b.i || a.j - b.j);
  const keptApart = (a: Group, b: Group) =>
    apart.size > 0 &&
    a.drafts.some((x) =>
      x.supplies.some((s) => b.drafts.some((y) => y.supplies.some((o) => apart.get(s.id)?.has(o.id)))),
    );
  for (const { i, j } of pairs) {
    const [a, b] = [groups[i]!, groups[j]!];
    if (a === b || a.lines + b.lines > TINY.joined) continue;
    let more = 0;
    for (const kind of b.kinds) if (!a.kinds.has(kind)) more++;
    if (a.kinds.size + more > TINY.kinds || alike(a, b) < USED_TOGETHER || keptApart(a, b)) continue;
    const uses = new Map(a.uses);
    for (const [activity, n] of b.uses) uses.set(activity, (uses.get(activity) ?? 0) + n);
    const made: Group = {
      drafts: [...a.drafts, ...b.drafts],
      lines: a.lines + b.lines,
      kinds: new Set([...a.kinds, ...b.kinds]),
      ...{ uses, length: lengthOf(uses) },
    };
    for (const d of made.drafts) groups[index.get(d)!] = made;
  }
  const isJoined = new Set(tiny);
  return [...drafts.filter((d) => !isJoined.has(d)), ...[...new Set(groups)].map(asOne)];
}

/** A group as one home, named by all of them. */
function asOne({ drafts: [first, ...more] }: Group): Draft {
  return more.reduce(
    (made, d) => ({
      ...made,
      key: `${made.key} + ${d.key}`,
      supplies: [...made.supplies, ...d.supplies],
      name: joinedName(made.name, d.name),
    }),
    first!,
  );
}

/** "Pins", "snips and chalk" -> "Pins, snips and chalk". */
function joinedName(a: string, b: string): string {
  const words = [...a.split(/, | and /), ...b.split(/, | and /)].map((w, i) =>
    i === 0 ? w : w.charAt(0).toLowerCase() + w.slice(1),
  );
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`;
}
