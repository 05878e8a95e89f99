/**
 * Ways of sorting: which sort a supply belongs to, where sorts stand in a row, and what it costs a week that the room
 * does not keep to it. The same figures for the solver and for the report.
 */
import { onceFor, remembered } from '../model/memo.ts';
import { byCompartment, type Compartment } from '../furniture/compartments.ts';
import { volume } from '../fit/fit.ts';
import { posesOf } from '../fit/poses.ts';
import { isMadeFor } from '../fit/limits.ts';
import type { Placement, Supply } from '../model/plan.ts';
import type { SortingWay } from '../model/sorting.ts';
import { stripSpan, wallsOf } from '../room/walls.ts';
import { compartmentId, fetchesAWeek, type Scene } from '../scene/scene.ts';
import { allottedTo } from '../zones/allotted.ts';
import { homesOf, madeOfHomes } from '../zones/homes.ts';
import { kinOf } from '../zones/kin.ts';
import { isAsked } from '../zones/sides.ts';
import { isCell, type NamedHome, namesOf, ownNamesOf } from '../zones/named.ts';
import { neighboursOf } from '../zones/neighbours.ts';
import { sortOf, wayOfSorting, type Sort } from '../zones/sortOrder.ts';
import type { Constants } from '../model/constants.ts';
import { usedInPlace } from './atWork.ts';
import { isKeptFor } from './keeps.ts';
import { keptFrom } from './wishes.ts';
import { guardsHands } from './hazards.ts';
import { isShown } from './rules.ts';

/** Ways in which the sorts stand in a row along the room. */
export const IN_LINE: ReadonlySet<SortingWay> = new Set(['colour', 'alphabet', 'size']);

/** A part of a supply, in use or spare. */
interface Part {
  supply: Supply;
  count: number;
  spare: boolean;
}

/** What a way of sorting asks of every supply and every place. */
export interface Wanted {
  sorts: ReadonlyMap<string, Sort>;
  /** Whether it weighs anything in which home a supply lies: not where nothing but the time counts. */
  sorted: (supply: string) => boolean;
  /** Seconds a week of a supply in a place for not being shown or hidden as it should, and for standing out of line. */
  shown: (supply: Supply, compartment: Compartment) => number;
  line: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week of a harmless thing among what is locked away; nothing where only the time counts. */
  lockedAway: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week of a thing that does not lie in a holder made for its kind, where there is one, or lies in one made for another. */
  holder: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week of a thing in a place that is wished to be another zone’s, or storage, or odds and ends’, or not where its home is wished. */
  given: (supply: Supply, compartment: Compartment) => number;
  /** Seconds a week that the room of a part is worth in a place within reach, free or not, so that what is seldom used leaves it. */
  rent: (part: Part, compartment: Compartment) => number;
  /** Names under which supplies belong together, with the supplies; only names that two share. */
  sets: ReadonlyMap<string, readonly string[]>;
}

/** What is fetched less often than this in a week is seldom used: storage is for that, and for spares. Common practice, no source. */
const SELDOM = 0.5;

/** What is locked away for its own sake. */
const LOCK_AWAY = ['not for a child', 'flammable'] as const;
/** What the plan's way of sorting asks; worked out once for a scene. */
export const wantedOf = onceFor(madeOfHomes, (scene: Scene): Wanted => {
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
  const { sets, of, own: another } = homesOf(scene);
  const made = new Map<string, ReadonlySet<string>>();
  const holders = (supply: Supply): ReadonlySet<string> => {
    let own = made.get(supply.id);
    if (!own) {
      const list = scene.compartments.filter(
        (c) =>
          c.only !== 'today' &&
          !another.has(c.id) &&
          (isMadeFor(supply, c) || (isLooseAndSharp(supply) && guardsHands(plan, c))) &&
          !scene.shut.has(c.id) &&
          posesOf(supply, c).length > 0,
      );
      made.set(supply.id, (own = new Set(list.map((c) => c.id))));
    }
    return own;
  };
  const keeps = new Map<string, ReadonlySet<string>>();
  const keptFor = (supply: Supply): ReadonlySet<string> =>
    remembered(keeps, supply.id, () => {
      const list = scene.compartments.filter((c) => isKeptFor(plan, supply, c) && posesOf(supply, c).length > 0);
      return new Set(list.map((c) => c.id));
    });
  const isKeptElsewhere = (supply: Supply, c: Compartment) => keptFor(supply).size > 0 && !keptFor(supply).has(c.id);
  const rates = new Map(scene.compartments.map((c) => [c.id, rentOf(scene, c)]));
  const isLocked = new Set(
    scene.compartments.flatMap((c) =>
      plan.units[c.unit]?.keyLocked || (c.container !== null && plan.containers[c.container]?.keyLocked) ? [c.id] : [],
    ),
  );
  const works = new Map<string, boolean>();
  const worksSomewhere = (supply: Supply): boolean =>
    supply.form === 'machine' &&
    wayOfSorting(scene, supply) !== 'quickest' &&
    fetchesAWeek(scene, supply.id) >= SELDOM &&
    remembered(works, supply.id, () => scene.compartments.some((c) => usedInPlace(scene, supply, c)));
  const wanted: Wanted = {
    sorts,
    sorted: (supply) => isSorted(scene, plan.supplies[supply]!),
    sets,
    shown: (supply, c) => {
      if (shown === 'as it comes') return 0;
      const should = shown === 'in view' || (shown === 'pretty in view' && supply.traits.includes('pretty'));
      return isShown(scene, c) === should ? 0 : constants.wrongShow;
    },
    given: (supply, c) => {
      const home = of.get(supply.id);
      const { as, zones, firm } = allottedTo(plan, c);
      const strange =
        as === 'zone'
          ? !firm && (!home || home.zone === null || !zones.includes(home.zone))
          : as === 'storage' && fetchesAWeek(scene, supply.id) >= SELDOM;
      const row = home?.row;
      // Odds and ends, and kits, have a place of their own.
      const outside = home !== undefined && home.place !== null && home.place !== c.id;
      const elsewhere =
        row != null &&
        row.unit !== null &&
        !row.firm &&
        (row.unit !== c.unit || (row.slot !== '' && row.slot !== c.slot));
      return (
        (strange ? constants.borrowed : 0) +
        (isKeptElsewhere(supply, c) ? constants.strangers : 0) +
        (outside ? constants.tangled : 0) +
        (elsewhere ? constants.wrongSide : 0) +
        (row != null && !isAsked(scene, row, c) ? constants.wrongSide : 0)
      );
    },
    holder: (supply, c) =>
      (worksSomewhere(supply) && !usedInPlace(scene, supply, c) ? AT_WORK * constants.ownHolder : 0) +
      ((holders(supply).size > 0 && !holders(supply).has(c.id)) || misused(scene, supply, c)
        ? constants.ownHolder * (isLooseAndSharp(supply) ? HURTS : 1)
        : 0),
    lockedAway: (supply, c) =>
      isLocked.has(c.id) &&
      wayOfSorting(scene, supply) !== 'quickest' &&
      !LOCK_AWAY.some((t) => supply.traits.includes(t)) &&
      keptFrom(plan, supply).length === 0
        ? constants.lockedUp
        : 0,
    rent: ({ supply, count, spare }, c) => {
      const rate = rates.get(c.id) ?? 0;
      if (rate === 0 || !wanted.sorted(supply.id)) return 0;
      const used = spare || supply.life === 'retired' ? 0 : fetchesAWeek(scene, supply.id);
      const idle = Math.max(0, 1 - used / SELDOM);
      return rate * (volume(supply, Math.min(count, supply.count)) + idle * IN_THE_WAY);
    },
    line: (supply, c) => {
      const sort = sorts.get(supply.id);
      const at = sort && inRow.get(sort.way)?.get(supply.id);
      return at === undefined || at === null ? 0 : constants.outOfLine * Math.abs(at - places.get(c.id)!);
    },
  };
  return wanted;
});

/** How much more it counts that a machine in use is put away, where it could stand at its work. Our constant, no source. */
const AT_WORK = 6;

/** Whether a divided place is made for something else: where order counts it rather stays empty. */
const misused = (scene: Scene, supply: Supply, c: Compartment): boolean =>
  c.parts !== undefined && wayOfSorting(scene, supply) !== 'quickest' && !isMadeFor(supply, c);

/** What a litre within reach of a seat is worth, seconds a week, by its ripple: about a fetch that is saved. Our constants, no source. */
const RENT: Readonly<Record<number, number>> = { 1: 2, 2: 2, 3: 1 };

/** What it counts besides, in litres, that spares and what is hardly ever used lie before what is in use. Our constant, no source. */
const IN_THE_WAY = 20;

/** What a litre of a place is worth: by the seat that is nearest to it. */
function rentOf(scene: Scene, c: Compartment): number {
  let nearest = 6;
  for (const s of scene.stations) nearest = Math.min(nearest, scene.approaches.get(s.id)?.get(c.id)?.ripple ?? 6);
  return RENT[nearest] ?? 0;
}

/** How much more it counts that what is sharp lies loose: a hand that reaches in gets hurt. Our constant, no source. */
const HURTS = 4;
const isLooseAndSharp = (s: Supply) => s.form === 'loose' && s.traits.includes('sharp') && s.count > 1;
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
  return ua - ub || byCompartment(a, b);
}

const lefts = onceFor(
  (scene: Scene) => [scene.approaches],
  ({ plan }: Scene) => {
    const walls = wallsOf(plan);
    return new Map(
      Object.values(plan.units).map((u, i) => [
        u.id,
        u.elsewhere !== null ? 1e9 + i : (stripSpan(u, walls)?.left ?? 1e8) + i * 1e-3,
      ]),
    );
  },
);
const leftOf = (scene: Scene, unit: string): number => lefts(scene).get(unit)!;

/** Whether its way of sorting says where a supply is at home. */
function isSorted(scene: Scene, supply: Supply): boolean {
  const way = wayOfSorting(scene, supply);
  return way === 'home' || (way !== 'quickest' && sortOf(scene, supply) !== null);
}

/** How far an arrangement is from the wished order. Minutes a week; numbers are counts. */
export interface Order {
  /** Lines that do not lie in the run where most of their home does, over all homes. */
  torn: number;
  /** Runs of neighbouring places beyond the first in which a home lies, over all homes. */
  furtherHomes: number;
  /** Homes beyond the first in a place, over all places. */
  mixed: number;
  /** Homes by which places hold too many to be named, and lines by which tables do. */
  tooMany: number;
  /** Pairs that belong together and do not lie together. */
  apart: number;
  /** Things that are hidden and should be seen, or the other way round. */
  wronglyShown: number;
  /** Harmless things that lie among what is locked away. */
  lockedUp: number;
  /** Things in places that are wished to be another zone’s or storage, or that are not where their home is wished. */
  strange: number;
  /** Places beyond the first of one thing, spares not counted. */
  furtherPlaces: number;
  /** What the room within reach that is taken is worth, minutes a week. */
  rent: number;
  /** What all of it weighs, minutes a week. */
  minutes: number;
  /** Each home with the pieces of furniture in which it lies. */
  sorts: Array<{ key: string; words: string; supplies: number; units: string[] }>;
}

/** How far placements are from the wished order. @param placements those of one arrangement */
export function orderOf(scene: Scene, placements: readonly Placement[]): Order {
  const { constants, plan } = scene;
  const wanted = wantedOf(scene);
  const places = new Map<string, Placement[]>();
  let [wronglyShown, lockedUp, strange, seconds, rent] = [0, 0, 0, 0, 0];
  const lying = placements.filter((p) => scene.compartment.has(compartmentId(p)));
  for (const p of lying) {
    const compartment = scene.compartment.get(compartmentId(p))!;
    const supply = plan.supplies[p.supply]!;
    rent += wanted.rent({ supply, count: p.count, spare: p.spare }, compartment);
    if (p.spare) continue;
    places.set(p.supply, [...(places.get(p.supply) ?? []), p]);
    const share = p.count / supply.count;
    const shown = wanted.shown(supply, compartment);
    if (shown > 0) wronglyShown++;
    const locked = wanted.lockedAway(supply, compartment);
    if (locked > 0) lockedUp++;
    const given = wanted.given(supply, compartment);
    if (given > 0) strange++;
    seconds +=
      (shown + locked + given + wanted.holder(supply, compartment) + wanted.line(supply, compartment)) *
      Math.min(1, share);
  }
  const named = namesOf(
    scene,
    lying.filter((p) => wanted.sorted(p.supply)),
  );
  const sum = <T>(list: Iterable<T>, of: (x: T) => number) => [...list].reduce((n, x) => n + of(x), 0);
  const homes = [...named.homes.values()];
  const furtherHomes = sum(homes, (h) => Math.max(0, h.runs.length - 1));
  const torn = sum(homes, (h) => h.lines - h.linesIn[0]!);
  const mixed = sum(named.places.values(), (p) => p.of.length - 1);
  const over = sum(named.places.values(), (p) => p.tooMany);
  const furtherPlaces = sum(places.values(), (list) => list.length - 1);
  const { apart, weight } = apartness(scene, wanted, places);
  const strayed = strayedKin(scene, wanted, places);
  seconds +=
    sum(homes, (h) => (h.home.set ? SET_WEIGHS : 1) * homeSeconds(constants, h)) +
    sum(named.places.values(), (p) => (p.of.length - 1) * mixedSeconds(constants, scene.compartment.get(p.id)!)) +
    over * constants.tangled +
    sum(named.places.values(), (p) => Math.max(0, p.zones - 1)) * constants.strangers +
    furtherPlaces * constants.split +
    weight * constants.apart +
    strayed * constants.homeExtra * KIN_WEIGHS;
  return {
    torn,
    furtherHomes,
    mixed,
    tooMany: over,
    apart,
    wronglyShown,
    lockedUp,
    strange,
    furtherPlaces,
    rent: rent / 60,
    minutes: (seconds + rent) / 60,
    sorts: homes
      .map(({ home, units }) => ({
        key: home.id,
        words: home.name,
        supplies: home.supplies.length,
        units: [...units].sort(),
      }))
      .sort((a, b) => b.units.length - a.units.length || a.words.localeCompare(b.words, 'en')),
  };
}

/** How much more it weighs that a set is torn than that another home is. Our constant, no source. */
export const SET_WEIGHS = 5;

/** What it weighs that a thing lies far from the largest home of its kind, beside a thing outside of its own. Our constant, no source. */
export const KIN_WEIGHS = 1;

/** What each line of a home outside of its main run, and of its two largest, each further run and each further place of it costs; s a week. */
export const homeCosts = (constants: Constants) => ({
  torn: constants.homeExtra / 2,
  far: constants.homeExtra,
  nameless: constants.tangled / 2,
  run: constants.homeExtra / 2,
  place: constants.homeExtra / 8,
});
function homeSeconds(constants: Constants, { home, lines, linesIn, runs, places }: NamedHome): number {
  const { torn, far, nameless, run, place } = homeCosts(constants);
  const away = lines - linesIn[0]!;
  const many = linesIn.slice(1).filter((n) => n > ownNamesOf(home)).length;
  return (
    many * nameless +
    away * torn +
    (away - (linesIn[1] ?? 0)) * far +
    (runs.length - 1) * run +
    (places.length - 1) * place
  );
}
/** What each further home in a place costs, s a week. */
export const mixedSeconds = (constants: Constants, c: Compartment): number => constants.mixed * (isCell(c) ? 3 : 1);

/**
 * Pairs of a set that do not lie together, each supply judged by its largest part. A pair weighs 1 over the number of
 * others in its set when it lies in two pieces of furniture, half of that in two places of one, a quarter in two neighbours.
 */
function apartness(scene: Scene, wanted: Wanted, places: ReadonlyMap<string, readonly Placement[]>) {
  let [apart, weight] = [0, 0];
  for (const ids of wanted.sets.values()) {
    const mains = ids.flatMap((id) => largestPart(places, id));
    mains.forEach((a, i) =>
      mains.slice(i + 1).forEach((b) => {
        const far = farApart(scene, a, b);
        if (far > 0) apart++;
        weight += far / (ids.length - 1);
      }),
    );
  }
  return { apart, weight };
}

/** How far from the largest home of their kind things of another home of it lie, in all: each 1 in another piece of furniture. */
function strayedKin(scene: Scene, wanted: Wanted, places: ReadonlyMap<string, readonly Placement[]>): number {
  let sum = 0;
  for (const [first, other] of kinOf(scene)) {
    if (!wanted.sorted(first) || !wanted.sorted(other)) continue;
    const [a, b] = [first, other].map((id) => largestPart(places, id)[0]);
    if (a && b) sum += farApart(scene, a, b);
  }
  return sum;
}

function largestPart(places: ReadonlyMap<string, readonly Placement[]>, supply: string): Placement[] {
  const list = places.get(supply) ?? [];
  return list.length === 0 ? [] : [list.reduce((a, b) => (b.count > a.count ? b : a))];
}

/** 1 in two pieces of furniture, half of that in two places of one, a quarter in two neighbours. */
function farApart(scene: Scene, a: Placement, b: Placement): number {
  const [at, to] = [compartmentId(a), compartmentId(b)];
  if (at === to) return 0;
  return a.unit !== b.unit ? 1 : neighboursOf(scene).get(at)!.includes(to) ? 0.25 : 0.5;
}
